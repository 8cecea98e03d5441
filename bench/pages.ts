import { rmSync } from 'node:fs';
import { kill, startServer } from '../e2e/ownServer';
import { seedHousehold } from '../e2e/test';
import { stageIds } from '../src/core/explain/problem';
import { newTee } from '../src/core/facts/garment';
import { openDatabase } from '../src/data/database';
import { write } from '../src/server/recordRoutes';
import { household } from '../src/demo/household';
import { TODAY } from '../tests/demoFacts';

const PORT = 4175;
const FOLDER = 'test-results/bench-pages';
const VISITS = 12;
/** Copies are made of the demo's garments in turn. */
const AT_ONCE = 100;
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
  copyGarments(path, copies);
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

function copyGarments(path: string, copies: number): void {
  const garments = Object.values(household(TODAY).garments);
  const db = openDatabase(path);
  for (let from = 0; from < copies; from += AT_ONCE) {
    const made = write(db, {
      label: 'Fill',
      ops: Array.from({ length: Math.min(AT_ONCE, copies - from) }, (_, at) => {
        const facts = garments[(from + at) % garments.length] ?? newTee('Tee');
        const name = `${facts.name} ${from + at}`;
        return { op: 'create', kind: 'garment', id: `copy-${from + at}`, facts: { ...facts, name } } as const;
      }),
    });
    if (!made.ok) throw new Error(`expected the copies to be taken, got ${made.code}`);
  }
  db.$client.close();
}
