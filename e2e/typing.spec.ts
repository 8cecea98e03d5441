import { expect, test } from './test';
import { readIn, saved, visit } from './hands';

const FAST_MS = 30;

test('a field on a page just opened keeps what is typed before the page is live', async ({
  page,
  context,
}) => {
  await readIn(context, 'in');
  const devtools = await context.newCDPSession(page);
  await devtools.send('Emulation.setCPUThrottlingRate', { rate: 6 });
  await page.goto('/wearers/wren', { waitUntil: 'commit' });
  const field = page.getByLabel('Head (in)').first();
  await field.focus();
  await page.keyboard.press('Control+A');
  await page.keyboard.type('21 3/8', { delay: FAST_MS });
  await page.keyboard.press('Tab');
  await devtools.send('Emulation.setCPUThrottlingRate', { rate: 1 });
  await page.waitForLoadState('networkidle');
  await saved(page);
  await page.reload();
  await expect(page.getByLabel('Head (in)').first()).toHaveValue('21 ⅜');
});

test('an immediate reload loses neither the word nor the number typed last', async ({ page }) => {
  await visit(page, '/cloth/heron-jersey');
  const width = page.getByLabel('Width (cm)').first();
  await width.focus();
  await page.keyboard.press('Control+A');
  await page.keyboard.type('151,5');
  await page.reload();
  await expect(page.getByLabel('Width (cm)').first()).toHaveValue('151.5');
  const notes = page.getByLabel('Notes').first();
  await notes.focus();
  await page.keyboard.press('Control+End');
  await page.keyboard.type(' Last word');
  await page.reload();
  await expect(page.getByLabel('Notes').first()).toHaveValue(/Last word$/);
  await saved(page);
});

test('keys in a field mean nothing else: not the search, not a step done, not an undo', async ({ page }) => {
  await visit(page, '/cloth/heron-jersey');
  await page.getByLabel('Notes').first().focus();
  await page.keyboard.type(' 1/2 z');
  await expect(page.getByRole('combobox', { name: /Find/ })).not.toBeFocused();
  await visit(page, '/garments/ring-toss/sew');
  const step = page.locator('[data-machine-step]');
  const before = await step.getAttribute('data-machine-step');
  await page.getByRole('button', { name: /Write a note/ }).click();
  await expect(page.getByLabel('Note on this step')).toBeFocused();
  await page.keyboard.type('the foot was too firm ', { delay: FAST_MS });
  expect(await step.getAttribute('data-machine-step')).toBe(before);
  await page.reload();
  await expect(page.getByText('Your note: the foot was too firm')).toBeVisible();
});

test('one key held down ticks off one step', async ({ page }) => {
  await visit(page, '/garments/ring-toss/sew');
  const done = page.getByRole('progressbar', { name: 'Steps done' });
  const before = Number(await done.getAttribute('aria-valuenow'));
  for (let held = 0; held < 12; held += 1) await page.keyboard.down('Space');
  await page.keyboard.up('Space');
  await expect(done).toHaveAttribute('aria-valuenow', String(before + 1));
  await page.getByRole('button', { name: /Done, next/ }).focus();
  for (let held = 0; held < 12; held += 1) await page.keyboard.down('Enter');
  await page.keyboard.up('Enter');
  await expect(done).toHaveAttribute('aria-valuenow', String(before + 2));
});
