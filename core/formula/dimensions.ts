import { convertUnit, unitSort } from '../values/units';
import { isCondition, number, op, parts, type Condition, type Expression } from './expression';

/** What a value measures, as powers of sorts of quantity: litres per kilo are { volume: 1, weight: -1 }. */
type Dimension = Readonly<Record<string, number>>;

/** Units that stand at the end of a column's name often enough to be meant as such: single letters that are more often something else are not among them. */
const NAMED = /(?:^|[\s(_])(kg|g|mg|t|tonnes?|lbs?|oz|l|litres?|liters?|ml|hl|kwh|mwh|wh|hours?|hrs?|h|min|minutes|secs?|seconds|s|km|cm|mm|m|ft|ha|m2|m²|m3|m³|(?:cubic|square) (?:m|metres?|meters?))\)?$/i;

/** What a column of money is called. */
export const MONEY = /\b(?:costs?|price|fee|fees|amount|revenue|takings|income|salary|wages|charge|paid)\b/i;

/** The unit a column's name ends with, or null: 'kg' of 'Gross kg', 'l' of 'Juice (l)'. */
export function unitInName(name: string): string | null {
  const said = NAMED.exec(name.trim())?.[1]?.toLowerCase() ?? null, unit = said?.startsWith('cubic') ? 'm3' : said?.startsWith('square') ? 'm2' : said;
  // ‹Rate h› is so much an hour, and no hours.
  return unit !== null && (unitSort(unit) === 'time' || unit === 'm3' || unit === 'm2') && isRate(name) ? null : unit;
}
/** Is a column called after what something costs, or how much there is of it for each of something? */
export const isRate = (name: string): boolean => /\b(?:rates?|prices?|costs?|fees?|wages?|pay|charges?|tariffs?|per)\b|\//i.test(name);

/** What each sort of quantity is called by itself. */
const MEASURES: Readonly<Record<string, RegExp>> = { weight: /^(?:weight|mass)$/i, length: /^(?:length|distance)$/i, area: /^area$/i, volume: /^volume$/i, time: /^(?:time|duration)$/i, temperature: /^temp(?:erature)?$/i, power: /^power$/i, energy: /^energy$/i };

/** Does a word only name the quantity that a unit measures, as weight does with kilos? */
export const isMeasureOf = (word: string, unit: string): boolean => MEASURES[unitSort(unit) ?? '']?.test(word) ?? false;

/** Is a column called after what its unit measures and nothing else? ‹Weight kg› is the kilos, ‹Ice kg› those of the ice. */
export function isPlainMeasure(name: string): boolean {
  const words = name.trim().split(/[\s_()]+/).filter(Boolean);
  return words.length === 2 && isMeasureOf(words[0]!, words[1]!);
}

/** An expression in one unit as one in another of the same sort, by a factor; null where there is none, or it is the same unit. */
export function converted(e: Expression, from: string, to: string): Expression | null {
  const factor = unitSort(from) === 'temperature' ? null : convertUnit(1, from, to);
  if (factor === null || factor === 1) return null;
  // The other way round the factor is whole: a sixtieth is a division by sixty.
  const back = convertUnit(1, to, from);
  return factor < 1 ? op('/', e, number(Number((back ?? 1 / factor).toPrecision(12)))) : op('*', e, number(factor));
}

const same = (a: Dimension, b: Dimension): boolean => [...new Set([...Object.keys(a), ...Object.keys(b)])].every((k) => (a[k] ?? 0) === (b[k] ?? 0));

function times(a: Dimension, b: Dimension, sign: 1 | -1): Dimension {
  const out: Record<string, number> = { ...a };
  for (const [k, n] of Object.entries(b)) out[k] = (out[k] ?? 0) + sign * n;
  return out;
}

/** What an expression measures as far as the names of its columns tell; null where they do not. */
export function dimensionOf(e: Expression): Dimension | null {
  switch (e.kind) {
    case 'column': {
      // 'Price per l' is money for a litre, which no sum of litres is.
      const unit = /\bper\b|\//i.test(e.name) ? null : unitInName(e.name);
      const sort = unit && unitSort(unit);
      return sort ? { [sort]: 1 } : /\bper\b|\/|\brate\b/i.test(e.name) ? null : MONEY.test(e.name) ? { money: 1 } : null;
    }
    case 'op': {
      const [a, b] = [dimensionOf(e.left), dimensionOf(e.right)];
      if (e.op === '+' || e.op === '-') return a ?? b;
      if (e.op === '^') return null;
      // 'Hours times 38' may be money: so much for each.
      if (e.op === '*' && (e.left.kind === 'number' || e.right.kind === 'number')) { const of = a ?? b; return of && ('money' in of || same(of, {})) ? of : null; }
      if (e.left.kind === 'number' || e.right.kind === 'number') return e.right.kind === 'number' ? a : null;
      return a && b ? times(a, b, e.op === '*' ? 1 : -1) : null;
    }
    case 'round':
    case 'orElse':
    case 'over':
    case 'moving':
    case 'ago':
      return e.kind === 'over' && e.fn !== 'running' && e.fn !== 'previous' ? null : dimensionOf(e.of);
    case 'total':
      return e.fn === 'count' || e.fn === 'distinct' ? null : dimensionOf(e.of);
    default:
      return null;
  }
}

/** 'Price/kg' divided by kilos is for one kilo already; kilos divided by it are nothing at all. */
function dividedTwice(rate: string, by: string): number {
  const per = (name: string): string | undefined => /(?:\bper\s+|\/\s*)(\p{L}+)\)?$/iu.exec(name)?.[1];
  const of = (name: string): string | null => (per(name) === undefined ? unitInName(name) : null);
  const alike = (a: string | undefined, b: string | null): boolean => a !== undefined && b !== null && unitSort(a) !== null && unitSort(a) === unitSort(b);
  return alike(per(rate), of(by)) || alike(per(by), of(rate)) ? 1 : 0;
}

/** How many quotients of what is a quotient by that already, and how many sums and differences in a formula put together what cannot be: kilos and litres, litres per kilo and kilos. */
export function mismatches(node: Expression | Condition): number {
  const own = (e: Expression): number => {
    if (e.kind === 'op' && e.op === '/' && e.left.kind === 'column' && e.right.kind === 'column') return dividedTwice(e.left.name, e.right.name);
    if (e.kind !== 'op' || (e.op !== '+' && e.op !== '-')) return 0;
    const [a, b] = [dimensionOf(e.left), dimensionOf(e.right)];
    return a && b && !same(a, b) ? 1 : 0;
  };
  return (isCondition(node) ? 0 : own(node)) + (isCondition(node) ? [] : parts(node)).reduce((n, p) => n + mismatches(p), 0);
}
