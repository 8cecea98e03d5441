import { expect, type BrowserContext, type Locator, type Page } from '@playwright/test';

/** How a person works the page: by pointer, or by keyboard alone. */
export interface Hands {
  readonly fill: (label: string | RegExp, text: string) => Promise<void>;
  readonly press: (name: string | RegExp) => Promise<void>;
  readonly follow: (name: string | RegExp) => Promise<void>;
  readonly pick: (legend: string, name: string) => Promise<void>;
  readonly select: (label: string, option: string) => Promise<void>;
  readonly tick: (label: string | RegExp) => Promise<void>;
}

const exactly = (name: string | RegExp) => (typeof name === 'string' ? { name, exact: true } : { name });

export function pointer(page: Page): Hands {
  return {
    fill: async (label, text) => {
      const field = page.getByLabel(label, { exact: typeof label === 'string' }).first();
      await field.fill(text);
      await field.blur();
    },
    press: (name) => page.getByRole('button', exactly(name)).first().click(),
    follow: (name) => page.getByRole('link', exactly(name)).first().click(),
    pick: (legend, name) =>
      page
        .getByRole('group', { name: legend, exact: true })
        .getByRole('radio', { name, exact: true })
        .check(),
    select: async (label, option) => {
      await page.getByLabel(label, { exact: true }).selectOption({ label: option });
    },
    tick: (label) =>
      page
        .getByLabel(label, { exact: typeof label === 'string' })
        .first()
        .check(),
  };
}

const MAX_TABS = 150;

/** Tabs forward until the element has the focus; fails when it never gets it. */
async function tabTo(page: Page, target: Locator): Promise<void> {
  await expect(target).toBeVisible();
  for (let at = 0; at < MAX_TABS; at += 1) {
    if (await target.evaluate((element) => element === document.activeElement)) return;
    await page.keyboard.press('Tab');
  }
  throw new Error(`expected ${String(target)} to be reached with Tab, it was not in ${MAX_TABS} presses`);
}

export function keyboard(page: Page): Hands {
  return {
    fill: async (label, text) => {
      await tabTo(page, page.getByLabel(label, { exact: typeof label === 'string' }).first());
      await page.keyboard.press('Control+A');
      await page.keyboard.type(text);
      // What is typed counts when the field is left.
      await page.keyboard.press('Tab');
    },
    press: async (name) => {
      await tabTo(page, page.getByRole('button', exactly(name)).first());
      await page.keyboard.press('Enter');
    },
    follow: async (name) => {
      await tabTo(page, page.getByRole('link', exactly(name)).first());
      await page.keyboard.press('Enter');
    },
    pick: async (legend, name) => {
      const group = page.getByRole('group', { name: legend, exact: true });
      const checked = group.getByRole('radio', { checked: true });
      const first = (await checked.count()) > 0 ? checked.first() : group.getByRole('radio').first();
      await tabTo(page, first);
      const wanted = group.getByRole('radio', { name, exact: true });
      if ((await checked.count()) === 0) await page.keyboard.press('Space');
      for (let at = 0; at < 10 && !(await wanted.isChecked()); at += 1)
        await page.keyboard.press('ArrowRight');
      expect(await wanted.isChecked()).toBe(true);
    },
    select: async (label, option) => {
      await tabTo(page, page.getByLabel(label, { exact: true }));
      await page.keyboard.type(option);
      await expect(page.getByLabel(label, { exact: true }).locator('option:checked')).toHaveText(option);
    },
    tick: async (label) => {
      await tabTo(page, page.getByLabel(label, { exact: typeof label === 'string' }).first());
      await page.keyboard.press('Space');
    },
  };
}

/** Reads every page in one unit system. */
export const readIn = (context: BrowserContext, unit: 'cm' | 'in'): Promise<void> =>
  context.addCookies([{ name: 'unit', value: unit, domain: '127.0.0.1', path: '/' }]);

/** Leaves the field that is being typed in, and waits until everything is on the disk. */
export async function saved(page: Page): Promise<void> {
  await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
  await expect(page.getByRole('status').getByText('Saved', { exact: true })).toBeVisible();
}

/** Goes to a page and waits until it is live: a click before its scripts have loaded would go nowhere. */
export async function visit(page: Page, path: string): Promise<void> {
  await page.goto(path);
  await isLive(page);
}

/** Goes to a page and waits for all of it, what comes after the rest too: for who looks at a view as a whole. */
export async function visitWhole(page: Page, path: string): Promise<void> {
  await visit(page, path);
  await page.waitForLoadState('networkidle');
}

/** Waits until the page that is there now, or comes, is live. */
export async function isLive(page: Page): Promise<void> {
  await expect(page.locator('h1').first()).toBeVisible();
  await live(page);
}

/**
 * Waits until the page answers keys: its heading and every field of it belong to React, and what React does after
 * painting (listening for `/`) is done too, for it does that before the browser has time to spare.
 */
async function live(page: Page): Promise<void> {
  await page.waitForFunction(
    () =>
      [...document.querySelectorAll('h1, input, textarea:not([aria-hidden])')].every((element) =>
        Object.keys(element).some((key) => key.startsWith('__reactFiber$')),
      ),
    undefined,
    { timeout: 60_000 },
  );
  await page.evaluate(
    () => new Promise<void>((resolve) => requestIdleCallback(() => resolve(), { timeout: 5000 })),
  );
}

/** Fills in a new garment for Odile out of Heron jersey on the page for it, and starts it; its address. */
export async function startGarment(page: Page, hands: Hands, name: string): Promise<string> {
  await hands.fill('Name', name);
  await hands.select('For', 'Odile');
  await hands.select('Cloth', 'Heron jersey');
  await hands.press('Start');
  await expect(page.getByLabel('Garment’s name')).toHaveValue(name);
  return page.url().split('?')[0] as string;
}
