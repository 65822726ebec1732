'use client';

import { Alert, Box, Button, Link, TextField, Typography } from '@mui/material';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import type { ReviewItem, ReviewView } from '../../contract/views';
import { ask, counted, figure } from '../parts/api';
import { columnWords } from '../parts/Interlinear';
import { ACCENTS, FAINT, READING, RULE } from '../parts/theme';

/** Closes the review: what is open, why it may stay so, and the sealed records so far. */
export function SignOff({ workspaceId, version, tableId, view, author, onAuthor, open, onShow }: { workspaceId: number; version: number; tableId: number; view: ReviewView; author: string; onAuthor: () => void; open: readonly ReviewItem[]; onShow: (id: string) => void }) {
  const client = useQueryClient();
  const [remark, setRemark] = useState('');
  const statement = view.statements.find((s) => s.tableId === tableId)?.statement;
  const samples = view.samples.filter((s) => s.tableId === tableId);
  const records = view.signoffs.filter((s) => s.tableId === tableId);
  const sign = useMutation({
    mutationFn: () => ask(`workspaces/${workspaceId}/signoff`, 'POST', { version, tableId, author, remark }),
    onSuccess: () => { setRemark(''); return client.invalidateQueries({ queryKey: ['review', workspaceId] }); },
  });
  const url = (id: number, format: string): string => `/api/workspaces/${workspaceId}/signoff/${id}/${format}`;
  return (
    <Box data-testid="signoff" sx={{ flex: 1, overflow: 'auto', p: 2 }}>
      <Box sx={{ maxWidth: 720 }}>
        <Typography component="h3" sx={{ fontFamily: READING, fontSize: 18 }}>Sign off</Typography>
        <Typography sx={{ fontSize: 13, color: FAINT, mb: 1.5 }}>The record is sealed as the table is now: the brief, what it did, what was looked at, what was left open, and the fingerprints of the source and the result, so that anybody can run it again to the same bytes.</Typography>
        <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0, mb: 1.5, fontSize: 14 }}>
          <Point good={statement?.balances !== false}>{statement?.balances === false ? 'The statement does not balance: it cannot be signed off so.' : 'The statement balances.'}</Point>
          <Point good={open.length === 0}>{open.length === 0 ? 'Nothing waits for a look.' : `${counted(open.length, 'thing')} ${open.length === 1 ? 'is' : 'are'} open:`}</Point>
          {open.slice(0, 12).map((i) => <Box component="li" key={i.id} sx={{ pl: 2.5, fontSize: 13 }}><Link component="button" underline="hover" sx={{ fontSize: 13, textAlign: 'left' }} onClick={() => onShow(i.id)}>sentence {i.n}: {figure(i.rows)} {columnWords(i.words)}</Link></Box>)}
          <Point good={samples.some((s) => s.done && s.wrong === 0)}>{samples.length === 0 ? 'No sample was drawn.' : samples.map((s) => s.statement).join(' ')}</Point>
        </Box>
        <TextField multiline minRows={2} fullWidth label={open.length ? 'Why may this stay open?' : 'A remark (may stay blank)'} value={remark} onChange={(e) => setRemark(e.target.value)} sx={{ mb: 1.5 }} />
        {sign.isError && <Alert severity="warning" sx={{ mb: 1 }}>{sign.error.message}</Alert>}
        <Button variant="contained" color="success" disabled={sign.isPending} onClick={() => (author.trim() === '' ? onAuthor() : sign.mutate())}>{author.trim() === '' ? 'Say who signs off' : `Sign off as ${author.trim()}`}</Button>
        {records.length > 0 && <Typography component="h4" sx={{ fontSize: 12, letterSpacing: '0.06em', textTransform: 'uppercase', color: FAINT, mt: 3, mb: 0.5 }}>Sealed records</Typography>}
        {[...records].reverse().map((s, i) => (
          <Box key={s.id} sx={{ display: 'flex', gap: 1.5, alignItems: 'baseline', borderTop: `1px solid ${RULE}`, py: 0.5, fontSize: 13 }}>
            <Box sx={{ mr: 'auto' }}>{records.length - i}. {s.author}, {s.at.slice(0, 16).replace('T', ' ')} <Box component="span" sx={{ color: s.current ? ACCENTS.kept.color : ACCENTS.held.color }}>{s.current ? `${ACCENTS.kept.mark} the table is as it was signed off` : `${ACCENTS.held.mark} the table was changed since`}</Box></Box>
            <Link href={url(s.id, 'page')}>page</Link><Link href={url(s.id, 'markdown')}>Markdown</Link><Link href={url(s.id, 'data')}>data</Link>
          </Box>
        ))}
      </Box>
    </Box>
  );
}

const Point = ({ good, children }: { good: boolean; children: React.ReactNode }) => <Box component="li" sx={{ display: 'flex', gap: 0.75 }}><Box component="span" sx={{ color: good ? ACCENTS.kept.color : ACCENTS.held.color }}>{good ? ACCENTS.kept.mark : '○'}</Box><span>{children}</span></Box>;
