import fc from 'fast-check';
import { kindIds, type KindId } from '../facts/kindIds';
import type { Knot, Shapes } from '../facts/outline';
import type { PieceShape } from '../fit/pieceShape';
import { catalogue } from '../garments/catalogue';
import { kindOf } from '../garments/kindOf';
import { piecesOf } from './testPieces';

/** A convex piece of straight edges, its corners on a circle at these angles, clockwise as it is seen from above left. */
function polygon(shape: PieceShape, radius: number, gaps: readonly number[]): readonly Knot[] {
  const total = shape.edges.reduce((sum, _, nth) => sum + (gaps[nth % gaps.length] ?? 1), 0);
  let turned = -2.4;
  return shape.edges.map(({ id }, nth) => {
    const knot: Knot = {
      x: radius * Math.cos(turned),
      y: radius * Math.sin(turned),
      corner: true,
      edge: id,
    };
    turned += (2 * Math.PI * (gaps[nth % gaps.length] ?? 1)) / total;
    return knot;
  });
}

const chord = (ring: readonly Knot[], edge: string): number => {
  const nth = ring.findIndex((knot) => knot.edge === edge);
  const [a, b] = [ring[nth], ring[(nth + 1) % ring.length]];
  return a && b ? Math.hypot(b.x - a.x, b.y - a.y) : NaN;
};

/** Every kind in its first style, with its outlines as polygons. */
const outlined = (kind: KindId, radius: number, gaps: readonly number[]) => {
  const { shapes } = kindOf({ kind, style: catalogue[kind].styles[0].id });
  const rings = shapes
    .filter(({ edges }) => edges.length > 2)
    .map((shape) => [shape, polygon(shape, radius, gaps)] as const);
  const facts: Shapes = Object.fromEntries(
    rings.map(([shape, ring]) => [
      shape.id,
      { ring, drawn: 'seamline' as const, from: 'a drawing' as const },
    ]),
  );
  return { shapes, rings, facts };
};

const gaps = fc.array(fc.integer({ min: 2, max: 5 }), { minLength: 3, maxLength: 7 });

describe.each(kindIds.filter((kind) => catalogue[kind].shapes.length > 0))('%s', (kind) => {
  const styled = kindOf({ kind, style: catalogue[kind].styles[0].id });

  test('every edge is the sum of its pieces, each as often as it is cut, on one side where it has two', () => {
    fc.assert(
      fc.property(fc.integer({ min: 60, max: 400 }), gaps, (radius, each) => {
        const { rings, facts } = outlined(kind, radius, each);
        const { plan, mm } = piecesOf(kind, facts, styled);
        for (const edge of styled.edges) {
          const byHand = rings.reduce((sum, [shape, ring]) => {
            const own = shape.edges.find((one) => one.edge === edge.id);
            if (!own) return sum;
            const cut = styled.pieces
              .filter(({ id }) => shape.pieces.includes(id))
              .reduce((all, { count = 1 }) => all + count, 0);
            const halves = shape.edges.some(({ fold }) => fold) ? 2 : 1;
            return sum + (chord(ring, own.id) * cut * halves) / (shape.layers ?? 1);
          }, 0);
          const found = plan.edges[edge.id];
          if (byHand === 0) expect([edge.id, found]).toEqual([edge.id, undefined]);
          else if (found !== undefined)
            expect([edge.id, mm(found).toFixed(3)]).toEqual([
              edge.id,
              (byHand / (edge.pair ? 2 : 1)).toFixed(3),
            ]);
        }
        expect(Object.keys(plan.edges).length).toBeGreaterThan(0);
      }),
      { seed: 7, numRuns: 8, endOnFailure: true },
    );
  });

  test('every seam whose pieces are there is walked, its sides the sums of their edges', () => {
    const { rings, facts } = outlined(kind, 200, [3, 4, 5]);
    const { plan, mm } = piecesOf(kind, facts, styled);
    const side = (names: readonly string[]) =>
      names.reduce((sum, name) => {
        const [piece, edge = ''] = name.split('.');
        const ring = rings.find(([shape]) => shape.id === piece)?.[1];
        return sum + (ring ? chord(ring, edge) : NaN);
      }, 0);
    for (const sewn of styled.sewn) {
      const walked = plan.seams.find(({ id }) => id === sewn.id);
      const [a, b] = [side(sewn.a), side(sewn.b)];
      if (Number.isNaN(a + b)) {
        expect([sewn.id, walked]).toEqual([sewn.id, undefined]);
        continue;
      }
      expect([mm(walked?.a), mm(walked?.b), mm(walked?.longer)].map((one) => one.toFixed(3))).toEqual(
        [a, b, b - a].map((one) => one.toFixed(3)),
      );
      for (const { kink } of walked?.crossings ?? []) expect(Math.abs(mm(kink))).toBeLessThan(Math.PI);
    }
  });

  test('a girth that is as long as edges is those edges; one that is a width is never wider than the circle', () => {
    const radius = 180;
    const { rings, facts } = outlined(kind, radius, [4, 3, 5, 2]);
    const { plan, mm } = piecesOf(kind, facts, styled);
    for (const zone of styled.zones) {
      const girth = plan.girths[zone.id];
      if (girth === undefined) continue;
      const lies = rings.filter(([{ levels, along }]) => levels?.[zone.id] ?? along?.[zone.id]);
      const most = lies.reduce((sum, [{ edges, pieces, layers = 1 }]) => {
        const cut = styled.pieces.filter(({ id }) => pieces.includes(id));
        const count = cut.reduce((all, { count: n = 1 }) => all + n, 0) / layers;
        return sum + count * (edges.some(({ fold }) => fold) ? 2 : 1) * 2 * radius;
      }, 0);
      expect(mm(girth)).toBeGreaterThan(0);
      expect(mm(girth)).toBeLessThanOrEqual(most * 1.001);
    }
  });
});

test('the crotch length of briefs is its three folds, and the leg its three edges on one side', () => {
  const { rings, facts } = outlined('briefs', 150, [3, 5, 4]);
  const { plan, mm } = piecesOf('briefs', facts, kindOf({ kind: 'briefs' }));
  const sum = (edge: string) => rings.reduce((all, [, ring]) => all + chord(ring, edge), 0);
  expect(mm(plan.girths.rise)).toBeCloseTo(sum('centre'), 6);
  expect(mm(plan.girths.leg)).toBeCloseTo(sum('leg'), 6);
  const waist = rings
    .filter(([{ id }]) => id !== 'gusset')
    .reduce((all, [, ring]) => all + 2 * chord(ring, 'waist'), 0);
  expect(mm(plan.girths['low-hip'])).toBeCloseTo(waist, 6);
});

test('the waist of boxer briefs takes in the pouch, two halves of it whatever its layers', () => {
  const { rings, facts } = outlined('boxer-briefs', 150, [3, 5, 4]);
  const { plan, mm } = piecesOf('boxer-briefs', facts, kindOf({ kind: 'boxer-briefs' }));
  const byHand = rings.reduce((all, [, ring]) => all + 2 * chord(ring, 'waist'), 0);
  expect(mm(plan.edges.waist)).toBeCloseTo(byHand, 6);
});

test('leggings: a thigh is one front and one back, the hip all four', () => {
  const { facts } = outlined('leggings', 300, [3, 5, 4]);
  const { plan, mm } = piecesOf('leggings', facts, kindOf({ kind: 'leggings' }));
  const terms = (id: string | undefined) => mm(id);
  expect(terms(plan.girths.thigh)).toBeLessThanOrEqual(2 * 600);
  expect(terms(plan.girths.waist)).toBeGreaterThan(0);
  expect(plan.seams.map(({ id }) => id)).toEqual(['outseam', 'inseam']);
});
