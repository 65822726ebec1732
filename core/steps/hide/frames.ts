import { impossible, plans } from '../../language/acts';
import { frame, type Frame } from '../../language/frames';
import { crossed } from '../../language/lexicon/crossed';
import { emptyColumns } from '../drop/frames';

const ABOUT = 'column columns field fields two three both the and them these those please for now i we do not need want to see any more from view in my our sheet table all';

export const frames: readonly Frame[] = [
  // 'Hide everything except job and remarks'
  frame('hide all but', {
    need: { hide: '~hide', but: crossed('everything|all columns|all|all fields|all the columns|the columns|columns|all other columns|the rest|every column', 'except|but|except for|apart from|other than|bar|save|but for'), cols: '$cols' },
    many: ['hide'],
    about: `${ABOUT} out of`,
    rows: false,
    cost: -0.3,
  }, ({ cols }, { head }) => { const rest = head.columns.map((c) => c.name).filter((n) => !(cols as string[]).includes(n)); return rest.length ? plans({ step: 'hide', columns: rest, back: false }) : null; }),

  frame('hide columns', {
    need: { cols: '$cols', hide: '~hide' },
    many: ['hide'],
    about: ABOUT,
    rows: false,
    bars: 'from in of off with where if when whose that which without except but last first',
    cost: 0.3,
  }, ({ cols }) => plans({ step: 'hide', columns: cols, back: false })),

  frame('hide empty columns', {
    need: { hide: '~hide', empty: 'empty|completely empty|totally empty|entirely empty|all blank|blank throughout|has nothing in it|have nothing in them|without any value|without a value|without values' },
    may: { column: 'column|columns|fields|everything|anything|whatever|all' },
    many: ['empty', 'column', 'hide'],
    about: `${ABOUT} that which is are has have where every`,
    rows: false,
    cost: -0.3,
  }, (_s, { head }) => { const empty = emptyColumns(head); return empty.length ? plans({ step: 'hide', columns: empty, back: false }) : impossible({ step: 'hide', columns: [], back: false }, 'No column is empty.'); }),

  frame('show hidden columns', {
    need: { cols: '$cols', show: '~unhide' },
    about: `${ABOUT} again back hidden`,
    rows: false,
    cost: -0.2,
  }, ({ cols }, { head }) => (cols.every((n: string) => head.columns.find((c) => c.name === n)?.hidden) ? plans({ step: 'hide', columns: cols, back: true }) : null)),

  frame('show all hidden columns', {
    need: { hidden: 'hidden|everything hidden|everything that is hidden|what is hidden|all that is hidden|hidden ones', show: '~unhide' },
    about: `${ABOUT} again back everything whatever ones is are was were`,
    rows: false,
    cost: 0,
  }, (_s, { head }) => { const hidden = head.columns.filter((c) => c.hidden).map((c) => c.name); return hidden.length ? plans({ step: 'hide', columns: hidden, back: true }) : null; }),
];
