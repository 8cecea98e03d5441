import { expect, test, type Page } from './test';
import { pointer, readIn, saved, startGarment, visit, type Hands } from './hands';
import { say } from './tryOn';

/** As a newcomer types: a tenth of a second a key. */
const KEY_MS = 100;

function typist(page: Page): Hands {
  return {
    ...pointer(page),
    fill: async (label, text) => {
      const field = page.getByLabel(label, { exact: typeof label === 'string' }).first();
      await field.click();
      await page.keyboard.press('Control+A');
      await page.keyboard.type(text, { delay: KEY_MS });
      await page.keyboard.press('Tab');
    },
  };
}

interface Made {
  readonly page: Page;
  readonly unit: 'cm' | 'in';
  readonly kind: string;
  readonly name: string;
}

/** A garment for Odile out of Heron jersey; its address. */
async function make({ page, unit, kind, name }: Made): Promise<string> {
  const hands = typist(page);
  await readIn(page.context(), unit);
  await visit(page, '/garments/new');
  await hands.press(kind);
  return startGarment(page, hands, name);
}

const atEdge = async (page: Page, address: string, edge: RegExp): Promise<void> => {
  await visit(page, `${address}?stage=bands`);
  await page.getByRole('listitem').getByRole('button', { name: edge }).click();
};

/** A row of the printed ticket. */
const printed = async (page: Page, address: string, row: RegExp) => {
  await visit(page, `${address}/ticket`);
  return page.locator('[data-row]').filter({ hasText: row }).first();
};

/*
 * Each number is worked out by hand from what is typed (common practice, no source), as a person with a calculator would.
 */

/*
 * In mm: a 6.35, w 19.05, N = 228.6 + 165.1 + 0.8869·a = 399.3; at most 1.05·(N − 4.8869·w) = 321.5 lies flat. The head of
 * 495.3 through a band of 45 % needs 495.3 ÷ 1.45 = 341.6, which is more: the shortest that passes is
 * planned, and it wants steam. Cut = 341.6 + 2·a = 354.3 = 13.95 in, to the safe side 14; width 2·(w + a) = 2 in
 * (handbook 04, too short).
 */
test('a toddler’s tee in inches, the child added on the way: the neckband passes the head only where it wants steam', async ({
  page,
}) => {
  const hands = typist(page);
  await readIn(page.context(), 'in');
  await visit(page, '/garments/new');
  await hands.fill('Name', 'Teasel');
  await hands.select('Cloth', 'Heron jersey');
  await hands.press('Add a wearer');
  await hands.fill('Name of the new wearer', 'Pip');
  await hands.pick('Grown', 'Child: grows');
  await hands.press('Add it');
  await expect(page.getByLabel('For', { exact: true }).locator('option:checked')).toHaveText('Pip');
  await expect(page.getByLabel('Cloth', { exact: true }).locator('option:checked')).toHaveText(
    'Heron jersey',
  );
  await hands.press('Start');
  await expect(page.getByLabel('Garment’s name')).toHaveValue('Teasel');
  const address = page.url().split('?')[0] as string;
  await hands.fill('Head (in)', '19 1/2');
  await hands.fill('Bust or chest (in)', '20 1/2');
  await saved(page);
  await visit(page, `${address}?stage=bands`);
  await hands.fill('Front piece, edge to edge (in)', '9');
  await hands.fill('Back piece, edge to edge (in)', '6 1/2');
  await saved(page);
  await expect(page.getByRole('row', { name: /^lies flat by its width.*wants steam/ })).toBeVisible();
  await expect((await printed(page, address, /^Neckband/)).locator('[data-size]')).toHaveText('14 in × 2 in');
  await visit(page, `${address}?stage=measure`);
  await expect(page.getByLabel('Head (in)')).toHaveValue('19 ½');
});

test('panties with a rule for each part: 32 less 1, 8 less a half, a tail of 1 at each end → 40.5 cm', async ({
  page,
}) => {
  const hands = typist(page);
  const address = await make({ page, unit: 'cm', kind: 'Lace panties with adjustable sides', name: 'Sedge' });
  await atEdge(page, address, /^Leg/);
  await page.getByRole('radio', { name: 'the seamline itself' }).check();
  await hands.fill('All along (cm)', '40');
  await hands.fill('Of it, front leg (cm)', '32');
  await hands.fill('Of it, gusset (cm)', '8');
  await hands.fill('Less, front leg (cm)', '1');
  await hands.fill('Less, gusset (cm)', '0,5');
  await page.getByText('How it is finished and joined').click();
  await hands.fill('Tail at each end (cm)', '1');
  await saved(page);
  await expect(await printed(page, address, /^Leg edges/)).toContainText('40.5 cm');
});

test('fold-over trousers from a strip of 35 × 14 in: joined with ¼ it sits at 34 ½, folded it finishes 6 ¾', async ({
  page,
}) => {
  const hands = typist(page);
  const address = await make({ page, unit: 'in', kind: 'Trousers with a fold-over waist', name: 'Rush' });
  await atEdge(page, address, /^Waist/);
  await page.getByText('You have the', { exact: false }).click();
  await hands.fill('Its length as cut (in)', '35');
  await hands.fill('Its width as cut (in)', '14');
  await saved(page);
  await expect(page.getByLabel('Your own length (in)')).toHaveValue('34 ½');
  await expect(page.getByLabel('Finished width (in)')).toHaveValue('6 ¾');
  await expect(await printed(page, address, /^Deep waistband/)).toContainText('35 in × 14 in');
});

test('lined swim bottoms on a sewing machine alone: 56 less 5 %, overlapped by 1.3 → 54.5 cm, and no serger asked for', async ({
  page,
}) => {
  const hands = typist(page);
  const address = await make({ page, unit: 'cm', kind: 'Briefs or swim bottoms', name: 'Teal' });
  await atEdge(page, address, /^Leg/);
  await page.getByRole('radio', { name: 'the seamline itself' }).check();
  await hands.fill('All along (cm)', '56');
  await hands.fill('Shorter than the edge by (%)', '5');
  await page.getByText('How it is finished and joined').click();
  await hands.fill('Overlap (cm)', '1,3');
  await saved(page);
  await expect(await printed(page, address, /^Leg edges, elastic/)).toContainText('54.5 cm');
  await visit(page, `${address}?stage=sew`);
  await hands.select('Machines', 'On tour');
  await saved(page);
  const rows = (await page.locator('[data-step]').allInnerTexts()).join(' ');
  expect(rows).toContain('zigzag');
  expect(rows).not.toMatch(/serger|four-thread|coverstitch/i);

  // Settings that sew well are kept as a card where they are used.
  await visit(page, `${address}/sew`);
  const keep = page.getByRole('button', { name: 'Keep these settings as a card' });
  const title = page.locator('[data-machine-step] h1');
  for (let at = 0; at < 12 && (await keep.count()) === 0; at += 1) {
    const before = await title.innerText();
    await hands.press(/^Done, next/);
    await expect(title).not.toHaveText(before);
  }
  await keep.click();
  await expect(page.getByText(/^These are your card’s of /)).toBeVisible();
  await saved(page);
});

test('too tight at the neck: written at the try-on, said where the next one’s neck is planned', async ({
  page,
}) => {
  const hands = typist(page);
  const address = await make({ page, unit: 'cm', kind: 'Tee', name: 'Dabchick' });
  await visit(page, `${address}?stage=bands`);
  await hands.fill('Front piece, edge to edge (cm)', '32');
  await hands.fill('Back piece, edge to edge (cm)', '19');
  await saved(page);
  await visit(page, `${address}?stage=wear`);
  await say(page, hands, 'Neckline', 'too tight');
  await hands.pick('How it was held', 'basted');
  await hands.fill('What came out', 'Too tight at the neck.');
  await hands.press('Keep this try-on');
  await saved(page);
  await hands.press('Make another');
  await expect(page.getByLabel('Garment’s name')).toHaveValue('Dabchick, again');
  await expect(page.getByRole('region', { name: 'From earlier garments' })).toContainText('too tight');
});
