import { frame, means, type Frame } from '../../language/frames';
import { folded } from '../../values/fold';
import { BRACKETS, replaced, wholeTexts } from './phrases';

const DROP = ['~drop', "without|off|away|take off|take out|cut off|lop off|chop off|strip off|strip|remove|delete|get rid|don't want|do not want|don't need|no longer need|drop|leave off|leave away|not needed|cut"];

export const frames: readonly Frame[] = [
  frame('brackets away', {
    need: { cols: '$cols', brackets: 'brackets|bracket|parentheses|in brackets|bracketed|parenthesis|round brackets|the brackets', drop: DROP },
    may: { inside: 'inside|everything inside|contents|what is in them|whats in them|what is inside|in them|everything in them|bits|bracketed bits|included|brackets included|with their contents|text inside|whatever stands in|behind|stuff in' },
    many: ['brackets', 'inside', 'drop'],
    about: 'everything whatever whats what stands is in inside them their contents bit bits stuff text with from the behind names name and included including of end at out parts as well too',
  }, ({ cols, inside, brackets }) => ((inside?.length ?? 0) + brackets.length > 1 ? replaced(cols, BRACKETS, '') : null)),

  frame('texts off the end', {
    need: { cols: '$cols', list: '$sought', drop: DROP },
    may: { end: 'at the end|off the end|from the end|end|ends in it|at the end of their names|ends|where the name ends in it|endings|behind the names|the end', legal: 'legal form|legal forms|legal form at the end|without the legal form|company form' },
    many: ['drop', 'end', 'legal'],
    about: 'the of their name names where it ends in off from or and rest leave as is stays only them at',
    bars: 'thing things like such similar etc stuff',
  }, ({ cols, list, end, legal }) => (end || legal ? replaced(cols, wholeTexts('end', list), '') : null)),

  frame('digits only', {
    need: { cols: '$cols', digits: 'to its digits|to the digits|to their digits|to digits|keep nothing but the digits|keep nothing but digits|leave nothing but the digits|leave nothing but digits|digits only|only digits|only the digits|just the digits|just digits|nothing but digits|everything but the digits|everything but digits|all but the digits|anything but digits|leave the digits|keep the digits|keep only the digits|only leave the digits|everything except the digits|figures only|only the figures|only figures|numbers only|digits and nothing else|all that is not a digit|anything that is not a digit|everything that is not a digit' },
    may: { drop: ['~drop', 'strip|remove|without|no'], marks: ['~brackets', 'spaces|dots|dashes|hyphens|blanks|plus signs|and all'] },
    many: ['drop', 'marks'],
    about: 'brackets spaces dots dashes hyphens points and or in of from keep leave strip make should be to number numbers other else signs marks reduce write get so that them',
  }, ({ cols }) => replaced(cols, { kind: 'sort', sort: 'other than digits' }, '')),

  frame('nothing texts blanked', {
    need: { cols: '$cols', nothings: '$nothings', blank: ['~emptyWord', 'as missing|missing values|as unknown|not known|blank out|nothing|empty|blank them|clear|mean nothing|mean that nothing was recorded'] },
    may: { where: '~wherever|cells' },
    many: ['nothings', 'blank', 'where'],
    about: 'where it says say that just have has a or only mean means make made should be cells cell the in is are left empty out with treat as count so them lone reading says if become becomes stand stands for replace turn into by',
    bars: '- –',
  }, ({ cols, nothings }, x) => {
    const list = [...new Set((nothings as string[][]).flat())];
    const there = new Set((cols as string[]).flatMap((c) => (x.head.glances?.get(c)?.values ?? []).map(([v]) => folded(v))));
    // What says yes or no is no text that means nothing.
    return list.every((t) => there.has(folded(t)) && !/^(?:yes|no|y|n|true|false)$/i.test(t)) ? replaced(cols, wholeTexts('whole', list), '') : null;
  }),

  frame('value for value', {
    need: { list: [means('$value:a instead|rather of|than $value:b', null, 9), means('~replace|write|put|say|use the? $instead:s instead|rather of|than the? $value:v', ({ s, v }: { s: string; v: { column: string; text: string } }) => ({ s, v }))] },
    may: { cols: '$cols' },
    about: 'write put everywhere wherever always in the column',
  }, ({ list, cols }) => (list && (!cols || cols.includes(list.v.column)) ? replaced([list.v.column], wholeTexts('whole', [list.v.text]), list.s) : null)),
];
