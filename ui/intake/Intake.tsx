'use client';

import { Alert, Box, Button, LinearProgress, Link, MenuItem, Select, TextField, Typography } from '@mui/material';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import NextLink from 'next/link';
import { useRouter } from 'next/navigation';
import { useRef, useState } from 'react';
import type { AgainView, UploadPreview, WorkspaceSummary } from '../../contract/views';
import type { ColumnSetting } from '../../core/formats/columnise';
import { COLUMN_TYPES, type ColumnType } from '../../core/table/column';
import { ask, askSlowly, counted, figure } from '../parts/api';
import { ACCENTS, FAINT, READING, RULE, SHADE } from '../parts/theme';

export const TYPE_NAMES: Record<ColumnType, string> = { text: 'text', whole: 'whole number', decimal: 'decimal number', date: 'date', datetime: 'date-time', yesno: 'yes/no' };
const ENCODING_NAMES = { 'utf-8': 'UTF-8', 'utf-16le': 'UTF-16 (little end first)', 'utf-16be': 'UTF-16 (big end first)', 'windows-1252': 'Windows-1252' };
const DELIMITER_NAMES: Record<string, string> = { ',': 'comma', ';': 'semicolon', '\t': 'tab', '|': 'bar' };

interface Forced {
  readonly encoding?: string;
  readonly delimiter?: string;
  readonly quote?: string;
  readonly header?: boolean;
}

/** What was found in a file, before anything of it is kept; everything can be changed here. */
export function Intake({ id, brief, into }: { id: string; /** The workspace whose brief is to be run on the file. */ brief: number | null; /** The workspace that the rows are to stand in, beside its other tables. */ into: number | null }) {
  const router = useRouter();
  const client = useQueryClient();
  const [forced, setForced] = useState<Forced>({});
  const [changes, setChanges] = useState<Record<number, Partial<ColumnSetting>>>({});
  const [name, setName] = useState<string | null>(null);
  const [home, setHome] = useState(into);
  const workspaces = useQuery({ queryKey: ['workspaces'], queryFn: () => ask<WorkspaceSummary[]>('workspaces'), enabled: brief === null });
  const [progress, setProgress] = useState<number | null>(null);
  const stop = useRef<AbortController | null>(null);
  // An upload never changes, and once it is taken in it is gone: what was found in it is asked once.
  const found = useQuery({ queryKey: ['intake', id, forced], queryFn: () => ask<UploadPreview>(`uploads/${id}`, 'POST', { forced }), retry: false, staleTime: Infinity });
  const preview = found.data;
  const columns = preview?.settings.columns.map((c, i) => ({ ...c, ...changes[i] })) ?? [];
  const tableName = name ?? preview?.upload.fileName.replace(/\.\w+$/, '') ?? '';

  const again = useQuery({ queryKey: ['again', id, brief], queryFn: () => ask<AgainView>(`uploads/${id}/again`, 'POST', { workspaceId: brief }), enabled: brief !== null, retry: false, staleTime: Infinity });
  const [tied, setTied] = useState<Record<string, string>>({});
  const run = again.data;
  const ties = run?.ties.map((t) => ({ ...t, to: tied[t.column] ?? t.to ?? '' })) ?? [];
  const asked = ties.filter((t) => !t.sure);
  const missing = asked.filter((t) => t.to === '' && run!.needed.includes(t.column));

  const take = useMutation({
    mutationFn: async () => {
      stop.current = new AbortController();
      setProgress(0);
      if (brief !== null) return askSlowly<{ workspaceId: number }>(`uploads/${id}/again/run`, { workspaceId: brief, settings: { ...preview!.settings, columns }, workspaceName: name ?? tableName, ties: ties.filter((t) => t.to !== '').map(({ column, to }) => ({ column, to })) }, (done, total) => setProgress(done / total), stop.current.signal);
      return askSlowly<{ workspaceId: number }>(`uploads/${id}/import`, { settings: { ...preview!.settings, columns }, tableName, workspaceId: home, workspaceName: tableName }, (done, total) => setProgress(done / total), stop.current.signal);
    },
    onSuccess: ({ workspaceId }) => {
      // Another table changes what was known of the workspace.
      client.removeQueries({ queryKey: ['workspace', workspaceId] });
      void client.invalidateQueries({ queryKey: ['workspaces'] });
      router.push(brief === null ? `/w/${workspaceId}` : `/w/${workspaceId}?different`);
    },
    onSettled: () => setProgress(null),
  });
  const leave = async (): Promise<void> => {
    stop.current?.abort();
    await ask(`uploads/${id}`, 'DELETE').catch(() => undefined);
    router.push('/');
  };
  const force = (change: Forced): void => {
    setForced({ ...forced, ...change });
    setChanges({});
  };

  if (found.isError) {
    return (
      <Box sx={{ maxWidth: 760, mx: 'auto', p: 4 }}>
        <Typography component="h1" sx={{ fontFamily: READING, fontSize: 24, mb: 2 }}>This file was not taken</Typography>
        <Alert severity="error">{found.error.message}</Alert>
        <Button sx={{ mt: 2 }} onClick={() => void leave()}>Back to the desk</Button>
      </Box>
    );
  }
  if (!preview) return <Box sx={{ p: 4, color: FAINT }}>Looking at the file …</Box>;
  const { settings, guesses, rows, upload } = preview;
  return (
    <Box sx={{ height: '100vh', display: 'flex', flexDirection: 'column', px: 3, pt: 2 }}>
      <Box component="header" sx={{ display: 'flex', alignItems: 'baseline', gap: 2, mb: 1.5 }}>
        <Link component={NextLink} href="/" underline="hover" sx={{ fontFamily: READING, fontSize: 20, color: 'text.primary' }}>Kulfi</Link>
        <Typography component="h1" sx={{ fontFamily: READING, fontSize: 20 }}>What was found in {upload.fileName}</Typography>
        <Typography sx={{ color: FAINT, fontSize: 13 }}>{figure(upload.bytes / 1024)} KB · nothing is kept yet</Typography>
      </Box>
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'end', flexWrap: 'wrap', mb: 1.25 }}>
        <Choice label="Encoding" value={settings.encoding} options={Object.entries(ENCODING_NAMES).map(([v, n]) => [v, v === settings.encoding && preview.bom ? `${n}, marked` : n])} onChange={(encoding) => force({ encoding })} />
        <Choice label="Separated by" value={settings.delimiter} options={Object.entries(DELIMITER_NAMES)} onChange={(delimiter) => force({ delimiter })} />
        <Choice label="Quotes" value={settings.quote} options={[['"', 'double'], ["'", 'single'], ['', 'no quotes']]} onChange={(quote) => force({ quote })} />
        <Choice label="First line" value={settings.header ? 'yes' : 'no'} options={[['yes', 'holds the headings'], ['no', 'is a row already']]} onChange={(v) => force({ header: v === 'yes' })} />
        <TextField label={brief === null ? 'Name of the table' : 'Name of the workspace'} value={tableName} onChange={(e) => setName(e.target.value)} sx={{ width: 160 }} />
        {brief === null && (workspaces.data?.length ?? 0) > 0 && <Choice label="Stands in" value={home === null ? '' : String(home)} options={[['', 'a new workspace'], ...workspaces.data!.map((w): [string, string] => [String(w.id), w.name])]} onChange={(v) => setHome(v === '' ? null : Number(v))} />}
        <Box sx={{ ml: 'auto', display: 'flex', gap: 1 }}>
          <Button onClick={() => void leave()}>Leave it</Button>
          <Button variant="contained" color="primary" disabled={take.isPending || tableName.trim() === '' || (brief !== null && (!run || missing.length > 0))} onClick={() => take.mutate()}>{brief === null ? 'Take these rows' : `Take these rows and run ${run ? counted(run.sentences, 'sentence') : 'the brief'}`}</Button>
        </Box>
      </Box>
      {progress !== null && <LinearProgress variant="determinate" value={progress * 100} aria-label="Reading the rows" sx={{ mb: 1 }} />}
      {take.isError && take.error.name !== 'AbortError' && <Alert severity="error" sx={{ mb: 1 }}>{take.error.message}</Alert>}
      {again.isError && <Alert severity="error" sx={{ mb: 1 }}>{again.error.message}</Alert>}
      {run && (
        <Box component="section" aria-label="How the columns are tied" sx={{ mb: 1.25, borderLeft: `3px solid ${missing.length ? ACCENTS.held.color : ACCENTS.pending.color}`, pl: 1.25 }}>
          <Typography sx={{ fontFamily: READING, fontSize: 16 }}>The brief of {run.workspace} is run on this file: {counted(run.sentences, 'sentence')}, {counted(ties.length - asked.length, 'column')} found by name{asked.length ? `, ${asked.length} to say` : ''}.</Typography>
          {asked.length > 0 && (
            <Box sx={{ display: 'flex', gap: 2, flexWrap: 'wrap', mt: 0.75 }}>
              {asked.map((t) => (
                <TextField key={t.column} select label={`${t.column} is called`} value={t.to} error={missing.includes(t)} onChange={(e) => setTied({ ...tied, [t.column]: e.target.value })} sx={{ minWidth: 190 }} slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}>
                  <MenuItem value="" dense><em>{run.needed.includes(t.column) ? 'say which column' : 'not there'}</em></MenuItem>
                  {t.others.filter((o) => !ties.some((x) => x.column !== t.column && x.to === o)).map((o) => <MenuItem key={o} value={o} dense>{o}</MenuItem>)}
                </TextField>
              ))}
            </Box>
          )}
        </Box>
      )}
      {preview.notes.length > 0 && (
        <Box component="ol" aria-label="What was done to the headings" sx={{ m: 0, mb: 1, pl: 3, fontSize: 13, color: ACCENTS.held.color }}>
          {preview.notes.map((n) => <li key={n.text}>{n.count} {n.text}</li>)}
        </Box>
      )}
      {preview.persons.length > 0 && <Typography data-testid="persons" sx={{ fontSize: 13, color: ACCENTS.held.color, mb: 0.5 }}>{ACCENTS.held.mark} About persons, it seems: {preview.persons.join(', ')}. Once the rows are in, they can be covered on every page (under “Columns”), hidden, or masked.</Typography>}
      <Typography sx={{ fontSize: 13, color: FAINT, mb: 0.5 }}>
        {counted(columns.length, 'column')}; types from {preview.whole ? `all ${counted(preview.sampled, 'row')}` : `the first ${counted(preview.sampled, 'row')} (the rest is checked while it is read)`}. Cells that do not fit a type are kept as they are written, and counted.
      </Typography>
      <Box sx={{ flex: 1, minHeight: 0, overflow: 'auto', border: `1px solid ${RULE}`, borderBottom: 0 }} tabIndex={0} role="region" aria-label="First rows of the file">
        <table style={{ borderCollapse: 'separate', borderSpacing: 0, fontSize: 12.5 }}>
          <thead>
            <tr>
              {columns.map((column, i) => {
                const misfits = changes[i]?.type && changes[i]?.type !== settings.columns[i]!.type ? null : guesses[i]!.misfits;
                return (
                  <th key={i} style={{ position: 'sticky', top: 0, background: SHADE, textAlign: 'left', padding: '4px 8px 5px', borderBottom: `1px solid ${RULE}`, borderRight: `1px solid ${RULE}`, minWidth: 138, fontWeight: 400, verticalAlign: 'top' }}>
                    <div style={{ fontWeight: 600, whiteSpace: 'nowrap' }}>{column.name}</div>
                    <Select native variant="standard" value={column.type} inputProps={{ 'aria-label': `Type of ${column.name}` }} onChange={(e) => setChanges({ ...changes, [i]: { ...changes[i], type: e.target.value as ColumnType } })} sx={{ fontSize: 12.5 }}>
                      {COLUMN_TYPES.map((t) => <option key={t} value={t}>{TYPE_NAMES[t]}</option>)}
                    </Select>
                    {(column.type === 'date' || column.type === 'datetime') && rows.some((r) => /^\s*\d{1,2}[-/. ]\d{1,2}[-/. ]/.test(r[i] ?? '')) && (
                      <Select native variant="standard" value={column.dayFirst ? 'day' : 'month'} inputProps={{ 'aria-label': `Order of day and month in ${column.name}` }} onChange={(e) => setChanges({ ...changes, [i]: { ...changes[i], dayFirst: e.target.value === 'day' } })} sx={{ fontSize: 12.5, ml: 0.5 }}>
                        <option value="day">day first</option>
                        <option value="month">month first</option>
                      </Select>
                    )}
                    <div style={{ color: misfits ? ACCENTS.held.color : FAINT, fontSize: 11.5, whiteSpace: 'nowrap' }}>{misfits === null ? 'counted when read' : misfits ? `${ACCENTS.held.mark} ${misfits} do not fit` : `${figure(guesses[i]!.filled)} filled, all fit`}</div>
                  </th>
                );
              })}
            </tr>
          </thead>
          <tbody>
            {rows.map((row, r) => (
              <tr key={r}>
                {columns.map((_, c) => <td key={c} style={{ padding: '2px 8px', borderBottom: `1px solid ${SHADE}`, borderRight: `1px solid ${SHADE}`, whiteSpace: 'pre', maxWidth: 260, overflow: 'hidden', textOverflow: 'ellipsis' }}>{(row[c] ?? '').slice(0, 300)}</td>)}
              </tr>
            ))}
          </tbody>
        </table>
      </Box>
    </Box>
  );
}

function Choice({ label, value, options, onChange }: { label: string; value: string; options: readonly (readonly [string, string])[]; onChange: (value: string) => void }) {
  return (
    <TextField select label={label} value={value} onChange={(e) => onChange(e.target.value)} sx={{ minWidth: 112, maxWidth: 200 }} slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}>
      {options.map(([v, n]) => <MenuItem key={v} value={v} dense>{n}</MenuItem>)}
    </TextField>
  );
}
