import { and, eq } from 'drizzle-orm';
import { account, NO_MEMORY, readRequest, readUndone, type Answer, type Memory } from '../core/language/read';
import { complete } from '../core/language/completion';
import { isUndo } from '../core/language/dialogue';
import { learn, type Lesson } from '../core/language/lessons';
import { proposals } from '../core/language/proposals';
import { headAfter } from '../core/language/acts';
import { identifier } from '../core/formula/sql';
import { sqlName } from '../core/values/names';
import { readExact, type Plan } from '../core/steps/registry';
import { settledBy } from '../core/steps/define/terms';
import { planSql } from '../core/steps/sql';
import { isQuestion } from '../core/steps/questions';
import type { CheckedHead } from '../core/formula/check';
import type { ExplainReply, LessonView, ProposalsReply, ReadReply } from '../contract/views';
import { database, pool } from './db/client';
import * as schema from './db/schema';
import { Told } from './errors';
import { headFor, type EntryRow } from './revise';
import { headBeside } from './beside';
import { coverOf } from './covering';
import { spellingsOf, withRemembered } from './spellings';
import { loadState } from './store/tables';
import { currentStates, tableNow, takenBack } from './workspaces';

/** What is known of one version of a table. */
const headOf = headBeside;

/** What is known of a table as it stands now, and the workspace's version. */
export async function headNow(workspaceId: number, tableId: number): Promise<{ head: CheckedHead; version: number; stateId: number }> {
  const { stateId, row } = await tableNow(workspaceId, tableId);
  return { head: await headOf(stateId), version: row.version, stateId };
}

/**
 * A request read against a table as it stands now, with what was kept or asked before it; with `key`, as it stood before
 * that sentence. `asked` is the question that was answered last, if nothing was kept since.
 */
export async function readInWorkspace(workspaceId: number, tableId: number, request: string, key: string | null = null, asked: readonly Plan[] | null = null): Promise<ReadReply> {
  const { states, entries, row } = await currentStates(workspaceId);
  const own = entries.filter((e) => e.sourceId === tableId);
  const edited = key === null ? -1 : own.findIndex((e) => e.key === key);
  const before = (edited < 0 ? own : own.slice(0, edited)).filter((e) => !isQuestion(e.plan));
  const stateId = edited < 0 ? states.get(tableId) : own[edited]!.before;
  if (stateId === undefined) throw new Told('There is no such table.', 404, 'gone');
  if (isUndo(request)) return { version: row.version, stateId, answer: { outcome: 'undo' }, completions: [] };
  const [head, kept, lessons] = await Promise.all([headOf(stateId), memoryOf(before), lessonRows(workspaceId)]);
  const memory: Memory = { ...kept, ...settledBy(before.map((e) => e.plan), entries.map((e) => e.plan)), lessons: lessons.map((r) => r.lesson), ...(asked ? { last: { plans: asked, head } } : {}) };
  let answer = readRequest(request, head, memory);
  // Only what is not understood by itself is looked at as what was meant by a sentence that undo took back.
  if (answer.outcome !== 'done' && edited < 0 && !asked) {
    const back = (await takenBack(row.revisionId, entries)).filter((e) => e.sourceId === tableId && !isQuestion(e.plan));
    if (back.length) answer = readUndone(request, head, memory, { plans: back.map((e) => e.plan), head: await headFor(await loadState(pool(), back[0]!.before)) }) ?? answer;
  }
  return { version: row.version, stateId, answer: await asDecided(answer, workspaceId, stateId, key), completions: request.length < 400 ? complete(request, untold(head, (await coverOf(await loadState(pool(), stateId))).names)) : [] };
}

/** What is known of a table without the values of covered columns. */
const untold = (head: CheckedHead, names: ReadonlySet<string>): CheckedHead => (names.size ? { ...head, glances: new Map([...(head.glances ?? [])].filter(([n]) => !names.has(n))) } : head);

/** An answer with what the workspace decided about spellings; a kept sentence that is edited says itself what was decided. */
async function asDecided(answer: Answer, workspaceId: number, stateId: number, key: string | null): Promise<Answer> {
  if (answer.outcome === 'cannot' || key !== null) return answer;
  const readings = answer.outcome === 'done' ? [answer.reading, ...answer.others] : answer.choices;
  if (!readings.some((r) => r.plans.some((p) => p.step === 'standardise'))) return answer;
  const [remembered, { table }] = await Promise.all([spellingsOf(workspaceId), loadState(pool(), stateId)]);
  const [first, ...rest] = await Promise.all(readings.map((r) => withRemembered(r, remembered, table)));
  return answer.outcome === 'done' ? { ...answer, reading: first!, others: rest } : { ...answer, choices: [first!, ...rest] };
}

/** What was said last: the sentences that were kept together, and the table they were said about. */
async function memoryOf(entries: readonly EntryRow[]): Promise<Memory> {
  const last = entries.at(-1);
  if (!last) return NO_MEMORY;
  let from = entries.length - 1;
  while (from > 0 && entries[from - 1]!.request === last.request) from--;
  const together = entries.slice(from);
  const head = await headFor(await loadState(pool(), together[0]!.before));
  const plan = last.plan;
  const topic = 'columns' in plan ? plan.columns : 'name' in plan && plan.step !== 'define' ? [plan.name] : [];
  return { topic, last: { plans: together.map((e) => e.plan), head }, lessons: [] };
}

const lessonRows = (workspaceId: number): Promise<{ id: number; lesson: Lesson }[]> =>
  database().select({ id: schema.lessons.id, lesson: schema.lessons.lesson }).from(schema.lessons).where(eq(schema.lessons.workspaceId, workspaceId)).orderBy(schema.lessons.id);

/** The wordings a workspace has learnt, the newest first. */
export async function lessonsOf(workspaceId: number): Promise<LessonView[]> {
  return (await lessonRows(workspaceId)).map(({ id, lesson }) => ({ id, said: lesson.said, means: lesson.means })).reverse();
}

/** Remembers that a request means some plans over a version of a table. */
export async function teach(workspaceId: number, stateId: number, said: string, plans: readonly Plan[]): Promise<void> {
  const lesson = learn(said, plans, await headOf(stateId));
  if (!lesson) throw new Told('There is no word in it to remember it by.', 400, 'lesson');
  await database().insert(schema.lessons).values({ workspaceId, lesson });
}

export async function forget(workspaceId: number, id: number): Promise<void> {
  await database().delete(schema.lessons).where(and(eq(schema.lessons.workspaceId, workspaceId), eq(schema.lessons.id, id)));
}

/** What is worth saying next about a table, without what was turned away. */
export async function proposalsFor(workspaceId: number, tableId: number): Promise<ProposalsReply> {
  const [{ head, version, stateId }, { entries }] = await Promise.all([headNow(workspaceId, tableId), currentStates(workspaceId)]);
  const turned = await database().select({ sentence: schema.turnedAway.sentence }).from(schema.turnedAway).where(eq(schema.turnedAway.workspaceId, workspaceId));
  // What was turned away, and what the brief says already.
  const away = new Set([...turned.map((t) => t.sentence), ...entries.filter((e) => e.sourceId === tableId).map((e) => e.sentence)]);
  const { names } = await coverOf(await loadState(pool(), stateId));
  return { version, proposals: proposals(untold(head, names)).filter((p) => !away.has(p.sentence)) };
}

/** A proposal that is not wanted: it does not come back. */
export async function turnAway(workspaceId: number, sentence: string): Promise<void> {
  await database().insert(schema.turnedAway).values({ workspaceId, sentence }).onConflictDoNothing();
}

/** How a request is accounted for, part by part. */
export async function accountInWorkspace(workspaceId: number, tableId: number, request: string): Promise<ExplainReply> {
  const { head } = await headNow(workspaceId, tableId);
  const found = account(request, head);
  const table = `handoff.${identifier(sqlName(head.name))}`;
  // Each sentence is over the table that the one before leads to.
  let now = head;
  const sql = (found.considered[0]?.sentences ?? []).flatMap((sentence) => {
    const plan = readExact(sentence);
    if (!plan || found.considered[0]!.problem) return [];
    const made = planSql(plan, now, table);
    now = headAfter(plan, now);
    return [made];
  });
  return { ...found, sql };
}
