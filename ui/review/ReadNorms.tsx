'use client';

import { Alert, Box, Button, TextField, Typography } from '@mui/material';
import { useMutation, useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import type { NormsReply, TableView } from '../../contract/views';
import { writeNumber } from '../../core/values/number';
import { ask, counted } from '../parts/api';
import { bodyCell, headCell } from '../parts/Interlinear';
import { Sentence } from '../parts/Sentence';
import { ACCENTS, FAINT, INK, READING } from '../parts/theme';

const EXAMPLE = 'Moisture: up to 17.5 % grade A, over 17.5 to 20 % grade B, over 20 % rejected';

/** A text of norms read into a table of bands: what was read is shown while it is typed, and kept as a table beside this one. */
export function ReadNorms({ workspaceId, table, onKept, onSay }: { workspaceId: number; table: TableView; onKept: () => Promise<unknown>; onSay: (sentence: string) => void }) {
  const [text, setText] = useState('');
  const [heard, setHeard] = useState('');
  const [name, setName] = useState('norms');
  useEffect(() => {
    const timer = setTimeout(() => setHeard(text), 200);
    return () => clearTimeout(timer);
  }, [text]);
  const read = useQuery({ queryKey: ['norms', workspaceId, table.stateId, heard], queryFn: () => ask<NormsReply>(`workspaces/${workspaceId}/norms`, 'POST', { tableId: table.id, text: heard, name: null }), enabled: heard.trim() !== '', placeholderData: (before) => before });
  const keep = useMutation({ mutationFn: () => ask<NormsReply>(`workspaces/${workspaceId}/norms`, 'POST', { tableId: table.id, text, name }), onSuccess: onKept });
  const found = heard.trim() === '' ? null : (read.data ?? null);
  const rates = found?.norms.some((n) => n.rate !== null) ?? false;
  const kept = keep.data?.kept;
  return (
    <Box component="form" onSubmit={(e) => { e.preventDefault(); keep.mutate(); }} sx={{ p: 2, maxWidth: 900, overflow: 'auto' }}>
      <Typography component="h3" sx={{ fontFamily: READING, fontSize: 18, mb: 0.5 }}>Read norms for {table.name} from a text</Typography>
      <Typography sx={{ fontSize: 13, color: FAINT, mb: 1 }}>Paste the norms, as a text or a table. Each band is shown as it was read; kept, they are a table that rows can be held against.</Typography>
      <TextField multiline minRows={4} maxRows={10} fullWidth value={text} onChange={(e) => { setText(e.target.value); keep.reset(); }} placeholder={EXAMPLE} slotProps={{ htmlInput: { 'aria-label': 'Norms' } }} sx={{ mb: 1, background: '#fffdf8', '& textarea': { fontFamily: READING, fontSize: 15 } }} />
      {read.isError && <Alert severity="warning">{read.error.message}</Alert>}
      {found && (
        <>
          <Typography aria-live="polite" sx={{ fontSize: 13, mb: 0.5 }}><b>{counted(found.norms.length, 'band')}</b>{found.unread.length > 0 && <Box component="span" sx={{ color: ACCENTS.held.color }}> · {counted(found.unread.length, 'line')} not read as a band: kept as words only</Box>}</Typography>
          {found.norms.length > 0 && (
            <table style={{ borderCollapse: 'collapse', fontSize: 12.5 }} data-testid="norms-read">
              <thead><tr>{['measure', 'from', 'to', found.called, ...(rates ? ['rate'] : []), 'said'].map((h) => <th key={h} style={headCell}>{h}</th>)}</tr></thead>
              <tbody>
                {found.norms.map((n, i) => (
                  <tr key={i}>
                    <td style={{ ...bodyCell, color: n.measure ? INK : ACCENTS.held.color }}>{n.measure || 'not named'}</td>
                    <td style={bodyCell}>{n.from === null ? '' : `${n.ends === 'both' || n.ends === 'from' ? 'from' : 'over'} ${writeNumber(n.from)}`}</td>
                    <td style={bodyCell}>{n.to === null ? '' : `${n.ends === 'both' || n.ends === 'to' ? 'to' : 'to under'} ${writeNumber(n.to)}`}</td>
                    <td style={{ ...bodyCell, fontWeight: 600 }}>{n.klass}</td>
                    {rates && <td style={{ ...bodyCell, textAlign: 'right' }}>{n.rate === null ? '' : writeNumber(n.rate)}</td>}
                    <td style={{ ...bodyCell, color: FAINT, fontFamily: READING }}>{n.said}</td>
                  </tr>
                ))}
              </tbody>
            </table>
          )}
          {found.unread.map((line, i) => <Box key={i} sx={{ fontFamily: READING, fontSize: 13.5, color: ACCENTS.held.color }}>{ACCENTS.held.mark} {line}</Box>)}
        </>
      )}
      {keep.isError && <Alert severity="warning" sx={{ mt: 1 }}>{keep.error.message}</Alert>}
      {kept ? (
        <Box sx={{ mt: 1.5 }} role="status">
          <Typography sx={{ fontSize: 13.5, color: ACCENTS.kept.color }}>{ACCENTS.kept.mark} Kept as the table “{name}”.{kept.sentences.length > 0 && ' What can be said with it:'}</Typography>
          {kept.sentences.map((s) => <Box key={s} sx={{ display: 'flex', gap: 1, alignItems: 'baseline', mt: 0.75 }}><Button size="small" type="button" sx={{ py: 0, flexShrink: 0 }} onClick={() => onSay(s)}>Say it</Button><Sentence text={s} size={14} /></Box>)}
        </Box>
      ) : (
        <Box sx={{ display: 'flex', gap: 1, mt: 1.5, alignItems: 'center' }}>
          <TextField label="Table of the norms" value={name} onChange={(e) => setName(e.target.value)} sx={{ width: 220 }} />
          <Button type="submit" variant="contained" color="success" disabled={keep.isPending || !found || found.norms.length === 0 || heard !== text || name.trim() === ''}>Keep as a table</Button>
        </Box>
      )}
    </Box>
  );
}
