import { Bezier } from 'bezier-js';
import ClipperLib from 'clipper-lib';
import { foldEdge } from './fold/formulas';
import { ringOfPieces, seamlineOfRing } from './seamline';

/**
 * The seamline and the fold edge of necks against real offsets of real outlines, piece by piece (reference library:
 * clipper-lib for polygon offsets, bezier-js for the curves). Outlines are invented; the geometry is not.
 */
interface Dot {
  readonly x: number;
  readonly y: number;
}

/** Clipper counts in whole numbers: this many to the millimetre. */
const SCALE = 10_000;
const SLOPE = (20 * Math.PI) / 180;

const distance = (a: Dot, b: Dot) => Math.hypot(a.x - b.x, a.y - b.y);
const along = (dots: readonly Dot[]) =>
  dots.slice(1).reduce((sum, dot, at) => sum + distance(dots[at] as Dot, dot), 0);

/** A closed outline moved by `mm`: outwards where it is over zero. */
function offset(outline: readonly Dot[], mm: number): Dot[] {
  const clipper = new ClipperLib.ClipperOffset(50, SCALE * 0.001);
  const path = outline.map(({ x, y }) => ({ X: Math.round(x * SCALE), Y: Math.round(y * SCALE) }));
  clipper.AddPath(path, ClipperLib.JoinType.jtMiter, ClipperLib.EndType.etClosedPolygon);
  const moved: { X: number; Y: number }[][] = [];
  clipper.Execute(moved, mm * SCALE);
  return (moved[0] ?? []).map(({ X, Y }) => ({ x: X / SCALE, y: Y / SCALE }));
}

/** Half a neck from the centre line to the shoulder, meeting the sloped shoulder at a right angle. */
function halfNeck(widthMm: number, depthMm: number): Dot[] {
  const handle = depthMm * 0.55;
  const curve = new Bezier(
    0,
    -depthMm,
    widthMm * 0.55,
    -depthMm,
    widthMm - Math.sin(SLOPE) * handle,
    -Math.cos(SLOPE) * handle,
    widthMm,
    0,
  );
  return curve.getLUT(1500).map(({ x, y }) => ({ x, y }));
}

const SHOULDER_MM = 120;
const BODY_MM = 400;

/** A whole front or back: its neck, both sloped shoulders, straight sides and hem. */
function piece(half: readonly Dot[]): Dot[] {
  const end = half.at(-1) as Dot;
  const shoulder = { x: end.x + SHOULDER_MM * Math.cos(SLOPE), y: end.y - SHOULDER_MM * Math.sin(SLOPE) };
  const right = [...half, shoulder, { x: shoulder.x, y: -BODY_MM }];
  const left = right
    .slice(1)
    .map(({ x, y }) => ({ x: -x, y }))
    .toReversed();
  return [...left, ...right];
}

/** Where the stitched neck of a piece runs: the moved outline between its two stitched shoulders. */
function stitchedNeck(half: readonly Dot[], allowanceMm: number): number {
  const moved = offset(piece(half), -allowanceMm);
  const end = half.at(-1) as Dot;
  const direction = { x: Math.cos(SLOPE), y: -Math.sin(SLOPE) };
  const corners = moved.filter((dot) => {
    const off = { x: Math.abs(dot.x) - end.x, y: dot.y - end.y };
    return Math.abs(off.x * direction.y - off.y * direction.x - allowanceMm) < 0.02;
  });
  const inner = (side: 1 | -1) =>
    corners
      .filter(({ x }) => Math.sign(x) === side)
      .toSorted((a, b) => Math.abs(a.x) - Math.abs(b.x))[0] as Dot;
  const [from, to] = [inner(-1), inner(1)];
  const at = (dot: Dot) => moved.findIndex((one) => one.x === dot.x && one.y === dot.y);
  const order = [at(from), at(to)];
  const [low, high] = [Math.min(...order), Math.max(...order)];
  const straight = moved.slice(low, high + 1);
  const round = [...moved.slice(high), ...moved.slice(0, low + 1)];
  const neck = [straight, round].find((path) => path.every(({ x }) => Math.abs(x) <= Math.abs(to.x) + 0.05));
  return along(neck ?? []);
}

const turnOf = (dots: readonly Dot[]) =>
  dots.slice(2).reduce((sum, dot, at) => {
    const [a, b] = [dots[at] as Dot, dots[at + 1] as Dot];
    const [u, v] = [
      { x: b.x - a.x, y: b.y - a.y },
      { x: dot.x - b.x, y: dot.y - b.y },
    ];
    return sum + Math.atan2(u.x * v.y - u.y * v.x, u.x * v.x + u.y * v.y);
  }, 0);

describe.each([
  ['a round neck', [75, 95], [75, 55]],
  ['a scoop', [95, 160], [95, 70]],
  ['a shallow neck', [110, 60], [110, 40]],
] as const)('%s on shoulders that slope 20°', (_name, [frontWidth, frontDepth], [backWidth, backDepth]) => {
  const front = halfNeck(frontWidth, frontDepth);
  const back = halfNeck(backWidth, backDepth);
  const pieces = 2 * (along(front) + along(back));
  const turn = 2 * (turnOf(front) + turnOf(back));

  test('turns 280° in all, corners at the seams counted (handbook, D)', () =>
    expect((turn * 180) / Math.PI).toBeCloseTo(280, 0));

  test.each([5, 7, 10])('cut pieces with %d mm allowances sew to ring + Θ·a', (a) => {
    const sewn = stitchedNeck(front, a) + stitchedNeck(back, a);
    expect(sewn).toBeGreaterThan(100);
    const said = seamlineOfRing(ringOfPieces(pieces, 2, a), turn, a);
    expect(Math.abs(sewn - said)).toBeLessThan(0.6);
  });
});

describe('a closed flat ellipse is the case Θ = 360°', () => {
  const [A, B] = [110, 75];
  const ellipse = Array.from({ length: 3000 }, (_, at) => {
    const t = (2 * Math.PI * at) / 3000;
    return { x: A * Math.cos(t), y: B * Math.sin(t) };
  });
  const closed = (dots: readonly Dot[]) => along([...dots, dots[0] as Dot]);
  const N = closed(ellipse);
  test.each([6, 12, 20])('moved %d mm out it is Θ·a longer, the seamline of an opening', (a) =>
    expect(closed(offset(ellipse, a))).toBeCloseTo(seamlineOfRing(N, 2 * Math.PI, a), 1),
  );
  test.each([6, 12, 20])('moved %d mm in it is Θ·w shorter, a flat band’s fold (Steiner)', (w) =>
    expect(closed(offset(ellipse, -w))).toBeCloseTo(foldEdge(N, 2 * Math.PI, w), 1),
  );
  test('an outer edge turns the other way: the same offset, Θ·a shorter', () =>
    expect(closed(offset(ellipse, -15))).toBeCloseTo(seamlineOfRing(N, -2 * Math.PI, 15), 1));
});

test('an arc of 90°, open: a quarter of the turn (reference library: bezier-js)', () => {
  const k = 0.5522847498 * 80;
  const arc = new Bezier(80, 0, 80, k, k, 80, 0, 80);
  const moved = arc.getLUT(2000).map(({ x, y }) => {
    const length = Math.hypot(x, y);
    return { x: x + (x / length) * 9, y: y + (y / length) * 9 };
  });
  expect(along(moved)).toBeCloseTo(seamlineOfRing(arc.length(), Math.PI / 2, 9), 1);
});
