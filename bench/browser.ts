import { spawn, spawnSync, type ChildProcess } from 'node:child_process';
import { rmSync } from 'node:fs';
import { gzipSync } from 'node:zlib';
import { chromium, type Page } from '@playwright/test';
import config from '../playwright.config';
import { newPattern } from '../src/core/facts/pattern';
import { practiceTee } from '../src/core/pieces/practice';
import { FRAME_MS } from './plans';

const PORT = 4173;
const BASE = `http://127.0.0.1:${PORT}`;
const DB = 'test-results/bench/household.db';
const PRESSES = 60;

export interface BrowserFigures {
  readonly typing: Spread;
  readonly sliding: Spread;
  readonly dragging: Spread;
  /** A photo of 12 megapixels, from choosing it until it lies on the table. */
  readonly photoSeconds: number;
  /** The longest task of the page while a garment is laid out, a piece dragged and the layout kept, ms. */
  readonly layoutTaskMs: number;
  readonly scriptKb: number;
  readonly demoSeconds: number;
}
interface Spread {
  readonly median: number;
  readonly high: number;
}

/** What only a real browser on the built product can tell. Starts `bin/demo` on a household of its own. */
export async function browserFigures(): Promise<BrowserFigures> {
  rmSync('test-results/bench', { recursive: true, force: true });
  spawnSync('bash', ['-c', '. bin/setup.sh && build_product'], { stdio: 'ignore' });
  const env = { ...process.env, IDLE_STRETCH_DB: DB, PORT: String(PORT) };
  await stop(await startDemo(env));
  const start = performance.now();
  const demo = await startDemo(env);
  const demoSeconds = (performance.now() - start) / 1000;
  const browser = await chromium.launch(config.use?.launchOptions ?? {});
  try {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
    let bytes = 0;
    page.on('response', (response) => {
      if (!/\.js(\?|$)/.test(response.url())) return;
      void response.body().then((body) => {
        bytes += gzipSync(body).byteLength;
      });
    });
    await page.goto(`${BASE}/garments/ring-toss?stage=bands`, { waitUntil: 'networkidle' });
    const scriptKb = bytes / 1024;
    const typing = await pressesToPaint(page, async () => {
      const field = page.getByLabel('Front piece, edge to edge (cm)');
      await field.focus();
      return ['5', 'Backspace'];
    });
    await page.goto(`${BASE}/garments/trapeze?stage=fit`, { waitUntil: 'networkidle' });
    const sliding = await pressesToPaint(page, async () => {
      await page.getByRole('slider').focus();
      return ['ArrowRight', 'ArrowLeft'];
    });
    const dragging = await draggedToPaint(page);
    const photoSeconds = await photoOnTable(page);
    const layoutTaskMs = await longestTaskOfLayout(page);
    return { typing, sliding, dragging, photoSeconds, layoutTaskMs, scriptKb, demoSeconds };
  } finally {
    await browser.close();
    await stop(demo);
  }
}

/** How long the search is watched, ms, and how far a piece is dragged, px. */
const WATCHED_MS = 5000;
const DRAGGED_PX = 120;

/** By the browser’s own entries of long tasks; 0 where none reached its 50 ms. The page itself has been loaded by then. */
async function longestTaskOfLayout(page: Page): Promise<number> {
  await page.goto(`${BASE}/garments/encore/layout`, { waitUntil: 'networkidle' });
  await page.evaluate(() => {
    const seen: number[] = [];
    (globalThis as unknown as { held: number[] }).held = seen;
    new PerformanceObserver((list) => {
      for (const { duration } of list.getEntries()) seen.push(duration);
    }).observe({ type: 'longtask' });
  });
  await page.waitForTimeout(WATCHED_MS);
  const box = await page.locator('[data-piece]').first().boundingBox();
  if (!box) throw new Error('expected a piece on the cloth to drag, found none');
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x + DRAGGED_PX, y, { steps: 40 });
  await page.mouse.up();
  await page.waitForTimeout(1000);
  return page.evaluate(() => Math.max(0, ...(globalThis as unknown as { held: number[] }).held));
}

/** Presses keys in turn; from each event to the task after the frame that shows it, as a share of a frame. */
async function pressesToPaint(page: Page, focus: () => Promise<readonly string[]>): Promise<Spread> {
  const keys = await focus();
  await watchPaints(page, 'keydown');
  for (let at = 0; at < PRESSES; at += 1) {
    await page.keyboard.press(keys[at % keys.length] as string);
    await page.waitForTimeout(40);
  }
  return spreadOf(page);
}

/** Notes how long each event of a kind takes until the task after the frame that shows it. */
const watchPaints = (page: Page, event: 'keydown' | 'pointermove'): Promise<void> =>
  page.evaluate((name) => {
    const times: number[] = [];
    Object.assign(window, { benchTimes: times });
    window.addEventListener(
      name,
      (seen) => {
        const from = seen.timeStamp;
        requestAnimationFrame(() => {
          const channel = new MessageChannel();
          channel.port1.onmessage = () => times.push(performance.now() - from);
          channel.port2.postMessage(null);
        });
      },
      { capture: true },
    );
  }, event);

async function spreadOf(page: Page): Promise<Spread> {
  const times = (await page.evaluate(() => (window as unknown as { benchTimes: number[] }).benchTimes)).sort(
    (a, b) => a - b,
  );
  const at = (share: number) => (times[Math.floor((times.length - 1) * share)] ?? Number.NaN) / FRAME_MS;
  return { median: at(0.5), high: at(0.95) };
}

/** Of a pattern with 21 outlines, three pieces in seven sizes, a point is dragged to and fro on the tracing table. */
async function draggedToPaint(page: Page): Promise<Spread> {
  const sizes = Array.from({ length: 7 }, (_, nth) => `size-${nth + 1}`);
  const response = await page.request.post(`${BASE}/api/records/pattern`, {
    data: {
      label: 'Bench',
      facts: {
        ...newPattern('Bench', 'tee'),
        sizes: Object.fromEntries(
          sizes.map((id, order) => [id, { label: String(order), order, values: { bust: 800 + 40 * order } }]),
        ),
        shapes: Object.fromEntries(sizes.map((id) => [id, practiceTee])),
      },
    },
  });
  const { records } = (await response.json()) as { records: readonly { id: string }[] };
  await page.goto(`${BASE}/patterns/${records[0]?.id}/trace`, { waitUntil: 'networkidle' });
  const table = page.getByRole('application');
  const view = JSON.parse((await table.getAttribute('data-view')) ?? '{}') as Record<
    'x' | 'y' | 'scale',
    number
  >;
  const box = await table.boundingBox();
  const on = (x: number, y: number) =>
    [(box?.x ?? 0) + 1 + (x - view.x) * view.scale, (box?.y ?? 0) + 1 + (y - view.y) * view.scale] as const;
  // Where the armhole meets the side.
  await page.mouse.move(...on(255, 240));
  await page.mouse.down();
  await watchPaints(page, 'pointermove');
  for (let at = 0; at < PRESSES; at += 1) {
    await page.mouse.move(...on(255 + (at % 12), 240 + (at % 9)));
    await page.waitForTimeout(40);
  }
  await page.mouse.up();
  return spreadOf(page);
}

/** Seconds from choosing a photo of 12 megapixels until the table shows it. */
async function photoOnTable(page: Page): Promise<number> {
  const jpeg = await page.evaluate(async () => {
    const canvas = new OffscreenCanvas(4000, 3000);
    const pen = canvas.getContext('2d') as OffscreenCanvasRenderingContext2D;
    for (let at = 0; at < 3000; at += 1) {
      pen.fillStyle = `hsl(${(at * 37) % 360} 60% ${30 + (at % 50)}%)`;
      pen.fillRect((at * 131) % 4000, (at * 89) % 3000, 300, 200);
    }
    const blob = await canvas.convertToBlob({ type: 'image/jpeg', quality: 0.9 });
    return Array.from(new Uint8Array(await blob.arrayBuffer()));
  });
  const start = performance.now();
  await page
    .getByLabel('Photo of the piece')
    .setInputFiles({ name: 'floor.jpg', mimeType: 'image/jpeg', buffer: Buffer.from(jpeg) });
  await page.getByRole('application', { name: 'Photo: the corners of the sheet' }).waitFor();
  await page
    .locator('[role=application] img')
    .first()
    .evaluate((image) => (image as HTMLImageElement).decode());
  return (performance.now() - start) / 1000;
}

async function startDemo(env: NodeJS.ProcessEnv): Promise<ChildProcess> {
  const demo = spawn('bin/demo', [], { env, stdio: 'ignore', detached: true });
  for (let at = 0; at < 1200; at += 1) {
    if (
      await fetch(BASE).then(
        (response) => response.ok,
        () => false,
      )
    )
      return demo;
    await new Promise((resolve) => setTimeout(resolve, 50));
  }
  throw new Error('expected bin/demo to answer within a minute, it did not');
}

const stop = (demo: ChildProcess): Promise<void> =>
  new Promise((resolve) => {
    demo.once('exit', () => resolve());
    process.kill(-(demo.pid as number), 'SIGKILL');
  });
