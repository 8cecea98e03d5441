import { Bezier } from 'bezier-js';
import fc from 'fast-check';
import {
  backwards,
  bentTo,
  chopped,
  directionAlong,
  displaced,
  endMoved,
  isClosed,
  joined,
  lengthOf,
  mapped,
  mirroredIn,
  pathOf,
  pinned,
  pointAlong,
  polyline,
  splitAlong,
  turnOf,
  turnedAbout,
} from './path';
import { distance, point } from './point';
import { cubic, cutAt, lengthOfSegment, parameterAt, pointOf, turnOfSegment } from './segment';
import { anyCurve, anyPoint, circle } from './testShapes';
import { pathThrough } from './through';

const RUNS = { seed: 13, numRuns: 100, endOnFailure: true };
const share = fc.double({ min: 0.01, max: 0.99, noNaN: true });

describe('length', () => {
  test('of a circle is 2πr, within what its four curves are off (closed form)', () =>
    expect(Math.abs(lengthOf(circle(100)) / (200 * Math.PI) - 1)).toBeLessThan(3e-4));

  test('of a parabola is its closed form', () => {
    // y = x²/200 from 0 to 100, raised to a cubic: ∫ √(1 + (x/100)²) dx = 50 · (√2 + asinh 1).
    const parabola = cubic(point(0, 0), point(100 / 3, 0), point(200 / 3, 100 / 6), point(100, 50));
    expect(lengthOfSegment(parabola)).toBeCloseTo(50 * (Math.SQRT2 + Math.asinh(1)), 6);
  });

  test('is what bezier-js measures, to a hundredth of a millimetre (property)', () =>
    fc.assert(
      fc.property(anyCurve, (curve) => {
        const { from, c1, c2, to } = curve as Extract<typeof curve, { kind: 'cubic' }>;
        // It samples at fixed places: a curve with a cusp is measured in eight parts.
        const parts = Array.from({ length: 8 }, (_, nth) =>
          new Bezier(from, c1, c2, to).split(nth / 8, (nth + 1) / 8).length(),
        );
        const sum = parts.reduce((all, one) => all + one, 0);
        expect(Math.abs(lengthOfSegment(curve) - sum)).toBeLessThan(0.01 + sum * 1e-4);
      }),
      RUNS,
    ));

  test('is that of its parts, and the same backwards (property)', () =>
    fc.assert(
      fc.property(anyCurve, share, (curve, t) => {
        const whole = lengthOfSegment(curve);
        const [a, b] = cutAt(curve, t);
        expect(Math.abs(lengthOfSegment(a) + lengthOfSegment(b) - whole)).toBeLessThan(1e-4);
        expect(Math.abs(lengthOf(backwards(pathOf([curve]))) - whole)).toBeLessThan(1e-5);
      }),
      RUNS,
    ));

  test('a place along a curve is that far along (property)', () =>
    fc.assert(
      fc.property(anyCurve, share, (curve, of) => {
        const mm = of * lengthOfSegment(curve);
        const [upTo] = cutAt(curve, parameterAt(curve, mm));
        expect(Math.abs(lengthOfSegment(upTo) - mm)).toBeLessThan(1e-3);
      }),
      RUNS,
    ));
});

describe('turn', () => {
  test('of a circle is a full turn less the corner where it closes, of its reverse as much the other way', () => {
    expect(turnOf(circle(50))).toBeCloseTo(2 * Math.PI, 9);
    expect(turnOf(backwards(circle(50)))).toBeCloseTo(-2 * Math.PI, 9);
  });

  test('counts corners: round a square but for its first one is three quarters of a turn', () =>
    expect(
      turnOf(polyline([point(0, 0), point(10, 0), point(10, 10), point(0, 10), point(0, 0)])),
    ).toBeCloseTo(1.5 * Math.PI, 12));

  test('of any curve is what its direction turns by, added up in small steps (property)', () =>
    fc.assert(
      fc.property(anyCurve, (curve) => {
        const count = 2000;
        const points = Array.from({ length: count + 1 }, (_, nth) => pointOf(curve, nth / count));
        // A cusp turns half round at one place, either way.
        const steps = points.slice(1).map((to, nth) => point(to.x - points[nth]!.x, to.y - points[nth]!.y));
        const turns = steps
          .slice(1)
          .map((step, nth) =>
            Math.atan2(
              steps[nth]!.x * step.y - steps[nth]!.y * step.x,
              steps[nth]!.x * step.x + steps[nth]!.y * step.y,
            ),
          );
        fc.pre(turns.every((turn) => Math.abs(turn) < 0.5));
        expect(turnOfSegment(curve)).toBeCloseTo(
          turns.reduce((sum, turn) => sum + turn, 0),
          1,
        );
      }),
      RUNS,
    ));
});

describe('a path', () => {
  const bent = pathOf([
    cubic(point(0, 0), point(0, 40), point(30, 70), point(80, 70)),
    ...polyline([point(80, 70), point(120, 70), point(120, 20)]),
  ]);

  test('split anywhere, its parts join to what it was (property)', () =>
    fc.assert(
      fc.property(share, (of) => {
        const mm = of * lengthOf(bent);
        const [before, after] = splitAlong(bent, mm);
        expect(lengthOf(before!)).toBeCloseTo(mm, 3);
        expect(lengthOf(joined(before!, after!))).toBeCloseTo(lengthOf(bent), 3);
        expect(distance(before!.at(-1)!.to, pointAlong(bent, mm))).toBeLessThan(1e-6);
      }),
      RUNS,
    ));

  test('has no part before its start or after its end', () => {
    expect(splitAlong(bent, 0)[0]).toBeUndefined();
    expect(splitAlong(bent, lengthOf(bent) + 1)[1]).toBeUndefined();
  });

  test('points where it runs', () => {
    expect(directionAlong(bent, 0)).toEqual(point(0, 1));
    expect(directionAlong(bent, lengthOf(bent))).toEqual(point(0, -1));
  });

  test('keeps its length mirrored or turned, and turns as much the other way in a mirror (property)', () =>
    fc.assert(
      fc.property(anyPoint, anyPoint, fc.double({ min: -4, max: 4, noNaN: true }), (a, b, angle) => {
        fc.pre(distance(a, b) > 1);
        const mirrored = mapped(bent, mirroredIn(a, b));
        expect(lengthOf(mirrored)).toBeCloseTo(lengthOf(bent), 4);
        expect(turnOf(mirrored)).toBeCloseTo(-turnOf(bent), 6);
        const turned = mapped(bent, turnedAbout(a, angle));
        expect(lengthOf(turned)).toBeCloseTo(lengthOf(bent), 4);
        expect(turnOf(turned)).toBeCloseTo(turnOf(bent), 6);
      }),
      RUNS,
    ));

  test('a quarter turn clockwise as it is seen takes what points right to what points down', () => {
    const { x, y } = turnedAbout(point(1, 1), Math.PI / 2)(point(2, 1));
    expect([x, y].map((one) => one.toFixed(9))).toEqual(['1.000000000', '2.000000000']);
  });

  test('of segments that do not meet, or of none, is refused', () => {
    expect(() =>
      pathOf([...polyline([point(0, 0), point(1, 0)]), ...polyline([point(2, 0), point(3, 0)])]),
    ).toThrow('segment 2');
    expect(() => pathOf([])).toThrow('none');
  });
});

describe('redrawn', () => {
  const arc = circle(100).slice(0, 1);
  const quarter = pathOf(arc);

  test('in parts: as long as before, each part short enough, in the same place (property)', () =>
    fc.assert(
      fc.property(anyCurve, fc.integer({ min: 5, max: 60 }), (curve, mm) => {
        const path = pathOf([curve]);
        fc.pre(lengthOf(path) > 1);
        const parts = chopped(path, mm);
        expect(Math.abs(lengthOf(parts) - lengthOf(path))).toBeLessThan(1e-3);
        for (const part of parts) expect(lengthOfSegment(part)).toBeLessThanOrEqual(mm + 1e-6);
        expect(
          distance(pointAlong(parts, lengthOf(parts) / 2), pointAlong(path, lengthOf(path) / 2)),
        ).toBeLessThan(1e-2);
      }),
      RUNS,
    ));

  test('a line in parts stays on the line', () => {
    const parts = chopped(polyline([point(0, 0), point(90, 120)]), 40);
    expect(parts.length).toBeGreaterThan(3);
    for (const { to } of parts) expect(to.y * 90).toBeCloseTo(to.x * 120, 6);
  });

  test.each([0.92, 1, 1.2, 1.4])('bent to %f of its length: that long, between the same ends', (times) => {
    const wanted = lengthOf(quarter) * times;
    const bent = bentTo(quarter, wanted);
    if (!bent) throw new Error('expected it to bend');
    expect(lengthOf(bent)).toBeCloseTo(wanted, 4);
    expect(
      distance(bent[0].from, quarter[0].from) + distance(bent.at(-1)!.to, quarter.at(-1)!.to),
    ).toBeLessThan(1e-9);
  });

  test('never shorter than the line between its ends, nor bent out of all shape', () => {
    expect(bentTo(quarter, 141)).toBeUndefined();
    expect(bentTo(quarter, 900)).toBeUndefined();
    expect(bentTo(polyline([point(0, 0), point(100, 0)]), 101)).toBeUndefined();
  });

  test('its end runs on straight, or stops before; nothing is left of one that stops before it begins', () => {
    const [longer, shorter] = [endMoved(quarter, 30), endMoved(quarter, -30)];
    expect(longer && lengthOf(longer)).toBeCloseTo(lengthOf(quarter) + 30, 6);
    expect(shorter && lengthOf(shorter)).toBeCloseTo(lengthOf(quarter) - 30, 4);
    // On where it was going: straight down from the end of the first quarter, clockwise as it is seen.
    const [end, on] = [quarter.at(-1)!.to, longer!.at(-1)!.to];
    expect(distance(end, on)).toBeCloseTo(30, 6);
    expect(Math.abs((on.x - end.x) * end.x + (on.y - end.y) * end.y)).toBeLessThan(1e-3 * 3000);
    expect(endMoved(quarter, -lengthOf(quarter) - 1)).toBeUndefined();
    expect(endMoved(quarter, 0)).toBe(quarter);
  });

  test('moved alike all along it is itself elsewhere; moved at its end alone its start stays', () => {
    const same = displaced(quarter, () => point(5, -7));
    expect(lengthOf(same)).toBeCloseTo(lengthOf(quarter), 9);
    const pulled = displaced(quarter, (share) => point(10 * share, 0));
    expect(pulled[0].from).toEqual(quarter[0].from);
    expect(pulled.at(-1)!.to.x).toBeCloseTo(quarter.at(-1)!.to.x + 10, 9);
  });

  test('pinned it has those ends exactly, and is the same where it had them', () => {
    const [from, to] = [quarter[0].from, quarter.at(-1)!.to];
    expect(pinned(quarter, from, to)).toBe(quarter);
    const moved = pinned(quarter, from, point(to.x + 1e-12, to.y));
    expect(moved.at(-1)!.to).toEqual(point(to.x + 1e-12, to.y));
  });
});

describe('through points', () => {
  test('the path goes through every point and stays straight between two corners', () => {
    const points = [
      { ...point(0, 0), corner: true as const },
      { ...point(50, 0), corner: true as const },
      point(80, 10),
      point(100, 40),
      { ...point(100, 90), corner: true as const },
    ];
    const path = pathThrough(points);
    expect(path[0].kind).toBe('line');
    expect(path.map(({ to }) => to)).toEqual(
      points.slice(1).map((one) => expect.objectContaining(point(one.x, one.y))),
    );
  });

  test('runs on without a corner at a point that is none (property)', () =>
    fc.assert(
      fc.property(anyPoint, anyPoint, anyPoint, anyPoint, (a, b, c, d) => {
        fc.pre(
          [distance(a, b), distance(b, c), distance(c, d), distance(a, c), distance(b, d)].every(
            (mm) => mm > 5,
          ),
        );
        const path = pathThrough([a, b, c, d]);
        const [one, two] = [path[0], path[1]!];
        const into = directionAlong([one], lengthOfSegment(one));
        const out = directionAlong([two], 0);
        expect(distance(into, out)).toBeLessThan(1e-6);
      }),
      RUNS,
    ));

  test('points on a circle give its length to a thousandth (closed form)', () => {
    const points = Array.from({ length: 25 }, (_, nth) => {
      const angle = (nth * 2 * Math.PI) / 24;
      return point(100 * Math.cos(angle), 100 * Math.sin(angle));
    });
    const path = pathThrough(points);
    expect(isClosed(path)).toBe(true);
    expect(Math.abs(lengthOf(path) / (200 * Math.PI) - 1)).toBeLessThan(1e-3);
  });

  test('a point clicked twice changes nothing; one point alone is refused', () => {
    expect(pathThrough([point(0, 0), point(0, 0), point(5, 0)])).toEqual(
      pathThrough([point(0, 0), point(5, 0)]),
    );
    expect(() => pathThrough([point(0, 0), point(0, 0)])).toThrow('none');
  });
});
