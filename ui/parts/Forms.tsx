'use client';

import { Box } from '@mui/material';
import type { FormView } from '../../contract/views';
import { shown } from '../../core/values/shown';
import type { CellValue } from '../../core/values/cell';
import { counted, figure } from './api';
import { ACCENTS, FAINT, INK, RULE } from './theme';

const MOST_LETTERS = 44;
const said = (cells: readonly CellValue[]): string => cells.map((c) => shown(c) || 'blank').join(' · ');
const short = (text: string): string => (text.length > MOST_LETTERS ? `${text.slice(0, MOST_LETTERS - 1)}…` : text);

/** The forms among the rows of a kind, each by its first row; one can be looked at alone. */
export function Forms({ forms, chosen, onChoose }: { forms: readonly FormView[]; chosen: number | null; onChoose: (form: number | null) => void }) {
  if (forms.length < 2) return <Box role="status" sx={{ fontSize: 12, color: FAINT, py: 0.25 }}>{forms.length === 1 ? 'All of these rows look alike.' : 'There is nothing here that has a form.'}</Box>;
  const rare = forms.filter((f) => f.rare);
  return (
    <Box role="group" aria-label="Forms" data-testid="forms" sx={{ py: 0.25 }}>
      <Box sx={{ fontSize: 12, color: FAINT }}>{counted(forms.length, 'form')}{rare.length > 0 && <>, {rare.length} of them rare: {counted(rare.reduce((n, f) => n + f.rows, 0), 'row')}</>}. Choose one to see its rows alone.</Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: '3px 5px', mt: 0.25, maxHeight: 112, overflow: 'auto' }}>
        {forms.map((form, i) => (
          <Box key={i} component="button" type="button" aria-pressed={chosen === i} title={`${said(form.before)}${form.after.length ? ` → ${said(form.after)}` : ''}`} onClick={(e) => { e.stopPropagation(); onChoose(chosen === i ? null : i); }} sx={{ border: `1px solid ${chosen === i ? ACCENTS.pending.color : RULE}`, borderLeft: form.rare ? `3px double ${INK}` : undefined, background: chosen === i ? '#e4ebf2' : 'none', cursor: 'pointer', font: 'inherit', fontSize: 12, px: 0.75, py: '1px', color: INK, whiteSpace: 'pre' }}>
            <b>{figure(form.rows)}</b> {form.rare ? 'rare, ' : ''}like {short(said(form.before.length ? form.before : form.after))}
          </Box>
        ))}
      </Box>
    </Box>
  );
}
