'use client';

import { Box, Button, Typography } from '@mui/material';
import { isQuestion } from '../../core/steps/questions';
import type { OpenTryout, SentenceView, TryoutView } from '../../contract/views';
import { figure } from '../parts/api';
import { Sentence } from '../parts/Sentence';
import { ACCENTS, FAINT, READING, RULE, SHADE } from '../parts/theme';
import { TryoutHead, TryoutList, type TryoutOrder } from './Tryouts';

/** The numbered list of kept sentences, set like a page, with what each did in the margin. */
export function Brief({ sentences, tryout, tryouts, open, onOpen, onPoint, onEdit, onDrop, onUndo, onRedo, onTryout, onCompare, undo, redo, busy }: {
  sentences: readonly SentenceView[];
  tryout: OpenTryout | null;
  tryouts: readonly TryoutView[];
  open: string | null;
  onOpen: (s: SentenceView) => void;
  onPoint: (s: SentenceView | null) => void;
  onEdit: (s: SentenceView) => void;
  onDrop: (s: SentenceView) => void;
  onUndo: () => void;
  onRedo: () => void;
  onTryout: (order: TryoutOrder) => void;
  /** Compares the try-out that is open with the brief. */
  onCompare: () => void;
  undo: string | null;
  redo: string | null;
  busy: boolean;
}) {
  return (
    <Box component="nav" aria-label="Brief" sx={{ width: 288, flexShrink: 0, borderRight: `1px solid ${RULE}`, background: '#fffdf8', display: 'flex', flexDirection: 'column', minHeight: 0 }}>
      <Box sx={{ display: 'flex', alignItems: 'baseline', px: 1.5, pt: 0.75, pb: 0.25 }}>
        <Typography component="h2" sx={{ fontFamily: READING, fontSize: 17, mr: 'auto' }}>{tryout ? 'Try-out' : 'Brief'}</Typography>
        <Button onClick={onUndo} disabled={busy || undo === null} title={undo === null ? 'Nothing to undo' : `Undo: ${undo}`} variant="text" sx={{ color: FAINT, px: 0.75, minWidth: 0 }}>Undo</Button>
        <Button onClick={onRedo} disabled={busy || redo === null} title={redo === null ? 'Nothing to redo' : `Redo: ${redo}`} variant="text" sx={{ color: FAINT, px: 0.75, minWidth: 0 }}>Redo</Button>
      </Box>
      {tryout && <TryoutHead tryout={tryout} onDo={onTryout} onCompare={onCompare} busy={busy} />}
      <Box component="ol" sx={{ flex: 1, overflow: 'auto', listStyle: 'none', m: 0, p: 0 }}>
        {sentences.map((s, i) => {
          const changed = s.report.kinds.filter((k) => !k.same).reduce((n, k) => n + k.rows - k.held, 0);
          const aside = s.report.rowsIn - s.report.rowsOut;
          return (
            <Box component="li" key={s.key} onMouseEnter={() => onPoint(s)} onMouseLeave={() => onPoint(null)} onFocus={() => onPoint(s)} onBlur={() => onPoint(null)} data-testid="sentence" sx={{ display: 'grid', gridTemplateColumns: '22px 1fr 62px', gap: '4px', px: 1, py: 0.75, borderTop: i ? `1px solid ${SHADE}` : 0, background: open === s.key ? SHADE : 'none', '&:hover .tools, &:focus-within .tools': { opacity: 1 } }}>
              <Box sx={{ color: FAINT, fontSize: 12, textAlign: 'right', pt: '2px' }}>{i + 1}.</Box>
              <Box>
                <Box component="button" onClick={() => onOpen(s)} aria-expanded={open === s.key} title={s.request === s.sentence ? 'Open its proof' : `Asked as: ${s.request}`} sx={{ border: 0, background: 'none', p: 0, textAlign: 'left', cursor: 'pointer', color: 'inherit' }}>
                  <Sentence text={s.sentence} size={14} />
                </Box>
              </Box>
              <Box sx={{ fontSize: 11, color: FAINT, textAlign: 'right', lineHeight: '14px', pt: '2px' }}>
                {aside > 0 ? <div>{figure(aside)} aside</div> : aside < 0 ? <div>{figure(-aside)} added</div> : s.report.kinds.length ? <div>{figure(changed)} rows</div> : isQuestion(s.plan) ? <div>answer</div> : <div>columns</div>}
                <Box className="tools" sx={{ opacity: open === s.key ? 1 : 0 }}>
                  <Tool onClick={() => onEdit(s)} label={`Edit sentence ${i + 1}`}>edit</Tool> <Tool onClick={() => onDrop(s)} label={`Drop sentence ${i + 1}`}>drop</Tool>
                </Box>
                {s.report.held > 0 && <Box sx={{ color: ACCENTS.held.color }}>{ACCENTS.held.mark} {figure(s.report.held)} held</Box>}
              </Box>
            </Box>
          );
        })}
        {sentences.length === 0 && <Typography component="li" sx={{ px: 1.5, py: 1, fontFamily: READING, fontSize: 15, color: FAINT }}>Nothing is kept yet. Say one change above; when you keep it, its sentence stands here.</Typography>}
      </Box>
      <TryoutList tryouts={tryouts} onDo={onTryout} busy={busy} />
    </Box>
  );
}

function Tool({ children, onClick, label }: { children: string; onClick: () => void; label: string }) {
  return (
    <Box component="button" onClick={onClick} aria-label={label} sx={{ border: 0, background: 'none', p: 0, ml: 0.5, cursor: 'pointer', color: FAINT, textDecoration: 'underline', fontSize: 11 }}>
      {children}
    </Box>
  );
}
