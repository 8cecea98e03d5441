import { readFileSync } from 'node:fs';
import { readGarmentFile } from '../src/core/formats/garmentFile';
import { planGarment } from '../src/core/plan/planGarment';

/** `bin/plan FILE`: prints the plan of a garment file as JSON. Exits 2 with a sentence where the file is refused. */
const path = process.argv[2];
if (path === undefined || process.argv.length > 3) {
  fail('Say which garment file to plan: bin/plan FILE');
} else {
  const text = readText(path);
  const read = readGarmentFile(text);
  if (!read.ok)
    fail(read.faults.map(({ path: at, sentence }) => (at ? `${at}: ${sentence}` : sentence)).join('\n'));
  else {
    const onDate = new Date().toISOString().slice(0, 10);
    process.stdout.write(`${JSON.stringify(planGarment(read.facts, { onDate }), null, 2)}\n`);
  }
}

function readText(file: string): string {
  try {
    return readFileSync(file, 'utf8');
  } catch {
    return fail(`No file can be read at ${file}: check the path.`);
  }
}

function fail(sentence: string): never {
  process.stderr.write(`${sentence}\n`);
  process.exit(2);
}
