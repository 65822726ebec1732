import { beside } from '../../testing/beside';

const HOMES = 'Home,Holder,Q1 Paid\nH1,Ada Fern,30\nH2,Bim Oko,25\nH3,Tilda Voss,0\nH4,Lena Orr,7\n';
const READINGS = 'Reading,Home,Billed\nR1,H1,10\nR2,H1,20\nR3,H2,20\nR4,H2,4\n';
const answer = async (request: string): Promise<unknown> => (await beside(HOMES, { readings: READINGS }, request)).session.answered?.rows;

/* What the rows of another table come to, held against a column of this one. */
test.each<[string, readonly unknown[]]>([
  ['For each home add up everything that was billed in readings and hold it against Q1 Paid. Which homes paid a different total, even by a cent? Leave aside the ones without readings.', [['H2']]],
  ['compare Q1 Paid with the total billed in readings. Which homes differ?', [['H2'], ['H4']]],
  ['add up billed per home in readings and compare it with Q1 Paid: which homes do not agree?', [['H2'], ['H4']]],
  ['was there any home that has no reading? their holders please', [['Tilda Voss'], ['Lena Orr']]],
])('%s', async (request, rows) => expect(await answer(request)).toEqual(rows));

test('each is told what it came to', async () => {
  const { cells } = await beside(HOMES, { readings: READINGS }, 'sum billed per home in readings and compare it with Q1 Paid; label equal or different');
  expect(await cells('Q1 Paid label')).toEqual(['equal', 'different', 'equal', 'different']);
});
