import { expect, test } from './test';
import { saved, visit } from './hands';

test('a number opens to its formula, figures, source and what moves it, down to what was measured', async ({
  page,
}) => {
  await visit(page, '/garments/ring-toss?stage=bands');
  await page.getByRole('button', { name: /Why 31\.9 cm/ }).click();
  const panel = page.getByRole('dialog');
  await expect(panel).toContainText('By this rule: lies flat by its width.');
  await panel.getByRole('button', { name: 'neckband, lies flat by its width' }).click();
  await panel.getByRole('button', { name: 'neckband by the flat-lying formula' }).click();
  await expect(panel).toContainText('38.032 cm − 0.84 × 4.886922 × 1.500 cm = 31.875 cm');
  await expect(panel).toContainText('worked out by geometry or mechanics');
  await expect(panel).toContainText('Most sensitive to neckline, at the seamline');
  await panel.getByRole('button', { name: 'neckline, at the seamline' }).click();
  await expect(panel).toContainText('22.000 cm + 15.500 cm − 2 × 2 × 0.600 cm + 4.886922 × 0.600 cm');
  await expect(panel).toContainText('measured by you');
});

test('sliding how close moves the ticket and says what changed; undo takes it back, also after a reload', async ({
  page,
}) => {
  await visit(page, '/garments/trapeze?stage=fit');
  const slider = page.getByRole('slider', { name: 'How close at the bust or chest' });
  const before = await slider.getAttribute('aria-valuetext');
  await slider.focus();
  for (let at = 0; at < 12; at += 1) await page.keyboard.press('ArrowRight');
  await expect(slider).not.toHaveAttribute('aria-valuetext', before ?? '');
  await expect(page.getByRole('complementary', { name: 'Ticket' })).toContainText('Changed just now');
  await saved(page);
  const moved = await slider.getAttribute('aria-valuetext');
  await page.reload();
  await expect(page.getByRole('slider', { name: 'How close at the bust or chest' })).toHaveAttribute(
    'aria-valuetext',
    moved ?? '',
  );
  await expect(page.getByRole('button', { name: /^Undo: How close at the bust/ })).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(page.getByText(/^Undone: How close/)).toBeVisible();
  for (let at = 0; at < 14 && (await slider.getAttribute('aria-valuetext')) !== before; at += 1) {
    await page.keyboard.press('Control+z');
    await page.waitForTimeout(200);
  }
  await expect(slider).toHaveAttribute('aria-valuetext', before ?? '');
});

test('a mistaken tick for cut is undone, and a removed garment is brought back from the list', async ({
  page,
}) => {
  await visit(page, '/garments/matinee?stage=cut');
  await page.getByLabel('Sleeve, left is cut').check();
  await saved(page);
  await page.getByRole('button', { name: /^Undo: Sleeve, left/ }).click();
  await expect(page.getByLabel('Sleeve, left is cut')).not.toBeChecked();
  await page.getByRole('button', { name: 'Remove' }).click();
  await expect(page.getByRole('heading', { name: 'Garments', exact: true })).toBeVisible();
  await expect(page.getByRole('link', { name: 'Matinee tee', exact: true })).toHaveCount(0);
  await page.getByRole('button', { name: /^Undo: Remove Matinee tee/ }).click();
  await expect(page.getByRole('link', { name: 'Matinee tee', exact: true })).toBeVisible();
});

test('what is cut stays as cut: a wider band afterwards says how they differ', async ({ page }) => {
  await visit(page, '/garments/curtain?stage=bands');
  await page.getByLabel('Finished width (cm)').fill('3');
  await page.keyboard.press('Enter');
  const row = page.getByRole('complementary', { name: 'Ticket' }).locator('[data-row=neckband]');
  await expect(row).toContainText('45.5 cm');
  await expect(row).toContainText('longer than the plan now');
  await saved(page);
});

test('jump box: slash, a few letters, Enter', async ({ page }) => {
  await visit(page, '/');
  await page.keyboard.press('/');
  await page.keyboard.type('marsh');
  await expect(page.getByRole('option', { name: /Marsh rib/ })).toBeVisible();
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('Cloth’s name')).toHaveValue('Marsh rib');
});

test('a record written after the build is seen: pages read the database', async ({ page, request }) => {
  const made = await request.post('/api/records/wearer', {
    data: { label: 'Add', facts: { name: 'Newcomer', grown: 'adult', measurements: {} } },
  });
  expect(made.status()).toBe(201);
  await visit(page, '/wearers');
  await expect(page.getByRole('link', { name: 'Newcomer' })).toBeVisible();
});

test('a garment goes out as a file without measurements unless asked, and comes back in', async ({
  page,
  request,
}) => {
  const bare = await (await request.get('/api/garment-files/ring-toss')).text();
  expect(bare).not.toContain('"bust": 5');
  await visit(page, '/garments');
  const file = await (await request.get('/api/garment-files/ring-toss?measurements=yes')).body();
  await page
    .getByLabel('Garment file')
    .setInputFiles({ name: 'tee.json', mimeType: 'application/json', buffer: file });
  await expect(page.getByLabel('Garment’s name')).toHaveValue('Ring-toss tee');
  await visit(page, '/garments');
  await page
    .getByLabel('Garment file')
    .setInputFiles({ name: 'diary.json', mimeType: 'application/json', buffer: Buffer.from('Dear diary') });
  await expect(page.getByRole('main').getByRole('alert')).toContainText('This is not a garment file');
});
