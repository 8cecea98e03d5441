import { demoFact, TODAY } from '../../../tests/demoFacts';
import type { GarmentFacts } from '../facts/garmentFacts';
import { layoutBasis } from '../facts/layoutBasis';
import { kindOf } from '../garments/kindOf';
import { layoutFaults } from '../layout/check';
import { nameOf } from '../layout/problem';
import { Searching } from '../layout/progress';
import { planGarment } from '../plan/planGarment';
import { garmentWants } from '../ticket/rolls';
import { piecesOnCloth } from './garmentPieces';
import { factsOfLayout, keptPlacements } from './keptLayout';
import { joinedPieces, keptByEach, type Beside } from './together';
import { toLayOut } from './toLayOut';

const piecesOf = (facts: GarmentFacts) => {
  const kind = kindOf(facts.garment, facts.ownKind);
  const plan = planGarment(facts, { onDate: TODAY });
  return piecesOnCloth({ facts, kind, plan, onDate: TODAY })[0]!.pieces;
};
const tee = demoFact('cartwheel');
const crop: GarmentFacts = { ...demoFact('confetti'), outer: tee.outer! };
const [own, theirs] = [piecesOf(tee), piecesOf(crop)];
const beside: Beside = {
  garmentId: 'confetti',
  name: 'Confetti crop',
  role: 'outer',
  basis: layoutBasis(crop),
  pieces: theirs,
};
const widthMm = tee.outer!.widthMm!;
const asked = toLayOut(joinedPieces(own, [beside]), { widthMm, cutWith: 'rotary' });
if (!asked.ok) throw new Error(asked.why);
const { best } = new Searching(asked.problem, 1).goOn(({ steps }) => steps < 40);
const whole = factsOfLayout(asked.problem, best!.placements, {
  keptOn: TODAY,
  widthMm,
  cutWith: 'rotary',
  basis: layoutBasis(tee),
  pinned: new Set(),
});
const each = keptByEach(whole, { ownId: 'cartwheel', own, others: [beside] });

test('pieces of both are laid once each, by names of their own, and none lie on another', () => {
  const count = (pieces: typeof own) => pieces.reduce((sum, piece) => sum + piece.count, 0);
  expect(best!.placements).toHaveLength(count(own) + count(theirs));
  expect(new Set(best!.placements.map(nameOf)).size).toBe(best!.placements.length);
  expect(layoutFaults(asked.problem, best!)).toEqual([]);
  expect(
    asked.problem.pieces.some((piece) => 'label' in piece && piece.label === 'Front (Confetti crop)'),
  ).toBe(true);
  expect(joinedPieces(own, [])).toBe(own);
});

test('each keeps where its own pieces lie, and its share of the length: the shares are the whole', () => {
  const [other] = each.others;
  expect(each.own.shareMm! + other!.kept.shareMm!).toBeCloseTo(whole.lengthMm, 6);
  expect(each.own.shareMm! / whole.lengthMm).toBeGreaterThan(0.2);
  expect(each.own.with).toEqual([{ garmentId: 'confetti', basis: layoutBasis(crop) }]);
  expect(other).toMatchObject({ garmentId: 'confetti', role: 'outer', kept: { within: 'cartwheel' } });
  const alone = toLayOut(theirs, { widthMm, cutWith: 'rotary' });
  if (!alone.ok) throw new Error(alone.why);
  const back = keptPlacements(alone.problem, other!.kept)!;
  for (const one of back.layout.placements) {
    const there = best!.placements.find(
      ({ piece, copy }) => piece === `w0_${one.piece}` && copy === one.copy,
    )!;
    expect([one.x, one.y]).toEqual([expect.closeTo(there.x, 5), expect.closeTo(there.y, 5)]);
  }
  expect(keptByEach(whole, { ownId: 'cartwheel', own, others: [] })).toEqual({ own: whole, others: [] });
});

test('to buy for both it takes what they take together: the shopping list adds the shares up', () => {
  const wanted = [
    ['cartwheel', tee, each.own] as const,
    ['confetti', crop, each.others[0]!.kept] as const,
  ].map(([id, facts, kept]) => {
    const garment = { ...facts.garment, outerClothId: 'heron', layouts: { outer: kept }, cuts: {} };
    const laid = { ...facts, garment, outer: { ...tee.outer!, onHandMm: 10, washed: 'yes' as const } };
    // The basis is that of the garment as it is laid out.
    const held = {
      ...laid,
      garment: { ...garment, layouts: { outer: { ...kept, basis: layoutBasis(laid) } } },
    };
    const plan = planGarment(held, { onDate: TODAY });
    return garmentWants({ id, facts: held, plan }).wants.find(({ id: thing }) => thing === 'heron')!;
  });
  expect(wanted.map(({ what }) => what)).toEqual(['cloth, as it is laid out', 'cloth, as it is laid out']);
  expect(wanted.reduce((sum, { amount }) => sum + amount, 0)).toBeCloseTo(whole.lengthMm, 3);
});
