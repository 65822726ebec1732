import { all, columnsOf, type Condition, type Expression } from '../../formula/expression';
import { amend, nothing, plans, withPlan, type Act, type Context, type State } from '../../language/acts';
import { keyOf, rule, type Rule } from '../../language/chart';
import { judged, pairOf, tested, theirsIn } from '../../language/grammar/pairs';
import { orNothing } from '../../language/grammar/many';
import { listedOf, type OtherColumn } from '../../language/grammar/others';
import { nameOf } from '../../language/naming';
import { uniqueName } from '../../values/names';
import { add } from './adding';

/* Values held against what another table says. */

const SAYS = 'write|put|say|show|mark|give|enter|note|tell|label|call';
const keep = (where: Condition): Act => plans({ step: 'filter', mode: 'keep', where });

/** A name for what another table says, by that table where the name is taken here. */
const besideOwn = (as: Expression, taken: readonly string[]): string => uniqueName(as.kind === 'lookup' && taken.includes(nameOf(as)) ? `${nameOf(as)} in ${as.table}` : nameOf(as), taken);

/** What other tables say, shown beside rows that were chosen by it. */
const withBoth: Act = {
  key: 'with both',
  apply(state: State) {
    const last = state.plans.at(-1);
    const shown = last?.step === 'filter' ? theirsIn(last.where) : [];
    // Two columns of the table itself are shown as it is.
    if (shown.length === 0) return last?.step === 'filter' && columnsOf(last.where).length > 1 ? nothing.apply(state) : null;
    return shown.reduce<State>((s, as) => withPlan(s, { step: 'calculate', name: besideOwn(as, s.head.columns.map((c) => c.name)), as, replace: false }, state.topic), state);
  },
};

/** Said of rows that were compared with another table: what is not there has no value to compare. */
const confirmed: Act = {
  key: 'in both',
  apply(state: State) {
    const last = state.plans.findLast((p) => p.step === 'filter' || p.step === 'ask'), compared = last === undefined || last.where === undefined ? [] : theirsIn(last.where);
    if (compared.length === 0) return null;
    // What has no row there counted as nothing.
    const zeroed = keyOf(last!).includes('"kind":"orElse"') ? compared.flatMap((e): Condition[] => (e.kind === 'lookup' ? [{ kind: 'listed', table: e.table, under: e.under, of: e.of, ...(e.loosely && { loosely: true }) }] : [])) : [];
    return zeroed.length === 0 ? nothing.apply(state) : amend('those in both', (plan) => ((plan.step === 'filter' && plan.mode === 'keep') || plan.step === 'ask' ? { ...plan, where: all([plan.where!, ...zeroed]) } : null)).apply(state);
  },
};

/** Of rows that were compared with another table, those that have something there. */
function onlyWith(table: string, x: Context): Act | null {
  const there = listedOf(x, undefined, table);
  return there && amend(`only with ${table}`, (plan) => ((plan.step === 'filter' && plan.mode === 'keep') || plan.step === 'ask') && plan.where && theirsIn(plan.where).length > 0 ? { ...plan, where: all([plan.where, there]) } : null);
}

/** Ways to hold values against other tables, and to say what comes of it. */
export const comparePhrases: readonly Rule[] = [
  // 'Full when the amount equals the invoice total, part when it's less'
  rule('clause', `(mark|label|tag|flag|${SAYS} ~each|the|all? $rows|$noun|$col? (as ($word ,)? ($word ,)? $word or|and $word)? :|,|-?)? $outcomeLabel:l ~if $holding:p ,|;|and|or|. and|or? $outcomes:o`, ({ l, p, o }, x: Context) => { const e = judged(p, [{ label: l, test: { kind: 'stand', op: '=' } }, ...o], x); return e && add(e); }, -0.6),
  // 'Check: ok if the payment is within a pound of the invoice, short when it is less'
  rule('clause', `(mark|label|tag|flag|${SAYS} ~each|the|all? $rows|$noun|$col? (as|with)? :|,|-?)? $outcomeLabel:l ~if $heldSo:h ,|;|and|or|. and|or? $outcomes:o`, ({ l, h, o }, x: Context) => { const e = judged(h.pair, [{ label: l, test: h.test }, ...o], x); return e && add(e); }, -0.3),
  rule('clause', '~add? ~column? ~named? ^$name:n (on|for|in|to|beside the|each|every|all? $rows|$noun|$guess)? :|,|-|=|, $outcomeLabel:l ~if $heldSo:h ,|;|and|or|. and|or? $outcomes:o', ({ n, l, h, o }, x: Context) => { const e = judged(h.pair, [{ label: l, test: h.test }, ...o], x); return e && add(e, n); }, -0.4),
  // What stands between two values and what is said of them; with the name of the column where one is given
  rule('judgeLink', ',|.|;|:|and', () => ({}), 0),
  rule('judgeLink', `,|.|;|:|and|?? and|then? ${SAYS} me|it|them|down|out? the|their? outcome|result|verdict|answer|difference? :|,?`, () => ({}), 0),
  rule('judgeLink', `,|.|;|:|and|?? and|then? ${SAYS} me|it|them|down|out? the|their? outcome|result|verdict|answer|difference? ~into the|a? ~column? ~named? $name:n :|,?`, ({ n }) => ({ n }), 0),
  rule('clause', `$ownHolding:p ,|.|;|:|?? and|then? (${SAYS})? (whether|if)? $outcomes:o`, ({ p, o }, x: Context) => { const e = judged(p, o, x); return e && add(e); }, -0.1),
  rule('clause', `$ownHolding:p ,|.|;|:|?? and|then? (${SAYS})? (whether|if)? (it|they|its|both)? (is|are)? $meanings:o`, ({ p, o }, x: Context) => { const e = judged(p, o, x); return e && add(e); }, -0.2),
  rule('clause', '$holding:p ^$judgeLink:l ^$outcomes:o', ({ p, l, o }, x: Context) => { const e = judged(p, o, x); return e && add(e, l.n); }, -0.2),
  rule('clause', `~add? ~column? ~named? ^$name:n (on|for|in|to|beside|of the|each|every|all? $rows|$noun|$guess)? :|,|- $holding:p ,|.|;|:|?? (${SAYS})? $outcomes:o`, ({ p, n, o }, x: Context) => { const e = judged(p, o, x); return e && add(e, n); }, -0.2),
  // 'Put in Check whether the amount in remittances equals the amount due: ok up to 1 euro difference, off above that'
  rule('clause', `${SAYS}|add|see|check in|into|to|under|a|the? ~column? ~named? ^$name:n whether|if|how|: $holding:p ,|.|;|:|-|?? $outcomes:o`, ({ n, p, o }, x: Context) => { const e = judged(p, o, x); return e && add(e, n); }, -0.4),
  // 'Check: sum up the takings of its screenings, ok if settled is at most 5 euros away, otherwise off'
  rule('clause', '~add? ~column? ~named? ^$name:n (on|for|in|to|beside|of the|each|every|all? $rows|$noun|$guess)? :|,|- (add|sum|total|count|take|work)? (up|out)? the|all|its|their? $tally:e (~open? 0|zero|nothing ~if|~wherever? none|nothing|missing? ~close?)? ,|;|.|: and? then? $outcomeLabel:l ~if the|its|our? $held:b $pairTest:t ,|;|. and? $outcomes:o', ({ n, e, l, b, t, o }, x: Context) => { const p = pairOf(b, orNothing(e), x), as = p && judged(p, [{ label: l, test: t }, ...o], x); return as && add(as, n); }, -0.5),
  rule('clause', `$holding:p ,|.|;|:|?? and|then? ${SAYS} whether|if? it|they|its? is|are? $meanings:o`, ({ p, o }, x: Context) => { const e = judged(p, o, x); return e && add(e); }, -0.2),
  rule('clause', '$holding:p .|,|;|:|and and|then|please? show|list|keep|give|find|tell|want|see|leave|need me|us|only? all? the|those? $rows|$noun|$col|ones|those|cases ~rel? $pairTest:t', ({ p, t }, x: Context) => { const where = tested(t, p, x); return where && keep(where); }, -0.2),
  rule('bothTold', ',|-|;|. both|two of? the|their|them? amounts|numbers|values|figures|sums|dates|prices|totals|rates (side by side|please|too|shown|beside it|as well)?', () => true, 0),
  rule('bothTold', ',|-|;|.|?? with|and|showing|show|giving|give|including both|two of? them?', () => true, 0.1),
  rule('bothTold', ',? with|and|showing|show|giving|give|including|plus|beside the|their? both|two of? the|their|them? amounts|numbers|values|figures|sums|dates|prices|totals|rates', () => true, 0),
  rule('bothTold', ',? with|and|showing|show|giving|give|including|plus|beside? the|their? both|two of? the|their|them? $word|$col|$tcol|amounts|numbers|values|figures side by side', () => true, 0),
  rule('bothTold', ',? with|and|showing|show|giving|give|including|plus|beside? the|their? both|two of? the|their|them? $col|$tcol next|beside to? each? other', () => true, 0),
  rule('bothTold', ',? with|and|showing|show|giving|give|including|plus|beside the|their? both|two of? the|their|them? $col|$tcol', () => true, 0.1),
  rule('rider', '$bothTold', () => withBoth, 0.5),
  // 'Matching lot ref to lot': how the tables were tied
  ...['the? $tcol:k to|with|and|against|=|is the|our? $col:a', 'the|our? $col:a to|with|and|against|=|is the|their? $tcol:k'].map((pair) => rule('rider', `,|~open? match|matching|matched|by|via|on|tying|tie|linking|link|joining|join|compare|comparing ${pair} ~close?`, ({ k, a }) => tiedSo(a, k), -0.3)).flat(),
  // 'Going by lot ref'
  rule('rider', ',|~open? going|judging|looking|matching|matched by|at|on? the|their? $tcol:k ~close?', ({ k }) => tiedUnder(k), -0.1),
  rule('rider', 'and? only|just the|those? $rows|$noun|ones|$col ~rel? ~be|appear|occur|stand|exist|present|listed|found in both of? the|these? tables|lists|files|sheets?', () => confirmed, -0.2),
  rule('rider', 'and? only|just the|those? $rows|$noun|ones|$col ~rel? ~be? present|listed|found|known in both of? the|these? tables|lists|files|sheets?', () => confirmed, -0.2),
  rule('rider', "only|just for|with|where|if? the|those? $rows|$noun|ones|$col|$theTable (that|which)? we|they|it know|knows|have|has|list|lists", () => confirmed, -0.2),
  rule('rider', "skip|ignore|leave|omit|without out|aside|off? the|those|all|any? $rows|$noun|ones|$col|$tcol|$theTable ~rel? ~be? not|missing|absent|isn't|aren't|unknown (listed|found|there|present)? in|from|to? the|that? $theTable|table|list|sheet?", () => confirmed, -0.1),
  // 'Leave aside the ones without readings'
  rule('rider', "leave|leaving|skip|ignore|omit|disregard|without|excluding out|aside|off? the|those|any? $rows|$noun|ones|$col ~rel? ~without|no|lacking|not|don't (have|any|a|an|the)? any|a|an? ^$many:t", ({ t }, x: Context) => onlyWith(t, x), -0.4),
  // '..., cost from articles': where it is taken from
  rule('rider', '$tcol:c ~be? taken|given|looked? from|in|out|of|off up? of? $theTable:t', ({ c, t }) => takenFrom(c, t), -0.2),
  rule('rider', '~open $tcol:c ~be|stand|stands|come|comes in|from|on|under the? $theTable:t ~close', ({ c, t }) => takenFrom(c, t), -0.2),
  // 'The routes tell'
  rule('rider', 'the? $theTable:t tell|tells|say|says|know|knows|have|has|show|shows|give|gives it|that|this|which|where|so|us?', ({ t }) => told(t), 0),
  rule('rider', 'going|judging|according by|from|to the? $theTable:t', ({ t }) => told(t), 0),
  rule('rider', '(see|look|that is|it is|found|given) up? in|from the? $theTable:t', ({ t }) => told(t), 0.1),
  rule('rider', 'no $theTable|$tcol|$word means|mean|counts|is|are|gives as? an? zero|0|nothing $tcol|$word|$theirs?', () => zeroed, 0),
].flat();

/** Said of a value that the calculation takes from that table. */
const takenFrom = (c: OtherColumn, table: string): Act => ({ key: `taken from ${table} ${c.column}`, apply: (state) => (c.table === table && JSON.stringify(state.plans.at(-1) ?? '').includes(`"value":${JSON.stringify(c.column)},"table":${JSON.stringify(table)}`) ? nothing.apply(state) : null) });

/** Said of what is taken from that table anyway. */
const told = (table: string): Act => ({ key: `told by ${table}`, apply: (state) => (JSON.stringify(state.plans).includes(`"table":${JSON.stringify(table)}`) ? nothing.apply(state) : null) });

/** Said of what is looked up under this column. */
const tiedUnder = (k: OtherColumn): Act => ({ key: `tied under ${k.table} ${k.column}`, apply: (state) => (JSON.stringify(state.plans).includes(`"table":${JSON.stringify(k.table)},"under":${JSON.stringify(k.column)}`) ? nothing.apply(state) : null) });

/** Said of values that are looked up by these two columns. */
const tiedSo = (own: string, k: OtherColumn): Act => ({ key: `tied by ${own} ${k.table} ${k.column}`, apply: (state) => { const last = JSON.stringify(state.plans); return last.includes(`"table":${JSON.stringify(k.table)},"under":${JSON.stringify(k.column)},"of":{"kind":"column","name":${JSON.stringify(own)}}`) ? nothing.apply(state) : null; } });

/** Nothing there counts as zero, as it does in sums anyway. */
const zeroed: Act = { key: 'none is zero', apply: (state) => (JSON.stringify(state.plans.at(-1) ?? '').includes('"kind":"orElse"') ? nothing.apply(state) : null) };
