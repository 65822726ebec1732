import { isQuestion } from '../core/steps/questions';
import type { CellValue } from '../core/values/cell';
import { checkPlan, definitionOf, sayPlan, type Plan } from '../core/steps/registry';
import { ABSENT, firstRows, headWithGlances, provePlan, tryPlan, type KindCount, type Report } from '../core/steps/run';
import { CHUNK_ROWS } from '../core/table/column';
import { sourceSize } from '../core/table/grown';
import type { CheckedHead } from '../core/formula/check';
import type { Look } from '../core/table/look';
import { withoutHidden, type Table } from '../core/table/table';
import { balance } from '../core/review/balance';
import { madeBy } from '../core/steps/step';
import { formsAmong, mostDifferent } from '../core/review/forms';
import { headAfter } from '../core/language/acts';
import type { FormView, Proof, ProofKind, ProofRow } from '../contract/views';
import { pool } from './db/client';
import { runnable } from './beside';
import { coverAfter, coverOf, shownAs, shownAnswer, type Cover } from './covering';
import { Told } from './errors';
import { cellsNamed } from './rows';
import { aside, type Progress } from './runner';
import { loadState } from './store/tables';

/** Rows of the first look at a large table: whole chunks. */
export const FIRST_LOOK = CHUNK_ROWS * 2;
const EXAMPLES = 8;
/** Added rows that are shown with the rows of a kind. */
const MOST_ADDED = 2_000;
/** Rows of a kind among which the most different are chosen. */
const LOOKED_AT = 96;
/** Rows of an answer, and groups of spellings, that are sent to the page. */
const SHOWN_GROUPS = 500;

/** Who watches a proof: it can be stopped between chunks, and tells how far it is. */
export interface Watch {
  readonly check?: () => void | Promise<void>;
  readonly onProgress?: (done: number, total: number) => void;
}

/** Tries plans one after the other over a version of a table; nothing is written. */
export async function prove(stateId: number, plans: readonly Plan[], part: 'first' | 'all', { check, onProgress }: Watch = {}): Promise<Proof[]> {
  const state = await loadState(pool(), stateId);
  const { table: whole, head: first } = await runnable(state);
  let head = first;
  // A figure over the first rows would be a wrong answer: questions are put to the whole table.
  const asks = plans.every(isQuestion);
  let table = part === 'first' && !asks ? firstRows(whole, FIRST_LOOK) : whole;
  const partial = table.size < whole.size;
  let cover = await coverOf(state);
  const proofs: Proof[] = [];
  for (const [i, plan] of plans.entries()) {
    const [problem] = checkPlan(plan, head);
    if (problem) throw new Told(problem.text, 422, 'depends');
    const { table: tried, report, answer, spellings } = await provePlan(plan, table, head, { ...(check ? { check } : {}), ...(onProgress ? { onProgress: (done: number, total: number) => onProgress(i + done / total, plans.length) } : {}) });
    const covered = cover.names;
    const after = coverAfter(cover, plan, head);
    proofs.push({ ...(await proofOf(plan, table, tried, report, partial, head, cover, after)), spellings: spellings && !definitionOf(plan).reads(plan).some((n) => covered.has(n)) ? { groups: spellings.slice(0, SHOWN_GROUPS), total: spellings.length } : null, answer: answer ? shownAnswer(plan, { ...answer, rows: answer.rows.slice(0, SHOWN_GROUPS), members: answer.members.slice(0, SHOWN_GROUPS) }, cover) : null });
    cover = after;
    head = tried.size <= 50_000 && !partial ? await headWithGlances(tried) : headAfter(plan, head);
    table = tried;
  }
  return proofs;
}

async function proofOf(plan: Plan, before: Table, after: Table, report: Report, partial: boolean, head: CheckedHead, coverBefore: Cover, coverNow: Cover): Promise<Omit<Proof, 'answer' | 'spellings'>> {
  const [shownBefore, shownAfter] = [shownAs(before, coverBefore), shownAs(after, coverNow)];
  const definition = definitionOf(plan);
  const outline = definition.outline(plan, head);
  const made = new Set(madeBy(outline));
  // Columns that are only seen otherwise.
  const lookOf = (table: Table, name: string): Look | null => table.columns.find((c) => c.name === name)?.look ?? null;
  const dressed = new Set(after.columns.map((c) => c.name).filter((n) => JSON.stringify(lookOf(before, n)) !== JSON.stringify(lookOf(after, n))));
  const names = [...new Set([...definition.reads(plan), ...made])];
  const shown = names.length ? names.slice(0, 8) : withoutHidden(after).columns.slice(0, 6).map((c) => c.name);
  // The first column helps to know the row by.
  const key = withoutHidden(before).columns[0]?.name;
  const columns = [...(key !== undefined && !shown.includes(key) ? [key] : []), ...shown];
  const kinds: ProofKind[] = [];
  const keeps = after.rows && report.rowsIn !== report.rowsOut ? new Set(after.rows) : null;
  for (const kind of report.kinds) {
    const looked = spreadOver(kind, report.codes!, before);
    const [allOld, allNow] = await Promise.all([cellsNamed(shownBefore, columns, looked), cellsNamed(shownAfter, columns, looked)]);
    const places = columns.map((c, i) => (made.has(c) ? i : -1)).filter((i) => i >= 0);
    const concerned = (row: CellValue[]): CellValue[] => (places.length ? places.map((k) => row[k]!) : row);
    const chosen = mostDifferent(looked.map((_, i) => ({ before: concerned(allOld[i]!), after: concerned(allNow[i]!) })), EXAMPLES);
    const [positions, old, now] = [chosen.map((i) => looked[i]!), chosen.map((i) => allOld[i]!), chosen.map((i) => allNow[i]!)];
    kinds.push({ ...kind, examples: await proofRows(positions, old, now, before, shownAfter, columns, keeps) });
  }
  const changedNumbers = [...made];
  const touchesRows = report.rowsIn !== report.rowsOut;
  const [sumsBefore, sumsAfter] = partial ? [[], []] : await Promise.all([balance(before, touchesRows ? undefined : changedNumbers), balance(after, touchesRows ? undefined : changedNumbers)]);
  return {
    sentence: sayPlan(plan),
    columns: columns.map((name) => ({ name, made: made.has(name) || dressed.has(name), isNew: !before.columns.some((c) => c.name === name), ...(lookOf(before, name) || lookOf(after, name) ? { looks: [lookOf(before, name), lookOf(after, name)] as const } : {}) })),
    columnsBefore: before.columns.map((c) => c.name),
    columnsAfter: after.columns.map((c) => c.name),
    kinds,
    rowsIn: report.rowsIn,
    rowsOut: report.rowsOut,
    partial,
    totals: { before: sumsBefore, after: sumsAfter },
  };
}

/** Rows as a proof shows them: their cells before and after, whether they leave, and the rows that were added to them. */
async function proofRows(positions: readonly number[], old: readonly CellValue[][], now: readonly CellValue[][], before: Table, after: Table, columns: readonly string[], keeps: ReadonlySet<number> | null): Promise<ProofRow[]> {
  const added = await addedTo(positions, before, after, columns);
  return positions.map((position, i) => ({ position, before: old[i]!, after: now[i]!, gone: keeps !== null && !keeps.has(position), ...(added.has(position) ? { added: added.get(position)! } : {}) }));
}

/** The rows that a step added to some rows, by the positions of these. O(rows added). */
async function addedTo(positions: readonly number[], before: Table, after: Table, columns: readonly string[]): Promise<Map<number, CellValue[][]>> {
  const out = new Map<number, CellValue[][]>();
  if (after.size === before.size || !after.origins) return out;
  const wanted = new Set(positions);
  const first = sourceSize(after);
  const found: number[] = [];
  for (let p = before.size; p < after.size && found.length < MOST_ADDED; p++) if (wanted.has(after.origins[p - first]!)) found.push(p);
  const cells = await cellsNamed(after, columns, found);
  found.forEach((p, i) => { const origin = after.origins![p - first]!; (out.get(origin) ?? out.set(origin, []).get(origin)!).push(cells[i]!); });
  return out;
}

/** Positions of a kind, spread over the table: the examples are chosen among them. */
function spreadOver(kind: KindCount, codes: Uint8Array, table: Table): number[] {
  const found: number[] = [];
  const stride = Math.max(1, Math.floor(kind.rows / LOOKED_AT));
  let seen = 0;
  for (let p = 0; p < table.size && found.length < LOOKED_AT; p++) {
    if (codes[p] === ABSENT || (codes[p]! & 63) !== kind.code) continue;
    if (seen++ % stride === 0) found.push(p);
  }
  return found;
}

/** The trial of one of some plans, after those before it, with what covers the columns. */
async function trialOf(stateId: number, plans: readonly Plan[], index: number) {
  const state = await loadState(pool(), stateId);
  let { table, head } = await runnable(state);
  let cover = await coverOf(state);
  for (const plan of plans.slice(0, index)) {
    table = await tryPlan(plan, table, head);
    cover = coverAfter(cover, plan, head);
    head = headAfter(plan, head);
  }
  const plan = plans[index]!;
  const { table: tried, report } = await provePlan(plan, table, head);
  return { plan, head, table, tried, report, cover, coverNow: coverAfter(cover, plan, head) };
}

const isOf = (report: Report, code: number) => (p: number): boolean => report.codes![p] !== ABSENT && (report.codes![p]! & 63) === code;

/** A page of the rows of one kind, for unfolding it; with `only`, those of them that are given. */
export async function kindRows(stateId: number, plans: readonly Plan[], index: number, code: number, from: number, count: number, only: readonly number[] | null = null): Promise<ProofRow[]> {
  const { plan, head, table, tried, report, cover, coverNow } = await trialOf(stateId, plans, index);
  const belongs = isOf(report, code);
  const positions: number[] = [];
  if (only) positions.push(...only.filter((p) => p < table.size && belongs(p)).slice(from, from + count));
  else {
    let seen = 0;
    for (let p = 0; p < table.size && positions.length < count; p++) if (belongs(p) && seen++ >= from) positions.push(p);
  }
  const proof = await proofOf(plan, table, tried, { ...report, kinds: [] }, true, head, cover, coverNow);
  const columns = proof.columns.map((c) => c.name);
  const shown = shownAs(tried, coverNow);
  const [old, now] = await Promise.all([cellsNamed(shownAs(table, cover), columns, positions), cellsNamed(shown, columns, positions)]);
  const keeps = tried.rows && report.rowsIn !== report.rowsOut ? new Set(tried.rows) : null;
  return proofRows(positions, old, now, table, shown, columns, keeps);
}

/** The forms among the rows of one kind, the rarest first. */
export async function kindForms(stateId: number, plans: readonly Plan[], index: number, code: number): Promise<FormView[]> {
  const { plan, head, table, tried, report, cover, coverNow } = await trialOf(stateId, plans, index);
  return formViews(plan, head, shownAs(table, cover), shownAs(tried, coverNow), isOf(report, code));
}

const MOST_FORMS = 24;
/** Columns whose cells are shown of a form. */
const FORM_COLUMNS = 4;

/** The forms among some rows of what a sentence read and made, with the cells of the first row of each. What is beyond the rarest and the largest is left out. */
export async function formViews(plan: Plan, head: CheckedHead, before: Table, after: Table, among: (position: number) => boolean): Promise<FormView[]> {
  const definition = definitionOf(plan);
  const named = (names: readonly string[], table: Table): string[] => names.filter((n) => withoutHidden(table).columns.some((c) => c.name === n));
  const [read, made] = [named(definition.reads(plan), before), named(madeBy(definition.outline(plan, head)), after)];
  const all = await formsAmong([{ table: before, names: read }, { table: after, names: made }], among);
  const forms = all.length <= MOST_FORMS ? all : [...all.slice(0, MOST_FORMS - 4), ...all.slice(-4)];
  const firsts = forms.map((f) => f.positions[0]!);
  const [old, now] = await Promise.all([cellsNamed(before, read.slice(0, FORM_COLUMNS), firsts), cellsNamed(after, made.slice(0, FORM_COLUMNS), firsts)]);
  return forms.map((f, i) => ({ ...f, before: old[i]!, after: now[i]! }));
}

/** The whole proof: of a large table in a thread of its own, where `signal` stops it. */
export async function proveAside(stateId: number, plans: readonly Plan[], onProgress: (p: Progress) => void, signal: AbortSignal): Promise<Proof[]> {
  const { table } = await loadState(pool(), stateId);
  return aside('prove', [stateId, plans], table.size, () => prove(stateId, plans, 'all', { check: pause(signal), onProgress: (done, total) => onProgress({ done, total }) }), onProgress, signal);
}

/** Lets others have the thread between chunks, and stops when nobody waits any more. */
export const pause = (signal: AbortSignal) => async (): Promise<void> => {
  await new Promise((go) => setImmediate(go));
  signal.throwIfAborted();
};
