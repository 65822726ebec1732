import { MISFIT, numberChunk, type Chunk } from './column';

/*
 * A chunk as bytes, little-endian, for the store:
 *   number: u8 1, u8 0, u16 0, u32 length | f64 values | u8 states | u32 misfit count | (u32 at, u32 bytes, utf-8)...
 *   text:   u8 2, u8 0, u16 0, u32 length | u16 codes | pad to 4 | u32 entries | u32 end offsets | utf-8 of all entries
 */
const HEAD = 8;
const encoder = new TextEncoder();
const decoder = new TextDecoder();

/** A chunk as one block of bytes. */
export function encodeChunk(chunk: Chunk): Uint8Array {
  return chunk.kind === 'number' ? encodeNumbers(chunk.values, chunk.state, chunk.misfits) : encodeText(chunk.codes, chunk.dictionary);
}

/** The chunk that `encodeChunk` wrote. The bytes are copied, so any alignment will do. */
export function decodeChunk(bytes: Uint8Array): Chunk {
  const buffer = bytes.buffer.slice(bytes.byteOffset, bytes.byteOffset + bytes.byteLength);
  const view = new DataView(buffer);
  const length = view.getUint32(4, true);
  if (view.getUint8(0) === 1) {
    const values = new Float64Array(buffer, HEAD, length);
    const state = new Uint8Array(buffer, HEAD + length * 8, length);
    let at = HEAD + length * 9;
    const misfits = new Map<number, string>();
    for (let left = view.getUint32(at, true), p = at + 4; left > 0; left--) {
      const size = view.getUint32(p + 4, true);
      misfits.set(view.getUint32(p, true), decoder.decode(new Uint8Array(buffer, p + 8, size)));
      p += 8 + size;
      at = p;
    }
    return numberChunk(values, state, misfits);
  }
  const codes = new Uint16Array(buffer, HEAD, length);
  const at = HEAD + pad4(length * 2);
  const entries = view.getUint32(at, true);
  const text = decoder.decode(new Uint8Array(buffer, at + 4 + entries * 4));
  const dictionary = new Array<string>(entries);
  for (let i = 0, from = 0; i < entries; i++) {
    const end = view.getUint32(at + 4 + i * 4, true);
    dictionary[i] = text.slice(from, end);
    from = end;
  }
  return { kind: 'text', length, codes, dictionary };
}

function encodeNumbers(values: Float64Array, state: Uint8Array, misfits: ReadonlyMap<number, string>): Uint8Array {
  const kept = [...misfits].filter(([at]) => state[at] === MISFIT).map(([at, text]) => [at, encoder.encode(text)] as const);
  const length = values.length;
  const out = new Uint8Array(HEAD + length * 9 + 4 + kept.reduce((sum, [, t]) => sum + 8 + t.length, 0));
  const view = new DataView(out.buffer);
  out[0] = 1;
  view.setUint32(4, length, true);
  out.set(new Uint8Array(values.buffer, values.byteOffset, length * 8), HEAD);
  out.set(state, HEAD + length * 8);
  let at = HEAD + length * 9;
  view.setUint32(at, kept.length, true);
  at += 4;
  for (const [row, text] of kept) {
    view.setUint32(at, row, true);
    view.setUint32(at + 4, text.length, true);
    out.set(text, at + 8);
    at += 8 + text.length;
  }
  return out;
}

/** Offsets count UTF-16 units of the joined text, so that decoding needs one call for the whole dictionary. */
function encodeText(codes: Uint16Array, dictionary: readonly string[]): Uint8Array {
  const text = encoder.encode(dictionary.join(''));
  const at = HEAD + pad4(codes.length * 2);
  const out = new Uint8Array(at + 4 + dictionary.length * 4 + text.length);
  const view = new DataView(out.buffer);
  out[0] = 2;
  view.setUint32(4, codes.length, true);
  out.set(new Uint8Array(codes.buffer, codes.byteOffset, codes.length * 2), HEAD);
  view.setUint32(at, dictionary.length, true);
  let end = 0;
  dictionary.forEach((entry, i) => {
    end += entry.length;
    view.setUint32(at + 4 + i * 4, end, true);
  });
  out.set(text, at + 4 + dictionary.length * 4);
  return out;
}

const pad4 = (n: number): number => (n + 3) & ~3;
