import { readFileSync } from 'node:fs';
import { expect, test } from './test';
import { keyboard, pointer, saved, visit } from './hands';

test('what is noted at a step is found in the log while it is typed, and leads back to it', async ({
  page,
}) => {
  const hands = pointer(page);
  await visit(page, '/cloth/heron-jersey');
  await hands.fill('Notes', 'Crème edge: rolls to the face, press it first.');
  await saved(page);
  await visit(page, '/log');
  const entries = page.getByRole('list', { name: 'Entries' }).getByRole('listitem');
  await page.getByLabel('Look for').click();
  await page.keyboard.type('creme roll', { delay: 100 });
  await expect(entries).toHaveCount(1);
  await expect(entries.locator('mark')).toHaveText(['Crème', 'rolls']);
  // The address says what is looked for: come back to, it is still there.
  await page.reload();
  await expect(page.getByLabel('Look for')).toHaveValue('creme roll');
  await entries.getByRole('link', { name: 'Heron jersey' }).click();
  await expect(page).toHaveURL(/\/cloth\/heron-jersey$/);
  await page.getByRole('button', { name: /^Undo: / }).click();
  await saved(page);
  await page.goBack();
  await expect(page.getByText('Nothing was written down of that.')).toBeVisible();
});

test('by keyboard: only what is for next time, of one wearer; a search of signs says what to type', async ({
  page,
}) => {
  const hands = keyboard(page);
  await visit(page, '/log');
  await hands.pick('What it tells of', 'next time');
  const entries = page.getByRole('list', { name: 'Entries' });
  await expect(entries).toContainText('Band a centimetre shorter, and out of rib.');
  await expect(entries).toContainText('Cut the leg two fingers longer.');
  await page.getByText('Only of a wearer, a cloth, a pattern, a machine, a time').focus();
  await page.keyboard.press('Enter');
  await hands.select('Wearer', 'Wren');
  await expect(entries).not.toContainText('Cut the leg two fingers longer.');
  await expect(entries).toContainText('Band a centimetre shorter');
  await page.getByLabel('Look for').focus();
  await page.keyboard.type('?!');
  await expect(
    page.getByText('There is no letter and no number in that: type a word to look for.'),
  ).toBeVisible();
});

test('on a phone, and as a table for a spreadsheet', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await visit(page, '/log?q=band');
  await expect(page.getByRole('list', { name: 'Entries' })).toContainText('Band a centimetre shorter');
  const coming = page.waitForEvent('download');
  await page.getByRole('link', { name: 'Save as a table (CSV)' }).click();
  const text = readFileSync(await (await coming).path(), 'utf8');
  expect(text).toMatch(/^day,what,name,of,label,text\r\n/);
  expect(text).toContain('Overture tee');
});

test('the next garment for a wearer is told what was noted for next time elsewhere', async ({ page }) => {
  await visit(page, '/garments/lantern?stage=fit');
  const earlier = page.getByRole('region', { name: 'From earlier garments' });
  await expect(earlier).toContainText('Band a centimetre shorter, and out of rib.');
});
