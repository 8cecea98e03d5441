import { expect, test } from './test';
import { readIn, saved, visit } from './hands';

test.use({ household: 'changed' });

/** By hand: 10 cm less 1.3 cm that is turned; 4 in less ½ in (handbook 13: a turned edge 13 mm). */
const CROPS = [
  { unit: 'cm', shorter: '10', off: '8.7 cm' },
  { unit: 'in', shorter: '4', off: '3 ½ in' },
] as const;

for (const { unit, shorter, off } of CROPS)
  test(`a tee that is made already is cropped and gets a ripple at its sleeves, ${unit}`, async ({
    page,
  }) => {
    await readIn(page.context(), unit);
    await page.setViewportSize({ width: 768, height: 1024 });
    await visit(page, '/garments/new');
    await page.getByRole('button', { name: 'Tee', exact: true }).click();
    await page.getByLabel('Name').click();
    await page.keyboard.type(`Old tee ${unit}`, { delay: 60 });
    await page.getByLabel(/^It is made already/).check();
    await page.getByLabel('Cloth', { exact: true }).selectOption({ label: 'Heron jersey' });
    await page.getByRole('button', { name: 'Start', exact: true }).click();
    await page.waitForURL(/\/garments\/[0-9a-f-]{36}/);
    const address = new URL(page.url()).pathname;
    const stage = (one: string) => visit(page, `${address}?stage=${one}`);
    await stage('measure');
    const changes = page.getByRole('region', { name: 'What changes' });
    await changes.getByLabel('Hem', { exact: true }).check();
    await changes.getByLabel(/^Hem: shorter by/).click();
    await page.keyboard.type(shorter, { delay: 100 });
    await page.keyboard.press('Tab');
    await expect(changes).toContainText(`Cut ${off} above the finished edge`);
    await changes.getByLabel('Sleeve hems', { exact: true }).check();
    await saved(page);
    await stage('cut');
    await expect(page.locator('main [data-edge=hem]').first()).toContainText(
      `Cut ${off} above the finished edge`,
    );
    await expect(page.getByRole('link', { name: 'Lay out on cloth' })).toBeHidden();
    await stage('sew');
    const main = page.locator('main');
    await expect(main).toContainText('Hem: take the old edge off');
    await expect(main).toContainText('Hem: turn up and sew');
    await expect(main).not.toContainText('shoulder');
    // Less than is turned there: said at the field, with what to do.
    await stage('measure');
    await changes.getByLabel(/^Hem: shorter by/).fill(unit === 'cm' ? '1' : '1/4');
    await page.keyboard.press('Tab');
    await expect(changes.getByRole('alert')).toContainText('Nothing is left to cut off');
  });
