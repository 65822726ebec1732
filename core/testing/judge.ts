import type { CellValue } from '../values/cell';

/** A table as plain cells. */
export interface Plain {
  readonly columns: readonly string[];
  readonly rows: readonly (readonly CellValue[])[];
}

/** What must hold after the last request of a case; see core/testing/cases. */
export interface Expectation {
  readonly outcome?: string | readonly string[];
  readonly columns?: Readonly<Record<string, readonly CellValue[]>>;
  readonly added?: readonly (readonly CellValue[])[];
  readonly rows?: number;
  readonly gone?: readonly string[];
  readonly order?: readonly string[];
  readonly orderOf?: string;
  readonly keys?: { readonly column: string; readonly values: readonly CellValue[]; readonly ordered?: boolean };
  readonly answer?: { readonly rows: readonly (readonly CellValue[])[]; readonly ordered?: boolean; readonly exact?: boolean };
  readonly share?: number;
}

const blank = (v: unknown): boolean => v === null || v === undefined || (typeof v === 'string' && v.trim() === '');
const asNumber = (v: CellValue): number => (typeof v === 'number' ? v : typeof v === 'string' && /^[-+]?(?:\d+\.?\d*|\.\d+)$/.test(v.trim()) ? Number(v) : NaN);
const asYes = (v: CellValue): boolean | null => (/^(?:true|yes|y|1)$/i.test(String(v)) ? true : /^(?:false|no|n|0)$/i.test(String(v)) ? false : null);
const moment = (v: CellValue): string => String(v).trim().replace('T', ' ').replace(/^(\d{4}-\d\d-\d\d)$/, '$1 00:00').replace(/(\d\d:\d\d):00$/, '$1');

/** Are two cells the same to a person? A number given as text counts to the decimals it shows. */
export function same(expected: CellValue, got: CellValue): boolean {
  if (blank(expected) || blank(got)) return blank(expected) && blank(got);
  if (typeof expected === 'boolean' || typeof got === 'boolean') return asYes(expected) !== null && asYes(expected) === asYes(got);
  const [a, b] = [asNumber(expected), asNumber(got)];
  const code = (v: CellValue): boolean => typeof v === 'string' && /^0\d/.test(v.trim());
  if (!Number.isNaN(a) && !Number.isNaN(b) && code(expected) === code(got)) {
    const decimals = typeof expected === 'string' ? /\.(\d+)$/.exec(expected.trim())?.[1]?.length : undefined;
    return Math.abs(a - b) <= (decimals === undefined ? Math.max(1e-6, 1e-9 * Math.abs(a)) : 0.5000001 * 10 ** -decimals);
  }
  return moment(expected) === moment(got);
}

const plain = (name: string): string => name.toLowerCase().replace(/[\s_\-.]+/g, ' ').trim();
const equal = (want: readonly CellValue[], got: readonly CellValue[] | null): boolean => !!got && want.length === got.length && want.every((v, i) => same(v, got[i]!));

/** Everything of an expectation that does not hold of a table and an answer; empty when all of it does. */
export function faultsOf(expect: Expectation, before: Plain, table: Plain, answer: Plain | null): string[] {
  const faults: string[] = [];
  const column = (name: string, of = table): CellValue[] | null => {
    const at = of.columns.findIndex((c) => plain(c) === plain(name));
    return at < 0 ? null : of.rows.map((r) => r[at]!);
  };
  for (const [name, want] of Object.entries(expect.columns ?? {})) if (!equal(want, column(name))) faults.push(`${name} is not as expected`);
  const fresh = table.columns.filter((c) => { const old = column(c, before); return !old || !equal(old, column(c)); });
  for (const want of expect.added ?? []) {
    const agree = fresh.some((c) => { const got = column(c)!; return got.length === want.length && want.filter((v, i) => same(v, got[i]!)).length >= (expect.share ?? 1) * want.length; });
    if (!agree) faults.push('no new column has the values expected');
  }
  if (expect.rows !== undefined && table.rows.length !== expect.rows) faults.push(`${table.rows.length} rows, not ${expect.rows}`);
  for (const name of expect.gone ?? []) if (column(name)) faults.push(`${name} is still there`);
  if (expect.order) {
    const wanted = expect.order.map(plain);
    const got = table.columns.map(plain).filter((c) => expect.orderOf !== 'some' || wanted.includes(c));
    if (got.join('|') !== wanted.join('|')) faults.push(`columns are ${table.columns.join(', ')}`);
  }
  if (expect.keys) {
    const texts = (list: readonly CellValue[]): string[] => list.map((v) => String(v ?? '').trim());
    const [got, want] = [texts(column(expect.keys.column) ?? []), texts(expect.keys.values)];
    if ((expect.keys.ordered ? got : [...got].sort()).join('\u0001') !== (expect.keys.ordered ? want : [...want].sort()).join('\u0001')) faults.push('other rows are left');
  }
  if (expect.answer) {
    const inside = (row: readonly CellValue[], cells: readonly CellValue[]): boolean => {
      const left = [...cells];
      return row.every((v) => { const at = left.findIndex((g) => same(v, g)); if (at < 0) return false; left.splice(at, 1); return true; });
    };
    const { rows: want, ordered, exact = true } = expect.answer;
    const left = [...(answer?.rows ?? [])];
    const holds = answer !== null && (!exact || left.length === want.length) && (ordered ? want.every((row, i) => left[i] && inside(row, left[i])) : want.every((row) => { const at = left.findIndex((g) => inside(row, g)); if (at < 0) return false; left.splice(at, 1); return true; }));
    if (!holds) faults.push('the answer is another');
  }
  return faults;
}
