import { unitName } from '../../../values/units';
import { type Context } from '../../acts';
import type { Metric } from '../../../metrics/glossary';
import { tie } from '../../../metrics/metrics';
import { type Token } from '../../words';
import { Put } from './put';

/** Names of metrics by their first word. */
export const metricIndex = new Map<string, { words: readonly string[]; metric: Metric }[]>();

/** Metrics by name, by themselves and tied to the columns that can play their roles. */
export function metrics(tokens: readonly Token[], { head }: Context, put: Put): void {
  tokens.forEach((t, i) => {
    for (const { words, metric } of metricIndex.get(t.stem) ?? []) {
      if (!words.every((w, k) => tokens[i + k]?.stem === w || tokens[i + k]?.lower === w)) continue;
      const to = i + words.length;
      put('metricName', i, to, metric, 0);
      // Where a column is called so, it is what is meant.
      const said = tokens.slice(i, to).map((w) => w.lower).join(' '), own = head.columns.some((c) => c.name.toLowerCase() === said) ? 0.5 : 0;
      for (const way of tie(metric, head)) put('metric', i, to, way.expression, 0.1 + own + way.cost);
      // 'break-even tickets', 'occupancy of the hall': a noun behind it says what it is of.
      const noun = tokens[to];
      if (noun?.kind === 'word' && /[^su]s$/.test(noun.lower) && !metricIndex.has(noun.stem)) {
        put('metricName', i, to + 1, metric, 0.1);
        for (const way of tie(metric, head)) put('metric', i, to + 1, way.expression, 0.2 + way.cost);
      }
    }
  });
}

/** What the small coin is called. */
export const CENTS = /^(?:cents?|ct|pence|pennies|penny)$/;

/** Names of amounts that are written in the small coin. */
const SMALL_COIN = /\b(?:ct|cents?|pence|pennies)\b/i;

/** Is money written in the small coin here? */
export const inCents = (head: Context['head']): boolean => head.columns.some((c) => SMALL_COIN.test(c.name));

/** Numbers of several tokens: '5%', '€ 20', '- 3', 'two hundred', 'a dozen', 'half a', '10k'. */
export function numbers(tokens: readonly Token[], { head }: Context, put: Put): void {
  const small = inCents(head);
  tokens.forEach((t, i) => {
    const next = tokens[i + 1], before = tokens[i - 1];
    if (!Number.isNaN(t.value) && next) {
      // '50 cents' are half of what prices are written in.
      if (!small && CENTS.test(next.lower)) put('num', i, i + 2, t.value / 100, 0.02);
      if (/^(?:euros?|pounds?|dollars?|francs?|€|£|eur|gbp|usd)$/.test(next.lower) && unitName(next.lower) === null) put('num', i, i + 2, t.value, 0.12);
      if (next.lower === '%' || next.lower === 'percent') put('pct', i, i + 2, t.value, 0);
      if (next.lower === 'per' && tokens[i + 2]?.lower === 'cent') put('pct', i, i + 3, t.value, 0);
      if (next.kind === 'word' && !next.spaced && /^(?:k|m|bn)$/.test(next.lower)) put('num', i, i + 2, t.value * ({ k: 1e3, m: 1e6, bn: 1e9 }[next.lower] ?? 1), 0);
      if (next.kind === 'word' && [100, 1000, 1e6, 12].includes(next.value) && t.value < next.value) put('num', i, i + 2, t.value * next.value, 0);
      if (t.kind === 'word' && next.kind === 'word' && t.value >= 20 && t.value < 100 && next.value > 0 && next.value < 10) put('num', i, i + 2, t.value + next.value, 0);
    }
    if (/^[€$£]$/.test(t.lower) && next?.kind === 'number') put('num', i, i + 2, next.value, 0);
    if ((t.lower === '-' || t.lower === 'minus') && next?.kind === 'number' && (before === undefined || before.kind !== 'number')) put('num', i, i + 2, -next.value, 0.2);
    if ((t.lower === 'a' || t.lower === 'an') && next && [12, 100, 1000, 1e6].includes(next.value)) put('num', i, i + 2, next.value, 0);
    if (/^(?:a|an|one)$/.test(t.lower) && next?.kind === 'word' && unitName(next.lower) && tokens[i + 2]?.lower === 'and' && /^an?$/.test(tokens[i + 3]?.lower ?? '') && tokens[i + 4]?.lower === 'half') {
      put('num', i, i + 5, 1.5, 0);
      // The same with its unit, which stands where the half does.
      put('num', i, i + 4, 1.5, 0);
      put('unit', i + 4, i + 5, unitName(next.lower), 0);
      if (/^(?:minute|hour|day|week|month|year)$/.test(next.lower)) put('spanUnit', i + 4, i + 5, `${next.lower}s`, 0);
    }
    const part = { half: 50, third: 100 / 3, quarter: 25, fifth: 20, tenth: 10 }[next?.lower ?? ''];
    if (part !== undefined && /^(?:a|one)$/.test(t.lower) && tokens[i + 2]?.lower === 'of') put('pct', i, i + 2, part, 0);
    if (/^an?$/.test(t.lower) && next?.kind === 'word' && /^(?:hour|minute|day|week|month|year|kilo|tonne|ton|litre|liter|metre|meter|mile|hectare|dozen)$/.test(next.lower)) put('num', i, i + 1, 1, 0.15);
    if (t.lower === 'half' && (next?.lower === 'a' || next?.lower === 'an')) put('num', i, i + 2, 0.5, 0);
  });
}
