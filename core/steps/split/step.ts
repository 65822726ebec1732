import Joi from 'joi';
import { textChunk, type ColumnHead } from '../../table/column';
import { columnOf } from '../../table/table';
import { chunkTexts } from '../../values/cell';
import { between, choice, columnName, columnNames, field, list, mapped, numeral, oneOf, quoted, record, word } from '../../language/exact';
import { checkNewNames, withNew, type Kind, type StepDefinition } from '../step';

/** Where a text is cut: at a mark, where letters change to digits and back, or after so many characters. */
export type Cut = { readonly kind: 'mark'; readonly text: string } | { readonly kind: 'change' } | { readonly kind: 'places'; readonly after: readonly number[] };

/** Cut one column into several. With `which`, only the first or last mark cuts. */
export interface SplitPlan {
  readonly step: 'split';
  readonly column: string;
  readonly at: Cut;
  readonly which: 'every' | 'first' | 'last';
  readonly into: readonly string[];
}

const cut = choice<Cut>(
  mapped(quoted, (text): Cut => ({ kind: 'mark', text }), (c) => (c.kind === 'mark' ? c.text : null)),
  mapped(word('the change from letters to digits'), (): Cut => ({ kind: 'change' }), (c) => (c.kind === 'change' ? undefined : null)),
  mapped(between('character ', list(numeral, 1), ''), (after): Cut => ({ kind: 'places', after }), (c) => (c.kind === 'places' ? c.after : null)),
);

/** Split a text at a cut into at most `most` trimmed pieces; the last piece keeps what is left. */
export function cutText(text: string, at: Cut, which: SplitPlan['which'], most: number): string[] {
  const cell = text.trim();
  if (at.kind === 'change') {
    const pieces = cell.match(/\p{L}+|\d+/gu) ?? [];
    return pieces.length <= most ? pieces : [...pieces.slice(0, most - 1), pieces.slice(most - 1).join('')];
  }
  if (at.kind === 'places') {
    const all = Array.from(cell);
    const ends = [...at.after.filter((n) => n < all.length).slice(0, most - 1), all.length];
    return ends.map((end, i) => all.slice(i === 0 ? 0 : ends[i - 1]!, end).join('').trim());
  }
  const mark = at.text;
  if (which !== 'every') {
    const found = which === 'first' ? cell.indexOf(mark) : cell.lastIndexOf(mark);
    return found < 0 ? [cell] : [cell.slice(0, found).trim(), cell.slice(found + mark.length).trim()];
  }
  const pieces: string[] = [];
  let rest = cell;
  while (pieces.length < most - 1) {
    const found = mark === ' ' ? rest.search(/\s/) : rest.indexOf(mark);
    if (found < 0) break;
    pieces.push(rest.slice(0, found).trim());
    rest = rest.slice(found + mark.length).trimStart();
  }
  return [...pieces, rest.trim()];
}

/** Names of marks, for kinds and documents. */
export const markName = (at: Cut): string =>
  at.kind === 'change' ? 'change from letters to digits' : at.kind === 'places' ? 'place said' : ({ ',': 'comma', ';': 'semicolon', ' ': 'space', '/': 'slash', '-': 'dash', ':': 'colon', '|': 'bar', '.': 'point', '@': '@' }[at.text.trim() || ' '] ?? `“${at.text}”`);

export const split: StepDefinition<SplitPlan> = {
  step: 'split',
  title: 'cut one column into several',
  example: 'Split ‹Name› at "," into ‹Surname› and ‹First name›',
  schema: Joi.object({
    step: Joi.valid('split').required(),
    column: Joi.string().required(),
    at: Joi.alternatives().try(Joi.object({ kind: Joi.valid('mark').required(), text: Joi.string().min(1).max(1_000).required() }), Joi.object({ kind: Joi.valid('change').required() }), Joi.object({ kind: Joi.valid('places').required(), after: Joi.array().items(Joi.number().integer().min(1).max(10_000)).min(1).max(49).required() })).required(),
    which: Joi.valid('every', 'first', 'last').required(),
    into: Joi.array().items(Joi.string().min(1).max(200)).min(2).max(50).required(),
  }),
  syntax: record<SplitPlan>({ step: 'split' }, 'Split ', field('column', columnName), ' at ', field('which', oneOf([['first', 'the first '], ['last', 'the last '], ['every', '']])), field('at', cut), ' into ', field('into', columnNames)),
  reads: (plan) => [plan.column],
  check: (plan, head) => [
    ...checkNewNames(plan.into, head),
    ...(plan.at.kind === 'places' && plan.at.after.some((n, i, all) => i > 0 && n <= all[i - 1]!) ? [{ text: 'The places of the cuts must rise from left to right.' }] : []),
    ...(plan.at.kind === 'places' && plan.into.length !== plan.at.after.length + 1 ? [{ text: `${plan.at.after.length} cuts give ${plan.at.after.length + 1} columns: name so many.` }] : []),
    ...(plan.which !== 'every' && plan.into.length !== 2 ? [{ text: 'Cutting once gives two columns: name two.' }] : []),
  ],
  outline: (plan, head) => withNew(head, plan.into.map((name): ColumnHead => ({ name, type: 'text', scale: null })), plan.column),
  prepare(plan, _table, head) {
    const { type } = columnOf(head, plan.column);
    const most = plan.into.length;
    const mark = markName(plan.at);
    const names = numberWord(most);
    const kinds: Kind[] = [
      { key: 'whole', words: `no ${mark}: left whole in ‹${plan.into[0]}›`, odd: true },
      { key: 'more', words: `more than ${names} pieces: the rest stays in ‹${plan.into[most - 1]}›`, odd: true },
      { key: 'fewer', words: `fewer than ${names} pieces: the last ones are blank`, odd: true },
      { key: 'cut', words: `cut at the ${mark} into ${names}`, odd: false },
      { key: 'blank', words: 'blank: nothing to cut', odd: false, same: true },
    ];
    const cutOne = (text: string): { pieces: string[]; kind: number } => {
      if (text.trim() === '') return { pieces: [], kind: 4 };
      const pieces = cutText(text, plan.at, plan.which, most);
      const all = plan.which === 'every' ? cutText(text, plan.at, 'every', Infinity).length : pieces.length;
      return { pieces, kind: pieces.length === 1 ? 0 : all > most ? 1 : pieces.length < most ? 2 : 3 };
    };
    return {
      work: 'cells',
      reads: [plan.column],
      kinds,
      run([chunk], _from, length) {
        const seen = new Map<string, { pieces: string[]; kind: number }>();
        const rowKinds = new Uint8Array(length);
        const out = plan.into.map(() => new Array<string>(length));
        chunkTexts(chunk!, type).forEach((text, i) => {
          let done = seen.get(text);
          if (!done) seen.set(text, (done = cutOne(text)));
          rowKinds[i] = done.kind;
          for (let c = 0; c < most; c++) out[c]![i] = done.pieces[c] ?? '';
        });
        return { made: out.map(textChunk), kinds: rowKinds };
      },
    };
  },
};

const numberWord = (n: number): string => ['none', 'one', 'two', 'three', 'four', 'five', 'six'][n] ?? String(n);
