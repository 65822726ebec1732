'use client';

import { Box, Button, Dialog, DialogActions, DialogContent, DialogTitle } from '@mui/material';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { LessonView } from '../../contract/views';
import { ask } from '../parts/api';
import { Sentence } from '../parts/Sentence';
import { FAINT, READING } from '../parts/theme';

/** What the workspace has learnt: wordings with what they mean, each of which can be forgotten. */
export function Learnt({ workspaceId, open, onClose }: { workspaceId: number; open: boolean; onClose: () => void }) {
  const client = useQueryClient();
  const lessons = useQuery({ queryKey: ['lessons', workspaceId], queryFn: () => ask<LessonView[]>(`workspaces/${workspaceId}/lessons`), enabled: open });
  const forget = useMutation({
    mutationFn: (id: number) => ask(`workspaces/${workspaceId}/lessons`, 'DELETE', { id }),
    onSuccess: () => {
      void client.invalidateQueries({ queryKey: ['lessons', workspaceId] });
      void client.invalidateQueries({ queryKey: ['read', workspaceId] });
    },
  });
  return (
    <Dialog open={open} onClose={onClose} maxWidth="md" fullWidth aria-labelledby="learnt-title">
      <DialogTitle id="learnt-title" sx={{ fontFamily: READING }}>Learnt wordings</DialogTitle>
      <DialogContent>
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
      </DialogContent>
      <DialogActions><Button onClick={onClose}>Close</Button></DialogActions>
    </Dialog>
  );
}
