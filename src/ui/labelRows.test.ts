import fc from 'fast-check';
import { labelRows } from './labelRows';

test('labels that would overlap go into rows of their own', () => {
  expect(
    labelRows([
      { x: 10, text: 'one' },
      { x: 12, text: 'two' },
      { x: 300, text: 'three' },
    ]),
  ).toEqual([0, 1, 0]);
});

test('no two labels in a row overlap, whatever they are (fast-check)', () => {
  fc.assert(
    fc.property(
      fc.array(
        fc.record({ x: fc.double({ min: 0, max: 600, noNaN: true }), text: fc.string({ maxLength: 20 }) }),
        { maxLength: 9 },
      ),
      (labels) => {
        const rows = labelRows(labels);
        return labels.every((a, i) =>
          labels.every(
            (b, j) =>
              i >= j ||
              rows[i] !== rows[j] ||
              Math.abs(a.x - b.x) >= ((a.text.length + b.text.length) * 6.6) / 2,
          ),
        );
      },
    ),
    { seed: 51 },
  );
});
