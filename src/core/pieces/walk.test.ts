import fc from 'fast-check';
import type { Knot, OutlineFacts } from '../facts/outline';
import { practiceTee } from './practice';
import { corner, outlineOf, piecesOf, seamlines, shapeOf, wholeFront } from './testPieces';
import { crossingEnds, sideLength, verdictOf } from './walk';
import type { Meeting } from '../fit/pieceShape';

test.each<[Meeting, number, number, string]>([
  ['level', 400, 400, 'agree'],
  ['level', 400, 401, 'agree'],
  ['level', 400, 401.1, 'wrong'],
  // Two thousandths of a long seam.
  ['level', 1000, 1002, 'agree'],
  ['level', 1000, 997.9, 'wrong'],
  ['eased', 400, 412, 'eased'],
  ['eased', 400, 412.1, 'wrong'],
  ['eased', 400, 398, 'wrong'],
  ['eased', 400, 399.5, 'agree'],
  ['gathered', 400, 700, 'gathered'],
  ['gathered', 400, 380, 'wrong'],
  ['stretched', 700, 690, 'stretched'],
  ['stretched', 700, 689.9, 'wrong'],
  ['stretched', 700, 705, 'wrong'],
])('%s: a side of %d mm and one of %d mm %s', (meet, a, b, verdict) => {
  expect(verdictOf(meet, a, b)).toBe(verdict);
});

test('walking is symmetric: which side comes first changes nothing where both are to be as long', () => {
  fc.assert(
    fc.property(fc.integer({ min: 100, max: 20000 }), fc.integer({ min: -60, max: 60 }), (tenths, more) => {
      const [a, b] = [tenths / 10, (tenths + more) / 10];
      // Two thousandths are of the first side: within a rounding of each other they may differ.
      fc.pre(Math.abs(Math.abs(b - a) - 0.002 * Math.max(a, b)) > 0.02);
      expect(verdictOf('level', a, b)).toBe(verdictOf('level', b, a));
    }),
    { seed: 21 },
  );
});

const moved = (facts: OutlineFacts, edge: string, by: Partial<Knot>): OutlineFacts => ({
  ...facts,
  ring: facts.ring.map((knot) =>
    knot.edge === edge ? { ...knot, x: knot.x + (by.x ?? 0), y: knot.y + (by.y ?? 0) } : knot,
  ),
});

test('every seam of the practice tee goes together, its cap eased by one in a hundred, its edges running on', () => {
  const { plan, mm } = piecesOf('tee', practiceTee);
  expect(plan.seams.map(({ id, verdict }) => [id, verdict])).toEqual([
    ['shoulder', 'agree'],
    ['armhole', 'eased'],
    ['side', 'agree'],
    ['underarm', 'agree'],
  ]);
  const cap = plan.seams.find(({ id }) => id === 'armhole');
  expect(mm(cap?.longer) / mm(cap?.a)).toBeCloseTo(0.01, 2);
  expect(plan.seams.flatMap(({ crossings }) => crossings.filter(({ smooth }) => !smooth))).toEqual([]);
});

test('a side that was cut shorter is told with the difference, and both sides', () => {
  const { plan, mm } = piecesOf('tee', { ...practiceTee, front: moved(practiceTee.front, 'hem', { y: -8 }) });
  const side = plan.seams.find(({ id }) => id === 'side');
  expect(side?.verdict).toBe('wrong');
  expect(mm(side?.longer)).toBeCloseTo(mm(side?.b) - mm(side?.a), 9);
  expect(mm(side?.longer)).toBeCloseTo(8, 1);
  expect(side?.sentence.filter((part) => typeof part === 'string').join('')).toMatch(
    /longer than it can go on/,
  );
});

test('a kink is how far the joined edge is from running on: 20° of slope on one side, none on the other', () => {
  const rect = (slopeMm: number) =>
    seamlines(
      corner(0, 100, 'neckline'),
      corner(80, 0, 'shoulder'),
      corner(200, 0, 'armhole'),
      corner(200, 200, 'side'),
      corner(200, 600 - slopeMm, 'hem'),
      corner(0, 600, 'centre'),
    );
  const slope = Math.tan((20 * Math.PI) / 180) * 200;
  const outlines = {
    front: outlineOf(shapeOf('tee', 'front'), rect(0)),
    back: outlineOf(shapeOf('tee', 'back'), rect(slope)),
  };
  const sewn = {
    id: 'side',
    seam: 'side',
    label: 'Sides',
    a: ['front.side'],
    b: ['back.side'],
    meet: 'level',
  } as const;
  const hem = crossingEnds(outlines, sewn).find(({ at }) => at === 'hem');
  expect(((hem?.kinkRad ?? NaN) * 180) / Math.PI).toBeCloseTo(20, 6);
  expect(crossingEnds(outlines, { ...sewn, a: ['front.side', 'front.armhole'] })).toEqual([]);
  expect(sideLength(outlines, ['front.side', 'sleeve.cap'])).toBeUndefined();
});

test('a piece drawn whole is to be the same on both sides: what is not is told with both lengths', () => {
  const fine = piecesOf('tee', { ...practiceTee, front: wholeFront() });
  expect(fine.plan.pieces[0]).toMatchObject({ outlined: true, unlike: [] });
  const { ring } = wholeFront();
  const askew = ring.map((knot) => (knot.x === -218 ? { ...knot, x: -221 } : knot));
  const { plan, mm } = piecesOf('tee', { ...practiceTee, front: { ...wholeFront(), ring: askew } });
  const [front] = plan.pieces;
  expect(front?.unlike.map(({ label }) => label)).toEqual(expect.arrayContaining(['shoulder']));
  const shoulder = front?.unlike.find(({ label }) => label === 'shoulder');
  expect(Math.abs(mm(shoulder?.a) - mm(shoulder?.b))).toBeCloseTo(2.8, 0);
  // Sums take both sides, as they are cut.
  expect(mm(front?.edges.find(({ id }) => id === 'shoulder')?.length)).toBeCloseTo(
    (mm(shoulder?.a) + mm(shoulder?.b)) / 2,
    9,
  );
});
