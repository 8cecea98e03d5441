import fc from 'fast-check';
import { areaOfRings, clockwise, grownRings, shared, united, without } from '../geometry/clip';
import { point } from '../geometry/point';
import { boundsOfPoints, rectangle } from '../geometry/ring';
import { blob } from '../layout/testJigsaws';
import { holesOf, leftoverFacts, remainder, worthKeeping } from './leftover';

const WIDE = 800;
const LONG = 600;

const rectangleAt = (x: number, y: number, wide: number, high: number) =>
  rectangle(wide, high).map((one) => point(one.x + x, one.y + y));

const anyCut = fc.array(
  fc.record({
    seed: fc.integer({ min: 1, max: 900 }),
    sizeMm: fc.integer({ min: 30, max: 160 }),
    x: fc.integer({ min: -40, max: WIDE }),
    y: fc.integer({ min: -40, max: LONG }),
  }),
  { minLength: 1, maxLength: 6 },
);
const laid = (cut: readonly { seed: number; sizeMm: number; x: number; y: number }[]) =>
  cut.map(({ seed, sizeMm, x, y }) => blob(seed, sizeMm).map((one) => point(one.x + x, one.y + y)));

test('what is left has the area of the cloth less that of the pieces, and nothing of them', () => {
  fc.assert(
    fc.property(anyCut, (cut) => {
      const pieces = laid(cut);
      const cloth = { widthMm: WIDE, lengthMm: LONG };
      const left = remainder(cloth, pieces);
      const taken = areaOfRings(shared([rectangle(WIDE, LONG)], united(pieces.map(clockwise))));
      expect(areaOfRings(left)).toBeCloseTo(WIDE * LONG - taken, 0);
      expect(areaOfRings(shared(left, united(pieces.map(clockwise))))).toBeLessThan(0.5);
    }),
    { numRuns: 30, endOnFailure: true },
  );
});

test('where there is no cloth and what is left make up the whole, as rings without holes', () => {
  fc.assert(
    fc.property(anyCut, (cut) => {
      const left = remainder({ widthMm: WIDE, lengthMm: LONG }, laid(cut));
      fc.pre(left.length > 0);
      const { bottom } = boundsOfPoints(left.flat());
      const holes = holesOf(left, WIDE);
      for (const hole of holes) expect(areaOfRings([hole])).toBeGreaterThan(0);
      const rounding = 60;
      expect(Math.abs(areaOfRings(holes) + areaOfRings(left) - WIDE * bottom)).toBeLessThan(rounding);
      expect(areaOfRings(shared(holes, left))).toBeLessThan(rounding);
    }),
    { numRuns: 30, endOnFailure: true },
  );
});

test('an island of cloth within a piece that is gone makes two rings of it, not one with a hole', () => {
  const gone = rectangleAt(100, 100, 400, 400);
  const island = rectangleAt(200, 200, 200, 200);
  const left = [...without([rectangle(WIDE, LONG)], [gone]), island];
  const holes = holesOf(left, WIDE);
  expect(holes).toHaveLength(2);
  expect(areaOfRings(holes)).toBeCloseTo(400 * 400 - 200 * 200, 3);
});

test('worth keeping by hand: a strip of 25 mm is waste, one of 60 is not; a square of 9 cm is a scrap, one of 12 is not', () => {
  const of = (wide: number, high: number) => worthKeeping([rectangle(wide, high)]).length;
  expect(of(700, 25)).toBe(0);
  expect(of(700, 60)).toBe(1);
  expect(of(90, 90)).toBe(0);
  expect(of(120, 120)).toBe(1);
  // Two that hang together by a strip of 10 mm are two; a hole stays with what it is in.
  const dumbbell = united([
    rectangle(200, 200),
    rectangleAt(200, 95, 100, 10),
    rectangleAt(300, 0, 200, 200),
  ]);
  expect(worthKeeping(dumbbell)).toHaveLength(2);
  const ring = without([rectangle(300, 300)], [rectangleAt(120, 120, 60, 60)]);
  expect(worthKeeping(ring).map((part) => part.length)).toEqual([2]);
});

test('what is worth keeping lies within what is left, but for rounding', () => {
  fc.assert(
    fc.property(anyCut, (cut) => {
      const left = remainder({ widthMm: WIDE, lengthMm: LONG }, laid(cut));
      const kept = worthKeeping(left).flat();
      expect(areaOfRings(without(kept, grownRings(left, 0.6, 0.1)))).toBeLessThan(1);
    }),
    { numRuns: 30, endOnFailure: true },
  );
});

test('it goes on the shelf unwashed, from its corner on; from the repeat before it where it has one', () => {
  const part = [rectangleAt(130, 250, 400, 300)];
  const facts = leftoverFacts([part], { across: 1, along: 0.9 })!;
  expect(facts).toMatchObject({ widthMm: 400, onHandMm: 333 });
  expect(boundsOfPoints(facts.outline!.flatMap(({ points }) => points))).toEqual({
    left: 0,
    top: 0,
    right: 400,
    bottom: 333.3,
  });
  const striped = leftoverFacts([part], { across: 1, along: 1 }, { acrossMm: 64, alongMm: 100 })!;
  expect(striped).toMatchObject({ widthMm: 402, onHandMm: 350 });
  expect(leftoverFacts([], { across: 1, along: 1 })).toBeUndefined();
});
