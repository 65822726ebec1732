import { unitName } from './units';

/** A stretch of numbers; an end that is not there is infinite. */
export interface Range {
  readonly from: number;
  readonly to: number;
  /** Which of its ends it holds. */
  readonly ends: Ends;
}

export type Ends = 'both' | 'from' | 'to' | 'neither';
export const ENDS: readonly Ends[] = ['both', 'from', 'to', 'neither'];

/** The ends that are held, from what is known of each. */
export const endsOf = (from: boolean, to: boolean): Ends => (from ? (to ? 'both' : 'from') : to ? 'to' : 'neither');

/** A piece of a text: a number, or a word or sign in lower case. */
export interface Piece {
  readonly text: string;
  readonly number: number | null;
  readonly at: number;
  /** A single capital: a name ('grade C'), hardly a unit. */
  readonly initial: boolean;
}

const PIECE = /(\d{1,3}(?:[, \u202f\u00a0']\d{3})+(?:\.\d+)?|\d+(?:[.,]\d+)?)|(<=|>=|[<>≤≥]|\.{2,3}|[^\s\p{L}\d])|(\p{L}+)/gu;

/** A text in numbers, words and signs. A comma before one, two or more than three digits is a decimal comma. O(length). */
export function piecesIn(text: string): Piece[] {
  return [...text.matchAll(PIECE)].map((m) => {
    const digits = m[1];
    if (digits === undefined) return { text: m[0].toLowerCase(), number: null, at: m.index, initial: /^\p{Lu}$/u.test(m[0]) };
    const plain = /^\d+,\d+$/.test(digits) && !/^\d{1,3},\d{3}$/.test(digits) ? digits.replace(',', '.') : digits.replace(/[, \u202f\u00a0']/g, '');
    return { text: digits, number: Number(plain), at: m.index, initial: false };
  });
}

type Limit = readonly [words: readonly string[], holds: boolean];
/** Ways to begin a stretch, and to end it; longer ones first. */
const LOWER: readonly Limit[] = [[['greater', 'than', 'or', 'equal', 'to'], true], [['not', 'less', 'than'], true], [['no', 'less', 'than'], true], [['not', 'below'], true], [['not', 'under'], true], [['more', 'than'], false], [['greater', 'than'], false], [['higher', 'than'], false], [['at', 'least'], true], [['minimum', 'of'], true], [['starting', 'at'], true], [['from', 'more', 'than'], false], [['from', 'over'], false], [['from', 'above'], false], [['over'], false], [['above'], false], [['exceeding'], false], [['exceeds'], false], [['exceed'], false], [['beyond'], false], [['past'], false], [['from'], true], [['minimum'], true], [['min'], true], [['since'], true], [['>', '='], true], [['>='], true], [['≥'], true], [['>'], false]];
const UPPER: readonly Limit[] = [[['up', 'to', 'but', 'not', 'including'], false], [['up', 'to', 'and', 'including'], true], [['less', 'than', 'or', 'equal', 'to'], true], [['to', 'and', 'including'], true], [['to', 'less', 'than'], false], [['not', 'more', 'than'], true], [['no', 'more', 'than'], true], [['not', 'higher', 'than'], true], [['not', 'exceeding'], true], [['not', 'exceed'], true], [['the', 'first'], true], [['first'], true], [['not', 'above'], true], [['not', 'over'], true], [['to', 'under'], false], [['to', 'below'], false], [['less', 'than'], false], [['fewer', 'than'], false], [['lower', 'than'], false], [['smaller', 'than'], false], [['at', 'most'], true], [['maximum', 'of'], true], [['up', 'to'], true], [['under'], false], [['below'], false], [['until'], true], [['till'], true], [['maximum'], true], [['max'], true], [['to'], true], [['<', '='], true], [['<='], true], [['≤'], true], [['<'], false]];
const BETWEEN = new Set(['-', '–', '—', '..', '...', '…']);
const MORE = new Set(['more', 'over', 'above', 'higher', 'up', 'upwards', 'greater', 'later', 'longer', 'heavier', 'beyond']);
const LESS = new Set(['less', 'under', 'below', 'lower', 'fewer', 'earlier', 'shorter', 'lighter']);

const limitAt = (limits: readonly Limit[], pieces: readonly Piece[], at: number): { readonly holds: boolean; readonly next: number } | null => {
  for (const [words, holds] of limits) if (words.every((w, i) => pieces[at + i]?.text === w)) return { holds, next: skipDot(pieces, at + words.length) };
  return null;
};
const skipDot = (pieces: readonly Piece[], at: number): number => (pieces[at]?.text === '.' && (pieces[at - 1]?.text === 'max' || pieces[at - 1]?.text === 'min') ? at + 1 : at);

/** The end of a unit that stands at a place: '%', 'kg', 'mg/kg', 'per cent'; the place itself where there is none. */
function afterUnit(pieces: readonly Piece[], at: number): number {
  const text = pieces[at]?.text;
  if (text === undefined || pieces[at]!.initial) return at;
  if (text === 'per' && pieces[at + 1]?.text === 'cent') return at + 2;
  if (text === '°' && /^[cf]$/.test(pieces[at + 1]?.text ?? '')) return at + 2;
  if (text === '%' || text === '°' || text === 'percent' || text === '€' || unitName(text) !== null) return pieces[at + 1]?.text === '/' && /^\p{L}+$/u.test(pieces[at + 2]?.text ?? '') ? at + 3 : at + 1;
  return /^\p{L}{1,3}$/u.test(text) && pieces[at + 1]?.text === '/' && /^\p{L}+$/u.test(pieces[at + 2]?.text ?? '') ? at + 3 : at;
}

/** A number with its unit. */
function amountAt(pieces: readonly Piece[], at: number): { readonly value: number; readonly unit: string; readonly next: number } | null {
  const minus = pieces[at]?.text === '-' || pieces[at]?.text === '−';
  const piece = pieces[minus ? at + 1 : at];
  if (!piece || piece.number === null) return null;
  const start = minus ? at + 2 : at + 1, next = afterUnit(pieces, start);
  return { value: minus ? -piece.number : piece.number, unit: pieces.slice(start, next).map((p) => p.text).join(''), next };
}

/** A stretch that begins at a place of a text: '14 to 17.5 %', 'over 20', 'up to and including 15', '30 or more'; null where none does. */
export function rangeAt(pieces: readonly Piece[], at: number): { readonly range: Range; readonly unit: string; readonly next: number } | null {
  const made = (from: number, to: number, holdsFrom: boolean, holdsTo: boolean, unit: string, next: number): ReturnType<typeof rangeAt> => {
    const mark = pieces[next]?.text === 'both' || pieces[next]?.text === '(' ? next + 1 : next;
    if (pieces[mark]?.text === 'inclusive' || pieces[mark]?.text === 'included') return made(from, to, true, true, unit, pieces[mark + 1]?.text === ')' ? mark + 2 : mark + 1);
    return from <= to ? { range: { from, to, ends: endsOf(holdsFrom, holdsTo) }, unit, next } : null;
  };
  if (pieces[at]?.text === 'between') {
    const low = amountAt(pieces, at + 1);
    const high = low && (pieces[low.next]?.text === 'and' || pieces[low.next]?.text === 'to' || BETWEEN.has(pieces[low.next]?.text ?? '')) ? amountAt(pieces, low.next + 1) : null;
    return low && high ? made(low.value, high.value, true, true, high.unit || low.unit, high.next) : null;
  }
  const lower = limitAt(LOWER, pieces, at);
  const first = amountAt(pieces, lower ? lower.next : at);
  if (first) {
    const { value, unit, next } = first;
    const holds = lower?.holds ?? true;
    const joint = pieces[next]?.text === 'and' || pieces[next]?.text === 'but' || pieces[next]?.text === ',' ? next + 1 : next;
    if (BETWEEN.has(pieces[next]?.text ?? '')) {
      const under = limitAt(UPPER, pieces, next + 1), high = amountAt(pieces, under ? under.next : next + 1);
      if (high) return made(value, high.value, holds, under?.holds ?? true, high.unit || unit, high.next);
    }
    const upper = limitAt(UPPER, pieces, joint);
    const high = upper && (joint === next || lower) ? amountAt(pieces, upper.next) : null;
    if (high) return made(value, high.value, holds, upper!.holds, high.unit || unit, high.next);
    if (lower) return made(value, Infinity, holds, false, unit, next);
    if (pieces[next]?.text === '+') return made(value, Infinity, true, false, unit, next + 1);
    const more = pieces[next]?.text === 'or' || pieces[next]?.text === 'and' ? pieces[next + 1]?.text : undefined;
    if (more !== undefined && MORE.has(more)) return made(value, Infinity, true, false, unit, next + 2);
    if (more !== undefined && LESS.has(more)) return made(-Infinity, value, false, true, unit, next + 2);
    return null;
  }
  const upper = limitAt(UPPER, pieces, at);
  const only = upper && amountAt(pieces, upper.next);
  return only ? made(-Infinity, only.value, false, upper.holds, only.unit, only.next) : null;
}

/** A text that is one stretch, or one number: '0–5 kg', '30+', 'under 15', '7'. Null for anything else and for blanks. */
export function readRange(text: string): Range | null {
  const pieces = piecesIn(text);
  const found = rangeAt(pieces, 0);
  if (found && found.next === pieces.length) return found.range;
  const one = amountAt(pieces, 0);
  return one && one.next === pieces.length ? { from: one.value, to: one.value, ends: 'both' } : null;
}

/** Does a stretch hold a number? */
export const holds = ({ from, to, ends }: Range, value: number): boolean => (value > from || (value === from && (ends === 'both' || ends === 'from'))) && (value < to || (value === to && (ends === 'both' || ends === 'to')));
