import { readsAsNumber, type CheckedHead } from '../../formula/check';
import { boundColumns } from '../../formula/bands';
import { column, not, type BandExpression, type BandKey, type Bounds, type Condition, type Expression } from '../../formula/expression';
import { findColumn } from '../../table/table';
import { isDate, isQuantity } from '../../table/column';
import { folded } from '../../values/fold';
import { ENDS, readRange } from '../../values/range';
import type { Context } from '../acts';
import { rule, type Rule } from '../chart';
import { stem } from '../words';
import { tiesOf, type OtherColumn } from './others';
import { sampleOf } from './samples';

/* Tables of bands: where they begin and end, and what of this table lies in them. */

const BEGINS = new Set(['from', 'min', 'minimum', 'lower', 'low', 'start', 'begin', 'over', 'above', 'since', 'least', 'after', 'threshold'].map(stem));

const FINISHES = new Set(['to', 'max', 'maximum', 'upper', 'high', 'end', 'until', 'till', 'under', 'below', 'through', 'most', 'before'].map(stem));

/** Words of bounds that say nothing of what lies in them. */
const PLAIN = new Set(['valid', 'bound', 'limit', 'edge', 'of', 'at', 'up', 'date', 'day', 'band', 'range', 'value', 'number', 'class', 'table', 'norm', 'norms', 'rate', 'rates', 'the'].map(stem));

const wordsOf = (name: string): string[] => name.toLowerCase().split(/[\s_\-/().,]+/).filter((w) => w !== '').map(stem);

const rest = (name: string): string[] => wordsOf(name).filter((w) => !BEGINS.has(w) && !FINISHES.has(w) && !PLAIN.has(w));

const isBound = (name: string, words: ReadonlySet<string>): boolean => wordsOf(name).some((w) => words.has(w));

/** Where the bands of a table begin and end; null where it is no table of bands. */
function boundsIn(other: CheckedHead): Bounds | null {
  const numbers = other.columns.filter((c) => isQuantity(c.type)), days = other.columns.filter((c) => isDate(c.type));
  for (const alike of [days, numbers]) {
    const from = alike.filter((c) => isBound(c.name, BEGINS) && !isBound(c.name, FINISHES)), to = alike.filter((c) => isBound(c.name, FINISHES) && !isBound(c.name, BEGINS));
    const pair = from.flatMap((a) => to.filter((b) => { const [x, y] = [rest(a.name), rest(b.name)]; return x.length === 0 || y.length === 0 || x.join(' ') === y.join(' '); }).map((b) => [a.name, b.name] as const));
    if (pair.length === 1) {
      const [[begin, end]] = pair as [readonly [string, string]];
      const told = other.columns.find((c) => c.type === 'text' && sampleOf(c.name, { head: other }).length > 0 && sampleOf(c.name, { head: other }).every((v) => ENDS.some((e) => e === v)));
      if (told) return { kind: 'told', from: begin, to: end, ends: told.name };
      return { kind: 'columns', from: begin, to: end, ends: touching(begin, end, other) ? 'from' : 'both' };
    }
    if (from.length === 1 && to.length === 0) return { kind: 'steps', from: from[0]!.name };
  }
  const said = other.columns.filter((c) => c.type === 'text' && (() => { const all = sampleOf(c.name, { head: other }); const read = all.map(readRange); return all.length > 1 && read.every((r) => r !== null) && read.some((r) => r!.from !== r!.to); })());
  return said.length === 1 ? { kind: 'text', column: said[0]!.name } : null;
}

/** Does a band begin where another ends? Such a bound is taken to belong to the higher one, as the exact sentence says. */
function touching(from: string, to: string, head: CheckedHead): boolean {
  const ends = new Set(sampleOf(to, { head }).map(folded));
  return sampleOf(from, { head }).some((v) => v.trim() !== '' && ends.has(folded(v)));
}

/** Are some bounds days? */
const isDated = (bounds: Bounds, other: CheckedHead): boolean => bounds.kind !== 'text' && isDate(findColumn(other.columns, bounds.from)!.type);

/** The columns of this table whose values may lie in some bounds. */
function mayLie(bounds: Bounds, { head }: Pick<Context, 'head'>, other: CheckedHead): string[] {
  const dated = isDated(bounds, other);
  return head.columns.filter((c) => (dated ? isDate(c.type) : isQuantity(c.type) || (c.type === 'text' && readsAsNumber(head, c.name)))).map((c) => c.name);
}

/** Do values of a column lie anywhere near some bounds? Nobody says so where its name does not. */
function mayReach(name: string, bounds: Bounds, { head }: Pick<Context, 'head'>, other: CheckedHead): boolean {
  // Numbers begin a band each but once.
  const starts = bounds.kind === 'columns' && !isDated(bounds, other) ? other.glances?.get(bounds.from)?.values : undefined;
  if (starts?.some(([v, n]) => v.trim() !== '' && n > 1)) return false;
  const own = head.glances?.get(name), begins = bounds.kind === 'text' ? undefined : other.glances?.get(bounds.from), ends = bounds.kind === 'columns' || bounds.kind === 'told' ? other.glances?.get(bounds.to) : undefined;
  const [low, high] = [Number(begins?.lowest ?? NaN), Number(ends?.highest ?? begins?.highest ?? NaN)], [least, most] = [Number(own?.lowest ?? NaN), Number(own?.highest ?? NaN)];
  return [low, high, least, most].some(Number.isNaN) || (most >= low && (ends === undefined || least <= high));
}

/** Keys beside the bounds: a column that names columns of this table, or one that holds the same things as one of this table. */
function keysOf(of: string, taken: ReadonlySet<string>, { head }: Pick<Context, 'head'>, other: CheckedHead): BandKey[] | null {
  const keys: BandKey[] = [];
  for (const c of other.columns) {
    if (taken.has(c.name) || c.type !== 'text') continue;
    const values = sampleOf(c.name, { head: other });
    const named = values.filter((v) => head.columns.some((h) => folded(h.name) === folded(v)));
    if (named.length > 0 && named.length >= values.length / 2) {
      const own = values.find((v) => folded(v) === folded(of));
      if (own === undefined) return null;
      keys.push({ under: c.name, of: { kind: 'text', value: own } });
      continue;
    }
    const tie = tiesOf(head, other).find((t) => t.there === c.name && !taken.has(t.own));
    if (tie && tie.own !== of && tie.score >= 0.7 && values.length < (other.glances?.get(c.name)?.rows ?? Infinity)) keys.push({ under: c.name, of: column(tie.own) });
  }
  return keys;
}

/** What the band says in which a value of each row lies: of the column that was said, or of the only one that can be meant. Null where there are no bands, or it is not clear. */
export function bandOf(x: Pick<Context, 'head'>, { table, column: value }: OtherColumn, said?: string): BandExpression | null {
  const other = x.head.others?.get(table);
  const bounds = other ? boundsIn(other) : null;
  if (!other || !bounds || boundColumns(bounds).includes(value)) return null;
  const may = mayLie(bounds, x, other);
  if (said !== undefined && !may.includes(said)) return null;
  const taken = new Set([value, ...boundColumns(bounds)]);
  const fits = (said !== undefined ? [said] : may).flatMap((of) => { const keys = keysOf(of, taken, x, other); return keys ? [{ of, keys }] : []; });
  // Named there, alike by a word, or the only one there is.
  const clues = new Set([...boundColumns(bounds), table].flatMap(rest));
  const named = fits.filter((f) => f.keys.some((k) => k.of.kind === 'text'));
  const alike = fits.filter((f) => rest(f.of).some((w) => clues.has(w)));
  const [only, next] = said !== undefined ? fits : named.length ? named : alike.length ? alike : fits.filter((f) => mayReach(f.of, bounds, x, other) && (bounds.kind === 'text' || isDated(bounds, other) || tiesOf(x.head, other).length === 0));
  return only && !next ? { kind: 'band', value, table, bounds, of: column(only.of), keys: only.keys } : null;
}

/** The column of a table of bands that says the same thing as a column of this table: the one of its name, or the only one that is no bound, key or remark. */
export function saysOf(own: string, table: string, { head }: Pick<Context, 'head'>): OtherColumn | null {
  const other = head.others?.get(table);
  const bounds = other ? boundsIn(other) : null;
  if (!other || !bounds) return null;
  const free = other.columns.filter((c) => !boundColumns(bounds).includes(c.name));
  const same = free.find((c) => folded(c.name) === folded(own)) ?? free.find((c) => wordsOf(c.name).some((w) => wordsOf(own).includes(w) && w.length > 2));
  const one = same ?? (free.length === 1 ? free[0] : undefined);
  return one ? { table, column: one.name } : null;
}

/** Is a column's value what the bands of another table say? */
function asSaid(x: Context, own: string, table: string): Condition | null {
  const says = saysOf(own, table, x);
  const band = says && bandOf(x, says);
  return band && { kind: 'compare', op: '=', left: column(own), right: band };
}

/** Whether a value is the one that is expected; blank where none is. */
export const agreeing = (actual: string, expected: string): Expression => ({
  kind: 'choose',
  cases: [{ when: { kind: 'empty', of: column(expected) }, then: { kind: 'blank' } }, { when: { kind: 'compare', op: '=', left: column(actual), right: column(expected) }, then: { kind: 'text', value: 'yes' } }],
  otherwise: { kind: 'text', value: 'no' },
});

const SAYS = 'says|say|said|gives|give|demands|demand|prescribes|prescribe|wants|want|has|have|lists|requires';

export const bandRules: readonly Rule[] = [
  rule('asTable', `what|as|like|that $theTable:t ${SAYS}?`, ({ t }) => t, 0),
  rule('asTable', `the? same as|in $theTable:t ${SAYS}?`, ({ t }) => t, 0),
  rule('asTable', 'with|to $theTable:t', ({ t }) => t, 0.1),
  rule('asTable', 'in line|accordance|agreement|keeping with|to $theTable:t', ({ t }) => t, 0),
  rule('cond', '$col:c agrees|agree|matches|match|follows|follow|conforms|conform|is|are|equals $asTable:t', ({ c, t }, x: Context) => asSaid(x, c, t), 0),
  rule('cond', '$col:c agrees|agree|matches|match|follows|follow|conforms|conform $theTable:t', ({ c, t }, x: Context) => asSaid(x, c, t), 0.1),
  rule('cond', "$col:c disagrees|disagree|contradicts|contradict|differs|differ|deviates|deviate|departs|depart from? $asTable:t", ({ c, t }, x: Context) => { const said = asSaid(x, c, t); return said && not(said); }, 0),
  rule('cond', "$col:c disagrees|disagree|contradicts|contradict|differs|differ|deviates|deviate|departs|depart from|with? $theTable:t", ({ c, t }, x: Context) => { const said = asSaid(x, c, t); return said && not(said); }, 0.1),
  rule('cond', "$col:c ~not agree|match|follow|conform|be? $asTable:t", ({ c, t }, x: Context) => { const said = asSaid(x, c, t); return said && not(said); }, 0),
  rule('obeys', '$every? $col:c must|should|shall|may|has|have|needs|ought only|always|to? be|agree|match|follow|conform $asTable:t', ({ c, t }, x: Context) => asSaid(x, c, t), 0),
  rule('obeys', '$every? $col:c must|should|shall|has|have|needs|ought always|to? follow|match|obey $theTable:t', ({ c, t }, x: Context) => asSaid(x, c, t), 0),
].flat();
