'use client';

import { Alert, Box, Button, InputBase, Typography } from '@mui/material';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import type { HoldView, Look, ReviewItem, ReviewView, SentenceView, WorkspaceView } from '../../contract/views';
import { ask, counted, figure } from '../parts/api';
import { columnWords } from '../parts/Interlinear';
import { Sentence } from '../parts/Sentence';
import { ACCENTS, FAINT, INK, READING, RULE, SHADE } from '../parts/theme';
import { BalanceSheet } from './BalanceSheet';
import { RowsPane, type RowsWanted } from './RowsPane';
import { DrawSample } from './DrawSample';
import { ReadNorms } from './ReadNorms';
import { SignOff } from './SignOff';

type Hold = { readonly kind: string | null; readonly position: number | null; readonly note: string };

/** What the right side shows. */
type Pane = { readonly id: string; readonly tableId: number } & (
  | { readonly pane: 'item'; readonly item: ReviewItem }
  | { readonly pane: 'sample'; readonly sampleId: number }
  | { readonly pane: 'aside'; readonly sentence: SentenceView; readonly kind: string; readonly words: string; readonly rows: number }
  | { readonly pane: 'draw' | 'norms' | 'balance' | 'signoff' }
);

const REASONS: Readonly<Record<ReviewItem['reason'], string>> = { wrong: '✗ found wrong', check: '✗ check', odd: '? look', held: `${ACCENTS.held.mark} on hold` };
const AUTHOR = 'kulfi-author';

/** Everything unsettled, over all sentences, in one queue that is driven by keys; and what closes it. */
export function Review({ workspace, tableId, onHolds, onSettle, onNote, onPutRight, onCard, onSay, onClose }: {
  workspace: WorkspaceView;
  tableId: number;
  onHolds: (key: string, holds: readonly Hold[]) => void;
  onSettle: (key: string, ids: readonly number[]) => void;
  onNote: (hold: HoldView, note: string) => void;
  onPutRight: (tableId: number, position: number, column: string, now: string) => void;
  onCard: (tableId: number, position: number) => void;
  /** Puts a sentence on the request line. */
  onSay: (sentence: string) => void;
  onClose: () => void;
}) {
  const { id, version } = workspace;
  const client = useQueryClient();
  const review = useQuery({ queryKey: ['review', id, version], queryFn: () => ask<ReviewView>(`workspaces/${id}/review`), placeholderData: (before) => before });
  const [author, setAuthor] = useState(() => localStorage.getItem(AUTHOR) ?? '');
  const [everywhere, setEverywhere] = useState(false);
  const [chosen, setChosen] = useState<string | null>(null);
  const [told, setTold] = useState('');
  const [sought, setSought] = useState('');
  const nameBox = useRef<HTMLInputElement>(null);
  const list = useRef<HTMLDivElement>(null);
  const root = useRef<HTMLDivElement>(null);
  const view = review.data;

  const mine = (t: number): boolean => everywhere || t === tableId;
  const all = view?.items.filter((i) => mine(i.tableId)) ?? [];
  const items = all.filter((i) => speaksOf(i, sought));
  const open = items.filter((i) => !i.settled);
  const settled = items.filter((i) => i.settled);
  const asides = workspace.brief.filter((s) => mine(s.tableId) && s.report.rowsOut < s.report.rowsIn);
  const itemPane = (item: ReviewItem): Pane => ({ id: item.id, tableId: item.tableId, pane: 'item', item });
  const asidePanes = asides.flatMap((sentence) => sentence.report.kinds.filter((k) => !k.same && k.rows > k.held).map((k): Pane => ({ id: `aside ${sentence.key} ${k.key}`, tableId: sentence.tableId, pane: 'aside', sentence, kind: k.key, words: k.words, rows: k.rows - k.held })));
  const samplePanes = (view?.samples ?? []).filter((s) => mine(s.tableId)).map((s): Pane => ({ id: `sample ${s.id}`, tableId: s.tableId, pane: 'sample', sampleId: s.id }));
  const panes: Pane[] = [...open.map(itemPane), ...samplePanes, { id: 'draw', tableId, pane: 'draw' }, { id: 'norms', tableId, pane: 'norms' }, ...asidePanes, { id: 'balance', tableId, pane: 'balance' }, { id: 'signoff', tableId, pane: 'signoff' }, ...settled.map(itemPane)];
  const here = panes.find((p) => p.id === chosen) ?? panes[0];

  const look = useMutation({
    mutationFn: (looks: readonly Look[]) => ask(`workspaces/${id}/review/looks`, 'POST', { author, looks }),
    onSuccess: () => Promise.all([client.invalidateQueries({ queryKey: ['review', id] }), client.invalidateQueries({ queryKey: ['review-rows', id] })]),
    onError: (e) => setTold(e.message),
  });
  const say = (looks: readonly Look[]): void => {
    if (author.trim() === '') {
      setTold('Say once who is looking: the record names who found what.');
      nameBox.current?.focus();
      return;
    }
    look.mutate(looks);
  };
  const move = (by: number): void => {
    const at = Math.max(0, panes.findIndex((p) => p.id === here?.id));
    setChosen(panes[Math.max(0, Math.min(panes.length - 1, at + by))]!.id);
  };
  const settleKind = (item: ReviewItem, note = item.note): void => {
    move(1);
    say([{ key: item.key, kind: item.kind, position: null, sampleId: null, verdict: item.settled ? null : 'right', note }]);
  };
  const onKey = (e: React.KeyboardEvent): void => {
    if (e.target instanceof HTMLInputElement || e.target instanceof HTMLTextAreaElement || e.ctrlKey || e.metaKey || e.altKey) return;
    const key = e.key.toLowerCase();
    if (key === 'n') move(1);
    else if (key === 'p') move(-1);
    else if (key === 'a' && here?.pane === 'item' && here.item.reason !== 'held') settleKind(here.item);
    else if (key === 's' && here?.pane === 'item' && here.item.reason === 'held') settleHeld(here.item);
    else if (key === 't') list.current?.parentElement?.querySelector<HTMLInputElement>('[data-note] input')?.focus();
    else if (e.key === 'Escape') onClose();
    else return;
    e.preventDefault();
    e.stopPropagation();
  };
  const holdsOf = (item: ReviewItem): HoldView[] => workspace.holds.filter((h) => h.key === item.key && (h.kind === item.kind || h.kind === null));
  const settleHeld = (item: ReviewItem): void => onSettle(item.key, holdsOf(item).map((h) => h.id));
  useEffect(() => { list.current?.querySelector('[aria-current="true"]')?.scrollIntoView({ block: 'nearest' }); }, [here?.id]);
  // A button that went away, or was disabled, leaves the keys to nobody: they come back here.
  useEffect(() => { if (document.activeElement === document.body) root.current?.focus(); });
  const opened = view !== undefined;
  useEffect(() => { list.current?.parentElement?.querySelector<HTMLElement>('[data-testid="review-rows"]')?.focus(); }, [here?.id, opened]);

  const wanted: RowsWanted | null =
    here?.pane === 'item' ? (here.item.kind === null ? null : { key: here.item.key, kind: here.item.kind, what: here.item.reason === 'held' ? 'held' : 'kind', sampleId: null })
    : here?.pane === 'sample' ? { key: null, kind: null, what: 'sample', sampleId: here.sampleId }
    : here?.pane === 'aside' ? { key: here.sentence.key, kind: here.kind, what: 'aside', sampleId: null }
    : null;
  const total = all.length;
  const done = all.filter((i) => i.settled).length;
  return (
    <Box ref={root} tabIndex={-1} role="region" aria-label="Review" data-testid="review" onKeyDown={onKey} sx={{ outline: 'none', flex: 1, minHeight: 0, display: 'flex', flexDirection: 'column' }}>
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 1.25, px: 1.5, py: 0.5, borderBottom: `1px solid ${RULE}`, background: SHADE }}>
        <Typography component="h2" sx={{ fontFamily: READING, fontSize: 17 }}>Review</Typography>
        <Typography sx={{ fontSize: 12.5, color: FAINT }}>{view ? (total === 0 ? 'nothing wants a look' : `${done} of ${total} settled`) : 'opening …'}</Typography>
        <Box aria-hidden sx={{ width: 110, height: 4, background: RULE }}><Box sx={{ width: `${total ? (100 * done) / total : 100}%`, height: 4, background: ACCENTS.kept.color }} /></Box>
        {workspace.tables.length > 1 && <Box component="label" sx={{ fontSize: 12.5, display: 'flex', alignItems: 'center', gap: 0.5 }}><input type="checkbox" checked={everywhere} onChange={(e) => setEverywhere(e.target.checked)} />all tables</Box>}
        <Box component="label" sx={{ ml: 'auto', fontSize: 12.5, color: FAINT, display: 'flex', alignItems: 'center', gap: 0.75 }}>
          looked at by
          <InputBase inputRef={nameBox} value={author} onChange={(e) => { setAuthor(e.target.value); localStorage.setItem(AUTHOR, e.target.value); setTold(''); }} placeholder="your name" inputProps={{ 'aria-label': 'Looked at by' }} sx={{ fontSize: 12.5, width: 130, borderBottom: `1px solid ${author ? RULE : ACCENTS.held.color}`, '& input': { p: 0 } }} />
        </Box>
        <Button onClick={onClose}>Back to the sheet&nbsp;<kbd>Esc</kbd></Button>
      </Box>
      {(told || review.isError) && <Alert severity="info" onClose={() => setTold('')} sx={{ py: 0, borderRadius: 0 }}>{told || review.error?.message}</Alert>}
      <Box sx={{ flex: 1, minHeight: 0, display: 'flex' }}>
        <Box ref={list} component="nav" aria-label="What is to be looked at" sx={{ width: 292, flexShrink: 0, borderRight: `1px solid ${RULE}`, overflow: 'auto', pb: 1 }}>
          {(all.length > 3 || sought !== '') && (
            <Box sx={{ px: 1.5, pt: 0.75 }}>
              <InputBase value={sought} onChange={(e) => setSought(e.target.value)} onKeyDown={(e) => { if (e.key === 'Escape') { e.stopPropagation(); setSought(''); root.current?.focus(); } }} placeholder="find: column, kind, name, failing …" inputProps={{ 'aria-label': 'Find in what is to be looked at' }} sx={{ fontSize: 12.5, width: '100%', borderBottom: `1px solid ${RULE}`, '& input': { p: 0 } }} />
            </Box>
          )}
          <Group title={`To look at · ${open.length}${items.length < all.length ? ` of ${total - done}` : ''}`} />
          {view && open.length === 0 && items.length === all.length && <Box sx={{ px: 1.5, fontFamily: READING, fontSize: 14, color: ACCENTS.kept.color }}>{ACCENTS.kept.mark} Everything is settled.</Box>}
          {open.map((item) => <ItemLine key={item.id} item={item} here={here?.id === item.id} onChoose={() => setChosen(item.id)} />)}
          <Group title="Samples" />
          {(view?.samples ?? []).filter((s) => mine(s.tableId)).map((s) => <Line key={s.id} here={here?.id === `sample ${s.id}`} onChoose={() => setChosen(`sample ${s.id}`)} mark={s.wrong ? '✗' : s.done ? ACCENTS.kept.mark : ACCENTS.pending.mark} color={s.wrong ? ACCENTS.held.color : s.done ? ACCENTS.kept.color : ACCENTS.pending.color} text={`${s.looked} of ${s.drawn} looked at`} under={s.looked ? s.statement : `drawn from ${figure(s.rows)} rows, seed ${s.seed}`} />)}
          <Line here={here?.id === 'draw'} onChoose={() => setChosen('draw')} text="Draw a sample …" />
          <Group title="Norms" />
          <Line here={here?.id === 'norms'} onChoose={() => setChosen('norms')} text="Read norms from a text …" />
          {asidePanes.length > 0 && <Group title="Set aside" />}
          {asidePanes.map((p) => p.pane === 'aside' && <Line key={p.id} here={here?.id === p.id} onChoose={() => setChosen(p.id)} text={`${counted(p.rows, 'row')}: ${columnWords(p.words)}`} under={`${numberOf(workspace, p.sentence)}. ${columnWords(p.sentence.sentence)}`} />)}
          <Group title="Close" />
          <Line here={here?.id === 'balance'} onChoose={() => setChosen('balance')} text="The statement" under={view?.statements.find((s) => s.tableId === tableId)?.statement.balances === false ? 'does not balance' : 'balances'} mark={view?.statements.find((s) => s.tableId === tableId)?.statement.balances === false ? '✗' : ACCENTS.kept.mark} color={ACCENTS.kept.color} />
          <Line here={here?.id === 'signoff'} onChoose={() => setChosen('signoff')} text="Sign off" under={signedText(view, tableId)} />
          {settled.length > 0 && <Group title={`Settled · ${settled.length}`} />}
          {settled.map((item) => <ItemLine key={item.id} item={item} here={here?.id === item.id} onChoose={() => setChosen(item.id)} />)}
        </Box>
        <Box sx={{ flex: 1, minWidth: 0, display: 'flex', flexDirection: 'column' }}>
          {here?.pane === 'item' && <ItemHead item={here.item} holds={holdsOf(here.item)} onSettle={() => settleKind(here.item)} onSettleHeld={() => settleHeld(here.item)} onHoldKind={() => here.item.kind !== null && onHolds(here.item.key, [{ kind: here.item.kind, position: null, note: '' }])} onNote={(note) => { const [hold] = holdsOf(here.item); if (hold) onNote(hold, note); else say([{ key: here.item.key, kind: here.item.kind, position: null, sampleId: null, verdict: here.item.settled ? 'right' : 'wrong', note }]); }} />}
          {here?.pane === 'sample' && <SampleHead view={view!} sampleId={here.sampleId} onDrop={() => void ask(`workspaces/${id}/review/samples`, 'DELETE', { id: here.sampleId }).then(() => client.invalidateQueries({ queryKey: ['review', id] }), (e: Error) => setTold(e.message))} />}
          {here?.pane === 'aside' && <Head sentence={here.sentence.sentence} n={numberOf(workspace, here.sentence)} text={`${counted(here.rows, 'row')} set aside: ${columnWords(here.words)}. A row that is put back is on hold of this sentence, and stays in the table.`} />}
          {wanted && here && (
            <RowsPane
              key={here.id}
              workspaceId={id}
              version={version}
              wanted={wanted}
              onCard={(position) => onCard(here.tableId, position)}
              {...(here.pane === 'item' && here.item.reason !== 'held' ? { onHold: (position: number) => onHolds(here.item.key, [{ kind: null, position, note: '' }]), onHoldAll: (positions: readonly number[]) => onHolds(here.item.key, positions.map((position) => ({ kind: null, position, note: '' }))) } : {})}
              {...(here.pane === 'aside' ? { onPutBack: (position: number) => onHolds(here.sentence.key, [{ kind: null, position, note: 'put back' }]) } : { onPutRight: (position: number, column: string, now: string) => onPutRight(here.tableId, position, column, now) })}
              {...(here.pane === 'aside' ? {} : { onLook: (position: number, verdict: Look['verdict'], note: string) => say([{ key: wanted.key, kind: wanted.kind, position, sampleId: wanted.sampleId, verdict, note }]), onLookAll: (positions: readonly number[], verdict: Look['verdict']) => say(positions.map((position) => ({ key: wanted.key, kind: wanted.kind, position, sampleId: wanted.sampleId, verdict, note: '' }))) })}
            />
          )}
          {here?.pane === 'item' && here.item.kind === null && <Box sx={{ p: 2 }}>Edit or drop the check in the brief.</Box>}
          {here?.pane === 'draw' && <DrawSample workspaceId={id} table={workspace.tables.find((t) => t.id === tableId)!} onDrawn={(sampleId) => { void client.invalidateQueries({ queryKey: ['review', id] }).then(() => setChosen(`sample ${sampleId}`)); }} />}
          {here?.pane === 'norms' && <ReadNorms workspaceId={id} table={workspace.tables.find((t) => t.id === tableId)!} onKept={() => client.invalidateQueries({ queryKey: ['workspace', id] })} onSay={onSay} />}
          {here?.pane === 'balance' && view && <BalanceSheet statement={view.statements.find((s) => s.tableId === tableId)!.statement} sentences={workspace.brief.filter((s) => s.tableId === tableId)} />}
          {here?.pane === 'signoff' && view && <SignOff workspaceId={id} version={version} tableId={tableId} view={view} author={author} onAuthor={() => nameBox.current?.focus()} open={(view.items.filter((i) => i.tableId === tableId && !i.settled))} onShow={setChosen} />}
        </Box>
      </Box>
      <Box sx={{ display: 'flex', gap: 1.75, px: 1.5, py: 0.35, borderTop: `1px solid ${RULE}`, background: SHADE, fontSize: 12, color: FAINT }}>
        <span><kbd>N</kbd> next</span><span><kbd>P</kbd> previous</span><span><kbd>A</kbd> all of this kind are right</span><span><kbd>S</kbd> settle a hold</span><span><kbd>T</kbd> note</span><span><kbd>↑</kbd> <kbd>↓</kbd> <kbd>←</kbd> <kbd>→</kbd> rows and cells</span>
      </Box>
    </Box>
  );
}

const numberOf = (w: WorkspaceView, s: SentenceView): number => w.brief.filter((o) => o.tableId === s.tableId).findIndex((o) => o.key === s.key) + 1;

const signedText = (view: ReviewView | undefined, tableId: number): string => {
  const last = view?.signoffs.filter((s) => s.tableId === tableId).at(-1);
  return !last ? 'not yet' : `${last.author}, ${last.at.slice(0, 10)}${last.current ? '' : ': changed since'}`;
};

const Group = ({ title }: { title: string }) => <Typography component="h3" sx={{ fontSize: 11, letterSpacing: '0.06em', textTransform: 'uppercase', color: FAINT, px: 1.5, pt: 1.25, pb: 0.25 }}>{title}</Typography>;

function Line({ here, onChoose, text, under, mark, color }: { here: boolean; onChoose: () => void; text: string; under?: string; mark?: string; color?: string }) {
  return (
    <Box component="button" aria-current={here} onClick={onChoose} sx={{ display: 'block', width: '100%', textAlign: 'left', border: 0, borderLeft: `3px solid ${here ? ACCENTS.pending.color : 'transparent'}`, background: here ? '#e4ebf2' : 'none', font: 'inherit', fontSize: 13, cursor: 'pointer', px: 1.25, py: 0.4, color: INK }}>
      <Box>{mark && <Box component="span" sx={{ color, mr: 0.5 }}>{mark}</Box>}{text}</Box>
      {under && <Box sx={{ fontSize: 11.5, color: FAINT, overflow: 'hidden', textOverflow: 'ellipsis', whiteSpace: 'nowrap' }}>{under}</Box>}
    </Box>
  );
}

/** How the reasons are called where they are looked for. */
const CALLED: Readonly<Record<ReviewItem['reason'], string>> = { check: 'failing check', held: 'on hold', wrong: 'found wrong', odd: 'unsure odd' };

/** Does something in the queue speak of all the words looked for: its sentence, kind, reason, note, or who settled it? */
const speaksOf = (item: ReviewItem, sought: string): boolean => {
  const text = `${item.sentence} ${item.words} ${item.note} ${item.by} ${CALLED[item.reason]} ${item.settled ? 'settled' : 'open'}`.toLowerCase();
  return sought.toLowerCase().split(/\s+/).every((w) => text.includes(w));
};

function ItemLine({ item, here, onChoose }: { item: ReviewItem; here: boolean; onChoose: () => void }) {
  const color = item.settled ? ACCENTS.kept.color : item.reason === 'odd' ? FAINT : ACCENTS.held.color;
  return <Line here={here} onChoose={onChoose} mark={item.settled ? ACCENTS.kept.mark : REASONS[item.reason]} color={color} text={`${item.kind === null ? item.words : `· ${figure(item.rows)} ${columnWords(item.words)}`}${item.guards ? ' — holds the hand-off up' : ''}`} under={`${item.n}. ${columnWords(item.sentence)}`} />;
}

function Head({ sentence, n, text, children }: { sentence: string; n: number; text: React.ReactNode; children?: React.ReactNode }) {
  return (
    <Box sx={{ px: 1.5, py: 0.75, borderBottom: `1px solid ${RULE}` }}>
      {n > 0 && <Box sx={{ maxHeight: 62, overflow: 'auto' }}><Box component="span" sx={{ color: FAINT, mr: 0.75 }}>{n}.</Box><Sentence text={sentence} size={15} /></Box>}
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 1, mt: 0.25, flexWrap: 'wrap', fontSize: 13 }}><Box sx={{ mr: 'auto' }}>{text}</Box>{children}</Box>
    </Box>
  );
}

function ItemHead({ item, holds, onSettle, onSettleHeld, onHoldKind, onNote }: { item: ReviewItem; holds: readonly HoldView[]; onSettle: () => void; onSettleHeld: () => void; onHoldKind: () => void; onNote: (note: string) => void }) {
  const held = item.reason === 'held';
  return (
    <Head sentence={item.sentence} n={item.n} text={<><b>{figure(item.rows)}</b> of {figure(item.of)} rows: {columnWords(item.words)}{item.wrong > 0 && <Box component="span" sx={{ color: ACCENTS.held.color }}> · {figure(item.wrong)} found wrong</Box>}{item.looked > item.wrong && <Box component="span" sx={{ color: ACCENTS.kept.color }}> · {figure(item.looked - item.wrong)} found right</Box>}{item.settled && <Box component="span" sx={{ color: ACCENTS.kept.color }}> · settled by {item.by}</Box>}</>}>
      {(held || item.settled) && <Box data-note sx={{ width: 190 }}><Note key={item.id} text={held ? (holds[0]?.note ?? '') : item.note} onNote={onNote} /></Box>}
      {held ? <Button color="success" onClick={onSettleHeld}>Settle&nbsp;<kbd>S</kbd></Button> : item.kind !== null && (
        <>
          {item.reason !== 'check' && <Button color="warning" onClick={onHoldKind}>Hold all</Button>}
          <Button color="success" onClick={onSettle}>{item.settled ? 'Open again' : item.reason === 'check' ? 'May stay so' : 'All right'}&nbsp;<kbd>A</kbd></Button>
        </>
      )}
    </Head>
  );
}

function Note({ text, onNote }: { text: string; onNote: (note: string) => void }) {
  const [now, setNow] = useState(text);
  return <InputBase value={now} onChange={(e) => setNow(e.target.value)} onKeyDown={(e) => e.key === 'Enter' && (e.target as HTMLInputElement).blur()} onBlur={() => now !== text && onNote(now)} placeholder="a note" inputProps={{ 'aria-label': 'Note' }} sx={{ width: '100%', fontSize: 13, borderBottom: `1px solid ${RULE}`, '& input': { p: 0 } }} />;
}

function SampleHead({ view, sampleId, onDrop }: { view: ReviewView; sampleId: number; onDrop: () => void }) {
  const s = view.samples.find((o) => o.id === sampleId);
  if (!s) return null;
  return (
    <Head sentence="" n={0} text={<><Box component="span" sx={{ fontFamily: READING, fontSize: 16 }}>{s.looked ? s.statement : `${s.drawn} rows were drawn. Say of each whether it is right.`}</Box><Box sx={{ fontSize: 12, color: FAINT }}>{s.drawn} drawn from {figure(s.rows)} rows with seed {s.seed}{s.by.length ? `, in the shares of ${s.by.join(', ')}` : ''}; {s.looked} looked at</Box></>}>
      <Button onClick={onDrop}>Drop this sample</Button>
    </Head>
  );
}
