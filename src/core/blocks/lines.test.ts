import fc from 'fast-check';
import newton from 'newton-raphson-method';
import { endOf, lengthOf, pointAlong, polyline, startOf } from '../geometry/path';
import { dot, point } from '../geometry/point';
import { flattened } from '../geometry/ring';
import { arrives, clockwise, curveTo, downThrough, setsOut, squareBetween, squareToFold } from './lines';
import { rootBetween } from './solve';

describe('a side through points', () => {
  const points = [point(230, 208), point(185, 425), point(245, 620)];

  test('passes all of them and goes beyond none', () => {
    const path = downThrough(points);
    expect([startOf(path), ...path.map(({ to }) => to)]).toEqual(points);
    const xs = flattened(path).map(({ x }) => x);
    expect([Math.min(...xs), Math.max(...xs)]).toEqual([expect.closeTo(185, 6), expect.closeTo(245, 6)]);
  });

  test.each([
    ['start', true, false],
    ['end', false, true],
    ['both', true, true],
    ['no', false, false],
  ] as const)('plumb at the %s', (plumb, first, last) => {
    const path = downThrough(points, plumb);
    expect(Math.abs(setsOut(path).x) < 1e-9).toBe(first);
    expect(Math.abs(arrives(path).x) < 1e-9).toBe(last);
  });

  test('where it leaves its way at once it is nearer the straight line', () => {
    const [from, to] = [point(100, 0), point(60, 300)];
    const off = (leaving: number): number => {
      const path = downThrough([from, to], 'both', leaving);
      const { x, y } = pointAlong(path, 60);
      return x - (from.x + ((to.x - from.x) * y) / to.y);
    };
    expect(off(0)).toBeLessThan(off(-1));
  });

  test('never turns back, whatever the girths (property)', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 20, max: 400 }), { minLength: 2, maxLength: 6 }), (widths) => {
        const path = downThrough(
          widths.map((x, nth) => point(x, 90 * nth)),
          'both',
        );
        const ys = flattened(path).map(({ y }) => y);
        expect(ys).toEqual(ys.toSorted((a, b) => a - b));
      }),
      { seed: 3, numRuns: 60, endOnFailure: true },
    );
  });
});

describe('edges that run on without a kink', () => {
  test('to the fold: square to the side, level at the fold', () => {
    for (const slope of [-0.6, 0, 0.4]) {
      const down = point(slope, 1);
      const path = squareToFold(point(240, 600), down);
      expect(dot(setsOut(path), down)).toBeCloseTo(0, 9);
      expect(endOf(path).x).toBe(0);
      expect(arrives(path).y).toBeCloseTo(0, 9);
      // A flared hem drops towards the centre, one that narrows rises.
      expect(Math.sign(endOf(path).y - 600)).toBe(Math.sign(slope));
    }
  });

  test('between two sides: square to both', () => {
    const [right, left] = [point(0.2, 1), point(-0.3, 1)];
    const path = squareBetween(point(100, 400), right, point(-90, 395), left);
    expect(dot(setsOut(path), right)).toBeCloseTo(0, 9);
    expect(dot(arrives(path), left)).toBeCloseTo(0, 9);
  });

  test('a curve leaves and arrives as it is told, and a quarter turn is one', () => {
    const path = curveTo(point(0, 0), point(0, 2), point(50, 80), point(3, 0));
    expect(setsOut(path)).toEqual(point(0, 1));
    expect(arrives(path).y).toBeCloseTo(0, 9);
    expect(clockwise(point(0, 1))).toEqual(point(-1, 0));
    expect(lengthOf(path)).toBeGreaterThan(lengthOf(polyline([point(0, 0), point(50, 80)])));
  });
});

describe('the root of a function', () => {
  test.each([
    [(x: number) => x ** 3 - 20, 0, 10],
    [(x: number) => Math.exp(x) - 5, 0, 4],
    [(x: number) => 300 - x * x, 0, 100],
    [(x: number) => Math.hypot(x, 40) - 55, 0, 300],
  ] as const)('is where another library finds it (newton-raphson-method)', (of, low, high) => {
    expect(rootBetween(of, low, high)).toBeCloseTo(Number(newton(of, (low + high) / 2)), 5);
  });

  test('is found for any line that falls through it (property)', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 900 }), fc.integer({ min: 1, max: 999 }), (root, steep) => {
        const found = rootBetween((x) => (root - x) * (steep / 100) + (root - x) ** 3 / 1e4, 0, 1000);
        expect(Math.abs((found ?? NaN) - root)).toBeLessThan(1e-4);
      }),
      { seed: 5, numRuns: 100, endOnFailure: true },
    );
  });

  test('there is none where both ends lie on one side, or where nothing is a number', () => {
    expect(rootBetween((x) => x + 1, 0, 5)).toBeUndefined();
    expect(rootBetween(() => NaN, 0, 5)).toBeUndefined();
    expect(rootBetween((x) => x, 0, 5)).toBe(0);
    expect(rootBetween((x) => x - 5, 0, 5)).toBe(5);
  });
});
