import { isNumberColumn, readsAsDate } from '../../formula/check';
import { amend, nothing, ofLast, plans, withPlan, type Act, type Context } from '../../language/acts';
import { keyOf, oneOf as oneWay, rule } from '../../language/chart';
import { OTHERS_GONE } from '../../language/lexicon/ways';
import { columnOf, findColumn } from '../../table/table';
import { quantity, rowDate } from '../../language/grammar/roles';
import { isEmptiness, lacking, oneOf, says, SIZES } from '../../language/grammar/conditions/make';
import { all, any, column, columnsOf, not, number, type Comparison, type Condition } from '../../formula/expression';
import type { FilterPlan } from './step';
import { type Entailed, keepsSome } from '../../language/entailed';

const filter = (mode: FilterPlan['mode'], where: Condition) => plans({ step: 'filter', mode, where });

/** Does a condition let blanks of its columns through? For sentences that only say so. */
const agrees = (key: string, stays: boolean) =>
  amend(key, (plan) => (plan.step === 'filter' && (plan.mode === 'aside') === stays ? plan : null));

/** 'newest on top' after a filter by a date: the rows left are sorted by it. */
const thenByDate = (down: boolean): Act => ({
  key: `filter then date ${down}`,
  apply(state) {
    const last = state.plans.at(-1);
    if (last?.step !== 'filter') return null;
    const [dated] = columnsOf(last.where).filter((name) => readsAsDate(state.head, name));
    return dated === undefined ? null : withPlan(state, { step: 'sort', by: [{ column: dated, down }] });
  },
});

/** Rows by the size of the number that was just calculated. */
const ofMade = (mode: FilterPlan['mode'], operator: Comparison, n: number): Act => ({
  key: `of made ${mode} ${operator} ${n}`,
  apply(state) {
    const last = state.plans.at(-1) ?? state.last;
    const made = last?.step === 'calculate' && findColumn(state.head.columns, last.name) && isNumberColumn(state.head, last.name) ? last.name : undefined;
    return made === undefined ? null : withPlan(state, { step: 'filter', mode, where: { kind: 'compare', op: operator, left: column(made), right: number(n) } }, [made]);
  },
});

/** What a choice of rows or columns leaves is not there any more: said once more. */
const restGoes = amend('rest goes', (plan) => ((plan.step === 'filter' && plan.mode === 'keep') || plan.step === 'take' || plan.step === 'sample' || plan.step === 'distinct' || plan.step === 'pick' ? plan : null));

/** The words looked for, said once more in brackets: these and no others. */
const onlyWords = (texts: readonly string[]): Act =>
  amend(`words ${texts.join()}`, (plan) =>
    plan.step === 'filter' && plan.where.kind === 'text' && plan.where.test === 'mentions' && plan.where.texts.some((t) => texts.includes(t)) ? { ...plan, where: { ...plan.where, texts } } : null);

export const phrases = [
  rule('clause', '(and|now|then)? ~keep|only|just only? (the|those)? positive $rows|ones|values|numbers', () => ofMade('keep', '>', 0), 0.2),
  rule('clause', '(and|now|then)? ~keep|only|just only? (the|those)? =negative $rows|ones|values|numbers', () => ofMade('keep', '<', 0), 0.2),
  // 'Minutes late: ... And only those over 10': of what was just calculated
  ...SIZES.flatMap(([words, operator]) => [
    rule('clause', `(and|now|then)? ~keep|only|just only|just? the|those? $rows|those|ones (that|which)? ~be? ${words} $num:n $unit?`, ({ n }) => ofMade('keep', operator, n), 0.3),
    rule('clause', `(and|now|then)? ~drop the|those? $rows|those|ones|anything|everything (that|which)? ~be? ${words} $num:n $unit?`, ({ n }) => ofMade('aside', operator, n), 0.3),
  ]).flat(),
  rule('clause', '$rset:c ~be of no interest|importance|use|concern', ({ c }) => filter('aside', c), 0.1),
  rule('clause', "$rset:c don't|doesn't|dont|doesnt|do|does not? matter|interest us|me?", ({ c }) => filter('aside', c), 0.1),
  rule('clause', '~drop|~hide $rset:c', ({ c }) => filter('aside', c), 0),
  // 'No croissants'
  rule('clause', 'no|without ^$cond:c (please|thanks|any more)?', ({ c }) => (c.kind === 'among' || c.kind === 'text' ? filter('aside', c) : null), -0.1),
  rule('clause', 'no ^$rows|$noun ^$cond:c (please|thanks|any more)?', ({ c }) => filter('aside', c), 0),
  // 'Still out: those with no return time'
  rule('clause', 'still|yet|currently|now out|away|open|here|there|in|missing|running|unpaid :|,|-|– only|just? the|those|ones|all? ^$rset:c', ({ c }) => filter('keep', c), -0.5),
  // 'Anything but the heathers'
  rule('clause', '~keep? anything|everything|all|everyone|everybody|whatever|any but|bar|save|except|excluding the? $rset:c', ({ c }) => filter('keep', not(c)), -0.4),
  rule('clause', '~keep? anything|everything|all|everyone|everybody|whatever|any but|bar|save|except|excluding the? $values:v', ({ v }) => { const c = oneOf(v); return c && filter('keep', not(c)); }, -0.4),
  rule('clause', '~drop|~hide every|any|all? $rows? ~rel ~be? $cond:c', ({ c }) => filter('aside', c), 0.02),
  rule('clause', '$rows? ~withA $col:a but|yet ~without $col:b', ({ a, b }) => (a === b ? null : filter('keep', { kind: 'all', of: [{ kind: 'not', of: { kind: 'empty', of: column(a) } }, { kind: 'empty', of: column(b) }] })), 0.2),
  rule('clause', '~drop $rset:c and|,|plus also? everything|anything|all|those|whatever|ones $rows|$noun? ~rel? ~be? ^$cond:d', ({ c, d }) => filter('aside', any([c, d])), -0.3),
  rule('clause', '~drop $rset:c and|,|plus also? everything|anything|all|those|whatever|ones $rows|$noun? ~rel? ~be? ^$cond:d ,|;|. but|except|only? not? the? $rset:e (stay|stays|in|alone)?', ({ c, d, e }) => (e.kind === 'empty' ? filter('aside', all([any([c, d]), not(e)])) : null), -1),
  rule('clause', '~drop whatever|everything|anything|everybody|everyone|all (that|which|who)? $cond:c', ({ c }) => filter('aside', c), 0.1),
  rule('clause', '$values:v $rows|$noun', ({ v }) => (v.length > 1 ? filter('keep', { kind: 'among', of: column(v[0].column), texts: v.map((o: { text: string }) => o.text) }) : null), 0.4),
  rule('clause', '$rset:c ,|:|;|.|-|– keep|show|leave|give|want? me? only|just those|these|them $rows|$noun?', ({ c }) => filter('keep', c), -0.2),
  // 'Water and storm, please': several values of one column.
  rule('clause', 'just|only? $values:v only|please', ({ v }) => (v.length > 1 ? filter('keep', { kind: 'among', of: column(v[0].column), texts: v.map((o: { text: string }) => o.text) }) : null), -0.2),
  // 'Keep two of each kind and delete the rest': what is not chosen goes anyway
  rule('theRest', 'the? rest|others|remainder|remaining|repeats|duplicates|doubles|copies|surplus', () => true, 0),
  rule('theRest', 'all|every|any? of? the? other|remaining|repeated|surplus $rows|$noun|$guess|$col|ones|columns|repeats', () => true, 0),
  rule('theRest', 'everything|anything|everybody|everyone|all else', () => true, 0),
  rule('rider', 'and|so|,|then? ~drop|~hide $theRest', () => restGoes, 0),
  rule('rider', 'and|so|,|then? take|throw|set|put|leave|filter $theRest away|out|aside|off', () => restGoes, 0),
  rule('rider', 'and|so|,|then? $theRest ~unwanted|goes|go', () => restGoes, 0),
  rule('rider', 'and|so|,|then? ~unwanted $theRest', () => restGoes, 0),
  rule('rider', ',|and? no|nothing|not|none ^$values:v $rows|$noun|$guess|ones?', ({ v }) => amend(`none of ${JSON.stringify(v)}`, (plan) => (plan.step === 'filter' && plan.mode === 'keep' && plan.where.kind === 'among' && plan.where.of.kind === 'column' && v.every((o: { column: string; text: string }) => plan.where.kind === 'among' && plan.where.of.kind === 'column' && o.column === plan.where.of.name && !plan.where.texts.includes(o.text)) ? plan : null)), -0.2),
  rule('clause', '~keepOnly $rset:c matter|matters|count|counts|interest|interests|concern|concerns me|us|here|now? (for this|that|it|now|here)?', ({ c }) => filter('keep', c), -0.1),
  rule('clause', '~keepOnly $rset:c ~should|can|may|shall stay|stays|remain|remains|be|survive (in|left|kept|there|here)?', ({ c }) => filter('keep', c), 0),
  rule('clause', 'no $values:v $rows|$noun', ({ v }) => filter('aside', { kind: 'among', of: column(v[0].column), texts: v.map((o: { text: string }) => o.text) }), 0.3),
  rule('clause', 'no $rset:c please|anymore|thanks', ({ c }) => filter('aside', c), 0.2),
  rule('clause', '$rset:c ~should not|never be|appear|stay|remain|show up? in|on|here|there|any? (the|this|our)? list|table|sheet|file|more?', ({ c }) => filter('aside', c), 0),
  rule('clause', "$rset:c shouldn't|mustn't|needn't be|appear|stay|remain|show up? in|on|here|there|any? (the|this|our)? list|table|sheet|file|more?", ({ c }) => filter('aside', c), 0),
  rule('clause', 'find|search|look up|for|out? the|all|any? $rset:c ,|;|.? and|then ~keep only|just? those|them|these|it', ({ c }) => filter('keep', c), -0.1),
  // 'Honey must be acacia or linden, everything else is of no use to me'
  rule('clause', `the? $col:c ~should|can|may only? be|read|say only|just|either|one? of? ^$values:v ,|;|.|:|-|– ${oneWay(OTHERS_GONE)}`, ({ c, v }) => (v.every((o: { column: string }) => o.column === c) ? filter('keep', oneOf(v)!) : null), -0.3),
  // 'Rejected lots go, and so do lots below 20 kg'
  rule('clause', `$rset:c go|goes|leave|leaves|disappear|disappears (away|out)? ,|;|. and? so|likewise do|does|go|should|must $rset:d (go|be|leave)? (removed|dropped|out|away)?`, ({ c, d }) => filter('aside', any([c, d])), -0.2),
  rule('clause', '$rset:c ~be too|much|far? too? short|long|small|big|large|little|few|many|low|high|late|early|cheap|dear|expensive|light|heavy|old|young|new ,|;|.|:|-|–|and and|so|please? ~drop|~hide those|these|them|it', ({ c }) => filter('aside', c), -0.2),
  rule('rider', '$rset:c stay|stays|remain|remains in|there|here|put?', ({ c }) => agrees(`stay ${keyOf(c)}`, c.kind === 'empty'), 0),
  rule('clause', '$rset:c ~unwanted', ({ c }) => filter('aside', c), 0.05),
  rule('clause', '~unwanted $rset:c', ({ c }) => filter('aside', c), 0.1),
  rule('clause', '$rows ~rel ~be? $cond:c ~unwanted', ({ c }) => filter('aside', c), 0),
  rule('clause', '$rset:c out instead?', ({ c }) => filter('aside', c), 0.2),
  rule('clause', 'take|throw|leave|cut|filter|weed|kick $rset:c away|out|off', ({ c }) => filter('aside', c), 0),
  rule('clause', '~make $rset:c out', ({ c }) => filter('aside', c), 0.1),
  rule('clause', '~keep $rset:c', ({ c }) => filter('keep', c), 0),
  rule('clause', '~keep every|any|all? $rows? ~rel ~be? $cond:c', ({ c }) => filter('keep', c), 0.02),
  rule('clause', '~keepOnly $rset:c', ({ c }) => filter('keep', c), 0),
  // Rows and what they are, with no verb: those are wanted.
  rule('clause', '$rows|$noun ~rel ~be? $cond:c', ({ c }) => filter('keep', c), 0.5),
  rule('clause', 'every|all|any|each the? $rows|$noun ~rel? ~be? $cond:c', ({ c }) => filter('keep', c), 0.4),
  // 'Delete the planned ones', 'no, keep only those'
  rule('rider', '$nopes (i want|need|meant)? (to)? keep|show|leave|have only|just those|these|them ones?', () => ofLast(amend('kept instead', (plan) => (plan.step === 'filter' && plan.mode === 'aside' ? { ...plan, mode: 'keep' } : null))), -0.3),
  // 'What came back broken or damaged'
  rule('clause', 'what|which|whatever ~be|came|come|comes|went|goes|got|gets|returned back|out|in|up? ^$values:v ??', ({ v }) => { const c = oneOf(v); return c && filter('keep', c); }, 0.1),
  rule('clause', 'what|whatever|everything|anything|all (that)? ~be|went|goes|go|came|comes|come|got|has been? $word? by|from|to|for|at|with the? ^$values:v ??', ({ v }) => { const c = oneOf(v); return c && filter('keep', c); }, 0.1),
  rule('clause', 'everything|anything|all|whatever|$noun $word by|from|to|for|at|with the? ^$values:v ??', ({ v }) => { const c = oneOf(v); return c && filter('keep', c); }, 0.4),
  // 'Who still owes us money?', 'does anyone owe us more than 100'
  rule('clause', 'who|whoever|which ^$rows|$noun|$guess? $owing:c ??', ({ c }) => filter('keep', c), -0.1),
  rule('clause', '~be|~did|does there? anyone|anybody|someone|somebody (who)? $owing:c ??', ({ c }) => filter('keep', c), -0.1),
  // 'Oak or ash, grade A or B, still unsold': no more is said than which
  rule('listedRows', '$cond:a , still|also|only|and? ^$cond:b', ({ a, b }) => (telling(a) && telling(b) && !columnsOf(a).some((c) => columnsOf(b).includes(c)) ? [a, b] : null), 0),
  rule('listedRows', '$cond:a , still|also|only|and? ^$listedRows:r', ({ a, r }) => (telling(a) && !r.some((b: Condition) => columnsOf(a).some((c) => columnsOf(b).includes(c))) ? [a, ...r] : null), 0),
  rule('clause', '$listedRows:l', ({ l }) => filter('keep', all(l)), 0.6),
  // 'Done visits', 'Lake School visits', 'Emil's visits'
  rule('clause', 'the|all|just? ^$values:v ^$rows', ({ v }) => { const c = v.some((o: { loose?: boolean }) => o.loose) ? null : oneOf(v); return c && filter('keep', c); }, 0.5),
  rule('clause', 'the|all|just? ^$inside:v ^$rows', ({ v }) => filter('keep', { kind: 'text', test: 'mentions', of: column(v.column), texts: [v.text] }), 0.6),
  rule('clause', '$rows|$noun $cond:c', ({ c }) => filter('keep', c), 0.6),
  rule('clause', 'weekend|weekends ^$rows', (_s, x: Context) => { const c = rowDate(x); return c === null ? null : filter('keep', { kind: 'among', of: { kind: 'part', part: 'weekday', of: column(c) }, texts: ['Saturday', 'Sunday'] }); }, 0.4),
  rule('clause', 'anything|something|anyone|someone $word? in|under|about|with the? $col:c ?|: (i.e|like|e.g)? $toldWords:t', ({ c, t }, x: Context) => (columnOf(x.head, c).type === 'text' ? filter('keep', { kind: 'text', test: 'mentions', of: column(c), texts: t }) : null), 0),
  rule('clause', 'not the? $rset:c ,|and? and? nothing|none|no|not (that|which|with)? ~be? $cond:d', ({ c, d }) => filter('keep', all([not(c), not(d)])), -0.2),
  rule('clause', '~keepOnly the? ^$yesno:y ones|$rows?', ({ y }) => { const c = says(y, true); return c && filter('keep', c); }, 0),
  rule('alone', 'where|if|when $cond:c', ({ c }) => filter('keep', c), 0.7),
  rule('rider', '~open $cond:c ~close', ({ c }) => amend(`the same ${keyOf(c)}`, (plan) => (plan.step === 'filter' && keyOf(plan.where) === keyOf(c) ? plan : null)), 0),
  // A bare condition: those are wanted. A value by itself may be anything.
  rule('alone', '$cond:c', ({ c }) => (c.kind === 'among' || (c.kind === 'text' && c.test === 'mentions') ? null : filter('keep', c)), 0.9),
  // 'Unpaid bills over 500'
  rule('alone', 'the|all|any? ^$unsaid:c $rows|$noun|ones', ({ c }) => filter('keep', c), 0.3),
  rule('alone', 'the|all|any? ^$unsaid:c $rows|$noun|ones $cond:d', ({ c, d }) => filter('keep', all([c, d])), 0.2),
  rule('clause', 'the? $col:c ~rel mention|mentions|say|says|contain|contains the? word? $word:w', ({ c, w }) => (w.length >= 3 ? filter('keep', { kind: 'text', test: 'mentions', of: column(c), texts: [w] }) : null), 0.4),
  rule('clause', 'which|what $rows|$noun|$guess? mention|mentions|say|says|contain|contains|have|has the|an? word|words|text? $texts:t in the|their|its? $col:c ?', ({ c, t }) => filter('keep', { kind: 'text', test: 'mentions', of: column(c), texts: t }), 0),
  // 'That cost more than the average charge': what is averaged is what is held against it
  ...SIZES.filter(([, operator]) => operator === '>' || operator === '<').map(([words, operator]) => rule('cond', `cost|costs|came|come|comes|brought|bring|made|make|took|take|earned|earn|were|are|was|is to|in? ${words} the|our|their? ~average $col:c`, ({ c }, x: Context): Condition | null => { const e = quantity(c, x); return e && { kind: 'compare', op: operator, left: e, right: { kind: 'total', fn: 'mean', of: e, by: [] } }; }, -0.6)).flat(),
  rule('cond', '~contains the? word|words|text? $texts:t in|under|among the|their|its? $col:c', ({ c, t }) => ({ kind: 'text', test: 'contains', of: column(c), texts: t }), 0),
  rule('cond', '$texts:t in|among|somewhere in? the|their|its $col:c', ({ c, t }) => ({ kind: 'text', test: 'contains', of: column(c), texts: t }), 0.2),
  rule('clause', '$rset:c only ?', ({ c }) => filter('keep', c), 0.1),
  rule('clause', '$rset:c only|stay|stays', ({ c }) => filter('keep', c), 0.1),
  rule('clause', 'which|what|who $rows? ~rel? ~be? $cond:c ?|.|,? ~keep|~keepOnly only? those|these|them|such|it', ({ c }) => filter('keep', c), 0),
  rule('clause', 'which|what|who $rows|$noun|$guess|$col? ~rel? ~be? $cond:c ?|.|, ~keep|~keepOnly the? others|rest', ({ c }) => filter('aside', c), -0.3),
  rule('clause', 'which|what|who $rows? ~rel? ~be? $cond:c ?|.|,? ~drop|~hide those|these|them|such|it', ({ c }) => filter('aside', c), 0),
  // 'is any van scratched? just show those'
  rule('clause', '~be|~have there|we|any|one any|of? the|these|a? $rows|$noun|$guess ~rel? ~be? $cond:c ?|.|, ~keep|~keepOnly me|us? only|just? those|these|them|such|it|ones', ({ c }) => filter('keep', c), 0.05),
  rule('clause', 'which|what|who $rows|$noun|$guess? ~rel? ~be? $cond:c ?|.|, ~keep|~keepOnly me|us? only|just? those|these|them|such|it', ({ c }) => filter('keep', c), 0.02),
  rule('aside', '~open it|that|they say|says|said|stands|is so in|under|at $col ~close', () => nothing, 0),
  rule('clause', 'only? those|these|the? ones? stay where|with|which $cond:c', ({ c }) => filter('keep', c), 0.1),
  rule('clause', 'which $cond:c ?|.|,? only those|these stay', ({ c }) => filter('keep', c), 0),
  // 'With panels; none and empty don't count as panels'
  ...['$values:v (,|and|or the? ~blankWord ones|cells|values?)?', '~blankWord ones|cells|values? ,|and|or $values:v'].map((which) => rule('rider', `,|and? ${which} don't|doesn't|dont|doesnt|aren't|isn't|do|does|are|is not|no? count|qualify|count as|for? an|any? $col:c`, ({ v, c }) => notAs(v, c), -0.6)).flat(),
  ...['$values:v (,|and|or the? ~blankWord ones|cells|values?)?', '~blankWord ones|cells|values? ,|and|or $values:v'].map((which) => rule('rider', `,|and? ${which} don't|doesn't|dont|doesnt|do|does not? count|qualify`, ({ v }) => notAs(v, v[0].column), -0.5)).flat(),
  rule('rider', '~if $cond:c let it|them|those? stay', ({ c }) => agrees(`stay ${keyOf(c)}`, c.kind === 'empty'), 0),
  rule('rider', 'and|also|or anything|everything|also $cond:c as|too|also? well?', ({ c }, _x: Context) =>
    amend(`also ${keyOf(c)}`, (plan) => (plan.step === 'filter' ? { ...plan, where: plan.mode === 'aside' ? any([plan.where, c]) : all([plan.where, c]) } : null)), 0.1),
  // 'Rated 4 or better, and the unrated too'
  rule('rider', ',? and|plus the|all|any? $rset:c (ones|$rows)? too|also', ({ c }) => amend(`as well ${keyOf(c)}`, (plan) => (plan.step === 'filter' && plan.mode === 'keep' ? { ...plan, where: any([plan.where, c]) } : null)), -0.2),
  rule('rider', ',? and|plus the|all|any? $rset:c (ones|$rows)? as well', ({ c }) => amend(`as well ${keyOf(c)}`, (plan) => (plan.step === 'filter' && plan.mode === 'keep' ? { ...plan, where: any([plan.where, c]) } : null)), -0.2),
  rule('rider', ',? and|plus the|all|any? ^$cond:c (ones|$rows)? too|also', ({ c }) => amend(`as well ${keyOf(c)}`, (plan) => (plan.step === 'filter' && plan.mode === 'keep' && (c.kind === 'empty' || c.kind === 'any') ? { ...plan, where: any([plan.where, c]) } : null)), -0.3),
  // 'Also Orby': one more word looked for in the same texts
  rule('rider', 'also|and|plus|or the|those|in|from? $inside:v (as well|too|also)?', ({ v }) => amend(`also mentions ${v.column} ${v.text}`, (plan) => (plan.step === 'filter' && plan.mode === 'keep' && plan.where.kind === 'text' && plan.where.test === 'mentions' && plan.where.of.kind === 'column' && plan.where.of.name === v.column && !plan.where.texts.includes(v.text) ? { ...plan, where: { ...plan.where, texts: [...plan.where.texts, v.text] } } : null)), 0),
  rule('rider', 'newest|latest|recent first|at|on the? top?', () => thenByDate(true), 0),
  rule('rider', 'most recent|new first|at|on the? top?', () => thenByDate(true), 0),
  rule('rider', 'oldest|earliest first|at|on the? top?', () => thenByDate(false), 0),
  rule('rider', '~corrected $rset:c', ({ c }) => amend(`corrected ${keyOf(c)}`, (plan) => (plan.step === 'filter' ? { ...plan, where: c } : null)), 0),
  // 'No, without pictures', of rows that were set aside for something else
  rule('rider', '$nopes ~iMeant? (those|the|ones|$rows)? ~without an|any? ^$col:c (i (meant|mean))?', ({ c }, x: Context) => { const where = lacking(c, x); return ofLast(amend(`corrected without ${keyOf(where)}`, (plan) => (plan.step === 'filter' && plan.mode === 'aside' && isEmptiness(plan.where) ? { ...plan, where } : null))); }, -0.2),
  rule('rider', '~open $plainWords:t ~close', ({ t }) => onlyWords(t), 0),
  rule('rider', '~open $plainWords:t ,? $aside ~close', ({ t }) => onlyWords(t), 0),
  rule('aside', 'among|amongst|of|out of? them|these|those', () => nothing, 0.1),
  rule('aside', '=case-insensitive|case-insensitively', () => nothing, 0),
  rule('aside', 'whatever|whichever the case|capitals|capitalisation|capitalization|spelling (is|are)?', () => nothing, 0),
  rule('unless', 'except|unless|excepting', () => true, 0),
  rule('unless', 'but not', () => true, 0),
  rule('rider', '$unless ~if? $rset:c', ({ c }) => amend(`except ${keyOf(c)}`, (plan) => (plan.step === 'filter' ? { ...plan, where: all([plan.where, not(c)]) } : null)), 0.2),
  // 'Deeper than 50. And done.'
  rule('rider', 'and (only|just|also)? (the|those|ones)? (that|which|who)? (are|is|were|was)? ^$values:v (ones|$rows)?', ({ v }) => andAlso(v), 0.3),
  rule('rider', '(and|only|just)? in|at|on|from|of|by|for|with the? ^$values:v (ones|$rows)?', ({ v }) => andAlso(v), 0.35),
  // After a keeping: 'and the crowns', 'at least 120'
  rule('rider', 'and|plus|also the? $values:v as|too|also? well|too?', ({ v }) => moreValues(v), 0.2),
  rule('rider', 'the? $values:v as|too|also well?', ({ v }) => moreValues(v), 0.2),
  rule('rider', 'and|plus|also the? ones|those|$rows? for|of|in|from|with|at? all? $values:v', ({ v }) => moreValues(v), 0.1),
  rule('rider', 'and|plus|also the? ^$cond:c (too|also)?', ({ c }) => moreOf(c), 0.2),
  ...SIZES.flatMap(([words, op]) => rule('rider', `but|actually|rather? ${words} $num:n`, ({ n }) => otherBound(op, n), 0.2)),
].flat();

/** Of the rows that have something: those where it is none of these, which only say that there is none. */
const notAs = (list: readonly { readonly column: string; readonly text: string }[], name: string): Act =>
  amend(`not as ${keyOf(list)}`, (plan) => {
    const where = plan.step === 'ask' || (plan.step === 'filter' && plan.mode === 'keep') ? plan.where : undefined;
    const filled: Condition = not({ kind: 'empty', of: column(name) });
    const has = where !== undefined && (keyOf(where) === keyOf(filled) || (where.kind === 'all' && where.of.some((c) => keyOf(c) === keyOf(filled))));
    return has && (plan.step === 'ask' || plan.step === 'filter') && list.every((v) => v.column === name) ? { ...plan, where: all([where, not({ kind: 'among', of: column(name), texts: list.map((v) => v.text) })]) } : null;
  });

/** What the request before kept, and of that only what has such values in another column. */
const andAlso = (list: readonly { readonly column: string; readonly text: string }[]): Act => {
  const [first] = list;
  return ofLast(amend(`and also ${keyOf(list)}`, (plan) => (plan.step === 'filter' && plan.mode === 'keep' && first && list.every((v) => v.column === first.column) && !columnsOf(plan.where).includes(first.column) ? { ...plan, where: all([plan.where, { kind: 'among', of: column(first.column), texts: list.map((v) => v.text) }]) } : null)));
};

/** One more value of the number that rows were kept by: 'and zone 2'. */
const moreOf = (c: Condition): Act =>
  ofLast(amend(`more of ${keyOf(c)}`, (plan) => {
    if (plan.step !== 'filter' || plan.mode !== 'keep' || c.kind !== 'compare' || c.op !== '=') return null;
    const own = plan.where.kind === 'any' ? plan.where.of : [plan.where];
    return own.every((o) => o.kind === 'compare' && o.op === '=' && keyOf(o.left) === keyOf(c.left) && keyOf(o.right) !== keyOf(c.right)) ? { ...plan, where: any([...own, c]) } : null;
  }));

/** More values that are kept, or set aside, with those said before. */
const moreValues = (list: readonly { readonly column: string; readonly text: string }[]): Act =>
  amend(`more values ${keyOf(list)}`, (plan) => {
    if (plan.step !== 'filter' || plan.where.kind !== 'among' || plan.where.of.kind !== 'column') return null;
    const { name } = plan.where.of;
    const { texts } = plan.where;
    const fresh = list.map((v) => v.text).filter((t) => !texts.includes(t));
    return list.every((v) => v.column === name) && fresh.length ? { ...plan, where: { ...plan.where, texts: [...texts, ...fresh] } } : null;
  });

/** Another bound for the one comparison said before. */
const otherBound = (op: Comparison, n: number): Act =>
  amend(`bound ${op} ${n}`, (plan) => (plan.step === 'filter' && plan.where.kind === 'compare' && plan.where.right.kind === 'number' ? { ...plan, where: { ...plan.where, op, right: number(n) } } : null));


/** Is a condition one that tells rows by what stands in a column, and by nothing else? */
const telling = (c: Condition): boolean => columnsOf(c).length === 1 && (c.kind === 'among' || c.kind === 'compare' || c.kind === 'empty' || (c.kind === 'not' && c.of.kind === 'empty') || c.kind === 'text');

export const entailed: readonly Entailed[] = [
  ...keepsSome((plan) => plan.step === 'filter' && plan.mode === 'keep'),
  { of: (plan) => plan.step === 'filter' && JSON.stringify(plan.where).includes('"kind":"date"'), words: 'both day date inclusive included including counting counted' },
];
