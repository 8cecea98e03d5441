import { expect, test } from './test';
import { saved, visit } from './hands';

test.use({ household: 'photographed' });

/** A picture that is at hand; what it shows does not matter here. */
const PICTURE = 'docs/screenshots/table.png';

test('on a phone: photos of two rounds, side by side, and one deleted for good', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await visit(page, '/garments/overture?stage=wear');
  const add = page.getByLabel('Photo of this try-on');
  const shows = page.getByLabel('Shows');
  await test.step('what is no photo, and what is too large, is refused with a sentence', async () => {
    await add.setInputFiles({ name: 'a.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('Dear diary') });
    await expect(page.getByText('That is not a photo that can be read')).toBeVisible();
    // A hundred megabytes are not sent at all.
    const asked: string[] = [];
    page.on('request', (request) => asked.push(request.url()));
    await add.evaluate((input: HTMLInputElement) => {
      const files = new DataTransfer();
      files.items.add(new File([new Uint8Array(100_000_000)], 'huge.jpg', { type: 'image/jpeg' }));
      input.files = files.files;
      input.dispatchEvent(new Event('change', { bubbles: true }));
    });
    await expect(page.getByText('This file has 100 MB: a photo of at most 25 MB is kept.')).toBeVisible();
    expect(asked.filter((url) => url.includes('/api/photos'))).toEqual([]);
  });
  await test.step('a photo of the round that is being written waits through a reload', async () => {
    await add.setInputFiles(PICTURE);
    await expect(shows).toHaveValue('front');
    await page.reload();
    await expect(shows).toHaveValue('front');
    await page.getByRole('button', { name: 'Keep this try-on' }).click();
    await saved(page);
  });
  await test.step('an older round gets one too, and both fronts lie side by side', async () => {
    await expect(page.getByRole('group', { name: 'Round by round: front' })).toBeHidden();
    await page
      .getByLabel(/^Photo of the try-on of /)
      .last()
      .setInputFiles(PICTURE);
    const row = page.getByRole('group', { name: 'Round by round: front' });
    await expect(row.getByRole('img')).toHaveCount(2);
    for (const img of await row.getByRole('img').all())
      await expect.poll(() => img.evaluate((one: HTMLImageElement) => one.naturalWidth)).toBe(1280);
    await saved(page);
  });
  await test.step('what it shows is changed, undone, and the photo deleted once that was asked', async () => {
    await shows.first().selectOption('back');
    await saved(page);
    await expect(page.getByRole('group', { name: 'Round by round: front' })).toBeHidden();
    await page.getByRole('button', { name: /^Undo: / }).click();
    await expect(page.getByRole('group', { name: 'Round by round: front' })).toBeVisible();
    await page.getByRole('button', { name: 'Delete', exact: true }).first().click();
    await page.getByRole('button', { name: 'Delete the photo' }).click();
    await saved(page);
    await expect(page.getByRole('group', { name: 'Round by round: front' })).toBeHidden();
    await expect(shows).toHaveCount(1);
  });
});
