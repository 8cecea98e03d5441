import fc from 'fast-check';
import { errorAt, homographyOf, isConvex, projected, type Corners } from './homography';
import { distance, point } from './point';

const A4: Corners = [point(0, 0), point(210, 0), point(210, 297), point(0, 297)];
/** The worked example of the trade’s handbook. */
const SEEN: Corners = [point(412, 318), point(1490, 352), point(1622, 1710), point(296, 1655)];

describe('a sheet seen at a slant', () => {
  test.each([
    [point(950, 1000), point(104.604, 161.945), 0.35],
    [point(2000, 2400), point(254.677, 406.753), 0.53],
  ])('the worked value: %j is %j mm, good to %f mm', (pixel, mm, error) => {
    const map = homographyOf(SEEN, A4);
    expect(distance(projected(map, pixel)!, mm)).toBeLessThan(0.001);
    expect(errorAt(SEEN, A4, pixel)!.toFixed(2)).toBe(error.toFixed(2));
    expect(errorAt(SEEN, A4, pixel, 3)!).toBeCloseTo(3 * errorAt(SEEN, A4, pixel)!, 6);
  });

  test('its corners are its corners, and there and back is where one was (property)', () =>
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 210, noNaN: true }),
        fc.double({ min: 0, max: 297, noNaN: true }),
        (x, y) => {
          const there = projected(homographyOf(A4, SEEN), point(x, y))!;
          expect(distance(projected(homographyOf(SEEN, A4), there)!, point(x, y))).toBeLessThan(1e-7);
          A4.forEach((corner, nth) =>
            expect(distance(projected(homographyOf(A4, SEEN), corner)!, SEEN[nth]!)).toBeLessThan(1e-7),
          );
        },
      ),
      { seed: 13, numRuns: 100 },
    ));

  test('its error is what moving every click by chance makes of it (1,000 seeded cases)', () => {
    const pixel = point(1300, 600);
    const here = projected(homographyOf(SEEN, A4), pixel)!;
    // Off by one pixel, root of the mean square, to either side.
    const moves = fc.sample(fc.array(fc.constantFrom(-1, 1), { minLength: 10, maxLength: 10 }), {
      seed: 13,
      numRuns: 1000,
    });
    const squares = moves.map((by) => {
      const corners = SEEN.map(({ x, y }, nth) =>
        point(x + by[2 * nth]!, y + by[2 * nth + 1]!),
      ) as unknown as Corners;
      const moved = projected(homographyOf(corners, A4), point(pixel.x + by[8]!, pixel.y + by[9]!))!;
      return distance(moved, here) ** 2;
    });
    const root = Math.sqrt(squares.reduce((sum, one) => sum + one, 0) / squares.length);
    expect(Math.abs(root / errorAt(SEEN, A4, pixel)! - 1)).toBeLessThan(0.05);
  });

  test('corners that cross, or make a dent, are no sheet', () => {
    expect(isConvex(SEEN)).toBe(true);
    expect(isConvex([SEEN[0], SEEN[2], SEEN[1], SEEN[3]])).toBe(false);
    expect(isConvex([point(0, 0), point(10, 0), point(2, 2), point(0, 10)])).toBe(false);
    expect(() => homographyOf([SEEN[0], SEEN[2], SEEN[1], SEEN[3]], A4)).toThrow('convex');
  });

  test('what lies on the horizon is nowhere', () => {
    // The two long sides of a sheet seen like a road meet at (50, −100).
    const road: Corners = [point(25, 0), point(75, 0), point(100, 100), point(0, 100)];
    expect(projected(homographyOf(road, A4), point(50, -100))).toBeUndefined();
    expect(errorAt(road, A4, point(50, -100))).toBeUndefined();
  });
});
