import { told } from '../../testing/told';

const CALLS = `Call,Received,Severity,Handler,Closed
C1,2026-01-08,3,Moss,2026-01-15
C2,2026-01-12,4,Adeyo,2026-01-13
C3,2026-01-05,4,Moss,
C4,2026-02-01,,Lund,2026-02-03
C5,2026-01-20,3,Adeyo,
`;

/* Several keys, each with its own direction; 'older' is said of days, whatever the column before. */
test.each<[string, readonly string[]]>([
  ['order the calls: highest severity on top, the older one first when it is the same', ['C3', 'C2', 'C1', 'C5', 'C4']],
  ['worst severity first, then by date received; empty severities last', ['C3', 'C2', 'C1', 'C5', 'C4']],
  ['worst severity first and within the same severity by received, newest first', ['C2', 'C3', 'C5', 'C1', 'C4']],
  ['sort by severity high to low then received old to new', ['C3', 'C2', 'C1', 'C5', 'C4']],
  ['sort by handler, the newest first', ['C5', 'C2', 'C4', 'C1', 'C3']],
  ['sort by handler, and inside each handler from the highest severity to the lowest; those without severity last', ['C2', 'C5', 'C4', 'C3', 'C1']],
  ['sort from the lowest severity to the highest', ['C1', 'C5', 'C2', 'C3', 'C4']],
  ['sort by received new to old', ['C4', 'C5', 'C2', 'C1', 'C3']],
])('%s', async (request, calls) => {
  const { cells, text } = await told(CALLS, request);
  expect([text, await cells('Call')]).toEqual(['', calls]);
});

test('a day that is older turns no order of numbers round', async () => {
  expect((await told(CALLS, 'sort by severity', 'the oldest first')).sentences.join(' ')).not.toBe('Sort by ‹Severity› from high to low.');
});
