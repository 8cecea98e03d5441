import Ajv from 'ajv/dist/2020';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { rectangle } from '../geometry/ring';
import { Searching } from '../layout/progress';
import { readLayoutFile, writeLayout } from './layoutFile';

const schemaOf = (name: string) =>
  new Ajv({ strict: false }).compile(
    JSON.parse(readFileSync(join(__dirname, '../../../docs/formats', `${name}.json`), 'utf8')) as object,
  );
const isProblem = schemaOf('layout-problem');
const corners = rectangle(100, 50).map(({ x, y }) => [x, y]);
const piece = { id: 'band', ring: corners, count: 2, turns: [0, 180], mirrored: 'half' };
const file = { widthMm: 300, gapMm: 3, seed: 4, steps: 20, pieces: [piece] };
const read = (given: unknown) => readLayoutFile(JSON.stringify(given));

test('a problem is read as the schema describes it, with what is usual where nothing is said', () => {
  expect(isProblem(file)).toBe(true);
  expect(read(file)).toMatchObject({
    ok: true,
    file: { seed: 4, until: { steps: 20 }, problem: { widthMm: 300, gapMm: 3, pieces: [{ count: 2 }] } },
  });
  expect(read({ widthMm: 300, pieces: [{ id: 'a', ring: corners }] })).toMatchObject({
    ok: true,
    file: {
      seed: 1,
      until: { seconds: 10 },
      problem: { gapMm: 0, pieces: [{ count: 1, turns: [0], mirrored: 'no' }] },
    },
  });
});

const bowTie = [
  [0, 0],
  [10, 10],
  [10, 0],
  [0, 10],
  [-20, 5],
];
const many = Array.from({ length: 20_001 }, (_, nth) => [Math.cos(nth), Math.sin(nth)]);
test.each([
  ['no width', { ...file, widthMm: 0 }, /widthMm: give the cloth’s width/],
  ['no piece', { ...file, pieces: [] }, /at least one piece/],
  ['an unknown key', { ...file, wide: 3 }, /nothing is known of “wide”/],
  ['seconds and steps', { ...file, seconds: 3 }, /seconds or steps, not both/],
  ['half a step', { ...file, steps: 0.5 }, /steps: give a whole number/],
  ['two corners', { ...file, pieces: [{ ...piece, ring: corners.slice(0, 2) }] }, /at least three corners/],
  [
    'a corner that is no number',
    { ...file, pieces: [{ ...piece, ring: [...corners, [1, 'x']] }] },
    /two numbers in mm/,
  ],
  [
    'too many corners',
    { ...file, pieces: [{ ...piece, ring: many }] },
    /20001 corners are more than 20000: thin them out/,
  ],
  [
    'the same name twice',
    { ...file, pieces: [piece, piece] },
    /pieces\[1\].id: give each piece a name of its own/,
  ],
  [
    'a thousand and one copies',
    { ...file, pieces: [{ ...piece, count: 1001 }] },
    /1001 copies are more than 1000/,
  ],
  ['no copy', { ...file, pieces: [{ ...piece, count: 0 }] }, /count: give a whole number, at least 1/],
  ['an unknown mirroring', { ...file, pieces: [{ ...piece, mirrored: 'both' }] }, /give no, half or free/],
  ['no turn', { ...file, pieces: [{ ...piece, turns: [] }] }, /degrees it may be turned by/],
] as const)('%s is refused by the reader with a sentence', (_, given, sentence) => {
  const answer = read(given);
  expect(answer.ok ? '' : answer.faults.join('\n')).toMatch(sentence);
});

test.each([
  ['crosses itself', bowTie, /it crosses itself/],
  [
    'goes round nothing',
    [
      [0, 0],
      [10, 0],
      [20, 0],
    ],
    /goes round no area/,
  ],
])('a ring that %s is refused', (_, ring, sentence) => {
  const answer = read({ ...file, pieces: [{ ...piece, ring }] });
  expect(answer.ok ? '' : answer.faults.join('\n')).toMatch(sentence);
});

test('what is no JSON, or no object, is refused', () => {
  expect(readLayoutFile('{').ok).toBe(false);
  expect(readLayoutFile('[]').ok).toBe(false);
});

test('what is printed is as its schema says', () => {
  const answer = read(file);
  if (!answer.ok) throw new Error(answer.faults.join());
  const { problem } = answer.file;
  const { best, steps } = new Searching(problem, 1).goOn((now) => now.steps < 20);
  const printed = JSON.parse(writeLayout(problem, best!, steps)) as { use: number; placements: unknown[] };
  expect(schemaOf('layout')(printed)).toBe(true);
  expect(printed.placements).toHaveLength(2);
  expect(printed.use).toBeCloseTo(10_000 / (300 * best!.lengthMm), 9);
});
