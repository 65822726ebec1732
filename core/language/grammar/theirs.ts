import { readsAsDate, readsAsNumber, type CheckedHead } from '../../formula/check';
import { column, columnsOf, not, number, op, type Comparison, type Condition, type Expression, type LookupFn } from '../../formula/expression';
import { isQuantity } from '../../table/column';
import { nothing, type Context } from '../acts';
import { rule, type Rule } from '../chart';
import { compare, SIZES } from './conditions/make';
import { quantity, rowDate, rowSpan, takingsColumn } from './roles';
import { stemsIn } from '../words';
import type { YesNo } from './seeds/yesno';
import { lookupOf, notListed, type OtherColumn } from './others';
import { bandOf } from './bands';

/* What another table says of each row, without being named: by its bands or its key, and only where it is one value. */

/** Is there only one row of another table for each of its keys? Then a key alone finds it, whatever bounds stand beside. */
export function uniqueThere(under: string, table: string, { head }: Pick<Context, 'head'>): boolean {
  const glance = head.others?.get(table)?.glances?.get(under);
  return glance?.values != null && glance.values.every(([, n]) => n === 1);
}

/** What another table says for each row: by the band that a value lies in, or by a key. */
export function valueThere(x: Pick<Context, 'head'>, value: OtherColumn, fn: LookupFn = 'only', tie?: { readonly own?: string; readonly there?: string; /** A second column that was named. */ readonly also?: string }): Expression | null {
  const keyed = lookupOf(x, value, fn, tie?.own, tie?.there);
  if (fn !== 'only' || tie?.there !== undefined || (keyed?.kind === 'lookup' && uniqueThere(keyed.under, keyed.table, x))) return keyed;
  const said = [tie?.own, tie?.also].filter((c) => c !== undefined);
  const band = [...said, undefined].map((own) => bandOf(x, value, own)).find((b) => b !== null && said.every((c) => columnsOf(b).includes(c)));
  return band ?? (tie?.also === undefined ? keyed : null);
}

/** The same where the table was not named: only where it has one value for each row. */
export function soleValue(x: Pick<Context, 'head'>, value: OtherColumn): Expression | null {
  const e = valueThere(x, value);
  return e?.kind === 'lookup' && !uniqueThere(e.under, e.table, x) ? null : e;
}

/** The same where a key stands there twice now and then, by mistake: those rows have no single value, and are told. */
export function mostlySole(x: Pick<Context, 'head'>, value: OtherColumn): Expression | null {
  const e = valueThere(x, value);
  if (e?.kind !== 'lookup') return e;
  const keys = (x.head.others?.get(e.table)?.glances?.get(e.under)?.values ?? []).filter(([text]) => text.trim() !== '');
  return keys.length > 0 && keys.filter(([, n]) => n > 1).length <= keys.length * 0.1 ? e : null;
}

interface TheirValue extends OtherColumn { readonly text: string }

/** Rows for which another table says one of some values. */
function theirAmong(values: readonly TheirValue[], x: Context): Condition | null {
  const of = soleValue(x, values[0]!);
  return of && { kind: 'among', of, texts: values.map((v) => v.text) };
}

/** Rows for which another table says yes, or no. */
const theyAnswer = (y: OtherColumn & Pick<YesNo, 'yes' | 'no'>, answer: 'yes' | 'no', x: Context): Condition | null => theirAmong(y[answer].map((text) => ({ table: y.table, column: y.column, text })), x);

/** What another table gives for each row, of a column that is read in one way there. */
const readThere = (reads: (head: CheckedHead, name: string) => boolean) => (c: OtherColumn, x: Context): Expression | null => { const there = x.head.others?.get(c.table); return there && reads(there, c.column) ? soleValue(x, c) : null; };
/** A number that another table gives for each row. */
export const theirNumber = readThere(readsAsNumber);
/** A day that another table gives for each row. */
const theirDay = readThere(readsAsDate);

/** Is a column what another table says, or something else? */
function agrees(op: '=' | '<>', own: string, c: OtherColumn, x: Context): Condition | null {
  // A number is held against no code.
  const there = quantity(own, x) ? theirNumber(c, x) : soleValue(x, c);
  return there && !columnsOf(there).includes(own) ? { kind: 'compare', op, left: column(own), right: there } : null;
}

const ownDay = (name: string, x: Context): Expression | null => (readsAsDate(x.head, name) ? column(name) : null);

/** The only column of numbers of a table of rates. */
const rateOf = (table: string, x: Context): OtherColumn | null => onlyThere(table, (c) => isQuantity(c.type), x);

/** The only column of another table of which something holds. */
export function onlyThere(table: string, holds: (c: CheckedHead['columns'][number], other: CheckedHead) => boolean, { head }: Context): OtherColumn | null {
  const other = head.others?.get(table), found = other?.columns.filter((c) => holds(c, other)) ?? [];
  return found.length === 1 ? { table, column: found[0]!.name } : null;
}

/** Amounts times what a table of rates says for each row. */
export function atRates(name: string, table: string, x: Context): Expression | null {
  const amount = quantity(name, x), rate = rateOf(table, x), there = rate && soleValue(x, rate);
  return amount && there && op('*', amount, there);
}

const LIMIT = /\b(?:limit|capacity|max(?:imum)?|most|allowed|allowance|seats|places)\b/i;
const wordsOf = (name: string): readonly string[] => stemsIn(name, (w) => w.length > 2 && !LIMIT.test(w));

/** The only column of numbers here that a limit of another table is of: ‹Passengers› of ‹Passenger limit›. */
function limitedBy({ column: name }: OtherColumn, x: Context): string | null {
  const said = LIMIT.test(name) ? wordsOf(name) : [];
  const found = x.head.columns.filter((c) => readsAsNumber(x.head, c.name) && wordsOf(c.name).some((w) => said.includes(w)));
  return found.length === 1 ? found[0]!.name : null;
}

/** The limits in other tables that are of a column here. */
const limitsOf = (name: string, x: Context): readonly OtherColumn[] =>
  [...(x.head.others ?? [])].flatMap(([table, other]) => other.columns.map((c) => ({ table, column: c.name }))).filter((c) => limitedBy(c, x) === name && theirNumber(c, x) !== null);

const MADE = /\b(?:built|born|birth|made|founded|installed|bought|planted|launched|since|commissioned)\b/i;
/** Whole years from when what another table tells of was made to the day of the row. */
function ageThere(x: Context): Expression | null {
  const day = rowDate(x), found = [...(x.head.others ?? [])].flatMap(([table, other]) => other.columns.filter((c) => MADE.test(c.name)).map((c) => theirDay({ table, column: c.name }, x))).filter((e) => e !== null);
  return day !== null && found.length === 1 ? { kind: 'span', unit: 'years', from: found[0]!, to: column(day) } : null;
}

/** How long a row lasted, against the most or least that another table says in such a unit. */
function lastedMore(operator: Comparison, c: OtherColumn, x: Context): Condition | null {
  const unit = (['days', 'hours', 'minutes', 'weeks', 'months'] as const).find((u) => c.column.toLowerCase().includes(u.slice(0, -1)));
  const [limit, span] = [theirNumber(c, x), unit === undefined ? null : rowSpan(unit, x)];
  return limit && span && compare(operator, span, limit);
}

export const theirRules: readonly Rule[] = [
  // 'Payments for Bread courses': rows whose course, in another table, is that
  rule('theirValues', '$theirValue:v', ({ v }) => [v], 0),
  rule('theirValues', '$theirValue:v and|or|, $theirValues:r', ({ v, r }) => (r[0].column === v.column && r[0].table === v.table ? [v, ...r] : null), 0),
  rule('cond', 'of|for|from|in|on|with|at? $theirValues:v', ({ v }, x: Context) => theirAmong(v, x), 0.3),
  rule('cond', '$theirs:c ~be? $theirValues:v', ({ c, v }, x: Context) => (c.column === v[0].column && c.table === v[0].table ? theirAmong(v, x) : null), 0),
  rule('cond', 'of|for|from|in|on|with|at? $theirValues:v ^$theirs:c', ({ c, v }, x: Context) => (c.column === v[0].column && c.table === v[0].table ? theirAmong(v, x) : null), 0.1),
  // 'Hazardous loads': what another table says yes to
  rule('cond', '~be|~withA? $theirYes:y', ({ y }, x: Context) => theyAnswer(y, 'yes', x), 0.1),
  rule('cond', '~not $theirYes:y', ({ y }, x: Context) => theyAnswer(y, 'no', x), 0.1),
  rule('cond', 'of|from|by|with|on|for|in the? $table|$noun|$col|people|persons|those ~rel? ~withA|with|~be|~have an?|the? $theirYes:y', ({ y }, x: Context) => theyAnswer(y, 'yes', x), -0.2),
  rule('cond', 'of|from|by|with|on|for|in the? $table|$noun|$col|people|persons|those ~rel? ~without|~not an?|any|the? $theirYes:y', ({ y }, x: Context) => theyAnswer(y, 'no', x), 0),
  rule('rset', '$theirYes:y $rows|$guess|$noun', ({ y }, x: Context) => theyAnswer(y, 'yes', x), 0.1),
  // 'Where the unit price is not the list price', of another table
  rule('ex0', 'the|its|their? $theirs:c', ({ c }, x: Context) => theirNumber(c, x), 0.1),
  rule('cond', '$col:a ~be? ~not|~differs the|its|their|from? the|its|their? ^$theirs:b', ({ a, b }, x: Context) => agrees('<>', a, b, x), 0),
  // 'Sold at another price than the list price'
  rule('cond', 'sold|charged|billed|offered|bought|paid|booked? at|for? a|an? another|different|other price|rate|fee|amount|sum than (in|on)? the|its|their? ^$theirs:c', ({ c }, x: Context) => { const a = takingsColumn(x); return a === null ? null : agrees('<>', a, c, x); }, 0),
  rule('cond', '$col:a ~equals the|its|their|as|to? the|its|their? ^$theirs:b', ({ a, b }, x: Context) => agrees('=', a, b, x), 0),
  // 'Using the unit rate from households'
  rule('aside', 'using|taking|given the? $theirList', () => nothing, 0.1),
  rule('theirs', '$theirs:c of|for the|its|their|that|each ^$col:k', ({ c, k }, x: Context) => { const e = soleValue(x, c); return e?.kind === 'lookup' && columnsOf(e).includes(k) ? c : null; }, 0),
  rule('cond', 'of|for|from|in|on|with|at? $theirValues:v ^$table:t', ({ v, t }, x: Context) => (v[0].table === t ? theirAmong(v, x) : null), 0.2),
  // 'Jobs of customers from Tarn'
  rule('cond', 'of|for|from|by|with the? $table:t ~rel? ~be|live|lives|live|come|comes? from|in|of|at|with|called $theirValues:v', ({ v, t }, x: Context) => (v[0].table === t ? theirAmong(v, x) : null), 0),
  ...SIZES.map(([words, operator]) => rule('cond', `${words} $num:n ^$theirs:c`, ({ n, c }, x: Context) => { const e = theirNumber(c, x); return e && compare(operator, e, number(n)); }, 0.1)).flat(),
  rule('cond', 'does|do|did ^$col:a match|equal|agree|correspond with|to? the|its|their? ^$theirs:b', ({ a, b }, x: Context) => agrees('=', a, b, x), 0),
  // 'Of vessels built before 2000'
  ...SIZES.flatMap(([words, operator]) => [
    rule('cond', `of|from|by|with|on|for|whose? the? $table|$noun|$col? ~rel? ~be? ^$theirs:c ${words} $date:d`, ({ c, d }, x: Context) => { const e = theirDay(c, x); return e && compare(operator, e, { kind: 'date', value: d }); }, 0.05),
    rule('cond', `of|from|by|with|on|for|whose? the? $table|$noun|$col? ~rel? ~be? ^$theirs:c ${words} $period:p`, ({ c, p }, x: Context) => { const e = theirDay(c, x); return e && compare(operator, e, { kind: 'date', value: operator === '<' || operator === '>=' ? p.from : p.to }); }, 0.05),
  ]).flat(),
  // 'Over the passenger limit', of what is called so here
  ...(['~more', '~less'] as const).map((words) => rule('cond', `~be? ${words} the|its|their? ^$theirs:c`, ({ c }, x: Context) => { const own = limitedBy(c, x), there = own === null ? null : theirNumber(c, x); return there && compare(words === '~more' ? '>' : '<', column(own!), there); }, 0)).flat(),
  rule('cond', "with|has|have|had|carrying|carried? more ^$col:a than the? $table|$noun|$col|it|they can|may|should|could hold|take|carry|fit|bear|seat|load|have", ({ a }, x: Context) => { const [c, ...more] = limitsOf(a, x); const there = c && more.length === 0 ? theirNumber(c, x) : null; return there && compare('>', column(a), there); }, -0.3),
  ...(['~more', '~less'] as const).map((words) => rule('cond', `~be? ${words} the|its|their? ^$theirs:c (of|for (its|their|the|that)? $col|$noun|$rows|$table)? ,|~open? by|in|of|as? the? $metric:e ~close?`, ({ c, e }, x: Context) => { const there = theirNumber(c, x); return there && compare(words === '~more' ? '>' : '<', e, there); }, 0)).flat(),
  // How old what another table tells of was on the row's day
  rule('ex1', 'how old ~be ~each|the? $table|$noun|$col on|at|by|when the? day|date|time? of? the? $rows|$noun|$guess ,? in? (full|whole)? years?', (_s, x: Context) => ageThere(x), -0.3),
  rule('ex1', 'age of ~each|the? $table|$noun|$col on|at|by|when the? day|date|time? of? the? $rows|$noun|$guess ,? in? (full|whole)? years?', (_s, x: Context) => ageThere(x), -0.3),
  // 'The year the vessel was built'
  rule('expr', '=year|month (in|when|that)? which? the|its|their? $rows|$noun|$table|$col|it|they ~be ^$theirs:c', ({ c }, x: Context) => { const e = theirDay(c, x); return e && { kind: 'part', part: 'year', of: e }; }, -0.1),
  rule('cond', '~withA|with an? ^$theirs:c', ({ c }, x: Context) => { const e = soleValue(x, c); return e && not({ kind: 'empty', of: e }); }, 0.2),
  rule('cond', '~without an?|any? ^$theirs:c', ({ c }, x: Context) => { const e = soleValue(x, c); return e && { kind: 'empty', of: e }; }, 0.2),
  rule('cond', '$word? by|from|of|for|to someone|somebody|people|persons|those|anyone|$noun ~rel? $cond:c', ({ c }) => (JSON.stringify(c).includes('"lookup"') ? c : null), 0.1),
  // 'By people who aren't members'
  rule('cond', "by|from|of|for|to? someone|somebody|people|persons|those|anyone who|that isn't|aren't|is|are not? a|an|one? of? our|the? ^$table:t", ({ t }, x: Context) => notListed(t, x), 0.3),
  ...SIZES.flatMap(([words, operator]) => [
    rule('cond', `~be? $word|$guess|kept? ${words} the|its|their? ^$theirs:c`, ({ c }, x: Context) => lastedMore(operator, c, x), 0.2),
    rule('cond', `$col:a ~be? ${words} the|its|their? ^$theirs:b`, ({ a, b }, x: Context) => { const [m, n] = [ownDay(a, x), theirDay(b, x)]; return m && n && compare(operator, m, n); }, 0.1),
  ]).flat(),
  rule('ex1', '$spanUnit:u since|after|from the|their|its? ^$theirs:a', ({ u, a }, x: Context) => { const from = theirDay(a, x), d = rowDate(x); return from && d !== null && u !== 'minutes' && u !== 'hours' ? { kind: 'span', unit: u, from, to: column(d) } : null; }, -0.1),
  // 'Lessons before the student passed theory'
  ...SIZES.map(([words, operator]) => rule('cond', `${words} when|that? the|its|their? $rows|$noun|$col|$table|it|they? ~be|~have? ^$theirs:c`, ({ c }, x: Context) => { const there = theirDay(c, x), d = rowDate(x); return there && d !== null && compare(operator, column(d), there); }, 0.1)).flat(),
  rule('cond', 'by|from|of|with|for the? $table|$noun|$col|people|persons|those ~rel? ~be? not on|in|among|listed|part on|in|of? the? ^$theTable:t', ({ t }, x: Context) => notListed(t, x), -0.2),
  // 'The price after the student's discount'
  rule('ex2', "$ex1:e after|less|minus|with|taking off? the|its|their|his|her? $col|$table|$noun|$guess? ^$theirs:d", ({ e, d }, x: Context) => { const there = /\b(?:discount|rebate|reduction)\b/i.test(d.column) && e.kind !== 'number' ? theirNumber(d, x) : null; return there && op('*', e, op('-', number(1), op('/', there, number(100)))); }, -0.1),
  // Days between what stands here and there
  rule('ex1', '~days ~took? from|between|since? the|its|their? ^$theirs:a ~fromTo|and the|its|their? ^$col:b', ({ a, b }, x: Context) => daysBetween(theirDay(a, x), ownDay(b, x)), 0),
  rule('ex1', '~days ~took? from|between|since? the|its|their? ^$col:a ~fromTo|and the|its|their? ^$theirs:b', ({ a, b }, x: Context) => daysBetween(ownDay(a, x), theirDay(b, x)), 0),
].flat();

const daysBetween = (from: Expression | null, to: Expression | null): Expression | null => from && to && { kind: 'span', unit: 'days', from, to };
