import fc from 'fast-check';
import { rectangle } from '../geometry/ring';
import { point, type Point } from '../geometry/point';
import { layoutFaults } from './check';
import type { Layout, LayoutPiece, LayoutProblem } from './problem';
import { Searching, shortest } from './progress';
import { randomFrom, shuffled } from './random';
import { jigsaw } from './testJigsaws';

jest.setTimeout(120_000);

function after(problem: LayoutProblem, steps: number, seed = 1): Layout | undefined {
  return new Searching(problem, seed).goOn((now) => now.steps < steps).best;
}

function found(problem: LayoutProblem, steps: number, seed = 1): Layout {
  const best = after(problem, steps, seed);
  if (!best) throw new Error('expected a layout, found none');
  return best;
}

/** A piece with hollows: points round a middle, nearer and further. */
const blob = (seed: number, sizeMm: number): readonly Point[] => {
  const random = randomFrom(seed);
  return Array.from({ length: 14 }, (_, nth) => {
    const far = sizeMm * (0.35 + 0.65 * random());
    return point(far * Math.cos((nth * Math.PI) / 7), far * Math.sin((nth * Math.PI) / 7));
  });
};

const anyPiece = fc.record({
  seed: fc.integer({ min: 1, max: 1000 }),
  sizeMm: fc.integer({ min: 20, max: 120 }),
  count: fc.integer({ min: 1, max: 4 }),
  turns: fc.constantFrom([0], [0, 180], [0, 90], [90, 270], [-2, 0, 2]),
  mirrored: fc.constantFrom('no' as const, 'half' as const, 'free' as const),
});
const anyProblem = fc.record({
  widthMm: fc.integer({ min: 260, max: 700 }),
  gapMm: fc.constantFrom(0, 3, 6),
  pieces: fc.array(anyPiece, { minLength: 1, maxLength: 4 }),
  folded: fc.boolean(),
});

test('every layout has all copies on the cloth, as they may lie, and none overlap, by an exact clip', () => {
  fc.assert(
    fc.property(anyProblem, ({ widthMm, gapMm, pieces, folded }) => {
      const problem: LayoutProblem = {
        widthMm,
        gapMm,
        pieces: [
          ...pieces.map(({ seed, sizeMm, ...piece }, nth): LayoutPiece => ({
            id: `${nth}`,
            ring: blob(seed, sizeMm),
            ...piece,
          })),
          ...(folded ? [{ id: 'fold', ring: rectangle(90, 130), count: 2, onFold: true }] : []),
        ],
      };
      const layout = found(problem, 60);
      expect(layoutFaults(problem, layout)).toEqual([]);
      // The gap is there too: with half of it round each, they still lie apart.
      const wide = {
        ...problem,
        pieces: problem.pieces.map((piece) => ({ ...piece, ring: around(piece, gapMm / 2) })),
      };
      const gaps = layoutFaults(wide, layout).filter(({ kind }) => kind === 'overlap');
      expect(gaps).toEqual([]);
    }),
    { numRuns: 8, endOnFailure: true },
  );
});

/** The corners of a piece pushed out, each less far than a parallel line would lie. */
function around({ ring }: LayoutPiece, byMm: number): readonly Point[] {
  const middle = { x: 0, y: 0 };
  for (const { x, y } of ring) {
    middle.x += x / ring.length;
    middle.y += y / ring.length;
  }
  return ring.map(({ x, y }) => {
    const far = Math.hypot(x - middle.x, y - middle.y) || 1;
    const more = (0.3 * byMm) / far;
    return point(x + (x - middle.x) * more, y + (y - middle.y) * more);
  });
}

const puzzle = (pieces: number, turns: readonly number[]): LayoutProblem => ({
  widthMm: 900,
  gapMm: 0,
  pieces: shuffled(jigsaw(pieces, pieces, 900, 700), randomFrom(2)).map((ring, nth) => ({
    id: `${nth}`,
    ring,
    count: 1,
    turns,
  })),
});

test.each([
  [8, [0]],
  [12, [0, 180]],
] as const)(
  'a jigsaw of %i pieces is put together: it is never shorter than it was, and hardly longer',
  (many, turns) => {
    const problem = puzzle(many, turns);
    const layout = found(problem, 150);
    expect(layoutFaults(problem, layout)).toEqual([]);
    expect(layout.lengthMm).toBeGreaterThan(700 - 0.01);
    expect(layout.lengthMm).toBeLessThan(700 / 0.92);
  },
);

const tops: LayoutProblem = {
  widthMm: 500,
  gapMm: 3,
  pieces: [
    { id: 'body', ring: blob(4, 110), count: 2, turns: [0, 180] },
    { id: 'sleeve', ring: blob(9, 70), count: 2, mirrored: 'half', turns: [0, 180] },
    { id: 'band', ring: rectangle(420, 40), count: 1 },
    { id: 'gusset', ring: blob(11, 30), count: 3, mirrored: 'free', turns: [0, 90] },
  ],
};

test('the same seed and steps give the same layout, another seed another; more steps never a longer one', () => {
  expect(found(tops, 120)).toEqual(found(tops, 120));
  const lengths = [5, 20, 60, 200].map((steps) => found(tops, steps).lengthMm);
  expect(lengths).toEqual(lengths.toSorted((a, b) => b - a));
  expect(found(tops, 200).placements).not.toEqual(found(tops, 200, 7).placements);
});

test('a search that is told twice to go on comes as far as one that is told once', () => {
  const search = new Searching(tops, 1);
  search.goOn(({ steps }) => steps < 40);
  expect(search.goOn(({ steps }) => steps < 90).best).toEqual(found(tops, 90));
});

test('rectangles that fill the cloth are laid without any loss, and then it ends by itself', () => {
  const problem: LayoutProblem = {
    widthMm: 300,
    gapMm: 0,
    pieces: [{ id: 'square', ring: rectangle(100, 100), count: 6 }],
  };
  const search = new Searching(problem, 1).goOn(({ steps }) => steps < 2000);
  expect(search.best?.lengthMm).toBeCloseTo(200, 3);
  expect(search.ended).toBe(true);
});

test('a piece wider than the cloth at every turn gives nothing; with a quarter turn it lies', () => {
  const wide = (turns: readonly number[]): LayoutProblem => ({
    widthMm: 300,
    gapMm: 3,
    pieces: [{ id: 'strip', ring: rectangle(400, 50), count: 1, turns }],
  });
  expect(after(wide([0, 180]), 50)).toBeUndefined();
  expect(found(wide([0, 90]), 50).lengthMm).toBeCloseTo(400, 1);
  expect(after({ ...wide([0]), pieces: [] }, 50)).toBeUndefined();
});

test('of several layouts the shortest is taken', () => {
  const long: Layout = { lengthMm: 9, placements: [] };
  expect(shortest([undefined, long, { ...long, lengthMm: 8 }])?.lengthMm).toBe(8);
  expect(shortest([undefined])).toBeUndefined();
});
