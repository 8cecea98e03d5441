import { expect, test, type Locator, type Page } from '@playwright/test';
import { saved, visit } from './hands';
import { views } from './views';

/** Fast and slow hands; the slow ones stop in the middle of a number. */
const FAST_MS = 30;
const SLOW_MS = 120;
const PAUSE_MS = 600;

/** What can be typed into a field whose range is not known here: the first that it takes. */
const CANDIDATES = {
  cm: ['41,5', '12,5', '2,5', '103,5', '0,8'],
  in: ['16 1/2', '5 1/2', '1 1/4', '41 1/2', '5/16'],
  mm: ['1,5'],
  other: ['12,5', '2', '80', '1,5', '300'],
} as const;

const MM_PER_INCH = 25.4;
const mmOf = (typed: string, unit: 'cm' | 'in' | 'mm'): number => {
  if (unit !== 'in') return Number(typed.replace(',', '.')) * (unit === 'cm' ? 10 : 1);
  return (
    MM_PER_INCH *
    typed.split(' ').reduce((sum, part) => {
      const [above = '0', below = '1'] = part.split('/');
      return sum + Number(above) / Number(below);
    }, 0)
  );
};

/** Every number that is sent to be stored, flattened. */
function watchWrites(page: Page): number[] {
  const sent: number[] = [];
  page.on('request', (request) => {
    if (request.method() !== 'PATCH') return;
    const { changes } = request.postDataJSON() as { changes: { value: unknown }[] };
    const take = (value: unknown): void => {
      if (typeof value === 'number') sent.push(value);
      else if (typeof value === 'object' && value !== null) Object.values(value).forEach(take);
    };
    for (const { value } of changes) take(value);
  });
  return sent;
}

/** Types as hands do, with a pause in the middle; nothing may happen to the field or the page meanwhile. */
async function typeInto(page: Page, field: Locator, text: string, slow: boolean): Promise<void> {
  const handle = await field.elementHandle();
  if (!handle) throw new Error('expected a field, it has gone');
  const before = { url: page.url(), heading: await page.locator('h1').first().textContent() };
  await handle.focus();
  await page.keyboard.press('Control+A');
  const middle = Math.ceil(text.length / 2);
  for (const [at, letter] of [...text].entries()) {
    await page.keyboard.type(letter, { delay: slow ? SLOW_MS : FAST_MS });
    if (at + 1 === middle && slow) await page.waitForTimeout(PAUSE_MS);
  }
  const now = await handle.evaluate((element) => ({
    same: element === document.activeElement && element.isConnected,
    text: (element as HTMLInputElement).value,
  }));
  expect(now).toEqual({ same: true, text });
  expect(page.url()).toBe(before.url);
  if (!(await handle.evaluate((element) => element.closest('h1') !== null)))
    expect(await page.locator('h1').first().textContent()).toBe(before.heading);
}

const withFields = views.filter(
  ([name]) =>
    !/paper|Nothing there|On the table|^Garments|^Cloth$|^Patterns$|Compare|At the machine/.test(name),
);

/** What is typed as it is cut is stored as it is sewn: less its joins (`newcomer.spec.ts` works such a strip out by hand). */
const STORED_AS_SEWN = /^Its (length|width) as cut/;

/** Fields of one label are one component with one spec: each is typed into once, in the unit of the first page that has it. */
const walked = new Set<string>();

for (const [at, [name, path]] of withFields.entries()) {
  test(`what is typed is what is stored, in every number field: ${name}`, async ({ page, context }) => {
    test.setTimeout(300_000);
    const reader = at % 2 === 0 ? 'cm' : 'in';
    await context.addCookies([{ name: 'unit', value: reader, url: 'http://127.0.0.1:4171' }]);
    await visit(page, path);
    await page.evaluate(() => {
      for (const one of document.querySelectorAll('details')) one.open = true;
    });
    const sent = watchWrites(page);
    const count = await page.locator('main input[inputmode]').count();
    for (let nth = 0; nth < count; nth += 1) {
      const field = page.locator('main input[inputmode]').nth(nth);
      if (!(await field.isVisible())) continue;
      const label = await field.evaluate(
        (element) => (element as HTMLInputElement).labels?.[0]?.textContent ?? '',
      );
      if (walked.has(label)) continue;
      walked.add(label);
      const unit = (/\((cm|in|mm)\)$/.exec(label)?.[1] ?? 'other') as keyof typeof CANDIDATES;
      for (const candidate of CANDIDATES[unit]) {
        const from = sent.length;
        await typeInto(page, field, candidate, nth % 6 === 0);
        expect(sent.slice(from), `${label}: nothing is stored while it is typed`).toEqual([]);
        await page.keyboard.press('Tab');
        if ((await field.getAttribute('aria-invalid')) === 'true') continue;
        await expect(page.getByText('Saving', { exact: true })).toHaveCount(0);
        if (unit === 'other' || STORED_AS_SEWN.test(label)) break;
        const wanted = mmOf(candidate, unit);
        const stored = sent.slice(from).filter((value) => Math.abs(value - wanted) < 1e-6);
        if (sent.length > from)
          expect(
            stored.length,
            `${label}: ${candidate} is stored, not ${sent.slice(from).join(', ')}`,
          ).toBeGreaterThan(0);
        break;
      }
    }
  });
}

test('a field on a page just opened keeps what is typed before the page is live', async ({
  page,
  context,
}) => {
  await context.addCookies([{ name: 'unit', value: 'in', url: 'http://127.0.0.1:4171' }]);
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
