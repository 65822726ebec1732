import { roundTo } from './number';

/** How figures are written as text: the mark between thousands and the decimal one. */
export type FigureStyle = 'plain' | 'comma' | 'point' | 'space' | 'decimal comma';

export interface FigureFormat {
  readonly style: FigureStyle;
  /** Digits behind the decimal mark, 0 to 9. */
  readonly places: number;
}

const MARKS: Readonly<Record<FigureStyle, readonly [thousands: string, decimal: string]>> = { plain: ['', '.'], comma: [',', '.'], point: ['.', ','], space: [' ', ','], 'decimal comma': ['', ','] };
export const FIGURE_STYLES = Object.keys(MARKS) as FigureStyle[];

/** A number as text: 1234.5 as '1,234.50'. Halves are rounded away from zero. */
export function writeFigure(value: number, { style, places }: FigureFormat): string {
  const [thousands, decimal] = MARKS[style];
  const [whole, rest] = Math.abs(roundTo(value, places)).toFixed(places).split('.') as [string, string?];
  const grouped = thousands === '' ? whole : whole.replace(/\B(?=(?:\d{3})+$)/g, thousands);
  return `${roundTo(value, places) < 0 ? '-' : ''}${grouped}${rest === undefined ? '' : decimal + rest}`;
}

/** A format shown by the figure 1234: '1,234.00'. */
export const figureSample = (format: FigureFormat): string => writeFigure(1234, format);

/** The format of such a sample, or null. A decimal comma needs decimals to be one. */
export function readFigureSample(text: string): FigureFormat | null {
  const places = /[.,](0{1,9})$/.exec(text)?.[1]?.length ?? 0;
  const style = FIGURE_STYLES.find((s) => (s !== 'decimal comma' || places > 0) && figureSample({ style: s, places }) === text);
  return style === undefined ? null : { style, places };
}
