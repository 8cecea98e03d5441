import type { Notch, OutlineFacts } from '../facts/outline';
import { mapped } from '../geometry/path';
import { distance, point, times, plus } from '../geometry/point';
import { notchMarks, notchNear, notchTurned, withNotches, withNotchesCarried } from './notches';
import { asTraced, asUpright, type Outline } from './outline';
import { practiceTee } from './practice';
import { outlineOf, piecesOf, shapeOf } from './testPieces';

const notched = (facts: OutlineFacts, edge: string, ...notches: readonly (number | Notch)[]): OutlineFacts =>
  withNotches(
    facts,
    edge,
    notches.map((one) => (typeof one === 'number' ? { atMm: one } : one)),
  );
const front = outlineOf(shapeOf('tee', 'front'), practiceTee.front);

test('a click beside a seamline is a notch there, as far along as it lies; a second click takes it away', () => {
  const side = front.edges.find(({ of }) => of.id === 'side');
  if (!side) throw new Error('expected a side');
  const [mark] = notchMarks(front, notched(practiceTee.front, 'side', 150));
  if (!mark) throw new Error('expected a notch');
  const near = notchNear(front, plus(mark.at, times(mark.out, 6)), 8);
  expect(near?.edge).toBe('side');
  expect(near?.atMm).toBeCloseTo(150, 0);
  expect(notchNear(front, plus(mark.at, times(mark.out, 9)), 8)).toBeUndefined();
  const set = notchTurned(practiceTee.front, 'side', 150, 4);
  expect(set.edges?.side?.notches).toEqual([{ atMm: 150 }]);
  expect(notchTurned(set, 'side', 153, 4).edges?.side).toEqual({});
  expect(notchTurned(set, 'side', 100, 4).edges?.side?.notches).toEqual([{ atMm: 100 }, { atMm: 150 }]);
});

test('a notch points out of its piece, wherever the piece lay', () => {
  const [mark] = notchMarks(front, notched(practiceTee.front, 'side', 150));
  expect(mark?.out.x).toBeCloseTo(1, 1);
  expect(distance(asUpright(front)(asTraced(front)(point(30, 70))), point(30, 70))).toBeLessThan(1e-9);
  const over = outlineOf(shapeOf('tee', 'sleeve'), {
    ...practiceTee.sleeve,
    ring: practiceTee.sleeve.ring.map((knot) => ({ ...knot, x: -knot.x })).toReversed(),
  });
  expect(distance(asUpright(over)(asTraced(over)(point(30, 70))), point(30, 70))).toBeLessThan(1e-9);
});

test('a seam is walked from notch to notch: stretches that differ are told though the whole agrees', () => {
  const { plan, mm } = piecesOf('tee', {
    ...practiceTee,
    front: notched(practiceTee.front, 'side', 150, 300),
    back: notched(practiceTee.back, 'side', 150, 304),
  });
  const side = plan.seams.find(({ id }) => id === 'side');
  expect(side?.verdict).toBe('agree');
  expect(side?.stretches.map(({ a, b, goesOn }) => [mm(a), mm(b), goesOn])).toEqual([
    [150, 150, true],
    [150, 154, false],
    [expect.closeTo(mm(side?.a) - 300, 6), expect.closeTo(mm(side?.b) - 304, 6), false],
  ]);
});

test('a notch that one side has not got is asked for', () => {
  const { plan } = piecesOf('tee', { ...practiceTee, front: notched(practiceTee.front, 'side', 150) });
  const side = plan.seams.find(({ id }) => id === 'side');
  expect(side?.stretches).toEqual([]);
  expect(side?.notchFault).toMatch(/front, side has 1 notch, the back, side 0 notches: set those/);
});

test('a cap goes into its two armholes: the double notch says which end is the back', () => {
  const cap = piecesOf('tee', practiceTee);
  const whole = cap.mm(cap.plan.seams.find(({ id }) => id === 'armhole')?.b);
  // Each armhole runs from the shoulder down, the cap from the back’s underarm over the shoulder to the front’s.
  const { plan, mm } = piecesOf('tee', {
    front: notched(practiceTee.front, 'armhole', 120),
    back: notched(practiceTee.back, 'armhole', { atMm: 110, double: true }),
    sleeve: notched(practiceTee.sleeve, 'cap', 80, { atMm: whole - 90, double: true }),
  });
  const seam = plan.seams.find(({ id }) => id === 'armhole');
  const [first, second, third] = seam?.stretches ?? [];
  expect(seam?.stretches).toHaveLength(3);
  expect(mm(second?.a)).toBeCloseTo(230, 6);
  expect(mm(second?.b)).toBeCloseTo(whole - 170, 6);
  // Whichever way round it is told, the single notch of the cap lies on the front’s.
  const ends = [first, third].map((one) => [mm(one?.a), mm(one?.b)]);
  const armholeFront = mm(plan.pieces[0]?.edges.find(({ id }) => id === 'armhole')?.length);
  expect(ends).toContainEqual([expect.closeTo(armholeFront - 120, 6), expect.closeTo(80, 6)]);
});

test('on a piece that was altered a notch keeps its share of the edge; one beyond the edge is nowhere', () => {
  const longer: Outline = {
    ...front,
    edges: front.edges.map(({ of, path }) => ({
      of,
      path: mapped(path, ({ x, y }) => point(x, 2 * y)),
    })),
  };
  const facts = notched(practiceTee.front, 'centre', 100, 5000);
  const carried = withNotchesCarried(facts, front, longer);
  expect(carried.edges?.centre?.notches).toEqual([{ atMm: expect.closeTo(200, 6) }]);
  expect(notchMarks(front, facts)).toHaveLength(1);
});
