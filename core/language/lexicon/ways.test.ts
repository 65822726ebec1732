import fc from 'fast-check';
import { beside } from '../../testing/beside';
import { crossed } from './crossed';
import { BLANKS_STAY, BOTH_ENDS, CAPITALS, DAY_LEADS_IT, FIRST_STAYS, OTHERS_GONE, TO_GO } from './ways';

const LOTS = 'Lot,Buyer,Day,Kg,State\nL-1,ada  fern,03/04/2026,10 kg,sold\nL-2,BEN oko,2026-04-09,7 kg,open\nL-3,ada  fern,03/04/2026,,cancelled\n';
const sentences = async (request: string): Promise<readonly string[]> => (await beside(LOTS, {}, request)).session.entries.map((e) => e.sentence);

test('phrases of lists are put one behind the other, and an empty one leaves its place out', () => expect(crossed('a|the|', 'rest', 'goes|')).toBe('a rest goes|a rest|the rest goes|the rest|rest goes|rest'));

/* Every way to say a thing says just that, wherever it may stand. */
test.each<[string, string, (way: string) => string, readonly string[]]>([
  ['that the others are not wanted', OTHERS_GONE, (way) => `keep the two heaviest lots by kg, ${way}`, ['Keep 2 rows with the highest ‹Kg›.']],
  ['that rows are to go', TO_GO, (way) => `the cancelled ones ${way}`, ['Set aside rows where ‹State› is "cancelled".']],
  ['that words begin with capitals', CAPITALS, (way) => `buyer: ${way.replaceAll('=', '')}`, ['In ‹Buyer›, write in title case.']],
  ['that the day stands first', DAY_LEADS_IT, (way) => `turn day into dates, ${way}`, ['Turn ‹Day› into dates, the day before the month.']],
  ['that both ends belong to it', BOTH_ENDS, (way) => `lots from 3 to 9 April 2026, ${way}`, ['Keep rows where ‹Day› is at least the date "2026-04-03" and ‹Day› is at most the date "2026-04-09".']],
  ['that the first one stays', FIRST_STAYS, (way) => `some lots are in here twice (same buyer, same day), ${way}`, ['Keep the first row of each ‹Buyer› and ‹Day›.']],
  ['that blanks stay', BLANKS_STAY, (way) => `turn kg into numbers, ${way}`, ['Turn ‹Kg› into numbers.']],
])('%s', (_what, ways, request, plan) => fc.assert(fc.asyncProperty(fc.constantFrom(...ways.split('|')), async (way) => expect(await sentences(request(way))).toEqual(plan)), { numRuns: 12 }));
