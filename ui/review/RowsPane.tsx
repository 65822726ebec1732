'use client';

import { Alert, Box, Button } from '@mui/material';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { shown } from '../../core/values/shown';
import type { FormView, ReviewRow, ReviewRows } from '../../contract/views';
import { ask, figure } from '../parts/api';
import { Forms } from '../parts/Forms';
import { bodyCell, columnWords, headCell, Interlinear } from '../parts/Interlinear';
import { ACCENTS, FAINT, INK, PAPER, READING, RULE } from '../parts/theme';

const PAGE = 100;

/** What rows are looked at: the server's order without its page. */
export interface RowsWanted {
  readonly key: string | null;
  readonly kind: string | null;
  readonly what: 'kind' | 'held' | 'aside' | 'sample';
  readonly sampleId: number | null;
}

export type Verdict = 'right' | 'wrong' | null;

/** Rows one under the other, judged by keys. What a key does is left to the caller; a missing handler takes the key away. */
export function RowsPane({ workspaceId, version, wanted, onLook, onLookAll, onHold, onHoldAll, onPutBack, onPutRight, onCard }: {
  workspaceId: number;
  version: number;
  wanted: RowsWanted;
  onLook?: (position: number, verdict: Verdict, note: string) => void;
  /** The same for all rows that the kind was narrowed down to. */
  onLookAll?: (positions: readonly number[], verdict: Verdict) => void;
  onHold?: (position: number) => void;
  onHoldAll?: (positions: readonly number[]) => void;
  onPutBack?: (position: number) => void;
  onPutRight?: (position: number, column: string, now: string) => void;
  onCard: (position: number) => void;
}) {
  const [page, setPage] = useState(0);
  const [words, setWords] = useState('');
  const [narrow, setNarrow] = useState('');
  const [at, setAt] = useState(0);
  const [col, setCol] = useState(1);
  const [editing, setEditing] = useState<string | null>(null);
  const [trail, setTrail] = useState<readonly { position: number; before: Verdict }[]>([]);
  const box = useRef<HTMLDivElement>(null);
  const narrowBox = useRef<HTMLInputElement>(null);
  /** Are the forms of the kind shown, and which of them is looked at alone? */
  const [byForm, setByForm] = useState(false);
  const [formAt, setFormAt] = useState<number | null>(null);
  const hasForms = wanted.what === 'kind' && wanted.key !== null && wanted.kind !== null;
  const forms = useQuery({ queryKey: ['review-forms', workspaceId, version, wanted.key, wanted.kind], queryFn: () => ask<FormView[]>(`workspaces/${workspaceId}/review/forms`, 'POST', { key: wanted.key, kind: wanted.kind }), enabled: byForm && hasForms, staleTime: Infinity });
  const form = byForm && formAt !== null ? forms.data?.[formAt] : undefined;
  const found = useQuery({ queryKey: ['review-rows', workspaceId, version, wanted, narrow, byForm ? formAt : null, page], queryFn: () => ask<ReviewRows>(`workspaces/${workspaceId}/review/rows`, 'POST', { ...wanted, narrow, only: form?.positions ?? null, from: page * PAGE, count: PAGE }), retry: false, placeholderData: keepPreviousData });
  const narrowTo = (text: string): void => {
    setNarrow(text);
    setPage(0);
    setAt(0);
    box.current?.focus();
  };
  const only = narrow !== '' ? found.data?.narrowed : form ? { sentence: '', positions: form.positions } : undefined;
  const everything = (): void => {
    setWords('');
    setFormAt(null);
    narrowTo('');
  };
  const { rows, columns, total } = found.data ?? { rows: [] as readonly ReviewRow[], columns: [] as readonly string[], total: 0 };
  const here = Math.min(at, Math.max(0, rows.length - 1));
  const column = Math.min(col, Math.max(0, columns.length - 1));
  const row = rows[here];
  useEffect(() => { box.current?.querySelector(`[data-row="${here}"]`)?.scrollIntoView({ block: 'nearest' }); }, [here]);
  const step = (by: number): void => {
    const next = here + by;
    if (next >= rows.length && (page + 1) * PAGE < total) { setPage(page + 1); setAt(0); }
    else if (next < 0 && page > 0) { setPage(page - 1); setAt(PAGE - 1); }
    else setAt(Math.max(0, Math.min(rows.length - 1, next)));
  };
  const judge = (verdict: Verdict): void => {
    if (!row || !onLook) return;
    setTrail([...trail, { position: row.position, before: row.look?.verdict ?? null }]);
    onLook(row.position, verdict, row.look?.note ?? '');
    step(1);
  };
  const back = (): void => {
    const last = trail.at(-1);
    if (!last || !onLook) return;
    setTrail(trail.slice(0, -1));
    onLook(last.position, last.before, '');
    const place = rows.findIndex((r) => r.position === last.position);
    if (place >= 0) setAt(place);
  };
  const onKey = (e: React.KeyboardEvent): void => {
    if (e.target instanceof HTMLInputElement || e.ctrlKey || e.metaKey || e.altKey) return;
    const key = e.key.toLowerCase();
    if (key === 'arrowdown') step(1);
    else if (key === 'arrowup') step(-1);
    else if (key === 'arrowright') setCol(Math.min(columns.length - 1, column + 1));
    else if (key === 'arrowleft') setCol(Math.max(0, column - 1));
    else if (key === 'k' && onLook) judge('right');
    else if (key === 'w' && onLook) judge('wrong');
    else if (key === 'backspace' && onLook) back();
    else if (key === 'h' && onHold && row) onHold(row.position);
    else if (key === 'b' && onPutBack && row) onPutBack(row.position);
    else if (key === 'e' && onPutRight && row && !row.gone) setEditing(shown(row.now[column] ?? null));
    else if (key === 'f' && hasForms) setByForm(!byForm);
    else if (key === 'o') narrowBox.current?.focus();
    else if (key === 'enter' && row) onCard(row.position);
    else return;
    e.preventDefault();
    e.stopPropagation();
  };
  const save = (): void => {
    if (row && editing !== null && editing !== shown(row.now[column] ?? null)) onPutRight!(row.position, columns[column]!, editing);
    setEditing(null);
    box.current?.focus();
  };
  return (
    <Box sx={{ flex: 1, minHeight: 0, display: 'flex', flexDirection: 'column' }}>
      <Box component="form" onSubmit={(e) => { e.preventDefault(); narrowTo(words.trim()); }} sx={{ display: 'flex', alignItems: 'center', gap: 1, px: 1.5, py: 0.25, borderBottom: `1px solid ${RULE}`, fontSize: 12.5, color: FAINT }}>
        <input ref={narrowBox} aria-label="Narrow the rows down, in words" placeholder="only those …  (from Upper Teal, above 30 kg)" value={words} onChange={(e) => setWords(e.target.value)} onKeyDown={(e) => { if (e.key === 'Escape') { e.stopPropagation(); setWords(''); narrowTo(''); } }} style={{ font: 'inherit', color: INK, border: 0, borderBottom: `1px solid ${RULE}`, background: 'none', width: only ? 210 : 300, flexShrink: 0, padding: '1px 0', outlineOffset: 2 }} />
        {hasForms && <Button type="button" sx={{ py: 0, flexShrink: 0 }} aria-pressed={byForm} onClick={() => { setByForm(!byForm); setFormAt(null); setPage(0); }}>Forms</Button>}
        {only && !found.isError && <>
          <span style={{ fontFamily: READING, fontSize: 13.5, color: ACCENTS.pending.color, overflow: 'hidden', textOverflow: 'ellipsis', whiteSpace: 'nowrap' }} title={columnWords(only.sentence)}>{columnWords(only.sentence).replace(/^Keep rows /, '').replace(/\.$/, '')}</span>
          <span style={{ marginLeft: 'auto' }} />
          {onLookAll && <Button type="button" sx={{ py: 0, whiteSpace: 'nowrap', flexShrink: 0 }} disabled={only.positions.length === 0} onClick={() => onLookAll(only.positions, 'right')}>{figure(only.positions.length)} right</Button>}
          {onHoldAll && <Button type="button" sx={{ py: 0, whiteSpace: 'nowrap', flexShrink: 0 }} disabled={only.positions.length === 0} onClick={() => onHoldAll(only.positions)}>Hold {figure(only.positions.length)}</Button>}
          <Button type="button" sx={{ py: 0, whiteSpace: 'nowrap', flexShrink: 0 }} onClick={everything}>All rows</Button>
        </>}
      </Box>
      {byForm && forms.data && <Box sx={{ px: 1.5, borderBottom: `1px solid ${RULE}` }}><Forms forms={forms.data} chosen={formAt} onChoose={(i) => { setFormAt(i); setPage(0); setAt(0); box.current?.focus(); }} /></Box>}
      {forms.isError && <Alert severity="warning" sx={{ py: 0 }}>{forms.error.message}</Alert>}
      {found.isError && <Alert severity="warning" sx={{ py: 0 }}>{found.error.message}</Alert>}
      <Box ref={box} tabIndex={0} role="region" aria-label="Rows to look at" data-testid="review-rows" onKeyDown={onKey} sx={{ flex: 1, minHeight: 0, overflow: 'auto', background: PAPER, '&:focus-visible': { outline: 'none' } }}>
        <table style={{ borderCollapse: 'collapse', fontSize: 12.5 }}>
          <thead style={{ position: 'sticky', top: 0, background: PAPER }}>
            <tr>
              <th style={{ ...headCell, width: 66 }} aria-label="what was found" />
              <th style={{ ...headCell, width: 48, textAlign: 'right' }}>line</th>
              {columns.map((c) => <th key={c} style={headCell}>{c}</th>)}
            </tr>
          </thead>
          <tbody>
            {rows.map((r, i) => (
              <tr key={r.position} data-row={i} onClick={() => { setAt(i); box.current?.focus(); }} style={{ background: i === here ? '#e4ebf2' : undefined }}>
                <td style={{ ...bodyCell, fontSize: 11.5, color: r.look?.verdict === 'wrong' ? ACCENTS.held.color : ACCENTS.kept.color }}>{r.look ? (r.look.verdict === 'wrong' ? '✗ wrong' : `${ACCENTS.kept.mark} right`) : ''}</td>
                <td style={{ ...bodyCell, color: FAINT, textAlign: 'right' }}>{figure(r.position + 1)}</td>
                {columns.map((c, k) => i === here && k === column && editing !== null ? (
                  <td key={c} style={bodyCell}>
                    <input aria-label={`${c} put right`} autoFocus value={editing} onChange={(e) => setEditing(e.target.value)} onBlur={() => setEditing(null)} onKeyDown={(e) => { if (e.key === 'Enter') save(); if (e.key === 'Escape') { e.stopPropagation(); setEditing(null); box.current?.focus(); } }} style={{ font: 'inherit', border: `1px solid ${ACCENTS.pending.color}`, width: Math.max(90, editing.length * 8) }} />
                  </td>
                ) : <Interlinear key={c} before={r.before ? shown(r.before[k] ?? null) : shown(r.now[k] ?? null)} after={shown(r.gone ? (r.before ?? r.after)[k] ?? null : r.now[k] ?? null)} made={r.before !== null} struck={r.gone && !onPutBack} chosen={i === here && k === column} />)}
              </tr>
            ))}
          </tbody>
        </table>
        {found.data && rows.length === 0 && <Box sx={{ p: 2, color: FAINT }}>No rows.</Box>}
      </Box>
      <Box sx={{ display: 'flex', gap: 1.25, alignItems: 'center', px: 1.5, py: 0.5, borderTop: `1px solid ${RULE}`, fontSize: 12, color: FAINT, flexWrap: 'wrap' }}>
        <span>{total === 0 ? '' : `${figure(page * PAGE + here + 1)} of ${figure(total)}`}</span>
        {onLook && <><span><kbd>K</kbd> right</span><span><kbd>W</kbd> wrong</span><span><kbd>⌫</kbd> back</span></>}
        {onHold && <span><kbd>H</kbd> hold</span>}
        {onPutRight && <span><kbd>E</kbd> put the cell right</span>}
        {onPutBack && <span><kbd>B</kbd> put back</span>}
        <span><kbd>O</kbd> only those …</span>
        {hasForms && <span><kbd>F</kbd> forms</span>}
        <span><kbd>Enter</kbd> card</span>
        {total > PAGE && <Box sx={{ ml: 'auto', display: 'flex', gap: 0.5 }}><Button sx={{ py: 0 }} disabled={page === 0} onClick={() => { setPage(page - 1); setAt(0); }}>Earlier</Button><Button sx={{ py: 0 }} disabled={(page + 1) * PAGE >= total} onClick={() => { setPage(page + 1); setAt(0); }}>Later</Button></Box>}
      </Box>
    </Box>
  );
}
