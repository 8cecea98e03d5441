import { expect, test, type Locator, type Page } from './test';
import { keyboard, readIn, saved, visit } from './hands';

test.use({ household: 'layouts' });

/** Hands that type a number. */
const SLOW_MS = 120;

const lengthOf = async (page: Page): Promise<number> => {
  const text = await page.locator('dd').first().innerText();
  return Number.parseFloat(text);
};

test('from Cut to a layout: its length, what to buy, and it goes on until it is good enough', async ({
  page,
}) => {
  await visit(page, '/garments/encore?stage=cut');
  await page.getByRole('link', { name: 'Lay out on cloth' }).click();
  await expect(page.getByRole('heading', { name: 'Laid out on cloth' })).toBeVisible();
  const picture = page.getByRole('group', { name: 'pieces on cloth' });
  await expect(picture).toBeVisible();
  await expect(picture.locator('[data-piece]')).toHaveCount(4);
  const first = await lengthOf(page);
  await page.getByRole('button', { name: 'Pause' }).click();
  await expect(page.getByText('Paused.')).toBeVisible();
  const paused = await lengthOf(page);
  expect(paused).toBeLessThanOrEqual(first);
  await page.waitForTimeout(1500);
  expect(await lengthOf(page)).toBe(paused);
  await page.getByRole('button', { name: 'Go on looking' }).click();
  await page.waitForTimeout(3000);
  await page.getByRole('button', { name: 'Keep this layout' }).click();
  await expect(page.getByText('Kept with this garment.')).toBeVisible();
  const kept = await lengthOf(page);
  expect(kept).toBeLessThanOrEqual(paused);
  // 109 cm laid out are bought as 110: shops cut by 10 cm.
  const buy = Number.parseFloat(await page.locator('dd').nth(1).innerText());
  expect(buy % 10).toBe(0);
  expect(buy).toBeGreaterThanOrEqual(await lengthOf(page));
  await page.locator('dd').nth(1).getByRole('button').click();
  await expect(page.getByText('Shops cut by 10 cm.')).toBeVisible();
  await page.keyboard.press('Escape');
  // It is there when the page is opened again, and its length takes the place of the first estimate.
  await saved(page);
  await page.reload();
  await expect(page.getByText('Kept with this garment.')).toBeVisible();
  expect(await lengthOf(page)).toBe(kept);
  await visit(page, '/garments/encore?stage=cut');
  await expect(page.locator('p', { hasText: 'as it is laid out' })).toContainText(
    `It takes ${kept.toFixed(1)} cm`,
  );
});

/** Pieces that lie on others, or beside the cloth. */
const crossed = (page: Page) => page.locator('[data-piece][data-crossed="true"]');
const piece = (page: Page, name: string | RegExp) =>
  page.getByRole('group', { name: 'pieces on cloth' }).getByRole('button', { name });
const middleOf = async (one: Locator) => {
  const { x, y, width, height } = (await one.boundingBox())!;
  return { x: x + width / 2, y: y + height / 2 };
};

async function dragged(page: Page, one: Locator, by: { x: number; y: number }) {
  const { x, y } = await middleOf(one);
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x + by.x / 2, y + by.y / 2, { steps: 8 });
  await page.mouse.move(x + by.x, y + by.y, { steps: 8 });
}

test('by hand: what a dragged piece lies on shows, it stays where it was put, the rest is laid again around it, undone', async ({
  page,
}) => {
  await visit(page, '/garments/cartwheel/layout');
  await page.getByRole('button', { name: 'Keep this layout' }).click();
  const before = await lengthOf(page);
  const front = piece(page, /^Front/);
  const back = await middleOf(piece(page, /^Back/));
  const from = await middleOf(front);
  await dragged(page, front, { x: back.x - from.x, y: back.y - from.y });
  // While it is held, it and what it lies on show that.
  await expect(crossed(page).first()).toBeAttached();
  await page.mouse.up();
  await expect(page.getByText('Front lies on Back.')).toBeVisible();
  await expect(page.getByText('One piece stays where you put it.')).toBeVisible();
  await page.getByRole('button', { name: /^Undo: Front moved/ }).click();
  await expect(page.getByText('Front lies on Back.')).toHaveCount(0);
  expect(await lengthOf(page)).toBe(before);
  // Below everything it lies by itself: the rest is laid around it, and never longer.
  await dragged(page, front, { x: 0, y: 60 });
  await page.mouse.up();
  await expect(page.getByText('One piece stays where you put it.')).toBeVisible();
  await page.getByRole('button', { name: 'Push close' }).click();
  await expect(crossed(page)).toHaveCount(0);
  const put = await middleOf(front);
  const byHand = await lengthOf(page);
  await page.getByRole('button', { name: 'Lay out the rest again' }).click();
  await page.getByRole('button', { name: 'Keep this layout' }).click({ timeout: 30_000 });
  await expect(page.getByText('Kept with this garment.')).toBeVisible();
  expect(await lengthOf(page)).toBeLessThanOrEqual(byHand);
  await expect(crossed(page)).toHaveCount(0);
  if ((await lengthOf(page)) === byHand) expect((await middleOf(front)).x).toBeCloseTo(put.x, 0);
});

test('cut from the layout: a tap ticks a piece and its row, what is cut stays where it was cut', async ({
  page,
}) => {
  await visit(page, '/garments/rehearsal/layout');
  await page.getByRole('button', { name: 'Keep this layout' }).click();
  await page.getByRole('button', { name: 'Cut from it' }).click();
  const cutting = page.getByRole('region', { name: 'Cutting' });
  await expect(page.getByText('0 of 4 cut.')).toBeVisible();
  await piece(page, /^Front/).click();
  await expect(page.getByText('1 of 4 cut.')).toBeVisible();
  await expect(piece(page, /^Front/)).toHaveAccessibleName('Front, cut');
  await cutting.getByRole('checkbox', { name: /Sleeve, right, face down/ }).check();
  await expect(page.getByText('2 of 4 cut.')).toBeVisible();
  await saved(page);
  await page.reload();
  await expect(piece(page, /^Front/)).toHaveAccessibleName('Front, cut');
  // It can no more be moved.
  const from = await middleOf(piece(page, /^Front/));
  await dragged(page, piece(page, /^Front/), { x: 0, y: 50 });
  await page.mouse.up();
  expect(await middleOf(piece(page, /^Front/))).toEqual(from);
  await piece(page, /^Front/).click();
  await expect(page.getByText('Front is cut: it stays where it was cut from.')).toBeVisible();
  await visit(page, '/garments/rehearsal?stage=cut');
  await expect(page.getByRole('checkbox', { name: 'Front is cut' })).toBeChecked();
  await expect(page.getByRole('checkbox', { name: 'Sleeve, right is cut' })).toBeChecked();
  await expect(page.getByRole('checkbox', { name: 'Back is cut' })).not.toBeChecked();
  // Once all is cut the rest goes back on the shelf, once.
  await visit(page, '/garments/rehearsal/layout');
  const laid = await lengthOf(page);
  await page.getByRole('button', { name: 'Cut from it' }).click();
  for (const name of [/Back/, /Sleeve, left/]) await cutting.getByRole('checkbox', { name }).check();
  await expect(page.getByRole('heading', { name: 'All is cut' })).toBeVisible();
  await page.getByRole('button', { name: 'Back on the shelf' }).click();
  await expect(page.getByText('What was left over is back on the shelf')).toBeVisible();
  await saved(page);
  await visit(page, '/cloth/heron-jersey');
  const left = Number.parseFloat(await page.getByLabel(/^Length on hand/).inputValue());
  expect(left).toBeGreaterThan(0);
  expect(left).toBeLessThanOrEqual(150 - laid + 0.1);
});

test('flat or folded: both laid out for real, one taken as it lies once it is opened, then cut by the page', async ({
  page,
}) => {
  await visit(page, '/garments/lakeside/layout');
  await page.getByRole('button', { name: 'Flat or folded' }).click();
  const ways = page.getByRole('table', { name: 'Flat or folded' });
  await expect(ways.getByText('laying out…')).toHaveCount(0, { timeout: 60_000 });
  const [flat, half] = await ways.locator('td:first-of-type').allInnerTexts();
  expect(Number.parseFloat(half ?? '')).toBeGreaterThanOrEqual(Number.parseFloat(flat ?? '') - 0.1);
  await ways.getByRole('button', { name: 'Cut it so' }).first().click();
  await expect(page.getByText('Kept with this garment.')).toBeVisible();
  await expect(crossed(page)).toHaveCount(0);
  expect(await lengthOf(page)).toBeCloseTo(Number.parseFloat(half ?? ''), 1);
  await page.getByRole('button', { name: 'Cut from it' }).click();
  await expect(page.getByText(/Fold the cloth [\d.]+ cm from the left selvedge/)).toBeVisible();
  await saved(page);
  const sheet = await page.request.get(
    (await page.getByRole('link', { name: 'cutting sheet, one page' }).getAttribute('href')) as string,
  );
  expect(sheet.headers()['content-type']).toBe('application/pdf');
});

test('by keyboard alone: chosen, moved, turned, exchanged, kept in its place and let go', async ({
  page,
}) => {
  await visit(page, '/garments/confetti/layout');
  const keys = keyboard(page);
  await keys.press('Keep this layout');
  const front = piece(page, /^Front/);
  const from = await middleOf(front);
  await front.focus();
  await page.keyboard.press('Enter');
  for (let nth = 0; nth < 4; nth += 1) await page.keyboard.press('ArrowRight', { delay: SLOW_MS });
  await page.keyboard.press('Shift+ArrowLeft');
  await expect(page.getByRole('button', { name: /^Undo: Front moved/ })).toBeVisible();
  expect((await middleOf(front)).x).toBeGreaterThan(from.x);
  await keys.press('Turn');
  await expect(page.getByRole('button', { name: /^Undo: Front turned/ })).toBeVisible();
  await keys.press('Exchange');
  await expect(page.getByText('Now choose the piece to exchange it with.')).toBeVisible();
  await piece(page, /^Back/).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: /^Undo: Back and Front exchanged/ })).toBeVisible();
  await expect(page.getByText('2 pieces stay where you put them.')).toBeVisible();
  await keys.press('Let go');
  await expect(page.getByText('One piece stays where you put it.')).toBeVisible();
  await keys.press('Let all go');
  await expect(page.getByText('stays where you put it')).toHaveCount(0);
});

test.describe('on a tablet, by touch', () => {
  test.use({ hasTouch: true, viewport: { width: 768, height: 1024 } });
  test('a finger chooses a piece and moves it, and the page does not scroll along', async ({ page }) => {
    await visit(page, '/garments/somersault/layout');
    await page.getByRole('button', { name: 'Keep this layout' }).tap();
    const front = piece(page, /^Front leg 1/);
    await front.tap();
    await expect(page.getByRole('group', { name: 'By hand' }).getByText('Front leg 1')).toBeVisible();
    const from = await middleOf(front);
    const scrolled = await page.evaluate(() => globalThis.scrollY);
    const session = await page.context().newCDPSession(page);
    const touch = (type: 'touchStart' | 'touchMove' | 'touchEnd', y: number) =>
      session.send('Input.dispatchTouchEvent', {
        type,
        touchPoints: type === 'touchEnd' ? [] : [{ x: from.x, y }],
      });
    await touch('touchStart', from.y);
    for (let step = 1; step <= 12; step += 1) await touch('touchMove', from.y + 5 * step);
    await touch('touchEnd', from.y + 60);
    await expect(page.getByRole('button', { name: /^Undo: Front leg 1 moved/ })).toBeVisible();
    expect((await middleOf(front)).y).toBeGreaterThan(from.y + 20);
    expect(await page.evaluate(() => globalThis.scrollY)).toBe(scrolled);
  });
});

test('narrower cloth takes longer, too narrow is said, typed at human speed, and nothing is lost', async ({
  page,
}) => {
  await visit(page, '/garments/encore/layout');
  await expect(page.getByRole('group', { name: 'pieces on cloth' })).toBeVisible();
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
  await expect(page.getByRole('group', { name: '4 pieces on cloth' })).toBeVisible();
  await expect(page.getByText(/stand in, as large as the plan says/)).toBeVisible();
  const bands = await page.getByLabel('Which cloth').locator('option').last().innerText();
  await keyboard(page).select('Which cloth', bands);
  await expect(page.getByRole('group', { name: '5 pieces on cloth' })).toBeVisible();
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
  // How long that takes is up to the machine, and to what else is laid out on it meanwhile.
  await expect(ways.getByText(/^(enough|short by)/).first()).toBeVisible({ timeout: 60_000 });
  await expect(ways.getByText('laying out…')).toHaveCount(0, { timeout: 60_000 });
});

test('a band wider than its cloth: piecing is laid out for real, taken, and the ticket follows', async ({
  page,
}) => {
  await visit(page, '/garments/encore/layout');
  const bands = await page.getByLabel('Which cloth').locator('option').last().innerText();
  await page.getByLabel('Which cloth').selectOption({ label: bands });
  await expect(page.getByText('wider than the cloth').first()).toBeVisible();
  await page.getByRole('button', { name: 'What would make it enough' }).click();
  await page.getByRole('button', { name: 'Do it so: Cut long bands in two parts' }).click();
  await expect(page.getByRole('group', { name: 'pieces on cloth' })).toBeVisible();
  await expect(piece(page, /2$/).first()).toBeVisible();
  await saved(page);
  await visit(page, '/garments/encore?stage=cut');
  const row = page.getByRole('row').filter({ has: page.getByRole('checkbox', { name: /band is cut/i }) });
  await expect(row.first().getByRole('cell').nth(2)).toHaveText('2');
});
