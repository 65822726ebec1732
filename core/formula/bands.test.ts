import fc from 'fast-check';
import { beside } from '../testing/beside';

const LOTS = 'Lot,Flower,Moisture,Grade,Kg,Delivered\nL-1,Linden,16.2,A,4,2025-03-01\nL-2,Heather,17.5,A,12,2025-04-15\nL-3,Linden,19,A,5,2025-06-30\nL-4,Heather,21,C,40,2025-07-01\nL-5,Linden,,B,,\n';
const GRADES = 'From,To,Ends,Grade\n,17.5,to,A\n17.5,20,to,B\n20,,neither,C\n';
const RATES = 'Weight band,Rate\n0–5 kg,1.5\n5–10 kg,1.4\n10+,1.25\n';
const PRICES = 'Flower,Valid from,Valid to,Price\nLinden,2025-01-01,2025-03-31,5.5\nLinden,2025-04-01,2025-12-31,6\nHeather,2025-01-01,2025-06-30,7\nHeather,2025-07-01,,7.5\n';
const others = { norms: GRADES, rates: RATES, prices: PRICES };

test.each([
  ['Add ‹V› as the ‹Grade› in the table "norms" where ‹Moisture› lies from ‹From› to ‹To›, its ends as in ‹Ends›.', ['A', 'A', 'B', 'C', null]],
  ['Add ‹V› as the ‹Grade› in the table "norms" where ‹Moisture› lies from ‹From› to under ‹To›.', ['A', 'B', 'B', 'C', null]],
  ['Add ‹V› as the ‹Grade› in the table "norms" where ‹Moisture› lies over ‹From› to ‹To›.', ['A', 'A', 'B', 'C', null]],
  ['Add ‹V› as the ‹Rate› in the table "rates" where ‹Kg› lies within ‹Weight band›.', [1.5, 1.25, null, 1.25, null]],
  ['Add ‹V› as the ‹Price› in the table "prices" where ‹Delivered› lies from ‹Valid from› to ‹Valid to› and ‹Flower› is ‹Flower›.', [5.5, 7, 6, 7.5, null]],
  ['Add ‹V› as the ‹Price› in the table "prices" where ‹Delivered› lies from ‹Valid from› to the next and ‹Flower› is "Linden".', [5.5, 6, 6, 6, null]],
])('%s', async (sentence, cells) => expect(await (await beside(LOTS, others, sentence)).cells('V')).toEqual(cells));

test('a value that two bands hold, and one that none holds, are kinds that are looked at', async () => {
  const { kinds } = await beside(LOTS, { rates: 'From,To,Rate\n0,5,1.5\n5,10,1.4\n' }, 'Add ‹V› as the ‹Rate› in the table "rates" where ‹Kg› lies from ‹From› to ‹To›.');
  expect(kinds).toEqual({ several: 1, unmatched: 2, blank: 1, done: 1 });
});

test.each([
  ['Add ‹V› as the ‹Grade› in the table "norms" where ‹Moisture› lies from ‹Low› to ‹To›.', 'There is no column “Low” in the table “norms”.'],
  ['Add ‹V› as the ‹Price› in the table "prices" where ‹Lot› lies from ‹Valid from› to the next.', 'Lot'],
])('%s is refused', async (sentence, message) => {
  const { answer } = await beside(LOTS, others, sentence);
  expect(answer).toMatchObject({ outcome: 'cannot', message: expect.stringContaining(message) as string });
});

test('what the bands say is what a loop over all of them says', async () => {
  const end = fc.option(fc.integer({ min: 0, max: 9 }), { nil: null });
  const band = fc.tuple(end, end, fc.integer({ min: 1, max: 3 })).filter(([a, b]) => a !== null || b !== null);
  await fc.assert(fc.asyncProperty(fc.array(band, { minLength: 1, maxLength: 6 }), fc.array(fc.integer({ min: -1, max: 10 }), { minLength: 1, maxLength: 6 }), async (bands, values) => {
    const { cells } = await beside(`K,X\n${values.map((v, i) => `k${i},${v}`).join('\n')}\n`, { b: `A,B,V\n100,101,9\n${bands.map((r) => r.map((c) => c ?? '').join(',')).join('\n')}\n` }, 'Add ‹R› as the ‹V› in the table "b" where ‹X› lies from ‹A› to under ‹B›.');
    const said = values.map((v) => new Set(bands.flatMap(([a, b, r]) => ((a ?? -Infinity) <= v && v < (b ?? Infinity) ? [r] : []))));
    expect(await cells('R')).toEqual(said.map((s) => (s.size === 1 ? [...s][0]! : null)));
  }), { numRuns: 60 });
});
