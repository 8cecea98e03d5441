import fc from 'fast-check';
import { lengthOf, pointAlong, startOf } from '../geometry/path';
import { distance, minus, point, type Point } from '../geometry/point';
import { areaOf } from '../geometry/ring';
import { catalogue } from '../garments/catalogue';
import { createLedger } from '../explain/ledger';
import { newGarment } from '../facts/garment';
import type { OutlineFacts, Shapes } from '../facts/outline';
import { newPattern } from '../facts/pattern';
import { outlinesOf, tops } from './alter/testShapes';
import { outlineBetween, sizesBeside } from './betweenSizes';
import { roundPiece, type Outline } from './outline';
import { piecesAsDrawn } from './piecesAsDrawn';
import { corner, seamlines } from './testPieces';

const tee = catalogue.tee;
const RUNS = { seed: 13, numRuns: 20, endOnFailure: true };

/** Places along an edge, from where its piece begins. */
const along = (outline: Outline, nth: number, share: number): Point => {
  const path = outline.edges[nth]?.path;
  const start = outline.edges[0]?.path;
  if (!path || !start) throw new Error('expected an edge');
  return minus(pointAlong(path, share * lengthOf(path)), startOf(start));
};

test('between two random sizes each point at a share of its edge lies that share of the way; at its ends it is the size itself', () =>
  fc.assert(
    fc.property(tops, tops, fc.integer({ min: 0, max: 4 }), (small, large, quarter) => {
      const [a, b] = [outlinesOf(tee, small), outlinesOf(tee, large)];
      for (const piece of ['front', 'sleeve']) {
        const [one, other] = [a[piece], b[piece]];
        if (!one || !other) throw new Error('expected both');
        const share = quarter / 4;
        const got = outlineBetween({ a: one, b: other, share });
        if (!got) throw new Error('expected an outline');
        for (const nth of one.edges.keys())
          for (const at of [0, 1]) {
            const [p, q, is] = [one, other, got].map((outline) => along(outline, nth, at)) as [
              Point,
              Point,
              Point,
            ];
            const wanted = point(p.x + (q.x - p.x) * share, p.y + (q.y - p.y) * share);
            expect(distance(is, wanted)).toBeLessThan(1e-3);
          }
        const area = (outline: Outline) => areaOf(roundPiece(outline));
        const [low, high] = [area(one), area(other)].toSorted((x, y) => x - y) as [number, number];
        if (share === 0) expect(got).toBe(one);
        if (share === 1) expect(got).toBe(other);
        // Areas grow with the square: between two sizes never far outside both.
        expect(area(got)).toBeGreaterThan(low * 0.97);
        expect(area(got)).toBeLessThan(high * 1.03);
      }
    }),
    RUNS,
  ));

const square = (side: number): OutlineFacts =>
  seamlines(
    corner(0, 20, 'neckline'),
    corner(side * 0.3, 0, 'shoulder'),
    corner(side * 0.8, 20, 'armhole'),
    corner(side, side * 0.4, 'side'),
    corner(side, side * 2, 'hem'),
    corner(0, side * 2, 'centre'),
  );

test.each<[string, readonly number[], number, object | undefined]>([
  ['between its neighbours', [0, 2, 4], 1, { a: '0', b: '2', share: 0.5 }],
  ['a third of the way between far ones', [0, 3], 1, { a: '0', b: '3', share: 1 / 3 }],
  ['a step above', [0, 2], 3, { a: '0', b: '2', share: 1.5 }],
  ['a step below', [1, 2], 0, { a: '1', b: '2', share: -1 }],
  ['two steps away: nothing', [0, 1], 3, undefined],
  ['one size alone: nothing', [2], 1, undefined],
])('sizes beside: %s', (_, places, wanted, expected) =>
  expect(
    sizesBeside(
      places.map((place) => ({ id: String(place), place })),
      wanted,
    ),
  ).toEqual(expected),
);

const planOf = (shapes: Readonly<Record<string, Shapes>>, size: string) => {
  const book = createLedger();
  const sizes = Object.fromEntries(
    ['S', 'M', 'L', 'XL', 'XXL'].map((label, order) => [label, { label, order, values: {} }]),
  );
  const pattern = { ...newPattern('Sizes', 'tee'), sizes, shapes };
  const facts = { pattern, garment: { pattern: newGarment('', 'tee').pattern } };
  const plan = piecesAsDrawn({ book, facts, kind: tee, size });
  return {
    plan,
    mm: (id: string) => book.numbers[id]?.value ?? NaN,
    note: (id: string) => book.numbers[id]?.note,
  };
};

test('a size without outlines is drawn between those that have them: half way it is as wide as their mean', () => {
  const { plan, mm, note } = planOf({ S: { front: square(200) }, L: { front: square(240) } }, 'M');
  expect(mm('piece.front.hem')).toBeCloseTo(220, 3);
  expect(plan.between).toEqual({ pieces: ['front'], sizes: ['S', 'L'], beyond: false });
  expect(note('piece.front.hem')).toMatch('drawn between sizes S and L');
  const beyond = planOf({ S: { front: square(200) }, L: { front: square(240) } }, 'XL');
  expect(beyond.mm('piece.front.hem')).toBeCloseTo(260, 3);
  expect(beyond.plan.between?.beyond).toBe(true);
  expect(planOf({ S: { front: square(200) }, L: { front: square(240) } }, 'XXL').plan.edges).toEqual({});
});

test('what the size has itself counts; outlines whose edges do not correspond are said', () => {
  const own = planOf(
    { S: { front: square(200) }, M: { front: square(230) }, L: { front: square(240) } },
    'M',
  );
  expect(own.mm('piece.front.hem')).toBeCloseTo(230, 6);
  expect(own.plan.between).toBeUndefined();
  const whole = seamlines(
    corner(-60, 0, 'neckline'),
    corner(60, 0, 'shoulder'),
    corner(160, 20, 'armhole'),
    corner(200, 80, 'side'),
    corner(200, 400, 'hem'),
    corner(-200, 400, 'side'),
    corner(-200, 80, 'armhole'),
    corner(-160, 20, 'shoulder'),
  );
  const unlike = planOf({ S: { front: square(200) }, L: { front: whole } }, 'M').plan;
  expect(unlike.pieces.find(({ id }) => id === 'front')).toMatchObject({
    outlined: false,
    fault: expect.stringMatching('do not correspond'),
  });
});
