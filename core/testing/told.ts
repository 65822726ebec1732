import { openSession, tell, type Session } from '../brief/session';
import type { CellValue } from '../values/cell';
import type { Table } from '../table/table';
import { columnCells, csvTable } from './tables';

/** What came of a request: the sentences it was carried out by, or the words of a question or refusal. */
export interface Told {
  readonly outcome: string;
  readonly sentences: readonly string[];
  readonly text: string;
  readonly session: Session;
  /** Rows of each kind of the last sentence, by its key. */
  readonly kinds: Readonly<Record<string, number>>;
  cells(column: string): Promise<CellValue[]>;
}

/** Says requests one after the other to a table (as CSV text, or as it is), and tells what came of the last one. */
export async function told(table: string | Table, ...requests: readonly string[]): Promise<Told> {
  let session = await openSession(typeof table === 'string' ? await csvTable(table) : table);
  let last: Awaited<ReturnType<typeof tell>>['answer'] | null = null;
  for (const request of requests) ({ answer: last, session } = await tell(session, request));
  const kinds = Object.fromEntries((session.entries.at(-1)?.report.kinds ?? []).filter((k) => k.rows > 0).map((k) => [k.key, k.rows]));
  return { outcome: last?.outcome ?? 'done', sentences: last?.outcome === 'done' ? last.reading.sentences : [], text: last && 'message' in last ? last.message : '', session, kinds, cells: (column) => columnCells(session.table, column) };
}
