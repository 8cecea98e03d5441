import { Clipper, EndType, JoinType } from 'clipper2-ts';
import { areaOfRings, without } from '../geometry/clip';
import { distance, type Point } from '../geometry/point';
import { flattened } from '../geometry/ring';
import { cutLine } from './cutLine';
import { roundPiece } from './outline';
import { practiceTee } from './practice';
import type { CornerKind } from '../facts/outline';
import { corner, outlineOf, seamlines, shapeOf } from './testPieces';

const front = shapeOf('tee', 'front');
const sleeve = shapeOf('tee', 'sleeve');

const lineOf = (
  outline: ReturnType<typeof outlineOf>,
  mm: number | Readonly<Record<string, number>>,
  corners: CornerKind | Readonly<Record<string, CornerKind>> = 'mitred',
): readonly Point[] => {
  const line = cutLine(outline, {
    allowanceOf: ({ id }) => (typeof mm === 'number' ? mm : (mm[id] ?? 0)),
    cornersOf: ({ id }) => (typeof corners === 'string' ? corners : (corners[id] ?? 'mitred')),
  });
  if (!line) throw new Error('expected a cut line, got none');
  return line;
};
const has = (line: readonly Point[], x: number, y: number, within = 0.05): boolean =>
  line.some((one) => distance(one, { x, y }) < within);

test.each([4, 6, 10, 15])(
  'with one allowance of %d mm all round, corners mitred, it is the offset of an independent library (clipper2)',
  (mm) => {
    const outline = outlineOf(sleeve, practiceTee.sleeve);
    const ours = [lineOf(outline, mm)];
    const seamline = [flattened(roundPiece(outline)).map(({ x, y }) => ({ x, y }))];
    const theirs = Clipper.inflatePathsD(seamline, mm, JoinType.Miter, EndType.Polygon, 2.5, 6);
    const apart = areaOfRings(without(ours, theirs)) + areaOfRings(without(theirs, ours));
    // Less than a twentieth of a millimetre all along the piece.
    expect(apart).toBeLessThan(0.05 * 1000);
    expect(areaOfRings(ours)).toBeGreaterThan(areaOfRings(seamline));
  },
);

test('a fold gets no allowance: the lines beside it run straight onto it', () => {
  const outline = outlineOf(front, practiceTee.front);
  const line = lineOf(outline, { neckline: 6, hem: 25, centre: 99 });
  const left = Math.min(...line.map(({ x }) => x));
  const onFold = line.filter(({ x }) => Math.abs(x - left) < 0.01).map(({ y }) => y);
  const fold = outline.edges.find(({ of }) => of.fold)?.path ?? [];
  const ends = fold.flatMap(({ from, to }) => [from, to]);
  const [foot, top] = [Math.max(...ends.map(({ y }) => y)), Math.min(...ends.map(({ y }) => y))];
  expect(left).toBeCloseTo(ends[0]?.x ?? NaN, 6);
  expect(Math.max(...onFold)).toBeCloseTo(foot + 25, 6);
  // The neckline meets the fold at nearly a right angle, so its line lies its allowance higher.
  expect(Math.min(...onFold)).toBeCloseTo(top - 6, 0);
});

// A leg that narrows downwards: 40 mm narrower on each side over 200 mm, hem 30 mm deep.
const tapered = seamlines(
  corner(0, 0, 'cap'),
  corner(200, 0, 'back-underarm'),
  corner(160, 200, 'hem'),
  corner(40, 200, 'front-underarm'),
);

test('a mirrored hem goes out again as far as the leg comes in, so that it lies flush when it is turned up', () => {
  const line = lineOf(outlineOf(sleeve, tapered), { hem: 30 }, { hem: 'mirrored' });
  // 30 mm below the hem fold the cut edge is as wide as the leg is 30 mm above it: 160 + 30 · 40/200.
  expect(has(line, 166, 230)).toBe(true);
  expect(has(line, 34, 230)).toBe(true);
});

test('a mirrored hem follows the side’s own cut edge where that has an allowance', () => {
  const mm = { hem: 30, 'back-underarm': 10, 'front-underarm': 10 };
  const line = lineOf(outlineOf(sleeve, tapered), mm, { hem: 'mirrored' });
  // Beside a side of slope 40/200 the line is 10·√(1 + 0.2²) further out at the same height.
  const beside = 10 * Math.hypot(1, 0.2);
  expect(has(line, 160 + beside, 200)).toBe(true);
  expect(has(line, 166 + beside, 230)).toBe(true);
});

test('a square end of a seam: the other line runs to the seamline run on, then square across the allowance', () => {
  const mm = { cap: 10, 'back-underarm': 10 };
  const square = lineOf(outlineOf(sleeve, tapered), mm, { cap: 'square', 'back-underarm': 'mitred' });
  // The side’s line reaches the cap’s seamline (y = 0) at 200 + 10·√(1 + 0.2²), and goes straight up from there.
  const at = 200 + 10 * Math.hypot(1, 0.2);
  expect(has(square, at, 0)).toBe(true);
  expect(has(square, at, -10)).toBe(true);
  const mitred = lineOf(outlineOf(sleeve, tapered), mm, 'mitred');
  expect(has(mitred, at, 0)).toBe(false);
  expect(has(mitred, at + 2, -10)).toBe(true);
});

test('a needle’s point is not drawn out: past two and a half times the allowance it is cut square', () => {
  const needle = seamlines(
    corner(0, 0, 'cap'),
    corner(400, 20, 'back-underarm'),
    corner(0, 40, 'hem'),
    corner(-20, 20, 'front-underarm'),
  );
  const line = lineOf(outlineOf(sleeve, needle), 10);
  const reach = Math.max(...line.map((one) => one.x));
  // The lines themselves would meet some 200 mm further on.
  expect(reach).toBeLessThan(400 + 25.01);
});
