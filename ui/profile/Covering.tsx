'use client';

import { Box, Button, Dialog, DialogActions, DialogContent, DialogTitle } from '@mui/material';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import type { CoveringView, ProfiledColumn } from '../../contract/views';
import { ask } from '../parts/api';
import { ACCENTS, FAINT, READING, RULE } from '../parts/theme';

/** What is shown masked on every page and in every hand-off, and the key that the masks are made under. */
export function Covering({ workspaceId, covering, columns }: { workspaceId: number; covering: CoveringView; columns: readonly ProfiledColumn[] }) {
  const client = useQueryClient();
  const [leaving, setLeaving] = useState(false);
  // What is seen anywhere may look otherwise now.
  const onSuccess = (): Promise<void> => client.invalidateQueries();
  const set = useMutation({ mutationFn: (c: { on: boolean; columns: readonly string[] }) => ask(`workspaces/${workspaceId}/covering`, 'PUT', c), onSuccess });
  const key = useMutation({ mutationFn: (way: 'make' | 'throw away') => ask(`workspaces/${workspaceId}/covering`, 'POST', { way }), onSuccess });
  const { on } = covering;
  const persons = columns.filter((c) => c.sensitive && !covering.columns.includes(c.name)).map((c) => c.name);
  const failed = set.error ?? key.error;
  return (
    <Box role="group" aria-label="Covered mode" data-testid="covering" sx={{ display: 'flex', alignItems: 'center', flexWrap: 'wrap', gap: 0.75, px: 1.5, py: 0.5, borderBottom: `1px solid ${RULE}`, fontSize: 12.5 }}>
      <Button size="small" aria-pressed={on} disabled={!on && covering.columns.length === 0} onClick={() => set.mutate({ on: !on, columns: covering.columns })} sx={{ py: 0, color: on ? ACCENTS.held.color : undefined }}>{on ? '● Covered mode is on' : '○ Covered mode is off'}</Button>
      <Box component="span" sx={{ color: FAINT }}>{covering.columns.length === 0 ? 'Nothing is covered.' : on ? 'shown and handed off masked:' : 'would be shown and handed off masked:'}</Box>
      {covering.columns.map((name) => (
        <Box key={name} component="button" type="button" title={`Do not cover ${name}`} onClick={() => set.mutate({ on: on && covering.columns.length > 1, columns: covering.columns.filter((c) => c !== name) })} sx={{ border: `1px solid ${RULE}`, background: '#fffdf8', px: 0.75, cursor: 'pointer', fontSize: 12.5 }}>{name} <span aria-hidden>×</span></Box>
      ))}
      {persons.length > 0 && <Button size="small" onClick={() => set.mutate({ on: true, columns: [...covering.columns, ...persons] })} sx={{ py: 0 }}>Cover what is about persons ({persons.join(', ')})</Button>}
      <Box component="span" sx={{ ml: 'auto', color: FAINT }}>{covering.key ? 'Key of the masks: kept' : 'Key of the masks: thrown away'}</Box>
      {covering.key ? <Button size="small" onClick={() => setLeaving(true)} sx={{ py: 0 }}>Throw away</Button> : <Button size="small" onClick={() => key.mutate('make')} sx={{ py: 0 }}>Make a new one</Button>}
      {failed && <Box role="alert" sx={{ width: '100%', color: ACCENTS.held.color }}>{failed.message}</Box>}
      <Dialog open={leaving} onClose={() => setLeaving(false)} aria-labelledby="key-title">
        <DialogTitle id="key-title" sx={{ fontFamily: READING }}>Throw the key away?</DialogTitle>
        <DialogContent sx={{ fontSize: 14, maxWidth: 460 }}>
          Masks that were made stay as they are, but nobody can make the same ones again: what comes next month does not match them, and sentences that mask cannot run again until there is a new key, whose masks are others. This cannot be undone.
        </DialogContent>
        <DialogActions>
          <Button onClick={() => setLeaving(false)}>Keep it</Button>
          <Button color="warning" onClick={() => { setLeaving(false); key.mutate('throw away'); }}>Throw it away</Button>
        </DialogActions>
      </Dialog>
    </Box>
  );
}
