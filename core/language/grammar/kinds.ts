import { readsAsDate } from '../../formula/check';
import { isDate, isQuantity } from '../../table/column';
import { MONEY, unitInName } from '../../formula/dimensions';
import { readAddress } from '../../values/address';
import { finder, type FindSort } from '../../values/find';
import { readPerson } from '../../values/person';
import type { Context } from '../acts';
import { rule } from '../chart';
import { sampleOf } from './samples';

/* Columns by what they hold: 'the date columns', 'the names and e-mails'. */

type Head = Pick<Context, 'head'>;

/** Do most filled cells of a column pass a test, at least such a share of those that are looked at? */
export function mostly(name: string, x: Head, test: (text: string) => boolean, share = 0.7): boolean {
  const all = sampleOf(name, x).filter((v) => v.trim() !== '').slice(0, 200);
  return all.length > 0 && all.filter(test).length >= all.length * share;
}

/** Does a column hold persons' names for the most part? */
export const persons = (name: string, x: Head): boolean => mostly(name, x, (v) => readPerson(v) !== null);

/** Whole names, that is: of two words or more, under a heading that somebody may be named by. */
const PEOPLE = /name|member|person|grower|keeper|owner|contact|customer|client|employee|staff|author|patient|pupil|student|tenant|driver|teacher|guest|child|kid|player|singer|passenger|speaker|runner|rider|trainee|volunteer|holder|borrower|seller|buyer|agent|artist|captain|referee|swimmer|visitor|participant/i;
const isNames = (name: string, x: Head): boolean => PEOPLE.test(name) && persons(name, x) && mostly(name, x, (v) => /\S\s+\S/.test(v.trim()));

const wholly = (sort: FindSort) => {
  const find = finder({ kind: 'sort', sort });
  return (text: string): boolean => find(text)[0]?.length === text.trim().length;
};
const [aMail, aPhone] = [wholly('email'), wholly('phone')];
const isMail = (name: string, x: Head): boolean => mostly(name, x, aMail), isPhone = (name: string, x: Head): boolean => mostly(name, x, aPhone);
/** Mail addresses, telephone numbers and postal addresses, also mixed. */
const isContact = (name: string, x: Head): boolean => mostly(name, x, (v) => aMail(v) || aPhone(v) || readAddress(v) !== null);

const SUMS = /\b(?:amounts?|total|balance|net|gross|value|budget|due|deposit|payout|remittance)\b|[€£$]|\b(?:eur|gbp|usd)\b/i;

const texts = (x: Context): readonly string[] => x.head.columns.filter((c) => c.type === 'text').map((c) => c.name);
const found = (names: readonly string[]): string[] | null => (names.length ? [...names] : null);
const several = (names: readonly string[]): string[] | null => (names.length > 1 ? [...names] : null);
const ofTexts = (x: Context, test: (name: string, x: Head) => boolean): string[] => texts(x).filter((n) => test(n, x));

/** Is no column called by the word itself? Then it speaks of what columns hold. */
const unless = (x: Context, word: RegExp): boolean => !x.head.columns.some((c) => word.test(c.name));

export const kindRules = [
  rule('kindCols', 'date|dates|time|times column|columns|fields', (_s, x: Context) => found(x.head.columns.filter((c) => readsAsDate(x.head, c.name)).map((c) => c.name)), 0),
  rule('kindCols', 'number|numeric|numerical|figure column|columns|fields', (_s, x: Context) => found(x.head.columns.filter((c) => isQuantity(c.type) && !isDate(c.type)).map((c) => c.name)), 0),
  rule('kindCols', 'money|currency|monetary columns|fields|amounts|values|figures', (_s, x: Context) => found(x.head.columns.filter((c) => isQuantity(c.type) && !isDate(c.type) && (MONEY.test(c.name) || SUMS.test(c.name)) && unitInName(c.name) === null).map((c) => c.name)), -0.2),
  rule('kindCols', 'text|texts column|columns|fields', (_s, x: Context) => found(texts(x)), 0),
  rule('kindCols', 'all|every|each columns|column|fields', (_s, x: Context) => several(x.head.columns.map((c) => c.name)), 0.1),
  rule('kindCols', 'names columns|column|fields?', (_s, x: Context) => (unless(x, /^names?$/i) ? found(ofTexts(x, isNames)) : null), 0.2),
  rule('kindCols', '~emailWord columns|column|fields?', (_s, x: Context) => (unless(x, /mail/i) ? found(ofTexts(x, isMail)) : null), 0.2),
  rule('kindCols', '~phoneWord columns|column|fields?', (_s, x: Context) => (unless(x, /phone|tel/i) ? found(ofTexts(x, isPhone)) : null), 0.2),
  rule('kindCols', 'contact|personal details|data|information|info|columns', (_s, x: Context) => found(ofTexts(x, isContact)), 0.1),
  rule('cols', '$kindCols:k', ({ k }) => k, 0.1),
  rule('cols', '$kindCols:k ~list $cols:b', ({ k, b }) => { const all = [...k, ...b]; return new Set(all).size === all.length ? all : null; }, 0.1),
].flat();
