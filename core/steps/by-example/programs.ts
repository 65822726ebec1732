import { column, type Condition, type DatePart, type Expression } from '../../formula/expression';
import { DAY, MONTHS, WEEKDAYS, readDate } from '../../values/date';
import { FIGURE_STYLES, writeFigure } from '../../values/figure';
import { FIND_WORDS, SORTS, finder, initialsOf, insideOf, slotOf } from '../../values/find';
import { changeCase } from '../../values/letters';
import { readAmount } from '../../values/number';
import { personPart, readPerson } from '../../values/person';

/** A wished result for one text. */
export interface Example {
  readonly input: string;
  readonly output: string;
}

/** A program over one column that gives every example, and how many of the column's values it gives a result for. */
export interface Program {
  readonly expression: Expression;
  readonly cost: number;
  /** Share of the sample's values with a result, 0 to 1. */
  readonly covers: number;
}

interface Atom {
  readonly text: string;
  readonly expression: Expression;
  readonly cost: number;
}

const MARKS = [',', ';', '/', '|', ':', '-', '_', '@', '.', '(', ' '];
const BRACKETS = [['(', ')'], ['[', ']'], ['"', '"']] as const;
/** Most programs of the first example that are tried on the others. */
const MOST_TRIED = 300;
const WIDTH = 40;
/** Partial programs after which a search ends with what it has; a count and not a time, so that a busy machine finds the same. */
const MOST_EFFORT = 100_000;
interface Effort {
  left: number;
  /** All are names, with titles before some and no middle ones: pieces between marks do not tell them off. */
  readonly titled: boolean;
}
/** What telling two shapes apart costs. */
const BRANCH = 1.5;
const MOST_BRANCHES = 4;

/**
 * The smallest programs of text operations (pieces between marks, first letters, letter case, things found, parts of
 * dates, figures written anew, fixed texts) that turn every example's input into its output; cheapest first, those that
 * give a result for more of the sample before those that give fewer. Where no one program does, the examples are told
 * apart by a mark that some inputs have and others have not, and each lot gets its own. Empty when there is none. Version
 * space of the first example by dynamic programming over its output (after S. Gulwani, Automating String Processing in
 * Spreadsheets Using Input-Output Examples, POPL 2011), then tested on the rest: O(output² · atoms) for each example; ends
 * after `MOST_EFFORT` partial programs (about a tenth of a second) with what was found.
 */
export function programsFor(name: string, examples: readonly Example[], sample: readonly string[]): Program[] {
  const values = sample.filter((t) => t.trim() !== '').slice(0, 300);
  const effort: Effort = { left: MOST_EFFORT, titled: values.some((t) => (readPerson(t)?.title ?? '') !== '') && values.every((t) => readPerson(t)?.middle === '') };
  return ranked(search(name, examples, effort, MOST_BRANCHES).map((p) => ({ ...p, expression: sparing(alsoCapital(p.expression, examples), name, examples, values) })), values);
}

/** Where a word is put in title case, a first letter beside it that is a capital in every example is made one. */
function alsoCapital(expression: Expression, examples: readonly Example[]): Expression {
  if (expression.kind !== 'written' || !expression.of.some((p) => p.kind === 'cased' && p.letters === 'title')) return expression;
  const capital = (p: Expression): boolean => p.kind === 'letters' && p.side === 'first' && p.count === 1 && examples.every((e) => { const t = runText(p, e.input); return t === t.toUpperCase(); });
  return { ...expression, of: expression.of.map((p) => (capital(p) ? { kind: 'cased', letters: 'upper', of: p } : p)) };
}

/** A program that writes a text twice where it has not the mark of the examples ('Vera Lind Vera Lind', of names turned round at a comma) leaves such texts as they are. */
function sparing(expression: Expression, name: string, examples: readonly Example[], values: readonly string[]): Expression {
  const doubled = values.filter((t) => runText(expression, t).split(t.trim()).length > 2);
  const mark = doubled.length === 0 ? undefined : MARKS.find((m) => examples.every((e) => e.input.includes(m)) && !doubled.some((t) => t.includes(m)));
  return mark === undefined ? expression : { kind: 'choose', cases: [{ when: { kind: 'text', test: 'contains', of: column(name), texts: [mark] }, then: expression }], otherwise: column(name) };
}

/** Programs with what they cover: a result for few of the values is worth less. */
function ranked(found: readonly { expression: Expression; cost: number }[], values: readonly string[]): Program[] {
  return found
    .map((p) => ({ ...p, covers: values.length === 0 ? 1 : values.filter((t) => runText(p.expression, t) !== '').length / values.length }))
    .map((p) => ({ ...p, cost: p.cost + 0.8 * (1 - p.covers) }))
    .sort((a, b) => a.cost - b.cost);
}

function search(name: string, examples: readonly Example[], effort: Effort, branches: number): { expression: Expression; cost: number }[] {
  const [first, ...rest] = examples;
  if (!first) return [];
  const straight = first.output === '' ? [] : coverings(first, atomsOf(first.input, column(name), effort.titled), effort).slice(0, MOST_TRIED).filter((p) => rest.every((e) => runText(p.expression, e.input) === e.output));
  if (examples.every((e) => e.output === '')) return [{ expression: { kind: 'blank' }, cost: 0.5 }];
  // A program that writes letters of its own is hardly meant where telling shapes apart does without.
  if ((straight[0]?.cost ?? Infinity) < 2.2 || branches < 2 || examples.length < 2) return straight;
  const apart = branched(name, examples, effort, branches);
  return [...straight, ...apart].sort((a, b) => a.cost - b.cost);
}

/** One program where a mark stands, another where it does not. */
function branched(name: string, examples: readonly Example[], effort: Effort, branches: number): { expression: Expression; cost: number }[] {
  const out: { expression: Expression; cost: number }[] = [];
  for (const when of testsOf(name)) {
    if (effort.left <= 0) break;
    const [yes, no] = [examples.filter((e) => holdsText(when, e.input)), examples.filter((e) => !holdsText(when, e.input))];
    if (yes.length === 0 || no.length === 0) continue;
    const then = search(name, yes, effort, branches - 1)[0], otherwise = then && search(name, no, effort, branches - 1)[0];
    if (!then || !otherwise) continue;
    const more = otherwise.expression.kind === 'choose' ? otherwise.expression : null;
    out.push({ expression: { kind: 'choose', cases: [{ when, then: then.expression }, ...(more?.cases ?? [])], otherwise: more?.otherwise ?? otherwise.expression }, cost: then.cost + otherwise.cost + BRANCH });
  }
  return out.filter((p) => examples.every((e) => runText(p.expression, e.input) === e.output)).sort((a, b) => a.cost - b.cost);
}

/** What may tell one shape from another, the plainest first. */
const testsOf = (name: string): Condition[] => [
  ...MARKS.map((mark): Condition => ({ kind: 'text', test: 'contains', of: column(name), texts: [mark] })),
  { kind: 'holds', what: { kind: 'sort', sort: 'number' }, of: column(name) },
  { kind: 'holds', what: { kind: 'sort', sort: 'date' }, of: column(name) },
];

/** Does a test of a branch hold for a text? */
function holdsText(condition: Condition, input: string): boolean {
  if (condition.kind === 'text') return condition.texts.some((t) => input.toLowerCase().includes(t.toLowerCase()));
  return condition.kind === 'holds' && finder(condition.what)(input).length > 0;
}

/** Everything simple that can be taken out of a text, with the cheapest way to take it. */
function atomsOf(input: string, of: Expression, titled: boolean): Map<string, Atom[]> {
  const found = new Map<string, Atom[]>();
  const put = (text: string, expression: Expression, cost: number): void => {
    if (text === '') return;
    const list = found.get(text) ?? found.set(text, []).get(text)!;
    if (list.length < 4) list.push({ text, expression, cost });
  };
  const withLetters = (text: string, expression: Expression, cost: number): void => {
    put(text, expression, cost);
    for (const letters of ['upper', 'lower', 'title'] as const) {
      const cased = changeCase(text, letters);
      if (cased !== text) put(cased, { kind: 'cased', letters, of: expression }, cost + 0.4);
    }
    const all = Array.from(text);
    for (let count = 1; count <= Math.min(4, all.length - 1); count++) {
      for (const side of ['first', 'last'] as const) {
        const some = (side === 'first' ? all.slice(0, count) : all.slice(-count)).join('');
        const cut: Expression = { kind: 'letters', side, count, of: expression };
        put(some, cut, cost + 0.5 + 0.15 * count + (side === 'last' ? 0.2 : 0));
        if (some !== some.toUpperCase()) put(some.toUpperCase(), { kind: 'cased', letters: 'upper', of: cut }, cost + 0.8 + 0.15 * count);
      }
    }
  };
  const slots = (text: string, expression: Expression, cost: number, deep: boolean): void => {
    for (const mark of MARKS) {
      if (!text.trim().includes(mark)) continue;
      const pieces = mark === ' ' ? text.trim().split(/\s+/) : text.split(mark);
      pieces.slice(0, 8).forEach((_, i) => {
        for (const n of [i + 1, i - pieces.length]) {
          const piece = slotOf(text, mark, n);
          if (piece === '' || piece === text) continue;
          const slot: Expression = { kind: 'slot', n, mark, of: expression };
          const price = cost + 0.5 + (n < 0 ? 0.15 : 0) + (mark === ' ' ? 0.25 : 0) + (mark === '.' || mark === '(' ? 0.2 : 0);
          withLetters(piece, slot, price);
          if (deep) slots(piece, slot, price, false);
        }
      });
    }
  };
  // Only the first few ways to the same text are kept: those that say most come first.
  dateAtoms(input, of, put);
  const amount = /\d/.test(input) ? readAmount(input) : null;
  if (amount) for (const style of FIGURE_STYLES) for (let places = style === 'decimal comma' ? 1 : 0; places <= 3; places++) put(writeFigure(amount.value, { style, places }), { kind: 'figure', style, places, of }, 0.7 + 0.05 * places);
  withLetters(input.trim(), of, 0.3);
  // Parts of a person's name, where pieces between marks do not give them.
  const person = readPerson(input);
  if (person?.last) for (const part of ['first', 'last', 'middle', 'title'] as const) if (person[part] !== '') withLetters(person[part], { kind: 'person', part, of }, titled ? 0.2 : 0.95);
  slots(input, of, 0, true);
  for (const [open, close] of BRACKETS) withLetters(insideOf(input, open, close), { kind: 'inside', open, close, of }, 0.55);
  for (const sort of SORTS) {
    const all = finder({ kind: 'sort', sort })(input);
    if (all[0]) withLetters(all[0], { kind: 'found', what: { kind: 'sort', sort }, which: 'first', of }, 0.75 + FIND_WORDS[sort].length / 200);
    if (all.length > 1) withLetters(all.at(-1)!, { kind: 'found', what: { kind: 'sort', sort }, which: 'last', of }, 0.95);
  }
  const letters = initialsOf(input);
  if (letters.length > 1) put(letters, { kind: 'initials', of }, 0.6);
  return found;
}

const NUMBERS: readonly DatePart[] = ['day', 'month', 'year', 'quarter'];

/** Parts of a date, as they stand in other ways to write one. A date that can be read in two ways is none. */
function dateAtoms(input: string, of: Expression, put: (text: string, expression: Expression, cost: number) => void): void {
  const date = readDate(input.trim());
  if (!date || date.ambiguous) return;
  for (const part of NUMBERS) {
    const e: Expression = { kind: 'part', part, of };
    put(runText(e, input), e, 0.35);
    if (part === 'day' || part === 'month') put(runText(e, input).padStart(2, '0'), { kind: 'padded', length: 2, fill: '0', of: e }, 0.36);
    if (part === 'year') put(runText(e, input).slice(-2), { kind: 'letters', side: 'last', count: 2, of: e }, 0.5);
  }
  for (const part of ['month name', 'weekday'] as const) {
    const e: Expression = { kind: 'part', part, of };
    const text = runText(e, input);
    put(text, e, 0.35);
    for (const count of [3, 2]) put(text.slice(0, count), { kind: 'letters', side: 'first', count, of: e }, 0.4);
    put(text.slice(0, 3).toUpperCase(), { kind: 'cased', letters: 'upper', of: { kind: 'letters', side: 'first', count: 3, of: e } }, 0.9);
  }
}

/** A part of a date read from a text; '' where there is none. */
function datePart(part: DatePart, text: string): string {
  const time = readDate(text.trim())?.time;
  if (time === undefined) return '';
  const d = new Date(Math.floor(time / DAY) * DAY);
  switch (part) {
    case 'day':
      return String(d.getUTCDate());
    case 'month':
      return String(d.getUTCMonth() + 1);
    case 'year':
      return String(d.getUTCFullYear());
    case 'quarter':
      return String(Math.floor(d.getUTCMonth() / 3) + 1);
    case 'month name':
      return MONTHS[d.getUTCMonth()]!;
    case 'weekday':
      return WEEKDAYS[d.getUTCDay()]!;
    default:
      return '';
  }
}

/** Price of a fixed character: a mark is likely meant to be fixed, a letter or digit hardly. */
const fixedCost = (text: string): number => 0.3 + Array.from(text).reduce((sum, c) => sum + (/[\p{L}\p{N}]/u.test(c) ? 2.2 : 0.08), 0);

interface Cover {
  readonly parts: readonly Expression[];
  readonly cost: number;
}

/** Are days or months written with two figures beside others that are not? */
const mixed = (parts: readonly Expression[]): boolean => parts.some((p) => p.kind === 'padded') && parts.some((p) => p.kind === 'part' && (p.part === 'day' || p.part === 'month'));

/** The cheapest ways to write an output as a row of atoms and fixed texts. */
function coverings({ input, output }: Example, atoms: ReadonlyMap<string, readonly Atom[]>, effort: Effort): { expression: Expression; cost: number }[] {
  const n = output.length;
  const at: Cover[][] = Array.from({ length: n + 1 }, () => []);
  at[0]!.push({ parts: [], cost: 0 });
  for (let i = 0; i < n && effort.left > 0; i++) {
    at[i]!.sort((a, b) => a.cost - b.cost);
    at[i]!.length = Math.min(at[i]!.length, WIDTH);
    for (let j = i + 1; j <= n; j++) {
      const text = output.slice(i, j);
      const ways = atoms.get(text) ?? [];
      if (ways.length === 0 && text.length > 20) continue;
      effort.left -= at[i]!.length * (ways.length + 1);
      for (const cover of at[i]!) {
        for (const atom of ways) at[j]!.push({ parts: [...cover.parts, atom.expression], cost: cover.cost + atom.cost });
        if (cover.parts.at(-1)?.kind !== 'text') at[j]!.push({ parts: [...cover.parts, { kind: 'text', value: text }], cost: cover.cost + fixedCost(text) });
      }
    }
  }
  return at[n]!
    .filter((c) => c.parts.some((p) => p.kind !== 'text'))
    .map((c) => ({ ...c, cost: c.cost + (mixed(c.parts) ? 0.3 : 0) }))
    .sort((a, b) => a.cost - b.cost)
    .map((c) => ({ expression: c.parts.length === 1 ? c.parts[0]! : { kind: 'written' as const, of: c.parts }, cost: c.cost }))
    .filter((c) => runText(c.expression, input) === output);
}

/** What a text program over one column gives for one value of it; '' is blank. */
export function runText(e: Expression, input: string): string {
  switch (e.kind) {
    case 'column':
      return input.trim();
    case 'choose':
      return runText(e.cases.find((c) => holdsText(c.when, input))?.then ?? e.otherwise, input);
    case 'part':
      return datePart(e.part, runText(e.of, input));
    case 'padded': {
      const text = runText(e.of, input).trim();
      return text === '' ? '' : text.padStart(e.length, e.fill);
    }
    case 'figure': {
      const amount = readAmount(runText(e.of, input));
      return amount ? writeFigure(amount.value, e) : '';
    }
    case 'text':
      return e.value;
    case 'cased':
      return changeCase(runText(e.of, input), e.letters);
    case 'letters': {
      const all = Array.from(runText(e.of, input).trim());
      return (e.side === 'first' ? all.slice(0, e.count) : all.slice(-e.count)).join('');
    }
    case 'slot':
      return slotOf(runText(e.of, input), e.mark, e.n);
    case 'inside':
      return insideOf(runText(e.of, input), e.open, e.close);
    case 'person':
      return personPart(runText(e.of, input), e.part);
    case 'initials':
      return initialsOf(runText(e.of, input));
    case 'found': {
      const all = finder(e.what)(runText(e.of, input));
      return (e.which === 'first' ? all[0] : all.at(-1)) ?? '';
    }
    case 'written': {
      const all = e.of.map((part) => runText(part, input));
      return all.some((t) => t === '') ? '' : all.join('');
    }
    default:
      return '';
  }
}
