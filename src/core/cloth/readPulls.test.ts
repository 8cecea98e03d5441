import { createLedger } from '../explain/ledger';
import { newCloth, type Cloth, type Pull } from '../facts/cloth';
import { branchFit, branchPoints, pointsOf, readPulls } from './readPulls';
import { FEEL_WEIGHT } from './layers';

/** A strip of 5 cm, 10 cm at rest, with weights: the tension is what hangs on each metre of width. */
const pull = (direction: Pull['direction'], points: readonly Partial<Pull['points'][string]>[]): Pull =>
  ({
    direction,
    pulledOn: '2026-05-01',
    restMm: 100,
    widthMm: 50,
    points: Object.fromEntries(
      points.map((point, at) => [`p${at}`, { branch: 'loading', lengthMm: 100, ...point }]),
    ),
  }) as Pull;
const G = 9.80665;
const cloth = (pulls: Readonly<Record<string, Pull>>, more: Partial<Cloth> = {}): Cloth => ({
  ...newCloth('Rib'),
  ...more,
  pulls,
});
const onLoad = pull('across', [
  { lengthMm: 120, massG: 50 },
  { lengthMm: 140, massG: 110 },
  { lengthMm: 160, massG: 180 },
]);

test('a weight in grams on the strip’s width, or the tension a gauge says; one without either is left out', () => {
  const mixed = pull('across', [
    { lengthMm: 130, massG: 100 },
    { lengthMm: 150, tensionNPerM: 42, massG: 999 },
    { lengthMm: 170 },
  ]);
  expect(pointsOf(mixed, 'loading')).toEqual([
    { extension: expect.closeTo(0.3, 12) as number, tension: expect.closeTo((0.1 * G) / 0.05, 9) as number },
    { extension: 0.5, tension: 42 },
  ]);
});

test('loading and unloading are never mixed, nor one way of the cloth with the other', () => {
  const both = cloth({
    a: onLoad,
    b: pull('along', [{ lengthMm: 110, massG: 70 }]),
    c: pull('across', [{ lengthMm: 130, massG: 60, branch: 'unloading' }]),
  });
  expect(branchPoints(both, 'across', 'loading')).toHaveLength(3);
  expect(branchPoints(both, 'across', 'unloading')).toHaveLength(1);
  expect(branchPoints(both, 'along', 'loading')).toHaveLength(1);
  expect(branchFit(both, 'along', 'unloading')).toBeUndefined();
  expect(branchFit(both, 'across', 'loading', 0.6)?.ok).toBe(true);
});

describe('how it pulls', () => {
  const read = (of: Cloth, stretch = 0.6) => {
    const book = createLedger();
    const S = book.given('S', 'stretch', stretch, 'share', 'measured');
    return { book, ...readPulls(book, 'x', 'across', of, S) };
  };
  test('without a pull it is its feel that counts, medium where nobody said', () => {
    expect(read(cloth({})).parts).toEqual([expect.objectContaining({ feel: FEEL_WEIGHT.medium })]);
    expect(read(cloth({}, { feel: 'firm' })).parts[0]).toMatchObject({ feel: FEEL_WEIGHT.firm });
    expect(read(cloth({})).parts[0]).not.toHaveProperty('curve');
  });
  test('with one it has its curve: the tension at its stretch and how steeply it stiffens, its own record', () => {
    const { book, parts } = read(cloth({ a: onLoad }));
    expect(parts[0]?.curve?.tS.value).toBeCloseTo((0.18 * G) / 0.05, 0);
    expect(book.numbers['x.tension']).toMatchObject({ mark: 'own record', unit: 'nPerM' });
    expect(book.numbers['x.k']?.value).toBeGreaterThan(1);
    expect(book.numbers['x.k']?.note).toMatch(/least squares/i);
  });
  test('a cloth that does not stretch has no curve to read', () =>
    expect(read(cloth({ a: onLoad }), 0).parts[0]).not.toHaveProperty('curve'));
  test('readings that make no curve are said to, and the feel counts', () => {
    const { parts, curveFault } = read(cloth({ a: pull('across', [{ lengthMm: 120, massG: 50 }]) }));
    expect(curveFault).toMatch(/./);
    expect(parts[0]).not.toHaveProperty('curve');
  });
  test('a few points say a law of powers; enough of them are read between', () => {
    const power = pull(
      'across',
      [0.2, 0.4, 0.6].map((e) => ({ lengthMm: 100 * (1 + e), tensionNPerM: 100 * (e / 0.6) ** 1.5 })),
    );
    expect(read(cloth({ a: power })).book.numbers['x.k']?.note).toMatch(/^Least squares on log T/);
    const bent = pull(
      'across',
      [0.1, 0.2, 0.3, 0.4, 0.5, 0.6].map((e, at) => ({
        lengthMm: 100 * (1 + e),
        tensionNPerM: [5, 16, 30, 55, 90, 160][at] as number,
      })),
    );
    expect(read(cloth({ a: bent })).book.numbers['x.k']?.note).toMatch(/^Read between the points/);
  });
});
