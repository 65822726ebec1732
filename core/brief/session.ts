import { isQuestion } from '../steps/questions';
import type { CheckedHead } from '../formula/check';
import { NO_MEMORY, readRequest, type Answer, type Memory } from '../language/read';
import { isUndo } from '../language/dialogue';
import { headWithGlances, runPlan, type Holds, type Report } from '../steps/run';
import { checkPlan, definitionOf, readExact, sayPlan, type Plan } from '../steps/registry';
import type { Glance } from '../profile/glance';
import { settledBy } from '../steps/define/terms';
import { writtenBy, type AnswerTable } from '../steps/step';
import type { Table } from '../table/table';

/** One kept sentence: what was asked, what it does, and what it did. */
export interface Entry {
  readonly request: string;
  readonly plan: Plan;
  readonly sentence: string;
  readonly report: Report;
  /** Columns that it makes, changes or renames. */
  readonly writes: readonly string[];
  /** The table after it. */
  readonly after: Table;
}

/** A table with the sentences kept on it; every value is new, so an earlier one is an earlier state. */
export interface Session {
  readonly table: Table;
  readonly head: CheckedHead;
  readonly entries: readonly Entry[];
  readonly memory: Memory;
  readonly before: Session | null;
  /** What the last request was answered with, if it was a question. */
  readonly answered: AnswerTable | null;
}

/** A session over a table as it came, with the other tables that it may look into. */
export async function openSession(alone: Table, others: readonly Table[] = []): Promise<Session> {
  const beside = await Promise.all(others.map(async (o) => [o.name, { table: o, head: await headWithGlances(o) }] as const));
  const table: Table = beside.length ? { ...alone, others: new Map(beside) } : alone;
  return { table, head: await headWithGlances(table), entries: [], memory: NO_MEMORY, before: null, answered: null };
}

/** Says one request: what came of it, and the session after it (the same one unless it was carried out). */
export async function tell(session: Session, request: string): Promise<{ readonly answer: Answer | { readonly outcome: 'undone' }; readonly session: Session }> {
  if (isUndo(request, session.memory.last?.plans.at(-1)) && session.before) {
    const { last } = session.memory;
    return { answer: { outcome: 'undone' }, session: last ? { ...session.before, memory: { ...session.before.memory, undone: last } } : session.before };
  }
  const plans = session.entries.map((e) => e.plan);
  const answer = readRequest(request, session.head, { ...session.memory, ...settledBy(plans, plans) });
  if (answer.outcome !== 'done') return { answer, session };
  if (answer.reading.plans.every(isQuestion)) return { answer, session: await answerPlans(session, answer.reading.plans) };
  const base = answer.corrects && session.before ? session.before : session;
  return { answer, session: await keepPlans(base, answer.reading.plans, request) };
}

/** Answers questions: nothing is kept, but what was asked is remembered for the next request. */
async function answerPlans(session: Session, plans: readonly Plan[]): Promise<Session> {
  let answered: AnswerTable | null = null;
  for (const plan of plans) answered = (await runPlan(plan, session.table, session.head)).answer ?? answered;
  return { ...session, memory: { ...session.memory, last: { plans, head: session.head } }, answered };
}

/** Carries out checked plans one after the other, as one request; `holds` keeps rows or kinds as they were. */
export async function keepPlans(session: Session, plans: readonly Plan[], request: string, holds: Holds | null = null): Promise<Session> {
  let { table, head } = session;
  const entries = [...session.entries];
  for (const plan of plans) {
    const result = await runPlan(plan, table, head, { holds });
    const writes = writtenBy(definitionOf(plan).outline(plan, head));
    const known = new Map<string, Glance>(result.glances);
    if (result.report.rowsOut === result.report.rowsIn) for (const c of result.table.columns) if (!known.has(c.name) && head.glances?.has(c.name)) known.set(c.name, head.glances.get(c.name)!);
    table = result.table;
    head = await headWithGlances(table, known);
    entries.push({ request, plan, sentence: sayPlan(plan), report: result.report, writes, after: table });
  }
  const last = plans.at(-1);
  const topic = last && 'columns' in last ? last.columns : last && 'name' in last && last.step !== 'define' ? [last.name] : session.memory.topic;
  const { undone: _, ...memory } = session.memory;
  return { table, head, entries, memory: { ...memory, topic, last: { plans, head: session.head } }, before: session, answered: null };
}

/** One sentence of a brief that is run again, with what is on hold of it: row numbers from 1, and kinds by their keys. */
export interface Replayed {
  readonly sentence: string;
  readonly request?: string;
  readonly holds?: { readonly rows: readonly number[]; readonly kinds: readonly string[] };
}

/** Runs the sentences of a brief over a table as it came. Throws, with the number of the sentence, where one cannot be read or cannot run. */
export async function replay(table: Table, brief: readonly Replayed[], others: readonly Table[] = []): Promise<Session> {
  let session = await openSession(table, others);
  for (const [i, { sentence, request, holds }] of brief.entries()) {
    const plan = readExact(sentence);
    if (!plan) throw new Error(`Sentence ${i + 1} is not an exact sentence: ${sentence}`);
    const [problem] = checkPlan(plan, session.head);
    if (problem) throw new Error(`Sentence ${i + 1} cannot run (${sentence}): ${problem.text}`);
    session = await keepPlans(session, [plan], request ?? sentence, holds ? { rows: new Set(holds.rows.map((n) => n - 1)), kinds: new Set(holds.kinds) } : null);
  }
  return session;
}
