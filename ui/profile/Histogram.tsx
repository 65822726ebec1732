'use client';

import { BarController, BarElement, CategoryScale, Chart, LinearScale, Tooltip } from 'chart.js';
import { useEffect, useRef } from 'react';
import { figure } from '../parts/api';
import { FAINT, FIGURES } from '../parts/theme';

Chart.register(BarController, BarElement, CategoryScale, LinearScale, Tooltip);

/** How values are spread over equal ranges, as bars; the figures stand beside it, and in words for those who cannot see it. */
export function Histogram({ bars, label }: { bars: readonly { readonly from: string; readonly count: number }[]; label: string }) {
  const canvas = useRef<HTMLCanvasElement>(null);
  useEffect(() => {
    const chart = new Chart(canvas.current!, {
      type: 'bar',
      data: { labels: bars.map((b) => b.from), datasets: [{ data: bars.map((b) => b.count), backgroundColor: '#8a8171', barPercentage: 1, categoryPercentage: 0.92 }] },
      options: {
        animation: false,
        maintainAspectRatio: false,
        plugins: { tooltip: { displayColors: false, callbacks: { title: ([item]) => `from ${item!.label}`, label: (item) => `${figure(item.parsed.y ?? 0)} rows` } } },
        scales: {
          x: { grid: { display: false }, ticks: { maxTicksLimit: 3, maxRotation: 0, color: FAINT, font: { family: FIGURES, size: 10 } } },
          y: { beginAtZero: true, border: { display: false }, grid: { color: '#ece5d6' }, ticks: { maxTicksLimit: 3, precision: 0, color: FAINT, font: { family: FIGURES, size: 10 } } },
        },
      },
    });
    return () => chart.destroy();
  }, [bars]);
  const most = bars.reduce((a, b) => (b.count > a.count ? b : a));
  return (
    <div style={{ height: 110, margin: '4px 0 8px' }}>
      <canvas ref={canvas} role="img" aria-label={`${label}: most, ${figure(most.count)} rows, from ${most.from}`} />
    </div>
  );
}
