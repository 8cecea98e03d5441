import { Clipper, EndType, JoinType } from 'clipper2-ts';
import fc from 'fast-check';
import { areaOfRings, largestOf, shared, simplified, united, without } from './clip';
import { offset } from './offset';
import { backwards, lengthOf, pathOf, polyline, turnOf } from './path';
import { point, type Point } from './point';
import { areaOf, boundsOf, contains, crossingsOf, flattened } from './ring';
import { cubic } from './segment';
import { circle, ellipse } from './testShapes';

const square = (mm: number) =>
  polyline([point(0, 0), point(mm, 0), point(mm, mm), point(0, mm), point(0, 0)]);
const ringLength = (points: readonly Point[]): number => lengthOf(polyline(points));
/** How far a point lies from a line of points, mm. */
const away = (line: readonly Point[], { x, y }: Point): number =>
  Math.min(
    ...line.slice(1).map((to, nth) => {
      const from = line[nth]!;
      const [dx, dy] = [to.x - from.x, to.y - from.y];
      const share = ((x - from.x) * dx + (y - from.y) * dy) / (dx * dx + dy * dy || 1);
      const held = Math.min(Math.max(share, 0), 1);
      return Math.hypot(x - from.x - held * dx, y - from.y - held * dy);
    }),
  );

/** A smooth outline that bulges and dents, never closer to itself than an allowance: a ring of curves round a circle. */
const anyOutline = fc
  .array(fc.integer({ min: 150, max: 220 }), { minLength: 6, maxLength: 9 })
  .map((radii) => {
    const at = (nth: number) => {
      const angle = (2 * Math.PI * nth) / radii.length;
      const radius = radii[nth % radii.length]!;
      return point(radius * Math.cos(angle), radius * Math.sin(angle));
    };
    const handle = (nth: number, way: 1 | -1) => {
      const angle = (2 * Math.PI * nth) / radii.length;
      const reach = (way * radii[nth % radii.length]! * 2 * Math.PI) / radii.length / 3;
      return point(at(nth).x - reach * Math.sin(angle), at(nth).y + reach * Math.cos(angle));
    };
    return pathOf(radii.map((_, nth) => cubic(at(nth), handle(nth, 1), handle(nth + 1, -1), at(nth + 1))));
  });

describe('area and what lies inside', () => {
  test('of an ellipse is πab, negative the other way round (closed form)', () => {
    expect(Math.abs(areaOf(ellipse(80, 30)) / (Math.PI * 2400) - 1)).toBeLessThan(5e-4);
    expect(areaOf(backwards(ellipse(80, 30)))).toBeCloseTo(-areaOf(ellipse(80, 30)), 9);
  });

  test('is that of Clipper on the flattened outline (property)', () =>
    fc.assert(
      fc.property(anyOutline, (path) => {
        const area = areaOf(path);
        expect(Math.abs(areaOfRings([flattened(path)]) / area - 1)).toBeLessThan(1e-3);
      }),
      { seed: 13, numRuns: 15, endOnFailure: true },
    ));

  test('an open path has no area', () =>
    expect(() => areaOf(polyline([point(0, 0), point(1, 0)]))).toThrow('ends where it began'));

  test.each([
    ['in the middle', point(0, 0), true],
    ['just inside', point(79, 0), true],
    ['beside it, level with it', point(81, 0), false],
    ['above', point(0, -31), false],
  ])('%s', (_, one, inside) => expect(contains(flattened(ellipse(80, 30)), one)).toBe(inside));

  test('bounds go round it', () => {
    const { left, top, right, bottom } = boundsOf(ellipse(80, 30));
    expect([left, top, right, bottom].map((mm) => mm.toFixed(2))).toEqual([
      '-80.00',
      '-30.00',
      '80.00',
      '30.00',
    ]);
  });

  test('a flattened curve lies within what it was allowed (property)', () =>
    fc.assert(
      fc.property(anyOutline, (path) => {
        const rough = flattened(path, 0.5);
        const fine = flattened(path, 0.01);
        expect(rough.length).toBeLessThan(fine.length);
        expect(Math.max(...fine.map((one) => away(rough, one)))).toBeLessThan(0.51);
      }),
      { seed: 13, numRuns: 15, endOnFailure: true },
    ));
});

describe('crossings', () => {
  test('a figure of eight crosses in its middle; a square with its first corner said twice does not', () => {
    expect(crossingsOf([point(0, 0), point(10, 10), point(10, 0), point(0, 10)])).toEqual([point(5, 5)]);
    expect(crossingsOf(flattened(square(10)))).toEqual([]);
  });
  test('an outline that touches itself is found', () =>
    expect(crossingsOf([point(0, 0), point(10, 0), point(10, 10), point(5, 0), point(0, 10)])).not.toEqual(
      [],
    ));
});

describe('offset', () => {
  test('outwards a curve grows by its turn times the distance (Steiner)', () => {
    for (const mm of [3, 10, 25]) {
      const path = ellipse(120, 70);
      const grown = ringLength(offset(path, mm));
      expect(Math.abs(grown - (lengthOf(path) + turnOf(path) * mm))).toBeLessThan(0.05);
    }
  });

  test('inwards and back is where it was: a circle is one of another radius (closed form)', () => {
    for (const mm of [-30, -6, 6, 40])
      for (const { x, y } of offset(circle(100), mm))
        expect(Math.abs(Math.hypot(x, y) - 100 - mm)).toBeLessThan(0.06);
  });

  test('round a square its corners are mitred, and its area is Clipper’s with mitred joins', () => {
    const ring = offset(square(100), 10);
    // The ring is open at its first corner: there the two ends lie beside each other.
    const clipper = Clipper.inflatePathsD(
      [flattened(square(100)).slice(0, 4) as Point[]],
      10,
      JoinType.Miter,
      EndType.Polygon,
      3,
      4,
    );
    expect(areaOfRings(clipper)).toBeCloseTo(120 * 120, 3);
    expect(areaOfRings(united([ring]))).toBeCloseTo(120 * 120 - 50, 3);
  });

  test('a point sharper than the mitre allows is cut off', () => {
    const sharp = polyline([point(0, 0), point(100, 5), point(0, 10)]);
    expect(Math.max(...offset(sharp, 10).map(({ x }) => x))).toBeLessThan(101);
  });

  test('as Clipper does it with round joins, on smooth outlines (property)', () =>
    fc.assert(
      fc.property(anyOutline, fc.integer({ min: 2, max: 15 }), (path, mm) => {
        const ours = largestOf(united([offset(path, mm)]))!;
        const theirs = Clipper.inflatePathsD(
          [[...flattened(path, 0.002)]],
          mm,
          JoinType.Round,
          EndType.Polygon,
          2,
          4,
          0.002,
        );
        const off = areaOfRings(without([ours], theirs)) + areaOfRings(without(theirs, [ours]));
        // The mean distance between the two lines.
        expect(off / ringLength(ours)).toBeLessThan(0.05);
      }),
      { seed: 13, numRuns: 15, endOnFailure: true },
    ));

  test('crosses itself nowhere once united, and keeps its distance (property)', () =>
    fc.assert(
      fc.property(anyOutline, fc.integer({ min: 2, max: 15 }), (path, mm) => {
        const ring = largestOf(united([offset(path, mm)]))!;
        expect(crossingsOf(ring)).toEqual([]);
        const seam = flattened(path);
        expect(Math.min(...ring.map((one) => away(seam, one)))).toBeGreaterThan(mm - 0.1);
      }),
      { seed: 13, numRuns: 15, endOnFailure: true },
    ));
});

describe('rings', () => {
  const at = (x: number) =>
    flattened(square(100))
      .slice(0, 4)
      .map((one) => point(one.x + x, one.y));
  test.each([
    ['together', united, 14_000],
    ['in both', shared, 6000],
    ['in one only', without, 4000],
  ] as const)('%s', (_, combine, area) =>
    expect(
      combine === united ? areaOfRings(united([at(0), at(40)])) : areaOfRings(combine([at(0)], [at(40)])),
    ).toBeCloseTo(area, 3),
  );
  test('points that a straight line does without go; the shape stays', () => {
    const many = [point(0, 0), point(30, 0.1), point(60, 0), point(100, 0), point(100, 100), point(0, 100)];
    expect(simplified(many, 0.3)).toHaveLength(4);
    expect(simplified(many, 0.06)).toHaveLength(5);
  });
});
