import { chromium, type Browser } from '@playwright/test';
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
    await pictureOfSheet(browser);
  } finally {
    await browser.close();
    await kill(server);
  }
}

/** A sheet that is printed, as a general reader (pdfjs-dist) draws it: no browser here shows PDF. */
async function pictureOfSheet(browser: Browser): Promise<void> {
  const page = await browser.newPage({ viewport: { width: 900, height: 1200 } });
  const answer = await page.request.get(`${BASE}/api/garments/cartwheel/paper?paper=a4`);
  const sheet = await answer.body();
  await page.route('http://reader.here/**', (route) => {
    const { pathname } = new URL(route.request().url());
    if (pathname === '/') return route.fulfill({ contentType: 'text/html', body: '<canvas></canvas>' });
    if (pathname === '/sheet') return route.fulfill({ contentType: 'application/pdf', body: sheet });
    return route.fulfill({
      contentType: 'text/javascript',
      path: `node_modules/pdfjs-dist/build${pathname}`,
    });
  });
  await page.goto('http://reader.here/');
  await page.evaluate(async (number) => {
    const reader = (await import('http://reader.here/pdf.min.mjs' as string)) as Reader;
    reader.GlobalWorkerOptions.workerSrc = 'http://reader.here/pdf.worker.min.mjs';
    const drawn = await (await reader.getDocument('/sheet').promise).getPage(number);
    const viewport = drawn.getViewport({ scale: 1.3 });
    const canvas = document.querySelector('canvas') as HTMLCanvasElement;
    [canvas.width, canvas.height] = [viewport.width, viewport.height];
    await drawn.render({ canvasContext: canvas.getContext('2d'), viewport }).promise;
  }, SHEET);
  await page.locator('canvas').screenshot({ path: 'docs/screenshots/sheet.png' });
  await page.close();
}
/** The second page: the first after the map. */
const SHEET = 2;

/** What is used of the reader. */
interface Reader {
  readonly GlobalWorkerOptions: { workerSrc: string };
  readonly getDocument: (from: string) => {
    readonly promise: Promise<{
      readonly getPage: (number: number) => Promise<{
        readonly getViewport: (of: { scale: number }) => { readonly width: number; readonly height: number };
        readonly render: (of: object) => { readonly promise: Promise<void> };
      }>;
    }>;
  };
}

void main();
