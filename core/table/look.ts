/** How a date is written out. */
export type DateLook = 'day month year' | 'weekday day month year' | 'month year' | 'day/month/year' | 'day.month.year' | 'month/day/year' | 'year-month-day';

/** How the values of a column are shown. The values themselves stay as they are. */
export interface Look {
  readonly decimals?: number;
  /** Thousands stand apart by a narrow space (ISO 80000-1). */
  readonly thousands?: true;
  /** Shares of one as so many in a hundred. */
  readonly percent?: true;
  readonly sign?: { readonly text: string; readonly side: 'front' | 'behind' };
  /** Negative numbers stand in brackets. */
  readonly brackets?: true;
  readonly date?: DateLook;
}

/** The accents that cells are marked in; each has a colour and a shape of its own. */
export const ACCENT_NAMES = ['kept', 'held', 'pending'] as const;
export type Accent = (typeof ACCENT_NAMES)[number];

/** Cells that are marked: in which accent, and the condition on their row, in its exact words. */
export interface Mark {
  readonly accent: Accent;
  readonly where: string;
}
