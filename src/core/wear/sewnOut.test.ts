import { demoFacts, TODAY } from '../../../tests/demoFacts';
import { newElastic } from '../facts/elastic';
import { edgePlace } from '../facts/fitting';
import { planGarment } from '../plan/planGarment';
import { hasSample, sewnOutOf } from './sewnOut';

/** A garment of the demo with an elastic at an edge, that edge, and what its elastic is cut to. */
const found = demoFacts()
  .map(([, facts]) => {
    const plan = planGarment(facts, { onDate: TODAY });
    const edge = plan.edges.find(
      ({ strips }) => strips[0]?.elasticId !== undefined && strips[0].rows.length > 0,
    );
    return { facts, edge };
  })
  .find(({ edge }) => edge !== undefined);

/** The garment with that elastic cut to 700 mm, planned. */
function cut() {
  if (!found?.edge) throw new Error('expected an elastic in the demo');
  const { facts, edge } = found;
  const [strip] = edge.strips;
  const [row = ''] = strip?.rows ?? [];
  const garment = { ...facts.garment, cuts: { [row]: { cutOn: TODAY, lengthMm: 700 } } };
  const plan = planGarment({ ...facts, garment }, { onDate: TODAY });
  const now = plan.edges.find(({ id }) => id === edge.id)?.strips[0];
  const adds = plan.numbers[now?.adds ?? '']?.value ?? NaN;
  return { garment, plan, edge, strip, adds };
}

test('a finished edge is a sample of its elastic: from what was cut, less its join, to what it measures', () => {
  const { garment, plan, edge, strip, adds } = cut();
  const measured = { [edgePlace(edge.id)]: 715 };
  expect(sewnOutOf(plan, garment, { triedOn: TODAY, measured })).toEqual([
    {
      label: edge.label,
      elasticId: strip?.elasticId,
      sample: { sewnOn: TODAY, beforeMm: Math.round((700 - adds) * 10) / 10, afterMm: 715 },
    },
  ]);
});

test.each([
  ['basted only', { held: 'basted' as const }, true],
  ['not cut by the ticket', {}, false],
  ['nothing measured', { measured: {} }, true],
  ['measured beyond what a sample takes', { measured: { all: 9000 } }, true],
])('%s: it tells nothing of the elastic', (_name, more, isCut) => {
  const { garment, plan, edge } = cut();
  const all = 'measured' in more && 'all' in more.measured ? 9000 : 715;
  const measured = 'measured' in more && !('all' in more.measured) ? {} : { [edgePlace(edge.id)]: all };
  const was = isCut ? garment : { ...garment, cuts: {} };
  expect(sewnOutOf(plan, was, { triedOn: TODAY, ...more, measured })).toEqual([]);
});

test('the same sample is not kept twice', () => {
  const sample = { sewnOn: TODAY, beforeMm: 690, afterMm: 715 };
  const elastic = { ...newElastic('Roll'), sewn: { a: sample } };
  expect([hasSample(elastic, { ...sample }), hasSample(elastic, { ...sample, afterMm: 716 })]).toEqual([
    true,
    false,
  ]);
});
