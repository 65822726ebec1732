'use client';

import { Box, Button, Link, Typography } from '@mui/material';
import { useQuery } from '@tanstack/react-query';
import type { DifferenceView, WorkspaceView } from '../../contract/views';
import type { Difference } from '../../core/review/difference';
import { ask, counted } from '../parts/api';
import { columnWords } from '../parts/Interlinear';
import { Sentence } from '../parts/Sentence';
import { ACCENTS, FAINT, READING, RULE } from '../parts/theme';

const SORTS: Readonly<Record<Difference['sort'], string>> = { check: 'check', kind: 'new kind', share: 'share', values: 'new values', range: 'range', shape: 'new form', column: 'column', total: 'total' };

/** Only what is different this time from the run before: nothing else of the new file needs a look. */
export function Different({ workspace, onSentence, onReview, onClose }: { workspace: WorkspaceView; onSentence: (key: string) => void; onReview: () => void; onClose: () => void }) {
  const found = useQuery({ queryKey: ['difference', workspace.id, workspace.version], queryFn: () => ask<DifferenceView | null>(`workspaces/${workspace.id}/difference`) });
  const all = found.data?.differences ?? [];
  const wanting = all.filter((d) => !d.plain);
  const plain = all.filter((d) => d.plain);
  return (
    <Box role="region" aria-label="What is different" data-testid="different" tabIndex={0} ref={(el: HTMLDivElement | null) => el?.focus()} onKeyDown={(e) => { if (e.key === 'Escape') onClose(); else if (e.key.toLowerCase() === 'r' && !e.ctrlKey) onReview(); else return; e.stopPropagation(); }} sx={{ flex: 1, overflow: 'auto', px: 2, py: 1, '&:focus-visible': { outline: 'none' } }}>
      <Box sx={{ display: 'flex', alignItems: 'baseline', gap: 1, mb: 0.5 }}>
        <Typography component="h2" sx={{ fontFamily: READING, fontSize: 20, mr: 'auto' }}>Different this time</Typography>
        <Button onClick={onReview}>To the review and the sign-off&nbsp;<kbd>R</kbd></Button>
        <Button onClick={onClose}>Back to the sheet&nbsp;<kbd>Esc</kbd></Button>
      </Box>
      <Typography sx={{ fontSize: 13, color: FAINT, mb: 1.5 }}>
        The brief of {workspace.from?.name} was run on a new file. {found.isPending ? 'Comparing …' : wanting.length === 0 ? '' : `${counted(wanting.length, 'thing')} ${wanting.length === 1 ? 'is' : 'are'} not as last time; the rest went as it did.`}
      </Typography>
      {found.isError && <Typography sx={{ color: ACCENTS.held.color }}>{found.error.message}</Typography>}
      {found.isSuccess && wanting.length === 0 && <Typography sx={{ fontFamily: READING, fontSize: 17, color: ACCENTS.kept.color, mb: 2 }}>{ACCENTS.kept.mark} Nothing is different that wants a look. It can be signed off.</Typography>}
      {[...new Set(wanting.map((d) => d.of))].map((of) => (
        <Box key={of} sx={{ borderLeft: `3px solid ${ACCENTS.held.color}`, pl: 1.25, mb: 1.5, maxWidth: 900 }}>
          <Box>{of.includes('‹') ? <Sentence text={of} size={15} /> : <Box component="span" sx={{ fontFamily: READING, fontSize: 15 }}>column <u>{of}</u></Box>}</Box>
          {wanting.filter((d) => d.of === of).map((d, i) => (
            <Box key={i} sx={{ display: 'flex', gap: 1, alignItems: 'baseline', fontSize: 13.5 }}>
              <Box sx={{ width: 78, flexShrink: 0, fontSize: 11.5, color: ACCENTS.held.color }}>{SORTS[d.sort]}</Box>
              <Box>{columnWords(d.words)}</Box>
              {d.at && <Link component="button" underline="hover" sx={{ fontSize: 12.5 }} onClick={() => onSentence(d.at!.key)}>see the rows</Link>}
              {d.sort === 'check' && <Link component="button" underline="hover" sx={{ fontSize: 12.5 }} onClick={onReview}>see the rows</Link>}
            </Box>
          ))}
        </Box>
      ))}
      {plain.length > 0 && <Typography component="h3" sx={{ fontSize: 11, letterSpacing: '0.06em', textTransform: 'uppercase', color: FAINT, mt: 2, mb: 0.5 }}>Figures beside those of last time</Typography>}
      {plain.map((d, i) => <Box key={i} sx={{ display: 'flex', gap: 1.5, fontSize: 13, borderTop: `1px solid ${RULE}`, py: 0.25, maxWidth: 900 }}><Box sx={{ width: 200, flexShrink: 0, overflow: 'hidden', textOverflow: 'ellipsis', whiteSpace: 'nowrap' }}>{columnWords(d.of)}</Box><Box>{columnWords(d.words)}</Box></Box>)}
    </Box>
  );
}
