import { namesRows } from '../../language/mentions';
import { plans, withPlan, type Act, type Context } from '../../language/acts';
import { keyOf } from '../../language/chart';
import { frame, means, type Frame, type Way } from '../../language/frames';
import { orZero } from '../../language/grammar/conditions/make';
import { bornColumn, groupable, onlyDate, quantity, takingsColumn, total } from '../../language/grammar/roles';
import { crossed } from '../../language/lexicon/crossed';
import { BLANKS_IGNORED } from '../../language/lexicon/ways';
import { nameOf } from '../../language/naming';
import { byPercent, any, column, number, op, rowsCounted, walk, type Condition, type DatePart, type Expression } from '../../formula/expression';
import { readsAsDate } from '../../formula/check';
import { uniqueName } from '../../values/names';
import type { Rounding } from '../../values/number';
import { rounded } from './adding';
import { CALCULATE, NAME, PLACE, PLACES } from './frame-parts';
import { blankedWhere } from './amending';
import { inParts, isPercent, isRatio, percented, rowLevel } from './formulas';
import { chosenOf, type Open } from './case-phrases';
import type { CalculatePlan } from './step';

/** What may be said beside a formula, whatever it is. */
interface Riders {
  readonly name?: string;
  readonly places?: number;
  readonly percent?: true;
  /** In percent, as a whole number. */
  readonly wholePercent?: true;
  readonly up?: Rounding;
  readonly floor?: true;
  readonly blanks?: readonly (Condition | true | null)[];
}

/** A new column with what was said beside its formula; null where that does not fit. */
function calculated(as: Expression | null, said: Riders): Act | null {
  if (as === null) return null;
  const share = (said.percent || said.wholePercent) && !isPercent(as) ? (isRatio(as) ? percented(as) : null) : as;
  if (share === null) return null;
  const places = said.places ?? (said.up || said.wholePercent ? 0 : undefined);
  const cut = places === undefined ? share : rounded(places > 0 ? inParts(share) : share, places, said.up ?? 'nearest');
  const floored: Expression = said.floor ? { kind: 'choose', cases: [{ when: { kind: 'compare', op: '<', left: cut, right: number(0) }, then: number(0) }], otherwise: cut } : cut;
  return {
    key: `calculated ${keyOf([floored, said])}`,
    apply(state) {
      const name = said.name ?? uniqueName(nameOf(as), state.head.columns.map((c) => c.name));
      const plain: CalculatePlan = { step: 'calculate', name, as: floored, replace: false };
      const plan = (said.blanks ?? []).reduce<CalculatePlan>((p, c) => (c === true || c === null ? p : blankedWhere(p, c, state.head)), plain);
      return withPlan(state, plan, [name]);
    },
  };
}

const cond = ({ c }: { c: Condition }): Condition => c;
const emptyOf = ({ c }: { c: string }): Condition => ({ kind: 'empty', of: column(c) });
/** 'No hives': none known, or none at all. */
const noneOf = ({ c }: { c: string | readonly string[] }, x: Context): Condition =>
  any((typeof c === 'string' ? [c] : c).map((name) => orZero(emptyOf({ c: name }), x)));
/** Where the result is blank, as far as it is said; `true` where that says nothing new of the formula. */
const BLANKS: Way[] = [
  means('$blankIt|~blankOut|nothing ~if|~wherever we|it|there|they? $cond:c', cond), means('~if|~wherever we|it|there|they? $cond:c ,? $blankIt|~blankOut', cond), means('~blankOut|nothing|$blankIt ~without an? $col:c', emptyOf), means('~blankOut|nothing|$blankIt for|with the? $rset:c', ({ c }: { c: Condition }) => c, 0.05),
  means('no $col:c ,? no $word', emptyOf, 0.1), means('no $word ~without an? $col:c', emptyOf, 0.05), means('~blankOut|nothing|$blankIt ~if|~wherever there ~be no|not $cols:c', noneOf, -0.8), means('~if|~wherever there ~be no $col:c ,? $blankIt|~blankWord', noneOf, -0.8),
  means('~blankWord|$blankIt ~if|~wherever one|any|either|something of? the|them|these? two|three|four|them|both? ~be ~blankWord', true), means('~blankWord|$blankIt ~if|~wherever either|any|one one? ~be ~blankWord', true),
  means('blank in, blank out|blanks stay blank', true),
];
const OPEN: Way[] = [means('~blankOut|nothing|$blankIt while|until|if|when|where|for|as long? as? it|they|the|those? ~be? $uncol $rows|ones?', true), means("blank while it is open|blank while it's open|leave open ones empty|leave it empty for the open ones|empty if not closed yet|blank when it is still open|the open ones stay blank|open ones stay blank|blank if still open|blank for the open ones|leave the open ones empty|empty while it is still open|blank if it is not finished|leave it blank for open ones|blank where it is still open|leave open ones blank|blank if it's still open|empty for open ones", true), means("~blankWord|$blankIt ~if|~wherever|while|until it|they|there? ~be|has|is not|no|still|isn't|hasn't been? $col|$word yet|date?", true), means("~blankWord|$blankIt ~if there's no $col", true), means('~blankWord|$blankIt|nothing for the? open|unfinished|running ones|$rows|$guess?', true)];
const NO_USE: Way[] = [means('~blankWord|$blankIt|nothing ~if|~wherever nothing|nobody|none was|is|were|has? been? $word (or $word $word? $word? $word?)?', true, 0.15), means('~blankWord|$blankIt|nothing ~if|~wherever $word ~be zero|0|nothing (or there is no $word)?', true, 0.2), means('~blankWord|$blankIt|nothing ~if|~wherever it ~be free', true), means('~if nothing|nobody|none was|is $word ,? no $word $word?', true, 0.2)];
const IGNORING: Way[] = [BLANKS_IGNORED, "without the blanks|a missing one just isn't counted|just skip a score that is missing|empty weights don't count|a missing one isn't counted|where something is missing just skip it|without empty ones", '~blankWord $col|$word|$guess? ~be left out of the average', "~blankWord $col|$word|$guess? don't|do|are|is not? count|counted"];
const PERCENT: Way[] = [means('in percent|as a percentage|in %|as percent|as a percentage between 0 and 100|percent|percentage|per cent|as a %|%|in per cent|times 100|as a percent', true), means('( 40 for 40 % )', true)];
const LEGEND: Way[] = ['so that? $num|$pct stands|means|is for? $num|$pct %|percent?', '~open $num|$pct for $num|$pct %|percent? ~close', 'between|from|on? a? scale? of? 0 and|to 100', 'as a? percent number'];
const WHOLE_PERCENT: Way[] = [means('as|in a? whole|full percent number|figure|value|numbers?', true, -0.1)];
const UP: Way[] = [means('rounded up|round up|rounded up to whole|rounded up to a whole number|rounded up to whole numbers|round it up', 'up'), means('rounded down|round down', 'down')];
const WHOLE: Way[] = [means('whole percent|whole percents|whole number|whole numbers|no decimals|without decimals|rounded to whole numbers|rounded to whole percents|in whole percent|to whole numbers', 0)];
const EACH_ROW: Way[] = ['write|put|show|note it|that|this|them|the number on|in|to|next|beside to? each|every|all row|rows|$rows|$noun', '~each $rows|$noun|$guess', 'on|to|in|next|beside|with to? each|every|all row|rows|$rows|$noun|$guess', 'on each row|on every row|to each row|each row|for each row|next to every row|in each row|to every row|on each of their rows', 'the same number on all of the $col $rows', 'on|to all of? the? $col $rows'];
const RIDERS = { wholePercent: WHOLE_PERCENT, name: NAME, place: PLACE, places: [...PLACES, ...WHOLE], legend: LEGEND, blanks: BLANKS };
const MANY = ['verb', 'place', 'blanks', 'legend', 'ignoring', 'each', 'more', 'open', 'unused'];

const isNumeric = (n: string, x: Context): boolean => quantity(n, x) !== null;
/** Of the columns said, the one that is measured and those that make groups. */
function parts(cols: readonly string[], x: Context): { readonly of: Expression; readonly name: string; readonly by: string[] } | null {
  const names = [...new Set(cols)];
  const measured = names.filter((n) => isNumeric(n, x) && !namesRows(n, x.vocabulary));
  const groups = names.filter((n) => !measured.includes(n)), kinds = groups.filter((n) => !namesRows(n, x.vocabulary));
  // 'Each batch beside the average of its buyer': the rows make no groups.
  const by = kinds.length ? kinds : groups;
  return measured.length === 1 && by.every((n) => groupable(n, x)) ? { of: quantity(measured[0]!, x)!, name: measured[0]!, by } : null;
}

/** What a row comes to, and the one column whose groups it is looked at in; null where either is missing. */
function takingsWithin(group: readonly unknown[], x: Context): { readonly takings: Expression; readonly by: readonly string[] } | null {
  const name = takingsColumn(x), takings = name === null ? null : quantity(name, x);
  const by = [...new Set(group.filter((g): g is string => typeof g === 'string'))];
  return takings && by.length === 1 && groupable(by[0]!, x) && !isNumeric(by[0]!, x) ? { takings, by } : null;
}

const AVERAGE = 'average|mean|avg|averages|on average';
const FIGURE: Way[] = [means(AVERAGE, 'mean'), means('total|sum|totals|altogether|in total|overall|summed|adds up to', 'sum'), means('highest|largest|maximum|most', 'highest'), means('lowest|smallest|minimum|least', 'lowest'), means('median', 'median')];
const GROUP: Way[] = ['of|in|for|at|within|by|per its|the|that|their|each|every|same|his|her|this? own|same? kind|type|sort|total|whole? of? $col', 'the? same|own $col', 'with the? same $col', '~each $col', 'of that kind of $col'];

export const frames: readonly Frame[] = [
  frame('formula', {
    need: { e: ['$formula', '$ex2', '$chosen'] },
    may: { ...RIDERS, percent: PERCENT, up: UP, floor: FLOOR(), ignoring: IGNORING, open: OPEN, unused: NO_USE, each: EACH_ROW, verb: ['~add', '$asking', 'calculate|work out|compute|find out|determine'], again: means('~open $ex2 ~close', undefined, -0.1) },
    many: MANY,
    about: `${CALCULATE} kept result going all row closed takes took stays empty`,
    cost: 0.75,
  }, ({ e, ignoring, again, open, verb, each, ...said }) => (real(e) && (rowLevel(e) || each || said.place) && (said.name !== undefined || said.place || verb || (each && hasTotal(e))) && (!ignoring || e.kind === 'across' || e.kind === 'total' || hasTotal(e)) && (!open || hasSpan(e)) && (!again || keyOf(again) === keyOf(e)) ? calculated(e, said) : null)),

  frame('round columns', {
    need: { cols: '$cols', places: [...PLACES, ...WHOLE, means('whole pounds|whole euros|full pounds|full euros|whole units|whole dollars|without pence|without cents|no pence|no cents|to the pound|to the euro', 0), means('pence|cents|to the penny|to the cent', 2)] },
    may: { cue: ['round|rounded|round off|round it|round them|rounding|so round it', 'are enough|is enough|enough|will do|is plenty|are plenty|suffice|suffices|that is plenty', '~round', 'no more than|at most|only need|only|just|cut'], up: UP },
    many: ['cue', 'places'],
    about: 'in for of on to with at the are is be should it them so please column columns values all have has give show want need i we off',
    cost: 0.6,
  }, ({ cols, places, cue, up }) => {
    const list = [...new Set(places as number[])];
    return cue && list.length === 1 && Number.isInteger(list[0]) ? plansOf(cols as string[], list[0]!, up ?? 'nearest') : null;
  }),

  frame('share', {
    need: {
      share: [means('percentage|percent|per cent|%|in percent', true), means('share|part|proportion|fraction|divided by', 'part')],
      whole: ['of|over|by|in the? overall|total|whole|entire|all of? all? the? $col', 'of|over|by|in ~totalWord $col', means('of|in|within its|the|that|their|same own? same? $col:c ~totalWord?', ({ c }: { c: string }, x: Context) => (quantity(c, x) === null || namesRows(c, x.vocabulary) ? c : null), 0.1), means('of the total|of the whole|of all|of the overall total|out of the total|of the same|of its own', true)],
    },
    may: { ...RIDERS, cols: '$col', percent: PERCENT, each: EACH_ROW, total: ['total|overall|all|altogether'], same: 'of the same|same|its own|own|of that|of its' },
    many: [...MANY, 'share', 'whole', 'cols', 'same', 'total'],
    about: `${CALCULATE} kilos bring brought in make up makes same times 100 from came come by out take takes has had contribute contributes over between`,
    cost: 0.7,
  }, ({ share, whole, cols, percent, ...said }, x) => {
    // 'Each booking's share' is each row's.
    const rest = ((cols ?? []) as string[]).filter((c) => !namesRows(c, x.vocabulary));
    const p = parts([...(whole as unknown[]), ...rest].filter((c): c is string => typeof c === 'string'), x);
    if (!p) return null;
    const e = op('/', p.of, total('sum', p.of, p.by));
    return calculated(percent || said.wholePercent || (share as unknown[]).some((s) => s === true) ? percented(e) : e, said);
  }),

  frame('figure of a group', {
    need: { fn: FIGURE, cols: '$col', each: EACH_ROW },
    may: { ...RIDERS, ignoring: IGNORING, group: GROUP, too: 'cancelled ones included|counting cancelled ones too|cancelled ones count as well|so i can compare the two|cancelled ones count too' },
    many: [...MANY, 'cols', 'group'],
    about: `${CALCULATE} same that kind of its their his her at weight number how much paid us brought in so can compare all`,
    cost: 0.8,
  }, ({ fn, cols, group, ...said }, x) => {
    const p = parts([...cols, ...((group ?? []) as unknown[]).filter((g) => typeof g === 'string')] as string[], x);
    return p && p.by.length > 0 ? calculated(total(fn, p.of, p.by), said) : null;
  }),

  // 'How many orders has this customer placed'
  frame('rows of its own group counted', {
    need: { count: ['~countWord $rows|$noun|$guess', 'how often'], by: ['this|that|same $col', 'that|this|the same $col', 'its|their own $col', means('of|by|for|from the? same $col', undefined, 0), means('the $col has|have|had|made|placed|did', undefined, 0.1), means('does|do|did the|each same? $col appear|occur|come|show up?', undefined, 0.05)] },
    may: { ...RIDERS, more: 'the same number|that number|in total|altogether|in all', each: EACH_ROW },
    many: [...MANY, 'count'],
    about: `${CALCULATE} has had have did do does there are were in with from by of placed made came come booked done bought ordered sent given paid played took taken brought`,
    cost: 0.6,
  }, ({ by, ...said }, x) => (groupable(by as string, x) ? calculated(rowsCounted([by as string]), said) : null)),

  frame('rows of a group counted', {
    need: { count: ['~countWord $rows|$noun|$guess', '~countWord', 'how many|number of|count of|how often'], by: ['the? same|that|this|own $col', 'that|this same $col', means('~each|has|have|had|did|every|all the? $col', undefined, 0.1), means('of|by|with|for the? same|that? $col', undefined, 0.1), means('all? of? the? $col:c $rows', ({ c }: { c: string }) => c, 0.2)], each: EACH_ROW },
    may: { ...RIDERS, more: 'the same number|that number|in total|altogether|in all|show that|brought in|has brought in' },
    many: [...MANY, 'by', 'count'],
    about: `${CALCULATE} brought in has had have did do does total altogether saying number count lots same that this member all show played made come came booked done bought ordered placed sent given paid`,
    cost: 0.7,
  }, ({ by, ...said }, x) => {
    const names = [...new Set(by as string[])];
    return names.length === 1 && groupable(names[0]!, x) ? calculated(rowsCounted(names), said) : null;
  }),

  frame('against the average of a group', {
    need: { fn: means(AVERAGE, 'mean'), cols: '$col', less: [means('above|below', 'side'), 'minus|less|compare|compared|compared with|compared to|difference|difference to|versus|vs|against|how far|above or below|away from|deviation from|deviation'] },
    may: { ...RIDERS, each: EACH_ROW, plus: 'plus|minus|(plus)|(minus)|above is plus|or', group: GROUP, much: ['~add', 'how|by how|how much|how many|how far|by how much'] },
    many: [...MANY, 'less', 'cols', 'plus', 'group'],
    about: `${CALCULATE} same or its their his her number average in the of with difference member far above below or plus minus column from how`,
    cost: 0.8,
  }, ({ cols, group, ...said }, x) => {
    const p = parts([...cols, ...((group ?? []) as unknown[]).filter((g) => typeof g === 'string')] as string[], x);
    return p ? calculated(op('-', p.of, total('mean', p.of, p.by)), said) : null;
  }),

  // 'By how much does each claim differ from the average of its category': of what a row comes to
  frame('takings against the average of a group', {
    need: { fn: means(AVERAGE, 'mean'), group: GROUP, less: ['above or below|over or under|above|below|minus|less|difference|difference to|difference from|how far|away from|deviation from|deviation|differ|differs|off|how far off|more or less'] },
    may: { ...RIDERS, rows: ['~each? $rows|$noun|$guess'], plus: 'plus|minus|as a plus or minus number|as plus or minus|above is plus|or', much: ['~add', 'how|by how|how much|how many|how far|by how much'] },
    many: [...MANY, 'less', 'plus', 'group', 'rows'],
    about: `${CALCULATE} same or its their his her number average in the of with from to difference far above below or plus minus column how lies`,
    keeps: ['value'],
    cost: 0.9,
  }, ({ group, ...said }, x) => {
    const of = takingsWithin(group as unknown[], x);
    return of && calculated(op('-', of.takings, total('mean', of.takings, of.by)), said);
  }),

  // 'What do claims of the same category cost on average? Show it beside each claim'
  frame('takings of a group on average', {
    need: { fn: means(AVERAGE, 'mean'), group: [...GROUP, '^$col average|mean', means('all|the? $rows|$noun|$guess of|in|with the? same|that|its|their|own $col:c', ({ c }: { c: string }) => c)], each: EACH_ROW },
    may: { ...RIDERS, rows: ['all? the? $rows|$noun|$guess'], verb: ['~add', 'show it|put it|write it|want to see'] },
    many: [...MANY, 'group', 'rows', 'verb', 'each'],
    about: `${CALCULATE} same its their that all cost costs come to on average what do does would see want`,
    keeps: ['value'],
    cost: 0.95,
  }, ({ group, each: _each, rows: _rows, verb: _verb, ...said }, x) => {
    const of = takingsWithin(group as unknown[], x);
    return of && calculated(total('mean', of.takings, of.by), said);
  }),

  frame('change from the row before', {
    need: { change: ['growth|grew|grown|change|difference|changed|go up or down|went up or down|up or down|minus|compared|compared to|compared with|increase|rise|differ|differs|change in|by how much|how much more or less'], previous: ['~previous', 'previous|the row before|the row above|row above|previous one|from one to the next|to the next|one to the next|before it|the one before|the one above|row before|preceding|the load before it', 'the|one|its? $rows|$noun|$guess before|above', 'from one $rows|$noun|$guess to the next', 'the|its? previous|last|preceding $rows|$noun|$guess'], cols: '$col' },
    may: { ...RIDERS, first: FIRST(), order: 'go down the sheet as it stands|in the order given|as it stands|going down|down the list|in the present order|in the order they are in|top to bottom', group: GROUP, each: EACH_ROW, percent: PERCENT, rows: ['$rows', '$noun', '$guess'] },
    many: [...MANY, 'change', 'previous', 'first', 'order', 'cols', 'group', 'rows'],
    about: `${CALCULATE} to from with of the same each by it one next row reading order given go up or down did change per compared how much going against since versus vs over`,
    cost: 0.7,
  }, ({ cols, group, percent, ...said }, x) => {
    const p = parts([...cols, ...((group ?? []) as unknown[]).filter((g) => typeof g === 'string')] as string[], x);
    if (!p) return null;
    const before: Expression = { kind: 'over', fn: 'previous', of: p.of, by: p.by };
    const change = op('-', p.of, before);
    return calculated(percent ? percented(op('/', change, before)) : change, said);
  }),

  frame('running total', {
    need: { running: ['~running', crossed('|so that|with', 'each row|every row|each line|each one|every line', 'shows|has|showing|holds|gives', 'the sum so far|the total so far|what we have so far|the sum up to there|the total up to there'), crossed('add up|added up|adding up|sum up|summed up', '', 'row by row|line by line|one after the other|one by one'), 'running total|cumulative|cumulated|so far|add up row by row|added up row by row|row by row|accumulated|cumulatively|running sum'], cols: '$col' },
    may: { ...RIDERS, order: 'in the order of the rows|in order of the rows|in the order of the sheet|in the order of the table|row after row|row by row|line by line|top row down|top to bottom|from top to bottom|from the top|from the top down|going down|down the list|down the list as it is|in the present order|in the order the rows are in|from the first row to the last|in the order they are in|as it stands|in the order given|as it is|in this order|downwards', group: ['~each|within|per the? same? $col', 'within|inside the $col', 'that|which? starts|starting|restarts again|anew|over? for each|every $col'] },
    many: [...MANY, 'running', 'cols', 'order'],
    about: `${CALCULATE} keep separately own add adds up as is going down the list top row bottom rows are they from to total amount add up added present`,
    cost: 0.6,
  }, ({ cols, group, ...said }, x) => {
    const p = parts([...cols, ...(group ? [group] : [])], x);
    return p && (p.by.length === 0 || group) ? calculated({ kind: 'over', fn: 'running', of: p.of, by: p.by }, said) : null;
  }),

  frame('rank', {
    need: { rank: ['~rankWord', 'rank|ranking|place|number them 1|number the members 1 2 3|number them|number the|ranked|its place|position|which place'], cols: ['$col', means('$adj:a', ({ a }: { a: { column: string } }) => a.column, 0.05)] },
    may: { ...RIDERS, down: [means('highest first|largest first|most first|highest is 1|highest gets 1|most is rank 1|largest is 1|biggest gets 1|most gets 1|best seller first|1 being the best|1 = most|the most gets 1|best is 1|highest on top|descending|the highest gets 1|the one with the most gets 1|1 is the highest|1 for the highest|1 being the highest|1 for the largest|1 for the biggest|1 for the most|biggest is 1|the largest being first|the largest is first|the biggest is first|the biggest first|most expensive = 1|most expensive is 1|most expensive first|largest = 1|biggest = 1|( 1 ) down|ties share a rank|1 being the most|from high to low|1 being the best seller|1 for the most|highest = 1|most = 1', 'rank'), means('lowest first|smallest first|lowest is 1|smallest gets 1|lowest gets 1|ascending|shortest first|1 is the lowest|fastest is 1|cheapest is 1|from low to high|1 for the lowest', 'rank up'), means('the? ~highest $col|$word|$guess? gets|is|has|being|= rank|number|place|no? 1|one|first', 'rank'), means('the? ~lowest $col|$word|$guess? gets|is|has|being|= rank|number|place|no? 1|one|first', 'rank up'), means('1 = ~highest', 'rank'), means('who has the most', 'rank')], ties: 'ties share a rank|ties share a rank and the next is skipped|ties get the same rank|equal ones get the same place|equal numbers share a place|the next place is then skipped|equal numbers share a place and the next place is then skipped|same rank for ties|equal values share a rank|and the next is skipped|the next one is skipped', stay: "don't change the order of the rows|leave the rows in the order they are|leave the rows where they are|keep the order of the rows|do not change the order|leave the order as it is|without sorting", group: 'within|inside|~each the|its|their|each|every? same|own? $col', steps: '1 , 2 , 3|1 2 3|1, 2, 3 . . .|. . .|...' },
    many: [...MANY, 'rank', 'ties', 'stay', 'cols', 'steps'],
    about: `${CALCULATE} by according to number of most gets get order first last the who has how they have on sold same give each . has size from down ( ) = take takes which place`,
    cost: 0.6,
  }, ({ cols, down, group, ...said }, x) => {
    // 'Rank the tickets by weight within each driver': what names the rows makes no groups of them.
    const p = parts([...cols.filter((n: string) => !namesRows(n, x.vocabulary)), ...(group ? [group] : [])], x);
    if (!p || (p.by.length > 0 && !group)) return null;
    return calculated({ kind: 'over', fn: down ?? (p.of.kind === 'measure' ? 'rank up' : 'rank'), of: p.of, by: p.by }, said);
  }),

  frame('days between', {
    need: { unit: [means('days|number of days|how many days|day|in days|nights|number of nights|how many nights', 'days'), means('weeks|number of weeks|how many weeks', 'weeks'), means('months|number of months|how many months', 'months'), means('years|number of years|how many years', 'years')], dates: '$col' },
    may: { ...RIDERS, open: OPEN, how: 'how long|time|duration|it took|took|take|from being|minus|between|from|until|did it take|to be|turnaround|turnaround time|waiting time|lead time|delay|away|gone|count|count the', each: EACH_ROW },
    many: [...MANY, 'dates', 'how', 'unit'],
    about: `${CALCULATE} between from to until and being date dates lay lie lies passed went by time took take taken it each long minus open closing how did count away gone taking its`,
    cost: 0.75,
  }, ({ unit, dates, ...said }, x) => {
    const names = [...new Set(dates as string[])];
    if (names.length !== 2 || !names.every((n) => readsAsDate(x.head, n))) return null;
    const [a, b] = earlierFirst(names as [string, string], x);
    return calculated({ kind: 'span', unit: (unit as string[])[0] as 'days', from: column(a), to: column(b) }, said);
  }),

  frame('years until a day', {
    need: { years: [means('full years|whole years|years|completed years|number of full years|number of years|how many full years|in whole years|complete years', 'span'), means('age in years|age|how old|old', 'age'), means('days|number of days|how many days', 'days', 0.1), means('weeks|whole weeks|full weeks|number of weeks|how many weeks', 'weeks', 0.1), means('months|whole months|full months|number of months|how many months', 'months', 0.1)], day: ['on|at|as|by|until|to|of? of|at|on? $date:d', means('$date', undefined, 0.1)] },
    may: { ...RIDERS, unit: (['days', 'weeks', 'months'] as const).map((unit) => means(`in ${unit}`, unit)), date: ['$col'], valid: ['~blankWord|$blankIt ~if|~wherever the? $col|date|it|that|one? ~be? unreadable|invalid|unclear|broken|illegible|nonsense|wrong', '~blankWord|$blankIt ~if|~wherever the? $col ~be? not an? real|proper|valid? ~date|date', '~wherever|~if the? $col ~be? not an? real|proper|valid? ~date|date ,? ~leave it? ~blankWord', "blank for invalid dates|blank if joined isn't a date|blank for invalid ones|leave invalid dates blank|blank where it is no date"], each: EACH_ROW, ways: 'the joining dates come in two formats|the dates come in two formats|the joining dates are written in two ways' },
    many: [...MANY, 'years', 'valid', 'date'],
    about: `${CALCULATE} full whole years completed of membership membership been member student customer client patient pupil employee volunteer tenant long since joining with us on as at from until between whole everybody household counted day it was date dates`,
    cost: 0.75,
  }, ({ day, date, years, unit, ...said }, x) => {
    const names = [...new Set((date ?? []) as string[])];
    const from = names.length === 1 ? names[0]! : names.length > 1 ? null : (years as string[]).includes('age') ? bornColumn(x) : onlyDate(x);
    const spans = (years as string[]).filter((y): y is 'days' | 'weeks' | 'months' => y === 'days' || y === 'weeks' || y === 'months');
    return from !== null && readsAsDate(x.head, from) ? calculated({ kind: 'span', unit: unit ?? spans[0] ?? 'years', from: column(from), to: { kind: 'date', value: day } }, said) : null;
  }),

  frame('part of a date', {
    need: { part: ['$datepart', means('day of the week|day of week|weekday|name of the weekday|name of the day|day name|weekday name|what day|which weekday|what weekday|which day of the week|what day of the week|on which day of the week|on what weekday|on which weekday|into the day of the week', 'weekday'), means('quarter', 'quarter')] },
    may: { ...RIDERS, cols: '$col', quarter: [means('~open? like|as|e.g|eg? q1|q2|q3|q4 ~close?', 'Q1'), means('~open? like|as|e.g|eg|so? q1|q2|q3|q4 $num ~close?', 'Q1 2025', -0.1)], style: ['~open? like|as|e.g|eg|say $monthName ~close?', "as a word|spelled out|written out|spelled out in english|in words|as text|in full|monday tuesday|in english", '~open like|as|e.g|eg ~weekdays ~close', '~open ~weekdays , ~weekdays . . . ~close', '~weekdays , ~weekdays and|, so on?', '~open? ~weekdays ,? ~weekdays ,|and? ~etc ~close?', 'write it out in full|written out in full|write it in full|spell it out|write it out', '~open ~weekdays ~weekdays? ~close', '~weekdays , ~weekdays'], each: EACH_ROW },
    many: [...MANY, 'style', 'part'],
    about: 'add new column columns give show put get want need would like see tell us me each every for of the a please as with that is are in it its this what which did do was were have on belongs belong to they when day date in name out spelled written like . know work job visit event thing which took take happened happens place began begun start started begin everybody everyone write full english',
    cost: 0.85,
  }, ({ part, cols, quarter, style, ...said }, x) => {
    const [which, ...more] = [...new Set(part as DatePart[])];
    const of = cols ?? onlyDate(x);
    if (which === undefined || more.length > 0 || of === null || !readsAsDate(x.head, of) || (quarter && which !== 'quarter') || (style && which !== 'weekday' && which !== 'month name')) return null;
    const taken: Expression = { kind: 'part', part: which, of: column(of) };
    const named: Expression = { kind: 'join', of: [{ kind: 'text', value: 'Q' }, taken], separator: '' };
    return calculated(quarter === 'Q1 2025' ? { kind: 'join', of: [named, { kind: 'part', part: 'year', of: column(of) }], separator: ' ' } : quarter ? named : taken, said);
  }),

  frame('mean of several columns', {
    need: { mean: means('average|mean|avg|averages', 'mean'), cols: ['$cols', '$family'] },
    may: { ...RIDERS, ignoring: [...IGNORING, '~if|~wherever one ~be not|missing|blank there? ,? take the? other', 'if one is not there take the other|if one is missing take the other'], each: EACH_ROW, count: 'the three scores|three scores|the two|two|three|both|scores' },
    many: [...MANY, 'count'],
    about: `${CALCULATE} of score scores ( ) three two both the each per film where if missing is`,
    cost: 0.7,
  }, ({ cols, ...said }, x) => ((cols as string[]).length > 1 && (cols as string[]).every((n) => isNumeric(n, x)) ? calculated({ kind: 'across', fn: 'mean', of: (cols as string[]).map(column) }, said) : null)),

  frame('weighted sum', {
    need: { weights: [means('$ratio:r over|on|across|for|between|to|of|with the? $cols:c', ({ r, c }: { r: number[]; c: string[] }) => (r.length === c.length ? { r, c } : null)), means('$cols:c weighted? by|with|at? ~open? $ratio:r ~close?', ({ r, c }: { r: number[]; c: string[] }) => (r.length === c.length ? { r, c } : null)), means('$pct:p $col:c', ({ p, c }: { p: number; c: string }) => ({ p, c })), means('$col:c counts|count|weighs|with|at|gets|= $pct:p', ({ p, c }: { p: number; c: string }) => ({ p, c })), means('$col:c $pct:p', ({ p, c }: { p: number; c: string }) => ({ p, c })), means('$col:c with|counts|at $num:p', ({ p, c }: { p: number; c: string }) => ({ p, c }), 0.1)] },
    may: { ...RIDERS, name: [...NAME, means('weighted ^$properName', undefined, -0.1)], cue: 'weighted|weighted score|weighting|weighing|weighted average|weights' },
    many: [...MANY, 'weights', 'cue'],
    about: `${CALCULATE} weighted weighting score counts count with percent and weight weights`,
    cost: 0.7,
  }, ({ weights, ...said }, x) => {
    const list = (weights as ({ p: number; c: string } | { r: number[]; c: string[] })[]).flatMap((w) => ('r' in w ? w.c.map((c, i) => ({ p: w.r[i]!, c })) : [w]));
    if (list.length < 2 || Math.abs(list.reduce((n, w) => n + w.p, 0) - 100) > 1e-9 || new Set(list.map((w) => w.c)).size < list.length || !list.every((w) => isNumeric(w.c, x))) return null;
    return calculated(list.map((w) => op('*', quantity(w.c, x)!, op('/', number(w.p), number(100)))).reduce((a, b) => op('+', a, b)), said);
  }),

  frame('growth between columns', {
    need: { growth: ['~growthWord', 'go up|went up|go down|went down|go up or down|went up or down|gone up|gone down|growth|grow|grew|grown|rise|rose|percentage change|change in percent|increase|change|grown|rise'], cols: [means('$family:f from|between|of? $num:a ~fromTo|against $num:b', ({ f, a, b }: { f: string[]; a: number; b: number }) => ofYears(f, a, b)), means('$col:a ~fromTo $col:b', ({ a, b }: { a: string; b: string }) => inTime([a, b])), means('$col:b against|over|versus|vs|compared (to|with)? $col:a', ({ a, b }: { a: string; b: string }) => inTime([a, b])), means('$family:f from|between|in? $num:a ~fromTo $num:b', ({ f, a, b }: { f: string[]; a: number; b: number }) => ofYears(f, a, b)), means('$family:f grow|grew|grown|increase|increased|rise|rose|change|changed|go|goes|went|move|moved|develop|developed up|down? or? up|down? from|between $num:a ~fromTo $num:b', ({ f, a, b }: { f: string[]; a: number; b: number }) => ofYears(f, a, b)), means('$family:f in? $num:b against|over|versus|vs|compared (to|with)? $num:a', ({ f, a, b }: { f: string[]; a: number; b: number }) => ofYears(f, a, b))] },
    may: { ...RIDERS, percent: PERCENT, unused: [means('~blankWord|$blankIt|nothing ~if|~wherever $num|$col ~be zero|0|~blankWord (or zero|0|~blankWord)?', true), means('~blankWord|$blankIt|~blankOut ~if|~wherever $num ~be zero|0|~blankWord or|and zero|0|~blankWord', true), means('~blankWord|$blankIt ~if|~wherever one of? them? ~be ~blankWord', true), ...NO_USE] },
    many: [...MANY, 'unused', 'growth'],
    about: `${CALCULATE} did from to grow percentage in percent much many by or one of them`,
    cost: 0.7,
  }, ({ cols, percent, name, places, blanks }, x) => {
    const said = { name, places, blanks };
    const pair = cols as string[] | null;
    if (!pair || pair.length !== 2 || pair[0] === pair[1] || !pair.every((n) => isNumeric(n, x)) || !percent) return null;
    return calculated(percented(op('/', op('-', column(pair[1]!), column(pair[0]!)), column(pair[0]!))), said);
  }),

  frame('how far above in percent', {
    need: { a: '$col', b: ['above|over|below|under|exceeds the? $col:b', 'higher|lower|more|less than the? $col:b'], percent: ['by what percentage|by what percent|by how many percent|percentage|percent|in percent|by what per cent'] },
    may: { ...RIDERS, percents: PERCENT, each: EACH_ROW },
    many: [...MANY, 'percent', 'percents'],
    about: `${CALCULATE} by what percentage price is lies above`,
    cost: 0.6,
  }, ({ a, b, name, places, blanks }, x) => (a !== b && isNumeric(a, x) && isNumeric(b, x) ? calculated(percented(op('/', op('-', column(a), column(b)), column(b))), { name, places, blanks }) : null)),

  frame('with tax', {
    need: { e: ['$ex1'], tax: ['$pct tax|vat|interest|surcharge|commission|service|extra|duty', means('plus|with|including|add|adding|and $pct', undefined, 0.2)] },
    may: { ...RIDERS, top: 'on top|plus|with|including|added|in addition|incl|added on' },
    many: [...MANY, 'top'],
    about: `${CALCULATE} plus with on top including added tax included and price`,
    cost: 0.7,
  }, ({ e, tax, ...said }) => (e.kind === 'number' ? null : calculated(byPercent('+', e, tax), said))),

  frame('cases', {
    need: { cases: '$case1' },
    may: {
      ...RIDERS, otherwise: ['~otherwise it|they|is|:|,|the|rest? $leaf', means('$leaf ~otherwise|everywhere else?', undefined, 0.05), '$leaf everywhere|elsewhere else?', '$leaf for|in the? rest|others|other', 'the? rest|others|other ones? are|is|get|gets|:|, $leaf'],
      each: EACH_ROW, from: means('by|from|based|going on|by? the? $col', undefined, 0.2),
    },
    many: [...MANY, 'cases'],
    bars: 'show shows',
    about: 'add new column label classify mark say put if when where is are as otherwise and it gets get the a of please in each every',
    cost: 0.8,
  }, ({ cases, otherwise, from, ...said }, x) => {
    const list = (cases as Open[][]).flat();
    if (list.some((c) => c.bare)) return null;
    const e = list.length + (otherwise ? 1 : 0) < 2 ? null : chosenOf(list, otherwise ?? { kind: 'blank' }, from ? column(from) : null, x);
    return e && calculated(e, said);
  }),

  frame('bands', {
    need: { bands: '$bands' },
    may: { ...RIDERS, col: '$col', band: ['~band', 'which band|group|band|bands|into bands|fall into|groups|bucket|buckets|ranges'] },
    many: [...MANY, 'band'],
    about: `${CALCULATE} group into which band bands fall falls says the sold`,
    cost: 0.6,
  }, ({ bands, col, ...said }, x) => {
    const of = col ?? namedIn(said.name, x);
    const value = of === null ? null : quantity(of, x);
    const list = bands as { from: number; label: string }[];
    return value && list.length > 1 ? calculated({ kind: 'choose', cases: [...list].reverse().map((b) => ({ when: { kind: 'compare', op: '>=', left: value, right: number(b.from) }, then: { kind: 'text', value: b.label } })), otherwise: { kind: 'blank' } }, said) : null;
  }),
];

function FLOOR(): Way[] {
  return [means('at least 0|at least zero|never negative|never below zero|never below 0|but never below zero|0 if we have enough|0 if there is enough|0 if there is plenty|zero if there is enough|not below zero|0 when there is enough|minimum 0|0 at least|no less than zero|0 if there are enough|never less than 0|never less than zero|not negative|0 if not needed', true)];
}

function FIRST(): Way[] {
  return [means('nothing in the first row|blank for the first one|blank for the first|first row empty|first row blank|first one empty|the first row is empty|blank in the first row|first one blank|nothing for the first one|the first one stays empty|empty for the first|leave the first one blank|leave the first row blank', true), means('the? first row|one|$rows|$noun? has|have|gets|get|shows none|nothing|no', true), means('the? first row|one|$rows|$noun of|for a|each|every|the $col ~be|gets|stays|get? ~blankWord|nothing', true), means('~blankWord|nothing for|in|on|at the? first one|row|$rows? of|for? each? $col?', true)];
}

/** The only column of numbers whose name begins one that was given: 'Sold Band' is about ‹Sold›. */
function namedIn(name: string | undefined, x: Context): string | null {
  const found = name === undefined ? [] : x.head.columns.filter((c) => name.toLowerCase().split(/\s+/).includes(c.name.toLowerCase()) && isNumeric(c.name, x));
  return found.length === 1 ? found[0]!.name : null;
}

const plansOf = (names: readonly string[], places: number, mode: Rounding): Act => plans(...names.map((name): CalculatePlan => ({ step: 'calculate', name, as: { kind: 'round', of: column(name), places, mode }, replace: true })));

const real = (e: Expression): boolean => e.kind !== 'column' && e.kind !== 'number' && e.kind !== 'text' && e.kind !== 'total';
const some = (e: Expression, ...kinds: readonly string[]): boolean => {
  let found = false;
  walk(e, (n) => { found ||= kinds.includes(n.kind); });
  return found;
};
const hasTotal = (e: Expression): boolean => some(e, 'total', 'across');
const hasSpan = (e: Expression): boolean => some(e, 'span', 'lapse');

/** The columns of a family whose names hold two numbers, in their order. */
function ofYears(family: readonly string[], a: number, b: number): string[] | null {
  const of = (n: number): string[] => family.filter((name) => new RegExp(`(?<!\\d)${n}(?!\\d)`).test(name));
  const [from, to] = [of(a), of(b)];
  return from.length === 1 && to.length === 1 ? [from[0]!, to[0]!] : null;
}

/** Of two columns that name their years, the earlier one first; others as they were said. */
function inTime(pair: readonly [string, string]): readonly string[] {
  const [a, b] = pair.map((n) => Number(/(?<!\d)(?:19|20)\d\d(?!\d)/.exec(n)?.[0] ?? NaN));
  return a! > b! ? [pair[1], pair[0]] : pair;
}

/** Of two dates the one that comes first in most rows: of 'closed minus opened', the opening. */
function earlierFirst([a, b]: [string, string], { head }: Context): [string, string] {
  const low = (n: string): string | null | undefined => head.glances?.get(n)?.lowest;
  const ends = /clos|end|return|finish|complet|deliver|paid|back|depart|resolv/i;
  if (ends.test(a) !== ends.test(b)) return ends.test(a) ? [b, a] : [a, b];
  return (low(a) ?? '') > (low(b) ?? '') ? [b, a] : [a, b];
}
