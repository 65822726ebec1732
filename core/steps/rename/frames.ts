import { plans, type Act } from '../../language/acts';
import { frame, means, type Frame } from '../../language/frames';
import { uniqueNames, type Renaming } from './phrases';


/** 'Delivered -> proper dates' says what a column is to hold. */
const TYPES = /^(?:genuine|real|proper|true|valid|actual|plain|whole) (?:dates?|numbers?|text|texts|figures?)$/i;
const made = ({ c, n }: { c: string; n: string }): Renaming | null => (c.toLowerCase() === n.toLowerCase() || TYPES.test(n) ? null : { from: c, to: n });

const STRONG = [
  means('$col:c column|columns? - > $name:n', made), means('$col:c column? ->|=>|→ $name:n', made), means('$col:c column? ~should|is|are|to to? be? called|named|renamed|titled|headed to? $name:n', made),
  means('$col:c column? gets|get|has|receives|takes the? new? name $name:n', made), means('give|assign $col:c column? the? new? name $name:n', made), means('call|rename|retitle $col:c column? $name:n', made, 0.1),
];
const WEAK = [means('$col:c column? becomes|become|~to|= $name:n', made), means('$name:n for|instead|as of? the? name? of? $col:c', made, 0.1), means('$col:c as|to|: $name:n', made, 0.1)];
const VERB = ['~rename', 'change the column names|column names|new names|names|called|new name|rename|names of the columns|headings|headers|column headings'];
const ABOUT = 'rename column columns name names new heading headings header headers change please the as follows call called give gets and also should be is are';

const renamed = (list: readonly Renaming[]): Act | null => (uniqueNames(list) ? plans({ step: 'rename', names: list }) : null);

export const frames: readonly Frame[] = [
  frame('rename', {
    need: { pairs: STRONG },
    may: { verb: VERB, more: [...WEAK, means('$col:c ^$name:n', made, 0.1)] },
    many: ['pairs', 'more', 'verb'],
    about: ABOUT,
    rows: false,
  }, ({ pairs, more }) => renamed([...pairs, ...(more ?? [])])),

  frame('rename as', {
    need: { pairs: WEAK, verb: VERB },
    may: { more: [means('$col:c ^$name:n', made, 0.1)] },
    many: ['pairs', 'more', 'verb'],
    about: ABOUT,
    rows: false,
  }, ({ pairs, more }) => renamed([...pairs, ...(more ?? [])])),
];
