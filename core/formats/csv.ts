import Papa from 'papaparse';

/** How the text of a delimited file is laid out. */
export interface Layout {
  readonly delimiter: string;
  readonly quote: string;
  readonly header: boolean;
}

export const DELIMITERS: readonly string[] = [',', ';', '\t', '|'];

/** A row longer than this, or a quote that stays open for longer, is taken for a broken file. Characters. */
export const LONGEST_ROW = 8 * 1024 * 1024;

/** A file that cannot be read on: the line where it went wrong and a sentence that says what to do. */
export class UnreadableFile extends Error {
  constructor(message: string, readonly line: number) {
    super(message);
  }
}

/**
 * Reads delimited text block by block (RFC 4180, and the usual departures from it: any line end, spaces around
 * quotes). `write` takes the next block and returns the rows that are complete; `end` returns the rest. Memory is
 * bounded by the longest row. Blank lines are passed over. `line` of a row is the source line it starts on.
 */
export class RowReader {
  private rest = '';
  private line = 1;
  private newline = '';
  readonly quoteFaults: number[] = [];

  constructor(private readonly layout: Pick<Layout, 'delimiter' | 'quote'>) {}

  write(block: string): string[][] {
    this.rest += block;
    return this.take(true);
  }

  end(): string[][] {
    return this.take(false);
  }

  /** Source lines on which the rows of the last call start. */
  lines: number[] = [];

  private take(more: boolean): string[][] {
    if (this.rest === '') return (this.lines = []), [];
    if (this.newline === '' && !this.guessNewline(more)) return (this.lines = []), [];
    const { delimiter, quote } = this.layout;
    const config = { delimiter, quoteChar: quote || '\u0000', escapeChar: quote || '\u0000', newline: this.newline };
    const parser = new (Papa as unknown as { Parser: new (c: unknown) => { parse(t: string, base: number, partial: boolean): Papa.ParseResult<string[]> } }).Parser(config);
    const { data, errors, meta } = parser.parse(this.rest, 0, more);
    if (more && data.length === 0 && this.rest.length > LONGEST_ROW) {
      throw new UnreadableFile(`The row that begins on line ${this.line} does not end within ${LONGEST_ROW / 1024 / 1024} MB: a quote is probably left open there. Mend that line, or choose “no quotes”.`, this.line);
    }
    const consumed = more ? this.rest.slice(0, meta.cursor) : this.rest;
    // Where there are as many line ends as rows, no cell holds one, and no cell has to be looked at.
    const plain = count(consumed, '\n') <= data.length;
    const faulty = new Set(errors.filter((e) => e.type === 'Quotes').map((e) => e.row ?? 0));
    const rows: string[][] = [];
    this.lines = [];
    data.forEach((row, i) => {
      const start = this.line;
      let breaks = 1;
      if (!plain) for (let c = 0; c < row.length; c++) if (row[c]!.includes('\n')) breaks += count(row[c]!, '\n');
      this.line += breaks;
      const last = row.length - 1;
      if (row[last]!.endsWith('\r')) row[last] = row[last]!.slice(0, -1);
      if (faulty.has(i)) this.quoteFaults.push(start);
      if (row.length === 1 && row[0] === '') return;
      rows.push(row);
      this.lines.push(start);
    });
    this.rest = more ? this.rest.slice(meta.cursor) : '';
    return rows;
  }

  /** Lines end at '\n' wherever there is one (a '\r' before it is dropped later); else at '\r'. */
  private guessNewline(more: boolean): boolean {
    if (this.rest.includes('\n')) this.newline = '\n';
    else if (this.rest.includes('\r') && (!more || this.rest.indexOf('\r') < this.rest.length - 1)) this.newline = '\r';
    else if (!more) this.newline = '\n';
    else if (this.rest.length > LONGEST_ROW) throw new UnreadableFile('The first line does not end within 8 MB. This does not look like a table of rows.', 1);
    return this.newline !== '';
  }
}

const count = (text: string, mark: string): number => {
  let n = 0;
  for (let at = text.indexOf(mark); at >= 0; at = text.indexOf(mark, at + 1)) n++;
  return n;
};

/**
 * The layout of a delimited text from a sample of it: the delimiter that cuts the most lines into the same number (over
 * one) of cells, double quotes unless only single ones stand at cell borders, and a header unless the first row holds
 * numbers or dates, blanks aside.
 */
export function detectLayout(sample: string, looksLikeData: (cell: string) => boolean): Layout {
  let best = { delimiter: ',', score: -1 };
  const quote = /(^|[,;\t|\n])'[^'\n]*'([,;\t|\r\n]|$)/.test(sample) && !sample.includes('"') ? "'" : '"';
  for (const delimiter of DELIMITERS) {
    const rows = sampleRows(sample, delimiter, quote);
    const widths = new Map<number, number>();
    for (const row of rows) widths.set(row.length, (widths.get(row.length) ?? 0) + 1);
    const [width, times] = [...widths].sort((a, b) => b[1] - a[1] || b[0] - a[0])[0] ?? [1, 0];
    const score = width < 2 ? 0 : (times / Math.max(1, rows.length)) * (1 + Math.log2(width) / 10);
    if (score > best.score) best = { delimiter, score };
  }
  const first = sampleRows(sample, best.delimiter, quote)[0] ?? [];
  return { delimiter: best.delimiter, quote, header: first.length > 0 && !first.some((cell) => cell.trim() !== '' && looksLikeData(cell)) };
}

/** The first rows (at most `most`) of a sample; a row cut off by the end of the sample is left out when there are others. */
export function sampleRows(sample: string, delimiter: string, quote: string, most = 200): string[][] {
  const reader = new RowReader({ delimiter, quote });
  let rows: string[][] = [];
  try {
    rows = reader.write(sample);
    if (rows.length === 0 || !/[\r\n]$/.test(sample)) rows = rows.concat(rows.length > 20 ? [] : reader.end());
    else rows = rows.concat(reader.end());
  } catch (error) {
    if (!(error instanceof UnreadableFile)) throw error;
  }
  return rows.slice(0, most);
}

/** Text that a spreadsheet program would run as a formula when it opens the file (OWASP, CSV injection). */
const DANGEROUS = /^[=+\-@\t\r]/;
const PLAIN_NUMBER = /^[+-]?(?:\d+\.?\d*|\.\d+)$/;

/**
 * One row of a CSV file (RFC 4180), without its line end. Cells that would run as a formula get an apostrophe before
 * them unless `raw`; plain numbers with a sign are left alone.
 */
export function csvLine(cells: readonly string[], raw = false): string {
  let line = '';
  for (let i = 0; i < cells.length; i++) {
    let cell = cells[i]!;
    if (!raw && DANGEROUS.test(cell) && !PLAIN_NUMBER.test(cell)) cell = `'${cell}`;
    if (/[",\r\n]/.test(cell) || cell.startsWith(' ') || cell.endsWith(' ')) cell = `"${cell.replace(/"/g, '""')}"`;
    line += i === 0 ? cell : `,${cell}`;
  }
  return line;
}
