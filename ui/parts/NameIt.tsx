'use client';

import { Box, Button, InputBase } from '@mui/material';
import { FAINT, RULE } from './theme';

/** Something that needs a name first: a button, and once it is pressed a line to give the name in. */
export function NameIt({ id, button, label, hint, does, color, name, open, busy, onOpen, onName, onDone }: {
  id: string;
  /** What the button says before, and what is done with the name. */
  button: React.ReactNode;
  label: string;
  hint: string;
  does: string;
  color: 'success' | 'primary';
  name: string;
  open: boolean;
  busy: boolean;
  onOpen: (open: boolean) => void;
  onName: (name: string) => void;
  onDone: () => void;
}) {
  const variant = color === 'success' ? 'contained' : 'outlined';
  if (!open) return <Button variant={variant} color={color} disabled={busy} onClick={() => onOpen(true)} sx={{ whiteSpace: 'nowrap' }}>{button}</Button>;
  return (
    <Box component="form" onSubmit={(e) => { e.preventDefault(); if (name.trim() !== '') onDone(); }} sx={{ display: 'flex', gap: 0.75, alignItems: 'center', fontSize: 12.5 }}>
      <Box component="label" htmlFor={id} title={hint} sx={{ color: FAINT, whiteSpace: 'nowrap' }}>{label}</Box>
      <InputBase id={id} autoFocus value={name} onFocus={(e) => e.target.select()} onChange={(e) => onName(e.target.value)} onKeyDown={(e) => { e.stopPropagation(); if (e.key === 'Escape') onOpen(false); }} sx={{ fontSize: 13, width: 210, background: '#fffdf8', border: `1px solid ${RULE}`, px: 0.75, '& input': { py: '1px' } }} />
      <Button type="submit" variant={variant} color={color} disabled={busy || name.trim() === ''}>{does}&nbsp;<kbd>Enter</kbd></Button>
    </Box>
  );
}
