import { Assembly, ruined } from './assembling';
import { Level } from './level';
import { randomFrom, shuffled } from './random';
import { Shapes } from './shapes';
import { jigsaw } from './testJigsaws';

const [WIDE, LONG, CELL] = [900, 700, 5];
const rings = shuffled(jigsaw(12, 12, WIDE, LONG), randomFrom(1));
const shapes = new Shapes({
  widthMm: WIDE,
  gapMm: 0,
  pieces: rings.map((ring, nth) => ({ id: `${nth}`, ring, count: 1 })),
});
const level = new Level(shapes.all, WIDE, CELL, 'middle');
const turns = shapes.copies.map((copy) => copy.shapes.map((shape) => level.of(shape)));
const assembled = (rows: number, seed = 1) => new Assembly(level, turns, rows, randomFrom(seed));

test('a jigsaw on a strip that is just long enough comes together where it was cut, but for a cell', () => {
  const found = Array.from({ length: 6 }, (_, nth) => {
    const assembly = assembled(Math.ceil(LONG / CELL) + 1, nth + 1);
    assembly.keep([]);
    assembly.fill();
    return assembly;
  });
  const best = found.toSorted((a, b) => a.missing() - b.missing())[0]!;
  expect(best.missing()).toBeLessThan(0.1 * WIDE * LONG);
  const asCut = best.laid.filter(({ item, column, row, at }) => {
    const { origin } = shapes.copies[item]!.shapes[0]!;
    const [x, y] = [column * CELL + at.padX, row * CELL + at.padY];
    return Math.hypot(x + origin.x, y + origin.y) < 4 * CELL;
  });
  expect(asCut.length).toBeGreaterThan(8);
});

test('what is kept stays where it lay, and the rest finds its place again', () => {
  const assembly = assembled(Math.ceil(LONG / CELL) + 1);
  assembly.keep([]);
  assembly.fill();
  const kept = assembly.laid.slice(0, 6);
  const missing = assembly.missing();
  assembly.keep(kept);
  expect(assembly.laid).toEqual(kept);
  expect(assembly.missing()).toBeGreaterThan(missing);
  assembly.fill();
  expect(assembly.laid.slice(0, 6)).toEqual(kept);
  expect(assembly.laid.length).toBeGreaterThan(6);
});

test('on a strip that is too short something is left, and nothing lies beyond it', () => {
  const rows = Math.ceil((0.7 * LONG) / CELL);
  const assembly = assembled(rows);
  assembly.keep([]);
  assembly.fill();
  expect(assembly.missing()).toBeGreaterThan(0.2 * WIDE * LONG);
  for (const { row, at } of assembly.laid) expect(row + at.mask.rows).toBeLessThanOrEqual(rows + 1);
});

test('taken up are a copy and those nearest to it, two at least; of one copy all', () => {
  const assembly = assembled(Math.ceil(LONG / CELL) + 1);
  assembly.keep([]);
  assembly.fill();
  const random = randomFrom(2);
  for (let nth = 0; nth < 20; nth += 1) {
    const left = ruined(assembly.laid, random);
    expect(assembly.laid.length - left.length).toBeGreaterThanOrEqual(2);
    expect(left.length).toBeGreaterThanOrEqual(Math.floor(0.5 * assembly.laid.length) - 2);
  }
  expect(ruined(assembly.laid.slice(0, 1), random)).toEqual([]);
});
