import type { Report } from '../steps/run';
import { rowCount, type Table } from '../table/table';
import { balance, type ColumnTotal } from '../review/balance';
import { writeNumber } from '../values/number';

/** What the record needs to know of one kept sentence. */
export interface RecordedEntry {
  readonly request: string;
  readonly sentence: string;
  readonly report: Pick<Report, 'kinds' | 'rowsIn' | 'rowsOut' | 'held'>;
}

/** The record of the work as Markdown: the brief with figures for each sentence, what is on hold, and the control totals. */
export async function workRecord(name: string, session: { readonly entries: readonly RecordedEntry[]; readonly table: Table }, source?: Table): Promise<string> {
  const totals = await balance(session.table);
  return recordText(name, session.entries, { rows: rowCount(session.table), totals }, source ? { rows: rowCount(source), totals: await balance(source) } : null);
}

interface Stand {
  readonly rows: number;
  readonly totals: readonly ColumnTotal[];
}

/** The same from figures that are known already. `notes` lists what is on hold. */
export function recordText(name: string, entries: readonly RecordedEntry[], now: Stand, before: Stand | null, notes: readonly string[] = []): string {
  const out = [`# Record of the work on ${plain(name)}`, '', '## Brief', ''];
  entries.forEach((entry, i) => {
    const { report } = entry;
    out.push(`${i + 1}. ${plain(entry.sentence)}`);
    if (entry.request && entry.request !== entry.sentence) out.push(`   - asked as: “${plain(entry.request)}”`);
    out.push(`   - rows in ${report.rowsIn}, out ${report.rowsOut}${report.rowsIn === report.rowsOut ? '' : `, set aside ${report.rowsIn - report.rowsOut}`}${report.held ? `, on hold ${report.held}` : ''}`);
    for (const kind of report.kinds) out.push(`   - ${kind.rows} ${kind.rows === 1 ? 'row' : 'rows'}: ${plain(kind.words)}`);
  });
  if (!entries.length) out.push('Nothing was changed.');
  out.push('', '## On hold', '', ...(notes.length ? notes.map((n) => `- ${plain(n)}`) : ['Nothing is on hold.']));
  out.push('', '## Control totals', '', '| column | before | now |', '| --- | ---: | ---: |', `| rows | ${before?.rows ?? ''} | ${now.rows} |`);
  for (const total of now.totals) {
    const was = before?.totals.find((t) => t.column === total.column);
    out.push(`| sum of ${plain(total.column)} | ${was ? writeNumber(was.sum) : ''} | ${writeNumber(total.sum)} |`);
  }
  return `${out.join('\n')}\n`;
}

/** Text that Markdown takes as it is. */
const plain = (text: string): string => text.replace(/[\\`*_{}[\]<>|#]/g, (c) => `\\${c}`).replace(/\s+/g, ' ');
