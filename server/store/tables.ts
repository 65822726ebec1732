import { rowCount, type Table } from '../../core/table/table';
import { headOf, type Column, type ColumnType } from '../../core/table/column';
import { grown } from '../../core/table/grown';
import type { CheckedHead } from '../../core/formula/check';
import type { Glance } from '../../core/profile/glance';
import type { ColumnTotal } from '../../core/review/balance';
import type { StateColumn } from '../db/schema';
import { Told } from '../errors';
import { isStored, storedColumn, type Queryable, type StoredColumn } from './chunks';

/** A stored version of a table, ready to be read. */
export interface StoredState {
  readonly id: number;
  readonly sourceId: number;
  readonly workspaceId: number;
  readonly table: Table;
  readonly totals: readonly ColumnTotal[];
}

/** Positions as they are stored. */
export const positionsOf = (bytes: Buffer): Uint32Array => new Uint32Array(bytes.buffer.slice(bytes.byteOffset, bytes.byteOffset + bytes.byteLength));
export const bytesOf = (list: Uint32Array): Buffer => Buffer.from(list.buffer, list.byteOffset, list.byteLength);

const MOST_STATES = 24;
const holder = globalThis as { kulfiStates?: Map<number, StoredState> };
const states = (): Map<number, StoredState> => (holder.kulfiStates ??= new Map());

/** A version of a table by its id. Versions never change, so the newest used ones are kept in memory. */
export async function loadState(db: Queryable, id: number): Promise<StoredState> {
  const hit = states().get(id);
  if (hit) {
    states().delete(id);
    states().set(id, hit);
    return hit;
  }
  const { rows } = await db.query<{ source_id: number; workspace_id: number; columns: StateColumn[]; size: number; rows: Buffer | null; origins: Buffer | null; totals: ColumnTotal[]; name: string }>(
    'select s.source_id, o.workspace_id, s.columns, s.size, s.rows, s.origins, s.totals, o.name from states s join sources o on o.id = s.source_id where s.id = $1',
    [id],
  );
  const row = rows[0];
  if (!row) throw new Told('There is no such version of a table here.', 404, 'gone');
  const list = row.rows && positionsOf(row.rows);
  const origins = row.origins ? { origins: positionsOf(row.origins) } : {};
  const columns = row.columns.map((c): Column => {
    const column: StoredColumn = { ...storedColumn(db, headOf({ ...c, type: c.type as ColumnType }), c.columnId), columnId: c.columnId };
    return c.cells === undefined ? column : grown(column, c.cells, { size: row.size, ...origins });
  });
  const state: StoredState = { id, sourceId: row.source_id, workspaceId: row.workspace_id, table: { name: row.name, columns, size: row.size, rows: list, ...origins }, totals: row.totals };
  states().set(id, state);
  if (states().size > MOST_STATES) states().delete(states().keys().next().value!);
  return state;
}

/** Lets go of what is kept in memory of a workspace that is removed. */
export function forgetStates(workspaceId: number): void {
  for (const [id, state] of states()) if (state.workspaceId === workspaceId) states().delete(id);
}

/** A version of a table with the key of its workspace, for making masks. The key is never kept: it may be thrown away. */
export async function keyed(db: Queryable, { sourceId, table }: StoredState): Promise<Table> {
  const { rows } = await db.query<{ mask_key: string | null }>('select w.mask_key from workspaces w join sources o on o.workspace_id = w.id where o.id = $1', [sourceId]);
  const key = rows[0]?.mask_key;
  return key ? { ...table, key } : table;
}

/** Writes a version of a table whose columns are all stored; gives its id. */
export async function saveState(db: Queryable, sourceId: number, table: Table, totals: readonly ColumnTotal[]): Promise<number> {
  const columns = table.columns.map((c): StateColumn => {
    if (!isStored(c)) throw new Error(`Column “${c.name}” was not stored.`);
    return { ...headOf(c), columnId: c.columnId, ...(c.own ? { cells: c.own.cells } : {}) };
  });
  const list = table.rows && bytesOf(table.rows);
  const { rows } = await db.query<{ id: number }>('insert into states (source_id, columns, size, row_count, rows, origins, totals) values ($1, $2, $3, $4, $5, $6, $7) returning id', [
    sourceId, JSON.stringify(columns), table.size, rowCount(table), list, table.origins ? bytesOf(table.origins) : null, JSON.stringify(totals),
  ]);
  return rows[0]!.id;
}

/** The head of a stored version with the glances of its columns. Glances are of the column as it was made. */
export async function headOfState(db: Queryable, state: StoredState): Promise<CheckedHead> {
  const ids = state.table.columns.map((c) => (c as StoredColumn).columnId);
  const { rows } = await db.query<{ id: number; glance: Glance | null }>('select id, glance from columns where id = any($1)', [ids]);
  const byId = new Map(rows.map((r) => [r.id, r.glance]));
  const glances = new Map<string, Glance>();
  state.table.columns.forEach((c, i) => {
    const glance = byId.get(ids[i]!);
    if (glance) glances.set(c.name, glance);
  });
  return { name: state.table.name, columns: state.table.columns.map(headOf), glances };
}
