import { areaOfRings, linesWithin, ringsWithin } from './clip';
import { point } from './point';

const box = { left: 0, top: 0, right: 190, bottom: 277 };

test('a line is cut off where a rectangle ends, to a thousandth of a millimetre (closed form)', () => {
  const [upright, slanted] = linesWithin(box, [
    [point(107.5, 1), point(107.5, 400)],
    [point(-10.37, 20.123), point(300.3, 140.7)],
  ]);
  expect(upright).toEqual([point(107.5, 1), point(107.5, 277)]);
  const down = (x: number) => 20.123 + ((x + 10.37) / (300.3 + 10.37)) * (140.7 - 20.123);
  expect(slanted?.map(({ x }) => x)).toEqual([0, 190]);
  slanted?.forEach(({ x, y }) => expect(y).toBeCloseTo(down(x), 3));
});

test('a ring that leaves a rectangle and comes back has there what lies inside, and nothing where it never comes', () => {
  const ring = [point(100.5, 100.5), point(250, 100.5), point(250, 120.75), point(100.5, 120.75)];
  expect(areaOfRings(ringsWithin(box, [ring]))).toBeCloseTo(89.5 * 20.25, 2);
  expect(ringsWithin({ ...box, left: 300, right: 400 }, [ring])).toEqual([]);
  expect(linesWithin({ ...box, left: 300, right: 400 }, [ring])).toEqual([]);
});
