import type { CheckedHead } from '../../formula/check';
import { impossible, plans } from '../../language/acts';
import { crossed } from '../../language/lexicon/crossed';
import { TO_GO } from '../../language/lexicon/ways';
import { frame, means, type Frame } from '../../language/frames';

const GONE = [TO_GO, '~unwanted', '~drop', "not needed any more|not needed|no longer needed|no longer|need not stay|away|away with|gone|can be deleted|can be dropped|are superfluous|is superfluous|of no use|of no interest|useless|don't need|don't want|any more|can be left out|nobody needs|nobody looks at them|are of no interest"];

/** Columns in which nothing stands. */
export const emptyColumns = (head: CheckedHead): string[] => head.columns.map((c) => c.name).filter((n) => { const g = head.glances?.get(n); return g !== undefined && g.blanks === g.rows; });

export const frames: readonly Frame[] = [
  frame('drop columns', {
    need: { cols: '$cols', gone: GONE },
    may: { columns: 'column|columns|two columns|those columns|those two columns', more: [means('neither|nor ~be? the? $cols:c', ({ c }: { c: string[] }) => c)] },
    many: ['more', 'gone', 'columns'],
    about: 'column columns two three both neither nor the and take take them away those these please any more i we looks at them altogether completely either out',
    rows: false,
    bars: 'nobody what whatever from in of off with where if when whose that which without for on',
    cost: 0.6,
  }, ({ cols, more }) => { const all = [...(cols as string[]), ...((more ?? []) as string[][]).flat()]; return new Set(all).size === all.length ? plans({ step: 'drop', columns: all }) : null; }),

  frame('drop empty columns', {
    need: { column: 'column|columns|colum|fields|field', empty: [crossed('without|with no|without any|having no|have no|has no|not any|no', 'content|contents|entry at all|information|data at all|values at all|anything in them|anything in it|anything|content at all|any content|any data'), 'completely empty|totally empty|entirely empty|empty|nothing in it|nothing in them|nothing at all|without a single entry|without a single value|with not a single value|not a single value|without one value|no entry|no entries|all the cells are blank|all cells are blank|blank|all blank|have no value|nothing in it at all|no values|not a single entry|not filled at all|no data|without any data|without any entry|with nothing in them'], gone: GONE },
    many: ['gone', 'column', 'empty'],
    about: 'is are there any every all that which where the cells cell single a totally completely entirely it them then with have has not in at of each one',
    cost: -0.3,
  }, (_s, { head }) => { const empty = emptyColumns(head); return empty.length ? plans({ step: 'drop', columns: empty }) : impossible({ step: 'drop', columns: [] }, 'No column is empty.'); }),
];
