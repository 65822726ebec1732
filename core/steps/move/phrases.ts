import { plans } from '../../language/acts';
import { rule } from '../../language/chart';
import type { Place } from './step';

const move = (columns: readonly string[], place: Place) => plans({ step: 'move', columns, place });

export const phrases = [
  rule('clause', '~move $cols:c column|columns? to? ~after $col:b', ({ c, b }) => (c.includes(b) ? null : move(c, { side: 'after', beside: b })), 0),
  rule('clause', '~move $cols:c column|columns? to? ~before $col:b', ({ c, b }) => (c.includes(b) ? null : move(c, { side: 'before', beside: b })), 0),
  rule('clause', '~move $cols:c column|columns? ~first', ({ c }) => move(c, { to: 'first' }), 0),
  rule('clause', '~move $cols:c column|columns? ~last', ({ c }) => move(c, { to: 'last' }), 0),
  rule('clause', '$cols:c ~should go|come|stand|be|sit ~after $col:b', ({ c, b }) => (c.includes(b) ? null : move(c, { side: 'after', beside: b })), 0),
  rule('clause', '$cols:c ~should go|come|stand|be|sit ~before $col:b', ({ c, b }) => (c.includes(b) ? null : move(c, { side: 'before', beside: b })), 0),
  rule('clause', '$cols:c ~should go|come|stand|be|sit ~first', ({ c }) => move(c, { to: 'first' }), 0),
  rule('clause', '$cols:c ~should go|come|stand|be|sit ~last', ({ c }) => move(c, { to: 'last' }), 0),
].flat();
