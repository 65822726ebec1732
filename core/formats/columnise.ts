import { BLANK, CHUNK_ROWS, MISFIT, VALUE, numberChunk, textChunk, type Chunk, type ColumnType } from '../table/column';
import { readDate } from '../values/date';
import { readPlainNumber } from '../values/number';
import { readYesNo } from '../values/yesno';

/** How the cells of one column are to be read. `dayFirst` settles dates such as 3/5/2025. */
export interface ColumnSetting {
  readonly name: string;
  readonly type: ColumnType;
  readonly dayFirst: boolean;
}

/** The number behind a cell of a type (dates in ms, yes/no as 1/0), or NaN where it does not fit. */
export function readTyped(cell: string, type: ColumnType, dayFirst = true): number {
  switch (type) {
    case 'whole': {
      const n = readPlainNumber(cell);
      return n && Number.isInteger(n.value) ? n.value : NaN;
    }
    case 'decimal':
      return readPlainNumber(cell)?.value ?? NaN;
    case 'date': {
      const d = readDate(cell, dayFirst);
      return d && !d.hasTime ? d.time : NaN;
    }
    case 'datetime':
      return readDate(cell, dayFirst)?.time ?? NaN;
    case 'yesno': {
      const y = readYesNo(cell);
      return y === null ? NaN : y ? 1 : 0;
    }
    case 'text':
      return NaN;
  }
}

/**
 * Collects the cells of one column, as text, into typed chunks. `push` returns a chunk each time one is full. Cells of
 * spaces only are blank; cells that do not fit the type are kept as written. Counts what the column's head shows.
 */
export class ColumnBuilder {
  private texts: string[] = [];
  private values: Float64Array;
  private state: Uint8Array;
  private misfits = new Map<number, string>();
  private at = 0;
  scale = 0;
  misfitCount = 0;

  constructor(readonly setting: ColumnSetting) {
    const rows = setting.type === 'text' ? 0 : CHUNK_ROWS;
    this.values = new Float64Array(rows);
    this.state = new Uint8Array(rows);
  }

  push(cell: string): Chunk | null {
    if (this.setting.type === 'text') this.texts.push(cell.charCodeAt(0) > 32 || cell.trim() !== '' ? cell : '');
    else this.number(cell);
    this.at++;
    return this.at === CHUNK_ROWS ? this.flush() : null;
  }

  /** The chunk begun so far, and a fresh start; null when it has no cells. */
  flush(): Chunk | null {
    if (this.at === 0) return null;
    const chunk = this.setting.type === 'text' ? textChunk(this.texts) : numberChunk(this.values.slice(0, this.at), this.state.slice(0, this.at), this.misfits);
    this.texts = [];
    this.misfits = new Map();
    this.at = 0;
    return chunk;
  }

  private number(cell: string): void {
    const { type, dayFirst } = this.setting;
    if (cell === '' || cell.trim() === '') {
      this.state[this.at] = BLANK;
      this.values[this.at] = 0;
      return;
    }
    const value = fastNumber(cell, type) ?? readTyped(cell, type, dayFirst);
    if (Number.isNaN(value)) {
      this.state[this.at] = MISFIT;
      this.values[this.at] = 0;
      this.misfits.set(this.at, cell);
      this.misfitCount++;
      return;
    }
    this.state[this.at] = VALUE;
    this.values[this.at] = value;
    if (type === 'decimal') {
      const point = cell.indexOf('.');
      if (point >= 0) this.scale = Math.max(this.scale, cell.trimEnd().length - point - 1);
    }
  }
}

/** The commonest forms without the care (up to 15 digits, no marks; ISO dates); undefined for all others. */
function fastNumber(cell: string, type: ColumnType): number | undefined {
  const length = cell.length;
  if (type === 'date' && length === 10 && cell.charCodeAt(4) === 45 && cell.charCodeAt(7) === 45) {
    const y = +cell.slice(0, 4), m = +cell.slice(5, 7), d = +cell.slice(8);
    if (y >= 1 && m >= 1 && m <= 12 && d >= 1 && d <= 28) return Date.UTC(y, m - 1, d);
    return undefined;
  }
  if ((type !== 'whole' && type !== 'decimal') || length > 15) return undefined;
  let point = 0;
  for (let i = 0; i < length; i++) {
    const c = cell.charCodeAt(i);
    if (c === 46 && type === 'decimal' && point === 0 && i > 0 && i < length - 1) point = 1;
    else if (c < 48 || c > 57) return undefined;
  }
  if (cell.charCodeAt(0) === 48 && length > 1 && cell.charCodeAt(1) !== 46) return undefined;
  return +cell;
}

/** What a sample of a column's cells looks like. */
export interface TypeGuess {
  readonly type: ColumnType;
  readonly dayFirst: boolean;
  /** Filled cells of the sample that do not fit the type. */
  readonly misfits: number;
  readonly filled: number;
}

/** Share of the filled cells that must fit before a column is given a type other than text. */
const ENOUGH = 0.9;

/**
 * The type of a column from a sample of its cells. Leading zeros, digit strings over 15 long and telephone numbers make
 * it text; dates count only when they are all written in one style and the order of day and month is settled by the
 * column itself. A column without a filled cell is text.
 */
export function guessType(cells: readonly string[]): TypeGuess {
  const filled = cells.map((c) => c.trim()).filter((c) => c !== '');
  const guess = (type: ColumnType, fits: number, dayFirst = true): TypeGuess => ({ type, dayFirst, misfits: filled.length - fits, filled: filled.length });
  if (filled.length === 0) return guess('text', 0);
  if (filled.some(isIdentifier)) return guess('text', filled.length);
  if (filled.every((c) => c === 'yes' || c === 'no')) return guess('yesno', filled.length);
  const numbers = filled.map(readPlainNumber).filter((n) => n !== null);
  if (numbers.length >= filled.length * ENOUGH) {
    const whole = numbers.every((n) => n.decimals === 0);
    return guess(whole ? 'whole' : 'decimal', numbers.length);
  }
  const styles = new Map<string, number>();
  let monthFirst = false, dayFirst = false, timed = 0, dates = 0;
  for (const cell of filled) {
    const date = readDate(cell);
    if (!date) continue;
    dates++;
    if (date.hasTime) timed++;
    const style = cell.replace(/[A-Za-z]+/g, 'a').replace(/\d{4}/g, '0000').replace(/\b\d{1,2}\b/g, '0');
    styles.set(style, (styles.get(style) ?? 0) + 1);
    const parts = /^(\d{1,2})[-/. ](\d{1,2})[-/. ]/.exec(cell);
    if (parts && +parts[1]! > 12) dayFirst = true;
    if (parts && +parts[2]! > 12) monthFirst = true;
  }
  const slashed = [...styles.keys()].some((s) => /^0[-/. ]0[-/. ]/.test(s));
  const settled = !slashed || dayFirst !== monthFirst;
  if (dates >= filled.length * ENOUGH && styles.size === 1 && settled) return guess(timed > 0 ? 'datetime' : 'date', dates, !monthFirst);
  return guess('text', filled.length);
}

const isIdentifier = (cell: string): boolean => /^0\d+$/.test(cell) || /^\d{16,}$/.test(cell) || /^\+\d[\d ()-]{5,}$/.test(cell);

/** Does a cell look like data rather than like a heading? */
export const looksLikeData = (cell: string): boolean => readPlainNumber(cell) !== null || readDate(cell.trim()) !== null || /@.+\./.test(cell);
