import { demoFact, TODAY } from '../../../tests/demoFacts';
import { neckbandIn } from '../../../tests/planned';
import { firstMark, marksOf } from '../edges/marks/stripMarks';
import { atNeckline, garmentOf, sewingOf } from '../../../tests/sewn';
import { phraseText } from '../explain/display';
import type { Garment } from '../facts/garment';
import { planGarment } from '../plan/planGarment';
import type { GarmentFacts } from '../facts/garmentFacts';
import type { SewingPlan } from './types';

/** A folded band, or one layer of rib, sewn on while a shoulder is open (handbook 08). */

const tee = (garment: Partial<Garment>): GarmentFacts => {
  const facts = demoFact('ring-toss');
  return { ...facts, garment: { ...facts.garment, sewn: {}, cuts: {}, ...garment } };
};
const open = tee({ ways: { neckband: 'open' } });
const at = (of: SewingPlan, id: string) => of.steps.findIndex((one) => one.id === id);
const linesOf = (of: SewingPlan, id: string) =>
  (of.steps[at(of, id)]?.lines ?? []).map((line) => phraseText(line, of.numbers, 'cm')).join(' ');

test('its ends lie in the left shoulder: sewn between the two, never joined into a ring', () => {
  const of = sewingOf(open);
  const order = ['shoulder', 'neckline-sew', 'neckline-press', 'shoulder-2', 'armhole'].map((id) =>
    at(of, id),
  );
  expect(order.every((place, nth) => place > (order[nth - 1] ?? -1))).toBe(true);
  expect(of.steps.filter(({ job }) => job === 'band-join')).toEqual([]);
  const sewn = of.steps[at(of, 'neckline-sew')];
  const start = sewn?.tells.find(({ label }) => label === 'Start at');
  expect(phraseText(start?.text ?? [], of.numbers, 'cm')).toMatch(/the open shoulder/);
  expect(linesOf(of, 'shoulder-2')).toMatch(/Fold on fold/);
  expect(of.broken).toEqual([]);
});

test('the ticket says what becomes of its ends, once: joined at centre back, or left for the shoulder', () => {
  const detailsOf = (facts: GarmentFacts) => {
    const plan = planGarment(facts, { onDate: TODAY });
    const row = plan.ticket.flatMap(({ rows }) => rows).find(({ id }) => id === 'neckband');
    return (row?.details ?? []).map((detail) => phraseText(detail, plan.numbers, 'cm'));
  };
  expect(detailsOf(tee({}))).toContain('join at centre back');
  expect(detailsOf(open)).toContain('ends at the left shoulder');
  expect(detailsOf(open).join()).not.toMatch(/join/);
});

test('a ring is what is sewn until the other is asked for, whatever it would save', () => {
  const of = sewingOf(tee({}));
  expect(at(of, 'shoulder-2')).toBe(-1);
  expect(at(of, 'neckline-join')).toBeGreaterThan(-1);
  expect(of.ways.find(({ alternative }) => alternative.id === 'neckband')?.chosen).toBe('ring');
});

test('its ends take the shoulder’s allowance, its marks start at that shoulder', () => {
  const measured = { allowanceMm: 6, crossingAllowanceMm: 10 };
  const cutOf = (facts: GarmentFacts) => {
    const plan = planGarment(
      { ...facts, garment: { ...facts.garment, ...atNeckline(facts.garment, { measured }) } },
      { onDate: TODAY },
    );
    const value = (id: string | undefined) => plan.numbers[id ?? '']?.value ?? NaN;
    const neckband = neckbandIn(plan);
    return { added: value(neckband?.cutLength.exact) - value(neckband?.sewn), neckband, value, plan };
  };
  expect(cutOf(tee({})).added).toBeCloseTo(2 * 6, 9);
  const { added, neckband, value, plan } = cutOf(open);
  expect(added).toBeCloseTo(2 * 10, 9);
  expect([neckband?.meetsAt, neckband?.endsInSeam]).toEqual(['left shoulder', true]);
  // From the shoulder on, the next mark of the neckline is the quarter in front of it.
  const [band, neck] = [value(neckband?.sewn), value(neckband?.on)];
  const shoulder = value(neckband?.marking?.seams[0]?.at);
  const marks = neckband && marksOf(plan, neckband);
  expect(marks && firstMark(marks)?.value).toBeCloseTo(((neck / 4 - shoulder) * band) / neck, 6);
});

test('a band joined at a shoulder is marked from there: its first mark lies nearer than the others', () => {
  const of = sewingOf(tee(atNeckline(open.garment, { joinAt: 'left-shoulder' })));
  expect(linesOf(of, 'neckline-mark')).toMatch(
    /Band: the first mark [\d.]+ cm from its join, then one every/,
  );
  expect(linesOf(sewingOf(tee({})), 'neckline-mark')).toMatch(/Band: from its join, a mark every/);
  const curved = sewingOf(tee(atNeckline(open.garment, { marks: 'curve' })));
  expect(linesOf(curved, 'neckline-mark')).toMatch(/by the parts of the neckline/);
  expect(linesOf(curved, 'neckline-sew')).not.toMatch(/becomes/);
});

test('a binding finished otherwise is not sewn with a shoulder open: an elastic ring needs both closed', () => {
  expect(at(sewingOf(garmentOf('bound-tee')), 'shoulder-2')).toBeGreaterThan(-1);
  for (const use of ['turned', 'neckband'] as const)
    expect(at(sewingOf(garmentOf('bound-tee', { edges: { neckline: { use } } })), 'shoulder-2')).toBe(-1);
});

test('one layer of rib goes on flat between the shoulders, unless it is asked for as a ring', () => {
  const order = (ways: Garment['ways']) => {
    const of = sewingOf(garmentOf('bound-tee', { ways }));
    return ['shoulder', 'neckline-bind', 'shoulder-trim', 'shoulder-2'].map((id) => at(of, id));
  };
  const flat = order({});
  expect(flat.every((place, nth) => place > (flat[nth - 1] ?? -1))).toBe(true);
  const [shoulder, bind, ...gone] = order({ binding: 'ring' });
  expect(bind).toBeGreaterThan(shoulder ?? NaN);
  expect(gone).toEqual([-1, -1]);
});

test('the row that laps a band under lace is as long as the band, not as the body', () => {
  const facts = garmentOf('bralette');
  const plan = planGarment(facts, { onDate: TODAY });
  const of = sewingOf(facts);
  const length = of.steps[at(of, 'cup-band')]?.tells.find(({ label }) => label === 'Length')?.text;
  const band = plan.edges.find(({ id }) => id === 'band')?.strips[0]?.sewn;
  expect(length).toEqual(expect.arrayContaining([expect.objectContaining({ n: band })]));
});
