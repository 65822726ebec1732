import { expect, test } from '@playwright/test';
import { accessible, bring, cell, keep, line, sentences } from './page';

const LOTS = `Lot,Site,Gross kg,Crate kg,Paid
L-1,Teal,12.5,2.1,1204.5
L-2,Teal,6,1,88
L-3,Heath,9,1.5,-15.25
L-4,Heath,1,1.4,40
`;

test('numbers are shown and cells marked as said, and the values stay as they are', async ({ page }) => {
  await bring(page, LOTS, 'lots.csv');
  await keep(page, 'show paid with two decimals, thousands apart and negative numbers in brackets');
  await expect(cell(page, 0, 4)).toHaveText('1\u202f204.50');
  await expect(cell(page, 2, 4)).toHaveText('(15.25)');
  await keep(page, 'mark gross kg above 10 in the kept colour, below 5 in the held one');
  await expect(cell(page, 0, 2).getByRole('img', { name: 'marked, kept' })).toBeVisible();
  await expect(cell(page, 3, 2).getByRole('img', { name: 'marked, on hold' })).toBeVisible();
  await expect(cell(page, 1, 2).getByRole('img')).toHaveCount(0);
  // What is put right by hand is the value, not how it is shown.
  await cell(page, 0, 4).click();
  await page.keyboard.press('e');
  await expect(page.getByLabel('What the cell holds instead')).toHaveValue('1204.5');
  await page.keyboard.press('Escape');
  await page.getByRole('columnheader', { name: /Gross kg/ }).click();
  await expect(page.getByText('Marked where Gross kg is more than 10')).toBeVisible();
});

test('an unlikely result comes first in the proof; the formula is changed in the row card, with the row’s own numbers', async ({ page }) => {
  await bring(page, LOTS, 'lots.csv');
  await line(page).fill('add Net kg: gross kg minus crate kg');
  await expect(page.getByTestId('reading')).toContainText('read as');
  await line(page).press('Enter');
  await expect(page.getByTestId('proof')).toContainText('below nought');
  await page.keyboard.press('k');
  await expect(cell(page, 0, 5)).toHaveText('10.4');

  await page.getByTestId('sheet').focus();
  await page.keyboard.press('Home');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'change the formula' }).click();
  const formula = page.getByLabel('The formula of Net kg');
  await expect(formula).toHaveValue('Gross kg minus Crate kg');
  await formula.fill('gross kg minus twice the crate kg');
  await expect(page.getByTestId('formula-worked')).toContainText('8.3');
  await accessible(page);
  await formula.press('Enter');
  await expect(page.getByTestId('proof')).toBeVisible();
  await page.keyboard.press('k');
  await expect(cell(page, 0, 5)).toHaveText('8.3');
  await expect(sentences(page)).toHaveCount(1);

  // How many cells changed is said; which, and how the table was, is one click away.
  await expect(page.getByText('4 cells changed: Net kg 4.')).toBeVisible();
  await page.getByRole('button', { name: 'See which' }).click();
  await expect(page.getByTestId('compare')).toContainText('another number');
  await expect(page.getByTestId('compare')).toContainText('10.4');
  await accessible(page);
  await page.getByRole('button', { name: 'See the table as it was' }).click();
  await expect(cell(page, 0, 5)).toHaveText('10.4');
  await page.getByRole('button', { name: 'Back to now' }).click();
  await expect(cell(page, 0, 5)).toHaveText('8.3');
});

test('an answer is kept as a table that stays live, worked on, and taken back by undo', async ({ page }) => {
  await bring(page, LOTS, 'lots.csv');
  await line(page).fill('total gross kg by site');
  await expect(page.getByTestId('reading')).toContainText('read as');
  await line(page).press('Enter');
  await expect(page.getByTestId('answer')).toBeVisible();
  await page.keyboard.press('k');
  await page.getByLabel('as a live table called').fill('By site');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('tab', { name: /By site/ })).toHaveAttribute('aria-selected', 'true');
  await expect(cell(page, 0, 1)).toHaveText('18.5');
  await keep(page, 'sort by site');
  await expect(cell(page, 0, 0)).toHaveText('Heath');

  // A change of the table it is about changes the answer.
  await page.getByRole('tab', { name: /^lots/ }).click();
  await keep(page, 'drop the lots with a gross kg under 5');
  await page.getByRole('tab', { name: /By site/ }).click();
  await expect(cell(page, 0, 1)).toHaveText('9');
  for (let i = 0; i < 3; i++) await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('tab', { name: /By site/ })).toHaveCount(0);
});

test('a try-out goes its own way from a sentence on, is compared with the brief, and is taken over', async ({ page }) => {
  await bring(page, LOTS, 'lots.csv');
  await keep(page, 'add Net kg: gross kg minus crate kg');
  await keep(page, 'round net kg to whole numbers');
  await sentences(page).first().getByRole('button').first().click();
  await expect(page.getByTestId('proof')).toContainText('what this sentence did');
  await page.keyboard.press('t');
  await page.getByLabel('a try-out called').fill('two decimals');
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('tryout')).toContainText('two decimals');
  await expect(sentences(page)).toHaveCount(1);
  await keep(page, 'double the net kg');
  await expect(cell(page, 0, 5)).toHaveText('20.8');
  await page.getByTestId('tryout').getByRole('button', { name: 'Compare' }).click();
  await expect(page.getByTestId('compare')).toContainText('Compared with the try-out');
  await expect(page.getByTestId('compare')).toContainText('4 cells changed: Net kg 4.');
  await accessible(page);
  await page.keyboard.press('Escape');

  await page.getByRole('button', { name: 'Back to the brief' }).click();
  await expect(cell(page, 0, 5)).toHaveText('10');
  await expect(sentences(page)).toHaveCount(2);
  await page.getByRole('button', { name: 'Open the try-out two decimals' }).click();
  await page.getByRole('button', { name: 'Take it over' }).click();
  await expect(page.getByTestId('tryout')).toHaveCount(0);
  await expect(cell(page, 0, 5)).toHaveText('20.8');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(cell(page, 0, 5)).toHaveText('10');

  // Back to an earlier point, and forth again.
  await sentences(page).first().getByRole('button').first().click();
  await expect(page.getByTestId('proof')).toContainText('what this sentence did');
  await page.keyboard.press('b');
  await expect(sentences(page)).toHaveCount(1);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(sentences(page)).toHaveCount(2);
});
