import { VALUE, type ColumnHead } from '../table/column';
import { cellText } from '../values/cell';
import { folded } from '../values/fold';
import { columnOf, eachChunk, type Table } from '../table/table';

/** A group number for every position, and how many groups there are. */
export interface Groups {
  readonly codes: Int32Array;
  readonly count: number;
}

/** Pairs of group numbers up to this many are looked up in an array, more in a map. */
const MOST_CELLS = 1 << 22;

/** Groups of tables that are in use: the figures of one formula, and the groups of an answer, share them. */
const known = new WeakMap<Table, Map<string, Promise<Groups>>>();
const MOST_KEPT = 4;

/** Groups the positions of a table by what a person would call equal values of some columns. Blanks are one value. Worked out once for each table. O(rows * columns). */
export function groupsOf(table: Table, by: readonly string[]): Promise<Groups> {
  let own = known.get(table);
  if (!own) known.set(table, (own = new Map()));
  const key = JSON.stringify(by);
  let groups = own.get(key);
  if (!groups) {
    if (own.size >= MOST_KEPT) own.delete(own.keys().next().value!);
    own.set(key, (groups = grouped(table, by)));
    groups.catch(() => own.delete(key));
  }
  return groups;
}

async function grouped(table: Table, by: readonly string[]): Promise<Groups> {
  let all: Groups = { codes: new Int32Array(table.size), count: 1 };
  for (const [i, name] of by.entries()) {
    const own = await groupsOfColumn(table, columnOf(table, name));
    all = i === 0 ? own : together(all, own);
  }
  return all;
}

/** The groups of one column: each different text of a chunk is folded once. */
async function groupsOfColumn(table: Table, { name, type }: ColumnHead): Promise<Groups> {
  const codes = new Int32Array(table.size);
  const texts = new Map<string, number>();
  const numbers = new Map<number, number>();
  let count = 0;
  const ofText = (text: string): number => {
    let code = texts.get(text);
    if (code === undefined) texts.set(text, (code = count++));
    return code;
  };
  await eachChunk(table, [name], ([chunk], _ord, from, length) => {
    if (chunk!.kind === 'text') {
      const own = Int32Array.from(chunk!.dictionary, () => -1);
      for (let i = 0; i < length; i++) {
        const k = chunk!.codes[i]!;
        if (own[k]! < 0) own[k] = ofText(folded(chunk!.dictionary[k]!));
        codes[from + i] = own[k]!;
      }
      return;
    }
    for (let i = 0; i < length; i++) {
      if (chunk!.state[i] !== VALUE) {
        codes[from + i] = ofText(cellText(chunk!, i, type));
        continue;
      }
      const x = chunk!.values[i]!;
      let code = numbers.get(x);
      if (code === undefined) numbers.set(x, (code = count++));
      codes[from + i] = code;
    }
  });
  return { codes, count };
}

/** Groups of rows that are in the same group of both. */
function together(a: Groups, b: Groups): Groups {
  const codes = new Int32Array(a.codes.length);
  let count = 0;
  if (a.count * b.count <= MOST_CELLS) {
    const known = new Int32Array(a.count * b.count).fill(-1);
    for (let p = 0; p < codes.length; p++) {
      const pair = a.codes[p]! * b.count + b.codes[p]!;
      if (known[pair]! < 0) known[pair] = count++;
      codes[p] = known[pair]!;
    }
    return { codes, count };
  }
  const known = new Map<number, number>();
  for (let p = 0; p < codes.length; p++) {
    const pair = a.codes[p]! * b.count + b.codes[p]!;
    let code = known.get(pair);
    if (code === undefined) known.set(pair, (code = count++));
    codes[p] = code;
  }
  return { codes, count };
}
