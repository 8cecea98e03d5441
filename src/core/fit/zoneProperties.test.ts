import fc from 'fast-check';
import { TODAY } from '../../../tests/demoFacts';
import { cloths, odile, plan as planned, stated, value } from '../../../tests/planned';
import type { Cloth } from '../facts/cloth';
import type { Garment } from '../facts/garment';
import { kindIds, type KindId } from '../facts/kindIds';
import type { Pattern } from '../facts/pattern';
import { bodyMeasures, newWearer, type BodyMeasure, type Wearer } from '../facts/wearer';
import { latestMeasures } from './latestMeasures';
import { LIMITS, MAX_WORN_EXTENSION } from './limits';
import { catalogue } from '../garments/catalogue';
import type { GarmentFacts } from '../facts/garmentFacts';
import type { GarmentPlan } from '../plan/types';
import type { ZonePlan } from './types';

const known = latestMeasures(odile);
/** Odile with what nobody measured of her added, so that every measurement is known; scaled as a body is. */
const WHOLE: Readonly<Partial<Record<BodyMeasure, number>>> = {
  ...Object.fromEntries(bodyMeasures.map((measure) => [measure, known[measure]?.mm])),
  knee: 390,
  calf: 370,
  ankle: 240,
  foot: 330,
  wrist: 165,
  neck: 360,
  shoulder: 125,
  armLength: 590,
  pouch: 170,
  stature: 1660,
  bodyRise: 265,
  lowRise: 440,
};
const bodyOf = (scale: number): Wearer => ({
  ...newWearer('Body', 'adult'),
  measurements: {
    now: {
      measuredOn: TODAY,
      how: 'measured',
      values: Object.fromEntries(
        bodyMeasures.map((measure) => [measure, (WHOLE[measure] as number) * scale]),
      ),
    },
  },
});
const anyKind = fc.constantFrom<KindId>(...kindIds);
const anyCloth = fc
  .tuple(fc.double({ min: 0.05, max: 1.8, noNaN: true }), fc.double({ min: 0.2, max: 1, noNaN: true }))
  .map(([across, part]) => stated(across, across * part));
const anyScale = fc.double({ min: 0.6, max: 1.5, noNaN: true });

const plan = (kind: KindId, facts: Partial<GarmentFacts>, garment: Partial<Garment> = {}): GarmentPlan =>
  planned(kind, { wearer: bodyOf(1), ...facts }, garment);
const everyZone = (
  of: GarmentPlan,
  check: (zone: ZonePlan, get: (id: string | undefined) => number) => void,
) => of.zones.forEach((zone) => check(zone, (id) => value(of, id)));

describe('whatever the garment, the body and the cloth', () => {
  test('the two percentages are the same fact (D: n = e / (1 + e))', () => {
    fc.assert(
      fc.property(anyKind, anyCloth, anyScale, (kind, outer, scale) => {
        everyZone(plan(kind, { outer, wearer: bodyOf(scale) }), (zone, get) => {
          const [e, n] = [get(zone.extension), get(zone.negativeEase)];
          expect(n).toBeCloseTo(e / (1 + e), 9);
          expect(get(zone.rest)).toBeCloseTo(get(zone.body) / (1 + e), 6);
          expect(get(zone.smallerBy)).toBeCloseTo(get(zone.body) * n, 6);
        });
      }),
      { seed: 21, numRuns: 80 },
    );
  });
  test('stretch used and margin are each other’s inverse, and both follow from the worn extension', () => {
    fc.assert(
      fc.property(anyKind, anyCloth, (kind, outer) => {
        everyZone(plan(kind, { outer }), (zone, get) => {
          const [e, S] = [Math.max(get(zone.extension), 0), get(zone.stretch)];
          expect(get(zone.used)).toBeCloseTo(e / Math.max(S, 0.01), 9);
          if (zone.margin !== undefined && S >= 0.01)
            expect(get(zone.margin) * get(zone.used)).toBeCloseTo(1, 6);
          if (zone.margin === undefined) expect(e).toBeLessThan(1e-5);
        });
      }),
      { seed: 22, numRuns: 80 },
    );
  });
  test('a zone past its limit is a stop, and no other is (T: at most 0.6 of the stretch, 30 % without a curve)', () => {
    fc.assert(
      fc.property(anyKind, anyCloth, fc.double({ min: 0, max: 1, noNaN: true }), (kind, outer, share) => {
        const fit = Object.fromEntries(
          catalogue[kind].zones.map(({ id }) => [id, { school: 'share', share } as const]),
        );
        const of = plan(kind, { outer }, { fit });
        everyZone(of, (zone, get) => {
          const most = Math.min(LIMITS.worn * get(zone.stretch), MAX_WORN_EXTENSION);
          expect(get(zone.limit)).toBeCloseTo(most, 9);
          const stopped = of.problems.some(({ id }) => id === `zone-${zone.zone}`);
          if (Math.abs(get(zone.extension) - most) > 1e-6)
            expect([zone.zone, stopped]).toEqual([zone.zone, get(zone.extension) > most]);
        });
      }),
      { seed: 23, numRuns: 80 },
    );
  });
  test('a share stays a share: the same body twice as large has a garment twice as large', () => {
    fc.assert(
      fc.property(anyKind, anyCloth, anyScale, (kind, outer, scale) => {
        const style = catalogue[kind].styles.find(({ share }) => share !== undefined);
        if (!style) return;
        const [small, large] = [1, scale].map((by) =>
          plan(kind, { outer, wearer: bodyOf(by) }, { style: style.id }),
        );
        large?.zones.forEach((zone, at) => {
          const before = small?.zones[at];
          if (small && before)
            expect(value(large, zone.rest)).toBeCloseTo(value(small, before.rest) * scale, 6);
        });
      }),
      { seed: 24, numRuns: 60 },
    );
  });
  test('closer is smaller, along the whole slider', () => {
    fc.assert(
      fc.property(anyKind, anyCloth, (kind, outer) => {
        const at = (share: number) => {
          const fit = Object.fromEntries(
            catalogue[kind].zones.map(({ id }) => [id, { school: 'share', share } as const]),
          );
          const of = plan(kind, { outer }, { fit });
          return of.zones.map(({ rest }) => value(of, rest));
        };
        let before = at(0);
        for (const share of [0.15, 0.3, 0.45, 0.6]) {
          const now = at(share);
          now.forEach((rest, nth) => expect(rest).toBeLessThanOrEqual((before[nth] as number) + 1e-9));
          before = now;
        }
      }),
      { seed: 25, numRuns: 30 },
    );
  });
  test('the school that is taken is on the scale, and its girth is the zone’s', () => {
    fc.assert(
      fc.property(
        anyKind,
        anyCloth,
        fc.constantFrom('share', 'class', 'kind', 'pressure', 'transfer', 'like' as const),
        (kind, outer, school) => {
          const fit = Object.fromEntries(catalogue[kind].zones.map(({ id }) => [id, { school }]));
          const of = plan(kind, { outer }, { fit: fit as Garment['fit'] });
          everyZone(of, (zone, get) => {
            const names = zone.schools.map((one) => one.school);
            expect(new Set(names).size).toBe(names.length);
            const taken = zone.schools.find((one) => one.school === zone.school);
            if (taken) expect(get(zone.rest)).toBeCloseTo(get(taken.rest), 6);
            else expect(['share', 'loose', 'set']).toContain(zone.school);
          });
        },
      ),
      { seed: 26, numRuns: 80 },
    );
  });
});

describe('pressure, with a pulled cloth', () => {
  const outer = cloths['loon-swim'] as Cloth;
  test('what is asked for is what presses, on any girth, and more of it is smaller (D: Laplace)', () => {
    fc.assert(
      fc.property(anyScale, fc.double({ min: 20, max: 900, noNaN: true }), (scale, pressurePa) => {
        const hip = (pa: number) => {
          const of = plan(
            'briefs',
            { outer, wearer: bodyOf(scale) },
            { fit: { hip: { school: 'pressure', pressurePa: pa } } },
          );
          const zone = of.zones.find((one) => one.zone === 'hip');
          return { rest: value(of, zone?.rest), pressure: value(of, zone?.pressure) };
        };
        expect(hip(pressurePa).pressure / pressurePa).toBeCloseTo(1, 4);
        expect(hip(pressurePa * 1.5).rest).toBeLessThan(hip(pressurePa).rest);
      }),
      { seed: 27, numRuns: 40 },
    );
  });
  test('the same tension presses less on a larger girth', () => {
    const at = (scale: number) => {
      const of = plan('briefs', { outer, wearer: bodyOf(scale) });
      return value(of, of.zones.find(({ zone }) => zone === 'hip')?.pressure);
    };
    expect(at(0.7) / at(1.4)).toBeCloseTo(2, 6);
  });
});

describe('as the pattern was drafted', () => {
  const drafted = (stretches: readonly number[], ease: number): Pattern => ({
    name: 'Drafted',
    source: 'bought',
    kind: 'briefs',
    tableOf: 'body',
    sizes: {},
    printed: {},
    layers: Object.fromEntries(
      stretches.map((around, at) => [
        `l${at}`,
        { label: `Layer ${at + 1}`, around, along: around, feel: 'medium' },
      ]),
    ),
    easeAround: ease,
  });
  const hip = (pattern: Pattern, outer: number, lining?: number) => {
    const of = plan(
      'briefs',
      {
        pattern,
        outer: stated(outer, outer),
        ...(lining === undefined ? {} : { lining: stated(lining, lining) }),
      },
      { fit: { hip: { school: 'transfer' } } },
    );
    return value(of, of.zones.find(({ zone }) => zone === 'hip')?.negativeEase);
  };
  test('made in what it was drafted for, it keeps its ease, whatever that is', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.2, max: 1.4, noNaN: true }),
        fc.double({ min: 0.2, max: 1.4, noNaN: true }),
        fc.double({ min: 0, max: 0.3, noNaN: true }),
        (one, two, ease) => {
          expect(hip(drafted([one, two], ease), one, two)).toBeCloseTo(ease, 6);
          expect(hip(drafted([one], ease), one)).toBeCloseTo(ease, 6);
        },
      ),
      { seed: 28, numRuns: 60 },
    );
  });
  test('a stretchier lining than drafted for is cut closer, a second layer less close', () => {
    const reversible = drafted([0.75, 0.75], 0.1);
    expect(hip(reversible, 0.75, 1)).toBeGreaterThan(hip(reversible, 0.75, 0.75));
    expect(hip(drafted([0.75], 0.1), 0.75, 0.75)).toBeLessThan(0.1);
  });
});
