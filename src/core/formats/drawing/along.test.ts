import type { OutlineFacts } from '../../facts/outline';
import { lengthOf, pathOf, polyline } from '../../geometry/path';
import { point, type Point } from '../../geometry/point';
import { cubic, line } from '../../geometry/segment';
import { newOutline } from '../../pieces/edits';
import { ringPath } from '../../pieces/ring';
import { clickedAlong, closedAlong, snappedTo } from './along';

/** A half front as a drawing has it, and a line of another size beside its side seam. */
const front = pathOf([
  cubic(point(0, 90), point(40, 88), point(80, 60), point(85, 0)),
  line(point(85, 0), point(215, 45)),
  cubic(point(215, 45), point(190, 180), point(215, 235), point(255, 240)),
  line(point(255, 240), point(255, 640)),
  line(point(255, 640), point(0, 640)),
  line(point(0, 640), point(0, 90)),
]);
const wider = polyline([point(265, 242), point(275, 640)]);
const lines = [front, wider];

const clicked = (points: readonly Point[], reachMm = 3): OutlineFacts =>
  points.reduce(
    (outline, at) => clickedAlong(outline, lines, { ...at, clickMm: 0.4 }, { reachMm, corner: false }),
    newOutline('seamline', 'a page'),
  );

test('a click near a line comes to lie on it, on its corner where one is in reach, and nowhere else', () => {
  expect(snappedTo(lines, point(257, 400), 3)).toMatchObject({
    place: { at: point(255, 400) },
    corner: false,
  });
  expect(snappedTo(lines, point(253, 638.5), 3)).toMatchObject({
    place: { at: point(255, 640) },
    corner: true,
  });
  expect(snappedTo(lines, point(120, 300), 3)).toBeUndefined();
});

test('from click to click the line is followed with its curves: six clicks near a front are the front', () => {
  const open = clicked([
    point(1, 91),
    point(86, 1),
    point(214, 44),
    point(255, 241),
    point(254, 639),
    point(1, 639),
  ]);
  const { ring, unfinished } = closedAlong(open, lines);
  const path = ringPath(ring);
  expect(unfinished).toBeUndefined();
  expect(ring).toHaveLength(6);
  expect(ring.every(({ corner }) => corner)).toBe(true);
  expect(path && lengthOf(path)).toBeCloseTo(lengthOf(front), 4);
});

test('corners that were passed over come along, the shorter way round', () => {
  const { ring } = clicked([point(85, 0), point(255, 400)]);
  expect(ring.map(({ x, y }) => [Math.round(x), Math.round(y)])).toEqual([
    [85, 0],
    [215, 45],
    [255, 240],
    [255, 400],
  ]);
  expect(ring.map(({ corner }) => corner === true)).toEqual([true, true, true, false]);
});

test('an open line is not run back along to close an outline: its ends are joined straight', () => {
  const open = polyline([point(0, 0), point(100, 10), point(100, 100), point(0, 90)]);
  const corners = [point(0, 0), point(100, 10), point(100, 100), point(0, 90)];
  const outline = corners.reduce(
    (now, at) => clickedAlong(now, [open], at, { reachMm: 1, corner: true }),
    newOutline('seamline', 'a page'),
  );
  expect(closedAlong(outline, [open]).ring).toHaveLength(4);
});

test('from one line to another nothing is followed: a curve runs over, as one grades between sizes', () => {
  const { ring } = clicked([point(255, 240), point(255, 300), point(270, 441), point(275, 640)]);
  const path = ringPath([...ring, { x: 0, y: 640, corner: true }]);
  expect(ring).toHaveLength(4);
  expect(path?.[1]?.kind).toBe('cubic');
});

test('beside every line a click stays where it was made, as near as the hand', () => {
  const { ring } = clicked([point(120, 300)]);
  expect(ring).toEqual([{ x: 120, y: 300, clickMm: 0.4 }]);
});
