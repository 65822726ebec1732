import { BLANK, MISFIT, VALUE, allValues, isDate, numberChunk, textChunk, type Chunk, type ColumnType, type NumberChunk, type TextChunk } from '../table/column';
import { readDate } from '../values/date';
import { readAmount, roundTo } from '../values/number';
import { readYesNo } from '../values/yesno';
import { chunkTexts } from '../values/cell';

/** Why a row has no value: beyond BLANK and MISFIT, a division by zero. Larger codes win when reasons meet. */
export const BY_ZERO = 3;

/** Values of one chunk while a formula runs. Numbers carry a state for each row, as number chunks do. */
export interface NumberVector {
  readonly kind: 'number';
  readonly values: Float64Array;
  readonly state: Uint8Array;
}

/** Texts of one chunk; '' is blank. */
export interface TextVector {
  readonly kind: 'text';
  readonly texts: readonly string[];
}

export type Vector = NumberVector | TextVector;

/** How a column's texts are read where numbers or dates are needed. */
export interface ReadingOptions {
  readonly dayFirst: boolean;
}

/** Text cells of a chunk as numbers: amounts as people write them. Each distinct text is read once. */
export function amountsOf(chunk: Chunk): NumberVector {
  return chunk.kind === 'number' ? withMisfits(chunk) : readDictionary(chunk.codes, chunk.dictionary, amountValue);
}

/** A chunk of numbers in which texts that are amounts after all ('(45.00)', '€ 12') count as such. */
function withMisfits(chunk: NumberChunk): NumberVector {
  const read = [...chunk.misfits].flatMap(([at, text]) => { const value = amountValue(text); return Number.isNaN(value) ? [] : [[at, value] as const]; });
  if (read.length === 0) return chunk;
  const [values, state] = [chunk.values.slice(), chunk.state.slice()];
  for (const [at, value] of read) {
    values[at] = value;
    state[at] = VALUE;
  }
  return { kind: 'number', values, state };
}

/** Text cells of a chunk as dates in any of the usual styles. */
export function datesOf(chunk: Chunk, options: ReadingOptions): NumberVector {
  return chunk.kind === 'number' ? chunk : readDictionary(chunk.codes, chunk.dictionary, (text) => readDate(text, options.dayFirst)?.time ?? NaN);
}

const amountValue = (text: string): number => {
  const amount = readAmount(text);
  if (amount) return amount.value;
  const yes = /^(?:true|false)$/i.test(text) ? readYesNo(text) : null;
  return yes === null ? NaN : yes ? 1 : 0;
};

/** Texts as the numbers that a function reads in them: NaN is a misfit. Each distinct text is read once. */
export const readTexts = ({ codes, dictionary }: Pick<TextChunk, 'codes' | 'dictionary'>, read: (text: string) => number): NumberVector => readDictionary(codes, dictionary, read);

function readDictionary(codes: Uint16Array, dictionary: readonly string[], read: (text: string) => number): NumberVector {
  const entries = dictionary.map((text) => (text.trim() === '' ? NaN : read(text)));
  const states = dictionary.map((text, i) => (text.trim() === '' ? BLANK : Number.isNaN(entries[i]!) ? MISFIT : VALUE));
  const values = new Float64Array(codes.length);
  const state = new Uint8Array(codes.length);
  for (let i = 0; i < codes.length; i++) {
    const code = codes[i]!;
    state[i] = states[code]!;
    values[i] = states[code] === VALUE ? entries[code]! : 0;
  }
  return { kind: 'number', values, state };
}

/** A constant number for every row. */
export function constant(value: number, length: number): NumberVector {
  return { kind: 'number', values: new Float64Array(length).fill(value), state: new Uint8Array(length).fill(VALUE) };
}

/** The texts of a vector; numbers are written as their type says. */
export function textsOf(vector: Vector, type: ColumnType): readonly string[] {
  return vector.kind === 'text' ? vector.texts : chunkTexts(numberChunk(vector.values, vector.state.map((s) => (s === VALUE ? VALUE : BLANK))), type);
}

/**
 * A vector as a chunk to be kept. Decimals of a known scale are rounded to it, which takes the binary dust off sums and
 * products; rows without a value become blank. The values of a vector that is nobody else's (`own`) are written over.
 */
export function toChunk(vector: Vector, type: ColumnType, scale: number | null, own = false): Chunk {
  if (vector.kind === 'text') return textChunk(vector.texts);
  const { values, state } = vector;
  const power = scale !== null && scale <= 9 && !isDate(type) ? 10 ** scale : 0;
  // States are shared: a chunk is never changed.
  if (allValues(state)) return power === 0 ? numberChunk(own ? values : values.slice(), state) : dusted(values, state, power, scale!, own);
  const out = new Float64Array(values.length);
  const outState = new Uint8Array(values.length);
  for (let i = 0; i < values.length; i++) {
    if (state[i] !== VALUE) continue;
    const value = values[i]!;
    outState[i] = VALUE;
    out[i] = power === 0 ? value : Math.abs(value) < 1e9 ? Math.round(value * power) / power : roundTo(value, scale!);
  }
  return numberChunk(out, outState);
}

/** Adding and taking away this number rounds anything below 2^51 to a whole one (IEEE 754, round to nearest). */
const WHOLE = 1.5 * 2 ** 52;

/** Values rounded to a scale, with the lowest and the highest of them. Below 10^9 one multiplication is exact enough; above, dust is healed with more care. */
function dusted(values: Float64Array, state: Uint8Array, power: number, scale: number, own: boolean): NumberChunk {
  const out = own ? values : new Float64Array(values.length);
  // So that what is rounded stays below 2^51.
  const most = power <= 1e6 ? 1e9 : 0;
  let low = Infinity, high = -Infinity;
  for (let i = 0; i < out.length; i++) {
    const value = values[i]!;
    const clean = value < most && value > -most ? (value * power + WHOLE - WHOLE) / power : roundTo(value, scale);
    out[i] = clean;
    low = clean < low ? clean : low;
    high = clean > high ? clean : high;
  }
  return { ...numberChunk(out, state), range: [low, high] };
}
