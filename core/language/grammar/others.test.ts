import { openSession } from '../../brief/session';
import { csvTable } from '../../testing/tables';
import { readRequest } from '../read';
import { clearest } from './others';

const LOTS = `Lot,Owner,Hammer
101,K-04,260
102,K-04,95
103,K-11,
104,K-07,720
105,K-11,40
`;
const PAYOUTS = `Ref,Lot no,Paid,Owner
P-1,101,221,K-04
P-2,102,80.75,K-04
P-3,104,630,K-07
`;

test('tables that share a lot and its owner belong together by the lot', async () => {
  const { head } = await openSession(await csvTable(LOTS, 'lots'), [await csvTable(PAYOUTS, 'payouts')]);
  const said = (request: string): string => { const a = readRequest(request, head); return a.outcome === 'done' ? a.reading.sentences.join(' ') : a.message; };
  expect(said('lots that are not in payouts')).toBe('List each ‹Lot›; only where not (‹Lot› stands under ‹Lot no› in the table "payouts").');
  expect(said('keep lots that are not in payouts')).toBe('Keep rows where not (‹Lot› stands under ‹Lot no› in the table "payouts").');
  expect(said('bring in Paid from payouts')).toBe('Add ‹Paid› as the ‹Paid› in the table "payouts" where ‹Lot no› is ‹Lot›.');
});

test('of ties about as good only one by a key is clear', () => {
  const tie = (own: string, score: number, key = false) => ({ own, there: own, score, key });
  expect(clearest([tie('Lot', 1.3), tie('Owner', 1.1)])?.own).toBe('Lot');
  expect(clearest([tie('Owner', 1.25), tie('Lot', 1.2, true)])?.own).toBe('Lot');
  expect(clearest([tie('Owner', 1.25), tie('Lot', 1.2)])).toBeNull();
  expect(clearest([tie('Owner', 1.25, true), tie('Lot', 1.2, true)])).toBeNull();
  expect(clearest([])).toBeNull();
});
