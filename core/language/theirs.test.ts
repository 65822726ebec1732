import { beside } from '../testing/beside';

const ORDERS = 'Order,Plant,Unit price,Qty\nB1,Mint,2,4\nB2,Thyme,2.5,6\nB3,Sage,3,1\nB4,Mint,2.5,2\n';
const PLANTS = 'Name,Family,List price\nMint,Herb,2\nThyme,Shrub,2.2\nChives,Bulb,1.9\n';
const said = async (...requests: string[]) => { const { session, answer } = await beside(ORDERS, { plants: PLANTS }, ...requests); return answer.outcome === 'done' ? session.entries.map((e) => e.sentence) : answer.outcome; };

const LIST = 'the ‹List price› in the table "plants" where ‹Name› is ‹Plant›';
const FAMILY = 'the ‹Family› in the table "plants" where ‹Name› is ‹Plant›';

describe('a column that only another table has needs no table to be named', () => {
  test.each([
    ['look up every plant\'s list price', `Add ‹List price› as ${LIST}.`],
    ['difference between unit price and list price', `Add ‹Unit price minus List price› as ‹Unit price› minus (${LIST}).`],
    ['only orders whose unit price is not the list price', `Keep rows where ‹Unit price› differs from (${LIST}).`],
    ['bring over the family, "none" where the plant isn\'t found', `Add ‹Family› as (${FAMILY}), or "none" where it is blank.`],
    ['only shrub plants', `Keep rows where (${FAMILY}) is "Shrub".`],
    ['keep the orders that aren\'t in the plants table', 'Keep rows where not (‹Plant› stands under ‹Name› in the table "plants").'],
  ])('%s', async (request, sentence) => expect(await said(request)).toEqual([sentence]));

  test('a question is answered by groups of another table', async () => {
    const { session } = await beside(ORDERS, { plants: PLANTS }, 'total qty per family');
    expect(session.answered?.rows).toEqual([['Herb', 6], ['Shrub', 6], [null, 1]]);
  });

  test('where the other table has several values for a key, none is taken without a word', async () => {
    const { answer } = await beside('Plant\nMint\nThyme\n', { orders: ORDERS }, 'add the unit price');
    expect(answer.outcome).not.toBe('done');
  });

  test('a name that this table has too is the one here', async () => expect(await said('double the unit price')).not.toContain('plants'));
});

test('what is paid or measured ties no tables, even where the amounts are the same', async () => {
  const { answer, session } = await beside('Order,Price\nA,2.5\nB,3.5\n', { fees: 'Fee,Price\nlow,2.5\nhigh,3.5\n' }, 'add the fee from fees');
  expect([answer.outcome, session.entries]).toEqual(['cannot', []]);
});

test('days tie no tables that a key ties: not the last one, brought over before', async () => {
  const CRATES = 'Crate,Jars\nCR-1,12\nCR-2,9\nCR-3,6\n';
  const RETURNS = 'Slip,Crate no,Came back,Jars broken\nS1,CR-1,2026-05-01,3\nS2,CR-3,2026-05-02,1\nS3,CR-1,2026-05-20,2\n';
  const { session } = await beside(CRATES, { returns: RETURNS }, 'date of the last return', 'jars left: jars minus jars broken');
  expect(session.entries.map((e) => e.sentence).join(' ')).not.toContain('where ‹Came back› is');
});
