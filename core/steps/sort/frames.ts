import type { Act } from '../../language/acts';
import { withPlan, type Context } from '../../language/acts';
import { ordered } from './phrases';
import { frame, means, type Frame } from '../../language/frames';
import { namesRows } from '../../language/mentions';
import type { SortKey } from '../order';

const sort = (by: readonly SortKey[]): Act => ({ key: `sort ${JSON.stringify(by)}`, apply: (state) => withPlan(state, { step: 'sort', by }) });

export const frames: readonly Frame[] = [
  frame('sort', {
    need: { keys: ['$sortkeys', means('the? $adj:a $rows|$noun|$guess? first|on|at top|the? top?', ({ a }: { a: { column: string; down: boolean } }): SortKey[] => [{ column: a.column, down: a.down }]), means('$col:c ,|and|with|the|goes|by|put|-|–? ~downwards', ({ c }: { c: string }): SortKey[] => [{ column: c, down: true }]), means('$col:c ,|and|with|the|goes|by|put|-|–? ~highestFirst', ({ c }: { c: string }, x: Context): SortKey[] | null => (ordered(c, x) ? [{ column: c, down: true }] : null)), means('$col:c ,|and|with|the|goes|by|put|-|–? ~upwards', ({ c }: { c: string }): SortKey[] => [{ column: c, down: false }]), means('$col:c ,|and|with|the|goes|by|put|-|–? ~lowestFirst', ({ c }: { c: string }, x: Context): SortKey[] | null => (ordered(c, x) ? [{ column: c, down: false }] : null)), means('~highest $col:c first|on|at top|the? top?', ({ c }: { c: string }, x: Context): SortKey[] | null => (ordered(c, x) ? [{ column: c, down: true }] : null)), means('~lowest $col:c first|on|at top|the? top?', ({ c }: { c: string }, x: Context): SortKey[] | null => (ordered(c, x) ? [{ column: c, down: false }] : null)), means('$adj:a first|on|at top|the? top?', ({ a }: { a: { column: string; down: boolean } }): SortKey[] => [{ column: a.column, down: a.down }], 0.1), means('newest|latest|highest|largest|biggest|most $rows|$noun|$guess? first|on|at top|the? top? ,? by|according to? $col:c', ({ c }: { c: string }): SortKey[] => [{ column: c, down: true }]), means('oldest|earliest|lowest|smallest|least $rows|$noun|$guess? first|on|at top|the? top? ,? by|according to? $col:c', ({ c }: { c: string }): SortKey[] => [{ column: c, down: false }]), means('the? $comparative:a $rows|$noun|$guess|one? first|on|at top|the? top?', ({ a }: { a: { column: string; down: boolean } }): SortKey[] => [{ column: a.column, down: a.down }], 0.1), means('~highestFirst by|according to? $col:c', ({ c }: { c: string }): SortKey[] => [{ column: c, down: true }])] },
    may: {
      verb: ['~sort', 'sort|order|arrange|sorted|ordered|rank the rows|on top|at the top|put on top'],
      tie: ["when it's the same|where it is equal|where it's equal|when equal|if equal|for ties|where the same|where they are equal|within the same|and within|inside each|within each|and inside|same worth|then by|then|and then|and where it is the same|ties by|for the same|in case of ties|equal ones by|for equal ones", '~if|~wherever the? $col|$word|it|they ~be equal|same', '~then', 'within|inside|for|in the? same|each|every $col', 'same|equal $col|$word :|,? by?'],
      blanks: ['~blankWord|missing|those|rows|lots|ones|the|with|without|no $col? ~be|go|goes|come|to|at|in? the? very? last|bottom|end', 'the? $rows|$guess|$noun|ones|those ~without|with no|a? $col ~be|go|goes|come? to|at|in|the? very? last|bottom|end (of|in their|its|each $col|group)?', '~blankWord $cols in? $col? last|at|to the? end|bottom?', '~blankWord in $col last', '~blankWord last'],
      legend: ['~open $num|$word|$value ~be the? ~highest|~lowest|worst|best ~close'],
    },
    many: ['keys', 'verb', 'tie', 'blanks', 'legend'],
    about: 'by on the it them list rows row put go goes come comes first top then and within inside same where group is of arrange from to at end very those one we in same their which what they with a',
    cost: 0.6,
  }, ({ keys, verb, tie, blanks }, x) => {
    const list = (keys as SortKey[][]).flat();
    const distinct = list.filter((k, i) => list.findIndex((o) => o.column === k.column) === i);
    // 'Order the lots by honey': what stands before is what the rows are called.
    if (list.length > 1 && namesRows(list[0]!.column, x.vocabulary)) return null;
    return distinct.length < list.length || (!verb && !blanks && list.length === 1) || list.some((k) => k.column === '') || (!verb && !tie && !(blanks && list.some((k) => k.down))) ? null : sort(distinct);
  }),
];
