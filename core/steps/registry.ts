import type { Problem, CheckedHead } from '../formula/check';
import { findColumn } from '../table/table';
import { choice, readWhole, say, type Syntax } from '../language/exact';
import { ask, type AskPlan } from './ask/step';
import { calculate, type CalculatePlan } from './calculate/step';
import { check, type CheckPlan } from './check/step';
import { convert, type ConvertPlan } from './convert/step';
import { copy, type CopyPlan } from './copy/step';
import { correct, type CorrectPlan } from './correct/step';
import { define, type DefinePlan } from './define/step';
import { distinct, type DistinctPlan } from './distinct/step';
import { drop, type DropPlan } from './drop/step';
import { fill, type FillPlan } from './fill/step';
import { filter, type FilterPlan } from './filter/step';
import { forecast, type ForecastPlan } from './forecast/step';
import { hide, type HidePlan } from './hide/step';
import { mark, type MarkPlan } from './mark/step';
import { mask, type MaskPlan } from './mask/step';
import { move, type MovePlan } from './move/step';
import { pick, type PickPlan } from './pick/step';
import { relate, type RelatePlan } from './relate/step';
import { rename, type RenamePlan } from './rename/step';
import { replace, type ReplacePlan } from './replace/step';
import { reshape, type ReshapePlan } from './reshape/step';
import { sample, type SamplePlan } from './sample/step';
import { show, type ShowPlan } from './show/step';
import { sort, type SortPlan } from './sort/step';
import { spell, type SpellPlan } from './spell/step';
import { split, type SplitPlan } from './split/step';
import { spread, type SpreadPlan } from './spread/step';
import { stack, type StackPlan } from './stack/step';
import { standardise, type StandardisePlan } from './standardise/step';
import { survey, type SurveyPlan } from './survey/step';
import { take, type TakePlan } from './take/step';
import { tidy, type TidyPlan } from './tidy/step';
import type { StepDefinition } from './step';

/** What one sentence does: exactly one of the steps. */
export type Plan =
  | AskPlan | CalculatePlan | CheckPlan | ConvertPlan | CopyPlan | CorrectPlan | DefinePlan | DistinctPlan | DropPlan | FillPlan | FilterPlan | ForecastPlan | HidePlan | MarkPlan | MaskPlan | MovePlan
  | PickPlan | RelatePlan | RenamePlan | ReplacePlan | ReshapePlan | SamplePlan | ShowPlan | SortPlan | SpellPlan | SplitPlan | SpreadPlan | StackPlan | StandardisePlan | SurveyPlan | TakePlan | TidyPlan;

type DefinitionFor<P> = P extends Plan ? StepDefinition<P> : never;
type AnyStep = DefinitionFor<Plan>;

/** Every kind of step. A new ability is added here, and nowhere else outside its folder. */
export const STEPS: readonly AnyStep[] = [split, spread, stack, calculate, filter, replace, reshape, tidy, fill, convert, spell, standardise, mask, rename, drop, hide, show, mark, move, copy, pick, sort, take, sample, distinct, correct, check, define, survey, relate, forecast, ask];

const byName = new Map<string, StepDefinition<Plan>>(STEPS.map((s) => [s.step, s as unknown as StepDefinition<Plan>]));

/** The definition of a plan's step. */
export function definitionOf(plan: Plan): StepDefinition<Plan> {
  const definition = byName.get(plan.step);
  if (!definition) throw new Error(`There is no step “${(plan as { step: string }).step}”.`);
  return definition;
}

const sentence: Syntax<Plan> = choice(...[...byName.values()].map((s) => s.syntax));

/** The one exact sentence of a plan. `readExact(sayPlan(plan))` is the plan again. */
export const sayPlan = (plan: Plan): string => `${say(sentence, plan)}.`;

/** An exact sentence longer or deeper nested than this is not read: nobody means it, and it could cost too much. */
const MOST_CHARACTERS = 100_000;
const MOST_NESTING = 60;
function nesting(text: string): number {
  let depth = 0, most = 0;
  for (const c of text) {
    if (c === '(' || c === '[') most = Math.max(most, ++depth);
    else if (c === ')' || c === ']') depth--;
  }
  return most;
}

/** The plan of an exact sentence (its full stop may be left out), or null when it is not one. */
export function readExact(text: string): Plan | null {
  const trimmed = text.trim();
  if (trimmed.length > MOST_CHARACTERS || nesting(trimmed) > MOST_NESTING) return null;
  return readWhole(sentence, trimmed.endsWith('.') ? trimmed.slice(0, -1) : trimmed) ?? readWhole(sentence, trimmed);
}

/** The plans of exact sentences that stand one behind the other, each but the last with its full stop; null where one of them is not exact. */
export function readExacts(text: string): Plan[] | null {
  const plans: Plan[] = [];
  for (let rest = text.trim(); ; ) {
    const whole = readExact(rest);
    if (whole) return [...plans, whole];
    const end = [...rest.matchAll(/\.\s+(?=\p{Lu})/gu)].find((m) => { const plan = readExact(rest.slice(0, m.index + 1)); if (plan) plans.push(plan); return plan !== null; });
    if (!end) return null;
    rest = rest.slice(end.index + end[0].length);
  }
}

/** Everything that is wrong with a plan over a table: first the columns that are not there, then what the step itself finds. */
export function checkPlan(plan: Plan, head: CheckedHead): readonly Problem[] {
  const definition = definitionOf(plan);
  const missing = [...new Set(definition.reads(plan))].filter((name) => !findColumn(head.columns, name));
  if (missing.length) return missing.map((name) => ({ text: `There is no column “${name}”.`, column: name }));
  return definition.check(plan, head);
}

/** The plan that data from outside describes; throws an Error that says what is wrong with it. */
export function validPlan(data: unknown): Plan {
  const step = (data as { step?: unknown } | null)?.step;
  const definition = typeof step === 'string' ? byName.get(step) : undefined;
  if (!definition) throw new Error('This is not a plan that Kulfi knows.');
  const { error, value } = definition.schema.validate(data, { convert: false });
  if (error) throw new Error(`The plan is not valid: ${error.message}.`);
  return value as Plan;
}
