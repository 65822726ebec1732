import { columnsOf, number, renameColumns, walk, type Condition, type Expression } from '../../formula/expression';
import type { Plan } from '../../steps/registry';
import { columnOf } from '../../table/table';
import { folded } from '../../values/fold';
import { uniqueName } from '../../values/names';
import { readsAsDate } from '../../formula/check';
import { amend, nothing, ofLast, withPlan, type Act, type Context, type State } from '../acts';
import { rule } from '../chart';
import { rewrite } from '../rewrite';
import { nameOf } from '../naming';

/* What refers to the request before: the same for another column, another number in it, one more column in it. */

/** May a condition about values hold of another column? */
function holdsAny(name: string, where: Condition, { head, start }: State): boolean {
  const values = (head.glances ?? start.glances)?.get(name)?.values, texts: string[] = [];
  walk(where, (n) => { if (n.kind === 'among') texts.push(...n.texts.map(folded)); });
  return texts.length === 0 || (columnOf(head, name).type === 'text' && (!values || values.some(([v]) => texts.includes(folded(v)))));
}

/** The same change for other columns, or null where that means nothing. */
function forColumns(plan: Plan, columns: readonly string[], state: State): Plan[] | null {
  if ('columns' in plan) return plan.step === 'pick' ? null : [{ ...plan, columns }];
  if (plan.step === 'calculate') {
    const [source, ...others] = columnsOf(plan.as);
    if (source === undefined || others.length) return null;
    return columns.map((to) => {
      const as = renameColumns(plan.as, (n) => (n === source ? to : n));
      return { ...plan, as, name: plan.replace ? to : uniqueName(nameOf(as), state.head.columns.map((c) => c.name)) };
    });
  }
  if (plan.step === 'filter') {
    const [source, ...others] = columnsOf(plan.where);
    // A value that the other column does not hold is not looked for there: 'only card', 'and with a tip'.
    if (source !== undefined && !columns.every((to) => holdsAny(to, plan.where, state))) return null;
    return source === undefined || others.length ? null : columns.map((to) => ({ ...plan, where: renameColumns(plan.where, (n) => (n === source ? to : n)) }));
  }
  return null;
}

const again = (columns: readonly string[]): Act => ({
  key: `again ${JSON.stringify(columns)}`,
  apply(state) {
    const last = state.plans.at(-1) ?? state.last;
    const made = last && forColumns(last, columns, state);
    return made && made.reduce((s, p) => withPlan(s, p, columns), state);
  },
});

/** Every number of a plan that a person may mean by 'make it ...', found by `is`; changed only where there is just one. */
function otherNumber(plan: Plan, is: (n: unknown) => boolean, to: (n: unknown) => unknown): Plan | null {
  let found = 0;
  rewrite(plan, (n) => { if (is(n)) { found++; return n; } return undefined; });
  return found === 1 ? rewrite(plan, (n) => (is(n) ? to(n) : undefined)) : null;
}

interface Percent { readonly kind: 'op'; readonly op: '/'; readonly left: { readonly kind: 'number'; readonly value: number }; readonly right: { readonly kind: 'number'; readonly value: 100 } }
const isPercentage = (n: unknown): n is Percent => {
  const e = n as Partial<Percent> | null;
  return typeof n === 'object' && n !== null && e!.kind === 'op' && e!.op === '/' && e!.left?.kind === 'number' && e!.right?.kind === 'number' && e!.right.value === 100;
};
const isNumber = (n: unknown): n is { kind: 'number'; value: number } => typeof n === 'object' && n !== null && 'kind' in n && n.kind === 'number';

const makePercent = (p: number): Act => amend(`make ${p}%`, (plan) => otherNumber(plan, isPercentage, (n) => ({ ...(n as Percent), left: number(p) })));
const makeNumber = (v: number): Act =>
  amend(`make ${v}`, (plan) => {
    if (plan.step === 'take') return Number.isInteger(v) && v > 0 ? { ...plan, count: v } : null;
    if (plan.step === 'calculate' && plan.as.kind === 'round' && !JSON.stringify(plan.as.of).includes('"kind":"number"')) return null;
    return otherNumber(plan, (n) => !isPercentage(n) && isNumber(n) && (plan.step === 'filter' || ![0, 1, 100].includes(n.value)), () => number(v)) ?? otherNumber(plan, isPercentage, (n) => ({ ...(n as Percent), left: number(v) }));
  });

/** Another number behind the only sign of its sort in what was calculated before. */
const otherOperand = (sign: string, v: number): Act =>
  amend(`operand ${sign} ${v}`, (plan) => (plan.step === 'calculate' ? otherNumber(plan, (n) => { const e = n as { kind?: string; op?: string; right?: unknown } | null; return typeof n === 'object' && n !== null && e!.kind === 'op' && e!.op === sign && isNumber(e!.right) && !isPercentage(n); }, (n) => ({ ...(n as object), right: number(v) })) : null));

/** Another column below the only line of what was calculated before. */
const otherDivisor = (name: string): Act =>
  amend(`divisor ${name}`, (plan) => {
    if (plan.step !== 'calculate') return null;
    const own = nameOf(plan.as), is = (n: unknown): boolean => { const e = n as { kind?: string; op?: string; right?: { kind?: string } } | null; return typeof n === 'object' && n !== null && e!.kind === 'op' && e!.op === '/' && e!.right?.kind === 'column'; };
    const made = otherNumber(plan, is, (n) => ({ ...(n as object), right: { kind: 'column', name } }));
    return made?.step === 'calculate' ? { ...made, name: plan.name === own ? nameOf(made.as) : plan.name } : null;
  });

interface ClockLimit { readonly kind: 'compare'; readonly left: { readonly kind: 'clock' }; readonly right: { readonly kind: 'number'; readonly value: number } }
const isClockLimit = (n: unknown): n is ClockLimit => {
  const c = n as Partial<ClockLimit> | null;
  return typeof n === 'object' && n !== null && c!.kind === 'compare' && c!.left?.kind === 'clock' && c!.right?.kind === 'number';
};
/** Another time of day in what was said before. */
const makeTime = (minutes: number): Act => amend(`make time ${minutes}`, (plan) => otherNumber(plan, isClockLimit, (n) => ({ ...(n as ClockLimit), right: number(minutes) })));

/** The same rows by other values of the column they were chosen by. */
const otherValues = (list: readonly { readonly column: string; readonly text: string }[]): Act => ofLast(
  amend(`values ${JSON.stringify(list)}`, (plan) => {
    if (plan.step !== 'filter' || list.some((v) => v.column !== list[0]!.column)) return null;
    const texts = list.map((v) => v.text);
    const swap = (c: Condition): Condition | null => (c.kind === 'among' && c.of.kind === 'column' && c.of.name === list[0]!.column ? { ...c, texts } : c.kind === 'not' ? ((of) => of && { kind: 'not' as const, of })(swap(c.of)) : null);
    const where = swap(plan.where);
    return where && { ...plan, where };
  }));

/** The same done to other columns. */
const otherColumns = (columns: readonly string[]): Act =>
  amend(`columns ${JSON.stringify(columns)}`, (plan) => ('columns' in plan && plan.columns.length > 0 && plan.columns.join('\n') !== columns.join('\n') ? { ...plan, columns } : null));

/** The same done to some columns in the place of others that were said. */
const insteadOf = (columns: readonly string[], said: readonly string[]): Act =>
  amend(`columns ${JSON.stringify([columns, said])}`, (plan) => ('columns' in plan && said.every((c) => plan.columns.includes(c)) && columns.every((c) => !plan.columns.includes(c)) ? { ...plan, columns: [...columns, ...plan.columns.filter((c) => !said.includes(c))] } : null));

/** Only where the last plan says something. */
const whereSaid = (key: string, act: Act, says: (plan: Plan) => boolean): Act => ({ key: `${key} ${act.key}`, apply: (state) => { const last = state.plans.at(-1); return last && says(last) ? act.apply(state) : null; } });

/** The same rows by other values, where these were said. */
const insteadOfValues = (said: readonly { readonly text: string }[], list: readonly { readonly column: string; readonly text: string }[]): Act =>
  whereSaid(`not ${JSON.stringify(said)}`, otherValues(list), (plan) => plan.step === 'filter' && said.every((v) => JSON.stringify(plan.where).includes(JSON.stringify(v.text))));

/** Another number in the place of one that was said. */
const makeFrom = (from: number, to: number): Act => whereSaid(`from ${from}`, makeNumber(to), (plan) => JSON.stringify(plan).includes(`"value":${from}}`));

/** A calculation over one span of dates, with another date at one end. */
function otherEnd(plan: Extract<Plan, { step: 'calculate' }>, end: 'from' | 'to', name: string): Plan | null {
  let spans = 0;
  const own = nameOf(plan.as);
  const as = rewrite<Expression>(plan.as, (n) => {
    const e = n as Expression | null;
    if (typeof n !== 'object' || e === null || e.kind !== 'span' || e[end].kind !== 'column') return undefined;
    spans++;
    return { ...e, [end]: { kind: 'column', name } };
  });
  return spans === 1 && JSON.stringify(as) !== JSON.stringify(plan.as) ? { ...plan, as, name: plan.name === own ? nameOf(as) : plan.name } : null;
}

/** 'No, ...' before anything else: what follows changes what was said before, or stands in its place. */
const correcting = (instead: boolean): Act => ({
  key: `correcting ${instead}`,
  apply: (state) => (!state.amends ? null : instead ? { ...state, plans: [], head: state.start, amends: false } : { ...state, amends: false }),
});

/** What was just taken out, or set aside, is to go: said once more. */
const goesAlready = amend('goes already', (plan) => ((plan.step === 'replace' && plan.with === '') || plan.step === 'drop' || (plan.step === 'filter' && plan.mode === 'aside') || (plan.step === 'tidy' && plan.ways.every((w) => !['upper', 'lower', 'title', 'sentence', 'name'].includes(w))) ? plan : null));

/** Columns that are not dropped after all. */
const spare = (columns: readonly string[]): Act =>
  amend(`spare ${JSON.stringify(columns)}`, (plan) => {
    const left = plan.step === 'drop' ? plan.columns.filter((c) => !columns.includes(c)) : [];
    return plan.step === 'drop' && left.length > 0 && left.length === plan.columns.length - columns.length ? { ...plan, columns: left } : null;
  });

/** One more column in what was put together or changed. */
const include = (columns: readonly string[]): Act =>
  amend(`include ${JSON.stringify(columns)}`, (plan) => {
    if ('columns' in plan) return { ...plan, columns: [...new Set([...plan.columns, ...columns])] };
    if (plan.step !== 'calculate') return null;
    let grown = 0;
    const as = rewrite<Expression>(plan.as, (n) => {
      const e = n as Expression | null;
      if (typeof n !== 'object' || e === null || (e.kind !== 'across' && e.kind !== 'join') || grown) return undefined;
      grown++;
      const fresh = columns.filter((c) => !e.of.some((o) => o.kind === 'column' && o.name === c));
      return { ...e, of: [...e.of, ...fresh.map((name) => ({ kind: 'column', name }))] };
    });
    return grown ? { ...plan, as } : null;
  });

export const againRules = [
  rule('clause', '~doSame for|to|with|in|on|and? the? $cols:c too|also|well?', ({ c }) => again(c), 0),
  rule('clause', '~doSame for|to|with|in|on|and? the? $cols:c ,|;|–|-? but|only|just write|put|use|with|say|fill|enter|take? in? $text:t', ({ c, t }) => ({ key: `again ${JSON.stringify(c)} ${t}`, apply: (state: State) => { const last = state.plans.at(-1) ?? state.last; return last?.step === 'fill' && last.with.kind === 'value' ? withPlan(state, { ...last, columns: c, with: { kind: 'value', text: t } }, c) : null; } }), -0.3),
  rule('clause', 'and|also|now|then the? $cols:c too|also|well', ({ c }) => again(c), 0.4),
  rule('clause', 'the? $cols:c too|also|likewise', ({ c }) => again(c), 0.5),
  rule('clause', 'also|too|likewise for|in|with|to the? $cols:c', ({ c }) => again(c), 0.3),
  rule('alone', 'and|also|same for|in|with|to? the? $cols:c', ({ c }) => again(c), 0.2),
  rule('rider', '~makeIt to? $pct:p instead|rather?', ({ p }) => makePercent(p), 0),
  rule('rider', '$pct:p instead|rather|please?', ({ p }) => makePercent(p), 0.3),
  ...Object.entries({ half: 50, third: 100 / 3, quarter: 25, fifth: 20, tenth: 10 }).map(([word, p]) => rule('rider', `$nopes? ~makeIt to? a|one? ${word} instead|rather|please?`, () => ofLast(makePercent(p)), 0)).flat(),
  // 'No, minus 9.80': another number in the same place
  ...([['~minus', '-'], ['~sum', '+'], ['~times', '*'], ['~over', '/']] as const).map(([words, o]) => rule('rider', `$nopes ~iMeant? ${words} $num:n`, ({ n }) => ofLast(otherOperand(o, n)), -0.3)).flat(),
  rule('rider', '~makeIt to? $num:n instead|rather? $unit|$rows|$guess?', ({ n }) => makeNumber(n), 0.1),
  rule('rider', '~makeIt to? $clock:m instead|rather|please?', ({ m }) => makeTime(m), -0.1),
  rule('rider', '$num:n instead|rather', ({ n }) => makeNumber(n), 0.1),
  rule('rider', 'no|sorry|rather|actually|i ,? mean|meant|make $num:n', ({ n }) => makeNumber(n), 0.2),
  rule('rider', '$nopes ,? by|with|to|at $num:n', ({ n }) => makeNumber(n), 0),
  rule('rider', '~includeToo the? $cols:c as|too|also? well?', ({ c }) => include(c), 0),
  rule('rider', 'take|put|count|add|bring the? $cols:c in|into too|as|also|well? well?', ({ c }) => include(c), -0.1),
  rule('rider', 'add|put|take the? $cols:c to|into|in it|that|this|there', ({ c }) => include(c), -0.1),
  rule('rider', 'and|plus the? $cols:c as|too|also well?', ({ c }) => include(c), 0.6),
  rule('rider', 'and|plus? the? $cols:c too|also|as|well? well?', ({ c }) => ofLast(include(c)), 0.2),
  // 'No, to the promised date': a span with another end
  ...(['to', 'from'] as const).map((end) => rule('rider', `$nopes? ~iMeant? ${end === 'to' ? 'to|until|till|up' : 'from|since'} to? the? $col:c instead|rather|please?`, ({ c }, x: Context) => (readsAsDate(x.head, c) ? ofLast(amend(`span ${end} ${c}`, (plan) => (plan.step === 'calculate' ? otherEnd(plan, end, c) : null))) : null), -0.1)).flat(),
  // 'I meant moisture': the same with another column
  rule('rider', '$nopes? ~iMeant the? $cols:c column|columns? instead?', ({ c }) => ofLast(otherColumns(c)), 0),
  rule('rider', '$nopes? the? $cols:c column|columns? ~iMeant|instead', ({ c }) => ofLast(otherColumns(c)), 0.1),
  rule('rider', '$nopes ,|.|! ^the? $cols:c column|columns?', ({ c }) => ofLast(otherColumns(c)), 0.3),
  // 'The fault, not the comment', 'fault instead of comment', 'it was the fault I wanted gone'
  rule('rider', '$nopes? ^the? $cols:c column|columns? ,|and? not|instead|rather of|than? the? ^$cols:d column|columns?', ({ c, d }) => ofLast(insteadOf(c, d)), -0.6),
  rule('rider', '$nopes? it|that ~be|should the? $cols:c column|columns? (that|which)? i|we wanted|meant|want|mean (to)? (gone|out|away|drop|remove|dropped|removed|changed)?', ({ c }) => ofLast(otherColumns(c)), -0.6),
  // '5 rather than 3', 'over 150, not 100'
  rule('rider', '$nopes? $num:n rather|instead|not than|of? $num:m', ({ n, m }) => ofLast(makeFrom(m, n)), -0.2),
  rule('rider', '$nopes? ~more|~less|~least|~most|at|by? $num:n ,|and? not|instead|rather of|than? ~more|~less|~least|~most|at|by? $num:m', ({ n, m }) => ofLast(makeFrom(m, n)), -0.3),
  rule('rider', '$nopes? ~iMeant $num:n $unit|$rows|$guess?', ({ n }) => ofLast(makeNumber(n)), 0.1),
  rule('rider', '$nopes? ~iMeant $pct:p', ({ p }) => ofLast(makePercent(p)), 0),
  // 'Not done, cancelled': other values in the place of those said
  rule('rider', 'not|no the? $values:v ,|;|-|–|but|.? but|rather|only? the? $values:w $rows|$guess|$noun?', ({ v, w }) => (v.every((o: { column: string }) => o.column === w[0].column) ? ofLast(insteadOfValues(v, w)) : null), -0.7),
  // 'No, per warning': another thing it is divided by
  rule('rider', '$nopes ~iMeant? per|by|for each|every|one|the? ^$col:c', ({ c }) => ofLast(otherDivisor(c)), -0.2),
  rule('rider', '$nopes? not the? $cols ,|but|rather|;? but|rather? the? $cols:c column|columns?', ({ c }) => ofLast(otherColumns(c)), -0.1),
  rule('rider', '$nopes ,|.|!|;? i|we still? need|want|keep that|it|this|those|them one? ,|.|;|!|- take|drop|remove|lose|delete|use the? $cols:c column|columns? instead|rather?', ({ c }) => ofLast(otherColumns(c)), -0.3),
  rule('rider', 'but|so? take|drop|remove|lose|delete|use|throw out|away? the? $cols:c column|columns? instead|rather', ({ c }) => ofLast(otherColumns(c)), -0.2),
  // 'Keep weather', of columns that were dropped
  rule('rider', '$nopes? but|oh|actually|no|wait? ,? keep|leave|restore|spare|retain the? $cols:c (column|columns)? (in|there)? though|please|after|instead? all?', ({ c }) => ofLast(spare(c)), -0.2),
  rule('rider', 'bring|put|get|take|have the? $cols:c (column|columns)? back in|please?', ({ c }) => ofLast(spare(c)), -0.2),
  rule('aside', 'i|we still|do|actually? need|want|keep|use it|that|this|those|them one? after|all? all?', () => nothing, 0.1),
  rule('nopes', '~nope ,|.|!|:? ', () => true, 0),
  rule('nopes', 'sorry|pardon|oops|whoops ,|.|!|:?', () => true, 0.05),
  rule('nopes', '~nope ,? ~nope ,|.|!? ', () => true, 0),
  rule('aside', '$nopes', () => correcting(false), 0.1),
  rule('aside', '$nopes ~iMeant? :|,?', () => correcting(true), 0.3),
  rule('aside', '~iMeant :|,?', () => correcting(true), 0.4),
  rule('aside', 'instead', () => nothing, 0.1),
  rule('aside', 'i|we want|need|like|wish|love|prefer to know|see|find|have|learn? out?', () => nothing, 0.15),
  rule('aside', 'i|we need|want', () => nothing, 0.4),
  rule('aside', "i'd|we'd like|want|need|love|prefer to know|see|find|have|learn? out?", () => nothing, 0.15),
  // 'I don\'t want the brackets, take those out': what goes already
  rule('rider', "i|we don't|dont|do|didn't not? want|need|like them|those|these|it (there|in it|any more)?", () => goesAlready, 0),
  rule('rider', 'so|and|just|,? ~drop them|those|these|it (off|out|away|please)? (with|and|including all|their|its? contents|content)?', () => goesAlready, 0),
  rule('rider', 'so|and|just|,? take|throw|cut|leave them|those|these|it off|out|away', () => goesAlready, 0),
  // 'Delete the helmets. No, the boots': other words looked for in the same texts
  rule('rider', '$nopes ~iMeant? the? $insides:v $rows|$guess|$noun? instead|rather|please?', ({ v }) => ofLast(amend(`words ${JSON.stringify(v)}`, (plan) => (plan.step === 'filter' && plan.where.kind === 'text' && plan.where.of.kind === 'column' && plan.where.of.name === v[0].column ? { ...plan, where: { ...plan.where, texts: v.map((o: { text: string }) => o.text) } } : null))), -0.2),
  // 'no, cancelled instead': other values in the place of those said
  rule('rider', '$nopes? ~iMeant? the? $values:v $rows|$guess|$noun? instead|rather|please', ({ v }) => otherValues(v), -0.1),
  rule('rider', '$nopes ,? ~iMeant? the? $values:v $rows|$guess|$noun? ,? (i mean|meant)?', ({ v }) => otherValues(v), 0.1),
].flat();
