import { beside } from '../testing/beside';

const TOOLS = 'Tool,Price\nDrill,80\nSaw,40\nSander,60\n';
const LOANS = 'Loan,Item,Borrower,Out,Fee,Qty\nL1,Drill,Nils,2026-06-01,6,1\nL2,Saw,Pia,2026-06-03,4,2\nL3,Drill,Pia,2026-06-09,5,1\nL4,Lathe,Nils,2026-06-10,9,1\n';
const INVOICES = 'Invoice,Total\nINV-1,100\nINV-2,50\nINV-3,70\nINV-4,20\n';
const PAYMENTS = 'Payment,Reference,Amount,Booked\nP1,INV-1,60,2026-05-01\nP2,INV-1,40,2026-05-04\nP3,INV-2,30,2026-05-02\nP4,INV-3,75,2026-05-06\n';

const column = async (csv: string, others: Readonly<Record<string, string>>, ...requests: string[]) => {
  const { session, cells } = await beside(csv, others, ...requests);
  return (await cells(session.head.columns.at(-1)!.name)).map((v) => (v === null ? '' : String(v)));
};
const first = async (csv: string, others: Readonly<Record<string, string>>, request: string) => {
  const { session, answer, chosen } = await beside(csv, others, request);
  return answer.outcome === 'done' ? chosen(session.head.columns[0]!.name) : answer.outcome;
};

describe('several rows of another table for one', () => {
  test.each([
    ['how often was each tool lent?', ['2', '1', '0']],
    ['number of loans', ['2', '1', '0']],
    ['total of fees each tool earned, 0 for none', ['11', '4', '0']],
    ['how many pieces were borrowed of each? none = 0', ['2', '2', '0']],
    ['date of the last loan', ['2026-06-09', '2026-06-03', '']],
    ['when was each tool first lent', ['2026-06-01', '2026-06-03', '']],
  ])('%s', async (request, cells) => expect(await column(TOOLS, { loans: LOANS }, request)).toEqual(cells));

  test.each([
    ['tools nobody ever borrowed', ['Sander']],
    ['keep tools that were lent more than once', ['Drill']],
    ['which tools have never been used', ['Sander']],
    ['tools with at least 1 loan', ['Drill', 'Saw']],
  ])('%s', async (request, cells) => expect(await first(TOOLS, { loans: LOANS }, request)).toEqual(cells));

  test.each([
    ['how much was paid on each invoice?', ['100', '30', '75', '']],
    ['what is still open per invoice', ['0', '20', '-5', '20']],
    ['label invoices idle if no payment, several if two or more, single otherwise', ['several', 'single', 'single', 'idle']],
  ])('%s', async (request, cells) => expect(await column(INVOICES, { payments: PAYMENTS }, request)).toEqual(cells));

  test('a table with one row for each of these is no matter of how many', async () => {
    expect((await beside(LOANS, { tools: TOOLS }, 'number of tools')).answer.outcome).not.toBe('done');
  });

  test('what is asked besides is not passed over', async () => {
    const { answer } = await beside(INVOICES, { payments: PAYMENTS }, 'add what was paid, and what the colour is');
    expect(answer.outcome).not.toBe('done');
  });
});

describe('values held against what another table says', () => {
  const ORDERS = 'Order,Plant,Charged\nB1,Mint,2\nB2,Thyme,3\nB3,Sage,4\nB4,Chives,1.9\n';
  const PLANTS = 'Name,List price\nMint,2\nThyme,2.2\nChives,1.5\n';

  test.each([
    ['compare charged with the list price: same if they are equal, near if they are at most 0.5 apart, far if they differ by more, missing if there is no list price', ['same', 'far', 'missing', 'near']],
    ['compare charged with the list price and say equal, over or missing', ['equal', 'over', 'missing', 'over']],
    ['full when charged equals the list price, dear when it\'s more, unknown if there\'s no such plant', ['full', 'dear', 'unknown', 'dear']],
  ])('%s', async (request, cells) => expect(await column(ORDERS, { plants: PLANTS }, request)).toEqual(cells));

  test('the rows that differ, with both values', async () => {
    const { session } = await beside(ORDERS, { plants: PLANTS }, 'show me the orders where charged differs from the list price, with both amounts');
    expect(session.answered?.rows).toEqual(expect.arrayContaining([['B2', 3, 2.2], ['B4', 1.9, 1.5]]));
  });

  test('under or over of what was paid is asked about where it may be said of either', async () => {
    const { answer } = await beside(INVOICES, { payments: PAYMENTS }, 'compare the total with the sum of the payments and say equal, under or over');
    expect(answer.outcome).not.toBe('done');
  });

  test('amounts are changed by a table of rates', async () => {
    expect(await column('Sum,Currency\n10,EUR\n20,SEK\n', { rates: 'Currency,Rate\nEUR,1\nSEK,0.1\n' }, 'convert the sum to euros with the rates table')).toEqual(['10', '2']);
  });
});
