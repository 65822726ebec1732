/** Text encodings a file can come in. */
export type Encoding = 'utf-8' | 'utf-16le' | 'utf-16be' | 'windows-1252';

export const ENCODINGS: readonly Encoding[] = ['utf-8', 'utf-16le', 'utf-16be', 'windows-1252'];

/** What the first bytes of a file tell of its encoding. */
export interface EncodingGuess {
  readonly encoding: Encoding;
  readonly bom: boolean;
}

/** The file is not text: the reason, as a sentence. */
export class NotText extends Error {}

/**
 * The encoding of a file from its first bytes: a byte order mark decides; many zero bytes in one half of the pairs are
 * UTF-16; valid UTF-8 is UTF-8 (a sequence cut off by the end of the sample does not count); anything else is
 * Windows-1252. Throws NotText for control bytes that no text has.
 */
export function detectEncoding(head: Uint8Array): EncodingGuess {
  if (head[0] === 0xef && head[1] === 0xbb && head[2] === 0xbf) return { encoding: 'utf-8', bom: true };
  if (head[0] === 0xff && head[1] === 0xfe) return { encoding: 'utf-16le', bom: true };
  if (head[0] === 0xfe && head[1] === 0xff) return { encoding: 'utf-16be', bom: true };
  const zeros = [0, 0];
  let control = 0;
  let firstControl = -1;
  for (let i = 0; i < head.length; i++) {
    const byte = head[i]!;
    if (byte === 0) zeros[i & 1]!++;
    else if (byte < 9 || (byte > 13 && byte < 32 && byte !== 27 && byte !== 26)) {
      control++;
      if (firstControl < 0) firstControl = i;
    }
  }
  const pairs = head.length / 2;
  if (pairs > 0 && zeros[1]! > pairs * 0.3 && zeros[0]! < pairs * 0.05) return { encoding: 'utf-16le', bom: false };
  if (pairs > 0 && zeros[0]! > pairs * 0.3 && zeros[1]! < pairs * 0.05) return { encoding: 'utf-16be', bom: false };
  if (zeros[0]! + zeros[1]! > 0 || control > head.length * 0.002) {
    const at = zeros[0]! + zeros[1]! > 0 ? head.indexOf(0) : firstControl;
    throw new NotText(`This is not a text file: byte ${at + 1} of it belongs to no text. Save it as CSV and bring that.`);
  }
  try {
    new TextDecoder('utf-8', { fatal: true }).decode(head.subarray(0, lastWholeCharacter(head)));
    return { encoding: 'utf-8', bom: false };
  } catch {
    return { encoding: 'windows-1252', bom: false };
  }
}

/** End of the last UTF-8 sequence that is not cut off by the end of the sample. */
function lastWholeCharacter(bytes: Uint8Array): number {
  for (let back = 1; back <= Math.min(3, bytes.length); back++) {
    const byte = bytes[bytes.length - back]!;
    if (byte >= 0xc0) return (byte >= 0xf0 ? 4 : byte >= 0xe0 ? 3 : 2) > back ? bytes.length - back : bytes.length;
    if (byte < 0x80) break;
  }
  return bytes.length;
}

/** A decoder that takes a file block by block; the byte order mark is dropped. */
export const decoderFor = (encoding: Encoding): TextDecoder => new TextDecoder(encoding, { ignoreBOM: false });
