import { chromium } from '@playwright/test';
import { readIn } from '../e2e/hands';
import { kill, startServer } from '../e2e/ownServer';
import { seedHousehold } from '../e2e/test';
import config from '../playwright.config';

/** Takes the pictures in docs/screenshots from the demo household, on a server and a database of their own. */
/** Charts and verdicts come after the page. */
const SETTLE_MS = 1500;
const PORT = 4171;
const BASE = `http://127.0.0.1:${PORT}`;
const FOLDER = 'test-results/pictures';

const SHOTS: readonly (readonly [
  file: string,
  path: string,
  options?: { unit?: 'in'; dark?: true; tablet?: true; whole?: true; press?: string },
])[] = [
  ['table', '/'],
  ['trace', '/patterns/rehearsal-tee/trace?for=rehearsal', { whole: true }],
  ['cloth', '/cloth/loon-swim', { whole: true }],
  ['draft', '/garments/encore?stage=measure', { whole: true }],
  ['paper', '/garments/encore/paper'],
  ['adapt', '/patterns/adapt'],
  ['log', '/log'],
  ['household', '/household'],
  ['layout', '/garments/encore/layout'],
  ['stretch', '/garments/tightrope?stage=stretch', { whole: true }],
  ['fit', '/garments/rehearsal?stage=fit', { whole: true }],
  ['bands', '/garments/lantern?stage=bands', { unit: 'in' }],
  ['cut', '/garments/matinee?stage=cut'],
  ['sew', '/garments/ring-toss?stage=sew', { whole: true }],
  ['at-machine', '/garments/ring-toss/sew', { dark: true, press: 'ArrowLeft' }],
  ['machine', '/machines/two-in-one', { whole: true }],
  ['wear', '/garments/overture?stage=wear', { whole: true }],
  ['cannot-work', '/garments/first-bra?stage=bands', { dark: true }],
  ['ticket', '/garments/ring-toss/ticket', { whole: true }],
];

async function main(): Promise<void> {
  const server = await startServer(PORT, seedHousehold(FOLDER));
  const browser = await chromium.launch(config.use?.launchOptions ?? {});
  try {
    for (const [file, path, { unit = 'cm', dark, tablet, whole, press } = {}] of SHOTS) {
      const context = await browser.newContext({
        viewport: tablet ? { width: 768, height: 1024 } : { width: 1280, height: 800 },
        colorScheme: dark ? 'dark' : 'light',
      });
      await readIn(context, unit);
      const page = await context.newPage();
      await page.goto(`${BASE}${path}`, { waitUntil: 'networkidle' });
      await page.waitForTimeout(SETTLE_MS);
      if (press) await page.keyboard.press(press);
      await page.screenshot({ path: `docs/screenshots/${file}.png`, fullPage: whole ?? false });
      await context.close();
    }
  } finally {
    await browser.close();
    await kill(server);
  }
}

void main();
