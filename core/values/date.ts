/** A date read from text, as milliseconds since 1970 in UTC. */
export interface ReadDate {
  readonly time: number;
  readonly hasTime: boolean;
  /** Day and month could be told apart only by the `dayFirst` setting. */
  readonly ambiguous: boolean;
}

export const DAY = 86_400_000;

export const MONTHS = ['January', 'February', 'March', 'April', 'May', 'June', 'July', 'August', 'September', 'October', 'November', 'December'];
export const WEEKDAYS = ['Sunday', 'Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday'];

/** Month number 1-12 of an English month name or its first three letters (also 'sept'); 0 when it is none. */
export function monthNumber(word: string): number {
  const lower = word.toLowerCase().replace(/\.$/, '');
  if (lower.length < 3) return 0;
  const at = MONTHS.findIndex((m) => m.toLowerCase() === lower || m.slice(0, 3).toLowerCase() === lower || (lower === 'sept' && m === 'September'));
  return at + 1;
}

/** Milliseconds of a calendar date, or null when there is no such day (31 April). */
export function dateOf(year: number, month: number, day: number): number | null {
  if (month < 1 || month > 12 || day < 1 || day > 31) return null;
  const time = Date.UTC(year, month - 1, day);
  return new Date(time).getUTCDate() === day ? time : null;
}

const TIME = String.raw`(?:[T ,]+(\d{1,2}):(\d{2})(?::(\d{2})(?:\.\d+)?)?\s*([ap]m)?\s*(Z|[+-]\d{2}:?\d{2})?)?`;
const ISO = new RegExp(String.raw`^(\d{4})[-/.](\d{1,2})[-/.](\d{1,2})${TIME}$`, 'i');
const NUMERIC = new RegExp(String.raw`^(\d{1,2})[-/. ](\d{1,2})[-/. ](\d{4}|\d{2})${TIME}$`, 'i');
const DAY_NAME = new RegExp(String.raw`^(\d{1,2})(?:st|nd|rd|th)?[-/. ]*(?:of )?([a-z]{3,9})\.?[-/., ]*(\d{4}|\d{2})${TIME}$`, 'i');
const NAME_DAY = new RegExp(String.raw`^([a-z]{3,9})\.?[ -]*(\d{1,2})(?:st|nd|rd|th)?[-/., ]+(\d{4})${TIME}$`, 'i');

/**
 * A date in any of the usual styles: 2025-05-03, 3/5/2025, 3.5.25, 5 May 2025, May 5th, 2025, with or without a weekday
 * before it and a time behind it. `dayFirst` settles 3/5/2025; where one of the two is over 12 it is not needed. Two-digit
 * years 00-69 are 2000-2069. Null for anything else, and for days that do not exist.
 */
export function readDate(text: string, dayFirst = true): ReadDate | null {
  const first = text.charCodeAt(0);
  if (text.length < 6 || text.length > 40 || !(first <= 57 || first >= 65)) return null;
  const cell = text.trim().replace(/^(?:mon|tues?|wed(?:nes)?|thur?s?|fri|sat(?:ur)?|sun)(?:day)?\.?,?\s+/i, '');
  let m = ISO.exec(cell);
  if (m) return withTime(dateOf(+m[1]!, +m[2]!, +m[3]!), m.slice(4), false);
  m = NUMERIC.exec(cell);
  if (m) {
    const [a, b, year] = [+m[1]!, +m[2]!, fullYear(m[3]!)];
    const dayIsFirst = a > 12 || (b <= 12 && dayFirst);
    return withTime(dayIsFirst ? dateOf(year, b, a) : dateOf(year, a, b), m.slice(4), a <= 12 && b <= 12 && a !== b);
  }
  m = DAY_NAME.exec(cell);
  if (m) return withTime(dateOf(fullYear(m[3]!), monthNumber(m[2]!), +m[1]!), m.slice(4), false);
  m = NAME_DAY.exec(cell);
  if (m) return withTime(dateOf(+m[3]!, monthNumber(m[1]!), +m[2]!), m.slice(4), false);
  return null;
}

const fullYear = (text: string): number => (text.length === 4 ? +text : +text < 70 ? 2000 + +text : 1900 + +text);

function withTime(date: number | null, parts: (string | undefined)[], ambiguous: boolean): ReadDate | null {
  if (date === null) return null;
  const [h, min, s, half, zone] = parts;
  if (h === undefined) return { time: date, hasTime: false, ambiguous };
  const hour = half ? (+h % 12) + (half.toLowerCase() === 'pm' ? 12 : 0) : +h;
  if (hour > 23 || +min! > 59 || +(s ?? 0) > 59) return null;
  const shift = zone && zone.toUpperCase() !== 'Z' ? (zone.startsWith('-') ? 1 : -1) * (+zone.slice(1, 3) * 60 + +zone.slice(-2)) : 0;
  return { time: date + hour * 3_600_000 + +min! * 60_000 + +(s ?? 0) * 1000 + shift * 60_000, hasTime: true, ambiguous };
}

/** Days between the start of 1970 and 30 December 1899, from which files count days. */
const COUNT_START = 25_569;

/** The moment of a count of days since 30 December 1899 ('45123', '45123.5'), for the years 1954 to 2119; null for anything else. */
export function readDayCount(text: string): number | null {
  const m = /^\d{5}(?:[.,]\d+)?$/.exec(text.trim());
  const days = m ? Number(m[0].replace(',', '.')) : NaN;
  return days >= 20_000 && days < 80_000 ? Math.round((days - COUNT_START) * DAY) : null;
}

/** The moment of a count of seconds or milliseconds since 1970 of ten or thirteen figures; null for anything else. */
export function readUnixTime(text: string): number | null {
  const cell = text.trim();
  return /^\d{10}$/.test(cell) ? Number(cell) * 1000 : /^\d{13}$/.test(cell) ? Number(cell) : null;
}

/** Minutes since midnight of '18:00', '6.30 pm'; null for anything else. */
export function readClock(text: string): number | null {
  const m = /^(\d{1,2})[:.](\d{2})(?::\d{2})?\s*([ap]m)?$/i.exec(text.trim());
  if (!m) return null;
  const hour = m[3] ? (+m[1]! % 12) + (m[3].toLowerCase() === 'pm' ? 12 : 0) : +m[1]!;
  return hour < 24 && +m[2]! < 60 ? hour * 60 + +m[2]! : null;
}

const two = (n: number): string => (n < 10 ? `0${n}` : String(n));

/** ISO 8601 text of a date, or of a date-time to the minute (to the second where it has seconds). */
export function writeDate(time: number, withClock: boolean): string {
  const d = new Date(time);
  const date = `${String(d.getUTCFullYear()).padStart(4, '0')}-${two(d.getUTCMonth() + 1)}-${two(d.getUTCDate())}`;
  if (!withClock) return date;
  const seconds = d.getUTCSeconds();
  return `${date} ${two(d.getUTCHours())}:${two(d.getUTCMinutes())}${seconds ? `:${two(seconds)}` : ''}`;
}

/** Units a span between two dates can be counted in. */
export type SpanUnit = 'days' | 'weeks' | 'months' | 'years' | ClockUnit | 'working days';
export type ClockUnit = 'hours' | 'minutes';

/** Is a span of such units counted by the clock, and not by the calendar? */
export const isClockUnit = (unit: SpanUnit): unit is ClockUnit => unit === 'hours' || unit === 'minutes';

/** Days from Monday to Friday after the first day, up to and with the last (days counted from 1970). */
function workingDays(from: number, to: number): number {
  const before = (day: number): number => { const monday = day + 3; return Math.floor(monday / 7) * 5 + Math.min(5, (((monday % 7) + 7) % 7) + 1); };
  return before(to) - before(from);
}

/** Of days counted from 1970, in order, how many lie after one day and up to another and are no Saturday or Sunday. */
function between(days: Int32Array, from: number, to: number): number {
  let n = 0;
  for (const day of days) if (day > from && day <= to && !isWeekend(day)) n++;
  return n;
}
const isWeekend = (day: number): boolean => { const d = (((day + 3) % 7) + 7) % 7; return d > 4; };

/** Working days from one time to another without some holidays (days counted from 1970, in order, each once). O(holidays). */
export const workingDaysBetween = (from: number, to: number, holidays: Int32Array): number => {
  if (to < from) return -workingDaysBetween(to, from, holidays) || 0;
  const [a, b] = [Math.floor(from / DAY), Math.floor(to / DAY)];
  return workingDays(a, b) - between(holidays, a, b);
};

const NONE: ReadonlySet<number> = new Set();

/**
 * A time so many units later (earlier where `n` is negative). A month later than 31 January is the last of February; working days
 * pass over Saturdays, Sundays and the holidays given (days counted from 1970). NaN where n is no whole number, unless hours or minutes are added. O(n) for working days.
 */
export function shiftDate(time: number, n: number, unit: SpanUnit, holidays: ReadonlySet<number> = NONE): number {
  if (unit === 'hours') return time + n * 3_600_000;
  if (unit === 'minutes') return time + n * 60_000;
  if (!Number.isInteger(n) || Math.abs(n) > 400_000) return NaN;
  if (unit === 'days' || unit === 'weeks') return time + n * DAY * (unit === 'weeks' ? 7 : 1);
  if (unit === 'working days') {
    const step = Math.sign(n);
    let day = Math.floor(time / DAY);
    for (let left = Math.abs(n); left > 0;) { day += step; if (!isWeekend(day) && !holidays.has(day)) left--; }
    return day * DAY + (time - Math.floor(time / DAY) * DAY);
  }
  const d = new Date(time);
  const months = d.getUTCMonth() + n * (unit === 'years' ? 12 : 1);
  const last = new Date(Date.UTC(d.getUTCFullYear(), months + 1, 0)).getUTCDate();
  return Date.UTC(d.getUTCFullYear(), months, Math.min(d.getUTCDate(), last)) + (time - Math.floor(time / DAY) * DAY);
}

/** Whole units from one time to another (negative when `to` is before `from`); minutes, hours and days of dates are exact. */
export function spanBetween(from: number, to: number, unit: SpanUnit): number {
  if (to < from) return -spanBetween(to, from, unit) || 0;
  if (unit === 'working days') return workingDays(Math.floor(from / DAY), Math.floor(to / DAY));
  if (unit === 'hours') return (to - from) / 3_600_000;
  if (unit === 'minutes') return (to - from) / 60_000;
  if (unit === 'days') return Math.floor(to / DAY) - Math.floor(from / DAY);
  if (unit === 'weeks') return Math.floor((to - from) / (7 * DAY));
  const [a, b] = [new Date(from), new Date(to)];
  let months = (b.getUTCFullYear() - a.getUTCFullYear()) * 12 + b.getUTCMonth() - a.getUTCMonth();
  if (b.getUTCDate() < a.getUTCDate()) months--;
  return unit === 'months' ? months : Math.floor(months / 12);
}

/** The number of the week by ISO 8601: weeks begin on Monday, the first has the year's first Thursday. */
export function isoWeek(date: Date): number {
  const thursday = new Date(Date.UTC(date.getUTCFullYear(), date.getUTCMonth(), date.getUTCDate() + 4 - (date.getUTCDay() || 7)));
  return Math.ceil(((thursday.getTime() - Date.UTC(thursday.getUTCFullYear(), 0, 1)) / DAY + 1) / 7);
}

/** The financial year that starts in a month: '2024/25', or '2025' where it is the calendar year. */
export function fiscalYear(date: Date, startMonth: number): string {
  const year = date.getUTCFullYear() - (date.getUTCMonth() + 1 < startMonth ? 1 : 0);
  return startMonth === 1 ? String(year) : `${year}/${String((year + 1) % 100).padStart(2, '0')}`;
}
