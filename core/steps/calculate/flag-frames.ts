import type { Condition } from '../../formula/expression';
import { frame, means, type Frame } from '../../language/frames';
import { crossed } from '../../language/lexicon/crossed';
import { columnOf } from '../../table/table';
import { allStandIn, labelledBy } from './case-phrases';
import { NAME, PLACE } from './frame-parts';
import { add } from './adding';

/* Rows marked in a column of their own: yes or no, or a word for some of them. */

interface Sign { readonly yes: string; readonly no: string }
const sign = (yes: string, no: string): Sign => ({ yes, no });

const SIGNS = [
  means('~open? yes|yes/no or|/|and|, no ~close?', sign('yes', 'no')), means('~open? yes/no|yes-no ~close?', sign('yes', 'no')), means('with|by|say|says|put|write|: an? yes', sign('yes', 'no'), 0.05),
  means('~open? y or|/|and n ~close?', sign('Y', 'N')), means('~open? y/n ~close?', sign('Y', 'N')),
  means('~open? true or|/|and false ~close?', sign('true', 'false')), means('~open? true/false ~close?', sign('true', 'false')),
  means('~open? 1 or|/|and 0 ~close?', sign('1', '0')),
];
const FLAG = 'flag|mark|tick|tag|label|highlight|point out|indicate|star|note|show which|tell which|say which|say whether|say if|tell whether|show whether|show if|whether';
const ROWS: (string | ReturnType<typeof means>)[] = ['$rset', means('$cond:c', ({ c }: { c: Condition }) => c, 0.1), means('~each? the? $rows|$noun|$guess|it ~rel? ~be? $cond:c', ({ c }: { c: Condition }) => c, 0.05), means('does|do|is|are|has|have|was|were|did the? $cond:c', ({ c }: { c: Condition }) => c)];
const ABOUT = 'add make put write with in into a an the new own column columns that which are is was were each every all any rows row of for as by to please so want need i we would like see them those these there it out whether if or not say says';
/** No name of one column. */
const SEVERAL = /\b(?:per|each|every|columns?)\b/i;
/** What is a colour, or a place in the sheet, is marked otherwise. */
const BARS = 'per one several columns colour color colours coloured red green yellow blue bold accent background kept held pending';

export const frames: readonly Frame[] = [
  // 'Tag the remarks with chimney, gutter or skylight depending on which word is in there, otherwise other'
  frame('labelled by its words', {
    need: {
      labels: '$labels', col: '$col',
      cue: ['depending on|going by|judging by|according to|based on|from|by which word|by what is in it|by', crossed('which|what|whichever', 'word|of the words|of them|of these|of those', '|is|stands|appears|is mentioned', 'in it|in there|in them')],
    },
    may: { name: NAME, place: PLACE, verb: ['~grade', 'label|tag|mark|classify|sort|group'], other: means('otherwise|else|or|and else|otherwise|elsewhere? $label:o', ({ o }: { o: string }) => o) },
    many: ['cue', 'place', 'verb'],
    about: `${ABOUT} word words stands stand appears is in there it them text say says mention mentions mentioned with into as new job what`,
    cost: 0.6,
  }, ({ labels, col, name, other }, x) => (columnOf(x.head, col).type === 'text' && allStandIn(labels as string[], col, x) ? labelledBy(col, [...(labels as string[]), ...(other === undefined ? [] : [other as string])], x, name) : null)),

  // 'late jobs yes/no', 'flag the jobs over 500 copies with Y or N', 'is the paper gloss? yes/no in a column Glossy'
  frame('flagged yes or no', {
    need: { rows: ROWS, sign: SIGNS },
    may: { verb: FLAG, name: NAME, column: '~column' },
    many: ['verb', 'column'],
    about: ABOUT,
    bars: BARS,
    cost: 0.6,
  }, ({ rows, sign: s, name }) => (name !== undefined && SEVERAL.test(name) ? null : add({ kind: 'choose', cases: [{ when: rows, then: { kind: 'text', value: (s as Sign).yes } }], otherwise: { kind: 'text', value: (s as Sign).no } }, name))),

  // 'mark the late ones in a column Late'
  frame('flagged in a column', {
    need: { rows: ROWS, verb: FLAG, name: NAME },
    may: { column: '~column' },
    many: ['verb', 'column'],
    about: ABOUT,
    bars: BARS,
    cost: 0.8,
  }, ({ rows, name }) => add({ kind: 'choose', cases: [{ when: rows, then: { kind: 'text', value: 'yes' } }], otherwise: { kind: 'text', value: 'no' } }, name)),

  // 'flag jobs over 500 copies'
  frame('flagged', {
    need: { rows: ROWS, verb: 'flag|tick|tag|star|put a flag on|put a mark on|put a tick against|put a tick on' },
    many: ['verb'],
    about: ABOUT,
    bars: BARS,
    cost: 1,
  }, ({ rows }) => add({ kind: 'choose', cases: [{ when: rows, then: { kind: 'text', value: 'yes' } }], otherwise: { kind: 'text', value: 'no' } }, 'Flag')),
];
