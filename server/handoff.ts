import { PassThrough, Readable, Writable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import ExcelJS from 'exceljs';
import pg from 'pg';
import { from as copyFrom } from 'pg-copy-streams';
import { recordMarkdown } from '../core/brief/record';
import { cellBatches } from '../core/formats/write';
import { MISFIT, type ColumnHead, type ColumnType } from '../core/table/column';
import type { DateLook } from '../core/table/look';
import { definitionOf } from '../core/steps/registry';
import { writtenBy } from '../core/steps/step';
import { eachChunk, rowCount, withoutHidden, type Table } from '../core/table/table';
import { uniqueName } from '../core/values/names';
import { getConfig } from './config';
import { pool } from './db/client';
import { Told } from './errors';
import { headFor, type EntryRow } from './revise';
import { recordOf } from './record';
import { letOut } from './review';
import { coverOf, shownAs } from './covering';
import { loadState } from './store/tables';
import { sourceOf } from './uploads';
import { tableNow } from './workspaces';

/** What an Office Open XML sheet can hold. */
const MOST_SHEET_ROWS = 1_048_575;
const MOST_SHEET_COLUMNS = 16_384;
const MOST_CELL = 32_767;

const formatOf = (type: ColumnType, scale: number | null): string | undefined =>
  type === 'date' ? 'yyyy-mm-dd' : type === 'datetime' ? 'yyyy-mm-dd hh:mm:ss' : type === 'whole' ? '0' : type === 'decimal' && scale !== null && scale > 0 ? `0.${'0'.repeat(Math.min(scale, 9))}` : undefined;

/** Dates of a look as format codes of ECMA-376. */
const DATE_CODES: Readonly<Record<DateLook, string>> = {
  'day month year': 'd mmmm yyyy', 'weekday day month year': 'dddd d mmmm yyyy', 'month year': 'mmmm yyyy', 'day/month/year': 'dd/mm/yyyy', 'day.month.year': 'dd.mm.yyyy', 'month/day/year': 'mm/dd/yyyy', 'year-month-day': 'yyyy-mm-dd',
};

/** A column's cells as a workbook shows them: as its look says, else by its type. */
function codeOf({ type, scale, look }: ColumnHead): string | undefined {
  if (!look) return formatOf(type, scale);
  if (look.date) return `${DATE_CODES[look.date]}${type === 'datetime' ? ' hh:mm' : ''}`;
  const places = look.decimals ?? (look.percent ? Math.max(0, (scale ?? 4) - 2) : (scale ?? 6));
  const figure = `${look.thousands ? '#,##0' : '0'}${places > 0 ? `.${(look.decimals === undefined && scale === null ? '#' : '0').repeat(Math.min(places, 15))}` : ''}${look.percent ? '%' : ''}`;
  const sign = look.sign && `"${look.sign.text.replace(/"/g, '')}"`;
  const whole = sign === undefined ? figure : look.sign!.side === 'front' ? `${sign}${figure}` : `${figure} ${sign}`;
  return look.brackets ? `${whole};(${whole})` : whole;
}

const sheetName = (name: string): string => name.replace(/[[\]:*?/\\]/g, ' ').trim().slice(0, 31) || 'table';

/** A table as it is handed off: without what is hidden, and covered where the workspace says so. */
async function goingOut({ table, stateId }: { readonly table: Table; readonly stateId: number }, tableId: number): Promise<Table> {
  return shownAs(withoutHidden(table), await coverOf({ id: stateId, sourceId: tableId, table }));
}

/** A table as an Office Open XML workbook, written as it is read: cells typed, dates as dates, the record as a second sheet. */
export async function workbook(workspaceId: number, tableId: number): Promise<ReadableStream<Uint8Array>> {
  const table = await goingOut(await tableNow(workspaceId, tableId), tableId);
  if (rowCount(table) > MOST_SHEET_ROWS || table.columns.length > MOST_SHEET_COLUMNS) throw new Told(`A workbook's sheet holds ${MOST_SHEET_ROWS} rows and ${MOST_SHEET_COLUMNS} columns; this table is larger. Take it away as CSV.`, 422, 'large');
  const record = recordMarkdown(await recordOf(workspaceId, tableId));
  const out = new PassThrough();
  const book = new ExcelJS.stream.xlsx.WorkbookWriter({ stream: out as unknown as Writable, useStyles: true, useSharedStrings: false });
  const write = async (): Promise<void> => {
    const sheet = book.addWorksheet(sheetName(table.name), { views: [{ state: 'frozen', ySplit: 1 }] });
    sheet.columns = table.columns.map((c) => { const numFmt = codeOf(c); return { header: c.name, width: Math.max(9, Math.min(40, c.name.length + 2)), style: numFmt ? { numFmt } : {} }; });
    sheet.getRow(1).font = { bold: true };
    for await (const batch of cellBatches(table)) {
      for (const row of batch) sheet.addRow(row.map((value, c) => { const { type } = table.columns[c]!; return typeof value === 'string' ? ((type === 'date' || type === 'datetime') && /^\d{4}-/.test(value) ? new Date(`${value}${value.length > 10 ? 'Z' : ''}`) : value.slice(0, MOST_CELL)) : value; })).commit();
      // The writer's own buffer is let out before more is put in.
      if (out.writableNeedDrain) await new Promise((ok) => out.once('drain', ok));
    }
    sheet.commit();
    const notes = book.addWorksheet(sheetName('Record'));
    notes.columns = [{ width: 120 }];
    for (const line of record.split('\n')) notes.addRow([line]).commit();
    notes.commit();
    await book.commit();
  };
  write().catch((error: Error) => out.destroy(error));
  return Readable.toWeb(out) as ReadableStream<Uint8Array>;
}

/** Where a table is handed off to in PostgreSQL. */
export interface DatabaseOrder {
  readonly workspaceId: number;
  readonly tableId: number;
  /** Null is the server's own database. */
  readonly connection: string | null;
  readonly schema: string;
  readonly name: string;
  readonly way: 'replace' | 'append';
}

const SQL_TYPES: Readonly<Record<ColumnType, string>> = { text: 'text', whole: 'bigint', decimal: 'numeric', date: 'date', datetime: 'timestamp', yesno: 'boolean' };
/** PostgreSQL cuts names longer than this without a word. */
const MOST_NAME = 63;

/** Columns whose cells do not all fit their type are handed off as text, so that nothing is lost. */
async function sqlTypes(table: Table): Promise<string[]> {
  const types: string[] = [];
  for (const { name, type } of table.columns) {
    let fits = true;
    if (type !== 'text') await eachChunk(table, [name], ([chunk]) => { if (chunk!.kind === 'number' && chunk!.state.includes(MISFIT)) fits = false; });
    types.push(fits ? SQL_TYPES[type] : 'text');
  }
  return types;
}

/** Where each column comes from: the last sentence that made or changed it, or the file. */
async function origins(entries: readonly EntryRow[], table: Table, fileName: string): Promise<Map<string, string>> {
  const found = new Map(table.columns.map((c) => [c.name, `as it came in ${fileName}`]));
  for (const [i, entry] of entries.entries()) {
    const head = await headFor(await loadState(pool(), entry.before));
    for (const name of writtenBy(definitionOf(entry.plan).outline(entry.plan, head))) found.set(name, `sentence ${i + 1}: ${entry.sentence}`);
  }
  return found;
}

/** Writes a table into PostgreSQL in one transaction: typed columns, each with a comment that says where it comes from. Gives the number of rows. */
export async function handOff(order: DatabaseOrder): Promise<{ rows: number; columns: readonly { name: string; type: string }[] }> {
  // Kulfi's own tables lie in 'public': a table of the same name must not take their place.
  if (order.connection === null && /^(?:public|drizzle|information_schema|pg_.*)$/.test(order.schema)) throw new Told(`In Kulfi's own database the schema “${order.schema}” is taken. Use another one, such as handoff.`, 422, 'schema');
  const now = await tableNow(order.workspaceId, order.tableId);
  await letOut(now);
  const own = now.entries;
  const table = await goingOut(now, order.tableId);
  const { fileName } = await sourceOf(order.tableId);
  const [types, from] = await Promise.all([sqlTypes(table), origins(own, table, fileName)]);
  const names: string[] = [];
  for (const c of table.columns) names.push(uniqueName(c.name.slice(0, MOST_NAME - 4), names));
  const client = new pg.Client({ connectionString: order.connection ?? getConfig().databaseUrl, connectionTimeoutMillis: 5_000 });
  try {
    await client.connect();
  } catch (error) {
    throw new Told(`The database could not be reached: ${(error as Error).message}. Check the connection and do it again.`, 422, 'connection');
  }
  const id = (text: string): string => client.escapeIdentifier(text);
  const target = `${id(order.schema)}.${id(order.name)}`;
  try {
    await client.query('begin');
    await client.query(`create schema if not exists ${id(order.schema)}`);
    if (order.way === 'replace') {
      await client.query(`drop table if exists ${target}`);
      await client.query(`create table ${target} (${names.map((n, c) => `${id(n)} ${types[c]}`).join(', ')})`);
      await client.query(`comment on table ${target} is ${client.escapeLiteral(`${table.name}, from ${fileName}, ${own.length} sentences`)}`);
      for (const [c, name] of names.entries()) await client.query(`comment on column ${target}.${id(name)} is ${client.escapeLiteral(from.get(table.columns[c]!.name) ?? '')}`);
    }
    const lines = async function* (): AsyncGenerator<string> {
      for await (const batch of cellBatches(table)) yield batch.map((row) => `${row.map((v) => (v === null ? '' : typeof v === 'string' ? `"${v.replace(/"/g, '""')}"` : String(v))).join(',')}\n`).join('');
    };
    await pipeline(Readable.from(lines()), client.query(copyFrom(`copy ${target} (${names.map(id).join(', ')}) from stdin with (format csv)`)));
    await client.query('commit');
  } catch (error) {
    await client.query('rollback').catch(() => undefined);
    const { code, message } = error as Error & { code?: string };
    if (code !== undefined) throw new Told(`PostgreSQL did not take the table, and nothing was changed there: ${message}.`, 422, 'refused');
    throw error;
  } finally {
    await client.end().catch(() => undefined);
  }
  return { rows: rowCount(table), columns: names.map((name, c) => ({ name, type: types[c]! })) };
}
