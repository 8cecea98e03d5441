import fc from 'fast-check';
import regression from 'regression';
import { USUAL_STRIP, simulatedGauge, simulatedReadings } from './gauge/simulatedGauge';
import type { GaugeReading } from './gauge/pullGauge';
import { interpolateMonotone } from '../geometry/monotone';
import { ENOUGH_POINTS, fitCurve, logFit, tensionAt, tensionOfWeight, type TensionPoint } from './pullCurve';

const powerPoints = (tS: number, S: number, k: number, shares: readonly number[]): TensionPoint[] =>
  shares.map((share) => ({ extension: S * share, tension: tS * share ** k }));
const curveOf = (points: readonly TensionPoint[], S?: number) => {
  const fit = fitCurve(points, S);
  if (!fit.ok) throw new Error(fit.sentence);
  return fit.curve;
};

test('a weight of 200 g on a strip of 5 cm pulls 39.2 N/m (S: standard gravity, CGPM 1901)', () => {
  expect(tensionOfWeight(200, 50)).toBeCloseTo((0.2 * 9.80665) / 0.05, 12);
});

describe('the power law', () => {
  test('is found again from three points of it, with no residual', () => {
    const curve = curveOf(powerPoints(150, 0.78, 1.6, [0.3, 0.6, 0.9]), 0.78);
    expect(curve.kind).toBe('power');
    expect(curve.k).toBeCloseTo(1.6, 9);
    expect(curve.tS).toBeCloseTo(150, 7);
    expect(curve.residuals).toHaveLength(3);
    for (const { off } of curve.residuals) expect(off).toBeCloseTo(0, 9);
  });
  test('is the one a curve-fitting library finds (reference library: regression)', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.tuple(
            fc.double({ min: 0.05, max: 1.5, noNaN: true }),
            fc.double({ min: 1, max: 400, noNaN: true }),
          ),
          {
            minLength: 3,
            maxLength: 20,
          },
        ),
        (pairs) => {
          const points = pairs.map(([extension, tension]) => ({ extension, tension }));
          const spread =
            Math.max(...points.map((p) => p.extension)) - Math.min(...points.map((p) => p.extension));
          fc.pre(spread > 0.05);
          const { a, k } = logFit(points);
          const [theirA, theirK] = regression.power(
            points.map(({ extension, tension }): [number, number] => [extension, tension]),
            { precision: 12 },
          ).equation as [number, number];
          expect(k).toBeCloseTo(theirK, 6);
          expect(a / theirA).toBeCloseTo(1, 6);
        },
      ),
      { seed: 3 },
    );
  });
});

test('each reading keeps how far it lies off the power law, from the shortest on', () => {
  const points = powerPoints(150, 0.8, 2, [0.8, 0.2, 0.4, 0.6]);
  const read = points.map((point, at) => (at === 0 ? { ...point, tension: point.tension * 1.1 } : point));
  const { residuals } = curveOf(read, 0.8);
  expect(residuals.map(({ extension }) => extension)).toEqual(
    [0.16, 0.32, 0.48, 0.64].map((e) => expect.closeTo(e, 9)),
  );
  expect(residuals.at(-1)?.off).toBeGreaterThan(0.02);
  const product = residuals.reduce((all, { off }) => all * (1 + off), 1);
  expect(product).toBeCloseTo(1, 9);
});

describe('nonsense is refused with a sentence instead of a curve', () => {
  const cases: readonly (readonly [string, readonly TensionPoint[]])[] = [
    ['nothing', []],
    ['two points', powerPoints(100, 0.6, 2, [0.4, 0.9])],
    ['one length three times', powerPoints(100, 0.6, 2, [0.5, 0.5, 0.5])],
    ['tension that falls', [0.2, 0.4, 0.6].map((extension) => ({ extension, tension: 50 / extension }))],
    [
      'tension up and down',
      [10, 90, 5, 80, 12, 60].map((tension, at) => ({ extension: 0.1 * (at + 1), tension })),
    ],
    ['all at rest', [0, 0, 0].map((extension) => ({ extension, tension: 10 }))],
    ['no tension at all', [0.1, 0.3, 0.5].map((extension) => ({ extension, tension: 0 }))],
  ];
  test.each(cases)('%s', (_name, points) => {
    const fit = fitCurve(points, 0.6);
    expect(fit.ok).toBe(false);
    if (!fit.ok) expect(fit.sentence).toMatch(/^[A-Z].*\.$/);
  });
});

describe('with enough points it is read between them', () => {
  const points = powerPoints(120, 0.7, 2.1, [0.15, 0.3, 0.45, 0.6, 0.75, 0.9]);
  test('and says so', () => {
    expect(points).toHaveLength(ENOUGH_POINTS);
    expect(curveOf(points, 0.7).kind).toBe('monotone');
  });
  test('it passes through every point', () => {
    const curve = curveOf(points, 0.7);
    for (const { extension, tension } of points) expect(tensionAt(curve, extension)).toBeCloseTo(tension, 9);
  });
  test('tension rises with extension, whatever was read, beyond the last point too', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 0.8, max: 1.2, noNaN: true }), { minLength: 8, maxLength: 30 }),
        fc.double({ min: 0.8, max: 2.6, noNaN: true }),
        (noise, k) => {
          const read = noise.map((factor, at) => {
            const share = 0.1 + (0.9 * at) / noise.length;
            return { extension: 0.7 * share, tension: 100 * share ** k * factor };
          });
          const fit = fitCurve(read, 0.7);
          if (!fit.ok) return;
          let before = 0;
          for (let e = 0.01; e < 1; e += 0.01) {
            const now = tensionAt(fit.curve, e);
            expect(now).toBeGreaterThanOrEqual(before - 1e-9);
            before = now;
          }
        },
      ),
      { seed: 7 },
    );
  });
  test('the interpolant keeps its knots and levels what falls (invariant of Fritsch and Carlson, 1980)', () => {
    const rising = interpolateMonotone([
      { x: 0, y: 0 },
      { x: 1, y: 1 },
      { x: 2, y: 1 },
      { x: 4, y: 9 },
    ]);
    expect([0, 1, 2, 4].map((x) => rising.at(x))).toEqual([0, 1, 1, 9]);
    expect(rising.at(1.5)).toBeCloseTo(1, 12);
    const fell = interpolateMonotone([
      { x: 0, y: 2 },
      { x: 1, y: 0 },
    ]);
    expect([fell.at(-1), fell.at(0.5), fell.at(9)]).toEqual([1, 1, 1]);
  });
});

describe('the simulated gauge', () => {
  const pull = (seed: number) => [
    ...simulatedReadings(USUAL_STRIP, { restMm: 100, widthMm: 50, toExtension: 0.78 }, seed),
  ];
  const branch = (readings: readonly GaugeReading[], which: GaugeReading['branch']) =>
    readings
      .filter((reading) => reading.branch === which)
      .map(({ lengthMm, tensionNPerM }) => ({ extension: lengthMm / 100 - 1, tension: tensionNPerM }));

  test('over 100 seeds the fit finds k within 5 % and the tension within 3 %', () => {
    const wrong: string[] = [];
    for (let seed = 0; seed < 100; seed += 1) {
      const curve = curveOf(branch(pull(seed), 'loading'), 0.78);
      if (Math.abs(curve.k / USUAL_STRIP.k - 1) > 0.05) wrong.push(`seed ${seed}: k ${curve.k}`);
      if (Math.abs(curve.tS / USUAL_STRIP.tS - 1) > 0.03) wrong.push(`seed ${seed}: tension ${curve.tS}`);
    }
    expect(wrong).toEqual([]);
  });
  test('the same seed reads the same, another does not', () => {
    expect(pull(4)).toEqual(pull(4));
    expect(pull(4)).not.toEqual(pull(5));
  });
  test('loading and unloading are different curves: the strip gives less back', () => {
    const readings = pull(1);
    const out = curveOf(branch(readings, 'loading'), 0.78);
    const back = curveOf(branch(readings, 'unloading'), 0.78);
    expect(tensionAt(back, 0.3)).toBeLessThan(tensionAt(out, 0.3) * 0.95);
  });
  test('reads until it ends, or is stopped, and pulls again anew', () => {
    const ticks: (() => void)[] = [];
    const running = new Set<() => void>();
    const clock = {
      every(_ms: number, tick: () => void) {
        ticks.push(tick);
        running.add(tick);
        return () => running.delete(tick);
      },
    };
    const step = () => [...running].forEach((tick) => tick());
    const gauge = simulatedGauge(USUAL_STRIP, 1, clock);
    const strip = { restMm: 100, widthMm: 50, toExtension: 0.6 };
    const first: GaugeReading[] = [];
    let ended = 0;
    gauge.pull(
      strip,
      (reading) => first.push(reading),
      () => (ended += 1),
    );
    for (let at = 0; at < 200; at += 1) step();
    expect([first.length, ended, running.size]).toEqual([120, 1, 0]);
    const second: GaugeReading[] = [];
    const stop = gauge.pull(
      strip,
      (reading) => second.push(reading),
      () => (ended += 1),
    );
    step();
    step();
    stop();
    step();
    expect([second.length, ended]).toEqual([2, 1]);
    expect(second[0]).not.toEqual(first[0]);
  });
});
