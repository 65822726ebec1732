import { textChunk, type Chunk, type ColumnHead, type ColumnType } from '../table/column';
import { columnOf } from '../table/table';
import { chunkTexts } from '../values/cell';
import type { CheckedHead } from '../formula/check';
import type { CellWork, Kind } from './step';

/** What became of one text: its new text and the number of its kind. */
export interface TextOutcome {
  readonly text: string;
  readonly kind: number;
}

/** The heads that columns have after their texts were changed. */
export const textHeads = (names: readonly string[]): ColumnHead[] => names.map((name) => ({ name, type: 'text', scale: null }));

/**
 * Work that changes the texts of some columns one by one. Each distinct text of a chunk is changed once. Where a row's
 * columns are of different kinds, the row is of the one that comes first in `kinds`.
 */
export function textWork(names: readonly string[], head: CheckedHead, kinds: readonly Kind[], change: (text: string) => TextOutcome): CellWork {
  const types = names.map((name) => columnOf(head, name).type);
  return {
    work: 'cells',
    reads: names,
    kinds,
    run(chunks, _from, length) {
      const rowKinds = new Uint8Array(length).fill(kinds.length - 1);
      const made = chunks.map((chunk, c) => changeChunk(chunk, types[c]!, change, rowKinds));
      return { made, kinds: rowKinds };
    },
  };
}

function changeChunk(chunk: Chunk, type: ColumnType, change: (text: string) => TextOutcome, rowKinds: Uint8Array): Chunk {
  const note = (i: number, kind: number): void => {
    if (kind < rowKinds[i]!) rowKinds[i] = kind;
  };
  if (chunk.kind === 'number') {
    const texts = chunkTexts(chunk, type).map((text, i) => {
      const out = change(text);
      note(i, out.kind);
      return out.text;
    });
    return textChunk(texts);
  }
  const outcomes = chunk.dictionary.map(change);
  const dictionary = [''];
  const codeOf = new Map<string, number>([['', 0]]);
  const recoded = outcomes.map(({ text }) => {
    let code = codeOf.get(text);
    if (code === undefined) {
      codeOf.set(text, (code = dictionary.length));
      dictionary.push(text);
    }
    return code;
  });
  const codes = new Uint16Array(chunk.length);
  for (let i = 0; i < chunk.length; i++) {
    const old = chunk.codes[i]!;
    codes[i] = recoded[old]!;
    note(i, outcomes[old]!.kind);
  }
  return { kind: 'text', length: chunk.length, codes, dictionary };
}

