import { csvTable } from '../../testing/tables';
import { rowCount } from '../../table/table';
import { checkPlan, readExact } from '../registry';
import { headWithGlances, runPlan } from '../run';
import { rowsBehind } from './behind';
import type { AskPlan } from './step';

const CSV = `Site,Day,Kg,Status\n${Array.from({ length: 40 }, (_, i) => `${['Teal', 'mill', 'Mill', ''][i % 4]},2025-0${(i % 3) + 3}-1${i % 2},${i % 5 ? i : ''},${i % 7 ? 'accepted' : 'rejected'}`).join('\n')}\n`;

test.each([
  'Answer ‹Rows› as the number of rows; for each ‹Site›.',
  'Answer ‹Total› as the sum of ‹Kg› over the rows; for each ‹Site›; and by ‹Month› as the month of ‹Day›.',
  'Answer ‹Rows› as the number of rows; for each ‹Day›; only where ‹Status› is "accepted".',
  'Answer ‹Rows› as the number of rows; for each ‹Kg›.',
  'Answer ‹Rows› as the number of rows; for each ‹Size› as if ‹Kg› is at least 20 then "large", otherwise "small".',
  'Answer ‹Rows› as the number of rows; only where ‹Status› is "rejected".',
])('%s: the sentence behind each line keeps as many rows as the line says', async (sentence) => {
  const table = await csvTable(CSV);
  const head = await headWithGlances(table);
  const plan = readExact(sentence) as AskPlan;
  const answer = (await runPlan(plan, table, head)).answer!;
  expect(answer.rows.length).toBeGreaterThan(0);
  for (const [i, row] of answer.rows.entries()) {
    const behind = rowsBehind(plan, row)!;
    expect(checkPlan(behind, head)).toEqual([]);
    expect(rowCount((await runPlan(behind, table, head)).table)).toBe(answer.members[i]);
  }
});

test('all rows are behind an answer about the whole table', () => expect(rowsBehind(readExact('Answer ‹Rows› as the number of rows.') as AskPlan, [12])).toBeNull());
