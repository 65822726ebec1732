import { and, eq, sql } from 'drizzle-orm';
import { sayPlan, type Plan } from '../core/steps/registry';
import { decisionsIn, textsPresent, withDecisions, type SpellingDecision } from '../core/steps/standardise/decisions';
import type { StandardisePlan } from '../core/steps/standardise/step';
import type { Table } from '../core/table/table';
import type { Reading } from '../core/language/read';
import type { SpellingView } from '../contract/views';
import { database, type Database } from './db/client';
import * as schema from './db/schema';

/* What a workspace decided about spellings: it is applied by itself the next time, and can be taken back. */

/** Decisions written by one statement, whose parameters are limited. */
const ROWS_A_TIME = 5_000;

const isStandardise = (plan: Plan): plan is StandardisePlan => plan.step === 'standardise';

async function write(db: Database, rows: readonly (typeof schema.spellings.$inferInsert)[]): Promise<void> {
  const { workspaceId, column, from } = schema.spellings;
  for (let i = 0; i < rows.length; i += ROWS_A_TIME) {
    await db.insert(schema.spellings).values(rows.slice(i, i + ROWS_A_TIME)).onConflictDoUpdate({ target: [workspaceId, column, from], set: { to: sql`excluded."to"` } });
  }
}

/** Remembers the decisions in some plans; a later one about the same spelling takes the place of the earlier. */
export async function rememberSpellings(db: Database, workspaceId: number, plans: readonly Plan[]): Promise<void> {
  const decided = plans.filter(isStandardise).flatMap((plan) => decisionsIn(plan).map(({ from, to }) => ({ workspaceId, column: plan.column, from, to })));
  // One statement must not write a row twice: the last decision counts.
  const rows = [...new Map(decided.map((d) => [JSON.stringify([d.column, d.from]), d])).values()];
  await write(db, rows);
}

/** All that is remembered, by column and spelling. */
export async function spellingsOf(workspaceId: number): Promise<SpellingView[]> {
  const s = schema.spellings;
  return database().select({ column: s.column, from: s.from, to: s.to }).from(s).where(eq(s.workspaceId, workspaceId)).orderBy(s.column, s.from);
}

/** Takes a decision back: sentences that were kept with it stay as they are. */
export async function forgetSpelling(workspaceId: number, column: string, from: string): Promise<void> {
  const s = schema.spellings;
  await database().delete(s).where(and(eq(s.workspaceId, workspaceId), eq(s.column, column), eq(s.from, from)));
}

/** A workspace made from another begins with what that one decided. */
export async function inheritSpellings(db: Database, from: number, to: number): Promise<void> {
  const s = schema.spellings;
  const rows = await db.select({ column: s.column, from: s.from, to: s.to }).from(s).where(eq(s.workspaceId, from));
  await write(db, rows.map((r) => ({ ...r, workspaceId: to })));
}

/** A reading whose spellings are put right as it was decided before, where the texts stand in the column. */
export async function withRemembered(reading: Reading, remembered: readonly SpellingView[], table: Table): Promise<Reading> {
  if (remembered.length === 0 || !reading.plans.some(isStandardise)) return reading;
  const plans = await Promise.all(reading.plans.map(async (plan): Promise<Plan> => {
    const known: SpellingDecision[] = isStandardise(plan) ? remembered.filter((d) => d.column === plan.column) : [];
    if (!isStandardise(plan) || known.length === 0 || !table.columns.some((c) => c.name === plan.column)) return plan;
    return withDecisions(plan, known, await textsPresent(table, plan.column, new Set(known.map((d) => d.from))));
  }));
  return { ...reading, plans, sentences: plans.map(sayPlan) };
}
