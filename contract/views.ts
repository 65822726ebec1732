import type { ColumnType } from '../core/table/column';
import type { ImportNote, Preview } from '../core/formats/import';
import type { Advised } from '../core/language/advice';
import type { ColumnProfile } from '../core/profile/profile';
import type { Glance } from '../core/profile/glance';
import type { ColumnTotal } from '../core/review/balance';
import type { Account, Answer } from '../core/language/read';
import type { Norms } from '../core/language/norms';
import type { ColumnTie } from '../core/language/ties';
import type { Difference } from '../core/review/difference';
import type { Reason } from '../core/review/queue';
import type { Statement } from '../core/review/statement';
import type { Completion } from '../core/language/completion';
import type { Proposal } from '../core/language/proposals';
import type { AnswerTable } from '../core/steps/step';
import type { SortKey } from '../core/steps/order';
import type { Plan } from '../core/steps/registry';
import type { PlanSql } from '../core/steps/sql';
import type { KindCount, Report } from '../core/steps/run';
import type { ShapeLook } from '../core/steps/by-example/shapes';
import type { SpellingGroup } from '../core/match/spellings';
import type { Look as ColumnLook, Mark } from '../core/table/look';
import type { CellValue } from '../core/values/cell';

/* What goes between the page and the server. */

/** What the desk shows of a workspace. */
export interface WorkspaceSummary {
  readonly id: number;
  readonly name: string;
  readonly tables: readonly { readonly name: string; readonly rows: number }[];
  readonly sentences: number;
  readonly onHold: number;
  readonly draft: string | null;
  readonly createdAt: string;
}

export interface ColumnView {
  readonly name: string;
  /** It is shown masked. */
  readonly covered: boolean;
  readonly type: ColumnType;
  readonly look: ColumnLook | null;
  /** The sentence that gives it its look. */
  readonly lookSaid: string | null;
  /** Which of its cells are marked, and whether that can still be told. */
  readonly marks: readonly (Mark & { readonly stands: boolean })[];
  readonly glance: Omit<Glance, 'values'> & { readonly common: readonly (readonly [string, number])[]; readonly distinct: number | null };
}

export interface TableView {
  readonly id: number;
  readonly name: string;
  readonly fileName: string;
  /** The table that this one is a kept answer over; null for one that came in a file. */
  readonly answerOver: string | null;
  readonly stateId: number;
  readonly rows: number;
  readonly sourceRows: number;
  /** Rows that sentences added to those brought in. */
  readonly addedRows: number;
  readonly columns: readonly ColumnView[];
  /** The columns that are out of sight, and the sentence that shows them again. */
  readonly hidden: { readonly columns: readonly string[]; readonly show: string } | null;
  readonly totals: readonly ColumnTotal[];
  readonly sourceTotals: readonly ColumnTotal[];
  readonly notes: readonly ImportNote[];
}

export interface SentenceView {
  readonly key: string;
  readonly tableId: number;
  readonly request: string;
  readonly sentence: string;
  readonly plan: Plan;
  readonly reads: readonly string[];
  readonly writes: readonly string[];
  readonly report: Omit<Report, 'codes' | 'stays'>;
  readonly beforeState: number;
  readonly afterState: number;
}

/** What is shown masked on every page and in every hand-off, and whether the workspace has a key for its masks. */
export interface CoveringView {
  readonly on: boolean;
  readonly columns: readonly string[];
  readonly key: boolean;
}

/** What is learnt from wished results: the exact sentence, if there is one, and what it gives for every shape of the texts. */
export interface ByExampleReply {
  readonly sentence: string | null;
  readonly shapes: readonly ShapeLook[];
}

/** A remembered decision about a spelling; `to` null: it is left as it is. */
export interface SpellingView {
  readonly column: string;
  readonly from: string;
  readonly to: string | null;
}

export interface HoldView {
  readonly id: number;
  readonly key: string;
  readonly kind: string | null;
  readonly position: number | null;
  readonly note: string;
  readonly rows: number;
  readonly words: string;
}

/** A brief gone on with apart from the workspace's own. */
export interface TryoutView {
  readonly id: number;
  readonly name: string;
}

/** The try-out that is open, with the versions that the tables have in the brief itself. */
export interface OpenTryout extends TryoutView {
  readonly home: readonly { readonly tableId: number; readonly stateId: number }[];
}

/** Everything the bench shows but the rows themselves. */
export interface WorkspaceView {
  readonly id: number;
  readonly name: string;
  readonly version: number;
  readonly draft: string | null;
  readonly tables: readonly TableView[];
  readonly brief: readonly SentenceView[];
  readonly holds: readonly HoldView[];
  readonly covering: CoveringView;
  readonly undo: string | null;
  readonly redo: string | null;
  readonly tryout: OpenTryout | null;
  /** The try-outs that are not open. */
  readonly tryouts: readonly TryoutView[];
  /** The workspace whose brief was run on a new file to make this one. */
  readonly from: { readonly id: number; readonly name: string } | null;
}

/** A window of rows: for each its position, the place in the source file it comes from (counted from 0), and its cells. */
export interface RowWindow {
  readonly total: number;
  readonly from: number;
  readonly positions: readonly number[];
  readonly lines: readonly number[];
  readonly cells: readonly (readonly CellValue[])[];
  /** Of columns with marks: for each row the accent of its cell, 0 where there is none, else its place in ACCENT_NAMES counted from 1. */
  readonly marks: Readonly<Record<string, readonly number[]>>;
}

/** What is only seen so: a temporary order and a filter on one column. Neither changes the table. */
export interface ViewSettings {
  readonly sort: SortKey | null;
  readonly filter: { readonly column: string; readonly text: string } | null;
}

/** What is different between two versions of a table: cells by column and by the way they changed, with the first of each. */
export interface CompareView {
  readonly cells: number;
  readonly columns: readonly { readonly name: string; readonly cells: number; readonly ways: readonly { readonly words: string; readonly cells: number; readonly examples: readonly { readonly position: number; readonly before: CellValue; readonly after: CellValue }[] }[] }[];
  readonly columnsGone: readonly string[];
  readonly columnsNew: readonly string[];
  readonly rowsGone: number;
  readonly rowsNew: number;
}

/** One row's way through the brief: after each sentence that touched it, its kind and the cells that changed. */
export interface CardRow {
  readonly position: number;
  readonly line: number;
}

export interface CardStep {
  readonly key: string;
  readonly sentence: string;
  readonly kind: string;
  readonly held: boolean;
  readonly gone: boolean;
  /** The row that stays in its place, where it was set aside for another; and the first few that were set aside for it. */
  readonly staying: CardRow | null;
  readonly replaced: readonly CardRow[];
  readonly changes: readonly { readonly column: string; readonly before: CellValue; readonly after: CellValue }[];
}

export interface RowCard {
  readonly position: number;
  /** The place in the source file it comes from, counted from 0. */
  readonly line: number;
  readonly source: readonly { readonly column: string; readonly value: CellValue }[];
  readonly now: readonly { readonly column: string; readonly value: CellValue }[] | null;
  readonly steps: readonly CardStep[];
}

/** A kind in the proof, with rows that are as different from each other as can be found quickly. */
export interface ProofKind extends KindCount {
  readonly examples: readonly ProofRow[];
}

export interface ProofRow {
  readonly position: number;
  /** Cells of the proof's columns before and after; null stands for a blank, or for a column that was not there. */
  readonly before: readonly CellValue[];
  readonly after: readonly CellValue[];
  readonly gone: boolean;
  /** The rows that were added to it. */
  readonly added?: readonly (readonly CellValue[])[];
}

/** Rows of a kind that look the same before and after: how many, and the cells of the first. The places are those of the first some thousands. */
export interface FormView {
  readonly rows: number;
  readonly rare: boolean;
  readonly before: readonly CellValue[];
  readonly after: readonly CellValue[];
  readonly positions: readonly number[];
}

/** The trial result of one plan. */
export interface Proof {
  readonly sentence: string;
  readonly columns: readonly { readonly name: string; readonly made: boolean; readonly isNew: boolean; /** How its values are written before and after. */ readonly looks?: readonly [ColumnLook | null, ColumnLook | null] }[];
  readonly columnsBefore: readonly string[];
  readonly columnsAfter: readonly string[];
  readonly kinds: readonly ProofKind[];
  readonly rowsIn: number;
  readonly rowsOut: number;
  /** Only the first rows of a large table were looked at so far. */
  readonly partial: boolean;
  readonly totals: { readonly before: readonly ColumnTotal[]; readonly after: readonly ColumnTotal[] };
  /** Groups of look-alike spellings that the step found, the largest first, and how many there are. */
  readonly spellings: { readonly groups: readonly SpellingGroup[]; readonly total: number } | null;
  /** Of a question: what it is answered with. */
  readonly answer: AnswerTable | null;
}

/** A file that was sent and not yet kept. */
export interface Upload {
  readonly id: string;
  readonly fileName: string;
  readonly bytes: number;
  readonly sha256: string;
}

/** What was found in an uploaded file, with the columns that seem to be about persons. */
export interface UploadPreview extends Preview {
  readonly upload: Upload;
  readonly persons: readonly string[];
}

/** How a request was understood, and against which version. */
export interface ReadReply {
  readonly version: number;
  readonly stateId: number;
  readonly answer: Answer | { readonly outcome: 'undo' };
  /** Ways to go on at the end of the request. */
  readonly completions: readonly Completion[];
}

/** How a request is accounted for, and its likeliest reading as SQL, sentence by sentence, or why there is none. */
export type ExplainReply = Account & { readonly sql: readonly PlanSql[] };

/** A wording that the workspace has learnt. */
export interface LessonView {
  readonly id: number;
  readonly said: string;
  readonly means: readonly string[];
}

/** What is in a column, how it stands, and what would mend it. */
export type ProfiledColumn = ColumnProfile & Advised;

export interface ProfileReply {
  readonly version: number;
  readonly columns: readonly ProfiledColumn[];
}

/** What is worth saying next about a table, without what was turned away. */
export interface ProposalsReply {
  readonly version: number;
  readonly proposals: readonly Proposal[];
}

/** One thing of the review: a kind that wants a look, rows on hold, a check that fails. */
export interface ReviewItem {
  readonly id: string;
  readonly reason: Reason;
  readonly key: string;
  readonly tableId: number;
  /** The number of the sentence in the brief of its table. */
  readonly n: number;
  readonly sentence: string;
  readonly kind: string | null;
  readonly words: string;
  /** A check that the hand-off waits for. */
  readonly guards: boolean;
  readonly rows: number;
  readonly of: number;
  /** Rows of it that were looked at one by one, and how many of them were found wrong. */
  readonly looked: number;
  readonly wrong: number;
  readonly settled: boolean;
  readonly note: string;
  /** Who settled it, and when. */
  readonly by: string;
}

/** A sample and what was found in it so far. */
export interface SampleView {
  readonly id: number;
  readonly tableId: number;
  readonly drawn: number;
  readonly looked: number;
  readonly wrong: number;
  readonly rows: number;
  readonly seed: number;
  readonly share: number;
  readonly certainty: number;
  readonly by: readonly string[];
  readonly statement: string;
  readonly done: boolean;
}

export interface SignOffView {
  readonly id: number;
  readonly tableId: number;
  readonly author: string;
  readonly at: string;
  /** The table is still as it was signed off. */
  readonly current: boolean;
}

export interface ReviewView {
  readonly version: number;
  readonly items: readonly ReviewItem[];
  readonly samples: readonly SampleView[];
  readonly statements: readonly { readonly tableId: number; readonly statement: Statement }[];
  readonly signoffs: readonly SignOffView[];
}

/** What somebody found in a kind, or in one row; null takes it back. */
export interface Look {
  readonly key: string | null;
  readonly kind: string | null;
  readonly position: number | null;
  readonly sampleId: number | null;
  readonly verdict: 'right' | 'wrong' | null;
  readonly note: string;
}

/** One row of the review: its cells before the sentence (null where nothing was changed), after it, and now. */
export interface ReviewRow {
  readonly position: number;
  readonly before: readonly CellValue[] | null;
  readonly after: readonly CellValue[];
  readonly now: readonly CellValue[];
  /** It is not in the table now. */
  readonly gone: boolean;
  readonly look: { readonly verdict: 'right' | 'wrong'; readonly note: string; readonly author: string } | null;
}

export interface ReviewRows {
  readonly total: number;
  readonly columns: readonly string[];
  readonly rows: readonly ReviewRow[];
  /** What the rows were narrowed down to, and all of them (up to some thousands), so that they can be judged together. */
  readonly narrowed?: { readonly sentence: string; readonly positions: readonly number[] };
}

/** A brief that can be run on a new file: the table it is about, and what each of its columns is tied to. */
export interface AgainView {
  readonly workspace: string;
  readonly table: string;
  readonly sentences: number;
  readonly ties: readonly ColumnTie[];
  /** Columns without which a sentence cannot run. */
  readonly needed: readonly string[];
}

/** What was read of a text of norms; once kept, the table they are, and what can be said with it. */
export interface NormsReply extends Norms {
  readonly kept: { readonly tableId: number; readonly sentences: readonly string[] } | null;
}

/** What is different this time from the run before. */
export interface DifferenceView {
  readonly before: string;
  readonly differences: readonly Difference[];
}
