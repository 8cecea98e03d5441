import { Bezier } from 'bezier-js';
import fc from 'fast-check';
import { acrossAt, edgeMeasure, heightOf, lengthEachSide, zoneWidth } from './measure';
import { practiceTee } from './practice';
import { corner, outlineOf, piecesOf, seamlines, shapeOf } from './testPieces';

const front = shapeOf('tee', 'front');
const sleeve = shapeOf('tee', 'sleeve');
const DEGREE = Math.PI / 180;

/** A sleeve that is a rectangle, and a half front with a neckline that is a quarter of a circle (by its Bézier handles). */
const box = (w: number, h: number) =>
  seamlines(
    corner(0, 0, 'cap'),
    corner(w, 0, 'back-underarm'),
    corner(w, h, 'hem'),
    corner(0, h, 'front-underarm'),
  );
/** The handle of the usual Bézier quarter circle: 4/3·(√2 − 1) (Goldapp, 1991: length true to 0.02 %). */
const K = (4 / 3) * (Math.SQRT2 - 1);
const roundNeck = (r: number, slopeRad: number) => {
  const tip = { x: 250, y: Math.tan(slopeRad) * (250 - r) };
  return seamlines(
    { ...corner(0, r, 'neckline'), after: { x: K * r, y: r } },
    { ...corner(r, 0, 'shoulder'), before: { x: r, y: K * r } },
    corner(tip.x, tip.y, 'armhole'),
    corner(260, 240, 'side'),
    corner(260, 640, 'hem'),
    corner(0, 640, 'centre'),
  );
};

test('lengths of curved edges are those of an independent library (bezier-js)', () => {
  const { ring } = practiceTee.front;
  const outline = outlineOf(front, practiceTee.front);
  for (const { of, path } of outline.edges) {
    const theirs = path.reduce((sum, segment) => {
      const { from, to } = segment;
      if (segment.kind === 'line') return sum + Math.hypot(to.x - from.x, to.y - from.y);
      return sum + new Bezier([from, segment.c1, segment.c2, to]).length();
    }, 0);
    const times = of.fold ? 1 : 2;
    expect(edgeMeasure(outline, of.id)?.lengthMm).toBeCloseTo(times * theirs, 3);
  }
  expect(ring.length).toBeGreaterThan(10);
});

test('a round neck of two halves turns a whole circle less what the shoulders’ slope takes (D, angle sum)', () => {
  const [r, slope] = [90, 20 * DEGREE];
  const { plan, mm } = piecesOf('tee', { front: roundNeck(r, slope), back: roundNeck(r, slope) });
  expect(mm(plan.edges.neckline)).toBeCloseTo(2 * Math.PI * r, 0);
  // Four quarter circles, and at each shoulder a corner of twice the slope the other way: 280° for 20° (the trade’s usual figure).
  expect(mm(plan.runs.neckline?.turn)).toBeCloseTo(2 * Math.PI - 4 * slope, 6);
});

test('on the practice tee the neck turns about 280°, as the trade takes it', () => {
  const { plan, mm } = piecesOf('tee', practiceTee);
  const turned = mm(plan.runs.neckline?.turn) / DEGREE;
  expect(turned).toBeGreaterThan(265);
  expect(turned).toBeLessThan(295);
});

test('a width is measured between the outline’s sides, twice where the piece is on the fold', () => {
  const outline = outlineOf(sleeve, box(300, 200));
  expect(acrossAt(outline, heightOf(outline, ['back-underarm', 0.5]) ?? NaN).widthMm).toBeCloseTo(300, 9);
  expect(zoneWidth(outline, 'biceps')).toBeCloseTo(300, 6);
  expect(zoneWidth(outline, 'hip')).toBeUndefined();
  const half = outlineOf(front, roundNeck(90, 0.3));
  expect(zoneWidth(half, 'hip')).toBeCloseTo(2 * 260, 2);
  expect(zoneWidth(half, 'waist')).toBeCloseTo(2 * 260, 6);
});

test('a width leaves out what is cut away between two sides: a V of 40 mm at its middle', () => {
  const notched = seamlines(
    corner(0, 0, 'cap'),
    corner(130, 0),
    corner(150, 200),
    corner(170, 0),
    corner(300, 0, 'back-underarm'),
    corner(300, 400, 'hem'),
    corner(0, 400, 'front-underarm'),
  );
  const outline = outlineOf(sleeve, notched);
  const y = heightOf(outline, ['back-underarm', 0.25]) ?? NaN;
  expect(acrossAt(outline, y).widthMm).toBeCloseTo(300 - 20, 6);
});

test('an edge on one side of the body is half of one that is on the fold, and all of one of a pair', () => {
  const half = outlineOf(front, roundNeck(90, 0.3));
  expect(lengthEachSide(half, 'side')).toBeCloseTo(400, 6);
  expect(edgeMeasure(half, 'side')?.lengthMm).toBeCloseTo(800, 6);
  expect(lengthEachSide(half, 'centre')).toBeCloseTo(550, 6);
  expect(lengthEachSide(outlineOf(sleeve, box(300, 200)), 'hem')).toBeCloseTo(300, 6);
  expect(edgeMeasure(half, 'cap')).toBeUndefined();
});

test('girths and edges of a tee of rectangles, by hand', () => {
  fc.assert(
    fc.property(fc.integer({ min: 200, max: 400 }), fc.integer({ min: 150, max: 300 }), (sleeveMm, deep) => {
      const { plan, mm } = piecesOf('tee', { ...practiceTee, sleeve: box(sleeveMm, deep) });
      expect(mm(plan.girths.biceps)).toBeCloseTo(sleeveMm, 4);
      expect(mm(plan.edges['sleeve-hem'])).toBeCloseTo(sleeveMm, 6);
      expect(mm(plan.girths.hip)).toBeCloseTo(4 * 258, 0);
      expect(mm(plan.rows.side)).toBeCloseTo(mm(plan.seams.find(({ id }) => id === 'side')?.a) + deep, 6);
    }),
    { seed: 5, numRuns: 20 },
  );
});

test('nothing is said of an edge, a girth or a seam while one of its pieces has no outline', () => {
  const { plan } = piecesOf('tee', { front: practiceTee.front });
  expect(plan.edges).toEqual({});
  expect(plan.girths).toEqual({});
  expect(plan.seams).toEqual([]);
  expect(plan.rows).toEqual({});
  expect(plan.pieces.map(({ outlined }) => outlined)).toEqual([true, false, false]);
});
