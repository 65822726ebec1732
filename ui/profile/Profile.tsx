'use client';

import { Alert, Box, Button, LinearProgress, Typography } from '@mui/material';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import type { CoveringView, ProfiledColumn, ProfileReply } from '../../contract/views';
import type { Standing } from '../../core/language/advice';
import { ask, counted, figure } from '../parts/api';
import { ACCENTS, FAINT, INK, READING, RULE, SHADE } from '../parts/theme';
import { ColumnLook } from './ColumnLook';
import { Covering } from './Covering';

/** How a column stands, in words and by a mark of its own. */
const STANDINGS: readonly (readonly [Standing, string])[] = [['needs work', '▣'], ['empty', '□'], ['nearly empty', '◱'], ['in order', '■']];
const markOf = (standing: Standing): string => STANDINGS.find(([s]) => s === standing)![1];

/** Every column of the table at a glance: what it seems to be, how full it is, what is in it, and what would mend it. */
export function Profile({ workspaceId, tableId, version, covering, onTake, onClose }: { workspaceId: number; tableId: number; version: number; covering: CoveringView; onTake: (sentence: string) => void; onClose: () => void }) {
  const profile = useQuery({ queryKey: ['profile', workspaceId, tableId, version], queryFn: () => ask<ProfileReply>(`workspaces/${workspaceId}/profile/${tableId}`), staleTime: Infinity });
  const client = useQueryClient();
  const cover = useMutation({ mutationFn: (columns: readonly string[]) => ask(`workspaces/${workspaceId}/covering`, 'PUT', { on: columns.length > 0, columns }), onSuccess: () => client.invalidateQueries() });
  const [only, setOnly] = useState<Standing | null>(null);
  const [chosen, setChosen] = useState<string | null>(null);
  const box = useRef<HTMLDivElement>(null);
  useEffect(() => box.current?.focus(), []);
  const all = profile.data?.columns ?? [];
  const columns = only ? all.filter((c) => c.standing === only) : all;
  const at = Math.max(0, columns.findIndex((c) => c.name === chosen));
  const column = columns[at];
  const choose = (to: number): void => {
    const next = columns[Math.min(columns.length - 1, Math.max(0, to))];
    if (!next) return;
    setChosen(next.name);
    box.current?.querySelector(`[data-column="${CSS.escape(next.name)}"]`)?.scrollIntoView({ block: 'nearest' });
  };
  const onKey = (event: React.KeyboardEvent): void => {
    if (event.ctrlKey || event.metaKey || event.altKey) return;
    if (event.key === 'ArrowDown') choose(at + 1);
    else if (event.key === 'ArrowUp') choose(at - 1);
    else if (event.key === 'Escape') onClose();
    else if (event.key === 'Enter' && event.target === box.current && column?.advice[0]) onTake(column.advice[0].sentence);
    else return;
    event.preventDefault();
    event.stopPropagation();
  };
  return (
    <Box ref={box} tabIndex={0} role="region" aria-label="Columns at a glance" data-testid="profile" onKeyDown={onKey} sx={{ flex: 1, minHeight: 0, display: 'flex', flexDirection: 'column', '&:focus-visible': { outlineOffset: -2 } }}>
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 1, px: 1.5, py: 0.75, borderBottom: `1px solid ${RULE}`, background: SHADE, flexWrap: 'wrap' }}>
        <Typography component="h2" sx={{ fontFamily: READING, fontSize: 17, mr: 1 }}>{counted(all.length, 'column')} at a glance</Typography>
        <Box role="group" aria-label="Which columns" sx={{ display: 'flex', gap: 0.5, mr: 'auto' }}>
          {[null, ...STANDINGS.map(([s]) => s)].map((s) => {
            const n = s === null ? all.length : all.filter((c) => c.standing === s).length;
            return <Button key={s ?? 'all'} size="small" aria-pressed={only === s} disabled={n === 0} onClick={() => setOnly(s)} sx={{ py: 0, fontWeight: only === s ? 700 : 400, background: only === s ? '#fffdf8' : 'none' }}>{s === null ? 'all' : `${markOf(s)} ${s}`}&nbsp;<Box component="span" sx={{ color: FAINT, fontSize: 11.5 }}>{n}</Box></Button>;
          })}
        </Box>
        <Button onClick={onClose}>Back to the sheet&nbsp;<kbd>Esc</kbd></Button>
      </Box>
      <Covering workspaceId={workspaceId} covering={covering} columns={all} />
      {profile.isPending && <LinearProgress aria-label="Looking through the columns" />}
      {profile.isError && <Alert severity="warning">{profile.error.message}</Alert>}
      <Box sx={{ flex: 1, minHeight: 0, display: 'flex' }}>
        <Box sx={{ flex: 1, minWidth: 0, overflow: 'auto' }}>
          <table style={{ borderCollapse: 'collapse', width: '100%', fontSize: 12.5, tableLayout: 'fixed' }}>
            <thead>
              <tr>{[['column', '17%'], ['seems to be', '15%'], ['filled', '112px'], ['different', '70px'], ['what is in it', '19%'], ['what would mend it', '']].map(([h, width]) => <th key={h} style={{ textAlign: 'left', fontWeight: 400, fontSize: 11.5, color: FAINT, padding: '3px 8px', width, whiteSpace: 'nowrap', position: 'sticky', top: 0, background: SHADE }}>{h}</th>)}</tr>
            </thead>
            <tbody>
              {columns.map((c) => (
                <tr key={c.name} data-column={c.name} aria-selected={c === column} onClick={() => setChosen(c.name)} style={{ borderTop: `1px solid ${SHADE}`, background: c === column ? '#e4ebf2' : undefined, cursor: 'default' }}>
                  <td style={{ ...cell, fontWeight: 600 }}><span title={c.standing} style={{ color: c.standing === 'in order' ? ACCENTS.kept.color : c.standing === 'needs work' ? ACCENTS.pending.color : FAINT, marginRight: 6 }}>{markOf(c.standing)}</span>{c.name}</td>
                  <td style={{ ...cell, color: FAINT }}>{c.meaning ?? 'nothing'}{covering.columns.includes(c.name) ? (covering.on ? ' · covered' : ' · to be covered') : c.sensitive ? ' · about persons' : ''}</td>
                  <td style={cell}><Fill column={c} /></td>
                  <td style={{ ...cell, textAlign: 'right', paddingRight: 14 }}>{c.distinct === null ? 'many' : figure(c.distinct)}</td>
                  <td style={{ ...cell, color: c.spread ? INK : FAINT }}>{c.spread ? `${c.spread.lowest} … ${c.spread.highest}` : c.common.slice(0, 4).map(([v]) => v).join(', ')}</td>
                  <td style={cell}>{c.advice[0] && <button type="button" title={`${c.advice[0].words}: ${plain(c.advice[0].sentence)}`} onClick={(e) => { e.stopPropagation(); onTake(c.advice[0]!.sentence); }} style={{ border: 0, background: 'none', padding: 0, cursor: 'pointer', fontFamily: READING, fontSize: 13, color: ACCENTS.pending.color, textAlign: 'left', maxWidth: '100%', overflow: 'hidden', textOverflow: 'ellipsis', whiteSpace: 'nowrap', display: 'block' }}>{plain(c.advice[0].sentence)}</button>}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </Box>
        {column && <ColumnLook column={column} covered={covering.columns.includes(column.name)} onCover={() => cover.mutate(covering.columns.includes(column.name) ? covering.columns.filter((n) => n !== column.name) : [...covering.columns, column.name])} onTake={onTake} />}
      </Box>
    </Box>
  );
}

const cell: React.CSSProperties = { padding: '1px 8px', lineHeight: '19px', overflow: 'hidden', textOverflow: 'ellipsis', whiteSpace: 'nowrap' };
const plain = (sentence: string): string => sentence.replace(/[‹›]/g, '');

/** How full a column is: a bar, and the share in figures. */
function Fill({ column: { rows, blanks, misfits } }: { column: ProfiledColumn }) {
  const share = rows === 0 ? 0 : (100 * (rows - blanks)) / rows;
  const words = share === 100 ? 'all' : share > 99.9 ? '> 99.9 %' : share > 0 && share < 0.1 ? '< 0.1 %' : `${Math.round(share * 10) / 10} %`;
  return (
    <span style={{ display: 'flex', alignItems: 'center', gap: 6 }}>
      <span aria-hidden style={{ width: 44, height: 7, border: `1px solid ${RULE}`, display: 'inline-block', flex: 'none' }}><span style={{ display: 'block', height: '100%', width: `${share}%`, background: FAINT }} /></span>
      <span title={misfits ? `${figure(misfits)} of them do not fit the type` : undefined}>{words}{misfits ? <span style={{ color: ACCENTS.held.color }}> ✕</span> : null}</span>
    </span>
  );
}
