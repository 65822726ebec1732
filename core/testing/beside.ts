import { openSession, tell, type Session } from '../brief/session';
import { columnCells, csvTable } from './tables';

/** A table with others beside it, after some requests: the session, the last answer, the rows of each kind of the last sentence, its cells, and the rows chosen, by a column: those an answer lists, or else those that are left. */
export async function beside(table: string, others: Readonly<Record<string, string>>, ...requests: readonly string[]) {
  let session: Session = await openSession(await csvTable(table), await Promise.all(Object.entries(others).map(([name, csv]) => csvTable(csv, name))));
  let answer: Awaited<ReturnType<typeof tell>>['answer'] | null = null;
  for (const request of requests) ({ session, answer } = await tell(session, request));
  return { session, answer: answer!, kinds: Object.fromEntries((session.entries.at(-1)?.report.kinds ?? []).map((k) => [k.key, k.rows])), cells: (name: string) => columnCells(session.table, name), chosen: async (name: string) => session.answered?.rows.map(([key]) => key) ?? (await columnCells(session.table, name)) };
}
