'use client';

import { Box, Button } from '@mui/material';
import { useState } from 'react';
import type { OpenTryout, TryoutView } from '../../contract/views';
import { ACCENTS, FAINT, READING, RULE } from '../parts/theme';

/** What can be done with a try-out. */
export type TryoutOrder = { readonly way: 'begin'; readonly key: string; readonly name: string } | { readonly way: 'open' | 'drop'; readonly id: number } | { readonly way: 'leave' | 'take over' };

const NARROW = { py: 0, px: 0.75, minWidth: 0, flexShrink: 0, whiteSpace: 'nowrap' } as const;

/** Undo does not bring back a try-out that was let go, so it is asked once more. */
function LetGo({ name, disabled, onDone }: { name: string; disabled: boolean; onDone: () => void }) {
  const [sure, setSure] = useState(false);
  return <Button sx={NARROW} color="warning" disabled={disabled} aria-label={`${sure ? 'Really?' : 'Let go'} The try-out ${name}`} onBlur={() => setSure(false)} onClick={() => (sure ? onDone() : setSure(true))}>{sure ? 'Really?' : 'Let go'}</Button>;
}

/** The try-out that is open, over its sentences. */
export function TryoutHead({ tryout, onDo, onCompare, busy }: { tryout: OpenTryout; onDo: (order: TryoutOrder) => void; onCompare: () => void; busy: boolean }) {
  return (
    <Box role="region" aria-label="Try-out" data-testid="tryout" sx={{ px: 1.5, pb: 0.75, borderBottom: `2px dashed ${ACCENTS.pending.color}`, fontSize: 12.5 }}>
      <Box sx={{ fontFamily: READING, fontSize: 15, color: ACCENTS.pending.color, overflow: 'hidden', textOverflow: 'ellipsis' }}>{ACCENTS.pending.mark} {tryout.name}</Box>
      <Box sx={{ color: FAINT, pb: 0.5 }}>The brief itself stays as it is.</Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.5 }}>
        <Button sx={{ py: 0 }} disabled={busy} onClick={() => onDo({ way: 'leave' })}>Back to the brief</Button>
        <Button sx={{ py: 0 }} onClick={onCompare}>Compare</Button>
        <Button sx={{ py: 0 }} color="success" disabled={busy} title="It takes the place of the brief; undo brings the brief back" onClick={() => onDo({ way: 'take over' })}>Take it over</Button>
        <LetGo name={tryout.name} disabled={busy} onDone={() => onDo({ way: 'drop', id: tryout.id })} />
      </Box>
    </Box>
  );
}

/** The try-outs that wait, under the sentences. */
export function TryoutList({ tryouts, onDo, busy }: { tryouts: readonly TryoutView[]; onDo: (order: TryoutOrder) => void; busy: boolean }) {
  if (tryouts.length === 0) return null;
  return (
    <Box component="section" aria-label="Try-outs" sx={{ borderTop: `1px solid ${RULE}`, px: 1.5, py: 0.75, fontSize: 12.5, maxHeight: 120, overflow: 'auto' }}>
      <Box component="h3" sx={{ m: 0, fontSize: 12, fontWeight: 600, color: FAINT }}>{tryouts.length === 1 ? 'A try-out' : 'Try-outs'}</Box>
      {tryouts.map((t) => (
        <Box key={t.id} sx={{ display: 'flex', alignItems: 'baseline', gap: 0.5 }}>
          <Box sx={{ fontFamily: READING, fontSize: 14, mr: 'auto', overflow: 'hidden', textOverflow: 'ellipsis', whiteSpace: 'nowrap' }}>{t.name}</Box>
          <Button sx={NARROW} disabled={busy} aria-label={`Open the try-out ${t.name}`} onClick={() => onDo({ way: 'open', id: t.id })}>Open</Button>
          <LetGo name={t.name} disabled={busy} onDone={() => onDo({ way: 'drop', id: t.id })} />
        </Box>
      ))}
    </Box>
  );
}
