import { between, choice, columnName, columnNames, field, forEach, later, list, mapped, numeral, oneOf, optional, quoted, record, word, type Syntax } from '../language/exact';
import { ADDRESS_PARTS } from '../values/address';
import { CLEANINGS } from '../values/clean';
import { MONTHS } from '../values/date';
import { FIGURE_STYLES, figureSample, readFigureSample, type FigureFormat } from '../values/figure';
import { zoneOf } from '../values/zones';
import { PERSON_PARTS } from '../values/person';
import { FIND_WORDS, SORTS, type Findable } from '../values/find';
import type { Ends } from '../values/range';
import type { Along, BandKey, Bounds, Case, Condition, Expression, Holidays } from './expression';

type Of<K extends Expression['kind']> = Extract<Expression, { kind: K }>;
type Cond<K extends Condition['kind']> = Extract<Condition, { kind: K }>;

/** Widens the syntax of one kind of node to all nodes: what it cannot say is null. */
const node = <K extends string, T extends { kind: K }, N extends { kind: string }>(kind: K, syntax: Syntax<T>): Syntax<N> =>
  mapped(syntax, (value) => value as unknown as N, (value) => (value.kind === kind ? (value as unknown as T) : null));

const expr = <K extends Expression['kind']>(kind: K, ...parts: Parameters<typeof record>[1][]): Syntax<Expression> =>
  node<K, Of<K>, Expression>(kind, record<Of<K>>({ kind } as unknown as Partial<Of<K>>, ...parts));
const cond = <K extends Condition['kind']>(kind: K, ...parts: Parameters<typeof record>[1][]): Syntax<Condition> =>
  node<K, Cond<K>, Condition>(kind, record<Cond<K>>({ kind } as unknown as Partial<Cond<K>>, ...parts));

const self: Syntax<Expression> = later(() => expression);
const inBrackets = between('(', self, ')');

const simple: Syntax<Expression> = choice<Expression>(
  expr('column', field('name', columnName)),
  expr('number', field('value', numeral)),
  expr('text', field('value', quoted)),
  expr('date', 'the date ', field('value', quoted)),
  expr('blank', 'blank'),
);
const atom: Syntax<Expression> = choice(simple, inBrackets);

const OPERATORS = [['+', ' plus '], ['-', ' minus '], ['*', ' times '], ['/', ' divided by '], ['^', ' to the power of ']] as const;
const SPANS = [['days', 'whole days'], ['weeks', 'whole weeks'], ['months', 'whole months'], ['years', 'whole years'], ['hours', 'hours'], ['minutes', 'minutes'], ['working days', 'whole working days']] as const;
const PARTS = [['year', 'year'], ['quarter', 'quarter'], ['month', 'month'], ['week', 'week'], ['day', 'day'], ['weekday', 'weekday'], ['month name', 'month name'], ['hour', 'hour'], ['date', 'date'], ['time', 'time of day'], ['month in its year', 'month with its year'], ['quarter in its year', 'quarter with its year']] as const;
const MATHS = [['absolute value', 'absolute value'], ['square root', 'square root'], ['natural logarithm', 'natural logarithm'], ['decimal logarithm', 'decimal logarithm']] as const;
const START_MONTHS = MONTHS.map((name, i) => [i + 1, name] as const);
const TOTALS = [['sum', 'sum'], ['mean', 'mean'], ['lowest', 'lowest'], ['highest', 'highest'], ['count', 'count'], ['distinct', 'number of different values'], ['median', 'median'], ['spread', 'spread'], ['lower quartile', 'lower quartile'], ['upper quartile', 'upper quartile'], ['first', 'first value'], ['last', 'last value']] as const;
const FINDS = SORTS.map((sort) => [sort, FIND_WORDS[sort]] as const);
const findable: Syntax<Findable> = choice<Findable>(
  mapped(oneOf(FINDS), (sort): Findable => ({ kind: 'sort', sort }), (f) => (f.kind === 'sort' ? f.sort : null)),
  mapped(between('code like ', quoted, ''), (shape): Findable => ({ kind: 'shape', shape }), (f) => (f.kind === 'shape' ? f.shape : null)),
  mapped(between('word ', list(quoted, 1, ' or '), ''), (words): Findable => ({ kind: 'words', words }), (f) => (f.kind === 'words' ? f.words : null)),
);
const ACROSS = [['sum', 'sum'], ['mean', 'mean'], ['lowest', 'lowest'], ['highest', 'highest']] as const;
const CASES = [['upper', 'in capitals'], ['lower', 'in lower case'], ['title', 'in title case'], ['sentence', 'in sentence case'], ['name', 'spelt as a name']] as const;

/** A way to write figures, shown by one. */
const FIGURE_SAMPLES = FIGURE_STYLES.flatMap((style) => Array.from({ length: 10 }, (_, places) => figureSample({ style, places }))).filter((s, i, all) => all.indexOf(s) === i).map((sample) => [sample, `"${sample}"`] as const);
const figureFormat: Syntax<FigureFormat> = mapped(oneOf(FIGURE_SAMPLES), (sample) => readFigureSample(sample)!, figureSample);

/** A time zone under any of its names. */
const zone: Syntax<string> = mapped(quoted, (name) => zoneOf(name) ?? name, (name) => name);

const SHIFTS = [['working days', 'working days'], ['days', 'days'], ['weeks', 'weeks'], ['months', 'months'], ['years', 'years'], ['hours', 'hours'], ['minutes', 'minutes']] as const;
/** Days that are no working days: those of another table. */
const holidays: Syntax<Holidays> = record<Holidays>({}, ' leaving out ', field('under', columnName), ' of the table ', field('table', quoted));

/** The order that a figure follows. */
const along: Syntax<Along> = choice<Along>(
  mapped(between(', in the order of ', columnName, ' from high to low'), (column): Along => ({ column, down: true }), (a) => (a.down ? a.column : null)),
  mapped(between(', in the order of ', columnName, ''), (column): Along => ({ column, down: false }), (a) => (a.down ? null : a.column)),
);

/** Where bands begin and end. */
const twoColumns = (ends: Ends, before: string, between: string): Syntax<Bounds> => mapped(record<{ from: string; to: string }>({}, before, field('from', columnName), between, field('to', columnName)), ({ from, to }): Bounds => ({ kind: 'columns', from, to, ends }), (b) => (b.kind === 'columns' && b.ends === ends ? { from: b.from, to: b.to } : null));
const bounds: Syntax<Bounds> = choice<Bounds>(
  mapped(record<{ from: string; to: string; ends: string }>({}, 'from ', field('from', columnName), ' to ', field('to', columnName), ', its ends as in ', field('ends', columnName)), (b): Bounds => ({ kind: 'told', ...b }), (b) => (b.kind === 'told' ? { from: b.from, to: b.to, ends: b.ends } : null)),
  twoColumns('both', 'from ', ' to '),
  twoColumns('from', 'from ', ' to under '),
  twoColumns('to', 'over ', ' to '),
  twoColumns('neither', 'over ', ' to under '),
  mapped(between('from ', columnName, ' to the next'), (from): Bounds => ({ kind: 'steps', from }), (b) => (b.kind === 'steps' ? b.from : null)),
  mapped(between('within ', columnName, ''), (column): Bounds => ({ kind: 'text', column }), (b) => (b.kind === 'text' ? b.column : null)),
);
const bandKey: Syntax<BandKey> = record<BandKey>({}, field('under', columnName), ' is ', field('of', later(() => atom)));

const caseSyntax: Syntax<Case> = record<Case>({}, 'if ', field('when', later(() => condition)), ' then ', field('then', later(() => operand)));

/** How many rows there are: the count of a constant. */
const rowsCounted: Syntax<Expression> = mapped(between('the number of rows', record<{ by: readonly string[] }>({}, forEach('by')), ''), ({ by }): Expression => ({ kind: 'total', fn: 'count', of: { kind: 'number', value: 1 }, by }), (e) =>
  e.kind === 'total' && e.fn === 'count' && e.of.kind === 'number' && e.of.value === 1 ? { by: e.by } : null);

const core: Syntax<Expression> = choice<Expression>(
  mapped(word('the number of all rows together'), (): Expression => ({ kind: 'total', fn: 'count', of: { kind: 'number', value: 1 }, by: [], whole: true }), (e) => (e.kind === 'total' && e.whole && e.fn === 'count' && e.of.kind === 'number' && e.of.value === 1 ? undefined : null)),
  mapped(record<Pick<Extract<Expression, { kind: 'total' }>, 'fn' | 'of'>>({}, 'the ', field('fn', oneOf(TOTALS)), ' of ', field('of', atom), ' over all rows together'), ({ fn, of }): Expression => ({ kind: 'total', fn, of, by: [], whole: true }), (e) => (e.kind === 'total' && e.whole ? { fn: e.fn, of: e.of } : null)),
  rowsCounted,
  expr('op', field('left', atom), field('op', oneOf(OPERATORS)), field('right', atom)),
  expr('span', 'the ', field('unit', oneOf(SPANS)), ' from ', field('from', atom), ' to ', field('to', atom), optional('holidays', holidays)),
  mapped(
    record<Omit<Extract<Expression, { kind: 'shifted' }>, 'kind' | 'by'>>({}, '1 ', field('unit', oneOf(SHIFTS.map(([unit, word]) => [unit, word.replace(/s$/, '')] as const))), ' ', field('side', oneOf([['after', 'after'], ['before', 'before']])), ' ', field('of', atom), optional('holidays', holidays)),
    (e): Expression => ({ kind: 'shifted', by: { kind: 'number', value: 1 }, ...e }),
    (e) => (e.kind === 'shifted' && e.by.kind === 'number' && e.by.value === 1 ? { unit: e.unit, side: e.side, of: e.of, ...(e.holidays && { holidays: e.holidays }) } : null),
  ),
  expr('shifted', field('by', atom), ' ', field('unit', oneOf(SHIFTS)), ' ', field('side', oneOf([['after', 'after'], ['before', 'before']])), ' ', field('of', atom), optional('holidays', holidays)),
  expr('part', 'the ', field('part', oneOf(PARTS)), ' of ', field('of', atom)),
  expr('total', 'the ', field('fn', oneOf(TOTALS)), ' of ', field('of', atom), ' over the rows', forEach('by')),
  mapped(between('the number of the row', record<{ by: readonly string[]; along?: Along }>({}, forEach('by'), optional('along', along)), ''), (said): Expression => ({ kind: 'over', fn: 'number', of: { kind: 'number', value: 1 }, ...said }), (e) => (e.kind === 'over' && e.fn === 'number' && e.of.kind === 'number' && e.of.value === 1 ? { by: e.by, ...(e.along && { along: e.along }) } : null)),
  expr('over', field('fn', oneOf([['running', 'the running total of '], ['previous', 'the row above of '], ['rank', 'the rank, highest first, of '], ['rank up', 'the rank, lowest first, of '], ['number', 'the place among the rows with a value of '], ['percentile', 'the percentile of ']])), field('of', atom), forEach('by'), optional('along', along)),
  expr('moving', 'the ', field('fn', oneOf(ACROSS)), ' of ', field('of', atom), ' over the last ', field('rows', numeral), ' rows', forEach('by')),
  expr('ago', field('of', atom), ' ', field('months', numeral), ' months before by ', field('date', columnName), forEach('by')),
  expr('across', 'the ', field('fn', oneOf(ACROSS)), ' across ', field('of', list(atom))),
  expr('orElse', field('of', atom), ', or ', field('otherwise', atom), ' where it is blank'),
  expr('join', field('of', list(atom, 2)), ' joined with ', field('separator', quoted)),
  expr('cased', field('of', atom), ' ', field('letters', oneOf(CASES))),
  expr('piece', 'the text ', field('side', oneOf([['before', 'before'], ['after', 'after']])), ' the ', field('which', oneOf([['first', 'first'], ['last', 'last']])), ' ', field('mark', quoted), optional('or', between(' or ', list(quoted, 1, ' or ', ' or '), '')), ' in ', field('of', atom)),
  expr('written', field('of', list(atom, 2, ' followed by ', ' followed by '))),
  expr('slot', 'piece ', field('n', numeral), ' of ', field('of', atom), ' cut at ', field('mark', quoted)),
  expr('letters', 'the ', field('side', oneOf([['first', 'first'], ['last', 'last']])), ' ', field('count', numeral), ' characters of ', field('of', atom)),
  expr('initials', 'the initials of ', field('of', atom)),
  expr('inside', 'the text between ', field('open', quoted), ' and ', field('close', quoted), ' in ', field('of', atom)),
  expr('found', field('which', oneOf([['first', 'the first '], ['last', 'the last '], ['all', 'every '], ['count', 'the number of times there is a ']])), field('what', findable), ' in ', field('of', atom)),
  expr('fiscal', 'the financial year from ', field('start', oneOf(START_MONTHS)), ' of ', field('of', atom)),
  expr('maths', 'the ', field('fn', oneOf(MATHS)), ' of ', field('of', atom)),
  expr('size', 'the number of ', field('what', oneOf([['characters', 'characters'], ['words', 'words']])), ' in ', field('of', atom)),
  expr('pieces', 'the number of pieces of ', field('of', atom), ' cut at ', field('mark', quoted)),
  expr('padded', field('of', atom), ' filled up to ', field('length', numeral), ' characters with ', field('fill', quoted)),
  expr('person', 'the ', field('part', oneOf(PERSON_PARTS)), ' of the person in ', field('of', atom)),
  expr('address', 'the ', field('part', oneOf(ADDRESS_PARTS)), ' of the address in ', field('of', atom)),
  expr('country', 'the country of the place in ', field('of', atom)),
  expr('feeling', 'the feeling in ', field('of', atom)),
  expr('zoned', 'the time in ', field('to', zone), ' of ', field('of', atom), ' on the clock of ', field('from', zone)),
  mapped(record<{ of: Expression; format: FigureFormat }>({}, field('of', atom), ' written as in ', field('format', figureFormat)), ({ of, format }): Expression => ({ kind: 'figure', ...format, of }), (e) => (e.kind === 'figure' ? { of: e.of, format: { style: e.style, places: e.places } } : null)),
  expr('lookup', field('fn', oneOf([['only', 'the '], ['sum', 'the sum of all '], ['mean', 'the mean of all '], ['lowest', 'the lowest '], ['highest', 'the highest '], ['count', 'the number of ']])), field('value', columnName), ' in the table ', field('table', quoted), ' where ', field('under', columnName), ' is ', optional('loosely', oneOf([[true, 'spelled like ']])), field('of', atom)),
  expr('band', 'the ', field('value', columnName), ' in the table ', field('table', quoted), ' where ', field('of', atom), ' lies ', field('bounds', bounds), field('keys', choice(between(' and ', list(bandKey, 1, ' and ', ' and '), ''), mapped(word(''), () => [] as readonly BandKey[], (v) => (v.length === 0 ? undefined : null))))),
  expr('cleaned', field('of', atom), ' ', field('way', oneOf(CLEANINGS))),
  expr('measure', field('of', atom), ' measured in ', field('unit', quoted)),
  expr('clock', 'the minute of the day of ', field('of', atom)),
  expr('lapse', 'the ', field('unit', oneOf([['hours', 'hours'], ['minutes', 'minutes']])), ' by the clock from ', field('from', atom), ' to ', field('to', atom)),
  expr('moment', field('day', atom), ' at the time ', field('time', atom)),
  atom,
);

const MODES = [['nearest', ' rounded to '], ['up', ' rounded up to '], ['down', ' rounded down to ']] as const;
const places: Syntax<number> = choice(
  mapped(word('1 decimal'), () => 1, (n) => (n === 1 ? undefined : null)),
  between('', numeral, ' decimals'),
);
const rounded: Syntax<Expression> = expr('round', field('of', core), field('mode', oneOf(MODES)), field('places', places));
const operand: Syntax<Expression> = choice(rounded, core);

/** An expression as Kulfi says it: '(‹Charged› minus ‹Cost›) divided by ‹Hours› rounded to 2 decimals'. */
export const expression: Syntax<Expression> = choice(
  expr('choose', field('cases', list(caseSyntax, 1, ', ')), ', otherwise ', field('otherwise', operand)),
  operand,
);

const COMPARISONS = [['<', ' is less than '], ['<=', ' is at most '], ['>', ' is more than '], ['>=', ' is at least '], ['=', ' equals '], ['<>', ' differs from ']] as const;
const TESTS = [['contains', ' contains '], ['mentions', ' mentions the word '], ['starts', ' starts with '], ['ends', ' ends with ']] as const;
const texts = list(quoted, 1, ' or ');

/** Sides of a condition need brackets unless they are one value or one operation, or 'and' could be read two ways. */
const side: Syntax<Expression> = choice(expr('op', field('left', atom), field('op', oneOf(OPERATORS)), field('right', atom)), atom);
const among = (verb: string) => cond('among', field('of', side), verb, field('texts', texts));
const empty = (verb: string) => cond('empty', field('of', side), verb);
const negated = (positive: Syntax<Condition>): Syntax<Condition> =>
  mapped(positive, (of): Condition => ({ kind: 'not', of }), (value) => (value.kind === 'not' ? value.of : null));

const test: Syntax<Condition> = choice<Condition>(
  cond('compare', field('left', side), field('op', oneOf(COMPARISONS)), field('right', side)),
  among(' is '),
  negated(among(' is not ')),
  cond('text', field('of', side), field('test', oneOf(TESTS)), field('texts', texts)),
  cond('listed', field('of', side), optional('loosely', oneOf([[true, ' in some spelling']])), ' stands under ', field('under', columnName), ' in the table ', field('table', quoted)),
  cond('holds', field('of', side), ' holds a ', field('what', findable)),
  cond('outlying', field('of', side), ' lies more than ', field('times', numeral), ' ', field('measure', oneOf([['quartile ranges', 'quartile ranges'], ['standard deviations', 'standard deviations']])), ' outside', field('by', choice(between(' (for each ', columnNames, ')'), mapped(word(''), () => [] as readonly string[], (v) => (v.length === 0 ? undefined : null))))),
  empty(' is blank'),
  negated(empty(' is filled')),
  cond('not', 'not ', field('of', between('(', later(() => condition), ')'))),
);
const inner: Syntax<Condition> = choice(test, between('[', later(() => condition), ']'));

/** A condition as Kulfi says it: '‹Status› is "rejected" or "void" and ‹Kg› is at least 20'. */
export const condition: Syntax<Condition> = choice<Condition>(
  cond('all', field('of', list(inner, 2, ' and ', ' and '))),
  cond('any', field('of', list(inner, 2, ' or else ', ' or else '))),
  inner,
);

