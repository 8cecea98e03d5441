import { point } from '@/core/geometry/point';
import { facing } from './facing';

test('upright the picture is the cloth; on its side its beginning is at the left and its left selvedge below', () => {
  const upright = facing(1500, false);
  expect(upright.seen(point(30, 700))).toEqual({ x: 30, y: 700 });
  expect(upright.onCloth(point(3, 4))).toEqual({ x: 3, y: 4 });
  const side = facing(1500, true);
  expect(side.seen(point(0, 0))).toEqual({ x: 0, y: 1500 });
  expect(side.seen(point(1500, 900))).toEqual({ x: 900, y: 0 });
});

test.each([false, true])('a move in the picture is the same move on the cloth, on its side: %s', (onSide) => {
  const { seen, onCloth } = facing(1500, onSide);
  const [from, by] = [point(200, 500), point(13, -29)];
  const on = onCloth(by);
  const [before, after] = [seen(from), seen(point(from.x + on.x, from.y + on.y))];
  expect(after.x - before.x).toBeCloseTo(by.x, 9);
  expect(after.y - before.y).toBeCloseTo(by.y, 9);
});
