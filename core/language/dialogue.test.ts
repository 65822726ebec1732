import { openSession, tell, type Session } from '../brief/session';
import { csvTable } from '../testing/tables';
import { EXAMPLE_TABLE } from './examples';

/** What the last of some requests, said one after another, comes to: the sentences kept then, or the answer's outcome. */
async function said(...requests: readonly string[]): Promise<readonly string[] | string> {
  let session: Session = await openSession(await csvTable(`${EXAMPLE_TABLE}L-206,2025-05-18,Ines Vale,3 - Heath,Heather,12,4,17%,€8.00,Orin Deli,96.00,accepted\n`, 'deliveries'));
  let outcome = '';
  let sentences: readonly string[] = [];
  for (const request of requests) {
    const told = await tell(session, request);
    outcome = told.answer.outcome;
    sentences = told.answer.outcome === 'done' ? told.answer.reading.sentences : [];
    session = told.session;
  }
  return outcome === 'done' ? sentences : outcome;
}

test.each<[readonly string[], readonly string[]]>([
  [['keep the accepted lots', 'and the ones on hold'], ['Keep rows where ‹Status› is "accepted" or "on hold".']],
  [['keep lots over 30 kg', 'make it 40'], ['Keep rows where ‹Kg› is more than 40.']],
  [['keep lots over 30 kg', 'at least 40'], ['Keep rows where ‹Kg› is at least 40.']],
  [['sort by kg', 'the other way round'], ['Sort by ‹Kg› from high to low.']],
  [['sort by honey', 'and then by kg'], ['Sort by ‹Honey› and ‹Kg›.']],
  [['remove duplicates by buyer', 'keep the last one'], ['Keep the last row of each ‹Buyer›.']],
  [['remove duplicates by buyer', 'keep the fullest one'], ['Keep the fullest row of each ‹Buyer›.']],
  [['standardise the buyers', 'leave Orin Deli as it is'], ['Standardise ‹Buyer›, leaving "Orin Deli" as it is.']],
  [['rank by kg', 'within each honey'], ['Add ‹Rank by Kg› as the rank, highest first, of ‹Kg› for each ‹Honey›.']],
  [['total kg per honey', 'and the average too'], ['Answer ‹Total Kg› as the sum of ‹Kg› over the rows; and ‹Average Kg› as the mean of ‹Kg› over the rows; for each ‹Honey›.']],
  [['fill blank kg with the mean', 'for each honey'], ['Fill blanks in ‹Kg› with the mean for each ‹Honey›.']],
  [['flag outliers in kg', 'by 3 standard deviations'], ['Add ‹Kg outlier› as if ‹Kg› lies more than 3 standard deviations outside then "outlier", otherwise blank.']],
  [['split hive site at the dash', 'call them Hive and Site'], ['Split ‹Hive site› at "-" into ‹Hive› and ‹Site›.']],
  [['amount due divided by kg', 'name it Cost per kilo'], ['Add ‹Cost per kilo› as ‹Amount due› divided by ‹Kg›.']],
  [['amount due divided by kg', 'blank where kg is zero'], ['Add ‹Amount due per Kg› as ‹Amount due› divided by ‹Kg›.']],
  [['top 3 by kg', '2 instead'], ['Keep 2 rows with the highest ‹Kg›.']],
  [['average kg per honey', 'median instead'], ['Answer ‹Median Kg› as the median of ‹Kg› over the rows; for each ‹Honey›.']],
  [['drop the moisture column', 'undo', 'I meant the buyer'], ['Drop ‹Buyer›.']],
  [['keep the accepted lots', 'undo that', 'I meant the ones on hold'], ['Keep rows where ‹Status› is "on hold".']],
  [['lower case in status', 'undo', 'sort by kg'], ['Sort by ‹Kg›.']],
  [['drop the moisture column', 'no, I meant the buyer'], ['Drop ‹Buyer›.']],
  [['total kg per honey', 'only the accepted ones'], ['Answer ‹Total Kg› as the sum of ‹Kg› over the rows; for each ‹Honey›; only where ‹Status› is "accepted".']],
])('%j', async (requests, sentences) => expect(await said(...requests)).toEqual(sentences));

test('a new request after a kept one is a new one, not a change to it', async () => {
  expect(await said('keep lots over 30 kg', 'keep the accepted lots')).toEqual(['Keep rows where ‹Status› is "accepted".']);
  expect(await said('remove duplicates by buyer', 'keep lots over 30 kg')).toEqual(['Keep rows where ‹Kg› is more than 30.']);
  expect(await said('standardise the buyers', 'keep the accepted lots')).toEqual(['Keep rows where ‹Status› is "accepted".']);
});

test('keeping by a value that the rows kept before do not have is not done', async () => {
  expect(await said('keep acacia', 'no, only heather')).not.toEqual(['Keep rows where ‹Honey› is "Acacia".', 'Keep rows where ‹Honey› is "Heather".']);
});

describe('a calculation of one’s own', () => {
  const LOTS = 'Lot,Site,Gross kg,Crate kg,Paid\nL-1,Teal,42.5,3.1,399.5\nL-2,Mill,61,3.1,475.8\nL-3,Teal,28.4,2.9,244.24\n';
  test('is named in words, used by its name in any later sentence, and stands in the brief', async () => {
    let session = await openSession(await csvTable(LOTS));
    const said: string[] = [];
    for (const request of ['let net weight mean gross kg minus crate kg', 'keep lots where net weight is more than 30', 'add net weight', 'add a column Per kilo: paid divided by net weight, 2 decimals']) {
      const told = await tell(session, request);
      said.push(told.answer.outcome === 'done' ? told.answer.reading.sentences.join(' ') : told.answer.outcome);
      session = told.session;
    }
    expect(said).toEqual(['Let ‹net weight› mean ‹Gross kg› minus ‹Crate kg›.', 'Keep rows where ‹Gross kg› minus ‹Crate kg› is more than 30.', 'Add ‹Net weight› as ‹Gross kg› minus ‹Crate kg›.', 'Add ‹Per kilo› as ‹Paid› divided by ‹Net weight› rounded to 2 decimals.']);
    expect(session.entries).toHaveLength(4);
  });
  test('cannot take the name of a column', async () => {
    const { answer } = await tell(await openSession(await csvTable(LOTS)), 'Let ‹Paid› mean ‹Gross kg› minus ‹Crate kg›.');
    expect(answer).toMatchObject({ outcome: 'cannot', message: expect.stringContaining('There is a column “Paid” already') });
  });
});
