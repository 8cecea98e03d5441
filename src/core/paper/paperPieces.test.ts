import { Bezier } from 'bezier-js';
import { demoFact } from '../../../tests/demoFacts';
import { getNumber } from '../explain/ledger';
import { areaOfRings } from '../geometry/clip';
import { distance, type Point } from '../geometry/point';
import { boundsOfPoints, flattened } from '../geometry/ring';
import { lengthOf } from '../geometry/path';
import { nearestOnPath } from '../geometry/nearest';
import { polyline } from '../geometry/path';
import { pathOfEdge } from '../pieces/outline';
import { piecesAsCut } from '../plan/asCut';
import { rectanglesOf } from '../ticket/rectangles';
import { quarterMarks } from './quarterMarks';
import { paperPieces } from './paperPieces';
import { sheetHead, headText } from './words';
import { demoPaper, OWN_SIZE, paperInputs } from './testPaper';

const DRAFTED = ['cartwheel', 'springboard', 'ripple', 'encore'] as const;
const off = (line: readonly Point[], one: Point): number => nearestOnPath(polyline(line), one).offMm;
const only = <One>(found: readonly One[]): One => {
  const [one] = found;
  if (one === undefined) throw new Error('expected one, got none');
  return one;
};
const sizeOf = (pieces: ReturnType<typeof demoPaper>['pieces'], id: string) =>
  only(only(pieces.filter((piece) => piece.id === id)).sizes);
const cutOf = (pieces: ReturnType<typeof demoPaper>['pieces'], id: string) =>
  only(sizeOf(pieces, id).lines.filter(({ kind }) => kind === 'cut')).points;

/** Handbook of the trade, cutting: an edge turned over elastic has the elastic’s width; a little more for the turn is the plan’s own. */
test('an edge turned over elastic is printed with what the plan says its construction takes', () => {
  const { pieces, plan } = demoPaper('ripple');
  const leg = only(plan.edges.filter(({ id }) => id === 'leg'));
  const wanted = getNumber(plan.numbers, leg.allowance?.wanted ?? '').value;
  const elastic = demoFact('ripple').elastics?.[demoFact('ripple').garment.edges?.leg?.elasticId ?? ''];
  expect(wanted).toBeGreaterThanOrEqual(elastic?.widthMm ?? 8);
  const drawn = demoFact('ripple').garment.pattern.seamAllowanceMm;
  expect(wanted).not.toBeCloseTo(drawn, 1);
  const { kind, facts, onDate } = demoPaper('ripple');
  for (const { shape, cut } of piecesAsCut({ facts, kind, onDate })) {
    const edge = only(shape.edges.filter((one) => one.edge === 'leg'));
    const seam = flattened(pathOfEdge(cut, edge.id) as never);
    // The printed piece begins where its first edge does.
    const first = flattened(pathOfEdge(cut, only(shape.edges).id) as never)[0] as Point;
    const ring = cutOf(pieces, shape.id);
    // Away from its ends, where the corners are.
    const middle = seam
      .slice(Math.ceil(seam.length / 4), Math.floor((seam.length * 3) / 4))
      .map(({ x, y }) => ({ x: x - first.x, y: y - first.y }));
    expect(middle.length).toBeGreaterThan(0);
    for (const one of middle) expect(Math.abs(off(ring, one) - wanted)).toBeLessThan(0.5);
  }
});

test('rectangles are as long and as wide as the ticket has them, with every mark of their band inside', () => {
  for (const id of DRAFTED) {
    const { pieces, plan } = demoPaper(id);
    const bands = rectanglesOf(plan.ticket, plan.numbers);
    for (const { id: row, longMm, wideMm } of bands) {
      const { right, bottom, left, top } = boundsOfPoints(sizeOf(pieces, row).ring);
      expect([right - left, bottom - top]).toEqual([expect.closeTo(longMm, 9), expect.closeTo(wideMm, 9)]);
    }
    expect(paperPieces(paperInputs(demoFact(id)), { ...OWN_SIZE, bands: false })).toHaveLength(
      pieces.length - bands.length,
    );
  }
});

/** Lengths by another library (bezier-js): from mark to mark along the edge it is the whole edge in equal parts (D). */
test.each([
  ['cartwheel', 'neckline'],
  ['encore', 'neckline'],
  ['ripple', 'leg'],
  ['ripple', 'waist'],
  ['springboard', 'waist'],
] as const)('%s (invented), %s: its marks divide it in equal parts', (id, edgeId) => {
  const { kind, plan, facts, onDate } = demoPaper(id);
  const cut = Object.fromEntries(piecesAsCut({ facts, kind, onDate }).map((one) => [one.shape.id, one.cut]));
  const marks = quarterMarks(plan, kind, cut).filter(({ piece, edge }) =>
    kind.shapes.some(
      (shape) => shape.id === piece && shape.edges.some((of) => of.id === edge && of.edge === edgeId),
    ),
  );
  expect(marks.length).toBeGreaterThan(0);
  const planned = only(plan.edges.filter((one) => one.id === edgeId));
  const strip = only(planned.strips.filter(({ marking }) => marking));
  const whole = getNumber(plan.numbers, strip.on).value;
  const isPair = kind.edges.find((one) => one.id === edgeId)?.pair === true;
  // Between two marks of one piece there is a whole number of parts, of eighths or of quarters.
  for (const piece of new Set(marks.map((mark) => mark.piece))) {
    const own = marks.filter((mark) => mark.piece === piece);
    const path = pathOfEdge(cut[piece] as never, only(own).edge) as never as Parameters<typeof lengthOf>[0];
    const along = own.map(({ at }) => alongByBezier(path, at)).toSorted((a, b) => a - b);
    along.slice(1).forEach((to, nth) => {
      const parts = (to - (along[nth] as number)) / (whole / 8);
      expect(Math.abs(parts - Math.round(parts))).toBeLessThan(0.01);
      expect(Math.round(parts)).toBeGreaterThan(0);
    });
  }
  expect(isPair).toBe(edgeId === 'leg');
});

/** How far along a path of lines and cubics a point lies, measured by another library. */
function alongByBezier(path: Parameters<typeof lengthOf>[0], at: Point): number {
  let past = 0;
  let best = { off: Infinity, along: 0 };
  for (const segment of path) {
    const { from, to } = segment;
    const third = (share: number) => ({
      x: from.x + (to.x - from.x) * share,
      y: from.y + (to.y - from.y) * share,
    });
    const [c1, c2] = segment.kind === 'line' ? [third(1 / 3), third(2 / 3)] : [segment.c1, segment.c2];
    const curve = new Bezier(from.x, from.y, c1.x, c1.y, c2.x, c2.y, to.x, to.y);
    const near = curve.project(at);
    const apart = distance(near, at);
    if (apart < best.off) best = { off: apart, along: past + curve.split(0, near.t ?? 0).length() };
    past += curve.length();
  }
  // It looks for the nearest point in steps.
  expect(best.off).toBeLessThan(0.2);
  return best.along;
}

test('a piece on the fold is twice as large opened out, and no longer says the fold', () => {
  const half = demoPaper('cartwheel');
  const whole = demoPaper('cartwheel', { opened: true });
  for (const id of ['front', 'back']) {
    const [a, b] = [half, whole].map(({ pieces }) => areaOfRings([sizeOf(pieces, id).ring])) as [
      number,
      number,
    ];
    expect(b / a).toBeCloseTo(2, 4);
  }
  const words = (of: typeof half) => only(of.pieces.filter(({ id }) => id === 'front')).words.join();
  expect(words(half)).toContain('on the fold');
  expect(words(whole)).not.toContain('on the fold');
  // A sleeve lies on no fold: it is the same.
  expect(sizeOf(whole.pieces, 'sleeve').ring).toEqual(sizeOf(half.pieces, 'sleeve').ring);
});

test('every word of a piece stands inside it', () => {
  for (const id of DRAFTED) {
    for (const { room, sizes } of demoPaper(id).pieces) {
      const { left, right, top, bottom } = boundsOfPoints(only(sizes).ring);
      expect(room.at.x - left).toBeGreaterThan(0);
      expect(right - room.at.x).toBeGreaterThan(0);
      expect(room.at.y - top).toBeGreaterThanOrEqual(room.radiusMm - 1);
      expect(bottom - room.at.y).toBeGreaterThanOrEqual(room.radiusMm - 1);
    }
  }
});

const grown = ({ x, y }: Point): Point => ({ x: x * 1.1, y: y * 1.1 });

test('sizes lie on each other, the smallest first, each as the pattern has it', () => {
  const facts = demoFact('confetti');
  const { pattern } = facts;
  if (!pattern?.shapes) throw new Error('expected a pattern with outlines');
  const [size] = Object.keys(pattern.shapes);
  const small = pattern.shapes[size ?? ''] ?? {};
  const larger = Object.fromEntries(
    Object.entries(small).map(([id, outline]) => [
      id,
      {
        ...outline,
        ring: outline.ring.map(({ before, after, ...knot }) => ({
          ...knot,
          ...grown(knot),
          ...(before ? { before: grown(before) } : {}),
          ...(after ? { after: grown(after) } : {}),
        })),
      },
    ]),
  );
  const nested = { ...facts, pattern: { ...pattern, shapes: { M: larger, S: small } } };
  const inputs = paperInputs(nested);
  const pieces = paperPieces(inputs, { ...OWN_SIZE, nested: true, bands: false });
  for (const { sizes } of pieces) {
    expect(sizes.map(({ label }) => label)).toEqual(['S', 'M']);
    const [s, m] = sizes.map(({ lines }) =>
      lines.filter(({ kind }) => kind === 'seam').flatMap(({ points }) => points),
    );
    const wide = (points: readonly Point[] = []) => {
      const { left, right } = boundsOfPoints(points);
      return right - left;
    };
    expect(wide(m) / wide(s)).toBeCloseTo(1.1, 2);
  }
  expect(headText(sheetHead(nested, inputs.plan, { onDate: '2026-06-01', sizes: ['S', 'M'] }))).toContain(
    'sizes S, M, as the pattern has them',
  );
});

test('the head says the garment, for whom, the cloth, the size, the day and what was altered', () => {
  const { facts, plan, onDate } = demoPaper('cartwheel');
  const text = headText(sheetHead(facts, plan, { onDate }));
  for (const part of [
    'Cartwheel tee',
    'for Wren',
    'Heron jersey',
    'drafted to measure',
    onDate,
    'length, from the neck point, by hand',
  ])
    expect(text).toContain(part);
});
