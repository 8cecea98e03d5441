import fc from 'fast-check';
import { flagRows, labelRows } from './labelRows';

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

describe('flags', () => {
  const anyLabels = fc.array(
    fc.record({ x: fc.double({ min: 0, max: 600, noNaN: true }), text: fc.string({ maxLength: 24 }) }),
    { maxLength: 9 },
  );
  const end = (x: number, text: string) => x + text.length * 6.6;

  test('the leftmost flies highest where they crowd, and low again where there is room', () => {
    const flags = flagRows(
      [
        { x: 100, text: 'by stretch class' },
        { x: 150, text: 'usual for swimwear' },
        { x: 400, text: 'by pressure' },
      ],
      590,
    );
    expect(flags.map(({ row }) => row)).toEqual([1, 0, 0]);
  });
  test('a text that would lie across the pointer ends at its staff instead', () => {
    const [flag] = flagRows([{ x: 200, text: 'by stretch class' }], 590, 230);
    expect(end(flag?.x ?? 0, 'by stretch class')).toBeLessThan(200);
    expect(flagRows([{ x: 30, text: 'by stretch class' }], 590, 60)[0]?.x).toBeGreaterThan(30);
  });
  test('no two texts in a row overlap, and none leaves the scale (fast-check)', () => {
    fc.assert(
      fc.property(anyLabels, fc.double({ min: 0, max: 590, noNaN: true }), (labels, pointer) => {
        const flags = flagRows(labels, 590, pointer);
        flags.forEach((a, i) => {
          const text = labels[i]?.text ?? '';
          expect(a.x).toBeGreaterThanOrEqual(0);
          expect(end(a.x, text)).toBeLessThanOrEqual(590 + 1e-9);
          flags.forEach((b, j) => {
            if (i >= j || a.row !== b.row) return;
            const apart = a.x >= end(b.x, labels[j]?.text ?? '') || b.x >= end(a.x, text);
            expect([i, j, apart]).toEqual([i, j, true]);
          });
        });
      }),
      { seed: 52 },
    );
  });
  test('no staff runs through a text to its left (fast-check)', () => {
    fc.assert(
      fc.property(anyLabels, (labels) => {
        const flags = flagRows(labels, 5000);
        for (const [i, a] of flags.entries())
          for (const b of flags)
            if (b.staffX > a.x && b.staffX < end(a.x, labels[i]?.text ?? ''))
              expect(b.row).toBeLessThan(a.row);
      }),
      { seed: 53 },
    );
  });
});
