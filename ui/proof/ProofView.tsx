'use client';

import { Alert, Box, Button, LinearProgress, Typography } from '@mui/material';
import { useMutation } from '@tanstack/react-query';
import { useEffect, useMemo, useRef, useState } from 'react';
import type { FormView, Proof, ProofKind, ProofRow } from '../../contract/views';
import type { Plan } from '../../core/steps/registry';
import { writeNumber } from '../../core/values/number';
import { shown } from '../../core/values/shown';
import { ask, counted, figure } from '../parts/api';
import { ACCENTS, FAINT, INK, PAPER, READING, RULE, SHADE } from '../parts/theme';
import { Forms } from '../parts/Forms';
import { bodyCell, columnWords, headCell, Interlinear } from '../parts/Interlinear';
import { NameIt } from '../parts/NameIt';
import { Sentence } from '../parts/Sentence';
import type { CellValue } from '../../core/values/cell';
import { AnswerTableView } from './AnswerTableView';
import { Spellings } from './Spellings';

/** What is held in the proof: a whole kind, or one row, of one of the plans. */
export interface ProofHold {
  readonly plan: number;
  readonly kind: string | null;
  readonly position: number | null;
  readonly note: string;
}

/** What can be done with the point of the brief at which a kept sentence stands. */
export interface Point {
  readonly n: number;
  /** It is the last sentence: the brief stands there. */
  readonly last: boolean;
  readonly onCompare: () => void;
  readonly onReturn: () => void;
  readonly onTryOut: (name: string) => void;
}

/** A line that can be judged: a kind, or a row of one. */
interface Line {
  readonly plan: number;
  readonly kind: ProofKind;
  readonly row: ProofRow | null;
}

/** The trial result, by kinds, the odd ones first; interlinear: the new value on the line, the old one small above it. */
export function ProofView({ workspaceId, stateId, proofs, plans, holds, onHold, onDecide, onRows, onKeep, onKeepAnswer, point, onLeave, busy, progress, proving, editing, readOnly = false }: {
  workspaceId: number;
  stateId: number;
  proofs: readonly Proof[];
  plans: readonly Plan[];
  holds: readonly ProofHold[];
  onHold: (holds: readonly ProofHold[]) => void;
  /** One of the plans was decided otherwise in the proof. */
  onDecide: (plan: number, decided: Plan) => void;
  /** Shows the rows behind a line of an answer. */
  onRows: (plan: number, row: readonly CellValue[]) => void;
  onKeep: () => void;
  /** Keeps an answer as a table of its own. */
  onKeepAnswer: (name: string) => void;
  /** Where the kept sentence that is looked at stands; null for one that is not kept. */
  point: Point | null;
  onLeave: () => void;
  busy: boolean;
  progress: number | null;
  /** How much of the whole proof is done. */
  proving: number | null;
  /** A sentence of the brief is said otherwise. */
  editing: boolean;
  readOnly?: boolean;
}) {
  const [open, setOpen] = useState<ReadonlySet<string>>(new Set());
  const [more, setMore] = useState<Record<string, readonly ProofRow[]>>({});
  const [at, setAt] = useState(0);
  const [naming, setNaming] = useState(false);
  const [named, setNamed] = useState<string | null>(null);
  const box = useRef<HTMLDivElement>(null);
  const unfolded = (p: number, k: ProofKind): boolean => open.has(`${p}/${k.key}`) !== k.odd;
  const lines = useMemo(() => {
    const list: Line[] = [];
    proofs.forEach((proof, plan) => proof.kinds.forEach((kind) => {
      list.push({ plan, kind, row: null });
      const shown = more[`${plan}/${kind.key}`] ?? kind.examples.slice(0, kind.odd ? 8 : 3);
      if (open.has(`${plan}/${kind.key}`) !== kind.odd || !kind.odd) shown.forEach((row) => list.push({ plan, kind, row }));
    }));
    return list;
  }, [proofs, open, more]);
  const load = useMutation({
    mutationFn: ({ plan, kind, form }: { plan: number; kind: ProofKind; form?: FormView }) => ask<ProofRow[]>(`workspaces/${workspaceId}/kind`, 'POST', { stateId, plans, index: plan, code: kind.code, from: 0, count: 200, only: form?.positions ?? null }),
    onSuccess: (rows, { plan, kind }) => setMore((m) => ({ ...m, [`${plan}/${kind.key}`]: rows })),
  });
  /** The forms of kinds that were asked for, and the one whose rows are seen alone. */
  const [forms, setForms] = useState<Readonly<Record<string, { readonly all: readonly FormView[]; readonly chosen: number | null }>>>({});
  const look = useMutation({
    mutationFn: ({ plan, kind }: { plan: number; kind: ProofKind }) => ask<FormView[]>(`workspaces/${workspaceId}/forms`, 'POST', { stateId, plans, index: plan, code: kind.code }),
    onSuccess: (all, { plan, kind }) => setForms((f) => ({ ...f, [`${plan}/${kind.key}`]: { all, chosen: null } })),
  });
  const seeForms = (plan: number, kind: ProofKind): void => {
    const id = `${plan}/${kind.key}`;
    if (!forms[id]) return look.mutate({ plan, kind });
    setForms(without(forms, id));
    setMore(without(more, id));
  };
  const choose = (plan: number, kind: ProofKind, chosen: number | null): void => {
    const id = `${plan}/${kind.key}`, form = chosen === null ? undefined : forms[id]!.all[chosen];
    setForms((f) => ({ ...f, [id]: { ...f[id]!, chosen } }));
    if (form) load.mutate({ plan, kind, form });
    else setMore(without(more, id));
  };
  const isHeld = (line: Line): boolean => holds.some((h) => h.plan === line.plan && (h.kind === line.kind.key || (line.row !== null && h.position === line.row.position)));
  const hold = (line: Line): void => onHold([{ plan: line.plan, kind: line.row ? null : line.kind.key, position: line.row?.position ?? null, note: '' }]);

  useEffect(() => box.current?.focus(), []);
  const here = Math.min(at, Math.max(0, lines.length - 1));
  useEffect(() => { box.current?.querySelector(`[data-line="${here}"]`)?.scrollIntoView({ block: 'nearest' }); }, [here]);

  const question = proofs.every((p) => p.answer !== null);
  const answerCalled = named ?? answerName(plans[0], proofs[0]?.answer?.columns ?? []);
  const onKey = (event: React.KeyboardEvent): void => {
    if (event.target instanceof HTMLInputElement || event.ctrlKey || event.metaKey || event.altKey) return;
    const line = lines[here];
    const key = event.key.toLowerCase();
    if (key === 'arrowdown') setAt(Math.min(lines.length - 1, here + 1));
    else if (key === 'arrowup') setAt(Math.max(0, here - 1));
    else if (key === 'k' && !readOnly && (!question || editing)) onKeep();
    else if (key === 'k' && !readOnly && plans.length === 1) setNaming(true);
    else if (key === 'h' && line && !readOnly) hold(line);
    else if (key === 'u' && line && !line.row) load.mutate({ plan: line.plan, kind: line.kind });
    else if (key === 'f' && line && !line.row && !proofs[line.plan]!.partial) seeForms(line.plan, line.kind);
    else if (key === ' ' && line && !line.row) setOpen((o) => toggled(o, `${line.plan}/${line.kind.key}`));
    else if (key === 'c' && point && !point.last) point.onCompare();
    else if (key === 'b' && point && !point.last) point.onReturn();
    else if (key === 't' && point) setNaming(true);
    else if (key === 'escape') onLeave();
    else return;
    event.preventDefault();
    event.stopPropagation();
  };

  let index = -1;
  return (
    <Box ref={box} tabIndex={0} role="region" aria-label="Proof" data-testid="proof" onKeyDown={onKey} sx={{ flex: 1, minHeight: 0, display: 'flex', flexDirection: 'column', background: PAPER, '&:focus-visible': { outlineOffset: -2 } }}>
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 1.25, px: 1.5, py: 0.75, borderBottom: `1px solid ${RULE}`, background: SHADE, flexWrap: 'wrap' }}>
        <Typography component="h2" sx={{ fontSize: 13, fontWeight: 600, color: ACCENTS.pending.color }}>{question ? 'Answer' : `${ACCENTS.pending.mark} Proof`}</Typography>
        <Typography sx={{ fontSize: 12.5, color: FAINT, mr: 'auto' }}>
          {question ? 'a question changes nothing' : readOnly ? 'what this sentence did' : proofs.some((p) => p.partial) ? `the first rows; the rest is being looked at …${proving === null ? '' : ` ${Math.round(100 * proving)} %`}` : 'nothing has changed yet'}{holds.length ? ` · ${counted(holds.length, 'hold')} noted` : ''}
        </Typography>
        {!readOnly && question && !editing && plans.length === 1 && <NameIt id="answer-name" button={<>Keep as a table&nbsp;<kbd>K</kbd></>} label="as a live table called" hint="It is worked out anew whenever its table changes" does="Keep" color="success" name={answerCalled} open={naming} busy={busy} onOpen={setNaming} onName={setNamed} onDone={() => onKeepAnswer(answerCalled)} />}
        {!readOnly && (!question || editing) && <Button variant="contained" color="success" disabled={busy} onClick={onKeep}>Keep&nbsp;<kbd>K</kbd></Button>}
        {point && !naming && !point.last && <Button onClick={point.onCompare} sx={{ whiteSpace: 'nowrap' }}>Compare with now&nbsp;<kbd>C</kbd></Button>}
        {point && !naming && !point.last && <Button disabled={busy} title="What was said later goes out of the brief; undo brings it back" onClick={point.onReturn} sx={{ whiteSpace: 'nowrap' }}>Back to this point&nbsp;<kbd>B</kbd></Button>}
        {point && <NameIt id="tryout-name" button={<>Try out from here&nbsp;<kbd>T</kbd></>} label="a try-out called" hint="The brief up to here, gone on with apart; the brief itself stays as it is" does="Begin" color="primary" name={named ?? `from sentence ${point.n}`} open={naming} busy={busy} onOpen={setNaming} onName={setNamed} onDone={() => point.onTryOut(named ?? `from sentence ${point.n}`)} />}
        <Button onClick={onLeave}>{readOnly || question ? 'Back to the sheet' : 'Leave'}&nbsp;<kbd>Esc</kbd></Button>
      </Box>
      {progress !== null && <LinearProgress variant={progress > 0 ? 'determinate' : 'indeterminate'} value={progress * 100} aria-label="Keeping" color="success" />}
      <Box sx={{ flex: 1, overflow: 'auto', px: 1.5, pb: 2 }}>
        {proofs.map((proof, p) => (
          <Box key={p} component="section" sx={{ pt: 1 }}>
            <Box sx={{ mb: 0.5 }}><Sentence text={proof.sentence} size={16} /></Box>
            {NOTES[plans[p]?.step ?? ''] && <Typography sx={{ fontSize: 12.5, color: ACCENTS.pending.color }}>{NOTES[plans[p]!.step]}</Typography>}
            {proof.answer ? <AnswerTableView answer={proof.answer} name={proof.sentence.replace(/[‹›]/g, '').replace(/^Answer /, '').slice(0, 60)} onRows={plans[p]?.step === 'ask' ? (row) => onRows(p, row) : null} /> : <Figures proof={proof} />}
            {proof.spellings && plans[p]?.step === 'standardise' && <Spellings groups={proof.spellings.groups} total={proof.spellings.total} plan={plans[p]} onDecide={readOnly ? null : (plan) => onDecide(p, plan)} />}
            {proof.kinds.length === 0 && !proof.answer && plans[p]?.step !== 'define' && <ColumnsOnly proof={proof} />}
            {proof.kinds.map((kind) => {
              const k = ++index;
              const line: Line = { plan: p, kind, row: null };
              const id = `${p}/${kind.key}`;
              const showRows = unfolded(p, kind) || !kind.odd;
              const rows = more[id] ?? kind.examples.slice(0, kind.odd ? 8 : 3);
              const held = isHeld(line);
              return (
                <Box key={kind.key} sx={{ mt: 1, borderLeft: `3px ${kind.odd ? 'double' : 'solid'} ${held ? ACCENTS.held.color : kind.odd ? INK : RULE}`, pl: 1 }}>
                  <Box data-line={k} onClick={() => setAt(k)} sx={{ display: 'flex', alignItems: 'baseline', gap: 1, background: here === k ? '#e4ebf2' : 'none', px: 0.5, cursor: 'default' }}>
                    <Box sx={{ minWidth: 62, textAlign: 'right', fontWeight: 600 }}>{figure(kind.rows)}{proof.partial ? '+' : ''}</Box>
                    <Box sx={{ fontFamily: READING, fontSize: 15, flex: 1 }}>{columnWords(kind.words)}{kind.odd && <Box component="span" sx={{ fontSize: 11.5, color: FAINT, ml: 1 }}>look at these</Box>}</Box>
                    {held || kind.held > 0 ? <Box sx={{ color: ACCENTS.held.color, fontSize: 12 }}>{ACCENTS.held.mark} on hold{kind.held > 0 && !held ? `: ${figure(kind.held)}` : ''}</Box> : null}
                    {!readOnly && <Button size="small" sx={{ py: 0 }} onClick={(e) => { e.stopPropagation(); setAt(k); hold(line); }}>{held ? 'Take off hold' : 'Hold all'}</Button>}
                    {kind.rows > 1 && !proof.partial && <Button size="small" sx={{ py: 0 }} aria-pressed={forms[id] !== undefined} onClick={(e) => { e.stopPropagation(); setAt(k); seeForms(p, kind); }}>Forms</Button>}
                    {kind.rows > rows.length && !proof.partial && !forms[id] && <Button size="small" sx={{ py: 0 }} onClick={(e) => { e.stopPropagation(); load.mutate({ plan: p, kind }); }}>Show more</Button>}
                  </Box>
                  {forms[id] && (
                    <Box sx={{ ml: '62px', display: 'flex', alignItems: 'flex-end', gap: 1 }}>
                      <Forms forms={forms[id].all} chosen={forms[id].chosen} onChoose={(chosen) => choose(p, kind, chosen)} />
                      {!readOnly && chosenForm(forms[id]) && <Button size="small" sx={{ py: 0, flexShrink: 0 }} onClick={() => onHold(chosenForm(forms[id]!)!.positions.map((position) => ({ plan: p, kind: null, position, note: '' })))}>Hold these {figure(chosenForm(forms[id])!.positions.length)}</Button>}
                    </Box>
                  )}
                  {!readOnly && plans[p] && <Offer plan={plans[p]} kind={kind} rows={rows} columns={proof.columns.map((c) => c.name)} onDecide={(plan) => onDecide(p, plan)} />}
                  {showRows && (
                    <table style={{ borderCollapse: 'collapse', fontSize: 12.5, marginLeft: 62 }}>
                      <thead>
                        <tr>
                          <th style={{ ...headCell, width: 48 }}>line</th>
                          {proof.columns.map((c) => <th key={c.name} style={{ ...headCell, color: c.made ? INK : FAINT, fontWeight: c.made ? 600 : 400 }}>{c.name}{c.isNew ? ' (new)' : ''}</th>)}
                          {!readOnly && <th style={headCell} />}
                        </tr>
                      </thead>
                      <tbody>
                        {rows.map((row) => {
                          const r = ++index;
                          const rowLine: Line = { plan: p, kind, row };
                          const rowHeld = isHeld(rowLine);
                          return [
                            <tr key={row.position} data-line={r} onClick={() => setAt(r)} style={{ background: here === r ? '#e4ebf2' : undefined, opacity: row.gone && !rowHeld ? 0.62 : 1 }}>
                              <td style={{ ...bodyCell, color: FAINT, textAlign: 'right' }}>{figure(row.position + 1)}</td>
                              {proof.columns.map((c, i) => { const was = shown(row.before[i] ?? null, c.looks?.[0]); return <Interlinear key={c.name} before={was} after={row.gone || rowHeld ? was : shown(row.after[i] ?? null, c.looks?.[1])} made={c.made} struck={row.gone && !rowHeld} />; })}
                              {!readOnly && (
                                <td style={bodyCell}>
                                  <button type="button" aria-pressed={rowHeld} onClick={(e) => { e.stopPropagation(); setAt(r); hold(rowLine); }} style={{ border: 0, background: 'none', cursor: 'pointer', color: rowHeld ? ACCENTS.held.color : FAINT, fontSize: 12 }}>{rowHeld ? `${ACCENTS.held.mark} held` : 'hold'}</button>
                                </td>
                              )}
                            </tr>,
                            ...(rowHeld ? [] : row.added ?? []).map((cells, k) => (
                              <tr key={`${row.position}+${k}`}>
                                <td style={{ ...bodyCell, color: FAINT, textAlign: 'right' }} title="a row that is added">+</td>
                                {proof.columns.map((c, i) => <td key={c.name} style={{ ...bodyCell, color: c.made ? INK : FAINT }}>{shown(cells[i] ?? null, c.looks?.[1])}</td>)}
                                {!readOnly && <td style={bodyCell} />}
                              </tr>
                            )),
                          ];
                        })}
                      </tbody>
                    </table>
                  )}
                </Box>
              );
            })}
          </Box>
        ))}
        {[load, look].map((m, i) => m.error && <Alert key={i} severity="warning" sx={{ mt: 1 }}>{m.error.message}</Alert>)}
      </Box>
      {!readOnly && !question && <Box sx={{ px: 1.5, py: 0.5, borderTop: `1px solid ${RULE}`, fontSize: 12, color: FAINT, display: 'flex', gap: 2, flexWrap: 'wrap' }}>
        <span><kbd>↑</kbd> <kbd>↓</kbd> kinds and rows</span><span><kbd>H</kbd> hold</span><span><kbd>Space</kbd> fold</span><span><kbd>U</kbd> show more</span><span><kbd>F</kbd> forms</span><span><kbd>K</kbd> keep</span><span><kbd>Esc</kbd> leave</span>
      </Box>}
    </Box>
  );
}

/** What an answer is called if nobody says otherwise: its figures, and what they are grouped by. */
function answerName(plan: Plan | undefined, columns: readonly string[]): string {
  if (plan?.step !== 'ask') return 'Answer';
  const [groups, figures] = [plan.by.map((b) => b.name), plan.across ? plan.figures.map((f) => f.name) : columns.slice(plan.by.length)];
  const name = [figures.join(', '), groups.join(', ')].filter(Boolean).join(' by ');
  return name.length > 60 ? `${name.slice(0, 59)}…` : name;
}

/** What a kind leaves to be said, put once for all of its rows: the order of day and month, and whether what is nearly the same is meant too. */
function Offer({ plan, kind, rows, columns, onDecide }: { plan: Plan; kind: ProofKind; rows: readonly ProofRow[]; columns: readonly string[]; onDecide: (plan: Plan) => void }) {
  if (plan.step === 'convert' && kind.key === 'guessed' && !plan.order) {
    return (
      <Box sx={{ ml: '62px', fontSize: 12.5, color: ACCENTS.pending.color }}>
        Which comes first here?
        {(['day first', 'month first'] as const).map((order) => <Button key={order} size="small" sx={{ py: 0, ml: 0.75 }} onClick={() => onDecide({ ...plan, order })}>{order === 'day first' ? 'The day' : 'The month'}</Button>)}
      </Box>
    );
  }
  if (plan.step === 'replace' && kind.key === 'near' && plan.find.kind === 'texts' && plan.find.place === 'whole') {
    const { find } = plan;
    const seen = [...new Set(rows.flatMap((r) => columns.flatMap((c, i) => (plan.columns.includes(c) && typeof r.before[i] === 'string' ? [r.before[i].trim()] : []))))].filter((t) => t !== '' && !find.texts.includes(t)).slice(0, 6);
    return (
      <Box sx={{ ml: '62px', fontSize: 12.5, color: ACCENTS.pending.color }}>
        Is one of these meant too?
        {seen.map((text) => <Button key={text} size="small" sx={{ py: 0, ml: 0.75 }} onClick={() => onDecide({ ...plan, find: { ...find, texts: [...find.texts, text] } })}>{text}</Button>)}
      </Box>
    );
  }
  return null;
}

/** What a sentence does, or an answer is not, said beside it. */
const NOTES: Readonly<Record<string, string>> = {
  relate: 'Hints, not causes: what goes together may have a third thing behind it.',
  define: 'Nothing in the table changes. From now on this name stands for the calculation in any sentence; when it is edited, the sentences that use it are worked out anew.',
  forecast: 'A straight line through the periods so far, carried on. If it goes on so, 95 in 100 totals lie between “At least” and “At most”.',
};

const without = <T,>(record: Readonly<Record<string, T>>, key: string): Readonly<Record<string, T>> => Object.fromEntries(Object.entries(record).filter(([k]) => k !== key));
const chosenForm = ({ all, chosen }: { readonly all: readonly FormView[]; readonly chosen: number | null }): FormView | undefined => (chosen === null ? undefined : all[chosen]);

const toggled = (set: ReadonlySet<string>, key: string): ReadonlySet<string> => {
  const next = new Set(set);
  if (!next.delete(key)) next.add(key);
  return next;
};

/** What a step does to the figures: rows, and sums of the columns concerned. */
function Figures({ proof }: { proof: Proof }) {
  const aside = Math.max(0, proof.rowsIn - proof.rowsOut), added = Math.max(0, proof.rowsOut - proof.rowsIn);
  const sums = proof.totals.after.filter((t) => { const b = proof.totals.before.find((x) => x.column === t.column); return !b || b.sum !== t.sum; }).slice(0, 4);
  return (
    <Typography component="div" sx={{ fontSize: 12.5, color: FAINT, display: 'flex', columnGap: 2, flexWrap: 'wrap' }}>
      <span>{figure(proof.rowsIn)} rows in{added ? ` + ${figure(added)} added` : ''} = {figure(proof.rowsOut)} out{aside ? ` + ${figure(aside)} set aside` : ''}</span>
      {sums.map((t) => <span key={t.column}>sum of {t.column}: {(() => { const b = proof.totals.before.find((x) => x.column === t.column); return b ? `${writeNumber(b.sum)} → ` : ''; })()}{writeNumber(t.sum)}</span>)}
    </Typography>
  );
}

function ColumnsOnly({ proof }: { proof: Proof }) {
  return (
    <Box sx={{ mt: 1, fontSize: 13.5 }}>
      <Box sx={{ fontSize: 11.5, color: FAINT }}>columns before</Box>
      <Box sx={{ color: FAINT }}>{proof.columnsBefore.map((c, i) => <span key={c} style={{ textDecoration: proof.columnsAfter.includes(c) ? undefined : 'line-through' }}>{i ? ' · ' : ''}{c}</span>)}</Box>
      <Box sx={{ fontSize: 11.5, color: FAINT, mt: 0.75 }}>columns after</Box>
      <Box>{proof.columnsAfter.map((c, i) => <span key={c} style={{ fontWeight: proof.columnsBefore[i] === c ? 400 : 600 }}>{i ? ' · ' : ''}{c}</span>)}</Box>
    </Box>
  );
}
