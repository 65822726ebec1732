import { readsAsDate } from '../../formula/check';
import { amend, nothing, plans, withPlan, type Act, type Context } from '../../language/acts';
import { rule } from '../../language/chart';
import type { Place } from './step';

const move = (columns: readonly string[], place: Place) => plans({ step: 'move', columns, place });

/** After the one of two columns that comes first. */
const between = (columns: readonly string[], a: string, b: string, { head }: Context): Act | null => {
  const at = (name: string): number => head.columns.findIndex((c) => c.name === name);
  return a === b || columns.includes(a) || columns.includes(b) ? null : move(columns, { side: 'after', beside: at(a) < at(b) ? a : b });
};

export const phrases = [
  rule('clause', '~move|put|bring the? $cols:c column|columns? to|at|into the? very? front|start|beginning|left ,|;|and? and|then|followed by|the? then|by? the? $cols:b column|columns? (after|behind|next to? it|that)?', ({ c, b }) => (b.some((n: string) => c.includes(n)) ? null : move([...c, ...b], { to: 'first' })), -0.3),
  rule('clause', "i'd|i|we'd|we like|want|prefer|have to? (have|see)? the? $cols:c column|columns? right|directly|straight|immediately ~after the? $col:b", ({ c, b }) => (c.includes(b) ? null : move(c, { side: 'after', beside: b })), -0.2),
  rule('clause', '~move $cols:c column|columns? to? ~after $col:b', ({ c, b }) => (c.includes(b) ? null : move(c, { side: 'after', beside: b })), 0),
  rule('clause', 'show|display|list the? $cols:c column|columns? directly|right|straight|immediately? ~after the? $col:b', ({ c, b }) => (c.includes(b) ? null : move(c, { side: 'after', beside: b })), 0.1),
  rule('clause', 'show|display|list the? $cols:c column|columns? directly|right|straight|immediately? ~before the? $col:b', ({ c, b }) => (c.includes(b) ? null : move(c, { side: 'before', beside: b })), 0.1),
  rule('clause', '~move $cols:c column|columns? to? ~before $col:b', ({ c, b }) => (c.includes(b) ? null : move(c, { side: 'before', beside: b })), 0),
  rule('clause', 'let|make|have $cols:c be|become|come? the? first|leftmost column|columns', ({ c }) => move(c, { to: 'first' }), -0.5),
  rule('clause', 'let|make|have $cols:c be|become|come? the? last|rightmost column|columns', ({ c }) => move(c, { to: 'last' }), -0.5),
  rule('clause', '~move $cols:c column|columns? ~first', ({ c }) => move(c, { to: 'first' }), 0),
  rule('clause', '~move the? $cols:c column|columns? ~first ,|and|then? and|then? the? $cols:b column|columns? second|next|behind|after after|behind|it|that|this? it|that|this?', ({ c, b }) => (b.some((n: string) => c.includes(n)) ? null : move([...c, ...b], { to: 'first' })), -0.2),
  rule('clause', 'put|bring|arrange|order|sort|set|have the? columns in|into this|that|the following|such? order|sequence :|,|-|–? $cols:c', ({ c }) => (c.length > 1 ? move(c, { to: 'first' }) : null), -0.4),
  rule('clause', 'put|bring|arrange|order|sort|set|have the? columns like this|that|so :|,|-|–? $cols:c ,? (then|and|followed by? the? others|rest|other|remaining ones|columns?)?', ({ c }) => (c.length > 1 ? move(c, { to: 'first' }) : null), -0.5),
  rule('rider', ',? (and|with)? the? others|rest|remaining|other ones|columns? behind|after|follow|follows|afterwards|following|next|unchanged it|that|them|those?', () => amend('moved, the others behind', (plan) => (plan.step === 'move' && 'to' in plan.place && plan.place.to === 'first' ? plan : null)), -0.1),
  rule('rider', ',? then|and|followed by? the? others|rest|remaining|other ones|columns?', () => amend('moved, then the others', (plan) => (plan.step === 'move' && 'to' in plan.place && plan.place.to === 'first' ? plan : null)), 0),
  rule('clause', 'reorder|rearrange|re-order the? columns? :|,|-|– $cols:c ,|;|. (then|and|followed by)? the? others|rest|remaining|other (ones|columns)? (after|behind|follow|follows|at the end|as it is|stays|stay)? (that|them|it)?', ({ c }) => (c.length > 1 ? move(c, { to: 'first' }) : null), -0.5),
  rule('clause', 'reorder|rearrange|re-order the? columns? :|,|-|– $cols:c', ({ c }) => (c.length > 1 ? move(c, { to: 'first' }) : null), -0.3),
  rule('clause', 'columns? order|sequence of? (the? columns)? :|,|-|–|= $cols:c', ({ c }) => (c.length > 1 ? move(c, { to: 'first' }) : null), -0.4),
  rule('clause', 'the? columns in this|that|the following|such? order|sequence :|,|-|–? $cols:c', ({ c }) => (c.length > 1 ? move(c, { to: 'first' }) : null), -0.4),
  rule('clause', 'the? columns ~should be? in this|that|the following|such? order|sequence :|,|-|–? $cols:c', ({ c }) => (c.length > 1 ? move(c, { to: 'first' }) : null), -0.4),
  rule('rider', 'right|directly|just|straight|immediately after|behind|before it|that|this', () => amend('moved so', (plan) => (plan.step === 'move' && 'beside' in plan.place ? plan : null)), 0),
  rule('aside', 'and|then the? others|rest|other|remaining columns? after|behind|follow|follows|come|at|go|as that|them|these|it|after|end|the|they|behind? end|are|were?', () => nothing, 0.05),
  rule('clause', '~move $cols:c column|columns? in? between $col:a and $col:b', ({ c, a, b }, x: Context) => between(c, a, b, x), -0.1),
  rule('clause', '$cols:c goes|go|comes|come|belongs|belong|sits|stands in? between $col:a and $col:b', ({ c, a, b }, x: Context) => between(c, a, b, x), -0.1),
  rule('clause', '$cols:c ~should go|come|stand|be|sit|stay? in? between $col:a and $col:b', ({ c, a, b }, x: Context) => between(c, a, b, x), -0.1),
  rule('clause', '$cols:c column|columns? goes|go|comes|come|belongs|belong|moves|move|sits|stands to|at|in the? very? front|beginning|start', ({ c }) => move(c, { to: 'first' }), -0.1),
  rule('clause', '$cols:c column|columns? goes|go|comes|come|belongs|belong|moves|move|sits|stands to|at|in the? very? end|back', ({ c }) => move(c, { to: 'last' }), -0.1),
  rule('clause', '~move $cols:c column|columns? ~last', ({ c }) => move(c, { to: 'last' }), 0),
  rule('aside', 'it ~should|would|will be easier|better|nicer|nice|good|helpful|clearer|handy|best (for (me|us))? (to (read|see|follow|work|look))? if', () => nothing, 0),
  rule('clause', '$cols:c came|went|stood|sat|was|were right|directly|straight? ~after $col:b', ({ c, b }) => (c.includes(b) ? null : move(c, { side: 'after', beside: b })), 0.1),
  rule('alone', 'the? $cols:c column|columns? ^right|directly|straight|immediately|just? ^after|behind the? $col:b column?', ({ c, b }, x: Context) => (c.includes(b) || readsAsDate(x.head, b) ? null : move(c, { side: 'after', beside: b })), 0.4),
  rule('clause', 'the? $col:b first|firstly ,|and|;? and|then|, ^then? the? $cols:c right|directly|straight|immediately|just after|behind|next it|that|this to?', ({ c, b }) => (c.includes(b) ? null : move(c, { side: 'after', beside: b })), -0.7),
  rule('clause', '$cols:c goes|comes|belongs|sits|stands ~after $col:b', ({ c, b }) => (c.includes(b) ? null : move(c, { side: 'after', beside: b })), 0.05),
  rule('clause', '$cols:c ~should go|come|stand|be|sit ~after $col:b', ({ c, b }) => (c.includes(b) ? null : move(c, { side: 'after', beside: b })), 0),
  rule('clause', '$cols:c ~should go|come|stand|be|sit ~before $col:b', ({ c, b }) => (c.includes(b) ? null : move(c, { side: 'before', beside: b })), 0),
  rule('clause', '$cols:c (right|directly|straight)? next to|beside|behind the? ^$col:b', ({ c, b }) => (c.includes(b) ? null : move(c, { side: 'after', beside: b })), 0.5),
  rule('clause', '$cols:c ~should go|come|stand|be|sit ~first', ({ c }) => move(c, { to: 'first' }), 0),
  rule('clause', '$cols:c ~should go|come|stand|be|sit ~last', ({ c }) => move(c, { to: 'last' }), 0),
  rule('butOne', 'last|end but one', () => true, 0),
  rule('butOne', 'second|next from|to the? last|end', () => true, 0),
  rule('butOne', 'before the? last|end column?', () => true, 0.1),
  rule('clause', '~move? the? $cols:c column|columns? to|in|into|at|as? the? $butOne place|position?', ({ c }, x: Context) => { const last = x.head.columns.filter((k) => !k.hidden && !c.includes(k.name)).at(-1); return last === undefined ? null : move(c, { side: 'before', beside: last.name }); }, -0.3),
  rule('clause', '$cols:c column|columns? to? ~last', ({ c }) => move(c, { to: 'last' }), 0.15),
  rule('clause', '$cols:c column|columns? to? ~first', ({ c }) => move(c, { to: 'first' }), 0.15),
  rule('clause', 'the? last|rightmost|final column should|must|shall|to? be|is|becomes? the? $col:c', ({ c }) => move([c], { to: 'last' }), -0.2),
  rule('clause', 'the? first|leftmost column should|must|shall|to? be|is|becomes? the? $col:c', ({ c }) => move([c], { to: 'first' }), -0.2),
  rule('clause', '~move it|that|this|them ~first', () => spokenOf({ to: 'first' }), 0.05),
  rule('clause', '~move it|that|this|them ~last', () => spokenOf({ to: 'last' }), 0.05),
  rule('clause', '~move it|that|this|them ~after $col:b', ({ b }) => spokenOf({ side: 'after', beside: b }), 0.05),
  rule('clause', '~move it|that|this|them ~before $col:b', ({ b }) => spokenOf({ side: 'before', beside: b }), 0.05),
  rule('clause', 'and? $cols:c column|columns? to? ~first', ({ c }) => also(c, { to: 'first' }), 0.1),
  rule('clause', 'and? $cols:c column|columns? to? ~last', ({ c }) => also(c, { to: 'last' }), 0.1),
  rule('clause', 'and $cols:c column|columns? to? ~after $col:b', ({ c, b }) => (c.includes(b) ? null : also(c, { side: 'after', beside: b })), 0.1),
  rule('clause', 'and $cols:c column|columns? to? ~before $col:b', ({ c, b }) => (c.includes(b) ? null : also(c, { side: 'before', beside: b })), 0.1),
  rule('clause', 'swap|exchange|switch the? places|positions|order? of? $col:a and|with|for $col:b around|over|columns?', ({ a, b }) => swap(a, b), 0),
].flat();

/** 'And runner to the front': a move that goes along with one just said. */
const also = (columns: readonly string[], place: Place): Act => ({ key: `also move ${JSON.stringify([columns, place])}`, apply: (state) => (state.plans.at(-1)?.step === 'move' ? withPlan(state, { step: 'move', columns, place }, columns) : null) });

/** 'Put it first': the columns spoken of, or the one just made or renamed. */
const spokenOf = (place: Place): Act => ({
  key: `move it ${JSON.stringify(place)}`,
  apply(state) {
    const last = state.plans.at(-1);
    const on = last?.step === 'rename' ? last.names.map((n) => n.to) : last?.step === 'calculate' && !last.replace ? [last.name] : state.topic;
    return on.length && !('beside' in place && on.includes(place.beside)) ? withPlan(state, { step: 'move', columns: on, place }, on) : null;
  },
});

/** Two columns each in the other's place. */
const swap = (a: string, b: string): Act => ({
  key: `swap ${a} ${b}`,
  apply(state) {
    const names = state.head.columns.map((c) => c.name);
    const [left, right] = names.indexOf(a) < names.indexOf(b) ? [a, b] : [b, a];
    const beforeRight = names[names.indexOf(right) - 1]!;
    const moved = withPlan(state, { step: 'move', columns: [right], place: { side: 'before', beside: left } }, [a, b]);
    return beforeRight === left ? moved : withPlan(moved, { step: 'move', columns: [left], place: { side: 'after', beside: beforeRight } }, [a, b]);
  },
});
