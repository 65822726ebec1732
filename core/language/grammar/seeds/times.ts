import { DAY, dateOf, monthNumber, readDate, writeDate } from '../../../values/date';
import { isDate } from '../../../table/column';
import type { Item } from '../../chart';
import { type Context } from '../../acts';
import { dateColumns, NOT_REAL, onlyDate, rowDate } from '../roles';
import { type ColumnMention } from '../../mentions';
import { ORDINALS, stem, type Token } from '../../words';
import { Put } from './put';

/** A stretch of days, both ends included, as ISO dates; a month without a year has no dates. */
export interface Period {
  readonly from: string;
  readonly to: string;
  readonly month?: number;
  /** Said with both its ends: 'from 6 to 14 April'. */
  readonly range?: true;
  /** A day of a month in any year. */
  readonly day?: number;
  /** Some days of a month in any year: 'the first half of May'. */
  readonly days?: readonly [number, number];
}

/** The first and the last day of every column of dates, as far as they are known. */
const outermost = (x: Context): readonly (string | null | undefined)[] => dateColumns(x).flatMap((name) => [x.head.glances?.get(name)?.lowest, x.head.glances?.get(name)?.highest]);

/** 'After the 6th', where all dates of the rows lie in one month. */
export function daysOfOneMonth(tokens: readonly Token[], x: Context, put: Put): void {
  tokens.forEach((t, i) => {
    const day = ordinal(t);
    if (day < 1 || day > 31 || tokens[i - 1]?.lower !== 'the' || !/^(?:after|before|since|until|till|from|on|by)$/.test(tokens[i - 2]?.lower ?? '') || tokens[i + 1]?.kind === 'word') return;
    const months = new Set(outermost(x).map((d) => (d && /^\d{4}-\d\d-/.test(d) ? d.slice(0, 7) : '')));
    const [month] = months;
    if (months.size !== 1 || !month) return;
    const date = `${month}-${String(day).padStart(2, '0')}`;
    if (readDate(date)) put('date', i, i + 1, date, 0);
  });
}

/** 'The week of 9 March': from Monday to Sunday; 'the week beginning 9 March' has its seven days. Without a year, where all dates of the rows lie in one. */
export function weeks(tokens: readonly Token[], x: Context, put: Put): void {
  tokens.forEach((t, i) => {
    if (t.lower !== 'week' || !/^(?:of|from|beginning|starting|around|with)$/.test(tokens[i + 1]?.lower ?? '')) return;
    const at = tokens[i + 2]?.lower === 'the' ? i + 3 : i + 2, [a, b, c] = [tokens[at], tokens[at + 1], tokens[at + 2]];
    if (!a || !b) return;
    const [month, day] = monthNumber(b.lower) > 0 ? [monthNumber(b.lower), a.value] : [monthNumber(a.lower), b.value];
    if (month === 0 || !(day >= 1 && day <= 31)) return;
    const said = /^(?:19|20)\d\d$/.test(c?.text ?? ''), year = said ? Number(c!.text) : onlyYear(x);
    const time = year === null ? null : dateOf(year, month, day);
    if (time === null) return;
    const from = /^(?:of|with|around)$/.test(tokens[i + 1]!.lower) ? time - ((new Date(time).getUTCDay() + 6) % 7) * DAY : time;
    put('period', i, at + (said ? 3 : 2), { from: writeDate(from, false), to: writeDate(from + 6 * DAY, false) } satisfies Period, -0.6);
  });
}

/** The year in which all dates of the rows lie; null where there are several. */
function onlyYear(x: Context): number | null {
  const found = new Set(outermost(x).flatMap((d) => { const read = d ? readDate(d) : null; return read ? [new Date(read.time).getUTCFullYear()] : []; }));
  return found.size === 1 ? [...found][0]! : null;
}

const DAY_WORDS = ORDINALS.slice(0, 20);

/** Which one in a row a word says, from 1: 'second', '2nd'; 0 where it says none. */
const ordinal = (t: Token): number => (/^\d{1,2}(?:st|nd|rd|th)$/.test(t.lower) ? t.value : DAY_WORDS.indexOf(t.lower) + 1);

/** A period without a column, for each column of dates where there are several: which one is meant is asked. */
export function datedPeriods(items: readonly Item[], x: Context, put: Put): void {
  const { head, vocabulary } = x;
  const dated = head.columns.filter((c) => isDate(c.type) || (c.type === 'text' && (head.glances?.get(c.name)?.dateShare ?? 0) >= 0.5));
  if (dated.length < 2 || dated.length > 4) return;
  // 'Orders in March' are most likely those ordered then.
  const isOwn = (name: string): boolean => !NOT_REAL.test(name) && name.toLowerCase().split(/[\s_]+/).some((w) => [...vocabulary.ownNouns].some((n) => n.length > 3 && stem(w).startsWith(n.slice(0, 5))));
  const likely = dated.filter((c) => isOwn(c.name)).map((c) => c.name);
  const first = rowDate(x);
  if (likely.length === 0 && first !== null) likely.push(first);
  const owned = likely.length > 0;
  for (const item of [...items]) {
    if (item.cat !== 'period') continue;
    for (const c of dated) {
      const own = likely.includes(c.name);
      put('datedPeriod', item.from, item.to, { column: c.name, period: item.value }, item.cost + (own ? 0.2 : owned ? 0.5 : 0.25));
    }
  }
}

/** 'the date', where no column is called so and only one holds dates. */
export function theDate(tokens: readonly Token[], columns: readonly ColumnMention[], context: Context, put: Put): void {
  const name = onlyDate(context);
  if (name === null) return;
  tokens.forEach((t, i) => {
    if ((t.lower === 'date' || t.lower === 'dates') && !columns.some((c) => c.from <= i && c.to > i && c.cost < 0.3)) put('col', i, i + 1, name, 0.3);
    if (t.lower === 'day' && /^(?:by|on|each|per|every|which|the|same)$/.test(tokens[i - 1]?.lower ?? '') && !columns.some((c) => c.from <= i && c.to > i && c.cost < 0.3)) put('col', i, i + 1, name, 0.4);
  });
}

/** Times of day: '20:30', 'noon', '8 pm', in minutes. */
export function clocks(tokens: readonly Token[], request: string, put: Put): void {
  tokens.forEach((t, i) => {
    if (t.lower === 'noon' || t.lower === 'midday') put('clock', i, i + 1, 720, 0);
    if (t.lower === 'midnight') put('clock', i, i + 1, 0, 0);
    // '8 in the morning', 'ten in the evening'
    const said = tokens[i + 1]?.lower === 'in' && tokens[i + 2]?.lower === 'the' ? tokens[i + 3]?.lower : tokens[i + 1]?.lower === 'at' ? tokens[i + 2]?.lower : undefined;
    const later = said === undefined ? null : /^(?:afternoon|evening|night)$/.test(said) ? 12 : said === 'morning' ? 0 : null;
    if (later !== null && t.value >= 1 && t.value <= 12) put('clock', i, i + (tokens[i + 1]!.lower === 'in' ? 4 : 3), ((t.value % 12) + later) * 60, -0.1);
    if (t.kind !== 'number') return;
    const [colon, min] = [tokens[i + 1], tokens[i + 2]];
    if ((colon?.lower === ':' || colon?.lower === '.') && min?.kind === 'number' && !min.spaced && /^\d{2}$/.test(min.text) && t.value < 24 && min.value < 60) {
      put('clock', i, i + 3, t.value * 60 + min.value, 0);
      if (colon.lower === ':') put('clockText', i, i + 3, request.slice(t.from, min.to), 0);
    }
    const half = tokens[i + 1]?.lower;
    if ((half === 'am' || half === 'pm') && t.value >= 1 && t.value <= 12) put('clock', i, i + 2, ((t.value % 12) + (half === 'pm' ? 12 : 0)) * 60, 0);
    if (half === "o'clock" && t.value < 24) put('clock', i, i + 2, t.value * 60, 0);
  });
}

/** Is a word that may be short for a month one? 'May' and 'mar' are other words too. */
function namesMonth(tokens: readonly Token[], i: number): boolean {
  const t = tokens[i]!, before = tokens[i - 1];
  if (t.capital || t.lower.length > 4 || /^(?:june|july|sept)$/.test(t.lower) || /^(?:19|20)\d\d$/.test(tokens[i + 1]?.text ?? '')) return true;
  return before !== undefined && (/^(?:in|of|before|after|since|until|till|during|from|through)$/.test(before.lower) || (before.value >= 1 && before.value <= 31));
}

/** 'The second week of' before a month: its days from the 8th to the 14th, where the first has seven of them. */
function weekBefore(tokens: readonly Token[], i: number): { readonly from: number; readonly days: readonly [number, number] } | null {
  const at = /^(?:of|in)$/.test(tokens[i - 1]?.lower ?? '') ? i - 2 : i - 1;
  const before = tokens[at - 1], week = before ? ordinal(before) : 0;
  return tokens[at]?.lower === 'week' && week >= 1 && week <= 4 ? { from: at - 1, days: [week * 7 - 6, week * 7] } : null;
}

/** Dates, months and ranges of dates. */
export function dates(tokens: readonly Token[], put: Put): void {
  const iso = (time: number | null): string | null => (time === null ? null : writeDate(time, false));
  tokens.forEach((t, i) => {
    if (t.kind === 'date') {
      const date = readDate(t.lower);
      if (date) put('date', i, i + 1, writeDate(date.time, false), 0);
    }
    const month = t.kind === 'word' && namesMonth(tokens, i) ? monthNumber(t.lower) : 0;
    if (month) {
      const week = weekBefore(tokens, i);
      if (week) {
        const [first, last] = week.days, said = tokens[i + 1]?.lower === ',' && tokens[i + 2]?.value === first && tokens[i + 4]?.value === last;
        put('period', week.from, i + (said ? 5 : 1), { from: '', to: '', month, days: week.days } satisfies Period, -0.3);
      }
      const before = tokens[i - 1], year = tokens[i + 1]?.lower === ',' ? tokens[i + 2] : tokens[i + 1];
      const y = year?.kind === 'number' && year.value >= 1900 && year.value <= 2200 ? year.value : null;
      const day = before && before.value >= 1 && before.value <= 31 ? before.value : null;
      if (y !== null) {
        put('period', i, i + 2, { from: iso(dateOf(y, month, 1)), to: iso(Date.UTC(y, month, 0)) } satisfies Record<string, string | null>, 0);
        if (day !== null) {
          const date = iso(dateOf(y, month, day));
          if (date) put('date', i - 1, i + 2, date, 0);
          // '10 to 21 March 2025', '1 March to 3 April 2025'
          const first = tokens[i - 3];
          if (first && first.value >= 1 && first.value <= 31 && /^(?:to|until|till|and|through|-|–)$/.test(tokens[i - 2]!.lower)) {
            const from = iso(dateOf(y, month, first.value));
            if (from && date) put('period', i - 3, i + 2, { from, to: date, range: true }, 0);
          }
        }
      }
      // '10 May to 10 June 2026', 'between 3 March and 2 April 2026': the year stands once
      if (y !== null && day !== null) {
        const at = [i - 2, i - 3].find((k) => /^(?:to|until|till|and|through|-|–)$/.test(tokens[k]?.lower ?? ''));
        const earlier = at === undefined ? undefined : tokens[at - 1], first = at === undefined ? undefined : tokens[at - 2];
        const m = earlier?.kind === 'word' ? monthNumber(earlier.lower) : 0;
        if (at !== undefined && at > 1 && m && first && first.value >= 1 && first.value <= 31) {
          const [a, b] = [iso(dateOf(y, m, first.value)), iso(dateOf(y, month, day))];
          if (a && b && a <= b) put('period', at - 2, i + 2, { from: a, to: b, range: true } satisfies Period, -0.1);
        }
      }
      // 'from the 1st to the 15th of March 2026', '1-15 March 2026'
      const of = before?.lower === 'of' ? i - 2 : i - 1;
      const last = tokens[of], joint = tokens[of - 1]?.lower === 'the' ? of - 2 : of - 1;
      if (y !== null && last && last.value >= 1 && last.value <= 31 && /^(?:to|until|till|and|through|-|–)$/.test(tokens[joint]?.lower ?? '')) {
        const start = tokens[joint - 1];
        const [a, b] = [start && start.value >= 1 && start.value <= 31 ? iso(dateOf(y, month, start.value)) : null, iso(dateOf(y, month, last.value))];
        if (a && b && a <= b) put('period', joint - 1, i + 2, { from: a, to: b, range: true }, 0);
      }
      // 'From the 7th to the 10th of April': of whatever year
      if (y === null && last && last.value >= 1 && last.value <= 31 && /^(?:to|until|till|through|-|–)$/.test(tokens[joint]?.lower ?? '')) {
        const start = tokens[joint - 1]?.value ?? NaN;
        if (Number.isInteger(start) && start >= 1 && start <= last.value) put('period', joint - 1, i + 1, { from: '', to: '', month, days: [start, last.value], range: true } satisfies Period, -0.1);
      }
      if (y !== null && before?.lower === 'of' && last && last.value >= 1 && last.value <= 31) {
        const date = iso(dateOf(y, month, last.value));
        if (date) put('date', of, i + 2, date, 0);
      }
      const after = tokens[i + 1];
      if (after && after.value >= 1 && after.value <= 31 && tokens[i + 2]?.lower === ',' && tokens[i + 3]?.kind === 'number') {
        const date = iso(dateOf(tokens[i + 3]!.value, month, after.value));
        if (date) put('date', i, i + 4, date, 0);
      }
      put('period', i, i + 1, { from: '', to: '', month } satisfies Period, 0.1);
      // '3 June', 'June 3': a day of whatever year.
      const ofDay = y === null && before?.lower === 'of' && tokens[i - 2]!.value >= 1 && tokens[i - 2]!.value <= 31 ? tokens[i - 2]!.value : null;
      if (ofDay !== null) put('period', i - 2, i + 1, { from: '', to: '', month, day: ofDay } satisfies Period, 0);
      if (y === null && day !== null) put('period', i - 1, i + 1, { from: '', to: '', month, day } satisfies Period, 0);
      if (y === null && day === null && after && after.value >= 1 && after.value <= 31 && tokens[i + 2]?.kind !== 'number') put('period', i, i + 2, { from: '', to: '', month, day: after.value } satisfies Period, 0.05);
    }
    if (t.lower === 'half' && tokens[i + 1]?.lower === 'of' && /^(?:first|second|1st|2nd)$/.test(tokens[i - 1]?.lower ?? '')) {
      const m = monthNumber(tokens[i + 2]?.lower ?? ''), y = Number(tokens[i + 3]?.text), first = /^(?:first|1st)$/.test(tokens[i - 1]!.lower);
      if (m > 0 && y >= 1900 && y <= 2200) put('period', i - 1, i + 4, { from: iso(dateOf(y, m, first ? 1 : 16)), to: first ? iso(dateOf(y, m, 15)) : iso(Date.UTC(y, m, 0)) }, -0.1);
      else if (m > 0) put('period', i - 1, i + 3, { from: '', to: '', month: m, days: first ? [1, 15] : [16, 31] } satisfies Period, -0.1);
    }
    if (/^(?:end|start|beginning)$/.test(t.lower) && tokens[i + 1]?.lower === 'of' && /^(?:19|20)\d\d$/.test(tokens[i + 2]?.text ?? '')) put('date', i, i + 3, `${tokens[i + 2]!.text}-${t.lower === 'end' ? '12-31' : '01-01'}`, 0);
    // 'The end of February 2025'
    if (/^(?:end|start|beginning)$/.test(t.lower) && tokens[i + 1]?.lower === 'of' && /^(?:19|20)\d\d$/.test(tokens[i + 3]?.text ?? '')) {
      const month = monthNumber(tokens[i + 2]!.lower), year = Number(tokens[i + 3]!.text);
      const date = month === 0 ? null : iso(Date.UTC(year, t.lower === 'end' ? month : month - 1, t.lower === 'end' ? 0 : 1));
      if (date) put('date', i, i + 4, date, 0);
    }
    // 'The first quarter of 2026', 'Q1 2026'
    const quarter = /^q([1-4])$/.exec(t.lower)?.[1] ?? (tokens[i + 1]?.lower === 'quarter' ? { first: '1', second: '2', third: '3', fourth: '4', last: '4', '1st': '1', '2nd': '2', '3rd': '3', '4th': '4' }[t.lower] : undefined);
    if (quarter !== undefined) {
      const behind = t.lower.startsWith('q') ? i + 1 : i + 2;
      const of = /^(?:of|in|,)$/.test(tokens[behind]?.lower ?? '') ? behind + 1 : behind;
      const year = tokens[of];
      if (year && /^(?:19|20)\d\d$/.test(year.text)) put('period', i, of + 1, { from: `${year.text}-${String(3 * Number(quarter) - 2).padStart(2, '0')}-01`, to: iso(Date.UTC(Number(year.text), 3 * Number(quarter), 0))! } satisfies Period, 0);
    }
    if (t.kind === 'number' && /^(?:19|20)\d\d$/.test(t.text)) put('period', i, i + 1, { from: `${t.text}-01-01`, to: `${t.text}-12-31` } satisfies Period, 0.3);
  });
}
