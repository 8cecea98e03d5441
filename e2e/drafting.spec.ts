import { newGarment } from '@/core/facts/garment';
import { expect, test, type Page } from './test';
import { pointer, readIn, saved, visit } from './hands';
import { made } from './tracing';

const table = (page: Page) => page.getByRole('region', { name: 'Drafting table' });
const handle = (page: Page, name: string) => table(page).getByRole('slider', { name });
/** An edge's length, read off after a tap on it, cm. */
const read = async (page: Page, edge: RegExp): Promise<number> => {
  await table(page).getByText(edge).first().dispatchEvent('click');
  const text = await table(page).getByRole('status').innerText();
  return Number(/: ([\d.]+) cm/.exec(text)?.[1] ?? NaN);
};

/*
 * What came out of the fields, redone by hand: hip at rest 92.2 cm is four quarters; the leg edge drawn is the leg asked.
 * (common practice, no source)
 */
test('a newcomer with a tape and a swatch has briefs drafted, and keeps them as a pattern', async ({
  page,
}) => {
  test.setTimeout(120_000);
  const hands = pointer(page);
  await readIn(page.context(), 'cm');
  await visit(page, '/garments/new');
  await hands.press('Briefs or swim bottoms');
  await hands.fill('Name', 'First briefs');
  await hands.select('Cloth', 'Heron jersey');
  await hands.press('Add a wearer');
  await hands.fill('Name of the new wearer', 'Perrin');
  await hands.pick('Grown', 'Adult');
  await hands.press('Add it');
  await expect(page.getByLabel('For', { exact: true }).locator('option:checked')).toHaveText('Perrin');
  await hands.press('Start');
  await expect(page.getByLabel('Garment’s name')).toHaveValue('First briefs');
  await hands.press('Draft its pieces from these measures');
  await expect(table(page)).toContainText('once the wearer is measured');
  for (const [label, cm] of [
    ['Hip (cm)', '98'],
    ['Hip where it sits (cm)', '94'],
    ['Top of the leg (cm)', '60'],
    ['Crotch length, low (cm)', '46'],
  ] as const)
    await hands.fill(label, cm);
  await saved(page);
  for (const piece of ['Front', 'Back', 'Gusset, half'])
    await expect(table(page).getByRole('group', { name: `${piece}, drafted` })).toBeVisible();
  await table(page).getByText('Why this shape').click();
  await expect(table(page)).toContainText(
    'Solved so that front, gusset and back are as long together as the leg is round',
  );
  // Fuller over the seat: the side goes with it, and the leg stays as long as it was.
  const solved = () =>
    table(page)
      .getByText(/Solved so that front, gusset and back/)
      .innerText();
  const before = await solved();
  await hands.press('Full');
  await saved(page);
  expect((await solved()).match(/[\d.]+ cm/g)?.slice(-1)).toEqual(before.match(/[\d.]+ cm/g)?.slice(-1));
  await expect(table(page)).toContainText('Dotted: as it was');
  await hands.press('Keep these pieces as a pattern');
  await saved(page);
  await expect(page.getByRole('link', { name: 'To the tracing table' })).toBeVisible();
  await expect(page.getByText('3 of 3 have an outline')).toBeVisible();
});

test('the neckline of a drafted tee is lowered by hand: the band follows, and it goes no further than is sensible', async ({
  page,
}) => {
  test.setTimeout(120_000);
  const garment = await made(page, 'garment', {
    ...newGarment('Drafted tee', 'tee'),
    wearerId: 'odile',
    outerClothId: 'heron-jersey',
    bandClothId: 'marsh-rib',
    draft: {},
  });
  await readIn(page.context(), 'cm');
  await visit(page, `/garments/${garment}?stage=measure`);
  const neck = handle(page, 'neck, depth in front');
  await neck.scrollIntoViewIfNeeded();
  const from = Number(await neck.getAttribute('aria-valuenow'));
  const length = await read(page, /^neckline$/);
  expect(length).toBeGreaterThan(10);
  const band = page.locator('[data-row]').filter({ hasText: 'Neckband' }).first();
  const wasBand = await band.innerText();
  const spot = await neck.boundingBox();
  if (!spot) throw new Error('expected the handle on the page, it is not');
  const [x, y] = [spot.x + spot.width / 2, spot.y + spot.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x, y + 10, { steps: 4 });
  await page.mouse.move(x, y + 30, { steps: 6 });
  await page.mouse.up();
  await saved(page);
  const to = Number(await neck.getAttribute('aria-valuenow'));
  expect(to).toBeGreaterThan(from + 15);
  expect(await read(page, /^neckline$/)).toBeGreaterThan(length);
  expect(await band.innerText()).not.toEqual(wasBand);
  // The keyboard does the same, a millimetre a press.
  await neck.focus();
  await page.keyboard.press('ArrowDown');
  await saved(page);
  await expect(neck).toHaveAttribute('aria-valuenow', String(to + 1));
  await page.getByRole('button', { name: /^Undo: / }).click();
  await expect(neck).toHaveAttribute('aria-valuenow', String(to));
  // Typed too far it says between what it may be.
  const field = page.getByLabel('Neck, depth in front (cm)');
  await field.fill('90');
  await field.press('Tab');
  await expect(page.getByText(/give a value from/)).toBeVisible();
  await expect(neck).toHaveAttribute('aria-valuenow', String(to));
});

test('a measure that contradicts another is named, and comes right when it is mended', async ({ page }) => {
  const garment = await made(page, 'garment', {
    ...newGarment('Drafted leggings', 'leggings'),
    wearerId: 'tansy',
    outerClothId: 'loon-swim',
    bandClothId: 'loon-swim',
    draft: {},
  });
  const hands = pointer(page);
  await readIn(page.context(), 'in');
  await visit(page, `/garments/${garment}?stage=measure`);
  await expect(table(page).getByRole('group', { name: 'Front leg, drafted' })).toBeVisible();
  await hands.fill('Thigh (in)', '14');
  await saved(page);
  await expect(table(page)).toContainText('Measure both again');
  await expect(table(page).getByRole('group', { name: 'Front leg, drafted' })).toHaveCount(0);
  await hands.fill('Thigh (in)', '20 1/2');
  await saved(page);
  await expect(table(page).getByRole('group', { name: 'Front leg, drafted' })).toBeVisible();
});
