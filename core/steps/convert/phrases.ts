import { amend, nothing, onTold, speakOf, withPlan, type Act, type Context, type State } from '../../language/acts';
import { readsAsDate } from '../../formula/check';
import { keyOf, rule } from '../../language/chart';
import { folded } from '../../values/fold';
import { readYesNo } from '../../values/yesno';
import { countryCode } from '../../values/places';
import { converted, unitInName } from '../../formula/dimensions';
import { column } from '../../formula/expression';
import { columnOf, findColumn } from '../../table/table';
import { unitSort } from '../../values/units';
import type { Period } from '../../language/grammar/seeds/times';
import type { Plan } from '../registry';
import type { ConvertPlan, Meaning } from './step';
import type { Entailed } from '../../language/entailed';

type Options = Partial<Omit<ConvertPlan, 'step' | 'columns' | 'to'>>;
/** What is said behind a cut, with no column, is said of its last piece: 'into the finish and the weight (a number)'. */
const lastPiece = ({ plans: all }: State): readonly string[] | null => { const last = all.at(-1); return last?.step === 'split' ? [last.into.at(-1)!] : null; };
/** Columns, or those spoken of, put into another type. Numbers with decimals that are to be whole are rounded: cut to whole ones, most would be none. */
export const typed = (columns: readonly string[] | null, to: ConvertPlan['to'], options: Options = {}): Act => ({
  key: `convert ${keyOf([columns, to, options])}`,
  apply(state) {
    const on = columns ?? lastPiece(state) ?? state.topic;
    if (on.length === 0) return null;
    return to === 'whole' && on.every((name) => findColumn(state.head.columns, name)?.type === 'decimal')
      ? on.reduce((s, name) => withPlan(s, { step: 'calculate', name, as: { kind: 'round', of: { kind: 'column', name }, places: 0, mode: 'nearest' }, replace: true }, on), state)
      : withPlan(state, { step: 'convert', columns: on, to, ...options }, on);
  },
});

/** Adds to a conversion what was said after it. */
const rider = (key: string, change: (plan: ConvertPlan) => ConvertPlan | null): Act => amend(`convert ${key}`, (plan) => (plan.step === 'convert' ? change(plan) : null));
const numeric = (plan: ConvertPlan): boolean => plan.to === 'decimal' || plan.to === 'whole';
const meaning = (texts: readonly string[], as: string): Act =>
  rider(`meaning ${texts.join()} ${as}`, (plan) => ({ ...plan, meanings: [...(plan.meanings ?? []), ...texts.filter((text, i) => texts.findIndex((o) => folded(o) === folded(text)) === i && !plan.meanings?.some((m) => folded(m.text) === folded(text) && m.as === as)).map((text): Meaning => ({ text, as }))] }));

/** The order that an example shows: '14/05/2025 means 14 May'. */
function orderShown(date: string, { month, day }: Period): ConvertPlan['order'] | null {
  const [m, d] = [Number(date.slice(5, 7)), Number(date.slice(8, 10))];
  return month === undefined || day === undefined ? null : m === month && d === day ? 'day first' : m === day && d === month ? 'month first' : null;
}

/** Dates read with the day, or the month, first. */
const inOrder = (order: NonNullable<ConvertPlan['order']>): Act => rider(`order ${order}`, (plan) => (plan.to === 'date' || plan.to === 'datetime' ? { ...plan, order } : null));

/** 'And 0 where there is none': blanks of what was converted are filled. */
const blanksAs = (text: string, to?: ConvertPlan['to']): Act => ({
  key: `convert none ${text}`,
  apply(state) {
    const last = state.plans.at(-1);
    return last?.step === 'convert' && (to === undefined || last.to === to) ? withPlan(state, { step: 'fill', columns: last.columns, with: { kind: 'value', text } }, last.columns) : null;
  },
});

/** What the sentence before leaves in some columns is read as numbers. */
const numbersAfter = (step: Plan['step'], of: (last: Plan) => readonly string[] | null): Act => ({
  key: `convert after ${step}`,
  apply(state) {
    const last = state.plans.at(-1), columns = last === undefined ? null : of(last);
    return columns && withPlan(state, { step: 'convert', columns, to: 'decimal' }, [...columns]);
  },
});
/** 'Without the C, as a number' */
const afterReplace = numbersAfter('replace', (last) => (last.step === 'replace' ? last.columns : null));
/** 'Into Length and Width, as numbers' */
const afterSplit = numbersAfter('split', (last) => (last.step === 'split' ? last.into : null));

/** Converted columns rounded as well, in a step of their own. */
const roundThem = (places: number): Act => ({
  key: `convert round ${places}`,
  apply(state) {
    const last = state.plans.at(-1);
    if (last?.step !== 'convert' || last.to !== 'decimal' || places < 0 || places > 12) return null;
    return last.columns.reduce((s, name) => withPlan(s, { step: 'calculate', name, as: { kind: 'round', of: { kind: 'column', name }, places, mode: 'nearest' }, replace: true }, last.columns), state);
  },
});

/** 'X or nothing' made yes or no: what is blank says no. */
const yesElseNo = (columns: readonly string[]): Act => ({
  key: `convert yes else no ${columns.join()}`,
  apply: (state) => blanksAs('no').apply(withPlan(state, { step: 'convert', columns, to: 'yesno' }, columns)),
});

const DEMONYMS: Readonly<Record<string, string>> = { british: 'GB', english: 'GB', german: 'DE', french: 'FR', italian: 'IT', spanish: 'ES', dutch: 'NL', belgian: 'BE', austrian: 'AT', swiss: 'CH', american: 'US', canadian: 'CA', irish: 'IE', polish: 'PL', czech: 'CZ', danish: 'DK', swedish: 'SE', norwegian: 'NO', finnish: 'FI', portuguese: 'PT', greek: 'GR', hungarian: 'HU', indian: 'IN', australian: 'AU', japanese: 'JP', chinese: 'CN', us: 'US' };
const country = (said: string): string | null => countryCode(said) ?? DEMONYMS[said.toLowerCase()] ?? null;

/** A column of bare numbers whose name tells their unit, in another one. */
function bareIn(name: string, unit: string, x: Context): Act | null {
  const own = unitInName(name), as = own === null || columnOf(x.head, name).type === 'text' ? null : converted(column(name), own, unit);
  return as && { key: `bare ${name} in ${unit}`, apply: (state) => withPlan(state, { step: 'calculate', name, as, replace: true }, [name]) };
}

export const phrases = [
  rule('clause', 'convert|change|turn|recalculate|express|put the? ^$col:c ~into ^$unit:u', ({ c, u }, x: Context) => bareIn(c, u, x), -0.3),
  rule('signs', 'pound|euro|dollar|currency|money|percent|percentage|degree|£|€|$ sign|signs|symbol|symbols|mark|marks', () => true, 0),
  rule('signs', '£|€|%', () => true, 0.1),
  rule('clause', '~drop|take|get the? $signs off|from|out|away of|from|in? the? $cols:c', ({ c }) => typed(c, 'decimal'), -0.2),
  rule('clause', '$cols:c without the? $signs', ({ c }) => typed(c, 'decimal'), 0),
  // 'There is a euro sign in front, take it off'
  rule('clause', '~drop them|those|these|it (off|out|away)?', () => onTold(['sign', 'symbol', 'currency', 'unit', 'euro', 'pound', 'dollar'], typed(null, 'decimal')), 0.1),
  rule('clause', 'take|throw|cut them|those|these|it off|out|away', () => onTold(['sign', 'symbol', 'currency', 'unit', 'euro', 'pound', 'dollar'], typed(null, 'decimal')), 0),
  rule('country', '$word:w', ({ w }) => (w.length > 1 ? country(w) : null), 0),
  rule('country', '$word:a $word:b', ({ a, b }) => country(`${a} ${b}`), 0),
  rule('country', '$text:t', ({ t }) => country(t), 0),
  rule('clause', '~make $cols:c ~into? ~number', ({ c }) => typed(c, 'decimal'), 0),
  rule('clause', '~make? $family:f ~into? ~number in|for|of both|all|the two|three? columns|fields|of them|cases', ({ f }) => typed(f, 'decimal'), -0.3),
  rule('clause', '$cols:c :|,|-|–? ~drop the? ~currency (and|, the? ~thousands separator|separators|mark|marks?)?', ({ c }) => typed(c, 'decimal'), 0),
  rule('clause', '~make $cols:c all? ~into? ~wholeNumber', ({ c }) => typed(c, 'whole'), 0),
  rule('clause', '~make them|it|both? ~into? ~wholeNumber', () => typed(null, 'whole'), 0.2),
  // 'Worth is money: numbers please'
  rule('clause', 'the? $cols:c ~be money|amounts|prices|figures|sums|numeric|numbers ,|:|;|.|-|–? so|and|please? ~make? it|them|that? as|into|to? a|plain|real|proper? ~number please?', ({ c }) => typed(c, 'decimal'), -0.2),
  rule('clause', '$cols:c ~should ~be? ~into? ~number', ({ c }) => typed(c, 'decimal'), 0),
  rule('clause', '$cols:c as|in|to|into a|the? number|amount|count of $unit:u', ({ c, u }) => typed(c, 'decimal', { unit: u }), 0),
  rule('clause', 'what they|we|he|she|customers|members|people? $cols:c ~into ~number', ({ c }) => typed(c, 'decimal'), 0.05),
  rule('clause', '$cols:c in|into $unit:u ,? ~into ~number', ({ c, u }) => typed(c, 'decimal', { unit: u }), -0.2),
  rule('clause', '$cols:c ~into? ~number', ({ c }) => typed(c, 'decimal'), 0.1),
  rule('clause', 'it|they|this|these|that|those ~should ~be? ~into? ~number', () => typed(null, 'decimal'), 0.05),
  rule('clause', 'it|they|this|these|that|those ~should ~be? ~into? ~wholeNumber', () => typed(null, 'whole'), 0),
  rule('clause', 'it|they|this|these|that|those ~should ~be? ~into? ~date', () => typed(null, 'date'), 0.05),
  rule('clause', '~make them|it|both|all? ~into? ~number', () => typed(null, 'decimal'), 0.25),
  rule('clause', '~drop ~currency from|in|off $cols:c', ({ c }) => typed(c, 'decimal'), 0.1),
  rule('clause', 'no|without any|the? $signs|~currency in|on|for|at the? $cols:c (column)? ,|;|.? (just|only)? ~number?', ({ c }) => typed(c, 'decimal'), -0.3),
  rule('clause', '~make|convert the? $cols:c ,|;|.|:|-|~open $dayOrder:o ~close?', ({ c, o }, x: Context) => (c.every((n: string) => readsAsDate(x.head, n) || (x.head.glances?.get(n)?.dateShare ?? 0) > 0) ? typed(c, 'date', { order: o }) : null), 0),
  rule('clause', '~make $cols:c ~into? ~date', ({ c }) => typed(c, 'date'), 0),
  rule('clause', "~make the? $cols:c ~into? an? =date|dates|real|proper date|dates? ,|;|.|:|~open? it's|it|they|they're|its|that|in|as|written is|are? ~be? $dayOrder:o ~close?", ({ c, o }) => typed(c, 'date', { order: o }), -0.4),
  rule('clause', '$cols:c ~should ~be? ~into? ~date', ({ c }) => typed(c, 'date'), 0),
  rule('clause', '~make ~date of|from|in the? $cols:c', ({ c }) => typed(c, 'date'), 0),
  // 'Just the date, without the time'
  rule('rider', 'without|no the? time|times|hours|clock (of (the)? day)?', () => amend('without the time', (plan) => (plan.step === 'convert' && plan.to === 'date' ? plan : null)), 0),
  rule('rider', "it's|its|they're|they|it ~be? $dayOrder:o", ({ o }) => inOrder(o), 0),
  rule('rider', "(they're|they are|it's|it is|those are|these are)? $dayOrder:o ~if|when|where|in there|it|they|those|the? (is|are|with|has|have|ones with)? ~slashed", ({ o }) => inOrder(o), -0.1),
  rule('clause', '~make ~date out of the? $cols:c', ({ c }) => typed(c, 'date'), -0.1),
  rule('clause', '~make ~date of|from|out of? it|them|that|those|these', () => typed(null, 'date'), 0),
  rule('clause', '~make ~number of|from|out of? it|them|that|those|these', () => typed(null, 'decimal'), 0),
  rule('clause', '~make ~number out of the? $cols:c', ({ c }) => typed(c, 'decimal'), -0.1),
  rule('clause', '$cols:c :|, the? comma|commas ~be|stands|means as? a|the|for? decimal sign|mark|point|comma|separator', ({ c }) => typed(c, 'decimal'), 0),
  rule('rider', "~blankWord ~if we|i|nobody|it|they don't|dont|do|doesn't|cannot|is|isn't not? know|knows|known|say|tell", () => rider('unknown stays', (plan) => plan), 0),
  rule('clause', '$cols:c $arrowed ~date', ({ c }) => typed(c, 'date'), 0),
  rule('clause', '$cols:c $arrowed ~number', ({ c }) => typed(c, 'decimal'), 0),
  rule('clause', '$cols:c ~into ~date', ({ c }) => typed(c, 'date'), 0.1),
  rule('clause', '$cols:c is|are ~date', ({ c }) => typed(c, 'date'), 0.2),
  rule('clause', '~make every? ~date? in $cols:c ~into? ~date', ({ c }) => typed(c, 'date'), 0.1),
  rule('clause', '~make them|it|that|these all|both? ~into? ~date', () => typed(null, 'date'), 0.2),
  rule('rider', 'the|those|such|anything|ones|dates? like|as? $date style|styles|like|type|kind|format|form? ones|dates|entries|values? ~be|have|come|comes|go|put? written? the? $dayOrder:o', ({ o }) => inOrder(o), -0.1),
  rule('rider', '~open the? $dayOrder:o ~close', ({ o }) => inOrder(o), 0),
  rule('rider', 'without|no the? $unit', () => rider('bare', (plan) => (numeric(plan) ? plan : null)), 0.05),
  rule('clause', '$cols:c ~into ~number of $unit:u', ({ c, u }) => typed(c, 'decimal', { unit: u }), 0),
  rule('clause', '~make $cols:c ~into ~number of $unit:u', ({ c, u }) => typed(c, 'decimal', { unit: u }), -0.05),
  rule('clause', '~make|use a? clean|plain|consistent? yes or|and|/ no in|into|for $cols:c consistently|everywhere|throughout|only?', ({ c }) => typed(c, 'yesno'), 0),
  rule('clause', '~make them|it|that? ~into? ~date', () => typed(null, 'date'), 0.25),
  rule('clause', '$cols:c ~be text in $dayOrder .|;|,? ~make? ~into? ~date?', ({ c, dayOrder }) => typed(c, 'date', { order: dayOrder }), 0),
  // 'Parse due as dd/mm/yyyy', '14/05/2025 means 14 May'
  rule('clause', 'parse|interpret|read|treat|take|turn|convert|make|change the? $cols:c as|in|into|to|with|using|from $dayOrder:o', ({ c, o }, x: Context) => (c.every((n: string) => readsAsDate(x.head, n) || (x.head.glances?.get(n)?.dateShare ?? 0) > 0) ? typed(c, 'date', { order: o }) : null), 0),
  rule('dayOrder', '$date:d ~be|means|mean|stands|reads for|as? the? $period:p', ({ d, p }) => orderShown(d, p), 0),
  rule('dayOrder', '~dayFirst', () => 'day first', 0),
  rule('dayOrder', '$dayOrder:o ,? unless|except if|when|where? the? year is|comes|stands|goes? first|front|in? front?', ({ o }) => o, 0),
  rule('dayOrder', '~monthFirst', () => 'month first', 0),
  rule('dayOrder', 'day . month . year', () => 'day first', 0),
  rule('dayOrder', 'day , month ,? and|then? year', () => 'day first', 0),
  rule('dayOrder', 'month , day ,? and|then? year', () => 'month first', 0),
  rule('clause', '$cols:c :|,|-|– those|the|dates? ones|dates|entries? with|in|written|having with? slashes|dots|points|dashes ~be|mean|means|read|come $dayOrder:o', ({ c, o }) => typed(c, 'date', { order: o }), -0.2),
  rule('clause', '~make the whole|entire|complete column|field|lot ~into? ~date', () => typed(null, 'date'), 0),
  rule('clause', '~make the whole|entire|complete column|field|lot ~into? ~number', () => typed(null, 'decimal'), 0),
  rule('dayOrder', 'day / month', () => 'day first', 0),
  rule('dayOrder', 'month / day', () => 'month first', 0),
  rule('rider', 'with|for slashes it|they|that ~be $dayOrder:o', ({ o }) => inOrder(o), 0),
  rule('dayOrder', 'month . day . year', () => 'month first', 0),
  rule('rider', 'dots|points|slashes|dashes|those|they|it mean|means|is|are|stand|stands for? $dayOrder:o', ({ o }) => inOrder(o), 0),
  rule('cols', 'both|all|every|the date columns|column|fields', (_s, x: Context) => { const found = x.head.columns.filter((c) => readsAsDate(x.head, c.name)).map((c) => c.name); return found.length > 1 ? found : null; }, -0.1),
  rule('dayOrder', 'day / month / year', () => 'day first', 0),
  rule('dayOrder', 'month / day / year', () => 'month first', 0),
  rule('rider', '$dayOrder:o', ({ o }) => inOrder(o), 0),
  rule('rider', 'the? $dayOrder:o ~if it|there|they|its? ~be? only? ~slashed', ({ o }) => inOrder(o), 0),
  rule('rider', '~if it|there|they|its? ~be? only? ~slashed the? $dayOrder:o', ({ o }) => inOrder(o), 0),
  rule('clause', '~make $cols:c ~into? a? plain|real|proper|clean|simple yes or|and|/ no', ({ c }) => typed(c, 'yesno'), 0),
  rule('rider', 'and? without|no|minus|drop|dropping any|the? leading zeros|zeroes|noughts', () => afterReplace, 0),
  rule('rider', ',|;? (all|each|both|every one)? (of them)? as|into (plain|real|whole|decimal)? =numbers|=figures', () => afterSplit, -0.3),
  rule('rider', 'as|into|to a? ~number', () => afterReplace, 0.1),
  rule('rider', '~make|read|store|keep|have what|whatever|the|everything is|are|stays? left|remains|remaining|over|rest|remainder as|into|to|in a|an? ~number', () => afterReplace, -0.2),
  rule('clause', '$cols:c as|into|to a? clean|plain|proper|simple|real? yes or|/|and no', ({ c }) => typed(c, 'yesno'), 0.05),
  rule('clause', '$cols:c in|into $unit:u everywhere|throughout|always|only|please|consistently', ({ c, u }) => typed(c, 'decimal', { unit: u }), 0.05),
  rule('clause', '$cols:c ~oneWay', ({ c }, x: Context) => (c.every((n: string) => readsAsDate(x.head, n)) ? typed(c, 'date') : null), 0.1),
  rule('clause', '$cols:c is|are|be yes or|and|/ no only?', ({ c }) => typed(c, 'yesno'), -0.6),
  rule('clause', '$cols:c ~into yes / no', ({ c }) => typed(c, 'yesno'), -0.2),
  rule('clause', '~make $cols:c ~into? yes or|and no', ({ c }) => typed(c, 'yesno'), 0.1),

  // Units: 'put all weights in grams', 'as one bare number in kW'
  rule('clause', 'all|every|each the|our? $cols:c in|into|as $unit:u', ({ c, u }) => typed(c, 'decimal', { unit: u }), -0.1),
  rule('clause', '~make all? $cols:c ~into? $unit:u', ({ c, u }) => typed(c, 'decimal', { unit: u }), 0.05),
  rule('clause', '~make $cols:c ~into? ~number in $unit:u', ({ c, u }) => typed(c, 'decimal', { unit: u }), 0),
  rule('rider', 'everything|all|them|it? in $unit:u', ({ u }) => rider(`unit ${u}`, (plan) => (numeric(plan) && !plan.unit ? { ...plan, unit: u } : null)), 0.1),
  rule('clause', '~make everything|all|them|those|these ~into? $unit:u', ({ u }) => typed(null, 'decimal', { unit: u }), 0.1),
  rule('clause', 'some|few|many|half|most|several of? the? $cols:c ~be given|written|measured? in $unit', ({ c }) => speakOf(c), 0),
  rule('rider', '~round to? $places:p', ({ p }) => roundThem(p), 0.05),
  rule('rider', 'to|with|at|in? $num:n ~decimals', ({ n }) => roundThem(n), 0.05),
  // What stands in the way of a number, said as a remark
  rule('rider', 'there ~be an? $word? sign|symbol|unit|mark|letter|letters|text|currency|prefix|suffix in|at|before|behind|after? front|end|back? of? some|many|few|most|all|a? few? of? them|it|these?', () => rider('in the way', (plan) => (numeric(plan) ? plan : null)), 0),
  rule('duration', '$num $unit $num $unit', () => true, 0),
  rule('duration', '$num ^: ^$num', () => true, 0),
  rule('spelledDuration', '$num:a $unit:u and|, $num:b $unit:v', ({ a, u, b, v }) => [a, u, b, v], 0),
  rule('rider', '$num:a ^: ^$num:b ~be|means|mean|stands|stand for? $spelledDuration:d', ({ a, b, d }) => rider('clock', (plan) => (plan.unit && unitSort(plan.unit) === 'time' && d[0] === a && d[2] === b && d[1] === 'min' && d[3] === 's' ? plan : null)), 0),
  rule('aside', '~open? $duration and|, $duration ~be both? $unit and|: $unit ~close?', () => nothing, 0),
  rule('clause', '~make every|all|the? ~date in there|it|them|here? ~into? ~oneWay? ~date? ,? $isoStyle?', () => typed(null, 'date'), 0.1),
  rule('clause', '~make $cols:c ~into? ~oneWay ,? $isoStyle', ({ c }) => typed(c, 'date'), 0.05),
  rule('clause', '$cols:c ~should ~be? ~into? $isoStyle', ({ c }) => typed(c, 'date'), 0.1),
  rule('clause', '~make $cols:c ~into? $isoStyle', ({ c }) => typed(c, 'date'), 0.1),
  rule('isoStyle', '~isoWord', () => true, 0),
  rule('isoStyle', '~isoWord ,? such|like|e.g|eg|as? as|like? $date', () => true, 0),
  rule('isoStyle', 'year ^- ^month ^- ^day', () => true, 0),
  rule('rider', 'as|in|written? $isoStyle format|form|order|style?', () => rider('iso', (plan) => (plan.to === 'date' ? plan : null)), 0.05),
  // All the ways of saying yes and no
  rule('clause', 'in the? $cols:c column? ,? ~make|write|say yes for|where|when|if $yeses ,|and|; and? no for|where|when|if $noes', ({ c }) => typed(c, 'yesno'), 0),
  rule('clause', '~make it|them|that ~into? a? proper|clean|plain|real|simple? yes or|/|and no', () => typed(null, 'yesno'), 0.1),
  rule('clause', 'is|are|was|were|has|have|does|did the? $cols:c $word? ?', ({ c }) => speakOf(c), 0.5),
  rule('clause', 'all? the? $cols:c in|into ~oneWay', ({ c }, x: Context) => (c.every((n: string) => readsAsDate(x.head, n)) ? typed(c, 'date') : null), 0.1),
  rule('clause', '$cols:c without|less|minus|bare the? ~currency (~into? ~number)?', ({ c }) => typed(c, 'decimal'), 0.05),
  rule('clause', '~make $cols:c ~into? a? proper|clean|plain|real|simple? yes / no', ({ c }) => typed(c, 'yesno'), 0),
  rule('saysYes', '$word:t counts|count|means|mean|is|are|stands|= as|for? yes', ({ t }) => [t, true], -0.1),
  rule('saysYes', '$word:t as|for yes', ({ t }) => [t, true], 0),
  rule('saysYes', '$text:t counts|count|means|mean|is|are|stands|= as|for? yes', ({ t }) => [t, true], 0),
  rule('saysYes', '$word:t counts|count|means|mean|is|are|stands|= as|for? no', ({ t }) => [t, false], -0.1),
  rule('saysYes', '$word:t as|for no', ({ t }) => [t, false], 0),
  rule('saysYes', '$text:t counts|count|means|mean|is|are|stands|= as|for? no', ({ t }) => [t, false], 0),
  rule('rider', '$sought:t counts|count|means|mean|is|are|stands|= as|for? yes', ({ t }) => amend(`convert yes ${t.join()}`, (plan) => (plan.step === 'convert' && plan.to === 'yesno' && t.every((w: string) => readYesNo(w) === null) ? { ...plan, meanings: [...(plan.meanings ?? []), ...t.map((text: string) => ({ text, as: 'yes' }))] } : null)), -0.1),
  rule('rider', '$sought:t counts|count|means|mean|is|are|stands|= as|for? no', ({ t }) => amend(`convert no ${t.join()}`, (plan) => (plan.step === 'convert' && plan.to === 'yesno' && t.every((w: string) => readYesNo(w) === null) ? { ...plan, meanings: [...(plan.meanings ?? []), ...t.map((text: string) => ({ text, as: 'no' }))] } : null)), -0.1),
  rule('rider', '$saysYes:s', ({ s }) => rider(`says ${s.join()}`, (plan) => (plan.to === 'yesno' && readYesNo(s[0]) === s[1] ? plan : null)), -0.2),
  rule('clause', '$cols:c ~should say|read|be|show|hold|contain yes or|and|/ no', ({ c }) => typed(c, 'yesno'), 0.35),
  rule('clause', '$cols:c ~should say|read|be|show|hold|contain yes or|and|/ no instead|rather of|than $word:w or|and|/ nothing|blank|empty', ({ c, w }) => (readYesNo(w) === true ? yesElseNo(c) : null), -0.1),
  rule('clause', '$cols:c :|,|-|–? only|just? yes or|and|/ no only|exclusively', ({ c }) => typed(c, 'yesno'), -0.4),
  rule('aside', 'make them|it|that|those so', () => nothing, 0),
  rule('rider', '~make|standardise|standardize|normalise|normalize|unify|write it|them|that|this|all|everything? ~into|to|with|as? only|just? yes and|or|/ no', () => rider('yes or no', (plan) => (plan.to === 'yesno' ? plan : null)), 0),
  // 'But people wrote Y, TRUE, x and what not'
  rule('writtenSo', '$word|$value|$text|$mark ~etc?', () => true, 0), rule('writtenSo', '$word|$value|$text|$mark ,|and|or and|or? $writtenSo', () => true, 0.05),
  rule('aside', 'but|and|though|although|where|only? people|they|some|somebody|others|we|everybody|everyone of? us|them? ~have? wrote|write|written|put|typed|type|entered|enter|used|use|filled in? $writtenSo', () => nothing, 0.3),
  // 'There are things like 12 min, 9 min 30 s and 14:20 (minutes and seconds)'
  rule('durationShown', '$num $unit ($num $unit)?', () => true, 0), rule('durationShown', '$num ^: ^$num (~open? $unit and|, $unit ~close?)?', () => true, 0),
  rule('aside', "there's|there|we|it|they|you ~be|~have|find|get|see? things|entries|values|cells|ones|some|texts|all|sorts of? of? like|as|such|from as? $durationShown (,|and|or $durationShown)? (,|and|or and? $durationShown)?", () => nothing, 0),
  rule('rider', 'an? ~blankWord (ones|cells|values)? counts|count|means|mean|is|are|becomes|become|= as|for? no', () => blanksAs('no', 'yesno'), -0.1),
  rule('rider', 'an? ~blankWord (ones|cells|values)? counts|count|means|mean|is|are|becomes|become|= as|for? yes', () => blanksAs('yes', 'yesno'), -0.1),
  rule('rider', 'a? few|some|others|several|those|most of? them? is|are|were given|written|measured|noted? in $unit:u', ({ u }) => rider(`some in ${u}`, (plan) => (plan.unit && unitSort(u) === unitSort(plan.unit) ? plan : null)), -0.2),
  rule('rider', 'and|, no ~if|for nothing|blank|empty|none', () => blanksAs('no', 'yesno'), 0),
  rule('rider', "and|,|but? and|but? no ~if|~wherever it|they|there|it's|nothing? ~be? ~blankWord|nothing|given|written", () => blanksAs('no', 'yesno'), -0.3),
  rule('yeses', 'yes|y|true ,? $yesWord|$code|$word? ,|and? $allWays?', () => true, 0),
  rule('noes', 'no|n|false ,? $allWays?', () => true, 0),
  rule('noes', '$allWays', () => true, 0),
  rule('allWays', 'and so on|forth', () => true, 0),
  rule('allWays', 'all|any the? ways|way|kinds|sorts|forms of? saying|writing|spelling? yes|no|it', () => true, 0),
  rule('rider', 'as|into|to an? ~number', () => rider('number', (plan) => (numeric(plan) ? plan : null)), 0),
  rule('rider', '~number', () => rider('number', (plan) => (numeric(plan) ? plan : null)), 0.1),

  // Riders on numbers
  rule('rider', 'leave|leaving|keep|take|drop|remove|omit the? ~currency off|out|away', () => rider('bare', (plan) => (numeric(plan) ? plan : null)), 0),
  rule('rider', 'the? commas|comma|points|dots|spaces are|is|mean|means|stand for|as|only|just? the? ~thousands', () => rider('bare', (plan) => (numeric(plan) ? plan : null)), 0),
  rule('rider', '( $num:a ) is|means|=|counts|are|becomes|gives|stands as|for? - $num:b', ({ a, b }) => (a === b ? rider('negative', (plan) => (numeric(plan) ? plan : null)) : null), -0.2),
  rule('rider', '$num:a is|means|=|counts|becomes|gives|stands as|for? $num:b', ({ a, b }) => (a === b ? rider('the same number', (plan) => (numeric(plan) ? plan : null)) : null), 0),
  rule('rider', '$sought:t = an? ~blankWord', ({ t }) => meaning(t, ''), 0),
  rule('rider', '$sought:t left|leave|leaving|taken out|off', ({ t }) => meaning(t, ''), 0.1),
  rule('rider', '$sought:t = $num:n', ({ t, n }) => (t.some((w: string) => /\d/.test(w)) ? null : meaning(t, String(n))), 0),
  rule('clause', "~if|~wherever a|an|the|any|some? $cols:c value|entry|cell|column|figure? ~be? ~not an? ~number ,? ~make|leave|set it|that|them|the? (cell|value)? ~blankWord", ({ c }) => typed(c, 'decimal', { blankRest: true }), -0.2),
  rule('clause', "~if|~wherever a|an|the|any|some? $cols:c value|entry|cell|column|figure? ~be? ~not an? ~number ,? blank|clear|empty|delete|remove it|that|them|the? (cell|value)? out?", ({ c }) => typed(c, 'decimal', { blankRest: true }), -0.2),
  rule('clause', "not everything|all|every value|entry|cell? in|under|of the? $cols:c column? ~be ^an? ~number ,|;|.? so|and? whatever|anything|everything|what|those|the that? isn't|aren't|isnt|not|rest|others (one|a? ~number)? ~should|can|may|could|gets|get|be|please? be? ~make|left|set|blank|clear|empty it|them|that? ~blankWord|emptied|cleared|out?", ({ c }) => typed(c, 'decimal', { blankRest: true }), -0.3),
  rule('rider', '( $num:a ) is|means|=|counts|are|becomes|gives|stands as|for? $num:b', ({ a, b }) => (a === -b ? rider('negative', (plan) => (numeric(plan) ? plan : null)) : null), 0),
  rule('rider', 'the? $unit ones|rows|values|readings|cells|entries? need|needs|have|must|should to? be? converting|converted|conversion|changed|changing|divided|multiplied', () => rider('converts', (plan) => (plan.unit ? plan : null)), 0),
  rule('clause', '~make the lot ~into? $unit:u', ({ u }) => typed(null, 'decimal', { unit: u }), -0.3),
  rule('clause', 'convert|change|turn|recalculate|express ~into? $unit:u', ({ u }) => typed(null, 'decimal', { unit: u }), 0.1),
  rule('clause', '~make the whole ~into? $unit:u', ({ u }) => typed(null, 'decimal', { unit: u }), 0.05),
  rule('clause', '~drop|blank|clear|empty the|all|any? =non-numeric|non-numerical|non-number|textual entries|values|cells|ones|things|texts|content|contents|stuff? from|in|out|of of? $cols:c', ({ c }) => typed(c, 'decimal', { blankRest: true }), 0),
  rule('clause', '~drop|blank|clear|empty the|all|any? entries|values|cells|things|texts that|which ~be? ~not an? ~number from|in|out|of of? $cols:c', ({ c }) => typed(c, 'decimal', { blankRest: true }), 0),
  rule('rider', '~brackets ~be|:|= ~negative', () => rider('negative', (plan) => (numeric(plan) ? plan : null)), 0),
  rule('rider', 'the? comma|commas ~be|:|=|for the? thousands|thousand separator|separators|mark?', () => rider('thousands', (plan) => (numeric(plan) ? plan : null)), 0),
  rule('rider', 'and|but? not|rather|instead than|of|as? as? an? text|string|strings|texts', () => rider('not text', (plan) => plan), 0),
  rule('rider', '$dayOrder:o for|with|in the? ambiguous|unclear|doubtful|uncertain ones|dates|cases?', ({ o }) => inOrder(o), -0.1),
  rule('clause', '~standardise|~make the? ~date formats|format|style|styles in|of|for|under? $cols:c', ({ c }, x: Context) => (c.every((n: string) => readsAsDate(x.head, n) || (x.head.glances?.get(n)?.dateShare ?? 0) > 0) ? typed(c, 'date') : null), -0.2),
  rule('sameWord', '$word:a / $word:b', ({ a, b }) => [a, b], 0),
  rule('sameWord', '$word:a / $sameWord:b', ({ a, b }) => [a, ...b], 0),
  rule('sameWord', '$word:a', ({ a }) => [a], 0.1),
  rule('toYes', '$sameWord:w ~becomes|$arrowed|means|=|is|stands yes', ({ w }) => (w.every((t: string) => readYesNo(t) === true) ? true : null), 0),
  rule('toNo', '$sameWord:w ~becomes|$arrowed|means|=|is|stands no', ({ w }) => (w.every((t: string) => readYesNo(t) === false) ? true : null), 0),
  rule('arrowed', '- >', () => true, 0),
  rule('arrowed', '= >', () => true, 0),
  rule('arrowed', '->|=>|→', () => true, 0),
  rule('clause', '$toYes ,|;|and $toNo in|under|for|at the? $cols:c ,? please? (change|fix|convert|put|make it|them|that)?', ({ c }) => typed(c, 'yesno'), 0),
  rule('clause', '$cols:c :|,|-? $toYes ,|;|and $toNo', ({ c }) => typed(c, 'yesno'), 0),
  rule('clause', '$cols:c :|,|-? $toNo ,|;|and $toYes', ({ c }) => typed(c, 'yesno'), 0),
  rule('clause', '~make $cols:c consistent|consistently|uniform|uniformly :|,|-|with? yes or|and|/ no', ({ c }) => typed(c, 'yesno'), -0.2),
  rule('rider', 'blanks|empties|empty|blank cells|ones|values? untouched|unchanged|alone|stay|remain|kept', () => rider('blanks stay', (plan) => plan), 0),
  rule('rider', '$unit:u / $num', ({ u }) => rider(`divided ${u}`, (plan) => (plan.unit && unitSort(u) === unitSort(plan.unit) ? plan : null)), 0),
  rule('rider', '~open? number|numbers|figure|figures|value only|alone ~close?', () => rider('number', (plan) => (numeric(plan) ? plan : null)), 0.05),
  rule('clause', 'it|they|this|these|that ~be $dayOrder:o', ({ o }) => onTold(['date'], typed(null, 'date', { order: o })), 0),
  rule('clause', "it's|they're|that's $dayOrder:o", ({ o }) => onTold(['date'], typed(null, 'date', { order: o })), 0),
  rule('clause', 'just|only|simply yes or|and|/ no only|please?', () => typed(null, 'yesno'), 0.2),
  rule('clause', "whatever|anything|everything|what|those|ones|all isn't|aren't|isnt|arent (one|a? ~number)? ~should|can|may|could|gets|get? be? made|left|set? ~blankWord|emptied|cleared", () => onTold(['number'], typed(null, 'decimal', { blankRest: true })), 0),
  rule('clause', 'a? some|few|many|several|part of? the? $cols:c ~be in $unit and|,|, some|others|part|other|rest|the of? (them|rest)? ~be? in $unit', ({ c }) => speakOf(c), -0.3),
  rule('rider', 'some|several|few|two|three|four|one|most|others|many|half of? them|these|those|the? values|cells|ones|entries? ~be|stand|come in|given|measured? in? $unit', ({}) => rider('some in another unit', (plan) => (plan.unit ? plan : null)), -0.2),
  rule('rider', 'the? ones|those|values with an? $word|$unit ~be in? $unit', () => rider('units said', (plan) => (plan.unit ? plan : null)), 0),
  rule('rider', '~wherever it|they|there? ~say $sought:t there ~should be nothing|~blankWord', ({ t }) => meaning(t, ''), -0.1),
  rule('clause', '$cols:c ~should ~be? ~into? ~wholeNumber', ({ c }) => typed(c, 'whole'), -0.2),
  rule('clause', '~make|replace the? $cols:c by|with|into|to that|this|the number|value|figure (of|in $unit:u)?', ({ c, u }) => (u === undefined ? null : typed(c, 'decimal', { unit: u })), 0),
  rule('clause', 'how long|much|heavy|big|far ~be ~each $rows|$noun|$guess|$col in $unit:u ?|.|,|;? ~make|replace the? $cols:c by|with|into|to that|this|the? number|value|figure?', ({ c, u }) => typed(c, 'decimal', { unit: u }), -0.3),
  rule('rider', 'keeping|keep|leave|leaving its|the|their|any|all? ~blankWord (as they|it are|is)?', () => rider('blanks stay', (plan) => plan), 0.05),
  rule('aside', "i|we need|want|have|must|wish|would like|intend|hope|plan|going? to? calculate|compute|reckon|work with it|them|that|this|these", () => nothing, 0),
  rule('aside', "i|we need|want|have|must|wish|intend|hope|plan|going? to? calculate|compute|reckon|work with the|our? $cols ,? so|therefore|hence?", () => nothing, 0),
  rule('aside', 'sort|straighten that|this|it|them|these|those out ,|and? so? that?', () => nothing, 0.3),
  rule('rider', 'so|and|please? ~drop the? $signs and|,|/|or? $signs? everywhere?', () => rider('bare', (plan) => (numeric(plan) ? plan : null)), 0.1),
  rule('rider', 'use|with|have|write an? decimal point|points everywhere|throughout|always?', () => rider('point', (plan) => (numeric(plan) ? plan : null)), 0),
  rule('aside', '~open? $num ^: ^$num ~be|means|mean|stands for? $spelledDuration ~close?', () => nothing, 0),
  rule('aside', 'the? same way|ways|style|manner of writing|spelling for|in|throughout? all|everything|each|every? (of them)?', () => nothing, 0.1),
  rule('rider', 'and|,|please? ~drop the|any? ~currency', () => rider('bare', (plan) => (numeric(plan) ? plan : null)), 0),
  rule('rider', 'no|without|dropping|minus|remove the|any? ~currency', () => rider('bare', (plan) => (numeric(plan) ? plan : null)), 0),
  rule('rider', 'no|without|dropping the|any? ~currency ~or|and ~currency', () => rider('bare', (plan) => (numeric(plan) ? plan : null)), 0),
  rule('rider', 'no|without|dropping the|any? ~currency and|or no|the? ~thousands', () => rider('bare', (plan) => (numeric(plan) ? plan : null)), 0),
  rule('rider', 'no|without|dropping the|any? ~thousands', () => rider('bare', (plan) => (numeric(plan) ? plan : null)), 0),
  rule('rider', 'mind|ignore|watch|careful|drop|remove|lose|forget (out)? (for|with)? the? spaces|space|commas|comma|points|dots|apostrophes (and|or|, the? spaces|space|commas|comma|points|dots)? (for|as|between|in)? the? ~thousands?', () => rider('bare', (plan) => (numeric(plan) ? plan : null)), 0),
  rule('rider', 'an? amount|number|figure|one|ones|value ~brackets ~be ~negative', () => rider('negative', (plan) => (numeric(plan) ? plan : null)), 0),
  rule('rider', 'so|and? ~make those|them|these|the? ones? ~brackets? ~negative', () => rider('negative', (plan) => (numeric(plan) ? plan : null)), 0.05),
  rule('rider', '~brackets mean|means|is|are|stand|stands for? ~negative', () => rider('negative', (plan) => (numeric(plan) ? plan : null)), 0),
  rule('rider', '$sought:t is|are|should|shall|must|counts|count|means|mean|stays|becomes|become as|be|for|simply|just? ~blankWord', ({ t }) => meaning(t, ''), 0),
  rule('rider', '$sought:t goes|go|becomes|become|turns|turn to|into|as? ~blankWord', ({ t }) => meaning(t, ''), 0),
  rule('rider', '~if it|they? ~be? ~blankWord or|and $sought:t ,? leave|keep|make|let it|them|that|those? ~blankWord', ({ t }) => meaning(t, ''), 0),
  rule('rider', '~if it|they? ~be? $sought:t or|and ~blankWord ,? leave|keep|make|let it|them|that|those? ~blankWord', ({ t }) => meaning(t, ''), 0),
  rule('rider', 'leave|keep it|them|that|those? ~blankWord ~if it|they? ~be? ~blankWord or|and $sought:t', ({ t }) => meaning(t, ''), 0),
  rule('rider', '~blankWord ~if it|they? ~say $sought:t', ({ t }) => meaning(t, ''), 0),
  rule('rider', '~blankWord ~if ~be? $sought:t', ({ t }) => meaning(t, ''), 0.05),
  rule('rider', '~if it|they? ~say $sought:t ,? put|write|use|make|set|take|enter it? $num:n', ({ t, n }) => meaning(t, String(n)), 0),
  rule('clause', 'fix|repair|mend|correct|sort|straighten|clean out|up? the? $cols:c dates|date', ({ c }, x: Context) => (c.every((n: string) => (x.head.glances?.get(n)?.dateShare ?? 0) > 0) ? typed(c, 'date') : null), 0),
  rule('rider', '$sought:t - > an? ~blankWord', ({ t }) => meaning(t, ''), 0),
  rule('rider', '$sought:t = > an? ~blankWord', ({ t }) => meaning(t, ''), 0),
  rule('rider', '$sought:t ->|=>|→|: an? ~blankWord', ({ t }) => meaning(t, ''), 0),
  rule('rider', '$sought:t - > $num:n', ({ t, n }) => meaning(t, String(n)), 0),
  rule('rider', '~if it|they? ~say $sought:t ,? put|write|use|make|set|leave it? ~blankWord', ({ t }) => meaning(t, ''), 0),
  rule('rider', '$sought:t and|or ~blankWord (ones|cells|values)? is|are|=|means|mean|count|counts|become as|for? $num:n', ({ t, n }) => ({ key: `sought and blank ${t.join()} ${n}`, apply: (state: State) => { const read = meaning(t, String(n)).apply(state); return read && blanksAs(String(n)).apply(read); } }), -0.1),
  rule('rider', 'an? ~blankWord ones|cells|ones? is|are|means|counts|count|mean|= as|for? $num:n', ({ n }) => blanksAs(String(n)), 0),
  rule('clause', '$cols:c all|everything|always|both|each in|into $unit:u', ({ c, u }) => typed(c, 'decimal', { unit: u }), 0),
  rule('rider', 'just|only the number|numbers|figure|figures', () => rider('number', (plan) => (numeric(plan) ? plan : null)), 0),
  rule('rider', 'the? comma|commas ~be|stands|means|as a|the|for? decimal sign|mark|point|comma|separator', () => rider('comma', (plan) => (numeric(plan) ? plan : null)), 0),
  rule('rider', 'put|write|use|make|set? $num:n ~if there is|are none|nothing', ({ n }) => blanksAs(String(n)), 0.05),
  rule('rider', '$dayOrder:o and|, $dayOrder:b occur|occurs|appear|are|is|both? used|there|in|mixed|occur? it|there?', ({ o, b }) => (o === b ? inOrder(o) : null), 0),
  rule('rider', 'with the? $dayOrder:o', ({ o }) => inOrder(o), 0),
  rule('rider', 'dots|slashes|points|dashes (and|&|,|or|/ dots|slashes|points|dashes)? =|:|is|are|mean|means|have|with|has|->? the? $dayOrder:o', ({ o }) => inOrder(o), 0),
  rule('rider', 'the? ones|those|dates|entries with|in|having with? slashes|dots|points ~be? $dayOrder:o', ({ o }) => inOrder(o), 0),
  rule('rider', 'an? lone|single|bare|plain? $mark:m ~be|means|mean|counts|count|stands|stand as|for? ~blankWord', ({ m }) => (m === '-' || m === '?' || m === '/' ? meaning([m], '') : null), 0.05),
  rule('rider', "an? lone|single|bare|plain? $mark:m ~be|means|mean|stands for|that? (we|they|nobody|i|he|she|it)? (don't|dont|didn't|doesn't|isn't|not|is|was|were|do)? (not)? know|knows|known|unknown|missing|sure|answered|recorded|asked ,|;|:|-|–? so|and|then|hence (it|that|this)? (is|counts|stays|becomes|as|be)? ~blankWord", ({ m }) => meaning([m], ''), -0.2),
  rule('rider', 'an? dash|hyphen|minus ~be|means|mean|counts|count|stands|stand as|for? ~blankWord', () => meaning(['-'], ''), 0),
  rule('rider', 'the? numbers|figures|ones? ~be|means|mean? day counts|count|numbers|serials (from $remark)?', () => rider('counts', (plan) => (plan.to === 'date' || plan.to === 'datetime' ? plan : null)), 0),
  rule('rider', "$sought:t means|mean|is|stands for|that|=? we|i|they|nobody|it? don't|dont|doesn't|not|isn't|is|was|do? not? know|knows|known|unknown|missing|recorded|measured|given ,? (so|and|then)? leave|keep|make|let it|that|them|those ~blankWord", ({ t }) => meaning(t, ''), 0),
  rule('rider', '$sought:t left|kept|stays|stay as? ~blankWord', ({ t }) => meaning(t, ''), 0),
  rule('clause', '$cols:c ~into ~number in $unit:u', ({ c, u }) => typed(c, 'decimal', { unit: u }), 0),
  rule('rider', '$sought:t counts|count|means|mean|is|are|becomes|become as|for|be? $num:n', ({ t, n }) => meaning(t, String(n)), 0),
  rule('rider', '$plainWord:t counts|count|means|mean as|for? $num:n', ({ t, n }) => meaning([t], String(n)), 0.1),
  rule('plainWord', '$word:w', ({ w }) => w, 0),
  rule('rider', 'a? few|some|others|several|those are|is? given? in $unit:u ,? $divide', ({ u }) => rider(`from ${u}`, (plan) => (plan.unit && unitSort(u) === unitSort(plan.unit) ? plan : null)), 0),
  rule('divide', 'divide|multiply those|these|them by $num', () => true, 0),
  rule('clause', 'anything|everything|whatever|all|values|entries|cells in|of|under $cols:c that|which ~be? ~not an? ~number ~should|is|are be? ~blankWord|emptied|blanked|cleared|removed out?', ({ c }) => typed(c, 'decimal', { blankRest: true }), 0),
  rule('clause', 'anything|everything|whatever|all|values|entries|cells that|which ~be? ~not an? ~number ~should|is|are be? ~blankWord|emptied|blanked|cleared|removed out?', () => typed(null, 'decimal', { blankRest: true }), 0.05),
  rule('clause', 'blank out? anything|everything|whatever|all in $cols:c that|which ~be not ~number', ({ c }) => typed(c, 'decimal', { blankRest: true }), 0),
].flat();

export const entailed: readonly Entailed[] = [
  { of: (plan) => plan.step === 'convert' && (plan.to === 'decimal' || plan.to === 'whole'), words: 'no without letter unit text sign symbol word after behind number figure', given: 'letter unit text sign symbol word' },
  { of: (plan) => plan.step === 'convert' && (plan.to === 'decimal' || plan.to === 'whole'), words: 'comma thousand separator sign symbol currency euro pound dollar plain bare figure number numeric numerical real proper let' },
  { of: (plan) => plan.step === 'convert' && plan.to === 'date', words: 'real proper date style format written typed way text' },
];
