import type { Entailed } from '../../language/entailed';
import type { SpanUnit } from '../../values/date';
import { keyOf, rule, type Rule } from '../../language/chart';
import { byPercent, column, columnsOf, type Condition, type Expression, number, op } from '../../formula/expression';
import { findColumn } from '../../table/table';
import { percent, quantity } from '../../language/grammar/roles';
import { type Act, type Context, nothing, ofLast, withPlan } from '../../language/acts';
import type { Rounding } from '../../values/number';
import { convertUnit, unitSort } from '../../values/units';
import { converted, unitInName } from '../../formula/dimensions';
import { nearMultiple, limitedTo, named, onLast } from './amending';
import { cases, hasTotal, inParts, isAcross, isLate, isPercent, isRatio, isSpan, needs, percented, ratioOf, textual } from './formulas';
import { rounded } from './adding';
import type { CalculatePlan } from './step';

const round = (places: number, mode: Rounding = 'nearest'): Act =>
  onLast(`round ${places} ${mode}`, (plan) => (Number.isInteger(places) && places >= 0 && places <= 12 && !textual(plan.as) && !(plan.as.kind === 'found' && places > 2) ? named(plan, rounded(places > 0 ? inParts(plan.as) : plan.as, places, mode)) : null));

/** What is said of columns beside a calculation that it uses, or that it does not. */
const saying = (key: string, columns: readonly string[], used: boolean): Act => onLast(`${key} ${columns.join()}`, (plan) => (!plan.replace && columns.every((c) => columnsOf(plan.as).includes(c) === used) ? plan : null));

/** What the request before calculated, as a percentage of a column. */
const shareOf = (name: string, of: Expression): Act => ofLast(onLast(`share of ${name}`, (plan) => (textual(plan.as) || plan.replace || isPercent(plan.as) || isRatio(plan.as) ? null : named(plan, percented(op('/', plan.as, of))))));

/** 'As a number', of a piece of a text that was just put into a column of its own. */
const numbered: Act = {
  key: 'calculate as number',
  apply(state) {
    const last = state.plans.at(-1);
    return last?.step === 'calculate' && !last.replace && last.as.kind === 'piece' ? withPlan(state, { step: 'convert', columns: [last.name], to: 'decimal' }, [last.name]) : null;
  },
};

/** A number that the request before calculated, calculated further. */
const onSaid = (key: string, further: (plan: CalculatePlan) => Expression): Act => ({ key: `further ${key}`, apply: (state) => (state.amends ? onLast(key, (plan) => (textual(plan.as) || plan.replace || isAcross(plan.as) ? null : named(plan, further(plan)))).apply(state) : null) });

/** The same calculation with another percentage: '4% of the paid amount' with 3. */
function atRate(e: Expression, p: number): Expression | null {
  if (e.kind === 'round') { const of = atRate(e.of, p); return of && { ...e, of }; }
  if (e.kind !== 'op' || e.op !== '*' || e.right.kind !== 'op' || e.right.op !== '/' || e.right.right.kind !== 'number' || e.right.right.value !== 100 || e.right.left.kind !== 'number') return null;
  return { ...e, right: op('/', number(p), number(100)) };
}

/** What was calculated, only for some rows; the others stay blank. */
const onlyFor = (c: Condition): Act =>
  onLast(`only for ${keyOf(c)}`, (plan) => (plan.replace || plan.as.kind === 'choose' ? null : { ...plan, as: { kind: 'choose', cases: [{ when: c, then: plan.as }], otherwise: { kind: 'blank' } } }));

/** Another percentage, or another value, for some of the rows. */
const exceptFor = (where: Condition, value: Expression | { readonly rate: number }): Act =>
  onLast(`except ${keyOf([where, value])}`, (plan) => {
    if (plan.replace || textual(plan.as)) return null;
    const general = plan.as.kind === 'choose' ? plan.as.otherwise : plan.as;
    const then = 'rate' in value ? atRate(general, value.rate) : value;
    if (then === null || ('rate' in value ? false : general.kind === 'column')) return null;
    return named(plan, cases([...(plan.as.kind === 'choose' ? plan.as.cases : []), { when: where, then }], general));
  });

/** What is measured in a unit measured in another of its sort; a formula without a measure is only confirmed. */
function inUnit(plan: CalculatePlan, unit: string): CalculatePlan | null {
  let measured = false, other = false;
  const change = <T>(node: T): T => {
    if (Array.isArray(node)) return node.map(change) as T;
    if (typeof node !== 'object' || node === null) return node;
    const all = Object.fromEntries(Object.entries(node).map(([k, v]) => [k, change(v)]));
    if (all['kind'] === 'lapse' && (unit === 'min' || unit === 'h')) { measured = true; return { ...all, unit: unit === 'min' ? 'minutes' : 'hours' } as T; }
    if (all['kind'] === 'span' && (all['unit'] === 'hours' || all['unit'] === 'minutes') && (unit === 'min' || unit === 'h')) { measured = true; return { ...all, unit: unit === 'min' ? 'minutes' : 'hours' } as T; }
    if (all['kind'] !== 'measure') return all as T;
    measured = true;
    if (unitSort(String(all['unit'])) !== unitSort(unit)) other = true;
    return { ...all, unit } as T;
  };
  const as = change(plan.as);
  const far = ofThere(plan.as, unit);
  if (far !== undefined) return far && named(plan, far);
  // How many characters there are is in no unit.
  if (plan.as.kind === 'size') return null;
  // Nor is a span of days a span of years in another unit: that is counted anew.
  if (!measured && isSpan(plan.as)) return null;
  return !measured ? (plan.as.kind === 'round' ? named(plan, { ...plan.as, of: columnsIn(plan.as.of, unit) ?? plan.as.of }) : named(plan, columnsIn(plan.as, unit) ?? plan.as)) : other ? null : { ...plan, as };
}

/** A value of another table whose name tells a unit, in another of its sort; null where it is of another sort, undefined for anything else. */
function ofThere(e: Expression, unit: string): Expression | null | undefined {
  if (e.kind === 'round' || e.kind === 'orElse') { const of = ofThere(e.of, unit); return of && { ...e, of }; }
  const own = e.kind === 'lookup' && e.fn !== 'count' ? unitInName(e.value) : null;
  const each = own === null ? null : convertUnit(1, own, unit);
  return own === null ? undefined : each === null ? null : each === 1 ? e : each > 1 ? op('*', e, number(each)) : op('/', e, number(Math.round(1 / each)));
}

/** A span in other units: days for years. */
function inSpans(plan: CalculatePlan, unit: SpanUnit): CalculatePlan | null {
  const span = plan.as.kind === 'round' ? plan.as.of : plan.as;
  if (span.kind !== 'span' || span.holidays) return null;
  const as = { ...span, unit };
  return named(plan, plan.as.kind === 'round' ? { ...plan.as, of: as } : as);
}

/** A formula over the one column whose name tells a unit of this sort, in another such unit: kilos per piece in grams. */
function columnsIn(e: Expression, unit: string): Expression | null {
  const own = [...new Set(columnsOf(e).flatMap((name) => { const u = unitInName(name); return u && unitSort(u) === unitSort(unit) ? [u] : []; }))];
  const top = (n: Expression): readonly string[] => (n.kind === 'op' && n.op === '/' ? top(n.left) : n.kind === 'op' && n.op === '^' ? [] : columnsOf(n));
  return own.length === 1 && top(e).some((name) => unitInName(name) === own[0]) ? converted(e, own[0]!, unit) : null;
}

const cased = (letters: 'upper' | 'lower' | 'title'): Act => onLast(`cased ${letters}`, (plan) => (['piece', 'join', 'letters', 'slot', 'found', 'inside'].includes(plan.as.kind) ? { ...plan, as: { kind: 'cased', letters, of: plan.as } } : null));

/** Whatever else is said of the calculation before: rounded, named, limited, in a unit, for some rows only. */
/** 'Plus 19% VAT', said of what was calculated in the request before. */
const percentOn = (p: number, sign: '+' | '-'): Act => { const more = (e: Expression): Expression => (e.kind === 'round' ? { ...e, of: more(e.of) } : byPercent(sign, e, p)); return onSaid(`percent ${sign} ${p}`, (plan) => more(plan.as)); };

export const riderPhrases: readonly Rule[] = [
  // 'Going by the sold tickets and the seats', 'the comps are not counted'
  rule('rider', 'going|judging|calculated|worked|based|measured out? by|on|from|with|to the? $cols:c', ({ c }) => saying('going by', c, true), -0.2),
  rule('rider', '$cols:c ~be|do|does ~not count|counted|counting|included|considered|part|in (of it)?', ({ c }) => saying('not counted', c, false), -0.2),
  rule('rider', "$cols:c aren't|isn't|don't|doesn't count|counted|counting|included|considered|part|in (of it)?", ({ c }) => saying('not counted', c, false), -0.2),
  // 'And the parts on top': to what was just calculated
  rule('rider', 'and|plus|with|add? the|its|their? ^$col:c on ^top', ({ c }, x: Context) => onLast(`on top ${c}`, (plan) => { const e = quantity(c, x); return e && plan.name !== c && (plan.as.kind === 'op' || plan.as.kind === 'round') ? { ...plan, as: plan.as.kind === 'round' ? { ...plan.as, of: op('+', plan.as.of, e) } : op('+', plan.as, e) } : null; }), -0.6),
  rule('rider', 'the? absolute|abs values|value|difference|figure? please|only|instead?', () => onSaid('absolute', (plan) => ({ kind: 'maths', fn: 'absolute value', of: plan.as })), 0),
  rule('rider', 'without|ignoring|drop|forget the? sign|signs|minus', () => onSaid('absolute', (plan) => ({ kind: 'maths', fn: 'absolute value', of: plan.as })), 0.1),
  rule('rider', '$nopes? actually|rather|better? make|take|have it|that|this? times|multiplied by? $num:n', ({ n }) => onSaid(`times ${n}`, (plan) => op('*', plan.as, number(n))), -0.2),
  rule('rider', 'and|now|then? plus|add|with|including $pct:p tax|vat|interest|surcharge|commission|service|extra? to|on? top|it|that?', ({ p }) => percentOn(p, '+'), -0.1),
  rule('rider', 'and|now|then? minus|less|take|with $pct:p discount|commission|rebate|tax|off? off?', ({ p }) => percentOn(p, '-'), 0),
  rule('rider', 'as|into|to a? ~number', () => numbered, 0),
  rule('rider', "~if|~wherever|when there is|are|be|was? no $col:b ,? then|just|only|use|take|write|put? then|just|only|use|take|write|put? the? $col:a on|by|alone|itself? its? own|itself?", ({ a, b }) => onLast(`joined ${a} ${b}`, (plan) => (plan.as.kind === 'join' && [a, b].every((c) => columnsOf(plan.as).includes(c)) ? plan : null)), -0.2),
  rule('rider', "~if|~wherever|when there's no $col:b ,? then|just|only|use|take|write|put? then|just|only|use|take|write|put? the? $col:a on|by|alone|itself? its? own|itself?", ({ a, b }) => onLast(`joined ${a} ${b}`, (plan) => (plan.as.kind === 'join' && [a, b].every((c) => columnsOf(plan.as).includes(c)) ? plan : null)), -0.2),
  rule('rider', '~round? $places:p', ({ p }) => round(p), 0),
  rule('rider', '~makeIt to|with|at? $places:p', ({ p }) => round(p), 0),
  rule('rider', 'rename|retitle|relabel|rechristen it|that|this|them|the? new? column? to|as|into? $name:n', ({ n }) => onLast(`renamed ${n}`, (plan, head) => (findColumn(head.columns, n) || plan.replace ? null : { ...plan, name: n })), -0.2),
  // What is calculated said once more, and how a percentage is to be read: '(40 for 40%)'
  rule('rider', '~open? $num:a for|means|mean|is|=|as|standing|stands for|=? $pct:p ~close?', ({ a, p }) => onLast(`${a} for ${p}%`, (plan) => (a === p && (isPercent(plan.as) || isRatio(plan.as)) ? (isPercent(plan.as) ? plan : named(plan, percented(plan.as))) : null)), 0),
  rule('rider', 'i.e|meaning|namely|so|that|:|,|–|- is|means? :|,? $ex2:e', ({ e }) => onLast(`that is, ${keyOf(e)}`, (plan) => (e.kind === 'op' && keyOf(ratioOf(plan.as) ?? plan.as) === keyOf(ratioOf(e) ?? e) ? plan : null)), 0.05),
  // 'Minus another 1.50 per comp as well': more of the same calculation, said afterwards
  // 'No, minus 5' is another number, unless it is said to come on top.
  ...['and? ~minus another|also|further|again|additionally? $ex1:e as|too|also? well?', '$nopes ,|:? and? ~minus another|also|further|again|additionally $ex1:e', '$nopes? ,|:? also|additionally|on|in top|addition? and? ~minus another? $ex1:e', '$nopes and? ~minus $ex1:e as|too|also well?'].map((said) => rule('rider', said, ({ e }) => onSaid(`less ${keyOf(e)}`, (plan) => op('-', plan.as, e)), -0.3)).flat(),
  rule('rider', ',|and|with|~open? both|the? first and the? last (day|days)? (both|are|is|to be|being|should be)? counted|included|inclusive|count|counting ~close?', () => onLast('both days', (plan) => (plan.as.kind === 'span' && plan.as.unit === 'days' ? named(plan, op('+', plan.as, number(1))) : null)), -0.1),
  // 'In percent of the price instead'
  rule('rider', '$nopes? and|but|now|then? (show|make|give|put|write|express)? (it|that|this)? ~percentOf the? $col:c instead|rather|please?', ({ c }, x: Context) => { const q = quantity(c, x); return q && shareOf(c, q); }, 0.1),
  rule('rider', '$nopes? and? ~minus another|also|further? $pct:p (on top|of that|off)? as|too|also? well?', ({ p }) => onSaid(`less ${p}%`, (plan) => op('*', plan.as, op('-', number(1), op('/', number(p), number(100))))), -0.4),
  rule('rider', '$nopes? and? ~sum|add another|also|further? $pct:p (on top|to that|on that)? as|too|also? well?', ({ p }) => onSaid(`plus ${p}%`, (plan) => op('*', plan.as, op('+', number(1), op('/', number(p), number(100))))), -0.4),
  rule('rider', '$nopes? and|then? plus|add the? $ex1:e (to|on it|that|top)? (as|too|also well?)?', ({ e }) => onSaid(`plus ${keyOf(e)}`, (plan) => op('+', plan.as, e)), -0.3),
  rule('rider', '$nopes? and? ~sum another|also|further|again|additionally $ex1:e as|too|also? well?', ({ e }) => onSaid(`plus ${keyOf(e)}`, (plan) => op('+', plan.as, e)), -0.3),
  rule('rider', '$nopes? and|then|now? divide it|that|this|them|the result|sum|total|difference|whole? by the? $ex1:e', ({ e }) => onSaid(`divided by ${keyOf(e)}`, (plan) => op('/', plan.as, e)), -0.3),
  rule('rider', '$nopes? and|then|now? multiply|times it|that|this|them by|with? the? $ex1:e', ({ e }) => onSaid(`times ${keyOf(e)}`, (plan) => op('*', plan.as, e)), -0.3),
  rule('rider', '~round it|that|them|this|the? result? to? $num:n', ({ n }) => round(n), 0.1),
  rule('rider', 'rounded|round ^up to? ~whole $word?', () => round(0, 'up'), -0.4),
  rule('rider', 'rounded|round up', () => round(0, 'up'), 0.1),
  rule('rider', 'rounded|round ^down to? ~whole $word?', () => round(0, 'down'), -0.4),
  rule('rider', '~notRounded', () => onLast('raw', (plan) => plan), 0),
  rule('rider', 'as|in|rounded? to? a? whole|full percent|percents|percentage|percentages|% number|figure?', () => onLast('whole percent', (plan) => ({ ...plan, as: rounded(isPercent(plan.as) ? plan.as : percent(plan.as), 0, 'nearest') })), 0),
  rule('rider', 'in|as a|the? percent|percentage|% of what|the? we|it|they? $col:c', ({ c }) => onLast(`percent of ${c}`, (plan) => { const r = ratioOf(plan.as); return r && keyOf(r.right) === keyOf(column(c)) ? (isPercent(plan.as) ? plan : { ...plan, as: percent(plan.as) }) : null; }), 0),
  rule('rider', 'only? $col:a $rows|$guess? counts|count ,|and|but? not $cols:b', ({ a, b }) => onLast(`counts ${a}`, (plan) => { const used = columnsOf(plan.as); return used.includes(a) && !b.some((n: string) => used.includes(n)) ? plan : null; }), 0),
  rule('rider', 'in|as a|the? percent|percentage|per|% cent?', () => onLast('percent', (plan) => (isPercent(plan.as) ? plan : isRatio(plan.as) ? { ...plan, as: plan.as.kind === 'round' ? { ...plan.as, of: percent(plan.as.of) } : percent(plan.as) } : null)), 0),
  // 'companies stay as they are': there the column itself
  rule('rider', 'but|and? the? $rset:c stay|stays|remain|remains|are|is left? as|unchanged they|it|are|is? are|is|before?', ({ c }) => onLast(`unless ${keyOf(c)}`, (plan) => { const [own, ...more] = [...new Set(columnsOf(plan.as))]; return own !== undefined && more.length === 0 && !isSpan(plan.as) && plan.as.kind !== 'choose' ? { ...plan, as: cases([{ when: c, then: column(own) }], plan.as) } : null; }), -0.3),
  rule('rider', 'in|as|counted ^$spanUnit:u', ({ u }) => onLast(`span ${u}`, (plan) => inSpans(plan, u)), 0),
  rule('rider', 'in|as $unit:u', ({ u }) => onLast(`unit ${u}`, (plan) => inUnit(plan, u)), 0.05),
  rule('rider', '^$unit:u', ({ u }) => onLast(`unit said ${u}`, (plan) => (/"kind":"(?:measure|lapse|clock)"/.test(keyOf(plan.as)) ? inUnit(plan, u) : null)), 0.3),
  rule('aside', 'down the? list|column|rows|sheet|table', () => nothing, 0.05),
  rule('aside', 'the? first $rows of a|each|every|the $col ~be? ~blankWord', () => nothing, 0.05),
  // A text joined of two, of which one is missing, is the other: as joining is anyway
  ...['~if|~wherever there? ~without $col:a ,? then? use|take|put|write|give|show|it? is|should? be? only|just|simply the? $col:b', 'use|take|put|write|give|show? only|just|simply the? $col:b ~if|~wherever there? ~without $col:a', '~if|~wherever $col:a ~be ~blankWord ,? then? use|take|put|write|give|show? only|just|simply the? $col:b', 'use|take|put|write|give|show? only|just|simply the? $col:b ~if|~wherever $col:a ~be ~blankWord', 'only|just|simply the? $col:b ~without an? $col:a'].flatMap((said) => ['', ' alone|itself', ' on|by its own|itself'].flatMap((alone) => rule('rider', said.replace('$col:b', `$col:b${alone}`), ({ a, b }) => onLast('join', (plan) => (plan.as.kind === 'join' && [a, b].every((n) => columnsOf(plan.as).includes(n)) ? plan : null)), -0.4))),
  rule('rider', '~if there is no $col:a ,? just the? $col:b on its own', ({ a, b }) => onLast('join', (plan) => (plan.as.kind === 'join' && [a, b].every((n) => columnsOf(plan.as).includes(n)) ? plan : null)), 0),
  rule('rider', 'all? ~into? ~lower', () => cased('lower'), 0),
  rule('rider', 'all? ~into? ~upper', () => cased('upper'), 0),
  rule('rider', 'all? ~into? ~title', () => cased('title'), 0),
  rule('rider', 'column|field name|title|heading|header :|=|is? $name:n', ({ n }) => onLast(`titled ${n}`, (plan, head) => (findColumn(head.columns, n) || plan.replace ? null : { ...plan, name: n })), -0.2),
  rule('rider', 'and|also|then|,? also? subtract|deduct $ex2:e off|away|too|as? well?', ({ e }) => onLast(`less ${keyOf(e)}`, (plan) => (textual(plan.as) || plan.replace || e.kind === 'column' && columnsOf(plan.as).includes(e.name) ? null : named(plan, op('-', plan.as, e)))), 0.1),
  rule('rider', 'and|also|then|,? also? add $ex2:e on|to|it|too|as? well|it?', ({ e }) => onLast(`plus ${keyOf(e)}`, (plan) => (textual(plan.as) || plan.replace || e.kind === 'column' || e.kind === 'number' || plan.as.kind === 'across' ? null : named(plan, op('+', plan.as, e)))), 0.3),
  rule('rider', 'add|put|save|store|call|name|keep it|that|this|them as|in|into|under ~column? ~named? $name:n', ({ n }) => onLast(`added as ${n}`, (plan, head) => (findColumn(head.columns, n) || plan.replace ? null : { ...plan, name: n })), -0.1),
  rule('rider', 'the|its name|title|heading ~should|is|shall be? $name:n', ({ n }) => onLast(`its name ${n}`, (plan, head) => (findColumn(head.columns, n) || plan.replace ? null : { ...plan, name: n })), -0.2),
  // 'Raise the rent by 4 percent, as Rent 2027': beside what there is
  rule('rider', 'and? save|store|put|write|keep? it|that|this|the? result? as|into|under|in a? ~column? ~named? $name:n', ({ n }) => onLast(`beside as ${n}`, (plan, head) => (findColumn(head.columns, n) || !plan.replace ? null : { ...plan, name: n, replace: false })), -0.1),
  rule('rider', 'write|give|use|spell|show out? the? whole|full|complete|entire name|word|weekday out?', () => onLast('whole name', (plan) => (plan.as.kind === 'part' && (plan.as.part === 'weekday' || plan.as.part === 'month name') ? plan : null)), 0),
  // 'Multiply stock by cost to get the stock value'
  rule('rider', 'to|and get|obtain|find|give|see|know the|their|its|a? $name:n', ({ n }) => onLast(`got ${n}`, (plan, head) => (findColumn(head.columns, n) || plan.replace ? null : { ...plan, name: n })), 0.1),
  // '40 rather than 0.4'
  rule('rider', '$num:a %? rather|and|, than|not|instead of? $num:b', ({ a, b }) => onLast('as percent', (plan) => (Math.abs(a - 100 * b) < 1e-9 && (isPercent(plan.as) || isRatio(plan.as)) ? (isPercent(plan.as) ? plan : named(plan, percented(plan.as))) : null)), -0.1),
  rule('rider', "don't|dont|without|no|not =re-sort|sort|sorting|reorder|re-order|resort|reordering|move the|any? rows|table|list|order|it|them?", () => onLast('as they lie', (plan) => (plan.replace ? null : plan)), 0),
  rule('rider', '$values:v $rows|$guess|$noun? included|counted|too|also (in|as well)?', () => onLast('counted too', (plan) => (plan.where || !hasTotal(plan.as) ? null : plan)), 0.1),
  rule('rider', '~if nothing|none was|were|is $word ,? no $name', () => onLast('nothing', (plan) => (ratioOf(plan.as) ? plan : null)), 0.1),
  rule('rider', 'no $cols:c ,? no $name|$word', ({ c }) => onLast(`none ${c.join()}`, (plan) => (c.every((n: string) => needs(plan.as.kind === 'round' ? plan.as.of : plan.as, n)) ? plan : null)), 0.2),
  // '4% of the paid amount, 3% if it was grade C'
  rule('rider', ',|but|and|or|only|just? only|just? $pct:p ~if it|that|they? ~be? $cond:c', ({ p, c }) => exceptFor(c, { rate: p }), -0.1),
  rule('rider', ',|but|and|or|only|just? only|just? $pct:p on|for|with|at|in the? $rset:c', ({ p, c }) => exceptFor(c, { rate: p }), -0.05),
  rule('rider', ',|but|and only|just? $num:p on|for|with|at|in the? $rset:c', ({ p, c }) => exceptFor(c, { rate: p }), 0.1),
  // '2 % of invoiced, for team A 3 %', '... but team A gets 3 %'
  rule('rider', ',|;|but|and|. on|for|with|at|in the? $rset:c it|they? ~be? only|just|even? $pct:p', ({ p, c }) => exceptFor(c, { rate: p }), -0.1),
  rule('rider', ',|;|but|and|. the? $rset:c gets|get|has|have|pays|pay|is|are|at|:|with|takes|take|earns|earn only|just|even? $pct:p', ({ p, c }) => exceptFor(c, { rate: p }), -0.1),
  // 'load factor in percent (passengers over capacity)': the same said once more
  rule('rider', '~open $ex2:e ~close', ({ e }) => onLast(`that is ${keyOf(e)}`, (plan) => (e.kind === 'op' && keyOf(ratioOf(plan.as) ?? plan.as) === keyOf(ratioOf(e) ?? e) ? plan : null)), -0.2),
  rule('rider', 'as|in a? percent|percentage|% between|from 0 and|to 100', () => onLast('percent', (plan) => (isPercent(plan.as) ? plan : isRatio(plan.as) ? { ...plan, as: plan.as.kind === 'round' ? { ...plan.as, of: percent(plan.as.of) } : percent(plan.as) } : null)), 0),
  rule('rider', ',? short|abbreviated|shortened form|names|name? ~open? ($word|~weekdays ,? $word|~weekdays?)? ~close?', () => onLast('short part', (plan) => (plan.as.kind === 'part' && (plan.as.part === 'weekday' || plan.as.part === 'month name') ? { ...plan, as: { kind: 'letters', side: 'first', count: 3, of: plan.as } } : null)), 0.05),
  rule('rider', 'in words|letters', () => onLast('part name', (plan) => (plan.as.kind !== 'part' ? null : plan.as.part === 'month' ? { ...plan, as: { ...plan.as, part: 'month name' } } : plan.as.part === 'weekday' || plan.as.part === 'month name' ? plan : null)), 0),
  rule('rider', 'spelled|spelt|written out (in|as (full|words|a word))?', () => onLast('part spelled out', (plan) => (plan.as.kind !== 'part' ? null : plan.as.part === 'month' ? { ...plan, as: { ...plan.as, part: 'month name' } } : plan.as.part === 'weekday' || plan.as.part === 'month name' ? plan : null)), -0.1),
  rule('rider', 'as|by? the? name|names of the? month|months|weekday|weekdays|day|days', () => onLast('part named', (plan) => (plan.as.kind !== 'part' ? null : plan.as.part === 'month' ? { ...plan, as: { ...plan.as, part: 'month name' } } : plan.as.part === 'weekday' || plan.as.part === 'month name' ? plan : null)), -0.2),
  rule('rider', 'as|by a|its|the? name|word|text', () => onLast('part name', (plan) => (plan.as.kind !== 'part' ? null : plan.as.part === 'month' ? { ...plan, as: { ...plan.as, part: 'month name' } } : plan.as.part === 'weekday' || plan.as.part === 'month name' ? plan : null)), 0),
  rule('rider', 'only|alone', () => onLast('only a part', (plan) => (plan.as.kind === 'piece' || plan.as.kind === 'slot' || plan.as.kind === 'part' || plan.as.kind === 'letters' ? plan : null)), 0.1),
  rule('rider', '~number', () => onLast('number', (plan) => (textual(plan.as) ? null : plan)), 0.1),
  rule('rider', '$nopes :|,? $formula:e', ({ e }) => onLast(`corrected ${keyOf(e)}`, (plan) => (e.kind === 'number' || e.kind === 'column' ? null : { ...plan, as: e })), 0),
  rule('rider', '~corrected $formula:e', ({ e }) => onLast(`corrected ${keyOf(e)}`, (plan) => (e.kind === 'number' ? null : { ...plan, as: e })), 0),
  rule('aside', '~open|like|as|e.g|eg|: ~weekdays (,|and|or ~weekdays)? (,|and|or ~weekdays)? (etc|...)? ~close?', () => nothing, 0.1),
  rule('rider', '$num:n ~if $col|it|they|$rows|$noun? ~be? $col|$word? in|on|ahead|early|earlier|before|punctual of? time|due|it?', ({ n }) => onLast('not negative', (plan) => (n === 0 && (isSpan(plan.as) || isLate(plan.as)) ? { ...plan, as: { kind: 'choose', cases: [{ when: { kind: 'compare', op: '<', left: plan.as, right: number(0) }, then: number(0) }], otherwise: plan.as } } : null)), 0),
  rule('rider', '$num:n ~if there|we|they|it|that? is|are|have|has|was|were? enough|sufficient|plenty', ({ n }) => onLast('at least', (plan) => (n === 0 && !textual(plan.as) ? { ...plan, as: { kind: 'choose', cases: [{ when: { kind: 'compare', op: '<', left: plan.as, right: number(0) }, then: number(0) }], otherwise: plan.as } } : null)), 0),
  rule('rider', 'at least|minimum|lowest|worst zero|0', () => onLast('not negative', (plan) => (textual(plan.as) || plan.as.kind === 'choose' ? null : { ...plan, as: { kind: 'choose', cases: [{ when: { kind: 'compare', op: '<', left: plan.as, right: number(0) }, then: number(0) }], otherwise: plan.as } })), 0.05),
  ...([['<', 'never|not|no|nothing ~be? below|under|less|lower|smaller|fewer than?'], ['<', 'but|and|with|, a|an? at|minimum|floor|lower least|of|limit'], ['>', 'never|not|no|nothing ~be? above|over|more|higher|larger|greater than?'], ['>', 'but|and|with|, a|an? at|maximum|cap|upper most|of|limit'], ['>', 'capped|limited|cut at|to|off at?']] as const).flatMap(([operator, words]) => rule('rider', `${words} $num:n $unit|$word?`, ({ n }) => limitedTo(operator, n), 0.02)),
  rule('rider', 'never|not below|under|less|negative than? zero|0?', () => onLast('not negative', (plan) => (textual(plan.as) ? null : { ...plan, as: { kind: 'choose', cases: [{ when: { kind: 'compare', op: '<', left: plan.as, right: number(0) }, then: number(0) }], otherwise: plan.as } })), 0.3),
  ...['~if|~wherever more? than? one|several|two|both|many|some? of? them|words|notes|labels? fit|fits|apply|applies|match|matches|hold|holds|are|is there? ,? $firstFits', '$firstFits'].map((said) => rule('rider', said, () => onLast('first fits', (plan) => (plan.as.kind === 'choose' ? plan : null)), 0)).flat(),
  rule('firstFits', 'take|use|give|put|keep? the? ^first one|label|match|hit|word|fit|case|that|which? (that|which)? (fits|applies|matches|holds|is true)? counts|wins|decides|is|goes|taken|used|only|please?', () => true, 0),
  rule('firstFits', 'in|by|with that|this|the|the given order (of the list)?', () => true, 0.1),
  // Names said afterwards
  ...([['nearest', ''], ['up', ' ^up'], ['down', ' ^down']] as const).flatMap(([way, word]) => rule('rider', `and? round|rounded|rounding it|that|them? off?${word} to? the? nearest|next|full? $num:n cents|cent|pence|p|pfennig`, ({ n }) => onLast(`cents ${way} ${n}`, (plan) => (textual(plan.as) || n <= 0 ? null : named(plan, nearMultiple(plan.as, n / 100, way)))), way === 'nearest' ? -0.2 : -0.4)),
  // 'Nothing if it isn't': there is no time to what did not happen
  rule('rider', "nothing|blank|empty|none ~if|when it|they|that ~be|has|have|hasn't|haven't|did|didn't ~not? yet? $word?", () => onLast('blank without', (plan) => (isSpan(plan.as) ? plan : null)), -0.2),
  // 'Only for the done ones': of what the request before calculated
  rule('rider', 'but|and|please? (do|calculate|work out)? that|it|this|so? only|just for the|those|all? $rset:c (,? (leave|and)? (the)? rest|others|other ones|remaining blank|empty|out)?', ({ c }) => ofLast(onlyFor(c)), -0.7),
  rule('rider', ',? only|just for the|those|all? $rset:c', ({ c }) => onlyFor(c), -0.5),
  rule('rider', ',? only|just for those|ones|$rows|$noun ~rel ~be? $cond:c', ({ c }) => onlyFor(c), -0.5),
  rule('rider', 'for the|those|all? $rset:c only|alone (,? (leave|and)? (the)? rest|others|other ones|remaining blank|empty|out)?', ({ c }) => ofLast(onlyFor(c)), -0.3),
  // 'Give it the name Rate', 'Rate would be a better name', 'the column name should be Rate'
  ...['give|assign it|that|this|the column the? name|title|heading of? ^$name:n', "let's|lets call|name it|that|this|them ^$name:n", '(the|its)? new? column|field? name|title|heading ~should|is|:|= be? ^$name:n', '^$name:n would|might|could|will|is be? an|the? better|nicer|good|clearer|right|fine name|title|heading', 'it|that|this ~should|must be? called|named|titled ^$name:n'].map((words) => rule('rider', words, ({ n }) => onLast(`named ${n}`, (plan, head) => (findColumn(head.columns, n) || plan.replace ? null : { ...plan, name: n })), -0.1)).flat(),
  rule('rider', '~named $name:n', ({ n }) => onLast(`named ${n}`, (plan, head) => (findColumn(head.columns, n) || plan.replace ? null : { ...plan, name: n })), 0),
  rule('rider', '~column ~named? $text:n', ({ n }) => onLast(`named ${n}`, (plan, head) => (findColumn(head.columns, n) || plan.replace ? null : { ...plan, name: n })), 0),
  rule('rider', '~column ~named? $name:n', ({ n }) => onLast(`named ${n}`, (plan, head) => (findColumn(head.columns, n) || plan.replace ? null : { ...plan, name: n })), 0.2),
  rule('rider', '~makeIt|in|as|count|counting? only? $workdays only|instead|rather?', () => onLast('working days', (plan) => { const as = plan.as.kind === 'span' && plan.as.unit === 'days' ? { ...plan.as, unit: 'working days' as const } : null; return as && { ...plan, as }; }), -0.1),
  rule('rider', '~years', () => onLast('years', (plan) => (isSpan(plan.as) ? plan : null)), 0.1),
  rule('rider', '$pennies', () => onLast('pennies', (plan) => (textual(plan.as) || plan.as.kind === 'choose' || plan.replace ? null : named(plan, plan.as.kind === 'round' ? { ...plan.as, of: op('*', plan.as.of, number(100)) } : op('*', plan.as, number(100))))), -0.3),
  rule('rider', 'in|as euros|euro|dollars|pounds|money|eur|usd|gbp|francs', () => onLast('money', (plan) => (textual(plan.as) ? null : plan)), 0.05),
  rule('rider', '^$name:n is|be|as the|its|a? name', ({ n }) => onLast(`named ${n}`, (plan, head) => (findColumn(head.columns, n) || plan.replace ? null : { ...plan, name: n })), 0),
  rule('rider', 'column|field ~named? $name:n', ({ n }) => onLast(`named ${n}`, (plan, head) => (findColumn(head.columns, n) || plan.replace ? null : { ...plan, name: n })), 0.2),
  rule('rider', '~into ~column ~named? $name:n', ({ n }) => onLast(`named ${n}`, (plan, head) => (findColumn(head.columns, n) || plan.replace ? null : { ...plan, name: n })), 0.05),
  rule('rider', 'put|write it|that|this|them? ~into ~column', () => onLast('placed', (plan) => (plan.replace ? null : plan)), 0),
  rule('rider', '~into ~column', () => onLast('placed', (plan) => (plan.replace ? null : plan)), 0),
  rule('rider', '~add ~column', () => onLast('placed', (plan) => (plan.replace ? null : plan)), 0.1),
  rule('rider', '~column', () => onLast('placed', (plan) => (plan.replace ? null : plan)), 0.2),
  rule('rider', 'show|put|add|write that|this|the|it number|figure|count|value? on|to|next|beside|in ~each? of? their|the? $rows', () => onLast('placed', (plan) => (plan.replace ? null : plan)), 0),
  rule('rider', 'add|put|show that|it|this|them next|beside|to? each|every? $rows?', () => onLast('placed', (plan) => (plan.replace ? null : plan)), 0.1),
  rule('aside', '~add $num ~column', () => nothing, 0.1),
  // '(100 means it sells at twice the cost)' tells how the number is to be read.
  rule('aside', '~open so|where|that|i.e? that? $num:n ~standsFor $word|$col|$num|$pct ($word|$col|$num|$unit)? ($word|$col|$num|$unit)? ($word|$col|$num|$unit)? ($word|$col|$num|$unit)? ($word|$col|$num|$unit)? ~close', ({ n }) => (n >= 10 ? nothing : null), 0.3),
  rule('aside', '~add $num more|new|extra columns|column', () => nothing, 0.05),
  rule('aside', 'next|beside|for|on|to|with|from|in|of|per to? every|each|everybody|all $rows|$guess', () => nothing, 0.1),
  rule('aside', '~into ~each $rows', () => nothing, 0.2),
  rule('aside', 'next|beside to? each|every|it|them', () => nothing, 0.2),
  // A row by itself is no group.
  rule('aside', 'per|for each|every|one|single? ^$noun', () => nothing, 0.1),
  // What is asked for said in other words: 'it's what stands before the comma'
  rule('aside', "it's|that's|this|that|it is? what|whatever|everything|the? part|bit|text|word|name? stands|comes|is|stand|come before|after|behind|between|in the? $mark|$word", () => nothing, 0.3),
].flat();

/** Does a formula come out as a number whatever its parts are? */
const makesNumber = ({ kind }: Expression): boolean => kind === 'op' || kind === 'round' || kind === 'maths' || kind === 'total' || kind === 'across' || kind === 'over' || kind === 'orElse';

export const entailed: readonly Entailed[] = [
  { of: (plan) => plan.step === 'calculate' && makesNumber(plan.as), words: 'no without currency sign symbol unit just only plain bare number figure', given: 'currency sign symbol unit number figure' },
  { of: (plan) => plan.step === 'calculate' && plan.as.kind === 'over' && (plan.as.fn === 'running' || plan.as.fn === 'number'), words: 'order list sheet row stand go down' },
];
