/** A number read from text: its value, the digits behind its decimal point, and the unit or sign that stood with it. */
export interface ReadNumber {
  readonly value: number;
  readonly decimals: number;
  readonly unit: string;
}

const PLAIN = /^[+-]?(?:\d{1,3}(?:,\d{3})+|\d+)?(?:\.(\d+))?$/;

/**
 * A number as a data file writes it: sign, digits, thousands commas in their places, a decimal point. Null for anything
 * else, for identifiers (leading zeros) and for digit strings too long to be held exactly (over 15 digits).
 */
export function readPlainNumber(text: string): ReadNumber | null {
  const cell = text.trim();
  const match = PLAIN.exec(cell);
  if (!match || !/\d/.test(cell)) return null;
  if (/^[+-]?0\d/.test(cell)) return null;
  const digits = cell.replace(/,/g, '');
  if (digits.replace(/\D/g, '').length > 15) return null;
  return { value: Number(digits), decimals: match[1]?.length ?? 0, unit: '' };
}

/** Signs and codes of money that may stand before or behind an amount. */
const MONEY = /^(?:€|\$|£|¥|eur|usd|gbp|chf|jpy|sek|nok|dkk|pln|czk|euros?|dollars?|pounds?)$/i;

/** What words and letters behind a number multiply it by: '1.2k', '€3.5m', '2 doz', '4 million'; 1 for anything else. */
function multiplier(unit: string, attached: boolean, money: boolean): number {
  const word = unit.toLowerCase().replace(/\.$/, '');
  if (/^(?:doz|dozen)$/.test(word)) return 12;
  if (word === 'thousand' || (word === 'k' && attached)) return 1e3;
  // A bare 'm' may be metres: only behind money it is millions.
  if (/^(?:million|millions|mn|mio|mln)$/.test(word) || (word === 'm' && attached && money)) return 1e6;
  return /^(?:billion|billions|bn)$/.test(word) ? 1e9 : 1;
}

/**
 * A number as people write it in a cell: money signs and codes, brackets or a trailing minus for negatives, a per cent
 * sign, a unit behind it, thousands marks and decimal marks of either convention. Which mark is the decimal one is
 * decided from the cell itself; a lone comma before exactly three digits is taken for a thousands mark. Null where the
 * text is not one number with at most one unit ('waived', 'about 20', '10-15').
 */
export function readAmount(text: string): ReadNumber | null {
  let cell = text.replace(/[\u00a0\u202f\u2009]/g, ' ').trim();
  let sign = 1;
  const bracketed = /^\((.*)\)$/.exec(cell) ?? /^([€$£¥]?)\s*\((.*)\)$/.exec(cell);
  if (bracketed) {
    sign = -1;
    cell = bracketed.slice(1).join('').trim();
  }
  const parts = /^(\D*?)([+-]?\s*[€$£¥]?\s*[\d.,' ]*\d)\s*(-?)\s*((?:[a-z]{1,3}[23])|[^\d]*)$/i.exec(cell);
  if (!parts) return null;
  let before = parts[1]!.trim();
  let number = parts[2]!;
  const unit = parts[4]!.trim();
  if (/^[-+−–]$/.test(before) || /^[-−–]\s*/.test(before)) {
    if (!before.startsWith('+')) sign = -sign;
    before = before.slice(1).trim();
  }
  if (before !== '' && !MONEY.test(before)) return null;
  // '45.00-' and '45.00- EUR' are negative; in '13 - Garden' the dash stands between two things.
  if (parts[3] === '-' && unit !== '' && !MONEY.test(unit)) return null;
  if (parts[3] === '-') sign = -sign;
  number = number.replace(/\s+(?=[-+€$£¥])/g, '');
  if (number.startsWith('-')) {
    sign = -sign;
    number = number.slice(1);
  } else if (number.startsWith('+')) number = number.slice(1);
  number = number.replace(/[€$£¥]/g, '').trim();
  const digits = plainDigits(number);
  if (!digits) return null;
  const times = multiplier(unit, /\d[a-z]+$/i.test(cell), before !== '' || /[€$£¥]/.test(parts[2]!));
  if (times !== 1) return { value: Number((sign * Number(digits) * times).toPrecision(15)), decimals: 0, unit: before };
  if (unit !== '' && !/^(?:%|[a-zµ°²³/. ]{1,12}|[a-z]{1,3}[23]|[€$£¥])$/i.test(unit)) return null;
  return { value: sign * Number(digits), decimals: /\.(\d+)$/.exec(digits)?.[1]?.length ?? 0, unit: unit || before };
}

/** Digits with whichever marks, as digits with at most one '.'; null when the marks make no sense. */
function plainDigits(text: string): string | null {
  const bare = text.replace(/(\d)[' ](?=\d{3}(?:\D|$))/g, '$1');
  if (/[' ]/.test(bare)) return null;
  const lastComma = bare.lastIndexOf(',');
  const lastPoint = bare.lastIndexOf('.');
  if (lastComma < 0 && lastPoint < 0) return bare;
  if (lastComma >= 0 && lastPoint >= 0) {
    const decimal = lastComma > lastPoint ? ',' : '.';
    const [whole, rest] = splitAtLast(bare, decimal);
    const thousands = decimal === ',' ? '.' : ',';
    return groupsOfThree(whole, thousands) ? `${whole.split(thousands).join('')}.${rest}` : null;
  }
  const mark = lastComma >= 0 ? ',' : '.';
  const [whole, rest] = splitAtLast(bare, mark);
  if (whole.includes(mark)) return groupsOfThree(bare, mark) ? bare.split(mark).join('') : null;
  if (mark === ',' && rest.length === 3 && whole !== '' && whole !== '0') return whole + rest;
  return `${whole === '' ? '0' : whole}.${rest}`;
}

const splitAtLast = (text: string, mark: string): [string, string] => {
  const at = text.lastIndexOf(mark);
  return [text.slice(0, at), text.slice(at + 1)];
};

const groupsOfThree = (text: string, mark: string): boolean => {
  const groups = text.split(mark);
  return groups.every((g, i) => /^\d+$/.test(g) && (i === 0 ? g.length <= 3 : g.length === 3)) || (groups.length === 1 && /^\d*$/.test(text));
};

/**
 * A number as text without binary dust: at most 15 significant digits, no exponent below 1e21, with exactly `places`
 * digits behind the point when given.
 */
export function writeNumber(value: number, places?: number): string {
  if (places !== undefined) return roundTo(value, places).toFixed(places);
  if (Number.isInteger(value)) return String(value);
  return String(Number(value.toPrecision(15)));
}

/** How numbers are rounded: to the nearest (halves away from zero), up, or down. */
export type Rounding = 'nearest' | 'up' | 'down';

/**
 * Rounds to `places` decimals. Halves go away from zero, as the trade expects; the binary dust of a decimal such as
 * 1.005 or 2.675 is healed first, so that what reads as a half is a half.
 */
export function roundTo(value: number, places: number, mode: Rounding = 'nearest'): number {
  const power = 10 ** places;
  const scaled = Math.abs(value) * power;
  if (scaled >= 2 ** 52) return value;
  const healed = scaled + scaled * 4 * Number.EPSILON;
  const lower = scaled - scaled * 4 * Number.EPSILON;
  const away = value < 0 ? -1 : 1;
  if (mode === 'nearest') return (away * Math.floor(healed + 0.5)) / power || 0;
  const outward = (mode === 'up') === (value >= 0);
  return (away * (outward ? Math.ceil(lower) : Math.floor(healed))) / power || 0;
}
