import AxeBuilder from '@axe-core/playwright';
import { visitWhole } from './hands';
import { expect, test } from './test';
import { views } from './views';

/** A page that is not there, and the browser's hint that a slow machine used a preloaded script late. */
const HARMLESS = /404|preloaded using link preload but not used within a few seconds/;
/** Colours change over a moment. */
const COLOURS_SETTLE_MS = 400;

for (const [name, path] of views) {
  test(`${name}, light and dark: no serious violation, nothing on the console, no outside request`, async ({
    browser,
    origin,
  }) => {
    // A page that works in the background leaves the check little of a slow machine.
    test.setTimeout(240_000);
    const context = await browser.newContext({
      colorScheme: 'light',
      viewport: { width: 1280, height: 800 },
    });
    const page = await context.newPage();
    const trouble: string[] = [];
    page.on('console', (message) => {
      if (['error', 'warning'].includes(message.type()) && !HARMLESS.test(message.text()))
        trouble.push(message.text());
    });
    page.on('pageerror', (error) => trouble.push(error.message));
    page.on('request', (request) => {
      if (![origin, 'data:', 'blob:'].some((start) => request.url().startsWith(start)))
        trouble.push(request.url());
    });
    await visitWhole(page, path);
    for (const colorScheme of ['light', 'dark'] as const) {
      await page.emulateMedia({ colorScheme });
      await expect(page.locator('html')).toHaveAttribute('data-theme', colorScheme);
      await page.waitForTimeout(COLOURS_SETTLE_MS);
      // Everything but its colours is the same in the dark.
      // No view has a frame; only what is wrong is written down.
      const axe = new AxeBuilder({ page }).options({ resultTypes: ['violations'] }).setLegacyMode();
      const { violations } = await (
        colorScheme === 'light' ? axe : axe.withRules('color-contrast')
      ).analyze();
      const serious = violations.filter(({ impact }) => impact === 'serious' || impact === 'critical');
      expect(
        serious.map(({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html.slice(0, 160)).join(' | ')}`),
        colorScheme,
      ).toEqual([]);
    }
    expect(trouble).toEqual([]);
    await context.close();
  });
}
