import { csvTable, columnCells } from '../testing/tables';
import { readExact } from '../steps/registry';
import { headWithGlances, runPlan } from '../steps/run';
import { workedRow } from './worked';

const trips = 'Trip,Planned,Actual,Back\n1,08:00,08:12,09:30\n2,22:30,22:25,06:15\n3,9.15 pm,,\n4,07:00,soon,08:00\n';

async function added(sentence: string) {
  const table = await csvTable(trips);
  const plan = readExact(sentence)!;
  const { table: after, report } = await runPlan(plan, table, await headWithGlances(table));
  return { cells: await columnCells(after, (plan as { name: string }).name), kinds: report.kinds.map((k) => k.key), table, plan };
}

test('minutes of the day give how late something was; earlier is below zero, what is no time is told', async () => {
  const { cells } = await added('Add ‹Late› as (the minute of the day of ‹Actual›) minus (the minute of the day of ‹Planned›).');
  expect(cells).toEqual([12, -5, null, null]);
});

test('from one time to another, past midnight', async () => {
  expect((await added('Add ‹Out› as the hours by the clock from ‹Planned› to ‹Back›.')).cells).toEqual([1.5, 7.75, null, 1]);
  expect((await added('Add ‹Out› as the minutes by the clock from ‹Planned› to ‹Back›.')).cells).toEqual([90, 465, null, 60]);
});

test('the card shows how it was worked out', async () => {
  const { table, plan } = await added('Add ‹Out› as the hours by the clock from ‹Planned› to ‹Back›.');
  expect(plan.step === 'calculate' && (await workedRow(plan.as, table, await headWithGlances(table), 1)).join(' ')).toContain('7.75');
});
