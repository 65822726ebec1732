import { changeCase } from '../values/letters';
import { FIND_WORDS, SORTS, finder, initialsOf, insideOf, slotOf } from '../values/find';
import { column, type Expression } from './expression';

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

/**
 * The smallest programs of text operations (pieces between marks, first letters, letter case, things found, fixed
 * texts) that turn every example's input into its output; cheapest first, those that give a result for more of the
 * sample before those that give fewer. Empty when there is none. Version space of the first example by dynamic
 * programming over its output, then tested on the rest: O(output² · atoms) for each example.
 */
export function programsFor(name: string, examples: readonly Example[], sample: readonly string[]): Program[] {
  const [first, ...rest] = examples;
  if (!first || first.output === '') return [];
  const tried = coverings(first, atomsOf(first.input, column(name))).slice(0, MOST_TRIED);
  const values = sample.filter((t) => t.trim() !== '').slice(0, 300);
  return tried
    .filter((p) => rest.every((e) => runText(p.expression, e.input) === e.output))
    .map((p) => ({ ...p, covers: values.length === 0 ? 1 : values.filter((t) => runText(p.expression, t) !== '').length / values.length }))
    .map((p) => ({ ...p, cost: p.cost + 3 * (1 - p.covers) }))
    .sort((a, b) => a.cost - b.cost);
}

/** Everything simple that can be taken out of a text, with the cheapest way to take it. */
function atomsOf(input: string, of: Expression): Map<string, Atom[]> {
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
  withLetters(input.trim(), of, 0.3);
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

/** Price of a fixed character: a mark is likely meant to be fixed, a letter or digit hardly. */
const fixedCost = (text: string): number => 0.3 + Array.from(text).reduce((sum, c) => sum + (/[\p{L}\p{N}]/u.test(c) ? 2.2 : 0.08), 0);

interface Cover {
  readonly parts: readonly Expression[];
  readonly cost: number;
}

/** The cheapest ways to write an output as a row of atoms and fixed texts. */
function coverings({ input, output }: Example, atoms: ReadonlyMap<string, readonly Atom[]>): { expression: Expression; cost: number }[] {
  const n = output.length;
  const at: Cover[][] = Array.from({ length: n + 1 }, () => []);
  at[0]!.push({ parts: [], cost: 0 });
  for (let i = 0; i < n; i++) {
    at[i]!.sort((a, b) => a.cost - b.cost);
    at[i]!.length = Math.min(at[i]!.length, WIDTH);
    for (let j = i + 1; j <= n; j++) {
      const text = output.slice(i, j);
      const ways = atoms.get(text) ?? [];
      if (ways.length === 0 && text.length > 20) continue;
      for (const cover of at[i]!) {
        for (const atom of ways) at[j]!.push({ parts: [...cover.parts, atom.expression], cost: cover.cost + atom.cost });
        if (cover.parts.at(-1)?.kind !== 'text') at[j]!.push({ parts: [...cover.parts, { kind: 'text', value: text }], cost: cover.cost + fixedCost(text) });
      }
    }
  }
  return at[n]!
    .filter((c) => c.parts.some((p) => p.kind !== 'text'))
    .sort((a, b) => a.cost - b.cost)
    .map((c) => ({ expression: c.parts.length === 1 ? c.parts[0]! : { kind: 'written' as const, of: c.parts }, cost: c.cost }))
    .filter((c) => runText(c.expression, input) === output);
}

/** What a text program over one column gives for one value of it; '' is blank. */
export function runText(e: Expression, input: string): string {
  switch (e.kind) {
    case 'column':
      return input.trim();
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
