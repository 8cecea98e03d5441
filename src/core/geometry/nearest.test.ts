import fc from 'fast-check';
import { nearestOnPath, stretchesOf } from './nearest';
import { endOf, lengthOf, pathOf, pointAlong, polyline, startOf } from './path';
import { distance, point } from './point';
import { flattened } from './ring';
import { cubic, line } from './segment';

const bent = pathOf([
  line(point(0, 0), point(100, 0)),
  cubic(point(100, 0), point(150, 0), point(180, 40), point(180, 90)),
]);
const square = polyline([point(0, 0), point(100, 0), point(100, 100), point(0, 100), point(0, 0)]);

test('the nearest place is as near as any of ten thousand along the path, and lies where it says', () => {
  const many = Array.from({ length: 10_000 }, (_, nth) => pointAlong(bent, (nth / 9_999) * lengthOf(bent)));
  fc.assert(
    fc.property(fc.integer({ min: -50, max: 250 }), fc.integer({ min: -50, max: 150 }), (x, y) => {
      const to = point(x, y);
      const { at, alongMm, offMm } = nearestOnPath(bent, to);
      expect(offMm).toBeLessThanOrEqual(Math.min(...many.map((one) => distance(one, to))) + 0.2);
      expect(distance(pointAlong(bent, alongMm), at)).toBeLessThan(0.01);
    }),
    { numRuns: 20, endOnFailure: true },
  );
});

test('a stretch runs from the one place to the other, whichever comes first', () => {
  const [there] = stretchesOf(bent, 40, 130);
  const [back] = stretchesOf(bent, 130, 40);
  if (!there || !back) throw new Error('expected a stretch, got none');
  expect(lengthOf(there)).toBeCloseTo(90, 3);
  expect(distance(startOf(there), pointAlong(bent, 40))).toBeLessThan(0.01);
  expect(distance(startOf(back), endOf(there))).toBeLessThan(0.01);
  expect(stretchesOf(bent, 40, 40)).toEqual([]);
});

test('on a closed line there are both ways round, one of them past where the line begins', () => {
  const ways = stretchesOf(square, 370, 20).map((run) => flattened(run));
  expect(ways).toEqual([
    [point(0, 30), point(0, 100), point(100, 100), point(100, 0), point(20, 0)],
    [point(0, 30), point(0, 0), point(20, 0)],
  ]);
  expect(stretchesOf(square, 20, 370).map((run) => flattened(run))).toEqual(
    ways.map((one) => one.toReversed()),
  );
});
