import fc from 'fast-check';
import { rectangle } from '../geometry/ring';
import { point } from '../geometry/point';
import { layoutFaults } from './check';
import { exchanged, Hand } from './hand';
import { placed, type Layout, type LayoutProblem, type Placement } from './problem';
import { Searching } from './progress';
import { offRepeat, onRepeat } from './repeat';
import { blob } from './testJigsaws';

const found = (problem: LayoutProblem, steps: number, start?: Layout): Layout => {
  const { best } = new Searching(problem, 1, start).goOn((now) => now.steps < steps);
  if (!best) throw new Error('expected a layout, found none');
  return best;
};

/** How far a coordinate is from a multiple, without the code that lays it there. */
const beside = (mm: number, everyMm: number): number => Math.abs(mm - everyMm * Math.round(mm / everyMm));

const anyPrint = fc.record({
  acrossMm: fc.constantFrom(undefined, 7, 64, 150),
  alongMm: fc.constantFrom(undefined, 5, 31.75, 90, 210),
  fromMm: fc.integer({ min: 0, max: 40 }),
  gapMm: fc.constantFrom(0, 3),
  seed: fc.integer({ min: 1, max: 500 }),
});

test('what is held lies on the repeat to half a millimetre, overlaps nothing, and what is not held lies where it likes', () => {
  fc.assert(
    fc.property(anyPrint, ({ seed, gapMm, ...repeat }) => {
      const held = point(12.3, 4.5);
      const problem: LayoutProblem = {
        widthMm: 620,
        gapMm,
        repeat,
        pieces: [
          { id: 'front', ring: blob(seed, 90), count: 2, turns: [0, 180], held },
          { id: 'side', ring: blob(seed + 1, 60), count: 2, mirrored: 'half', held },
          { id: 'band', ring: rectangle(300, 40), count: 1, turns: [0, 90] },
        ],
      };
      const layout = found(problem, 40);
      expect(layoutFaults(problem, layout)).toEqual([]);
      for (const one of layout.placements) {
        if (one.piece === 'band') continue;
        const { x, y } = placed(one)(held);
        if (repeat.acrossMm) expect(beside(x - repeat.fromMm, repeat.acrossMm)).toBeLessThan(0.5);
        if (repeat.alongMm) expect(beside(y, repeat.alongMm)).toBeLessThan(0.5);
      }
    }),
    { numRuns: 12, seed: 7, endOnFailure: true },
  );
});

const panels = (alongMm?: number): LayoutProblem => ({
  widthMm: 400,
  gapMm: 0,
  repeat: { alongMm },
  pieces: [{ id: 'panel', ring: rectangle(300, 130), count: 3, held: point(0, 0) }],
});

test('by hand: panels of 130 mm that begin on stripes of 50 mm lie 150 mm apart, and take 430 instead of 390', () => {
  expect(found(panels(), 30).lengthMm).toBeCloseTo(390, 1);
  expect(found(panels(50), 30).lengthMm).toBeCloseTo(430, 6);
});

test('a layout that keeps to a repeat is a layout without it too: never longer when it begins from it', () => {
  const start = found(panels(50), 30);
  expect(found(panels(), 5, start).lengthMm).toBeLessThanOrEqual(start.lengthMm);
});

const at = (x: number, y: number): Placement => ({ piece: 'panel', copy: 1, x, y, turn: 0, mirrored: false });

test('off the repeat is said by the exact check from half a millimetre on', () => {
  const faults = (y: number) =>
    layoutFaults(
      { ...panels(50), pieces: [{ ...panels(50).pieces[0]!, count: 1 }] },
      { placements: [at(0, y)], lengthMm: 400 },
    ).map(({ kind }) => kind);
  expect(faults(100.4)).toEqual([]);
  expect(faults(99.6)).toEqual([]);
  expect(faults(100.6)).toEqual(['repeat']);
});

test('moved to the nearest repeat: 24 mm up, 26 mm down, as far as half a repeat', () => {
  expect(offRepeat(panels(50), at(13, 124))).toEqual({ x: 0, y: 24 });
  expect(offRepeat(panels(50), at(13, 126))).toEqual({ x: 0, y: -24 });
  expect(onRepeat(panels(50), at(13, 126))).toMatchObject({ x: 13, y: 150 });
});

test('a repeat across in which a piece has no place gives nothing, instead of a search without end', () => {
  const problem = { ...panels(), repeat: { acrossMm: 390, fromMm: 200 } };
  expect(new Searching(problem, 1).goOn(({ steps }) => steps < 20).best).toBeUndefined();
});

test('by hand a held piece goes from stripe to stripe: dragged, by keys, pushed, exchanged', () => {
  const two: LayoutProblem = {
    ...panels(50),
    widthMm: 700,
    pieces: [{ id: 'panel', ring: rectangle(300, 130), count: 2, held: point(0, 0) }],
  };
  const [first, second] = [at(0, 0), { ...at(5, 250), copy: 2 }];
  const hand = new Hand(two, [first, second], second);
  expect(hand.snapped(point(40, 268), 5)).toEqual({ x: 40, y: 250 });
  expect(hand.snapped(point(40, 281), 5)).toEqual({ x: 40, y: 300 });
  // Beside the other it is drawn to its side, and stays on its stripe.
  expect(hand.snapped(point(303, 48), 5)).toEqual({ x: expect.closeTo(300, 1), y: 50 });
  expect(hand.stepped(point(5, 250), point(0, 5))).toEqual({ x: 5, y: 300 });
  expect(hand.stepped(point(5, 250), point(-5, 0))).toEqual({ x: 0, y: 250 });
  // 120 mm of room above it are two stripes.
  expect(hand.pushed('up')).toMatchObject({ x: 5, y: 150 });
  const [now] = exchanged(two, [first, second], [first, { ...second, y: 250 }]);
  expect(now!.y % 50).toBeCloseTo(0, 9);
});
