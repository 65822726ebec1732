'use client';

import { Box, Button } from '@mui/material';
import { BarController, BarElement, CategoryScale, Chart, Legend, LinearScale, LineController, LineElement, PointElement, ScatterController, Tooltip, type ChartConfiguration } from 'chart.js';
import { useEffect, useRef, useState } from 'react';
import { chartFor, chartWords, drawn, type ChartKind, type ChartPlan } from '../../core/charts/choose';
import type { AnswerTable } from '../../core/steps/step';
import { amount } from '../parts/api';
import { FAINT, FIGURES, INK, PAPER, RULE } from '../parts/theme';

Chart.register(BarController, BarElement, CategoryScale, Legend, LinearScale, LineController, LineElement, PointElement, ScatterController, Tooltip);

/** Ink of the series: told apart by lightness and by the dashes or marks, not by hue alone. */
const INKS = ['#4d4636', '#b5893a', '#8f8a7c', '#6b4f7d', '#7c9a92', '#d0bd8f', '#3d5a5a', '#b9ae95'];
const DASHES = [[], [6, 3], [2, 2], [8, 3, 2, 3], [12, 4], [4, 4], [1, 3], [10, 2, 2, 2]];
const MARKS = ['circle', 'rect', 'triangle', 'rectRot', 'cross', 'star', 'crossRot', 'dash'] as const;
const KINDS: readonly (readonly [ChartKind, string])[] = [['bars', 'as bars'], ['line', 'as a line'], ['points', 'as points']];

/** A picture of an answer beside its table; changed with a word, taken away as PNG. */
export function AnswerChart({ answer, name }: { answer: AnswerTable; name: string }) {
  const [wanted, setWanted] = useState<ChartKind | null>(null);
  const plan = chartFor(answer, wanted);
  const canvas = useRef<HTMLCanvasElement>(null);
  const chart = useRef<Chart | null>(null);
  useEffect(() => {
    if (!plan) return;
    const made = (chart.current = new Chart(canvas.current!, configuration(answer, plan)));
    return () => made.destroy();
    // The plan follows from these.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [answer, wanted]);
  if (!chartFor(answer)) return null;
  const kinds = KINDS.filter(([kind]) => chartFor(answer, kind) !== null);
  const save = (): void => {
    const link = document.createElement('a');
    link.href = chart.current!.toBase64Image('image/png', 1);
    link.download = `${name.replace(/[^\w -]+/g, ' ').trim() || 'answer'}.png`;
    link.click();
  };
  return (
    <Box component="figure" sx={{ m: 0, mt: 1, flex: '1 1 400px', maxWidth: 720, minWidth: 0 }}>
      <Box sx={{ height: 250 }}>{plan && <canvas key={`${wanted}`} ref={canvas} role="img" aria-label={chartWords(answer, plan)} data-testid="chart" />}</Box>
      <Box component="figcaption" sx={{ display: 'flex', gap: 1, alignItems: 'center', fontSize: 12, color: FAINT }}>
        {kinds.map(([kind, words]) => <Button key={kind} size="small" sx={{ py: 0 }} aria-pressed={plan !== null && shownAs(plan) === kind} onClick={() => setWanted(kind)}>{words}</Button>)}
        <Button size="small" sx={{ py: 0, ml: 'auto' }} onClick={save}>Save as PNG</Button>
      </Box>
    </Box>
  );
}

const shownAs = (plan: ChartPlan): ChartKind => (plan.kind === 'points' ? 'points' : plan.kind === 'line' || plan.kind === 'lines' ? 'line' : 'bars');

function configuration(answer: AnswerTable, plan: ChartPlan): ChartConfiguration {
  const font = { family: FIGURES, size: 11 };
  const scale = (title: string, grid: boolean) => ({ title: { display: true, text: title, color: FAINT, font }, ticks: { color: FAINT, font, callback: grid ? (v: string | number) => amount(Number(v)) : undefined }, grid: { display: grid, color: '#ece5d6' }, border: { color: RULE } });
  // A picture that is taken away stands on paper.
  const paper = { id: 'paper', beforeDraw: ({ ctx, width, height }: Chart) => { ctx.save(); ctx.fillStyle = PAPER; ctx.fillRect(0, 0, width, height); ctx.restore(); } };
  const common = { animation: false as const, maintainAspectRatio: false, devicePixelRatio: 2 };
  if (plan.kind === 'points') {
    const points = answer.rows.flatMap((r) => (typeof r[plan.x] === 'number' && typeof r[plan.y] === 'number' ? [{ x: r[plan.x] as number, y: r[plan.y] as number, name: plan.label === null ? '' : String(r[plan.label] ?? 'blank') }] : []));
    return {
      type: 'scatter',
      data: { datasets: [{ data: points, backgroundColor: INKS[0], pointRadius: 3 }] },
      options: { ...common, plugins: { legend: { display: false }, tooltip: { displayColors: false, callbacks: { label: (item) => { const p = item.raw as (typeof points)[number]; return `${p.name ? `${p.name}: ` : ''}${amount(p.x)}, ${amount(p.y)}`; } } } }, scales: { x: scale(answer.columns[plan.x]!, true), y: scale(answer.columns[plan.y]!, true) } },
      plugins: [paper],
    } as ChartConfiguration;
  }
  const { labels, series } = drawn(answer, plan);
  const line = plan.kind === 'line' || plan.kind === 'lines';
  const value = series.length === 1 ? series[0]!.name : plan.kind === 'grouped' || plan.kind === 'lines' ? answer.columns[plan.value]! : '';
  return {
    type: line ? 'line' : 'bar',
    data: { labels: [...labels], datasets: series.map((s, i) => ({ label: s.name, data: [...s.values], backgroundColor: INKS[i], borderColor: INKS[i], borderWidth: line ? 1.75 : 0, borderDash: DASHES[i], pointStyle: MARKS[i], pointRadius: line ? 3 : 0, maxBarThickness: 46 })) },
    options: {
      ...common,
      plugins: { legend: { display: series.length > 1, position: 'top', align: 'start', labels: { usePointStyle: true, color: INK, font, boxHeight: 6 } }, tooltip: { callbacks: { label: (item) => `${item.dataset.label}: ${amount(Number(item.raw))}` } } },
      scales: { x: { ...scale(answer.columns[plan.label]!, false), ticks: { color: FAINT, font, maxRotation: 40 } }, y: { ...scale(value, true), beginAtZero: !line } },
    },
    plugins: [paper],
  } as ChartConfiguration;
}
