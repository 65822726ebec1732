import { expect, test, type Page } from '@playwright/test';
import * as at from './page';
import { accessible, cell, drop as bring, line, sentences } from './page';

const may = `Lot,Site,Kg,Price,Status\n${Array.from({ length: 30 }, (_, i) => `L-${i + 1},${['Teal', 'Tael', 'Garden'][i % 3]},${i + 10},${i % 10 === 7 ? 'ask' : `€${(i % 5) + 1}.50`},${i % 6 ? 'accepted' : 'rejected'}`).join('\n')}\n`;

async function keep(page: Page, request: string): Promise<void> {
  const before = await sentences(page).count();
  if (!(await page.getByTestId('request').evaluate((el) => el === document.activeElement))) await page.keyboard.press('/');
  await expect(page.getByTestId('request')).toBeFocused();
  await page.keyboard.type(request);
  await expect(page.getByTestId('reading')).toContainText('read as');
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('proof')).toBeVisible();
  await page.keyboard.press('k');
  await expect(sentences(page)).toHaveCount(before + 1);
  await expect(page.getByTestId('sheet')).toBeVisible();
}

test('the whole review with the keyboard alone: look, hold, put right, check, sample, sign off', async ({ page }) => {
  await bring(page, may, 'may.csv');
  await accessible(page);
  await page.getByRole('button', { name: 'Take these rows' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('sheet')).toBeVisible();
  await accessible(page);
  await keep(page, 'turn price into numbers');
  await keep(page, 'drop the rejected ones');
  await keep(page, 'kg must be at most 38');
  await page.getByTestId('sheet').focus();

  // A cell is put right in the sheet; the cursor stays where it was.
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('e');
  await expect(page.getByLabel('What the cell holds instead')).toHaveValue('Tael');
  await page.keyboard.type('Teal');
  await page.keyboard.press('Enter');
  await expect(sentences(page)).toHaveCount(4);
  await expect(sentences(page).last()).toContainText('Put right Site by Lot: "L-2" from "Tael" to "Teal"');

  await page.getByTestId('sheet').focus();
  await page.keyboard.press('r');
  const review = page.getByTestId('review');
  await expect(review).toContainText('0 of 2 settled');
  await accessible(page);
  // The failing check comes first; its row is looked at, and the rest of the kind may stay so.
  const rows = page.getByTestId('review-rows');
  await expect(review).toContainText('breaks the rule');
  await expect(rows).toBeFocused();
  await page.keyboard.press('k');
  await expect(page.getByLabel('Looked at by')).toBeFocused();
  await page.keyboard.type('Ines Vale');
  await rows.focus();
  await page.keyboard.press('k');
  await expect(rows).toContainText('right');
  await page.keyboard.press('a');
  await expect(review).toContainText('1 of 2 settled');
  // The odd kind: one wrong row, taken back, then put on hold.
  await expect(review).toContainText('cannot be read so');
  await rows.focus();
  await page.keyboard.press('w');
  await expect(rows).toContainText('wrong');
  await page.keyboard.press('Backspace');
  await expect(rows).not.toContainText('wrong');
  await page.keyboard.press('h');
  await expect(page.getByTestId('balance')).toContainText('1 row on hold');

  // A sample: the number of rows follows from what is to be proved.
  await page.getByRole('button', { name: 'Draw a sample' }).focus();
  await page.keyboard.press('Enter');
  await expect(review).toContainText('24 rows of 25 must be looked at');
  await page.getByLabel('Another number of rows').focus();
  await page.keyboard.type('3');
  await accessible(page);
  await page.keyboard.press('Enter');
  await expect(review).toContainText('3 rows were drawn');
  await expect(rows).toBeFocused();
  await expect(rows.locator('tbody tr')).toHaveCount(3);
  for (const n of [1, 2, 3]) {
    await page.keyboard.press('k');
    await expect(review.getByText(new RegExp(`${n} of 3 looked at`))).toBeVisible();
  }
  await expect(review).toContainText('Of 3 drawn from 25, none is wrong');

  // The statement balances; signing off wants a reason for what is open.
  await page.getByRole('button', { name: 'The statement' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('statement')).toContainText('It balances');
  await accessible(page);
  await page.getByRole('button', { name: /^Sign off not yet/ }).focus();
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Sign off as Ines Vale' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('signoff')).toContainText('still open');
  await page.getByLabel('Why may this stay open?').focus();
  await page.keyboard.type('the price comes on Friday');
  await page.getByRole('button', { name: 'Sign off as Ines Vale' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('signoff')).toContainText('the table is as it was signed off');
  await accessible(page);
  await page.keyboard.press('Escape');
  await expect(page.getByTestId('sheet')).toBeVisible();
});

test('next month the brief runs on the new file, and only what is different is shown', async ({ page }) => {
  await bring(page, may, 'may again.csv');
  await page.getByRole('button', { name: 'Take these rows' }).click();
  await expect(page.getByTestId('sheet')).toBeVisible();
  await keep(page, 'turn price into numbers');
  await keep(page, 'kg must be at most 39');
  await page.goto('/');
  await accessible(page);
  const entry = page.getByRole('listitem').filter({ hasText: 'may again' });
  const [chooser] = await Promise.all([page.waitForEvent('filechooser'), entry.getByRole('button', { name: 'Run the brief on a new file' }).click()]);
  await chooser.setFiles({ name: 'june.csv', mimeType: 'text/csv', buffer: Buffer.from(may.replace('Lot,Site,Kg', 'Lot,Site,Weight kg').replace('L-9,Garden,18', 'L-9,Heath,90')) });
  await expect(page.getByRole('region', { name: 'How the columns are tied' })).toContainText('2 sentences, 4 columns found by name, 1 to say');
  await accessible(page);
  await page.getByRole('button', { name: 'Take these rows and run 2 sentences' }).click();
  const different = page.getByTestId('different');
  await expect(different).toContainText('a value never seen: “Heath”');
  await expect(different).toContainText('1 row breaks it; none did last time');
  await expect(different).toContainText('the highest value is 90; it was never above 39');
  await accessible(page);
  await page.keyboard.press('r');
  await expect(page.getByTestId('review')).toContainText('breaks the rule');
});

test('a table is handed off to PostgreSQL and copied', async ({ page, context }) => {
  await context.grantPermissions(['clipboard-read', 'clipboard-write']);
  await bring(page, may, 'handed.csv');
  await page.getByRole('button', { name: 'Take these rows' }).click();
  await expect(page.getByTestId('sheet')).toBeVisible();
  await page.getByRole('button', { name: 'Hand off' }).click();
  const dialog = page.getByRole('dialog');
  await accessible(page);
  await dialog.getByRole('button', { name: 'Write the table' }).click();
  await expect(dialog).toContainText('30 rows and 5 columns are in handoff.handed');
  await dialog.getByRole('button', { name: 'Markdown table' }).click();
  await expect(dialog).toContainText('30 rows copied');
  expect((await page.evaluate(() => navigator.clipboard.readText())).split('\n').slice(0, 3)).toEqual(['| Lot | Site | Kg | Price | Status |', '| --- | --- | ---: | --- | --- |', '| L-1 | Teal | 10 | €1.50 | rejected |']);
});

test('norms are pasted, read into bands, and rows are held against them', async ({ page }) => {
  await at.bring(page, 'Lot,Moisture,Grade\nL-1,16.2,A\nL-2,17.5,B\nL-3,21,B\n', 'lots.csv');
  await page.getByTestId('sheet').focus();
  await page.keyboard.press('r');
  await page.getByRole('button', { name: 'Read norms from a text' }).click();
  await page.getByLabel('Norms', { exact: true }).fill('Moisture: up to 17.5 % grade A, over 17.5 to 20 % grade B, over 20 % rejected. Ask the office.');
  await expect(page.getByTestId('norms-read').getByRole('row')).toHaveCount(4);
  await expect(page.getByText('1 line not read as a band')).toBeVisible();
  await accessible(page);
  await page.getByRole('button', { name: 'Keep as a table' }).click();
  await page.getByRole('button', { name: 'Say it' }).first().click();
  await expect(page.getByTestId('reading')).toContainText('read as');
  await line(page).press('Enter');
  await expect(page.getByTestId('proof')).toBeVisible();
  await page.keyboard.press('k');
  await expect(cell(page, 1, 3)).toHaveText('A');
  await expect(cell(page, 1, 4)).toHaveText('no');
  await expect(cell(page, 2, 3)).toHaveText('rejected');
});

test('the rows of a kind are seen by their forms, in the proof and in the review, by keys', async ({ page }) => {
  await at.bring(page, `Lot,Price\n${Array.from({ length: 40 }, (_, i) => `L-${i + 1},${i < 3 ? 'on request' : i < 6 ? 'n/a' : `€${i}.50`}`).join('\n')}\n`, 'lots.csv');
  await line(page).fill('turn price into numbers');
  await expect(page.getByTestId('reading')).toContainText('read as');
  await line(page).press('Enter');
  await expect(page.getByTestId('proof')).toContainText('cannot be read so');
  await page.keyboard.press('f');
  await expect(page.getByTestId('forms').getByRole('button')).toHaveText(['3 like on request', '3 like n/a']);
  await page.getByTestId('forms').getByRole('button').first().click();
  await page.getByRole('button', { name: 'Hold these 3' }).click();
  await expect(page.getByTestId('proof')).toContainText('3 holds noted');
  await accessible(page);
  await page.getByRole('button', { name: 'Hold these 3' }).click();
  await page.getByTestId('proof').focus();
  await page.keyboard.press('k');
  await expect(sentences(page)).toHaveCount(1);
  await page.getByTestId('sheet').focus();
  await page.keyboard.press('r');
  await expect(page.getByTestId('review-rows').getByRole('row')).toHaveCount(7);
  await page.getByTestId('review-rows').focus();
  await page.keyboard.press('f');
  await page.getByTestId('forms').getByRole('button').first().click();
  await expect(page.getByTestId('review-rows').getByRole('row')).toHaveCount(4);
  await expect(page.getByRole('button', { name: 'Hold 3' })).toBeVisible();
  await accessible(page);
});
