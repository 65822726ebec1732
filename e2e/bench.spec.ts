import { expect, test } from '@playwright/test';
import { bring as bringFile, cell, keep, line, sentences, faultsOf } from './page';

const bring = (page: Parameters<typeof bringFile>[0], text = CSV, name = 'lots.csv'): Promise<void> => bringFile(page, text, name);

const CSV = `Lot,Keeper,Site,Kg,Hives,Status
L-1, ada  FERN,12 - Orchard,42.5,6,accepted
L-2,tobias brook,4 - Mill Field,61,0,rejected
L-3,ODILE MARSH,Garden,28.4,4,accepted
L-4,<b>Ike</b>,9 - Garden,,3,cancelled
`;

let faults: string[] = [];
test.beforeEach(({ page }) => {
  faults = faultsOf(page);
});
test.afterEach(() => expect(faults).toEqual([]));

test('a messy file comes in, is said clean, looked after and taken away', async ({ page }) => {
  await bring(page);
  await expect(cell(page, 0, 1)).toHaveText(' ada  FERN');
  await expect(page.locator('b', { hasText: 'Ike' })).toHaveCount(0);

  await keep(page, 'trim the keeper and make it title case');
  await expect(cell(page, 0, 1)).toHaveText('Ada Fern');

  // A proof: odd kinds first, the old value above the new; a row is held with one key.
  await line(page).fill('split site at the dash into Hive no and Place');
  await line(page).press('Enter');
  await line(page).press('Enter');
  const proof = page.getByTestId('proof');
  await expect(proof).toContainText('no dash: left whole');
  await expect(proof).toContainText('4 rows in = 4 out');
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('h');
  await expect(proof.getByRole('button', { name: /held/ })).toBeVisible();
  await page.keyboard.press('k');
  await expect(sentences(page)).toHaveCount(2);
  await expect(page.getByTestId('balance')).toContainText('1 row on hold');

  await keep(page, 'drop the cancelled ones');
  await expect(page.getByTestId('balance')).toContainText('4 rows brought in = 3 now + 1 set aside');
  await keep(page, 'add a column Yield: kg divided by hives, 2 decimals');
  await expect(sentences(page)).toHaveCount(4);

  // What is on hold is listed, gets a note, and is settled.
  await page.getByTestId('balance').getByRole('button', { name: /on hold/ }).click();
  const review = page.getByTestId('review');
  await review.getByRole('button', { name: /on hold/ }).click();
  await page.getByLabel('Note').fill('ask Odile');
  await page.getByLabel('Note').press('Enter');
  await review.getByRole('button', { name: /^Settle/ }).click();
  await expect(page.getByTestId('balance')).toContainText('0 rows on hold');
  await page.keyboard.press('Escape');
  await expect(page.getByTestId('sheet')).toBeVisible();

  const download = async (name: string): Promise<string> => {
    await page.getByRole('button', { name: 'Hand off' }).click();
    const [file] = await Promise.all([page.waitForEvent('download'), page.getByRole('dialog').getByRole('link', { name, exact: true }).click()]);
    await page.keyboard.press('Escape');
    await expect(page.getByRole('dialog')).toBeHidden();
    const stream = await file.createReadStream();
    let text = '';
    for await (const chunk of stream) text += chunk;
    return text;
  };
  const csv = await download('CSV');
  expect(csv.split('\r\n')[0]).toBe('Lot,Keeper,Site,Hive no,Place,Kg,Hives,Status,Yield');
  expect(csv.split('\r\n')[1]).toBe('L-1,Ada Fern,12 - Orchard,12,Orchard,42.5,6,accepted,7.08');
  expect(await download('The file as it came')).toBe(CSV);
  expect(await download('Record, Markdown')).toContain('rows in 4, out 3, set aside 1');
  expect(JSON.parse(await download('JSON'))).toHaveLength(3);
});

test('the reading ties words to columns, strikes what was not used, and asks with one key', async ({ page }) => {
  await bring(page, 'Code,List price,Floor price\nA,11,10\nB,9,8\n', 'prices.csv');
  await line(page).fill('throw out everything with a price under 10');
  await expect(page.getByTestId('reading')).toContainText('Which is meant?');
  await line(page).press('Alt+2');
  await expect(page.getByTestId('proof')).toBeVisible();
  await page.keyboard.press('Escape');
  await line(page).fill('round the list price to 1 decimal');
  await expect(page.getByTestId('reading').locator('sup', { hasText: 'a' })).toBeVisible();
  await expect(page.getByRole('columnheader', { name: /a\s*List price/ })).toBeVisible();
  await line(page).fill('drop the sugar content');
  await expect(page.getByTestId('reading')).toContainText('Not understood');
  await line(page).press('Enter');
  await expect(page.getByTestId('proof')).toBeHidden();
});

test('undo, redo, editing in place and dropping from the middle', async ({ page }) => {
  await bring(page);
  await keep(page, 'add a column Double: kg times 2');
  await keep(page, 'add a column More: double plus 1');
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(sentences(page)).toHaveCount(1);
  await page.getByRole('button', { name: /^Redo/ }).click();
  await expect(sentences(page)).toHaveCount(2);

  await sentences(page).first().hover();
  await page.getByRole('button', { name: 'Edit sentence 1' }).click();
  await line(page).fill('Add ‹Double› as ‹Kg› times 3.');
  await expect(page.getByTestId('reading')).toContainText('times 3');
  await line(page).press('Enter');
  await expect(page.getByTestId('proof')).toBeVisible();
  await page.keyboard.press('k');
  await expect(sentences(page).first()).toContainText('times 3');
  await expect(page.getByTestId('balance')).toContainText('Σ More 398.7');

  await sentences(page).first().hover();
  await page.getByRole('button', { name: 'Drop sentence 1' }).click();
  await expect(page.getByRole('dialog')).toContainText('Sentence 1 cannot run then');
  await page.getByRole('button', { name: 'Leave it' }).click();
  await expect(sentences(page)).toHaveCount(2);
});

test('the sheet is moved through by keyboard, and a row opens as a card', async ({ page }) => {
  await bring(page, `n,t\n${Array.from({ length: 5_000 }, (_, i) => `${i + 1},row ${i + 1}`).join('\n')}\n`, 'many.csv');
  const sheet = page.getByTestId('sheet');
  await sheet.focus();
  await page.keyboard.press('Control+End');
  await expect(page.getByRole('gridcell', { name: 'row 5000' })).toBeVisible();
  await page.keyboard.press('PageUp');
  await page.keyboard.press('Control+Home');
  await expect(page.getByRole('gridcell', { name: 'row 1', exact: true })).toBeVisible();
  expect(await page.getByRole('row').count()).toBeGreaterThanOrEqual(41);
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('card')).toContainText('Row 2');
  await page.keyboard.press('Escape');
  await expect(page.getByTestId('card')).toBeHidden();
  await page.getByLabel('Look for a value').fill('row 4321');
  await page.getByLabel('Look for a value').press('Enter');
  await expect(page.getByRole('gridcell', { name: 'row 4321' })).toBeVisible();
});

test('two tabs: the second sees the change of the first, and an old proof is not applied', async ({ page, context }) => {
  await bring(page);
  const other = await context.newPage();
  await other.goto(page.url());
  await line(other).fill('drop the rejected ones');
  await expect(other.getByTestId('reading')).toContainText('read as');
  await line(other).press('Enter');
  await expect(other.getByTestId('proof')).toBeVisible();
  await keep(page, 'drop the hives column');
  await expect(sentences(other)).toHaveCount(1, { timeout: 10_000 });
  await expect(other.getByTestId('proof')).toBeHidden();
  await expect(other.getByText('changed in another place')).toBeVisible();
  await line(other).press('Enter');
  await expect(other.getByTestId('proof')).toBeVisible();
  await other.keyboard.press('k');
  await expect(sentences(page)).toHaveCount(2, { timeout: 10_000 });
});

test('a file that cannot be taken is refused with the reason; pasted rows are taken', async ({ page }) => {
  await page.goto('/');
  await page.getByLabel('File', { exact: true }).setInputFiles({ name: 'x.csv', mimeType: 'text/csv', buffer: Buffer.from([0x50, 0x4b, 3, 4, 0, 0, 1, 2]) });
  await expect(page.getByText('not a text file')).toBeVisible();
  await page.getByRole('button', { name: 'Back to the desk' }).click();
  await page.getByRole('button', { name: 'Paste rows' }).click();
  await page.getByLabel('Rows to take in').fill('Lot\tKg\nL-1\t2.5\nL-2\tx\n');
  await page.getByRole('button', { name: 'Take these rows' }).click();
  await expect(page.getByLabel('Type of Kg')).toBeVisible();
  await page.getByLabel('Type of Kg').selectOption('decimal');
  await page.getByRole('button', { name: 'Take these rows' }).click();
  await expect(page.getByRole('gridcell', { name: 'x' })).toBeVisible();
});

test('the demo opens with real work: a request in proof, rows on hold', async ({ page }) => {
  await page.goto('/');
  const link = page.getByRole('link', { name: /Upper Teal/ });
  await expect(page.getByText('rows on hold').first()).toBeVisible();
  await link.click();
  await expect(page.getByTestId('proof')).toBeVisible();
  await expect(sentences(page)).toHaveCount(7);
});

test('a question is answered with a table, gone on with, and changes nothing', async ({ page }) => {
  await bring(page);
  await line(page).fill('how many lots per status?');
  await expect(page.getByTestId('reading')).toContainText('Answer');
  await line(page).press('Enter');
  const answer = page.getByTestId('answer');
  await expect(answer.getByRole('row', { name: /accepted 2/ })).toBeVisible();
  await expect(page.getByRole('button', { name: /^Keep\s*K$/ })).toHaveCount(0);
  await line(page).fill('total kg as well');
  await line(page).press('Enter');
  await line(page).press('Enter');
  await expect(answer.getByRole('row', { name: /accepted 2 70.9/ })).toBeVisible();
  await expect(sentences(page)).toHaveCount(0);
  await page.keyboard.press('Escape');
  await expect(page.getByTestId('sheet')).toBeVisible();
});

test('the request line completes with Tab, and says why it understood as it did', async ({ page }) => {
  await bring(page);
  await line(page).pressSequentially('drop hiv');
  await expect(page.getByTestId('completions')).toContainText('Hives');
  await line(page).press('Tab');
  await expect(line(page)).toHaveValue('drop ‹Hives› ');
  await expect(page.getByTestId('reading')).toContainText('Drop Hives');
  await page.getByRole('button', { name: 'why?' }).click();
  await expect(page.getByRole('dialog')).toContainText('Words taken for columns');
  await page.getByRole('button', { name: 'Close' }).click();
});

test('what is worth saying is proposed, taken with a key, and stays away once turned away', async ({ page }) => {
  await bring(page, 'Lot,Keeper,Price\nL-1, ada fern,€9.40\nL-2,bram  hollow,€7.80\nL-3,ines vale,8.60 EUR\nL-4,ike,€5.00\n');
  const proposals = page.getByTestId('proposals');
  await expect(proposals).toContainText('trim outer spaces');
  const before = await proposals.getByRole('button', { name: /^not this/ }).count();
  await proposals.getByRole('button', { name: /^not this: .*Keeper/ }).first().click();
  await expect(proposals.getByRole('button', { name: /^not this/ })).toHaveCount(before - 1);
  await page.reload();
  await expect(page.getByTestId('proposals').getByRole('button', { name: /^not this/ })).toHaveCount(before - 1);
  await line(page).press('Alt+1');
  await expect(line(page)).not.toHaveValue('');
  await expect(page.getByTestId('reading')).toContainText('read as');
});

test('a wording that was put otherwise until it was understood is remembered, shown and forgotten', async ({ page }) => {
  await bring(page);
  await line(page).fill('declutter status');
  await expect(page.getByTestId('reading')).toContainText('Not understood');
  await line(page).press('Enter');
  await keep(page, 'drop status');
  await page.getByRole('button', { name: 'Remember it' }).click();
  await page.getByRole('button', { name: 'Learnt', exact: true }).click();
  const list = page.getByRole('dialog');
  await expect(list).toContainText('declutter status');
  await page.getByRole('button', { name: 'Close' }).click();
  await line(page).fill('declutter hives');
  await expect(page.getByTestId('reading')).toContainText('as learnt:');
  await page.getByRole('button', { name: 'Learnt', exact: true }).click();
  await list.getByRole('button', { name: 'Forget' }).click();
  await expect(list).toContainText('Nothing yet');
});

test('look-alike spellings are decided in the proof, and the decision is part of the sentence', async ({ page }) => {
  const sites = ['Upper Teal', 'Upper Teal', 'Upper Teal', 'uper teal', 'Upper  Teal', 'Heath', 'Heath', 'Heaths', 'Heaths'];
  await bring(page, `Lot,Site\n${sites.map((s, i) => `L-${i + 1},${s}`).join('\n')}\n`, 'sites.csv');
  await line(page).fill('merge the spelling variants in site');
  await line(page).press('Enter');
  const groups = page.getByTestId('spellings');
  await expect(groups).toContainText('2 groups of look-alike spellings');
  await page.getByRole('button', { name: 'take Heaths for Heath' }).click();
  await expect(page.getByTestId('proof')).toContainText('taking "Heaths" for "Heath"');
  await page.getByRole('button', { name: 'leave Upper  Teal as it is' }).click();
  await expect(page.getByTestId('proof')).toContainText('leaving "Upper  Teal" as it is');
  await page.getByRole('button', { name: /^Keep/ }).click();
  await expect(sentences(page)).toHaveText([/Standardise Site, taking "Heaths" for "Heath", leaving "Upper {1,2}Teal" as it is\./]);
  await expect(cell(page, 3, 1)).toHaveText('Upper Teal');
  await expect(cell(page, 4, 1)).toHaveText('Upper  Teal');
  await expect(cell(page, 8, 1)).toHaveText('Heath');
});

test('the columns at a glance, by the keyboard: what is empty, what needs work, and the sentence that mends it', async ({ page }) => {
  const rows = Array.from({ length: 30 }, (_, i) => `L-${i + 1},${i % 3 ? 'Heath' : 'heath '},${i === 4 ? 500 : 20 + (i % 9)},,p${i}@mail.example`);
  await bring(page, `Lot,Site,Kg,Old,Mail\n${rows.join('\n')}\n`, 'lots.csv');
  await page.keyboard.press('Escape');
  await page.getByTestId('sheet').click();
  await page.keyboard.press('c');
  const profile = page.getByTestId('profile');
  await expect(profile.getByRole('heading', { name: '5 columns at a glance' })).toBeVisible();
  await expect(profile.getByRole('button', { name: /empty 1/ }).first()).toBeVisible();
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('ArrowDown');
  await expect(profile.getByRole('complementary', { name: 'Column Kg' })).toContainText('1 value lies far from the rest');
  await expect(profile.getByRole('img', { name: /How the values of Kg are spread/ })).toBeVisible();
  await page.keyboard.press('Enter');
  await expect(line(page)).toHaveValue(/Add ‹Kg outlier› as if ‹Kg› lies more than 1.5 quartile ranges outside/);
  await line(page).press('Enter');
  await expect(page.getByTestId('proof')).toContainText('calculated');
  await page.keyboard.press('k');
  await expect(sentences(page)).toHaveCount(1);
});
