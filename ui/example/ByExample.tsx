'use client';

import { Alert, Box, Button, InputBase, Typography } from '@mui/material';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import type { ByExampleReply } from '../../contract/views';
import type { ShapeLook } from '../../core/steps/by-example/shapes';
import { ask, counted, figure } from '../parts/api';
import { Sentence } from '../parts/Sentence';
import { ACCENTS, FAINT, FIGURES, READING, RULE, SHADE } from '../parts/theme';

/** How sure a result must be to be passed over without a mark. */
const SURE = 0.7;

/** A new column by example: one row for each shape of the texts, what is wished typed beside it, what was learnt in words. */
export function ByExample({ workspaceId, tableId, version, column, onTake, onClose }: { workspaceId: number; tableId: number; version: number; column: string; onTake: (sentence: string) => void; onClose: () => void }) {
  const [wished, setWished] = useState<ReadonlyMap<string, string>>(new Map());
  const [name, setName] = useState('');
  const [heard, setHeard] = useState({ wished, name });
  const box = useRef<HTMLDivElement>(null);
  useEffect(() => {
    const timer = setTimeout(() => setHeard({ wished, name }), 150);
    return () => clearTimeout(timer);
  }, [wished, name]);
  const examples = [...heard.wished].map(([input, output]) => ({ input, output }));
  const reply = useQuery({
    queryKey: ['example', workspaceId, tableId, version, column, examples, heard.name],
    queryFn: ({ signal }) => ask<ByExampleReply>(`workspaces/${workspaceId}/by-example`, 'POST', { tableId, column, name: heard.name, examples }, signal),
    placeholderData: keepPreviousData,
    retry: false,
  });
  // Rows stay where they were first shown: what is typed into must not move away.
  const [order, setOrder] = useState<readonly string[]>([]);
  const looks = reply.data?.shapes ?? [];
  const byShape = new Map(looks.map((l) => [l.shape, l]));
  const fresh = looks.filter((l) => !order.includes(l.shape)).map((l) => l.shape);
  if (fresh.length) setOrder([...order, ...fresh]);
  const rows = order.flatMap((shape) => byShape.get(shape) ?? []);
  const asked = wished.size > 0 && reply.data?.sentence ? looks.find((l) => l.sure < SURE && !l.told) : undefined;
  const wish = (input: string, output: string | null): void => {
    const next = new Map(wished);
    if (output === null) next.delete(input);
    else next.set(input, output);
    setWished(next);
  };
  const take = (): void => { if (reply.data?.sentence && !reply.isPlaceholderData) onTake(reply.data.sentence); };
  const fields = (): HTMLInputElement[] => [...box.current!.querySelectorAll<HTMLInputElement>('input[data-wish]')];
  const onKey = (event: React.KeyboardEvent): void => {
    if (event.key === 'Escape') onClose();
    else if (event.key === 'Enter' && (event.ctrlKey || event.metaKey)) take();
    else if (event.key === 'ArrowDown' || event.key === 'ArrowUp' || event.key === 'Enter') {
      const all = fields(), at = all.indexOf(document.activeElement as HTMLInputElement);
      all[Math.min(all.length - 1, Math.max(0, at + (event.key === 'ArrowUp' ? -1 : 1)))]?.focus();
    } else return;
    event.preventDefault();
    event.stopPropagation();
  };
  return (
    <Box ref={box} role="region" aria-label={`A new column from examples of ${column}`} data-testid="by-example" onKeyDown={onKey} sx={{ flex: 1, minHeight: 0, display: 'flex', flexDirection: 'column' }}>
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 1.5, px: 1.5, py: 0.75, borderBottom: `1px solid ${RULE}`, background: SHADE }}>
        <Typography component="h2" noWrap sx={{ fontFamily: READING, fontSize: 17, flexShrink: 0 }}>A column by example</Typography>
        <Box component="span" sx={{ fontSize: 12.5, color: FAINT, mr: 'auto', whiteSpace: 'nowrap' }}>Type what you wish beside a row or two. <kbd>↑ ↓</kbd> <kbd>Ctrl Enter</kbd></Box>
        <InputBase value={name} onChange={(e) => setName(e.target.value)} placeholder="name of the new column" inputProps={{ 'aria-label': 'Name of the new column', maxLength: 200 }} sx={{ border: `1px solid ${RULE}`, background: '#fffdf8', px: 0.75, fontSize: 13, width: 200 }} />
        <Button onClick={onClose} sx={{ whiteSpace: 'nowrap', flexShrink: 0 }}>Back to the sheet&nbsp;<kbd>Esc</kbd></Button>
      </Box>
      <Box aria-live="polite" sx={{ px: 1.5, py: 0.75, borderBottom: `1px solid ${RULE}`, minHeight: 44, display: 'flex', alignItems: 'center', gap: 1.5 }}>
        {wished.size === 0 ? (
          <Box sx={{ color: FAINT, fontSize: 13 }}>Nothing shown yet: each line below is one shape of the texts in {column}, with how many rows have it.</Box>
        ) : reply.data?.sentence ? (
          <>
            <Box sx={{ flex: 1 }}>
              <Sentence text={reply.data.sentence} size={15} />
              {asked && <Box sx={{ fontSize: 12.5, color: ACCENTS.pending.color }}>{ACCENTS.pending.mark} Least sure about “{asked.input}” ({counted(asked.rows, 'row')}){asked.output ? <>: is it “{asked.output}”?</> : ': it would be blank.'} {asked.others.map((o) => <Button key={o} size="small" onClick={() => wish(asked.input, o)} sx={{ py: 0, ml: 0.5 }}>{o}</Button>)} <Button size="small" onClick={() => wish(asked.input, asked.output)} sx={{ py: 0, ml: 0.5 }}>{asked.output ? 'Yes' : 'Leave it blank'}</Button></Box>}
            </Box>
            <Button variant="contained" color="success" onClick={take} disabled={reply.isPlaceholderData}>See it on all rows</Button>
          </>
        ) : (
          <Box sx={{ color: ACCENTS.held.color, fontSize: 13 }}>{reply.isPending ? 'looking …' : 'No way was found that gives all of these. Look for a slip in one, or show fewer.'}</Box>
        )}
      </Box>
      {reply.isError && <Alert severity="warning" sx={{ py: 0, borderRadius: 0 }}>{reply.error.message}</Alert>}
      <Box sx={{ flex: 1, overflow: 'auto' }}>
        <table style={{ borderCollapse: 'collapse', fontSize: 13, width: '100%', tableLayout: 'fixed' }}>
          <thead>
            <tr>{[['rows', '80px'], [column, '38%'], ['what you wish', ''], ['', '190px']].map(([h, width], i) => <th key={i} style={{ position: 'sticky', top: 0, background: SHADE, zIndex: 1, textAlign: i === 0 ? 'right' : 'left', fontWeight: 400, fontSize: 11.5, color: FAINT, padding: '3px 10px', width }}>{h}</th>)}</tr>
          </thead>
          <tbody>{rows.map((l, i) => <Line key={l.shape} look={l} first={i === 0} asked={l === asked} wished={wished.get(l.input)} onWish={(output) => wish(l.input, output)} />)}</tbody>
        </table>
      </Box>
    </Box>
  );
}

function Line({ look, first, asked, wished, onWish }: { look: ShapeLook; first: boolean; asked: boolean; wished: string | undefined; onWish: (output: string | null) => void }) {
  const told = wished !== undefined;
  return (
    <tr style={{ borderBottom: `1px solid ${SHADE}`, background: asked ? '#eef2f6' : undefined }}>
      <td style={{ textAlign: 'right', padding: '1px 10px', color: FAINT, fontSize: 12 }}>{figure(look.rows)}</td>
      <td style={{ padding: '1px 10px', overflow: 'hidden', textOverflow: 'ellipsis', whiteSpace: 'pre' }}>{look.input}</td>
      <td style={{ padding: '1px 4px' }}>
        <InputBase autoFocus={first} fullWidth value={wished ?? ''} placeholder={look.output || undefined} onChange={(e) => onWish(e.target.value)} inputProps={{ 'aria-label': `What you wish for ${look.input}`, 'data-wish': true, maxLength: 2_000 }} sx={{ fontSize: 13, fontFamily: FIGURES, px: 0.75, py: 0, border: `1px solid ${told ? ACCENTS.kept.color : 'transparent'}`, background: told ? '#fffdf8' : undefined, '&:hover, &.Mui-focused': { border: `1px solid ${RULE}` }, '& input': { p: 0, height: 20 }, '& input::placeholder': { opacity: look.sure >= SURE ? 0.85 : 0.55 } }} />
      </td>
      <td style={{ padding: '1px 10px', fontSize: 12, color: told ? ACCENTS.kept.color : look.sure >= SURE ? FAINT : ACCENTS.pending.color, whiteSpace: 'nowrap' }}>
        {told ? <>{ACCENTS.kept.mark} as you said <button type="button" onClick={() => onWish(null)} style={{ border: 0, background: 'none', cursor: 'pointer', font: 'inherit', textDecoration: 'underline', color: FAINT }}>take back</button></> : look.output === '' ? 'blank' : look.sure >= SURE ? 'follows' : `${ACCENTS.pending.mark} not sure`}
      </td>
    </tr>
  );
}
