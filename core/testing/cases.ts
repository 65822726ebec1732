import { openSession, tell, type Session } from '../brief/session';
import { tableFromBytes } from '../formats/import';
import { cellsOf } from '../formats/write';
import type { Answer } from '../language/read';
import type { Table } from '../table/table';
import { faultsOf, type Expectation, type Plain } from './judge';

/** Requests with what must come out, and exact sentences that give it. */
export interface Case {
  readonly id: string;
  readonly category: string;
  readonly tables: readonly { readonly name: string; readonly file: string }[];
  readonly say: readonly string[];
  readonly expect: Expectation;
  /** The exact sentences that do it; empty where no ability does yet. */
  readonly exact: readonly string[];
}

export type Verdict = 'right' | 'asked' | 'wrong';

const plainOf = async (table: Table): Promise<Plain> => ({ columns: table.columns.map((c) => c.name), rows: await cellsOf(table) });

/** Says requests to a fresh session over a file, one after the other; what came of each, and how long each was read. */
export async function sayAll(bytes: Uint8Array, name: string, requests: readonly string[]): Promise<{ session: Session; before: Plain; outcomes: (Answer['outcome'] | 'undone')[]; answers: Answer[] }> {
  let session = await openSession(await tableFromBytes(name, bytes));
  const before = await plainOf(session.table);
  const outcomes: (Answer['outcome'] | 'undone')[] = [];
  const answers: Answer[] = [];
  for (const request of requests) {
    const said = await tell(session, request);
    session = said.session;
    outcomes.push(said.answer.outcome);
    if (said.answer.outcome !== 'undone') answers.push(said.answer);
  }
  return { session, before, outcomes, answers };
}

/** Says a case's requests and judges what came out. */
export async function judge(one: Case, bytes: Uint8Array, requests: readonly string[] = one.say): Promise<{ verdict: Verdict; faults: readonly string[] }> {
  const { session, before, outcomes } = await sayAll(bytes, one.tables[0]!.name, requests);
  const wanted = [one.expect.outcome ?? 'done'].flat();
  const said = outcomes.map((o) => (o === 'undone' ? 'done' : o));
  const last = said.at(-1)!;
  if (!wanted.includes(last) || (said.slice(0, -1).some((o) => o !== 'done') && !wanted.includes('question'))) {
    return last === 'done' && !wanted.includes('done') ? { verdict: 'wrong', faults: ['it was carried out'] } : { verdict: 'asked', faults: [last] };
  }
  if (last !== 'done') return { verdict: session.entries.length ? 'wrong' : 'right', faults: [] };
  const faults = faultsOf(one.expect, before, await plainOf(session.table), session.answered);
  return { verdict: faults.length ? 'wrong' : 'right', faults };
}
