import type { ImportSettings } from '../formats/import';
import { htmlText, markdownText } from '../formats/markup';
import { balance } from '../review/balance';
import { reasonsOf, statementFor, type ColumnLine, type Stage, type Statement } from '../review/statement';
import { rowCount, type Table } from '../table/table';
import { FAILS, UNTOLD } from '../steps/check/kinds';
import { checkPlan, type Plan } from '../steps/registry';
import { provePlan, type Report } from '../steps/run';
import type { Session } from './session';
import { writeNumber } from '../values/number';

/** One kept sentence in the record: what it says, what it did by kinds, and what of it is on hold. */
export interface RecordedSentence {
  readonly sentence: string;
  readonly request: string;
  readonly rowsIn: number;
  readonly rowsOut: number;
  readonly kinds: readonly { readonly words: string; readonly rows: number; readonly held: number; /** Who looked at the kind as a whole, and when. */ readonly looked?: string }[];
  /** Row numbers in the source (from 1), and kinds by their keys: with them the sentence runs to the same rows again. */
  readonly holds: { readonly rows: readonly number[]; readonly kinds: readonly string[] };
}

/** What somebody said of one row. Rows are counted from 1, as they stand in the source. */
export interface LookedAt {
  readonly row: number;
  /** The number of the sentence and what it did to the row; null for a row of a sample. */
  readonly of: { readonly n: number; readonly words: string } | null;
  readonly verdict: 'right' | 'wrong';
  readonly by: string;
  readonly at: string;
  readonly note: string;
}

/** The record of the work on one table. With the source file it can be run again to the same bytes. */
export interface WorkRecord {
  readonly kulfi: 'record 1';
  readonly table: string;
  readonly signedOff: { readonly by: string; readonly at: string; readonly remark: string } | null;
  readonly source: { readonly file: string; readonly sha256: string; readonly settings: ImportSettings };
  /** The hash is of the table as CSV. */
  readonly result: { readonly rows: number; readonly sha256: string };
  readonly brief: readonly RecordedSentence[];
  /** What each check finds in the result; null where a column of it is not there any more. */
  readonly checks: readonly { readonly sentence: string; readonly fails: number | null; readonly untold: number }[];
  readonly samples: readonly { readonly statement: string; readonly drawn: number; readonly looked: number; readonly seed: number; readonly by: readonly string[] }[];
  /** What was said of single rows: of a kind that a sentence made, or of a sample (then without a sentence). Records of earlier times have none. */
  readonly looks?: readonly LookedAt[];
  /** Rows that were found wrong one by one, and rows put right by hand. */
  readonly foundWrong: number;
  readonly putRight: number;
  /** What was left open, with the reason in words. */
  readonly open: readonly string[];
  readonly notes: readonly string[];
  readonly balance: Statement;
}

/** The record of a session that was run without a page: nobody looked at rows, and nothing is on hold. */
export async function sessionRecord(session: Session, start: Table, source: WorkRecord['source'], sha256: string): Promise<WorkRecord> {
  const stages: Stage[] = [];
  const checks: WorkRecord['checks'][number][] = [];
  for (const e of session.entries) {
    stages.push({ sentence: e.sentence, rowsIn: e.report.rowsIn, rowsOut: e.report.rowsOut, reasons: reasonsOf(e.report), writes: e.writes, after: await balance(e.after) });
    if (e.plan.step !== 'check') continue;
    // A check is about the table as it is in the end.
    checks.push(checkedRows(e.sentence, checkPlan(e.plan, session.head).length ? null : (await provePlan(e.plan, session.table, session.head)).report));
  }
  return {
    kulfi: 'record 1',
    table: start.name,
    signedOff: null,
    source,
    result: { rows: rowCount(session.table), sha256 },
    brief: session.entries.map((e) => ({ sentence: e.sentence, request: e.request, rowsIn: e.report.rowsIn, rowsOut: e.report.rowsOut, kinds: e.report.kinds.map((k) => ({ words: k.words, rows: k.rows, held: k.held })), holds: { rows: [], kinds: [] } })),
    checks,
    samples: [],
    foundWrong: 0,
    putRight: cellsPutRight(session.entries),
    open: session.entries.flatMap((e, i) => (e.plan.step === 'check' ? [] : e.report.kinds.filter((k) => k.odd).map((k) => `sentence ${i + 1}: ${counted(k.rows, 'row')}, ${k.words}`))),
    notes: [],
    balance: statementFor({ rows: rowCount(start), totals: await balance(start) }, stages),
  };
}

/** How many cells the sentences of a brief put right by hand. */
export const cellsPutRight = (entries: readonly { readonly plan: Plan }[]): number => entries.reduce((n, { plan }) => n + (plan.step === 'correct' ? plan.cells.length : 0), 0);

/** What a check found, for the record. */
export function checkedRows(sentence: string, report: Pick<Report, 'kinds'> | null): WorkRecord['checks'][number] {
  const rows = (key: string): number => report?.kinds.find((k) => k.key === key)?.rows ?? 0;
  return { sentence, fails: report && rows(FAILS), untold: rows(UNTOLD) };
}

/** A part of the record that is shown under a heading: paragraphs, list items with details, or a table. */
type Block =
  | { readonly kind: 'text'; readonly text: string }
  | { readonly kind: 'list'; readonly ordered: boolean; readonly items: readonly { readonly text: string; readonly details: readonly string[] }[] }
  | { readonly kind: 'table'; readonly head: readonly string[]; readonly rows: readonly (readonly string[])[] };

/** '1 row', '2 rows'. */
export const counted = (n: number, one: string): string => `${n} ${n === 1 ? one : `${one}s`}`;
const plainList = (items: readonly string[]): Block => ({ kind: 'list', ordered: false, items: items.map((text) => ({ text, details: [] })) });

/** 'Row 12, sentence 3 (cut in two): wrong, said Ada on 2025-06-01: two hives'. */
const lookWords = (l: LookedAt): string => `row ${l.row}, ${l.of ? `sentence ${l.of.n} (${l.of.words})` : 'of a sample'}: ${l.verdict}, said ${l.by} on ${l.at}${l.note ? `: ${l.note}` : ''}`;

/** What the record says, in the order in which it is read. Every form of it is made of this. */
function outline(r: WorkRecord): (readonly [string, readonly Block[]])[] {
  const brief: Block = {
    kind: 'list',
    ordered: true,
    items: r.brief.map((s) => {
      const held = s.kinds.reduce((n, k) => n + k.held, 0);
      return {
        text: s.sentence,
        details: [
          ...(s.request && s.request !== s.sentence ? [`asked as: “${s.request}”`] : []),
          `rows in ${s.rowsIn}, out ${s.rowsOut}${s.rowsIn === s.rowsOut ? '' : s.rowsOut > s.rowsIn ? `, added ${s.rowsOut - s.rowsIn}` : `, set aside ${s.rowsIn - s.rowsOut}`}${held ? `, on hold ${held}` : ''}`,
          ...s.kinds.map((k) => `${counted(k.rows, 'row')}: ${k.words}${k.held ? ` (${k.held} on hold)` : ''}${k.looked ? `; looked at by ${k.looked}` : ''}`),
        ],
      };
    }),
  };
  return [
    ...(r.signedOff ? [['Sign-off', [{ kind: 'text' as const, text: `Signed off by ${r.signedOff.by} on ${r.signedOff.at}.${r.signedOff.remark ? ` ${r.signedOff.remark}` : ''}` }]] as const] : []),
    ['Source and result', [plainList([`source: ${r.source.file}, SHA-256 ${r.source.sha256}`, `result: ${counted(r.result.rows, 'row')} as CSV, SHA-256 ${r.result.sha256}`])]],
    ['Brief', r.brief.length ? [brief] : [{ kind: 'text', text: 'Nothing was changed.' }]],
    ['Checks', r.checks.length ? [plainList(r.checks.map((c) => `${c.sentence} ${c.fails === null ? 'It cannot be looked at: a column is not there any more' : c.fails === 0 ? 'Every row does' : `${counted(c.fails, 'row')} ${c.fails === 1 ? 'does' : 'do'} not`}${c.untold ? `; ${counted(c.untold, 'row')} cannot be told` : ''}.`))] : [{ kind: 'text', text: 'No checks were said.' }]],
    ['Looked at', [plainList([...r.samples.map((s) => `${s.statement} Seed ${s.seed}${s.by.length ? `, in the shares of ${s.by.join(', ')}` : ''}.`), `${counted(r.foundWrong, 'row')} found wrong one by one; ${counted(r.putRight, 'cell')} put right by hand.`, ...(r.looks ?? []).map(lookWords)])]],
    ['On hold and left open', [...r.notes, ...r.open].length ? [plainList([...r.notes, ...r.open])] : [{ kind: 'text', text: 'Nothing is on hold, and nothing was left open.' }]],
    ['Balance', balanceBlocks(r.balance)],
  ];
}

/** The statement of the control totals as two tables: rows, and sums column by column. */
function balanceBlocks(b: Statement): Block[] {
  const sum = (n: number | null): string => (n === null ? '' : writeNumber(n));
  const change = (c: ColumnLine): string => c.changes.map((d) => `${d.by > 0 ? '+' : ''}${writeNumber(d.by)} (sentence ${d.n})${d.meant ? '' : ', not meant'}`).join('; ');
  return [
    { kind: 'table', head: ['rows', ''], rows: [['in the source', String(b.rowsIn)], ...b.aside.map((l) => [`sentence ${l.n}: ${l.words}`, l.rows < 0 ? `+${-l.rows}` : `-${l.rows}`]), ['now', String(b.rowsOut)]] },
    { kind: 'table', head: ['sum of', 'in the source', 'changed by', 'now'], rows: b.columns.map((c) => [c.column, sum(c.from), change(c), sum(c.to)]) },
    { kind: 'text', text: b.balances ? 'It balances: every difference comes from a sentence that means it.' : 'It does not balance: there is a difference that no sentence means.' },
  ];
}

/** The record as Markdown. */
export function recordMarkdown(r: WorkRecord): string {
  const out = [`# Record of the work on ${markdownText(r.table)}`];
  for (const [heading, blocks] of outline(r)) {
    out.push('', `## ${heading}`);
    for (const block of blocks) {
      out.push('');
      if (block.kind === 'text') out.push(markdownText(block.text));
      else if (block.kind === 'list') block.items.forEach((item, i) => out.push(`${block.ordered ? `${i + 1}.` : '-'} ${markdownText(item.text)}`, ...item.details.map((d) => `   - ${markdownText(d)}`)));
      else out.push(`| ${block.head.map(markdownText).join(' | ')} |`, `| ${block.head.map((_, i) => (i === 0 ? '---' : '---:')).join(' | ')} |`, ...block.rows.map((row) => `| ${row.map(markdownText).join(' | ')} |`));
    }
  }
  return `${out.join('\n')}\n`;
}

/** The record as one HTML page of its own that prints well. */
export function recordHtml(r: WorkRecord): string {
  const body = outline(r).map(([heading, blocks]) => `<section><h2>${htmlText(heading)}</h2>${blocks.map(blockHtml).join('')}</section>`).join('\n');
  return `<!doctype html>
<html lang="en"><head><meta charset="utf-8"><title>Record of the work on ${htmlText(r.table)}</title><style>
body{font:15px/1.45 Georgia,serif;color:#26221c;max-width:46rem;margin:2rem auto;padding:0 1rem}
h1{font-size:1.6rem;font-weight:400}h2{font-size:1.1rem;border-bottom:1px solid #d9d1c0;margin-top:1.8rem}
li{margin:.25rem 0}li ul{font-size:.86rem;color:#6d6558}table{border-collapse:collapse;font-variant-numeric:tabular-nums;margin:.6rem 0;width:100%;font-size:.9rem}
th,td{border-bottom:1px solid #d9d1c0;padding:.15rem .5rem .15rem 0;text-align:left;vertical-align:top}td:last-child,th:last-child{text-align:right}
@media print{body{margin:0;max-width:none}li,tr{break-inside:avoid}h2{break-after:avoid}}
</style></head><body><h1>Record of the work on ${htmlText(r.table)}</h1>
${body}
</body></html>
`;
}

function blockHtml(block: Block): string {
  if (block.kind === 'text') return `<p>${htmlText(block.text)}</p>`;
  if (block.kind === 'table') return `<table><thead><tr>${block.head.map((h) => `<th>${htmlText(h)}</th>`).join('')}</tr></thead><tbody>${block.rows.map((row) => `<tr>${row.map((c) => `<td>${htmlText(c)}</td>`).join('')}</tr>`).join('')}</tbody></table>`;
  const items = block.items.map((i) => `<li>${htmlText(i.text)}${i.details.length ? `<ul>${i.details.map((d) => `<li>${htmlText(d)}</li>`).join('')}</ul>` : ''}</li>`).join('');
  return block.ordered ? `<ol>${items}</ol>` : `<ul>${items}</ul>`;
}
