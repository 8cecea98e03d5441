import { expect, test, type Page } from './test';
import { isLive, pointer, saved, visit } from './hands';

/** An edge in the list beside the drawing. */
const edge = (page: Page, name: string) =>
  page.locator('main ul button').filter({ hasText: new RegExp(`^${name}`) });
/** What the page says is to be cut of the strip shown first. */
const cutOf = (page: Page, row: string) => page.locator(`[data-row="${row}"]`).first();

test('whoever does not believe the length sees where their own rule lands, and takes that', async ({
  page,
}) => {
  const hands = pointer(page);
  await visit(page, '/garments/otter-bottoms?stage=bands');
  await edge(page, 'Waist').click();
  await expect(page.getByRole('heading', { name: 'How long the elastic can be' })).toBeVisible();
  await expect(page.getByText(/^At least/)).toBeVisible();
  const before = await cutOf(page, 'elastic-waist').textContent();
  await page.getByRole('radio', { name: /as long as the edge/ }).check();
  await saved(page);
  expect(await cutOf(page, 'elastic-waist').textContent()).not.toBe(before);
  await hands.fill(/^Shorter than the edge by/, '3');
  await expect(page.getByRole('radio', { name: /shorter by your own share/ })).toBeChecked();
  await hands.fill('Your own length (cm)', '80');
  await expect(page.getByRole('radio', { name: /your own$/ })).toBeChecked();
  await saved(page);
  await page.reload();
  await isLive(page);
  await edge(page, 'Waist').click();
  await expect(
    page.getByRole('button', { name: 'Why 80.0 cm?' }).or(page.getByText('Why 80.0 cm?')),
  ).toBeVisible();
  const scale = page.getByRole('slider', { name: 'Length of the elastic at the seamline' });
  await scale.focus();
  await page.keyboard.press('ArrowRight');
  await expect(scale).toHaveAttribute('aria-valuetext', '80.1 cm');
  for (let at = 0; at < 4; at += 1) await page.getByRole('button', { name: /^Undo/ }).click();
});

test('a wrong pair is refused with a sentence, and nothing changes; the right one is taken', async ({
  page,
}) => {
  const hands = pointer(page);
  await visit(page, '/garments/dressing-room?stage=bands');
  await edge(page, 'Straps').click();
  await hands.select('Rings, 2', 'Rings 15 (does not suit)');
  await expect(page.getByText('Rings 15 takes 1.5 cm and the strap is 1.2 cm wide')).toBeVisible();
  await expect(page.getByLabel('Rings, 2')).toHaveValue('ring-12');
  await edge(page, 'Hook-and-eye').click();
  await hands.select('Hook-and-eye, 1', 'Hook-and-eye 38 (does not suit)');
  await expect(page.getByText(/choose the pair as high as the band/)).toBeVisible();
  await expect(page.getByLabel('Hook-and-eye, 1')).toHaveValue('hook-19');
});

test('a shelf bra is basted, tried on and shortened; the ticket follows, and it becomes the wearer’s usual', async ({
  page,
}) => {
  const hands = pointer(page);
  await visit(page, '/garments/regatta?stage=bands');
  await edge(page, 'Hem of the shelf').click();
  await hands.fill('Ring as basted (cm)', '62');
  await hands.fill('Pinched out (cm)', '4');
  await page.getByRole('button', { name: 'Keep it: now 58.0 cm' }).click();
  await saved(page);
  await expect(cutOf(page, 'elastic-shelf-hem')).toContainText('58.0 cm');
  await page.getByRole('button', { name: /^Make it usual for Tansy: 18 % under the body/ }).click();
  await saved(page);
  await visit(page, '/wearers/tansy');
  await expect(page.getByText(/hem of the shelf: 18 % under the body/)).toBeVisible();
});

test('marking strips come as a PDF for either paper, and say so where nothing is marked', async ({
  page,
}) => {
  await visit(page, '/garments/lakeside?stage=bands');
  for (const name of ['A4', 'Letter, with the edges']) {
    const href = await page.getByRole('link', { name, exact: true }).getAttribute('href');
    const answer = await page.request.get(href ?? '');
    expect(answer.status()).toBe(200);
    expect(answer.headers()['content-type']).toBe('application/pdf');
    expect((await answer.body()).subarray(0, 5).toString()).toBe('%PDF-');
  }
  const none = await page.request.get('/api/garments/moth/strips');
  expect(none.status()).toBe(409);
  expect(((await none.json()) as { sentence: string }).sentence).toMatch(/Nothing is to be marked yet/);
});

test('a newcomer’s elastic, in inches: pulled, sewn as a sample, put on an edge, kept off the roll', async ({
  page,
}) => {
  const hands = pointer(page);
  await visit(page, '/elastics');
  await page.getByRole('button', { name: 'in', exact: true }).click();
  await hands.fill('An elastic’s name', 'Pond plush');
  await hands.press('Add an elastic');
  await expect(page).toHaveURL(/\/elastics\/[0-9a-f-]{36}/);
  const path = new URL(page.url()).pathname;
  await hands.select('Kind', 'plush');
  await hands.fill('Width (in)', '3/4');
  await hands.fill('Pulled, still easy (in)', '7');
  await hands.fill('Let go, one minute (in)', '4');
  await hands.press('Keep this pull');
  await hands.fill('Before sewing (in)', '8');
  await hands.fill('Sewn, lying loose (in)', '10');
  await expect(page.getByText(/grew by more than 20 %/)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Keep this sample' })).toBeDisabled();
  await hands.fill('Sewn, lying loose (in)', '8 1/4');
  await hands.press('Keep this sample');
  await hands.fill('Length on hand (in)', '60');
  await saved(page);
  await expect(page.getByText('grows')).toBeVisible();

  await visit(page, '/garments/lakeside?stage=bands');
  await edge(page, 'Hem of the shelf').click();
  await hands.select('Elastic', 'Pond plush');
  await saved(page);
  await expect(page.getByText(/60 in on hand|on hand; then left/).first()).toBeVisible();
  await visit(page, path);
  await expect(page.getByRole('link', { name: 'Lakeside tank' })).toBeVisible();
  await page.getByRole('button', { name: 'Remove' }).click();
  await expect(page.getByText(/A garment uses this elastic/)).toBeVisible();
  await visit(page, '/garments/lakeside?stage=bands');
  await edge(page, 'Hem of the shelf').click();
  await hands.select('Elastic', 'Down plush');
  await saved(page);
  await visit(page, path);
  await expect(page.getByText('No garment takes of it.')).toBeVisible();
});

test('the shopping list adds up what garments want of one roll', async ({ page }) => {
  await visit(page, '/elastics/shopping');
  const row = page.getByRole('row', { name: /^Tide strap/ });
  await expect(row).toContainText('54.0 cm');
  await expect(row).toContainText('Trinket panties');
});

test('a sum hands its length to an edge of a garment', async ({ page }) => {
  const hands = pointer(page);
  await visit(page, '/sums');
  await hands.pick('Bands, elastics, straps', 'Shelf bra elastic');
  await hands.fill('Snug underbust (cm)', '78.7');
  await hands.fill('Less than the body (cm)', '7.6');
  await hands.fill('Pinched out (optional) (cm)', '5');
  await expect(page.getByText('after trying on')).toBeVisible();
  await hands.select('Send it to a garment', 'Regatta one-piece');
  await hands.select('At its edge', 'Hem of the shelf');
  await hands.press('Send');
  await expect(page.getByText('Sent.')).toBeVisible();
  await page.getByRole('link', { name: 'Open the garment' }).click();
  await edge(page, 'Hem of the shelf').click();
  await expect(page.getByRole('radio', { name: /your own$/ })).toBeChecked();
});
