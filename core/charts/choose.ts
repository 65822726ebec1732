import type { AnswerTable } from '../steps/step';
import type { CellValue } from '../values/cell';

/** A picture of an answer: which of its columns go where. Numbers that are not shown stay in the table beside it. */
export type ChartPlan =
  | { readonly kind: 'bars' | 'line'; readonly label: number; readonly series: readonly number[] }
  | { readonly kind: 'points'; readonly x: number; readonly y: number; readonly label: number | null }
  /** One number column by two groups: the second one's values are the series. */
  | { readonly kind: 'grouped' | 'lines'; readonly label: number; readonly by: number; readonly value: number };

export type ChartKind = 'bars' | 'line' | 'points';

/** Lines and series that can be told apart. */
const MOST_BARS = 60;
const MOST_SERIES = 8;

const isPeriod = (v: CellValue): boolean => typeof v === 'string' && /^\d{4}(?:-\d{2}(?:-\d{2})?| Q[1-4])?$/.test(v);

/**
 * The picture that says an answer soonest, or null where the table says it better (one line, no numbers, too many groups). Groups
 * that are periods make a line, others bars; two groups make a series for each value of the second; `wanted` changes the kind. O(cells).
 */
export function chartFor(answer: AnswerTable, wanted: ChartKind | null = null): ChartPlan | null {
  const { rows, columns } = answer;
  if (rows.length < 2) return null;
  const numeric = columns.map((_, c) => rows.some((r) => typeof r[c] === 'number') && rows.every((r) => r[c] === null || typeof r[c] === 'number'));
  const groups = columns.map((_, c) => c).filter((c) => !numeric[c]);
  const figures = columns.map((_, c) => c).filter((c) => numeric[c]);
  if (!figures.length) return null;
  if (wanted === 'points') return figures.length >= 2 ? { kind: 'points', x: figures[0]!, y: figures[1]!, label: groups[0] ?? null } : null;
  // A year or a month as a number is a group, not a figure, when it comes first and grows.
  const label = groups[0] ?? (figures.length > 1 && rows.every((r, i) => i === 0 || Number(r[figures[0]!]) > Number(rows[i - 1]![figures[0]!])) ? figures[0]! : undefined);
  if (label === undefined) return null;
  const values = figures.filter((c) => c !== label);
  if (!values.length) return null;
  const ordered = rows.every((r) => isPeriod(r[label]!) || typeof r[label] === 'number') && rows.length > 2;
  const asLine = wanted === 'line' || (wanted === null && ordered);
  if (groups.length === 2) {
    const [first, second] = groups as [number, number];
    const series = new Set(rows.map((r) => r[second]));
    const labels = new Set(rows.map((r) => r[first]));
    if (series.size > MOST_SERIES || labels.size > MOST_BARS) return null;
    return { kind: asLine ? 'lines' : 'grouped', label: first, by: second, value: values[0]! };
  }
  if (groups.length > 2 || (!asLine && rows.length > MOST_BARS)) return null;
  return { kind: asLine ? 'line' : 'bars', label, series: values.slice(0, sameSize(answer, values) ? MOST_SERIES : 1) };
}

/** Can several figures share one scale, none of them vanishing beside another? */
function sameSize({ rows }: AnswerTable, columns: readonly number[]): boolean {
  const tops = columns.map((c) => Math.max(...rows.map((r) => Math.abs(Number(r[c] ?? 0)))));
  return Math.max(...tops) <= 20 * Math.max(Number.MIN_VALUE, Math.min(...tops));
}

/** Labels and series of a picture, ready to be drawn. */
export interface Drawn {
  readonly labels: readonly string[];
  readonly series: readonly { readonly name: string; readonly values: readonly (number | null)[] }[];
}

/** The numbers behind a picture of groups. O(cells). */
export function drawn(answer: AnswerTable, plan: Exclude<ChartPlan, { kind: 'points' }>): Drawn {
  const words = (v: CellValue): string => (v === null || v === '' ? 'blank' : String(v));
  if ('series' in plan) return { labels: answer.rows.map((r) => words(r[plan.label]!)), series: plan.series.map((c) => ({ name: answer.columns[c]!, values: answer.rows.map((r) => r[c] as number | null) })) };
  const labels = [...new Set(answer.rows.map((r) => words(r[plan.label]!)))];
  const names = [...new Set(answer.rows.map((r) => words(r[plan.by]!)))];
  const at = new Map(answer.rows.map((r) => [`${words(r[plan.label]!)}\u0000${words(r[plan.by]!)}`, r[plan.value] as number | null]));
  return { labels, series: names.map((name) => ({ name, values: labels.map((l) => at.get(`${l}\u0000${name}`) ?? null) })) };
}

/** The picture in words, for those who cannot see it: what is shown, the highest and the lowest. */
export function chartWords(answer: AnswerTable, plan: ChartPlan): string {
  if (plan.kind === 'points') return `${answer.columns[plan.y]} against ${answer.columns[plan.x]}, ${answer.rows.length} points`;
  const { labels, series } = drawn(answer, plan);
  const [first] = series;
  const filled = first!.values.flatMap((v, i) => (v === null ? [] : [[labels[i]!, v] as const]));
  if (!filled.length) return `${first!.name}: no values`;
  const top = filled.reduce((a, b) => (b[1] > a[1] ? b : a)), low = filled.reduce((a, b) => (b[1] < a[1] ? b : a));
  return `${first!.name} by ${answer.columns[plan.label]}: highest ${top[0]} with ${top[1]}, lowest ${low[0]} with ${low[1]}${series.length > 1 ? `; ${series.length} series` : ''}`;
}
