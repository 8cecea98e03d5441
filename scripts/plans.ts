import { existsSync, mkdirSync, readFileSync, readdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import fc from 'fast-check';
import { readGarmentFile, writeGarmentFile } from '../src/core/formats/garmentFile';
import { planGarment } from '../src/core/plan/planGarment';
import { planSewing } from '../src/core/sewing/planSewing';
import { marksOf } from '../src/core/edges/marks/stripMarks';
import type { GarmentFacts } from '../src/core/facts/garmentFacts';
import { TODAY, demoFacts } from '../tests/demoFacts';
import { anyGarment } from '../tests/randomGarments';

/**
 * Keeps plans to compare later code with: `npm run plans -- write DIR` puts the demo's garments and 500 seeded random
 * ones there, as garment files with their plans, sewing and marks; `npm run plans -- compare DIR` plans the same files
 * again and prints every value that is another one. Numbers are compared to ten digits.
 */
const SEED = 20261129;
const RANDOM = 500;
const MOST_PRINTED = 12;

const [, , command, folder] = process.argv;
if (folder === undefined || (command !== 'write' && command !== 'compare')) {
  throw new Error('expected write DIR or compare DIR');
}

if (command === 'write') write(folder);
else if (!compare(folder)) process.exit(1);

function write(to: string): void {
  mkdirSync(to, { recursive: true });
  const random = fc.sample(anyGarment, { seed: SEED, numRuns: RANDOM });
  const all = [...demoFacts(), ...random.map((facts, at) => [`random-${at}`, facts] as const)];
  for (const [name, facts] of all) {
    const file = JSON.stringify(writeGarmentFile(facts, { withMeasurements: true }));
    const read = readGarmentFile(file);
    if (!read.ok) throw new Error(`expected ${name} to be a garment file: ${JSON.stringify(read.faults[0])}`);
    writeFileSync(join(to, `${name}.json`), file);
    writeFileSync(join(to, `${name}.plan`), JSON.stringify(plannedFrom(read.facts)));
  }
  console.log(`${all.length} garments written to ${to}`);
}

function compare(from: string): boolean {
  const names = readdirSync(from).filter((name) => name.endsWith('.plan'));
  let differing = 0;
  for (const name of names) {
    const path = join(from, name.replace(/plan$/, 'json'));
    if (!existsSync(path)) throw new Error(`expected ${path}`);
    const read = readGarmentFile(readFileSync(path, 'utf8'));
    if (!read.ok) throw new Error(`expected ${name} to be read still: ${JSON.stringify(read.faults[0])}`);
    const differences = differencesOf(
      JSON.parse(readFileSync(join(from, name), 'utf8')),
      JSON.parse(JSON.stringify(plannedFrom(read.facts))),
      '',
    );
    if (differences.length === 0) continue;
    differing += 1;
    if (differing <= MOST_PRINTED) {
      console.log(`${name}: ${differences.length}\n  ${differences.slice(0, MOST_PRINTED).join('\n  ')}`);
    }
  }
  console.log(`${differing} of ${names.length} differ`);
  return differing === 0;
}

function plannedFrom(facts: GarmentFacts): unknown {
  const plan = planGarment(facts, { onDate: TODAY });
  const marks = plan.edges.flatMap((edge) => edge.strips.map((strip) => marksOf(plan, strip)));
  return { plan, sewing: planSewing(facts, plan), marks };
}

function differencesOf(was: unknown, is: unknown, at: string): string[] {
  if (typeof was === 'number' && typeof is === 'number') {
    return was === is || was.toPrecision(10) === is.toPrecision(10) ? [] : [`${at}: ${was}, now ${is}`];
  }
  if (typeof was !== 'object' || typeof is !== 'object' || was === null || is === null) {
    return was === is ? [] : [`${at}: ${short(was)}, now ${short(is)}`];
  }
  const keys = new Set([...Object.keys(was), ...Object.keys(is)]);
  return [...keys].flatMap((key) =>
    differencesOf(
      (was as Record<string, unknown>)[key],
      (is as Record<string, unknown>)[key],
      at === '' ? key : `${at}.${key}`,
    ),
  );
}

function short(value: unknown): string {
  return (JSON.stringify(value) ?? 'nothing').slice(0, 200);
}
