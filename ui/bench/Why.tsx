'use client';

import { Box, Button, Dialog, DialogActions, DialogContent, DialogTitle } from '@mui/material';
import { useState } from 'react';
import type { ExplainReply } from '../../contract/views';
import type { Account } from '../../core/language/read';
import { Sentence } from '../parts/Sentence';
import { ACCENTS, FAINT, READING, RULE, SHADE } from '../parts/theme';

const LOOK: Record<Account['parts'][number]['role'], React.CSSProperties> = {
  asks: { fontWeight: 600 },
  limits: {},
  'asks for nothing': { color: FAINT },
  'passed over': { color: FAINT },
  'not used': { color: ACCENTS.held.color, textDecoration: 'line-through' },
};

/** How a request was accounted for: its parts with what they were taken for, its columns, and what else was considered. */
export function Why({ account, onClose }: { account: ExplainReply | null; onClose: () => void }) {
  const [copied, setCopied] = useState(false);
  const sql = account?.sql ?? [];
  const text = sql.map((s) => ('sql' in s ? s.sql : `-- ${s.none}`)).join('\n\n');
  return (
    <Dialog open={account !== null} onClose={onClose} maxWidth="md" fullWidth aria-labelledby="why-title">
      <DialogTitle id="why-title" sx={{ fontFamily: READING, pb: 0.5 }}>How it was understood</DialogTitle>
      {account && (
        <DialogContent sx={{ fontSize: 14 }}>
          <Heading>The request, part by part</Heading>
          <Box sx={{ display: 'flex', flexWrap: 'wrap', rowGap: 1 }}>
            {account.parts.map((p, i) => (
              <Box key={i} sx={{ mr: 1.25, borderTop: `2px ${p.role === 'asks' ? 'solid' : p.role === 'limits' ? 'double' : 'dotted'} ${p.role === 'not used' ? ACCENTS.held.color : p.role === 'asks' || p.role === 'limits' ? ACCENTS.pending.color : RULE}` }}>
                <Box sx={{ fontFamily: READING, fontSize: 16 }} style={LOOK[p.role]}>{p.text}</Box>
                <Box sx={{ fontSize: 11.5, color: FAINT }}>{p.role}</Box>
              </Box>
            ))}
          </Box>
          {account.columns.length > 0 && <Heading>Words taken for columns</Heading>}
          {account.columns.map((c) => <Box key={c.text}>“{c.text}” <Box component="span" sx={{ color: FAINT }}>is</Box> <b>{c.column}</b> <Box component="span" sx={{ color: FAINT }}>({c.reason})</Box></Box>)}
          {account.considered.length > 0 && <Heading>What was considered, the likeliest first</Heading>}
          {account.considered.map((c, i) => (
            <Box key={i} sx={{ display: 'grid', gridTemplateColumns: '120px 1fr', columnGap: 1.5, py: 0.25 }}>
              <Box sx={{ color: FAINT, textAlign: 'right', fontSize: 12.5 }}>{i === 0 ? 'likeliest' : `less likely by ${c.dearer.toFixed(2)}`}</Box>
              <Box>
                {c.sentences.map((s) => <Box key={s}><Sentence text={s} size={14.5} /></Box>)}
                {c.problem && <Box sx={{ color: ACCENTS.held.color }}>cannot be: {c.problem}</Box>}
                {c.unused.length > 0 && <Box sx={{ color: ACCENTS.held.color, fontSize: 12.5 }}>leaves unused: {c.unused.join(', ')}</Box>}
              </Box>
            </Box>
          ))}
          {sql.length > 0 && (
            <>
              <Heading>As SQL, on the table handed off to PostgreSQL{sql.length > 1 ? ' (each on the result of the one before)' : ''}</Heading>
              <Box component="pre" tabIndex={0} data-testid="sql" sx={{ m: 0, p: 1, background: SHADE, border: `1px solid ${RULE}`, fontSize: 12.5, whiteSpace: 'pre-wrap', overflowWrap: 'anywhere' }}>{text}</Box>
              <Button sx={{ mt: 0.75 }} onClick={() => void navigator.clipboard.writeText(text).then(() => setCopied(true))}>{copied ? 'Copied' : 'Copy the SQL'}</Button>
            </>
          )}
        </DialogContent>
      )}
      <DialogActions><Button onClick={onClose}>Close</Button></DialogActions>
    </Dialog>
  );
}

const Heading = ({ children }: { children: React.ReactNode }) => <Box component="h3" sx={{ fontSize: 12.5, fontWeight: 600, color: FAINT, mt: 1.5, mb: 0.5 }}>{children}</Box>;
