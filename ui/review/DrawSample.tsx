'use client';

import { Alert, Box, Button, MenuItem, TextField, Typography } from '@mui/material';
import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import type { TableView } from '../../contract/views';
import { rowsToDraw } from '../../core/review/sampling';
import { ask, counted, figure } from '../parts/api';
import { FAINT, READING } from '../parts/theme';

const CERTAINTIES = [80, 90, 95, 99];

/** What is to be proved by looking at rows, and how many must be looked at for it. */
export function DrawSample({ workspaceId, table, onDrawn }: { workspaceId: number; table: TableView; onDrawn: (sampleId: number) => void }) {
  const [per, setPer] = useState('1');
  const [sure, setSure] = useState(95);
  const [count, setCount] = useState('');
  const [seed, setSeed] = useState('');
  const [by, setBy] = useState('');
  const share = Number(per) / 100;
  const valid = share > 0 && share < 1;
  const needed = valid ? rowsToDraw(table.rows, share, sure / 100) : 0;
  const draw = useMutation({
    mutationFn: () => ask<{ id: number }>(`workspaces/${workspaceId}/review/samples`, 'POST', { tableId: table.id, share, certainty: sure / 100, count: count ? Number(count) : null, seed: seed ? Number(seed) : null, by: by ? [by] : [] }),
    onSuccess: ({ id }) => onDrawn(id),
  });
  return (
    <Box component="form" onSubmit={(e) => { e.preventDefault(); draw.mutate(); }} sx={{ p: 2, maxWidth: 640 }}>
      <Typography component="h3" sx={{ fontFamily: READING, fontSize: 18, mb: 0.5 }}>Look at a sample of {table.name}</Typography>
      <Typography sx={{ fontSize: 13, color: FAINT, mb: 2 }}>Rows are drawn at random with a seed that goes on record. When none of them is wrong, this is what is proved.</Typography>
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 1, flexWrap: 'wrap', fontFamily: READING, fontSize: 16, mb: 2 }}>
        Fewer than <TextField value={per} onChange={(e) => setPer(e.target.value)} error={!valid} slotProps={{ htmlInput: { 'aria-label': 'Wrong rows in a hundred', inputMode: 'decimal', style: { width: 44, textAlign: 'right' } } }} /> in 100 are wrong, with
        <TextField select value={sure} onChange={(e) => setSure(Number(e.target.value))} slotProps={{ htmlInput: { 'aria-label': 'Certainty' } }}>{CERTAINTIES.map((c) => <MenuItem key={c} value={c} dense>{c}%</MenuItem>)}</TextField> certainty.
      </Box>
      <Typography sx={{ fontSize: 15, mb: 2 }} aria-live="polite"><b>{counted(needed, 'row')}</b> of {figure(table.rows)} must be looked at{needed >= table.rows ? ', which is all of them' : ''}.</Typography>
      <Box sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap', mb: 2 }}>
        <TextField label="Another number of rows" value={count} onChange={(e) => setCount(e.target.value.replace(/\D/g, ''))} sx={{ width: 170 }} />
        <TextField label="In the shares of" select value={by} onChange={(e) => setBy(e.target.value)} sx={{ width: 190 }}>
          <MenuItem value="" dense>no column</MenuItem>
          {table.columns.filter((c) => c.glance.distinct !== null && c.glance.distinct <= 200).map((c) => <MenuItem key={c.name} value={c.name} dense>{c.name}</MenuItem>)}
        </TextField>
        <TextField label="Seed (drawn when blank)" value={seed} onChange={(e) => setSeed(e.target.value.replace(/\D/g, ''))} sx={{ width: 170 }} />
      </Box>
      {draw.isError && <Alert severity="warning" sx={{ mb: 1 }}>{draw.error.message}</Alert>}
      <Button type="submit" variant="contained" color="primary" disabled={!valid || draw.isPending}>Draw {figure(Math.min(table.rows, count ? Number(count) : needed))} rows</Button>
    </Box>
  );
}
