import { BLANK, MISFIT, allValues, isDate, type Chunk, type ColumnHead, type ColumnType } from '../table/column';
import { eachChunk, liveMask, type Table } from '../table/table';
import { eachText, numericText } from '../values/cell';
import { readDate } from '../values/date';
import { readAmount } from '../values/number';

/** What a column holds, at a glance: for its head in the sheet, for the value index, and for checking plans. */
export interface Glance {
  readonly rows: number;
  readonly blanks: number;
  readonly misfits: number;
  /** Distinct values with their counts, commonest first; null when there are more than MOST_VALUES. */
  readonly values: readonly (readonly [string, number])[] | null;
  /** Some of a text column's values, where there are too many to count. */
  readonly sample?: readonly string[];
  readonly lowest: string | null;
  readonly highest: string | null;
  /** Share of the filled cells that read as an amount, and as a date. */
  readonly numberShare: number;
  readonly dateShare: number;
  /** Day before month in this column's dates, as far as its cells tell. */
  readonly dayFirst: boolean;
  /** Some dates can be read in one order only, and more of them in this one. */
  readonly orderShown?: true;
  /** Most decimals of its amounts. */
  readonly scale: number | null;
  /** Unit that most of its amounts are written with, '' for none; `units` is how many different ones there are. */
  readonly unit: string;
  readonly units: number;
}

/** Most distinct values that are counted and indexed. */
export const MOST_VALUES = 2_000;
/** Values kept as a sample where not all are counted. */
const SAMPLE = 300;
/** Distinct texts that are tried as amounts and dates. */
const TRIED = 3_000;

/** Gathers a glance chunk by chunk. Each distinct text of a chunk is looked at once; memory is bounded. */
export class GlanceBuilder {
  private rows = 0;
  private blanks = 0;
  private misfits = 0;
  private counts: Map<string, number> | null = new Map();
  private some: readonly string[] | null = null;
  private low = Infinity;
  private high = -Infinity;
  private tried = { filled: 0, numbers: 0, dates: 0 };
  private order = { dayFirst: 0, monthFirst: 0 };
  private scale = 0;
  private units = new Map<string, number>();
  private left = TRIED;

  constructor(private readonly type: ColumnType) {}

  /** Adds a chunk; with a mask, only its live rows. */
  add(chunk: Chunk, live?: Uint8Array | null): void {
    if (chunk.kind === 'number' && chunk.range && this.counts === null && !live) this.whole(chunk.range, chunk.length);
    else if (chunk.kind === 'number') this.numbers(chunk.values, chunk.state, chunk.misfits, live);
    else eachText(chunk, this.type, chunk.length, live, (text, n) => this.text(text, n));
  }

  /** A chunk of values whose range is known. */
  private whole([low, high]: readonly [number, number], rows: number): void {
    if (low < this.low) this.low = low;
    if (high > this.high) this.high = high;
    this.rows += rows;
  }

  private numbers(values: Float64Array, state: Uint8Array, misfits: ReadonlyMap<number, string>, live?: Uint8Array | null): void {
    if (this.counts === null && !live && allValues(state)) {
      let low = this.low, high = this.high;
      for (let i = 0; i < values.length; i++) {
        const v = values[i]!;
        if (v < low) low = v;
        if (v > high) high = v;
      }
      this.low = low;
      this.high = high;
      this.rows += values.length;
      return;
    }
    const local = new Map<number, number>();
    let counting = this.counts !== null;
    for (let i = 0; i < state.length; i++) {
      if (live && !live[i]) continue;
      this.rows++;
      const s = state[i];
      if (s === BLANK) this.blanks++;
      else if (s === MISFIT) {
        this.misfits++;
        this.count(misfits.get(i) ?? '', 1);
      } else {
        const v = values[i]!;
        if (v < this.low) this.low = v;
        if (v > this.high) this.high = v;
        if (counting) {
          local.set(v, (local.get(v) ?? 0) + 1);
          if (local.size > MOST_VALUES) {
            counting = false;
            this.counts = null;
          }
        }
      }
    }
    if (counting) for (const [v, n] of local) this.count(numericText(v, this.type), n);
  }

  private text(text: string, n: number): void {
    this.rows += n;
    if (text.trim() === '') {
      this.blanks += n;
      return;
    }
    this.count(text, n);
    if (this.left-- > 0) this.look(text, n);
  }

  private look(text: string, n: number): void {
    this.tried.filled += n;
    const amount = readAmount(text);
    if (amount) {
      this.tried.numbers += n;
      this.scale = Math.max(this.scale, amount.decimals);
      this.units.set(amount.unit.toLowerCase(), (this.units.get(amount.unit.toLowerCase()) ?? 0) + n);
    }
    const date = readDate(text);
    if (date) {
      this.tried.dates += n;
      const parts = /^(\d{1,2})[-/. ](\d{1,2})[-/. ]/.exec(text.trim());
      if (parts && +parts[1]! > 12) this.order.dayFirst += n;
      if (parts && +parts[2]! > 12) this.order.monthFirst += n;
    }
  }

  private count(text: string, n: number): void {
    if (!this.counts) return;
    this.counts.set(text, (this.counts.get(text) ?? 0) + n);
    if (this.counts.size > MOST_VALUES) {
      this.some = [...this.counts.keys()].slice(0, SAMPLE);
      this.counts = null;
    }
  }

  result(): Glance {
    const filled = this.rows - this.blanks;
    const typed = this.type !== 'text';
    const share = (n: number): number => (this.tried.filled === 0 ? 0 : n / this.tried.filled);
    const written = (v: number): string | null => (Number.isFinite(v) ? numericText(v, this.type) : null);
    const units = [...this.units].sort((a, b) => b[1] - a[1]);
    return {
      rows: this.rows,
      blanks: this.blanks,
      misfits: this.misfits,
      values: this.counts ? [...this.counts].sort((a, b) => b[1] - a[1]) : null,
      ...(this.some && this.type === 'text' ? { sample: this.some } : {}),
      lowest: written(this.low),
      highest: written(this.high),
      numberShare: typed ? (isDate(this.type) || filled === 0 ? 0 : 1) : share(this.tried.numbers),
      dateShare: typed ? (isDate(this.type) ? 1 : 0) : share(this.tried.dates),
      dayFirst: this.order.dayFirst >= this.order.monthFirst,
      ...(this.order.dayFirst !== this.order.monthFirst ? { orderShown: true as const } : {}),
      scale: typed ? null : this.tried.numbers > 0 && this.left >= 0 ? this.scale : null,
      unit: units[0]?.[0] ?? '',
      units: units.length,
    };
  }
}


/** A glance at a whole column, over the rows that are in the table. O(rows). */
export async function glanceAt(table: Table, { name, type }: ColumnHead): Promise<Glance> {
  const live = liveMask(table);
  const builder = new GlanceBuilder(type);
  await eachChunk(table, [name], ([chunk], _ord, from, length) => builder.add(chunk!, live?.subarray(from, from + length)));
  return builder.result();
}
