import type { CheckedHead } from '../formula/check';
import type { ColumnProfile } from '../profile/profile';
import { checkPlan, definitionOf, readExact, sayPlan, type Plan } from '../steps/registry';
import { proposals } from './proposals';

/** What is wrong with a column or worth knowing about it, and the sentence that would mend it. */
export interface Advice {
  readonly words: string;
  readonly sentence: string;
}

/** How a column stands: is there work to do with it? */
export type Standing = 'empty' | 'nearly empty' | 'needs work' | 'in order';

export interface Advised {
  readonly advice: readonly Advice[];
  readonly standing: Standing;
}

/** Columns filled in fewer rows than one of twenty say next to nothing. */
const NEARLY_EMPTY = 0.05;

/** What every column of a profile needs, by its name: the proposals about it, and what only the profile shows. */
export function adviceFor(profiles: readonly ColumnProfile[], head: CheckedHead): ReadonlyMap<string, Advised> {
  const offered = new Map<string, Advice[]>();
  for (const { sentence, why } of proposals(head)) {
    const plan = readExact(sentence);
    for (const name of plan ? definitionOf(plan).reads(plan) : []) (offered.get(name) ?? offered.set(name, []).get(name)!).push({ words: why, sentence });
  }
  return new Map(profiles.map((p) => {
    const filled = p.rows - p.blanks;
    const advice: Advice[] = [];
    const put = (words: string, plan: Plan): void => {
      if (checkPlan(plan, head).length === 0) advice.push({ words, sentence: sayPlan(plan) });
    };
    if (filled === 0) put('empty', { step: 'drop', columns: [p.name] });
    else if (filled < p.rows * NEARLY_EMPTY) put(`filled in ${filled} of ${p.rows} rows only`, { step: 'drop', columns: [p.name] });
    else advice.push(...(offered.get(p.name) ?? []));
    if (p.distinct === 1 && filled === p.rows && p.rows > 1) put('the same value in every row', { step: 'drop', columns: [p.name] });
    if (p.misfits > 0) put(`${p.misfits} ${p.misfits === 1 ? 'cell does' : 'cells do'} not fit the type`, { step: 'convert', columns: [p.name], to: p.type, blankRest: true });
    if (p.spread && p.spread.outliers > 0 && p.spread.outliers <= filled * 0.05 && p.meaning !== 'identifier' && p.meaning !== 'date') {
      const where = { kind: 'outlying', of: { kind: 'column', name: p.name }, times: 1.5, measure: 'quartile ranges', by: [] } as const;
      const name = `${p.name} outlier`;
      put(`${p.spread.outliers} ${p.spread.outliers === 1 ? 'value lies' : 'values lie'} far from the rest`, { step: 'calculate', name, as: { kind: 'choose', cases: [{ when: where, then: { kind: 'text', value: 'outlier' } }], otherwise: { kind: 'blank' } }, replace: false });
    }
    if (p.sensitive) put('about persons: mask it before it is passed on', { step: 'mask', columns: [p.name], by: { kind: 'token' } });
    const work = advice.some((a) => !a.words.startsWith('about persons'));
    const standing: Standing = filled === 0 ? 'empty' : filled < p.rows * NEARLY_EMPTY ? 'nearly empty' : work ? 'needs work' : 'in order';
    return [p.name, { advice, standing }];
  }));
}
