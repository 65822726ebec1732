import type Joi from 'joi';
import { dressOf, headOf, type Chunk, type ColumnHead } from '../table/column';
import type { SpellingGroup } from '../match/spellings';
import type { Table } from '../table/table';
import type { CheckedHead, Problem } from '../formula/check';
import type { CellValue } from '../values/cell';
import type { Syntax } from '../language/exact';

/** Rows to which a step did the same sort of thing. Odd kinds want a look and come first in the proof. */
export interface Kind {
  readonly key: string;
  readonly words: string;
  readonly odd: boolean;
  /** What came out is hardly right: such rows come before all others. */
  readonly unlikely?: true;
  /** The step left such rows as they were. */
  readonly same?: boolean;
}

/** Where a column of the result comes from: kept as it is, or the n-th column the step makes. */
export interface OutlineColumn {
  readonly head: ColumnHead;
  readonly from: { readonly kept: string } | { readonly made: number; /** the column whose old value a held row keeps */ readonly before?: string };
}

/** The columns a plan leads to, found without reading a row. */
export interface Outline {
  readonly columns: readonly OutlineColumn[];
}

/** What a step does to cells, chunk by chunk: the made columns' chunks, and the kind of each row. */
export interface CellWork {
  readonly work: 'cells';
  readonly reads: readonly string[];
  readonly kinds: readonly Kind[];
  /** Groups of look-alike spellings that were found, for the proof. */
  readonly spellings?: readonly SpellingGroup[];
  run(chunks: readonly Chunk[], from: number, length: number): { readonly made: readonly Chunk[]; readonly kinds: Uint8Array };
}

/** What a step does to rows, chunk by chunk: 1 for each row that stays, and the kind of each row. */
export interface SiftWork {
  readonly work: 'sift';
  readonly reads: readonly string[];
  readonly kinds: readonly Kind[];
  run(chunks: readonly Chunk[], from: number, length: number): { readonly stay: Uint8Array; readonly kinds: Uint8Array };
}

/** What a step does to rows that needs all of them at once: the positions that are left, in order, and the kind of each position. */
export interface SelectWork {
  readonly work: 'select';
  readonly kinds: readonly Kind[];
  run(): Promise<{ readonly rows: Uint32Array; readonly kinds: Uint8Array; /** Rows set aside for another that stays: pairs of positions. */ readonly stays?: readonly number[] }>;
}

/**
 * What a step does where a row becomes several: for each row how many (at least one), the made columns' cells for all of
 * them in order, and the kind of each row. The first of them keeps the row's position, the others are added behind it.
 */
export interface SpreadWork {
  readonly work: 'spread';
  readonly reads: readonly string[];
  readonly kinds: readonly Kind[];
  run(chunks: readonly Chunk[], from: number, length: number): { readonly counts: Uint32Array; readonly made: readonly Chunk[]; readonly kinds: Uint8Array };
}

/** A step that only names, orders or leaves out columns. */
export interface LayoutWork {
  readonly work: 'layout';
}

/** A small table that answers a question, with how many rows are behind each of its own, and how many groups there are. */
export interface AnswerTable {
  readonly columns: readonly string[];
  readonly rows: readonly (readonly CellValue[])[];
  readonly members: readonly number[];
  readonly groups: number;
  /** One line more, for all of the groups, with how many rows are behind it. */
  readonly inAll?: { readonly cells: readonly CellValue[]; readonly members: number };
}

/** All lines of an answer, the one for all groups last. */
export const linesOf = ({ rows, inAll }: AnswerTable): readonly (readonly CellValue[])[] => (inAll ? [...rows, inAll.cells] : rows);

/** A step that answers a question and changes nothing. */
export interface AnswerWork {
  readonly work: 'answer';
  run(): Promise<AnswerTable>;
}

export type Work = CellWork | SiftWork | SelectWork | SpreadWork | LayoutWork | AnswerWork;

/** Thrown by a step that lacks something from outside the table; the message is meant for the person. */
export class CannotRun extends Error {
  override readonly name = 'CannotRun';
}

/** Everything there is to know of one kind of step. `P` is its plan. */
export interface StepDefinition<P extends { readonly step: string } = { readonly step: string }> {
  readonly step: P['step'];
  /** What the step is, in a few words, for documents and completion. */
  readonly title: string;
  readonly schema: Joi.ObjectSchema<P>;
  /** The sentence, without its full stop. */
  readonly syntax: Syntax<P>;
  /** An example of an exact sentence, for documents and for answers that say what can be done. */
  readonly example: string;
  /** Names of the columns the plan speaks of that must be there. */
  reads(plan: P): readonly string[];
  /** Everything that is wrong with the plan over such a table; the columns it reads are there. */
  check(plan: P, head: CheckedHead): readonly Problem[];
  outline(plan: P, head: CheckedHead): Outline;
  /** `onProgress` is told how far a long preparation is. */
  prepare(plan: P, table: Table, head: CheckedHead, onProgress?: (done: number, total: number) => void): Work | Promise<Work>;
}

/** The outline of a step that changes cells or rows but no column's name or place, with some columns made anew. */
export function sameColumns(head: CheckedHead, remade: readonly ColumnHead[] = []): Outline {
  return {
    columns: head.columns.map((column) => {
      const made = remade.findIndex((r) => r.name === column.name);
      return made < 0 ? keep(column) : { head: { ...remade[made]!, ...dressOf(column) }, from: { made, before: column.name } };
    }),
  };
}

/** A column that stays as it is. */
export const keep = (column: ColumnHead): OutlineColumn => ({ head: headOf(column), from: { kept: column.name } });

/** Names of the columns that a step makes anew. */
export const madeBy = ({ columns }: Outline): string[] => columns.flatMap((c) => ('made' in c.from ? [c.head.name] : []));

/** Names of the columns that a step makes, changes or renames. */
export const writtenBy = ({ columns }: Outline): string[] => columns.filter((c) => 'made' in c.from || c.from.kept !== c.head.name).map((c) => c.head.name);

/** The outline with new columns put right after column `after` (at the end when it is undefined). */
export function withNew(head: CheckedHead, made: readonly ColumnHead[], after?: string): Outline {
  const columns = head.columns.map(keep);
  const at = after === undefined ? columns.length : columns.findIndex((c) => c.head.name === after) + 1;
  columns.splice(at, 0, ...made.map((h, i): OutlineColumn => ({ head: h, from: { made: i } })));
  return { columns };
}

/** Problems for names that are taken already, or given twice. */
export function checkNewNames(names: readonly string[], head: CheckedHead): Problem[] {
  const taken = new Set(head.columns.map((c) => c.name.toLowerCase()));
  const problems: Problem[] = [];
  for (const name of names) {
    if (taken.has(name.toLowerCase())) problems.push({ text: `There is already a column “${name}”. Say another name.`, column: name });
    taken.add(name.toLowerCase());
  }
  return problems;
}
