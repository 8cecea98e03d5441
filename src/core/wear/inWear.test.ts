import { demoFact, demoFacts, TODAY } from '../../../tests/demoFacts';
import { readClothOnce } from '../cloth/readClothOnce';
import { createLedger, getNumber } from '../explain/ledger';
import { inWearSpec, newCloth, type Cloth, type MeasuredInWear } from '../facts/cloth';
import { findFaults } from '../facts/faults';
import type { Fitting } from '../facts/fitting';
import type { GarmentFacts } from '../facts/garmentFacts';
import { kindOf } from '../garments/kindOf';
import { planGarment } from '../plan/planGarment';
import { inWearFault, inWearOf, isKept } from './inWear';

const planOf = (facts: GarmentFacts) => planGarment(facts, { onDate: TODAY });

/** Garments whose cloth is one cloth, with the zones that they go round. */
const plain = demoFacts()
  .filter(([, { outer }]) => outer && !outer.layers)
  .map(([name, facts]) => [name, facts, planOf(facts)] as const)
  .filter(([, , plan]) => plan.zones.length > 0);

const told = (more: Partial<MeasuredInWear>): MeasuredInWear => ({
  measuredOn: TODAY,
  of: 'One, hip',
  direction: 'across',
  beforeMm: 800,
  afterMm: 824,
  ...more,
});

const grownCloth = (facts: GarmentFacts, direction: 'across' | 'along', ...after: readonly number[]) => ({
  ...facts,
  outer: {
    ...(facts.outer as Cloth),
    inWear: Object.fromEntries(
      after.map((afterMm, at) => [`m${at}`, told({ of: `Garment ${at}, hip`, direction, afterMm })]),
    ),
  },
});

describe('what a round after wear tells of the cloth', () => {
  const facts = demoFact('overture');
  const plan = planOf(facts);
  const kind = kindOf(facts.garment, facts.ownKind);
  const worn: Fitting = { triedOn: TODAY, wears: 5, washes: 1, outcomes: { hip: 'right' } };
  const hip = plan.zones.find(({ zone }) => zone === 'hip');
  const wasMm = getNumber(plan.numbers, plan.pieces.girths.hip ?? hip?.rest ?? '').value;
  const said = (more: Partial<Fitting>) => inWearOf(plan, kind, facts.garment, { ...worn, ...more });

  test('a zone that measures more than as it was sewn, around and lengthwise', () => {
    const [one] = said({ measured: { hip: Math.round(wasMm * 1.04) } });
    expect(one).toEqual({
      measuredOn: TODAY,
      of: `${facts.garment.name}, hip`,
      direction: plan.cloths.outer?.around,
      wears: 5,
      washes: 1,
      beforeMm: Math.round(wasMm * 10) / 10,
      afterMm: Math.round(wasMm * 1.04),
    });
    expect(findFaults(inWearSpec, one)).toEqual([]);
    const turned = { ...plan, cloths: { outer: { around: 'along' as const } } };
    expect(
      inWearOf(turned, kind, facts.garment, { ...worn, measured: { hip: wasMm } }).map(
        (all) => all.direction,
      ),
    ).toEqual(['along']);
  });

  test('washed only tells as well', () =>
    expect(said({ wears: 0, washes: 1, measured: { hip: wasMm } })[0]).toMatchObject({ washes: 1 }));

  test('what was taken in since was so as it was worn', () => {
    const mends = { m1: { on: TODAY, what: 'take-in' as const, at: 'hip', byMm: 40 } };
    const [one] = inWearOf(
      plan,
      kind,
      { ...facts.garment, mends },
      { ...worn, measured: { hip: wasMm - 30 } },
    );
    expect(one?.beforeMm).toBeCloseTo(wasMm - 40, 0);
  });

  test.each<[string, Partial<Fitting>]>([
    ['not worn and not washed', { wears: 0, washes: 0 }],
    ['basted', { held: 'basted' }],
    ['pinned', { held: 'pinned' }],
    ['nothing measured', { measured: {} }],
    ['measured at a place that is no zone', { measured: { neckline: 500 } }],
    ['half as long again: another place was measured', { measured: { hip: wasMm * 1.5 } }],
    ['two thirds of it', { measured: { hip: wasMm * 0.66 } }],
  ])('%s: nothing', (_name, more) => {
    expect(said({ measured: { hip: wasMm * 1.03 } })).toHaveLength(1);
    expect(said({ measured: { hip: wasMm * 1.03 }, ...more })).toEqual([]);
  });

  test('nothing is told of the layers of a stack', () => {
    const stack = { ...plan, cloths: { outer: { around: 'across' as const, layers: [] } } };
    expect(inWearOf(stack, kind, facts.garment, { ...worn, measured: { hip: wasMm } })).toEqual([]);
  });

  test.each([
    [560, undefined],
    [559, 'No cloth'],
    [1120, undefined],
    [1121, 'No cloth'],
  ])('800 mm to %d mm: %s', (afterMm, sentence) =>
    expect(inWearFault({ beforeMm: 800, afterMm })?.slice(0, 8)).toBe(sentence),
  );

  test('is kept once', () => {
    const cloth = { ...newCloth('Loon'), inWear: { a: told({}) } };
    expect(isKept(cloth, told({}))).toBe(true);
    for (const other of [{ afterMm: 825 }, { of: 'Two, hip' }, { measuredOn: '2026-05-31' }] as const)
      expect(isKept(cloth, told(other))).toBe(false);
    expect(isKept(cloth, told({ direction: 'along' }))).toBe(false);
  });
});

describe('a cloth that garments of it were measured of again', () => {
  const tested: Cloth = { ...newCloth('Loon'), statedAcross: 0.6, statedAlong: 0.4 };
  const read = (cloth: Cloth, find?: (id: string) => Cloth | undefined) =>
    readClothOnce(createLedger(), 'c', cloth, find);

  test('grows by their mean, each direction by itself', () => {
    const inWear = {
      a: told({}),
      b: told({ afterMm: 840 }),
      c: told({ direction: 'along', afterMm: 792 }),
    };
    const { across, along } = read({ ...tested, inWear });
    // 3 % and 5 %; 1 % shorter.
    expect(across?.inWear?.value).toBeCloseTo(0.04, 12);
    expect(along?.inWear?.value).toBeCloseTo(-0.01, 12);
    expect(read(tested).across?.inWear).toBeUndefined();
  });

  test('of layers sewn together the outer one stands for all', () => {
    const layers = { a: { clothId: 'outer', turned: false }, b: { clothId: 'inner', turned: false } };
    const stack = { ...newCloth('Both'), layers };
    const find = (one: Cloth, other: Cloth) =>
      read(stack, (id) => (id === 'outer' ? one : other)).across?.inWear?.value;
    const grown = { ...tested, inWear: { a: told({}) } };
    expect(find(grown, tested)).toBeCloseTo(0.03, 12);
    expect(find(tested, grown)).toBeUndefined();
  });
});

describe('the next garment of it', () => {
  test.each(plain)('%s: made for that, it is as it was wanted once it is worn', (_name, facts, plan) => {
    const way = plan.cloths.outer?.around ?? 'across';
    for (const after of [824, 784, 1100]) {
      const next = planOf(grownCloth(facts, way, after));
      const w = after / 800 - 1;
      for (const zone of next.zones.filter(({ axis }) => axis === 'around')) {
        const same = plan.zones.find((one) => one.zone === zone.zone);
        const value = (id: string | undefined) => getNumber(next.numbers, id ?? '').value;
        const rest = getNumber(plan.numbers, same?.rest ?? '').value;
        // Nothing moves by itself.
        expect(value(zone.rest)).toBeCloseTo(rest, 9);
        const grown = zone.schools.find(({ school }) => school === 'grown');
        if (facts.garment.fit[zone.zone]) continue;
        // Common practice, no source: what grows by w is made 1/(1 + w) of what it is to be.
        const capped = value(zone.body) / (1 + value(zone.limit));
        expect(value(grown?.rest)).toBeCloseTo(Math.max(rest / (1 + w), capped), 6);
        expect(value(grown?.extension)).toBeLessThanOrEqual(value(zone.limit) + 1e-12);
        expect(value(grown?.inWear)).toBeCloseTo(w, 12);
      }
    }
  });

  test('what is chosen for this garment is not what it is told of: what is usual is', () => {
    const facts = demoFact('overture');
    const usual = planOf(grownCloth(facts, 'across', 824));
    const chosen = { ...facts.garment, fit: { hip: { school: 'share' as const, share: 0.5 } } };
    const other = planOf(grownCloth({ ...facts, garment: chosen }, 'across', 824));
    const grown = ({ zones, numbers }: typeof usual) => {
      const zone = zones.find((one) => one.zone === 'hip');
      const school = zone?.schools.find((one) => one.school === 'grown');
      return [getNumber(numbers, school?.rest ?? '').value, getNumber(numbers, zone?.rest ?? '').value];
    };
    expect(grown(other)[0]).toBeCloseTo(grown(usual)[0] ?? NaN, 9);
    expect(grown(other)[1]).not.toBeCloseTo(grown(usual)[1] ?? NaN, 0);
  });

  test('under half a percent is as well the tape: nothing is offered', () => {
    const offered = (afterMm: number) =>
      planOf(grownCloth(demoFact('overture'), 'across', afterMm)).zones.flatMap(({ schools }) =>
        schools.filter(({ school }) => school === 'grown'),
      ).length;
    expect([offered(803), offered(797), offered(804) > 0, offered(796) > 0]).toEqual([0, 0, true, true]);
  });
});
