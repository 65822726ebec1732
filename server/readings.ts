import { NO_MEMORY, readRequest, type Memory } from '../core/language/read';
import { isUndo } from '../core/language/dialogue';
import { vocabularyOf, type Vocabulary } from '../core/language/mentions';
import type { ReadReply } from '../contract/views';
import { pool } from './db/client';
import { Told } from './errors';
import { headFor, type EntryRow } from './revise';
import { loadState } from './store/tables';
import { currentStates } from './workspaces';

const vocabularies = new Map<number, Vocabulary>();

/** A request read against a table as it stands now, with what was kept before it; with `key`, as it stood before that sentence. */
export async function readInWorkspace(workspaceId: number, tableId: number, request: string, key: string | null = null): Promise<ReadReply> {
  const { states, entries, row } = await currentStates(workspaceId);
  const own = entries.filter((e) => e.sourceId === tableId);
  const edited = key === null ? -1 : own.findIndex((e) => e.key === key);
  const before = edited < 0 ? own : own.slice(0, edited);
  const stateId = edited < 0 ? states.get(tableId) : own[edited]!.before;
  if (stateId === undefined) throw new Told('There is no such table.', 404, 'gone');
  if (isUndo(request)) return { version: row.version, stateId, answer: { outcome: 'undo' } };
  const state = await loadState(pool(), stateId);
  const head = await headFor(state);
  let vocabulary = vocabularies.get(stateId);
  if (!vocabulary) {
    vocabulary = vocabularyOf(head);
    vocabularies.set(stateId, vocabulary);
    if (vocabularies.size > 24) vocabularies.delete(vocabularies.keys().next().value!);
  }
  return { version: row.version, stateId, answer: readRequest(request, head, await memoryOf(before), vocabulary) };
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
  const topic = 'columns' in plan ? plan.columns : 'name' in plan ? [plan.name] : [];
  return { topic, last: { plans: together.map((e) => e.plan), head } };
}
