import { spawn, spawnSync, type ChildProcess } from 'node:child_process';
import { rmSync } from 'node:fs';
import { gzipSync } from 'node:zlib';
import { chromium, type Page } from '@playwright/test';
import config from '../playwright.config';
import { FRAME_MS } from './plans';

const PORT = 4173;
const BASE = `http://127.0.0.1:${PORT}`;
const DB = 'test-results/bench/household.db';
const PRESSES = 60;

export interface BrowserFigures {
  readonly typing: Spread;
  readonly sliding: Spread;
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
    return { typing, sliding, scriptKb, demoSeconds };
  } finally {
    await browser.close();
    await stop(demo);
  }
}

/** Presses keys in turn; from each event to the task after the frame that shows it, as a share of a frame. */
async function pressesToPaint(page: Page, focus: () => Promise<readonly string[]>): Promise<Spread> {
  const keys = await focus();
  await page.evaluate(() => {
    const times: number[] = [];
    Object.assign(window, { benchTimes: times });
    window.addEventListener(
      'keydown',
      (event) => {
        const from = event.timeStamp;
        requestAnimationFrame(() => {
          const channel = new MessageChannel();
          channel.port1.onmessage = () => times.push(performance.now() - from);
          channel.port2.postMessage(null);
        });
      },
      { capture: true },
    );
  });
  for (let at = 0; at < PRESSES; at += 1) {
    await page.keyboard.press(keys[at % keys.length] as string);
    await page.waitForTimeout(40);
  }
  const times = (await page.evaluate(() => (window as unknown as { benchTimes: number[] }).benchTimes)).sort(
    (a, b) => a - b,
  );
  const at = (share: number) => (times[Math.floor((times.length - 1) * share)] ?? Number.NaN) / FRAME_MS;
  return { median: at(0.5), high: at(0.95) };
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
