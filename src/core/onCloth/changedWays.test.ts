import { demoFact, TODAY } from '../../../tests/demoFacts';
import { newCloth } from '../facts/cloth';
import type { GarmentFacts } from '../facts/garmentFacts';
import { applyChanges } from '../facts/change';
import { kindOf } from '../garments/kindOf';
import { boundsOfPoints } from '../geometry/ring';
import { areaOfPieces } from '../layout/problem';
import { planGarment } from '../plan/planGarment';
import { changedWays, laidChanged, planned, type OnShelf } from './changedWays';
import { piecesOnCloth } from './garmentPieces';
import { laidOn } from './laidOn';
import { toLayOut } from './toLayOut';

const using = { widthMm: 1500, cutWith: 'rotary' as const };
const inputsOf = (facts: GarmentFacts) => ({
  facts,
  kind: kindOf(facts.garment, facts.ownKind),
  plan: planGarment(facts, { onDate: TODAY }),
  onDate: TODAY,
});
const waysOf = (facts: GarmentFacts, shelf: readonly OnShelf[] = []) =>
  changedWays(inputsOf(facts), 'outer', { unit: 'cm', shelf });
const laid = (facts: GarmentFacts, id: string, shelf: readonly OnShelf[] = []) => {
  const way = waysOf(facts, shelf).find((one) => one.id === id);
  if (!way)
    throw new Error(
      `expected ${id} among ${waysOf(facts, shelf)
        .map((one) => one.id)
        .join()}`,
    );
  return { way, problem: laidChanged(planned(facts, TODAY), way, { role: 'outer', using, onDate: TODAY }) };
};
const now = (facts: GarmentFacts) => piecesOnCloth(inputsOf(facts))[0]!;
const height = (pieces: ReturnType<typeof now>['pieces'], id: string) => {
  const { top, bottom } = boundsOfPoints(pieces.find((piece) => piece.id === id)!.ring);
  return bottom - top;
};

const cartwheel = demoFact('cartwheel');
const roomy: GarmentFacts = {
  ...cartwheel,
  garment: {
    ...cartwheel.garment,
    pattern: { ...cartwheel.garment.pattern, seamAllowanceMm: 10 },
  },
};

test('narrower allowances: a body is 8 mm narrower with 6 instead of 10 at its two sides; none where they are narrow', () => {
  const { problem } = laid(roomy, 'allowances');
  const wide = (pieces: readonly { id: string; ring: readonly { x: number; y: number }[] }[]) => {
    const { left, right } = boundsOfPoints(pieces.find(({ id }) => id === 'front')!.ring);
    return right - left;
  };
  expect(wide(now(roomy).pieces) - wide(problem!.pieces)).toBeCloseTo(8, 0);
  expect(waysOf(cartwheel).map(({ id }) => id)).not.toContain('allowances');
});

test('5 cm shorter makes front and back 5 cm shorter, and the sleeves as long as they were; what is accepted counts', () => {
  const { problem, way } = laid(cartwheel, 'shorter-50');
  expect(height(now(cartwheel).pieces, 'front') - height(problem!.pieces as never, 'front')).toBeCloseTo(
    50,
    3,
  );
  expect(height(problem!.pieces as never, 'sleeve')).toBeCloseTo(height(now(cartwheel).pieces, 'sleeve'), 3);
  // What is accepted is what was laid out, and the next is on top of it.
  const changes = Object.entries(way.changes).map(([path, value]) => ({ path, value }));
  const taken = { ...cartwheel, garment: applyChanges(cartwheel.garment, changes) };
  expect(areaOfPieces(now(taken).pieces)).toBeCloseTo(areaOfPieces(problem!.pieces), 3);
  const again = laid(taken, 'shorter-20').problem!;
  expect(height(now(cartwheel).pieces, 'front') - height(again.pieces as never, 'front')).toBeCloseTo(70, -1);
});

test('a size below is offered where the pattern has one', () => {
  const sized = demoFact('otter-bottoms');
  const rows = Object.entries(sized.pattern!.sizes).toSorted(([, a], [, b]) => a.order - b.order);
  const at = (nth: number) => {
    const facts = { ...sized, garment: { ...sized.garment, sizeId: rows[nth]![0] } };
    return waysOf(facts).find(({ id }) => id === 'size');
  };
  expect(at(0)).toBeUndefined();
  expect(at(2)).toMatchObject({ changes: { sizeId: rows[1]![0] }, label: `Size ${rows[1]![1].label}` });
});

test('bands out of another cloth of the shelf: only where there is enough of it; it is planned anew', () => {
  const facts = demoFact('confetti');
  const rib = demoFact('cartwheel').band!;
  const shelf = [
    { id: 'rib', facts: rib },
    { id: 'scrap', facts: { ...rib, onHandMm: 5 } },
    { id: 'net', facts: { ...newCloth('Net'), stable: true } },
  ];
  const before = toLayOut(now(facts).pieces, laidOn(facts.outer!, using));
  expect(before.ok).toBe(true);
  const ids = waysOf(facts, shelf).map(({ id }) => id);
  expect(ids).toEqual(expect.arrayContaining(['band-rib', 'band-scrap']));
  expect(ids).not.toContain('band-net');
  const { problem } = laid(facts, 'band-rib', shelf);
  expect(problem!.pieces.length).toBeLessThan(now(facts).pieces.length);
  expect(laid(facts, 'band-scrap', shelf).problem).toBeUndefined();
  // Where bands have a cloth of their own already, there is nothing to move.
  expect(waysOf(cartwheel, shelf).filter(({ id }) => id.startsWith('band'))).toEqual([]);
});

test('a lining out of the outer cloth may come out of another: then that alone is what is laid out here', () => {
  const otter = demoFact('otter-bottoms');
  const same: GarmentFacts = {
    ...otter,
    garment: { ...otter.garment, liningClothId: otter.garment.outerClothId! },
    lining: otter.outer!,
  };
  const shelf = [{ id: 'minnow', facts: { ...otter.lining!, onHandMm: 2000 } }];
  const { problem, way } = laid(same, 'lining-minnow', shelf);
  expect(way.label).toBe(`The lining out of ${otter.lining!.name}`);
  expect(areaOfPieces(problem!.pieces)).toBeCloseTo(areaOfPieces(now(otter).pieces), 0);
  expect(areaOfPieces(now(same).pieces)).toBeGreaterThan(1.5 * areaOfPieces(problem!.pieces));
  // A lining with a cloth of its own takes nothing of this one.
  expect(waysOf(otter, shelf).map(({ id }) => id)).not.toContain('lining-minnow');
});
