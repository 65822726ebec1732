// What cleaning costs, against raw loops over the same cells: tables in memory, made for this.
import { alikeRows, type ComparedColumn } from '../core/match/rows';
import { profileColumn } from '../core/profile/profile';
import { headWithGlances, noSink, runPlan } from '../core/steps/run';
import { readExact } from '../core/steps/registry';
import { memoryColumn, textChunk, CHUNK_ROWS, type Chunk } from '../core/table/column';
import type { Table } from '../core/table/table';
import { randomFrom } from '../core/values/random';

type Line = readonly [what: string, measured: string, floor: string, ratio: string, wanted: string, met: boolean];
type Timed = (work: () => unknown, times?: number) => Promise<number>;

const random = randomFrom(5);
const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)]!;
const SYLLABLES = 'ma ren tol vi ka dor el shi per no gu lam ber os ti han wex pol fri jun cas dri bel mor qua zin hub lek sto par'.split(' ');
const word = (n: number): string => Array.from({ length: n }, () => pick(SYLLABLES)).join('');
const capital = (text: string): string => text[0]!.toUpperCase() + text.slice(1);
const slip = (text: string): string => { const at = 1 + Math.floor(random() * (text.length - 2)); return pick([text.slice(0, at) + text.slice(at + 1), text.slice(0, at) + text[at]! + text.slice(at), text.slice(0, at) + text[at + 1]! + text[at]! + text.slice(at + 2)]); };

function oneColumn(name: string, cells: readonly string[]): Table {
  const chunks: Chunk[] = [];
  for (let from = 0; from < cells.length; from += CHUNK_ROWS) chunks.push(textChunk(cells.slice(from, from + CHUNK_ROWS)));
  return { name, columns: [memoryColumn({ name, type: 'text', scale: null }, chunks)], size: cells.length, rows: null };
}
const compared = (cells: readonly string[]): ComparedColumn => {
  const known = new Map<string, number>();
  const texts: string[] = [];
  return { codes: Int32Array.from(cells, (t) => { let code = known.get(t); if (code === undefined) { known.set(t, (code = texts.length)); texts.push(t); } return code; }), texts };
};

/** The figures of cleaning over so many rows; `stored` is a large table from the store, for the profile. */
export async function cleaningFigures(rows: number, stored: Table, timed: Timed, ms: (n: number) => string): Promise<Line[]> {
  const lines: Line[] = [];
  const run = async (table: Table, sentence: string): Promise<number> => {
    const head = await headWithGlances(table);
    const plan = readExact(sentence)!;
    return timed(() => runPlan(plan, table, head, { sinkFor: noSink }));
  };
  const sites = Array.from({ length: 4_000 }, () => `${pick(['', ' ', '  '])}${word(2)} ${word(3)}${pick(['', ' '])}`);
  const texts = Array.from({ length: rows }, () => pick(sites));
  const table = oneColumn('Site', texts);
  for (const [what, sentence, raw] of [
    ['trim', 'In ‹Site›, trim outer spaces.', (t: string) => t.trim()],
    ['capitals', 'In ‹Site›, write in capitals.', (t: string) => t.toUpperCase()],
    ['replace', 'Replace "ma" in ‹Site› with "MA".', (t: string) => t.replaceAll('ma', 'MA')],
  ] as const) {
    const floor = await timed(() => texts.map(raw));
    const took = await run(table, sentence);
    lines.push([`${what} on ${rows} cells of 4,000 values`, ms(took), `raw loop ${ms(floor)}`, `${(took / floor).toFixed(2)}x`, 'within 4x', took <= 4 * floor]);
  }

  const months = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];
  const days = Array.from({ length: rows }, () => new Date(Date.UTC(1990 + Math.floor(random() * 35), Math.floor(random() * 12), 1 + Math.floor(random() * 28))));
  const iso = days.map((d) => d.toISOString().slice(0, 10));
  const two = (n: number): string => String(n).padStart(2, '0');
  const styles: ((d: Date, i: number) => string)[] = [
    (_d, i) => iso[i]!,
    (d) => `${two(d.getUTCDate())}/${two(d.getUTCMonth() + 1)}/${d.getUTCFullYear()}`,
    (d) => `${d.getUTCDate()}.${d.getUTCMonth() + 1}.${two(d.getUTCFullYear() % 100)}`,
    (d) => `${d.getUTCDate()} ${months[d.getUTCMonth()]} ${d.getUTCFullYear()}`,
    (d) => `${months[d.getUTCMonth()]} ${d.getUTCDate()}, ${d.getUTCFullYear()}`,
  ];
  const dated = oneColumn('Day', days.map((d, i) => styles[i % 5]!(d, i)));
  const parse = await timed(() => Float64Array.from(iso, (t) => Date.parse(t)));
  const dates = await run(dated, 'Turn ‹Day› into dates, the day before the month.');
  lines.push([`dates in five mixed styles, ${rows} cells`, ms(dates), `Date.parse on ISO text ${ms(parse)}`, `${(dates / parse).toFixed(2)}x`, 'within 8x', dates <= 8 * parse]);

  const names = Array.from({ length: 42_000 }, () => `${capital(word(2))} ${capital(word(3))}`);
  const variants = names.slice(0, 8_000).map(slip);
  const spelled = Array.from({ length: rows }, (_, i) => (i < names.length ? names[i]! : i < names.length + variants.length ? variants[i - names.length]! : pick(names)));
  const distinct = new Set(spelled).size;
  const standard = await run(oneColumn('Name', spelled), 'Standardise ‹Name›.');
  lines.push([`standardise ${distinct} different values in ${rows} rows`, ms(standard), '', '', 'under 20 s', standard < 20_000]);

  const people = (n: number, again: number): [ComparedColumn, ComparedColumn, ComparedColumn] => {
    const [first, last, towns] = [Array.from({ length: 400 }, () => capital(word(2))), Array.from({ length: 5_000 }, () => capital(word(3))), Array.from({ length: 300 }, () => capital(word(3)))];
    const all = Array.from({ length: n - again }, (_, i) => [`${pick(first)} ${pick(last)}`, `${word(2)}.${word(1)}${i}@${word(2)}.example`, pick(towns)] as const);
    const both = [...all, ...all.slice(0, again).map(([a, b, c], i) => [i % 2 ? slip(a) : a.split(' ').reverse().join(', '), i % 3 ? b : '', c] as const)];
    return [compared(both.map((r) => r[0])), compared(both.map((r) => r[1])), compared(both.map((r) => r[2]))];
  };
  const large = people(100_000, 5_000);
  const near = await timed(() => alikeRows(large, 100_000), 1);
  lines.push(['near-duplicates among 100,000 rows of three columns', ms(near), '', '', 'under 30 s', near < 30_000]);
  const sample = people(5_000, 500);
  const [blocked, every] = [alikeRows(sample, 5_000).groupOf, alikeRows(sample, 5_000, { every: true }).groupOf];
  let pairs = 0, found = 0;
  for (let i = 0; i < 5_000; i++) if (every[i] !== i) { pairs++; if (blocked[i] === blocked[every[i]!]) found++; }
  lines.push(['of the alike rows that comparing each with each finds among 5,000, found', `${((100 * found) / pairs).toFixed(1)} % of ${pairs}`, '', '', 'at least 98 %', found >= 0.98 * pairs]);

  const profile = await timed(async () => { for (const { name } of stored.columns) await profileColumn(stored, name); }, 1);
  lines.push([`profile of ${stored.size} x ${stored.columns.length}, read from the store`, ms(profile), '', '', 'under 6 s', profile < 6_000]);
  return lines;
}
