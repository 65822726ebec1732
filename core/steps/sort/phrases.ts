import { isDate, isQuantity } from '../../table/column';
import { columnOf } from '../../table/table';
import { readsAsDate, readsAsNumber } from '../../formula/check';
import { amend, nothing, ofLast, plans, withPlan, type Act, type Context } from '../../language/acts';
import { rule } from '../../language/chart';
import { namesRows } from '../../language/mentions';
import { rowDate } from '../../language/grammar/roles';
import { columnsOf, type Expression } from '../../formula/expression';
import type { Feat } from '../../language/grammar/seeds/adjectives';
import { thenBy } from '../calculate/adding';
import type { SortKey } from '../order';

/** Can 'highest first' be said of the column? */
export const ordered = (name: string, { head }: Context): boolean => {
  const { type } = columnOf(head, name);
  return isQuantity(type) || isDate(type) || readsAsNumber(head, name) || (head.glances?.get(name)?.dateShare ?? 0) >= 0.5;
};

/** Does a column say when something was? */
const dated = (name: string, { head }: Context): boolean => readsAsDate(head, name) || (head.glances?.get(name)?.dateShare ?? 0) >= 0.5 || /\b(?:year|born|since)\b/i.test(name);

/** Are the values of a column grades, one letter each? */
const graded = (name: string, { head }: Context): boolean => {
  const held = (head.glances?.get(name)?.values ?? []).map(([v]) => v.trim()).filter((v) => v !== '');
  return columnOf(head, name).type === 'text' && held.length > 1 && held.every((v) => /^[A-Za-z][+-]?$/.test(v));
};

/** Keys in a row, unless a column comes twice. */
const distinctKeys = (a: readonly SortKey[], b: readonly SortKey[]): SortKey[] | null => (a.some((k) => b.some((o) => o.column === k.column)) ? null : [...a, ...b]);

/** Stands for the column spoken of last. */
const IT = '';

const sortBy = (by: readonly SortKey[]): Act => ({
  key: `sort ${JSON.stringify(by)}`,
  apply(state) {
    const [topic, ...others] = state.topic;
    if (by.some((k) => k.column === IT) && (topic === undefined || others.length)) return null;
    const keys = by.map((k) => (k.column === IT ? { ...k, column: topic! } : k));
    return withPlan(state, { step: 'sort', by: keys });
  },
});

/** By what has to be calculated first. */
const sortByNew = (e: Expression, down: boolean): Act | null =>
  (columnsOf(e).length !== 1 && !/^(?:op|span|lapse|round)$/.test(e.kind)) || /^(?:total|over|lookup)$/.test(e.kind) ? null : sortByFeat({ as: e, down });

/** Rows in order of what a superlative asks for and no column says: the longest first, of a start and an end. */
const sortByFeat = ({ as, down }: Feat): Act | null => thenBy(as, `sort ${down}`, (column) => ({ step: 'sort', by: [{ column, down }] }));

/** Only behind what was done with rows: of a question, it says how the answer is put in order. */
const ofRows = (act: Act): Act => ({ key: `rows ${act.key}`, apply: (state) => ((state.plans.at(-1) ?? state.last)?.step === 'ask' ? null : act.apply(state)) });

/** What the request before put in order by one column, from high to low or the other way. */
const turnedDown = (down: boolean, fits: (name: string) => boolean = () => true): Act =>
  ofLast(amend(`sort down ${down}`, (plan) => (plan.step === 'sort' && plan.by.length === 1 && !plan.by[0]!.order && fits(plan.by[0]!.column) ? { ...plan, by: [{ ...plan.by[0]!, down }] } : null)));

/** The last column that rows were just put in order by, from high to low or the other way: 'sort on area, biggest roofs first'. */
const lastDown = (down: boolean, x: Context): Act => amend(`last down ${down}`, (plan) => { const last = plan.step === 'sort' ? plan.by.at(-1)! : undefined; return plan.step === 'sort' && last && !last.order && ordered(last.column, x) && (down || !last.down) ? { ...plan, by: [...plan.by.slice(0, -1), { ...last, down }] } : null; });

/** Only after something was done; after a sort it goes on with that. */
const onlyAfter = (act: Act): Act => ({ key: `after ${act.key}`, apply: (state) => { const before = state.plans.at(-1) ?? state.last; return before !== null && before.step !== 'sort' ? act.apply(state) : null; } });

/** One more key for rows that are equal so far. */
const andBy = (name: string, down: boolean): Act =>
  amend(`sort and ${name} ${down}`, (plan) => (plan.step === 'sort' && !plan.by.some((k) => k.column === name) ? { ...plan, by: [...plan.by, { column: name, down }] } : null));

interface Value { readonly column: string; readonly text: string }

/** The values of a column in an order of their own. */
const inOrder = (name: string, list: readonly Value[]): SortKey | null => (list.length > 1 && list.every((v) => v.column === name) ? { column: name, down: false, order: list.map((v) => v.text) } : null);

/** Columns whose high values are the bad ones. */
const WORSE_WHEN_HIGH = /sever|risk|error|loss|delay|late|fault|damage|overdue|days|waste|churn|complaint|fail|defect/i;

/** Rows with some values of a column before, or behind, all others. */
const valuesFirst = (values: readonly { readonly column: string; readonly text: string }[]): Act | null =>
  values.every((v) => v.column === values[0]!.column) ? plans({ step: 'sort', by: [{ column: values[0]!.column, down: false, order: values.map((v) => v.text) }] }) : null;

export const phrases = [
  // 'Put the open ones at the top'
  rule('clause', '~move|~sort|bring|list the? $values:v ones|$rows|$noun|$guess? first|top', ({ v }) => valuesFirst(v), -0.4),
  rule('clause', '~move|~sort|bring|list the? $values:v ones|$rows|$noun|$guess? at|on|to|in the? very? top|front|beginning|start|head (of the? list|table|sheet)?', ({ v }) => valuesFirst(v), -0.6),
  rule('clause', '$values:v ones|$rows|$noun|$guess? at|on|to the? very? top|front|beginning|start (of the? list|table|sheet)?', ({ v }) => valuesFirst(v), 0),
  rule('rider', '~highest $col|$noun|$guess|$rows first|at|on the? top?', (_s, x: Context) => lastDown(true, x), 0.1),
  rule('rider', '~lowest $col|$noun|$guess|$rows first|at|on the? top?', (_s, x: Context) => lastDown(false, x), 0.1),
  rule('rider', 'and|but|then? the? $col:c first|before (that|all|everything|them)?', ({ c }) => amend(`sort first ${c}`, (plan) => (plan.step === 'sort' && !plan.by.some((k) => k.column === c) ? { ...plan, by: [{ column: c, down: false }, ...plan.by] } : null)), -0.3),
  rule('clause', 'and|then|now|also by the? $col:c ,? ~descending', ({ c }, x: Context) => (ordered(c, x) ? ofRows(sortBy([{ column: c, down: true }])) : null), 0.1),
  rule('clause', 'and|then|now|also by the? $col:c ,? ~ascending', ({ c }, x: Context) => (ordered(c, x) ? ofRows(sortBy([{ column: c, down: false }])) : null), 0.1),
  // 'The most first', of what was just put in order
  ...([['highest|biggest|most|largest|best|heaviest|dearest|longest', true], ['lowest|smallest|least|fewest|worst|lightest|cheapest|shortest', false]] as const).map(([words, down]) => rule('rider', `(and|but|now|with)? the? ${words} one|ones|$rows? first|on|at top|the? top? please?`, () => turnedDown(down), 0)).flat(),
  ...([['newest|latest|youngest', true], ['oldest|earliest', false]] as const).map(([words, down]) => rule('rider', `(and|but|now|with)? the? ${words} one|ones|$rows? first|on|at top|the? top? please?`, (_s, x: Context) => turnedDown(down, (name) => dated(name, x)), 0)).flat(),
  rule('alone', '(and|then|now)? (sorted|ordered)? by the? $sortkeys:k', ({ k }) => ofRows(onlyAfter(sortBy(k))), 0.3),
  rule('sortkey', '$col:c in the? order|sequence :|of? $values:v', ({ c, v }) => { const k = inOrder(c, v); return k && [k]; }, -0.2),
  rule('sortkey', '$col:c :|, $values:v', ({ c, v }) => { const k = inOrder(c, v); return k && [k]; }, 0),
  rule('sortkey', '$col:c ~open $values:v ~close', ({ c, v }) => { const k = inOrder(c, v); return k && [k]; }, 0),
  rule('inThisOrder', ',|;|.|:|-|–? that|this|which is|means|meaning :|,?', () => true, 0),
  rule('inThisOrder', ',|;|.|:|-|–? namely|meaning|first|order|i.e|ie :|,?', () => true, 0),
  rule('inThisOrder', ',|;|.|:|-|–? in the|this order|sequence :|,?', () => true, 0),
  rule('rider', '$inThisOrder $values:v (in that|this order)? (at|on top first)?', ({ v }) => amend(`sort order ${JSON.stringify(v)}`, (plan) => {
    const key = plan.step === 'sort' ? inOrder(v[0].column, v) : null;
    return plan.step === 'sort' && key && plan.by.some((k) => k.column === key.column) ? { ...plan, by: plan.by.map((k) => (k.column === key.column ? key : k)) } : null;
  }), -0.3),
  rule('sortkey', '$col:c', ({ c }) => [{ column: c, down: false }], 0.1),
  // 'And then by falling amount'
  rule('sortkey', 'falling|decreasing|descending ^$col:c', ({ c }) => [{ column: c, down: true }], -0.3),
  rule('sortkey', 'rising|increasing|ascending ^$col:c', ({ c }) => [{ column: c, down: false }], -0.3),
  rule('clause', '~sort|put? it|them|these|those|$rows? in? (the? order)? first|firstly by|on $sortkey:k ,|and|;|.? second|secondly|then|next|after by|on? $sortkeys:s', ({ k, s }) => { const keys = distinctKeys(k, s); return keys && sortBy(keys); }, 0),
  rule('sortkey', '$col:c ,|and|with|;|: the? $adj:a $rows|$noun|$guess|one|ones? first|on|at top|the? top?', ({ c, a }) => (a.column === c ? [{ column: c, down: a.down }] : null), -0.2),
  rule('sortkey', '$col:c ,|and|with|the? ~downwards', ({ c }) => [{ column: c, down: true }], 0),
  rule('sortkey', '$col:c ,|and|with|the? ~upwards', ({ c }) => [{ column: c, down: false }], 0),
  rule('sortkey', '$col:c ,|and|with|the? ~highestFirst', ({ c }, x: Context) => (ordered(c, x) ? [{ column: c, down: true }] : null), 0),
  rule('sortkey', '$col:c ,|and|with|the? ~lowestFirst', ({ c }, x: Context) => (ordered(c, x) ? [{ column: c, down: false }] : null), 0),
  rule('sortkey', '$col:c ,|and|with|the? ~newestFirst', ({ c }, x: Context) => (dated(c, x) ? [{ column: c, down: true }] : null), 0),
  rule('sortkey', '$col:c ,|and|with|the? ~oldestFirst', ({ c }, x: Context) => (dated(c, x) ? [{ column: c, down: false }] : null), 0),
  rule('sortkey', 'the? ~highest $col:c first|on|at top|the? top?', ({ c }, x: Context) => (ordered(c, x) && !namesRows(c, x.vocabulary) ? [{ column: c, down: true }] : null), 0),
  rule('sortkey', 'the? ~lowest $col:c first|on|at top|the? top?', ({ c }, x: Context) => (ordered(c, x) && !namesRows(c, x.vocabulary) ? [{ column: c, down: false }] : null), 0),
  rule('sortkey', '$col:c ,|and|with|the? the? highest|biggest|largest|best|most one|ones|$rows|$noun|values|value? first|on|at top|the? top?', ({ c }, x: Context) => (ordered(c, x) ? [{ column: c, down: true }] : null), 0),
  rule('sortkey', '$col:c ,|and|with|the? the? lowest|smallest|least one|ones|$rows|$noun|values|value? first|on|at top|the? top?', ({ c }, x: Context) => (ordered(c, x) ? [{ column: c, down: false }] : null), 0),
  rule('sortkey', '$col:c ,|and|with|the? the? newest|latest one|ones|$rows|$noun? first|on|at top|the? top?', ({ c }, x: Context) => (dated(c, x) ? [{ column: c, down: true }] : null), 0),
  rule('sortkey', '$col:c ,|and|with|the? the? oldest|earliest one|ones|$rows|$noun? first|on|at top|the? top?', ({ c }, x: Context) => (dated(c, x) ? [{ column: c, down: false }] : null), 0),
  // 'Grade, best first' of grades that are letters: A comes first
  ...([['best|top|good|highest', false], ['worst|lowest|bad|poorest', true]] as const).map(([words, down]) => rule('sortkey', `$col:c ,|:|with? the? ${words} one|ones|$rows|$noun? first|on|at top|the? top? (~open $value|$word|$text:a ~be|=|means the? best|top|highest|good ~close)?`, ({ c }, x: Context) => (graded(c, x) ? [{ column: c, down }] : null), 0)),
  rule('sortkey', 'the? worst $col:c first|on|at top|the? top?', ({ c }, x: Context) => (ordered(c, x) ? [{ column: c, down: WORSE_WHEN_HIGH.test(c) }] : null), -0.2),
  rule('clause', 'put|show|list|have|bring? the? worst $col:c first|on|at top|the? top?', ({ c }, x: Context) => (ordered(c, x) ? plans({ step: 'sort', by: [{ column: c, down: WORSE_WHEN_HIGH.test(c) }] }) : null), -0.2),
  // 'From the best rating to the worst; those without rating last'
  rule('sortkey', 'from the? ~highest $col:c down? to the? ~lowest one|$col?', ({ c }, x: Context) => (ordered(c, x) ? [{ column: c, down: true }] : null), -0.3),
  rule('sortkey', 'from the? ~lowest $col:c up? to the? ~highest one|$col?', ({ c }, x: Context) => (ordered(c, x) ? [{ column: c, down: false }] : null), -0.3),
  rule('sortkey', 'from the? newest|latest $col:c to the? oldest|earliest one?', ({ c }, x: Context) => (dated(c, x) ? [{ column: c, down: true }] : null), -0.3),
  rule('sortkey', 'from the? oldest|earliest $col:c to the? newest|latest one?', ({ c }, x: Context) => (dated(c, x) ? [{ column: c, down: false }] : null), -0.3),
  rule('rider', 'and|with? those|the|all? ones|$rows|$noun? ~without an|any? $col:c ~be? last|at|to|in the? end|bottom|back?', ({ c }) => amend(`sort blanks last ${c}`, (plan) => (plan.step === 'sort' && plan.by.some((k) => k.column === c) ? plan : null)), -0.2),
  rule('sortkey', 'it|this|that', () => [{ column: IT, down: false }], 0.1),
  rule('sortkey', 'it|this|that ,|and|with|the? ~descending', () => [{ column: IT, down: true }], 0),
  rule('sortkey', 'it|this|that ,|and|with|the? ~ascending', () => [{ column: IT, down: false }], 0),
  rule('sortkeys', '$sortkey:k', ({ k }) => k, 0),
  rule('within', 'within|inside|in the|each|every? same? $col:c ,?', ({ c }) => c, 0),
  rule('sortkeys', '$sortkey:k ,|and|;? ,? $within the? $heavy:h', ({ k, h }) => distinctKeys(k, [h]), 0),
  rule('sortkeys', '$sortkey:k ,|and|;? ,? $within by? $sortkeys:s', ({ k, s }) => distinctKeys(k, s), 0),
  rule('sortkeys', '$sortkey:k ,|and|;? ~then ,? the? $heavy:h', ({ k, h }) => distinctKeys(k, [h]), -0.4),
  rule('sortkeys', '$sortkey:k ,|and|;? ~then|for|with|in the? rows|ones|$rows|those? of|with|for|in? the? same $col:g ,? the? $heavy:h', ({ k, g, h }) => (k.some((s: SortKey) => s.column === g) ? distinctKeys(k, [h]) : null), -0.4),
  rule('sortkeys', '$sortkey:k ,|and|;? ~then ,? $sortkeys:s', ({ k, s }) => distinctKeys(k, s), 0),
  rule('sortkeys', '$sortkey:k ,|and $sortkeys:s', ({ k, s }) => distinctKeys(k, s), 0.1),
  // 'Sort by the guide's surname': what is not a column yet becomes one
  rule('clause', '~sort by|on|after the? ^$formula:e ,? ~ascending?', ({ e }) => sortByNew(e, false), 0.3),
  rule('clause', '~sort by|on|after the? ^$formula:e ,? ~descending', ({ e }) => sortByNew(e, true), 0.2),
  rule('clause', '~sort by|on|after? $sortkeys:k', ({ k }) => sortBy(k), 0),
  rule('clause', '~sort $rows by|on|after? $sortkeys:k', ({ k }) => sortBy(k), 0.1),
  rule('clause', '(put|show|list|have|bring|want|get|sort)? (the|them|$rows|it)? (by|so|:|,)? the? ^$feat:f $rows|$noun|$guess|ones? first|on|at top|the? top?', ({ f }) => sortByFeat(f), 0),
  rule('heavy', 'the? $adj:a $rows|$noun|$guess? first|on|at top|the? top?', ({ a }) => ({ column: a.column, down: a.down }), 0),
  rule('clause', 'the? $adj:a $rows|$noun|$guess first|on|at top|the? top?', ({ a }) => plans({ step: 'sort', by: [{ column: a.column, down: a.down }] }), 0.1),
  rule('clause', 'put|show|list|have|bring|want|get the? $adj:a $rows|$noun|$guess? first|on|at top|the? top?', ({ a }) => plans({ step: 'sort', by: [{ column: a.column, down: a.down }] }), 0),
  rule('sortkey', '$col:c ,|and? with|having|where the? $num:n first|on|at top|the? top?', ({ c, n }, x: Context) => { const g = x.head.glances?.get(c); return g && Number(g.highest) === n ? [{ column: c, down: true }] : g && Number(g.lowest) === n ? [{ column: c, down: false }] : null; }, -0.4),
  rule('rider', 'and? those|ones|$rows|$noun with|of|having the? same $col by|on the? $sortkey:k', ({ k }) => { const [key] = k as SortKey[]; return key!.column === IT ? null : andBy(key!.column, key!.down); }, -0.2),
  rule('clause', 'the? $adj:a first|on|at top?', ({ a }) => plans({ step: 'sort', by: [{ column: a.column, down: a.down }] }), 0.1),
  rule('aside', '~if the? $col ~be the? ~same|equal|tied', () => nothing, 0.05),
  rule('tieFor', '~if|~wherever the|two? $col|it|they|that|this|$rows ~be the? equal|same|tied', () => true, 0),
  rule('tieFor', '~if|~wherever equal|tied|same', () => true, 0.02),
  rule('tieFor', "~if|~wherever it's|that's|they're the? equal|same|tied", () => true, 0),
  rule('olderFirst', 'older|earlier|oldest|earliest|elder $rows|$noun|one|ones? first|on|at top|the? top?', () => 'up', 0),
  rule('olderFirst', 'newer|later|newest|latest|younger $rows|$noun|one|ones? first|on|at top|the? top?', () => 'down', 0),
  rule('rider', '$tieFor ,? put|have|list|show? the? $comparative:k $rows|$noun|one|ones? goes|go|come|comes|is? first|on|at|before|above top|the? top?', ({ k }) => andBy(k.column, k.down), -0.2),
  rule('rider', '$tieFor? ,? put|have|list|show? the? $olderFirst:d $tieFor?', ({ d }, x: Context) => { const c = rowDate(x); return c && andBy(c, d === 'down'); }, 0),
  rule('rider', '$tieFor ,? by|then|sort|order|go|put|on? by|the? $sortkeys:k', ({ k }) => { const [key] = k as SortKey[]; return k.length > 1 || key!.column === IT ? null : andBy(key!.column, key!.down); }, 0.05),
  rule('clause', '~sort it|them|this|that|everything|the|all? list|table|rows|$rows? ^~ascending ^by|on|after the? $col:c', ({ c }) => plans({ step: 'sort', by: [{ column: c, down: false }] }), 0),
  rule('clause', '~sort it|them|this|that|everything|the|all? list|table|rows|$rows? ^~descending ^by|on|after the? $col:c', ({ c }) => plans({ step: 'sort', by: [{ column: c, down: true }] }), 0),
  rule('clause', '~sort the? $rows|$noun :|,|-|–|so that? $sortkeys:k', ({ k }) => sortBy(k), 0),
  rule('rider', 'and? within|in|for|inside the|each? same $col by|on? the? $sortkeys:k', ({ k }) => { const [key] = k as SortKey[]; return k.length > 1 || key!.column === IT ? null : andBy(key!.column, key!.down); }, -0.1),
  rule('clause', '$rows|$noun ~sort by|on|after? $sortkeys:k', ({ k }) => sortBy(k), 0.05),
  rule('clause', '~sort $rows? ^~descending by|on|after $col:c', ({ c }) => plans({ step: 'sort', by: [{ column: c, down: true }] }), 0),
  rule('clause', '~sort $rows? ^~ascending by|on|after $col:c', ({ c }) => plans({ step: 'sort', by: [{ column: c, down: false }] }), 0),
  rule('clause', '~make $rows? in order of $sortkeys:k', ({ k }) => sortBy(k), 0),
  rule('heavy', '$col:c first', ({ c }, x: Context) => (ordered(c, x) ? { column: c, down: true } : null), 0.1),
  rule('heavy', '~highest $col:c first', ({ c }, x: Context) => (namesRows(c, x.vocabulary) ? null : { column: c, down: true }), 0),
  rule('heavy', 'heaviest first|on|at top?', (_s, x: Context) => { const c = onlyQuantity(x); return c && { column: c, down: true }; }, 0.2),
  rule('clause', 'the? ~highest $col:c first|on|at top?', ({ c }, x: Context) => ordered(c, x) ? plans({ step: 'sort', by: [{ column: c, down: true }] }) : null, 0.1),
  rule('clause', 'the? ~lowest $col:c first|on|at top?', ({ c }, x: Context) => ordered(c, x) ? plans({ step: 'sort', by: [{ column: c, down: false }] }) : null, 0.1),
  rule('sortkey', '$col:c ,|:? from $num:a down? to $num:b', ({ c, a, b }, x: Context) => (a === b || !ordered(c, x) ? null : [{ column: c, down: a > b }]), -0.1),
  rule('rider', 'and|then? on|for|in|with|within|inside|at the? same $col|day|date|$word ,? by|on|after the? $sortkey:k', ({ k }) => { const [key] = k as SortKey[]; return key!.column === IT ? null : andBy(key!.column, key!.down); }, -0.3),
  // 'And on the same day the later start first'
  ...([['later|latest|newer|newest|last|higher|highest|bigger|biggest|larger|largest|longer|heavier', true], ['earlier|earliest|older|oldest|first|lower|lowest|smaller|smallest|shorter|lighter', false]] as const).flatMap(([words, down]) => [
    rule('rider', `and|with? on|for|in|within|inside|at the? same $col|day|date|$word ,? put|show? the? ${words} $col:c first|on|at top|the? top?`, ({ c }) => andBy(c, down), -0.3),
    rule('rider', `and|with? on|for|in|within|inside|at one|1|an? equal? day|date ,? put|show? the? ${words} $col:c first|on|at top|the? top?`, ({ c }) => andBy(c, down), -0.3),
  ]).flat(),
  rule('rider', 'ties|equal|equals|draws|same ones|values|rows|numbers|cases? go|sorted|ordered|broken|decided|settled? by|on|with|via the? $sortkey:k', ({ k }) => { const [key] = k as SortKey[]; return key!.column === IT ? null : andBy(key!.column, key!.down); }, 0),
  rule('rider', 'ties|equal|equals|draws|same ones|values|rows|numbers|cases? go|sorted|ordered|broken|decided|settled? by|on|with|via the? $col:c ,? the? ~earliest first', ({ c }) => andBy(c, false), -0.1),
  rule('rider', 'ties|equal|equals|draws|same ones|values|rows|numbers|cases? go|sorted|ordered|broken|decided|settled? by|on|with|via the? $col:c ,? the? ~latest first', ({ c }) => andBy(c, true), -0.1),
  rule('sortkey', '$col:c from? ~bigWord to ~smallWord', ({ c }, x: Context) => (dated(c, x) ? null : [{ column: c, down: true }]), 0),
  rule('sortkey', '$col:c from? ~smallWord to ~bigWord', ({ c }, x: Context) => (dated(c, x) ? null : [{ column: c, down: false }]), 0),
  // Of dates the old ones are the small ones.
  rule('sortkey', '$col:c from? old|oldest|early|earliest to new|newest|late|latest|recent', ({ c }, x: Context) => (dated(c, x) ? [{ column: c, down: false }] : null), 0),
  rule('sortkey', '$col:c from? new|newest|late|latest|recent to old|oldest|early|earliest', ({ c }, x: Context) => (dated(c, x) ? [{ column: c, down: true }] : null), 0),
  rule('clause', 'put|show|list|have|bring the? ~highest $col:c $rows|$guess|$noun first|on|at top|the? top?', ({ c }, x: Context) => ordered(c, x) ? plans({ step: 'sort', by: [{ column: c, down: true }] }) : null, 0),
  rule('clause', 'put|show|list|have|bring the? ~lowest $col:c $rows|$guess|$noun first|on|at top|the? top?', ({ c }, x: Context) => ordered(c, x) ? plans({ step: 'sort', by: [{ column: c, down: false }] }) : null, 0),
  rule('rider', '~if it|they|that ~be? equal|same|tied ,? the? one|ones|$rows? that|which? we|they|it|was? $col:c ~earliest go|goes|come|comes|is? first', ({ c }) => andBy(c, false), 0),
  rule('rider', '~if it|they|that ~be? equal|same|tied ,? the? one|ones|$rows? that|which? we|they|it|was? $col:c ~latest go|goes|come|comes|is? first', ({ c }) => andBy(c, true), 0),
  rule('rider', '~if it|they|that ~be? equal|same|tied ,? by|on|sort $col:c', ({ c }) => andBy(c, false), 0),
  rule('aside', '~open? $num|$value ~be the? ~highest|~lowest ~close?', () => nothing, 0),
  rule('clause', 'put|show|list|have|bring the? ~highest $col:c first|on|at top|the? top?', ({ c }, x: Context) => ordered(c, x) ? plans({ step: 'sort', by: [{ column: c, down: true }] }) : null, 0),
  rule('clause', 'put|show|list|have|bring the? ~lowest $col:c first|on|at top|the? top?', ({ c }, x: Context) => ordered(c, x) ? plans({ step: 'sort', by: [{ column: c, down: false }] }) : null, 0),
  rule('rider', 'but? in? the? other|opposite way|order|direction round|around?', () => amend('sort turned', (plan) => (plan.step === 'sort' ? { ...plan, by: plan.by.map((k) => ({ ...k, down: !k.down })) } : null)), 0),
  // 'Descending please', 'no, the largest on top', 'from high to low', 'largest first I meant'
  rule('rider', '$nopes? ~iMeant? ,? the? ~descending (please|rather|instead)? (i (meant|mean))?', () => turnedDown(true), 0.1),
  rule('rider', '$nopes? ~iMeant? ,? the? ~ascending (please|rather|instead)? (i (meant|mean))?', () => turnedDown(false), 0.1),
  rule('rider', '$nopes (put|show)? the? highest|biggest|most|largest|best|newest|latest|heaviest|dearest|longest one|ones|$rows? first|on|at top|the? top?', () => turnedDown(true), 0),
  rule('rider', '$nopes (put|show)? the? lowest|smallest|least|fewest|earliest|oldest|lightest|cheapest|shortest one|ones|$rows? first|on|at top|the? top?', () => turnedDown(false), 0),
  rule('rider', 'reverse|turn|flip it|that|the order? round|around|over?', () => amend('sort turned', (plan) => (plan.step === 'sort' ? { ...plan, by: plan.by.map((k) => ({ ...k, down: !k.down })) } : null)), 0.1),
  rule('rider', 'and? then by|on the? $col:c', ({ c }) => amend(`sort then ${c}`, (plan) => (plan.step === 'sort' && !plan.by.some((k) => k.column === c) ? { ...plan, by: [...plan.by, { column: c, down: false }] } : null)), 0.3),
  rule('aside', 'and|with? the? blanks|empties|gaps|missing|empty|blank values|cells|ones|$rows? (in|of|for|under the? $cols)? go|come|put|stay? at|to|in|always? the|very? last|end|bottom|back (of|within|in the|each|every|its|their? $col|$word)?', () => nothing, -0.1),
  rule('aside', 'the? ~blankWord ones|cells|rows|values|$cols? last', () => nothing, 0.05),
  rule('aside', 'and|with? the? ones|those|$rows|$noun with|without|having no|an|any? $col go|come|put|at|to|in? the|very? last|end|bottom|back', () => nothing, 0.05),
  rule('aside', 'the? ~blankWord $cols go|come|stay|put|at|are? at|to|in the? end|bottom|back|last', () => nothing, 0.05),
  rule('aside', 'the? ~blankWord ones|cells|rows|values? go|come|stay|put? at|to|in the? end|bottom|back', () => nothing, 0.05),
].flat();

/** The column that 'heaviest first' is about: the only one of a weight, by its name. */
function onlyQuantity({ head }: Context): string | null {
  const found = head.columns.filter((c) => /^(?:kg|kilos?|weight|.*\bweight\b.*|.*\bkg\b.*)$/i.test(c.name) && readsAsNumber(head, c.name));
  return found.length === 1 ? found[0]!.name : null;
}
