import fc from 'fast-check';
import { rectangle } from '../geometry/ring';
import { point, type Point } from '../geometry/point';
import { layoutFaults, pinnedFaults } from './check';
import { lengthOf, type Layout, type LayoutPiece, type LayoutProblem, type Placement } from './problem';
import { Searching, shortest } from './progress';
import { randomFrom, shuffled } from './random';
import { blob, jigsaw } from './testJigsaws';

function after(problem: LayoutProblem, steps: number, seed = 1): Layout | undefined {
  return new Searching(problem, seed).goOn((now) => now.steps < steps).best;
}

function found(problem: LayoutProblem, steps: number, seed = 1): Layout {
  const best = after(problem, steps, seed);
  if (!best) throw new Error('expected a layout, found none');
  return best;
}

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

/** Some copies of a layout pinned where they lie, moved down a little and off the cells. */
const pinnedOf = ({ placements }: Layout, every: number): readonly Placement[] =>
  placements.filter((_, nth) => nth % every === 0).map((one) => ({ ...one, y: one.y + 7.3 }));

test('what is pinned stays exactly where it lies, and the rest is laid round it', () => {
  const pinned = pinnedOf(found(tops, 60), 3);
  expect(pinned.length).toBeGreaterThan(2);
  const problem = { ...tops, pinned };
  const layout = found(problem, 120);
  expect(layoutFaults(problem, layout)).toEqual([]);
  for (const one of pinned) {
    const there = layout.placements.find(({ piece, copy }) => piece === one.piece && copy === one.copy);
    expect(there).toMatchObject({ turn: one.turn, mirrored: one.mirrored });
    expect(there?.x).toBeCloseTo(one.x, 9);
    expect(there?.y).toBeCloseTo(one.y, 9);
  }
  expect(layout.lengthMm).toBeGreaterThanOrEqual(lengthOf(tops, pinned) - 1e-9);
});

test('a jigsaw of which some pieces are pinned in their places is put together', () => {
  const problem = puzzle(12, [0]);
  const whole = found(problem, 150);
  const pinned = whole.placements.filter((_, nth) => nth % 3 === 0);
  const layout = found({ ...problem, pinned }, 150);
  expect(layoutFaults(problem, layout)).toEqual([]);
  expect(layout.lengthMm).toBeLessThan(whole.lengthMm * 1.02);
});

test('pinned copies that overlap, lie beside the cloth or are turned as they may not be give nothing', () => {
  const [first] = found(tops, 40).placements as [Placement];
  const wrong: readonly Partial<Placement>[] = [{ copy: 2 }, { copy: 2, x: -300 }, { copy: 2, turn: 45 }];
  for (const one of wrong)
    expect(after({ ...tops, pinned: [first, { ...first, ...one }] }, 20)).toBeUndefined();
  const left: Placement = { piece: 'sleeve', copy: 1, x: 100, y: 100, turn: 0, mirrored: true };
  expect(pinnedFaults({ ...tops, pinned: [left] }).map(({ kind }) => kind)).toEqual(['face']);
  expect(pinnedFaults({ ...tops, pinned: [{ ...left, copy: 5 }] }).map(({ kind }) => kind)).toEqual([
    'count',
  ]);
});

test('all pinned is done at once', () => {
  const { placements } = found(tops, 40);
  const search = new Searching({ ...tops, pinned: placements }, 1).goOn(({ steps }) => steps < 50);
  expect(search).toMatchObject({ ended: true, best: { placements: expect.any(Array) } });
});

test('begun from a known layout, a wider cloth, a smaller gap or one constraint less is never longer', () => {
  const start = found({ ...tops, pinned: pinnedOf(found(tops, 40), 4) }, 60);
  const easier: readonly LayoutProblem[] = [
    { ...tops, widthMm: 507 },
    { ...tops, gapMm: 2 },
    { ...tops, pieces: tops.pieces.map((piece) => ({ ...piece, turns: [0, 90, 180, 270] })) },
    tops,
  ];
  for (const problem of easier) {
    const { best } = new Searching(problem, 3, start).goOn(({ steps }) => steps < 1);
    expect(best).toBe(start);
    const later = new Searching(problem, 3, start).goOn(({ steps }) => steps < 80).best as Layout;
    expect(later.lengthMm).toBeLessThanOrEqual(start.lengthMm);
    expect(layoutFaults(problem, later)).toEqual([]);
  }
  // One that no longer holds is none.
  const narrower = new Searching({ ...tops, widthMm: 460 }, 3, start).goOn(({ steps }) => steps < 40).best;
  expect(narrower).not.toBe(start);
});

test('of several layouts the shortest is taken', () => {
  const long: Layout = { lengthMm: 9, placements: [] };
  expect(shortest([undefined, long, { ...long, lengthMm: 8 }])?.lengthMm).toBe(8);
  expect(shortest([undefined])).toBeUndefined();
});
