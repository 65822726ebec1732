import { keepPreviousData, useQueries, useQueryClient } from '@tanstack/react-query';
import { useEffect, useMemo } from 'react';
import type { RowWindow, ViewSettings } from '../../contract/views';
import type { CellValue } from '../../core/values/cell';
import { ask, figure } from '../parts/api';

/** Rows fetched together. */
export const BLOCK = 128;

/** One row as the sheet has it. */
export interface SheetRow {
  readonly position: number;
  /** Its line in the source file, counted from 1; with a plus where a sentence added the row. */
  readonly line: string;
  readonly cells: readonly CellValue[];
  /** The accent codes of its marked cells, by their columns. */
  readonly marks: Readonly<Record<string, number>>;
}

const NO_MARKS = {};

const blockQuery = (workspaceId: number, stateId: number, view: ViewSettings, block: number) => ({
  queryKey: ['rows', workspaceId, stateId, view, block],
  queryFn: () => ask<RowWindow>(`workspaces/${workspaceId}/rows`, 'POST', { stateId, from: block * BLOCK, count: BLOCK, ...view }),
  staleTime: Infinity,
  gcTime: 60_000,
});

/** How a row is called by the line it comes from. */
export const lineName = (position: number, line: number): string => `${figure(line + 1)}${line === position ? '' : '+'}`;

const made = new WeakMap<RowWindow, readonly SheetRow[]>();

/** The rows of a fetched block; always the same objects, so that an unchanged row is not drawn again. */
function rowsOf(window: RowWindow): readonly SheetRow[] {
  const known = made.get(window);
  if (known) return known;
  const marked = Object.entries(window.marks);
  const rows = window.positions.map((position, i) => ({ position, line: lineName(position, window.lines[i]!), cells: window.cells[i]!, marks: marked.length ? Object.fromEntries(marked.map(([name, codes]) => [name, codes[i]!])) : NO_MARKS }));
  made.set(window, rows);
  return rows;
}

/** The rows of a window, block by block; those around it are fetched ahead, so that scrolling meets filled rows. */
export function useRows(workspaceId: number, stateId: number, view: ViewSettings, first: number, last: number): { row: (at: number) => SheetRow | null; total: number | null } {
  const client = useQueryClient();
  const blocks = useMemo(() => {
    const list: number[] = [];
    for (let b = Math.floor(first / BLOCK); b <= Math.floor(Math.max(first, last) / BLOCK); b++) list.push(b);
    return list;
  }, [first, last]);
  const results = useQueries({ queries: blocks.map((block) => ({ ...blockQuery(workspaceId, stateId, view, block), placeholderData: keepPreviousData })) });
  useEffect(() => {
    for (const block of [blocks[0]! - 1, blocks.at(-1)! + 1]) if (block >= 0) void client.prefetchQuery(blockQuery(workspaceId, stateId, view, block));
  }, [client, workspaceId, stateId, view, blocks]);
  const total = results.find((r) => r.data)?.data?.total ?? null;
  const row = (at: number): SheetRow | null => {
    const window = results[blocks.indexOf(Math.floor(at / BLOCK))]?.data;
    return window ? (rowsOf(window)[at - window.from] ?? null) : null;
  };
  return { row, total };
}
