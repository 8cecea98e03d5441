import { execFileSync, spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { demoFacts, demoFile } from './demoFacts';

/** `bin/plan` as a person runs it: plain Node, no server, no database. */
const folder = mkdtempSync(join(tmpdir(), 'idle-stretch-plan-'));
afterAll(() => rmSync(folder, { recursive: true, force: true }));
const write = (name: string, text: string): string => {
  const path = join(folder, name);
  writeFileSync(path, text);
  return path;
};

test.each(demoFacts().map(([id]) => [id]))(
  '%s: prints its plan as JSON',
  (id) => {
    const path = write(`${id}.json`, JSON.stringify(demoFile(id)));
    const plan = JSON.parse(
      execFileSync('bin/plan', [path], {
        encoding: 'utf8',
        env: { ...process.env, IDLE_STRETCH_DB: '/nowhere/at-all.db' },
      }),
    ) as { schema: string; numbers: object };
    expect(plan.schema).toBe('idle-stretch-plan-2');
    expect(Object.keys(plan.numbers).length).toBeGreaterThan(20);
  },
  60_000,
);

test.each<[string, string[], RegExp]>([
  ['no file named', [], /Say which garment file/],
  ['a file that is not there', [join(folder, 'gone.json')], /check the path/],
  ['a file that is no garment', [write('diary.json', 'Dear diary')], /not a garment file/],
  [
    'a garment with a bad field',
    [
      write(
        'bad.json',
        JSON.stringify({ ...demoFile('moth'), garment: { ...demoFile('moth').garment, name: '' } }),
      ),
    ],
    /garment\.name: Write something/,
  ],
])('%s: a sentence and exit 2', (_name, args, words) => {
  const { status, stderr } = spawnSync('bin/plan', args, { encoding: 'utf8' });
  expect([status, stderr]).toEqual([2, expect.stringMatching(words)]);
});
