import { spawnSync } from 'node:child_process';
import { mkdirSync, rmSync } from 'node:fs';
import { test as base } from '@playwright/test';
import { kill, startServer } from './ownServer';

export { expect, type Locator, type Page } from '@playwright/test';

/** The first worker’s port; the next one’s is ten further on. */
const FIRST_PORT = 4171;
const PORT_STEP = 10;

/** Puts a household of the demo in an emptied folder; the path of its database. */
export function seedHousehold(folder: string): string {
  const databasePath = `${folder}/household.db`;
  rmSync(folder, { recursive: true, force: true });
  mkdirSync(folder, { recursive: true });
  const made = spawnSync(process.execPath, ['--conditions=react-server', 'dist/seed.mjs'], {
    env: { ...process.env, IDLE_STRETCH_DB: databasePath },
    encoding: 'utf8',
  });
  if (made.status !== 0) throw new Error(`expected the demo household to be made: ${made.stderr}`);
  return databasePath;
}

interface Household {
  readonly household: string;
  readonly folder: string;
  readonly origin: string;
}

/** Every worker has a server of its own on a new demo household of its own. */
export const test = base.extend<object, Household>({
  /** A file that must not see what another has changed names one of its own: it gets a new worker. */
  household: ['everyone’s', { scope: 'worker', option: true }],
  folder: [
    async ({}, use, { parallelIndex }) => {
      await use(`test-results/e2e-${parallelIndex}`);
    },
    { scope: 'worker' },
  ],
  origin: [
    async ({ folder }, use, { parallelIndex }) => {
      const port = FIRST_PORT + PORT_STEP * parallelIndex;
      const server = await startServer(port, seedHousehold(folder));
      await use(`http://127.0.0.1:${port}`);
      await kill(server);
    },
    { scope: 'worker', auto: true, timeout: 120_000 },
  ],
  baseURL: async ({ origin }, use) => {
    await use(origin);
  },
});
