'use client';

import { Box, InputBase, Popover, Typography, Button } from '@mui/material';
import { useVirtualizer, type VirtualItem } from '@tanstack/react-virtual';
import { memo, useCallback, useEffect, useLayoutEffect, useMemo, useRef, useState } from 'react';
import type { ColumnView, RowWindow, TableView, ViewSettings } from '../../contract/views';
import { isQuantity } from '../../core/table/column';
import { ACCENT_NAMES } from '../../core/table/look';
import { shown as written } from '../../core/values/shown';
import { TYPE_NAMES } from '../intake/Intake';
import { ask, counted, figure } from '../parts/api';
import { ACCENTS, FAINT, FIGURES, PAPER, RULE, SHADE } from '../parts/theme';
import { useRows, type SheetRow } from './rows';

export const ROW = 16;
const HEAD = 38;
/** Rows that can be drawn at once. */
const SLOTS = 160;
const NUMBERS = 62;
/** The tallest element a browser lays out; taller tables scroll in proportion. */
const TALLEST = 30_000_000;

/** A mark that ties a column's head to the words of the request. */
export type Ties = ReadonlyMap<string, string>;

/** A cell of the sheet. */
export interface Place {
  readonly row: number;
  readonly column: number;
}

/** The table itself: rows and columns virtualised, moved through by keyboard. Sort, filter and search change only what is seen. */
export function Sheet({ workspaceId, table, ties, lit, onExample, onOpenRow, onPutRight, active, search, cursor }: {
  workspaceId: number;
  table: TableView;
  ties: Ties;
  lit: readonly string[];
  /** A new column is to be shown by example, from this one. */
  onExample: (column: string) => void;
  onOpenRow: (position: number) => void;
  onPutRight: (position: number, column: string, now: string) => void;
  active: number | null;
  search: { text: string; turn: number };
  /** Where the cursor was in the version before, and is kept for the next one. */
  cursor: React.RefObject<Place>;
}) {
  const scroller = useRef<HTMLDivElement>(null);
  const [view, setView] = useState<ViewSettings>({ sort: null, filter: null });
  const [top, setTop] = useState(0);
  const [height, setHeight] = useState(600);
  const [at, setAt] = useState<Place>(() => ({ row: Math.min(cursor.current.row, Math.max(0, table.rows - 1)), column: Math.min(cursor.current.column, Math.max(0, table.columns.length - 1)) }));
  const [righting, setRighting] = useState<{ readonly position: number; readonly column: string; readonly was: string; readonly now: string } | null>(null);
  const [anchor, setAnchor] = useState<Place | null>(null);
  const [head, setHead] = useState<{ element: HTMLElement; column: ColumnView } | null>(null);
  const [said, setSaid] = useState('');
  const { columns } = table;

  const [count, setCount] = useState(table.rows);
  const full = count * ROW;
  const scale = full > TALLEST ? TALLEST / full : 1;
  const visible = Math.ceil((height - HEAD) / ROW);
  const firstRow = Math.max(0, Math.min(count - 1, Math.floor(top / scale / ROW)));
  const first = Math.max(0, firstRow - 6);
  const last = Math.min(count - 1, firstRow + visible + 6);
  const { row, total } = useRows(workspaceId, table.stateId, view, first, last);
  const rowsNow = view.filter ? (total ?? table.rows) : table.rows;
  if (rowsNow !== count) setCount(rowsNow);

  const widths = useMemo(() => columns.map(widthOf), [columns]);
  const across = useVirtualizer({ horizontal: true, count: columns.length, getScrollElement: () => scroller.current, estimateSize: (i) => widths[i]!, overscan: 3 });
  useEffect(() => across.measure(), [across, widths]);

  useLayoutEffect(() => {
    const element = scroller.current!;
    const observer = new ResizeObserver(() => setHeight(element.clientHeight));
    observer.observe(element);
    return () => observer.disconnect();
  }, []);

  const show = useCallback((place: Place): void => {
    const element = scroller.current!;
    const y = place.row * ROW * scale;
    const room = element.clientHeight - HEAD - ROW;
    if (y < element.scrollTop) element.scrollTop = y;
    else if (y > element.scrollTop + room) element.scrollTop = y - room;
    across.scrollToIndex(place.column, { align: 'auto' });
  }, [across, scale]);
  const go = useCallback((place: Place, extend: boolean): void => {
    const to = { row: Math.max(0, Math.min(count - 1, place.row)), column: Math.max(0, Math.min(columns.length - 1, place.column)) };
    setAnchor(extend ? (anchor ?? at) : null);
    setAt(to);
    cursor.current = to;
    show(to);
  }, [anchor, at, columns.length, count, show, cursor]);
  // A new version opens where the one before was left.
  const opened = useRef(false);
  useEffect(() => {
    if (opened.current) return;
    opened.current = true;
    if (cursor.current.row > 0) show(cursor.current);
  }, [cursor, show]);

  // Looking for a value: each turn goes to the next place that holds it.
  const turn = useRef(0);
  useEffect(() => {
    if (search.turn === turn.current || search.text === '') return;
    turn.current = search.turn;
    void ask<RowWindow & { found: { place: number; column: string } | null }>(`workspaces/${workspaceId}/rows`, 'POST', { stateId: table.stateId, from: 0, count: 0, ...view, find: { text: search.text, after: at.row } }).then(({ found }) => {
      if (!found) return setSaid(`“${search.text}” is nowhere in this table.`);
      setSaid(`Row ${found.place + 1}, ${found.column}`);
      go({ row: found.place, column: columns.findIndex((c) => c.name === found.column) }, false);
    });
  }, [search, workspaceId, table.stateId, view, at.row, columns, go]);

  const copy = async (): Promise<void> => {
    const from = anchor ?? at;
    const [r0, r1] = [Math.min(from.row, at.row), Math.min(Math.max(from.row, at.row), Math.min(from.row, at.row) + 1_999)];
    const [c0, c1] = [Math.min(from.column, at.column), Math.max(from.column, at.column)];
    const window = await ask<RowWindow>(`workspaces/${workspaceId}/rows`, 'POST', { stateId: table.stateId, from: r0, count: r1 - r0 + 1, ...view });
    await navigator.clipboard.writeText(window.cells.map((cells) => cells.slice(c0, c1 + 1).map((value) => written(value)).join('\t')).join('\n'));
    setSaid(`${counted(window.cells.length, 'row')} copied`);
  };

  const onKey = (event: React.KeyboardEvent): void => {
    const page = visible - 2;
    const far = event.ctrlKey || event.metaKey;
    const moves: Record<string, Place> = {
      ArrowDown: { row: at.row + 1, column: at.column },
      ArrowUp: { row: at.row - 1, column: at.column },
      ArrowRight: { row: at.row, column: at.column + 1 },
      ArrowLeft: { row: at.row, column: at.column - 1 },
      PageDown: { row: at.row + page, column: at.column },
      PageUp: { row: at.row - page, column: at.column },
      Home: { row: far ? 0 : at.row, column: far ? at.column : 0 },
      End: { row: far ? count - 1 : at.row, column: far ? at.column : columns.length - 1 },
    };
    const to = moves[event.key];
    if (to) {
      event.preventDefault();
      go(to, event.shiftKey);
    } else if (event.key === 'Enter') {
      // Or the same key would press the button that takes the focus.
      event.preventDefault();
      const position = row(at.row)?.position;
      if (position !== undefined) onOpenRow(position);
    } else if (event.key === 'e' && !far && !event.altKey) {
      event.preventDefault();
      const here = row(at.row);
      const name = columns[at.column]?.name;
      if (here && name !== undefined) setRighting({ position: here.position, column: name, was: written(here.cells[at.column] ?? null), now: written(here.cells[at.column] ?? null) });
    } else if (event.key === 'x' && !far && !event.altKey) {
      event.preventDefault();
      const name = columns[at.column]?.name;
      if (name !== undefined) onExample(name);
    } else if (far && event.key === 'c') {
      event.preventDefault();
      void copy();
    } else if (event.key === 'a' && far) {
      event.preventDefault();
      setAnchor({ row: 0, column: 0 });
      setAt({ row: count - 1, column: columns.length - 1 });
    }
  };

  const inside = (r: number, c: number): boolean => {
    const from = anchor ?? at;
    return r >= Math.min(from.row, at.row) && r <= Math.max(from.row, at.row) && c >= Math.min(from.column, at.column) && c <= Math.max(from.column, at.column);
  };
  const goNow = useRef(go);
  useEffect(() => { goNow.current = go; });
  const pick = useCallback((r: number, c: number, extend: boolean): void => {
    scroller.current?.focus();
    goNow.current({ row: r, column: c }, extend);
  }, []);
  const shownColumns = across.getVirtualItems();
  const width = NUMBERS + across.getTotalSize();
  const offset = (r: number): number => (scale === 1 ? r * ROW : top + (r - firstRow) * ROW);

  return (
    <Box sx={{ position: 'relative', flex: 1, minHeight: 0, display: 'flex', flexDirection: 'column' }}>
      {righting && (
        <Box component="form" aria-label="Put a cell right" onSubmit={(e) => { e.preventDefault(); if (righting.now !== righting.was) onPutRight(righting.position, righting.column, righting.now); setRighting(null); scroller.current?.focus(); }} sx={{ display: 'flex', gap: 1, alignItems: 'center', px: 1.5, py: 0.4, borderBottom: `1px solid ${RULE}`, background: '#e4ebf2', fontSize: 13 }}>
          Put right <b>{righting.column}</b> in row {figure(righting.position + 1)}
          <InputBase autoFocus value={righting.now} onFocus={(e) => e.target.select()} onChange={(e) => setRighting({ ...righting, now: e.target.value })} onKeyDown={(e) => { if (e.key === 'Escape') { e.stopPropagation(); setRighting(null); scroller.current?.focus(); } }} inputProps={{ 'aria-label': 'What the cell holds instead' }} sx={{ fontSize: 13, width: 240, background: '#fffdf8', border: `1px solid ${RULE}`, px: 0.5, '& input': { p: 0 } }} />
          <span style={{ color: FAINT }}>{righting.was === '' ? 'it is blank' : `instead of “${righting.was}”`}</span>
          <Button type="submit" sx={{ py: 0, ml: 'auto' }}>Put right&nbsp;<kbd>Enter</kbd></Button>
        </Box>
      )}
      <Box
        ref={scroller}
        role="grid"
        aria-label={`Rows of ${table.name}`}
        aria-rowcount={count + 1}
        aria-colcount={columns.length + 1}
        aria-activedescendant={`cell-${at.row}-${at.column}`}
        tabIndex={0}
        data-testid="sheet"
        onKeyDown={onKey}
        onScroll={(e) => setTop(e.currentTarget.scrollTop)}
        sx={{ flex: 1, overflow: 'auto', position: 'relative', background: PAPER, fontSize: 12, fontFamily: FIGURES, '&:focus-visible': { outlineOffset: -2 } }}
      >
        <Box sx={{ width, height: full * scale + HEAD, position: 'relative' }}>
          <Box role="row" aria-rowindex={1} sx={{ position: 'sticky', top: 0, zIndex: 2, height: HEAD, background: SHADE, borderBottom: `1px solid ${RULE}`, width }}>
            <Box role="columnheader" aria-colindex={1} sx={{ position: 'sticky', left: 0, width: NUMBERS, height: HEAD - 1, background: SHADE, zIndex: 1, color: FAINT, fontSize: 11, pt: '19px', textAlign: 'right', pr: 1 }}>line</Box>
            {shownColumns.map((v) => {
              const column = columns[v.index]!;
              const sorted = view.sort?.column === column.name;
              const marked = ties.get(column.name);
              return (
                <Box
                  key={v.key}
                  role="columnheader"
                  aria-colindex={v.index + 2}
                  aria-sort={sorted ? (view.sort!.down ? 'descending' : 'ascending') : 'none'}
                  component="button"
                  onClick={(e: React.MouseEvent<HTMLElement>) => setHead({ element: e.currentTarget, column })}
                  title={glanceWords(column)}
                  sx={{ position: 'absolute', left: NUMBERS + v.start, top: 0, width: v.size, height: HEAD - 1, px: '6px', py: 0, border: 0, borderRight: `1px solid ${RULE}`, borderBottom: marked ? `3px double ${ACCENTS.pending.color}` : 0, background: lit.includes(column.name) ? '#e9e2d0' : 'none', textAlign: 'left', font: 'inherit', color: 'inherit', cursor: 'pointer', overflow: 'hidden', whiteSpace: 'nowrap' }}
                >
                  <Box sx={{ fontWeight: 600, lineHeight: '17px', overflow: 'hidden', textOverflow: 'ellipsis' }}>
                    {marked && <Box component="span" sx={{ color: ACCENTS.pending.color, fontWeight: 700, mr: 0.5 }}>{marked}</Box>}
                    {column.name}{sorted ? (view.sort!.down ? ' ▾' : ' ▴') : ''}{view.filter?.column === column.name ? ' ⊂' : ''}
                  </Box>
                  <Glance column={column} />
                </Box>
              );
            })}
          </Box>
          {Array.from({ length: Math.max(0, last - first + 1) }, (_, i) => first + i).map((r) => {
            const data = row(r);
            const marked = anchor !== null || r === at.row;
            return (
              <SheetLine
                // A row that scrolls out lends its elements to one that comes in.
                key={r % SLOTS}
                index={r}
                top={HEAD + offset(r)}
                width={width}
                data={data}
                columns={columns}
                shown={shownColumns}
                lit={data !== null && data.position === active}
                here={r === at.row ? at.column : -1}
                from={marked && inside(r, at.column) ? Math.min((anchor ?? at).column, at.column) : -1}
                to={marked && inside(r, at.column) ? Math.max((anchor ?? at).column, at.column) : -1}
                onPick={pick}
                onOpen={onOpenRow}
              />
            );
          })}
        </Box>
      </Box>
      <Box role="status" aria-live="polite" sx={{ position: 'absolute', right: 18, bottom: 8, fontSize: 12, background: '#fffdf8', px: 1, border: said || view.sort || view.filter ? `1px solid ${RULE}` : 0 }}>
        {said}
        {(view.sort || view.filter) && (
          <Box component="span" sx={{ ml: 1 }}>
            Seen {view.sort ? `by ${view.sort.column}` : ''}{view.sort && view.filter ? ', ' : ''}{view.filter ? `only ${view.filter.column} with “${view.filter.text}” (${figure(count)})` : ''}; the table is unchanged.{' '}
            <Box component="button" onClick={() => setView({ sort: null, filter: null })} sx={{ border: 0, background: 'none', textDecoration: 'underline', cursor: 'pointer', font: 'inherit' }}>As it is</Box>
          </Box>
        )}
      </Box>
      <Popover open={head !== null} anchorEl={head?.element ?? null} onClose={() => setHead(null)} anchorOrigin={{ vertical: 'bottom', horizontal: 'left' }}>
        {head && <ColumnPanel column={head.column} view={view} onExample={() => onExample(head.column.name)} onView={(v) => { setView(v); setHead(null); scroller.current!.scrollTop = 0; }} />}
      </Popover>
    </Box>
  );
}

const cellStyle: React.CSSProperties = { contain: 'strict', position: 'absolute', top: 0, height: ROW, padding: '0 6px', boxSizing: 'border-box', overflow: 'hidden', whiteSpace: 'pre', textOverflow: 'ellipsis', borderRight: `1px solid ${SHADE}` };
const numberStyle: React.CSSProperties = { position: 'sticky', left: 0, width: NUMBERS, height: ROW, boxSizing: 'border-box', background: SHADE, color: FAINT, fontSize: 11, textAlign: 'right', paddingRight: 8, zIndex: 1 };

/** One row of the sheet. Plain elements and memory of the last drawing: while a table scrolls, hundreds of cells come and go. */
const SheetLine = memo(function SheetLine({ index, top, width, data, columns, shown, lit, here, from, to, onPick, onOpen }: {
  index: number;
  top: number;
  width: number;
  data: SheetRow | null;
  columns: readonly ColumnView[];
  shown: readonly VirtualItem[];
  lit: boolean;
  here: number;
  from: number;
  to: number;
  onPick: (row: number, column: number, extend: boolean) => void;
  onOpen: (position: number) => void;
}) {
  return (
    <div role="row" aria-rowindex={index + 2} style={{ contain: 'layout style', position: 'absolute', top, left: 0, width, height: ROW, lineHeight: `${ROW}px`, background: lit ? '#efe7d4' : index % 2 ? '#fdfbf6' : undefined }}>
      <div role="rowheader" aria-colindex={1} style={numberStyle}>{data?.line ?? figure(index + 1)}</div>
      {shown.map((v) => {
        const value = data?.cells[v.index] ?? null;
        const misfit = typeof value === 'string' && isQuantity(columns[v.index]!.type);
        const selected = v.index >= from && v.index <= to && from >= 0;
        const accent = accentOf(data?.marks[columns[v.index]!.name]);
        return (
          <div
            key={v.key}
            id={`cell-${index}-${v.index}`}
            role="gridcell"
            aria-colindex={v.index + 2}
            aria-selected={selected}
            onClick={(e) => onPick(index, v.index, e.shiftKey)}
            onDoubleClick={() => data && onOpen(data.position)}
            style={{ ...cellStyle, left: NUMBERS + v.start, width: v.size, textAlign: typeof value === 'number' ? 'right' : 'left', background: selected ? '#dfe6ee' : accent?.tint, ...(accent ? { paddingLeft: 12 } : {}), boxShadow: v.index === here ? `inset 0 0 0 1.5px ${ACCENTS.pending.color}` : undefined, color: misfit ? ACCENTS.held.color : undefined, fontStyle: misfit ? 'italic' : undefined }}
          >
            {accent && <span role="img" aria-label={`marked, ${accent.word}`} style={{ position: 'absolute', left: 1, top: 0, fontSize: 9, color: accent.color }}>{accent.mark}</span>}
            {data ? written(value, columns[v.index]!.look) : '·'}
          </div>
        );
      })}
    </div>
  );
});

/** The accents of marked cells: a shape, and a tint behind the value. */
const TINTS = { kept: '#dfeadf', held: '#f6e3d3', pending: '#dfe8f3' } as const;
const MARKED = ACCENT_NAMES.map((name) => ({ ...ACCENTS[name], tint: TINTS[name] }));
const accentOf = (code: number | undefined): (typeof MARKED)[number] | undefined => (code ? MARKED[code - 1] : undefined);

/** A width that shows most of a column's values, and its head. Pixels. */
function widthOf({ name, type, glance: g }: ColumnView): number {
  const values = [...g.common.map(([v]) => v), g.lowest ?? '', g.highest ?? ''].map((v) => v.length);
  const longest = g.distinct === null && type === 'text' ? 28 : Math.max(0, ...values);
  const figures = `${type}${g.blanks ? ` ${g.blanks} blank` : ''}${g.misfits ? ` ${g.misfits} unfit` : ''}`.length;
  return Math.max(60, Math.min(240, 14 + 7 * Math.max(name.length + 1, Math.min(longest, 32)), 14 + 7 * longest + 60), Math.min(170, 40 + 5.4 * figures));
}

/** The line under a column's name: its type in a word, and bars for what is blank and what does not fit. */
function Glance({ column }: { column: ColumnView }) {
  const { glance: g } = column;
  const share = g.rows ? g.blanks / g.rows : 0;
  return (
    <Box sx={{ display: 'flex', alignItems: 'center', gap: 0.75, fontSize: 10.5, color: FAINT, lineHeight: '15px' }}>
      <span>{TYPE_NAMES[column.type].replace(' number', '')}</span>
      {column.covered && <Box component="span" sx={{ color: ACCENTS.held.color }}>● covered</Box>}
      <Box aria-hidden sx={{ flex: 1, maxWidth: 44, height: 4, border: `1px solid ${FAINT}`, background: `linear-gradient(to right, ${FAINT} ${100 * (1 - share)}%, transparent 0)` }} />
      {g.blanks > 0 && <span>{figure(g.blanks)}&thinsp;blank</span>}
      {g.misfits > 0 && <Box component="span" sx={{ color: ACCENTS.held.color }}>{g.misfits}&thinsp;unfit</Box>}
    </Box>
  );
}

const glanceWords = ({ name, type, glance: g }: ColumnView): string =>
  `${name}: ${TYPE_NAMES[type]}, ${counted(g.blanks, 'blank')}${g.misfits ? `, ${g.misfits} do not fit` : ''}${g.lowest !== null ? `, ${g.lowest} to ${g.highest}` : ''}${g.distinct !== null ? `, ${counted(g.distinct, 'different value')}` : ''}`;

function ColumnPanel({ column, view, onExample, onView }: { column: ColumnView; view: ViewSettings; onExample: () => void; onView: (v: ViewSettings) => void }) {
  const [text, setText] = useState(view.filter?.column === column.name ? view.filter.text : '');
  const g = column.glance;
  const most = g.common[0]?.[1] ?? 1;
  return (
    <Box sx={{ p: 1.5, width: 300, fontSize: 13 }}>
      <Typography sx={{ fontWeight: 600 }}>{column.name}</Typography>
      <Typography sx={{ color: FAINT, fontSize: 12.5, mb: 1 }}>{TYPE_NAMES[column.type]} · {counted(g.blanks, 'blank')}{g.misfits ? ` · ${g.misfits} do not fit the type` : ''}{g.lowest !== null ? ` · ${g.lowest} to ${g.highest}` : ''} · {g.distinct === null ? 'many different values' : counted(g.distinct, 'different value')}</Typography>
      {g.common.map(([value, n]) => (
        <Box key={value} sx={{ display: 'grid', gridTemplateColumns: '1fr 60px 44px', gap: 1, alignItems: 'center', fontSize: 12 }}>
          <Box sx={{ overflow: 'hidden', textOverflow: 'ellipsis', whiteSpace: 'pre' }}>{value}</Box>
          <Box aria-hidden sx={{ height: 6, background: RULE, width: `${(100 * n) / most}%` }} />
          <Box sx={{ textAlign: 'right', color: FAINT }}>{figure(n)}</Box>
        </Box>
      ))}
      {column.lookSaid !== null && <Typography sx={{ fontSize: 12, mt: 1 }}>{column.lookSaid.replace(/[‹›]/g, '')} The values are as they were.</Typography>}
      {column.marks.map((m) => (
        <Typography key={m.where} sx={{ fontSize: 12, mt: 0.5 }}>
          <Box component="span" aria-hidden sx={{ color: ACCENTS[m.accent].color, mr: 0.5 }}>{ACCENTS[m.accent].mark}</Box>
          Marked where {m.where.replace(/[‹›]/g, '')}{m.stands ? '' : ' — a column it looks at is gone, so nothing is marked'}
        </Typography>
      ))}
      <Box sx={{ display: 'flex', gap: 0.75, mt: 1.25 }}>
        <Button onClick={() => onView({ ...view, sort: { column: column.name, down: false } })}>See low to high</Button>
        <Button onClick={() => onView({ ...view, sort: { column: column.name, down: true } })}>High to low</Button>
      </Box>
      <Box component="form" onSubmit={(e) => { e.preventDefault(); onView({ ...view, filter: { column: column.name, text } }); }} sx={{ display: 'flex', gap: 0.75, mt: 1 }}>
        <InputBase autoFocus value={text} onChange={(e) => setText(e.target.value)} placeholder="see only rows with …" inputProps={{ 'aria-label': `See only rows with this in ${column.name}` }} sx={{ flex: 1, border: `1px solid ${RULE}`, px: 1, fontSize: 13 }} />
        <Button type="submit">See</Button>
      </Box>
      <Button fullWidth onClick={onExample} sx={{ mt: 1 }}>A new column, shown by example&nbsp;<kbd>X</kbd></Button>
      <Typography sx={{ mt: 1, fontSize: 11.5, color: FAINT }}>Sorting and filtering here change only what is seen. To change the table, say it above.</Typography>
    </Box>
  );
}
