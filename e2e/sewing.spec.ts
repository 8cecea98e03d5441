import { expect, seedHousehold, test, type Page } from './test';
import { isLive, pointer, saved, startGarment, visit } from './hands';
import { kill, startServer } from './ownServer';

const PORT = 4173;
const BASE = `http://127.0.0.1:${PORT}`;
const FOLDER = 'test-results/sewing';
const DB = `${FOLDER}/household.db`;

let server: Awaited<ReturnType<typeof startServer>> | undefined;
test.afterEach(async () => {
  if (server) await kill(server);
  server = undefined;
});

/** Where the step on the screen stands: `5 of 16`. */
async function placeOn(page: Page): Promise<readonly [number, number]> {
  const text = await page.locator('[data-at-machine] header').innerText();
  const [, at, of] = /(\d+) of (\d+)/.exec(text) ?? [];
  return [Number(at), Number(of)];
}
const stepOn = (page: Page) => page.locator('[data-machine-step]');

/** Waits until so many steps of a garment are ticked off on the server’s disk. */
const onDisk = (address: string, steps: number): Promise<void> =>
  expect
    .poll(async () => {
      const answer = await fetch(`${BASE}/api/records/garment/${address.split('/').at(-1) ?? ''}`);
      const { record } = (await answer.json()) as { record: { facts: { sewn: object } } };
      return Object.keys(record.facts.sewn).length;
    })
    .toBe(steps);

/** A tee for Odile out of Heron jersey, measured and ready to sew on a set of machines. */
async function newTee(page: Page, name: string, set: string, unit: 'cm' | 'in'): Promise<string> {
  const hands = pointer(page);
  const go = (path: string) => visit(page, `${BASE}${path}`);
  await go('/garments/new');
  await hands.press(unit);
  const address = await startGarment(page, hands, name);
  await visit(page, `${address}?stage=bands`);
  await hands.fill(`Front piece, edge to edge (${unit})`, unit === 'cm' ? '33' : '13');
  await hands.fill(`Back piece, edge to edge (${unit})`, unit === 'cm' ? '19' : '7 1/2');
  await saved(page);
  await visit(page, `${address}?stage=sew`);
  await hands.select('Machines', set);
  await saved(page);
  await expect(page.locator('[data-step]').first()).toBeVisible();
  return address;
}

for (const { name, set, unit, forward } of [
  {
    name: 'a combined machine, with a pedal',
    set: 'In the corner',
    unit: 'cm',
    forward: (page: Page) => page.keyboard.press('PageDown'),
  },
  {
    name: 'a sewing machine alone, in inches, by tapping',
    set: 'On tour',
    unit: 'in',
    forward: (page: Page) => page.getByRole('button', { name: /Done, next/ }).click(),
  },
] as const) {
  test(`a whole tee on ${name}, killed half way and gone on with`, async ({ browser }) => {
    test.setTimeout(240_000);
    seedHousehold(FOLDER);
    server = await startServer(PORT, DB);
    const context = await browser.newContext({ viewport: { width: 768, height: 1024 } });
    let page = await context.newPage();
    const address = await newTee(page, 'Flag tee', set, unit);
    await page.getByRole('link', { name: 'Go to the machine' }).click();
    await expect(stepOn(page)).toBeVisible();
    const [, count] = await placeOn(page);
    expect(count).toBeGreaterThan(12);
    const titles: string[] = [];
    const half = Math.floor(count / 2);
    for (let at = 0; at < count; at += 1) {
      await expect.poll(async () => (await placeOn(page))[0]).toBe(at + 1);
      const title = await page.locator('[data-machine-step] h1').innerText();
      titles.push(title);
      await expect(page.getByText('Then check')).toBeVisible();
      if (at === half) {
        // The power goes: what was done is there again, and so is the place.
        await onDisk(address, at);
        await kill(server);
        await page.close();
        server = await startServer(PORT, DB);
        page = await context.newPage();
        await visit(page, `${address}/sew`);
        await expect(page.locator('[data-machine-step] h1')).toHaveText(title);
        await expect.poll(async () => (await placeOn(page))[0]).toBe(at + 1);
      }
      await forward(page);
    }
    await expect(page.locator('[data-finished]')).toContainText('Flag tee is sewn.');
    expect(titles.at(-1)).toMatch(/Bury the tails/);
    expect(titles[0]).toBe('Mark the front');
    const overcast = titles.filter((title) => title.endsWith(': trim and overcast')).length;
    if (set === 'On tour') expect(overcast).toBeGreaterThan(3);
    else expect(overcast).toBe(0);
    await onDisk(address, count);
    await visit(page, `${address}?stage=sew`);
    await expect(page.getByText(`${count} of ${count} done`)).toBeVisible();
    await context.close();
  });
}

test('at the machine: back, a note, what went wrong with its remedy, and a machine that gives out', async ({
  page,
}) => {
  await visit(page, '/garments/ring-toss/sew');
  await expect(stepOn(page)).toBeVisible();
  const [place, count] = await placeOn(page);
  await page.keyboard.press('ArrowLeft');
  await expect.poll(async () => (await placeOn(page))[0]).toBe(place - 1);
  await expect(page.getByText('Done already.')).toBeVisible();
  await page.keyboard.press('n');
  await page.getByLabel('Note on this step').fill('Used the old bobbin.');
  await saved(page);
  await page.keyboard.press('Escape');
  await page.keyboard.press('ArrowRight');
  await expect.poll(async () => (await placeOn(page))[0]).toBe(place);
  // Look ahead to a step on the combined machine without ticking anything off.
  await visit(page, '/garments/ring-toss?stage=sew');
  await page.getByRole('button', { name: /Step \d+: Sew side and underarm/ }).click();
  await expect(page.locator('[data-step="side"][data-open=true]')).toBeVisible();
  await expect(page.getByText(/gives .* by your own swatch/)).toBeVisible();
  await visit(page, '/garments/ring-toss/sew');
  await page.keyboard.press('w');
  await page.getByLabel('What it did').selectOption({ label: 'The seam waves' });
  await expect(page.getByRole('list', { name: 'Causes to try' })).toContainText('The foot presses too hard');
  await page.getByRole('button', { name: 'This helped' }).first().click();
  await saved(page);

  await visit(page, '/machines/two-in-one');
  await page.getByRole('button', { name: 'It is out of order' }).click();
  await saved(page);
  await visit(page, '/garments/ring-toss?stage=sew');
  await expect(page.locator('[data-step="side"]')).toContainText('Old green');
  await expect(page.locator('[data-step="side-finish"]')).toBeVisible();
  await expect(page.locator('[data-step="shoulder-finish"]')).toHaveCount(0);
  await visit(page, '/machines/two-in-one');
  await page.getByRole('button', { name: 'It works again' }).click();
  await saved(page);
  await visit(page, '/garments/ring-toss?stage=sew');
  await expect(page.locator('[data-step="side"]')).toContainText('Two-in-one');
  expect(count).toBeGreaterThan(10);
});

test('the order: dragged by keyboard, what it breaks is said, and the best one is a press away', async ({
  page,
}) => {
  await visit(page, '/garments/matinee?stage=sew');
  const steps = page.locator('[data-step]');
  await expect(steps.first()).toBeVisible();
  const ids = () => steps.evaluateAll((all) => all.map((one) => one.getAttribute('data-step')));
  const before = await ids();
  const last = before.length - 1;
  await page.getByRole('button', { name: `Move step ${last + 1}` }).focus();
  await page.keyboard.press('Space');
  await page.waitForTimeout(300);
  for (let at = 0; at < 3; at += 1) {
    await page.keyboard.press('ArrowUp');
    await page.waitForTimeout(250);
  }
  await page.keyboard.press('Space');
  await expect(page.getByText(/has to come before step/).first()).toBeVisible();
  await expect(page.getByText('This is your own order')).toBeVisible();
  await page.getByRole('button', { name: 'Take the best order again' }).click();
  await expect(page.getByText(/has to come before step/)).toHaveCount(0);
  await expect.poll(ids).toEqual(before);
});

test('other machines, another garment beside it, free evenings and their calendar', async ({ page }) => {
  const hands = pointer(page);
  await visit(page, '/garments/matinee?stage=sew');
  await hands.press('Compare the sets of machines');
  const table = page.getByRole('table', { name: 'Other sets of machines' });
  await expect(table.getByRole('row', { name: /On tour/ })).toContainText('zigzag');
  await hands.select('Sew it together with', 'Lantern tee');
  await expect(page.getByRole('list', { name: 'Both garments' })).toContainText('Lantern tee');
  await expect(page.getByText(/saved\./i)).toBeVisible();
  await hands.press('Add a free evening');
  await hands.press('Add a free evening');
  await expect(page.locator('[data-evening]').first()).toContainText('to spare');
  await page.getByLabel('From').first().fill('late');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Give the time as hours and minutes, such as 19:30.')).toBeVisible();
  await page.getByLabel('From').first().fill('18:15');
  await page.keyboard.press('Enter');
  await saved(page);
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Save as a calendar file' }).click(),
  ]);
  expect(download.suggestedFilename()).toBe('sewing.ics');
});

test('a newcomer’s machine: what it can do, a swatch in inches, its advice, changing over, the sheet', async ({
  page,
}) => {
  const hands = pointer(page);
  await visit(page, '/machines');
  await hands.press('in');
  await hands.fill('A machine’s name', 'Grandmother’s');
  await hands.press('Add a machine');
  await expect(page).toHaveURL(/\/machines\/[0-9a-f-]{36}/);
  await isLive(page);
  await hands.select('Kind', 'serger');
  await hands.fill('Threads at most', '9');
  await expect(page.getByText(/Threads at most: give a value from 2 to 5/)).toBeVisible();
  await hands.fill('Threads at most', '4');
  await hands.select('Cloth', 'Heron jersey');
  await hands.select('Stitch', 'four-thread overlock');
  await hands.press('Start a card');
  await hands.fill('Seam before (in)', '4');
  await hands.fill('Seam after, lying (in)', '4 3/8');
  await hands.fill('Pulled to its limit (in)', '7');
  await expect(page.getByText(/It waved by 9 %/)).toBeVisible();
  await expect(page.getByText('1.42')).toBeVisible();
  await expect(page.getByText(/It stretches/)).toContainText('60 %');
  await hands.press('Say how it stands');
  await hands.press('That is how it stands');
  await hands.select('Change it over to', 'three-thread overlock, narrow');
  const list = page.getByRole('list', { name: 'What to change' });
  await expect(list.getByRole('listitem').first()).toHaveText('Power off');
  await expect(list.getByRole('listitem').last()).toHaveText('Test on a scrap');
  await expect(page.getByText(/To put back afterwards/)).toBeVisible();
  await hands.press('Done: it stands like that now');
  await saved(page);
  await hands.press('cm');

  await visit(page, '/garments/ring-toss/sheet');
  await expect(page.locator('[data-sheet-step]').first()).toBeVisible();
  await page.emulateMedia({ media: 'print' });
  await expect(page.locator('[data-sheet]')).toContainText('Thread');
  // What was settled at Bands stands on it, and a tee takes two pages of either paper.
  await expect(page.locator('[data-sheet] [data-edge="hem"]')).toContainText('turned up');
  for (const format of ['A4', 'Letter'] as const) {
    const pdf = (await page.pdf({ format })).toString('latin1');
    expect([format, pdf.match(/\/Type\s*\/Page\b(?!s)/g)?.length]).toEqual([format, 2]);
  }
  await expect(page.getByRole('button', { name: 'Print' })).toBeHidden();
});

test('a neckband sewn on with a shoulder open: chosen at Sew, known at Bands and on the ticket', async ({
  page,
}) => {
  const hands = pointer(page);
  await visit(page, '/garments/new');
  const address = await startGarment(page, hands, 'Flat-necked tee');
  await visit(page, `${address}?stage=bands`);
  await hands.fill(/^Front piece, edge to edge/, '33');
  await hands.fill(/^Back piece, edge to edge/, '19');
  const lines = page.locator('[aria-label="Ticket"]');
  await expect(lines).toContainText('neckband: mark in 8 from centre back');
  await visit(page, `${address}?stage=sew`);
  await expect(page.locator('[data-step="shoulder-2"]')).toHaveCount(0);
  await page.getByLabel('Neckband', { exact: true }).selectOption('open');
  await expect(page.locator('[data-step="shoulder-2"]')).toContainText('through the ends of the band');
  await saved(page);
  await page.getByRole('button', { name: /^Bands,/ }).click();
  await expect(page.getByText('Its ends lie in the left shoulder seam')).toBeVisible();
  await expect(lines).toContainText('they lie in the left shoulder’s seam');
  await expect(lines).toContainText('from its end at the left shoulder');
});
