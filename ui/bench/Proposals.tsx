'use client';

import { Box } from '@mui/material';
import type { Proposal } from '../../core/language/proposals';
import { counted } from '../parts/api';
import { Sentence } from '../parts/Sentence';
import { ACCENTS, FAINT, RULE } from '../parts/theme';

/** How many are shown at once. */
export const MOST_SHOWN = 5;

/** What is worth saying next, each with one key; what is turned away does not come back. */
export function Proposals({ proposals, open, onOpen, onTake, onTurnAway }: { proposals: readonly Proposal[]; open: boolean; onOpen: (open: boolean) => void; onTake: (p: Proposal) => void; onTurnAway: (p: Proposal) => void }) {
  if (proposals.length === 0) return null;
  const shown = open ? proposals.slice(0, MOST_SHOWN) : [];
  return (
    <Box component="section" aria-label="Proposals" data-testid="proposals" sx={{ borderBottom: `1px solid ${RULE}`, px: 1.5, py: 0.25, fontSize: 12.5, color: FAINT, background: '#fffdf8' }}>
      <Box component="button" aria-expanded={open} onClick={() => onOpen(!open)} sx={{ border: 0, background: 'none', p: 0, cursor: 'pointer', color: FAINT, fontSize: 12.5 }}>
        Worth saying next: {counted(proposals.length, 'thing')} <kbd>P</kbd>
      </Box>
      {shown.map((p, i) => (
        <Box key={p.sentence} sx={{ display: 'flex', alignItems: 'baseline', gap: 1 }}>
          <Box component="button" title={p.why} onClick={() => onTake(p)} sx={{ flex: 1, minWidth: 0, display: 'flex', gap: 1, alignItems: 'baseline', border: 0, background: 'none', p: 0, cursor: 'pointer', textAlign: 'left', color: 'text.primary', '&:hover': { background: '#eef1ec' } }}>
            <kbd>Alt {i + 1}</kbd>
            <Box sx={{ flex: 1, minWidth: 0, overflow: 'hidden', textOverflow: 'ellipsis', whiteSpace: 'nowrap' }}><Sentence text={p.sentence} size={14} /></Box>
            <Box component="span" sx={{ color: FAINT, whiteSpace: 'nowrap' }}>{p.why}</Box>
            <Box component="span" sx={{ color: ACCENTS.pending.color, whiteSpace: 'nowrap', minWidth: 62, textAlign: 'right' }}>{counted(p.rows, 'row')}</Box>
          </Box>
          <Box component="button" aria-label={`not this: ${p.sentence}`} title="Not this; do not propose it again" onClick={() => onTurnAway(p)} sx={{ border: 0, background: 'none', cursor: 'pointer', color: FAINT, fontSize: 12 }}>not this</Box>
        </Box>
      ))}
    </Box>
  );
}
