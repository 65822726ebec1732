import { withPlan, type Act } from '../../language/acts';
import { keyOf } from '../../language/chart';
import { frame, means, type Frame } from '../../language/frames';
import { all, any, columnsOf, not, type Condition } from '../../formula/expression';
import { readsAsDate } from '../../formula/check';
import { BOTH_ENDS, OTHERS_GONE, TO_GO } from '../../language/lexicon/ways';
import type { FilterPlan } from './step';

/** A filter; with `newest`, what is left is sorted by the date it was filtered by. */
const act = (mode: FilterPlan['mode'], where: Condition, newest?: boolean): Act => ({
  key: `filter ${mode} ${keyOf(where)} ${newest}`,
  apply(state) {
    const made = withPlan(state, { step: 'filter', mode, where });
    if (newest === undefined) return made;
    const dated = columnsOf(where).filter((name) => readsAsDate(state.head, name));
    return dated.length === 1 ? withPlan(made, { step: 'sort', by: [{ column: dated[0]!, down: newest }] }) : null;
  },
});

const KEEP = ['~keep', '~keepOnly', "i want|we want|keep|only|just|leave only|restrict|restricted|want only|interested in|narrow down|narrow it down|limit it to|of interest|stay|stays|to see|show|only those|those only|keep those only|just those|only these stay|keep only those|nothing else|that's all i need|all i need|reduce|filter for|filter by"];
const DROP = [TO_GO, '~drop', '~hide', '~unwanted', "can go|may go|should go|must go|go away|away|away with|out|without|of no interest|not interested|throw out|get rid of|get out of there|filter out|not wanted|don't want to see|do not want to see|don't want|do not want|don't need|leave out|left out|all but|everything but|all except|everything except|everyone except|chuck|chuck out|no longer needed|are not needed|discard|want gone|=gone|out of there"];

const CASE = "whatever capitals people used|no matter how it is capitalised|ignore case|ignoring case|big or small|capitals do not matter|capitals don't matter|upper or lower case|capitals make no difference|however it is capitalised|case does not matter|case doesn't matter|regardless of case|no matter how it is written|big or small letters|whatever the capitals|whether in capitals or not";
const AS_SAID = [BOTH_ENDS, 'blanks aside|leaving blanks aside|blanks not counted in it|blanks not counted|ignore empty ones in the average|and ignore empty ones in the average|empty ones do not count for the average|blanks do not count|ignoring blanks|inclusive|both days of these included'];
const NEWEST = [means('newest first|latest first|most recent first|newest on top|newest at the top|most recent on top|latest on top|sort them latest first|sort them newest first|sorted newest first|the newest first|the latest on top', true), means('oldest first|earliest first|oldest on top|sorted oldest first|earliest on top', false)];
/** What a blank does to a row, where it is said. */
const STAYS = ['~if|~wherever $cond ,? it|they|that|this|the? row|rows? stays|stay|remains|remain|in|is|are|can|may|should stay|kept|remain|in?', means('but? leave|keep|spare|let the|those|$rows|ones? $rset:c alone|in|be|stay?', ({ c }: { c: Condition }) => c, 0.2), "~if|~wherever $cond let|leave|keep it|them|the|that row|rows? stay|in|alone?", means('but? $rows|$guess|$noun? ~without|with a|no? $col:c ~should|can|may|shall? stay|stays|remain|remains|kept|be (in|left|kept|there)?', ({ c }: { c: string }): Condition => ({ kind: 'empty', of: { kind: 'column', name: c } })), means('$rows|$guess|$noun? ~without|with a|no? $col:c stay|stays|remain|are kept', ({ c }: { c: string }): Condition => ({ kind: 'empty', of: { kind: 'column', name: c } })), means('but? keep|leave $rows|$guess|$noun|those|the|ones? ~without|with no a|any? $col:c in?', ({ c }: { c: string }): Condition => ({ kind: 'empty', of: { kind: 'column', name: c } })), means('no|~blankWord $col:c given? :|,|-? leave|keep|let them|it|that|those? in|stay|alone?', ({ c }: { c: string }): Condition => ({ kind: 'empty', of: { kind: 'column', name: c } })), means('~if there ~be no|~blankWord number|value|figure? of? $col:c ,? keep|leave the|that|it|them? row|rows|in|alone?', ({ c }: { c: string }): Condition => ({ kind: 'empty', of: { kind: 'column', name: c } }))];

const ROWS = 'all every each any everything anything those these the ones one that which who whose with for of in on from rows row entries only just please want see need look at have list table whole it them was is were are has had been people used want me i mean something still leave now here those those such kind whole by as well';

const cond = ({ c }: { c: Condition }): Condition => c;
const isEmpty = (c: Condition): boolean => c.kind === 'empty' || (c.kind === 'any' && c.of.every(isEmpty));

export const frames: readonly Frame[] = [
  frame('keep rows', {
    need: { rset: ['$rset', '$cond'], keep: KEEP },
    may: { others: OTHERS_GONE, said: AS_SAID, ignoring: CASE, newest: NEWEST, stays: STAYS, example: ['~open? $num ^: ^$num ~be|are|means|mean $unit : ^$unit ~close?', '~open? $num ^: ^$num ~be|are|means|mean $num $unit $num $unit ~close?', '~open? $num $unit $num $unit and $num ^: ^$num ~be|are both? $unit and $unit ~close?', '$num ^: ^$num ~be|are|means|mean in? $unit and|: $unit'], again: means(',? meaning|i.e|that is|namely|i mean|so those with|where? the? $cond:c', cond), reason: ['the? $word|$guess $rows|$guess|$noun , i.e|that|meaning', 'i.e .|i.e|that is|meaning|namely|i mean|loss-making'] },
    many: ['keep', 'others', 'reason'],
    about: ROWS,
    bars: 'both',
    cost: 0.75,
  }, ({ rset, newest, stays, again }) => (again && keyOf(again) !== keyOf(rset) ? null : stays && !isEmpty(stays) ? null : act('keep', stays ? any([rset, stays]) : rset, newest))),

  frame('set rows aside', {
    need: { rset: ['$rset', '$cond'], drop: DROP },
    may: { said: AS_SAID, ignoring: CASE, stays: STAYS, example: ['~open? $num ^: ^$num ~be|are|means|mean $unit : ^$unit ~close?', '~open? $num ^: ^$num ~be|are|means|mean $num $unit $num $unit ~close?', '$num $unit $num $unit and $num ^: ^$num ~be|are both? $unit and $unit'], keep: 'keep the rest|the rest stays|keep the others|the others stay|leave the rest' },
    many: ['drop'],
    about: ROWS,
    bars: 'both',
    cost: 0.75,
  }, ({ rset, stays }) => act('aside', stays && !isEmpty(stays) ? all([rset, not(stays)]) : rset)),

  // 'which notes mention brakes? only those'
  frame('rows asked for', {
    cat: 'alone',
    need: { rset: ['$rset', '$cond'] },
    may: { said: AS_SAID, ignoring: CASE, newest: NEWEST, others: OTHERS_GONE, keep: KEEP },
    many: ['keep', 'others'],
    about: ROWS,
    bars: 'both',
    cost: 1.3,
  }, ({ rset, newest, keep, others, said }) => (rset.kind === 'among' && !keep && !others && !said && newest === undefined ? null : act('keep', rset, newest))),

  // 'films whose decision is accepted'
  frame('rows that are', {
    cat: 'alone',
    need: { where: means('every|all|any|the? $guess|$rows|$noun ~rel ~be? $cond:c', cond) },
    may: { said: AS_SAID, ignoring: CASE, newest: NEWEST, others: OTHERS_GONE },
    many: ['others'],
    about: ROWS,
    bars: 'both',
    cost: 1.1,
  }, ({ where, newest }) => act('keep', where, newest)),
];
