'use client';

import { Box } from '@mui/material';
import type { TableView } from '../../contract/views';
import { amount, counted, figure } from '../parts/api';
import { ACCENTS, FAINT, RULE, SHADE } from '../parts/theme';

/** The control totals in one line: rows in, set aside, now; and the sum of each number column, before and now. */
export function BalanceStrip({ table, held, onShow, onReview, onKeys }: { table: TableView; held: number; onShow: (sentence: string) => void; onReview: () => void; onKeys: () => void }) {
  const aside = table.sourceRows + table.addedRows - table.rows;
  return (
    <Box component="footer" aria-label="Control totals" data-testid="balance" sx={{ display: 'flex', gap: 2, alignItems: 'center', height: 22, px: 1.5, borderTop: `1px solid ${RULE}`, background: SHADE, fontSize: 11.5, color: FAINT, whiteSpace: 'nowrap', overflow: 'hidden' }}>
      <Box component="span" sx={{ color: 'text.primary' }}>{figure(table.sourceRows)} {table.answerOver === null ? 'rows brought in' : `rows answered from ${table.answerOver}`}{table.addedRows ? ` + ${figure(table.addedRows)} added` : ''} = {figure(table.rows)} now + {figure(aside)} set aside</Box>
      {table.totals.slice(0, 5).map((t) => {
        const before = table.sourceTotals.find((x) => x.column === t.column);
        return <span key={t.column}>Σ {t.column} {before && before.sum !== t.sum ? `${short(before.sum)} → ` : ''}{short(t.sum)}</span>;
      })}
      {table.hidden && <Box component="button" title={`Show again: ${table.hidden.columns.join(', ')}`} onClick={() => onShow(table.hidden!.show)} sx={{ ml: 'auto', border: 0, background: 'none', cursor: 'pointer', fontSize: 11.5, color: FAINT }}>{counted(table.hidden.columns.length, 'column')} out of sight</Box>}
      <Box component="button" onClick={onReview} sx={{ ml: table.hidden ? 0 : 'auto', border: 0, background: 'none', cursor: 'pointer', fontSize: 11.5, color: held ? ACCENTS.held.color : FAINT }}>{ACCENTS.held.mark} {counted(held, 'row')} on hold</Box>
      <Box component="button" onClick={onKeys} sx={{ border: 0, background: 'none', cursor: 'pointer', fontSize: 11.5, color: FAINT }}><kbd>?</kbd> keys</Box>
    </Box>
  );
}

const short = (n: number): string => amount(Math.round(n * 100) / 100);
