import { expect, test } from './test';
import { clippedTexts } from './clipped';
import { linesBefore } from './firstThing';
import { readIn, visit, visitWhole } from './hands';
import { views } from './views';

test.use({ household: 'before anyone changed it' });

/** The widths at which the product is used: a phone before a mirror, a tablet at the table. */
const SIZES = [
  ['a phone', 390, 844],
  ['a tablet', 768, 1024],
] as const;

test('on a phone and on a tablet no view is wider than it, and no text is cut off', async ({
  page,
  context,
}) => {
  test.setTimeout(300_000);
  await readIn(context, 'in');
  for (const [view, path] of views) {
    await page.setViewportSize({ width: 390, height: 844 });
    await visitWhole(page, path);
    for (const [name, width, height] of SIZES) {
      await page.setViewportSize({ width, height });
      const over = await page.evaluate(
        () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
      );
      expect.soft([view, name, over]).toEqual([view, name, 0]);
      expect.soft([view, name, await clippedTexts(page)]).toEqual([view, name, []]);
    }
  }
});

test('on a tablet the settings and “Done, next” are on one screen where a machine has to be changed over', async ({
  page,
}) => {
  await page.setViewportSize({ width: 768, height: 1024 });
  await visit(page, '/garments/ring-toss/sew');
  const done = page.getByRole('button', { name: /Done, next/ });
  for (let step = 0; step < 12; step += 1) {
    const change = page.locator('[data-change="true"] aside');
    if ((await change.count()) > 0) {
      const top = await change.first().boundingBox();
      expect(top?.y ?? Infinity).toBeLessThan(300);
      await expect(done).toBeInViewport();
      return;
    }
    await done.click();
  }
  throw new Error('expected a step with changing over among the first twelve, found none');
});

test('no stage has more than ten lines to read before the first thing to do', async ({ page }) => {
  test.setTimeout(120_000);
  for (const id of ['lakeside', 'tightrope', 'finale'])
    for (const stage of ['measure', 'stretch', 'fit', 'bands', 'cut', 'sew', 'wear']) {
      await page.setViewportSize({ width: 1280, height: 800 });
      await visit(page, `/garments/${id}?stage=${stage}`);
      for (const width of [1280, 768]) {
        await page.setViewportSize({ width, height: 800 });
        // A stage’s own code may come a moment after the page.
        await expect
          .poll(() => linesBefore(page), { message: `${id}, ${stage}, ${width}` })
          .toBeLessThanOrEqual(10);
      }
    }
});

test('what would mend a second problem is a press away, and stops come first', async ({ page }) => {
  await visit(page, '/garments/tightrope?stage=fit');
  const problems = page.locator('[data-severity]');
  await expect(problems.first()).toHaveAttribute('data-severity', 'stop');
  await expect(problems.first().getByRole('listitem').first()).toBeVisible();
  await expect(problems.nth(1).getByRole('listitem')).toHaveCount(0);
  await problems.nth(1).getByRole('button', { name: 'What would mend it' }).click();
  await expect(problems.nth(1).getByRole('listitem').first()).toBeVisible();
});
