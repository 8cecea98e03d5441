import { execFileSync, spawnSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { rectangle } from '@/core/geometry/ring';
import { layoutFaults } from '@/core/layout/check';
import type { Layout } from '@/core/layout/problem';

const room = mkdtempSync(join(tmpdir(), 'layout-'));

function file(name: string, given: unknown): string {
  const path = join(room, name);
  writeFileSync(path, JSON.stringify(given));
  return path;
}

const pieces = [
  { id: 'body', ring: rectangle(300, 420), count: 2, turns: [0, 180] },
  { id: 'sleeve', ring: rectangle(200, 180), count: 2, mirrored: 'half' as const },
];
const asRead = (problem: { pieces: typeof pieces }) => ({
  ...problem,
  pieces: problem.pieces.map((piece) => ({ ...piece, ring: piece.ring.map(({ x, y }) => [x, y]) })),
});
const problem = { widthMm: 700, gapMm: 3, seed: 2, steps: 60, pieces };

test('a problem in, a layout out, the same again: plain Node, no server, no database', () => {
  const path = file('tops.json', asRead(problem));
  const [once, again] = [1, 2].map(() => execFileSync('bin/layout', [path], { encoding: 'utf8' }));
  expect(again).toBe(once);
  const layout = JSON.parse(once as string) as Layout;
  expect(layoutFaults({ ...problem, pieces }, layout)).toEqual([]);
  expect(layout.lengthMm).toBeLessThan(650);
});

test.each([
  [2, 'no file', [], /Say which layout problem/],
  [2, 'no such file', [join(room, 'none.json')], /No file can be read/],
  [
    2,
    'no width',
    [file('zero.json', asRead({ ...problem, widthMm: 0 } as never))],
    /widthMm: give the cloth’s width/,
  ],
  [
    3,
    'too narrow',
    [file('narrow.json', asRead({ ...problem, widthMm: 250 } as never))],
    /wider than the cloth/,
  ],
])('exit %i and a sentence where there is %s', (code, _, args, sentence) => {
  const { status, stderr, stdout } = spawnSync('bin/layout', args, { encoding: 'utf8' });
  expect(stderr).toMatch(sentence);
  expect(status).toBe(code);
  expect(stdout).toBe('');
});
