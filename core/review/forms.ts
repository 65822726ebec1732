import { coarseShape, shapeOf } from '../profile/profile';
import { BLANK, MISFIT, type Chunk } from '../table/column';
import { eachChunk, type Table } from '../table/table';
import type { CellValue } from '../values/cell';

/* Forms: what changes look like. Rows of a kind whose texts have the same shape before and after are of one form. */

const numberForm = (v: number): string => `${v < 0 ? '-' : ''}${v === 0 ? '0' : Number.isInteger(v) ? '9' : '9.9'}`;
const cellForm = (v: CellValue): string => (v === null ? '' : typeof v === 'string' ? shapeOf(v) : typeof v === 'number' ? numberForm(v) : String(v));

/**
 * Which of some changes to show so that they are as different from each other as can be: one of each form first, the rarest forms
 * before the common ones, then a second of each. Places into `changes`, in their order; at most `count`. O(n log n).
 */
export function mostDifferent(changes: readonly { readonly before: readonly CellValue[]; readonly after: readonly CellValue[] }[], count: number): number[] {
  const byForm = new Map<string, number[]>();
  changes.forEach((c, i) => {
    const key = [...c.before, ...c.after].map(cellForm).join('\u0000');
    (byForm.get(key) ?? byForm.set(key, []).get(key)!).push(i);
  });
  const groups = [...byForm.values()].sort((a, b) => a.length - b.length);
  const chosen: number[] = [];
  for (let turn = 0; chosen.length < Math.min(count, changes.length); turn++) {
    for (const group of groups) if (turn < group.length && chosen.length < count) chosen.push(group[turn]!);
  }
  return chosen.sort((a, b) => a - b);
}

/** Rows of one form. */
export interface Form {
  readonly rows: number;
  /** Few among many: wants a look. */
  readonly rare: boolean;
  /** The first of them, at most MOST_POSITIONS. */
  readonly positions: readonly number[];
}

export const MOST_POSITIONS = 5_000;
const MOST_FORMS = 4_000;
/** Texts whose shapes are remembered from chunk to chunk. */
const MOST_TEXTS = 50_000;
/** A form is rare where it has less than this share of the rows, and another has many times as many. */
const RARE_SHARE = 0.02, MANY_TIMES = 10;

/** Columns of a version of a table whose cells tell the form. */
export interface Side {
  readonly table: Table;
  readonly names: readonly string[];
}

/**
 * The forms among some rows, the rarest first: rows whose cells have the same coarse shapes on every side. `among` says for a
 * position whether it counts. Texts are looked at once for each different one of a chunk. O(cells of the columns).
 */
export async function formsAmong(sides: readonly Side[], among: (position: number) => boolean): Promise<Form[]> {
  const [first, ...others] = sides.filter((s) => s.names.length > 0);
  if (!first) return [];
  const known = new Map<string, string>();
  const shapeOfText = (text: string): string => {
    let shape = known.get(text);
    if (shape === undefined) {
      if (known.size >= MOST_TEXTS) known.clear();
      known.set(text, (shape = coarseShape(text)));
    }
    return shape;
  };
  const found = new Map<string, { rows: number; positions: number[] }>();
  await eachChunk(first.table, first.names, async (chunks, ord, from, length) => {
    const more = await Promise.all(others.flatMap(({ table, names }) => names.map((name) => table.columns.find((c) => c.name === name)!.load(ord))));
    const [one, ...rest] = [...chunks, ...more].map((chunk) => shapesOf(chunk, length, shapeOfText));
    const { ids, shapes } = rest.reduce(together, one!);
    const groups = new Array<{ rows: number; positions: number[] } | undefined>(shapes.length);
    for (let i = 0; i < length; i++) {
      if (!among(from + i)) continue;
      const id = ids[i]!;
      let group = groups[id];
      if (!group) {
        // Beyond so many forms there is no sense in them: what is left is one.
        const key = found.has(shapes[id]!) || found.size < MOST_FORMS ? shapes[id]! : '';
        group = found.get(key);
        if (!group) found.set(key, (group = { rows: 0, positions: [] }));
        groups[id] = group;
      }
      if (++group.rows <= MOST_POSITIONS) group.positions.push(from + i);
    }
  });
  const forms = [...found.values()].sort((a, b) => a.rows - b.rows);
  const all = forms.reduce((n, f) => n + f.rows, 0), most = forms.at(-1)?.rows ?? 0;
  return forms.map((f) => ({ ...f, rare: f.rows < all * RARE_SHARE && f.rows * MANY_TIMES <= most }));
}

/** The form of each row of a chunk: its number, and what the numbers stand for. */
interface Shapes {
  readonly ids: Uint16Array;
  readonly shapes: readonly string[];
}

const numbered = (length: number): { ids: Uint16Array; shapes: string[]; idOf: (shape: string) => number } => {
  const known = new Map<string, number>(), shapes: string[] = [];
  return { ids: new Uint16Array(length), shapes, idOf: (shape) => { let id = known.get(shape); if (id === undefined) known.set(shape, (id = shapes.push(shape) - 1)); return id; } };
};

function shapesOf(chunk: Chunk, length: number, shapeOfText: (text: string) => string): Shapes {
  const { ids, shapes, idOf } = numbered(length);
  if (chunk.kind === 'number') {
    const { values, state, misfits } = chunk;
    for (let i = 0; i < length; i++) ids[i] = idOf(state[i] === BLANK ? '' : state[i] === MISFIT ? shapeOfText(misfits.get(i) ?? '') : numberForm(values[i]!));
  } else {
    const ofCode = Uint16Array.from(chunk.dictionary, (text) => idOf(shapeOfText(text)));
    for (let i = 0; i < length; i++) ids[i] = ofCode[chunk.codes[i]!]!;
  }
  return { ids, shapes };
}

/** The forms of two columns as one. Pairs are numbered through a table of their places, so a row costs two reads. */
function together(a: Shapes, b: Shapes): Shapes {
  const { ids, shapes, idOf } = numbered(a.ids.length);
  const wide = b.shapes.length, pairs = a.shapes.length * wide;
  const known = pairs <= 2 ** 20 ? new Int32Array(pairs).fill(-1) : new Map<number, number>();
  const lookUp = (pair: number): number => (known instanceof Map ? (known.get(pair) ?? -1) : known[pair]!);
  for (let i = 0; i < ids.length; i++) {
    const pair = a.ids[i]! * wide + b.ids[i]!;
    let id = lookUp(pair);
    if (id < 0) {
      id = idOf(`${a.shapes[a.ids[i]!]!}\u0000${b.shapes[b.ids[i]!]!}`);
      if (known instanceof Map) known.set(pair, id);
      else known[pair] = id;
    }
    ids[i] = id;
  }
  return { ids, shapes };
}
