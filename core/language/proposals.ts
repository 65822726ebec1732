import type { CheckedHead } from '../formula/check';
import { column, not, number, rowsCounted } from '../formula/expression';
import type { Glance } from '../profile/glance';
import { withoutHidden } from '../table/table';
import { onlyPerhaps, spellingGroups } from '../match/spellings';
import { checkPlan, sayPlan, type Plan } from '../steps/registry';
import { readAmount } from '../values/number';
import { readDate } from '../values/date';
import { readYesNo } from '../values/yesno';

/** Something worth saying next: an exact sentence, why, and how many rows it would touch. */
export interface Proposal {
  readonly sentence: string;
  readonly why: string;
  readonly rows: number;
}

type Values = NonNullable<Glance['values']>;
const NOTHING = /^(?:n\/?a|n\.a\.|-+|–|none|null|unknown|\?+|nil|tbd|not known|missing)$/i;
const count = (values: Values, test: (text: string) => boolean): number => values.reduce((n, [v, k]) => n + (v.trim() !== '' && test(v) ? k : 0), 0);
const letters = (text: string): boolean => /\p{L}{2}/u.test(text);

/**
 * What a table's glances suggest, what touches most rows in proportion first: text that is numbers or dates, stray
 * spaces, one value in several spellings, ways of saying 'nothing', empty columns, two things in one column. Every
 * sentence is checked against the table. O(distinct values).
 */
export function proposals(whole: CheckedHead): Proposal[] {
  const head = withoutHidden(whole);
  const out: (Proposal & { readonly weight: number })[] = [];
  const put = (plan: Plan, why: string, rows: number, weight: number): void => {
    if (rows > 0 && checkPlan(plan, head).length === 0) out.push({ sentence: sayPlan(plan), why, rows, weight });
  };
  const empty: string[] = [];
  for (const { name, type } of head.columns) {
    const g = head.glances?.get(name);
    if (!g || g.rows === 0) continue;
    const filled = g.rows - g.blanks;
    if (filled === 0) {
      empty.push(name);
      continue;
    }
    if (type !== 'text' || !g.values) continue;
    const { values } = g;
    const nothings = values.filter(([v]) => NOTHING.test(v.trim())).map(([v]) => v.trim());
    const real = filled - count(values, (v) => NOTHING.test(v.trim()));
    const numbers = count(values, (v) => readAmount(v) !== null), dates = count(values, (v) => readDate(v, g.dayFirst) !== null);
    const meanings = [...new Set(nothings)].slice(0, 5).map((text) => ({ text, as: '' }));
    if (real > 0 && dates / real >= 0.9) put({ step: 'convert', columns: [name], to: 'date', ...(meanings.length ? { meanings } : {}) }, `${Math.round((100 * dates) / real)} % of “${name}” can be read as dates`, filled, 5);
    else if (real > 0 && numbers / real >= 0.9 && g.units <= 2) put({ step: 'convert', columns: [name], to: 'decimal', ...(meanings.length ? { meanings } : {}) }, `“${name}” is text that can be read as numbers`, filled, 4.5);
    else {
      const stray = count(values, (v) => v !== v.trim() || /\s{2,}/.test(v.trim()));
      if (stray) put({ step: 'tidy', columns: [name], ways: ['trim', 'squeeze'] }, `“${name}” has stray spaces`, stray, 4 + stray / g.rows);
      const yesNo = real > 0 && values.length <= 8 && values.length > 2 && values.every(([v]) => v.trim() === '' || readYesNo(v) !== null);
      if (yesNo) put({ step: 'convert', columns: [name], to: 'yesno' }, `“${name}” says yes and no in ${values.length} ways`, filled, 4);
      else spellings(name, values, filled, put);
      if (nothings.length && nothings.length < values.length) put({ step: 'replace', columns: [name], find: { kind: 'texts', place: 'whole', texts: [...new Set(nothings)].slice(0, 10) }, with: '' }, `“${name}” says “${nothings[0]}” where nothing is known`, filled - real, 2.5);
      twoThings(name, values, filled, head, put);
    }
  }
  rules(head, put);
  if (empty.length) put({ step: 'drop', columns: empty }, empty.length === 1 ? `“${empty[0]}” is empty` : `${empty.length} columns are empty`, head.glances?.get(empty[0]!)?.rows ?? 0, 3);
  return out.sort((a, b) => b.weight - a.weight || b.rows - a.rows).map(({ weight: _w, ...p }) => p);
}

type Put = (plan: Plan, why: string, rows: number, weight: number) => void;

/** Values in more than one spelling; or, where most values are another one each, names in capitals or small letters. */
function spellings(name: string, values: Values, filled: number, put: Put): void {
  const texts = values.filter(([v]) => letters(v));
  const alike = values.length <= filled * 0.7 ? spellingGroups(texts.map(([text, count]) => ({ text, count }))) : [];
  const rows = alike.reduce((n, g) => n + g.variants.reduce((k, v) => k + (onlyPerhaps(v.ground) ? 0 : v.count), 0), 0);
  if (rows) return put({ step: 'standardise', column: name }, `“${name}” has values in more than one spelling`, rows, 4.2);
  const shouting = texts.filter(([v]) => v === v.toUpperCase() || v === v.toLowerCase());
  if (shouting.length < 3 || shouting.length === texts.length || shouting.length / texts.length <= 0.15 || texts.some(([v]) => v.trim().split(/\s+/).length > 4)) return;
  put({ step: 'tidy', columns: [name], ways: ['title'] }, `“${name}” is partly in capitals or small letters`, shouting.reduce((n, [, k]) => n + k, 0), 3.5);
}

/** Share of cells that may be blank, or repeated, in a column that is meant to be filled, or to tell rows apart. */
const SLIPS = 0.02;

/** Rules that the table nearly keeps: a column that tells the rows apart, columns that are filled but for a few cells. */
function rules(head: CheckedHead, put: Put): void {
  for (const [i, { name }] of head.columns.entries()) {
    const g = head.glances?.get(name);
    if (!g || g.rows < 20) continue;
    if (g.blanks > 0 && g.blanks <= g.rows * SLIPS) put({ step: 'check', where: not({ kind: 'empty', of: column(name) }) }, `“${name}” is filled but for ${g.blanks} of ${g.rows} rows`, g.blanks, 0.9);
    if (i > 0 || g.blanks > 0 || !g.values) continue;
    const repeated = g.values.filter(([, k]) => k > 1).reduce((n, [, k]) => n + k, 0);
    if (repeated <= g.rows * SLIPS) put({ step: 'check', where: { kind: 'compare', op: '=', left: rowsCounted([name]), right: number(1) } }, repeated ? `“${name}” tells the rows apart but for ${repeated}` : `“${name}” tells the rows apart`, repeated || g.rows, 0.8);
  }
}

const JOINTS = [' - ', ' / ', '/', ';', ', '];

/** A mark that cuts nearly every value into the same number of parts. */
function twoThings(name: string, values: Values, filled: number, head: CheckedHead, put: Put): void {
  for (const mark of JOINTS) {
    const two = count(values, (v) => v.split(mark).length === 2 && v.split(mark).every((p) => p.trim() !== ''));
    if (two / filled < 0.9 || values.length < 4) continue;
    const taken = new Set(head.columns.map((c) => c.name.toLowerCase()));
    const into = [1, 2].map((i) => `${name} ${i}`);
    if (into.some((n) => taken.has(n.toLowerCase()))) return;
    put({ step: 'split', column: name, at: { kind: 'mark', text: mark.trim() }, which: 'every', into }, `“${name}” holds two things with “${mark.trim()}” between`, two, 2);
    return;
  }
}
