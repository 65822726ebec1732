import { folded } from '../../values/fold';
import { column, columnsOf, type Condition, type Expression } from '../../formula/expression';
import type { Plan } from '../../steps/registry';
import { mismatches, unitInName } from '../../formula/dimensions';
import { unitName, unitSort } from '../../values/units';
import { keyOf } from '../chart';
import { nameOf } from '../naming';
import { LIMIT, type Doubt } from './doubt';
import { stem } from '../words';
import { calculated, compared, nodesIn } from './nodes';
import type { Said } from './said';

/** Does a later condition look for a blank that an earlier one has caught: of the same, or of a column that leaves it blank? */
function blankTwice(list: readonly Condition[]): boolean {
  const blanksIn = (c: Condition): readonly Expression[] => (c.kind === 'empty' ? [c.of] : c.kind === 'any' ? c.of.flatMap(blanksIn) : []);
  const caught = new Set<string>();
  for (const when of list) {
    if (blanksIn(when).some((of) => caught.has(keyOf(of)))) return true;
    blanksIn(when).flatMap((of) => [keyOf(of), ...columnsOf(of).map((n) => keyOf(column(n)))]).forEach((k) => caught.add(k));
  }
  return false;
}

/** Names of what one piece costs. */
const A_PIECE = /\b(?:unit|each|per|delivery|shipping|postage|handling|booking)\b|\s(?:kg|g|t|l|m|m2|m3|h|km)$/i;

type Labelling = Extract<Plan, { step: 'calculate' }> & { readonly as: Extract<Expression, { kind: 'choose' }> };
/** Does a plan add a column of labels? */
const labelsRows = (p: Plan): p is Labelling => p.step === 'calculate' && !p.replace && p.as.kind === 'choose' && p.as.cases.some((c) => c.then.kind === 'text');

/** Are lengths multiplied that are in different units? */
function unlikeLengths(e: Expression): boolean {
  const units = columnsOf(e).flatMap((name) => { const u = unitInName(name); return u !== null && unitSort(u) === 'length' ? [unitName(u) ?? u] : []; });
  return new Set(units).size > 1;
}

/** Is one of the labels so that a plan gives? */
const givesLabel = (plans: readonly Plan[], is: (label: string) => boolean): boolean => plans.some((p) => p.step === 'calculate' && p.as.kind === 'choose' && p.as.cases.some((c) => c.then.kind === 'text' && is(c.then.value)));

/** Words that nobody is labelled by. */
const NO_LABEL = /^(?:going|being|having|doing|cost|costs|was|were|is|are|has|have|had|did|does|do|by|add|put|make|leave|it|its|that|this|them|the|a|an|of|for|with|from|to|while|then|when|where|which|who|and|or|but)$/;

/** Does a bare column of numbers, or a number, stand where labels are asked for, or beside one? */
const mixesLabels = (leaves: readonly Expression[], numbers: Said['numbers'], labels: boolean): boolean => (labels || leaves.some((e) => e.kind === 'text')) && leaves.some((e) => (e.kind === 'column' && numbers(e.name)) || e.kind === 'number' || e.kind === 'measure');

function unlike(plans: readonly Plan[]): number {
  const of = (p: Plan): number => (p.step === 'calculate' ? mismatches(p.as) : p.step === 'ask' ? p.figures.reduce((m, f) => m + mismatches(f.as), 0) : 0);
  return plans.reduce((n, p) => n + of(p), 0);
}

/** How many words are looked for for a label beside the label's own. */
function foreignWords(plans: readonly Plan[]): number {
  return calculated(plans, 'choose').flatMap((e) => e.cases).reduce((n, { when, then }) => {
    if (when.kind !== 'text' || when.test !== 'mentions' || then.kind !== 'text') return n;
    const own = new Set(then.value.toLowerCase().split(/\s+/).map(stem)), words = new Set(when.texts.map((t) => stem(t)));
    return [...words].some((w) => own.has(w)) ? n + [...words].filter((w) => !own.has(w)).length : n;
  }, 0);
}

/** The same made twice, once with something added: one of them is what was asked for. */
function madeTwice(plans: readonly Plan[]): boolean {
  return plans.some((p, i) => {
    const next = plans[i + 1];
    if (p.step === 'tidy' || p.step === 'convert') return next?.step === p.step && keyOf(p.columns) === keyOf(next.columns);
    if (p.step !== 'calculate' || p.replace || p.as.kind === 'column' || p.as.kind === 'number') return false;
    return plans.some((q, k) => k !== i && q.step === 'calculate' && !q.replace && (q.name === `${p.name} 2` || keyOf(q.as).includes(keyOf(p.as))));
  });
}

/** Is the same column looked through for words, or else blank? */
const wordsOrBlank = (plan: Plan): boolean => /"kind":"text","test":"mentions","of":(\{"kind":"column","name":"(?:[^"\\]|\\.)*"\}),"texts":\[[^\]]*\]\},\{"kind":"empty","of":\1/.test(keyOf(plan));

/** Is it the first column, by which the rows are told apart? */
const isKey = (e: Expression, { columns, tellsRows }: Said): boolean => e.kind === 'column' && columns[0] === e.name && tellsRows(e.name);

/** Do some cases look at a day that something was done, and one of them at a value that says the same in another column? */
function deniesADay(as: Expression): boolean {
  const days = nodesIn(as, (n): n is Extract<Expression, { kind: 'span' }> => 'kind' in n && (n.kind === 'span' || n.kind === 'lapse')).flatMap(columnsOf).map((n) => stem(n.toLowerCase()));
  return nodesIn(as, (n): n is Extract<Condition, { kind: 'among' }> => 'kind' in n && n.kind === 'among').some((c) => c.texts.some((t) => days.includes(stem(t.toLowerCase()))));
}

/** The year in a column's name. */
const yearIn = (name: string): number | null => { const year = /\b(?:19|20)\d\d\b/.exec(name)?.[0]; return year === undefined ? null : Number(year); };

/** About values: what is calculated, converted and tidied. */
export const valueDoubts: readonly Doubt[] = [
  // 'Minutes per tyre': not per row, where ‹Tyres› says how many.
  { price: 1.2, holds: (plans, { perCounted }) => perCounted.some((name) => !keyOf(plans).includes(JSON.stringify(name))) },
  // 'Where there is an invoice and paid on is empty' empties nothing.
  { price: 2.5, holds: (plans, { makes, drops, whereFirst }) => whereFirst && !makes && !drops && plans.some((p) => p.step === 'calculate' && p.replace === true) },
  // 'Like Paid, Open, Rejected' shows how they are written, and not which there are.
  { price: 1, holds: (plans, { like }) => like && plans.some((p) => p.step === 'spell'), asks: 'Are these all the spellings there may be?' },
  // '50 cents' are no 50.
  { price: 2, holds: (plans, { cents }) => cents.some((n) => keyOf(plans).includes(`{"kind":"number","value":${n}}`) && !keyOf(plans).includes(`{"kind":"number","value":${n / 100}}`)), asks: 'This takes cents for whole ones. Is it meant so?' },
  // 'Call it New price' gives a name, and makes nothing.
  { price: 3, holds: (plans, { nameGiven }) => nameGiven !== null && plans.some((p) => (p.step === 'rename' && p.names.every(({ to }) => to.toLowerCase() !== nameGiven)) || (p.step === 'calculate' && !p.replace && !(nameGiven.startsWith(p.name.toLowerCase()) && nameGiven.length - p.name.length <= 1))) },
  // 'The title into a column, and keep only the name': the second half is to be done as well.
  { price: 2, holds: (plans, { keepsThen }) => keepsThen && plans.length === 1 && plans.every((p) => p.step === 'calculate' && !p.replace), asks: 'The second half of this is not used. Is it meant so?' },
  // 'Whatever took under half an hour', where a column says how long
  { price: 2, holds: (plans, { lasting }) => lasting !== null && plans.some((p) => p.step === 'filter' && compared([p]).some((c) => (c.left.kind === 'span' || c.left.kind === 'lapse') && /^(?:hours|minutes)$/.test(c.left.unit) && !columnsOf(c.left).includes(lasting))), asks: 'A column says how long, and this compares dates. Is it meant so?' },
  // 'Part if less was paid' gives another label than 'paid if all was paid'.
  { price: 1, holds: (plans) => plans.some((p) => p.step === 'calculate' && p.as.kind === 'choose' && p.as.cases.some((c, i, all) => { const next = all[i + 1]; return next !== undefined && c.then.kind === 'text' && keyOf(c.then) === keyOf(next.then) && c.when.kind === 'compare' && next.when.kind === 'compare'; })), asks: 'Two cases get the same label. Is it meant so?' },
  // 'Size: off if cancelled, big over 60': one column of labels was asked for, not one more without a name.
  { price: 1, holds: (plans) => plans.some((p, i) => { const before = plans[i - 1]; return labelsRows(p) && p.name === nameOf(p.as) && before !== undefined && labelsRows(before) && before.name !== nameOf(before.as); }), asks: 'This makes two columns of labels. Is it meant so?' },
  // 'Finders that are not in the list' writes no 'not'.
  { price: 2, holds: (plans) => plans.some((p) => p.step === 'calculate' && p.replace && p.as.kind === 'text' && /^(?:not|never|no|isn't|aren't)$/i.test(p.as.value)) },
  // 'Volume times price per m3': what is multiplied and divided by the same is neither.
  { price: 2, holds: (plans) => calculated(plans, 'op').some((e) => e.op === '/' && e.left.kind === 'op' && e.left.op === '*' && [e.left.left, e.left.right].some((f) => keyOf(f) === keyOf(e.right))) },
  // Metres times millimetres are no cubic metres.
  { price: 2, holds: (plans) => calculated(plans, 'op').some((e) => e.op === '*' && unlikeLengths(e)), asks: 'These measures are in different units, and are multiplied as they stand. Is it meant so?' },
  // 'From felling to sale' goes in that order.
  { price: 3, holds: (plans, { fromTo }) => fromTo !== null && calculated(plans, 'span').some((e) => e.from.kind === 'column' && e.to.kind === 'column' && e.from.name === fromTo[1] && e.to.name === fromTo[0]) },
  // 'That was used cost, going by what was billed' gives no labels.
  { price: 2, holds: (plans) => givesLabel(plans, (label) => NO_LABEL.test(label)) },
  // Nor does 'yes if more than 10 were used'.
  { price: 2, holds: (plans, { wasDone }) => givesLabel(plans, wasDone) },
  // 'Empty if no kilometres were driven' labels nothing so.
  { price: 3, holds: (plans) => plans.length > 1 && plans.some((p) => p.step === 'calculate' && !p.replace && p.as.kind === 'choose' && p.as.cases.some((c) => c.then.kind === 'text' && c.then.value.toLowerCase() === p.name.toLowerCase())) },
  // 'The number part of the code': 'E-101' is no number.
  { price: 2.5, holds: (plans, { codes }) => plans.length > 0 && plans.every((p) => p.step === 'convert' && (p.to === 'decimal' || p.to === 'whole') && p.columns.every(codes)), asks: 'No value of this column reads so. Is it meant all the same?' },
  // Nor has a date pieces to count.
  { price: 4, holds: (plans, { dated }) => calculated(plans, 'pieces').some((e) => e.of.kind === 'column' && dated(e.of.name)) },
  // 'The number of the house, as a number' counts no pieces.
  { price: 2, holds: (plans, { asNumber }) => asNumber && plans.some((p) => p.step === 'calculate' && p.as.kind === 'pieces') },
  // What tells the rows makes no groups of them.
  { price: 2.5, holds: (plans, { tellsRows }) => plans.some((p) => p.step === 'calculate' && calculated(p.as, 'over').some((e) => e.by.length === 1 && tellsRows(e.by[0]!))) },
  // Nor is it calculated with: 'the best lot' has no high number, 'the share per lot' is divided by none.
  { price: 2.5, holds: (plans, said) => calculated(plans, 'op').some((e) => isKey(e.left, said) || isKey(e.right, said)) || calculated(plans, 'total').some((e) => /^(?:sum|mean|median|highest|lowest)$/.test(e.fn) && isKey(e.of, said)), asks: 'This calculates with what only tells the rows apart. Is it meant so?' },
  // 'Late if closed more than 10 days after it came, pending if not closed': by the day that was spoken of, and not by another column.
  { price: 1, holds: (plans) => plans.some((p) => p.step === 'calculate' && p.as.kind === 'choose' && deniesADay(p.as)) },
  // A count of what is never blank is a count of the rows.
  { price: 0.6, holds: (plans, { neverBlank }) => plans.some((p) => p.step === 'calculate' && calculated(p.as, 'total').some((e) => e.fn === 'count' && e.by.length > 0 && e.of.kind === 'column' && neverBlank(e.of.name))) },
  // 'Empty where none is given': no row is blank in all its columns.
  { price: 2, holds: (plans) => plans.some((p) => p.step === 'calculate' && p.as.kind === 'choose' && p.as.cases.some((c) => c.when.kind === 'all' && c.when.of.length > 3 && c.when.of.every((o) => o.kind === 'empty'))) },
  // 'The share of each visit': of the row, and no total of its like.
  { price: 1, holds: (plans, { tellsRows }) => plans.some((p) => p.step === 'calculate' && calculated(p.as, 'total').some((e) => e.fn === 'sum' && e.by.length === 1 && tellsRows(e.by[0]!))) },
  // A figure by groups of itself is none.
  { price: 2, holds: (plans) => plans.some((p) => p.step === 'calculate' && calculated(p.as, 'total').some((e) => e.of.kind === 'column' && e.by.includes(e.of.name) && e.fn !== 'count')) },
  // 'From 80 percent attendance': a number of lessons is no share of them.
  { price: 2, holds: (plans, { bounds, beyond }) => compared(plans).some((c) => c.left.kind === 'column' && c.right.kind === 'number' && bounds.includes(c.right.value) && beyond(c.left.name, c.right.value)), asks: 'This compares a number with a percentage. Is it meant so?' },
  // 'Empty paid where it is 0' fills nothing with 0.
  { price: 3, holds: (plans, { empties }) => empties && plans.some((p) => p.step === 'fill') },
  // What a text is to be read as belongs to the reading, and not behind it.
  { price: 0.8, holds: (plans) => plans.some((p, i) => { const next = plans[i + 1]; return p.step === 'convert' && next?.step === 'calculate' && next.replace && p.columns.includes(next.name) && next.as.kind === 'choose' && next.as.cases.some((c) => c.when.kind === 'among' && c.then.kind === 'blank'); }) },
  // 'We pay below zero, they pay otherwise': two labels are not the same.
  { price: 1.5, holds: (plans) => plans.some((p) => { if (p.step !== 'calculate' || p.as.kind !== 'choose' || p.as.cases.length < 2) return false; const { otherwise } = p.as; return otherwise.kind === 'text' && p.as.cases.some((c) => c.then.kind === 'text' && folded(c.then.value) === folded(otherwise.value)); }), asks: 'Two of the labels are the same. Is it meant so?' },
  // What stands before the colon is no label.
  { price: 3, holds: (plans, { headed }) => headed !== null && plans.some((p) => p.step === 'calculate' && p.as.kind === 'choose' && [...p.as.cases.map((c) => c.then), p.as.otherwise].some((e) => e.kind === 'text' && e.value.toLowerCase() === headed)) },
  // 'The same number in 2025 as in that list': a column of a year that nobody spoke of is not what is compared with.
  { price: 2.5, holds: (plans, { speaksOf }) => compared(plans).some((c) => { const [a, b] = [c.left, c.right].map((e) => (e.kind === 'column' ? yearIn(e.name) : null)); return a != null && b != null && a !== b && speaksOf(String(a)) !== speaksOf(String(b)); }), asks: 'This compares with a year that was not spoken of. Is it meant so?' },
  // Growth goes from the earlier year to the later one.
  { price: 1, holds: (plans) => calculated(plans, 'op').some((e) => { const from = e.op === '-' && e.right.kind === 'column' ? yearIn(e.right.name) : null, to = e.op === '-' && e.left.kind === 'column' ? yearIn(e.left.name) : null; return from !== null && to !== null && to < from; }) },
  // 'How long, in full years' is one span.
  { price: 2, holds: (plans) => plans.some((p, i) => { const q = plans[i + 1]; return p.step === 'calculate' && q?.step === 'calculate' && !p.replace && !q.replace && p.as.kind === 'span' && q.as.kind === 'span' && keyOf(p.as.from) === keyOf(q.as.from) && keyOf(p.as.to) === keyOf(q.as.to); }), asks: 'This takes the same time in two units. Is it meant so?' },
  // 'Days of curing' are no day of a month.
  { price: 2.5, holds: (plans, { daysOf }) => daysOf && plans.some((p) => p.step === 'calculate' && p.as.kind === 'part' && p.as.part === 'day'), asks: 'This takes the day of the month. Is it meant so?' },
  // 'The number of lots' is a count, and numbers no rows.
  { price: 1, holds: (plans, { numberOf }) => numberOf && plans.some((p) => p.step === 'calculate' && p.as.kind === 'over' && p.as.fn === 'number') },
  // Where every cell is filled there is nothing to fill.
  { price: 1.5, holds: (plans, { neverBlank }) => plans.some((p) => p.step === 'fill' && p.columns.every(neverBlank)) },
  // 'With a test over 90' divides nothing.
  { price: 1.5, holds: (plans, { overNumber }) => overNumber.length > 0 && plans.some((p) => p.step === 'calculate' && !p.replace && p.as.kind === 'op' && p.as.op === '/' && p.as.right.kind === 'number' && overNumber.includes(p.as.right.value)), asks: 'This divides by that number. Is it meant so?' },
  // 'Average price per guest' of ‹Price pp› is that price.
  { price: 2, holds: (plans) => calculated(plans, 'op').some((n) => n.op === '/' && n.left.kind === 'column' && /\b(?:pp|pn|per|each)\b/i.test(n.left.name) && n.right.kind === 'column' && !/\b(?:pp|pn|per|each)\b/i.test(n.right.name)), asks: 'This divides what is per one already. Is it meant so?' },
  // 'From 90% of it' is no bare 90.
  { price: 2, holds: (plans, { percents }) => percents.length > 0 && compared(plans).some((c) => c.right.kind === 'number' && percents.includes(c.right.value) && c.left.kind === 'column' && !/%|percent|share|rate|ratio|pct|moisture|humidity|growth|margin|discount|score/i.test(c.left.name)), asks: 'A percentage is compared as a plain number. Is it meant so?' },
  // A number is no text.
  { price: 4, holds: (plans, { numbers, texts }) => compared(plans).some((c) => c.left.kind === 'column' && c.right.kind === 'column' && ((numbers(c.left.name) && texts(c.right.name)) || (texts(c.left.name) && numbers(c.right.name)))), asks: 'This compares numbers with texts. Is it meant so?' },
  // 'Waiting time from the comment' is one column.
  { price: 1.5, holds: (plans, { joins }) => !joins && plans.some((p, i) => p.step === 'calculate' && !p.replace && plans.slice(0, i).some((q) => q.step === 'calculate' && !q.replace && !columnsOf(p.as).includes(q.name))), asks: 'This makes several columns. Is it meant so?' },
  // 'Before 9 is morning' speaks of a time of day, and of no number.
  { price: 2, holds: (plans, { numbers }) => plans.some((p) => p.step === 'calculate' && p.as.kind === 'choose' && p.as.cases.some((c) => c.then.kind === 'text' && /\b(?:morning|noon|afternoon|evening|night)s?\b/i.test(c.then.value) && c.when.kind === 'compare' && c.when.left.kind === 'column' && numbers(c.when.left.name) && !/hour|time|clock/i.test(c.when.left.name))), asks: 'This compares a number, and no time of day. Is it meant so?' },
  // 'Accepted should read taken': what is not named stays as it is.
  { price: 1.5, holds: (plans) => plans.some((p) => p.step === 'calculate' && p.replace && p.where === undefined && p.as.kind === 'choose' && p.as.otherwise.kind === 'blank' && p.as.cases.every((c) => c.when.kind === 'among' && c.when.of.kind === 'column' && c.when.of.name === p.name && c.then.kind === 'text')), asks: 'What is not named would be left blank. Is it meant so?' },
  // 'Litres per 100 km' is divided by hundreds.
  { price: 2, holds: (plans, { perMany }) => perMany.some((n) => !keyOf(plans).includes(`"value":${n}`)), asks: 'A number said with “per” is not used. Is it meant so?' },
  // 'Make proper dates of started' is about what they are, not how they are seen.
  { price: 2, holds: (plans, { proper }) => proper && plans.some((p) => p.step === 'show') },
  // 'Is it paid up? Yes if ...': a column says so.
  { price: 1.5, holds: (plans, { yesIf }) => yesIf && plans.some((p) => p.step === 'filter') },
  // Zeros in front of digits are lost in a number.
  { price: 2, holds: (plans, { zeros }) => plans.some((p) => p.step === 'convert' && (p.to === 'decimal' || p.to === 'whole') && p.columns.some(zeros)), asks: 'Zeros in front would be lost. Are these numbers to calculate with?' },
  // The first number behind a mark is one already.
  { price: 0.5, holds: (plans) => plans.some((p, i) => { const before = plans[i - 1]; return p.step === 'convert' && p.to === 'decimal' && before?.step === 'calculate' && !before.replace && before.as.kind === 'piece' && p.columns.every((c) => c === before.name); }) },
  // 'Days from the move to its latest claim' is no date.
  { price: 2, holds: (plans, { timeFrom }) => timeFrom && plans.some((p) => p.step === 'calculate' && /"kind":"lookup"/.test(keyOf(p.as)) && !/"kind":"(?:span|lapse)"/.test(keyOf(p.as))), asks: 'This takes a date, and no time between two. Is it meant so?' },
  // 'And unknown if nobody rated': that is a label, and no blank.
  { price: 3, holds: (plans, { unknown }) => unknown && plans.some((p) => p.step === 'calculate' && p.as.kind === 'choose') && !/"value":"unknown"/i.test(keyOf(plans)), asks: 'This leaves a blank where “unknown” is asked for. Is it meant so?' },
  // 'Total and hourly': where a column is called so, no sum is meant.
  { price: 1, holds: (plans, { columns }) => columns.some((c) => /^totals?$/i.test(c)) && plans.some((p) => p.step === 'ask' && /"fn":"sum"/.test(keyOf(p)) && !columns.some((c) => /^totals?$/i.test(c) && keyOf(p).includes(JSON.stringify(c)))) },
  // 'When they say late or missing': what is missing is a word there.
  { price: 0.6, holds: (plans) => plans.some((p) => wordsOrBlank(p)) },
  // 'Which category earned most (fee times uses)': the product is what is asked for.
  { price: 1.5, holds: (plans, { multiplies }) => multiplies && !/"op":"[*/]"/.test(keyOf(plans)), asks: 'A calculation is spoken of, and it is not used. Is it meant so?' },
  // 'How long, as a decimal number': what was calculated is one.
  { price: 1, holds: (plans) => plans.some((p, i) => { const before = plans[i - 1]; return p.step === 'convert' && p.to === 'decimal' && before?.step === 'calculate' && !before.replace && /^(?:op|span|lapse|total|round|maths)$/.test(before.as.kind) && p.columns.every((c) => c === before.name); }) },
  // Numbers rounded to none are whole numbers.
  { price: 0.3, holds: (plans) => plans.some((p, i) => { const next = plans[i + 1]; return p.step === 'convert' && p.to === 'decimal' && next?.step === 'calculate' && next.replace && next.as.kind === 'round' && next.as.places === 0 && next.as.mode === 'nearest' && p.columns.includes(next.name); }) },
  // 'Weights in kilograms, just the figure': a unit that cells are written in goes.
  { price: 0.4, holds: (plans) => plans.some((p) => p.step === 'calculate' && p.replace && (p.as.kind === 'round' ? p.as.of : p.as).kind === 'measure') },
  // Letters of dates or numbers are not written in capitals.
  { price: 1.5, holds: (plans, { never, numbers }) => plans.some((p) => p.step === 'tidy' && p.ways.some((w) => /^(?:upper|lower|title|sentence|name)$/.test(w)) && p.columns.every((c) => numbers(c) || !never(c, 'date'))) },
  // What was said to be blank once is not said once more of something else.
  { price: 0.5, holds: (plans) => plans.some((p) => p.step === 'calculate' && p.as.kind === 'choose' && blankTwice(p.as.cases.map((c) => c.when))) },
  // No number is a date.
  { price: 1, holds: (plans, { numbers }) => plans.some((p) => p.step === 'convert' && (p.to === 'date' || p.to === 'datetime') && p.columns.some((c) => numbers(c))) },
  // 'Rank products by units sold' ranks no rows within each product.
  { price: 1.5, holds: (plans, { groups }) => !groups && plans.some((p) => p.step === 'calculate' && p.as.kind === 'over' && p.as.fn.startsWith('rank') && p.as.by.length > 0), asks: 'This ranks rows within groups. Is it meant so?' },
  { price: 3, holds: madeTwice, asks: LIMIT },
  // 'The total number of pages (sheets times pages each)': the brackets say what it is, not something more.
  { price: 0.6, holds: (plans) => plans.some((p, i) => p.step === 'calculate' && !p.replace && p.as.kind === 'total' && p.as.by.length === 0 && plans[i + 1]?.step === 'calculate') },
  // 'Paid if it is enough, partly if less': a label among labels is no amount.
  { price: 1, holds: (plans, { numbers, labels }) => plans.some((p) => p.step === 'calculate' && p.as.kind === 'choose' && mixesLabels([...p.as.cases.map((c) => c.then), p.as.otherwise], numbers, labels)), asks: 'A number stands among the labels. Is it meant so?' },
  // 'Chimney if it mentions chimney, gutter for gutter': a word that is a label is rather looked for for that.
  { price: 0.15, holds: foreignWords },
  // 'Average price per litre, total price over total water': no average is divided by a total.
  { price: 1, holds: (plans) => plans.some((p) => p.step === 'ask' && p.figures.some((f) => f.as.kind === 'op' && f.as.op === '/' && f.as.left.kind === 'total' && f.as.left.fn === 'mean' && f.as.right.kind === 'total' && f.as.right.fn === 'sum')) },
  // 'Price above the average price' chooses rows, unless it is said by how much.
  { price: 0.5, holds: (plans, { byHowMuch }) => !byHowMuch && plans.some((p) => p.step === 'calculate' && !p.replace && p.as.kind === 'op' && p.as.op === '-' && p.as.right.kind === 'total' && p.as.right.fn === 'mean') },
  // 'Show the distance without decimals' is about how it is seen.
  { price: 1, holds: (plans, { shows }) => shows && plans.some((p) => p.step === 'calculate' && p.replace && p.as.kind === 'round'), asks: 'This changes the values, not only how they are shown. Is it meant so?' },
  // 'Take EUR out of the fee and make it a number': the fee, not what was taken out.
  { price: 0.6, holds: (plans) => plans.some((p, i) => { const next = plans[i + 1]; return p.step === 'calculate' && p.as.kind === 'found' && next?.step === 'convert' && next.columns.includes(p.name); }) },
  // 'Gross = net plus VAT' where there is a gross: it may be another that is wanted.
  { price: 0, holds: (plans, { sets }) => !sets && plans.some((p) => p.step === 'calculate' && p.replace && p.where === undefined && (p.as.kind === 'round' ? p.as.of : p.as).kind === 'op' && !columnsOf(p.as).includes(p.name)), asks: 'This writes over what stands in that column. Is it meant so?' },
  // 'Number the bills of every client by date': no client is a date.
  { price: 2.5, holds: (plans, { never }) => plans.some((p) => p.step === 'convert' && p.to !== 'text' && p.to !== 'yesno' && p.to !== 'phone' && p.columns.every((c) => never(c, p.to === 'date' || p.to === 'datetime' ? 'date' : 'number'))), asks: 'No value of this column reads so. Is it meant all the same?' },
  // 'A running total, dearest first': along the rows as they lie, or as they are put in order?
  { price: 1, holds: (plans, { then }) => !then && plans.some((p, i) => p.step === 'calculate' && keyOf(p.as).includes('"fn":"running"') && plans.slice(i + 1).some((q) => q.step === 'sort')), asks: 'The running figure follows the rows as they lie now, and they are put in order after it. Is it meant so?' },
  { price: 2.5, holds: (plans) => plans.some((p) => p.step === 'calculate' && calculated(p.as, 'op').some((e) => e.op === '-' && e.left.kind === 'column' && e.right.kind === 'column' && A_PIECE.test(e.left.name) && /paid|payment|received|total/i.test(e.right.name) && !A_PIECE.test(e.right.name))), asks: 'That is only a part of what is to be paid. Is it meant so?' },
  // 'Per person and night' is divided by both.
  { price: 2, holds: (plans, { perBoth }) => perBoth && plans.some((p, i) => { const next = plans[i + 1]; return p.step === 'calculate' && p.as.kind === 'op' && p.as.op === '/' && next?.step === 'calculate' && !next.replace && next.as.kind !== 'op'; }), asks: 'This divides by the first only. Is it meant so?' },
  // Sums of things that cannot be put together, kilos and litres.
  { price: 1, holds: unlike, asks: 'This adds or takes away what is measured in different units. Is it meant all the same?' },
];
