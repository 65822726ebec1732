import { onColumns, type Act } from '../../language/acts';
import { frame, means, type Frame } from '../../language/frames';
import type { Filling } from './step';

const act = (columns: readonly string[] | null, filling: Filling): Act => onColumns(`fill ${JSON.stringify(filling)}`, columns, (on) => ({ step: 'fill', columns: on, with: filling }));

/** Where a value is missing: the columns, or those spoken of. */
const gap = [
  '~blankWord|without|missing $cols', 'no|~without a|any? $cols ~be? ~given|there|entered?', '$cols ~be? ~blankWord', "$cols ~be not|isn't|wasn't ~given|there|filled|entered|known in?",
  'nobody|nothing|none|noone gave|entered|wrote|filled|typed|has|had|was|put an? in? $cols', '~blankWord ones|cells|values|gaps|entries? in|of|under $cols', 'gaps|holes|blanks in|of|under $cols',
];
const ABOVE = 'above|from above|of the row above|from the row above|the row above|as above|the one above|the value above|from the line above|as the visit above|of the visit above|from the visit above|the same as above|from the previous row|of the previous row|from the row before|the last one given|the last value|the one before|from the one above it|the row above it|carry down|copy down|copied down|carry it down|copy it down|fill down|fill it down|drag down|down';

export const frames: readonly Frame[] = [
  frame('fill blanks', {
    need: { gap, with: ['put|write|enter|insert|say|says|read|reads|get|gets|give|become|becomes|be|set|fill|with|by|to|as|means|mean|is|use|then|counts|make|it|them|: in|it|the|as|to|with|should|there|that|them? word|text|number? $filling', means('say|says|read|reads|show|shows|write the? words|text? $restText:t', ({ t }: { t: string }): Filling => ({ kind: 'value', text: t }), 0.2)] },
    may: { col: '$cols', there: 'there|in there|instead|into it|into them|in its place' },
    about: 'fill filled in put write replace set where wherever if when we have for then should must the a cell cells ones rows row those that is are it them there with word to be by please given make is there so all every any',
    cost: 0.6,
    // Another column that is spoken of says something more.
  }, ({ gap: cols, with: filling, col }) => (col !== undefined && !(col as string[]).every((c) => (cols as string[]).includes(c)) ? null : act(cols, filling))),

  frame('fill from above', {
    need: { above: ABOVE },
    may: { gap, cols: '$cols', fill: ['~fill', '~fillDown', 'take|copy|repeat|carry|blanks|gaps|it is|was the same|same|comes from'] },
    many: ['fill', 'above'],
    about: 'fill filled filling in into copy copied take takes get gets give missing blank blanks empty cells rows row the date day of from where which it is was only given first visit each every block to same as those them with what stands value values whenever wherever should on then carry repeat written that',
    cost: 0.6,
  }, ({ gap: g, cols, fill }) => (g || (cols && fill) ? act(g ?? cols, { kind: 'above' }) : fill ? act(null, { kind: 'above' }) : null)),
];
