'use client';

import { Box, Typography } from '@mui/material';
import type { SentenceView } from '../../contract/views';
import type { Statement } from '../../core/review/statement';
import { columnWords } from '../parts/Interlinear';
import { amount, figure } from '../parts/api';
import { ACCENTS, FAINT, READING, RULE } from '../parts/theme';

const cell: React.CSSProperties = { padding: '2px 14px 2px 0', borderBottom: `1px solid ${RULE}`, textAlign: 'left', verticalAlign: 'top' };
const right: React.CSSProperties = { ...cell, textAlign: 'right', whiteSpace: 'nowrap' };
const signed = (n: number): string => `${n > 0 ? '+' : ''}${amount(n)}`;

/** The control totals from the source to now: every row and every sum accounted for. */
export function BalanceSheet({ statement: s, sentences }: { statement: Statement; sentences: readonly SentenceView[] }) {
  const unmeant = s.columns.flatMap((c) => c.changes.filter((d) => !d.meant).map((d) => ({ ...d, column: c.column })));
  return (
    <Box data-testid="statement" sx={{ flex: 1, overflow: 'auto', p: 2 }} tabIndex={0}>
      <Typography component="h3" sx={{ fontFamily: READING, fontSize: 18 }}>The statement</Typography>
      <Typography sx={{ fontSize: 13, mb: 1.5, color: s.balances ? ACCENTS.kept.color : ACCENTS.held.color }}>{s.balances ? `${ACCENTS.kept.mark} It balances: every difference comes from a sentence that means it.` : `✗ It does not balance${unmeant.length ? `: sentence ${unmeant[0]!.n} changed the sum of ${unmeant[0]!.column} without meaning to` : ''}.`}</Typography>
      <table style={{ borderCollapse: 'collapse', fontSize: 13, marginBottom: 24 }}>
        <thead><tr><th style={{ ...cell, color: FAINT, fontWeight: 400 }}>rows</th><th style={right} /></tr></thead>
        <tbody>
          <tr><td style={cell}>brought in</td><td style={right}>{figure(s.rowsIn)}</td></tr>
          {s.aside.map((l, i) => <tr key={i}><td style={cell}>{l.n}. {columnWords(sentences[l.n - 1]?.sentence ?? '')} <span style={{ color: FAINT }}>{columnWords(l.words)}</span></td><td style={right}>{l.rows < 0 ? `+${figure(-l.rows)}` : `−${figure(l.rows)}`}</td></tr>)}
          <tr><td style={{ ...cell, fontWeight: 600 }}>in the table now</td><td style={{ ...right, fontWeight: 600 }}>{figure(s.rowsOut)}</td></tr>
        </tbody>
      </table>
      <table style={{ borderCollapse: 'collapse', fontSize: 13 }}>
        <thead><tr>{['sum of', 'brought in', 'changed by', 'now'].map((h, i) => <th key={h} style={{ ...(i === 0 || i === 2 ? cell : right), color: FAINT, fontWeight: 400 }}>{h}</th>)}</tr></thead>
        <tbody>
          {s.columns.map((c) => (
            <tr key={c.column}>
              <td style={cell}>{c.column}</td>
              <td style={right}>{c.from === null ? '' : amount(c.from)}</td>
              <td style={cell}>{c.changes.map((d, i) => <div key={i} style={{ color: d.meant ? undefined : ACCENTS.held.color }}>{signed(d.by)} <span style={{ color: FAINT }}>sentence {d.n}{d.meant ? '' : ', not meant'}</span></div>)}</td>
              <td style={{ ...right, fontWeight: 600 }}>{c.to === null ? '' : amount(c.to)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {s.columns.length === 0 && <Typography sx={{ fontSize: 13, color: FAINT }}>No column of numbers has a sum.</Typography>}
    </Box>
  );
}
