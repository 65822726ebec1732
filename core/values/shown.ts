import type { DateLook, Look } from '../table/look';
import type { CellValue } from './cell';
import { MONTHS, WEEKDAYS } from './date';
import { writeNumber } from './number';

/** An ISO 8601 date (with a time, or without) as a look writes it; anything else as it is. */
function dateShown(text: string, look: DateLook): string {
  const parts = /^(\d{4})-(\d{2})-(\d{2})(?:T(\d{2}:\d{2}).*)?$/.exec(text);
  if (!parts) return text;
  const [, year, month, day, time] = parts;
  const named = `${Number(day)} ${MONTHS[Number(month) - 1]!} ${year}`;
  const written: Record<DateLook, string> = {
    'day month year': named,
    'weekday day month year': `${WEEKDAYS[new Date(Date.UTC(Number(year), Number(month) - 1, Number(day))).getUTCDay()]!} ${named}`,
    'month year': `${MONTHS[Number(month) - 1]!} ${year}`,
    'day/month/year': `${day}/${month}/${year}`,
    'day.month.year': `${day}.${month}.${year}`,
    'month/day/year': `${month}/${day}/${year}`,
    'year-month-day': `${year}-${month}-${day}`,
  };
  return time === undefined || look === 'month year' ? written[look] : `${written[look]} ${time}`;
}

/** Groups of three before the decimal point. */
const apart = (digits: string): string => digits.replace(/\B(?=(?:\d{3})+(?!\d))/g, '\u202f');

function numberShown(value: number, look: Look): string {
  const size = Math.abs(look.percent ? Number((value * 100).toPrecision(15)) : value);
  const digits = writeNumber(size, look.decimals);
  const [whole = '', part] = digits.split('.');
  const figure = `${look.thousands ? apart(whole) : whole}${part === undefined ? '' : `.${part}`}`;
  const { sign } = look;
  const signed = `${sign?.side === 'front' ? `${sign.text}${/[\p{L}.]$/u.test(sign.text) ? '\u00a0' : ''}` : ''}${figure}${look.percent ? '\u202f%' : ''}${sign?.side === 'behind' ? `\u00a0${sign.text}` : ''}`;
  // What rounds to nought has no sign.
  if (value >= 0 || (look.decimals !== undefined && Number(digits) === 0)) return signed;
  return look.brackets ? `(${signed})` : `\u2212${signed}`;
}

/** A cell as its column shows it. Without a look, and where it does not apply (texts among numbers), as it is kept; '' is blank. */
export function shown(value: CellValue, look?: Look | null): string {
  if (value === null) return '';
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (!look) return String(value);
  if (typeof value === 'number') return look.decimals === undefined && !look.thousands && !look.percent && !look.sign && !look.brackets ? String(value) : numberShown(value, look);
  return look.date ? dateShown(value, look.date) : value;
}
