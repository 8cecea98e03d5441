import { expect, test, type Locator, type Page } from './test';
import { readIn, visitWhole } from './hands';
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

/** The unit in which a field of this label is typed. */
const unitOf = (label: string): keyof typeof CANDIDATES =>
  (/\((cm|in|mm)\)$/.exec(label)?.[1] ?? 'other') as keyof typeof CANDIDATES;

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

/** What no field can read, and what lies outside every field’s range. */
const UNREADABLE = ['banana', '🧵🧵', '1/0', 'x'.repeat(150)] as const;
const OUTSIDE = ['-500', '99999'] as const;

/** Nonsense in a number field gets a sentence beside it and stays as it was typed. */
async function refuses(page: Page, field: Locator, nth: number): Promise<void> {
  // All fields read with the same few readers, and each range is tried at the server's door: a few of these will do.
  const outside = OUTSIDE[nth % OUTSIDE.length] as string;
  for (const text of nth % 3 === 0 ? [UNREADABLE[nth % UNREADABLE.length] as string, outside] : [outside]) {
    await field.fill(text);
    await field.blur();
    await expect(field).toHaveAttribute('aria-invalid', 'true');
    const [sentence = ''] = ((await field.getAttribute('aria-describedby')) ?? '').split(' ');
    await expect(page.locator(`[id="${sentence}"]`)).toHaveText(/[.]$/);
    expect(await field.inputValue()).toBe(text);
  }
}

/** What is typed as it is cut is stored as it is sewn: less its joins (`newcomer.spec.ts` works such a strip out by hand). */
const STORED_AS_SEWN = /^Its (length|width) as cut/;

/** Types numbers until one is in the field’s range; it is stored when the field is left, and only then. */
async function storesWhatIsTyped(
  page: Page,
  field: Locator,
  label: string,
  sent: readonly number[],
  slow: boolean,
): Promise<void> {
  const unit = unitOf(label);
  for (const candidate of CANDIDATES[unit]) {
    const from = sent.length;
    await typeInto(page, field, candidate, slow);
    expect(sent.slice(from), `${label}: nothing is stored while it is typed`).toEqual([]);
    await page.keyboard.press('Tab');
    if ((await field.getAttribute('aria-invalid')) === 'true') continue;
    await expect(page.getByText('Saving', { exact: true })).toHaveCount(0);
    if (unit === 'other' || STORED_AS_SEWN.test(label)) return;
    const wanted = mmOf(candidate, unit);
    const stored = sent.slice(from).filter((value) => Math.abs(value - wanted) < 1e-6);
    if (sent.length > from) {
      expect(
        stored.length,
        `${label}: ${candidate} is stored, not ${sent.slice(from).join(', ')}`,
      ).toBeGreaterThan(0);
    }
    return;
  }
}

/** A long table of numbers in one unit is one component too: of a page its first ones are tried, then every fourth. */
const EACH_OF = 8;
const THEN_EVERY = 4;

/** Fields of one label are one component with one spec: each is tried once, in the unit of the first page that has it. */
const walked = new Set<string>();

const FIELDS =
  'main input:not([type=radio]):not([type=checkbox]):not([type=range]):not([type=file]):not([type=date]):not([aria-hidden=true]), main textarea:not([aria-hidden=true])';

for (const [at, [name, path]] of views.filter(([, to]) => !/nobody|\/ticket|\/sheet/.test(to)).entries()) {
  test(`every field takes what is typed and refuses nonsense with a sentence: ${name}`, async ({
    page,
    context,
  }) => {
    test.setTimeout(300_000);
    await readIn(context, at % 2 === 0 ? 'cm' : 'in');
    await visitWhole(page, path);
    await page.evaluate(() => {
      for (const one of document.querySelectorAll('details')) one.open = true;
    });
    const sent = watchWrites(page);
    const fields = page.locator(FIELDS);
    const met = new Map<string, number>();
    for (let nth = 0; nth < (await fields.count()); nth += 1) {
      const field = fields.nth(nth);
      if (!(await field.isVisible())) continue;
      const { label, isNumber } = await field.evaluate((element) => ({
        label: (element as HTMLInputElement).labels?.[0]?.textContent ?? '',
        isNumber: element.hasAttribute('inputmode'),
      }));
      if (walked.has(label)) continue;
      walked.add(label);
      const unit = unitOf(label);
      const like = (met.get(unit) ?? 0) + 1;
      met.set(unit, like);
      if (isNumber && unit !== 'other' && like > EACH_OF && like % THEN_EVERY !== 0) continue;
      const before = await field.inputValue();
      if (isNumber) {
        await storesWhatIsTyped(page, field, label, sent, nth % 6 === 0);
        await refuses(page, field, nth);
      } else {
        for (const text of [...UNREADABLE, ...OUTSIDE]) {
          await field.fill(text);
          await field.blur();
          await expect(page.locator('h1').first()).toBeVisible();
        }
      }
      // As it was: other tests look at the same household. Nothing of this field may still be on its way when the next
      // is typed in.
      await field.fill(before);
      await field.blur();
      await expect(page.getByText('Saving', { exact: true })).toHaveCount(0);
    }
    await expect(page.getByText('This page could not be shown')).toHaveCount(0);
  });
}
