import { readsAsDate, readsAsNumber } from '../../formula/check';
import { blank, byPercent, column, columnsOf, number, op, type Condition, type Expression } from '../../formula/expression';
import { plans, type Act, type Context } from '../../language/acts';
import { rule } from '../../language/chart';
import { oneOf } from '../../language/grammar/conditions/make';
import { sortOf } from '../../language/grammar/conditions/texts';
import { quantity } from '../../language/grammar/roles';
import { columnOf } from '../../table/table';
import { isDate, isQuantity } from '../../table/column';
import { readDate } from '../../values/date';
import type { Filling } from '../fill/step';

/* A column put in the place of what it was: by a formula over itself, or by a value in some of its rows. */

const set = (name: string, as: Expression, where?: Condition): Act => plans({ step: 'calculate', name, as, ...(where ? { where } : {}), replace: true });

/** A formula over the column itself takes its place. */
const anew = (name: string, as: Expression): Act | null => (as.kind !== 'column' && as.kind !== 'number' && columnsOf(as).includes(name) ? set(name, as) : null);

/** What is to stand in a column, as the column can hold it; null where it cannot. */
function valueFor(name: string, filling: Filling, { head }: Context): Expression | null {
  if (filling.kind === 'column') return filling.name === name ? null : column(filling.name);
  if (filling.kind !== 'value') return null;
  const { type } = columnOf(head, name), n = Number(filling.text);
  if (isQuantity(type)) return filling.text.trim() !== '' && Number.isFinite(n) ? number(n) : null;
  if (isDate(type)) { const date = readDate(filling.text); return date ? { kind: 'date', value: filling.text } : null; }
  return { kind: 'text', value: filling.text };
}

/** A value in the rows of a condition. A condition over the column's own blanks is a filling, and said so elsewhere. */
function inRows(name: string, filling: Filling, where: Condition, x: Context): Act | null {
  const as = valueFor(name, filling, x);
  return as && !(where.kind === 'empty' && columnsOf(where).includes(name)) ? set(name, as, where) : null;
}

interface Altered { readonly name: string; readonly as: Expression }
/** A column and a number, as one kind of arithmetic over itself. */
const over = (name: string, x: Context, make: (e: Expression) => Expression): Altered | null => {
  const e = quantity(name, x);
  return e && !readsAsDate(x.head, name) && readsAsNumber(x.head, name) ? { name, as: make(e) } : null;
};
/** A column so many per cent, or so much, higher or lower. */
const byRate = (sign: '+' | '-', name: string, percent: number, x: Context): Altered | null => over(name, x, (e) => byPercent(sign, e, percent));
const byAmount = (sign: '+' | '-', name: string, n: number, x: Context): Altered | null => over(name, x, (e) => op(sign, e, number(n)));
/** The same in some rows only. */
const setIn = (altered: Altered | null, where: Condition | null): Act | null => altered && where && set(altered.name, altered.as, where);

const VERB = 'set|change|update|correct|amend|overwrite|switch|put|make|turn|write|enter|alter|adjust';
const THE = 'the|its|their|every|all? values|value|cells|entry|entries? of|in? the?';
const WHERE = 'where|wherever|whenever|when|if|for|on|of|in|with|whose';

/** Cells that hold nothing of the sort that their column is for are left blank. */
function onlyProper(columns: readonly string[], x: Context): Act | null {
  const [name, ...others] = columns;
  const what = name === undefined || others.length ? null : sortOf(name, x);
  return what && set(name!, { kind: 'choose', cases: [{ when: { kind: 'holds', what, of: column(name!) }, then: column(name!) }], otherwise: blank });
}

/** Nothing in the cells that hold a value. */
function emptied(name: string, { n, t }: { n: number | null; t: string }, x: Context): Act | null {
  const figure = n ?? (t.trim() !== '' && Number.isFinite(Number(t)) ? Number(t) : null);
  if (figure !== null && readsAsNumber(x.head, name)) return set(name, blank, { kind: 'compare', op: '=', left: column(name), right: number(figure) });
  // A text among numbers is said when they are turned into numbers.
  return readsAsNumber(x.head, name) || isQuantity(columnOf(x.head, name).type) || isDate(columnOf(x.head, name).type) ? null : set(name, blank, { kind: 'among', of: column(name), texts: [t] });
}

/** A column that says yes where something stood in it, else no. */
const yesWhereFilled = (name: string): Act => set(name, { kind: 'choose', cases: [{ when: { kind: 'empty', of: column(name) }, then: { kind: 'text', value: 'no' } }], otherwise: { kind: 'text', value: 'yes' } });

export const setPhrases = [
  // 'Turn paid on into yes or no: yes if there is a date, no if it's empty'
  rule('thereIs', "it|there|that's|there's? is|are|has|stands been? an? date|value|entry|something|anything|one|number|name|text|figure|amount in|there|given|entered|it?", () => true, 0),
  rule('thereIs', 'it|that|they? ~be? ~filledWord', () => true, 0),
  rule('thereIs', 'a|an|any? date|value|entry|something|anything', () => true, 0.1),
  rule('clause', 'turn|make|change|convert|set|put $col:c into|to|as? a? yes or|/|and no ,|:|;|- yes ~if|~wherever $thereIs ,|;|and? no ~if|~wherever|~otherwise it|there|that? is|are|stays|was? ~blankWord|nothing|none|no|not|missing|there? date|value|entry|there?', ({ c }) => yesWhereFilled(c), -0.6),
  rule('clause', 'turn|make|change|convert|set|put $col:c into|to|as? a? yes or|/|and no ,|:|;|- yes ~if|~wherever $thereIs ,|;|and? no ~otherwise', ({ c }) => yesWhereFilled(c), -0.6),
  // 'Whatever in email is not a proper address should be emptied'
  rule('clause', "whatever|anything|everything|all|those|values|entries|cells|addresses|what in|under|of the? $cols:c that|which? isn't|aren't an? real|proper|valid|correct|genuine|right? $word? ,? ~should|is|are|to? ~be? left|made|set|to|be? ~blankWord|emptied|blanked|cleared|removed|deleted|out", ({ c }, x: Context) => onlyProper(c, x), -0.2),
  rule('clause', 'whatever|anything|everything|all|those|values|entries|cells|addresses|what in|under|of the? $cols:c that|which? ~be? not an? real|proper|valid|correct|genuine|right? $word? ,? ~should|is|are|to? ~be? left|made|set|to|be? ~blankWord|emptied|blanked|cleared|removed|deleted|out', ({ c }, x: Context) => onlyProper(c, x), -0.2),
  rule('clause', '~drop|blank|empty|clear|delete out? the? invalid|wrong|malformed|broken|improper $cols:c', ({ c }, x: Context) => onlyProper(c, x), -0.2),
  rule('clause', "blank|empty|clear|wipe out? whatever|anything|everything|all|those|values|entries|cells|addresses? in|under|of? the? $cols:c that|which isn't|aren't|is|are not? an? real|proper|valid|correct|genuine|right? $word?", ({ c }, x: Context) => onlyProper(c, x), -0.2),
  // 'Empty paid where it is 0', 'a 0 in paid should be blank'
  rule('thatValue', '$num:n', ({ n }) => ({ n, t: String(n) }), 0),
  rule('thatValue', 'zeros|zeroes|zero|noughts|nought', () => ({ n: 0, t: '0' }), 0),
  rule('thatValue', '$value:v', ({ v }) => ({ n: null, t: v.text }), 0),
  rule('thatValue', '$text:t', ({ t }) => ({ n: null, t }), 0),
  ...[
    `${VERB}|leave|let ${THE} $col:c as|to|be|stay? ~blankWord ~if|~wherever it|they|that|this|there|the? cell|value? ~be|says|say|reads|read|shows|equals only|just? an? $thatValue:v`,
    `blank|empty|clear|wipe|erase out? ${THE} $col:c column|field|cells|cell? ~if|~wherever it|they|that|this|there|the? cell|value? ~be|says|say|reads|read|shows|equals only|just? an? $thatValue:v`,
    `~if|~wherever $col:c ~be|says|say|reads|read|shows|equals an? $thatValue:v ,? leave|make|set|put|let|turn|keep it|that|them|the? cell|cells|column? as|to|be|stay? ~blankWord`,
    '(an|a|any|every|all|the)? $thatValue:v in|under|of the? $col:c column? ~should ~be ~blankWord',
    '(an|a|any|every|all|the)? $thatValue:v in|under|of the? $col:c column? is|are|means|mean|counts|count (to be)? as? ~blankWord',
    'treat|read|count|take|regard (an|a|any|every|all|the)? $thatValue:v in|under|of the? $col:c column? as|like|to|for (being)? ~blankWord',
    'blank|empty|clear|wipe out? (an|a|any|every|all|the)? $thatValue:v in|under|of the? $col:c',
    '^$col:c :|, (an|a|any|every|all|the)? $thatValue:v ~should|is|are|means|becomes|to? be|become? ~blankWord',
  ].map((said) => rule('clause', said, ({ c, v }, x: Context) => emptied(c, v, x), -0.7)).flat(),
  // 'Fill missing end dates with start date plus 6 weeks'
  rule('clause', 'fill|complete|replace|set|put in|up? the? ~blankWord $col:c with|by|to|as the? $formula:e', ({ c, e }) => (e.kind === 'column' || e.kind === 'number' || e.kind === 'text' || columnsOf(e).length === 0 || columnsOf(e).includes(c) ? null : set(c, { kind: 'orElse', of: column(c), otherwise: e })), -0.3),
  rule('clause', 'fill|complete|replace|set|put in|up? the? ~blankWord $col:c with|by|to|as the? $shifted:e', ({ c, e }) => (columnsOf(e).includes(c) ? null : set(c, { kind: 'orElse', of: column(c), otherwise: e })), -0.4),
  // By a formula over itself
  rule('clause', `${VERB}|let|replace ${THE} $col:c to|with|by|be|as|become|equal|equals|=|: to? the? $formula:e`, ({ c, e }) => anew(c, e), -0.3),
  rule('clause', `^$col:c = the? $formula:e`, ({ c, e }) => anew(c, e), 0.3),
  rule('clause', `update|set|adjust|recalculate|change $col:c :|,|=|-|– the? $formula:e`, ({ c, e }) => anew(c, e), -0.4),
  rule('clause', `$col:c becomes|become|turns|is|gets now|into|to? the? $formula:e`, ({ c, e }) => anew(c, e), -0.3),
  rule('clause', `$col:c ~should now? be|become|read|equal the? $formula:e`, ({ c, e }) => anew(c, e), -0.3),
  // Said to be set anew, a column may be made of others.
  rule('clause', `set|update|change|overwrite|recalculate|recompute ${THE} $col:c to|with|by|as|from|=|: to? the? $formula:e`, ({ c, e }) => (e.kind !== 'column' && e.kind !== 'number' && columnsOf(e).length > 0 ? set(c, e) : null), -0.1),
  rule('clause', '^$col:c = the? $formula:e', ({ c, e }) => (e.kind !== 'column' && e.kind !== 'number' && columnsOf(e).length > 0 && !columnsOf(e).includes(c) ? set(c, e) : null), 0.9),
  rule('timesAs', 'twice|double', () => 2, 0),
  rule('timesAs', 'half', () => 0.5, 0),
  rule('timesAs', 'three|3 times', () => 3, 0),
  rule('timesAs', '$num:n times|x|fold', ({ n }) => n, 0),
  rule('partOf', 'tenth', () => 10, 0),
  rule('partOf', 'quarter|fourth', () => 25, 0),
  rule('partOf', 'half', () => 50, 0),
  rule('partOf', 'fifth', () => 20, 0),
  rule('partOf', 'twentieth', () => 5, 0),
  rule('altered', `make|let ${THE} $col:c be? $timesAs:n as|so? much|many|big|large|high|long|heavy|great? (as (now|before|it is|it was))?`, ({ c, n }, x: Context) => over(c, x, (e) => op('*', e, number(n))), 0),
  rule('altered', `lower|reduce|cut|decrease|shrink ${THE} $col:c by a|one? $partOf:p`, ({ c, p }, x: Context) => byRate('-', c, p, x), 0),
  rule('altered', `raise|increase|lift|grow ${THE} $col:c by a|one? $partOf:p`, ({ c, p }, x: Context) => byRate('+', c, p, x), 0),
  rule('altered', `make|let ${THE} $col:c be? $pct:p higher|more|dearer|bigger|larger|longer`, ({ c, p }, x: Context) => byRate('+', c, p, x), 0),
  rule('altered', `make|let ${THE} $col:c be? $pct:p lower|less|cheaper|smaller|shorter`, ({ c, p }, x: Context) => byRate('-', c, p, x), 0),
  rule('altered', 'take|knock|strike|deduct $pct:p off|from|of the|every|all? $col:c', ({ p, c }, x: Context) => byRate('-', c, p, x), 0),
  rule('altered', 'put|add $pct:p on|onto|to top? of? the|every|all? $col:c', ({ p, c }, x: Context) => byRate('+', c, p, x), 0),
  rule('altered', `raise|increase|lift|grow ${THE} $col:c by $pct:p`, ({ c, p }, x: Context) => byRate('+', c, p, x), 0),
  rule('altered', `lower|reduce|cut|decrease|shrink ${THE} $col:c by $pct:p`, ({ c, p }, x: Context) => byRate('-', c, p, x), 0),
  rule('altered', `raise|increase|lift|grow ${THE} $col:c by $num:n`, ({ c, n }, x: Context) => byAmount('+', c, n, x), 0.1),
  rule('altered', `lower|reduce|cut|decrease|shrink ${THE} $col:c by $num:n`, ({ c, n }, x: Context) => byAmount('-', c, n, x), 0.1),
  rule('altered', 'add|put $num:n (more|extra)? to|onto|on (top of)? ($every)? the|all? $col:c', ({ n, c }, x: Context) => byAmount('+', c, n, x), 0.1),
  rule('altered', 'subtract|deduct|take|knock|strike $num:n from|off of? the|every|all? $col:c', ({ n, c }, x: Context) => byAmount('-', c, n, x), 0.1),
  rule('alterable', `multiply ${THE} $col:c by|with $num:n`, ({ c, n }, x: Context) => over(c, x, (e) => op('*', e, number(n))), 0.1),
  rule('alterable', `divide ${THE} $col:c by $num:n`, ({ c, n }, x: Context) => over(c, x, (e) => op('/', e, number(n))), 0.1),
  rule('alterable', 'double the? $col:c', ({ c }, x: Context) => over(c, x, (e) => op('*', e, number(2))), 0.1),
  rule('alterable', 'halve the? $col:c', ({ c }, x: Context) => over(c, x, (e) => op('/', e, number(2))), 0.1),
  rule('alterable', '$altered:s', ({ s }) => s, 0),
  rule('clause', '$altered:s', ({ s }) => set(s.name, s.as), -0.3),
  rule('clause', '$alterable:s of|for|on|at|in|from the|all|every|any|those? $values:r $rows|$noun|$guess|ones?', ({ s, r }) => setIn(s, oneOf(r)), -0.4),
  // 'Raise wedding prices by 5%', 'the price of weddings', 'went up by 10 cents for Swaledale'
  rule('alterable', `$col:c ~be|has|have|goes|go|went|gone? ^up|higher by $pct:p`, ({ c, p }, x: Context) => byRate('+', c, p, x), 0),
  rule('alterable', `$col:c ~be|has|have|goes|go|went|gone? ^down|lower by $pct:p`, ({ c, p }, x: Context) => byRate('-', c, p, x), 0),
  rule('alterable', `$col:c ~be|has|have|goes|go|went|gone? ^up|higher by $num:n`, ({ c, n }, x: Context) => byAmount('+', c, n, x), 0),
  rule('alterable', `$col:c ~be|has|have|goes|go|went|gone? ^down|lower by $num:n`, ({ c, n }, x: Context) => byAmount('-', c, n, x), 0),
  ...([['raise|increase|lift', '+'], ['lower|reduce|cut|decrease', '-']] as const).flatMap(([verb, sign]) => ['the|all? $values:r $col:c', `${THE} $col:c of|for|on|at|in the|all|every|any? $values:r $rows|$noun|$guess|ones?`].flatMap((what) => [
    rule('clause', `${verb} ${what} by $pct:p`, ({ r, c, p }, x: Context) => setIn(byRate(sign, c, p, x), oneOf(r)), -0.4),
    rule('clause', `${verb} ${THE} $col:c of|for|in|on the? ^$cond:r by $pct:p`, ({ r, c, p }, x: Context) => setIn(byRate(sign, c, p, x), r), -0.3),
    rule('clause', `${verb} ${what} by $num:n`, ({ r, c, n }, x: Context) => setIn(byAmount(sign, c, n, x), oneOf(r)), -0.3),
  ])).flat(),
  rule('clause', `$alterable:s ~if|${WHERE} the|all|every|any? $cond:r`, ({ s, r }) => setIn(s, r), -0.5),
  rule('clause', `$alterable:s ~rel ~be? $cond:r`, ({ s, r }) => setIn(s, r), -0.5),
  rule('clause', `$alterable:s ~if|${WHERE} the|all|every|any|those? $rset:r`, ({ s, r }) => setIn(s, r), -0.5),
  rule('clause', `~if|${WHERE} $cond:r ,|:? $alterable:s`, ({ s, r }) => setIn(s, r), -0.5),
  rule('clause', `for|of|on|in the|all|every|any|those? $rset:r ,|:? $alterable:s`, ({ s, r }) => setIn(s, r), -0.5),

  // By a value in some rows
  rule('newValue', '$filling:f', ({ f }) => f, 0),
  rule('newValue', '$date:d', ({ d }) => ({ kind: 'value', text: d }), 0),
  rule('newValue', '~blankWord', () => 'blank', 0),
  rule('setTo', 'make|have|keep|leave the? $col:c column? $value:v', ({ c, v }) => (v.column === c ? { c, v: { kind: 'value', text: v.text } } : null), 0),
  rule('setTo', 'make the? $col:c column? $num:n', ({ c, n }) => ({ c, v: { kind: 'value', text: String(n) } }), 0.05),
  rule('setTo', 'make|leave|keep|let|empty the? $col:c column? be? ~blankWord', ({ c }) => ({ c, v: 'blank' }), 0),
  rule('setTo', 'mark the? $col:c column? as|with a|an|the? $newValue:v', ({ c, v }) => ({ c, v }), 0),
  rule('setTo', `${VERB} ${THE} $col:c column? to|as|into|=|:|be|on with? a|an|the? $newValue:v`, ({ c, v }) => ({ c, v }), 0),
  rule('setTo', `${VERB}|use a|an|the? $newValue:v in|into|under|as|for|to the? $col:c column?`, ({ c, v }) => ({ c, v }), 0.1),
  rule('setTo', `the? $col:c column? ~should be|say|read|become|show $newValue:v`, ({ c, v }) => ({ c, v }), 0.05),
  rule('setTo', `the? $col:c column? becomes|become|is|gets|= set|to|now|a? $newValue:v`, ({ c, v }) => ({ c, v }), 0.15),
  rule('clause', `$setTo:s ~if|${WHERE} the|all|every|any? $cond:r`, ({ s, r }, x: Context) => put(s, r, x), -0.1),
  rule('clause', `$setTo:s ~if|${WHERE} the|all|every|any|those? $rset:r`, ({ s, r }, x: Context) => put(s, r, x), -0.1),
  rule('clause', `~if|${WHERE} the|all|every|any? $cond:r ,|:? then? $setTo:s`, ({ s, r }, x: Context) => put(s, r, x), -0.1),
  rule('clause', `~if|${WHERE} the|all|every|any|those? $rset:r ,|:? then? $setTo:s`, ({ s, r }, x: Context) => put(s, r, x), -0.1),
  rule('clause', `${VERB} the? $col:c of|for|in|on|at the|all|every|those? $rset:r to|into|as|: $newValue:v`, ({ c, r, v }, x: Context) => put({ c, v }, r, x), -0.2),
  rule('clause', `${VERB} the? $col:c of|for|in|on|at the|all|every|those? $values:r to|into|as|: $newValue:v`, ({ c, r, v }, x: Context) => put({ c, v }, oneOf(r), x), -0.2),
  rule('clause', `${VERB}|fill|insert|use|say in? a|an|the? $newValue:v ~if|${WHERE} the|all|every|any? $cond:r`, ({ v, r }, x: Context) => intoBlanks(v, r, x), -0.5),
  rule('clause', `~if|${WHERE} the|all|every|any? $cond:r ,|:? then? please? ${VERB}|fill|insert|use|say in? a|an|the? $newValue:v in|there?`, ({ v, r }, x: Context) => intoBlanks(v, r, x), -0.5),
  rule('clause', `$setTo:s ~if|${WHERE} the? $values:r`, ({ s, r }, x: Context) => put(s, oneOf(r), x), 0),
  rule('clause', `${WHERE} $values:r ,|:? $setTo:s`, ({ s, r }, x: Context) => put(s, oneOf(r), x), 0),
].flat();

/** The one column that a condition wants blank, beside what else must hold; null where there is none. */
function blankIn(where: Condition): string | null {
  const names = where.kind === 'all' ? [...new Set(where.of.flatMap((c) => (c.kind === 'empty' && c.of.kind === 'column' ? [c.of.name] : [])))] : [];
  return names.length === 1 ? names[0]! : null;
}

/** 'Put house where the buyer is missing but it was sold': into the blanks, where the rest holds too. */
const intoBlanks = (v: Filling | 'blank', where: Condition, x: Context): Act | null => { const c = blankIn(where); return c === null || v === 'blank' ? null : inRows(c, v, where, x); };

interface Put { readonly c: string; readonly v: Filling | 'blank' }

const put = ({ c, v }: Put, where: Condition | null, x: Context): Act | null => (where === null ? null : v === 'blank' ? set(c, blank, where) : inRows(c, v, where, x));
