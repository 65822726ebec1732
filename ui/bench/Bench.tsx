'use client';

import { isQuestion } from '../../core/steps/questions';
import { Alert, Box, Button, Dialog, DialogActions, DialogContent, DialogTitle, InputBase, Link, Typography } from '@mui/material';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import NextLink from 'next/link';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { CompareView, ExplainReply, HoldView, Proof, ProposalsReply, ReadReply, SentenceView, TableView, WorkspaceView } from '../../contract/views';
import type { Reading } from '../../core/language/read';
import { rowsBehind } from '../../core/steps/ask/behind';
import type { Plan } from '../../core/steps/registry';
import type { CellValue } from '../../core/values/cell';
import { RowCard } from '../card/RowCard';
import { ask, askSlowly, counted, figure, Refused } from '../parts/api';
import { Sentence } from '../parts/Sentence';
import { ACCENTS, FAINT, READING, RULE, SHADE } from '../parts/theme';
import { ByExample } from '../example/ByExample';
import { HandOff } from '../handoff/HandOff';
import { ProofView, type ProofHold } from '../proof/ProofView';
import { Profile } from '../profile/Profile';
import { Different } from '../review/Different';
import { Compare, changeWords, type Versions } from '../review/Compare';
import { Review } from '../review/Review';
import { Sheet, type Place } from '../sheet/Sheet';
import type { Proposal } from '../../core/language/proposals';
import { AddFile } from './AddFile';
import { BalanceStrip } from './BalanceStrip';
import { Learnt } from './Learnt';
import { MOST_SHOWN, Proposals } from './Proposals';
import { Brief } from './Brief';
import { KEYS } from './keys';
import { RequestLine, tieLetters } from './RequestLine';
import type { TryoutOrder } from './Tryouts';
import { Why } from './Why';

/** A request that is being proved, or a kept sentence whose proof is looked at again. */
interface OpenProof {
  readonly request: string;
  readonly plans: readonly Plan[];
  readonly stateId: number;
  readonly corrects: boolean;
  /** The kept sentence that is looked at or edited. */
  readonly key: string | null;
  readonly readOnly: boolean;
  /** Tells one opening from the next; decisions in the proof stay within one. */
  readonly opened: number;
  /** Plans were changed in the proof: the request is their exact sentences then. */
  readonly decided: boolean;
}

const NO_LETTERS: ReadonlyMap<string, string> = new Map();

/** The bench: the brief, the request line with its reading, the sheet or the proof, the row card, the control totals. */
export function Bench({ id, opens }: { id: number; /** The place that is shown first. */ opens: 'sheet' | 'different' }) {
  const client = useQueryClient();
  const workspace = useQuery({ queryKey: ['workspace', id], queryFn: () => ask<WorkspaceView>(`workspaces/${id}`), refetchInterval: 4_000, retry: (_n, e) => (e as Refused).code === 'database' });
  const w = workspace.data;
  const [tableId, setTableId] = useState<number | null>(null);
  const table = w?.tables.find((t) => t.id === tableId) ?? w?.tables[0];
  const [request, setRequest] = useState('');
  const [chosen, setChosen] = useState<Reading | null>(null);
  const [proof, setProof] = useState<OpenProof | null>(null);
  const [holds, setHolds] = useState<readonly ProofHold[]>([]);
  const [editing, setEditing] = useState<SentenceView | null>(null);
  const [pointed, setPointed] = useState<SentenceView | null>(null);
  const [card, setCard] = useState<number | null>(null);
  const [place, setPlace] = useState<'sheet' | 'review' | 'profile' | 'compare' | 'different' | 'example'>(opens);
  /** The column whose wished results are shown by example. */
  const [shownBy, setShownBy] = useState('');
  const [keys, setKeys] = useState(false);
  const [dropping, setDropping] = useState<{ sentence: SentenceView; message: string } | null>(null);
  const [told, setTold] = useState('');
  const [progress, setProgress] = useState<number | null>(null);
  /** How much of the whole proof of a large table is done. */
  const [proving, setProving] = useState<number | null>(null);
  const [search, setSearch] = useState({ text: '', turn: 0 });
  /** The question answered last: what the next request may go on with. */
  const [asked, setAsked] = useState<{ readonly request: string; readonly plans: readonly Plan[]; readonly before: readonly Plan[] | null } | null>(null);
  /** A wording that was not understood, until another one is kept: it can be remembered as that. */
  const [missed, setMissed] = useState('');
  const [lesson, setLesson] = useState<{ said: string; plans: readonly Plan[]; stateId: number } | null>(null);
  const [learnt, setLearnt] = useState(false);
  const [why, setWhy] = useState<ExplainReply | null>(null);
  const [proposing, setProposing] = useState<boolean | null>(null);
  const input = useRef<HTMLInputElement>(null);
  const finder = useRef<HTMLInputElement>(null);
  const cursor = useRef<Place>({ row: 0, column: 0 });
  const stop = useRef<AbortController | null>(null);

  // Reading goes along with typing; an edited sentence is read against the table it was said about.
  const [heard, setHeard] = useState('');
  useEffect(() => {
    const timer = setTimeout(() => setHeard(request), 120);
    return () => clearTimeout(timer);
  }, [request]);
  // The question itself is read as it was when it was put.
  const goesOn = asked === null ? null : asked.request === heard ? asked.before : asked.plans;
  const reading = useQuery({
    queryKey: ['read', id, table?.id, w?.version, editing?.key ?? null, heard, goesOn],
    queryFn: ({ signal }) => ask<ReadReply>(`workspaces/${id}/read`, 'POST', { tableId: table!.id, request: heard, key: editing?.key ?? null, asked: goesOn }, signal),
    enabled: heard.trim() !== '' && !!table,
    placeholderData: (before) => before,
    staleTime: Infinity,
  });
  const answer = heard.trim() === '' ? null : (reading.data?.answer ?? null);
  const shown = chosen ?? (answer?.outcome === 'done' ? answer.reading : answer?.outcome === 'question' ? (answer.choices[0] ?? null) : null);
  const letters = shown && request.trim() !== '' ? tieLetters(shown) : NO_LETTERS;

  const proved = useQuery({
    queryKey: ['proof', id, proof?.stateId, proof?.plans, proof?.opened],
    queryFn: async ({ signal }) => {
      const body = { stateId: proof!.stateId, plans: proof!.plans };
      const first = await ask<Proof[]>(`workspaces/${id}/proof`, 'POST', { ...body, part: 'first' }, signal);
      if (!first.some((p) => p.partial)) return first;
      client.setQueryData(['proof', id, proof!.stateId, proof!.plans, proof!.opened], first);
      try {
        return await askSlowly<Proof[]>(`workspaces/${id}/proof`, { ...body, part: 'all' }, (n, total) => setProving(n / total), signal);
      } finally {
        setProving(null);
      }
    },
    enabled: proof !== null,
    placeholderData: (before, query) => (query?.queryKey[4] === proof?.opened ? before : undefined),
    staleTime: Infinity,
    retry: false,
  });

  /** Versions that are compared, and an earlier one that is looked at. */
  const [versions, setVersions] = useState<Versions | null>(null);
  const [past, setPast] = useState<Versions | null>(null);
  const earlier = useQuery({ queryKey: ['at', id, past?.from], queryFn: () => ask<TableView>(`workspaces/${id}/at/${past!.from}`), enabled: past !== null, staleTime: Infinity });
  const [changed, setChanged] = useState<{ readonly words: string; readonly versions: Versions } | null>(null);
  const refresh = useCallback(() => client.invalidateQueries({ queryKey: ['workspace', id] }), [client, id]);
  const refused = useCallback((error: Error): void => {
    if (error.name === 'AbortError') return;
    setTold(error.message);
    if ((error as Refused).code === 'changed') {
      setProof(null);
      void refresh();
    }
  }, [refresh]);

  const offered = useQuery({
    queryKey: ['proposals', id, table?.id, w?.version],
    queryFn: () => ask<ProposalsReply>(`workspaces/${id}/proposals/${table!.id}`),
    enabled: !!table,
    staleTime: Infinity,
  });
  const proposals = offered.data?.proposals ?? [];
  const showProposals = proposing ?? (w !== undefined && w.brief.length === 0);
  const turnAway = useMutation({
    mutationFn: (p: Proposal) => ask(`workspaces/${id}/proposals`, 'DELETE', { sentence: p.sentence }),
    onSuccess: () => client.invalidateQueries({ queryKey: ['proposals', id] }),
    onError: refused,
  });
  const remember = useMutation({
    mutationFn: (l: { said: string; plans: readonly Plan[]; stateId: number }) => ask(`workspaces/${id}/lessons`, 'POST', { tableId: table!.id, ...l }),
    onSuccess: () => {
      setLesson(null);
      setMissed('');
      void client.invalidateQueries({ queryKey: ['lessons', id] });
      void client.invalidateQueries({ queryKey: ['read', id] });
    },
    onError: refused,
  });
  const explainIt = (): void => {
    if (table && request.trim()) void ask<ExplainReply>(`workspaces/${id}/explain`, 'POST', { tableId: table.id, request }).then(setWhy, refused);
  };

  const openProof = (plans: readonly Plan[], corrects: boolean): void => {
    if (!table || !reading.data) return;
    // What is proved is the draft: it is not to be opened again when it comes back with the workspace.
    draftRead.current = true;
    setHolds([]);
    setTold('');
    setPast(null);
    const before = editing ? editing.beforeState : corrects ? (w!.brief.filter((s) => s.tableId === table.id).at(-1)?.beforeState ?? reading.data.stateId) : reading.data.stateId;
    const question = plans.every(isQuestion);
    if (question) setAsked({ request, plans, before: goesOn });
    setProof({ request, plans, stateId: before, corrects, key: editing?.key ?? null, readOnly: false, opened: Date.now(), decided: false });
    if (!editing && !question) void ask(`workspaces/${id}/draft`, 'PUT', { draft: request }).catch(() => undefined);
  };
  const leave = (): void => {
    if (proof && !proof.readOnly && !proof.key) void ask(`workspaces/${id}/draft`, 'PUT', { draft: null }).catch(() => undefined);
    setProof(null);
    setEditing(null);
    setPlace('sheet');
    input.current?.focus();
  };

  // The request that was open when the workspace was left is open again.
  const [resumed, setResumed] = useState(false);
  if (w && !resumed) {
    setResumed(true);
    if (w.draft) setRequest(w.draft);
  }
  const draftRead = useRef(false);
  useEffect(() => {
    if (draftRead.current || !w?.draft || request !== w.draft || answer?.outcome !== 'done' || heard !== request) return;
    draftRead.current = true;
    openProof(answer.reading.plans, answer.corrects);
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [answer, request, heard, w?.draft]);

  const done = (): void => {
    setProof(null);
    setRequest('');
    setHeard('');
    setChosen(null);
    setEditing(null);
    setTold('');
    input.current?.focus();
  };
  const numberOf = (key: string): number => (w?.brief.filter((s) => s.tableId === table?.id).findIndex((s) => s.key === key) ?? -1) + 1;
  /** After a change further up: how many cells of the table are different now. */
  const tellChange = async (was: TableView, label: string): Promise<void> => {
    const now = client.getQueryData<WorkspaceView>(['workspace', id])?.tables.find((t) => t.id === was.id);
    if (!now || now.stateId === was.stateId) return;
    const versions: Versions = { from: was.stateId, to: now.stateId, label };
    const view = await ask<CompareView>(`workspaces/${id}/compare`, 'POST', { from: versions.from, to: versions.to }).catch(() => null);
    if (view) setChanged({ words: changeWords(view), versions });
  };
  const keepAnswer = useMutation({
    mutationFn: (name: string) => ask<{ version: number; tableId: number }>(`workspaces/${id}/answers`, 'POST', { version: w!.version, tableId: table!.id, request: proof!.request, plan: proof!.plans[0], name }),
    onSuccess: async (kept) => {
      setProof(null);
      setRequest('');
      setAsked(null);
      await refresh();
      cursor.current = { row: 0, column: 0 };
      setTableId(kept.tableId);
      setTold('Kept: a table that is worked out anew whenever the one it is about changes. Its sentence stands in its brief, and undo takes it back.');
    },
    onError: refused,
  });
  const keep = useMutation({
    mutationFn: async () => {
      if (!proof || !w || !table) return;
      setAsked(null);
      const said = proof.decided && proved.data ? proved.data.map((p) => p.sentence).join(' ') : proof.request;
      // Another reading was chosen, or a wording was changed until it was understood: that can be remembered.
      const first = answer?.outcome === 'done' ? answer.reading : null;
      if (chosen && chosen !== first && !proof.key) remember.mutate({ said: proof.request, plans: proof.plans, stateId: proof.stateId });
      else if (missed && missed !== proof.request && !proof.key) setLesson({ said: missed, plans: proof.plans, stateId: proof.stateId });
      if (proof.key) {
        await ask(`workspaces/${id}/brief`, 'PUT', { version: w.version, key: proof.key, request: said, plans: proof.plans });
        if (holds.length) {
          const next = await ask<WorkspaceView>(`workspaces/${id}`);
          await ask(`workspaces/${id}/holds`, 'POST', { version: next.version, key: proof.key, hold: holds.map(({ kind, position, note }) => ({ kind, position, note })), settle: [] });
        }
        return;
      }
      stop.current = new AbortController();
      setProgress(0);
      await askSlowly(`workspaces/${id}/keep`, { version: w.version, tableId: table.id, request: said, plans: proof.plans, corrects: proof.corrects, holds }, (n, total) => setProgress(n / total), stop.current.signal);
    },
    onSuccess: async () => {
      const [was, edited] = [table, proof?.key ?? null];
      await refresh();
      done();
      setChanged(null);
      if (was && edited) await tellChange(was, `as it was before sentence ${numberOf(edited)} was said otherwise`);
    },
    onError: refused,
    onSettled: () => setProgress(null),
  });
  const move = useMutation({
    mutationFn: (way: 'undo' | 'redo') => ask(`workspaces/${id}/brief`, 'POST', { version: w!.version, way }),
    onSuccess: async () => {
      await refresh();
      done();
    },
    onError: refused,
  });
  /** The workspace is seen at another point: nothing of what was open holds any more. */
  const elsewhere = async (): Promise<void> => {
    setPast(null);
    setChanged(null);
    setCard(null);
    setPlace('sheet');
    await refresh();
    done();
  };
  const tryOut = useMutation({ mutationFn: (order: TryoutOrder) => ask(`workspaces/${id}/tryouts`, 'POST', { version: w!.version, ...order }), onSuccess: elsewhere, onError: refused });
  const goBack = useMutation({ mutationFn: (key: string) => ask(`workspaces/${id}/return`, 'POST', { version: w!.version, key }), onSuccess: elsewhere, onError: refused });
  const drop = useMutation({
    mutationFn: ({ sentence, alsoDependent }: { sentence: SentenceView; alsoDependent: boolean }) => ask(`workspaces/${id}/brief`, 'DELETE', { version: w!.version, key: sentence.key, alsoDependent }),
    onSuccess: async (_data, { sentence }) => {
      const [was, n] = [table, numberOf(sentence.key)];
      setDropping(null);
      setProof(null);
      await refresh();
      if (was) await tellChange(was, `as it was before sentence ${n} was dropped`);
    },
    onError: (error: Error, { sentence }) => ((error as Refused).code === 'depends' ? setDropping({ sentence, message: error.message }) : refused(error)),
  });
  const settle = useMutation({
    mutationFn: ({ key, hold, settled }: { key: string; hold: readonly { kind: string | null; position: number | null; note: string }[]; settled: readonly number[] }) => ask(`workspaces/${id}/holds`, 'POST', { version: w!.version, key, hold, settle: settled }),
    onSuccess: refresh,
    onError: refused,
  });
  /** A sentence that would do what several corrections by hand did. */
  const [sweep, setSweep] = useState('');
  const putRight = useMutation({
    mutationFn: ({ tableId: t, position, column, now }: { tableId: number; position: number; column: string; now: string }) => ask<{ version: number; offer: string | null }>(`workspaces/${id}/correct`, 'POST', { version: w!.version, tableId: t, position, column, now }),
    onSuccess: async ({ offer }) => {
      setSweep(offer ?? '');
      await refresh();
    },
    onError: refused,
  });
  const note = useMutation({ mutationFn: ({ hold, text }: { hold: HoldView; text: string }) => ask(`workspaces/${id}/holds`, 'PUT', { id: hold.id, note: text }), onSuccess: refresh, onError: refused });

  // Enter pressed before the request was read counts as soon as it is.
  const wish = useRef('');
  const submit = (): void => {
    // What is on the line must be what was read: a keystroke that was not heard yet is read first.
    if (heard !== request || reading.isPlaceholderData) {
      setHeard(request);
      wish.current = request;
      return;
    }
    wish.current = '';
    if (answer?.outcome === 'undo') return move.mutate('undo');
    if (chosen) openProof(chosen.plans, false);
    else if (answer?.outcome === 'done') openProof(answer.reading.plans, answer.corrects);
    else if (answer?.outcome === 'question' && answer.choices.length === 1) openProof(answer.choices[0]!.plans, false);
    else if (answer) setMissed(request);
  };
  useEffect(() => {
    if (wish.current !== '' && wish.current === request && heard === request && reading.data && !reading.isPlaceholderData) submit();
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [request, heard, reading.data, reading.isPlaceholderData]);
  // A change made elsewhere closes what was proved against an older version.
  const seen = useRef<number | null>(null);
  useEffect(() => {
    if (!w) return;
    if (seen.current !== null && seen.current !== w.version && proof && !keep.isPending && !proof.readOnly) {
      setProof(null);
      setTold('The workspace was changed in another place. Your request was read again; press Enter to see it on the rows as they are now.');
    }
    seen.current = w.version;
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [w?.version]);

  useEffect(() => {
    const onKey = (e: KeyboardEvent): void => {
      const typing = e.target instanceof HTMLInputElement || e.target instanceof HTMLTextAreaElement;
      if (typing) return;
      if (e.key === '/') { setPlace((p) => (p === 'review' || p === 'different' ? 'sheet' : p)); setTimeout(() => input.current?.focus()); }
      else if (e.key === '?') setKeys(true);
      else if (e.key === 'Escape' && place !== 'sheet' && !proof) setPlace('sheet');
      else if (e.key === 'l' && !proof) finder.current?.focus();
      else if (e.key === 'z' && (e.ctrlKey || e.metaKey)) move.mutate(e.shiftKey ? 'redo' : 'undo');
      else if (e.key === 'p' && !proof && !e.ctrlKey && !e.metaKey && !e.altKey) setProposing(!showProposals);
      else if (e.key === 'r' && !proof && !e.ctrlKey && !e.metaKey) setPlace((p) => (p === 'review' ? 'sheet' : 'review'));
      else if (e.key === 'c' && !proof && !e.ctrlKey && !e.metaKey) setPlace((p) => (p === 'profile' ? 'sheet' : 'profile'));
      else return;
      e.preventDefault();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [move, place, proof, showProposals]);

  const [out, setOut] = useState(false);
  if (workspace.isError && !w) return <Box sx={{ p: 4 }}><Alert severity="warning">{workspace.error.message}</Alert></Box>;
  if (!w || !table) return <Box sx={{ p: 4, color: FAINT }}>Opening …</Box>;
  const brief = w.brief.filter((s) => s.tableId === table.id);
  const heldRows = brief.reduce((n, s) => n + s.report.held, 0);
  // What a kept sentence holds is known from its run; the trial shows it beside the kinds.
  const heldNow = proof?.readOnly ? brief.find((s) => s.key === proof.key)?.report.kinds : undefined;
  const proofs = heldNow ? proved.data?.map((p) => ({ ...p, kinds: p.kinds.map((k) => ({ ...k, held: heldNow.find((h) => h.key === k.key)?.held ?? 0 })) })) : proved.data;
  const rowsOf = (index: number, row: readonly CellValue[]): void => {
    const asked = proof!.plans[index]!;
    const behind = asked.step === 'ask' ? rowsBehind(asked, row) : null;
    if (!behind) return setPlace('sheet');
    setHolds([]);
    setProof({ request: '', plans: [behind], stateId: proof!.stateId, corrects: false, key: null, readOnly: false, opened: Date.now(), decided: true });
  };
  const lit = pointed ? [...pointed.reads, ...pointed.writes] : [];
  const openSentence = (s: SentenceView): void => {
    setHolds([]);
    setPlace('sheet');
    setProof(proof?.key === s.key && proof.readOnly ? null : { request: s.request, plans: [s.plan], stateId: s.beforeState, corrects: false, key: s.key, readOnly: true, opened: Date.now(), decided: false });
  };
  /** A kept sentence said otherwise, tried on the rows at once. */
  const reword = (s: SentenceView, said: string, plans: readonly Plan[]): void => {
    setEditing(s);
    setRequest(said);
    setChosen(null);
    setHolds([]);
    setPlace('sheet');
    setProof({ request: said, plans, stateId: s.beforeState, corrects: false, key: s.key, readOnly: false, opened: Date.now(), decided: false });
  };
  const compare = (from: Versions): void => {
    setVersions(from);
    setProof(null);
    setPast(null);
    setPlace('compare');
  };
  const compareHome = (): void => {
    const home = w.tryout?.home.find((h) => h.tableId === table.id);
    if (home) compare({ from: home.stateId, to: table.stateId, label: 'as it is in the brief', beside: 'the try-out' });
  };
  const kept = proof?.readOnly ? brief.findIndex((s) => s.key === proof.key) : -1;
  const point = kept < 0 || isQuestion(brief[kept]!.plan) ? null : {
    n: kept + 1,
    last: w.brief.at(-1)!.key === proof!.key,
    onCompare: () => compare({ from: brief[kept]!.afterState, to: table.stateId, label: `as it was after sentence ${kept + 1}` }),
    onReturn: () => goBack.mutate(proof!.key!),
    onTryOut: (name: string) => tryOut.mutate({ way: 'begin', key: proof!.key!, name }),
  };
  const edit = (s: SentenceView): void => {
    setProof(null);
    setEditing(s);
    setRequest(s.sentence);
    setChosen(null);
    input.current?.focus();
  };

  return (
    <Box sx={{ height: '100vh', display: 'flex', flexDirection: 'column', overflow: 'hidden' }}>
      <Box component="header" sx={{ display: 'flex', alignItems: 'center', gap: 1.5, px: 1.5, height: 30, borderBottom: `1px solid ${RULE}`, background: SHADE, fontSize: 13, '& .MuiButton-root': { whiteSpace: 'nowrap', flexShrink: 0 } }}>
        <Link component={NextLink} href="/" underline="hover" sx={{ fontFamily: READING, fontSize: 16, color: 'text.primary' }}>Kulfi</Link>
        <Typography component="h1" sx={{ fontFamily: READING, fontSize: 15, color: FAINT, overflow: 'hidden', textOverflow: 'ellipsis', whiteSpace: 'nowrap' }}>{w.name}</Typography>
        <Box role="tablist" aria-label="Tables" sx={{ display: 'flex', gap: 0.25, ml: 1, overflow: 'hidden' }}>
          {w.tables.map((t) => (
            <Box key={t.id} component="button" role="tab" aria-selected={t.id === table.id} onClick={() => { cursor.current = { row: 0, column: 0 }; setTableId(t.id); setProof(null); setCard(null); setPast(null); setChanged(null); setTold(''); setPlace('sheet'); }} sx={{ border: 0, borderBottom: `2px solid ${t.id === table.id ? '#26221c' : 'transparent'}`, background: 'none', cursor: 'pointer', fontSize: 13, px: 0.75, color: t.id === table.id ? 'text.primary' : FAINT, whiteSpace: 'nowrap' }}>
              <Box component="span" title={t.answerOver === null ? undefined : `an answer over ${t.answerOver}, worked out anew whenever that changes`} sx={t.answerOver === null ? undefined : { fontFamily: READING, fontStyle: 'italic' }}>{t.name}</Box> <Box component="span" sx={{ fontSize: 11, color: FAINT }}>{figure(t.rows)}</Box>
            </Box>
          ))}
        </Box>
        <AddFile workspaceId={id} onFault={setTold} />
        <Box component="form" onSubmit={(e) => { e.preventDefault(); setSearch((s) => ({ ...s, turn: s.turn + 1 })); }} sx={{ ml: 'auto' }}>
          <InputBase inputRef={finder} value={search.text} onChange={(e) => setSearch((s) => ({ ...s, text: e.target.value }))} placeholder="look for a value" inputProps={{ 'aria-label': 'Look for a value' }} sx={{ fontSize: 12.5, width: 150, borderBottom: `1px solid ${RULE}`, '& input': { p: 0 } }} />
        </Box>
        <Button sx={{ py: 0 }} aria-pressed={place === 'profile'} onClick={() => { setProof(null); setPlace(place === 'profile' ? 'sheet' : 'profile'); }}>Columns</Button>
        {w.covering.on && <Button sx={{ py: 0, color: ACCENTS.held.color }} title={`Shown masked: ${w.covering.columns.join(', ')}`} onClick={() => { setProof(null); setPlace('profile'); }}>● covered</Button>}
        {w.from && <Button sx={{ py: 0 }} aria-pressed={place === 'different'} onClick={() => { setProof(null); setPlace(place === 'different' ? 'sheet' : 'different'); }}>Different</Button>}
        <Button sx={{ py: 0 }} aria-pressed={place === 'review'} onClick={() => { setProof(null); setPlace(place === 'review' ? 'sheet' : 'review'); }}>Review</Button>
        <Button sx={{ py: 0 }} onClick={() => setLearnt(true)}>Learnt</Button>
        <Button sx={{ py: 0 }} onClick={() => setOut(true)} aria-haspopup="dialog">Hand off</Button>
      </Box>
      {workspace.isError && <Alert severity="warning" sx={{ py: 0 }}>{workspace.error.message}</Alert>}
      <Box sx={{ flex: 1, minHeight: 0, display: 'flex' }}>
        <Brief sentences={brief} tryout={w.tryout} tryouts={w.tryouts} onTryout={(order) => tryOut.mutate(order)} onCompare={compareHome} open={proof?.key ?? editing?.key ?? null} onOpen={openSentence} onPoint={setPointed} onEdit={edit} onDrop={(sentence) => drop.mutate({ sentence, alsoDependent: false })} onUndo={() => move.mutate('undo')} onRedo={() => move.mutate('redo')} undo={w.undo} redo={w.redo} busy={move.isPending || keep.isPending || tryOut.isPending || goBack.isPending} />
        <Box sx={{ flex: 1, minWidth: 0, display: 'flex', flexDirection: 'column' }}>
          {place !== 'review' && place !== 'different' && <RequestLine value={request} onChange={(text) => { setRequest(text); setChosen(null); if (proof && !proof.readOnly) setProof(null); }} answer={answer} chosen={chosen} onChoose={(r) => { setChosen(r); openProof(r.plans, false); }} onSubmit={submit} onLeave={() => { setRequest(''); leave(); }} input={input} completions={answer && heard === request && reading.data ? reading.data.completions : []} onWhy={explainIt} onPick={(n) => { const p = proposals[n]; if (p && n < MOST_SHOWN) setRequest(p.sentence); }} proving={proof !== null && !proof.readOnly} editing={editing ? brief.findIndex((s) => s.key === editing.key) : null} />}
          {lesson && (
            <Alert severity="info" onClose={() => setLesson(null)} sx={{ py: 0, borderRadius: 0 }} action={<><Button size="small" onClick={() => remember.mutate(lesson)}>Remember it</Button><Button size="small" onClick={() => { setLesson(null); setMissed(''); }}>No</Button></>}>
              Shall “{lesson.said}” mean this from now on?
            </Alert>
          )}
          {!proof && request.trim() === '' && place === 'sheet' && <Proposals proposals={proposals} open={showProposals} onOpen={setProposing} onTake={(p) => { setRequest(p.sentence); input.current?.focus(); }} onTurnAway={(p) => turnAway.mutate(p)} />}
          {sweep && (
            <Alert severity="info" onClose={() => setSweep('')} sx={{ py: 0, borderRadius: 0 }} action={<Button size="small" onClick={() => { setRequest(sweep); setSweep(''); setPlace('sheet'); input.current?.focus(); }}>Say it</Button>}>
              You put several cells right in the same way. One sentence does them all: <Sentence text={sweep} size={14} />
            </Alert>
          )}
          {changed && (
            <Alert severity="info" onClose={() => setChanged(null)} sx={{ py: 0, borderRadius: 0 }} action={<><Button size="small" onClick={() => { compare(changed.versions); setChanged(null); }}>See which</Button><Button size="small" onClick={() => setChanged(null)}>Close</Button></>}>
              {changed.words}
            </Alert>
          )}
          {past && (
            <Alert severity="warning" sx={{ py: 0, borderRadius: 0 }} action={<Button size="small" onClick={() => setPast(null)}>Back to now</Button>}>
              The table {past.label}. It is only looked at: nothing is said of it here.
            </Alert>
          )}
          {told && <Alert severity="info" onClose={() => setTold('')} sx={{ py: 0, borderRadius: 0 }}>{told}</Alert>}
          {proof && proved.isError && <Alert severity="warning" sx={{ py: 0, borderRadius: 0 }}>{proved.error.message}</Alert>}
          {proof && proofs ? (
            <ProofView key={proof.opened} workspaceId={id} stateId={proof.stateId} proofs={proofs} plans={proof.plans} holds={holds} onHold={(some) => setHolds(some.reduce(toggle, holds))} onRows={rowsOf} onDecide={(index, plan) => setProof({ ...proof, plans: proof.plans.map((p, i) => (i === index ? plan : p)), decided: true })} onKeep={() => { if (!keep.isPending && !proved.isPlaceholderData) keep.mutate(); }} editing={editing !== null} point={point} onKeepAnswer={(name) => { if (!keepAnswer.isPending) keepAnswer.mutate(name); }} onLeave={() => { if (keep.isPending) stop.current?.abort(); else leave(); }} busy={keep.isPending || tryOut.isPending || goBack.isPending} proving={proving} progress={keep.isPending ? (progress ?? 0) : null} readOnly={proof.readOnly} />
          ) : place === 'compare' && versions ? (
            <Compare workspaceId={id} versions={versions} onRow={setCard} onSee={() => { setPast(versions); setPlace('sheet'); }} onClose={() => setPlace('sheet')} />
          ) : place === 'review' ? (
            <Review workspace={w} tableId={table.id} onHolds={(key, hold) => settle.mutate({ key, hold, settled: [] })} onSettle={(key, settled) => settle.mutate({ key, hold: [], settled })} onNote={(hold, text) => note.mutate({ hold, text })} onPutRight={(t, position, column, now) => putRight.mutate({ tableId: t, position, column, now })} onCard={(t, position) => { setTableId(t); setCard(position); }} onSay={(sentence) => { setRequest(sentence); setPlace('sheet'); input.current?.focus(); }} onClose={() => setPlace('sheet')} />
          ) : place === 'different' ? (
            <Different workspace={w} onSentence={(key) => { const s = brief.find((b) => b.key === key); if (s) openSentence(s); }} onReview={() => setPlace('review')} onClose={() => setPlace('sheet')} />
          ) : place === 'example' ? (
            <ByExample workspaceId={id} tableId={table.id} version={w.version} column={shownBy} onTake={(sentence) => { setRequest(sentence); setHeard(sentence); wish.current = sentence; setPlace('sheet'); input.current?.focus(); }} onClose={() => setPlace('sheet')} />
          ) : place === 'profile' ? (
            <Profile workspaceId={id} tableId={table.id} version={w.version} covering={w.covering} onTake={(sentence) => { setRequest(sentence); setPlace('sheet'); input.current?.focus(); }} onClose={() => setPlace('sheet')} />
          ) : past && earlier.data ? (
            <Sheet key={`past ${earlier.data.stateId}${w.covering.on}`} workspaceId={id} table={earlier.data} onExample={() => undefined} ties={NO_LETTERS} lit={[]} onOpenRow={setCard} onPutRight={() => setTold('This is how the table was. Go back to now to put a cell right.')} active={card} search={search} cursor={cursor} />
          ) : (
            <Sheet key={`${table.stateId}${w.covering.on}`} workspaceId={id} table={table} onExample={(column) => { setShownBy(column); setPlace('example'); }} ties={letters} lit={lit} onOpenRow={setCard} onPutRight={(position, column, now) => putRight.mutate({ tableId: table.id, position, column, now })} active={card} search={search} cursor={cursor} />
          )}
        </Box>
        {card !== null && <RowCard workspaceId={id} tableId={table.id} version={w.version} position={card} brief={brief} onOpen={setCard} onClose={() => setCard(null)} onReword={reword} onHold={(key) => settle.mutate({ key, hold: [{ kind: null, position: card, note: '' }], settled: [] })} />}
      </Box>
      <BalanceStrip table={table} held={heldRows} onShow={(sentence) => { setProof(null); setPlace('sheet'); setRequest(sentence); setChosen(null); input.current?.focus(); }} onReview={() => { setProof(null); setPlace('review'); }} onKeys={() => setKeys(true)} />
      <Dialog open={keys} onClose={() => setKeys(false)} aria-labelledby="keys-title">
        <DialogTitle id="keys-title" sx={{ fontFamily: READING }}>Keys</DialogTitle>
        <DialogContent>
          <Box component="dl" sx={{ display: 'grid', gridTemplateColumns: '150px 1fr', gap: '4px 12px', fontSize: 13, m: 0 }}>
            {KEYS.map(([key, what]) => <Box key={key} sx={{ display: 'contents' }}><dt><kbd>{key}</kbd></dt><Box component="dd" sx={{ m: 0 }}>{what}</Box></Box>)}
          </Box>
        </DialogContent>
      </Dialog>
      {out && <HandOff workspaceId={id} table={table} open version={w.version} onClose={() => setOut(false)} />}
      <Learnt workspaceId={id} brief={brief} open={learnt} onClose={() => setLearnt(false)} />
      <Why account={why} onClose={() => setWhy(null)} />
      <Dialog open={dropping !== null} onClose={() => setDropping(null)} aria-labelledby="drop-title">
        <DialogTitle id="drop-title" sx={{ fontFamily: READING }}>Another sentence needs this one</DialogTitle>
        <DialogContent sx={{ fontSize: 14 }}>{dropping?.message}</DialogContent>
        <DialogActions>
          <Button onClick={() => setDropping(null)}>Leave it</Button>
          <Button color="warning" onClick={() => drop.mutate({ sentence: dropping!.sentence, alsoDependent: true })}>Drop it and what needs it</Button>
        </DialogActions>
      </Dialog>
      <Box role="status" aria-live="polite" sx={{ position: 'absolute', width: 1, height: 1, overflow: 'hidden', clip: 'rect(0 0 0 0)' }}>{counted(brief.length, 'sentence')} kept, {counted(table.rows, 'row')}</Box>
    </Box>
  );
}

const toggle = (list: readonly ProofHold[], h: ProofHold): readonly ProofHold[] => {
  const same = (o: ProofHold): boolean => o.plan === h.plan && o.kind === h.kind && o.position === h.position;
  return list.some(same) ? list.filter((o) => !same(o)) : [...list, h];
};
