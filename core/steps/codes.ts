/*
 * A report's codes as bytes for the store. Equal codes come in runs, so most reports are a few bytes long:
 *   u8 1 | (u8 code, u32 length)...   runs
 *   u8 0 | codes                      where runs would be longer
 */

/** Codes packed for the store. O(rows). */
export function packCodes(codes: Uint8Array): Uint8Array {
  let runs = 0;
  for (let i = 0; i < codes.length; i++) if (i === 0 || codes[i] !== codes[i - 1]) runs++;
  if (runs * 5 >= codes.length) {
    const out = new Uint8Array(codes.length + 1);
    out.set(codes, 1);
    return out;
  }
  const out = new Uint8Array(1 + runs * 5);
  const view = new DataView(out.buffer);
  out[0] = 1;
  let at = 1;
  for (let from = 0; from < codes.length; ) {
    let to = from + 1;
    while (to < codes.length && codes[to] === codes[from]) to++;
    out[at] = codes[from]!;
    view.setUint32(at + 1, to - from, true);
    at += 5;
    from = to;
  }
  return out;
}

/** All codes of a report, from their packed bytes. O(rows). */
export function unpackCodes(packed: Uint8Array, length: number): Uint8Array {
  if (packed[0] === 0) return packed.slice(1, length + 1);
  const out = new Uint8Array(length);
  const view = new DataView(packed.buffer, packed.byteOffset, packed.byteLength);
  for (let at = 1, from = 0; at < packed.length; at += 5) {
    const to = from + view.getUint32(at + 1, true);
    out.fill(packed[at]!, from, to);
    from = to;
  }
  return out;
}

/** The code at one position of packed codes, or null beyond their end. O(runs). */
export function codeAt(packed: Uint8Array, position: number): number | null {
  if (packed[0] === 0) return packed[position + 1] ?? null;
  const view = new DataView(packed.buffer, packed.byteOffset, packed.byteLength);
  let end = 0;
  for (let at = 1; at < packed.length; at += 5) {
    end += view.getUint32(at + 1, true);
    if (position < end) return packed[at]!;
  }
  return null;
}
