import { expect, test } from '@playwright/test';
import { bring, faultsOf, line, sentences } from './page';

test('another file stands beside the first, under a name of its own, and is looked into though its names are spelled otherwise', async ({ page }) => {
  const faults = faultsOf(page);
  await bring(page, 'Lot,Keeper,Kg\nL-1, ada  FERN,42.5\nL-2,tobias brook,61\nL-3,ODILE MARSH,28.4\n', 'lots.csv');
  const KEEPERS = 'Name,Town\n"Fern, Ada",Upper Teal\n"Brook, Tobias",Heath\n"Marsh, Odile",Quarry\n';
  for (const name of ['keepers.csv', 'keepers.csv']) {
    await page.getByLabel('File beside these', { exact: true }).setInputFiles({ name, mimeType: 'text/csv', buffer: Buffer.from(KEEPERS) });
    await expect(page.getByRole('heading', { name: /What was found in keepers/ })).toBeVisible();
    await expect(page.getByLabel('Stands in')).toContainText('lots');
    await page.getByRole('button', { name: 'Take these rows' }).click();
    await expect(page.getByTestId('sheet')).toBeVisible();
  }
  await expect(page.getByRole('tab')).toHaveText([/^lots/, /^keepers 3/, /^keepers 2 3/]);
  await line(page).fill('add the town from keepers 2. There the surname comes first, and capitals differ');
  await expect(page.getByTestId('reading')).toContainText('read as');
  await line(page).press('Enter');
  await expect(page.getByTestId('proof')).toContainText('found in another spelling');
  await expect(page.getByTestId('proof')).toContainText('Upper Teal');
  await page.keyboard.press('k');
  await expect(page.getByTestId('proof')).toBeHidden();
  await expect(sentences(page)).toHaveCount(1);
  expect(faults).toEqual([]);
});
