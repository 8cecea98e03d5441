import { areaOfRings, ringsWithin } from '../geometry/clip';
import { jigsaw } from './testJigsaws';
import { maskOf, type Mask } from './mask';
import { boundsOfPoints } from '../geometry/ring';

const CELL = 7;
const rings = jigsaw(3, 9, 400, 300).map((ring) => {
  const { left, top } = boundsOfPoints(ring);
  return ring.map(({ x, y }) => ({ x: x - left, y: y - top }));
});

const takes = ({ starts, from, to }: Mask, row: number, column: number): boolean => {
  for (let at = starts[row]!; at < starts[row + 1]!; at += 1)
    if (column >= from[at]! && column < to[at]!) return true;
  return false;
};

test.each(rings.map((ring, nth) => [nth, ring] as const))(
  'piece %i: whole cells are all that anything of it lies in, by an exact clip of each',
  (_, ring) => {
    const mask = maskOf(ring, CELL, 'whole');
    let cells = 0;
    for (let row = 0; row < mask.rows; row += 1) {
      for (let column = 0; column < mask.columns; column += 1) {
        const box = {
          left: column * CELL,
          right: (column + 1) * CELL,
          top: row * CELL,
          bottom: (row + 1) * CELL,
        };
        const area = areaOfRings(ringsWithin(box, [ring]));
        if (area > 0.01) {
          expect(takes(mask, row, column)).toBe(true);
          cells += 1;
        } else if (area === 0 && takes(mask, row, column)) cells += 0.001;
      }
    }
    // And hardly any that it only touches.
    expect(cells % 1).toBeLessThan(0.02);
  },
);

test('cells by their middle have the area of the piece, to within what its edge cuts', () => {
  for (const ring of rings) {
    const { starts, from, to, rows } = maskOf(ring, 2, 'middle');
    let cells = 0;
    for (let at = 0; at < starts[rows]!; at += 1) cells += to[at]! - from[at]!;
    expect(cells * 4).toBeGreaterThan(0.97 * areaOfRings([ring]));
    expect(cells * 4).toBeLessThan(1.03 * areaOfRings([ring]));
  }
});
