/** What became of a code that is to be written in the shape of another. */
export type Reshaped =
  /** Written in the shape; `led` when letters that stand before the figures in the sample were missing. */
  | { readonly text: string; readonly led: boolean }
  /** It has other letters and figures than the shape. */
  | null;

interface Run {
  readonly letters: boolean;
  readonly text: string;
}

/** Letters and figures that follow each other, marks and spaces aside; `after` is what stands behind each in the text. */
interface Group {
  readonly letters: boolean;
  readonly runs: readonly { readonly text: string; readonly before: string }[];
}

const RUNS = /(\p{L}+)|(\p{N}+)/gu;
const runsOf = (text: string): Run[] => [...text.matchAll(RUNS)].map(([run, letters]) => ({ letters: letters !== undefined, text: run }));

function groupsOf(sample: string): { readonly groups: readonly Group[]; readonly tail: string } {
  const groups: { letters: boolean; runs: { text: string; before: string }[] }[] = [];
  let end = 0;
  for (const found of sample.matchAll(RUNS)) {
    const letters = found[1] !== undefined;
    const run = { text: found[0], before: sample.slice(end, found.index) };
    end = found.index + found[0].length;
    const last = groups.at(-1);
    if (last?.letters === letters) last.runs.push(run);
    else groups.push({ letters, runs: [run] });
  }
  return { groups, tail: sample.slice(end) };
}

const casedLike = (text: string, like: string): string =>
  like === like.toUpperCase() ? text.toUpperCase() : like === like.toLowerCase() ? text.toLowerCase() : text[0]!.toUpperCase() + text.slice(1).toLowerCase();

/** The figures of a code at the width of the shape, or null where they are more or fewer than it has. */
function figures(text: string, { runs }: Group): string | null {
  const width = runs.reduce((n, r) => n + r.text.length, 0);
  if (text.length === width) return text;
  const [only, ...more] = runs;
  // '91' is '0091' where the shape begins with a nought; without one, its numbers are of any length.
  if (more.length) return null;
  if (!only!.text.startsWith('0')) return text.replace(/^0+(?=\d)/, '');
  const bare = text.replace(/^0+/, '');
  return bare.length <= width ? bare.padStart(width, '0') : null;
}

/** The letters of a code in the capitals of the shape, or null where they are more or fewer. */
function letters(text: string, { runs }: Group): string | null {
  const width = runs.reduce((n, r) => n + r.text.length, 0);
  const like = runs.map((r) => r.text).join('');
  const short = width <= 4 && like === like.toUpperCase();
  return text.length === width || (!short && runs.length === 1) ? casedLike(text, like) : null;
}

/**
 * Writes codes in the shape of one that is shown: the same letters and figures with the marks, spaces, capitals and
 * leading noughts of the sample ('kx41lma' like 'KX 41 LMA', '91' like 'BK-0091'). A code whose letters and figures do not
 * fit the sample's gives null. Made once for a sample; each text costs O(length).
 */
export function reshaper(sample: string): (text: string) => Reshaped {
  const { groups, tail } = groupsOf(sample.trim());
  return (text) => {
    const own: Run[] = [];
    for (const run of runsOf(text)) {
      const last = own.at(-1);
      if (last?.letters === run.letters) own[own.length - 1] = { letters: run.letters, text: last.text + run.text };
      else own.push(run);
    }
    const [first] = groups;
    const led = own.length === groups.length - 1 && first!.letters && own[0] !== undefined && !own[0].letters;
    if (led) own.unshift({ letters: true, text: first!.runs.map((r) => r.text).join('') });
    if (own.length !== groups.length || own.some((run, i) => run.letters !== groups[i]!.letters)) return null;
    let out = '';
    for (const [i, group] of groups.entries()) {
      let rest = group.letters ? letters(own[i]!.text, group) : figures(own[i]!.text, group);
      if (rest === null) return null;
      group.runs.forEach((run, k) => {
        const n = k === group.runs.length - 1 ? rest!.length : run.text.length;
        out += run.before + rest!.slice(0, n);
        rest = rest!.slice(n);
      });
    }
    return { text: out + tail, led };
  };
}
