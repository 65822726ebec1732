import { plans } from '../../language/acts';
import { frame, means, type Frame } from '../../language/frames';
import type { Place } from './step';


export const frames: readonly Frame[] = [
  frame('move', {
    need: {
      cols: '$cols',
      place: [means(`~after $col:b`, ({ b }: { b: string }): Place => ({ side: 'after', beside: b })), means(`~before $col:b`, ({ b }: { b: string }): Place => ({ side: 'before', beside: b })), means('follows|following directly|right|straight? $col:b', ({ b }: { b: string }): Place => ({ side: 'after', beside: b }))],
    },
    may: { side: 'on the right of it|to the right of it|on its right|on the right|the second one|as the second column|second one|to the front|to the right', rest: 'leave everything else where it is|the rest can stay in the order it is|the rest stays|the rest can stay in the order it is in now|leave the rest|the others stay where they are|if that is possible|keep the others as they are|without changing anything else|the rest as is', verb: ['~move', 'goes|go|come|comes|should be|should|belongs|belong|put|bring|shift|place|sit|stand|follows|see'] },
    many: ['verb', 'rest', 'side'],
    about: 'move put bring shift place set column columns should be so that it comes come belongs belong goes go stand stands straight right directly immediately the to be second one of please want have see if possible',
    rows: false,
    cost: 0.6,
  }, ({ cols, place, verb, side, rest }) => (cols.includes(place.beside) || !(verb || side || rest) ? null : plans({ step: 'move', columns: cols, place }))),
];
