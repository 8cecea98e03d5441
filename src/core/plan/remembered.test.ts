import fc from 'fast-check';
import { forgetEverything } from '../explain/remember';
import type { GarmentFacts } from '../facts/garmentFacts';
import { useIds, type UseId } from '../facts/edgeUses';
import { planSewing } from '../sewing/planSewing';
import { planGarment } from './planGarment';
import { TODAY } from '../../../tests/demoFacts';
import { anyGarment } from '../../../tests/randomGarments';

/** What a person may do next to a garment; each leaves every record that it does not touch the same object. */
const edits: readonly ((facts: GarmentFacts, n: number) => GarmentFacts)[] = [
  (facts, n) => ({ ...facts, garment: { ...facts.garment, name: `Named ${n}` } }),
  ({ outer, ...facts }, n) =>
    outer ? { ...facts, outer: { ...outer, statedAcross: 0.1 + (n % 9) / 10 } } : facts,
  ({ lining: _lining, ...facts }) => facts,
  ({ garment, ...facts }, n) => ({
    ...facts,
    garment: { ...garment, style: n % 2 === 0 ? 'fitted' : 'loose' },
  }),
  ({ garment, ...facts }, n) => ({
    ...facts,
    garment: { ...garment, stay: n % 2 === 0 ? 'none' : 'knit-tape' },
  }),
  ({ garment, ...facts }, n) => {
    const edges = Object.entries(garment.edges ?? {}).map(([id, edge], at) => [
      id,
      at === n % 3 ? { ...edge, use: useIds[n % useIds.length] as UseId, parts: 1 + (n % 3) } : edge,
    ]);
    return { ...facts, garment: { ...garment, edges: Object.fromEntries(edges) } };
  },
  ({ machines, ...facts }, n) =>
    machines
      ? {
          ...facts,
          machines: Object.fromEntries(
            Object.entries(machines).map(([id, one], at) => [
              id,
              at === n % 2 ? { ...one, broken: { since: TODAY } } : one,
            ]),
          ),
        }
      : facts,
];

const whole = (facts: GarmentFacts): string => {
  const plan = planGarment(facts, { onDate: TODAY });
  return JSON.stringify([plan, planSewing(facts, plan)]);
};

test('step by step, with what is remembered, a garment comes to the same plan and order as from scratch', () => {
  fc.assert(
    fc.property(
      anyGarment,
      fc.array(fc.tuple(fc.nat(edits.length - 1), fc.nat(50)), { minLength: 1, maxLength: 6 }),
      (start, steps) => {
        let facts = start;
        whole(facts);
        for (const [which, n] of steps) {
          facts = edits[which]?.(facts, n) ?? facts;
          const warm = whole(facts);
          forgetEverything();
          expect(warm).toBe(whole(facts));
        }
      },
    ),
    { seed: 2026, numRuns: 25 },
  );
});
