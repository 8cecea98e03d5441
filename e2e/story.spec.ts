import { expect, test, type Page } from './test';
import { keyboard, pointer, readIn, saved, visit, type Hands } from './hands';
import { say } from './tryOn';

interface Story {
  readonly name: string;
  readonly unit: 'cm' | 'in';
  readonly hands: (page: Page) => Hands;
  readonly rest: string;
  readonly pulls: readonly (readonly [string, string])[];
  readonly body: Readonly<Record<string, string>>;
  /** A fitted tee takes a tenth of the median stretch: 15.1 of 10 → 5.1 %; 6 1/16 of 4 → 5.2 %. */
  readonly worn: string;
  readonly front: string;
  readonly back: string;
  readonly shoulder: string;
  /** Neckband cut length × width as worked out by hand from the typed values, below. */
  readonly neckband: string;
  readonly wearer: string;
}

/*
 * By hand, in mm, mark D throughout, allowance a, band w: seamline N = front + back − 4·a + 4.8869·a;
 * band = N − 0.84·4.8869·w, at most 1.05·(N − 4.8869·w); cut = band + 2·a; width = 2·(w + a).
 * cm: a 6, w 20, front 32, back 19 → N 515.3; flat 438.5; band 433.2 → cut 445.2 → 44.5 × 5.2 cm.
 * in: a ¼, w ¾, front 12 ½, back 7 ½ → N 513.6; flat 441.6; band 435.4 → cut 448.1 = 17.64 in → 17 ⅝ × 2 in.
 */
const METRIC = {
  unit: 'cm',
  rest: '10',
  pulls: [
    ['15', '10,1'],
    ['15.2', '10.1'],
    ['15.1', '101 mm'],
  ],
  body: { 'Bust or chest': '92', Hip: '98', Biceps: '29', Head: '56' },
  worn: '5.1 %',
  front: '32',
  back: '19',
  shoulder: '12',
  neckband: '44.5 cm × 5.2 cm',
} as const;
const INCHES = {
  unit: 'in',
  rest: '4',
  pulls: [
    ['6', '4'],
    ['6 1/16', '4'],
    ['6⅛"', '4 1/32'],
  ],
  body: { 'Bust or chest': '36 1/4', Hip: '38.5', Biceps: '11⅜', Head: '22' },
  worn: '5.2 %',
  front: '12 1/2',
  back: '7½',
  shoulder: '4 3/4',
  neckband: '17 ⅝ in × 2 in',
} as const;

/** Steps of a tee on a usual serger, coverstitch and sewing machine: three of them swatches. */
const STEPS = 17;

const stories: readonly Story[] = [
  { ...METRIC, name: 'in centimetres', hands: pointer, wearer: 'Cleo' },
  { ...INCHES, name: 'in inches', hands: pointer, wearer: 'Imre' },
  { ...METRIC, name: 'on the keyboard alone', hands: keyboard, wearer: 'Kaya' },
];

for (const story of stories) {
  test(`from a swatch and a tape to a ticket, ${story.name}`, async ({ page, context }) => {
    test.setTimeout(300_000);
    await readIn(context, story.unit);
    const hands = story.hands(page);
    const { unit } = story;
    const cloth = `Plover jersey of ${story.wearer}`;
    const tee = `Lake tee of ${story.wearer}`;

    await test.step('a wearer, measured', async () => {
      await visit(page, '/wearers');
      await hands.fill('A wearer’s name', story.wearer);
      await hands.press('Add a wearer');
      await expect(page.getByLabel('Wearer’s name')).toHaveValue(story.wearer);
      await hands.press('Measure');
      for (const [label, text] of Object.entries(story.body)) await hands.fill(`${label} (${unit})`, text);
      await saved(page);
    });

    await test.step('a cloth, tested', async () => {
      await visit(page, '/cloth');
      await hands.fill('A cloth’s name', cloth);
      await hands.press('Add a cloth');
      await expect(page.getByRole('heading', { name: 'Pull it across' })).toBeVisible();
      for (const [pulled, released] of story.pulls) {
        await hands.fill(`At rest (${unit})`, story.rest);
        await hands.fill(`Pulled, still easy (${unit})`, pulled);
        await hands.fill(`Let go, one minute (${unit})`, released);
        await hands.press('Keep this pull');
        await expect(page.getByLabel(`Pulled, still easy (${unit})`)).toHaveValue('');
      }
      await expect(page.getByText('Every pull kept (3)')).toBeVisible();
      await expect(page.getByText('Holds negative ease for any use.')).toBeVisible();
      await saved(page);
    });

    await test.step('a tee for the one out of the other', async () => {
      await visit(page, '/garments/new');
      await hands.fill('Name', tee);
      await hands.pick('How it is meant to sit', 'Fitted');
      await hands.select('For', story.wearer);
      await hands.select('Cloth', cloth);
      await hands.press('Start');
      await expect(page.getByLabel('Garment’s name')).toHaveValue(tee);
    });
    const address = page.url();

    await test.step('negative ease for that cloth', async () => {
      await hands.press(/^Fit, /);
      await expect(page.getByRole('heading', { name: 'How close at the bust or chest' })).toBeVisible();
      await expect(page.getByText(story.worn, { exact: true }).first()).toBeVisible();
      await hands.press('This is right: on to Bands');
    });

    await test.step('the neckband', async () => {
      await hands.fill(`Front piece, edge to edge (${unit})`, story.front);
      await hands.fill(`Back piece, edge to edge (${unit})`, story.back);
      await expect(page.getByRole('heading', { name: 'How long the neckband can be' })).toBeVisible();
      await hands.press(/^Shoulders to measure/);
      await hands.fill(`Shoulder seam (${unit})`, story.shoulder);
    });
    await saved(page);
    await hands.press('This is right: on to Cut');
    await expect(
      page.getByRole('complementary', { name: 'Ticket' }).locator('[data-row=neckband]'),
    ).toContainText(story.neckband.split(' × ')[0] as string);

    await test.step('the printed ticket', async () => {
      await hands.follow('Print ticket');
      await expect(page.locator('[data-row=neckband] [data-size]')).toHaveText(story.neckband);
      await visit(page, `${address}?stage=cut`);
    });

    await test.step('ticks off what is cut', async () => {
      for (const row of [
        'Front',
        'Back',
        'Sleeve, left',
        'Sleeve, right',
        'Neckband',
        'Shoulder, left',
        'Shoulder, right',
      ])
        await hands.tick(`${row} is cut`);
      await expect(page.getByText('7 of 7 cut')).toBeVisible();
      await expect(page.getByText('Left 2 of 2 cut, right 2 of 2 cut.')).toBeVisible();
      await hands.press('On to Sew');
    });

    await test.step('follows the sewing steps', async () => {
      const steps = page.locator('[data-step]');
      await expect(steps).toHaveCount(STEPS);
      for (let at = 0; at < STEPS; at += 1) {
        await expect(page.locator(`[data-step][data-open=true]`)).toHaveCount(1);
        await hands.press('Done, next');
        await expect(page.getByText(`${at + 1} of ${STEPS} done`)).toBeVisible();
      }
      await hands.press('On to Wear');
    });

    await test.step('writes what came out', async () => {
      await say(page, hands, 'Bust or chest', 'right');
      await say(page, hands, 'Neckline', 'lies flat');
      await hands.fill('What came out', 'Lies well. Sleeves a touch long.');
      await hands.fill('Next time', 'Sleeves shorter.');
      await hands.press('Keep this try-on');
      await expect(page.getByText('Next time: Sleeves shorter.')).toBeVisible();
      await saved(page);
    });

    await test.step('closes the laptop, comes back, and everything is there', async () => {
      await page.close();
      const again = await context.newPage();
      await visit(again, address);
      await expect(again.getByText('Bust or chest: right')).toBeVisible();
      await expect(again.getByText('Neckline: lies flat')).toBeVisible();
      await expect(again.getByText('7 of 7 cut')).toBeVisible();
      await visit(again, `${address}?stage=sew`);
      await expect(again.getByText(`${STEPS} of ${STEPS} done`)).toBeVisible();
      await visit(again, '/');
      await expect(again.getByRole('listitem').filter({ hasText: tee })).toContainText(
        'Next time: Sleeves shorter.',
      );
    });

    await test.step('and the next tee for that wearer is told', async () => {
      const next = await context.newPage();
      await visit(next, address);
      await next.getByRole('button', { name: 'Make another' }).click();
      await expect(next.getByLabel('Garment’s name')).toHaveValue(`${tee}, again`);
      await expect(next.getByRole('region', { name: 'From earlier garments' })).toContainText(
        'Next time: Sleeves shorter.',
      );
    });
  });
}
