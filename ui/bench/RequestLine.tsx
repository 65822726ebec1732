'use client';

import { isQuestion } from '../../core/steps/questions';
import { Box, InputBase } from '@mui/material';
import { useState, type RefObject } from 'react';
import type { Completion } from '../../core/language/completion';
import type { Reading, Answer } from '../../core/language/read';
import { Sentence } from '../parts/Sentence';
import { ACCENTS, FAINT, READING, RULE } from '../parts/theme';

/** Letters that tie words of the request to heads in the sheet. */
export const TIE_LETTERS = 'abcdefghijklmnopqrstuvwxyz';

/** One line to say what should change, and right under it how it is understood. */
export function RequestLine({ value, onChange, answer, chosen, onChoose, onSubmit, onLeave, input, editing, proving, completions, onWhy, onPick }: {
  value: string;
  onChange: (text: string) => void;
  answer: Answer | { outcome: 'undo' } | null;
  chosen: Reading | null;
  onChoose: (reading: Reading) => void;
  onSubmit: () => void;
  onLeave: () => void;
  input: RefObject<HTMLInputElement | null>;
  editing: number | null;
  /** The proof is open: it shows the sentence itself. */
  proving: boolean;
  completions: readonly Completion[];
  onWhy: () => void;
  /** A proposal was picked by its key, on the empty line. */
  onPick: (index: number) => void;
}) {
  const [at, setAt] = useState(0);
  const fitting = proving ? NONE : completions.filter((c) => c.from <= value.length && (c.from === value.length || fold(c.text).includes(fold(value.slice(c.from)))));
  const here = Math.min(at, fitting.length - 1);
  const complete = (c: Completion): void => {
    onChange(value.slice(0, c.from) + c.text);
    setAt(0);
    input.current?.focus();
  };
  const choices = answer?.outcome === 'question' ? answer.choices : answer?.outcome === 'done' ? [answer.reading, ...answer.others] : [];
  const onKey = (event: React.KeyboardEvent): void => {
    if (event.key === 'Tab' && !event.shiftKey && value.trim() !== '' && fitting[here]) complete(fitting[here]);
    else if (event.key === 'ArrowDown' && fitting.length > 1) setAt((here + 1) % fitting.length);
    else if (event.key === 'ArrowUp' && fitting.length > 1) setAt((here + fitting.length - 1) % fitting.length);
    else if (event.altKey && event.key === 'w') onWhy();
    else if (event.key === 'Enter') onSubmit();
    else if (event.key === 'Escape') onLeave();
    else if (event.altKey && /^[1-5]$/.test(event.key) && value.trim() === '') onPick(Number(event.key) - 1);
    else if (event.altKey && /^[1-4]$/.test(event.key) && choices[Number(event.key) - 1]) onChoose(choices[Number(event.key) - 1]!);
    else return;
    event.preventDefault();
  };
  return (
    <Box sx={{ borderBottom: `1px solid ${RULE}`, background: '#fffdf8', px: 1.5, pt: 0.5, pb: 0.25 }}>
      <InputBase
        inputRef={input}
        value={value}
        onChange={(e) => { setAt(0); onChange(e.target.value); }}
        onKeyDown={onKey}
        fullWidth
        placeholder={editing === null ? 'Say what should change, in your own words' : `Another wording for sentence ${editing + 1}`}
        inputProps={{ 'aria-label': 'Request', 'aria-describedby': 'reading', spellCheck: false, 'data-testid': 'request' }}
        sx={{ fontFamily: READING, fontSize: 18, '& input': { py: '3px' } }}
      />
      {fitting.length > 0 && value.trim() !== '' && (
        <Box data-testid="completions" aria-label="Ways to go on" sx={{ display: 'flex', gap: 0.75, alignItems: 'baseline', flexWrap: 'wrap', fontSize: 12.5, color: FAINT, maxHeight: 40, overflow: 'hidden' }}>
          <kbd>Tab</kbd>
          {fitting.map((c, i) => (
            <Box key={c.text} component="button" tabIndex={-1} onMouseDown={(e: React.MouseEvent) => { e.preventDefault(); complete(c); }} sx={{ border: 0, borderBottom: c.sort === 'column' ? '3px double' : c.sort === 'value' ? '1px dotted' : '1px solid transparent', background: i === here ? '#e4ebf2' : 'none', cursor: 'pointer', fontSize: 12.5, px: 0.5, py: 0, fontFamily: c.sort === 'words' ? READING : undefined, color: i === here ? 'text.primary' : FAINT }}>{c.sort === 'value' ? `“${c.shown}”` : c.shown}</Box>
          ))}
        </Box>
      )}
      <Box id="reading" aria-live="polite" data-testid="reading" sx={{ minHeight: 22, fontSize: 12.5, color: FAINT, pb: 0.25 }}>
        {answer && value.trim() !== '' && (proving && choices.length > 0 ? <Mirror request={value} reading={chosen ?? choices[0]!} /> : <ReadingView request={value} answer={answer} chosen={chosen} onChoose={onChoose} onWhy={onWhy} />)}
      </Box>
    </Box>
  );
}

const NONE: readonly Completion[] = [];
const fold = (text: string): string => text.toLowerCase().replace(/[‹›"“”]/g, '');

function ReadingView({ request, answer, chosen, onChoose, onWhy }: { request: string; answer: Answer | { outcome: 'undo' }; chosen: Reading | null; onChoose: (r: Reading) => void; onWhy: () => void }) {
  if (answer.outcome === 'undo') return <span>Takes back the last change. <kbd>Enter</kbd></span>;
  if (answer.outcome === 'cannot') {
    return (
      <Box sx={{ color: ACCENTS.held.color }}>
        <Box component="span" sx={{ fontWeight: 600 }}>Not understood.</Box> <Sentence text={answer.message} size={14} />
      </Box>
    );
  }
  if (answer.outcome === 'question') {
    return (
      <Box>
        <Box sx={{ color: ACCENTS.pending.color, fontWeight: 600 }}>{answer.message}</Box>
        {answer.choices[0] && <Mirror request={request} reading={chosen ?? answer.choices[0]} />}
        {answer.choices.map((c, i) => <ChoiceLine key={c.sentences.join()} index={i} reading={c} chosen={chosen === c} onChoose={onChoose} />)}
      </Box>
    );
  }
  const reading = chosen ?? answer.reading;
  return (
    <Box>
      <Mirror request={request} reading={reading} />
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'baseline', color: 'text.primary' }}>
        <Box component="span" sx={{ color: ACCENTS.pending.color, fontSize: 12, whiteSpace: 'nowrap' }}>{answer.corrects ? 'instead of the last:' : reading.learnt ? 'as learnt:' : 'read as'}</Box>
        <Box sx={{ flex: 1 }}>{reading.sentences.map((s) => <Box key={s}><Sentence text={s} size={16} /></Box>)}</Box>
        <Box component="span" sx={{ whiteSpace: 'nowrap' }}><Box component="button" tabIndex={-1} onClick={onWhy} sx={{ border: 0, background: 'none', cursor: 'pointer', color: FAINT, fontSize: 12.5, textDecoration: 'underline' }}>why?</Box> <kbd>Enter</kbd> {reading.plans.every(isQuestion) ? 'answer' : 'see it on the rows'}</Box>
      </Box>
      {answer.others.length > 0 && (
        <Box sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap' }}>
          {[answer.reading, ...answer.others].map((c, i) => (c === reading ? null : <ChoiceLine key={c.sentences.join()} index={i} reading={c} chosen={false} onChoose={onChoose} />))}
        </Box>
      )}
    </Box>
  );
}

function ChoiceLine({ index, reading, chosen, onChoose }: { index: number; reading: Reading; chosen: boolean; onChoose: (r: Reading) => void }) {
  return (
    <Box component="button" onClick={() => onChoose(reading)} aria-pressed={chosen} sx={{ display: 'flex', gap: 1, alignItems: 'baseline', border: 0, background: chosen ? '#e4ebf2' : 'none', cursor: 'pointer', textAlign: 'left', px: 0.5, color: chosen ? 'text.primary' : FAINT }}>
      <kbd>Alt {index + 1}</kbd> <Sentence text={reading.sentences.join(' ')} size={14} />
    </Box>
  );
}

/** The request again, its words joined to the columns they were taken for; what was not used is struck. */
function Mirror({ request, reading }: { request: string; reading: Reading }) {
  const letters = tieLetters(reading);
  const marks = [
    ...reading.ties.map((t) => ({ from: t.from, to: t.to, tie: t })),
    ...reading.unused.map((u) => ({ from: u.from, to: u.to, tie: null })),
  ].sort((a, b) => a.from - b.from);
  const parts: React.ReactNode[] = [];
  let at = 0;
  marks.forEach((m, i) => {
    if (m.from < at) return;
    parts.push(request.slice(at, m.from));
    const text = request.slice(m.from, m.to);
    parts.push(
      m.tie ? (
        <Box key={i} component="span" title={`${m.tie.column}: ${m.tie.reason}`} sx={{ borderBottom: `3px double ${ACCENTS.pending.color}`, color: 'text.primary' }}>
          {text}
          <Box component="sup" sx={{ color: ACCENTS.pending.color, fontWeight: 700, fontSize: 10, lineHeight: 0 }}>{letters.get(m.tie.column)}</Box>
        </Box>
      ) : (
        <Box key={i} component="del" title="not used" sx={{ color: ACCENTS.held.color }}>{text}</Box>
      ),
    );
    at = m.to;
  });
  parts.push(request.slice(at));
  return <Box sx={{ fontFamily: READING, fontSize: 13.5, color: FAINT, whiteSpace: 'pre-wrap', overflowWrap: 'anywhere', maxHeight: 60, overflow: 'auto' }}>{parts}</Box>;
}

/** A letter for each column a reading is tied to, in the order of the request. */
export function tieLetters(reading: Reading): Map<string, string> {
  const letters = new Map<string, string>();
  for (const tie of reading.ties) if (!letters.has(tie.column)) letters.set(tie.column, TIE_LETTERS[letters.size] ?? '·');
  return letters;
}
