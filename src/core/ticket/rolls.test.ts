import { household } from '@/demo/household';
import { TODAY, demoFact, demoFacts } from '../../../tests/demoFacts';
import { value } from '../../../tests/planned';
import type { GarmentFacts } from '../facts/garmentFacts';
import { planGarment } from '../plan/planGarment';
import type { GarmentPlan } from '../plan/types';
import { garmentWants, shoppingList, type PlannedGarment } from './rolls';

const made = household(TODAY);
const planned = (id: string, facts: GarmentFacts): PlannedGarment & { readonly plan: GarmentPlan } => ({
  id,
  facts,
  plan: planGarment(facts, { onDate: TODAY }),
});
const takenOf = (garment: PlannedGarment) => garmentWants(garment).taken;

test('a garment takes of each roll what its rows come to', () => {
  const tank = planned('lakeside', demoFact('lakeside'));
  expect(takenOf(tank)['down-plush']).toBeCloseTo(650, 9);
  const rows = tank.plan.ticket.find(({ roll }) => roll?.elasticId === 'quay-narrow')?.rows ?? [];
  const sum = rows.reduce((total, row) => total + value(tank.plan, row.length?.exact), 0);
  expect(takenOf(tank)['quay-narrow']).toBeCloseTo(sum, 9);
});

test('what others take comes off the roll before this garment’s first row; un-planning frees it', () => {
  const facts = demoFact('lakeside');
  const left = (takenMm: Readonly<Record<string, number>>) => {
    const { plan } = planned('lakeside', { ...facts, takenMm });
    const roll = plan.ticket.find((group) => group.roll?.elasticId === 'down-plush')?.roll;
    return { left: value(plan, roll?.left), short: roll?.short, problems: plan.problems.map(({ id }) => id) };
  };
  expect(left({}).left).toBeCloseTo(1500 - 650, 9);
  const shared = left({ 'down-plush': 1000 });
  expect(shared.left).toBeCloseTo(-150, 9);
  expect(shared.problems).toContain('roll-down-plush');
  expect(left({}).problems).not.toContain('roll-down-plush');
});

test('a cut before the roll was measured is off it already; one since counts as it was cut', () => {
  const facts = demoFact('lakeside');
  const cutOn = (day: string) =>
    takenOf(
      planned('lakeside', {
        ...facts,
        garment: { ...facts.garment, cuts: { 'elastic-shelf-hem': { cutOn: day, lengthMm: 655 } } },
      }),
    )['down-plush'];
  const counted = made.elastics['down-plush']?.countedOn ?? '';
  expect(cutOn('2000-01-01')).toBe(0);
  expect(cutOn(counted)).toBe(655);
  expect(cutOn('2100-01-01')).toBe(655);
});

describe('the shopping list', () => {
  const all = demoFacts().map(([id, facts]) => planned(id, facts));
  const list = shoppingList(all.map(garmentWants));
  const line = (id: string) => list.lines.find((one) => one.id === id);
  const number = (id: string | undefined) => list.numbers[id ?? '']?.value ?? Number.NaN;

  test('a roll that several garments want: what they want together, less what is there', () => {
    const wants = all.reduce((sum, garment) => sum + (takenOf(garment)['tide-strap'] ?? 0), 0);
    expect(number(line('tide-strap')?.wants)).toBeCloseTo(wants, 9);
    expect(number(line('tide-strap')?.short)).toBeCloseTo(wants - 2000, 9);
    expect(
      line('tide-strap')
        ?.garments.map(({ id }) => id)
        .toSorted(),
    ).toEqual(['dressing-room', 'first-bra', 'trinket']);
  });
  test('findings are counted: sliders for six straps where three are there', () =>
    expect([number(line('slider-12')?.wants), number(line('slider-12')?.short)]).toEqual([6, 3]));
  test('what is enough is not on it, what nobody chose is', () => {
    expect(line('cove-swim')).toBeUndefined();
    const unchosen = list.lines.filter(({ what }) => what === 'not chosen yet');
    expect(unchosen.flatMap(({ garments }) => garments.map(({ id }) => id))).toContain('tightrope');
  });
  test('un-planning a garment takes its part off the list', () => {
    const without = shoppingList(all.filter(({ id }) => id !== 'first-bra').map(garmentWants));
    expect(without.lines.find(({ id }) => id === 'tide-strap')).toBeUndefined();
  });
  test('of many garments a dozen are named and the others counted, and none is left out of the sum', () => {
    const one = all.find(({ id }) => id === 'first-bra');
    if (!one) throw new Error('expected the bra in the demo');
    const many = Array.from({ length: 15 }, (_, at) => garmentWants({ ...one, id: `bra-${at}` }));
    const { lines, numbers } = shoppingList(many);
    const strap = lines.find(({ id }) => id === 'tide-strap');
    expect([strap?.garments.length, strap?.more]).toEqual([12, 3]);
    expect(numbers[strap?.wants ?? '']?.value).toBeCloseTo(15 * (takenOf(one)['tide-strap'] ?? 0), 6);
    expect(Object.values(numbers[strap?.wants ?? '']?.terms ?? {}).at(-1)?.label).toBe('3 more garments');
  });
  test('every line’s numbers are there, and plain for the page', () => {
    for (const one of list.lines)
      for (const id of [one.wants, one.short]) expect(number(id)).toBeGreaterThan(0);
    expect(Object.getPrototypeOf(list.numbers)).toBe(Object.prototype);
  });
});
