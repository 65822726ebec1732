import { expect, test } from '@playwright/test';
import { accessible, bring, cell, drop, keep, line, sentences } from './page';

const MEMBERS = `Member,Mail,Site,Kg
"Fern, Ada",ada@hive.example,13 - Garden,12
"Brook, Tobias",tobias@hive.example,4 - Mill Field,7
Ines Vale,ines@comb.example,Garden,3
"Marsh, Odile",odile@comb.example,9 - Heath Edge,5
`;

let faults: string[] = [];
test.beforeEach(({ page }) => {
  faults = [];
  page.on('pageerror', (e) => faults.push(e.message));
});
test.afterEach(() => expect(faults).toEqual([]));

test('what seems to be about persons is pointed out before a file is taken in', async ({ page }) => {
  await drop(page, MEMBERS, 'members.csv');
  await expect(page.getByTestId('persons')).toContainText('About persons, it seems: Member, Mail.');
});

test('columns are hidden in words, and shown again from the line below', async ({ page }) => {
  await bring(page, MEMBERS, 'members.csv');
  await keep(page, 'hide the mail column');
  await expect(page.getByRole('columnheader', { name: /^Mail/ })).toHaveCount(0);
  await expect(cell(page, 0, 1)).toHaveText('13 - Garden');
  await page.getByRole('button', { name: '1 column out of sight' }).click();
  await expect(line(page)).toHaveValue('Show ‹Mail› again.');
  await line(page).press('Enter');
  await expect(page.getByTestId('proof')).toBeVisible();
  await page.keyboard.press('k');
  await expect(cell(page, 0, 1)).toHaveText('ada@hive.example');
});

test('what is about persons is covered on every page, and uncovered again; the key can be thrown away', async ({ page }) => {
  await bring(page, MEMBERS, 'members.csv');
  await page.getByRole('button', { name: 'Columns' }).click();
  await page.getByRole('button', { name: 'Cover what is about persons (Member, Mail)' }).click();
  await expect(page.getByRole('button', { name: '● Covered mode is on' })).toBeVisible();
  await expect(page.getByTestId('profile')).not.toContainText('Fern');
  await accessible(page);
  await page.keyboard.press('Escape');
  await expect(cell(page, 0, 0)).not.toContainText('Ada');
  await expect(cell(page, 0, 0)).toContainText(',');
  await expect(cell(page, 0, 2)).toHaveText('13 - Garden');
  await line(page).fill('put member in capitals');
  await line(page).press('Enter');
  await expect(page.getByTestId('proof')).toBeVisible();
  await expect(page.getByTestId('proof')).not.toContainText(/fern|ada/i);
  await page.keyboard.press('k');
  await expect(sentences(page)).toHaveCount(1);
  await page.getByRole('button', { name: '● covered' }).click();
  await page.getByRole('button', { name: '● Covered mode is on' }).click();
  await page.getByRole('button', { name: 'Throw away' }).click();
  await page.getByRole('button', { name: 'Throw it away' }).click();
  await expect(page.getByTestId('covering')).toContainText('thrown away');
  await page.keyboard.press('Escape');
  await expect(cell(page, 0, 0)).toHaveText('FERN, ADA');
  await line(page).fill('mask member with tokens');
  await line(page).press('Enter');
  await expect(page.getByText(/These masks need a key/)).toBeVisible();
});

test('a new column is shown by example, by the keyboard: the shape that is least sure is asked about', async ({ page }) => {
  await bring(page, MEMBERS, 'members.csv');
  await cell(page, 0, 0).click();
  await page.keyboard.press('x');
  const place = page.getByTestId('by-example');
  const wish = (of: string) => place.getByLabel(`What you wish for ${of}`);
  await wish('Fern, Ada').fill('A. Fern');
  await expect(place).toContainText('Least sure about “Ines Vale”');
  await expect(place).toContainText('Add Member rewritten as');
  await accessible(page);
  await wish('Ines Vale').fill('I. Vale');
  await place.getByLabel('Name of the new column').fill('Short');
  await expect(place).toContainText('Add Short as');
  await page.keyboard.press('Control+Enter');
  await expect(page.getByTestId('proof')).toBeVisible();
  await page.keyboard.press('k');
  await expect(sentences(page)).toHaveCount(1);
  for (const [row, text] of ['A. Fern', 'T. Brook', 'I. Vale', 'O. Marsh'].entries()) await expect(cell(page, row, 4)).toHaveText(text);
});

test('what a kind leaves open is asked once for all of its rows: the order of day and month, and what is nearly the same', async ({ page }) => {
  await bring(page, 'Lot,Sent,Town\nL-1,03/04/2025 x,Harbour\nL-2,05/06/2025,Harbor\nL-3,07/08/2025,Harbour\n', 'lots.csv');
  await line(page).fill('Turn ‹Sent› into dates.');
  await line(page).press('Enter');
  await expect(page.getByTestId('proof')).toContainText('Which comes first here?');
  await page.getByRole('button', { name: 'The month' }).click();
  await expect(page.getByTestId('proof')).toContainText('the month before the day');
  await expect(page.getByTestId('proof')).not.toContainText('Which comes first here?');
  await page.getByRole('button', { name: /^Keep/ }).click();
  await expect(cell(page, 1, 1)).toHaveText('2025-05-06');
  await line(page).fill('Replace cells that are "Harbour" in ‹Town› with "Quay".');
  await line(page).press('Enter');
  await page.getByTestId('proof').getByRole('button', { name: 'Harbor', exact: true }).click();
  await expect(page.getByTestId('proof')).toContainText('"Harbour" or "Harbor"');
  await page.getByRole('button', { name: /^Keep/ }).click();
  await expect(cell(page, 1, 2)).toHaveText('Quay');
});
