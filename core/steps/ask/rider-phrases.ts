import { keyOf, rule, type Rule } from '../../language/chart';
import { theirsIn } from '../../language/grammar/pairs';
import { type Act, amend, type Context } from '../../language/acts';
import { all, number, column, columnsOf, type Condition, type Expression } from '../../formula/expression';
import { quantity } from '../../language/grammar/roles';
import { converted, unitInName } from '../../formula/dimensions';
import { unitSort } from '../../values/units';
import { rounded } from '../calculate/adding';
import type { Plan } from '../registry';
import { counts, type Fn, groupOf, isShare, over, partOfAll, uniquely, weightedMean, shareOf } from './question';
import type { AskPlan } from './step';

/** A change to the question asked before. */
const onQuestion = (key: string, change: (plan: AskPlan) => AskPlan | null): Act => amend(`ask ${key}`, (plan: Plan) => (plan.step === 'ask' ? change(plan) : null));

/** Only of a question of the request before. */
const firstSaid = (act: Act): Act => ({ key: act.key, apply: (state) => (state.amends ? act.apply(state) : null) });

/** The one figure of each group as a part of all, of a question of the request before. */
const asShares: Act = firstSaid(onQuestion('as shares', (plan) => { const [f, ...more] = plan.figures; const part = f && more.length === 0 && plan.by.length && !isShare(f.as) ? partOfAll(f.as) : null; return part && { ...plan, figures: uniquely([part], plan.by.map((b) => b.name)) }; }));

/** Figures over what is not zero. */
const withoutZeros: Act = onQuestion('without zeros', (plan) => { const of = [...new Set(plan.figures.flatMap((f) => columnsOf(f.as)))]; return of.length === 1 ? { ...plan, where: all([...(plan.where ? [plan.where] : []), { kind: 'compare', op: '<>', left: column(of[0]!), right: number(0) }]) } : null; });

/** The values of a group as columns: one that was asked for already, or one more. */
const acrossBy = (as: Expression): Act => onQuestion(`across ${keyOf(as)}`, (plan) => {
  const by = plan.by.filter((b) => keyOf(b.as) !== keyOf(as));
  return plan.figures.length === 1 && by.length && !plan.across ? { ...plan, by, across: groupOf(as) } : null;
});

/** The figure of the question before, of one more column. */
function likeFigure(name: string, x: Context): Act | null {
  const e = quantity(name, x);
  const act = e && onQuestion(`like ${name}`, (plan) => {
    const last = plan.figures.at(-1)?.as, of = last?.kind === 'round' ? last.of : last;
    if (of?.kind !== 'total' || (of.fn !== 'count' && columnsOf(of).includes(name))) return null;
    const as = over(of.fn === 'count' || of.fn === 'distinct' ? 'sum' : of.fn, e);
    return { ...plan, figures: [...plan.figures, ...uniquely([last!.kind === 'round' ? { ...last!, of: as } : as], [...plan.by, ...plan.figures].map((f) => f.name))] };
  });
  return act && firstSaid(act);
}

/** The mean instead of the sum. */
function averaged(plan: AskPlan): AskPlan {
  const [first] = plan.figures;
  const total = first!.as as Extract<Expression, { kind: 'total' }>;
  const figures = uniquely([over('mean', total.of)], plan.by.map((b) => b.name));
  return { ...plan, figures, ...(plan.order?.name === first!.name ? { order: { ...plan.order, name: figures[0]!.name } } : {}) };
}

/** A mean in which each row counts as much as another column says. */
function weighed(plan: AskPlan, weight: string, x: Context): AskPlan | null {
  const [first, ...more] = plan.figures;
  const w = quantity(weight, x);
  if (!first || more.length || !w || first.as.kind !== 'total' || first.as.fn !== 'mean') return null;
  return { ...plan, figures: [{ ...first, as: weightedMean(first.as.of, w) }] };
}

/** What was asked before, split by something else; said within one request, by that as well. */
const regrouped = (list: readonly Expression[]): Act => {
  const by = list.map(groupOf);
  const anew = onQuestion(`by ${keyOf(list)}`, (plan) => ({ ...plan, by }));
  const too = onQuestion(`also by ${keyOf(list)}`, (plan) => (by.some((b) => plan.by.some((o) => keyOf(o.as) === keyOf(b.as))) || plan.order ? null : { ...plan, by: [...plan.by, ...by] }));
  return { key: anew.key, apply: (state) => (state.amends ? anew : too).apply(state) };
};

/** What was asked, for each of further groups as well. */
const dividedBy = (b: readonly Expression[]): Act => onQuestion(`split by ${keyOf(b)}`, (plan) => { const more = b.map(groupOf).filter((g) => !plan.by.some((o) => keyOf(o.as) === keyOf(g.as))); return more.length ? { ...plan, by: [...plan.by, ...more] } : null; });

/** The same of a question asked before, by groups. */
const alsoBy = (b: readonly Expression[]): Act => { const act = dividedBy(b); return { key: `also ${act.key}`, apply: (state) => { const last = state.plans.at(-1); return state.amends && last?.step === 'ask' && last.by.length > 0 ? act.apply(state) : null; } }; };

/** What was asked, of some of the rows only. */
const onlyWhere = (c: Condition): Act => onQuestion(`where ${keyOf(c)}`, (plan) => ({ ...plan, where: plan.where ? all([plan.where, c]) : c }));

/** One more figure of what was asked about. */
const alsoFigure = (fn: Fn): Act =>
  onQuestion(`also ${fn}`, (plan) => {
    const first = plan.figures.map((f) => f.as).find((e) => e.kind === 'total' && e.fn !== 'count' && e.fn !== 'distinct');
    if (first?.kind !== 'total' || plan.figures.some((f) => f.as.kind === 'total' && f.as.fn === fn)) return null;
    return { ...plan, figures: [...plan.figures, ...uniquely([over(fn, first.of)], [...plan.by, ...plan.figures].map((f) => f.name))] };
  });

/** Another figure in the place of the only one. */
const otherFigure = (fn: Fn): Act =>
  onQuestion(`rather ${fn}`, (plan) => {
    const [first, ...more] = plan.figures;
    if (!first || more.length || first.as.kind !== 'total' || first.as.fn === 'count' || first.as.fn === fn) return null;
    const figures = uniquely([over(fn, first.as.of)], plan.by.map((f) => f.name));
    return { ...plan, figures, ...(plan.order && plan.order.name === first.name ? { order: { ...plan.order, name: figures[0]!.name } } : {}) };
  });

/** The groups in the order of the figure that is about a column. */
const orderedBy = (plan: AskPlan, name: string, down: boolean): AskPlan | null => {
  const about = plan.figures.filter((f) => columnsOf(f.as).includes(name));
  return plan.by.length && about.length === 1 ? { ...plan, order: { name: about[0]!.name, down } } : null;
};

const ordered = (plan: AskPlan, down: boolean): AskPlan | null => {
  const last = plan.figures[0];
  return last && plan.by.length ? { ...plan, order: { name: last.name, down } } : null;
};

const moreFigures = (list: readonly Expression[]): Act =>
  onQuestion(`more ${keyOf(list)}`, (plan) => {
    const fresh = list.filter((e) => !plan.figures.some((f) => keyOf(f.as) === keyOf(e)));
    return fresh.length ? { ...plan, figures: [...plan.figures, ...uniquely(fresh, [...plan.by, ...plan.figures].map((f) => f.name))] } : null;
  });

/** Blanks of what is averaged or added up are left out anyway, and what another table does not have, where it is compared with that. */
const impliedLeft = (plan: AskPlan, c: Condition): boolean =>
  // Nothing that counts as zero is compared all the same.
  (c.kind === 'not' && c.of.kind === 'listed' && plan.where !== undefined && !keyOf(plan.where).includes('"kind":"orElse"') && theirsIn(plan.where).some((e) => e.kind === 'lookup' && c.of.kind === 'listed' && e.table === c.of.table && keyOf(e.of) === keyOf(c.of.of))) ||
  c.kind === 'empty' && plan.figures.every((f) => { const e = f.as.kind === 'round' ? f.as.of : f.as; return e.kind === 'total' && keyOf(e.of) === keyOf(c.of); });

/** A name that ends in a unit, with another. */
const inUnitNamed = (name: string, unit: string): string => { const own = unitInName(name); return own === null ? name : `${name.slice(0, name.toLowerCase().lastIndexOf(own))}${unit}`; };

/** A figure in another unit than the one that the name of its column tells. */
function inUnit(e: Expression, unit: string): Expression | null {
  const [own] = columnsOf(e).flatMap((name) => { const u = unitInName(name); return u !== null && unitSort(u) === unitSort(unit) ? [u] : []; });
  return own === undefined || e.kind !== 'total' || e.fn === 'count' || e.fn === 'distinct' ? null : converted(e, own, unit);
}

/** What is listed, by other columns. */
const listedAs = (columns: readonly string[]): Act => onQuestion(`listed as ${keyOf(columns)}`, (plan) => (plan.figures.length === 0 && plan.by.length > 0 && plan.order === undefined ? { ...plan, by: columns.map((name) => groupOf(column(name))) } : null));

/** Changes to the question before: its figures, groups, rows and order. */
export const riderPhrases: readonly Rule[] = [
  // 'List the allergens, each one once'
  rule('rider', '(and|each|every)? (one|of them)? only|just? once (each|only)?', () => onQuestion('listed once', (plan) => (plan.by.length > 0 && plan.figures.length === 0 ? plan : null)), 0),
  // 'List the titles of those', as their table calls them
  rule('rider', 'and|please? give|show|list|tell|send|write|name me|us? the $col:c of those|them|these please?', ({ c }) => listedAs([c]), -0.3),
  rule('rider', 'and|please? give|show|list|tell|send|write|name me|us? the $tcol:c of those|them|these please?', ({ c }) => onQuestion(`listed as they call ${c.column}`, (plan) => (plan.figures.length === 0 && keyOf(plan.where ?? null).includes(`"under":${JSON.stringify(c.column)}`) ? plan : null)), -0.3),
  // 'Which members had none? Their member numbers please'
  ...['and|with|by? only|just? their $cols:c only|please?', 'and? give|show|list|tell|send|write|want|need me|us? only|just? the|their|its $cols:c only|please?', 'only|just the|their|its? $cols:c please?', 'the $cols:c only|please|suffice|suffices', 'the $cols:c is|are|will be? enough|do'].map((said) => rule('rider', said, ({ c }) => listedAs(c), -0.3)).flat(),
  // 'Which households paid another total, even by a cent'
  rule('rider', 'even|if|be? (if|it)? only|just? by|if a|one|some|the? (single|few)? cent|cents|penny|bit|little|euro|small amount?', () => onQuestion('by whatever', (plan) => (plan.where?.kind === 'compare' && plan.where.op === '<>' ? plan : null)), -0.2),
  rule('rider', 'to|down|up to? the? last|nearest? cent|penny|centime', () => onQuestion('to the cent', (plan) => (plan.where !== undefined && keyOf(plan.where).includes('"op":"<>"') ? plan : null)), -0.2),
  // One group's values as columns, and a line for all
  rule('rider', 'and|with|but|by? the? $qby:b across|sideways the|at? top|page?', ({ b }) => acrossBy(b), -0.1),
  rule('rider', 'and|with? ~each? $qby:b as|in|on|over|into the? columns|column', ({ b }) => acrossBy(b), -0.1),
  rule('rider', 'with|and? one|a|own? column|columns for|per each|every? $qby:b', ({ b }) => acrossBy(b), -0.1),
  rule('rider', 'and|, $qby:a down the? side|page|rows? and|, $qby:b across the|at? top|page?', ({ b }) => acrossBy(b), -0.1),
  rule('rider', 'and|with|plus|including|add an? grand|overall? total|totals line|row|as? well|too|at|below|underneath|in? the? bottom|end|last? line|row?', (_s, x: Context) => onQuestion('in all', (plan) => (x.head.columns.some((c) => /^totals?$/i.test(c.name)) ? null : plan.by.length && plan.figures.length ? { ...plan, inAll: true } : null)), -0.05),
  rule('rider', 'and|plus in ~inTotal|all|total', () => onQuestion('in all', (plan) => (plan.by.length && plan.figures.length ? { ...plan, inAll: true } : null)), -0.35),
  rule('rider', 'and|plus altogether|overall', () => onQuestion('in all', (plan) => (plan.by.length && plan.figures.length ? { ...plan, inAll: true } : null)), -0.1),
  rule('rider', 'on ~average', () => onQuestion('on average', (plan) => (plan.figures.length === 1 && plan.figures[0]!.as.kind === 'total' && plan.figures[0]!.as.fn === 'sum' ? averaged(plan) : null)), -0.1),
  rule('rider', 'weighted|weighed by|with|on the? $col:w', ({ w }, x: Context) => onQuestion(`weighted ${w}`, (plan) => weighed(plan, w, x)), -0.1),
  // Riders
  rule('rider', 'the? one|ones|amount|amounts|$rows? ~brackets ~be ~negative', () => onQuestion('negative', (plan) => plan), 0),
  rule('rider', 'so|thus|and? it|that|they? counts|count|is|are as? ~negative', () => onQuestion('negative', (plan) => plan), 0),
  rule('rider', 'and? only? for|where|if|when there? ~be $col:c ?|.|,? ~open $values:v or ~blankWord means|mean|is|are|stands|counts|= $remark|$noneOf ~close', ({ c, v }) => onQuestion(`none ${c} ${keyOf(v)}`, (plan) => {
    const here: Condition = all([{ kind: 'not', of: { kind: 'empty', of: column(c) } }, { kind: 'not', of: { kind: 'among', of: column(c), texts: v.map((o: { text: string }) => o.text) } }]);
    return v.every((o: { column: string }) => o.column === c) ? { ...plan, where: plan.where ? all([plan.where, here]) : here } : null;
  }), 0),
  rule('noneOf', 'no|none of|the? $col', () => true, 0),
  rule('rider', 'as|in|rounded? to? a? whole|full percent|percents|percentage|percentages|% number|figure?', () => onQuestion('whole percent', (plan) => (plan.figures.every((f) => isShare(f.as)) ? { ...plan, figures: plan.figures.map((f) => ({ ...f, as: rounded(f.as, 0, 'nearest') })) } : null)), 0),
  rule('rider', '~percentRider', () => onQuestion('percent', (plan) => (plan.figures.every((f) => isShare(f.as)) ? plan : null)), 0),
  rule('rider', '~keepOnly? the? top|first|best $num:n only?', ({ n }) => onQuestion(`top ${n}`, (plan) => (plan.by.length && n > 0 ? { ...(ordered(plan, plan.order?.down ?? true) ?? plan), most: n } : null)), 0),
  rule('rider', 'and|but? what? if we|i|you only|just count|take|look|include|consider at? those|ones|$rows|$noun? ~rel? ~be? $cond:c ??', ({ c }) => onlyWhere(c), -0.2),
  rule('rider', 'and|but? what? if we|i|you count|take|look|include|consider at? only|just those|ones|$rows|$noun? ~rel? ~be? $cond:c ??', ({ c }) => onlyWhere(c), -0.2),
  rule('rider', 'and? restrict|limit|narrow|filter|reduce|confine it|that|this|them|these|those? down? to only? the? $rset:c', ({ c }) => onlyWhere(c), -0.5),
  rule('rider', 'and? summed|added|totalled|totaled|summarised|aggregated up?', () => onQuestion('summed', (plan) => (plan.figures.some((f) => f.as.kind === 'total' && f.as.fn === 'sum') ? plan : null)), 0),
  rule('rider', 'and? sorted|ordered|ranked by? (it|that|them)? ~descending', () => onQuestion('down', (plan) => ordered(plan, true)), -0.1),
  rule('rider', 'and? sorted|ordered|ranked by? (it|that|them)? ~ascending', () => onQuestion('up', (plan) => ordered(plan, false)), -0.1),
  rule('rider', 'sort|order|arrange|rank|list it|them|that|this|these|those by the? number|numbers|count|counts|frequency|size|total|totals|figure|result ,? ~descending?', () => onQuestion('down', (plan) => ordered(plan, true)), -0.4),
  rule('rider', 'sort|order|arrange|rank|list it|them|that|this|these|those by the? number|numbers|count|counts|frequency|size|total|totals|figure|result ,? ~ascending', () => onQuestion('up', (plan) => ordered(plan, false)), -0.4),
  rule('rider', '~justOne', () => onQuestion('one', (plan) => (plan.order ? { ...plan, most: 1 } : null)), 0),
  rule('rider', '~descending', () => onQuestion('down', (plan) => ordered(plan, true)), 0),
  rule('rider', '~ascending', () => onQuestion('up', (plan) => ordered(plan, false)), 0),
  rule('rider', '~highest $col:c first|on? top?', ({ c }) => onQuestion(`most ${c}`, (plan) => orderedBy(plan, c, true)), 0),
  rule('rider', '~lowest|least $col:c first|on? top?', ({ c }) => onQuestion(`least ${c}`, (plan) => orderedBy(plan, c, false)), 0),
  rule('rider', '~highest $word|$guess first|on? top?', () => onQuestion('down', (plan) => (plan.figures.length === 1 ? ordered(plan, true) : null)), 0.1),
  rule('rider', '~highest ~figureTotal|$word first', () => onQuestion('down', (plan) => ordered(plan, true)), 0.05),
  rule('rider', '~lowest ~figureTotal|$word first', () => onQuestion('up', (plan) => ordered(plan, false)), 0.05),
  rule('rider', '~round? $places:p', ({ p }) => onQuestion(`round ${p}`, (plan) => (p >= 0 && p <= 12 && !plan.figures.every((f) => counts(f.as)) ? { ...plan, figures: plan.figures.map((f) => (counts(f.as) ? f : { ...f, as: rounded(f.as, p, 'nearest') })) } : null)), 0),
  rule('rider', 'and? only? for|where|if|when|of|with|in|among only? the? $rset:c', ({ c }) => onlyWhere(c), 0.1),
  rule('omitting', 'not counting|including', () => true, 0),
  rule('omitting', 'without|excluding|ignoring|disregarding|except|omitting|skipping', () => true, 0.05),
  rule('rider', '$rset:c ~be of no interest|importance|use|concern', ({ c }) => onQuestion(`without ${keyOf(c)}`, (plan) => ({ ...plan, where: plan.where ? all([plan.where, { kind: 'not', of: c }]) : { kind: 'not', of: c } })), 0),
  rule('rider', "$rset:c don't|doesn't|dont|doesnt|do|does not? matter|count|interest us|me?", ({ c }) => onQuestion(`without ${keyOf(c)}`, (plan) => ({ ...plan, where: plan.where ? all([plan.where, { kind: 'not', of: c }]) : { kind: 'not', of: c } })), 0),
  rule('rider', 'leave|leaving zeros|zeroes|0|zero out|aside', () => withoutZeros, 0),
  rule('rider', '$omitting the|those|any? $rows|$noun|$guess|ones ~without an|any? figure|number|value|entry|data|reading', () => onQuestion('blanks left out', (plan) => plan), -0.4),
  rule('rider', ',? the? most money|income|takings|revenue first|on? top?', () => onQuestion('money down', (plan) => { const f = plan.figures.find((o) => o.as.kind === 'total' && o.as.fn === 'sum'); return f && plan.by.length ? { ...plan, order: { name: f.name, down: true } } : null; }), -0.1),
  rule('rider', '$omitting the|those|any|all? $rows|ones without|lacking|missing a|an|any|it|one? value|rating|figure|entry?', () => onQuestion('blanks left out', (plan) => plan), -0.1),
  rule('rider', 'where|if|when there ~be one|any|some|something', () => onQuestion('blanks left out', (plan) => plan), -0.1),
  rule('rider', ',|; leave|leaving|without|not counting|ignoring|skip|skipping|excluding the? open|undecided|unfinished|blank|pending ones|$rows out|aside?', () => onQuestion('undecided left out', (plan) => { const of = [...new Set(plan.figures.flatMap((f) => columnsOf(f.as)))]; return of.length === 1 && plan.figures.every((f) => isShare(f.as)) ? { ...plan, where: all([...(plan.where ? [plan.where] : []), { kind: 'not', of: { kind: 'empty', of: column(of[0]!) } }]) } : null; }), -0.1),
  rule('rider', 'as a? share|shares|part|fraction|percentage|percentages of (the)? everything|total|whole|all|it', () => asShares, 0),
  rule('rider', 'in|as percent|percentages|percentage|%|shares', () => asShares, 0),
  // 'Busiest month by number of shoots'
  rule('rider', 'by|in|measured|counted|judged by|in? the? number|count of the? $rows|$noun|$guess', () => onQuestion('by number', (plan) => (plan.figures.every((f) => counts(f.as)) && plan.most !== undefined ? plan : null)), -0.1),
  // 'How many shoots got an album, in percent'
  rule('rider', 'in|as a? percent|percentage|%', () => onQuestion('count as share', (plan) => { const [f, ...more] = plan.figures; return f && more.length === 0 && counts(f.as) && f.as.kind === 'total' && f.as.fn === 'count' && plan.where && plan.most === undefined ? { ...plan, where: undefined, figures: uniquely([shareOf(plan.where)], plan.by.map((b) => b.name)) } : null; }), 0),
  rule('rider', 'only? $rset:c only|please', ({ c }) => firstSaid(onlyWhere(c)), -0.2),
  rule('rider', '$omitting the|those|any|all? unknown|missing|blank|empty|unspecified ones|$rows|values|entries|cells?', () => onQuestion('blanks left out', (plan) => plan), -0.2),
  rule('rider', '$omitting the? zeros|zeroes|0|zero', () => withoutZeros, 0),
  rule('rider', 'the? zeros|zeroes are? left|ignored|excluded|omitted|skipped out?', () => withoutZeros, 0),
  rule('rider', 'rounded|round it|them|that|this? to ^$num:n', ({ n }) => onQuestion(`round ${n}`, (plan) => (n >= 0 && n <= 12 && !plan.figures.every((f) => counts(f.as)) ? { ...plan, figures: plan.figures.map((f) => (counts(f.as) ? f : { ...f, as: rounded(f.as, n, 'nearest') })) } : null)), 0.1),
  rule('rider', '$omitting $rset:c', ({ c }) => onQuestion(`without ${keyOf(c)}`, (plan) => (impliedLeft(plan, c) ? plan : { ...plan, where: plan.where ? all([plan.where, { kind: 'not', of: c }]) : { kind: 'not', of: c } })), -0.1),
  rule('rider', 'leave|leaving out|aside $rset:c', ({ c }) => onQuestion(`without ${keyOf(c)}`, (plan) => (impliedLeft(plan, c) ? plan : { ...plan, where: plan.where ? all([plan.where, { kind: 'not', of: c }]) : { kind: 'not', of: c } })), 0),
  rule('rider', 'leave|leaving out|aside the|those|all? $rows|$guess|ones|those without one|any|it|a|an $word?', () => onQuestion('blanks left out', (plan) => plan), -0.1),
  rule('rider', 'only|just where|if|when there ~be one|any|some|a|an $word?', () => onQuestion('blanks left out', (plan) => (plan.figures.some((f) => f.as.kind === 'total' || f.as.kind === 'round') ? plan : null)), 0),
  rule('rider', 'over|across|for|in the? whole|entire|all $word|$rows', () => onQuestion('all', (plan) => plan), 0.1),
  // 'In kilos': a figure over a column whose name tells another unit
  rule('rider', 'in|as|shown|given in? $unit:u', ({ u }) => onQuestion(`in ${u}`, (plan) => { const made = plan.figures.map((f) => inUnit(f.as, u)); return made.some((e) => e !== null) ? { ...plan, figures: plan.figures.map((f, i) => (made[i] ? { name: inUnitNamed(f.name, u), as: made[i]! } : f)) } : null; }), 0),
  rule('rider', 'and|plus|also|add the? $sameFigure:f as|too|also? well|too?', ({ f }) => alsoFigure(f), 0.1),
  rule('rider', 'the? $sameFigure:f instead|rather', ({ f }) => otherFigure(f), 0),
  rule('rider', 'now|but|and? only|just the? $rset:c', ({ c }) => onlyWhere(c), 0),
  rule('rider', '(and|but|now)? only|just those|the? those|ones|$rows|$noun ~rel ~be? $cond:c', ({ c }) => firstSaid(onlyWhere(c)), -0.9),
  rule('rider', '(and|but|now)? only|just the|those? $rset:c ^ones|$rows|$noun', ({ c }) => firstSaid(onlyWhere(c)), -0.9),
  rule('rider', 'and? only|just counting|taking|considering|including|using|over|among|looking at? the? $rset:c', ({ c }) => onlyWhere(c), -0.1),
  rule('rider', 'and? restrict|limit|reduce|narrow it|that|this|them down? to the? $rset:c', ({ c }) => onlyWhere(c), -0.2),
  rule('rider', 'the? $sameFigure:f as|too|also well?', ({ f }) => alsoFigure(f), 0.1),
  rule('rider', 'and? for|with|in|of only? the? $rset:c only|alone', ({ c }) => onlyWhere(c), 0),
  rule('rider', '~add|~tellMe and|also? the? $qfigs:f $perRow? (next|beside to? it|that|them)? as|too|also? well?', ({ f }) => moreFigures(f), 0.05),
  rule('rider', 'the? $qfigs:f $perRow? as ^well', ({ f }) => moreFigures(f), 0.05),
  rule('rider', 'the? $qfigs:f $perRow? too|also', ({ f }) => moreFigures(f), 0.05),
  // 'And the takings too': the same figure of another column
  rule('rider', 'and|plus|also the|their|its|his|her? $col:c too|also|as? well?', ({ c }, x: Context) => likeFigure(c, x), 0.1),
  rule('rider', 'and|plus|also the? $qfigs:f $perRow? as|too|also? well?', ({ f }) => moreFigures(f), 0.1),
  rule('rider', 'and? next|beside|besides|alongside to? it|that|them|this ,|:? show|add|put|have|want? the? $qfigs:f', ({ f }) => moreFigures(f), -0.1),
  rule('rider', 'and|plus|also|then? show|add|put? the? $qfigs:f $perRow? next|beside|besides|alongside to? it|that|them|this', ({ f }) => moreFigures(f), 0),
  rule('rider', 'and|now? ~each $qbys:b instead?', ({ b }) => regrouped(b), 0.05),
  rule('rider', 'what|how about by|per|for|with? each|every|the? $qbys:b ??', ({ b }) => regrouped(b), 0.1),
  rule('rider', 'the? same again|thing|question? by|per|for each|every|the|all? $qbys:b ??', ({ b }) => regrouped(b), 0.05),
  rule('rider', '$nopes? ~iMeant by|per|for each|every|the? $qbys:b', ({ b }) => regrouped(b), 0),
  rule('rider', 'and|also|now? ~each $qbys:b as|too|also well?', ({ b }) => dividedBy(b), -0.1),
  rule('rider', 'and|also the? $qbys:b as|too|also ^well?', ({ b }, x: Context) => (b.some((e: Expression) => e.kind === 'column' && quantity(e.name, x) !== null) ? null : alsoBy(b)), 0.3),
  rule('rider', 'and|now? also|additionally|further ~each $qbys:b', ({ b }) => dividedBy(b), -0.1),
  rule('rider', 'and|now|please? split|break|divide|cut|show it|that|this|them|those up|down|out? by|per|into|for each? $qbys:b', ({ b }) => dividedBy(b), -0.2),
].flat();
