import { demoFacts, TODAY } from '../../../tests/demoFacts';
import { kindOf } from '../garments/kindOf';
import { endOf, lengthOf, pointAlong, startOf, type Path } from '../geometry/path';
import { distance, minus } from '../geometry/point';
import { boundsOfPoints } from '../geometry/ring';
import { ringAt } from '../layout/problem';
import { Searching } from '../layout/progress';
import { pathOfEdge, type Outline } from '../pieces/outline';
import { piecesAsCut } from '../plan/asCut';
import { planGarment } from '../plan/planGarment';
import type { Cloth } from '../facts/cloth';
import { piecesOnCloth } from './garmentPieces';
import { laidOn } from './laidOn';
import { matchedPoints } from './matching';
import { toLayOut } from './toLayOut';

const drawn = demoFacts().flatMap(([name, facts]) => {
  const kind = kindOf(facts.garment, facts.ownKind);
  const pieces = piecesAsCut({ facts, kind, onDate: TODAY });
  const outlines: Record<string, Outline> = Object.fromEntries(
    pieces.map(({ shape, cut }) => [shape.id, cut]),
  );
  return pieces.length > 1 ? [[name, kind, outlines] as const] : [];
});

/** A point of an outline, from where the matched points are counted. */
const fromStart = (outline: Outline, at: { x: number; y: number }) =>
  minus(at, startOf(pathOfEdge(outline, outline.shape.edges[0]!.id)!));
const lower = (path: Path) => (startOf(path).y > endOf(path).y ? startOf(path) : endOf(path));

test('some garments of the demo have sides and sleeves to match', () => {
  const has = (id: string) => drawn.filter(([, kind]) => kind.sewn.some((one) => one.id === id)).length;
  expect(has('side')).toBeGreaterThan(1);
  expect(has('armhole')).toBeGreaterThan(0);
});

test.each(drawn)(
  '%s: sides end on the same stripe, and sleeves without notches as far from the underarm as the front',
  (_, kind, outlines) => {
    const held = matchedPoints(kind, outlines);
    const level = (piece: string, at: { x: number; y: number }) =>
      fromStart(outlines[piece]!, at).y - held.get(piece)!.y;
    for (const sewn of kind.sewn) {
      const [a, b] = [sewn.a[0]!, sewn.b[0]!].map((name) => name.split('.') as [string, string]) as [
        [string, string],
        [string, string],
      ];
      if (sewn.id === 'side' && outlines[a[0]] && outlines[b[0]]) {
        const [one, other] = [a, b].map(([piece, edge]) => lower(pathOfEdge(outlines[piece]!, edge)!));
        expect(level(a[0], one!)).toBeCloseTo(level(b[0], other!), 6);
      }
      if (sewn.id !== 'armhole' || !outlines[a[0]] || !outlines['sleeve']) continue;
      const armhole = pathOfEdge(outlines[a[0]]!, a[1])!;
      const cap = pathOfEdge(outlines['sleeve'], 'cap')!;
      const underarm = pathOfEdge(outlines['sleeve'], 'front-underarm')!;
      const far = lengthOf(armhole) / 3;
      const fromFront = [startOf(underarm), endOf(underarm)].some(
        (end) => distance(end, startOf(cap)) < 0.01,
      );
      const onCap = pointAlong(cap, fromFront ? far : lengthOf(cap) - far);
      const down = lower(armhole) === endOf(armhole);
      const onArmhole = pointAlong(armhole, down ? lengthOf(armhole) - far : far);
      expect(level('sleeve', onCap)).toBeCloseTo(level(a[0], onArmhole), 6);
    }
  },
);

test('where front and sleeve have notches, they meet at those: the single one, on the front', () => {
  const [, facts] = demoFacts().find(([name]) => name === 'cartwheel')!;
  const kind = kindOf(facts.garment, facts.ownKind);
  const pieces = piecesAsCut({ facts, kind, onDate: TODAY });
  const outlines: Record<string, Outline> = Object.fromEntries(
    pieces.map(({ shape, cut }) => [shape.id, cut]),
  );
  const notches = Object.fromEntries(pieces.map(({ shape, notches: own }) => [shape.id, own]));
  const held = matchedPoints(kind, outlines, notches);
  const single = (piece: string, edge: string) =>
    notches[piece]!.filter((one) => one.edge === edge && !one.double);
  const [front, cap] = [single('front', 'armhole'), single('sleeve', 'cap')];
  expect([front.length, cap.length]).toEqual([1, 1]);
  const level = (piece: string, at: { x: number; y: number }) =>
    fromStart(outlines[piece]!, at).y - held.get(piece)!.y;
  expect(level('sleeve', cap[0]!.at)).toBeCloseTo(level('front', front[0]!.at), 6);
  expect(held.get('sleeve')).not.toEqual(matchedPoints(kind, outlines).get('sleeve'));
});

const encore = demoFacts().find(([name]) => name === 'encore')![1];
const striped: Cloth = { ...encore.outer!, repeatAlongMm: 80, repeatAcrossMm: 120, repeatFromMm: 15 };

test('laid on stripes, lower ends of sides lie on the same stripe, and the middle of each piece on one across', () => {
  const facts = { ...encore, outer: striped };
  const plan = planGarment(facts, { onDate: TODAY });
  const kind = kindOf(facts.garment, facts.ownKind);
  const [on] = piecesOnCloth({ facts, kind, plan, onDate: TODAY });
  const asked = toLayOut(on!.pieces, laidOn(striped, { widthMm: striped.widthMm, cutWith: 'rotary' }));
  if (!asked.ok) throw new Error(asked.why);
  const { best } = new Searching(asked.problem, 1).goOn(({ steps }) => steps < 30);
  const even = on!.pieces.filter(({ mirrored, isBand }) => !isBand && mirrored !== 'half');
  expect(even.length).toBeGreaterThan(0);
  for (const { id, ring } of even) {
    const own = boundsOfPoints(ring);
    for (const one of best!.placements.filter(({ piece }) => piece === id)) {
      const { left, right } = boundsOfPoints(ringAt(asked.problem, one));
      const change = 1 + (striped.wash ? striped.wash.afterAcrossMm / striped.wash.beforeAcrossMm - 1 : 0);
      const every = 120 * (striped.washed === 'yes' ? 1 : change);
      const from = 15 * (striped.washed === 'yes' ? 1 : change);
      const off = ((left + right) / 2 - from) / every;
      expect(Math.abs(off - Math.round(off)) * every).toBeLessThan(0.5);
      expect(right - left).toBeCloseTo(own.right - own.left, 6);
    }
  }
});

test('a repeat wider than the cloth, or one on which a piece has no place, is refused with its name', () => {
  const facts = { ...encore, outer: { ...striped, repeatAcrossMm: 1900 } };
  const plan = planGarment(facts, { onDate: TODAY });
  const kind = kindOf(facts.garment, facts.ownKind);
  const [on] = piecesOnCloth({ facts, kind, plan, onDate: TODAY });
  const ask = (unmatched: boolean) =>
    toLayOut(on!.pieces, laidOn(facts.outer, { widthMm: 1500, cutWith: 'rotary', unmatched }));
  expect(ask(false)).toMatchObject({ ok: false, why: 'repeat', pieces: expect.arrayContaining(['Front']) });
  expect(ask(true)).toMatchObject({ ok: true });
});
