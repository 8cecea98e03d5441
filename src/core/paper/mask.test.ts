import { point } from '../geometry/point';
import { INSET_MM, onSheets, turned, turnedToCorner } from './laid';
import { maskOf, type Span } from './mask';

const CELL = { widthMm: 10, heightMm: 10 };
/** An L: upright 18 wide and 58 high, its foot 48 wide and 18 high. */
const L = [[point(0, 0), point(18, 0), point(18, 40), point(48, 40), point(48, 58), point(0, 58)]];

const drawn = (spans: readonly Span[]): readonly string[] => {
  const rows: string[] = [];
  for (const { row, from, to } of spans) {
    const before = rows[row] ?? '';
    rows[row] = before.padEnd(from, '.') + '#'.repeat(to - from + 1);
  }
  return rows;
};

test('a piece takes the cells it touches, and no others (drawn by hand)', () => {
  const mask = maskOf(turnedToCorner(L, 0).rings, CELL, 0);
  expect([mask.columns, mask.rows]).toEqual([5, 6]);
  expect(drawn(mask.spans)).toEqual(['##', '##', '##', '##', '#####', '#####']);
});

test('turned by a quarter, what was on its left is on top', () => {
  const mask = maskOf(turnedToCorner(L, 1).rings, CELL, 0);
  expect([mask.columns, mask.rows]).toEqual([6, 5]);
  expect(drawn(mask.spans)).toEqual(['######', '######', '##', '##', '##']);
  expect(turned(point(3, 4), 1)).toEqual(point(-4, 3));
});

test('with a gap it takes what lies within that of it too, beside its box as well', () => {
  const { wide } = maskOf(turnedToCorner(L, 0).rings, CELL, 4);
  const rows = wide.toSorted((a, b) => a.row - b.row);
  expect(rows[0]).toEqual({ row: -1, from: -1, to: 2 });
  expect(rows.at(-1)).toMatchObject({ row: 6, from: -1 });
  // The longest first.
  expect(wide.map(({ from, to }) => to - from)).toEqual(
    wide.map(({ from, to }) => to - from).toSorted((a, b) => b - a),
  );
});

test('what was moved to the corner is there, a hair inside', () => {
  for (const quarter of [0, 1, 2, 3] as const) {
    const { rings, move } = turnedToCorner(L, quarter);
    const [ring = []] = rings;
    expect(Math.min(...ring.map(({ x }) => x))).toBeCloseTo(INSET_MM, 9);
    expect(Math.min(...ring.map(({ y }) => y))).toBeCloseTo(INSET_MM, 9);
    expect(ring).toEqual((L[0] ?? []).map(onSheets({ quarter, move })));
  }
});
