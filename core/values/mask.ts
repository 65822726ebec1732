import { hmac } from '@noble/hashes/hmac';
import { sha256 } from '@noble/hashes/sha2';
import { roundTo } from './number';
import { utf8ToBytes } from '@noble/hashes/utils';

/**
 * How a text is masked: by a token, by a text of the same form, by an invented name, or with only some of its
 * characters left. All but the last depend on a key: the same text gives the same mask under one key.
 */
export type Mask =
  | { readonly kind: 'token' | 'form' | 'name' }
  | { readonly kind: 'leave'; readonly side: 'first' | 'last'; readonly count: number }
  | RoundingMask;

/** Dates as the first day of their month, quarter or year; amounts as the nearest multiple of a number. */
export type RoundingMask = { readonly kind: 'period'; readonly period: MaskPeriod } | { readonly kind: 'rounded'; readonly to: number };
export type MaskPeriod = 'month' | 'quarter' | 'year';
export type TextMask = Exclude<Mask, RoundingMask>;

export const isRounding = (mask: Mask): mask is RoundingMask => mask.kind === 'period' || mask.kind === 'rounded';

/** A date (in milliseconds) or an amount after its mask. Halves are rounded away from zero. */
export function coarser(value: number, mask: RoundingMask): number {
  if (mask.kind === 'rounded') return Number((roundTo(value / mask.to, 0) * mask.to).toPrecision(15));
  const date = new Date(value), month = date.getUTCMonth();
  return Date.UTC(date.getUTCFullYear(), mask.period === 'year' ? 0 : mask.period === 'quarter' ? month - (month % 3) : month, 1);
}

/** All letters and figures of a text covered. */
export const covered = (text: string): string => text.replace(/[\p{L}\p{N}]/gu, '•');

const SYMBOLS = '0123456789ABCDEFGHJKMNPQRSTVWXYZ';
const GIVEN = 'Abel Aino Alma Anselm Arne Astrid Balder Berta Birk Bodil Calla Cato Clio Corin Dagny Dario Delia Edda Egon Elin Elmo Enid Esra Fabia Falk Fenja Flora Gerda Gideon Gala Hanno Hedda Henna Ilja Ilse Imre Iona Jaro Jonna Juno Kaja Kalle Kira Lasse Lenka Linus Lovis Maika Malte Mirja Nele Nils Nora Odin Olga Onno Orla Pelle Pia Quirin Rafe Ragna Ronja'.split(' ');
const FAMILY = 'Abendroth Alder Amsel Ashdown Barley Birch Bramble Brennan Calder Carrow Chervil Clover Corbel Dale Damson Dunnock Elder Ember Farrow Fennick Finch Flint Gale Garnet Gorse Gannet Hale Harrow Hazel Heron Inglen Ivers Jarrow Juniper Kestrel Kittle Larch Lark Linnet Lorimer Mallow Marten Merle Minnow Nettle Norrow Orchard Osier Parrow Pike Plover Quill Ravel Rowan Rushby Sallow Sedge Sorrel Starling Tansy Teasel Thistle Umber Wren'.split(' ');

/** A function that masks texts under a key. Blank stays blank; outer spaces are not looked at. */
export function masker(mask: TextMask, key: string): (text: string) => string {
  if (mask.kind === 'leave') return (text) => leave(text.trim(), mask.side, mask.count);
  const secret = utf8ToBytes(key);
  // Each way has numbers of its own, so that one mask tells nothing of another.
  const numbers = (text: string): Uint8Array => hmac(sha256, secret, utf8ToBytes(`${mask.kind}\n${text}`));
  return (text) => {
    const bare = text.trim();
    if (bare === '') return '';
    const bytes = numbers(bare);
    if (mask.kind === 'token') return Array.from(bytes.subarray(0, 12), (b) => SYMBOLS[b & 31]!).join('');
    if (mask.kind === 'form') return inForm(bare, bytes, (n) => numbers(`${n}\n${bare}`));
    // 64 x 64 names, and a middle letter or two, so that few people get the same name.
    const [a, b, c, d] = bytes as unknown as [number, number, number, number];
    return `${GIVEN[a & 63]!} ${String.fromCharCode(65 + (c % 26))}. ${String.fromCharCode(65 + (d % 26))}. ${FAMILY[b & 63]!}`;
  };
}

/** Letters become letters and figures figures; marks, capitals and length stay. */
function inForm(text: string, first: Uint8Array, more: (n: number) => Uint8Array): string {
  let bytes = first, at = 0, round = 0;
  const next = (most: number): number => {
    if (at === bytes.length) [bytes, at, round] = [more(round + 1), 0, round + 1];
    return bytes[at++]! % most;
  };
  return Array.from(text, (c) => (/\p{N}/u.test(c) ? String(next(10)) : /\p{Lu}/u.test(c) ? String.fromCharCode(65 + next(26)) : /\p{L}/u.test(c) ? String.fromCharCode(97 + next(26)) : c)).join('');
}

/** All letters and figures but some at one end covered; a text with no more than those is covered whole. */
function leave(text: string, side: 'first' | 'last', count: number): string {
  const chars = Array.from(text);
  const counted = chars.flatMap((c, i) => (/[\p{L}\p{N}]/u.test(c) ? [i] : []));
  const open = new Set(counted.length <= count ? [] : side === 'last' ? counted.slice(-count) : counted.slice(0, count));
  return chars.map((c, i) => (/[\p{L}\p{N}]/u.test(c) && !open.has(i) ? '•' : c)).join('');
}
