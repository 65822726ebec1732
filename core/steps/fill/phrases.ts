import { onColumns, type Act } from '../../language/acts';
import { rule } from '../../language/chart';

const withText = (columns: readonly string[] | null, text: string | number): Act => onColumns(`fill ${text}`, columns, (on) => ({ step: 'fill', columns: on, with: { kind: 'value', text: String(text) } }));
const fromAbove = (columns: readonly string[] | null): Act => onColumns('fill above', columns, (on) => ({ step: 'fill', columns: on, with: { kind: 'above' } }));

export const phrases = [
  // What to fill with: a quoted text, a number, a value, or one plain word.
  rule('filling', '$text:t', ({ t }) => t, 0),
  rule('filling', '$num:n', ({ n }) => n, 0.05),
  rule('filling', 'a $mark:m', ({ m }) => m, 0),
  rule('filling', 'a $num:n', ({ n }) => n, 0.05),
  rule('filling', '$value:v', ({ v }) => v.text, 0.1),
  rule('filling', '$word:w', ({ w }) => (/^(?:average|mean|median|mode|commonest|previous|next|nearest|same|value|values|those|that|what|minimum|maximum|lowest|highest|total|sum|last|first|today|the|a|an|it|them|nothing|blank|empty|in|to|with|from|above|down)$/i.test(w) ? null : w), 0.3),

  rule('gap', '~wherever we|it|there|the|a? ~without $cols:c', ({ c }) => c, 0),
  rule('gap', '~wherever no|none $cols:c ~be? ~given', ({ c }) => c, 0),
  rule('gap', '~wherever $cols:c ~be not ~given', ({ c }) => c, 0),
  rule('gap', '~wherever $cols:c ~be? ~blankWord', ({ c }) => c, 0),
  rule('gap', '~wherever there ~be no $cols:c', ({ c }) => c, 0),
  rule('gap', '~wherever ~be? ~blankWord $cols:c', ({ c }) => c, 0.1),
  rule('gap', 'in|for|of|to the? ~blankWord cells|ones|fields|rows? of|in $cols:c', ({ c }) => c, 0),
  rule('gap', 'for|in ~blankWord $cols:c', ({ c }) => c, 0),

  rule('clause', '~make $cols:c to? $filling:f ~wherever it|they|that|there? ~be? ~blankWord', ({ c, f }) => withText(c, f), -0.1),
  rule('clause', '~make $filling:f $gap:c', ({ f, c }) => withText(c, f), 0),
  rule('clause', 'put|write|enter|insert|type $filling:f $gap:c', ({ f, c }) => withText(c, f), 0),
  rule('clause', '$gap:c ,? ~make $filling:f', ({ f, c }) => withText(c, f), 0),
  rule('clause', '$gap:c ,? put|write|enter|insert|type|use in? $filling:f', ({ f, c }) => withText(c, f), 0),
  rule('clause', '~fill the? ~blankWord? cells|ones|fields? in|of? $cols:c with|by|using a? $filling:f', ({ f, c }) => withText(c, f), 0),
  rule('clause', 'replace|change|turn the? ~blankWord cells|ones|fields? in|of $cols:c with|by|to|into $filling:f', ({ f, c }) => withText(c, f), 0),
  rule('clause', 'replace|change|turn|set|fill|make the? ~blankWord $cols:c ~with|by|to|as $filling:f', ({ f, c }) => withText(c, f), 0),
  rule('clause', '~blankWord $cols:c ~should be|become|get|read $filling:f', ({ f, c }) => withText(c, f), 0),
  rule('clause', '~fill the? ~blankWord? cells|ones? in|of? $cols:c with|from? ~above', ({ c }) => fromAbove(c), 0),
  rule('clause', '~fillDown $cols:c', ({ c }) => fromAbove(c), 0.05),
  rule('clause', '$cols:c ~fillDown', ({ c }) => fromAbove(c), 0.1),
  rule('clause', 'fill $cols:c down|downwards', ({ c }) => fromAbove(c), 0),
  rule('clause', '~wherever a? $cols:c ~be ~blankWord it was|is the same day|date|value|one|thing? as $aboveRow ,|.|;? ~fillDown?', ({ c }) => fromAbove(c), 0),
  rule('clause', '$cols:c ~be only|just written|given|filled|shown|entered on|in|for the? first $firstRow ,|.|;? ~fillDown', ({ c }) => fromAbove(c), 0),
  rule('aboveRow', '~above', () => true, 0),
  rule('aboveRow', '$rows ~above it?', () => true, 0),
  rule('aboveRow', '$word ~above it?', () => true, 0),
  rule('firstRow', '$rows of each|every|the $word', () => true, 0),
  rule('firstRow', '$rows', () => true, 0.05),
  rule('clause', '~fillDown', () => fromAbove(null), 0.4),
].flat();
