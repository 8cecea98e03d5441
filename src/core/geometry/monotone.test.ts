import fc from 'fast-check';
import { interpolateMonotone, interpolateThrough } from './monotone';

const knots = fc
  .array(fc.tuple(fc.integer({ min: 1, max: 50 }), fc.integer({ min: -80, max: 80 })), {
    minLength: 2,
    maxLength: 8,
  })
  .map((steps) => {
    let x = 0;
    return steps.map(([dx, y]) => ({ x: (x += dx), y }));
  });

test('between two knots the curve goes beyond neither, whether they rise or fall; at each it is there; outside it stays (property)', () =>
  fc.assert(
    fc.property(knots, fc.integer({ min: 0, max: 100 }), (given, percent) => {
      const curve = interpolateThrough(given);
      for (const { x, y } of given) expect(curve.at(x)).toBeCloseTo(y, 9);
      given.slice(1).forEach((b, nth) => {
        const a = given[nth]!;
        const y = curve.at(a.x + ((b.x - a.x) * percent) / 100);
        expect(y).toBeGreaterThanOrEqual(Math.min(a.y, b.y) - 1e-9);
        expect(y).toBeLessThanOrEqual(Math.max(a.y, b.y) + 1e-9);
      });
      expect(curve.at(-10)).toBe(given[0]!.y);
      expect(curve.at(1e4)).toBe(given.at(-1)!.y);
    }),
    { seed: 13, numRuns: 100, endOnFailure: true },
  ));

test('three knots on a line give the line; readings that fall are levelled where they must not', () => {
  const straight = interpolateThrough([1, 2, 4].map((x) => ({ x, y: 30 - 5 * x })));
  expect(straight.at(3)).toBeCloseTo(15, 9);
  const level = interpolateMonotone([
    { x: 0, y: 0 },
    { x: 1, y: 10 },
    { x: 2, y: 6 },
  ]);
  expect(level.knots.map(({ y }) => y)).toEqual([0, 8, 8]);
});
