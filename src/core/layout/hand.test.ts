import fc from 'fast-check';
import { rectangle } from '../geometry/ring';
import { point, type Point } from '../geometry/point';
import { layoutFaults } from './check';
import { exchanged, Hand, isClear, readyFor, turnedOn, withPlacement } from './hand';
import { lengthOf, placed, type LayoutProblem, type Placement } from './problem';
import { randomFrom } from './random';
import { Shapes } from './shapes';
import { blob } from './testJigsaws';
import { travelOf, type Way } from './travel';

const ways: readonly Way[] = ['up', 'left', 'down', 'right'];
const at = (piece: string, x: number, y: number, turn = 0): Placement => ({
  piece,
  copy: 1,
  x,
  y,
  turn,
  mirrored: false,
});
const square = rectangle(100, 100);

test.each([
  ['side by side', square, 250, 0, 'left', 150],
  ['the same, the other way', square, -250, 0, 'right', 150],
  ['below', square, 30, 170, 'up', 70],
  ['above', square, 30, -170, 'down', 70],
  ['touching', square, 100, 20, 'left', 0],
  ['going away from what it touches', square, 100, 20, 'right', Infinity],
  ['sliding along what it touches', square, 100, 20, 'up', Infinity],
  ['passing by', square, 300, 101, 'left', Infinity],
  ['point to point', [point(0, 50), point(50, 0), point(100, 50), point(50, 100)], 200, 0, 'left', 100],
] as const)('how far it goes until it touches: %s', (_, moving, x, y, way, far) => {
  const still = moving === square ? square : moving;
  expect(travelOf(moving, still, { x, y, way })).toBeCloseTo(far, 3);
});

test('what went as far as it goes touches, and is not in the other: by exact clips', () => {
  const any = fc.record({
    a: fc.integer({ min: 1, max: 500 }),
    b: fc.integer({ min: 1, max: 500 }),
    way: fc.constantFrom(...ways),
    off: fc.integer({ min: -70, max: 70 }),
  });
  fc.assert(
    fc.property(any, ({ a, b, way, off }) => {
      const problem: LayoutProblem = {
        widthMm: 4000,
        gapMm: 0,
        pieces: [a, b].map((seed, nth) => ({ id: `${nth}`, ring: blob(seed, 90), count: 1 })),
      };
      // It begins far off, opposite to the way, and goes towards the other.
      const from = { left: [2400, off], right: [1600, off], up: [off, 2400], down: [off, 1600] }[way];
      const [x, y] = way === 'left' || way === 'right' ? [from[0], 2000 + off] : [2000 + off, from[1]];
      const still = at('1', 2000, 2000);
      const moving = at('0', x as number, y as number);
      const next = new Hand(problem, [moving, still], moving).pushed(way);
      const touches = new Hand(problem, [next, still], next);
      expect(isClear(touches.crossing(next))).toBe(true);
      // Where it was stopped by the other, a hair further would be into it.
      const [dx, dy] = { left: [-1, 0], right: [1, 0], up: [0, -1], down: [0, 1] }[way] as [number, number];
      const stopped = Math.hypot(next.x - 2000, next.y - 2000) < 200;
      if (stopped) {
        const further = { x: next.x + 2 * dx, y: next.y + 2 * dy };
        expect(touches.crossing(further).over).toEqual(['1 1']);
      }
    }),
    // The same pieces each time: of thousands one is stopped by a corner it only grazes, and 2 mm on shares less than an overlap.
    { numRuns: 60, seed: 7, endOnFailure: true },
  );
});

const problem: LayoutProblem = {
  widthMm: 600,
  gapMm: 3,
  pieces: [
    { id: 'front', ring: rectangle(200, 300), count: 1, turns: [0, 180] },
    { id: 'band', ring: rectangle(300, 50), count: 1, turns: [0, 90] },
    { id: 'sleeve', ring: blob(4, 90), count: 2, mirrored: 'half', turns: [0, 180] },
  ],
};
const laid = [
  at('front', 0, 0),
  at('band', 250, 20),
  at('sleeve', 400, 300),
  { ...at('sleeve', 400, 520), copy: 2, mirrored: true },
];
const band = laid[1] as Placement;
const holding = (one: Placement, among: readonly Placement[] = laid): Hand =>
  new Hand(problem, withPlacement(among, one), one);

test('what it lies on, and that it is beside the cloth, is said by what is cut, not by the gap', () => {
  const hand = holding(band);
  expect(hand.crossing(point(250, 20))).toEqual({ over: [], outside: false });
  expect(hand.crossing(point(200.5, 20)).over).toEqual([]);
  expect(hand.crossing(point(199, 20)).over).toEqual(['front 1']);
  expect(hand.crossing(point(310, 20)).outside).toBe(true);
  expect(hand.crossing(point(250, -5)).outside).toBe(true);
  expect(hand.crossing(point(250, 2000))).toEqual({ over: [], outside: false });
});

test('near another it comes to lie a gap away from it; near the selvedge along it; elsewhere where it is held', () => {
  const hand = holding(band);
  // 3 mm and twice the smoothing of 0.02 mm.
  expect(hand.snapped(point(207, 100), 8).x).toBeCloseTo(203.04, 2);
  expect(hand.snapped(point(199, 100), 8).x).toBeCloseTo(203.04, 1);
  expect(hand.snapped(point(250, 4), 8)).toMatchObject({ y: 0 });
  expect(hand.snapped(point(303, 100), 8).x).toBeCloseTo(300, 6);
  expect(hand.snapped(point(250, 100), 8)).toEqual(point(250, 100));
  // Deep in another it stays where it is held: that it lies on it is said.
  expect(hand.snapped(point(120, 100), 8)).toEqual(point(120, 100));
});

test('held near random pieces it lies by itself or where it is held', () => {
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 500 }), fc.integer({ min: 0, max: 600 }), (x, y) => {
      const hand = holding(laid[2] as Placement);
      const snapped = hand.snapped(point(x, y), 10);
      const moved = Math.hypot(snapped.x - x, snapped.y - y) > 1e-6;
      if (moved) expect(hand.crossing(snapped)).toEqual({ over: [], outside: false });
    }),
    { numRuns: 60, endOnFailure: true },
  );
});

test('pushed close it lies against what is above and beside it, and never on it', () => {
  const sleeve = { ...(laid[2] as Placement), y: 900 };
  const close = holding(sleeve).pushedClose();
  expect(close.y).toBeLessThan(500);
  expect(isClear(holding(close).crossing(close))).toBe(true);
  const again = holding(close, withPlacement(laid, close)).pushedClose();
  expect(Math.hypot(again.x - close.x, again.y - close.y)).toBeLessThan(0.01);
  // Nothing below stops it, so that it stays; what lies on another is not pushed.
  expect(holding(sleeve).pushed('down')).toBe(sleeve);
  const on = { ...band, x: 100 };
  expect(holding(on).pushedClose()).toBe(on);
});

test('turned on it keeps its middle and goes through the turns it may have', () => {
  const turned = turnedOn(problem, band);
  expect(turned.turn).toBe(90);
  const middle = (one: Placement): Point => placed(one)(point(150, 25));
  expect(middle(turned).x).toBeCloseTo(middle(band).x, 9);
  expect(middle(turned).y).toBeCloseTo(middle(band).y, 9);
  expect(turnedOn(problem, turned)).toMatchObject({ turn: 0 });
  const one: LayoutProblem = { ...problem, pieces: [{ id: 'band', ring: square, count: 1 }] };
  expect(turnedOn(one, band)).toMatchObject({ x: band.x, y: band.y, turn: 0 });
});

test('two exchange the middles of their boxes, the rest stays', () => {
  const [front] = laid as [Placement];
  const after = exchanged(problem, laid, [front, band]);
  expect(after[0]).toMatchObject({ piece: 'front', x: 300, y: -105 });
  expect(after[1]).toMatchObject({ piece: 'band', x: -50, y: 125 });
  expect(after.slice(2)).toEqual(laid.slice(2));
  expect(layoutFaults(problem, { placements: after, lengthMm: 2000 }).map(({ kind }) => kind)).toContain(
    'outside',
  );
});

test('the cloth is as long as the lowest corner', () => {
  expect(lengthOf(problem, [at('front', 0, 100, 180), at('band', 0, 40)])).toBeCloseTo(100, 9);
  expect(lengthOf(problem, [])).toBe(0);
});

test('60 pieces: the hand knows what it lies on wherever it is', () => {
  const random = randomFrom(3);
  const many: LayoutProblem = {
    widthMm: 1500,
    gapMm: 3,
    pieces: Array.from({ length: 60 }, (_, nth) => ({ id: `${nth}`, ring: blob(nth + 1, 80), count: 1 })),
  };
  const all = many.pieces.map(({ id }) => at(id, 1500 * random(), 1500 * random()));
  const [first] = all as [Placement];
  const hand = new Hand(many, all, first);
  const { over } = hand.crossing(first);
  const expected = layoutFaults(many, { placements: all, lengthMm: 4000 })
    .filter(({ kind, pieces }) => kind === 'overlap' && pieces.includes('0 1'))
    .map(({ pieces }) => pieces[1]);
  expect([...over].toSorted()).toEqual(expected.toSorted());
});

test('what was made ready of a piece is not worked out again in a hand', () => {
  const ring = [...rectangle(120, 80)];
  const read = jest.spyOn(ring, 'map');
  const fresh: LayoutProblem = {
    widthMm: 500,
    gapMm: 3,
    pieces: [{ id: 'a', ring, count: 2, turns: [0, 180], mirrored: 'half' }],
  };
  readyFor(fresh, fresh.pieces[0]!);
  const times = read.mock.calls.length;
  expect(times).toBeGreaterThan(0);
  const pinned = [at('a', 0, 0), { ...at('a', 320, 0), copy: 2, mirrored: true }];
  expect(new Shapes({ ...fresh, pinned }).copies).toHaveLength(2);
  expect(read).toHaveBeenCalledTimes(times);
});
