import { expect, test } from './test';
import { pointer, saved, visit } from './hands';

test('the leg line opens at the same share of another hip', async ({ page }) => {
  const hands = pointer(page);
  await visit(page, '/patterns/adapt');
  await hands.pick('What to do', 'Opening the leg line of panties');
  const open = page.getByLabel('New leg line, from the centre (cm)');
  await expect(open).toHaveValue('10.8');
  // 10.8 cm on a hip of 98 cm is 11.24 cm on Odile’s 102 cm.
  await hands.select('Take the body’s measures from', 'Odile');
  await expect(page.getByLabel('Hip (cm)')).toHaveValue('102');
  await expect(open).toHaveValue('11.2');
  await hands.fill('New leg line, from the centre (cm)', '9');
  await expect(page.getByRole('button', { name: /^18\.0 cm: front width ring to ring/ })).toBeVisible();
});

test('cloths side by side say what each takes or lacks', async ({ page }) => {
  const hands = pointer(page);
  await visit(page, '/cloth/compare');
  for (const [at, name] of ['Boulder firm knit', 'Kettle mesh', 'Reed lace'].entries())
    await hands.select(`Cloth ${at + 1}`, name);
  for (const [at, name] of ['Loon swim', 'Minnow lining'].entries())
    await hands.select(`Cloth ${at + 2}`, name);
  const briefs = page.getByRole('row', { name: /^Briefs or swim bottoms/ });
  // Five cloths are each tried as every garment: that takes as long as the machine takes.
  await expect(briefs).toContainText('50 % is asked: 28 % short, not suitable', { timeout: 40_000 });
  await expect(
    page.getByRole('img', { name: /Loon swim: \d+ newtons per metre.*Minnow lining: \d+/ }),
  ).toBeVisible();
});

test('every reading of a pull curve stands with how far it lies off', async ({ page }) => {
  await visit(page, '/cloth/loon-swim');
  await page.getByText('Every reading (6)').click();
  const table = page.getByRole('table', { name: 'Readings while pulling' });
  await expect(table.getByRole('row')).toHaveCount(7);
  await expect(table.getByRole('row').nth(1)).toContainText(/14 %.*9\.8 N\/m.*[+−]?\d/);
});

test('a pattern’s allowances are offered, taken, and taken back', async ({ page }) => {
  await visit(page, '/garments/otter-bottoms?stage=fit');
  const take = page.getByRole('button', { name: 'Take the pattern’s allowances: seams 1.0 cm' });
  await take.click();
  await saved(page);
  await expect(take).toHaveCount(0);
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(take).toBeVisible();
});

test('a tank has a hem and goes over the head; the swimsuit it could be has legs and a loop', async ({
  page,
}) => {
  const hands = pointer(page);
  const start = async (style: string) => {
    await visit(page, '/garments/new');
    await hands.press('Swimsuit or tank with a shelf bra');
    await hands.fill('Name', style);
    await hands.pick('How it is meant to sit', style);
    await hands.select('For', 'Odile');
    await hands.select('Cloth', 'Loon swim');
    await hands.press('Start');
    await expect(page).toHaveURL(/\/garments\/[0-9a-f-]{36}/);
    await visit(page, `${page.url().split('?')[0]}?stage=fit`);
  };
  await start('As a tank');
  await expect(page.locator('[data-part="edge-hem"]')).toHaveCount(1);
  await expect(page.locator('[data-part="edge-leg"], [data-part="zone-loop"]')).toHaveCount(0);
  await start('As swimwear');
  await expect(page.locator('[data-part="edge-leg"], [data-part="zone-loop"]')).toHaveCount(2);
  await expect(page.locator('[data-part="edge-hem"]')).toHaveCount(0);
});

test('another cloth is taken from the shelf with the bands that follow it', async ({ page }) => {
  await visit(page, '/garments/tightrope?stage=stretch');
  await page.getByRole('button', { name: 'Take Loon swim' }).click();
  await saved(page);
  await expect(page.getByLabel('Cloth', { exact: true })).toHaveValue('loon-swim');
  await expect(page.getByLabel('Cloth of the bands')).toHaveValue('loon-swim');
  await expect(page.getByText('This cannot work as planned.')).toHaveCount(0);
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(page.getByLabel('Cloth', { exact: true })).toHaveValue('heron-jersey');
});
