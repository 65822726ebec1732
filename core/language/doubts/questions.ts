import { isQuestion } from '../../steps/questions';
import { columnsOf } from '../../formula/expression';
import { unitInName } from '../../formula/dimensions';
import type { Plan } from '../../steps/registry';
import { counts } from '../../steps/ask/question';
import { keyOf } from '../chart';
import { usesTable, type Doubt } from './doubt';

/** Names of what did not come about. */
const FAILED = /miss|lost|fail|skip|absen/i;

/** Names of what is paid or done each so often. */
const A_TIME = /(?:\/|\bper |\ba )\s?(?:yr|year|month|mth|week|wk|day|hour|hr?)\b|\b(?:yearly|annual|monthly|weekly)\b/i;

/** Steps that somebody may want who asks which, what or how many; nothing else is hardly meant by a question. */
const ASKED: ReadonlySet<Plan['step']> = new Set<Plan['step']>(['ask', 'survey', 'relate', 'forecast', 'filter', 'calculate', 'take', 'distinct', 'check', 'sort']);

/** About questions: whether one was asked at all, and for what. */
export const questionDoubts: readonly Doubt[] = [
  // 'How many different cars did we wash': what tells the rows apart is different in all of them.
  { price: 1.5, holds: (plans, { tellsRows, columns }) => plans.some((p) => p.step === 'ask' && p.by.length === 0 && p.where === undefined && p.figures.some((f) => f.as.kind === 'total' && f.as.fn === 'distinct' && f.as.of.kind === 'column' && f.as.of.name === columns[0] && tellsRows(f.as.of.name))), asks: 'This is different in every row. Which column is meant?' },
  // 'What was paid per state?' asks for a figure of each, and no list of amounts.
  { price: 1, holds: (plans, { numbers }) => plans.some((p) => p.step === 'ask' && p.figures.length === 0 && p.by.length > 1 && p.by[0]!.as.kind === 'column' && numbers(p.by[0]!.as.name)) },
  // 'Kg and lots per flower' asks for their number as well.
  { price: 2, holds: (plans, { andRows }) => andRows && plans.length > 0 && plans.every((p) => p.step === 'ask' && !p.figures.some((f) => keyOf(f.as).includes('"fn":"count"'))), asks: 'Their number is not counted here. Is it meant so?' },
  // 'The member numbers of those without any' are no count of them.
  { price: 2, holds: (plans, { namedNumbers }) => namedNumbers.some((c) => !plans.some((p) => keyOf(p).includes(JSON.stringify(c)))) && plans.some((p) => p.step === 'ask' && p.figures.some((f) => counts(f.as))) },
  // 'The number of breakdowns for each lift' is more than one number.
  { price: 2, holds: (plans, { ofEach }) => ofEach && plans.length > 0 && plans.every((p) => (p.step === 'ask' ? p.figures.length > 0 && p.by.length === 0 : p.step === 'calculate' && p.as.kind === 'over' && p.as.fn === 'number') && !keyOf(p).includes('"by":["')), asks: 'This gives one figure, and each is spoken of. Is it meant so?' },
  // 'How many minutes over plan' counts no rows.
  { price: 2.5, holds: (plans, { manyOf }) => manyOf && plans.length > 0 && plans.every((p) => p.step === 'ask' && p.by.length === 0 && p.figures.length > 0 && p.figures.every((f) => f.as.kind === 'total' && f.as.fn === 'count')) },
  { price: 2.5, holds: (plans, { manyOf }) => manyOf && plans.length === 1 && plans.some((p) => p.step === 'calculate' && p.as.kind === 'op' && p.as.op === '/' && p.as.left.kind === 'column' && p.as.right.kind === 'column') },
  // 'The average downtime in minutes' is not split by the downtime.
  { price: 3, holds: (plans) => plans.some((p) => p.step === 'ask' && p.figures.some((f) => f.as.kind === 'total' && f.as.fn !== 'count' && f.as.fn !== 'distinct' && f.as.of.kind === 'column' && p.by.some((b) => keyOf(b.as) === keyOf((f.as as { of: unknown }).of)))) },
  // 'One line per garden: orders, pots and paid' lists figures.
  { price: 1.5, holds: (plans, { inList }) => plans.some((p) => p.step === 'ask' && p.where?.kind === 'text' && p.where.test === 'mentions' && p.where.texts.some(inList)), asks: 'A word of a list is taken for a limit. Is it meant so?' },
  // 'Which supplier damaged the most pieces' is about ‹Damage›.
  { price: 2, holds: (plans, { deeds }) => deeds.length > 0 && plans.some((p) => p.step === 'ask' && p.most !== undefined) && deeds.every((name) => !keyOf(plans).includes(JSON.stringify(name))) },
  // 'How many tickets were sold' counts what ‹Sold› counts, and no rows.
  { price: 1.5, holds: (plans, { soldOf }) => soldOf.length > 0 && plans.some((p) => p.step === 'ask') && soldOf.every((name) => !keyOf(plans).includes(JSON.stringify(name))) },
  // 'The average reject rate' is one figure.
  { price: 1.5, holds: (plans, { several }) => !several && plans.some((p) => p.step === 'ask' && p.figures.length > 1), asks: 'This gives several figures. Is it meant so?' },
  // Only one answer is shown.
  { price: 1, holds: (plans) => plans.filter(isQuestion).length > 1, asks: 'These are several questions. Which one first?' },
  { price: 2.5, holds: (plans, { question }) => question && !plans.some((p) => ASKED.has(p.step)), asks: 'This was asked like a question, and would change the table. Is it meant all the same?' },
  { price: 2.5, holds: (plans, { question, keeps }) => question && !keeps && plans.every((p) => p.step === 'take') },
  // Two answers to one question: rather one that says both.
  { price: 0.8, holds: (plans) => plans.filter((p) => p.step === 'ask').length > 1 },
  { price: 1.5, holds: (plans, { onRows }) => onRows && plans.every(isQuestion) },
  // 'Number of sales', of another table
  { price: 2.5, holds: (plans, { theirRows }) => theirRows && plans.some((p) => (p.step === 'calculate' && p.as.kind === 'over' && p.as.fn === 'number') || (p.step === 'ask' && p.by.length === 0 && p.where === undefined && p.figures.every((f) => f.as.kind === 'total' && f.as.fn === 'count'))), asks: 'Rows of this table are counted, not those of the other. Is it meant so?' },
  // 'Buyers in the list of buyers who bought nothing' are rows of that list.
  { price: 3, holds: (plans, { thoseThere }) => thoseThere && plans.some((p) => (p.step === 'ask' || p.step === 'filter') && p.where !== undefined && keyOf(p.where).includes('"kind":"listed"')), asks: 'This lists what stands in this table, not what stands in the other. Is it meant so?' },
  // 'The four jobs with the highest invoice' are rows to keep.
  { price: 0.8, holds: (plans, { question, endsAsking, whatIs, tellsRows }) => !question && !endsAsking && !whatIs && plans.some((p) => p.step === 'ask' && p.most !== undefined && p.by.length === 1 && p.by.every((b) => b.as.kind === 'column' && tellsRows(b.as.name))) },
  // 'The loss in percent of the pots' makes no groups of a number.
  { price: 1.5, holds: (plans, { each, question, numbers }) => !each && !question && plans.some((p) => p.step === 'ask' && p.figures.length > 0 && p.by.some((b) => b.as.kind === 'column' && numbers(b.as.name))) },
  // 'People per visit' counts no rows of each visit.
  { price: 3, holds: (plans, { tellsRows }) => plans.some((p) => p.step === 'ask' && p.where === undefined && p.most === undefined && p.figures.length > 0 && p.figures.every((f) => f.as.kind === 'total' && f.as.fn === 'count') && p.by.some((b) => b.as.kind === 'column' && tellsRows(b.as.name))), asks: 'Each of these stands in one row only, or nearly so. Is it meant so?' },
  // 'How many kids came', where a column says how many
  { price: 2.5, holds: (plans, { heads }) => heads && plans.some((p) => p.step === 'ask' && p.figures.some((f) => f.as.kind === 'total' && f.as.fn === 'count')), asks: 'This counts rows, where people are asked for. Is it meant so?' },
  // 'Count the returned ones per month': by the day they came, or the day they went back?
  { price: 0, holds: (plans, { columns, dated, neverBlank }) => plans.some((p) => p.step === 'ask' && p.where?.kind === 'among' && p.where.texts.every((t) => /(?:ed|sold|paid)$/i.test(t)) && p.by.some((b) => b.as.kind === 'part' && columnsOf(b.as).every(neverBlank)) && columns.some((c) => dated(c) && !neverBlank(c) && !keyOf(p).includes(JSON.stringify(c)))), asks: 'This goes by the day of the row, not the day when it became so. Is it meant so?' },
  // 'Which breeds were here in April' is not about those that are here now.
  { price: 0, holds: (plans, { wasHere }) => wasHere && plans.some((p) => (p.step === 'ask' || p.step === 'filter') && p.where !== undefined && /"texts":\["(?:here|there|away|out)"/i.test(keyOf(p.where))), asks: 'This is how it is now, not how it was. Is it meant so?' },
  // 'Visits paid within a week' are not counted by week.
  { price: 2, holds: (plans, { within }) => within && plans.some((p) => p.step === 'ask' && p.by.some((b) => b.as.kind === 'part')) },
  // 'When was the last visit' sets no label.
  { price: 4, holds: (plans, { asksWhen }) => asksWhen && plans.some((p) => p.step === 'move' || (p.step === 'calculate' && p.as.kind === 'choose' && p.as.cases.some((c) => c.then.kind === 'text'))) },
  // 'Total paid per framer', where another column is called ‹Total›
  { price: 2, holds: (plans, { totalOf }) => totalOf && plans.some((p) => p.step === 'ask' && p.figures.some((f) => columnsOf(f.as).some((n) => /^totals?$/i.test(n)))) },
  // 'Count the bees'
  { price: 0, holds: (plans, { countsUnknown }) => countsUnknown && plans.every((p) => p.step === 'ask' && p.by.length === 0 && p.where === undefined && p.figures.every((f) => f.as.kind === 'total' && f.as.fn === 'count')), asks: 'Nothing here is called so; this counts all rows. Is it meant so?' },
  // 'How many pieces of books': what the other table calls so
  { price: 1.5, holds: (plans, { theirValues }) => theirValues.length > 0 && plans.some((p) => p.step === 'ask' || p.step === 'filter') && !theirValues.some((v) => keyOf(plans).includes(JSON.stringify(v.text)) || usesTable(plans, v.table)), asks: 'A word stands only in another table, and it is not used. Is it meant so?' },
  // 'Which guest was on more than one episode?', where a cell holds several guests.
  { price: 0, holds: (plans, { lists, question }) => question && plans.some((p) => p.step === 'ask' && p.by.some((b) => b.as.kind === 'column' && lists(b.as.name))), asks: 'Some cells hold several values, and each cell counts as one. Is it meant so?' },
  // 'I'd like a column that adds up the cost' asks for a column.
  { price: 2, holds: (plans, { newColumn }) => newColumn && plans.every(isQuestion), asks: 'This answers a question, and a column is spoken of. Is it meant so?' },
  // Nobody is a number: 'who has missed the most lessons' does not count the rows of each number of lessons.
  { price: 3, holds: (plans, { who, numbers }) => who && plans.some((p) => p.step === 'ask' && p.by.some((b) => b.as.kind === 'column' && numbers(b.as.name))), asks: 'This answers with a number where somebody is asked for. Is it meant so?' },
  // 'Do all of them have one?' sets no rows aside.
  { price: 1, holds: (plans, { everyOne, keeps }) => everyOne && !keeps && plans.some((p) => p.step === 'filter'), asks: 'This is asked like a question, and would change the table. Is it meant so?' },
  // 'Count by species' where there is a count.
  { price: 0.7, holds: (plans, { counts }) => counts && plans.some((p) => p.step === 'ask' && p.figures.every((f) => f.as.kind === 'total' && f.as.fn === 'count')), asks: 'This counts rows, and there is a column called Count. Is it meant so?' },
  // 'Insurance per month' of ‹Insurance/yr› is a twelfth of it, and no sum by month.
  { price: 1, holds: (plans) => plans.some((p) => p.step === 'ask' && p.by.some((b) => b.as.kind === 'part') && p.figures.some((f) => columnsOf(f.as).some((n) => A_TIME.test(n)))), asks: 'This adds up, by period, what is so much in each period already. Is it meant so?' },
  // 'Was the caller the debtor?' is not answered by who the debtor was.
  { price: 2.5, holds: (plans, { yesOrNo }) => yesOrNo && plans.some((p) => p.step === 'calculate' && p.as.kind === 'lookup' && p.as.fn === 'only'), asks: 'This asks for yes or no, and would be answered by a value. Is it meant all the same?' },
  // 'Are there lots that come twice?' asks for them, and takes none away.
  { price: 2.5, holds: (plans, { question, yesOrNo, keeps, drops }) => (question || yesOrNo) && !keeps && !drops && plans.some((p) => p.step === 'distinct'), asks: 'This was asked like a question, and would change the table. Is it meant all the same?' },
  // 'Who owes us the most' is not who paid the most; what one piece costs less what was paid for all is nothing.
  { price: 2.5, holds: (plans, { fails }) => fails && plans.some((p) => p.step === 'ask' && p.where === undefined && p.figures.length > 0 && p.figures.every((f) => !keyOf(f.as).includes('"kind":"choose"') && !columnsOf(f.as).some((n) => FAILED.test(n)))), asks: 'This counts all of them, also those that did come about. Is it meant so?' },
  { price: 2.5, holds: (plans, { owes }) => owes && plans.some((p) => p.step === 'ask' && p.figures.some((f) => columnsOf(f.as).length === 1 && columnsOf(f.as).every((n) => /paid|payment|received/i.test(n)))) },
  // 'Per recruiter and status' makes groups of both.
  { price: 0.3, holds: (plans, { perTwo }) => perTwo && plans.length > 0 && plans.every((p) => p.step === 'ask' && p.by.length === 1) },
  // 'Who passed the mark?' asks for somebody, and adds nothing.
  { price: 2, holds: (plans, { who, question, newColumn }) => who && question && !newColumn && plans.length > 0 && plans.every((p) => p.step === 'calculate' && !p.replace), asks: 'This adds a column where somebody is asked for. Is it meant so?' },
  // 'What is the sum of the phone numbers' makes no numbers.
  { price: 2, holds: (plans, { whatIs }) => whatIs && plans.length > 0 && plans.every((p) => p.step === 'convert' || p.step === 'tidy' || p.step === 'fill'), asks: 'This was asked like a question, and would change the table. Is it meant all the same?' },
  // 'How many people rented' counts no rentals.
  { price: 2, holds: (plans, { people, columns }) => people && plans.some((p) => p.step === 'ask' && p.figures.some((f) => f.as.kind === 'total' && f.as.fn === 'distinct' && columnsOf(f.as)[0] === columns[0])), asks: 'This counts rows, where people are asked for. Is it meant so?' },
  // 'Price per kg' groups by no weight.
  { price: 2, holds: (plans, { numbers }) => plans.some((p) => p.step === 'ask' && p.figures.length > 0 && p.by.some((b) => b.as.kind === 'column' && numbers(b.as.name) && unitInName(b.as.name) !== null)), asks: 'This makes a group of every single number. Is it meant so?' },
  // 'How many games has this team played' is said of each row's team.
  { price: 2, holds: (plans, { ofThis }) => plans.some((p) => p.step === 'ask' && p.where !== undefined && columnsOf(p.where).some((n) => ofThis(n)) && keyOf(p.where).includes('"kind":"empty"')), asks: 'This asks for all rows where it is filled. Is it meant so?' },
  // 'More of these or more of those?' asks for both numbers.
  { price: 2.5, holds: (plans, { either }) => either && plans.some((p) => p.step === 'filter'), asks: 'This was asked like a question, and would change the table. Is it meant all the same?' },
  // 'No proof of delivery', 'tariff per pallet': nobody groups by every day, or every number, without saying so.
  { price: 2.5, holds: (plans, { groups, each, dated }) => !groups && !each && plans.some((p) => p.step === 'ask' && p.figures.length > 0 && p.by.some((b) => b.as.kind === 'column' && dated(b.as.name) && !(p.where && columnsOf(p.where).includes(b.as.name)))), asks: 'Is the answer wanted for each day?' },
];
