import Joi from 'joi';
import { escape } from '../../values/find';
import { choice, columnNames, field, list, mapped, oneOf, quoted, record } from '../../language/exact';
import { typingDistance } from '../../match/typing';
import { sameColumns, type Kind, type StepDefinition } from '../step';
import { textHeads, textWork } from '../texts';

/** What is looked for: some texts at a place in the cell, or whatever stands between two marks, marks included. */
export type Find =
  | { readonly kind: 'texts'; readonly place: 'anywhere' | 'start' | 'end' | 'whole'; readonly texts: readonly string[] }
  | { readonly kind: 'between'; readonly open: string; readonly close: string }
  | { readonly kind: 'sort'; readonly sort: 'digits' | 'letters' | 'punctuation' | 'other than digits' };

/** Replace text in cells, or remove it (`with` is ''). A whole cell is compared without regard to capitals and outer spaces. */
export interface ReplacePlan {
  readonly step: 'replace';
  readonly columns: readonly string[];
  readonly find: Find;
  readonly with: string;
}

const SORTS = [['digits', 'digits'], ['letters', 'letters'], ['punctuation', 'punctuation'], ['other than digits', 'everything but digits']] as const;
const texts = list(quoted, 1, ' or ');
const find = choice<Find>(
  record<Extract<Find, { kind: 'texts' }>>({ kind: 'texts' }, field('place', oneOf([['anywhere', ''], ['start', 'leading '], ['end', 'trailing '], ['whole', 'cells that are ']])), field('texts', texts)) as never,
  record<Extract<Find, { kind: 'between' }>>({ kind: 'between' }, 'what is between ', field('open', quoted), ' and ', field('close', quoted)) as never,
  record<Extract<Find, { kind: 'sort' }>>({ kind: 'sort' }, 'all ', field('sort', oneOf(SORTS))) as never,
);

const KINDS: readonly Kind[] = [
  { key: 'emptied', words: 'nothing is left: the cell is blank now', odd: true },
  { key: 'near', words: 'something very like it, but not the same: left as it was', odd: true, same: true },
  { key: 'changed', words: 'found and replaced', odd: false },
  { key: 'same', words: 'not found: left as it was', odd: false, same: true },
];

const [EMPTIED, NEAR, CHANGED, SAME] = [0, 1, 2, 3];

/** A text is looked for under its mistypings too where it is long enough to be told from other words. */
const NEAR_FROM = 5;

/** Does a text hold a word, or is it as a whole, one typing mistake away from what is looked for? */
function nearly(find: Find): (text: string) => boolean {
  const sought = find.kind === 'texts' ? find.texts.map((t) => t.trim().toLowerCase()).filter((t) => t.length >= NEAR_FROM && /^[\p{L} ]+$/u.test(t)) : [];
  if (sought.length === 0) return () => false;
  const near = (piece: string): boolean => sought.some((s) => piece !== s && Math.abs(piece.length - s.length) <= 1 && typingDistance(piece, s, 1) <= 1);
  const whole = find.kind === 'texts' && find.place === 'whole';
  return (text) => {
    const bare = text.trim().toLowerCase();
    return whole ? near(bare) : (bare.match(/\p{L}+/gu) ?? []).some(near);
  };
}

/** The expression that finds what a plan looks for; longer texts are tried before shorter ones. */
function finder(find: Find): RegExp {
  if (find.kind === 'between') return new RegExp(`${escape(find.open)}[^${escape(find.close[0]!).replace('^', '\\^')}]*${escape(find.close)}`, 'gu');
  if (find.kind === 'sort') return { digits: /\p{N}+/gu, letters: /\p{L}+/gu, punctuation: /\p{P}+/gu, 'other than digits': /[^\p{N}]+/gu }[find.sort];
  const any = [...find.texts].sort((a, b) => b.length - a.length).map(escape).join('|');
  if (find.place === 'whole') return new RegExp(`^\\s*(?:${any})\\s*$`, 'iu');
  // At the ends of a cell a text must be a word of its own, and what joined it to the rest goes with it.
  if (find.place === 'start') return new RegExp(`^\\s*(?:${any})(?![\\p{L}\\p{N}])[\\s,]*`, 'u');
  if (find.place === 'end') return new RegExp(`[\\s,]*(?<![\\p{L}\\p{N}])(?:${any})\\s*$`, 'u');
  return new RegExp(any, 'gu');
}

export const replace: StepDefinition<ReplacePlan> = {
  step: 'replace',
  title: 'remove or replace text',
  example: 'Replace "Ltd" or "Ltd." in ‹Payer› with "Limited"',
  schema: Joi.object({
    step: Joi.valid('replace').required(),
    columns: Joi.array().items(Joi.string()).min(1).max(4000).required(),
    find: Joi.alternatives().try(
      Joi.object({ kind: Joi.valid('texts').required(), place: Joi.valid('anywhere', 'start', 'end', 'whole').required(), texts: Joi.array().items(Joi.string().min(1).max(10_000)).min(1).max(1000).required() }),
      Joi.object({ kind: Joi.valid('between').required(), open: Joi.string().min(1).max(1_000).required(), close: Joi.string().min(1).max(1_000).required() }),
      Joi.object({ kind: Joi.valid('sort').required(), sort: Joi.valid('digits', 'letters', 'punctuation', 'other than digits').required() }),
    ).required(),
    with: Joi.string().allow('').max(10_000).required(),
  }),
  syntax: choice<ReplacePlan>(
    mapped(record<Omit<ReplacePlan, 'with'>>({ step: 'replace' }, 'Remove ', field('find', find), ' from ', field('columns', columnNames)), (p): ReplacePlan => ({ ...p, with: '' }), (p) => (p.with === '' ? without(p) : null)),
    record<ReplacePlan>({ step: 'replace' }, 'Replace ', field('find', find), ' in ', field('columns', columnNames), ' with ', field('with', quoted)),
  ),
  reads: (plan) => plan.columns,
  check: () => [],
  outline: (plan, head) => sameColumns(head, textHeads(plan.columns)),
  prepare(plan, _table, head) {
    const pattern = finder(plan.find), near = nearly(plan.find);
    return textWork(plan.columns, head, KINDS, (text) => {
      const changed = text.replace(pattern, () => plan.with);
      if (changed === text) return { text, kind: near(text) ? NEAR : SAME };
      // Taking text out must not leave the spaces that stood around it.
      const tidy = plan.with === '' ? changed.replace(/\s{2,}/g, ' ').trim() : changed;
      return { text: tidy, kind: tidy === '' && plan.find.kind === 'texts' && plan.find.place !== 'whole' ? EMPTIED : CHANGED };
    });
  },
};

const without = ({ step, columns, find: f }: ReplacePlan): Omit<ReplacePlan, 'with'> => ({ step, columns, find: f });
