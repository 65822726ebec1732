'use client';

import { Box, Button, Typography } from '@mui/material';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { shown } from '../../core/values/shown';
import type { CardRow, RowCard as Card, SentenceView } from '../../contract/views';
import type { Plan } from '../../core/steps/registry';
import { ask, figure } from '../parts/api';
import { Sentence } from '../parts/Sentence';
import { ACCENTS, FAINT, READING, RULE, SHADE } from '../parts/theme';
import { lineName } from '../sheet/rows';
import { FormulaLine } from './FormulaLine';

/** One row from top to bottom: as it came, what each sentence did to it, and as it is now. */
export function RowCard({ workspaceId, tableId, version, position, brief, onClose, onOpen, onHold, onReword }: { workspaceId: number; tableId: number; version: number; position: number; brief: readonly SentenceView[]; onClose: () => void; onOpen: (position: number) => void; onHold: (key: string) => void; onReword: (sentence: SentenceView, request: string, plans: readonly Plan[]) => void }) {
  const card = useQuery({ queryKey: ['card', workspaceId, tableId, version, position], queryFn: () => ask<Card>(`workspaces/${workspaceId}/card/${tableId}/${position}`) });
  const data = card.data;
  return (
    <Box component="aside" aria-label={`Row ${position + 1}`} data-testid="card" onKeyDown={(e) => e.key === 'Escape' && onClose()} sx={{ width: 330, flexShrink: 0, borderLeft: `1px solid ${RULE}`, background: '#fffdf8', overflow: 'auto', px: 1.5, pb: 2 }}>
      <Box sx={{ display: 'flex', alignItems: 'baseline', position: 'sticky', top: 0, background: '#fffdf8', py: 0.75 }}>
        <Typography component="h2" sx={{ fontFamily: READING, fontSize: 17, mr: 'auto' }}>Row {data ? lineName(position, data.line) : figure(position + 1)}</Typography>
        <Button autoFocus onClick={onClose}>Close&nbsp;<kbd>Esc</kbd></Button>
      </Box>
      {card.isError && <Typography sx={{ color: ACCENTS.held.color, fontSize: 13 }}>{card.error.message}</Typography>}
      {data && (
        <>
          <Heading>{data.now ? 'As it is now' : 'As it came; it is set aside now'}</Heading>
          <Values list={data.now ?? data.source} />
          <Heading>What happened to it</Heading>
          {data.steps.map((step, i) => {
            const n = brief.findIndex((s) => s.key === step.key);
            return (
              <Box key={`${step.key}${i}`} sx={{ mb: 1, pl: 1, borderLeft: `3px solid ${step.held ? ACCENTS.held.color : step.changes.length || step.gone ? ACCENTS.kept.color : RULE}` }}>
                <Box><Box component="span" sx={{ color: FAINT, fontSize: 12, mr: 0.5 }}>{n + 1}.</Box><Sentence text={step.sentence} size={13.5} /></Box>
                <Box sx={{ fontSize: 12, color: FAINT }}>{step.held ? <Box component="span" sx={{ color: ACCENTS.held.color }}>{ACCENTS.held.mark} on hold; would be: </Box> : null}{step.kind.replace(/[‹›]/g, '')}</Box>
                {step.staying && <Box sx={{ fontSize: 12.5 }}>in its place stays <RowLink row={step.staying} onOpen={onOpen} /></Box>}
                {step.replaced.length > 0 && <Box sx={{ fontSize: 12.5 }}>set aside for it: {step.replaced.map((r, k) => <Box key={r.position} component="span">{k > 0 && ', '}<RowLink row={r} onOpen={onOpen} /></Box>)}{step.replaced.length === 5 && ' and more'}</Box>}
                {step.changes.map((c) => (
                  <Box key={c.column} sx={{ fontSize: 12.5 }}>
                    {c.column}: <Box component="del" sx={{ color: FAINT }}>{shown(c.before)}</Box> <b>{shown(c.after) || 'blank'}</b>
                  </Box>
                ))}
                {brief[n]?.plan.step === 'calculate' && !step.gone && <Working key={`${step.key} ${position}`} workspaceId={workspaceId} tableId={tableId} sentence={brief[n]!} position={position} version={version} onReword={onReword} />}
                {!step.held && (step.changes.length > 0 || step.gone) && <Box component="button" onClick={() => onHold(step.key)} sx={{ border: 0, background: 'none', p: 0, cursor: 'pointer', fontFamily: 'inherit', fontSize: 11.5, color: ACCENTS.held.color, textDecoration: 'underline' }}>hold this row here</Box>}
              </Box>
            );
          })}
          {data.steps.length === 0 && <Typography sx={{ fontSize: 13, color: FAINT }}>Nothing yet.</Typography>}
          {data.now && <><Heading>As it came, line {figure(data.line + 1)} of the file’s rows</Heading><Values list={data.source} /></>}
        </>
      )}
    </Box>
  );
}

const RowLink = ({ row, onOpen }: { row: CardRow; onOpen: (position: number) => void }) => <Box component="button" onClick={() => onOpen(row.position)} sx={{ border: 0, background: 'none', p: 0, cursor: 'pointer', fontSize: 12.5, color: ACCENTS.pending.color, textDecoration: 'underline' }}>row {lineName(row.position, row.line)}</Box>;

/** How the value was worked out with this row's own numbers. */
function Working({ workspaceId, tableId, sentence, position, version, onReword }: { workspaceId: number; tableId: number; sentence: SentenceView; position: number; version: number; onReword: (sentence: SentenceView, request: string, plans: readonly Plan[]) => void }) {
  const [open, setOpen] = useState(false);
  const [changing, setChanging] = useState(false);
  const stepKey = sentence.key;
  const lines = useQuery({ queryKey: ['worked', workspaceId, version, stepKey, position], queryFn: () => ask<{ lines: string[] }>(`workspaces/${workspaceId}/worked`, 'POST', { key: stepKey, position }), enabled: open });
  return (
    <Box sx={{ mb: 0.25 }}>
      <Box component="button" aria-expanded={open} onClick={() => setOpen(!open)} sx={{ border: 0, background: 'none', p: 0, mr: 1.5, cursor: 'pointer', fontFamily: 'inherit', fontSize: 11.5, color: ACCENTS.pending.color, textDecoration: 'underline' }}>{open ? 'fold the working' : 'how was it worked out?'}</Box>
      <Box component="button" aria-expanded={changing} onClick={() => setChanging(!changing)} sx={{ border: 0, background: 'none', p: 0, mr: 1.5, cursor: 'pointer', fontFamily: 'inherit', fontSize: 11.5, color: ACCENTS.pending.color, textDecoration: 'underline' }}>{changing ? 'leave the formula' : 'change the formula'}</Box>
      {changing && sentence.plan.step === 'calculate' && <FormulaLine workspaceId={workspaceId} tableId={tableId} sentence={sentence} plan={sentence.plan} position={position} onProve={(request, plans) => onReword(sentence, request, plans)} onLeave={() => setChanging(false)} />}
      {open && <Box data-testid="working" sx={{ my: 0.5, px: 0.75, py: 0.5, background: SHADE, fontSize: 12.5 }}>{lines.isPending ? 'working …' : lines.isError ? lines.error.message : lines.data.lines.map((l, i) => <Box key={i} sx={{ fontWeight: i === lines.data.lines.length - 1 ? 600 : 400 }}>{l}</Box>)}</Box>}
    </Box>
  );
}

const Heading = ({ children }: { children: React.ReactNode }) => <Typography component="h3" sx={{ fontSize: 11, letterSpacing: '0.06em', textTransform: 'uppercase', color: FAINT, mt: 1.25, mb: 0.5 }}>{children}</Typography>;

function Values({ list }: { list: Card['source'] }) {
  return (
    <Box component="dl" sx={{ display: 'grid', gridTemplateColumns: '110px 1fr', m: 0, fontSize: 12.5 }}>
      {list.map((v) => (
        <Box key={v.column} sx={{ display: 'contents', '& > *': { borderBottom: `1px solid ${SHADE}`, py: '1px' } }}>
          <Box component="dt" sx={{ color: FAINT, overflow: 'hidden', textOverflow: 'ellipsis' }}>{v.column}</Box>
          <Box component="dd" sx={{ m: 0, overflowWrap: 'anywhere', whiteSpace: 'pre-wrap' }}>{shown(v.value) || <Box component="span" sx={{ color: FAINT }}>blank</Box>}</Box>
        </Box>
      ))}
    </Box>
  );
}
