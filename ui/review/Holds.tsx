'use client';

import { Box, Button, InputBase, Typography } from '@mui/material';
import { useState } from 'react';
import type { HoldView, SentenceView } from '../../contract/views';
import { counted } from '../parts/api';
import { Sentence } from '../parts/Sentence';
import { ACCENTS, FAINT, READING, RULE } from '../parts/theme';

/** All that is on hold, sentence by sentence; each can be settled, or given a note. */
export function Holds({ holds, brief, onSettle, onNote, onRow, onClose, busy }: { holds: readonly HoldView[]; brief: readonly SentenceView[]; onSettle: (hold: HoldView) => void; onNote: (hold: HoldView, note: string) => void; onRow: (position: number) => void; onClose: () => void; busy: boolean }) {
  return (
    <Box role="region" aria-label="On hold" data-testid="holds" sx={{ flex: 1, overflow: 'auto', px: 2, py: 1 }} onKeyDown={(e) => e.key === 'Escape' && onClose()}>
      <Box sx={{ display: 'flex', alignItems: 'baseline', mb: 1 }}>
        <Typography component="h2" sx={{ fontFamily: READING, fontSize: 20, mr: 'auto' }}>On hold</Typography>
        <Button autoFocus onClick={onClose}>Back to the sheet&nbsp;<kbd>Esc</kbd></Button>
      </Box>
      <Typography sx={{ fontSize: 13, color: FAINT, mb: 1.5 }}>These rows keep their old values until they are settled. Settling lets the sentence have its way with them.</Typography>
      {holds.length === 0 && <Typography sx={{ fontFamily: READING, fontSize: 16 }}>{ACCENTS.kept.mark} Nothing is on hold.</Typography>}
      {holds.map((h) => {
        const n = brief.findIndex((s) => s.key === h.key);
        return (
          <Box key={h.id} sx={{ borderLeft: `3px solid ${ACCENTS.held.color}`, pl: 1.25, py: 0.5, mb: 1.5, maxWidth: 860 }}>
            <Box><Box component="span" sx={{ color: FAINT, mr: 0.75 }}>{n + 1}.</Box>{brief[n] && <Sentence text={brief[n].sentence} size={15} />}</Box>
            <Box sx={{ display: 'flex', alignItems: 'center', gap: 1.5, fontSize: 13 }}>
              <Box sx={{ color: ACCENTS.held.color, whiteSpace: 'nowrap' }}>{ACCENTS.held.mark} {counted(h.rows, 'row')}: {h.words.replace(/[‹›]/g, '')}</Box>
              <Note hold={h} onNote={onNote} />
              {h.position !== null && <Button onClick={() => onRow(h.position!)}>Row card</Button>}
              <Button color="success" disabled={busy} onClick={() => onSettle(h)}>Settle</Button>
            </Box>
          </Box>
        );
      })}
    </Box>
  );
}

function Note({ hold, onNote }: { hold: HoldView; onNote: (hold: HoldView, note: string) => void }) {
  const [text, setText] = useState(hold.note);
  return <InputBase value={text} onChange={(e) => setText(e.target.value)} onBlur={() => text !== hold.note && onNote(hold, text)} placeholder="a note" inputProps={{ 'aria-label': 'Note' }} sx={{ flex: 1, fontSize: 13, borderBottom: `1px solid ${RULE}` }} />;
}
