'use client';

import { Box, Button, Typography } from '@mui/material';
import { useQuery } from '@tanstack/react-query';
import { shown } from '../../core/values/shown';
import type { CompareView } from '../../contract/views';
import { ask, counted, figure } from '../parts/api';
import { ACCENTS, FAINT, PAPER, READING, RULE, SHADE } from '../parts/theme';

/** Two versions of a table that are looked at beside each other. */
export interface Versions {
  readonly from: number;
  readonly to: number;
  /** What the earlier one is called. */
  readonly label: string;
  /** What the earlier one is beside: now, or the try-out. */
  readonly beside?: string;
}

/** A few words for how many cells changed, column by column. */
export function changeWords({ cells, columns, columnsGone, columnsNew, rowsGone, rowsNew }: CompareView): string {
  const parts = [
    cells > 0 ? `${counted(cells, 'cell')} changed: ${columns.map((c) => `${c.name} ${figure(c.cells)}`).slice(0, 4).join(', ')}${columns.length > 4 ? ` and ${columns.length - 4} columns more` : ''}` : '',
    columnsNew.length ? `${counted(columnsNew.length, 'column')} came` : '',
    columnsGone.length ? `${counted(columnsGone.length, 'column')} went` : '',
    rowsNew ? `${counted(rowsNew, 'row')} came` : '',
    rowsGone ? `${counted(rowsGone, 'row')} went` : '',
  ].filter(Boolean);
  return parts.length ? `${parts.join('; ')}.` : 'No cell is different.';
}

/** What is different between an earlier version of a table and now: by column, by the way the cells changed, with examples. */
export function Compare({ workspaceId, versions, onRow, onSee, onClose }: { workspaceId: number; versions: Versions; onRow: (position: number) => void; /** The table as it was. */ onSee: () => void; onClose: () => void }) {
  const found = useQuery({ queryKey: ['compare', workspaceId, versions.from, versions.to], queryFn: () => ask<CompareView>(`workspaces/${workspaceId}/compare`, 'POST', { from: versions.from, to: versions.to }), staleTime: Infinity });
  const view = found.data;
  return (
    <Box role="region" aria-label="Compared" data-testid="compare" tabIndex={-1} onKeyDown={(e) => { if (e.key === 'Escape') onClose(); }} sx={{ flex: 1, minHeight: 0, display: 'flex', flexDirection: 'column', background: PAPER }}>
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 1.25, px: 1.5, py: 0.75, borderBottom: `1px solid ${RULE}`, background: SHADE }}>
        <Typography component="h2" sx={{ fontSize: 13, fontWeight: 600, color: ACCENTS.pending.color, whiteSpace: 'nowrap' }}>Compared with {versions.beside ?? 'now'}</Typography>
        <Typography sx={{ fontSize: 12.5, color: FAINT, mr: 'auto' }}>{versions.label}</Typography>
        <Button onClick={onSee} sx={{ whiteSpace: 'nowrap' }}>{versions.beside ? 'See the table of the brief' : 'See the table as it was'}</Button>
        <Button autoFocus onClick={onClose} sx={{ whiteSpace: 'nowrap' }}>Back to the sheet&nbsp;<kbd>Esc</kbd></Button>
      </Box>
      <Box sx={{ flex: 1, overflow: 'auto', px: 1.5, pb: 2 }}>
        {found.isPending && <Typography sx={{ py: 1, color: FAINT, fontSize: 13 }}>Comparing …</Typography>}
        {found.isError && <Typography sx={{ py: 1, color: ACCENTS.held.color, fontSize: 13 }}>{found.error.message}</Typography>}
        {view && (
          <>
            <Typography sx={{ fontFamily: READING, fontSize: 16, pt: 1 }}>{changeWords(view)}</Typography>
            {view.columnsNew.length > 0 && <Typography sx={{ fontSize: 13, color: FAINT }}>Came: {view.columnsNew.join(', ')}</Typography>}
            {view.columnsGone.length > 0 && <Typography sx={{ fontSize: 13, color: FAINT }}>Went: {view.columnsGone.join(', ')}</Typography>}
            {view.columns.map((c) => (
              <Box key={c.name} component="section" sx={{ mt: 1.5 }}>
                <Typography component="h3" sx={{ fontSize: 13.5, fontWeight: 600 }}>{c.name} <Box component="span" sx={{ color: FAINT, fontWeight: 400 }}>{counted(c.cells, 'cell')}</Box></Typography>
                {c.ways.map((way) => (
                  <Box key={way.words} sx={{ mt: 0.5, pl: 1, borderLeft: `3px solid ${RULE}` }}>
                    <Box sx={{ fontSize: 13 }}><b>{figure(way.cells)}</b> {way.words}</Box>
                    <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0, fontSize: 12.5 }}>
                      {way.examples.map((e) => (
                        <Box component="li" key={e.position} sx={{ display: 'flex', gap: 1.5 }}>
                          <Box component="button" onClick={() => onRow(e.position)} sx={{ border: 0, background: 'none', p: 0, width: 62, textAlign: 'right', cursor: 'pointer', fontFamily: 'inherit', fontSize: 12, color: ACCENTS.pending.color, textDecoration: 'underline' }}>row {figure(e.position + 1)}</Box>
                          <Box component="del" sx={{ color: FAINT, whiteSpace: 'pre' }}>{shown(e.before) || 'blank'}</Box>
                          <Box component="b" sx={{ whiteSpace: 'pre' }}>{shown(e.after) || 'blank'}</Box>
                        </Box>
                      ))}
                    </Box>
                  </Box>
                ))}
              </Box>
            ))}
          </>
        )}
      </Box>
    </Box>
  );
}
