import { readFileSync } from 'node:fs';
import { isMainThread, parentPort, Worker, workerData } from 'node:worker_threads';
import { readLayoutFile, writeLayout, type LayoutFile } from '../src/core/formats/layoutFile';
import { Searching, shortest, type Progress } from '../src/core/layout/progress';

/**
 * `bin/layout FILE`: prints where the pieces of a layout problem lie. Two look at once, with seeds one apart; the shorter
 * layout is printed. Exits 2 with a sentence where the file is refused, 3 where a piece does not fit on the cloth.
 */
const LOOKING = 2;
const WAITED_SECONDS = 60;

if (isMainThread) void main();
else parentPort?.postMessage(look(workerData as LayoutFile));

async function main(): Promise<void> {
  const path = process.argv[2];
  if (path === undefined || process.argv.length > 3)
    fail('Say which layout problem to lay out: bin/layout FILE');
  const read = readLayoutFile(readText(path));
  if (!read.ok) fail(read.faults.join('\n'));
  const { file } = read;
  const others = Array.from({ length: LOOKING - 1 }, (_, nth) =>
    elsewhere({ ...file, seed: file.seed + nth + 1 }),
  );
  const found = [look(file), ...(await Promise.all(others))];
  const best = shortest(found.map((one) => one.best));
  if (!best && found.every(({ ended }) => ended))
    fail('A piece is wider than the cloth at every turn it may have: let it turn, or take a wider cloth.', 3);
  if (!best) fail('No layout was found in that time: give more seconds, or more steps.', 3);
  const steps = found.reduce((sum, one) => sum + one.steps, 0);
  process.stdout.write(`${writeLayout(file.problem, best, steps)}\n`);
}

function elsewhere(file: LayoutFile): Promise<Progress> {
  return new Promise((resolve, reject) => {
    const worker = new Worker(new URL(import.meta.url), { workerData: file });
    worker.once('message', resolve);
    worker.once('error', reject);
  });
}

function look({ problem, seed, until }: LayoutFile): Progress {
  const search = new Searching(problem, seed);
  if ('steps' in until) return search.goOn(({ steps }) => steps < until.steps);
  const end = performance.now() + 1000 * until.seconds;
  // A first layout is waited for, however slow the machine.
  const last = end + 1000 * WAITED_SECONDS;
  return search.goOn(({ best }) => performance.now() < (best ? end : last));
}

function readText(file: string): string {
  try {
    return readFileSync(file, 'utf8');
  } catch {
    return fail(`No file can be read at ${file}: check the path.`);
  }
}

function fail(sentence: string, code = 2): never {
  process.stderr.write(`${sentence}\n`);
  process.exit(code);
}
