import Joi from 'joi';
import type { Column } from '../../table/column';
import { columnOf, eachChunk, liveMask, type Table } from '../../table/table';
import { onlyPerhaps, spellingGroups, type Ground, type SpellingGroup, type Usage } from '../../match/spellings';
import { eachText } from '../../values/cell';
import { between, columnName, field, list, optional, quoted, record } from '../../language/exact';
import { sameColumns, type Kind, type StepDefinition } from '../step';
import { textHeads, textWork } from '../texts';

/** A spelling that the sentence itself takes for another. */
export interface Decision {
  readonly from: string;
  readonly to: string;
}

/**
 * Write look-alike values of a column in one spelling each: the commonest, or the best formed. `taking` are spellings that
 * were decided by hand, `leaving` are those that stay as they are.
 */
export interface StandardisePlan {
  readonly step: 'standardise';
  readonly column: string;
  readonly taking?: readonly Decision[];
  readonly leaving?: readonly string[];
}

const KINDS: readonly Kind[] = [
  { key: 'unsure', words: 'like another spelling, but perhaps not the same: left as it is', odd: true, same: true },
  { key: 'sound', words: 'sounds like another spelling, but has other letters: left as it is', odd: true, same: true },
  { key: 'letters', words: 'some letters differ: written in the commoner spelling', odd: true },
  { key: 'legal', words: 'only the legal form differs: written in one way', odd: true },
  { key: 'order', words: 'the same words in another order: written in one way', odd: false },
  { key: 'marks', words: 'capitals, spaces or marks differ: written in one way', odd: false },
  { key: 'said', words: 'as the sentence says', odd: false },
  { key: 'same', words: 'the only spelling, the one proposed, or blank: left as it was', odd: false, same: true },
];
const codeOf = (key: string): number => KINDS.findIndex((k) => k.key === key);
const SAID = codeOf('said'), SAME = codeOf('same');

/** How often each text of a column is used by the rows in the table. O(rows). */
async function usagesOf(table: Table, name: string): Promise<Usage[]> {
  const { type } = columnOf(table, name);
  const live = liveMask(table);
  const counts = new Map<string, number>();
  await eachChunk(table, [name], ([chunk], _ord, from, length) => eachText(chunk!, type, length, live?.subarray(from, from + length), (text, times) => void counts.set(text, (counts.get(text) ?? 0) + times)));
  return [...counts].map(([text, count]) => ({ text, count }));
}

const found = new WeakMap<Column, { readonly rows: Uint32Array | null; readonly size: number; readonly groups: readonly SpellingGroup[] }>();

/** The groups of a column's spellings; found once for each version, since every decision looks at them again. */
async function groupsIn(table: Table, name: string, onProgress?: (done: number, total: number) => void): Promise<readonly SpellingGroup[]> {
  const column = columnOf(table, name);
  const known = found.get(column);
  if (known && known.rows === table.rows && known.size === table.size) return known.groups;
  const groups = spellingGroups(await usagesOf(table, name), onProgress);
  found.set(column, { rows: table.rows, size: table.size, groups });
  return groups;
}

/** What each text is written as, and why. */
function writings(groups: readonly SpellingGroup[], plan: StandardisePlan): Map<string, { text: string; kind: number }> {
  const out = new Map<string, { text: string; kind: number }>();
  for (const { to, variants } of groups) {
    for (const { text, ground } of variants) {
      const before = out.get(text);
      // What one group is unsure about, another may know.
      if (before && onlyPerhaps(ground)) continue;
      out.set(text, { text: onlyPerhaps(ground) ? text : to, kind: codeOf(ground satisfies Ground) });
    }
  }
  for (const text of plan.leaving ?? []) out.set(text, { text, kind: SAME });
  for (const { from, to } of plan.taking ?? []) {
    out.set(from, { text: to, kind: SAID });
    // What was to be written like it is written like the other now.
    for (const [text, way] of out) if (way.text === from && text !== from && way.kind !== SAME) out.set(text, { ...way, text: to });
  }
  return out;
}

export const standardise: StepDefinition<StandardisePlan> = {
  step: 'standardise',
  title: 'write look-alike values in one spelling',
  example: 'Standardise ‹Site›, taking "Tael" for "Upper Teal", leaving "Teal East" as it is',
  schema: Joi.object({
    step: Joi.valid('standardise').required(),
    column: Joi.string().required(),
    taking: Joi.array().items(Joi.object({ from: Joi.string().required(), to: Joi.string().required() })).min(1).max(10_000),
    leaving: Joi.array().items(Joi.string()).min(1).max(10_000),
  }),
  syntax: record<StandardisePlan>(
    { step: 'standardise' },
    'Standardise ',
    field('column', columnName),
    optional('taking', between(', taking ', list(record<Decision>({}, field('from', quoted), ' for ', field('to', quoted))), '')),
    optional('leaving', between(', leaving ', list(quoted), ' as it is')),
  ),
  reads: (plan) => [plan.column],
  check: () => [],
  outline: (plan, head) => sameColumns(head, textHeads([plan.column])),
  async prepare(plan, table, head, onProgress) {
    const groups = await groupsIn(table, plan.column, onProgress);
    const ways = writings(groups, plan);
    return { ...textWork([plan.column], head, KINDS, (text) => ways.get(text) ?? { text, kind: SAME }), spellings: groups };
  },
};
