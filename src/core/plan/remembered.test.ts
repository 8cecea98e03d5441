import fc from 'fast-check';
import { forgetEverything } from '../explain/remember';
import type { GarmentFacts } from '../facts/garmentFacts';
import { useIds, type UseId } from '../facts/edgeUses';
import { ONE_SIZE } from '../facts/outline';
import { newPattern } from '../facts/pattern';
import { kindOf } from '../garments/kindOf';
import { movedKnot } from '../pieces/edits';
import { practiceTee } from '../pieces/practice';
import { planSewing } from '../sewing/planSewing';
import { planGarment } from './planGarment';
import type { GarmentPlan } from './types';
import { TODAY, demoFact } from '../../../tests/demoFacts';
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
    const zone = kindOf(garment, facts.ownKind).zones[n % 3];
    if (!zone) return { ...facts, garment };
    const fit = { ...garment.fit, [zone.id]: { school: 'share' as const, share: (n % 7) / 10 } };
    return { ...facts, garment: { ...garment, fit } };
  },
  ({ garment, ...facts }, n) => {
    const pattern = { ...garment.pattern, seamAllowanceMm: 5 + (n % 8), shoulderMm: 90 + n };
    return { ...facts, garment: { ...garment, pattern } };
  },
  ({ garment, ...facts }, n) => {
    const edge = kindOf(garment, facts.ownKind).edges[n % 4];
    if (!edge) return { ...facts, garment };
    const measured = { as: 'seamline' as const, wholeMm: 300 + n };
    const edges = { ...garment.edges, [edge.id]: { ...garment.edges?.[edge.id], measured } };
    return { ...facts, garment: { ...garment, edges } };
  },
  ({ garment, ...facts }, n) => {
    const rows = planGarment({ ...facts, garment }, { onDate: TODAY }).ticket.flatMap((group) => group.rows);
    const row = rows[n % Math.max(rows.length, 1)];
    if (!row) return { ...facts, garment };
    const cuts = { ...garment.cuts, [row.id]: { cutOn: TODAY, lengthMm: 200 + n } };
    return { ...facts, garment: { ...garment, cuts } };
  },
  ({ garment, ...facts }, n) => {
    const opening = kindOf(garment, facts.ownKind).openings[n % 2];
    if (!opening) return { ...facts, garment };
    return { ...facts, garment: { ...garment, closures: { [opening.id]: n % 3 === 0 } } };
  },
  ({ wearer, ...facts }, n) => {
    if (!wearer) return facts;
    const measurements = { ...wearer.measurements };
    for (const [id, one] of Object.entries(measurements).slice(0, 1 + (n % 3)))
      measurements[id] = { ...one, values: { ...one.values, bust: 900 + n, hip: 950 + n } };
    return { ...facts, wearer: { ...wearer, measurements } };
  },
  ({ elastics, ...facts }, n) =>
    elastics
      ? {
          ...facts,
          elastics: Object.fromEntries(
            Object.entries(elastics).map(([id, one]) => [id, { ...one, widthMm: 6 + (n % 20) }]),
          ),
        }
      : facts,
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
  // A pattern with outlines, a point of one dragged, its allowance another.
  (facts, n) => {
    const front = movedKnot(practiceTee.front, n % practiceTee.front.ring.length, { x: 40 + n, y: 30 + n });
    const shapes = { [ONE_SIZE]: { ...practiceTee, front } };
    const pattern = facts.pattern ?? newPattern('Traced', facts.garment.kind);
    return { ...facts, pattern: { ...pattern, shapes, seamAllowanceMm: 5 + (n % 5) } };
  },
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

const plan = (facts: GarmentFacts) => planGarment(facts, { onDate: TODAY });
const edgesBut = (id: string) => (facts: GarmentFacts) => plan(facts).edges.filter((edge) => edge.id !== id);

/** The edges of a tee of the demo, with a number typed at the first. */
function typedAt(tailMm: number) {
  const { edges = {} } = demoFact('ring-toss').garment;
  const [first = ''] = Object.keys(edges);
  return { ...edges, [first]: { ...edges[first], tailMm } };
}

test.each<[string, Partial<GarmentFacts['garment']>, readonly (keyof GarmentPlan)[]]>([
  [
    'a name',
    { name: 'Other' },
    ['measures', 'checks', 'zones', 'edges', 'openings', 'ticket', 'cutting', 'problems', 'needs'],
  ],
  [
    'a step ticked off',
    { sewn: { shoulders: { doneOn: TODAY } } },
    ['measures', 'checks', 'zones', 'edges', 'ticket', 'cutting', 'needs'],
  ],
  ['a number at an edge', { edges: typedAt(33) }, ['measures', 'checks', 'zones']],
  ['a piece cut', { cuts: { front: { cutOn: TODAY } } }, ['measures', 'checks', 'zones']],
  ['how close it is', { fit: { bust: { school: 'share', share: 0.41 } } }, ['measures']],
])('after %s the stages that do not see it hand back the same objects', (_, change, same) => {
  const facts = demoFact('ring-toss');
  const before = plan(facts);
  const after = plan({ ...facts, garment: { ...facts.garment, ...change } });
  expect(same.filter((part) => after[part] !== before[part])).toEqual([]);
});

test('what is typed at one edge leaves every other edge the same object', () => {
  const facts = demoFact('ring-toss');
  const edges = typedAt(33);
  const { edges: were = {} } = facts.garment;
  const [id = ''] = Object.keys(were);
  const others = edgesBut(id);
  const before = others(facts);
  const after = others({
    ...facts,
    garment: { ...facts.garment, edges: { ...were, [id]: edges[id] ?? {} } },
  });
  expect(after).toHaveLength(before.length);
  after.forEach((one, at) => expect(one).toBe(before[at]));
});
