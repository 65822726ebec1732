import type { DistinctPlan } from './step';
import { amend, headAfter, nothing, plans, withPlan, type Act, type Context, type State } from '../../language/acts';
import { rule } from '../../language/chart';
import { readsAsDate } from '../../formula/check';
import { number, rowsCounted } from '../../formula/expression';
import { dateColumns, rowDate } from '../../language/grammar/roles';
import { add } from '../calculate/adding';
import { type Entailed, keepsSome } from '../../language/entailed';

type Keep = Extract<DistinctPlan['keep'], string>;
const distinct = (by: readonly string[], keep: Keep = 'first') => plans({ step: 'distinct', keep, by });
const alike = (by: readonly string[], keep: Keep = 'first') => plans({ step: 'distinct', keep, by, alike: true });
/** Columns that tell near-duplicates, where none were named: all but those in which every row is another. */
const telling = ({ head }: Context): string[] => head.columns.filter((c) => { const g = head.glances?.get(c.name); return !g?.values || g.values.length < g.rows - g.blanks || c.type === 'text' && g.values.some(([v]) => /\s/.test(v.trim())); }).map((c) => c.name);
const keepRider = (keep: Keep) => amend(`keep ${keep}`, (plan) => (plan.step === 'distinct' ? { ...plan, keep } : null));
/** 'Throw out the repeats' after what said which they are asks for nothing more. */
const repeats = (columns: readonly string[]): Act => ({ key: 'repeats', apply: (state) => (state.plans.at(-1)?.step === 'distinct' ? state : distinct(columns).apply(state)) });
/** One record of several: the blanks of a group's rows are filled from each other before one of them stays. */
const merged = (by: readonly string[] | null, keep: Keep = 'first'): Act => ({
  key: `merged ${JSON.stringify(by)}`,
  apply(state) {
    const last = state.plans.at(-1);
    const own = by ?? (last?.step === 'distinct' && !last.alike ? last.by : null);
    if (!own || own.length === state.head.columns.length) return null;
    // What was said before is done after the gaps are filled.
    const before = by === null ? state.plans.slice(0, -1) : state.plans;
    const start = by === null ? before.reduce((head, plan) => headAfter(plan, head), state.start) : state.head;
    const gaps = start.columns.filter((c) => !own.includes(c.name) && start.glances?.get(c.name)?.blanks !== 0).map((c) => c.name);
    const base: State = { ...state, plans: before, head: start };
    const filled = gaps.length ? withPlan(base, { step: 'fill', columns: gaps, with: { kind: 'figure', fn: 'first', by: own } }) : base;
    return withPlan(filled, by === null ? last! : { step: 'distinct', keep, by: own });
  },
});
/** Of each group the row with the latest date, or the largest amount. */
const keepMost = (column: string, kind: 'highest' | 'lowest') => amend(`keep ${kind} ${column}`, (plan) => (plan.step !== 'distinct' ? null : plan.alike ? { ...plan, keep: { kind, column } } : { step: 'take', count: 1, choice: { kind, column }, by: plan.by }));
/** The newest or the oldest, where one column holds dates. */
const keepDated = (kind: 'highest' | 'lowest', x: Context): Act | null => { const date = rowDate(x); return date === null ? null : keepMost(date, kind); };
const everything = ({ head }: Context): string[] => head.columns.map((c) => c.name);

/** A column that says of each row whether it stands there more than once. */
const markRepeats = (by: readonly string[]) => add({ kind: 'choose', cases: [{ when: { kind: 'compare', op: '>', left: rowsCounted(by), right: number(1) }, then: { kind: 'text', value: 'yes' } }], otherwise: { kind: 'text', value: 'no' } }, 'Duplicate');

export const phrases = [
  // 'OP-505 is a repeat of OP-501'
  rule('aside', '$value ~be|repeats? a|an|the? repeat|repetition|duplicate|copy|double|twin of $value', () => nothing, 0.1),
  rule('aside', '$value ~be|repeats|equals the? same as? $value', () => nothing, 0.1),
  rule('aside', '$value repeats|duplicates|doubles|copies $value', () => nothing, 0.1),
  rule('alike', '~same $col:c', ({ c }) => [c], 0),
  rule('alike', '~same $col:c ~list $alike:r', ({ c, r }) => [c, ...r], 0),
  rule('alike', '~same $col:c on|for|at $alike:r', ({ c, r }) => [c, ...r], 0),
  rule('clause', '~drop $rows|$noun ~rel? ~be? in|there|here? there|here|in? ~duplicates', (_s, x: Context) => repeats(everything(x)), 0.1),
  rule('clause', '~drop the? second|other|extra one|ones|copy|copies of? $rows|$noun ~rel ~be? in|there|here? there|here|in? ~duplicates', (_s, x: Context) => repeats(everything(x)), 0.05),
  rule('clause', 'mark|flag|tag the? all? ~duplicates ~into? ~column?', (_s, x: Context) => markRepeats(everything(x)), 0),
  rule('clause', 'mark|flag|tag the? all? ~duplicates by|on|of|in|for $cols:c', ({ c }) => markRepeats(c), 0),
  rule('clause', '~be|have there|we? any ~duplicates ?|.|, ~drop them|those|it', (_s, x: Context) => repeats(everything(x)), 0.1),
  rule('clause', 'an? $rows|$noun|$guess that|which|with has|have|having? $alike:c as another|others|an? other|another? one|$rows|$noun? ~be|counts|count as? an? duplicate|repeat|double|repetition', ({ c }) => distinct(c), -0.2),
  rule('clause', 'some|many|several|most|certain|a few? $cols:c come|comes|appear|appears|occur|occurs|are|is|stand|stands|show up|in? there|here|in? (more than once|twice|repeatedly|several times)', ({ c }) => distinct(c), 0),
  rule('clause', '~if there ~be two|several|more|2 $rows|$noun|$guess for|with|of|that have $alike:c', ({ c }) => distinct(c), 0),
  rule('rider', 'i|we? just|only want|need the? $firstLast:k one|row|record? (of|for each|every|them|those)?', ({ k }) => keepRider(k), -0.2),
  rule('rider', 'keep|leave|have|want|need it|them|each|that|this|one|those of|from? them|those|these? only|just? once|one', () => amend('kept once', (plan) => (plan.step === 'distinct' ? plan : null)), -0.2),
  rule('clause', '~drop ~duplicates', (_s, x: Context) => repeats(everything(x)), 0.3),
  rule('clause', '(one|some|a|few|several|these|the|two|three) $rows ~be|stand|come|comes|appear|appears in|here|there|listed|entered|recorded|typed? twice|double|doubly ,|;|:|-|.? so|please? throw|take|drop|remove|delete|kick|leave the? second|repeat|repeats|doubles|double|copy|copies|extra one|ones? out|away?', (_s, x: Context) => repeats(everything(x)), -0.3),
  rule('clause', '^$firstLast:k $rows|$noun|$guess ~each $cols:c', ({ k, c }) => distinct(c, k), 0.4),
  rule('clause', '~drop duplicate|duplicated|repeated|double $cols:c', ({ c }) => distinct(c), 0),
  rule('clause', '~drop ~duplicates by|on|of|in|for|according to? $cols:c', ({ c }) => distinct(c), 0),
  rule('clause', '~drop ~duplicates , $alike:c', ({ c }) => distinct(c), 0),
  rule('clause', 'some|several|a|few|couple? of? $rows|$guess ~duplicates ,|:? $alike:c', ({ c }) => distinct(c), 0.05),
  rule('clause', '$rows ~duplicates ~open $alike:c ~close', ({ c }) => distinct(c), 0),
  rule('clause', '$rows ~duplicates , $alike:c', ({ c }) => distinct(c), 0),
  rule('clause', 'every|each $col:c ~should appear|be|stand|occur|come|only $once', ({ c }) => distinct([c]), 0),
  rule('clause', 'leave|keep|show|have only|just one $rows ~each $cols:c ,? the? $firstLast:k one|$rows?', ({ k, c }) => distinct(c, k), -0.05),
  rule('clause', 'only|just? one|1|a|single single? row|rows|record|line|entry ~each $cols:c ,|:|;|- namely|i.e|ie|that is|and|this? is|being? the? $firstLast:k one|$rows?', ({ k, c }) => distinct(c, k), -0.2),
  rule('clause', 'one|1|a single? $rows|$noun|$guess ~each $cols:c ~be|will do|enough|sufficient|suffices|fine|all|plenty (i|we need|want)? ,|:|;|–|-|.? the? $firstLast:k one|$rows?', ({ k, c }) => distinct(c, k), -0.1),
  rule('clause', '^the? ~same $cols:c ,|:|;|-|–|.? ~keep only|just? $firstLast:k? one|1 row|$rows? of? them|these|those|it|each?', ({ c, k }) => distinct(c, k), 0.2),
  rule('clause', '~keep one|a $rows ~each $cols:c', ({ c }) => distinct(c), 0.1),
  rule('clause', '~keep one|a $rows ~each $cols:c ,|:|;|-? the? $firstLast:k one|$rows?', ({ k, c }) => distinct(c, k), 0),
  rule('rider', 'the $firstLast:k one|row|record|entry?', ({ k }) => keepRider(k), 0.15),
  rule('clause', 'only|just? one $rows ~each $cols:c ,? the? $firstLast:k one|$rows?', ({ k, c }) => distinct(c, k), 0),
  rule('clause', '~keep $firstLast:k $rows? ~each $cols:c', ({ k, c }) => distinct(c, k), 0),
  rule('clause', '$value:v ~be|appears|comes|stands|occurs listed|entered|recorded|up? in|on|here|there? here|there|list|the? list|table? ~duplicates ,|;|.|:|-|–? so|and|please? please? ~drop the? second|other|repeat|copy|duplicate|double|last|later one|row|$rows|entry|line?', ({ v }) => distinct([v.column]), -0.2),
  rule('clause', 'the? same $rows|$noun ~be|~have been? typed|entered|listed|recorded|written|put in? in? ~duplicates ,|;|.|:|-|–? so|and|please? please? throw|take|drop|remove|delete|kick|leave one|1 of? them|those|these? out|away|off?', (_s, x: Context) => repeats(everything(x)), -0.1),
  // 'Ada Fern is in there twice, keep just the first'
  rule('clause', '$value:v ~be|appears|comes|stands|occurs listed|entered|recorded|up? in|on|here|there? here|there|list|the? list|table? ~duplicates ,|;|.|:|-|–? so|and|please? ~keep|leave|want|need it|them|that|this|her|him only|just? once|one', ({ v }) => distinct([v.column]), -0.3),
  rule('clause', '$value:v ~be|appears|comes|stands|occurs listed|entered|recorded|up? in|on|here|there? here|there|list|the? list|table? ~duplicates ,|;|.|:|-|–? so|and|please? ~keep only|just? the? $firstLast:k one|row|$rows|entry|line?', ({ v, k }) => distinct([v.column], k), -0.2),
  rule('once', 'only|just? one|a time only?', () => true, 0),
  rule('once', 'only|just? once only?', () => true, 0),
  rule('firstLast', 'first|topmost', () => 'first', 0),
  rule('firstLast', 'last|bottom', () => 'last', 0),
  rule('firstLast', 'fullest', () => 'fullest', 0),
  rule('firstLast', 'most complete|filled', () => 'fullest', 0),
  rule('rider', '~keep the? one|row|entry|record? with|having|that|which has|have? the? most filled|filled-in|complete? cells|fields|values|data|information|details|entries (filled|in)?', () => keepRider('fullest'), 0),
  rule('rider', '~keep the? best filled one|row|record?', () => keepRider('fullest'), 0),
  rule('rider', '~keep the? $firstLast:k one|row|record|entry|ones?', ({ k }) => keepRider(k), 0.02),
  rule('rider', 'the? $firstLast:k one|row|record|entry|ones? stays|stay|remains|wins|survives|counts', ({ k }) => keepRider(k), 0),
  rule('clause', 'the? same $col:c ~should only|just? be|appear|stand|occur|come in|here|there|up? in|here|there? only|just? once|one (time)?', ({ c }) => distinct([c]), -0.2),
  // 'Keep the cheaper one', 'the newest stays'
  rule('rider', '~keep the? $adj:a one|row|record|entry|$rows?', ({ a }) => keepMost(a.column, a.down ? 'highest' : 'lowest'), 0),
  rule('rider', '~keep the? $comparative:a one|row|record|entry|$rows?', ({ a }) => keepMost(a.column, a.down ? 'highest' : 'lowest'), 0),
  rule('rider', 'the? $adj:a one|row|record|entry|$rows? stays|stay|remains|wins|survives|counts', ({ a }) => keepMost(a.column, a.down ? 'highest' : 'lowest'), 0),
  rule('rider', '~keep the? ~latest|newest ^$col:c', ({ c }, x: Context) => (readsAsDate(x.head, c) ? keepMost(c, 'highest') : null), -0.1),
  rule('rider', '~keep the? ~earliest|oldest ^$col:c', ({ c }, x: Context) => (readsAsDate(x.head, c) ? keepMost(c, 'lowest') : null), -0.1),
  rule('clause', 'the? $firstLast:k $rows|$noun|$guess of|for|from|per each|every|any $cols:c', ({ c, k }, x: Context) => (dateColumns(x).length === 0 ? distinct(c, k) : null), 0.1),
  rule('clause', '~each $cols:c just|only once|one time? ,|;|:|-|–? and|with|keep|i|want|namely|being? the|their|its|his|her $firstLast:k $word|$rows|$noun|$guess?', ({ c, k }) => distinct(c, k), -0.2),
  rule('clause', '~keep only|just? the? $firstLast:k $word:w of|for|per|from each|every $cols:c', ({ c, k, w }) => (/^(?:names?|words?|letters?|digits?|parts?|characters?|pieces?|bits?)$/i.test(w) ? null : distinct(c, k)), 0.1),
  rule('clause', '~keep only|just? the? $firstLast:k $guess|$rows|$noun of|for|per|from each|every $cols:c', ({ c, k }) => distinct(c, k), 0.1),
  rule('clause', '~drop further|other|later|repeated|additional|more|all? $rows|$noun|$guess of|for|by|from|with the? same $cols:c ,|;|.|and? ~keep only|just? the? $firstLast:k one|$rows?', ({ c, k }) => distinct(c, k), -0.2),
  rule('clause', '~drop further|later|repeated|additional|more $rows|$noun|$guess of|for|by|from|with the? same $cols:c', ({ c }) => distinct(c), -0.1),
  rule('clause', 'no ^$cols:c twice|doubled|repeated (please)? ,|;|.|and? ~keep? the? $firstLast:k one|row|$rows? stays|stay|remains|only?', ({ c, k }) => distinct(c, k), -0.2),
  rule('clause', 'a|an|any|every|each $col:c that|which|who $word|~have|~did|~be $word? in|up? twice|several|more than? once|times? ~should only|just? be|appear|stand|come listed|kept|shown|in|there|here? only|just? once', ({ c }) => distinct([c]), -0.3),
  rule('rider', 'with|by|keep|keeping? the|their|its|his|her latest|newest|freshest $rows|$noun|one', (_s, x: Context) => keepDated('highest', x), 0),
  rule('rider', 'with|by|keep|keeping? the|their|its|his|her earliest|oldest $rows|$noun|one', (_s, x: Context) => keepDated('lowest', x), 0),
  // 'A payment that has the same payer and amount as another one is a duplicate'
  rule('clause', 'an? $rows|$noun|$guess|$word|$col that|which|with has|have|having? the? ~same $cols:c as an? another|other|earlier|previous one|$rows|$noun|$guess? ~be an? ~duplicates|duplicate ,|;|.|:|-|–? so|and|please? ~keep only|just? the? $firstLast:k one|row|$rows|of? each|them|these?', ({ c, k }) => distinct(c, k), -0.3),
  rule('clause', '~if|~wherever there ~be two|several|2|more|many (than one)? $rows|$noun for|with|of|having the? same $cols:c ,? ~keep only|just? the? $firstLast:k one|row|$rows|of? each|them|these?', ({ c, k }) => distinct(c, k), -0.3),
  rule('clause', '~if|~wherever there ~be two|several|2|more|many (than one)? $rows|$noun for|with|of|having the? same $col:a on|at|in|with|and|for the? same $cols:b ,? ~keep only|just? the? $firstLast:k one|row|$rows|of? each|them|these?', ({ a, b, k }) => distinct([a, ...b], k), -0.3),
  rule('clause', '~drop ~duplicates|duplicate|double|repeated $rows|$noun|$guess|$col? ,|:|-|–|~open? i.e|i.e.|e.g|ie|that|meaning|namely|so is|means? ,|.? those|ones|rows? where|with|when|if|in which? the? $cols:c ~be the? ~same|equal|identical ~close?', ({ c }) => distinct(c), -0.3),
  rule('clause', 'there ~be|are some|several|a? few? ~duplicates $rows? :|,|-|–|; one|the same? $col:a with|has|having two|several|2 $rows|$noun on|at|for|in|with one|the same? $cols:b .|,|;|:? ~keep only|just? the? $firstLast:k one|row|$rows|of? each|them|these?', ({ a, b, k }) => distinct([a, ...b], k), -0.3),
  rule('clause', 'some|several|a? few? $cols:c come|comes|appear|appears|occur|occurs|are|is|stand|stands|turn|turns up|in|there? more|several|many than|times once|one? ,|.|;|:|-|–? i|we? only|just? want|need|keep|like|leave the? $firstLast:k one|row|$rows|entry|line? of? each|them|every|these? one|$col?', ({ c, k }) => distinct(c, k), -0.3),

  // 'Where employee, left on and amount agree, keep just the first row', 'if they are the same it is a duplicate, drop all but the first'
  ...['~wherever|~if the? $cols:c ~be the? ~same|equal|identical', '~wherever|~if the? $cols:c agree|agrees|match|matches|coincide', 'no two|2 $rows|$noun|$guess with the? ~same $cols:c please?'].flatMap((where) => [
    rule('clause', `${where} (it|this|that|they|those ~be an? ~duplicates|duplicate)? ,|;|.|:|-|–? so|and|please? ~keep only|just? the? $firstLast:k one|row|$rows|of? each|them|these? (stays|stay)?`, ({ c, k }) => (c.length > 1 ? distinct(c, k) : null), -0.3),
    rule('clause', `${where} (it|this|that|they|those ~be an? ~duplicates|duplicate)? ,|;|.|:|-|–? so|and|please? the? $firstLast:k one|row|$rows? stays|stay|remains`, ({ c, k }) => (c.length > 1 ? distinct(c, k) : null), -0.3),
    rule('clause', `${where} (it|this|that|they|those ~be an? ~duplicates|duplicate)? ,|;|.|:|-|–? so|and|please? ~drop all|everything|any but|except the? $firstLast:k one|row?`, ({ c, k }) => (c.length > 1 ? distinct(c, k) : null), -0.3),
  ]).flat(),

  // Merged records
  rule('oneRecord', '~into|to|as a|one|single|1 single? row|record|line|entry each?', () => true, 0),
  rule('clause', '~mergeVerb|make|turn the? ~duplicates by|on|of|in|for|with the? same? $cols:c $oneRecord', ({ c }) => merged(c), -0.3),
  rule('clause', '~mergeVerb|make|turn $rows with|of|that|which have? the? ~same $cols:c $oneRecord', ({ c }) => merged(c), -0.3),
  rule('clause', '~mergeVerb|make|turn duplicate|duplicated|repeated|double $cols:c $oneRecord', ({ c }) => merged(c), -0.3),
  rule('clause', '~make one|a|single single|merged? row|record|line|entry ~each $cols:c', ({ c }) => merged(c), 0.1),
  rule('fromOthers', 'from|by|with|out the|its? others|other|rest|repeats|duplicates|copies rows|ones|records|entries?', () => true, 0),
  rule('fromOthers', 'from|out of? the? ones|rows|records|those that|which? (are|were)? set|thrown|taken|dropped aside|out?', () => true, 0),
  rule('rider', 'and|but? fill|filling|take|taking|complete|completing in|up|over? its|the|any|his|her|their? blanks|gaps|cells|missing|holes|information|values|it|what values|cells|is|information? missing? $fromOthers', () => merged(null), -0.1),
  rule('rider', 'and|but? merge|merging|combine|combining them|it|the|what|all? values|information|data|rows|records? they? (have|hold)? ($oneRecord)?', () => merged(null), 0.1),
  rule('rider', 'without losing|so|but that? anything|nothing|no information|values|value|data|gets|is|goes|must|may|be? lost|missing?', () => merged(null), 0.2),

  // Rows that are alike
  rule('nearRows', '~nearDuplicates', () => true, 0),
  rule('nearRows', '$rows that|which ~be|look|looks almost|nearly|practically|roughly alike|identical|equal|same', () => true, 0),
  rule('nearRows', '$rows that|which ~be|look|looks almost|nearly|practically|roughly the same', () => true, 0),
  rule('nearRows', '$rows that|which ~be|look|looks alike|similar', () => true, 0.05),
  rule('clause', '~drop|~mergeVerb the? $nearRows by|on|of|in|for|with|judging|according|comparing|going|considering by|to? $cols:c', ({ c }) => alike(c), -0.1),
  rule('clause', '~drop|~mergeVerb the? $nearRows', (_s, x: Context) => { const c = telling(x); return c.length ? alike(c) : null; }, 0.2),
  rule('clause', '~keep only|just? one|a of|out|from|for each|the? of? $nearRows by|on|in|with? $cols:c', ({ c }) => alike(c), -0.1),
  rule('clause', '~drop|~mergeVerb $rows|~duplicates with|of|that|which|having have? almost|nearly|roughly|similar|alike the? same? $cols:c', ({ c }) => alike(c), -0.1),
  rule('clause', '~drop|~mergeVerb $rows|~duplicates alike|similar in|on|by $cols:c', ({ c }) => alike(c), -0.1),
  rule('clause', 'some|several|a|few|couple? of? $rows|$guess ~be? ~nearDuplicates ,|:|;|.? ~keep $firstLast:k', ({ k }, x: Context) => alike(telling(x), k), 0.2),
  rule('rider', 'spelling|capitals|typos|writing|letters|case may|can|might|could differ|vary a? little|bit|slightly?', () => amend('alike', (plan) => (plan.step === 'distinct' ? { ...plan, alike: true } : null)), 0),
  rule('rider', 'even|also if|when|where|though the? spelling|writing|names|letters|capitals differ|differs|vary|varies|are|is different|slightly|not|little|a|bit? bit|same|the? same?', () => amend('alike even', (plan) => (plan.step === 'distinct' ? { ...plan, alike: true } : null)), 0),
  rule('rider', 'judging|comparing|going|looking by|at|on? $cols:c', ({ c }) => amend(`alike by ${c.join()}`, (plan) => (plan.step === 'distinct' && plan.alike ? { ...plan, by: c } : null)), 0.05),
  rule('rider', '~keep $firstLast:k of? each|every|them|those|all|these?', ({ k }) => keepRider(k), 0),
  rule('rider', '~keep the? one|row|entry? with? the? ~highest $col:c', ({ c }) => keepMost(c, 'highest'), 0),
  rule('rider', '~keep the? one|row|entry? with? the? ~lowest $col:c', ({ c }) => keepMost(c, 'lowest'), 0),
  rule('newest', 'newest|latest|freshest', () => 'highest', 0),
  rule('newest', 'most recent', () => 'highest', 0),
  rule('newest', 'oldest|earliest', () => 'lowest', 0),
  rule('rider', '~keep|keeping the? $newest:k one|row|record|entry|version|ones? (of each|them)?', ({ k }, x: Context) => keepDated(k, x), -0.05),
  rule('rider', 'the? $newest:k one|row|record|entry|version? stays|stay|remains|wins|survives|counts', ({ k }, x: Context) => keepDated(k, x), 0),
  rule('rider', '~keep the? row|one|entry? furthest|farthest|lowest down', () => keepRider('last'), 0),
  rule('rider', '~if a? $col ~be listed|entered|there|in more than once ,? ~keep the? row|one|entry? furthest|farthest|lowest down', () => keepRider('last'), 0),
  rule('rider', '~if a? $col ~be listed|entered|there|in more than once ,? ~keep the? $firstLast:k row|one|entry?', ({ k }) => keepRider(k), 0),
].flat();

export const entailed: readonly Entailed[] = keepsSome((plan) => plan.step === 'distinct');
