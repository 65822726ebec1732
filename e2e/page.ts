import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { expect, type Page } from '@playwright/test';

/* What tests of the page do over and over. */

const AXE = readFileSync(createRequire(__filename).resolve('axe-core/axe.min.js'), 'utf8');

/** Nothing serious that axe finds on the page as it is. */
export async function accessible(page: Page): Promise<void> {
  await page.evaluate(AXE);
  const serious = await page.evaluate(async () => {
    const { violations } = await (window as unknown as { axe: { run: (options: object) => Promise<{ violations: { id: string; impact: string; nodes: { html: string }[] }[] }> } }).axe.run({ resultTypes: ['violations'] });
    return violations.filter((v) => v.impact === 'serious' || v.impact === 'critical').map((v) => `${v.id}: ${v.nodes.slice(0, 3).map((n) => n.html.slice(0, 160)).join(' | ')}`);
  });
  expect(serious).toEqual([]);
}

/** What the page complains of from now on; answers that a person is told of on the page are none. */
export function faultsOf(page: Page): string[] {
  const faults: string[] = [];
  page.on('pageerror', (e) => faults.push(e.message));
  page.on('console', (m) => m.type() === 'error' && !/409|422|503/.test(m.text()) && faults.push(`${m.text()} at ${m.location().url}`));
  return faults;
}

/** Brings a file as far as what was found in it. */
export async function drop(page: Page, text: string, name: string): Promise<void> {
  await page.goto('/');
  // A file that is chosen before the page is alive is lost.
  await expect(page.getByText('Looking …')).toBeHidden();
  await page.getByLabel('File', { exact: true }).setInputFiles({ name, mimeType: 'text/csv', buffer: Buffer.from(text) });
  await expect(page.getByRole('heading', { name: /What was found/ })).toBeVisible();
}

/** Brings a file into a workspace of its own. */
export async function bring(page: Page, text: string, name: string): Promise<void> {
  await drop(page, text, name);
  await page.getByRole('button', { name: 'Take these rows' }).click();
  await expect(page.getByTestId('sheet')).toBeVisible();
}

export const line = (page: Page) => page.getByTestId('request');
export const sentences = (page: Page) => page.getByTestId('sentence');
export const cell = (page: Page, row: number, column: number) => page.locator(`#cell-${row}-${column}`);

/** Says a request and keeps it, by keyboard alone. */
export async function keep(page: Page, request: string): Promise<void> {
  const before = await sentences(page).count();
  await line(page).fill(request);
  await expect(page.getByTestId('reading')).toContainText('read as');
  await line(page).press('Enter');
  await expect(page.getByTestId('proof')).toBeVisible();
  await page.keyboard.press('k');
  await expect(page.getByTestId('proof')).toBeHidden();
  expect(await sentences(page).count()).toBeGreaterThan(before);
}
