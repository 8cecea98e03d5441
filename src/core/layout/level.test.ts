import { BLOCKED } from './contact';
import { Level, type Turn } from './level';
import { valueAt } from './offsets';
import { jigsaw } from './testJigsaws';
import { Shapes } from './shapes';

const rings = jigsaw(5, 6, 300, 240);
const shapes = new Shapes({
  widthMm: 300,
  gapMm: 0,
  pieces: rings.map((ring, nth) => ({ id: `${nth}`, ring, count: 1, turns: [0, 180] })),
});
const level = new Level(shapes.all, 300, 6, 'middle');
const turns = shapes.all.map((shape) => level.of(shape));
const pairs = turns.flatMap((a) => turns.map((b) => [a, b] as const));

const cellsOf = ({ mask }: Turn): Set<string> => {
  const cells = new Set<string>();
  for (let row = 0; row < mask.rows; row += 1)
    for (let at = mask.starts[row]!; at < mask.starts[row + 1]!; at += 1)
      for (let x = mask.from[at]!; x < mask.to[at]!; x += 1) cells.add(`${x} ${row}`);
  return cells;
};

/** Whether two share a cell at an offset, cell by cell. */
function meet(moving: Turn, still: Turn, x: number, y: number): boolean {
  const theirs = cellsOf(still);
  return [...cellsOf(moving)].some((cell) => {
    const [column, row] = cell.split(' ').map(Number) as [number, number];
    return theirs.has(`${column + x} ${row + y}`);
  });
}

test('a depth is how far it is to the nearest offset at which no cell is shared, counted cell by cell', () => {
  const [a, b] = [turns[0]!, turns[3]!];
  const map = level.depths(a, b);
  const free: (readonly [number, number])[] = [];
  for (let y = -a.mask.rows - 1; y <= b.mask.rows + 1; y += 1)
    for (let x = -a.mask.columns - 1; x <= b.mask.columns + 1; x += 1)
      if (!meet(a, b, x, y)) free.push([x, y]);
  for (let y = -a.mask.rows; y <= b.mask.rows; y += 3) {
    for (let x = -a.mask.columns; x <= b.mask.columns; x += 3) {
      const far = Math.min(...free.map(([u, v]) => Math.hypot(u - x, v - y)));
      expect(valueAt(map, x, y)).toBeCloseTo(far, 4);
    }
  }
});

test('what is known of two shapes both ways round and turned by half is what cell by cell says of each', () => {
  for (const [a, b] of pairs.filter((_, nth) => nth % 5 === 0)) {
    const map = level.depths(a, b);
    for (const [x, y] of [
      [0, 0],
      [4, -3],
      [-5, 2],
      [b.mask.columns - 1, 1],
      [1, b.mask.rows - 1],
    ] as const)
      expect(valueAt(map, x, y) > 0).toBe(meet(a, b, x, y));
  }
});

test('pieces of a jigsaw lie along each other most where they were cut apart', () => {
  const drawn = turns.filter(({ shape }) => shape.turn === 0);
  let longest = 0;
  for (const a of drawn) {
    for (const b of drawn) {
      if (a === b) continue;
      const at = (one: Turn) => ({ x: -one.shape.origin.x - one.padX, y: -one.shape.origin.y - one.padY });
      const x = Math.round((at(a).x - at(b).x) / 6);
      const y = Math.round((at(a).y - at(b).y) / 6);
      const here = level.alongAt(a, b, x, y);
      if (here < 12) continue;
      longest += 1;
      const peaks = level.peaks(a, b);
      expect(peaks.some((peak) => Math.hypot(peak.x - x, peak.y - y) <= 2)).toBe(true);
      expect(level.alongAt(a, b, x + 6, y)).toBeLessThan(here);
    }
  }
  expect(longest).toBeGreaterThan(6);
});

test('where they overlap by more than rounding they are blocked, and far apart nothing', () => {
  const [a, b] = [turns[0]!, turns[2]!];
  expect(level.alongAt(a, b, 3, 3)).toBe(BLOCKED);
  expect(level.alongAt(a, b, 500, 0)).toBe(0);
});
