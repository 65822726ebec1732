'use client';

import { Box, InputBase } from '@mui/material';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { ReadReply, SentenceView } from '../../contract/views';
import type { Reading } from '../../core/language/read';
import type { Plan } from '../../core/steps/registry';
import { ask } from '../parts/api';
import { Sentence } from '../parts/Sentence';
import { ACCENTS, FAINT, READING, RULE } from '../parts/theme';

type Calculation = Extract<Plan, { step: 'calculate' }>;

/** A calculated column's formula as words, to be said otherwise: read as it is typed, with this row's own numbers under it. */
export function FormulaLine({ workspaceId, tableId, sentence, plan, position, onProve, onLeave }: {
  workspaceId: number;
  tableId: number;
  sentence: SentenceView;
  plan: Calculation;
  position: number;
  onProve: (request: string, plans: readonly Plan[]) => void;
  onLeave: () => void;
}) {
  const before = `${plan.replace ? 'Set' : 'Add'} ‹${plan.name}› ${plan.replace ? 'to' : 'as'} `;
  const [text, setText] = useState(() => sentence.sentence.slice(before.length).replace(/\.$/, '').replace(/[‹›]/g, ''));
  const request = `${before}${text}`;
  const read = useQuery({
    queryKey: ['read', workspaceId, tableId, 'formula', sentence.key, request],
    queryFn: ({ signal }) => ask<ReadReply>(`workspaces/${workspaceId}/read`, 'POST', { tableId, request, key: sentence.key, asked: null }, signal),
    enabled: text.trim() !== '',
    placeholderData: keepPreviousData,
  });
  const answer = read.data?.answer;
  const readings: readonly Reading[] = answer?.outcome === 'done' ? [answer.reading] : answer?.outcome === 'question' ? answer.choices : [];
  const fitting = readings.filter((r) => r.plans.length === 1 && r.plans[0]!.step === 'calculate' && r.plans[0]!.name === plan.name);
  const first = fitting[0]?.plans[0];
  const worked = useQuery({
    queryKey: ['worked', workspaceId, sentence.key, position, first],
    queryFn: () => ask<{ lines: string[] }>(`workspaces/${workspaceId}/worked`, 'POST', { key: sentence.key, position, plan: first }),
    enabled: first !== undefined,
    placeholderData: keepPreviousData,
  });
  const ways = (read.data?.completions ?? []).filter((c) => c.from >= before.length && c.from <= request.length && (c.from === request.length || c.text.toLowerCase().replace(/[‹›]/g, '').includes(request.slice(c.from).toLowerCase())));
  const prove = (reading: Reading): void => onProve(request, reading.plans);
  const onKey = (event: React.KeyboardEvent): void => {
    if (event.key === 'Tab' && !event.shiftKey && ways[0] && text.trim() !== '') setText(request.slice(before.length, ways[0].from) + ways[0].text.replace(/[‹›]/g, ''));
    else if (event.key === 'Enter') { if (fitting.length === 1 && !read.isPlaceholderData) prove(fitting[0]!); }
    else if (event.key === 'Escape') onLeave();
    else return;
    event.preventDefault();
    event.stopPropagation();
  };
  return (
    <Box data-testid="formula" sx={{ my: 0.5, borderLeft: `2px solid ${ACCENTS.pending.color}`, pl: 0.75 }}>
      <Box sx={{ fontSize: 12, color: FAINT }}>{plan.name} is</Box>
      <InputBase
        autoFocus
        fullWidth
        multiline
        value={text}
        onChange={(e) => setText(e.target.value.replace(/\n/g, ' '))}
        onKeyDown={onKey}
        inputProps={{ 'aria-label': `The formula of ${plan.name}`, spellCheck: false }}
        sx={{ fontFamily: READING, fontSize: 14.5, background: '#fffdf8', border: `1px solid ${RULE}`, px: 0.75, py: 0.25 }}
      />
      {ways.length > 0 && text.trim() !== '' && <Box sx={{ fontSize: 12, color: FAINT }}><kbd>Tab</kbd> {ways.slice(0, 3).map((c) => c.shown).join(' · ')}</Box>}
      <Box role="status" sx={{ fontSize: 12.5, mt: 0.25 }}>
        {text.trim() === '' ? 'Say what it is worked out from.' : fitting.length === 0 && answer && (answer.outcome === 'done' || answer.outcome === 'undo' ? 'This would do something else than calculate the column. Say it above, as a request.' : <Sentence text={answer.message} size={13} />)}
        {fitting.length > 1 && <Box sx={{ color: ACCENTS.pending.color }}>Which is meant?</Box>}
        {fitting.map((r) => (
          <Box key={r.sentences.join()} component="button" disabled={read.isPlaceholderData} onClick={() => prove(r)} sx={{ display: 'block', width: '100%', textAlign: 'left', border: 0, background: 'none', p: 0, mb: 0.25, cursor: 'pointer', color: 'inherit' }}>
            <Sentence text={r.sentences[0]!} size={13} /> <Box component="span" sx={{ color: FAINT }}>{fitting.length === 1 && <kbd>Enter</kbd>} see it on the rows</Box>
          </Box>
        ))}
        {first && worked.data && <Box data-testid="formula-worked" sx={{ color: FAINT }}>in this row: {worked.data.lines.map((l, i) => <Box key={i} component={i === worked.data.lines.length - 1 ? 'b' : 'span'} sx={{ display: 'block' }}>{l}</Box>)}</Box>}
      </Box>
    </Box>
  );
}
