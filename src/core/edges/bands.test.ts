import { Bezier } from 'bezier-js';
import fc from 'fast-check';
import { shortestWithin } from './elastics/lengths';
import { LIMITS } from '../fit/limits';
import { fromCentrePoint, markCount, pastSeam, quarterInFront } from './marks/marks';
import {
  FIXED_MM,
  defaultBand,
  flatLyingBand,
  foldEdge,
  foldEdgeSlack,
  foldedWidth,
  ratioByStretch,
  sewnStretch,
} from './fold/formulas';
import { ringOfPieces, seamlineOfRing } from './seamline';
import { windowRemedies } from './fold/window';
import { usualUse } from './useOf';

const SLOPE = (20 * Math.PI) / 180;

/** A half neckline as a Bézier from the centre line to the shoulder, meeting the shoulder seam at a right angle. */
function halfNeck(widthMm: number, depthMm: number): Bezier {
  const end = { x: widthMm, y: depthMm };
  const handle = depthMm * 0.55;
  return new Bezier(
    0,
    0,
    widthMm * 0.55,
    0,
    end.x - Math.sin(SLOPE) * handle,
    end.y - Math.cos(SLOPE) * handle,
    end.x,
    end.y,
  );
}

/** The angle a curve turns through from its start to its end. */
function turnOf(curve: Bezier): number {
  const [a, b] = [curve.derivative(0), curve.derivative(1)];
  return Math.atan2(a.x * b.y - a.y * b.x, a.x * b.x + a.y * b.y);
}

/** Length of the parallel curve at a distance, by the reference library's normals: towards the garment for d > 0. */
function parallelLength(curve: Bezier, distanceMm: number, parts = 4000): number {
  let length = 0;
  let last: { x: number; y: number } | undefined;
  for (let at = 0; at <= parts; at += 1) {
    const point = curve.offset(at / parts, -distanceMm) as { x: number; y: number };
    if (last) length += Math.hypot(point.x - last.x, point.y - last.y);
    last = point;
  }
  return length;
}

describe('seamline and fold edge against parallel curves (reference library: bezier-js)', () => {
  const front = halfNeck(75, 95);
  const back = halfNeck(75, 55);
  const pieces = [front, front, back, back];
  const cut = pieces.reduce((sum, piece) => sum + piece.length(), 0);
  const turn = pieces.reduce((sum, piece) => sum + turnOf(piece), 0);

  test('a neck drawn on shoulders that slope 20° turns 280° in all (handbook 10, D)', () =>
    expect((turn * 180) / Math.PI).toBeCloseTo(280, 6));

  test.each([6, 10, 15])('the seamline %d mm in from the cut edge is Θ·a longer', (a) => {
    const seam = pieces.reduce((sum, piece) => sum + parallelLength(piece, a), 0);
    expect(seam).toBeCloseTo(seamlineOfRing(cut, turn, a), 1);
  });

  test.each([5, 10, 15])('the edge %d mm inside the opening is Θ·w shorter', (w) => {
    const inner = pieces.reduce((sum, piece) => sum + parallelLength(piece, -w), 0);
    expect(inner).toBeCloseTo(foldEdge(cut, turn, w), 1);
  });

  test('a circle drawn by the library turns 360°: Steiner’s formula for the inner parallel curve', () => {
    const radius = 60;
    const k = 0.5522847498 * radius;
    const quarter = new Bezier(radius, 0, radius, k, k, radius, 0, radius);
    expect(4 * parallelLength(quarter, -12)).toBeCloseTo(foldEdge(4 * quarter.length(), 2 * Math.PI, 12), 1);
  });
});

test('a neck finished with a band takes a neckband, any other edge a band of its own; a kind’s own use comes first', () => {
  expect(usualUse({ id: 'neckline' }, 'band')).toBe('neckband');
  expect(usualUse({ id: 'hem' }, 'band')).toBe('hem-band');
  expect(usualUse({ id: 'wrist', use: 'cuff' }, 'band')).toBe('cuff');
  expect(usualUse({ id: 'wrist', use: 'cuff' }, 'elastic')).toBe('turned');
});

describe('the neckband', () => {
  const neck = fc.double({ min: 200, max: 900, noNaN: true });
  const width = fc.double({ min: 5, max: 60, noNaN: true });
  const stretch = fc.double({ min: 0.05, max: 1.5, noNaN: true });
  const turn = fc.double({ min: 0, max: 2 * Math.PI, noNaN: true });

  test('the default is never longer than its opening, and never under the shortest that works', () => {
    fc.assert(
      fc.property(
        neck,
        width,
        stretch,
        turn,
        fc.double({ min: 300, max: 650, noNaN: true }),
        (N, w, S, theta, head) => {
          const fold = foldEdge(N, theta, w);
          fc.pre(fold > 0);
          const shortest = Math.max(
            shortestWithin(N, LIMITS.sewn, S),
            shortestWithin(head, LIMITS.pulledOn, S),
          );
          const band = defaultBand(flatLyingBand(N, theta, w, 0.84), 1.05 * fold, shortest);
          return band >= shortest - 1e-9 && (band <= N + 1e-9 || band === shortest);
        },
      ),
      { seed: 91 },
    );
  });
  test('scaling every length scales the result', () => {
    fc.assert(
      fc.property(neck, width, turn, fc.double({ min: 0.2, max: 5, noNaN: true }), (N, w, theta, by) => {
        return (
          Math.abs(flatLyingBand(N * by, theta, w * by, 0.84) - by * flatLyingBand(N, theta, w, 0.84)) < 1e-6
        );
      }),
      { seed: 92 },
    );
  });
  test('at its shortest a band is stretched to just its limit', () => {
    expect(sewnStretch(400, shortestWithin(400, LIMITS.sewn, 0.5))).toBeCloseTo(0.4, 12);
    expect(shortestWithin(500, LIMITS.pulledOn, 0.5) * 1.5).toBeCloseTo(500, 9);
  });
  test('a band at the fold edge’s length has no slack', () =>
    expect(foldEdgeSlack(foldEdge(380, 4.887, 15), foldEdge(380, 4.887, 15))).toBeCloseTo(0, 12));
  test.each([
    [1.1, 0.775],
    [1, 0.775],
    [0.99, 0.85],
    [0.5, 0.85],
    [0.25, 0.9],
    [0.2, 0.95],
    [0, 0.95],
  ])('by a stretch of %d: ×%d (T, from memory)', (S, ratio) => expect(ratioByStretch(S).ratio).toBe(ratio));
  test('2 in with a ¼ in seam finishes ¾ in (handbook 10, T)', () =>
    expect(foldedWidth(19.05, 6.35, 0, 0)).toBeCloseTo(50.8));
  test('two to four inches (handbook 10, T)', () =>
    expect([FIXED_MM.least, FIXED_MM.middle, FIXED_MM.most]).toEqual([50.8, 76.2, 101.6]));
});

describe('remedies for an empty window', () => {
  test('each alone makes the shortest meet the longest that lies flat', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 250, max: 450, noNaN: true }),
        fc.double({ min: 450, max: 620, noNaN: true }),
        fc.double({ min: 10, max: 40, noNaN: true }),
        fc.double({ min: 0.1, max: 0.6, noNaN: true }),
        (N, head, w, S) => {
          const theta = 4.887;
          const gap = (n: number, width: number, s: number) =>
            1.05 * foldEdge(n, theta, width) -
            Math.max(shortestWithin(n, LIMITS.sewn, s), shortestWithin(head, LIMITS.pulledOn, s));
          fc.pre(gap(N, w, S) < 0);
          const found = windowRemedies({ N, H: head, w, turn: theta, S, limit: 0.8, flat: 1.05 });
          const gaps = [
            found.bandStretch === undefined ? 0 : gap(N, w, found.bandStretch),
            found.finishedMm === undefined ? 0 : gap(N, found.finishedMm, S),
            found.necklineMm === undefined ? 0 : gap(found.necklineMm, w, S),
          ];
          return gaps.every((left) => Math.abs(left) < 1e-6) && found.necklineMm !== undefined;
        },
      ),
      { seed: 93 },
    );
  });
});

describe('marks', () => {
  test('four, eight or sixteen, by the edge; halves by choice (handbook 10, T: always a multiple of four)', () => {
    expect([
      markCount('auto', 380),
      markCount('auto', 450),
      markCount('auto', 1300),
      markCount('curve', 380),
      markCount('halves', 380),
      markCount('quarters', 500),
      markCount('eighths', 300),
      markCount('sixteenths', 300),
    ]).toEqual([4, 8, 16, 4, 2, 4, 8, 16]);
  });
  test('the quarter lies N/4 − back half in front of the shoulder (handbook 10, D)', () => {
    expect(quarterInFront(380, 76)).toBeCloseTo(19);
    expect(pastSeam(95, 76, 380)).toBeCloseTo(quarterInFront(380, 76));
    expect(quarterInFront(380, 110)).toBeCloseTo(-15);
  });
  test('past a seam is counted the shorter way round', () => {
    expect(pastSeam(10, 370, 380)).toBeCloseTo(20);
    expect(pastSeam(370, 10, 380)).toBeCloseTo(-20);
  });
  test('by curvature the parts of a neck sum to the flat-lying band (D)', () => {
    const turn = (280 * Math.PI) / 180;
    const back = flatLyingBand(76, turn / 4, 15, 0.84);
    const front = flatLyingBand(380 - 152, turn / 2, 15, 0.84);
    expect(2 * back + front).toBeCloseTo(flatLyingBand(380, turn, 15, 0.84), 9);
    expect(back / 76).toBeLessThan(front / 228);
  });
  test('distance from the nearer centre point', () =>
    expect([0, 95, 190, 250].map((x) => fromCentrePoint(x, 380))).toEqual([0, 95, 0, 60]));
});

test('a ring is two allowances shorter for every seam that crosses it', () =>
  expect(ringOfPieces(415, 2, 10)).toBe(375));
