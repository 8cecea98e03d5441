import { demoFact, TODAY } from '../../../tests/demoFacts';
import { getNumber } from '../explain/ledger';
import { applyChanges } from '../facts/change';
import { findFaults } from '../facts/faults';
import { garmentSpec, type Garment } from '../facts/garment';
import type { GarmentFacts } from '../facts/garmentFacts';
import { layoutBasis } from '../facts/layoutBasis';
import { kindOf } from '../garments/kindOf';
import { layoutFaults } from '../layout/check';
import { nameOf } from '../layout/problem';
import { Searching } from '../layout/progress';
import { planGarment } from '../plan/planGarment';
import { garmentWants } from '../ticket/rolls';
import { copyRows, cutBeside, tickedBeside } from './besideCut';
import { rowsOfCopies, tickChanges } from './cutCopies';
import { piecesOnCloth } from './garmentPieces';
import { factsOfLayout, keptPlacements } from './keptLayout';
import { joinedPieces, keptByEach, rolesWithin, type Beside } from './together';
import { toLayOut } from './toLayOut';

const planOf = (facts: GarmentFacts) => planGarment(facts, { onDate: TODAY });
const piecesOf = (facts: GarmentFacts) => {
  const kind = kindOf(facts.garment, facts.ownKind);
  return piecesOnCloth({ facts, kind, plan: planOf(facts), onDate: TODAY })[0]!.pieces;
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
  copies: copyRows(theirs, planOf(crop)),
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
  const lies = { layouts: { outer: other!.kept, band: whole } };
  expect(rolesWithin(lies, 'cartwheel')).toEqual(['outer']);
  expect(rolesWithin(lies, 'confetti')).toEqual([]);
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

describe('cutting', () => {
  const placements = best!.placements;
  const lies: Garment = { ...crop.garment, cuts: {}, layouts: { outer: each.others[0]!.kept } };
  const ticked = (garment: Garment, name: string, cut: boolean): Garment => {
    const copy = placements.find((one) => nameOf(one) === name)!;
    const how = { others: [beside], garmentOf: () => garment, cut, cutOn: TODAY, unit: 'in' as const };
    const found = tickedBeside(placements, copy, how);
    expect(found?.garmentId).toBe('confetti');
    const changes = Object.entries(found!.changes).map(([path, value]) => ({ path, value }));
    return applyChanges(garment, changes);
  };
  const cutOf = (garment: Garment) => [...cutBeside(placements, [beside], () => garment)];

  test('a piece of another garment ticks that garment’s ticket, with its lengths as its reader has them', () => {
    expect(cutOf(lies)).toEqual([]);
    const front = ticked(lies, 'w0_front 1', true);
    expect(Object.keys(front.cuts)).toEqual(['front']);
    expect(front.layouts?.outer?.places['front-1']?.outline?.length).toBeGreaterThan(10);
    expect(findFaults(garmentSpec, front)).toEqual([]);
    expect(cutOf(front)).toEqual(['w0_front 1']);
    const rows = planOf(crop).ticket.flatMap((group) => group.rows);
    const row = rows.find(({ id, length }) => length && beside.copies.some((one) => one.id === id))!;
    const { copy } = beside.copies.find(({ id }) => id === row.id)!;
    const band = ticked(front, `w0_${copy}`, true);
    const shown = getNumber(planOf(crop).numbers, row.length!.in).value;
    expect(shown).toBeGreaterThan(100);
    expect(band.cuts[row.id]).toMatchObject({ cutOn: TODAY, lengthMm: shown });
    const back = ticked(band, 'w0_front 1', false);
    expect(Object.keys(back.cuts)).toEqual([row.id]);
    expect(back.layouts?.outer?.places['front-1']?.outline).toBeUndefined();
  });

  test('in the layout of all each keeps the outline that it was cut with, however many are ticked', () => {
    const rows = rowsOfCopies(own, planOf(tee));
    const tick = (garment: Garment, name: string, cut: boolean): Garment => {
      const copy = placements.find((one) => nameOf(one) === name)!;
      const cutting = { garment, role: 'outer' as const, placements, rows };
      const how = { cut, cutOn: TODAY, frozen: () => ({}), laid: asked.ok ? asked.problem : { pieces: [] } };
      const changes = Object.entries(tickChanges(cutting, copy, how));
      return applyChanges(
        garment,
        changes.map(([path, value]) => ({ path, value })),
      );
    };
    const start: Garment = { ...tee.garment, cuts: {}, layouts: { outer: each.own } };
    const kept = (garment: Garment) =>
      Object.entries(garment.layouts!.outer!.places).flatMap(([key, { outline }]) => (outline ? [key] : []));
    const two = tick(tick(start, 'w0_front 1', true), 'w0_back 1', true);
    expect(kept(two).toSorted()).toEqual(['w0_back-1', 'w0_front-1']);
    expect(two.cuts).toEqual({});
    expect(kept(tick(two, 'w0_back 1', false))).toEqual(['w0_front-1']);
  });

  test('a row that is ticked on its own page is cut here too; a copy of the first is nobody else’s', () => {
    expect(cutOf({ ...lies, cuts: { front: { cutOn: TODAY } } })).toEqual(['w0_front 1']);
    const own = placements.find(({ piece }) => piece === 'front')!;
    const how = { others: [beside], garmentOf: () => lies, cut: true, cutOn: TODAY, unit: 'cm' as const };
    expect(tickedBeside(placements, own, how)).toBeUndefined();
  });
});
