import { BLANK, MISFIT, numberChunk, textChunk, type Chunk, type ColumnType } from '../table/column';
import { cellText, chunkTexts } from '../values/cell';

/**
 * A chunk whose rows marked in `useOld` take the old cell instead (blank where there is no old column). Old cells that
 * do not fit the new type are kept as they were written. Returns `made` itself when no row is marked.
 */
export function mergeChunks(made: Chunk, old: Chunk | null, useOld: Uint8Array, type: ColumnType, oldType: ColumnType): Chunk {
  if (!useOld.includes(1)) return made;
  if (made.kind === 'text') {
    const [texts, before] = [chunkTexts(made, type), old ? chunkTexts(old, oldType) : null];
    return textChunk(texts.map((t, i) => (useOld[i] ? (before?.[i] ?? '') : t)));
  }
  const values = made.values.slice();
  const state = made.state.slice();
  const misfits = new Map(made.misfits);
  for (let i = 0; i < made.length; i++) {
    if (!useOld[i]) continue;
    misfits.delete(i);
    values[i] = 0;
    // Whole numbers are decimal ones as they stand.
    if (old?.kind === 'number' && (oldType === type || (oldType === 'whole' && type === 'decimal'))) {
      values[i] = old.values[i]!;
      state[i] = old.state[i]!;
      if (old.state[i] === MISFIT) misfits.set(i, old.misfits.get(i)!);
    } else {
      const text = old ? cellText(old, i, oldType) : '';
      state[i] = text === '' ? BLANK : MISFIT;
      if (text !== '') misfits.set(i, text);
    }
  }
  return numberChunk(values, state, misfits);
}
