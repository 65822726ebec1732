import { plans, type Context } from '../../language/acts';
import { personColumn } from '../calculate/person-phrases';
import { frame, means, type Frame } from '../../language/frames';
import { crossed } from '../../language/lexicon/crossed';
import { FIRST_STAYS, LAST_STAYS, OTHERS_GONE } from '../../language/lexicon/ways';
import type { DistinctPlan } from './step';

type Keep = DistinctPlan['keep'];

const FIRST = `${FIRST_STAYS}|${crossed('keep|leave|retain', 'one|only one|just one', 'of each|of each pair|of each such pair|of every pair|of such pairs|of them|of the two|of each of those')}|the first row|the first one|first row|the topmost row|the top row|drop all but the first|remove all but the first|delete the second one|remove the second one|drop the second one|remove the second|delete the second|drop the second|the second one can go|remove the later one|keep first|first one stays|first of each`;
const LAST = `${LAST_STAYS}|the last row|last row|the lowest row|lowest row|the bottom one|the row furthest down|keep the row furthest down|the last claim|keep last|last one stays|the last one of each|the bottom row|row furthest down|hold on to the row furthest down|the latest one in the list|hold on to the latest one in the list|the lowest one in the list|last of each|the latest one|but keep the last one of each|the row furthest down stays|the bottom one|the lowest row`;
const FULLEST = 'keep the fullest|the fullest|the fullest one|keep the fullest one|keep the fullest of each|the most complete one|keep the most complete one|keep the most complete|keep the one with the most filled in|keep the one with most filled in|the one with the fewest blanks|keep the one with the fewest blanks|the fullest stays';
/** 'The last visit of it in the list stays': by where it stands, not by its date. */
const placed = (ends: string, keep: Keep) => means(`keep|hold|leave|only? the? ${ends} $rows|$noun|$guess|one|row|entry of? it|them|each|these? ^in|on|of the list|table|sheet|file stays|stay|remains|counts|is|should? stay|remain|kept?`, keep, -0.3);
const PLACED = [placed('first|top|topmost', 'first'), placed('last|lowest|bottom', 'last')];
const DUPLICATES = ['~duplicates', 'duplicate|duplicates|double|doubles|doubled|repeated|repeats|twice|keyed in twice|entered twice|typed in twice|duplicated|same thing twice|dedupe|deduplicate|de-duplicate|several times|more than once|with two|listed more than once|identical|are the same|is the same'];
const everything = ({ head }: Context): string[] => head.columns.map((c) => c.name);

export const frames: readonly Frame[] = [
  frame('repeats', {
    need: { repeats: DUPLICATES, by: ['by|on|of|in|for|where|when|~open? $cols ~close?', '$alike', means('$col:a + $col:b', ({ a, b }: { a: string; b: string }) => [a, b]), means('$col:a + $col:b + $col:c', ({ a, b, c }: { a: string; b: string; c: string }) => [a, b, c])] },
    may: { keep: [means(FIRST, 'first'), means(LAST, 'last'), means(FULLEST, 'fullest')], drop: [OTHERS_GONE, '~drop', 'throw out the repeats|remove the others|drop the rest|remove the repeats|get rid of the rest|drop the others|remove the rest'], same: 'same|the same|are the same|identical|i.e|that means|all the same' },
    many: ['repeats', 'drop', 'same'],
    about: 'can go as an another other earlier previous goes there are is were was some several a few couple of rows row entries entry payments by mistake in here keyed entered typed listed same identical where and it means i.e e with one two three on only them just the each every with that should appear stand have remain leave please all so meaning or get rid of which',
    cost: 0.5,
  }, ({ by, keep }) => plans({ step: 'distinct', keep: (keep ?? 'first') as Keep, by })),

  // 'Same client and address on the same day: keep the first'
  frame('alike rows kept once', {
    need: { by: ['~open? $alike ~close?'], keep: [means(FIRST, 'first'), means(LAST, 'last'), means(FULLEST, 'fullest')] },
    may: { repeats: DUPLICATES, same: 'same|the same|are the same|identical|i.e|that means|all the same' },
    many: ['repeats', 'same'],
    about: 'there are is were in here some several a and where it means with rows row please only them each that',
    cost: 0.5,
  }, ({ by, keep }) => plans({ step: 'distinct', keep: keep as Keep, by })),

  frame('one row for each', {
    need: { each: ['one|a|single row|line|entry|record per|for ~each? $cols', means('~each $cols', undefined, 0.1), means('every|each $col:c ~should only|just? appear|be|stand|occur|come|listed|show up? only|just|one? one|once|time? time|only|there?', ({ c }: { c: string }) => [c]), means('for? everybody|everyone|everybody\'s|everyone\'s', (_s: unknown, x: Context) => { const c = personColumn(x); return c === null ? null : [c]; }, 0.1), means('of|with? several|more|two|repeated|many rows|lines|entries|ones|$rows of|for|with the? same $cols', undefined, 0), means('~wherever|when|if an|a|the|any? $col:c appears|appear|stands|occurs|comes|is|shows listed|up|in|there? more than once|twice', ({ c }: { c: string }) => [c], 0)], keep: [means(FIRST, 'first'), means(LAST, 'last'), means(FULLEST, 'fullest'), ...PLACED] },
    may: { drop: [OTHERS_GONE, '~drop', 'remove the others|drop the rest|throw out the repeats|drop the others'], enough: 'is enough|will do|enough|one row|one time only|only once|only', more: '~wherever a $col ~be listed more than once' },
    many: ['drop', 'enough'],
    about: 'keep only just for row rows one is enough the of each them where more than once listed a should appear time only remove others and i want leave hold on in list stays stay that everyone everybody',
    cost: 0.6,
  }, ({ each, keep }) => plans({ step: 'distinct', keep, by: each })),

  // 'There are visits in here twice, keep the first one'
  frame('repeated rows kept once', {
    need: { repeats: DUPLICATES, rows: ['$rows', '$guess'], keep: [means(FIRST, 'first'), means(LAST, 'last'), means(FULLEST, 'fullest'), means('keep only one|keep just one|keep one of them|keep one of each|only one should stay|one of them is enough|one is enough|one of each is enough', 'first')] },
    many: ['repeats', 'rows'],
    about: 'row rows all any some several a few of the that are is were in here list table there have has been entered exact exactly complete completely entries by mistake please and only just each',
    cost: 0.9,
  }, ({ keep }, x) => plans({ step: 'distinct', keep: keep as Keep, by: everything(x) })),

  frame('repeated rows', {
    need: { repeats: DUPLICATES, drop: ['~drop', 'dedupe|remove|drop'] },
    may: { keep: [means(FIRST, 'first'), means(LAST, 'last'), means(FULLEST, 'fullest')], rows: ['$rows', '$guess'] },
    many: ['repeats', 'rows', 'drop'],
    about: 'rows row all any that are in here the exact exactly complete completely entries please and there',
    cost: 0.8,
  }, ({ keep }, x) => plans({ step: 'distinct', keep: (keep ?? 'first') as Keep, by: everything(x) })),
];
