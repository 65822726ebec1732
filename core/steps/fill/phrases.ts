import type { Entailed } from '../../language/entailed';
import { amend, onColumns, type Act, type Context } from '../../language/acts';
import { keyOf, rule } from '../../language/chart';
import { readsAsNumber } from '../../formula/check';
import { groupable } from '../../language/grammar/roles';
import { isDoer, stem } from '../../language/words';
import type { FillFigure, Filling } from './step';

const act = (columns: readonly string[] | null, filling: Filling): Act => onColumns(`fill ${keyOf(filling)}`, columns, (on) => ({ step: 'fill', columns: on, with: filling }));
const fromAbove = (columns: readonly string[] | null): Act => act(columns, { kind: 'above' });
const value = (text: string | number): Filling => ({ kind: 'value', text: String(text) });
const figure = (fn: FillFigure, by: readonly string[] = []): Filling => ({ kind: 'figure', fn, by });
/** 'Of its site': the figure just said, for each group. */
const within = (by: string): Act => amend(`fill within ${by}`, (plan) => (plan.step === 'fill' && plan.with.kind === 'figure' && plan.with.by.length === 0 && !plan.columns.includes(by) ? { ...plan, with: { ...plan.with, by: [by] } } : null));

/** The column of who did something: ‹Buyer› of what nobody bought. */
function agentOf(verb: string, { head }: Context): readonly string[] | null {
  const own = stem(verb), found = head.columns.filter((c) => c.type === 'text' && c.name.toLowerCase().split(/\s+/).some((w) => isDoer(own, w)));
  return found.length === 1 ? [found[0]!.name] : null;
}

/** 'A blank means none broke, so zero': what it means, and what is to be written. */
const SO_WRITE = 'means|mean|is|are|stands|stand|says for|that? $word? $word? $word? $word? $word? ,|;|.|–|-? so|hence|thus|i.e|ie|meaning|therefore (please? ~make|put|write|fill|enter|use|it|that|take|is|its in|is|means|it|as? a?)? $filling:f there|in|instead?';

/** Other values for the blanks that were just filled. */
const refilled = (filling: Filling): Act => ({ key: `refilled ${keyOf(filling)}`, apply: (state) => (state.amends ? amend(`refilled ${keyOf(filling)}`, (plan) => (plan.step === 'fill' ? { ...plan, with: filling } : null)).apply(state) : null) });

export const phrases = [
  // What to fill with: a quoted text, a number, a value, or one plain word.
  rule('filling', '$text:t', ({ t }) => value(t), 0),
  rule('filling', 'n / a', () => value('n/a'), -0.2),
  rule('filling', '$num:n', ({ n }) => value(n), 0.05),
  // In a column of texts the sign is written as well.
  rule('filling', '$num:n ^%', ({ n }) => value(`${n}%`), 0),
  rule('filling', '$setPhrase:t', ({ t }) => value(t), -0.2),
  rule('filling', '$clockText:t', ({ t }) => value(t), 0),
  rule('filling', 'a $mark:m', ({ m }) => value(m), 0),
  rule('filling', '$mark:m', ({ m }) => (/^(?:[-–—?*]|-{2})$/.test(m) ? value(m) : null), 0),
  rule('filling', '$num:n $rows|$noun|$word', ({ n }) => value(n), -0.1),
  rule('filling', 'a $num:n', ({ n }) => value(n), 0.05),
  rule('filling', '$value:v', ({ v }) => value(v.text), 0.1),
  rule('filling', '$word:w', ({ w }) => (/^(?:where|wherever|when|if|take|use|put|keep|leave|make|average|mean|median|mode|commonest|previous|next|nearest|same|value|values|those|that|what|minimum|maximum|lowest|highest|total|sum|last|first|today|date|day|month|year|they|he|she|we|i|you|there|same|also|even|the|a|an|it|them|nothing|blank|empty|in|to|with|from|above|down|below|its|their|commonest|typical|usual)$/i.test(w) ? null : value(w)), 0.3),


  rule('fillFigure', '~average', () => 'mean', 0),
  rule('fillFigure', 'median|middle', () => 'median', 0),
  rule('fillFigure', 'middle value', () => 'median', 0),
  rule('fillFigure', '~commonest', () => 'commonest', 0),
  rule('fillFigure', 'first filled|known|given', () => 'first', 0),
  rule('filling', 'the|its|their? $fillFigure:f value|one|figure|entry? $ofColumn?', ({ f }) => figure(f), -0.1),
  rule('filling', 'the|its|their? $fillFigure:f value|one|figure|entry? of|for|in|at|from|within|among|per|by the|its|their|that|each|every|same? same|own|whole? $col:b', ({ f, b }, x: Context) => (groupable(b, x) ? figure(f, [b]) : null), -0.1),
  rule('filling', 'the|its|their? $col:b $fillFigure:f', ({ f, b }, x: Context) => (groupable(b, x) ? figure(f, [b]) : null), 0),
  rule('filling', 'the|its|their? $fillFigure:f $col|$word value|one|figure? of|for|in|at|from|within|among|per|by the|its|their|that|each|every|same? same|own|whole? $col:b', ({ f, b }, x: Context) => (groupable(b, x) ? figure(f, [b]) : null), -0.1),
  rule('filling', 'the|its|their? $fillFigure:f $col', ({ f }) => figure(f), 0),
  rule('ofColumn', 'of|in|for|over the|that|this|all|whole? column|rows|others|rest|table|list|values|other|filled? rows|ones|values?', () => true, 0),
  rule('ofColumn', 'there|overall', () => true, 0),
  rule('rider', '~each $col:b', ({ b }, x: Context) => (groupable(b, x) ? within(b) : null), 0.05),
  rule('rider', 'of|within|for|in|per the|its|their same? $col:b', ({ b }, x: Context) => (groupable(b, x) ? within(b) : null), 0.1),
  // Another column, or the cell below.
  rule('filling', 'the|its|their? value|text|entry|one|what|whatever of|from|in|is|stands? in? the? $col:c', ({ c }) => ({ kind: 'column', name: c }), 0.1),
  // A column's name by itself may as well be the text that is wanted: where both can be, it is asked.
  rule('filling', '$col:c', ({ c }) => ({ kind: 'column', name: c }), 0.55),
  rule('filling', 'the|its|their $col:c', ({ c }) => ({ kind: 'column', name: c }), 0.1),
  rule('filling', '~below', () => ({ kind: 'below' }), 0),

  rule('clause', 'and|then|also? please? put|write|enter|insert|fill in? $filling:f ~wherever|in nothing|none|no value|entry? is|stands|was|entered|there in|there|it?', ({ f }) => act(null, f), 0.1),
  rule('clause', 'no $cols:c cost|costs|price|value|date|name|figure|number? was|is|are|were|has? been? ~given|noted|written|down|said ,|;|-|?? then it|that|this? is|means|counts|becomes as|for? $filling:f', ({ c, f }) => act(c, f), -0.2),
  rule('gap', '~wherever we|it|there|the|a? ~without $cols:c', ({ c }) => c, 0),
  rule('clause', '$cols:c :|,|- ~wherever nothing|none|no entry|value? ~be|~have? ~given|entered|filled|written|noted|there|in in? it|that|this ~be|means|mean none|nothing|zero|nobody ,|;? so|i.e|hence|that is|means? ,? $num:n', ({ c, n }) => act(c, value(String(n))), -0.3),
  rule('clause', '$cols:c :|,|- (an)? ~blankWord (one|cell|ones|cells|field)? ~be|means|mean none|nothing|zero|nobody ,|;? so|i.e|hence|that is? ,? $num:n', ({ c, n }) => act(c, value(String(n))), -0.3),
  rule('gap', '~wherever nobody|noone|nothing|none ~be|~have? ~given|known as|for|under|in|to? the? $cols:c', ({ c }) => c, 0),
  rule('clause', "$gap:c ,? it's|that's|then? an? $filling:f", ({ c, f }) => act(c, f), 0),
  rule('clause', '$gap:c ,? it|that|this|they ~be an? $filling:f', ({ c, f }) => act(c, f), 0.05),
  rule('clause', '$gap:c ,? it|that|this|they ~should say|be|read|show|become $filling:f', ({ c, f }) => act(c, f), -0.1),
  rule('clause', '$gap:c ,? (it|the? $rows|$noun|$guess|$col ~be|happened|took on|from|of?)? (they|he|she|it|that|we|i ^$word|$col on|at|in|from|for?)? the? same $col|day|date|value|one|thing? as $aboveRow ,|.|;? so? (put|write|fill|copy|enter that|it|this in|there|down?)?', ({ c }) => fromAbove(c), -0.3),
  rule('gap', '~wherever a|an|the|any? $rows|$noun|$guess ~without a|an|any? $cols:c yet?', ({ c }) => c, -0.1),
  rule('clause', '$gap:c ,? call|name|title|label it|them|that|those|the? $rows|$noun? ^$text:t', ({ c, t }) => act(c, value(t)), -0.3),
  rule('gap', '~wherever nobody|noone|none|no-one $word the|a|any? $cols:c', ({ c }) => c, 0.1),
  rule('gap', '~wherever nobody|noone|none|no-one ^$word:w it|this|them|that|anything?', ({ w }, x: Context) => agentOf(w, x), 0),
  rule('clause', '$cols:c ~be ~blankWord|missing for|on|in|where|with the? $rset ,|;|.|:|-|–? so|and|please? ~make|~fill|put|write|enter|insert in? an? $filling:f there|in|instead|then? in|instead?', ({ c, f }) => act(c, f), -0.3),
  rule('gap', 'for|at|with no|~blankWord $cols:c', ({ c }) => c, 0.2),
  // 'Teams without a name', where ‹Team› is the name
  rule('clause', '$cols:c ~without an?|the? names|name|entry|value ~should ~be|say|read|become|get|show called|named|labelled|marked? as? $filling:f', ({ c, f }, x: Context) => (c.some((n: string) => /name/i.test(n)) || x.head.columns.some((h) => /^names?$/i.test(h.name)) ? null : act(c, f)), -0.2),
  rule('gap', '~wherever no|none $cols:c ~be? ~given', ({ c }) => c, 0),
  rule('gap', '~wherever $cols:c ~be not ~given', ({ c }) => c, 0),
  rule('gap', '~wherever $cols:c ~be? ~blankWord', ({ c }) => c, 0),
  rule('gap', '~wherever there ~be no $cols:c', ({ c }) => c, 0),
  rule('gap', '~wherever ~be? ~blankWord $cols:c', ({ c }) => c, 0.1),
  rule('gap', 'in|for|of|to the? ~blankWord cells|ones|fields|rows? of|in $cols:c', ({ c }) => c, 0),
  rule('gap', 'for|in ~blankWord $cols:c', ({ c }) => c, 0),

  rule('clause', '~make $cols:c to? $filling:f ~wherever it|they|that|there? ~be? ~blankWord', ({ c, f }) => act(c, f), -0.1),
  rule('clause', 'in|under|at|for the? $cols:c ,|:|;? please? put|write|enter|insert|type|set|use|say in? an? $filling:f ~wherever|if it|they|that|there|nothing? ~be? ~blankWord', ({ c, f }) => act(c, f), -0.2),
  rule('clause', 'put|write|enter|insert|type|set $filling:f in|into|for|to|under the? $cols:c ~wherever it|they|that|there? ~be? ~blankWord', ({ c, f }) => act(c, f), -0.1),
  rule('clause', 'mark|tag|label the? $rows|$noun|$guess ~without an? $cols:c as|with $filling:f in|into|under that|this|the|same column|field|cell', ({ c, f }) => act(c, f), -0.3),
  rule('clause', '~fill in? a? $filling:f in|into|for|to|under|at the? $cols:c ~wherever|if|when it|they|that|there|nothing|none|no? ~be|stands|stand|says|stood? ~blankWord|nothing|there|in|given? in|there?', ({ c, f }) => act(c, f), -0.1),
  // 'No, with the average of the student'
  rule('rider', '$nopes? rather|better|instead? ~with|with|by|use|take|using $filling:f instead|rather|please?', ({ f }) => refilled(f), 0.1),
  rule('clause', 'and|,|; an? ~blankWord one|ones|cell|cells|value|values|entry|entries|field? means|mean|counts|count|stands|= as|for? $filling:f', ({ f }) => act(null, f), 0.1),
  rule('clause', '$cols:c ~blankWord ~be|means|mean|stands|= for|the? same as? $word|$value|$text ,|;|.|-? so|hence|please|and? ~make|put|write|fill|enter|use in? $filling:f there|in|instead|then? in?', ({ c, f }) => act(c, f), -0.2),
  rule('clause', "and|but|,? whatever|what|what's|whats is|are|stays? ~blankWord ~be|=|means|mean|counts|count as|for? an? $filling:f", ({ f }) => act(null, f), -0.1),
  rule('rider', '~nope ,? ^$word:a ^$word:b', ({ a, b }) => refilled(value(`${a} ${b}`)), 0.2),
  rule('clause', '$cols:c :|,|-|–? $filling:f ~wherever|if|for it|they|there? ~be? ~blankWord (ones|cells)?', ({ c, f }) => act(c, f), -0.1),
  rule('clause', "~wherever|if|when nobody|noone|none|no-one has|have|had? ^$word:w it|them|this|yet? ,? ~make|put|write|enter|fill $filling:f in|into|under|as the? $cols:c", ({ w, c, f }, x: Context) => { const agent = agentOf(w, x); return agent && c.length === 1 && c[0] === agent[0] ? act(c, f) : null; }, -0.2),
  rule('clause', "put|write|enter|insert|use|make|say $filling:f in|into|under|as|for the? $cols:c ~wherever|if|when nobody|noone|none|no-one has|have|had? ^$word:w it|them|this|the|that? $rows|$noun|$guess? yet?", ({ w, c, f }, x: Context) => { const agent = agentOf(w, x); return agent && c.length === 1 && c[0] === agent[0] ? act(c, f) : null; }, -0.3),
  rule('clause', '~make $filling:f $gap:c', ({ f, c }) => act(c, f), 0),
  rule('clause', 'put|write|enter|insert|type $filling:f $gap:c', ({ f, c }) => act(c, f), 0),
  rule('clause', '$cols:c ~blankWord ~be|=|means|mean|counts|count|stands as|for? $filling:f', ({ c, f }) => act(c, f), 0.1),
  rule('clause', 'no ^$cols:c means|mean|is|are|says that? $word? $word? $word? $word? $word? ,|;|.|–|-? so|hence|thus|please|and|therefore? ~make|put|write|fill|enter|use $filling:f there|in|instead|then?', ({ c, f }) => act(c, f), -0.2),
  rule('clause', `~blankWord ^$cols:c ${SO_WRITE}`, ({ c, f }) => act(c, f), -0.2),
  rule('clause', `$cols:c :|,|-|– a|an|the|all|any? ~blankWord cells|cell|ones|fields|values? ${SO_WRITE}`, ({ c, f }) => act(c, f), -0.2),
  rule('clause', `a|an|the|all|any? ~blankWord cells|cell|ones|fields|values? in|under|of|for the? $cols:c ${SO_WRITE}`, ({ c, f }) => act(c, f), -0.2),
  rule('clause', '~blankWord $cols:c means|mean|counts|count|stands as|for? $filling:f', ({ c, f }) => act(c, f), 0.1),
  rule('nought', 'none|nothing|zero|0|nil', () => true, 0),
  rule('clause', '$gap:c ,? take|treat|count|read|consider|regard|see|use|put|write|make|assume it|that|them? as|is|be? $nought', ({ c }, x: Context) => (c.every((n: string) => readsAsNumber(x.head, n)) ? act(c, value(0)) : null), -0.1),
  rule('clause', '$cols:c :|,|-|–? take|treat|count|read|consider|regard|see all|any|the? ~blankWord cells|ones|values? as a? $nought', ({ c }, x: Context) => (c.every((n: string) => readsAsNumber(x.head, n)) ? act(c, value('0')) : null), 0),
  rule('clause', '$cols:c :|,|-|–? take|treat|count|read|consider|regard|see all|any|the? ~blankWord cells|ones|values? as a? $filling:f', ({ c, f }) => act(c, f), 0.05),
  // 'In small letters, and if there isn't one write "any"'
  rule('clause', "and|but|,? ~if|~wherever there isn't|ain't one|any ,? please? ~make|put|write|enter|use|say|take|insert in? an? $filling:f (there|in|instead)?", ({ f }) => act(null, f), -0.2),
  rule('clause', 'and|but|,? ~if|~wherever there is|are|was no|none|not|nothing one|any|such|there|given? ,? please? ~make|put|write|enter|use|say|take|insert in? an? $filling:f (there|in|instead)?', ({ f }) => act(null, f), -0.1),
  rule('clause', '$gap:c ,? take|treat|count|read|consider|regard it|that|them? as $filling:f', ({ c, f }) => act(c, f), 0),
  rule('clause', '~blankWord $cols:c ,|:|;|-|–? so|please? take|use|put|get|insert|write|should? be? in? the|its|their? $fillFigure:f (value|one)? of|for|in|from|within the|its|their|that|each|every|same? same|own|whole? $col:b', ({ c, f, b }, x: Context) => (groupable(b, x) ? act(c, figure(f, [b])) : null), -0.4),
  rule('clause', '$gap:c ,? ~make $filling:f', ({ f, c }) => act(c, f), 0),
  rule('clause', '$gap:c ,? put|write|enter|insert|type|use in? $filling:f', ({ f, c }) => act(c, f), 0),
  rule('clause', '~fill the? ~blankWord? cells|ones|fields? in|of? $cols:c with|by|using a? $filling:f', ({ f, c }) => act(c, f), 0),
  rule('clause', 'replace|change|turn the? ~blankWord cells|ones|fields? in|of $cols:c with|by|to|into $filling:f', ({ f, c }) => act(c, f), 0),
  rule('arrow', '- >', () => true, 0),
  rule('arrow', '= >', () => true, 0),
  rule('arrow', '->|=>|→', () => true, 0),
  rule('clause', 'where|if|when? $cols:c ~be? ~blankWord $arrow $filling:f', ({ f, c }) => act(c, f), -0.2),
  rule('clause', 'no|~blankWord $cols:c =|: $filling:f', ({ f, c }) => act(c, f), 0.05),
  rule('clause', 'no|~blankWord $cols:c $arrow $filling:f', ({ f, c }) => act(c, f), -0.2),
  rule('clause', 'replace|change|turn|set|fill|make the? ~blankWord $cols:c ~with|by|to|as $filling:f', ({ f, c }) => act(c, f), 0),
  rule('clause', '$rows|$guess|$col ~without $cols:c ~should be|become|get|read|say|show|have $filling:f', ({ c, f }) => act(c, f), 0),
  rule('clause', '~blankWord $cols:c ~should be|become|get|read|say $filling:f', ({ c, f }) => act(c, f), 0),
  rule('clause', '~blankWord $cols:c ~should be|become|get|read $filling:f', ({ f, c }) => act(c, f), 0),
  rule('clause', '~fill the? ~blankWord? cells|ones? in|of? $cols:c with|from? ~above', ({ c }) => fromAbove(c), 0),
  rule('clause', '~fill the? ~blankWord? cells|ones|fields? in|of? $cols:c from|using|out the|what|whatever? value|values|one|text|is|stands? from|in|of? the? $col:b', ({ c, b }) => (c.includes(b) ? null : act(c, { kind: 'column', name: b })), 0),
  rule('clause', '~fill the? ~blankWord? cells|ones|fields? in|of? $cols:c with|by the|its|their|what|whatever value|values|one|text|is|stands? from|in|of? the? $col:b', ({ c, b }) => (c.includes(b) ? null : act(c, { kind: 'column', name: b })), 0),
  rule('clause', '~fill the? ~blankWord? cells|ones|fields? in|of? $cols:c with|from|by? the? ~below', ({ c }) => act(c, { kind: 'below' }), 0),
  rule('clause', '~make|use|take|put $col:b $gap:c', ({ c, b }) => (c.includes(b) ? null : act(c, { kind: 'column', name: b })), 0.05),
  rule('clause', '$gap:c ,? ~make|use|take|put|fill|insert|copy|write? in|it|them? from|with|the? the? $col:b in? there|instead|over?', ({ c, b }) => (c.includes(b) ? null : act(c, { kind: 'column', name: b })), 0.05),
  rule('clause', 'fill $cols:c up|upwards', ({ c }) => act(c, { kind: 'below' }), 0),
  rule('clause', '~fill the|those|these|any|all? gap|gaps|hole|holes|blank|blanks with|by|from|using a? $filling:f', ({ f }) => act(null, f), 0),
  rule('clause', '~fillDown $cols:c', ({ c }) => fromAbove(c), 0.05),
  rule('clause', '$cols:c ~fillDown', ({ c }) => fromAbove(c), 0.1),
  rule('clause', 'copy|carry|repeat|pull|drag|extend|take|continue the? $cols:c down|downwards|on (into|to|over|through|across the? ~blankWord cells|rows|ones|fields|gaps? below|underneath|beneath|there|under? it?)?', ({ c }) => fromAbove(c), -0.2),
  rule('clause', 'fill $cols:c down|downwards', ({ c }) => fromAbove(c), 0),
  rule('clause', '~wherever a? $cols:c ~be ~blankWord it was|is the same day|date|value|one|thing? as $aboveRow ,|.|;? ~fillDown?', ({ c }) => fromAbove(c), 0),
  rule('clause', '$cols:c ~be only|just written|given|filled|shown|entered on|in|for the? first $firstRow ,|.|;? ~fillDown', ({ c }) => fromAbove(c), 0),
  rule('aboveRow', '~above', () => true, 0),
  rule('aboveRow', '$rows ~above it?', () => true, 0),
  rule('aboveRow', '$word ~above it?', () => true, 0),
  rule('aboveRow', 'the? $rows|$noun|$guess|$col|$word in|of|from|on ~above', () => true, 0),
  rule('firstRow', '$rows|$noun|$col of a|an|each|every|the $word|$col', () => true, 0),
  rule('firstRow', '$rows', () => true, 0.05),
  // 'Humidity: take the value from the row above if it is missing'
  rule('clause', '$cols:c :|,|–|-? please? take|use|copy|put|repeat|write|insert|fill in? the|that|with? value|one|date|text|entry|figure? from? ~above ~wherever|if it|they|that|there|one? ~be? ~blankWord', ({ c }) => fromAbove(c), -0.2),
  rule('clause', 'in|for? the? $cols:c ,|:? ~blankWord ones|cells|values|fields|entries? take|get|copy|repeat|have the? value|one|date|text? from|of? ~above', ({ c }) => fromAbove(c), -0.1),
  rule('clause', 'put|write|enter|set|make|show the? $cols:c as|to|at|: $filling:f ~wherever|if it|they|that|there? ~be? ~blankWord', ({ c, f }) => act(c, f), -0.1),
  rule('clause', '~blankWord $cols:c ~should be? taken|copied|carried|filled|repeated|inherited|come over|down|in|forward? from|with? ~above', ({ c }) => fromAbove(c), 0),
  rule('clause', '$cols:c ~should be? taken|copied|carried|filled|repeated|inherited over|down|in|forward? from|with? ~above ~wherever|if it|they|that|there? ~be? ~blankWord', ({ c }) => fromAbove(c), 0),
  rule('clause', 'take|copy|carry|repeat ~blankWord $cols:c over|down|in|forward? from|with? ~above', ({ c }) => fromAbove(c), 0),
  rule('clause', '~wherever|in|on|for $rows|$noun|those|ones ~without an? $cols:c ,? ~make|use|take|put|copy|repeat|enter the|that|its? $col|value|one|date|text|entry? of|from|in? ~above', ({ c }) => fromAbove(c), -0.2),
  rule('clause', '~wherever|in|on|for $rows|$noun|those|ones ~without an? $cols:c ,? ~make|use|take|put|write|enter|insert|say $filling:f', ({ c, f }) => act(c, f), 0),
  rule('clause', '~fill in? the? $cols:c with|from|by|using the? $col:b ~wherever|if|when it|they|that|there? ~be? ~blankWord', ({ c, b }) => (c.includes(b) ? null : act(c, { kind: 'column', name: b })), -0.2),
  rule('clause', '~fill the gap|gaps|hole|holes|blank|blanks in|of $cols:c from|with|by|using? ~above', ({ c }) => fromAbove(c), 0),
  rule('clause', '~fillDown', () => fromAbove(null), 0.4),
].flat();

export const entailed: readonly Entailed[] = [
  { of: (plan) => plan.step === 'fill' && plan.with.kind === 'above', words: 'each every empty blank one take get gap last value row above before down' },
];
