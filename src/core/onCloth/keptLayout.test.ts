import { rectangle } from '../geometry/ring';
import type { LayoutProblem } from '../layout/problem';
import { layoutFaults } from '../layout/check';
import { Searching } from '../layout/progress';
import { applyChanges } from '../facts/change';
import { findFaults } from '../facts/faults';
import { newTee, garmentSpec } from '../facts/garment';
import { demoFact, TODAY } from '../../../tests/demoFacts';
import { kindOf } from '../garments/kindOf';
import { planGarment } from '../plan/planGarment';
import { piecesOnCloth } from './garmentPieces';
import { factsOfLayout, keptPlacements } from './keptLayout';
import { toLayOut } from './toLayOut';

const keeping = { keptOn: '2026-11-30', widthMm: 1500, cutWith: 'rotary', basis: 'a-sign' } as const;
const problem: LayoutProblem = {
  widthMm: 400,
  gapMm: 3,
  pieces: [
    { id: 'front', ring: rectangle(200, 300), count: 1 },
    { id: 'sleeve', ring: rectangle(120, 100), count: 2, mirrored: 'half', turns: [0, 180] },
  ],
};
const { best } = new Searching(problem, 1).goOn(({ steps }) => steps < 20);
if (!best) throw new Error('expected a layout, found none');

test('a layout is kept and comes back as it was, with what stays where it lies', () => {
  const facts = factsOfLayout(problem, best.placements, { ...keeping, pinned: new Set(['sleeve 2']) });
  expect(facts).toMatchObject({ ...keeping, apart: true });
  expect(Object.keys(facts.places)).toEqual(['front-1', 'sleeve-1', 'sleeve-2']);
  const back = keptPlacements(problem, facts);
  expect(back?.pinned).toEqual(new Set(['sleeve 2']));
  expect(back?.layout.lengthMm).toBeCloseTo(facts.lengthMm, 5);
  back?.layout.placements.forEach((one, nth) => {
    const { x, y, ...rest } = best.placements[nth]!;
    expect(one).toMatchObject(rest);
    expect(one.x).toBeCloseTo(x, 5);
    expect(one.y).toBeCloseTo(y, 5);
  });
});

test('where it is folded is kept as it is said; that its rest went back on the shelf is not forgotten', () => {
  const folded = factsOfLayout(problem, best.placements, { ...keeping, pinned: new Set(), foldMm: 200 });
  expect(folded.foldMm).toBe(200);
  const before = { ...folded, shelvedOn: '2026-11-29' };
  const moved = factsOfLayout(problem, best.placements, { ...keeping, pinned: new Set(), before });
  expect(moved.foldMm).toBeUndefined();
  expect(moved.shelvedOn).toBe('2026-11-29');
});

test('pieces on each other are kept too, and that they are; a piece more, and there is no layout of all', () => {
  const on = best.placements.map((one) => ({ ...one, x: 0, y: 0 }));
  const facts = factsOfLayout(problem, on, { ...keeping, pinned: new Set() });
  expect(facts.apart).toBeUndefined();
  expect(keptPlacements(problem, facts)).toBeDefined();
  const more = { ...problem, pieces: problem.pieces.map((piece) => ({ ...piece, count: piece.count + 1 })) };
  expect(keptPlacements(more, facts)).toBeUndefined();
  expect(keptPlacements({ ...problem, pieces: [] }, facts)).toBeUndefined();
});

test.each(['encore', 'cartwheel', 'ring-toss', 'first-bra', 'lakeside', 'otter-bottoms'])(
  'the layout of %s is a fact that the door lets in, and holds when it is read again',
  (name) => {
    const facts = demoFact(name);
    const plan = planGarment(facts, { onDate: TODAY });
    const kind = kindOf(facts.garment, facts.ownKind);
    for (const { role, pieces } of piecesOnCloth({ facts, kind, plan, onDate: TODAY })) {
      const asked = toLayOut(pieces, { widthMm: 1500, cutWith: 'rotary' });
      if (!asked.ok) continue;
      const found = new Searching(asked.problem, 1).goOn((now) => !now.best).best!;
      const kept = factsOfLayout(asked.problem, found.placements, { ...keeping, pinned: new Set() });
      const garment = applyChanges(newTee('kept'), [{ path: `layouts.${role}`, value: kept }]);
      expect(findFaults(garmentSpec, garment)).toEqual([]);
      const { layout } = keptPlacements(asked.problem, kept)!;
      expect(layoutFaults(asked.problem, layout)).toEqual([]);
    }
  },
);
