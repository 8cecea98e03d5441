import fc from 'fast-check';
import { lengthScale } from './lengthScale';

const labels = (low: number, high: number, unit: 'cm' | 'in') =>
  lengthScale(low, high, unit).ticks.map(({ label }) => label);

test('figures are round on either tape', () => {
  expect(labels(412, 545, 'cm')).toEqual(['40', '42', '44', '46', '48', '50', '52', '54', '56']);
  expect(labels(101, 124, 'cm')).toEqual(['10', '10.5', '11', '11.5', '12', '12.5']);
  expect(labels(412, 545, 'in')).toEqual(['16', '17', '18', '19', '20', '21', '22']);
  expect(labels(101.6, 124, 'in')).toEqual(['4', '4 ⅛', '4 ¼', '4 ⅜', '4 ½', '4 ⅝', '4 ¾', '4 ⅞', '5']);
});

test('the scale holds all that it is to show, begins and ends at a figure, and has room for each', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0, max: 3000, noNaN: true }),
      fc.double({ min: 5, max: 1500, noNaN: true }),
      fc.constantFrom('cm', 'in'),
      (low, span, unit) => {
        const { from, to, ticks } = lengthScale(low, low + span, unit);
        expect(from).toBeLessThanOrEqual(low + 1e-6);
        expect(to).toBeGreaterThanOrEqual(low + span - 1e-6);
        expect([ticks[0]?.value, ticks.at(-1)?.value]).toEqual([
          expect.closeTo(from, 6),
          expect.closeTo(to, 6),
        ]);
        expect(ticks.length).toBeLessThanOrEqual(16);
        expect(ticks.length).toBeGreaterThanOrEqual(3);
        expect(new Set(ticks.map(({ label }) => label)).size).toBe(ticks.length);
      },
    ),
    { seed: 7 },
  );
});
