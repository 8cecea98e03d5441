import { expect, test, type Page } from './test';
import { keyboard, saved, visit } from './hands';

test.use({ household: 'leftovers' });

const SLOW_MS = 120;

const figure = async (page: Page, label: RegExp): Promise<number> => {
  const text = await page.locator('dl > div', { hasText: label }).locator('dd').innerText();
  return Number.parseFloat(text);
};
const piece = (page: Page, name: RegExp) =>
  page.getByRole('group', { name: 'pieces on cloth' }).getByRole('button', { name });
const typed = async (page: Page, label: RegExp, text: string) => {
  const field = page.getByLabel(label).first();
  await field.click();
  await page.keyboard.press('Control+A');
  for (const sign of text) {
    await page.keyboard.type(sign, { delay: SLOW_MS });
    if (sign === '.') await page.waitForTimeout(700);
  }
  await page.keyboard.press('Tab');
};

test('a garment from short cloth to its leftover: laid out, stopped, shortened, locked, cut, and what is left takes another', async ({
  page,
}) => {
  test.setTimeout(240_000);
  await visit(page, '/cloth/loon-swim');
  await typed(page, /^Length on hand/, '108');
  await saved(page);
  await visit(page, '/garments/springboard/layout');
  // It lies as short as its longest leg: the search stops by itself.
  await expect(page.getByText('This is the shortest found.')).toBeVisible({ timeout: 30_000 });
  const before = await figure(page, /Length it takes/);
  expect(before).toBeGreaterThan(108);
  await expect(page.getByText('Short on the shelf by')).toBeVisible();
  // A way out that changes the garment: planned and laid out anew, and taken.
  await page.getByRole('button', { name: 'What would make it enough' }).click();
  const ways = page.getByRole('table', { name: 'Ways to take less' });
  const shorter = ways.getByRole('row', { name: /2\.0 cm shorter/ });
  await expect(shorter).toContainText('enough', { timeout: 60_000 });
  await shorter.getByRole('button', { name: /^Do it so/ }).click();
  await expect(page.getByText('Left over on the shelf')).toBeVisible({ timeout: 30_000 });
  expect(await figure(page, /Length it takes/)).toBeLessThan(before - 1.9);
  // Kept, one piece locked, and the rest laid out again round it.
  await page.getByRole('button', { name: 'Keep this layout' }).click();
  await piece(page, /^Waistband/).click();
  await page.getByRole('button', { name: 'Keep here' }).click();
  await expect(page.getByText('One piece stays where you put it.')).toBeVisible();
  await page.getByRole('button', { name: 'Lay out the rest again' }).click();
  await page.getByRole('button', { name: 'Keep this layout' }).click({ timeout: 30_000 });
  await expect(page.getByText('Kept with this garment.')).toBeVisible();
  // Cut, and all of the rest kept with its outline.
  await page.getByRole('button', { name: 'Cut from it' }).click();
  const cutting = page.getByRole('region', { name: 'Cutting' });
  for (const box of await cutting.getByRole('checkbox').all()) await box.check();
  await expect(page.getByRole('heading', { name: 'All is cut' })).toBeVisible();
  await page.getByRole('button', { name: 'Keep its outline too' }).click();
  await expect(page.getByText('What was left over is back on the shelf')).toBeVisible();
  await saved(page);
  // What is there now is not what it was cut from: the page no longer says that it is short, or how much is left.
  await page.reload();
  await expect(page.getByText('Length it takes')).toBeVisible();
  await expect(page.getByText(/(Short|Left over) on the shelf/)).toHaveCount(0);
  await visit(page, '/garments/springboard?stage=cut');
  await expect(page.getByRole('checkbox', { name: /^Waistband.* is cut/ })).toBeChecked();
  // What is left says what fits into it, and a garment is laid out on it.
  await visit(page, '/cloth/loon-swim');
  const left = page.getByRole('region', { name: 'What is left' });
  await left.getByRole('button', { name: 'What fits into it' }).click();
  await expect(left.getByText('Each piece was laid out by itself')).toBeVisible({ timeout: 90_000 });
  await expect(left.getByRole('listitem').first()).toBeVisible();
  await visit(page, '/garments/otter-bottoms/layout');
  await expect(page.getByRole('group', { name: 'pieces on cloth' })).toBeVisible();
  await expect(page.getByText('Reaches down to')).toBeVisible();
  await expect(page.getByText('To buy,')).toHaveCount(0);
  await page.getByRole('button', { name: 'Keep this layout' }).click();
  await expect(page.getByText('Kept with this garment.')).toBeVisible();
  await expect(page.locator('[data-piece][data-crossed="true"]')).toHaveCount(0);
  // Cut straight by hand, its outline is gone, and can be had back.
  await visit(page, '/cloth/loon-swim');
  await left.getByRole('button', { name: 'It is cut straight now' }).click();
  await expect(left).toHaveCount(0);
  await page.getByRole('button', { name: /^Undo: .*cut straight/ }).click();
  await expect(left).toBeVisible();
});

test('stripes: typed on the cloth at human speed, matched at once, what that costs is said, and left as they fall', async ({
  page,
}) => {
  await visit(page, '/cloth/boulder-firm');
  await typed(page, /^Stripes or print repeat along/, '7.5');
  await typed(page, /^Print repeats across/, '400');
  await expect(page.getByText('Print repeats across: give a value from 3 mm to 200.0 cm.')).toBeVisible();
  await typed(page, /^Print repeats across/, '9');
  await saved(page);
  await visit(page, '/garments/encore/layout');
  await expect(page.getByText(/That takes .* more than as it falls/)).toBeVisible({ timeout: 60_000 });
  const matched = await figure(page, /Length it takes/);
  await page.getByLabel('Its print').selectOption({ label: 'Left as it falls' });
  await expect(page.getByText(/more than as it falls/)).toHaveCount(0);
  await expect.poll(() => figure(page, /Length it takes/)).toBeLessThan(matched);
  // A repeat wider than the cloth, or on which a piece has no place, is said with what to do.
  await visit(page, '/cloth/boulder-firm');
  await typed(page, /^Print repeats across/, '190');
  await saved(page);
  await visit(page, '/garments/encore/layout');
  await expect(page.getByText(/finds no place on it between the selvedges/)).toBeVisible();
});

test('two garments on one cloth: chosen by keyboard, what it saves is said, each keeps its share', async ({
  page,
}) => {
  test.setTimeout(120_000);
  await visit(page, '/garments/cartwheel/layout');
  const keys = keyboard(page);
  await keys.press('Together with other garments');
  const box = page.getByRole('region', { name: 'Together' }).getByRole('checkbox', { name: 'Confetti crop' });
  await box.focus();
  await page.keyboard.press('Space');
  await expect(page.getByRole('group', { name: '9 pieces on cloth' })).toBeVisible({ timeout: 30_000 });
  await expect(page.getByText(/One after the other they take .*less\./)).toBeVisible({ timeout: 60_000 });
  await keys.press('Keep this layout');
  await expect(page.getByText('Kept with this garment.')).toBeVisible();
  await saved(page);
  const whole = await figure(page, /Length it takes/);
  const shareOf = async (garment: string) => {
    await visit(page, `/garments/${garment}?stage=cut`);
    const text = await page.locator('p', { hasText: 'as it is laid out' }).first().innerText();
    return Number.parseFloat(/It takes ([\d.]+)/.exec(text)?.[1] ?? '');
  };
  expect((await shareOf('cartwheel')) + (await shareOf('confetti'))).toBeCloseTo(whole, 0);
  // The other says where they lie together.
  await visit(page, '/garments/confetti/layout');
  await page.getByRole('link', { name: 'Open them together' }).click();
  await expect(page.getByRole('group', { name: '9 pieces on cloth' })).toBeVisible();
  // One piece of each is cut there: each ticket has its own, and the other's pieces lie there still.
  await page.getByRole('button', { name: 'Cut from it' }).click();
  await piece(page, /^Front \(Confetti crop\)/).click();
  await piece(page, /^Front$/).click();
  await expect(page.getByText('2 of 9 cut.')).toBeVisible();
  await saved(page);
  for (const garment of ['confetti', 'cartwheel']) {
    await visit(page, `/garments/${garment}?stage=cut`);
    await expect(page.getByRole('checkbox', { name: /^Front.* is cut/ })).toBeChecked();
    await expect(page.getByRole('checkbox', { name: /^Back.* is cut/ })).not.toBeChecked();
  }
  // A tick taken back on the ticket is taken back on the layout.
  await page.getByRole('checkbox', { name: /^Front.* is cut/ }).uncheck();
  await saved(page);
  await visit(page, '/garments/cartwheel/layout');
  await expect(page.getByRole('group', { name: '9 pieces on cloth' })).toBeVisible();
  await expect(piece(page, /^Front \(Confetti crop\)/)).toHaveAccessibleName(/cut$/);
  await expect(piece(page, /^Front$/)).toBeVisible();
});
