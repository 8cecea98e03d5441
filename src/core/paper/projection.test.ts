import fc from 'fast-check';
import { areaOfRings } from '../geometry/clip';
import { distance, point, type Point } from '../geometry/point';
import { boundsOfPoints } from '../geometry/ring';
import { cssPerMm, isUneven, onTable, projectionOf, turnedOn, type GridMatch, type Lie } from './projection';

const match: GridMatch = { wideMm: 550, highMm: 400, from: point(100, 50), to: point(1200, 850), ratio: 1 };
/** A piece that is not its own mirror image. */
const ring: readonly Point[] = [point(0, 0), point(300, 0), point(300, 40), point(50, 120)];

test('a grid of 55 by 40 cm over 1,100 by 800 pixels makes two pixels a millimetre (D)', () => {
  expect(projectionOf(match)).toEqual({ across: 2, down: 2 });
  expect(projectionOf({ ...match, ratio: 1.5 })).toEqual({ across: 3, down: 3 });
});

test('zoomed in, a page has larger pixels: a millimetre takes fewer of them, and as many of the screen’s', () => {
  const projection = projectionOf(match);
  if (!projection) throw new Error('expected a scale');
  for (const ratio of [0.5, 1, 1.25, 2]) {
    const { across } = cssPerMm(projection, ratio);
    expect(across * ratio).toBeCloseTo(2, 12);
  }
});

test('corners that are too close, or the wrong way round, give no scale', () => {
  expect(projectionOf({ ...match, to: point(110, 850) })).toBeUndefined();
  expect(projectionOf({ ...match, from: match.to, to: match.from })).toBeUndefined();
});

test('a picture drawn out by more than two hundredths is said to be so', () => {
  expect(isUneven({ across: 2, down: 2.03 })).toBe(false);
  expect(isUneven({ across: 2, down: 2.05 })).toBe(true);
  expect(isUneven({ across: 2.05, down: 2 })).toBe(true);
});

test('however it lies a piece keeps its lengths, begins where it was moved to, and is mirrored only where it was asked', () => {
  const lies = fc.record({
    turns: fc.integer({ min: 0, max: 7 }),
    mirrored: fc.boolean(),
    x: fc.integer({ min: -500, max: 500 }),
    y: fc.integer({ min: -500, max: 500 }),
  });
  fc.assert(
    fc.property(lies, ({ turns, mirrored, x, y }) => {
      let quarter: Lie['quarter'] = 0;
      for (let nth = 0; nth < turns; nth += 1) quarter = turnedOn(quarter);
      const place = onTable(ring, { quarter, mirrored, move: point(x, y) });
      const lain = ring.map(place);
      lain.forEach((one, nth) => {
        const next = (nth + 1) % ring.length;
        expect(distance(one, lain[next] as Point)).toBeCloseTo(
          distance(ring[nth] as Point, ring[next] as Point),
          9,
        );
      });
      const { left, top } = boundsOfPoints(lain);
      expect([left, top]).toEqual([expect.closeTo(x, 9), expect.closeTo(y, 9)]);
      expect(Math.sign(areaOfRings([lain]))).toBe(mirrored ? -1 : 1);
    }),
    { seed: 7, numRuns: 60, endOnFailure: true },
  );
});

test('turned once, what was on top is on the right', () => {
  const place = onTable(ring, { quarter: 1, mirrored: false, move: point(0, 0) });
  const top = boundsOfPoints([place(point(0, 0)), place(point(300, 0))]);
  expect(top.left).toBeCloseTo(120, 9);
  expect(top.bottom).toBeCloseTo(300, 9);
});
