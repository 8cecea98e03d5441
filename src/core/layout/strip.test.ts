import { rectangle } from '../geometry/ring';
import { Level } from './level';
import { valueAt } from './offsets';
import { randomFrom, shuffled } from './random';
import { separating } from './separate';
import { Shapes } from './shapes';
import { Strip } from './strip';
import { jigsaw } from './testJigsaws';

const pieces = [
  ...jigsaw(7, 5, 200, 160).map((ring, nth) => ({ id: `${nth}`, ring, count: 1, turns: [0, 180] })),
  { id: 'band', ring: rectangle(90, 16), count: 2 },
];
const shapes = new Shapes({ widthMm: 200, gapMm: 0, pieces });
const level = new Level(shapes.all, 200, 4, 'middle');
const turns = shapes.copies.map((copy) => copy.shapes.map((shape) => level.of(shape)));

/** Copies thrown on a strip. */
function thrown(rows: number, seed: number): Strip {
  const strip = new Strip(level, turns, rows);
  const random = randomFrom(seed);
  turns.forEach((own, item) => {
    const turn = Math.floor(random() * own.length);
    const { mask, maxColumn } = own[turn]!;
    strip.lay(item, {
      turn,
      column: Math.floor(random() * (maxColumn + 1)),
      row: Math.floor(random() * (rows - mask.rows + 1)),
    });
  });
  return strip;
}

test('what a copy costs where it lies is the sum of its depths in the others', () => {
  const strip = thrown(50, 3);
  for (let item = 0; item < strip.count; item += 1) {
    const here = strip.spots[item]!;
    const sum = strip.spots.reduce((all, there, other) => {
      if (other === item) return all;
      const map = level.depths(strip.turnOf(item), strip.turnOf(other));
      return all + valueAt(map, here.column - there.column, here.row - there.row);
    }, 0);
    expect(strip.costOf(item, false)).toBeCloseTo(sum, 3);
  }
  const each = strip.spots.map((_, item) => strip.costOf(item, false));
  expect(strip.total()).toBeCloseTo(each.reduce((sum, one) => sum + one, 0) / 2, 3);
});

test('the best place costs what it says, and no place of all costs much less: they are looked at one by one', () => {
  const strip = thrown(50, 5);
  for (let item = 0; item < strip.count; item += 1) {
    const found = strip.best(item)!;
    const costAt = (turn: number, column: number, row: number): number => {
      strip.lay(item, { turn, column, row });
      return strip.costOf(item, false);
    };
    expect(costAt(found.turn, found.column, found.row)).toBeCloseTo(found.cost, 3);
    let least = Infinity;
    turns[item]!.forEach(({ mask, maxColumn }, turn) => {
      for (let row = 0; row + mask.rows <= strip.rows; row += 1)
        for (let column = 0; column <= maxColumn; column += 1)
          least = Math.min(least, costAt(turn, column, row));
    });
    expect(found.cost).toBeLessThanOrEqual(least + 2);
    strip.lay(item, found);
  }
});

test('the lowest place overlaps nothing, and no free place ends above it', () => {
  const strip = new Strip(level, turns, 200);
  for (let item = 0; item < strip.count; item += 1) {
    const found = strip.lowest(item)!;
    const end = found.row + turns[item]![found.turn]!.mask.rows;
    turns[item]!.forEach(({ mask, maxColumn }, turn) => {
      for (let row = 0; row + mask.rows < end; row += 1) {
        for (let column = 0; column <= maxColumn; column += 1) {
          strip.lay(item, { turn, column, row });
          expect(strip.costOf(item, false)).toBeGreaterThan(0);
        }
      }
    });
    strip.lay(item, found);
    expect(strip.costOf(item, false)).toBe(0);
    expect(strip.end()).toBeGreaterThanOrEqual(end);
  }
});

test('separated, no two overlap, on a strip with room; on one without, the least overlap found is left and said', () => {
  const run = (rows: number): readonly [boolean, Strip] => {
    const strip = thrown(rows, 8);
    const before = strip.total();
    const steps = separating(strip, randomFrom(1), 30);
    for (;;) {
      const { done, value } = steps.next();
      if (!done) continue;
      expect(strip.total()).toBeLessThanOrEqual(before);
      return [value, strip];
    }
  };
  const [apart, roomy] = run(80);
  expect(apart).toBe(true);
  expect(roomy.total()).toBe(0);
  const [cramped, tight] = run(36);
  expect(cramped).toBe(false);
  expect(tight.total()).toBeGreaterThan(0);
});

test('a shuffled list has the same things, the same order for a seed; chance is spread evenly', () => {
  const list = Array.from({ length: 20 }, (_, nth) => nth);
  const mixed = shuffled(list, randomFrom(3));
  expect(mixed).not.toEqual(list);
  expect(mixed.toSorted((a, b) => a - b)).toEqual(list);
  expect(shuffled(list, randomFrom(3))).toEqual(mixed);
  const random = randomFrom(9);
  const tenths = Array.from({ length: 10 }, () => 0);
  for (let nth = 0; nth < 10_000; nth += 1) tenths[Math.floor(random() * 10)]! += 1;
  for (const many of tenths) expect(Math.abs(many - 1000)).toBeLessThan(120);
});
