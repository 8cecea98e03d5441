import { rectangle } from '../geometry/ring';
import { keepsOf, type Lying } from './keeps';
import { randomFrom } from './random';
import { drawnTogether, evened, settled } from './settle';
import { Shapes } from './shapes';
import { jigsaw } from './testJigsaws';
import type { LayoutPiece } from './problem';

const HOW = { apartMm: 1e-5, nearMm: 12 };

const lying = (pieces: readonly LayoutPiece[], at: readonly (readonly [number, number])[]): Lying[] =>
  new Shapes({ widthMm: 500, gapMm: 0, pieces }).copies.map(({ shapes }, nth) => ({
    shape: shapes[0]!,
    x: at[nth]![0],
    y: at[nth]![1],
  }));
const square: LayoutPiece = { id: 'square', ring: rectangle(100, 100), count: 2 };

test('two squares that lie in each other, though no corner of one is inside the other once they are level, go as far each', () => {
  const two = lying(
    [square],
    [
      [100, 100],
      [190, 100],
    ],
  );
  expect(settled(two, { wideMm: 500, longMm: 500 }, HOW)).toBeLessThan(1e-5);
  expect(two.map(({ x }) => x)).toEqual([expect.closeTo(95, 3), expect.closeTo(195, 3)]);
});

test('what lies apart, or side by side, is left where it is', () => {
  const two = lying(
    [square],
    [
      [0, 0],
      [100, 0],
    ],
  );
  expect(settled(two, { wideMm: 500, longMm: 500 }, HOW)).toBe(0);
  expect(two.map(({ x, y }) => [x, y])).toEqual([
    [0, 0],
    [100, 0],
  ]);
});

test('at the cloth’s edge the other gives way; where there is no room it says how deep it still is', () => {
  const two = lying(
    [square],
    [
      [0, 0],
      [92, 0],
    ],
  );
  expect(settled(two, { wideMm: 500, longMm: 500 }, HOW)).toBeLessThan(1e-5);
  expect(two[0]!.x).toBe(0);
  expect(two[1]!.x).toBeCloseTo(100, 2);
  const squeezed = lying(
    [square],
    [
      [0, 0],
      [95, 0],
    ],
  );
  const deep = settled(squeezed, { wideMm: 195, longMm: 100 }, HOW);
  expect(deep).toBeGreaterThan(4);
  expect(deep).toBeLessThan(5.1);
});

test('a piece on the fold stays on it', () => {
  const pieces = [
    { ...square, count: 1, onFold: true },
    { ...square, id: 'other', count: 1 },
  ];
  const two = lying(pieces, [
    [0, 0],
    [94, 3],
  ]);
  settled(two, { wideMm: 500, longMm: 500 }, HOW);
  expect(two[0]!.x).toBe(0);
  expect(two[1]!.x).toBeCloseTo(100, 2);
});

test('a corner that points at the middle of a side is kept off it, one far away is not looked at', () => {
  const tip: LayoutPiece = {
    id: 'tip',
    ring: [
      { x: 0, y: 0 },
      { x: 60, y: -30 },
      { x: 60, y: 30 },
    ],
    count: 1,
  };
  const two = lying(
    [{ ...square, count: 1 }, tip],
    [
      [0, 0],
      [96, 20],
    ],
  );
  expect(keepsOf(two, { nearMm: 12, facing: false }).worst).toBeCloseTo(4, 6);
  const away = lying(
    [{ ...square, count: 1 }, tip],
    [
      [0, 0],
      [140, 20],
    ],
  );
  expect(keepsOf(away, { nearMm: 12, facing: false }).out).toEqual([]);
});

test.each([8, 14])('a jigsaw of %i pieces, each up to 3 mm off, is drawn together as it was cut', (many) => {
  const rings = jigsaw(many, many, 900, 700);
  const random = randomFrom(4);
  const pieces = rings.map((ring, nth): LayoutPiece => ({ id: `${nth}`, ring, count: 1 }));
  const { copies } = new Shapes({ widthMm: 900, gapMm: 0, pieces });
  const cutAt = copies.map(({ shapes }) => ({ x: -shapes[0]!.origin.x, y: -shapes[0]!.origin.y }));
  const all: Lying[] = copies.map(({ shapes }, nth) => ({
    shape: shapes[0]!,
    x: cutAt[nth]!.x + 6 * (random() - 0.5),
    y: cutAt[nth]!.y + 6 * (random() - 0.5),
  }));
  const room = { wideMm: 900, longMm: 705 };
  drawnTogether(all, room, 8);
  evened(all, room);
  // Together they may lie anywhere on the 5 mm that are left over.
  const down = all[0]!.y - cutAt[0]!.y;
  all.forEach(({ x, y }, nth) => {
    expect(Math.abs(x - cutAt[nth]!.x)).toBeLessThan(0.3);
    expect(Math.abs(y - down - cutAt[nth]!.y)).toBeLessThan(0.3);
  });
});
