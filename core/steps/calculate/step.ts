import Joi from 'joi';
import { headOf, MISFIT, VALUE, allValues, isNumeric, type ColumnHead } from '../../table/column';
import { findColumn } from '../../table/table';
import { checkFormula, readsAsDate, readsAsNumber, typeOf, type CheckedHead } from '../../formula/check';
import { prepare, prepareCondition, YES } from '../../formula/evaluate';
import { DOUBTFUL, LIKE, NAMESAKE, NONE, SEVERAL, TOLD, UNKNOWN_PLACE, UNTOLD } from '../../formula/sources';
import { eachUnlikely, senseOf } from '../../formula/sense';
import { columnsOf, type Condition, type Expression } from '../../formula/expression';
import { conditionField, expressionField, withFormulas } from '../../formula/schema';
import { condition, expression } from '../../formula/syntax';
import { BY_ZERO, toChunk } from '../../formula/vector';
import { LIKELY_FINDS } from '../../values/find';
import { choice, columnName, field, optional, between, record } from '../../language/exact';
import { mergeChunks } from '../merge';
import { checkNewNames, sameColumns, withNew, type Kind, type StepDefinition } from '../step';

/** A calculated column: a new one, or (`replace`) an existing one, for all rows or those of a condition. */
export interface CalculatePlan {
  readonly step: 'calculate';
  readonly name: string;
  readonly as: Expression;
  readonly where?: Condition;
  readonly replace: boolean;
}

const [ZERO, MISFITS, MISSING, DONE, OUTSIDE, MEANT, LIKELY, UNMATCHED, SEVERAL_FIT, UNLIKELY, SPELLED, FELT, TORN, NAMELESS, WORDLESS] = [0, 1, 2, 3, 4, 5, 6, 7, 8, 9, 12, 13, 14, 15, 16] as const;
const KINDS: readonly Kind[] = [
  { key: 'zero', words: 'division by zero: left blank', odd: true },
  { key: 'misfit', words: 'not a number or date: left blank', odd: true },
  { key: 'blank', words: 'a value is missing: left blank', odd: true },
  { key: 'done', words: 'calculated', odd: false },
  { key: 'outside', words: 'outside the condition: left as it was', odd: false, same: true },
  { key: 'meant', words: 'blank, as the sentence says', odd: false },
  { key: 'likely', words: 'found by how it looks only: have a look', odd: true },
  { key: 'unmatched', words: 'not in the other table', odd: true },
  { key: 'several', words: 'several rows of the other table fit, and say different things', odd: true },
  // In the order of the ways in which a value can be unlikely.
  { key: 'whole', words: 'more than the whole: is that right?', odd: true, unlikely: true },
  { key: 'below', words: 'below nought, which nothing weighs, measures or lasts: is that right?', odd: true, unlikely: true },
  { key: 'far', words: 'a thousand times as much or as little as those around it: is that right?', odd: true, unlikely: true },
  { key: 'spelled', words: 'found in another spelling: have a look', odd: true },
  { key: 'felt', words: 'told by its words', odd: false },
  { key: 'torn', words: 'told by words that speak both ways, or by one weak word: have a look', odd: true },
  { key: 'nameless', words: 'nothing is known of such a place: left blank', odd: true },
  { key: 'wordless', words: 'its words tell neither one nor the other', odd: true },
];

/** The kinds of rows whose value is not there for how its search fared, and of those whose value wants a look or is told so. */
const GRAVE: Readonly<Record<number, number>> = { [NONE]: UNMATCHED, [SEVERAL]: SEVERAL_FIT, [UNTOLD]: WORDLESS, [UNKNOWN_PLACE]: NAMELESS };
const SLIGHT: Readonly<Record<number, number>> = { [LIKE]: SPELLED, [NAMESAKE]: LIKELY, [TOLD]: FELT, [DOUBTFUL]: TORN };

/** Where blank is what the sentence asks for, a blank result is not odd. */
const saysBlank = (e: Expression): boolean => e.kind === 'choose' && [...e.cases.map((c) => c.then), e.otherwise].some((b) => b.kind === 'blank');

/** Is what is found told by how it looks only? */
const likely = (e: Expression): boolean => e.kind === 'found' && e.which !== 'count' && e.what.kind === 'sort' && LIKELY_FINDS.has(e.what.sort);

/** The type of the column a formula makes: a text column read as numbers or dates gives numbers or dates. */
function resultHead(plan: CalculatePlan, head: CheckedHead): ColumnHead {
  let { type, scale } = typeOf(plan.as, head);
  const inner = plan.as;
  const reads = (e: Expression): Expression => (e.kind === 'choose' ? reads(e.cases.find((c) => c.then.kind !== 'blank')?.then ?? e.otherwise) : e);
  const leaf = reads(inner);
  if (type === 'text' && leaf.kind === 'column' && leaf !== inner && readsAsNumber(head, leaf.name) && !readsAsDate(head, leaf.name)) {
    type = 'decimal';
    scale = null;
  }
  const old = plan.replace && plan.where ? findColumn(head.columns, plan.name) : undefined;
  if (old && old.type !== type) return isNumeric(old.type) && isNumeric(type) ? { name: plan.name, type: 'decimal', scale: null } : { name: plan.name, type: 'text', scale: null };
  if (old && (old.scale ?? Infinity) > (scale ?? Infinity)) scale = old.scale;
  return { name: plan.name, type, scale };
}

export const calculate: StepDefinition<CalculatePlan> = {
  step: 'calculate',
  title: 'add or replace a calculated column',
  example: 'Add ‹Yield› as ‹Kg› divided by ‹Hives› rounded to 2 decimals',
  schema: withFormulas(Joi.object({ step: Joi.valid('calculate').required(), name: Joi.string().min(1).max(200).required(), as: expressionField.required(), where: conditionField, replace: Joi.boolean().required() })),
  syntax: choice<CalculatePlan>(
    record<CalculatePlan>({ step: 'calculate', replace: false }, 'Add ', field('name', columnName), ' as ', field('as', expression), optional('where', between(', only where ', condition, ''))),
    record<CalculatePlan>({ step: 'calculate', replace: true }, 'Set ', field('name', columnName), ' to ', field('as', expression), optional('where', between(', only where ', condition, ''))),
  ),
  reads: (plan) => [...new Set([...(plan.replace ? [plan.name] : []), ...columnsOf(plan.as), ...(plan.where ? columnsOf(plan.where) : [])])],
  check: (plan, head) => [
    ...(plan.replace ? [] : checkNewNames([plan.name], head)),
    ...checkFormula(plan.as, head),
    ...(plan.where ? checkFormula(plan.where, head) : []),
  ],
  outline: (plan, head) => (plan.replace ? sameColumns(head, [resultHead(plan, head)]) : withNew(head, [resultHead(plan, head)])),
  async prepare(plan, table, head) {
    const formula = await prepare(plan.as, table, head);
    const filter = plan.where ? await prepareCondition(plan.where, table, head) : null;
    const reads = [...new Set([...formula.reads, ...(filter?.reads ?? []), ...(plan.replace ? [plan.name] : [])])];
    const pick = (names: readonly string[]): number[] => names.map((n) => reads.indexOf(n));
    const [forFormula, forFilter] = [pick(formula.reads), pick(filter?.reads ?? [])];
    const result = resultHead(plan, head);
    const old = plan.replace ? headOf(findColumn(head.columns, plan.name)!) : null;
    const meant = saysBlank(plan.as);
    const filled = likely(plan.as) ? LIKELY : DONE;
    const sense = senseOf(plan.name, plan.as);
    return {
      work: 'cells',
      reads,
      kinds: KINDS,
      run(chunks, from, length) {
        const vector = formula.evaluate(forFormula.map((i) => chunks[i]!), from, length);
        const inside = filter?.test(forFilter.map((i) => chunks[i]!), from, length) ?? null;
        const numeric = isNumeric(result.type) && vector.kind === 'number';
        const chunk = toChunk(numeric || vector.kind === 'text' ? vector : { kind: 'text', texts: new Array<string>(length).fill('') }, result.type, result.scale, plan.as.kind === 'op');
        const kinds = new Uint8Array(length);
        if (!inside && vector.kind === 'number' && allValues(vector.state)) kinds.fill(DONE);
        else for (let i = 0; i < length; i++) {
          if (inside && inside[i] !== YES) kinds[i] = OUTSIDE;
          else if (vector.kind === 'text') kinds[i] = vector.texts[i] === '' ? (meant ? MEANT : MISSING) : filled;
          else {
            const state = vector.state[i]!;
            kinds[i] = state === VALUE ? DONE : state === BY_ZERO ? ZERO : state === MISFIT ? MISFITS : meant ? MEANT : MISSING;
          }
        }
        if (sense && vector.kind === 'number') eachUnlikely(sense, vector, length, (i, why) => { if (kinds[i] === DONE) kinds[i] = UNLIKELY + why - 1; });
        const matches = formula.matches(forFormula.map((i) => chunks[i]!), from, length);
        if (matches) for (let i = 0; i < length; i++) if (kinds[i] !== OUTSIDE) kinds[i] = GRAVE[matches[i]!] ?? (kinds[i] === DONE ? SLIGHT[matches[i]!] : undefined) ?? kinds[i]!;
        if (!inside) return { made: [chunk], kinds };
        const outside = inside.map((v) => (v === YES ? 0 : 1));
        return { made: [mergeChunks(chunk, old ? chunks[reads.indexOf(plan.name)]! : null, outside, result.type, old?.type ?? result.type)], kinds };
      },
    };
  },
};
