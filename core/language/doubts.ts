import { keyOf } from './chart';
import { vocabularyOf } from './mentions';
import type { Token } from './words';
import { mismatches, unitInName } from '../formula/dimensions';
import { column, columnsOf, type Condition, type Expression } from '../formula/expression';
import { isNumberColumn, readsAsDate, type CheckedHead } from '../formula/check';
import { unitName, unitSort } from '../values/units';
import type { Plan } from '../steps/registry';
import { findColumn } from '../table/table';
import { isQuestion } from '../steps/questions';

/** What a request says of itself, whatever it asks for. */
interface Said {
  /** It is asked like a question. */
  readonly question: boolean;
  /** It asks for somebody. */
  readonly who: boolean;
  /** Is a column one of numbers? */
  readonly numbers: (column: string) => boolean;
  /** Does no value of a column read as a date, or as a number? */
  readonly never: (column: string, to: 'date' | 'number') => boolean;
  /** The names of the columns. */
  readonly columns: readonly string[];
  /** It says that something is to go. */
  readonly drops: boolean;
  /** It asks whether all, or any, are so. */
  readonly everyOne: boolean;
  /** It begins with how something is to be shown. */
  readonly shows: boolean;
  /** It begins with the name of a column that counts. */
  readonly counts: boolean;
  /** The numbers said with a unit. */
  readonly sizes: readonly { readonly n: number; readonly unit: string }[];
  /** It speaks of one column and of another. */
  readonly apart: boolean;
  /** It says that something is to be written over. */
  readonly sets: boolean;
  /** It asks for a mark on the rows. */
  readonly labels: boolean;
  /** It begins with 'make' or 'set', and not with what was said before. */
  readonly makes: boolean;
  /** It asks for a yes or no. */
  readonly yesOrNo: boolean;
  /** It speaks of what is within each of something. */
  readonly groups: boolean;
  /** Years said with 'in' or 'for'. */
  readonly inYear: readonly number[];
  /** It says that something must be so. */
  readonly rules: boolean;
  /** It speaks of a new column. */
  readonly newColumn: boolean;
  /** It speaks of a copy. */
  readonly copies: boolean;
  /** It says that something gets a name. */
  readonly renames: boolean;
  /** Does a text stand in cells, as all of one or as a word of it? */
  readonly stands: (text: string) => boolean;
  /** Is a column one of dates? */
  readonly dated: (column: string) => boolean;
  /** It speaks of what is not there. */
  readonly blanks: boolean;
  /** Has a column a value in every row? */
  readonly neverBlank: (column: string) => boolean;
  /** It asks of which of two there is more. */
  readonly either: boolean;
  /** It says per one thing and another. */
  readonly perBoth: boolean;
  /** Columns of several words that only another table has, and that it names. */
  readonly theirs: readonly string[];
  /** It asks for the names of things. */
  readonly named: boolean;
  /** It says that something is not so, or to be left out. */
  readonly without: boolean;
  /** It speaks of what did not come about. */
  readonly fails: boolean;
  /** It speaks of what is owed. */
  readonly owes: boolean;
  /** It says that something comes after something else. */
  readonly then: boolean;
  /** It says by what. */
  readonly each: boolean;
  /** Is every value of a column known, and do none of them hold any of some texts? */
  readonly nowhere: (column: string, texts: readonly string[]) => boolean;
  /** It begins with a no. */
  readonly corrects: boolean;
  /** Do cells of a column hold several values each? */
  readonly lists: (column: string) => boolean;
  /** It says that only some are to be seen or kept. */
  readonly only: boolean;
  /** It asks for an order. */
  readonly sorts: boolean;
  /** It speaks of what shall stay or go. */
  readonly keeps: boolean;
  /** It speaks of columns and not of rows. */
  readonly ofColumns: boolean;
  /** What is said to stand on each row is a column, not an answer. */
  readonly onRows: boolean;
}

/** What speaks against a reading that uses every word: its price, and what is asked where the reading is the likeliest all the same. */
interface Doubt {
  readonly price: number;
  /** How many times it holds. */
  readonly holds: (plans: readonly Plan[], said: Said) => number | boolean;
  readonly asks?: string;
}

const LIMIT = 'The second part of this reads like a limit of the first. Is it meant so?';

const DOUBTS: readonly Doubt[] = [
  { price: 2.5, holds: (plans, { question }) => question && !plans.some((p) => ASKED.has(p.step)), asks: 'This was asked like a question, and would change the table. Is it meant all the same?' },
  { price: 2.5, holds: (plans, { question, keeps }) => question && !keeps && plans.every((p) => p.step === 'take') },
  // Two answers to one question: rather one that says both.
  { price: 0.8, holds: (plans) => plans.filter((p) => p.step === 'ask').length > 1 },
  { price: 1.5, holds: (plans, { ofColumns }) => ofColumns && plans.some((p) => p.step === 'filter') },
  { price: 1.5, holds: (plans, { onRows }) => onRows && plans.every(isQuestion) },
  // 'Those over an hour get a fee of 5, the others 2' sets no rows aside, nor does it forget the others.
  { price: 1.5, holds: (plans, { keeps, drops, only }) => !keeps && !drops && !only && plans.some((p) => p.step === 'filter') && plans.some((p) => p.step === 'calculate' && p.as.kind === 'choose'), asks: 'This keeps only some of the rows. Is it meant so?' },
  // Numbers rounded to none are whole numbers.
  { price: 0.3, holds: (plans) => plans.some((p, i) => { const next = plans[i + 1]; return p.step === 'convert' && p.to === 'decimal' && next?.step === 'calculate' && next.replace && next.as.kind === 'round' && next.as.places === 0 && next.as.mode === 'nearest' && p.columns.includes(next.name); }) },
  // 'Which guest was on more than one episode?', where a cell holds several guests.
  { price: 0, holds: (plans, { lists, question }) => question && plans.some((p) => p.step === 'ask' && p.by.some((b) => b.as.kind === 'column' && lists(b.as.name))), asks: 'Some cells hold several values, and each cell counts as one. Is it meant so?' },
  // 'Weights in kilograms, just the figure': a unit that cells are written in goes.
  { price: 0.4, holds: (plans) => plans.some((p) => p.step === 'calculate' && p.replace && (p.as.kind === 'round' ? p.as.of : p.as).kind === 'measure') },
  // 'Deposit that is twenty percent of the charge' is no copy of the charge.
  { price: 1.5, holds: (plans, { copies }) => !copies && plans.some((p) => p.step === 'calculate' && !p.replace && p.as.kind === 'column') },
  // Letters of dates or numbers are not written in capitals.
  { price: 1.5, holds: (plans, { never, numbers }) => plans.some((p) => p.step === 'tidy' && p.ways.some((w) => /^(?:upper|lower|title|sentence|name)$/.test(w)) && p.columns.every((c) => numbers(c) || !never(c, 'date'))) },
  // 'Name of the lead with proper capitals' gives no new name.
  { price: 2, holds: (plans, { renames }) => !renames && plans.some((p) => p.step === 'rename' && p.names.some((n) => n.to === n.to.toLowerCase() && / /.test(n.to))), asks: 'Is this the new name?' },
  // Words that stand in no cell find nothing.
  { price: 0, holds: (plans, { nowhere }) => plans.some((p) => p.step === 'filter' && p.where.kind === 'text' && p.where.test === 'mentions' && p.where.of.kind === 'column' && nowhere(p.where.of.name, p.where.texts)), asks: 'No cell says so. Is it meant all the same?' },
  // What was said to be blank once is not said once more of something else.
  { price: 0.5, holds: (plans) => plans.some((p) => p.step === 'calculate' && p.as.kind === 'choose' && blankTwice(p.as.cases.map((c) => c.when))) },
  // No number is a date.
  { price: 1, holds: (plans, { numbers }) => plans.some((p) => p.step === 'convert' && (p.to === 'date' || p.to === 'datetime') && p.columns.some((c) => numbers(c))) },
  // 'Make the deposit 0' keeps no rows.
  { price: 2, holds: (plans, { makes, keeps, drops }) => makes && !keeps && !drops && plans.every((p) => p.step === 'filter'), asks: 'This keeps only some of the rows. Is it meant so?' },
  // 'What will the trees cost in 2030?' keeps no tree that costs so much.
  { price: 2.5, holds: (plans, { inYear }) => inYear.length > 0 && plans.some((p) => p.step === 'filter' && comparisons(p).some(([name, n]) => inYear.includes(n) && !/year|season|vintage/i.test(name))), asks: 'A year is compared with a number of another sort. Is it meant so?' },
  // A rule for the table says that something must be.
  { price: 1.5, holds: (plans, { rules, corrects }) => (!rules || corrects) && plans.some((p) => p.step === 'check'), asks: 'This adds a rule that the table must satisfy. Is it meant so?' },
  // 'I'd like a column that adds up the cost' asks for a column.
  { price: 2, holds: (plans, { newColumn }) => newColumn && plans.every(isQuestion), asks: 'This answers a question, and a column is spoken of. Is it meant so?' },
  // 'Show only the tickets that were charged more than the average' labels none.
  { price: 2, holds: (plans, { only, labels }) => only && !labels && plans.some((p) => p.step === 'calculate' && p.as.kind === 'choose' && p.as.cases.some((c) => c.then.kind === 'text')), asks: 'This adds labels where only some rows are asked for. Is it meant so?' },
  // 'Rank products by units sold' ranks no rows within each product.
  { price: 1.5, holds: (plans, { groups }) => !groups && plans.some((p) => p.step === 'calculate' && p.as.kind === 'over' && p.as.fn.startsWith('rank') && p.as.by.length > 0), asks: 'This ranks rows within groups. Is it meant so?' },
  // 'Sort by due, the open ones first' moves no column.
  { price: 2.5, holds: (plans, { sorts }) => sorts && plans.some((p, i) => i > 0 && p.step === 'move'), asks: 'This moves a column as well. Is it meant so?' },
  // 'Sort by severity with 5 at the top' keeps every row.
  { price: 2, holds: (plans, { sorts, keeps }) => sorts && !keeps && plans.some((p) => p.step === 'take'), asks: 'This keeps only some of the rows. Is it meant so?' },
  // Nobody is a number: 'who has missed the most lessons' does not count the rows of each number of lessons.
  { price: 3, holds: (plans, { who, numbers }) => who && plans.some((p) => p.step === 'ask' && p.by.some((b) => b.as.kind === 'column' && numbers(b.as.name))), asks: 'This answers with a number where somebody is asked for. Is it meant so?' },
  { price: 3, holds: excepted, asks: LIMIT },
  { price: 3, holds: madeTwice, asks: LIMIT },
  { price: 3, holds: contradicts, asks: 'No row could be both. Is it meant so?' },
  // 'The total number of pages (sheets times pages each)': the brackets say what it is, not something more.
  { price: 0.6, holds: (plans) => plans.some((p, i) => p.step === 'calculate' && !p.replace && p.as.kind === 'total' && p.as.by.length === 0 && plans[i + 1]?.step === 'calculate') },
  // 'Call gross Weight and site Place': a new name that goes on with another column is more than one name.
  { price: 1.5, holds: (plans, { columns }) => plans.some((p) => p.step === 'rename' && p.names.some((n) => columns.some((c) => c !== n.from && c.length > 2 && n.to.toLowerCase() !== c.toLowerCase() && ` ${n.to.toLowerCase()} `.includes(` ${c.toLowerCase()} `)))) },
  // A rule for the table is hardly asked for beside a change of its rows.
  { price: 1, holds: (plans) => plans.some((p) => p.step === 'check') && plans.some((p) => p.step === 'filter'), asks: 'This changes the rows and adds a rule for them. Is it meant so?' },
  // 'Paid if it is enough, partly if less': a label among labels is no amount.
  { price: 0.6, holds: (plans, { numbers, labels }) => plans.some((p) => p.step === 'calculate' && p.as.kind === 'choose' && mixesLabels([...p.as.cases.map((c) => c.then), p.as.otherwise], numbers, labels)) },
  // 'And out of goods' is no order to drop the column.
  { price: 1.5, holds: (plans, { drops }) => !drops && plans.some((p, i) => p.step === 'drop' && i > 0), asks: 'This drops a column. Is it meant so?' },
  // 'With capitals' is how letters are written, and no name.
  { price: 2, holds: (plans) => plans.some((p) => p.step === 'rename' && p.names.some((n) => STYLE.test(n.to))), asks: 'Is this the new name?' },
  // 'Are one person' keeps no row that is both.
  { price: 3, holds: (plans) => plans.some((p) => p.step === 'filter' && neverTrue(p.where)), asks: 'No row could be both. Is it meant so?' },
  // 'Do all of them have one?' sets no rows aside.
  { price: 1, holds: (plans, { everyOne, keeps }) => everyOne && !keeps && plans.some((p) => p.step === 'filter'), asks: 'This is asked like a question, and would change the table. Is it meant so?' },
  // 'Show the distance without decimals' is about how it is seen.
  { price: 1, holds: (plans, { shows }) => shows && plans.some((p) => p.step === 'calculate' && p.replace && p.as.kind === 'round'), asks: 'This changes the values, not only how they are shown. Is it meant so?' },
  // 'Take EUR out of the fee and make it a number': the fee, not what was taken out.
  { price: 0.6, holds: (plans) => plans.some((p, i) => { const next = plans[i + 1]; return p.step === 'calculate' && p.as.kind === 'found' && next?.step === 'convert' && next.columns.includes(p.name); }) },
  // 'Count by species' where there is a count.
  { price: 0.7, holds: (plans, { counts }) => counts && plans.some((p) => p.step === 'ask' && p.figures.every((f) => f.as.kind === 'total' && f.as.fn === 'count')), asks: 'This counts rows, and there is a column called Count. Is it meant so?' },
  // 'A weight over 5 litres': the number of one quantity is compared with another.
  { price: 2, holds: (plans, { sizes }) => sizes.length > 0 && plans.some((p) => comparisons(p).some(([name, n]) => { const own = unitInName(name); return own !== null && sizes.some((s) => s.n === n && unitSort(s.unit) !== unitSort(own)); })), asks: 'A number in one unit is compared with a column in another. Is it meant all the same?' },
  // 'Insurance per month' of ‹Insurance/yr› is a twelfth of it, and no sum by month.
  { price: 1, holds: (plans) => plans.some((p) => p.step === 'ask' && p.by.some((b) => b.as.kind === 'part') && p.figures.some((f) => columnsOf(f.as).some((n) => A_TIME.test(n)))), asks: 'This adds up, by period, what is so much in each period already. Is it meant so?' },
  // 'Gross = net plus VAT' where there is a gross: it may be another that is wanted.
  { price: 0, holds: (plans, { sets }) => !sets && plans.some((p) => p.step === 'calculate' && p.replace && p.where === undefined && (p.as.kind === 'round' ? p.as.of : p.as).kind === 'op' && !columnsOf(p.as).includes(p.name)), asks: 'This writes over what stands in that column. Is it meant so?' },
  // 'Are there lots that come twice?' asks for them, and takes none away.
  { price: 2.5, holds: (plans, { question, yesOrNo, keeps, drops }) => (question || yesOrNo) && !keeps && !drops && plans.some((p) => p.step === 'distinct'), asks: 'This was asked like a question, and would change the table. Is it meant all the same?' },
  // 'Number the bills of every client by date': no client is a date.
  { price: 2.5, holds: (plans, { never }) => plans.some((p, i) => i === 0 && p.step === 'convert' && p.to !== 'text' && p.to !== 'yesno' && p.to !== 'phone' && p.columns.every((c) => never(c, p.to === 'date' || p.to === 'datetime' ? 'date' : 'number'))), asks: 'No value of this column reads so. Is it meant all the same?' },
  // 'Kg = kg * 2' asks for no rows that are twice themselves.
  // 'The list price' of another table is not the price here.
  { price: 2, holds: (plans, { theirs }) => theirs.some((name) => !JSON.stringify(plans).includes(JSON.stringify(name))), asks: 'Another table has a column of that name, and it is not used. Is it meant so?' },
  { price: 3, holds: (plans) => comparesItself(plans), asks: 'This compares a column with itself. Is it meant so?' },
  { price: 3, holds: (plans) => plans.some((p) => p.step === 'filter' && p.where.kind === 'compare' && p.where.left.kind === 'column' && p.where.right.kind === 'op' && columnsOf(p.where.right).join() === p.where.left.name), asks: 'This compares a column with itself. Is it meant so?' },
  // 'Letters in one column, numbers in another' are two columns.
  { price: 1.5, holds: (plans, { apart }) => apart && plans.length === 1 && plans[0]!.step === 'calculate' && !plans[0]!.replace, asks: 'This makes one column where several are spoken of. Is it meant so?' },
  // 'Date only, and the time only': what is wanted, and no name.
  { price: 1.5, holds: (plans) => plans.some((p) => p.step === 'calculate' && /\sonly$/i.test(p.name)), asks: 'Is this the name of the column?' },
  // 'A running total, dearest first': along the rows as they lie, or as they are put in order?
  { price: 1, holds: (plans, { then }) => !then && plans.some((p, i) => p.step === 'calculate' && keyOf(p.as).includes('"fn":"running"') && plans.slice(i + 1).some((q) => q.step === 'sort')), asks: 'The running figure follows the rows as they lie now, and they are put in order after it. Is it meant so?' },
  // 'No, just vans': what is put right is not what is to be left out.
  { price: 3, holds: (plans, { corrects, without }) => corrects && !without && plans.some((p) => p.step === 'filter' && p.where.kind === 'not') },
  // 'Who owes us the most' is not who paid the most; what one piece costs less what was paid for all is nothing.
  { price: 2.5, holds: (plans, { fails }) => fails && plans.some((p) => p.step === 'ask' && p.where === undefined && p.figures.length > 0 && p.figures.every((f) => !keyOf(f.as).includes('"kind":"choose"') && !columnsOf(f.as).some((n) => FAILED.test(n)))), asks: 'This counts all of them, also those that did come about. Is it meant so?' },
  { price: 2.5, holds: (plans, { owes }) => owes && plans.some((p) => p.step === 'ask' && p.figures.some((f) => columnsOf(f.as).length === 1 && columnsOf(f.as).every((n) => /paid|payment|received/i.test(n)))) },
  { price: 2.5, holds: (plans) => plans.some((p) => p.step === 'calculate' && p.as.kind === 'op' && p.as.op === '-' && p.as.left.kind === 'column' && p.as.right.kind === 'column' && A_PIECE.test(p.as.left.name) && /paid|payment|received|total/i.test(p.as.right.name) && !A_PIECE.test(p.as.right.name)) },
  // A telephone number is no e-mail address.
  { price: 3, holds: (plans) => plans.some((p) => p.step === 'calculate' && p.as.kind === 'found' && p.as.what.kind === 'sort' && ((/phone|\btel\b|mobile/i.test(p.name) && p.as.what.sort !== 'phone') || (/mail/i.test(p.name) && p.as.what.sort !== 'email'))) },
  // 'List the households we have no reading for' asks which those are.
  { price: 0.6, holds: (plans, { named }) => named && plans.some((p) => p.step === 'filter' && keyOf(p.where).includes('"kind":"listed"')) },
  // 'Tools that were never lent' are none without a name.
  { price: 1.5, holds: (plans, { neverBlank, blanks }) => !blanks && plans.some((p) => p.step === 'filter' && p.where.kind === 'empty' && p.where.of.kind === 'column' && neverBlank(p.where.of.name)), asks: 'No cell of this column is blank. Is it meant all the same?' },
  // 'In capitals' is a way of writing.
  { price: 2, holds: (plans) => plans.some((p) => p.step === 'calculate' && !p.replace && STYLE.test(p.name)), asks: 'Is this the name of the column?' },
  // 'More of these or more of those?' asks for both numbers.
  { price: 2.5, holds: (plans, { either }) => either && plans.some((p) => p.step === 'filter'), asks: 'This was asked like a question, and would change the table. Is it meant all the same?' },
  // What is the same in one thing and in another is the same in both.
  { price: 2, holds: (plans, { then }) => !then && plans.some((p, i) => p.step === 'distinct' && plans[i + 1]?.step === 'distinct'), asks: 'This takes out repeats twice, by one thing and then by another. Is it meant so?' },
  // 'Per person and night' is divided by both.
  { price: 2, holds: (plans, { perBoth }) => perBoth && plans.some((p, i) => { const next = plans[i + 1]; return p.step === 'calculate' && p.as.kind === 'op' && p.as.op === '/' && next?.step === 'calculate' && !next.replace && next.as.kind !== 'op'; }), asks: 'This divides by the first only. Is it meant so?' },
  // 'As "5 days"' shows how it is to look.
  { price: 1, holds: (plans, { renames, newColumn }) => !renames && !newColumn && plans.some((p) => p.step === 'calculate' && !p.replace && /^\d/.test(p.name)), asks: 'Is this the name of the column?' },
  // 'Everything Norlan carried to Ostbruck': what stands in cells is hardly what a new column is to be called.
  { price: 2, holds: (plans, { stands }) => plans.some((p) => p.step === 'calculate' && !p.replace && p.as.kind === 'found' && p.as.what.kind === 'words' && stands(p.name)) },
  // 'No proof of delivery', 'tariff per pallet': nobody groups by every day, or every number, without saying so.
  { price: 2.5, holds: (plans, { groups, each, dated }) => !groups && !each && plans.some((p) => p.step === 'ask' && p.figures.length > 0 && p.by.some((b) => b.as.kind === 'column' && dated(b.as.name) && !(p.where && columnsOf(p.where).includes(b.as.name)))), asks: 'Is the answer wanted for each day?' },
  // Sums of things that cannot be put together, kilos and litres.
  { price: 1, holds: unlike, asks: 'This adds or takes away what is measured in different units. Is it meant all the same?' },
];

const STYLE = /^(?:with |in )?(?:all )?(?:capitals?|capital letters|lower ?case|upper ?case|title ?case|small letters|letters)$/i;

/** Two different texts that one cell should hold. */
function neverTrue(where: Condition): boolean {
  if (where.kind !== 'all') return false;
  const texts = where.of.flatMap((c) => (c.kind === 'among' && c.of.kind === 'column' ? [[c.of.name, c.texts] as const] : []));
  return texts.some(([name, own], i) => texts.slice(i + 1).some(([other, more]) => other === name && !own.some((t) => more.includes(t))));
}

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

/** Names of what did not come about. */
const FAILED = /miss|lost|fail|skip|absen/i;

/** Names of what one piece costs. */
const A_PIECE = /\b(?:unit|each|per)\b/i;

/** Names of what is paid or done each so often. */
const A_TIME = /(?:\/|\bper |\ba )\s?(?:yr|year|month|mth|week|wk|day|hour|hr?)\b|\b(?:yearly|annual|monthly|weekly)\b/i;

/** Steps that somebody may want who asks which, what or how many; nothing else is hardly meant by a question. */
const ASKED: ReadonlySet<Plan['step']> = new Set<Plan['step']>(['ask', 'survey', 'relate', 'forecast', 'filter', 'calculate', 'take', 'distinct', 'check', 'sort']);

/** The doubts about the readings of a request: what they add to the price of plans, and what is asked of them. */
export function doubtsOf(words: readonly Token[], head: CheckedHead): { readonly price: (plans: readonly Plan[]) => number; readonly asked: (plans: readonly Plan[]) => string | null } {
  const text = words.map((w) => w.lower).join(' ');
  const says = (word: RegExp): boolean => words.some((w) => word.test(w.lower));
  const said: Said = {
    question: asksFor(words),
    who: /^(?:who|whose)$/.test(words[0]!.lower),
    numbers: (column) => isNumberColumn(head, column),
    never: (column, to) => { const glance = head.glances?.get(column); return findColumn(head.columns, column)?.type === 'text' && glance !== undefined && glance.rows > glance.blanks && (to === 'date' ? glance.dateShare === 0 : (glance.values?.map(([v]) => v) ?? glance.sample ?? ['0']).every((v) => !/\d/.test(v))); },
    columns: head.columns.map((c) => c.name),
    drops: says(/^(?:drop|remove|delete|lose|rid|without|away|need|throw|leave|except|bin|discard|erase|hide|omit|skip|kill|redundant|cut|strip|off|useless|unneeded|eliminate|scrap|ditch|dump|exclude|clear|gone)|^go$/),
    everyOne: /^(?:do|does|are|is|have|has)$/.test(words[0]!.lower) && /^(?:all|every|each|any)$/.test(words[1]?.lower ?? ''),
    shows: /^(?:show|display)$/.test(words[0]!.lower),
    counts: words[0]!.lower === 'count' && head.columns.some((c) => c.name.toLowerCase() === 'count'),
    sizes: words.slice(1).flatMap((w, i) => (words[i]!.kind === 'number' && w.lower !== 'in' && unitName(w.lower) !== null ? [{ n: words[i]!.value, unit: w.lower }] : [])),
    apart: /\b(?:in|into|to) one(?: column)?\b.*\b(?:in|into|to) (?:another|the other)\b|\bseparate the \S+ from the \S+$/.test(text),
    sets: says(/^(?:set|change|update|overwrite|replace|recalculate|recompute|correct|turn|make|put|let|become|becomes|should|convert|raise|lower|increase|reduce|write|adjust|instead)$/),
    labels: words.some((w, i) => i < 2 && /^(?:mark|flag|label|tag)$/.test(w.lower)),
    // 'Moisture between 14 and 20' is how such a rule is written down; 'refunds between 50 and 150' are rows.
    rules: head.columns.some((c) => text.startsWith(`${c.name.toLowerCase()} between `)) || says(/^(?:check|verify|ensure|sure|confirm|assert|must|mustn't|should|shouldn't|shall|may|can|cannot|can't|never|always|rule|rules|allowed|supposed|required|ought|need|needs|have|has|every|each|all|any|no|only|unique|expected|valid|test|warn|hand-off|condition|flag)$/),
    makes: /^(?:please )?(?:make|set) (?!aside|it\b|that\b|this\b|them\b|those\b)/.test(text),
    yesOrNo: /^(?:is|are|was|were|does|did|has|have)$/.test(words[0]!.lower),
    groups: says(/^(?:within|inside|in|per|each|every|same|own|among|for|at|group|groups|grouped)$/) || /\bof (?:an?|the|its|their|one) /.test(text),
    inYear: words.flatMap((w, i) => (w.kind === 'number' && /^(?:19|20)\d\d$/.test(w.text) && /^(?:in|for|of|by|during)$/.test(words[i - 1]?.lower ?? '') ? [w.value] : [])),
    newColumn: /\b(?:an?|new|another|extra|own|separate) column\b/.test(text),
    copies: says(/^(?:copy|copies|duplicate|clone|same|again|as|from|=|equal|equals|repeat)$/),
    renames: says(/^(?:rename|call|called|named|relabel|title|titled|become|becomes|heading|retitle|name|shorten|say)$/) && !/\bname of\b/.test(text),
    stands: (held) => { const { values, inside } = vocabularyOf(head); return values.has(held.toLowerCase()) || inside.has(held.toLowerCase()); },
    dated: (column) => readsAsDate(head, column),
    blanks: says(/^(?:no|without|missing|blank|blanks|empty|lacking|lack|lacks|nothing|none|unfilled|unset)$/),
    neverBlank: (column) => head.glances?.get(column)?.blanks === 0,
    either: /^(?:is|are|was|were|did|do|does) .*\b(?:more|fewer|less)\b.*\bor\b/.test(text),
    perBoth: /\bper \S+ and \S+/.test(text),
    theirs: [...(head.others?.values() ?? [])].flatMap((o) => o.columns).map((c) => c.name).filter((name) => /\s/.test(name) && ` ${text} `.includes(` ${name.toLowerCase()} `) && findColumn(head.columns, name) === undefined),
    named: /^(?:please )?(?:list|name) /.test(text),
    without: says(/^(?:not|without|except|excluding|but|other|neither|nor|isn't|aren't|wasn't|weren't|don't|remove|drop|delete|leave|out)$/),
    fails: says(/^(?:missed|skipped|failed|lost)$/),
    owes: says(/^(?:owe|owes|owed|owing|outstanding|unpaid)$/),
    then: says(/^(?:then|afterwards|after|finally)$/),
    each: says(/^(?:by|each|every|per|when|day|days|daily|date|dates|which|what)$/),
    nowhere: (column, texts) => { const glance = head.glances?.get(column), held = glance?.values ?? []; return !!glance && held.length > 0 && held.reduce((n, [, k]) => n + k, 0) >= glance.rows - glance.blanks && !held.some(([v]) => texts.some((t) => v.toLowerCase().includes(t.toLowerCase()))); },
    corrects: /^(?:no|sorry|oh|wait|nope|actually) [,.!:]/.test(text),
    lists: (column) => { const held = head.glances?.get(column)?.values ?? [], all = held.reduce((n, [v, k]) => n + (v.trim() === '' ? 0 : k), 0); return all > 0 && held.reduce((n, [v, k]) => n + (/[;|]/.test(v) ? k : 0), 0) >= all * 0.2; },
    only: /^(?:please )?(?:show|keep|list|give me|leave)(?: me)? only\b|^only\b/.test(text),
    sorts: /^(?:please )?(?:sort|order|arrange)\b/.test(text),
    keeps: says(/^(?:keep|only|just|those|show|leave|drop|remove|rest|others)$/),
    ofColumns: says(/^columns$/) && !says(/^rows$/),
    onRows: onEachRow(words, head),
  };
  return {
    price: (plans) => DOUBTS.reduce((sum, d) => sum + d.price * Number(d.holds(plans, said)), 0),
    asked: (plans) => DOUBTS.find((d) => d.asks !== undefined && d.holds(plans, said))?.asks ?? null,
  };
}

/** A request asks a question or changes something, not both. */
export const isMixed = (plans: readonly Plan[]): boolean => plans.some(isQuestion) && !plans.every(isQuestion);

/** Does a bare column of numbers, or a number, stand where labels are asked for, or beside one? */
const mixesLabels = (leaves: readonly Expression[], numbers: Said['numbers'], labels: boolean): boolean => (labels || leaves.some((e) => e.kind === 'text')) && leaves.some((e) => (e.kind === 'column' && numbers(e.name)) || e.kind === 'number');

/** Two keepings by values of one column that have none in common leave no row: nobody means that. */
export function contradicts(plans: readonly Plan[]): boolean {
  return plans.some((p, i) => {
    const q = plans[i + 1];
    if (p.step !== 'filter' || q?.step !== 'filter' || p.mode !== 'keep' || q.mode !== 'keep' || p.where.kind !== 'among' || q.where.kind !== 'among') return false;
    const texts = new Set(p.where.texts);
    return keyOf(p.where.of) === keyOf(q.where.of) && !q.where.texts.some((t) => texts.has(t));
  });
}

const asksFor = (words: readonly Token[]): boolean => !orders(words) && (/^(?:which|who|whose|how)$/.test(words[0]!.lower) || (/^(?:did|do|does|is|are|was|were|has|have|what)$/.test(words[0]!.lower) && words.at(-1)!.lower === '?'));

/** 'Which have no date? Remove them': what is asked first is answered by what is to be done. */
function orders(words: readonly Token[]): boolean {
  const at = words.findIndex((w) => w.lower === '?');
  const next = words.slice(at + 1).find((w) => !/^(?:please|then|and|just|now|so|simply|kindly)$/.test(w.lower));
  return at > 0 && next !== undefined && /^(?:remove|drop|delete|keep|replace|put|make|turn|fill|write|add|set|throw|mark|flag|rename|convert|change|sort|split|blank|clear|round|leave)$/.test(next.lower);
}

/** 'On each row', 'next to every lot'. */
function onEachRow(words: readonly Token[], head: CheckedHead): boolean {
  const nouns = vocabularyOf(head).ownNouns;
  return words.some((w, i) => /^(?:on|to|beside|next|for|in)$/.test(w.lower) && words.slice(i + 1, i + 3).some((e, k) => {
    const noun = words[i + k + 2]?.stem ?? '';
    return /^(?:each|every)$/.test(e.lower) && (noun === 'row' || (!/^(?:for|in)$/.test(w.lower) && nouns.has(noun)));
  }));
}

/** Every comparison anywhere in plans. */
function compared(node: unknown): Extract<Condition, { kind: 'compare' }>[] {
  if (typeof node !== 'object' || node === null) return [];
  const own = 'kind' in node && node.kind === 'compare' ? [node as Extract<Condition, { kind: 'compare' }>] : [];
  return [...own, ...Object.values(node).flatMap(compared)];
}

/** Is anything compared with the very same? */
const comparesItself = (plans: readonly Plan[]): boolean => compared(plans).some((c) => keyOf(c.left) === keyOf(c.right));

/** The columns that are compared with a number anywhere in a plan, with that number. */
const comparisons = (plan: Plan): (readonly [string, number])[] => compared(plan).flatMap(({ left, right }) => (left.kind === 'column' && right.kind === 'number' ? [[left.name, right.value] as const] : []));

function unlike(plans: readonly Plan[]): number {
  const of = (p: Plan): number => (p.step === 'calculate' ? mismatches(p.as) : p.step === 'ask' ? p.figures.reduce((m, f) => m + mismatches(f.as), 0) : 0);
  return plans.reduce((n, p) => n + of(p), 0);
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

const isEmptiness = (c: Condition): boolean => c.kind === 'empty' || (c.kind === 'any' && c.of.some((o) => o.kind === 'empty'));

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

/** Of names for one column, one that was said is preferred up to so much. */
const NAMED = 0.8;

/** Of readings that differ only in what new columns are called, those whose names were said, where they are not much dearer. */
export function preferNamed<R extends { readonly plans: readonly Plan[]; readonly cost: number }>(readings: readonly R[], request: string): R[] {
  const said = request.toLowerCase();
  const bare = (r: R): string => keyOf(r.plans.map((p) => (p.step === 'calculate' && !p.replace ? { ...p, name: '' } : p)));
  // A name with the capitals it was given is surer than one whose words just stand there.
  const sure = (name: string): number => (/\p{Lu}/u.test(name) && request.includes(name) ? 2 : said.includes(name.toLowerCase()) ? 1 : 0);
  const named = (r: R): number => r.plans.reduce((sum, p) => sum + (p.step === 'calculate' && !p.replace ? sure(p.name) : 0), 0);
  const name = (r: R): string => r.plans.map((p) => (p.step === 'calculate' ? p.name : '')).join('|');
  const groups = new Map<string, R[]>();
  for (const r of readings) (groups.get(bare(r)) ?? groups.set(bare(r), []).get(bare(r))!).push(r);
  return readings.flatMap((r) => {
    const group = groups.get(bare(r))!;
    const cheapest = Math.min(...group.map((o) => o.cost));
    const most = Math.max(...group.filter((o) => o.cost <= cheapest + NAMED).map(named));
    const first = Math.min(...group.filter((o) => named(o) === most).map((o) => o.cost));
    // A name that goes on is meant rather than its beginning or its end.
    if (most > 0 && group.some((o) => o !== r && named(o) === most && o.cost < r.cost + NAMED && goesOn(name(o), name(r)))) return [];
    // Names that nobody said tell nothing apart.
    if (most === 0 && r !== group.find((o) => o.cost === cheapest)) return [];
    return named(r) < most ? [] : [{ ...r, cost: r.cost - Math.max(0, first - cheapest - 0.05) }];
  }).sort((x, y) => x.cost - y.cost);
}

/** Is a name the other with words before or behind it? In front, only words with capitals belong to it. */
const goesOn = (long: string, short: string): boolean => long.startsWith(`${short} `) || (long.endsWith(` ${short}`) && /^(?:\p{Lu}\S*\s)+$/u.test(long.slice(0, -short.length)));
