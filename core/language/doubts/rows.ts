import { isMentioning } from '../finish';
import { isRate, unitInName } from '../../formula/dimensions';
import { isEmptiness } from '../grammar/conditions/make';
import { UNIT_PRICE } from '../grammar/roles';
import { convertUnit, unitSort } from '../../values/units';
import { columnsOf, type Condition, type Expression } from '../../formula/expression';
import type { Plan } from '../../steps/registry';
import { keyOf } from '../chart';
import { contradicts, LIMIT, type Doubt } from './doubt';
import { compared, nodesIn, wordsSought } from './nodes';

/** Is a column called so compared with something? */
const comparisonsWith = (plan: Plan, called: RegExp): boolean => new RegExp(`"op":"<=?"[^]*"name":"[^"]*${called.source}`, called.flags).test(keyOf(plan));

/** Two different texts that one cell should hold. */
function neverTrue(where: Condition): boolean {
  if (where.kind !== 'all') return false;
  // Nor is anything blank and filled.
  const blank = new Set(where.of.flatMap((c) => (c.kind === 'empty' ? [keyOf(c.of)] : [])));
  if (where.of.some((c) => c.kind === 'not' && c.of.kind === 'empty' && blank.has(keyOf(c.of.of)))) return true;
  // Nor is it blank and so much.
  const sized = new Set(where.of.flatMap((c) => (c.kind === 'compare' && c.op !== '=' ? [keyOf(c.left)] : [])));
  if (where.of.some((c) => isEmptiness(c) && (c.kind === 'any' ? c.of : [c]).every((o) => (o.kind === 'empty' || o.kind === 'compare') && sized.has(keyOf(o.kind === 'empty' ? o.of : o.left))))) return true;
  const texts = where.of.flatMap((c) => (c.kind === 'among' && c.of.kind === 'column' ? [[c.of.name, c.texts] as const] : []));
  return texts.some(([name, own], i) => texts.slice(i + 1).some(([other, more]) => other === name && !own.some((t) => more.includes(t))));
}

/** A figure over all rows, and nothing of the row. */
const isTotalOnly = (e: Expression): boolean => e.kind === 'total' && e.by.length === 0;

/** Does a condition ask for a month of whatever year? */
const isMonth = (c: Condition): boolean => c.kind === 'compare' && c.op === '=' && c.left.kind === 'part' && c.left.part === 'month';

/** Does one of some conditions look for words that stand in no cell of its column? */
const mentioning = (conditions: readonly Condition[], nowhere: (column: string, texts: readonly string[]) => boolean): boolean => nodesIn(conditions, isMentioning).some((c) => nowhere(c.of.name, c.texts));

/** Is anything compared with the very same? */
const comparesItself = (plans: readonly Plan[]): boolean => compared(plans).some((c) => keyOf(c.left) === keyOf(c.right));

/** The columns that are compared with a number anywhere in a plan, with that number. */
const comparisons = (plan: Plan): (readonly [string, number])[] => compared(plan).flatMap(({ left, right }) => (left.kind === 'column' && right.kind === 'number' ? [[left.name, right.value] as const] : []));

/**
 * Does a plan take back what the one before did? 'Throw out the light ones, but keep those without a weight' is an exception,
 * and leaves hardly only those; a second order undoes the first; grades, and what is missing in another column, are hardly
 * asked for in one breath; a text is hardly cut off where its rows were just set aside.
 */
function excepted(plans: readonly Plan[]): boolean {
  return plans.slice(1).some((q, i) => {
    const before = plans[i]!;
    if (q.step === 'sort') return before.step === 'sort';
    if (q.step === 'fill') return before.step === 'calculate' && before.as.kind === 'choose';
    if (q.step === 'replace') return before.step === 'filter' && columnsOf(before.where).some((n) => q.columns.includes(n));
    return q.step === 'filter' && q.mode === 'keep' && isEmptiness(q.where) && plans.slice(0, i + 1).some((p) => p.step === 'filter');
  });
}

/** About rows that are kept, left out, put in order or checked. */
export const rowDoubts: readonly Doubt[] = [
  // 'The five longest by distance': by what is measured, which makes no groups, and whose texts have no order of size.
  { price: 1, holds: (plans, { mixedUnits }) => plans.some((p) => p.step === 'take' && ((p.by ?? []).some(mixedUnits) || ('column' in p.choice && mixedUnits(p.choice.column)))) },
  // 'W-5 is the same as W-2' makes no other row of it.
  { price: 2.5, holds: (plans, { tellsRows }) => plans.some((p) => p.step === 'replace' && p.columns.some(tellsRows)) && plans.some((p) => p.step === 'distinct') },
  // 'How much do we take per kilometre': no group has a distance of its own.
  { price: 2, holds: (plans, { mixedUnits }) => plans.some((p) => p.step === 'ask' && p.figures.length > 0 && p.by.some((b) => b.as.kind === 'column' && mixedUnits(b.as.name))), asks: 'These groups are amounts with units. Is it meant so?' },
  // 'What was booked and anything under 20' names two sorts of rows, and not those that are both.
  { price: 1.5, holds: (plans, { alsoAnything }) => alsoAnything && plans.some((p) => p.step === 'filter' && p.mode === 'aside' && p.where.kind === 'all') },
  // 'Sold out shows' are not the sold ones put out, nor does 'lent out' drop ‹Lent to›.
  { price: 2, holds: (plans, { doneOut }) => doneOut !== null && plans.some((p) => (p.step === 'filter' && p.mode !== 'keep') || p.step === 'drop') && keyOf(plans).toLowerCase().includes(`"${doneOut}`), asks: 'This puts out what is called so. Is it meant so?' },
  // 'Which are still lent out' sets nothing aside.
  { price: 2, holds: (plans, { question, drops }) => question && !drops && plans.length > 0 && plans.every((p) => p.step === 'filter' && p.mode !== 'keep'), asks: 'This was asked like a question, and would set rows aside. Is it meant all the same?' },
  // 'How long was each' is not answered by keeping some.
  { price: 2.5, holds: (plans, { howMuch }) => howMuch && plans.length > 0 && plans.every((p) => p.step === 'filter'), asks: 'This keeps only some of the rows. Is it meant so?' },
  // 'From May 5 on' is not that day alone.
  { price: 2, holds: (plans, { fromOn }) => fromOn && plans.some((p) => p.step === 'filter') && !/"op":"(?:>=|>)"/.test(keyOf(plans)), asks: 'This takes one time for all from then on. Say it with its year?' },
  // 'But only for the ones that did sail' names no column.
  { price: 2, holds: (plans, { onlyThose }) => onlyThose && plans.some((p) => p.step === 'pick') },
  // 'Mark the lots: sold, unsold' keeps none of them only.
  { price: 2, holds: (plans, { labels, keeps, drops }) => labels && !keeps && !drops && plans.length > 0 && plans.every((p) => p.step === 'filter'), asks: 'This keeps only some of the rows. Is it meant so?' },
  // 'The three best films', of screenings, are no three screenings.
  { price: 1.5, holds: (plans, { topGroup }) => topGroup !== null && plans.some((p) => p.step === 'take' && p.by === undefined && p.choice.kind !== 'random'), asks: 'This keeps single rows. Is it meant so?' },
  // 'Of May and of June': no day is in both.
  { price: 4, holds: (plans) => plans.some((p) => /"kind":"compare","op":"=","left":(\{"kind":"part","part":"month","of":\{"kind":"column","name":"[^"]*"\}\}),"right":\{"kind":"number","value":(\d+)\}\},\{"kind":"compare","op":"=","left":\1,"right":\{"kind":"number","value":(?!\2\})/.test(keyOf(p)) && !/"kind":"any"/.test(keyOf(p))) },
  // 'March or April 2025' are of one year.
  { price: 0.6, holds: (plans) => plans.some((p) => nodesIn(p, (n): n is Extract<Condition, { kind: 'any' }> => 'kind' in n && n.kind === 'any' && 'of' in n).some((c) => c.of.some(isMonth) && c.of.some((o) => !isMonth(o) && compared(o).some((k) => k.right.kind === 'date')))) },
  // 'Order more beech' keeps no rows.
  { price: 2, holds: (plans, { errand }) => errand && plans.some((p) => p.step === 'filter' || p.step === 'sort' || p.step === 'take'), asks: 'This sounds like an errand, and would change which rows there are or their order. Is it meant so?' },
  // 'Below 30 m' of a depth may be deeper, or less deep.
  { price: 0, holds: (plans, { below }) => below && plans.some((p) => p.step === 'filter' && comparisonsWith(p, /depth/i)), asks: 'Below in the water, or below that number? Is it meant so?' },
  // 'Calibrate everything again' keeps nothing.
  { price: 3, holds: (plans, { orders }) => plans.length === 1 && plans.some((p) => p.step === 'filter' && p.where.kind === 'not' && p.where.of.kind === 'empty' && p.where.of.of.kind === 'column' && orders(p.where.of.of.name)), asks: 'This keeps only some rows. Is it meant so?' },
  // 'No, to promised': a correction keeps no rows without a promise.
  { price: 4, holds: (plans, { corrects }) => corrects && plans.some((p) => p.step === 'filter' && p.mode === 'keep' && p.where.kind === 'empty') },
  { price: 1.5, holds: (plans, { ofColumns }) => ofColumns && plans.some((p) => p.step === 'filter') },
  // 'Those over an hour get a fee of 5, the others 2' sets no rows aside, nor does it forget the others.
  { price: 1.5, holds: (plans, { keeps, drops, only }) => !keeps && !drops && !only && plans.some((p) => p.step === 'filter') && plans.some((p) => p.step === 'calculate' && p.as.kind === 'choose'), asks: 'This keeps only some of the rows. Is it meant so?' },
  // Words that stand in no cell find nothing.
  { price: 1.5, holds: (plans, { nowhere }) => plans.some((p) => (p.step === 'filter' && mentioning([p.where], nowhere)) || (p.step === 'calculate' && p.as.kind === 'choose' && mentioning(p.as.cases.map((c) => c.when), nowhere))), asks: 'No cell says so. Is it meant all the same?' },
  // 'The share of the day's orders' looks for no day in what was written.
  { price: 1.5, holds: (plans, { barely }) => plans.some((p) => (p.step === 'filter' || p.step === 'ask' || p.step === 'calculate') && wordsSought(p.step === 'calculate' ? (p.as.kind === 'choose' && p.as.cases.length > 1 ? [] : p.as) : p).some((texts) => barely(texts))), asks: 'A common word is looked for in the texts. Is it meant so?' },
  // 'Make the deposit 0' keeps no rows.
  { price: 2, holds: (plans, { makes, keeps, drops }) => makes && !keeps && !drops && plans.every((p) => p.step === 'filter'), asks: 'This keeps only some of the rows. Is it meant so?' },
  // 'What will the trees cost in 2030?' keeps no tree that costs so much.
  { price: 2.5, holds: (plans, { inYear }) => inYear.length > 0 && plans.some((p) => p.step === 'filter' && comparisons(p).some(([name, n]) => inYear.includes(n) && !/year|season|vintage/i.test(name))), asks: 'A year is compared with a number of another sort. Is it meant so?' },
  // A rule for the table says that something must be.
  { price: 1.5, holds: (plans, { rules, corrects }) => (!rules || corrects) && plans.some((p) => p.step === 'check'), asks: 'This adds a rule that the table must satisfy. Is it meant so?' },
  // 'Show only the tickets that were charged more than the average' labels none.
  { price: 2, holds: (plans, { only, labels }) => only && !labels && plans.some((p) => p.step === 'calculate' && p.as.kind === 'choose' && p.as.cases.some((c) => c.then.kind === 'text')), asks: 'This adds labels where only some rows are asked for. Is it meant so?' },
  // 'Orders with a complaint' puts nothing in order.
  { price: 1.5, holds: (plans, { ordersRows }) => ordersRows && plans.some((p) => p.step === 'sort') && !plans.some((p) => p.step === 'filter' || p.step === 'calculate'), asks: 'This puts the rows in order. Is it meant so?' },
  // 'Sort by due, the open ones first' moves no column.
  { price: 2.5, holds: (plans, { sorts }) => sorts && plans.some((p, i) => i > 0 && p.step === 'move'), asks: 'This moves a column as well. Is it meant so?' },
  // 'Reject all economics talks' keeps neither.
  { price: 1, holds: (plans, { keeps, oneBreath }) => !keeps && oneBreath && plans.length > 1 && plans.every((p) => p.step === 'filter' && p.mode === 'keep'), asks: 'This keeps only some of the rows. Is it meant so?' },
  // 'Sort by severity with 5 at the top' keeps every row.
  { price: 2, holds: (plans, { sorts, keeps }) => sorts && !keeps && plans.some((p) => p.step === 'take'), asks: 'This keeps only some of the rows. Is it meant so?' },
  { price: 3, holds: excepted, asks: LIMIT },
  { price: 3, holds: contradicts, asks: 'No row could be both. Is it meant so?' },
  // A rule for the table is hardly asked for beside a change of its rows.
  { price: 1, holds: (plans) => plans.some((p) => p.step === 'check') && plans.some((p) => p.step === 'filter'), asks: 'This changes the rows and adds a rule for them. Is it meant so?' },
  // 'Are one person' keeps no row that is both.
  { price: 3, holds: (plans) => plans.some((p) => ((p.step === 'filter' || p.step === 'ask') && p.where !== undefined && neverTrue(p.where)) || (p.step === 'calculate' && p.as.kind === 'choose' && p.as.cases.some((c) => neverTrue(c.when)))), asks: 'No row could be both. Is it meant so?' },
  // 'For 6 m3 and more' is about no price by the cubic metre.
  { price: 2, holds: (plans, { sizes }) => sizes.length > 0 && plans.some((p) => comparisons(p).some(([name, n]) => isRate(name) && sizes.some((s) => s.n === n && unitSort(s.unit) !== null && new RegExp(`\\b${s.unit}$`, 'i').test(name)))), asks: 'A price by the unit is compared with an amount. Is it meant so?' },
  // 'A weight over 5 litres': the number of one quantity is compared with another.
  { price: 2, holds: (plans, { sizes }) => sizes.length > 0 && plans.some((p) => comparisons(p).some(([name, n]) => { const own = unitInName(name); return own !== null && sizes.some((s) => s.n === n && (unitSort(s.unit) !== unitSort(own) || convertUnit(1, s.unit, own) !== 1)) && !sizes.some((s) => s.n === n && convertUnit(1, s.unit, own) === 1); })), asks: 'A number in one unit is compared with a column in another. Is it meant all the same?' },
  // 'How many nights were booked' asks for no nights that equal a number of a booking.
  { price: 3, holds: (plans) => compared(plans).some((c) => c.op === '=' && c.right.kind === 'column' && (c.left.kind === 'span' || c.left.kind === 'lapse')), asks: 'This compares a span of time with a column. Is it meant so?' },
  // 'As a number, and lose the EUR': what is turned into numbers loses its sign, and no rows.
  { price: 5, holds: (plans) => plans.some((p, i) => i > 0 && p.step === 'filter' && p.where.kind === 'text' && p.where.of.kind === 'column' && plans.slice(0, i).some((q) => q.step === 'convert' && q.columns.includes((p.where as { of: { name: string } }).of.name))) },
  // 'Which building had nobody trapped' is not answered by one visit without.
  { price: 0, holds: (plans, { whichHad }) => whichHad && plans.some((p) => p.step === 'ask' && p.figures.length === 0 && p.by.length === 1 && p.where?.kind === 'any' && isEmptiness(p.where)), asks: 'This lists those with at least one such row. Is it meant so?' },
  // 'Over the limit for their material' brings in no limit only.
  { price: 2, holds: (plans, { comparesSizes, newColumn }) => comparesSizes && !newColumn && plans.every((p) => p.step === 'calculate' && !p.replace && compared(p).length === 0 && p.as.kind === 'lookup' && p.as.fn === 'only'), asks: 'Nothing is compared here. Is it meant so?' },
  // 'How many holes hit water' holds no number of all rows against a column.
  { price: 3, holds: (plans) => plans.some((p) => (p.step === 'filter' || p.step === 'ask') && compared(p).some((c) => isTotalOnly(c.left) && (c.right.kind === 'column' || isTotalOnly(c.right)))), asks: 'This compares a figure over all rows. Is it meant so?' },
  // 'Mid for 50-200' subtracts nothing.
  { price: 4, holds: (plans) => compared(plans).some((c) => c.left.kind === 'op' && columnsOf(c.left).length === 0), asks: 'This compares numbers that are always the same. Is it meant so?' },
  // 'More than 60 altogether' is not the price of one.
  { price: 2, holds: (plans, { altogether }) => altogether && plans.some((p) => comparisons(p).some(([name]) => UNIT_PRICE.test(name))), asks: 'The price of one piece is compared here. Is it meant so?' },
  // 'Where dogs are not allowed' is one of the two, not whatever differs.
  { price: 1.5, holds: (plans) => compared(plans).some((c) => c.op === '<>' && [c.left, c.right].some((e) => e.kind === 'lookup' && /\b(?:allowed|permitted|possible|accepted|available)\b/i.test(e.value))), asks: 'This keeps all that differs. Is it meant so?' },
  { price: 3, holds: (plans) => comparesItself(plans), asks: 'This compares a column with itself. Is it meant so?' },
  { price: 3, holds: (plans) => plans.some((p) => p.step === 'filter' && p.where.kind === 'compare' && p.where.left.kind === 'column' && p.where.right.kind === 'op' && columnsOf(p.where.right).join() === p.where.left.name), asks: 'This compares a column with itself. Is it meant so?' },
  // 'No, just vans': what is put right is not what is to be left out.
  { price: 3, holds: (plans, { corrects, without }) => corrects && !without && plans.some((p) => p.step === 'filter' && p.where.kind === 'not') },
  // 'List the households we have no reading for' asks which those are.
  { price: 0.6, holds: (plans, { named }) => named && plans.some((p) => p.step === 'filter' && keyOf(p.where).includes('"kind":"listed"')) },
  // 'Tools that were never lent' are none without a name.
  { price: 1.5, holds: (plans, { neverBlank, blanks, columns }) => plans.some((p) => (p.step === 'filter' || p.step === 'ask') && p.where?.kind === 'empty' && p.where.of.kind === 'column' && neverBlank(p.where.of.name) && (!blanks || (p.where.of.name === columns[0] && !(p.step === 'filter' && p.mode === 'aside')))), asks: 'No cell of this column is blank. Is it meant all the same?' },
  // What is the same in one thing and in another is the same in both.
  { price: 2, holds: (plans, { then }) => !then && plans.some((p, i) => p.step === 'distinct' && plans[i + 1]?.step === 'distinct'), asks: 'This takes out repeats twice, by one thing and then by another. Is it meant so?' },
];
