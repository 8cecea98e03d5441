import { demoFact, TODAY } from '../../../tests/demoFacts';
import type { GarmentFacts } from '../facts/garmentFacts';
import { kindOf } from '../garments/kindOf';
import { endOf, startOf } from '../geometry/path';
import { boundsOfPoints } from '../geometry/ring';
import { layoutFaults } from '../layout/check';
import { placed, ringAt } from '../layout/problem';
import { Searching } from '../layout/progress';
import { cutAllowance } from '../paper/allowances';
import { piecesAsCut } from '../plan/asCut';
import { planGarment } from '../plan/planGarment';
import { piecesOnCloth } from './garmentPieces';
import { scallopAtLeft } from './lace';
import { laidOn } from './laidOn';
import { toLayOut } from './toLayOut';

const trinket = demoFact('trinket');
const drafted: GarmentFacts = {
  ...trinket,
  garment: { ...trinket.garment, draft: {} },
  outer: { ...trinket.outer!, widthMm: 600, scallop: 'both edges' },
};
const kind = kindOf(drafted.garment, drafted.ownKind);
const plan = planGarment(drafted, { onDate: TODAY });
const inputs = { facts: drafted, kind, plan, onDate: TODAY };

test('the back of lace panties is turned so that its scallop runs along the edge of the lace', () => {
  const back = piecesAsCut(inputs).find(({ shape }) => shape.id === 'back')!.cut;
  const path = back.edges.find(({ of }) => of.scallop)!.path;
  const turn = scallopAtLeft(back, plan)!;
  const [from, to] = [startOf(path), endOf(path)].map(placed({ x: 0, y: 0, turn, mirrored: false }));
  expect(to!.x - from!.x).toBeCloseTo(0, 6);
  expect(to!.y).toBeLessThan(from!.y);
  // The front is cut on a fold: it has no edge of its own there.
  const front = piecesAsCut(inputs).find(({ shape }) => shape.id === 'front')!.cut;
  expect(scallopAtLeft(front, plan)).toBeUndefined();
});

test('nothing is added at a scallop, unless the pattern says so', () => {
  const scallop = kind.shapes.find(({ id }) => id === 'back')!.edges.find((edge) => edge.scallop)!;
  expect(cutAllowance({ plan, garment: drafted.garment }, scallop, {})).toBe(0);
  expect(
    cutAllowance({ plan, garment: drafted.garment }, scallop, { edges: { scallop: { allowanceMm: 4 } } }),
  ).toBe(4);
});

test('laid on a lace of 60 cm the scallops of both backs lie on its edges', () => {
  const [on] = piecesOnCloth(inputs);
  const asked = toLayOut(on!.pieces, laidOn(drafted.outer!, { widthMm: 600, cutWith: 'rotary' }));
  if (!asked.ok) throw new Error(asked.why);
  const { best } = new Searching(asked.problem, 1).goOn(({ steps }) => steps < 60);
  expect(layoutFaults(asked.problem, best!)).toEqual([]);
  const backs = best!.placements.filter(({ piece }) => piece === 'back');
  expect(backs).toHaveLength(2);
  for (const one of backs) {
    const { left, right } = boundsOfPoints(ringAt(asked.problem, one));
    expect(Math.min(Math.abs(left), Math.abs(right - asked.problem.widthMm))).toBeLessThan(0.5);
  }
});
