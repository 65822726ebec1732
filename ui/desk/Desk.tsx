'use client';

import { Alert, Box, Button, LinearProgress, Link, TextField, Typography } from '@mui/material';
import { useQuery } from '@tanstack/react-query';
import NextLink from 'next/link';
import { useRouter } from 'next/navigation';
import { useRef, useState } from 'react';
import type { Upload, WorkspaceSummary } from '../../contract/views';
import { ask, counted, figure, sendFile } from '../parts/api';
import { ACCENTS, FAINT, READING, RULE, SHADE } from '../parts/theme';

/** The desk: the workspaces with what each waits for, and the place where files come in. */
export function Desk() {
  const router = useRouter();
  const workspaces = useQuery({ queryKey: ['workspaces'], queryFn: () => ask<WorkspaceSummary[]>('workspaces') });
  const [sending, setSending] = useState<{ name: string; done: number; total: number; stop: () => void } | null>(null);
  const [fault, setFault] = useState('');
  const [over, setOver] = useState(false);
  const [pasting, setPasting] = useState(false);
  const [pasted, setPasted] = useState('');
  const chooser = useRef<HTMLInputElement>(null);

  /** The workspace whose brief is to be run on the next file. */
  const brief = useRef<number | null>(null);
  const send = async (file: Blob, name: string): Promise<void> => {
    const stop = new AbortController();
    setFault('');
    setSending({ name, done: 0, total: file.size, stop: () => stop.abort() });
    try {
      const upload = await sendFile<Upload>('uploads', file, name, (done, total) => setSending((s) => s && { ...s, done, total }), stop.signal);
      router.push(brief.current === null ? `/in/${upload.id}` : `/in/${upload.id}?brief=${brief.current}`);
    } catch (error) {
      if ((error as Error).name !== 'AbortError') setFault((error as Error).message);
      setSending(null);
    }
  };
  const drop = (event: React.DragEvent): void => {
    event.preventDefault();
    setOver(false);
    brief.current = null;
    const [file] = event.dataTransfer.files;
    if (file) void send(file, file.name);
  };

  return (
    <Box onDragOver={(e) => { e.preventDefault(); setOver(true); }} onDragLeave={() => setOver(false)} onDrop={drop} sx={{ minHeight: '100vh', maxWidth: 1040, mx: 'auto', px: 4, pt: 4, pb: 8 }}>
      <Box component="header" sx={{ display: 'flex', alignItems: 'baseline', gap: 2, mb: 3 }}>
        <Typography component="h1" sx={{ fontFamily: READING, fontSize: 30, letterSpacing: '-0.01em' }}>Kulfi</Typography>
        <Typography sx={{ fontFamily: READING, fontSize: 16, color: FAINT, fontStyle: 'italic' }}>Say what should change. See it on the rows. Keep it.</Typography>
      </Box>
      <Box component="section" aria-label="Bring a file" sx={{ border: `1.5px dashed ${over ? ACCENTS.pending.color : RULE}`, background: over ? SHADE : 'transparent', borderRadius: 1, px: 3, py: 2.25, mb: 4 }}>
        {sending ? (
          <Box sx={{ display: 'flex', alignItems: 'center', gap: 2 }}>
            <Box sx={{ flex: 1 }}>
              <Typography sx={{ fontSize: 14 }}>Taking in {sending.name}: {figure(sending.done / 1024)} of {figure(sending.total / 1024)} KB</Typography>
              <LinearProgress variant="determinate" value={(100 * sending.done) / Math.max(1, sending.total)} aria-label="Upload" sx={{ mt: 0.75 }} />
            </Box>
            <Button onClick={sending.stop}>Stop</Button>
          </Box>
        ) : (
          <Box sx={{ display: 'flex', alignItems: 'center', gap: 1.5, flexWrap: 'wrap' }}>
            <Typography sx={{ fontFamily: READING, fontSize: 18, mr: 'auto' }}>Drop a CSV file anywhere on this page to begin.</Typography>
            <Button variant="contained" color="primary" onClick={() => { brief.current = null; chooser.current?.click(); }}>Choose a file</Button>
            <Button onClick={() => setPasting(!pasting)} aria-expanded={pasting}>Paste rows</Button>
            <input ref={chooser} type="file" accept=".csv,.tsv,.txt,text/csv,text/tab-separated-values" hidden aria-label="File" onChange={(e) => { const [file] = e.target.files ?? []; if (file) void send(file, file.name); }} />
          </Box>
        )}
        {pasting && !sending && (
          <Box sx={{ mt: 1.5 }}>
            <TextField multiline minRows={4} maxRows={10} fullWidth value={pasted} onChange={(e) => setPasted(e.target.value)} placeholder="Rows with a heading line, separated by commas, semicolons or tabs" slotProps={{ htmlInput: { 'aria-label': 'Rows to take in', style: { fontFamily: 'monospace', fontSize: 12 } } }} />
            <Button sx={{ mt: 1 }} disabled={pasted.trim() === ''} onClick={() => void send(new Blob([pasted]), 'pasted rows.csv')}>Take these rows</Button>
          </Box>
        )}
        {fault && <Alert severity="error" sx={{ mt: 1.5 }} onClose={() => setFault('')}>{fault}</Alert>}
      </Box>
      <Typography component="h2" sx={{ fontSize: 12, letterSpacing: '0.08em', textTransform: 'uppercase', color: FAINT, mb: 1 }}>Workspaces</Typography>
      {workspaces.isError && <Alert severity="warning">{workspaces.error.message}</Alert>}
      <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0, borderTop: `1px solid ${RULE}` }}>
        {workspaces.data?.map((w) => <WorkspaceLine key={w.id} workspace={w} onAgain={() => { brief.current = w.id; chooser.current?.click(); }} />)}
        {workspaces.data?.length === 0 && <Typography component="li" sx={{ py: 2, fontFamily: READING, fontSize: 16, color: FAINT }}>There is no workspace yet. The first file makes one.</Typography>}
        {workspaces.isPending && <Typography component="li" sx={{ py: 2, color: FAINT }}>Looking …</Typography>}
      </Box>
    </Box>
  );
}

function WorkspaceLine({ workspace: w, onAgain }: { workspace: WorkspaceSummary; onAgain: () => void }) {
  const waits = [
    w.onHold > 0 && { ...ACCENTS.held, text: `${counted(w.onHold, 'row')} on hold` },
    w.draft && { ...ACCENTS.pending, text: 'one request open in proof' },
  ].filter((x) => !!x);
  return (
    <Box component="li" sx={{ display: 'grid', gridTemplateColumns: '1fr auto', gap: 3, alignItems: 'baseline', py: 1.5, borderBottom: `1px solid ${RULE}` }}>
      <Box>
        <Link component={NextLink} href={`/w/${w.id}`} underline="hover" sx={{ fontFamily: READING, fontSize: 20, color: 'text.primary' }}>{w.name}</Link>
        <Typography sx={{ fontSize: 13, color: FAINT, mt: 0.25 }}>
          {w.tables.map((t) => `${t.name} (${figure(t.rows)})`).join(' · ')} · {w.sentences === 0 ? 'no sentence kept yet' : counted(w.sentences, 'sentence') + ' kept'}
        </Typography>
      </Box>
      <Box sx={{ textAlign: 'right', fontSize: 13 }}>
        {waits.length === 0 && <Box sx={{ color: ACCENTS.kept.color }}>{ACCENTS.kept.mark} nothing waits</Box>}
        {w.sentences > 0 && <Link component="button" underline="hover" onClick={onAgain} sx={{ fontSize: 13, display: 'block', ml: 'auto' }}>Run the brief on a new file</Link>}
        {waits.map((x) => <Box key={x.text} sx={{ color: x.color }}>{x.mark} {x.text}</Box>)}
      </Box>
    </Box>
  );
}
