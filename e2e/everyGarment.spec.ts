import { expect, test, type Page } from './test';
import { isLive, pointer, saved, visit } from './hands';

/** Answers of the becoming list, by kind. */
const answers = (page: Page, kind: string) => page.locator(`li[data-kind="${kind}"]`);

/**
 * A two-piece from a swim cloth, a lining and a size table, by somebody new. By hand, with k = 2:
 * hip 100 cm; drafted reversible, 75 % twice, at 10 %; made in 75 % over 100 %: 12.57 % worn, 88.8 cm.
 * The table's finished hips are 90 % of 94, 98 and 103 cm: 84.6, 88.2 and 92.7 cm, so size L, 98 cm.
 * Four seam edges share the difference of 6 mm: 1.6 mm each.
 */
for (const unit of ['cm', 'in'] as const) {
  test(`size and changes of a two-piece in ${unit}`, async ({ page }) => {
    const hands = pointer(page);
    const [hip, low, leg, rise] =
      unit === 'cm' ? ['100', '96', '61', '68'] : ['39.3701', '37.7953', '24.0157', '26.7717'];
    await visit(page, '/wearers');
    await hands.press(unit);
    await hands.fill('A wearer’s name', `Ilse ${unit}`);
    await hands.press('Add a wearer');
    await expect(page).toHaveURL(/\/wearers\/.+/);
    await isLive(page);
    await hands.press('Measure');
    for (const [label, text] of [
      [`Hip (${unit})`, hip],
      [`Hip where it sits (${unit})`, low],
      [`Top of the leg (${unit})`, leg],
      [`Crotch length (${unit})`, rise],
    ] as const)
      await hands.fill(label, text);
    await saved(page);

    for (const [name, across] of [
      [`Teal ${unit}`, '75'],
      [`Fog ${unit}`, '100'],
    ] as const) {
      await visit(page, '/cloth');
      await hands.fill('A cloth’s name', name);
      await hands.press('Add a cloth');
      await expect(page).toHaveURL(/\/cloth\/.+/);
      await isLive(page);
      await hands.fill('Stretch across, as stated (%)', across);
      await hands.fill('Stretch along, as stated (%)', '55');
      await hands.pick('Stands chlorine and salt', 'yes');
      await saved(page);
    }

    await visit(page, '/patterns');
    await hands.fill('A pattern’s name', `Tern ${unit}`);
    await hands.select('For', 'Briefs or swim bottoms');
    await hands.press('Add a pattern');
    await expect(page).toHaveURL(/\/patterns\/.+/);
    await isLive(page);
    await hands.press('From a CSV file');
    const bring = (text: string) =>
      page
        .getByLabel('Size table file')
        .setInputFiles({ name: 'sizes.csv', mimeType: 'text/csv', buffer: Buffer.from(text) });
    await bring('Size,Hip (cm),Colour\nM,94,red\nL,98,blue');
    await expect(page.getByText('Nothing was brought in.')).toBeVisible();
    await expect(page.getByText(/Row 1: “Colour” in column 3/)).toBeVisible();
    await expect(page.getByRole('table')).toHaveCount(0);
    await bring('Size;Hip (cm);Top of the leg (cm)\nM;94,0;57\nL;98,0;60\nXL;103,0;63');
    await expect(page.getByRole('rowheader', { name: 'XL' })).toBeVisible();
    for (const at of [0, 1]) {
      await hands.press('Add a layer it was drafted for');
      await page.getByLabel('Stretch around (%)').nth(at).fill('75');
      await page.getByLabel('Stretch lengthwise (%)').nth(at).fill('50');
    }
    await hands.fill('Negative ease, around (%)', '10');
    await saved(page);

    await visit(page, '/garments/new');
    await hands.press('Briefs or swim bottoms');
    await hands.fill('Name', `Tern bottoms ${unit}`);
    await hands.select('For', `Ilse ${unit}`);
    await hands.select('Cloth', `Teal ${unit}`);
    await hands.select('Lining', `Fog ${unit}`);
    await hands.press('Start');
    await expect(page).toHaveURL(/\/garments\/[0-9a-f-]{36}/);
    await isLive(page);
    await visit(page, `${page.url().split('?')[0]}?stage=fit`);
    await hands.select('Pattern', `Tern ${unit}`);
    await page.getByRole('radio', { name: /as the pattern was drafted/ }).check();
    await saved(page);
    await expect(
      page.getByText(
        unit === 'cm' ? 'as the pattern was drafted: 88.8 cm' : 'as the pattern was drafted: 35 in',
      ),
    ).toBeVisible();
    await expect(page.getByRole('heading', { name: 'Cut size L' })).toBeVisible();
    await expect(
      page
        .getByRole('listitem')
        .filter({ hasText: /Hip: add/ })
        .first(),
    ).toContainText(unit === 'cm' ? '1.6 mm' : '1/16 in');
  });
}

test('an unsuitable cloth is told before cutting, with what it could become and what could make the garment', async ({
  page,
}) => {
  await visit(page, '/garments/tightrope?stage=stretch');
  await expect(page.getByText('This cannot work as planned.')).toBeVisible();
  await expect(page.getByText(/Heron jersey stretches/).first()).toContainText(
    '45 % around, and 50 % is asked: 5 % short, not suitable',
  );
  await expect(page.getByRole('heading', { name: 'What Heron jersey could become instead' })).toBeVisible();
  await expect(answers(page, 'cardigan')).toHaveAttribute('data-answer', 'yes');
  const shelf = page.getByRole('table', { name: 'Cloths for this garment' });
  await expect(shelf.locator('tr').first()).toHaveAttribute('data-answer', 'yes');
  await expect(shelf.getByRole('row', { name: /Boulder firm knit/ })).toHaveAttribute(
    'data-answer',
    /no|yes if/,
  );

  await visit(page, '/cloth/heron-jersey');
  await expect(answers(page, 'tee')).toHaveAttribute('data-answer', 'yes');
  await expect(answers(page, 'one-shoulder-top')).not.toHaveAttribute('data-answer', 'yes');
  await expect(answers(page, 'one-shoulder-top')).toContainText('75 % is asked');
  await answers(page, 'cardigan').getByRole('link', { name: 'Start one' }).click();
  await expect(page.getByRole('button', { name: 'Long cardigan', exact: true })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  await expect(page.getByLabel('Cloth', { exact: true })).toHaveValue('heron-jersey');
});

test('every zone and edge of a drawing is reached by keyboard and shows its numbers', async ({ page }) => {
  await visit(page, '/garments/somersault?stage=fit');
  const parts = page.locator('svg [role="button"][data-part]');
  await expect(parts).toHaveCount(9);
  for (let at = 0; at < 9; at += 1) {
    const part = parts.nth(at);
    const label = (await part.getAttribute('aria-label')) ?? '';
    await part.focus();
    await page.keyboard.press('Enter');
    await expect(part).toHaveAttribute('aria-pressed', 'true');
    const edge = ((await part.getAttribute('data-part')) ?? '').startsWith('edge-');
    const heading = edge ? label.replace(/, the edge$/, '') : `How close at the ${label.toLowerCase()}`;
    await expect(page.getByRole('heading', { name: heading, exact: true, level: 2 })).toBeVisible();
    await expect(page.getByText(edge ? 'Finished with' : 'Garment at rest')).toBeVisible();
  }
});

test('the screen’s ruler reads within half a millimetre, and a change of zoom voids it', async ({ page }) => {
  await visit(page, '/cloth/kettle-mesh');
  const slider = page.getByRole('slider', { name: 'Width of the card on the screen' });
  await expect(async () => {
    if (!(await slider.isVisible()))
      await page.getByRole('button', { name: 'No ruler? Use the screen' }).click({ timeout: 1000 });
    await expect(slider).toBeVisible({ timeout: 3000 });
  }).toPass();
  // A known scale: this screen is taken to have 4 pixels for each millimetre, so the card is 342.4 pixels wide.
  await slider.fill('342.5');
  await page.getByRole('button', { name: 'It fits' }).click();
  const ruler = page.getByRole('slider', { name: 'Ruler on the screen' });
  await ruler.scrollIntoViewIfNeeded();
  await ruler.click({ position: { x: 4 * 63, y: 20 } });
  const read = Number(await ruler.getAttribute('aria-valuenow'));
  expect(Math.abs(read - 63)).toBeLessThanOrEqual(0.5);
  await expect(page.getByLabel('Pulled, still easy (cm)')).toHaveValue(/^6\.[23]/);
  const session = await page.context().newCDPSession(page);
  await session.send('Emulation.setDeviceMetricsOverride', {
    width: 1280,
    height: 790,
    deviceScaleFactor: 1.25,
    mobile: false,
  });
  await expect(page.getByText(/zoom has changed|another display/)).toBeVisible();
  await expect(ruler).toHaveCount(0);
});

test('the pull gauge: start, stop, discard, repeat, keep; then a curve with its chart', async ({ page }) => {
  await visit(page, '/cloth/kettle-mesh');
  await page.getByText('Add a pull curve: weights on a strip, or a pull gauge').click();
  const byGauge = page.getByRole('radio', { name: 'a pull gauge' });
  await expect(() => byGauge.check({ timeout: 1000 })).toPass();
  await page.getByRole('button', { name: 'Start the pull' }).click();
  await expect(page.getByRole('status').filter({ hasText: /readings/ })).toBeVisible();
  await page.getByRole('button', { name: 'Stop' }).click();
  await page.getByRole('button', { name: 'Discard' }).click();
  await expect(page.getByRole('status').filter({ hasText: 'ready' })).toBeVisible();
  await page.getByRole('button', { name: 'Start the pull' }).click();
  await expect(page.getByRole('button', { name: 'Repeat' })).toBeVisible({ timeout: 60_000 });
  await page.getByRole('button', { name: 'Keep these readings' }).click();
  await saved(page);
  await expect(page.getByText(/120 readings/)).toBeVisible();
  await expect(
    page.getByRole('img', { name: /Tension against stretch\. pulled: \d+ newtons/ }),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Discard this pull' }).click();
  await saved(page);
  await expect(page.getByText(/120 readings/)).toHaveCount(0);
});

test('nonsense on the strip says so instead of a curve', async ({ page }) => {
  const hands = pointer(page);
  await visit(page, '/cloth/pike-sport');
  await page.getByText('Add a pull curve: weights on a strip, or a pull gauge').click();
  for (const [at, [grams, cm]] of [
    ['400', '11'],
    ['200', '13'],
    ['50', '15'],
  ].entries()) {
    await hands.fill(`Weight ${at + 1} (g)`, grams as string);
    await hands.fill(`Length ${at + 1} (cm)`, cm as string);
  }
  await hands.press('Keep this pull curve');
  await expect(page.getByRole('alert').filter({ hasText: 'do not rise as cloth does' })).toBeVisible();
});

test('a stack that would contain itself is refused with a sentence', async ({ page }) => {
  const hands = pointer(page);
  await visit(page, '/cloth');
  await hands.press('New stack of layers');
  await expect(page.getByRole('heading', { name: 'Layers, the outer one first' })).toBeVisible();
  await isLive(page);
  const own = page.url().split('/').at(-1) as string;
  await hands.press('Add a layer');
  await saved(page);
  await page.getByLabel('Layer 2', { exact: true }).selectOption({ label: 'Loon over Minnow' });
  await saved(page);
  await visit(page, '/cloth/loon-minnow');
  await page.getByLabel('Layer 2', { exact: true }).selectOption(own);
  await expect(page.getByText(/contains the stack itself/).first()).toBeVisible();
});

test('a sum hands its answer to a garment', async ({ page }) => {
  const hands = pointer(page);
  await visit(page, '/sums');
  await hands.pick('Stretch and fit', 'From one stack to another');
  await expect(page.getByRole('button', { name: '83.5 cm' })).toBeVisible();
  await expect(
    page.getByRole('img', { name: /^From one stack to another: 83\.5 cm at rest, 94\.0 cm worn/ }),
  ).toBeVisible();
  await hands.select('Send it to a garment', 'Otter swim bottoms');
  await hands.select('At its zone', 'Waist edge');
  await hands.press('Send');
  await hands.follow('Open the garment');
  await page
    .getByRole('listitem')
    .getByRole('button', { name: /^Waist edge/ })
    .click();
  await expect(page.getByText('Why 13 %?')).toBeVisible();
});

test('an adaptation is drawn, refused with a sentence, kept with its pattern, and printed to scale', async ({
  page,
}) => {
  const hands = pointer(page);
  await visit(page, '/patterns/adapt');
  await expect(page.locator('figure[data-piece]')).toHaveCount(3);
  await hands.fill('Sleeve at the underarm, all round (cm)', '14');
  await expect(page.getByText(/^No sleeve of this width/)).toBeVisible();
  await hands.fill('Sleeve at the underarm, all round (cm)', '40');
  await hands.select('Keep it with a pattern', 'Otter top');
  await hands.press('Keep it');
  await saved(page);
  await expect(page.getByRole('button', { name: /Take up the one of/ })).toBeVisible();
  await page.emulateMedia({ media: 'print' });
  const square = await page.locator('[data-square="5cm"]').boundingBox();
  expect(square?.width).toBeCloseTo((50 / 25.4) * 96, 0);
  const tile = await page.locator('[data-tile="sleeve"] svg').first().boundingBox();
  expect((tile?.width ?? 0) / 180).toBeCloseTo(96 / 25.4, 1);
});

test('a raglan drawn on the traced pieces of a tee, and kept as a pattern whose seams go together', async ({
  page,
}) => {
  const hands = pointer(page);
  await visit(page, '/patterns/adapt');
  await hands.select('Draw it on', 'Rehearsal tee, traced');
  // What the outlines tell is not typed any more.
  await expect(page.getByText('Measured on its outlines:')).toBeVisible();
  await expect(page.getByLabel('Chest of the tee, all round (cm)')).toHaveCount(0);
  const front = page.locator('[data-number="raglan.bodyFront"]');
  const before = await front.textContent();
  await hands.fill('Neck enlarged in front (cm)', '4');
  await expect(front).not.toHaveText(before ?? '');
  await hands.press('Make a pattern of its pieces');
  await expect(page).toHaveURL(/\/patterns\/[0-9a-f-]{36}\/trace/);
  await expect(page.getByText('3 of 3 pieces have their outline.')).toBeVisible();
  await expect(page.getByText('Raglan seam, front: both sides agree.')).toBeVisible();
});

test('a kind of one’s own: a zone taken away, one added, and the garment has it', async ({ page }) => {
  const hands = pointer(page);
  await visit(page, '/garments/new');
  await hands.press('Copy tee');
  await expect(page).toHaveURL(/\/garments\/kinds\/.+/);
  await isLive(page);
  await page.getByRole('row', { name: /Waist/ }).getByRole('button', { name: 'Take away' }).click();
  await hands.press('Add a zone');
  await hands.fill('Name of new zone', 'Under the arms');
  await hands.select('Measured at', 'High bust');
  await saved(page);
  await visit(page, '/garments/new');
  await hands.press('My tee');
  await hands.fill('Name', 'Bespoke');
  await hands.select('For', 'Odile');
  await hands.select('Cloth', 'Heron jersey');
  await hands.press('Start');
  await expect(page).toHaveURL(/\/garments\/[0-9a-f-]{36}/);
  await visit(page, `${page.url().split('?')[0]}?stage=fit`);
  await expect(page.getByRole('button', { name: 'Under the arms' }).first()).toBeVisible();
  await expect(page.locator('[data-part="zone-waist"]')).toHaveCount(0);
});
