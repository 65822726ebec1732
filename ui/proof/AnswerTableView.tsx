'use client';

import { Box, Button } from '@mui/material';
import { useState } from 'react';
import { linesOf, type AnswerTable } from '../../core/steps/step';
import { AnswerChart } from '../charts/AnswerChart';
import { roundTo, writeNumber } from '../../core/values/number';
import { shown } from '../../core/values/shown';
import { amount, counted, figure } from '../parts/api';
import { FAINT, INK, RULE } from '../parts/theme';
import type { CellValue } from '../../core/values/cell';

/** The answer to a question: a small exact table, with how many rows are behind each line. */
export function AnswerTableView({ answer, name, onRows }: { answer: AnswerTable; /** What the answer is called where it is taken away. */ name: string; /** Shows the rows behind a line; null where the lines are no groups of rows. */ onRows: ((row: readonly CellValue[]) => void) | null }) {
  const [copied, setCopied] = useState(false);
  const numeric = answer.columns.map((_, c) => answer.rows.some((r) => typeof r[c] === 'number') && answer.rows.every((r) => r[c] === null || typeof r[c] === 'number'));
  const largest = answer.columns.map((_, c) => (numeric[c] ? Math.max(0, ...answer.rows.map((r) => Math.abs(Number(r[c] ?? 0)))) : 0));
  const bars = answer.rows.length > 1 && answer.rows.every((r) => r.every((v) => typeof v !== 'number' || v >= 0));
  const places = answer.columns.map((_, c) => Math.min(4, Math.max(0, ...answer.rows.map((r) => (typeof r[c] === 'number' ? decimalsOf(r[c]) : 0)))));
  const single = answer.rows.length === 1 && answer.columns.length === 1;
  const copy = (): void => {
    const line = (cells: readonly unknown[]): string => `| ${cells.map((c) => String(c ?? '').replace(/\|/g, '\\|')).join(' | ')} |`;
    void navigator.clipboard.writeText([line(answer.columns), line(answer.columns.map(() => '---')), ...linesOf(answer).map(line)].join('\n')).then(() => setCopied(true));
  };
  return (
    <Box data-testid="answer" sx={{ mt: 1 }}>
      {single ? (
        <Box sx={{ display: 'flex', alignItems: 'baseline', gap: 1.5 }}>
          <Box sx={{ fontSize: 30, fontVariantNumeric: 'tabular-nums' }}>{typeof answer.rows[0]![0] === 'number' ? <span title={shown(answer.rows[0]![0])}>{amount(Number(answer.rows[0]![0].toPrecision(12)))}</span> : shown(answer.rows[0]![0] ?? null) || 'none'}</Box>
          <Box sx={{ color: FAINT, fontSize: 13 }}>{answer.columns[0]}, from {counted(answer.members[0] ?? 0, 'row')}</Box>
        </Box>
      ) : (
        <Box sx={{ display: 'flex', columnGap: 4, flexWrap: 'wrap', alignItems: 'flex-start' }}>
        <table style={{ borderCollapse: 'collapse', fontSize: 13.5, fontVariantNumeric: 'tabular-nums' }}>
          <thead>
            <tr>
              {answer.columns.map((c, i) => <th key={c} scope="col" style={{ textAlign: numeric[i] ? 'right' : 'left', padding: '2px 14px 2px 4px', fontWeight: 600, borderBottom: `1px solid ${RULE}` }}>{c}</th>)}
              <th scope="col" style={{ textAlign: 'right', padding: '2px 14px 2px 4px', fontWeight: 400, color: FAINT, borderBottom: `1px solid ${RULE}` }}>rows behind it</th>
            </tr>
          </thead>
          <tbody>
            {answer.rows.map((row, r) => (
              <tr key={r}>
                {row.map((v, c) => (
                  <td key={c} style={{ textAlign: numeric[c] ? 'right' : 'left', padding: '1px 14px 1px 4px', minWidth: numeric[c] && bars ? 130 : undefined, background: numeric[c] && bars && largest[c] ? `linear-gradient(to left, #dfe8df ${(100 * Math.abs(Number(v ?? 0))) / largest[c]!}%, transparent 0)` : undefined, backgroundSize: '100% 3px', backgroundRepeat: 'no-repeat', backgroundPosition: '0 100%' }}>
                    {typeof v === 'number' ? <span title={shown(v)}>{rounded(v, places[c]!)}</span> : shown(v) || (numeric[c] ? '' : <span style={{ color: FAINT }}>blank</span>)}
                  </td>
                ))}
                <td style={{ textAlign: 'right', padding: '1px 14px 1px 4px' }}>{onRows === null || !answer.members[r] ? <span style={{ color: FAINT }}>{figure(answer.members[r] ?? 0)}</span> : <button type="button" onClick={() => onRows(row)} aria-label={`${figure(answer.members[r] ?? 0)} rows behind ${shown(row[0] ?? null) || 'blank'}: say them`} style={{ border: 0, background: 'none', padding: 0, font: 'inherit', cursor: 'pointer', color: FAINT, textDecoration: 'underline', textDecorationColor: RULE, textUnderlineOffset: 3 }}>{figure(answer.members[r] ?? 0)}</button>}</td>
              </tr>
            ))}
            {answer.inAll && (
              <tr>
                {answer.inAll.cells.map((v, c) => <td key={c} style={{ textAlign: numeric[c] ? 'right' : 'left', padding: '3px 14px 1px 4px', borderTop: `1px solid ${INK}`, fontWeight: 600 }}>{typeof v === 'number' ? <span title={shown(v)}>{rounded(v, places[c]!)}</span> : shown(v)}</td>)}
                <td style={{ textAlign: 'right', padding: '3px 14px 1px 4px', borderTop: `1px solid ${INK}`, color: FAINT }}>{figure(answer.inAll.members)}</td>
              </tr>
            )}
          </tbody>
        </table>
        <AnswerChart answer={answer} name={name} />
        </Box>
      )}
      <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'center', mt: 0.75, fontSize: 12, color: FAINT }}>
        {answer.rows.length < answer.groups && <span>{figure(answer.rows.length)} of {figure(answer.groups)} lines</span>}
        {!single && <Button size="small" sx={{ py: 0 }} onClick={copy}>{copied ? 'Copied' : 'Copy as a table'}</Button>}
        <span>The table has not changed. Go on from here: “and per site?”, “only where …”, “the average as well”.</span>
      </Box>
    </Box>
  );
}

const decimalsOf = (n: number): number => /\.(\d+)$/.exec(writeNumber(n))?.[1]?.length ?? 0;
/** A figure with the decimals of its column; what is cut off is marked, and said in full where it is pointed at. */
const rounded = (n: number, places: number): string => {
  const text = amount(roundTo(n, places));
  const missing = places - (/\.(\d+)$/.exec(text)?.[1]?.length ?? 0);
  return `${text}${missing > 0 && places > 0 ? `${missing === places ? '.' : ''}${'0'.repeat(missing)}` : ''}${decimalsOf(n) > places ? '…' : ''}`;
};
