import { openSession, tell } from '../../brief/session';
import { columnCells, csvTable } from '../../testing/tables';
import { told } from '../../testing/told';

const LOTS = 'Lot,Received,Paid,Days to pay\nL-1,2025-04-30,2025-05-06,14\nL-2,2025-01-31,,30\nL-3,,2025-02-03,7\n';

test.each([
  ['add Due, 30 days after received', 'Due', ['2025-05-30', '2025-03-02', null]],
  ['add Reminder: two weeks before received', 'Reminder', ['2025-04-16', '2025-01-17', null]],
  ['new column Due = received plus days to pay', 'Due', ['2025-05-14', '2025-03-02', null]],
  ['add Next, a month after received', 'Next', ['2025-05-30', '2025-02-28', null]],
  ['add Call, 3 working days after received', 'Call', ['2025-05-05', '2025-02-05', null]],
  ['move received back by 2 days', 'Received', null],
  ['push received back a week', 'Received', ['2025-05-07', '2025-02-07', null]],
  ['bring received forward by 2 days', 'Received', ['2025-04-28', '2025-01-29', null]],
  ['add 7 days to received', 'Received', ['2025-05-07', '2025-02-07', null]],
])('%s', async (request, name, cells) => {
  const { outcome, cells: of } = await told(LOTS, request);
  // Moved back is earlier to some and later to others.
  if (!cells) return expect(outcome).toBe('question');
  expect(await of(name)).toEqual(cells);
});

test('working days leave out the days of a table of holidays', async () => {
  const holidays = await csvTable('Day,Name\n2025-05-01,May day\n2025-05-05,Bee day\n', 'holidays');
  const session = await openSession(await csvTable(LOTS), [holidays]);
  const said = await tell(session, 'add Waiting, the working days from received to paid, leaving out the holidays');
  expect(said.session.entries.map((e) => e.sentence)).toEqual(['Add ‹Waiting› as the whole working days from ‹Received› to ‹Paid› leaving out ‹Day› of the table "holidays".']);
  expect(await columnCells(said.session.table, 'Waiting')).toEqual([2, null, null]);
});

test('without a table of holidays nothing is left out silently', async () => {
  const { outcome, sentences } = await told(LOTS, 'add Waiting, the working days from received to paid, leaving out the holidays');
  expect([outcome, sentences]).toEqual([expect.stringMatching(/cannot|question/), []]);
});
