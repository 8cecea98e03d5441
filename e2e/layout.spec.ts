import { expect, test, type Page } from './test';
import { keyboard, readIn, visit } from './hands';

/** Hands that type a number. */
const SLOW_MS = 120;

const lengthOf = async (page: Page): Promise<number> => {
  const text = await page.locator('dd').first().innerText();
  return Number.parseFloat(text);
};

/** Tasks that held the page up, as the browser itself reports them. */
const watchTasks = (page: Page) =>
  page.evaluate(() => {
    const seen: number[] = [];
    (globalThis as unknown as { held: number[] }).held = seen;
    new PerformanceObserver((list) => {
      for (const { duration } of list.getEntries()) seen.push(duration);
    }).observe({ type: 'longtask' });
  });
const held = (page: Page) => page.evaluate(() => (globalThis as unknown as { held: number[] }).held);

test('from Cut to a layout: its length, what to buy, and it goes on until it is good enough', async ({
  page,
}) => {
  await visit(page, '/garments/encore?stage=cut');
  await page.getByRole('link', { name: 'Lay out on cloth' }).click();
  await expect(page.getByRole('heading', { name: 'Laid out on cloth' })).toBeVisible();
  const picture = page.getByRole('img', { name: 'pieces on cloth' });
  await expect(picture).toBeVisible();
  await expect(picture.locator('[data-piece]')).toHaveCount(4);
  const first = await lengthOf(page);
  await watchTasks(page);
  await page.getByRole('button', { name: 'Pause' }).click();
  await expect(page.getByText('Paused.')).toBeVisible();
  const paused = await lengthOf(page);
  expect(paused).toBeLessThanOrEqual(first);
  await page.waitForTimeout(1500);
  expect(await lengthOf(page)).toBe(paused);
  await page.getByRole('button', { name: 'Go on looking' }).click();
  await page.waitForTimeout(3000);
  await page.getByRole('button', { name: 'Good enough' }).click();
  await expect(page.getByText('This is the shortest found.')).toBeVisible();
  expect(await lengthOf(page)).toBeLessThanOrEqual(paused);
  // The search is in workers: what the page itself does stays short, with room for a slow machine.
  expect(Math.max(0, ...(await held(page)))).toBeLessThan(200);
  // 109 cm laid out are bought as 110: shops cut by 10 cm.
  const buy = Number.parseFloat(await page.locator('dd').nth(1).innerText());
  expect(buy % 10).toBe(0);
  expect(buy).toBeGreaterThanOrEqual(await lengthOf(page));
  await page.locator('dd').nth(1).getByRole('button').click();
  await expect(page.getByText('Shops cut by 10 cm.')).toBeVisible();
});

test('narrower cloth takes longer, too narrow is said, typed at human speed, and nothing is lost', async ({
  page,
}) => {
  await visit(page, '/garments/encore/layout');
  await expect(page.getByRole('img', { name: 'pieces on cloth' })).toBeVisible();
  const wide = await lengthOf(page);
  const field = page.getByLabel(/Width of the cloth/);
  await field.click();
  await page.keyboard.press('Control+A');
  await page.keyboard.type('90', { delay: SLOW_MS });
  await field.blur();
  await expect.poll(() => lengthOf(page)).toBeGreaterThan(wide);
  await field.click();
  await page.keyboard.press('Control+A');
  await page.keyboard.type('30', { delay: SLOW_MS });
  await field.blur();
  await expect(page.getByText('wider than the cloth').first()).toBeVisible();
  await expect(field).toHaveValue('30');
});

test('bands have a cloth of their own; in inches it is sold by eighths of a yard; on the keyboard alone', async ({
  page,
}) => {
  await readIn(page.context(), 'in');
  await visit(page, '/garments/ringmaster/layout');
  await expect(page.getByRole('img', { name: '4 pieces on cloth' })).toBeVisible();
  await expect(page.getByText(/stand in, as large as the plan says/)).toBeVisible();
  const bands = await page.getByLabel('Which cloth').locator('option').last().innerText();
  await keyboard(page).select('Which cloth', bands);
  await expect(page.getByRole('img', { name: '5 pieces on cloth' })).toBeVisible();
  // 4 ½ in are an eighth of a yard.
  await page.locator('dd').nth(1).getByRole('button').press('Enter');
  await expect(page.getByText('Shops cut by ⅛ yd.')).toBeVisible();
});

test('of the widths it is sold in, the wider never takes more, and one that is too narrow says so', async ({
  page,
}) => {
  await visit(page, '/garments/springboard/layout');
  await page.getByRole('button', { name: 'How much of other widths' }).click();
  const rows = page.getByRole('table', { name: 'To buy, by the width it is sold in' }).getByRole('row');
  await expect(rows).toHaveCount(5);
  await expect(page.getByText('laying out…')).toHaveCount(0, { timeout: 60_000 });
  const takes = await rows.locator('td:first-of-type').allInnerTexts();
  const lengths = takes.map((text) => Number.parseFloat(text));
  expect(lengths).toHaveLength(4);
  expect(Math.max(...lengths)).toBe(lengths[0]);
});

test('short of cloth: each way out is laid out for real and says whether it is enough', async ({ page }) => {
  await visit(page, '/garments/encore/layout');
  const field = page.getByLabel(/Width of the cloth/);
  await field.fill('90');
  await field.blur();
  await expect(page.getByText('Short on the shelf by')).toBeVisible();
  await page.getByLabel('Cut with').selectOption({ label: 'Scissors, 6 mm apart' });
  await page.getByRole('button', { name: 'What would make it enough' }).click();
  const ways = page.getByRole('table', { name: 'Ways to take less' });
  await expect(ways.getByText('Cut with a rotary cutter')).toBeVisible();
  await expect(ways.getByText('laying out…')).toHaveCount(0, { timeout: 60_000 });
  await expect(ways.getByText(/^(enough|short by)/).first()).toBeVisible();
});
