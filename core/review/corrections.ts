import { programsFor } from '../steps/by-example/programs';
import type { Plan } from '../steps/registry';
import type { Correction, CorrectPlan } from '../steps/correct/step';

/** Corrections of the same sort from which a sentence that does them all is offered. */
export const ENOUGH = 3;

/** The plan with one more cell put right. A cell that was put right before keeps what it first was decided on; taken back, it is left out. Null when nothing is left. */
export function withCorrection(plan: CorrectPlan, cell: Correction): CorrectPlan | null {
  const before = plan.cells.find((c) => c.at === cell.at);
  const was = before?.was ?? cell.was;
  const cells = [...plan.cells.filter((c) => c.at !== cell.at), ...(was === cell.now ? [] : [{ ...cell, was }])];
  return cells.length ? { ...plan, cells } : null;
}

/**
 * One sentence that does what several corrections by hand did, where they are of the same sort: the same text put for the
 * same text, or a change of texts that a small program explains for all of them (over `sample`, other texts of the column). Null when there is none.
 */
export function sweepingPlan(plan: CorrectPlan, sample: readonly string[]): Plan | null {
  const cells = plan.cells.filter((c) => c.was.trim() !== '');
  if (cells.length < ENOUGH) return null;
  const [first] = cells;
  if (cells.every((c) => c.was === first!.was && c.now === first!.now)) return { step: 'replace', columns: [plan.column], find: { kind: 'texts', place: 'whole', texts: [first!.was] }, with: first!.now };
  if (new Set(cells.map((c) => c.was)).size < ENOUGH || cells.some((c) => c.now === '')) return null;
  const [program] = programsFor(plan.column, cells.map((c) => ({ input: c.was, output: c.now })), sample);
  return program ? { step: 'calculate', name: plan.column, as: program.expression, replace: true } : null;
}
