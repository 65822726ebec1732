/** Why something is in the review: a check that fails, rows on hold, rows that were found wrong, a kind that wants a look. */
export type Reason = 'check' | 'held' | 'wrong' | 'odd';

/** What the order of the queue is made of. */
export interface Waiting {
  readonly reason: Reason;
  readonly rows: number;
  /** Rows of the table when the sentence ran. */
  readonly of: number;
  readonly settled: boolean;
}

const FIRST: Readonly<Record<Reason, number>> = { wrong: 0, check: 1, odd: 2, held: 3 };

/**
 * How much something needs a look: what is open before what is settled, by reason, and the rare before the common (a few
 * odd rows are a slip; very many are a way in which the data is). Smaller is sooner.
 */
export const urgency = (w: Waiting): number => (w.settled ? 100 : 0) + FIRST[w.reason] * 10 + (w.of > 0 ? w.rows / w.of : 0);

/** Things that wait, the most urgent first; equal ones stay in the order of the brief. O(n log n). */
export const inOrder = <W extends Waiting>(items: readonly W[]): W[] => [...items].sort((a, b) => urgency(a) - urgency(b));
