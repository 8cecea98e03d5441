import { DxfWriter, point3d, Units } from '@tarikjabiri/dxf';
import { newGarment } from '@/core/facts/garment';
import { newPattern } from '@/core/facts/pattern';
import { expect, test, type Page } from './test';
import { saved, visit } from './hands';
import { clickOn, made } from './tracing';

/** Half a front and half a back with straight sides, mm, y downwards: 1,000 all round at the bust and the hip. */
const FRONT = [
  [0, 92],
  [85, 0],
  [215, 45],
  [250, 240],
  [250, 640],
  [0, 640],
] as const;
const BACK = [[0, 26], ...FRONT.slice(1)] as const;

/** Both as another library writes them. In a DXF drawing y goes up. */
function drawing(): string {
  const dxf = new DxfWriter();
  dxf.setUnits(Units.Millimeters);
  for (const ring of [FRONT, BACK])
    dxf.addLWPolyline(
      ring.map(([x, y]) => ({ point: point3d(x, -y) })),
      { flags: 1 },
    );
  return dxf.stringify();
}

async function takePiece(page: Page, piece: 'front' | 'back', nth: number): Promise<void> {
  await page.getByLabel('Piece', { exact: true }).selectOption(piece);
  await page
    .getByLabel('Drawing of the piece')
    .setInputFiles({ name: 'tee.dxf', mimeType: 'application/dxf', buffer: Buffer.from(drawing()) });
  await page.getByRole('button', { name: 'Take this' }).nth(nth).click();
  await expect(page.getByRole('heading', { name: 'Its edges' })).toBeVisible();
  await page.getByRole('radio', { name: 'the seamline' }).check({ force: true });
  await page.getByRole('application').focus();
  await page.keyboard.press('Escape');
  const [x = 0, y = 0] = (piece === 'front' ? FRONT : BACK)[0] ?? [];
  await clickOn(page, { x, y });
  await page.getByRole('button', { name: 'Say where neckline begins' }).click();
  await page.getByRole('button', { name: 'Name all, clockwise' }).click();
  await saved(page);
}

test('a tee out of a DXF drawing is altered to the plan: the ticket has nothing left to take off', async ({
  page,
}) => {
  test.setTimeout(120_000);
  const patternId = await made(page, 'pattern', newPattern('Drawn tee', 'tee'));
  const garment = await made(page, 'garment', {
    ...newGarment('Drawn tee', 'tee'),
    wearerId: 'odile',
    outerClothId: 'heron-jersey',
    patternId,
  });
  await visit(page, `/patterns/${patternId}/trace?for=${garment}`);
  // The largest closed line is offered first: the back, whose neck is cut less.
  await takePiece(page, 'front', 1);
  await takePiece(page, 'back', 0);
  await expect(page.getByText('2 of 3 pieces have their outline.')).toBeVisible();

  await visit(page, `/garments/${garment}?stage=fit`);
  const front = page.getByRole('complementary', { name: 'Ticket' }).locator('[data-row=front]');
  await expect(front).toContainText(/Bust or chest: (take|add)/);
  await page.getByRole('button', { name: 'Alter them to this plan' }).click();
  await expect(front).toContainText(/altered: Bust or chest: each side edge .* further/);
  await expect(front).not.toContainText(/take|add/);
  await expect(page.getByRole('img', { name: 'Front, as drawn and as altered' })).toBeVisible();
  // The sleeve has no outline: its zone is left to the person.
  await expect(page.getByText(/^Bust or chest: the pattern fits as altered/)).toBeVisible();

  // Typed as people do, with pauses: 2 cm lower at the front neckline, and the neckline is longer by nearly that, twice.
  const neckline = async () => {
    await visit(page, `/garments/${garment}?stage=bands`);
    const text = await page
      .getByText(/Measured on the outline/)
      .first()
      .innerText();
    return parseFloat(/([\d.]+) cm/.exec(text)?.[1] ?? '');
  };
  const before = await neckline();
  await visit(page, `/garments/${garment}?stage=fit`);
  await page.getByLabel('Alter something else').selectOption('edge');
  await page.getByLabel('Edge', { exact: true }).selectOption('front.neckline');
  const deeper = page.getByLabel(/^In at the fold/);
  await deeper.click();
  await deeper.pressSequentially('2', { delay: 120 });
  await page.waitForTimeout(700);
  await deeper.pressSequentially('.5', { delay: 200 });
  await page.keyboard.press('Tab');
  await expect(page.getByText(/^neckline 2\.5 cm further in at the fold/)).toBeVisible();
  await saved(page);
  const after = await neckline();
  expect(after - before).toBeGreaterThan(3);
  expect(after - before).toBeLessThan(5);

  // Switched off and on, moved, removed and undone: each is a step of its own.
  await visit(page, `/garments/${garment}?stage=fit`);
  await page.getByRole('checkbox', { name: 'Girths to this plan' }).uncheck();
  await expect(front).toContainText(/Bust or chest: (take|add)/);
  await page.getByRole('button', { name: 'Front, neckline: make it earlier' }).click();
  const names = page.locator('ol li label');
  await expect(names.first()).toHaveText('Front, neckline');
  await page.getByRole('button', { name: 'Remove Front, neckline' }).click();
  await expect(names).toHaveCount(1);
  await page.getByRole('button', { name: /^Undo: Remove Front, neckline/ }).click();
  await expect(names).toHaveCount(2);
  await saved(page);
  await page.reload();
  await expect(page.locator('ol li label').first()).toHaveText('Front, neckline');
});

test('a tee traced because it fits becomes one of the schools', async ({ page }) => {
  await visit(page, '/garments/rehearsal?stage=measure');
  await page.getByText('Traced from a garment that fits Bram?').click();
  const keep = page.getByRole('button', { name: 'Keep it as a garment that fits' });
  await expect(keep).toBeDisabled();
  await page.getByLabel(/^Its cloth stretches around/).pressSequentially('45', { delay: 150 });
  await keep.click();
  await expect(page.getByText(/^Kept as a garment that fits Bram/)).toBeVisible();
  await saved(page);
  await visit(page, '/garments/rehearsal?stage=fit');
  await expect(page.getByText('like Rehearsal tee, traced: 101.6 cm')).toBeVisible();
  // Undone, so that what others look at is as it was.
  await page.getByRole('button', { name: /^Undo: / }).click();
  await page.getByRole('button', { name: /^Undo: / }).click();
  await saved(page);
});

test('smaller with a minus, and a kink smoothed: typed slowly, on the traced tee', async ({ page }) => {
  await visit(page, '/garments/rehearsal?stage=fit');
  await page.getByLabel('Alter something else').selectOption('own');
  const bust = page.getByLabel('Bust or chest: larger by (cm)');
  await bust.click();
  await bust.pressSequentially('-', { delay: 200 });
  await page.waitForTimeout(700);
  await expect(page.getByText(/minus sign/)).toBeHidden();
  await bust.pressSequentially('2', { delay: 200 });
  await page.keyboard.press('Tab');
  // A quarter of it at each of four side edges.
  await expect(page.getByText('Bust or chest: each side edge 5 mm further in.')).toBeVisible();
  await page.getByLabel('Alter something else').selectOption('smooth');
  await page.getByLabel('Over the seam').selectOption('shoulder');
  // Altered to the plan, its armholes meet at an angle there.
  await expect(page.getByText(/^armhole: a kink of \d+° taken out where the two pieces meet/)).toBeVisible();
  await saved(page);
});
