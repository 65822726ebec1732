import { keyOf, rule, type Rule } from '../../language/chart';
import { all, blank, column, columnsOf, type Condition, number } from '../../formula/expression';
import { ofLast, type Act, type Context } from '../../language/acts';
import { isEmptiness } from '../../language/grammar/conditions/make';
import { stem } from '../../language/words';
import { fit } from '../../metrics/metrics';
import { readsAsNumber } from '../../formula/check';
import { blankWhere, limitedTo, onLast, withBlank } from './amending';
import { cases, hasTotal, isAcross, isLate, isSpan, needs, ratioOf, textual, zeroForBlank } from './formulas';

/** Blanks of some columns count as zero in what was calculated. */
const zeroFor = (names: readonly string[]): Act => onLast(`zero for ${names.join()}`, (plan) => (!plan.replace && names.every((n) => columnsOf(plan.as).includes(n)) ? { ...plan, as: zeroForBlank(plan.as, names) } : null));
/** What comes out below zero left out. */
const notBelowZero: Act = onLast('blank below zero', (plan) => (plan.replace || plan.as.kind === 'column' || textual(plan.as) ? null : { ...plan, as: cases([{ when: { kind: 'compare', op: '<', left: plan.as, right: number(0) }, then: blank }], plan.as) }));
/** What is read is not known where it is blank, and so is what comes of it. */
const unknownIsBlank: Act = onLast('unknown is blank', (plan) => (plan.replace || plan.as.kind === 'choose' || textual(plan.as) ? null : plan));

/** Where a calculation is blank, and what blanks count as. */
/** Blank for some rows: for those without a value, where what was calculated uses it; for others by another column, since 'leave n/a blank' is about what a cell means. */
const blanksOf = (c: Condition): Act =>
  ({ key: `blanks of ${keyOf(c)}`, apply: (state) => { const last = state.plans.at(-1); return last?.step === 'calculate' && columnsOf(c).every((n) => columnsOf(last.as).includes(n)) === isEmptiness(c) ? blankWhere(c).apply(state) : null; } });

export const blankPhrases: readonly Rule[] = [
  rule('blankIt', 'leave|skip|drop it|that|those out', () => true, 0.2),
  rule('rider', "$blankIt|~blankWord ~if|~wherever it|that|they|it's|the? result|value|difference|number|figure? ~be|comes|turns|gets|would? be? (out|up)? ~negative", () => notBelowZero, -0.1),
  rule('rider', 'no|without any? =negative values|numbers|results|figures|ones ,|;|.|:|-? (~make|leave|set|turn|put|show those|them|these|it|that? (as|to|into)? ~blankWord)?', () => notBelowZero, -0.1),
  rule('rider', '~make|leave|set|turn|show|blank the|any|all? =negative values|numbers|results|figures|ones as|to|into|out? ~blankWord?', () => notBelowZero, 0.1),
  rule('rider', '(~make|set|turn|count|treat|show)? the|any|all? =negative|negatives values|numbers|results|figures|ones? ~should|as|to|into|are|become|count|is? be|become|count|as? as? zero|0|nought', () => limitedTo('<', 0), -0.1),
  rule('rider', "$blankIt|~blankWord ~if|~wherever it|they|that|this|it's|they're|the|we|i? $col|$word? ~be? not? unknown|unclear|unavailable|known", () => unknownIsBlank, 0.05),
  rule('rider', "$blankIt|~blankWord ~if|~wherever we|i|nobody|they don't|dont|cannot|can't|knows|do not? know|say|tell?", () => unknownIsBlank, 0.05),
  // '..., 0 when no part was used'
  rule('rider', '$num:n ~if|~wherever there? ~be? no|not ^$col:c ~be? used|given|there|known|entered|recorded|needed|chosen|noted?', ({ n, c }) => onLast(`without ${c} ${n}`, (plan) => (plan.replace || plan.as.kind === 'choose' ? null : { ...plan, as: cases([{ when: { kind: 'empty', of: column(c) }, then: number(n) }], plan.as) })), -0.3),
  rule('rider', '$rows|$noun|$guess ~rel $undone $word|$col yet? stays|stay|is|are|left|remains|remain ~blankWord', () => onLast('undone', (plan) => (isSpan(plan.as) || isLate(plan.as) ? plan : null)), 0),
  rule('rider', '$blankIt ~if the? $rows|$noun|$guess ~rel $undone $word|$col yet?', () => onLast('undone', (plan) => (isSpan(plan.as) || isLate(plan.as) ? plan : null)), 0),
  rule('rider', 'not ~be? $col yet? ~be|means|mean|gives|=|: an? ~blankOut', () => onLast('undone', (plan) => (isSpan(plan.as) || isLate(plan.as) ? plan : null)), 0),
  rule('undone', "~be|do|does|did|has|have|had not", () => true, 0),
  rule('undone', "isn't|hasn't|didn't|don't|aren't|haven't|wasn't|weren't|never", () => true, 0),
  rule('rider', 'no $col:c ,|:|=|–|-? then? no ^$word', ({ c }) => blankWhere({ kind: 'empty', of: column(c) }), 0.1),
  rule('rider', '~blankOut|~blankWord ~without a|an|any? $col:c', ({ c }) => blankWhere({ kind: 'empty', of: column(c) }), 0.05),
  rule('rider', 'or|and|but? just|only|simply the? $col:a alone|itself|only? ~if|~wherever|when the? $col:b ~be ~blankWord', ({ a, b }) => onLast(`joined ${a} ${b}`, (plan) => (plan.as.kind === 'join' && [a, b].every((c) => columnsOf(plan.as).includes(c)) ? plan : null)), -0.2),
  rule('rider', '$blankIt|~blankOut ~if|~wherever there ~be none|nothing|neither', () => onLast('none', (plan) => (ratioOf(plan.as) || plan.as.kind === 'found' ? plan : null)), -0.1),
  rule('rider', "$blankIt|~blankOut ~if|~wherever there's|it's none|nothing|neither|missing|absent", () => onLast('none', (plan) => (ratioOf(plan.as) || plan.as.kind === 'found' ? plan : null)), -0.1),
  rule('rider', '~blankOut ~if either|any|one (of them|these|the)? (two|three|both)? ~be ~blankWord', () => onLast('blank in', (plan) => plan), 0),
  rule('rider', 'open|unfinished|running|unclosed|pending $rows|$noun|$guess|ones? get|gets|have|show|stay|stays|remain|are|is left? ~blankWord|nothing', () => onLast('still open', (plan) => (isSpan(plan.as) ? plan : null)), 0),
  // 'where parts are blank count them as nothing': in what was calculated, not in the column
  rule('rider', '$gap:c ,? take|treat|count|read|consider|regard|see|use|assume it|that|them|this? as|is|for? $nought', ({ c }) => onLast(`zero for ${c.join()}`, (plan) => (c.every((n: string) => columnsOf(plan.as).includes(n)) ? { ...plan, as: zeroForBlank(plan.as, c) } : null)), -0.5),
  // 'Nothing sold means 0'
  rule('rider', 'nothing|none|nobody|not ^$col:c (yet)? ~be|means|mean|counts|count|gives|= as|for? a? $nought', ({ c }, x: Context) => (readsAsNumber(x.head, c) ? zeroFor([c]) : null), -0.6),
  // 'And if sold kg is empty nothing was sold yet'
  rule('rider', '$gap:c ,? (it|that|this|they|we)? (means|mean|is|so|then)? nothing|none|nobody|nil (was|were|is|are|has|have|had)? (been)? ^$word|$col|$yesno (yet|so|at all|in|out|back)?', ({ c }, x: Context) => (c.every((n: string) => readsAsNumber(x.head, n)) ? zeroFor(c) : null), -0.5),
  rule('rider', 'treat|take|count|consider|read|regard|see|assume no|missing|blank|an? empty? the? $cols:c as|for|like|means|is a? $nought', ({ c }) => zeroFor(c), 0),
  rule('rider', 'nothing|none|no|~blankWord entry|value|one|figure? in|for|under|of|with the? ^$word:w ones|cells|column? ~be|counts|count|means|mean|= as|for? a? $nought', ({ w }) => onLast(`zero for those called ${w}`, (plan) => { const own = columnsOf(plan.as).filter((n) => n.toLowerCase().split(/[\s_]+/).some((o) => stem(o) === stem(w.toLowerCase()))); return plan.replace || own.length === 0 ? null : { ...plan, as: zeroForBlank(plan.as, own) }; }), -0.3),
  rule('rider', 'nothing|blank|none|empty|~blankWord ~be|means|mean|= no ^$theirs|$tcol|$word', () => onLast('none there', (plan) => (/"kind":"lookup"/.test(keyOf(plan.as)) && !plan.replace ? { ...plan, as: zeroForBlank(plan.as, []) } : null)), -0.2),
  rule('rider', 'no|missing|blank|an? empty? $cols:c counts|count|is|are|means|mean|stands|= as|for? a? $nought', ({ c }) => zeroFor(c), 0.05),
  rule('rider', '$blankIt|~blankWord ~if|while|until|as it|they|that? ~be? still|yet? open|unfinished|running|pending', () => onLast('still open', (plan) => (plan.as.kind === 'choose' && /"kind":"span"/.test(keyOf(plan.as)) ? plan : null)), 0),
  rule('rider', 'but? only ~if|~wherever|for|where the? $cond:c', ({ c }) => onLast(`also only ${keyOf(c)}`, (plan) => (plan.replace && plan.where ? { ...plan, where: all([plan.where, c]) } : null)), -0.4),
  // Blank where ...
  rule('blankIt', 'leave|leaving|keep|keeping it|that|them|the? value|result? ~blankWord', () => true, 0),
  rule('blankIt', '~be = ~blankWord', () => true, 0),
  rule('blankIt', 'leave|keep it|that|this|them ^open', () => true, 0),
  rule('blankIt', "don't|dont|do not? write|put|say|show|fill|enter anything|something in?", () => true, 0),
  rule('blankIt', 'write|put|show|say|enter nothing', () => true, 0),
  rule('blankIt', '= leave? it? ~blankWord', () => true, 0),
  rule('blankIt', 'it|that stays|stay|is|remains ~blankWord', () => true, 0),
  rule('blankIt', 'gives|give|get|gets|with? a? ~blankWord', () => true, 0),
  rule('blankIt', 'and|but|or? ~blankOut', () => true, 0),
  rule('rider', '$blankIt ~if we|it|there|they? $cond:c', ({ c }) => blankWhere(c), 0),
  rule('rider', '~if we|it|there|they? $cond:c $blankIt', ({ c }) => blankWhere(c), 0),
  rule('rider', '~if we|it|there|they? $cond:c it|they|that stays|stay|is ~blankWord', ({ c }) => blankWhere(c), 0),
  rule('rider', '~if we|it|there|they? $cond:c , $blankIt', ({ c }) => blankWhere(c), 0),
  rule('blankIt', 'stays|stay|remains|is|gives|gets|give|get a? ~blankWord', () => true, 0.02),
  rule('rider', '~blankOut for|where|if|with|when zero|no|0 $col:c', ({ c }) => blankWhere({ kind: 'empty', of: column(c) }), 0),
  rule('rider', '~blankOut for|on|with the? $rset:c', ({ c }) => blankWhere(c), 0.1),
  rule('rider', 'and? leave|leaving|keep|keeping the? $rset:c ^~blankWord', ({ c }) => blanksOf(c), 0),
  rule('rider', 'and? $blankIt for|on|with the? $rset:c', ({ c }) => blankWhere(c), 0.05),
  rule('rider', 'and? $blankIt|~blankWord unless it|they|we|there? the? $rset:c', ({ c }) => blankWhere({ kind: 'not', of: c }), 0),
  rule('rider', 'but? only for|where|if|when the? $rset:c ,? ~otherwise|~forOthers ~blankWord', ({ c }) => onLast(`only ${keyOf(c)}`, (plan) => ({ ...plan, as: cases([{ when: c, then: plan.as }], blank) })), 0),
  rule('rider', "$blankIt ~if it|they|he|she|nothing|nobody|none|there didn't|doesn't|wasn't|weren't|isn't|don't|hasn't|haven't|never|not|did|was|were|does not? $word? yet? $orNothing?", () => onLast('nothing', (plan) => (ratioOf(plan.as) ? plan : null)), 0.1),
  rule('rider', "~blankWord ~if it|they|he|she|nothing|nobody|none|there didn't|doesn't|wasn't|weren't|isn't|don't|hasn't|haven't|never|not|did|was|were|does not? $word? yet? $orNothing?", () => onLast('nothing', (plan) => (ratioOf(plan.as) ? plan : null)), 0.15),
  rule('orNothing', 'or nothing|none|nobody|never|not was|were|is|has|had|have? been? ^$word|$col yet?', () => true, 0),
  rule('rider', '~blankOut ~if nobody|nothing|none|noone was|were|is|has|had? $word yet? $orNothing?', () => onLast('nothing', (plan) => (ratioOf(plan.as) ? plan : null)), 0.1),
  rule('rider', '~blankOut for|where|if the? $freeOnes:c', ({ c }) => blankWhere(c), 0),
  rule('rider', '$rows ~without a? $col:c count|figure|value|number|entry? $blankIt', ({ c }) => blankWhere({ kind: 'empty', of: column(c) }), 0),
  rule('rider', '$cond:c $blankIt', ({ c }) => blankWhere(c), 0.1),
  rule('rider', 'leave|leaving|keep the? open|unfinished|running|undelivered|unpaid|outstanding $rows|$guess|$noun? ~blankWord', () => onLast('still open', (plan) => (isSpan(plan.as) ? plan : null)), 0),
  rule('rider', '$blankIt while|until|as the? $rows|$noun|$col|it|they ~be? still|not $word', () => onLast('still open', (plan) => (isSpan(plan.as) ? plan : null)), 0.05),
  rule('rider', '~blankOut while|as|so|until long? as? it|they? is|are? not? $word', () => onLast('still open', (plan) => (isSpan(plan.as) ? plan : null)), 0.1),
  rule('rider', '$blankIt ~if it|they|that? ~be? still|yet? open|unfinished|running', () => onLast('still open', (plan) => (isSpan(plan.as) ? plan : null)), 0),
  rule('rider', 'open|unfinished ones? $blankIt', () => onLast('still open', (plan) => (isSpan(plan.as) ? plan : null)), 0),
  rule('rider', 'there is|are no $name ~if one|any|either of the? two|three|four|them? is|are ~blankWord', () => onLast('blank in', (plan) => plan), 0),
  rule('rider', '$blankIt ~if there is|are none|no $mark', () => onLast('no mark', (plan) => (plan.as.kind === 'piece' || plan.as.kind === 'cased' ? plan : null)), 0),
  rule('rider', '~if there is|are none|no $mark ,? $blankIt', () => onLast('no mark', (plan) => (plan.as.kind === 'piece' || plan.as.kind === 'cased' ? plan : null)), 0),
  rule('rider', "~if there's no $mark ,? $blankIt", () => onLast('no mark', (plan) => (plan.as.kind === 'piece' || plan.as.kind === 'cased' ? plan : null)), 0),
  rule('rider', '$blankIt ~if anything|something|any|part|value of? it|them|these? ~be ~blankWord', () => onLast('blank in', (plan) => plan), 0),
  rule('rider', "$blankIt|~blankOut while|until|as long? as? it|they|that|$rows|$noun? hasn't|haven't|isn't|aren't|wasn't|didn't|has|have|is|are|was|did not? (yet)? been? $word? out|back|in|off|yet?", () => onLast('still open', (plan) => (isSpan(plan.as) ? plan : null)), 0.05),
  rule('rider', '$blankIt for|with|on|in those|the|any|all? $rows|$noun|ones|that? ~rel ~be? still here|there|in|out|with|open|waiting|away us|here?', () => onLast('still open', (plan) => (isSpan(plan.as) ? plan : null)), 0),
  rule('rider', '$blankIt ~if it|they ~be? still $word|there', () => onLast('still open', (plan) => (isSpan(plan.as) ? plan : null)), 0.05),
  rule('rider', '$blankIt ~if one|any|either of the? two|three|them? is|are ~blankWord', () => onLast('blank in', (plan) => plan), 0),
  rule('rider', '~if one|any|either of the? two|three|them? is|are ~blankWord ,? $blankIt', () => onLast('blank in', (plan) => plan), 0),
  rule('rider', '~open? no|blank|empty|missing ^$cols:c ~given? =|means|mean|counts|count|is|are as|for? zero|0|nothing|none ~close?', ({ c }) => onLast(`zero ${c.join()}`, (plan) => (c.some((n: string) => columnsOf(plan.as).includes(n)) ? { ...plan, as: zeroForBlank(plan.as, c) } : null)), 0),
  rule('rider', 'an? ~blankWord year|month|value|one|part|cell|figure|ones|cells|values? counts|count|is|are|means|stands as|for? zero|0|nothing|none', () => onLast('zero all', (plan) => ({ ...plan, as: zeroForBlank(plan.as, columnsOf(plan.as)) })), 0),
  rule('rider', 'treat|count|take|read|regard|consider|use|assume an? ~blankWord $cols:c as zero|0|nothing|nil', ({ c }) => onLast(`zero ${c.join()}`, (plan) => (c.some((n: string) => columnsOf(plan.as).includes(n)) ? { ...plan, as: zeroForBlank(plan.as, c) } : null)), -0.2),
  rule('rider', 'treat|count|take|read|regard|consider|use|assume an? ~blankWord $col:a or $col:b as zero|0|nothing|nil', ({ a, b }) => onLast(`zero ${a} ${b}`, (plan) => ([a, b].some((n) => columnsOf(plan.as).includes(n)) ? { ...plan, as: zeroForBlank(plan.as, [a, b]) } : null)), -0.2),
  rule('rider', 'treat|count|take|read|regard|consider the|any|all? ~blankWord (ones|cells|values)? as zero|0|nothing|nil|none|nought', () => onLast('zero all', (plan) => ({ ...plan, as: zeroForBlank(plan.as, columnsOf(plan.as)) })), 0),
  rule('rider', '$rset:c ~should? get|gets|have|has|receive|receives|stay|stays|remain|remains ~blankWord', ({ c }) => blankWhere(c), 0.5),
  rule('rider', 'no|without|~blankWord $col:c $arrow2 ~blankWord|nothing', ({ c }) => blankWhere({ kind: 'empty', of: column(c) }), -0.2),
  rule('rider', 'any|a|the? missing|blank|empty $word|$rows|$noun|$guess|values|ones ignored|skipped|omitted|excluded', () => onLast('ignoring', (plan) => (isAcross(plan.as) || hasTotal(plan.as) ? plan : null)), 0),
  rule('rider', 'ignoring|skipping|omitting|leaving out? any|the? missing|blank|empty $word|$rows|$noun|$guess|values|ones|scores?', () => onLast('ignoring', (plan) => (isAcross(plan.as) || hasTotal(plan.as) ? plan : null)), 0),
  rule('rider', 'an? ~blankWord $cols:c counts|count as|for? zero|0|nothing', ({ c }) => onLast(`zero ${c.join()}`, (plan) => ({ ...plan, as: zeroForBlank(plan.as, c) })), 0),
  rule('rider', 'an? ~blankWord $col:a or $col:b counts|count as|for? zero|0|nothing', ({ a, b }) => onLast(`zero ${a} ${b}`, (plan) => ({ ...plan, as: zeroForBlank(plan.as, [a, b]) })), 0),
  rule('rider', 'and|then|also? call|label|mark|make|name|set the? others|rest|remaining|other ones|rows|$rows|$noun|$guess? as|to|with|into? $label:l', ({ l }) => onLast(`others ${l}`, (plan) => (plan.as.kind === 'choose' && plan.as.otherwise.kind === 'blank' && plan.as.cases.every((c) => c.then.kind === 'text') ? { ...plan, as: { ...plan.as, otherwise: { kind: 'text', value: l } } } : null)), -0.5),
  // 'Others short', said afterwards
  rule('rider', 'and|,? the? others|rest|remaining $rows|$noun|ones? as|are|get|is? ^$label:l', ({ l }) => ofLast(onLast(`the others ${l}`, (plan) => (plan.as.kind === 'choose' && plan.as.otherwise.kind === 'blank' && plan.as.cases.every((c) => c.then.kind === 'text') ? { ...plan, as: { ...plan.as, otherwise: { kind: 'text', value: l } } } : null))), 0.1),
  rule('rider', '~blankOut ~forOthers|~otherwise', () => onLast('blank else', (plan) => (plan.as.kind === 'choose' && plan.as.otherwise.kind === 'blank' ? plan : null)), 0),
  rule('rider', 'but? only for|where|if|when the? $rset:c ,? ~blankWord ~forOthers|~otherwise', ({ c }) => onLast(`only ${keyOf(c)}`, (plan) => ({ ...plan, as: cases([{ when: c, then: plan.as }], blank) })), 0),
  rule('rider', 'but? just|only for|where|if|when|on the? $rset:c ,? ~otherwise ~blankWord', ({ c }) => onLast(`only ${keyOf(c)}`, (plan) => (plan.replace ? null : { ...plan, as: cases([{ when: c, then: plan.as }], blank) })), 0),
  rule('rider', 'and|but? only for|where|if|when|on the? $rset:c ,|;|and|. the? others|rest|other ones|rows|$rows|$noun? stay|stays|remain|remains|be|are|is|get|gets left? ~blankWord', ({ c }) => onLast(`only ${keyOf(c)}`, (plan) => (plan.replace ? null : { ...plan, as: cases([{ when: c, then: plan.as }], blank) })), -0.3),
  rule('rider', 'but? only for|where|if|when|on the? $rset:c though|however? ,|and|with? ~leave? the? rest|others|remainder|remaining|other ones|rows|$rows? ~blankWord', ({ c }) => onLast(`only ${keyOf(c)}`, (plan) => (plan.replace ? null : { ...plan, as: cases([{ when: c, then: plan.as }], blank) })), 0),
  rule('rider', 'only? for|where|but only for|where $rset:c', ({ c }) => onLast(`only ${keyOf(c)}`, (plan) => ({ ...plan, as: cases([{ when: c, then: plan.as }], blank) })), 0.3),
  // 'the free one': where the price is nothing
  rule('freeOnes', 'free|gratis $rows|$guess?', (_s, x: Context) => { const prices = x.head.columns.filter((c) => fit('price', c.name) < 0.3 && readsAsNumber(x.head, c.name)); return prices.length === 1 ? { kind: 'compare', op: '=', left: column(prices[0]!.name), right: number(0) } : null; }, 0),
  rule('rider', "some|a|any|few|many? few? of? the? $col:c entries|values|cells|figures? ~be? ~not an? real|proper|valid? ~number|~date ,|;|.|:|-|–? so|and|please? leave|keep|make those|them|these|it ~blankWord", ({ c }) => onLast(`unless ${c}`, (plan) => (needs(plan.as.kind === 'round' ? plan.as.of : plan.as, c) ? plan : null)), -0.2),
  rule('rider', '~if the? $col:c ~be? ~not an? real|proper|valid? ~number|~date ,? $blankIt', ({ c }) => onLast(`unless ${c}`, (plan) => (needs(plan.as.kind === 'round' ? plan.as.of : plan.as, c) ? plan : null)), 0),
  rule('rider', '$blankIt ~if the? $col:c ~be? ~not an? real|proper|valid? ~number|~date', ({ c }) => onLast(`unless ${c}`, (plan) => (needs(plan.as.kind === 'round' ? plan.as.of : plan.as, c) ? plan : null)), 0),
  rule('rider', "$blankIt ~if we|i|nobody|they don't|dont|do not? know|knows|have the? $col:c", ({ c }) => onLast(`unknown ${c}`, (plan, head) => withBlank(plan, { kind: 'empty', of: column(c) }, head)), -0.2),
  rule('rider', '$blankIt ~if there? is|are? no|not any? $col:c $word? is|was|are? given|recorded|entered|known|noted|written', ({ c }) => onLast(`unknown ${c}`, (plan, head) => withBlank(plan, { kind: 'empty', of: column(c) }, head)), -0.2),
  rule('rider', "$blankIt ~if we|they|it|you|nobody don't|dont|not|doesn't know|have|tell|say|knows|said how many|much $col:c (there (are|were))?", ({ c }) => onLast(`unknown ${c}`, (plan, head) => (needs(plan.as.kind === 'round' ? plan.as.of : plan.as, c) ? plan : withBlank(plan, { kind: 'empty', of: column(c) }, head))), -0.3),
  rule('rider', "$blankIt ~if we|they|it|you don't|dont|not know|have|tell|say how many|much|which|it|that|them?", () => onLast('unknown', (plan, head) => { const [first] = columnsOf(plan.as); return first === undefined ? null : withBlank(plan, { kind: 'empty', of: column(first) }, head); }), 0),
  rule('rider', '$num:n ~if nobody|none|nothing|nil|blank|empty|noone|missing', ({ n }) => onLast(`none is ${n}`, (plan) => (n === 0 && plan.as.kind === 'pieces' ? { ...plan, as: { kind: 'orElse', of: plan.as, otherwise: number(0) } } : null)), 0),
  rule('rider', 'none|nobody|nothing|blank|empty is|are|means|counts|gives|= as? $num:n', ({ n }) => onLast(`none is ${n}`, (plan) => (n === 0 && plan.as.kind === 'pieces' ? { ...plan, as: { kind: 'orElse', of: plan.as, otherwise: number(0) } } : null)), 0),
  rule('rider', '$values $rows|$guess? counts|count as? well|too|also ,? $withZero?', () => onLast('counts too', (plan) => (plan.where ? null : plan)), 0),
  rule('withZero', 'with their|its zero|0|value', () => true, 0),
  rule('rider', 'no|without $col:c means|mean|gives $name ~be ~blankWord too|also?', ({ c }) => blankWhere({ kind: 'empty', of: column(c) }), 0),
].flat();
