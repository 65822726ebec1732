'use client';

import { Box, Button, InputBase } from '@mui/material';
import type { Plan } from '../../core/steps/registry';
import { FAINT, RULE } from '../parts/theme';

/** What an answer is called if nobody says otherwise: its figures, and what they are grouped by. */
export function answerName(plan: Plan | undefined, columns: readonly string[]): string {
  if (plan?.step !== 'ask') return 'Answer';
  const [groups, figures] = [plan.by.map((b) => b.name), plan.across ? plan.figures.map((f) => f.name) : columns.slice(plan.by.length)];
  const name = [figures.join(', '), groups.join(', ')].filter(Boolean).join(' by ');
  return name.length > 60 ? `${name.slice(0, 59)}…` : name;
}

/** Keeps an answer as a table of the workspace, under a name. */
export function KeepAnswer({ name, open, busy, onOpen, onName, onKeep }: { name: string; open: boolean; busy: boolean; onOpen: (open: boolean) => void; onName: (name: string) => void; onKeep: () => void }) {
  if (!open) return <Button variant="contained" color="success" disabled={busy} onClick={() => onOpen(true)}>Keep as a table&nbsp;<kbd>K</kbd></Button>;
  return (
    <Box component="form" onSubmit={(e) => { e.preventDefault(); if (name.trim() !== '') onKeep(); }} sx={{ display: 'flex', gap: 0.75, alignItems: 'center', fontSize: 12.5 }}>
      <Box component="label" htmlFor="answer-name" title="It is worked out anew whenever its table changes" sx={{ color: FAINT, whiteSpace: 'nowrap' }}>as a live table called</Box>
      <InputBase id="answer-name" autoFocus value={name} onFocus={(e) => e.target.select()} onChange={(e) => onName(e.target.value)} onKeyDown={(e) => { e.stopPropagation(); if (e.key === 'Escape') onOpen(false); }} sx={{ fontSize: 13, width: 210, background: '#fffdf8', border: `1px solid ${RULE}`, px: 0.75, '& input': { py: '1px' } }} />
      <Button type="submit" variant="contained" color="success" disabled={busy || name.trim() === ''}>Keep&nbsp;<kbd>Enter</kbd></Button>
    </Box>
  );
}
