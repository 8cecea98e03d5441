import { rmSync } from 'node:fs';
import { kill, startServer } from '../e2e/ownServer';
import { seedHousehold } from '../e2e/test';
import { stageIds } from '../src/core/explain/problem';
import { openDatabase } from '../src/data/database';
import { household } from '../src/demo/household';
import { TODAY } from '../tests/demoFacts';
import { copyGarments } from './copies';

const PORT = 4175;
const FOLDER = 'test-results/bench-pages';
const VISITS = 12;
const LARGEST = 'ring-toss';

const LISTS = ['/', '/garments', '/cloth', '/sums', '/elastics', '/elastics/shopping'];
const PAGES = [...LISTS, ...stageIds.map((stage) => `/garments/${LARGEST}?stage=${stage}`)];

export interface PageFigures {
  readonly slowest: string;
  readonly ms: number;
}

/** The slowest page's first byte, median of its visits, in a household of the demo’s garments and so many copies. */
export async function firstBytes(copies: number): Promise<PageFigures> {
  const path = seedHousehold(FOLDER);
  const db = openDatabase(path);
  copyGarments(db, Object.values(household(TODAY).garments), copies);
  db.$client.close();
  const server = await startServer(PORT, path);
  try {
    for (const page of PAGES) await firstByte(page);
    const figures: PageFigures[] = [];
    for (const page of PAGES) {
      const times: number[] = [];
      for (let at = 0; at < VISITS; at += 1) times.push(await firstByte(page));
      const [ms] = times.sort((a, b) => a - b).slice(VISITS / 2);
      figures.push({ slowest: page, ms: ms as number });
    }
    if (process.argv.includes('--pages'))
      for (const { slowest, ms } of figures) console.log(`${ms.toFixed(0).padStart(6)} ms ${slowest}`);
    return figures.reduce((most, one) => (one.ms > most.ms ? one : most));
  } finally {
    await kill(server);
    rmSync(FOLDER, { recursive: true, force: true });
  }
}

async function firstByte(page: string): Promise<number> {
  const start = performance.now();
  const response = await fetch(`http://127.0.0.1:${PORT}${page}`);
  await response.body?.getReader().read();
  const ms = performance.now() - start;
  if (!response.ok) throw new Error(`expected ${page} to be there, got ${response.status}`);
  return ms;
}
