import { chromium } from '@playwright/test';

/** What a person waits for in the page: the first paint of the bench, and the longest stall while a large sheet scrolls. */
export interface PageFigures {
  readonly paintMs: number;
  readonly longestTaskMs: number;
  readonly blankRows: number;
}

/** Opens the bench of two workspaces in Chromium: the demo for its first paint, the large one for scrolling. */
export async function pageFigures(base: string, demoId: number, largeId: number): Promise<PageFigures> {
  const browser = await chromium.launch({ executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium', args: ['--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking', '--disable-component-update', '--disable-sync'] });
  try {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
    await page.goto(`${base}/w/${demoId}`);
    const paints: number[] = [];
    for (let i = 0; i < 3; i++) {
      const from = Date.now();
      await page.goto(`${base}/w/${demoId}`, { waitUntil: 'commit' });
      await page.locator('[role=gridcell], [data-testid=proof]').first().waitFor();
      paints.push(Date.now() - from);
    }
    await page.goto(`${base}/w/${largeId}`);
    await page.locator('[role=gridcell]').first().waitFor();
    await page.waitForTimeout(1_000);
    await browser.startTracing(page, { categories: ['devtools.timeline', 'disabled-by-default-devtools.timeline', 'toplevel', '__metadata'] });
    const sheet = page.getByTestId('sheet');
    await sheet.hover();
    for (let i = 0; i < 40; i++) {
      await page.mouse.wheel(0, 700);
      await page.waitForTimeout(40);
    }
    const blanks: number[] = [];
    for (const share of [0.25, 0.5, 0.75]) {
      await sheet.evaluate((element, to) => { element.scrollTop = element.scrollHeight * to; }, share);
      await page.waitForTimeout(400);
      blanks.push(await page.getByRole('gridcell', { name: '·', exact: true }).count());
    }
    const trace = JSON.parse((await browser.stopTracing()).toString()) as { traceEvents: { name: string; dur?: number; ph: string; tid: number; pid: number; args?: { name?: string } }[] };
    const main = trace.traceEvents.filter((e) => e.name === 'thread_name' && e.args?.name === 'CrRendererMain').map((e) => `${e.pid}/${e.tid}`);
    const tasks = trace.traceEvents.filter((e) => (e.name === 'RunTask' || e.name === 'ThreadControllerImpl::RunTask') && e.dur && main.includes(`${e.pid}/${e.tid}`)).map((e) => e.dur! / 1000);
    console.log(`       longest tasks: ${[...tasks].sort((a, b) => b - a).slice(0, 6).map((t) => t.toFixed(0)).join(', ')} ms`);
    if (tasks.length === 0) throw new Error('The trace holds no tasks of the page.');
    return { paintMs: paints.sort((a, b) => a - b)[1]!, longestTaskMs: Math.max(0, ...tasks), blankRows: Math.max(...blanks) };
  } finally {
    await browser.close();
  }
}
