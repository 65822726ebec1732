import { told } from '../testing/told';

const LOANS = 'Loan,Tool,Owner,Size,Out,Back,Fee,Qty\n1,Drill,Nils Aar,9 cm,2026-06-01,2026-06-04,6,2\n2,Saw,Pia Holt,1 L,2026-06-06,2026-06-12,14,1\n3,Drill,Pia Holt,2 L,2026-06-09,,4,3\n';
const sentences = async (...requests: string[]) => (await told(LOANS, ...requests)).session.entries.map((e) => e.sentence);

describe('what is said afterwards changes what was done', () => {
  test.each<[string[], string[]]>([
    [['add fee plus qty', 'divide it by the qty'], ['Add ‹Fee plus Qty› as (‹Fee› plus ‹Qty›) divided by ‹Qty›.']],
    [['keep the drills', 'and the saws', 'no, just the drills'], ['Keep rows where ‹Tool› is "Drill".']],
    [['first two letters of the tool in capitals, call it Code'], ['Add ‹Code› as (the first 2 characters of ‹Tool›) in capitals.']],
  ])('%j', async (requests, expected) => expect(await sentences(...requests)).toEqual(expected));
});

test('a group said afterwards as well is one more', async () => {
  expect((await told(LOANS, 'average fee per tool', 'by owner as well')).sentences).toEqual(['Answer ‹Average Fee› as the mean of ‹Fee› over the rows; for each ‹Tool›; and by ‹Owner›.']);
});

describe('one sentence, or two, for a request', () => {
  test.each([
    ['running total of fee in the order they were out', 'Add ‹Running total of Fee› as the running total of ‹Fee›, in the order of ‹Out›.'],
    ['back within 5 days of out', 'Keep rows where (the whole days from ‹Out› to ‹Back›) is at most 5.'],
    ['everything out after the 6th', 'Keep rows where ‹Out› is more than the date "2026-06-06".'],
    ['check that back is never before out', 'Check that not (‹Back› is less than ‹Out›).'],
    ['fee group: low (under 5), middle and high (10 and more)', 'Add ‹Fee group› as if ‹Fee› is less than 5 then "low", if ‹Fee› is at least 5 and ‹Fee› is less than 10 then "middle", if ‹Fee› is at least 10 then "high", otherwise blank.'],
    ['number of qty times 12', 'Add ‹Qty times 12› as ‹Qty› times 12.'],
  ])('%s', async (request, expected) => expect((await told(LOANS, request)).sentences.join(' ')).toBe(expected));

  test('amounts that measure different things are no numbers to add up', async () => expect((await told(LOANS, 'total size')).outcome).not.toBe('done'));
});
