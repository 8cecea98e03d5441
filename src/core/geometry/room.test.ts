import { point } from './point';
import { rectangle } from './ring';
import { roomIn } from './room';

test('of a band in its middle; of an L at its corner, not in the middle of its box, which lies beside it', () => {
  expect(roomIn(rectangle(700, 60), 1)).toEqual({ at: point(350, 30), radiusMm: 30 });
  // Of an L with arms of 100 mm it touches both outer edges and the inner corner: r √2 + r = 100 √2.
  const { at, radiusMm } = roomIn(
    [point(0, 0), point(300, 0), point(300, 100), point(100, 100), point(100, 300), point(0, 300)],
    1,
  );
  const wanted = (100 * Math.SQRT2) / (Math.SQRT2 + 1);
  expect(Math.abs(radiusMm - wanted)).toBeLessThan(1);
  expect(Math.hypot(at.x - wanted, at.y - wanted)).toBeLessThan(3);
});
