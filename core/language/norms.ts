import type { CheckedHead } from '../formula/check';
import { any, column, not, type Expression } from '../formula/expression';
import type { Plan } from '../steps/registry';
import { uniqueName } from '../values/names';
import { piecesIn, rangeAt, type Ends, type Piece } from '../values/range';
import { columnMentions, vocabularyOf } from './mentions';
import { agreeing } from './grammar/bands';
import { sampleOf } from './grammar/samples';
import { tokens as tokensOf } from './words';

/* Norms in a text ('Grade A: moisture up to 17.5 %; above that grade B') read into a table of bands. */

/** One band: of what measure, from where to where, which class it is, at what rate, and the words that said so. */
export interface Norm {
  readonly measure: string;
  readonly from: number | null;
  readonly to: number | null;
  readonly ends: Ends;
  readonly unit: string;
  readonly klass: string;
  readonly rate: number | null;
  readonly said: string;
}

/** What was read of a text: its bands, and the lines that no band was found in. */
export interface Norms {
  readonly norms: readonly Norm[];
  readonly unread: readonly string[];
  /** What the classes are called: the column whose values they are, else 'Class'. */
  readonly called: string;
}

const FILLERS = new Set('is are be of the a an and in it its must should shall may have has with content for gets get counts count as to by classed means from mean then all every each any lots lot rows , : = - – — → ( ) . % goes go into makes make earn earns receive receives'.split(' '));
const HEADED = new Set(['content', 'contents', 'norms', 'norm', 'limits', 'limit', 'classes', 'grades', 'bands', 'rates', 'values', 'level', 'by', 'honey', 'water']);
const PAYS = new Set(['rate', 'pays', 'pay', 'paid', 'price', 'fee', 'bonus', 'deduction', 'surcharge', 'discount', 'at', 'costs', 'cost', 'premium', 'factor', 'charge', 'worth']);
const BEYOND = /^(.*?)\b(?:(?:everything|anything|all|what is)\s+)?(above|over|more than|beyond|below|under|less than)\s+(?:that|this|it)\b(.*)$/i;
const REST = /^(.*?)\b(the rest|otherwise|everything else|anything else|all else|the others|all others)\b(.*)$/i;
/** A norm without a class says what is within it. */
export const WITHIN = 'within';

/** Statements of a text: lines without their bullets and numbers, and sentences or halves of them within a line. */
const statements = (text: string): string[] =>
  text.split(/\r?\n/).flatMap((line) => line.replace(/^\s*(?:[-*•·]|\(?\d{1,2}[.)](?=\s+\D))\s+/u, '').split(/;|(?<=[\p{L}%)\d])\.(?=\s+\p{Lu})/u)).map((s) => s.replace(/\.\s*$/, '')).filter((s) => s.trim() !== '');

/** Texts in which one band may be said: cut at commas, but for 'more than 5 kg, up to 10 kg'. */
function segments(text: string): string[] {
  const out: string[] = [];
  for (const piece of text.split(/,(?!\d)|\s\/\s/).map((s) => s.trim()).filter((s) => s !== '')) {
    const before = out.at(-1);
    const joined = `${before}, ${piece}`;
    const [a, b, both] = [before ?? '', piece, joined].map(stretches) as [Found[], Found[], Found[]];
    if (a.length === 1 && b.length === 1 && both.length === 1 && a[0]!.to === Infinity && b[0]!.from === -Infinity) out[out.length - 1] = joined;
    else out.push(piece);
  }
  return out;
}

interface Found {
  readonly from: number;
  readonly to: number;
  readonly ends: Ends;
  readonly unit: string;
  /** The words around it. */
  readonly before: string;
  readonly after: string;
}

/** The stretches in a text, with the words before and behind each. */
function stretches(text: string): Found[] {
  const pieces = piecesIn(text), out: { at: number; next: number; found: NonNullable<ReturnType<typeof rangeAt>> }[] = [];
  for (let i = 0; i < pieces.length; ) {
    const found = startsWord(pieces, i) ? rangeAt(pieces, i) : null;
    if (found) out.push({ at: i, next: found.next, found });
    i = found ? found.next : i + 1;
  }
  const place = (i: number): number => pieces[i]?.at ?? text.length;
  return out.map(({ at, next, found }, k) => ({ ...found.range, unit: found.unit, before: text.slice(k ? place(out[k - 1]!.next) : 0, place(at)).trim(), after: text.slice(place(next), k + 1 < out.length ? place(out[k + 1]!.at) : text.length).trim() }));
}

const NUMBERED = new Set(['grade', 'class', 'group', 'category', 'level', 'type', 'zone', 'band', 'tier', 'no', 'number', 'step']);
/** A number that belongs to a name ('Grade 1') begins no stretch. */
const startsWord = (pieces: readonly Piece[], i: number): boolean => pieces[i]!.number === null || i === 0 || !NUMBERED.has(pieces[i - 1]!.text);

const tidy = (text: string): string => {
  const words = text.split(/\s+/);
  const filler = (w: string | undefined): boolean => w !== undefined && FILLERS.has(w.toLowerCase().replace(/[,:.()]+$/, ''));
  // 'grade A' ends in a letter that is no article there.
  while (words.length && filler(words[0]) && !(words.length === 1 && /^\p{Lu}$/u.test(words[0]!))) words.shift();
  while (words.length && filler(words.at(-1)) && !/^\p{Lu}$/u.test(words.at(-1)!)) words.pop();
  return words.join(' ').replace(/^[\s,:=–—→-]+|[\s,:=–—→-]+$/gu, '');
};

/** A row of a pasted table: from, to, class, rate. */
function tableRow(line: string): Pick<Norm, 'from' | 'to' | 'ends' | 'klass' | 'rate'> | null {
  const cells = line.split(/\t|\s*\|\s*/).map((c) => c.trim());
  const [from, to] = cells.slice(0, 2).map((c) => (/^[-–—]?$/.test(c) ? null : /^-?\d+(?:[.,]\d+)?\s*\p{L}{0,3}%?$/u.test(c) ? parseFloat(c.replace(',', '.')) : NaN));
  if (cells.length < 3 || from === undefined || to === undefined || Number.isNaN(from) || Number.isNaN(to) || (from === null && to === null)) return null;
  const others = cells.slice(2).filter((c) => c !== '');
  const paid = others.find((c) => rateIn(` ${c}`) !== null && !/\p{L}{4}/u.test(c));
  return { from, to, ends: 'both', klass: others.find((c) => c !== paid) ?? '', rate: paid === undefined ? null : rateIn(` ${paid}`) };
}

/** Bands of a table that touch hold the number where they meet once: it belongs to the higher one. */
const apart = (norms: readonly Norm[]): Norm[] => norms.map((n) => (n.ends === 'both' && n.to !== null && norms.some((o) => o !== n && o.measure === n.measure && o.ends === 'both' && o.from === n.to) ? { ...n, ends: 'from' } : n));

/** Reads the norms in a text, of the columns of a table. Pure; O(length). */
export function readNorms(text: string, head: CheckedHead): Norms {
  const vocabulary = vocabularyOf(head);
  const measured = (name: string): boolean => head.columns.find((c) => c.name === name)?.type !== 'text' || sampleOf(name, { head }).some((v) => /\d/.test(v) && /^[\s\d.,%-]+\p{L}{0,4}$/u.test(v));
  /** The column that some words name, and the words that are left. */
  const namedIn = (words: string, which: (column: string) => boolean): { readonly column: string; readonly rest: string; readonly after: string } | null => {
    const tokens = tokensOf(words);
    const [best] = columnMentions(tokens, vocabulary).filter((m) => m.cost < 0.6 && which(m.column)).sort((a, b) => a.cost - b.cost || b.to - b.from - (a.to - a.from));
    return best ? { column: best.column, after: tidy(words.slice(tokens[best.to - 1]!.to)), rest: tidy(`${words.slice(0, tokens[best.from]!.from)} ${words.slice(tokens[best.to - 1]!.to)}`) } : null;
  };
  const holdsClass = (name: string, klass: string): boolean => sampleOf(name, { head }).some((v) => v.trim().toLowerCase() === klass.toLowerCase());
  const classColumns = new Set<string>();
  /** A class without the name of its column: 'grade A' is A of Grade. */
  const classOf = (words: string): string => {
    const said = tidy(words);
    for (const c of head.columns) if (c.type === 'text' && holdsClass(c.name, said)) { classColumns.add(c.name); return said; }
    const named = namedIn(said, (c) => !measured(c));
    if (!named || named.rest === '') return said;
    classColumns.add(named.column);
    return named.after || named.rest;
  };
  /** The only measured column that has a unit in its name. */
  const byUnit = (unit: string): string => {
    const alike = unit === '' ? [] : head.columns.filter((c) => measured(c.name) && c.name.toLowerCase().split(/[\s_()]+/).includes(unit));
    return alike.length === 1 ? alike[0]!.name : '';
  };
  const norms: Norm[] = [], unread: string[] = [];
  let measure = '';
  for (const statement of statements(text)) {
    const row = tableRow(statement);
    if (row) {
      norms.push({ measure, unit: '', ...row, klass: row.klass === '' ? WITHIN : classOf(row.klass), said: statement.replace(/\s+/g, ' ').trim() });
      continue;
    }
    const cells = statement.split(/\t|\s*\|\s*|\s{3,}/).map((c) => c.trim()).filter((c) => c !== '');
    const colon = statement.indexOf(':');
    const label = colon > 0 && stretches(statement.slice(0, colon)).length === 0 && !REST.test(statement.slice(0, colon)) ? statement.slice(0, colon).trim() : '';
    const body = label === '' ? statement : statement.slice(colon + 1).trim();
    const heading = label === '' ? null : namedIn(label, measured);
    const own: Norm[] = [];
    let klass = '';
    if (heading) measure = heading.column;
    else if (label !== '') klass = classOf(label);
    let rate: number | null = null;
    for (const segment of cells.length > 2 ? [cells.join(' , ')] : segments(body)) {
      const found = stretches(segment);
      if (found.length === 0) {
        const last = own.at(-1) ?? (label === '' ? norms.at(-1) : undefined);
        const named = namedIn(segment, measured);
        const paid = rateIn(segment);
        const open = openEnd(segment, last);
        if (open) own.push({ ...open.norm, klass: open.words === '' ? klass || WITHIN : classOf(open.words), rate: paid, said: segment });
        else if (paid !== null) rate = paid;
        else if (named && named.rest === '') measure = named.column;
        else if (own.length > 0 && own.at(-1)!.klass === WITHIN && tidy(segment) !== '') own[own.length - 1] = { ...own.at(-1)!, klass: classOf(segment) };
        else if (klass === '' && tidy(segment) !== '' && label === '') klass = classOf(segment);
        continue;
      }
      for (const f of found) {
        const around = [f.before, f.after].map((w) => namedIn(w, measured));
        const told = around.find((m) => m !== null) ?? null;
        if (told) measure = told.column;
        const words = [f.before, f.after].map((w, k) => { const m = around[k]; return withoutRate(m !== null && m === told ? m.rest : w); }).map(tidy).filter((w) => w !== '').join(' ');
        const said = words === '' ? klass || WITHIN : classOf(words);
        own.push({ measure: measure || byUnit(f.unit), from: Number.isFinite(f.from) ? f.from : null, to: Number.isFinite(f.to) ? f.to : null, ends: f.ends, unit: f.unit, klass: said, rate: rateIn(f.after), said: found.length > 1 || segments(body).length > 1 ? segment : statement });
      }
    }
    if (own.length > 0) norms.push(...own.map((n) => ({ ...n, measure: n.measure || measure, rate: n.rate ?? rate })));
    else if (heading) continue;
    else {
      const named = namedIn(statement, measured);
      if (named && !/\d/.test(statement) && named.rest.replace(/\(.*?\)/g, '').trim().split(/\s+/).every((w) => w === '' || HEADED.has(w.toLowerCase()))) measure = named.column;
      else unread.push(statement.trim());
    }
  }
  const called = classColumns.size === 1 ? [...classColumns][0]! : 'Class';
  return { norms: apart(norms), unread, called };
}

/** The band that 'above that', 'below that' or 'the rest' opens, beside the last one; with the words that are left. */
function openEnd(segment: string, last: Norm | undefined): { readonly norm: Norm; readonly words: string } | null {
  if (!last) return null;
  const match = BEYOND.exec(segment) ?? REST.exec(segment);
  if (!match) return null;
  const words = tidy(withoutRate(`${match[1]} ${match[3]}`));
  const down = /below|under|less/i.test(match[2]!) || (last.to === null && REST.test(match[2]!));
  const bound = down ? last.from : last.to;
  if (bound === null) return null;
  const held = last.ends === 'both' || last.ends === (down ? 'from' : 'to');
  return { norm: { ...last, from: down ? null : bound, to: down ? bound : null, ends: held ? 'neither' : down ? 'to' : 'from' }, words };
}

const RATE = /(?:^|[\s(])(?:(?<word>\p{L}+)\s+(?:is\s+|of\s+|at\s+)?)?(?<sign>[€$£¥]?)\s?(?<number>\d+(?:[.,]\d+)?)\s?(?<unit>[€$£¥%]|euros?|cents?|eur)?(?<per>\s*(?:per|\/|a)\s*\p{L}+)?(?=$|[\s,;)])/giu;

/** An amount that is paid, in a text without a band. */
function rateIn(text: string): number | null {
  for (const { groups } of text.matchAll(RATE)) if (groups && (PAYS.has(groups.word?.toLowerCase() ?? '') || groups.sign || groups.per || /[€$£¥]|euro|eur|cent/i.test(groups.unit ?? ''))) return Number(groups.number!.replace(',', '.'));
  const alone = /^[\s,→=:|-]*(\d+(?:[.,]\d+)?)\s*%?$/.exec(text.replace(/^[^\d]*[,|→=]\s*/u, ''));
  return alone ? Number(alone[1]!.replace(',', '.')) : null;
}
const withoutRate = (text: string): string => (rateIn(text) === null ? text : text.replace(RATE, ' ').replace(/[,|→=]\s*\d+(?:[.,]\d+)?\s*%?\s*$/u, ' '));

/** The bands as rows of delimited text, with their words; a line that no band was found in is a row of its words alone, so that nothing is lost. */
export function normsTable({ norms, unread, called }: Norms): { readonly columns: readonly { readonly name: string; readonly type: 'text' | 'decimal' }[]; readonly text: string } {
  const units = norms.some((n) => n.unit !== ''), rates = norms.some((n) => n.rate !== null);
  const cell = (value: string | number | null): string => (typeof value === 'string' ? `"${value.replace(/"/g, '""')}"` : value === null ? '' : String(value));
  const columns = [
    { name: 'Measure', type: 'text' as const, of: (n: Norm) => n.measure },
    { name: 'From', type: 'decimal' as const, of: (n: Norm) => n.from },
    { name: 'To', type: 'decimal' as const, of: (n: Norm) => n.to },
    { name: 'Ends', type: 'text' as const, of: (n: Norm) => n.ends },
    ...(units ? [{ name: 'Unit', type: 'text' as const, of: (n: Norm) => n.unit }] : []),
    { name: called, type: 'text' as const, of: (n: Norm) => n.klass },
    ...(rates ? [{ name: 'Rate', type: 'decimal' as const, of: (n: Norm) => n.rate }] : []),
    { name: 'Said', type: 'text' as const, of: (n: Norm) => n.said.trim() },
  ];
  const lines = [columns.map((c) => cell(c.name)), ...norms.map((n) => columns.map((c) => cell(c.of(n)))), ...unread.map((u) => columns.map((c) => (c.name === 'Said' ? cell(u) : '')))];
  return { columns: columns.map(({ name, type }) => ({ name, type })), text: `${lines.map((l) => l.join(',')).join('\n')}\n` };
}

/** What can be said next with norms that are a table: for each measure what a row should be and whether it is, what it is paid, or that it must be within. */
export function afterNorms({ norms, called }: Norms, table: string, head: CheckedHead): Plan[][] {
  const taken = new Set(head.columns.map((c) => c.name.toLowerCase()));
  const free = (name: string): string => { const unique = uniqueName(name, [...taken]); taken.add(unique.toLowerCase()); return unique; };
  return [...new Set(norms.map((n) => n.measure))].filter((m) => m !== '').flatMap((measure): Plan[][] => {
    const own = norms.filter((n) => n.measure === measure);
    const band = (value: string): Expression => ({ kind: 'band', value, table, bounds: { kind: 'told', from: 'From', to: 'To', ends: 'Ends' }, of: column(measure), keys: [{ under: 'Measure', of: { kind: 'text', value: measure } }] });
    const out: Plan[][] = [];
    if (own.every((n) => n.klass === WITHIN)) {
      if (own.every((n) => n.rate === null)) out.push([{ step: 'check', where: any([{ kind: 'empty', of: column(measure) }, not({ kind: 'empty', of: band(called) })]) }]);
    } else {
      const actual = head.columns.find((c) => c.name === called);
      const name = free(actual ? `Expected ${called}` : called);
      const expected: Plan = { step: 'calculate', name, as: band(called), replace: false };
      out.push(actual ? [expected, { step: 'calculate', name: free(`${called} agrees`), as: agreeing(called, name), replace: false }] : [expected]);
    }
    if (own.some((n) => n.rate !== null)) out.push([{ step: 'calculate', name: free('Rate'), as: band('Rate'), replace: false }]);
    return out;
  });
}
