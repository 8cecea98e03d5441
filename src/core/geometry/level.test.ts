import { Bezier } from 'bezier-js';
import fc from 'fast-check';
import { crossingsOfLevel } from './level';
import { cubic, line } from './segment';

const spot = fc.record({ x: fc.integer({ min: -300, max: 300 }), y: fc.integer({ min: -300, max: 300 }) });

test('a curve crosses a level line where another library says (bezier-js)', () => {
  fc.assert(
    fc.property(spot, spot, spot, spot, fc.integer({ min: -300, max: 300 }), (from, c1, c2, to, height) => {
      // Half a millimetre off, so that no end lies on the line.
      const y = height + 0.5;
      const crossings = crossingsOfLevel(cubic(from, c1, c2, to), y).toSorted((a, b) => a - b);
      const bezier = new Bezier([from, c1, c2, to]);
      const level = { p1: { x: -1000, y }, p2: { x: 1000, y } };
      const wanted = (bezier.lineIntersects(level) as number[])
        .map((t) => bezier.get(t).x)
        .toSorted((a, b) => a - b);
      expect(crossings).toHaveLength(wanted.length);
      crossings.forEach((x, nth) => expect(Math.abs(x - (wanted[nth] as number))).toBeLessThan(1e-3));
    }),
    { seed: 7, numRuns: 400, endOnFailure: true },
  );
});

test('a line crosses in between its ends, once; one beside the level not at all', () => {
  expect(crossingsOfLevel(line({ x: 0, y: 0 }, { x: 10, y: 20 }), 5)).toEqual([2.5]);
  expect(crossingsOfLevel(line({ x: 0, y: 0 }, { x: 10, y: 20 }), 25)).toEqual([]);
  expect(crossingsOfLevel(line({ x: 0, y: 5 }, { x: 10, y: 5 }), 5)).toEqual([]);
});

test('where two segments meet on the line they cross it once together', () => {
  const up = cubic({ x: 0, y: 10 }, { x: 1, y: 8 }, { x: 2, y: 7 }, { x: 3, y: 5 });
  const on = cubic({ x: 3, y: 5 }, { x: 4, y: 3 }, { x: 5, y: 2 }, { x: 6, y: 0 });
  expect([...crossingsOfLevel(up, 5), ...crossingsOfLevel(on, 5)]).toHaveLength(1);
});
