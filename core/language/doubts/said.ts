import { isQuantity } from '../../table/column';
import { type CheckedHead, mixedUnit, isNumberColumn, readsAsDate, readsAsNumber } from '../../formula/check';
import { findColumn } from '../../table/table';
import { unitName } from '../../values/units';
import { stem, type Token } from '../words';
import { CENTS, inCents } from '../grammar/seeds/quantities';
import { GENERAL_ROWS } from '../grammar/seeds/rows';
import { groupsRows } from '../grammar/roles';
import { nearlyUnique, sampleOf } from '../grammar/samples';
import { yesNoOf } from '../grammar/seeds/yesno';
import { HEADS } from '../lexicon/heads';
import { columnMentions, namesRows, vocabularyOf } from '../mentions';

/** Words that say more of what is asked than of what stands in a text, unless they are said to stand there. */
const COMMON: ReadonlySet<string> = new Set('day week month year late early time order value price total number share amount count first last long short high low open new old out in back due paid kind type group part rate weight hour minute date name row nobody somebody anybody everybody'.split(' ').map(stem));
const LOOKED_FOR = /^(?:about|mention|mentions|mentioned|mentioning|contain|contains|containing|say|says|said|saying|with|word|words|text|speak|speaks|talk|talks|read|reads|reading|complain|complains|complained|note|notes|remark|remarks|comment|comments|has|have|called|marked)$/;

/** Ways to ask how many people there were, and the names of columns that say so. */
const HEADS_ASKED = HEADS.map(([words, called]) => [new RegExp(`\\b(?:how many|number of|count(?: the| of)?) (?:different |all )?(?:${words})\\b`), called] as const);

/** What a request says of itself, whatever it asks for. */
export interface Said {
  /** It is asked like a question. */
  readonly question: boolean;
  /** It says that something took no longer than a day, a week, or some of them. */
  readonly within: boolean;
  /** It asks for something to be bought or sent, not for a change of the rows. */
  readonly errand: boolean;
  /** How many pieces most values of a column have, cut at a mark. */
  readonly piecesAt: (column: string, mark: string) => number;
  /** Columns whose value something is said to belong to: 'the client's mail'. */
  readonly owners: readonly string[];
  /** Columns that say how many of what stands behind 'per': 'minutes per tyre' of ‹Tyres›. */
  readonly perCounted: readonly string[];
  /** It says that something was or is here, in the past. */
  readonly wasHere: boolean;
  /** It asks for the day of something. */
  readonly asksWhen: boolean;
  /** The name that it gives to what was made before: 'call it Net'. */
  readonly nameGiven: string | null;
  /** It speaks of the total of a column that is not called so, where another is. */
  readonly totalOf: boolean;
  /** It says that only some are to stay, after something else. */
  readonly keepsThen: boolean;
  /** The column that says how long something took. */
  readonly lasting: string | null;
  /** It ends with a question mark. */
  readonly endsAsking: boolean;
  /** It asks for somebody. */
  readonly who: boolean;
  /** Is a column one of numbers? */
  readonly numbers: (column: string) => boolean;
  /** Does no value of a column read as a date, or as a number? */
  readonly never: (column: string, to: 'date' | 'number') => boolean;
  /** Are the texts of a column codes of letters and digits? */
  readonly codes: (column: string) => boolean;
  /** Do texts of a column begin with zeros before other digits, as codes and telephone numbers do? */
  readonly zeros: (column: string) => boolean;
  /** Does it begin with what a column says was done: 'calibrate' of ‹Calibrated›? */
  readonly orders: (column: string) => boolean;
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
  /** Numbers of cents, where prices are not written in cents. */
  readonly cents: readonly number[];
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
  /** It speaks of one new column, and of no other. */
  readonly oneColumn: boolean;
  /** It says how something should be, other than empty. */
  readonly should: boolean;
  /** It begins with a column of numbers and goes on with what that is split by: 'value by street'. */
  readonly byGroup: boolean;
  /** It asks which had nothing, or nobody. */
  readonly whichHad: boolean;
  /** It wants something as a number. */
  readonly asNumber: boolean;
  /** It asks how many of a unit: 'how many minutes'. */
  readonly manyOf: boolean;
  /** Are some words common ones, and not said to be looked for? */
  readonly barely: (texts: readonly string[]) => boolean;
  /** It begins with orders that are the rows, and says what they have. */
  readonly ordersRows: boolean;
  /** It says that something is more or less than something. */
  readonly comparesSizes: boolean;
  /** It speaks of somebody 'who ...'. */
  readonly thoseWho: boolean;
  /** It says 'without', and not at its beginning. */
  readonly withoutLater: boolean;
  /** It says that something lies below something. */
  readonly below: boolean;
  /** Numbers said with 'per'. */
  readonly perMany: readonly number[];
  /** Does a column say yes or no? */
  readonly saysYes: (column: string) => boolean;
  /** It may ask for more than one figure. */
  readonly several: boolean;
  /** It says at which of several marks. */
  readonly first: boolean;
  /** It asks for a number of something. */
  readonly numberOf: boolean;
  /** It asks how much or how long, which keeping some rows does not answer. */
  readonly howMuch: boolean;
  /** It asks by how much something differs, or for a column of it. */
  readonly byHowMuch: boolean;
  /** What was done with something that is out, which takes nothing out: it was sold, or lent. */
  readonly doneOut: string | null;
  /** It is said of some rows only. */
  readonly onlyThose: boolean;
  /** It says what becomes of the letters behind the first. */
  readonly restSmall: boolean;
  /** Do texts of a column have words with a capital behind the first? */
  readonly innerCapitals: (column: string) => boolean;
  /** It speaks of everything. */
  readonly saysAll: boolean;
  /** It asks for rows beside something else, for each of some groups: 'kg and lots per flower'. */
  readonly andRows: boolean;
  /** It says from when on. */
  readonly fromOn: boolean;
  /** The columns that it says something goes from and to. */
  readonly fromTo: readonly [string, string] | null;
  /** Columns of numbers that tell things apart, spoken of as such: 'the member numbers'. */
  readonly namedNumbers: readonly string[];
  /** It asks for days of something. */
  readonly daysOf: boolean;
  /** A column that groups the rows, some of which are asked for by a number or a superlative: 'the three best films' of screenings. */
  readonly topGroup: string | null;
  /** Columns of how many were sold, used or returned, where it asks how many were. */
  readonly soldOf: readonly string[];
  /** Columns of numbers that its words speak of, by what was done: ‹Damage› of what was damaged. */
  readonly deeds: readonly string[];
  /** Is a word only said of what was done: 'were used'? */
  readonly wasDone: (word: string) => boolean;
  /** Is a word one of a list behind a colon? */
  readonly inList: (word: string) => boolean;
  /** It asks for proper dates or numbers. */
  readonly proper: boolean;
  /** It says what gets a yes. */
  readonly yesIf: boolean;
  /** It asks for the time from one thing to another. */
  readonly timeFrom: boolean;
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
  /** It speaks of how many rows another table has. */
  readonly theirRows: boolean;
  /** Other tables that it names, where nothing of this table is called so. */
  readonly theirTables: readonly string[];
  /** It asks for those of another table that are so: 'buyers in the buyers table who bought nothing'. */
  readonly thoseThere: boolean;
  /** It counts what nothing is called here: 'count the bees'. */
  readonly countsUnknown: boolean;
  /** Values that stand only in another table, and that it names. */
  readonly theirValues: readonly { readonly table: string; readonly text: string }[];
  /** Is a column spoken of as that of the row: 'this team'? */
  readonly ofThis: (column: string) => boolean;
  /** Numbers that something is over, with no word for a calculation before them. */
  readonly overNumber: readonly number[];
  /** It says per one column and another. */
  readonly perTwo: boolean;
  /** Is a column one of texts that are no numbers? */
  readonly texts: (column: string) => boolean;
  /** It has no mark and no joint: one order at most. */
  readonly oneBreath: boolean;
  /** It names more than one thing. */
  readonly joins: boolean;
  /** Numbers that are said to be percentages of something. */
  readonly percents: readonly number[];
  /** Numbers that are said as percentages, of something or not. */
  readonly bounds: readonly number[];
  /** Is a number higher than every number of a column? */
  readonly beyond: (column: string, n: number) => boolean;
  /** It begins as a question for what something is. */
  readonly whatIs: boolean;
  /** It asks how many people there were, where a column of numbers says so of each row. */
  readonly heads: boolean;
  /** It asks how many people did something. */
  readonly people: boolean;
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
  /** It begins with 'where'. */
  readonly whereFirst: boolean;
  /** It says how something looks. */
  readonly like: boolean;
  /** Is it the column that tells the rows apart? */
  readonly tellsRows: (column: string) => boolean;
  /** It asks for something of each. */
  readonly ofEach: boolean;
  /** It speaks of a figure in all. */
  readonly altogether: boolean;
  /** Does a column of texts hold amounts in several units? */
  readonly mixedUnits: (column: string) => boolean;
  /** It names more rows after some: 'and anything under 20', 'as well as those without'. */
  readonly alsoAnything: boolean;
  /** It asks for cells to be emptied where they hold something. */
  readonly empties: boolean;
  /** What stands before a colon at the beginning, and before a word with its condition, in small letters: 'payment' of 'Payment: full if paid'. */
  readonly headed: string | null;
  /** Does a word stand in it? */
  readonly speaksOf: (word: string) => boolean;
  /** The name behind 'in a column'. */
  readonly columnCalled: string | null;
  /** It asks for an order. */
  readonly sorts: boolean;
  /** It gives 'unknown' as what is to be written. */
  readonly unknown: boolean;
  /** It says that one column is multiplied with something, or divided. */
  readonly multiplies: boolean;
  /** It speaks of what shall stay or go. */
  readonly keeps: boolean;
  /** It speaks of columns and not of rows. */
  readonly ofColumns: boolean;
  /** What is said to stand on each row is a column, not an answer. */
  readonly onRows: boolean;
}

/** What a request says of itself. */
export function saidOf(words: readonly Token[], head: CheckedHead): Said {
  const text = words.map((w) => w.lower).join(' ');
  const says = (word: RegExp): boolean => words.some((w) => word.test(w.lower));
  return {
    question: asksFor(words),
    within: /\b(?:within|inside) (?:an? |one |the same |\d+ |two |three |four )(?:hours?|days?|weeks?|months?|years?)\b/.test(text),
    errand: /^(?:please )?(?:order|buy|fetch|send|call|phone|pay|invoice|deliver|book|print|ask|remind|tell) (?:us |him |her |them )?(?:some|more|another|new|a few)\b/.test(text),
    piecesAt: (column, mark) => { const counts = heldTexts(head, column).map((v) => v.split(mark).length).sort((a, b) => a - b); return counts[Math.floor(counts.length / 2)] ?? 0; },
    owners: head.columns.filter((c) => !vocabularyOf(head).ownNouns.has(stem(c.name.toLowerCase())) && words.some((w) => /['’]s?$/.test(w.text) && stem(c.name.toLowerCase()) === w.stem)).map((c) => c.name),
    perCounted: head.columns.filter((c) => isQuantity(c.type) && words.some((w, i) => w.lower === 'per' && words[i + 1]?.stem === stem(c.name.toLowerCase()))).map((c) => c.name),
    wasHere: /\b(?:was|were|been) (?:here|there|away|out)\b/.test(text),
    asksWhen: /^(?:(?:please )?tell me )?when (?:was|were|is|did|does|do|has|have)\b/.test(text),
    nameGiven: /^(?:and |then |please )?(?:call|name|title) (?:it|that|this|them|the column) (?!as\b)(.+?)(?: please)?$/.exec(text)?.[1] ?? null,
    totalOf: head.columns.some((c) => /^totals?$/i.test(c.name)) && head.columns.some((c) => !/^total/i.test(c.name) && isNumberColumn(head, c.name) && text.includes(`total ${c.name.toLowerCase()}`)),
    keepsThen: /\band (?:keep|leave) only\b/.test(text),
    lasting: head.columns.find((c) => isNumberColumn(head, c.name) && /^(?:minutes|hours|duration|length|time)\b/i.test(c.name))?.name ?? null,
    endsAsking: words.at(-1)!.lower === '?',
    who: /^(?:who|whose)$/.test(words[0]!.lower),
    numbers: (column) => isNumberColumn(head, column),
    never: (column, to) => { const glance = head.glances?.get(column); if (to === 'date' && /^(?:decimal|whole)$/.test(findColumn(head.columns, column)?.type ?? '')) return !(glance?.values?.map(([v]) => v) ?? []).some((v) => /^(?:\d{8}|\d{5})$/.test(v)); return findColumn(head.columns, column)?.type === 'text' && glance !== undefined && glance.rows > glance.blanks && (to === 'date' ? glance.dateShare === 0 : (glance.values?.map(([v]) => v) ?? glance.sample ?? ['0']).every((v) => !/\d/.test(v))); },
    codes: (column) => { const held = heldTexts(head, column); return findColumn(head.columns, column)?.type === 'text' && held.length > 0 && held.every((v) => /^\p{L}{1,4}-\d/u.test(v)); },
    zeros: (column) => { const held = heldTexts(head, column); return findColumn(head.columns, column)?.type === 'text' && held.length > 1 && held.filter((v) => /^[(+]*0\d[\d\s()/-]*$/.test(v)).length >= held.length * 0.5; },
    whereFirst: /^(?:where|if|when)$/.test(words[0]!.lower),
    like: words.some((w, i) => w.lower === 'like' && (words[i + 1]?.capital || words[i + 1]?.kind === 'quoted')),
    tellsRows: (column) => { const g = head.glances?.get(column); return !!g?.values && g.rows > 3 && g.blanks === 0 && ((column === head.columns[0]?.name && g.values.length === g.rows) || (namesRows(column, vocabularyOf(head)) && nearlyUnique(g))); },
    ofEach: words.some((w, i) => /^(?:each|every)$/.test(w.lower) && /^(?:for|of|in|per|from)$/.test(words[i - 1]?.lower ?? '')),
    altogether: says(/^(?:altogether|overall)$/),
    mixedUnits: (column) => mixedUnit(head, column) !== null,
    alsoAnything: /\b(?:and|or|plus)(?: also)? (?:anything|everything|all those|whatever|any)\b|\bas well as\b/.test(text),
    empties: /\b(?:empty|blank|clear)\b.*\b(?:where|if|when|wherever) (?:it|they|that) (?:is|are|says?|equals?|reads?) (?!blank|empty|missing|not\b)/.test(text),
    headed: /^((?:\S+ ){1,4}): (?:\S+ ){1,3}if /.exec(text)?.[1]!.trim() ?? null,
    speaksOf: (word) => words.some((w) => w.lower === word),
    columnCalled: words.find((w, i) => i > 1 && w.kind === 'word' && w.capital && words[i - 1]!.lower === 'column' && /^(?:a|new)$/.test(words[i - 2]!.lower) && (words[i + 1] === undefined || words[i + 1]!.kind === 'mark'))?.text ?? null,
    orders: (column) => column.toLowerCase() !== words[0]!.lower && stem(column.toLowerCase()) === words[0]!.stem && !/(?:ed|ing)$/.test(words[0]!.lower),
    columns: head.columns.map((c) => c.name),
    drops: says(/^(?:drop|remove|delete|lose|rid|without|away|need|throw|leave|except|bin|discard|erase|hide|omit|skip|kill|redundant|cut|strip|off|useless|unneeded|eliminate|scrap|ditch|dump|exclude|clear|gone)|^go$/),
    everyOne: /^(?:do|does|are|is|have|has)$/.test(words[0]!.lower) && /^(?:all|every|each|any)$/.test(words[1]?.lower ?? ''),
    shows: /^(?:show|display)$/.test(words[0]!.lower),
    counts: words[0]!.lower === 'count' && head.columns.some((c) => c.name.toLowerCase() === 'count'),
    cents: inCents(head) ? [] : words.slice(1).flatMap((w, i) => (words[i]!.kind === 'number' && CENTS.test(w.lower) ? [words[i]!.value] : [])),
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
    whichHad: /^(?:which|what)$/.test(words[0]?.lower ?? '') && says(/^(?:had|has|have)$/) && says(/^(?:nobody|no|none|nothing|nowhere)$/),
    wasDone: (word) => { const at = words.flatMap((w, i) => (w.lower === word.toLowerCase() ? [i] : [])); return at.length > 0 && at.every((i) => /^(?:was|were|been)$/.test(words[i - 1]?.lower ?? '')); },
    barely: (texts) => texts.every((t) => COMMON.has(stem(t.toLowerCase())) && words.every((w, i) => w.stem !== stem(t.toLowerCase()) || (w.kind === 'word' && !lookedBack(words, i).some((o) => LOOKED_FOR.test(o.lower) && !(/body$/.test(w.lower) && /^ha(?:s|ve)$/.test(o.lower)))))),
    ordersRows: (words[0]?.lower === 'orders' && /^(?:with|without|that|which|where|who|of|from|for|over|under)$/.test(words[1]?.lower ?? '') && vocabularyOf(head).ownNouns.has(words[0].stem) && !says(/^by$/)) || words.some((w, i) => i > 0 && w.lower === 'orders' && vocabularyOf(head).ownNouns.has(w.stem) && /^(?:of|many|the|all|these|those|our|each|which|what|every|any)$/.test(words[i - 1]!.lower)),
    manyOf: words.some((w, i) => w.lower === 'many' && words[i - 1]?.lower === 'how' && unitName(words[i + 1]?.lower ?? '') !== null && !vocabularyOf(head).ownNouns.has(words[i + 1]!.stem)),
    asNumber: words.some((w, i) => (w.lower === 'as' || (w.lower === 'be' && /^(?:should|must)$/.test(words[i - 1]?.lower ?? ''))) && words.slice(i + 1, i + 3).some((o) => /^numbers?$/.test(o.lower))),
    should: words.some((w, i) => /^(?:should|must|ought|shall)$/.test(w.lower) && !words.slice(i + 1, i + 5).some((o) => /^(?:blank|blanks|empty|emptied|cleared|removed|nothing|deleted|go|out)$/.test(o.lower))),
    byGroup: /^(?:by|per)$/.test(words[1]?.lower ?? '') && head.columns.some((c) => isNumberColumn(head, c.name) && c.name.toLowerCase().split(/[\s_]+/)[0] === words[0]?.lower),
    comparesSizes: words.some((w, i) => /^(?:than|above|over|exceeding|exceeds?|below|under|beyond)$/.test(w.lower) && !(w.lower === 'over' && /^(?:bring|carry|take|get|pull|copy|move|brought|run|go)$/.test(words[i - 1]?.lower ?? '')) && !(w.lower === 'over' && /^(?:from|to|into|here|there)$/.test(words[i + 1]?.lower ?? ''))),
    thoseWho: words.some((w, i) => w.lower === 'who' && /^(?:those|people|persons|everyone|everybody|anyone|anybody|ones|all|members|customers|somebody|someone)$/.test(words[i - 1]?.lower ?? '')),
    newColumn: /\b(?:an?|new|another|extra|own|separate) column\b/.test(text),
    oneColumn: words.some((w, i) => w.lower === 'column' && /^(?:an?|new|extra)$/.test(words[i - 1]?.lower ?? '') && (words[i + 1]?.capital || (/^(?:called|named)$/.test(words[i + 1]?.lower ?? '') && words[i + 2]?.capital))) && words.filter((w) => /^columns?$/.test(w.lower)).length === 1,
    withoutLater: words.some((w, i) => i > 0 && w.lower === 'without') && !head.columns.some((c) => /\bwithout\b/i.test(c.name)),
    below: says(/^below$/),
    perMany: words.flatMap((w, i) => (w.kind === 'number' && words[i - 1]?.lower === 'per' && w.value > 1 ? [w.value] : [])),
    saysYes: (column) => yesNoOf(head).some((y) => y.column === column),
    topGroup: head.columns.find((c) => groupsRows(c.name, { head, vocabulary: vocabularyOf(head) }) && words.some((w, i) => w.stem === stem(c.name.toLowerCase()) && (!Number.isNaN(words[i - 1]?.value ?? NaN) || /(?:est|selling|top|most)$/.test(words[i - 1]?.lower ?? ''))))?.name ?? null,
    several: says(/^(?:add|too|include|next|another|more|and|,|;|:|&|\+|plus|both|also|well|together|beside|with|or|vs|versus|against|\?)$/),
    first: says(/^(?:first|last|1st|before|after)$/),
    restSmall: /\b(?:rest|others?|remaining|small|lower|lowercase|sentence|except|only|one capital)\b/.test(text),
    innerCapitals: (column) => sampleOf(column, { head }).some((v) => /\p{Ll}.*\s\p{Lu}\p{Ll}{2}/u.test(v)),
    saysAll: /\b(?:all|every|everything|everywhere|each|whole|columns|table)\b/.test(text),
    andRows: words.some((w, i) => w.lower === 'and' && words[i + 1]?.kind === 'word' && (GENERAL_ROWS.has(words[i + 1]!.stem) || vocabularyOf(head).rowNouns.has(words[i + 1]!.stem)) && /^(?:per|by)$/.test(words[i + 2]?.lower ?? '')),
    fromOn: /\b(?:from|since) (?:\S+ ){1,3}(?:on|onwards?|forward)(?: |$|,)/.test(text),
    fromTo: fromToOf(words, head),
    namedNumbers: columnMentions(words, vocabularyOf(head)).filter((m) => m.cost < 0.35 && m.to > m.from + 1 && /^(?:numbers|nos|codes|ids)$/.test(words[m.to - 1]!.lower)).map((m) => m.column),
    byHowMuch: says(/^(?:how|by|much|many|far|difference|differences|deviation|deviate|deviates|distance|gap|minus|less|subtract|compared|compare|comparison|against|versus|vs|add|column|new|calculate|compute|work|plus|relative|from|to|each|every|its|their|beside|next|excess|margin|lies|is|are|was|were|does|do|did|call|called|show|give)$/),
    howMuch: /^(?:and )?how (?:long|far|much|many|often|old|late|heavy|big|full)\b/.test(text),
    doneOut: /\b(sold|lent|hired|rented|loaned|handed|sent|checked|signed|given|let|worn) out\b/.exec(text)?.[1] ?? null,
    onlyThose: /\bonly (?:for|of|to|in|with)? ?(?:the|those|these) (?:ones|rows|that|which|who)\b|\bonly (?:for|of|to|in|with)? ?those\b/.test(text),
    numberOf: /\bnumber of (?!the\b)/.test(text),
    daysOf: /\bdays (?:of|in|for)\b/.test(text),
    soldOf: /\b(?:how many|number of)\b/.test(text) ? head.columns.filter((c) => isNumberColumn(head, c.name) && /^\p{L}+(?:ed|old|ent|ut|ade|ought)$/iu.test(c.name) && words.some((w, i) => w.lower === c.name.toLowerCase() && /^(?:is|are|was|were|been|did|does|do|\p{L}+s)$/u.test(words[i - 1]?.lower ?? ''))).map((c) => c.name) : [],
    deeds: head.columns.filter((c) => isNumberColumn(head, c.name) && !/\s/.test(c.name) && words.some((w) => /ed$/.test(w.lower) && w.lower !== c.name.toLowerCase() && w.stem === stem(c.name.toLowerCase()))).map((c) => c.name),
    inList: (word) => words.some((w, i) => w.lower === word.toLowerCase() && words[i - 1]?.lower === ',' && words.slice(0, i).some((v) => v.lower === ':')),
    proper: /\b(?:proper|real|true|genuine) (?:dates?|numbers?)\b/.test(text),
    yesIf: /\b(?:yes|y) (?:if|when|where|for)\b/.test(text),
    timeFrom: /^(?:add )?(?:the )?(?:how many |number of )?(?:full |whole )?(?:days|weeks|months|years|hours|minutes) (?:from|between|since|until|till)\b/.test(text),
    copies: says(/^(?:copy|copies|duplicate|clone|same|again|as|from|=|equal|equals|repeat)$/),
    renames: says(/^(?:rename|call|called|named|relabel|title|titled|become|becomes|heading|retitle|name|shorten|say)$/) && !/\bname of\b/.test(text),
    stands: (held) => { const { values, inside } = vocabularyOf(head); return values.has(held.toLowerCase()) || inside.has(held.toLowerCase()); },
    dated: (column) => readsAsDate(head, column),
    blanks: says(/^(?:no|without|missing|blank|blanks|empty|lacking|lack|lacks|nothing|none|unfilled|unset)$/),
    neverBlank: (column) => head.glances?.get(column)?.blanks === 0,
    either: /^(?:is|are|was|were|did|do|does) .*\b(?:more|fewer|less)\b.*\bor\b/.test(text),
    perBoth: /\bper \S+ and \S+/.test(text),
    theirs: [...(head.others?.values() ?? [])].flatMap((o) => o.columns).map((c) => c.name).filter((name) => /\s/.test(name) && ` ${text} `.includes(` ${name.toLowerCase()} `) && findColumn(head.columns, name) === undefined),
    theirRows: [...(head.others?.keys() ?? [])].some((n) => new RegExp(`\\b(?:numbers?|counts?|how many)(?: of)?(?: the| its| their)? ${n.toLowerCase().replace(/[^a-z0-9 ]/g, '.')}\\b`).test(text)),
    theirTables: theirTables(words, head),
    thoseThere: [...(head.others?.keys() ?? [])].some((n) => new RegExp(`\\b(?:in|on|from) (?:the |our )?${n.toLowerCase().replace(/[^a-z0-9 ]/g, '.')}(?: table| list| sheet)? (?:who|that|which|with|without|having) `).test(text)),
    countsUnknown: countsUnknown(text, head),
    theirValues: theirValues(words, head),
    ofThis: (column) => words.some((w, i) => /^(?:this|that|same)$/.test(w.lower) && words[i + 1]?.stem === stem(column.toLowerCase())),
    overNumber: says(/^(?:divide|divided|ratio|quotient|add|calculate|compute|column)$/) ? [] : words.flatMap((w, i) => (w.kind === 'number' && words[i - 1]?.lower === 'over' ? [w.value] : [])),
    perTwo: words.some((w, i) => /^(?:per|by|each|every)$/.test(w.lower) && words[i + 2]?.lower === 'and' && namesColumn(words[i + 1], head) && namesColumn(words[i + 3], head)),
    texts: (column) => { const held = findColumn(head.columns, column); return held?.type === 'text' && !readsAsNumber(head, column) && (head.glances?.get(column)?.values ?? []).every(([v]) => v === '' || !/\d/.test(v)); },
    oneBreath: !words.some((w) => /^(?:and|,|;|\.|:|then|plus|also|\?|-|–)$/.test(w.lower)),
    joins: words.some((w) => /^(?:and|,|;|\.|:|then|plus|also|both|each|all|\?)$/.test(w.lower)) || words.some((w) => /^(?:columns|names|parts|two|three|four)$/.test(w.lower)),
    bounds: words.flatMap((w, i) => (w.kind === 'number' && w.value !== null && w.value !== undefined && /^(?:%|percent)$/.test(words[i + 1]?.lower ?? '') ? [w.value] : [])),
    beyond: (column, n) => { const highest = Number(head.glances?.get(column)?.highest ?? NaN); return Number.isFinite(highest) && n > highest; },
    percents: words.flatMap((w, i) => (w.kind === 'number' && /^(?:%|percent)$/.test(words[i + 1]?.lower ?? '') && words[i + 2]?.lower === 'of' ? [w.value] : [])),
    whatIs: /^(?:what is|what still|what's|whats|what are|what was|what were|how much|how many)\b/.test(text),
    heads: HEADS_ASKED.some(([asked, called]) => asked.test(text) && head.columns.some((c) => isNumberColumn(head, c.name) && called.test(c.name))),
    people: /\b(?:how many|number of) (?:different |distinct )?(?:people|persons)\b/.test(text),
    named: /^(?:please )?(?:list|name) /.test(text),
    without: says(/^(?:not|without|except|excluding|but|other|neither|nor|isn't|aren't|wasn't|weren't|don't|remove|drop|delete|leave|out)$/),
    fails: says(/^(?:missed|skipped|failed|lost)$/),
    owes: says(/^(?:owe|owes|owed|owing|outstanding|unpaid)$/),
    then: says(/^(?:then|afterwards|after|finally)$/),
    each: words.some((w, i) => /^(?:by|each|every|per|when|day|days|daily|date|dates|which|what)$/.test(w.lower) && !(w.lower === 'days' && words[i - 1]?.lower === 'in')),
    nowhere: (column, texts) => { const glance = head.glances?.get(column), held = glance?.values ?? []; return !!glance && held.length > 0 && held.reduce((n, [, k]) => n + k, 0) >= glance.rows - glance.blanks && !held.some(([v]) => texts.some((t) => v.toLowerCase().includes(t.toLowerCase()))); },
    corrects: /^(?:no|sorry|oh|wait|nope|actually) [,.!:]/.test(text),
    lists: (column) => { const held = head.glances?.get(column)?.values ?? [], all = held.reduce((n, [v, k]) => n + (v.trim() === '' ? 0 : k), 0); return all > 0 && held.reduce((n, [v, k]) => n + (/[;|]/.test(v) ? k : 0), 0) >= all * 0.2; },
    only: /^(?:please )?(?:show|keep|list|give me|leave)(?: me)? only\b|^only\b/.test(text),
    sorts: /^(?:please )?(?:sort|order|arrange)\b/.test(text),
    unknown: /(?:,|\band|\bor|;|:|\belse) (?:\")?unknown (?:if|when|where|for|otherwise|without|with no)\b/.test(text),
    multiplies: words.some((w, i) => /^(?:times|multiplied|divided|×|\*)$/.test(w.lower) && (words[i - 1]?.lower.length ?? 0) > 2 && namesColumn(words[i - 1], head) && /^(?:number|word|column)$/.test(words[i + 1]?.kind ?? '')),
    keeps: says(/^(?:keep|only|just|those|show|leave|drop|remove|rest|others)$/),
    ofColumns: says(/^columns$/) && !says(/^rows$/),
    onRows: onEachRow(words, head),
  };
}

const asksFor = (words: readonly Token[]): boolean => !orders(words) && (/^(?:which|who|whose|how)$/.test(words[0]!.lower) || (/^(?:did|do|does|is|are|was|were|has|have|what)$/.test(words[0]!.lower) && words.at(-1)!.lower === '?'));

/** 'Which have no date? Remove them': what is asked first is answered by what is to be done. */
function orders(words: readonly Token[]): boolean {
  const at = words.findIndex((w) => /^[?;]$/.test(w.lower));
  const next = words.slice(at + 1).find((w) => !/^(?:please|then|and|just|now|so|simply|kindly)$/.test(w.lower));
  return at > 0 && next !== undefined && /^(?:remove|drop|delete|keep|replace|put|make|turn|fill|write|add|set|throw|mark|flag|rename|convert|change|sort|split|blank|clear|round|leave)$/.test(next.lower);
}

/** The few words of the same sentence before one. */
function lookedBack(words: readonly Token[], at: number): readonly Token[] {
  const before = words.slice(Math.max(0, at - 5), at), end = before.findLastIndex((w) => /^[.?!]$/.test(w.lower));
  return before.slice(end + 1);
}

/** Is a word one of some column's name? */
const namesColumn = (word: Token | undefined, head: CheckedHead): boolean => word?.kind === 'column' || (word?.kind === 'word' && head.columns.some((c) => c.name.toLowerCase().split(/[\s_]+/).some((part) => stem(part) === word.stem)));

/** The texts that stand in a column, without blanks; none where there are too many to know. */
const heldTexts = (head: CheckedHead, column: string): readonly string[] => (head.glances?.get(column)?.values ?? []).map(([v]) => v.trim()).filter((v) => v !== '');

/** Is all that is counted something that is neither a row of the table nor in it? */
function countsUnknown(text: string, head: CheckedHead): boolean {
  const noun = /^(?:count|how many|(?:the )?number of) (?:the |our |all |all the )?(\p{L}+)(?: (?:are|is) there| do we have| have we got| in (?:all|total))? ?\??$/u.exec(text)?.[1];
  const { values, inside, ownNouns, rowNouns } = vocabularyOf(head);
  return noun !== undefined && !ownNouns.has(stem(noun)) && !rowNouns.has(stem(noun)) && !GENERAL_ROWS.has(stem(noun)) && !values.has(noun) && !inside.has(noun) && !head.columns.some((c) => c.name.toLowerCase().split(/[\s_]+/).some((part) => stem(part) === stem(noun)));
}

/** 'On each row', 'next to every lot'. */
function onEachRow(words: readonly Token[], head: CheckedHead): boolean {
  const nouns = vocabularyOf(head).ownNouns;
  return words.some((w, i) => /^(?:on|to|beside|next|for|in)$/.test(w.lower) && words.slice(i + 1, i + 3).some((e, k) => {
    const noun = words[i + k + 2]?.stem ?? '';
    return /^(?:each|every)$/.test(e.lower) && (noun === 'row' || ((!/^(?:for|in)$/.test(w.lower) || (i === 0 && /^(?:show|give|add|say|write|put|note|enter)$/.test(words[i + k + 3]?.lower ?? ''))) && nouns.has(noun)));
  }));
}

/** Words for anybody and anything. */
const GENERAL_WORDS = new Set('people persons person anyone someone everyone thing things others other all none nothing rest whole week month year day time'.split(' ').map(stem));

/** Values of other tables among the words, wherever nothing of this table may be meant. */
function theirValues(words: readonly Token[], head: CheckedHead): Said['theirValues'] {
  const { values, inside } = vocabularyOf(head);
  const ours = new Set(head.columns.flatMap((c) => c.name.toLowerCase().split(/\s+/)));
  return [...(head.others ?? [])].flatMap(([table, other]) => words.flatMap((w) => {
    if (w.kind !== 'word' || w.lower.length < 4 || (GENERAL_WORDS.has(w.stem) && (!w.capital || w.from === 0)) || values.has(w.lower) || inside.has(w.lower) || ours.has(w.lower) || other.columns.some((c) => c.name.toLowerCase().includes(w.lower))) return [];
    return (vocabularyOf(other).values.get(w.lower) ?? []).map((v) => ({ table, text: v.text }));
  }));
}

/** Other tables that are named by their whole name, wherever nothing of this table may be meant. */
function theirTables(words: readonly Token[], head: CheckedHead): string[] {
  const { values, inside, ownNouns, rowNouns } = vocabularyOf(head);
  const ours = new Set(head.columns.flatMap((c) => c.name.toLowerCase().split(/[\s_]+/).map(stem)));
  return [...(head.others?.keys() ?? [])].filter((name) => {
    const own = name.toLowerCase().split(/[\s_-]+/).map(stem);
    return own.length > 0 && own.every((s) => s.length > 2 && !ours.has(s) && !ownNouns.has(s) && !rowNouns.has(s)) && words.some((_, i) => own.every((s, k) => { const w = words[i + k]; return w?.kind === 'word' && w.stem === s && !values.has(w.lower) && !inside.has(w.lower); }));
  });
}

/** 'From felling to sale': the columns on both sides. */
function fromToOf(words: readonly Token[], head: CheckedHead): readonly [string, string] | null {
  const from = words.findIndex((w) => w.lower === 'from'), to = words.findIndex((w, i) => i > from && /^(?:to|till|until)$/.test(w.lower));
  if (from < 0 || to < 0 || to > from + 4) return null;
  const mentions = columnMentions(words, vocabularyOf(head)).filter((m) => m.cost < 0.75).sort((a, b) => a.cost - b.cost);
  const behind = (at: number): string | undefined => mentions.find((m) => m.from > at && m.from <= at + 2)?.column;
  const [a, b] = [behind(from), behind(to)];
  return a !== undefined && b !== undefined && a !== b ? [a, b] : null;
}
