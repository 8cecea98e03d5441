import fc from 'fast-check';
import { areaOfRings, clockwise, shared } from '../geometry/clip';
import { rectangle } from '../geometry/ring';
import { point, type Point } from '../geometry/point';
import { layoutFaults } from './check';
import { Hand } from './hand';
import { ringAt, type LayoutProblem } from './problem';
import { Searching } from './progress';
import { blob } from './testJigsaws';

const moved = (ring: readonly Point[], x: number, y: number) =>
  clockwise(ring.map((one) => point(one.x + x, one.y + y)));

test('nothing is laid where there is no cloth, by an exact clip, whatever was cut from it before', () => {
  const anyHole = fc.record({
    seed: fc.integer({ min: 1, max: 500 }),
    sizeMm: fc.integer({ min: 20, max: 120 }),
    x: fc.integer({ min: 0, max: 500 }),
    y: fc.integer({ min: 0, max: 500 }),
  });
  fc.assert(
    fc.property(fc.array(anyHole, { minLength: 1, maxLength: 5 }), fc.constantFrom(0, 3), (before, gapMm) => {
      const holes = before.map(({ seed, sizeMm, x, y }) => moved(blob(seed, sizeMm), x, y));
      const problem: LayoutProblem = {
        widthMm: 500,
        gapMm,
        holes,
        pieces: [
          { id: 'front', ring: blob(3, 80), count: 3, turns: [0, 180] },
          { id: 'band', ring: rectangle(200, 40), count: 2, turns: [0, 90] },
        ],
      };
      const { best } = new Searching(problem, 1).goOn(({ steps }) => steps < 60);
      expect(layoutFaults(problem, best!)).toEqual([]);
      for (const one of best!.placements)
        expect(areaOfRings(shared([ringAt(problem, one)], holes))).toBeLessThan(0.02);
    }),
    { numRuns: 10, seed: 3, endOnFailure: true },
  );
});

const corner: LayoutProblem = {
  widthMm: 300,
  gapMm: 0,
  holes: [rectangle(200, 400)],
  pieces: [{ id: 'strap', ring: rectangle(90, 390), count: 1 }],
};

test('by hand: a strap fits beside what was cut, and the length is that of the pieces, not of the cloth that is gone', () => {
  const { best } = new Searching(corner, 1).goOn(({ steps }) => steps < 20);
  expect(best!.lengthMm).toBeCloseTo(390, 1);
  expect(best!.placements[0]!.x).toBeGreaterThanOrEqual(200);
  const wide = { ...corner, pieces: [{ id: 'strap', ring: rectangle(110, 390), count: 1 }] };
  expect(new Searching(wide, 1).goOn(({ steps }) => steps < 20).best!.lengthMm).toBeCloseTo(790, 0);
});

test('the exact check says what lies beside the cloth, and so does the hand', () => {
  const over = { piece: 'strap', copy: 1, x: 180, y: 0, turn: 0, mirrored: false };
  expect(layoutFaults(corner, { placements: [over], lengthMm: 390 })).toEqual([
    { kind: 'outside', pieces: ['strap 1'], areaMm2: expect.closeTo(20 * 390, 3) },
  ]);
  const hand = new Hand(corner, [over], over);
  expect(hand.crossing(over)).toEqual({ over: [], outside: true });
  expect(hand.crossing(point(205, 0))).toEqual({ over: [], outside: false });
  // Drawn to the edge of what is there.
  expect(hand.snapped(point(205, 0), 20).x).toBeCloseTo(200, 2);
});
