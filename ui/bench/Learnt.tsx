'use client';

import { Box, Button, Dialog, DialogActions, DialogContent, DialogTitle } from '@mui/material';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { LessonView, SentenceView, SpellingView } from '../../contract/views';
import type { Expression } from '../../core/formula/expression';
import { usesTerm } from '../../core/steps/define/terms';
import { ask } from '../parts/api';
import { Sentence } from '../parts/Sentence';
import { FAINT, READING } from '../parts/theme';

/** What the workspace has learnt: wordings with what they mean, each of which can be forgotten; and the calculations that sentences of the brief have named, with the sentences that use them. */
export function Learnt({ workspaceId, brief, open, onClose }: { workspaceId: number; brief: readonly SentenceView[]; open: boolean; onClose: () => void }) {
  const terms = brief.flatMap((s, n) => (s.plan.step === 'define' ? [{ n: n + 1, name: s.plan.name, sentence: s.sentence, used: usedBy(brief, n, s.plan.as) }] : []));
  const client = useQueryClient();
  const lessons = useQuery({ queryKey: ['lessons', workspaceId], queryFn: () => ask<LessonView[]>(`workspaces/${workspaceId}/lessons`), enabled: open });
  const spellings = useQuery({ queryKey: ['spellings', workspaceId], queryFn: () => ask<SpellingView[]>(`workspaces/${workspaceId}/spellings`), enabled: open });
  const takeBack = useMutation({
    mutationFn: ({ column, from }: SpellingView) => ask(`workspaces/${workspaceId}/spellings`, 'DELETE', { column, from }),
    onSuccess: () => {
      void client.invalidateQueries({ queryKey: ['spellings', workspaceId] });
      void client.invalidateQueries({ queryKey: ['read', workspaceId] });
    },
  });
  const forget = useMutation({
    mutationFn: (id: number) => ask(`workspaces/${workspaceId}/lessons`, 'DELETE', { id }),
    onSuccess: () => {
      void client.invalidateQueries({ queryKey: ['lessons', workspaceId] });
      void client.invalidateQueries({ queryKey: ['read', workspaceId] });
    },
  });
  return (
    <Dialog open={open} onClose={onClose} maxWidth="md" fullWidth aria-labelledby="learnt-title">
      <DialogTitle id="learnt-title" sx={{ fontFamily: READING }}>Learnt</DialogTitle>
      <DialogContent>
        {terms.length > 0 && <Box component="h3" sx={{ fontSize: 12.5, fontWeight: 600, color: FAINT, m: 0 }}>Calculations of your own</Box>}
        {terms.map((t) => (
          <Box key={t.n} sx={{ py: 0.5 }}>
            <Box><Box component="span" sx={{ color: FAINT, mr: 0.5 }}>{t.n}.</Box><Sentence text={t.sentence} size={15} /></Box>
            <Box sx={{ color: FAINT, fontSize: 13 }}>{t.used.length ? `used in ${t.used.length === 1 ? 'sentence' : 'sentences'} ${t.used.join(', ')}; edit it in the brief, and they are worked out anew` : 'used in no sentence yet'}</Box>
          </Box>
        ))}
        {(terms.length > 0 || !!spellings.data?.length) && <Box component="h3" sx={{ fontSize: 12.5, fontWeight: 600, color: FAINT, m: 0, mt: 1.5 }}>Wordings</Box>}
        {lessons.data?.length === 0 && <Box sx={{ color: FAINT, fontSize: 14 }}>Nothing yet. When you choose another reading, or change a wording until it is understood, the first wording can be remembered here.</Box>}
        {lessons.data?.map((l) => (
          <Box key={l.id} sx={{ display: 'flex', gap: 1.5, alignItems: 'baseline', py: 0.5 }}>
            <Box sx={{ flex: 1 }}>
              <Box sx={{ fontFamily: READING, fontSize: 15 }}>“{l.said}”</Box>
              {l.means.map((m) => <Box key={m} sx={{ color: FAINT }}><Sentence text={m.replace(/\{(\d+)\}/g, (_, n: string) => `‹…${Number(n) + 1}›`)} size={14} /></Box>)}
            </Box>
            <Button size="small" onClick={() => forget.mutate(l.id)}>Forget</Button>
          </Box>
        ))}
        {!!spellings.data?.length && <Box component="h3" sx={{ fontSize: 12.5, fontWeight: 600, color: FAINT, m: 0, mt: 1.5 }}>Spellings, as they were decided; they are applied by themselves when the column is standardised again</Box>}
        {spellings.data?.map((s) => (
          <Box key={`${s.column} ${s.from}`} data-testid="spelling" sx={{ display: 'flex', gap: 1.5, alignItems: 'baseline', py: 0.25 }}>
            <Box sx={{ flex: 1, fontSize: 14 }}><Box component="span" sx={{ color: FAINT }}>{s.column}: </Box>{s.to === null ? <>“{s.from}” stays as it is</> : <>“{s.from}” is written “{s.to}”</>}</Box>
            <Button size="small" onClick={() => takeBack.mutate(s)}>Take back</Button>
          </Box>
        ))}
      </DialogContent>
      <DialogActions><Button onClick={onClose}>Close</Button></DialogActions>
    </Dialog>
  );
}

/** Numbers of the sentences after a definition that use its calculation. */
const usedBy = (brief: readonly SentenceView[], at: number, as: Expression): number[] => brief.flatMap((s, n) => (n > at && usesTerm(s.plan, as) ? [n + 1] : []));
