import { demoFact, TODAY } from '../../../tests/demoFacts';
import type { Cloth } from '../facts/cloth';
import { kindOf } from '../garments/kindOf';
import { planGarment } from '../plan/planGarment';
import { directionFaults } from './directions';
import { piecesOnCloth } from './garmentPieces';

const said = (change: Partial<Cloth>) => {
  const demo = demoFact('encore');
  const facts = { ...demo, outer: { ...demo.outer!, ...change } };
  const kind = kindOf(facts.garment, facts.ownKind);
  const plan = planGarment(facts, { onDate: TODAY });
  const [on] = piecesOnCloth({ facts, kind, plan, onDate: TODAY });
  return directionFaults(on!, plan);
};
/** The same cloth with its pulls turned: what stretched across stretches along. */
const turned = (): Partial<Cloth> => ({
  tests: Object.fromEntries(
    Object.entries(demoFact('encore').outer!.tests).map(([id, test]) => [
      id,
      { ...test, direction: test.direction === 'across' ? ('along' as const) : ('across' as const) },
    ]),
  ),
});

test('nothing is said of a cloth that stretches most across, whatever its nap', () => {
  expect(said({})).toEqual([]);
  expect(said({ nap: 'one way' })).toEqual([]);
});

test('a cloth that stretches most along, with a nap: that would run around the body, and it says so', () => {
  expect(said(turned())).toEqual([]);
  expect(said({ ...turned(), nap: 'one way' })).toEqual([expect.stringMatching(/runs around the body/)]);
  expect(said({ ...turned(), repeatAlongMm: 40 })).toEqual([expect.stringMatching(/run down the body/)]);
});

test('a cloth that does not stretch cannot go round the body, however it lies', () => {
  expect(said({ stable: true })[0]).toMatch(/does not stretch either way/);
});
