import { MM_PER_M } from '../units/constants';
import fc from 'fast-check';
import { tensionAt, type Curve } from '../cloth/pullCurve';
import { phraseText } from '../explain/display';
import type { Cloth } from '../facts/cloth';
import { newGarment, type Garment } from '../facts/garment';
import type { KindId } from '../facts/kindIds';
import type { Pattern } from '../facts/pattern';
import type { Wearer } from '../facts/wearer';
import { movementStretch } from './movement';
import { pressureUnder, tensionForPressure } from './pressure';
import { TODAY } from '../../../tests/demoFacts';
import { cloths, odile, patterns, plan, stated, value, wearers, zone } from '../../../tests/planned';
import { gatherFacts } from '../plan/gatherFacts';
import { gatherOnce } from '../plan/gatherFacts';
import type { GarmentPlan } from '../plan/types';

const school = (of: GarmentPlan, id: string, name: string) =>
  zone(of, id).schools.find((one) => one.school === name);

describe('pressure (D: Laplace)', () => {
  test('40 N/m on an 80 cm girth presses with 314 Pa (handbook check value)', () => {
    expect(pressureUnder(40, 800, MM_PER_M)).toBeCloseTo(314, 0);
  });
  test('a whole curve: 150 N/m at 78 %, k 1.6, worn at 15 % on 94 cm: 10.7 N/m, 72 Pa (handbook check value)', () => {
    const curve: Curve = { kind: 'power', S: 0.78, tS: 150, k: 1.6, residuals: [] };
    expect(tensionAt(curve, 0.15)).toBeCloseTo(10.7, 1);
    expect(pressureUnder(tensionAt(curve, 0.15), 940, MM_PER_M)).toBeCloseTo(72, 0);
  });
  test('there and back again', () => {
    expect(pressureUnder(tensionForPressure(250, 700, MM_PER_M), 700, MM_PER_M)).toBeCloseTo(250, 9);
  });
  test('the school’s garment presses as was asked, by the cloth’s own curve', () => {
    const of = plan(
      'briefs',
      { outer: cloths['loon-swim'] as Cloth },
      { fit: { hip: { school: 'pressure', pressurePa: 150 } } },
    );
    expect(zone(of, 'hip').school).toBe('pressure');
    expect(value(of, zone(of, 'hip').pressure)).toBeCloseTo(150, 3);
    expect(value(of, zone(of, 'hip').ofComfort)).toBeCloseTo(150 / 6000, 6);
  });
  test('without a pull curve there is neither school nor number', () => {
    const of = plan('briefs', { outer: stated(0.7) });
    expect(school(of, 'hip', 'pressure')).toBeUndefined();
    expect(zone(of, 'hip').pressure).toBeUndefined();
  });
  test('beyond comfort it warns', () => {
    const curve: Cloth = {
      ...stated(1),
      tests: { t: { direction: 'across', testedOn: TODAY, restMm: 100, pulledMm: 200, releasedMm: 100 } },
      pulls: {
        p: {
          direction: 'across',
          pulledOn: TODAY,
          by: 'gauge',
          widthMm: 50,
          restMm: 100,
          points: Object.fromEntries(
            [0.3, 0.6, 0.9].map((e, at) => [
              `r${at}`,
              { lengthMm: 100 * (1 + e), tensionNPerM: 9000 * e, branch: 'loading' as const },
            ]),
          ),
        },
      },
    };
    const of = plan('briefs', { outer: curve }, { fit: { hip: { school: 'set', extension: 0.5 } } });
    expect(of.problems.map(({ id }) => id)).toContain('pressure-hip');
  });
});

describe('schools', () => {
  test('more stretch never asks for a larger garment under the share school', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.05, max: 2, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.constantFrom<KindId>('tee', 'leggings', 'briefs', 'crop-top', 'boxer-briefs'),
        (stretch, more, kind) => {
          const rest = (S: number) => {
            const of = plan(kind, { outer: stated(S) });
            return of.zones.map(({ rest: id }) => value(of, id));
          };
          const [less, greater] = [rest(stretch), rest(stretch + more)];
          less.forEach((girth, at) => expect(greater[at]).toBeLessThanOrEqual(girth + 1e-9));
        },
      ),
      { seed: 9, numRuns: 60 },
    );
  });
  test('as the pattern was drafted: 102 cm hip, reversible 75 and 75 made in 75 and 100 (handbook check value, D)', () => {
    const of = plan('briefs', {
      outer: stated(0.75),
      lining: stated(1),
      pattern: patterns['otter-bottoms'] as Pattern,
    });
    const hip = school(of, 'hip', 'transfer');
    expect(value(of, hip?.extension)).toBeCloseTo(0.1257, 4);
    expect(value(of, hip?.rest)).toBeCloseTo(1020 / 1.12567, 0);
  });
  test('like a garment that fits: the same share of the stretch', () => {
    const of = plan('briefs', { outer: stated(0.35) }, { likeId: 'heirloom' });
    const own = 1020 / 860 - 1;
    expect(value(of, school(of, 'hip', 'like')?.extension)).toBeCloseTo((own / 0.7) * 0.35, 9);
  });
  test('by class, lengthwise, four-way cloth is reduced by half (S, from memory: textbook reduction factors)', () => {
    const of = plan('briefs', { outer: stated(0.5, 0.4) });
    expect(value(of, school(of, 'rise', 'class')?.extension)).toBeCloseTo(0.015 / 0.985, 9);
    const twoWay = plan('briefs', { outer: stated(0.5, 0.1) });
    expect(value(twoWay, school(twoWay, 'rise', 'class')?.extension)).toBe(0);
  });
  test('this person’s usual is taken, and says so; what is chosen here beats it', () => {
    const tansy = wearers.tansy as Wearer;
    const usual = plan('leggings', { wearer: tansy, outer: stated(0.7) });
    expect(value(usual, zone(usual, 'hip').used)).toBeCloseTo(0.3, 9);
    expect(phraseText(zone(usual, 'hip').reason, usual.numbers, 'cm')).toMatch(/usual/);
    const chosen = plan(
      'leggings',
      { wearer: tansy, outer: stated(0.7) },
      { fit: { hip: { school: 'share', share: 0.1 } } },
    );
    expect(value(chosen, zone(chosen, 'hip').used)).toBeCloseTo(0.1, 9);
  });
  test('a school that has nothing to say leaves the default, and says so', () => {
    const of = plan('briefs', { outer: stated(0.7) }, { fit: { hip: { school: 'transfer' } } });
    expect(zone(of, 'hip').school).toBe('share');
    expect(phraseText(zone(of, 'hip').reason, of.numbers, 'cm')).toMatch(/nothing to say/);
  });
});

describe('movement and drawing in', () => {
  test('(1 + e)(1 + skin) − 1 (D)', () => expect(movementStretch(0.1, 0.3)).toBeCloseTo(0.43, 12));
  test('a knee needs 45 % lengthwise; the shortfall and the ways out are named', () => {
    const of = plan('leggings', { wearer: wearers.tansy as Wearer, outer: stated(0.7, 0.3) });
    const knee = of.problems.find(({ id }) => id.startsWith('movement-knee'));
    expect(knee?.severity).toBe('look');
    expect(phraseText(knee?.sentence ?? [], of.numbers, 'cm')).toMatch(/45 %.*30 %.*15 % short/);
    const remedies = knee?.remedies.map((one) => phraseText(one, of.numbers, 'cm')).join(' ');
    expect(remedies).toMatch(/gusset/);
    expect(remedies).not.toMatch(/less negative ease/);
  });
  test('where wearing it looser is enough, that comes first, with how loose (D)', () => {
    const of = plan('leggings', { wearer: wearers.tansy as Wearer, outer: stated(0.32, 0.2) });
    const seat = of.problems.find(({ id }) => id.startsWith('movement-hip'));
    const most = zone(of, 'hip').movement[0]?.most;
    expect(value(of, most)).toBeCloseTo(1.32 / 1.3 - 1, 12);
    expect(movementStretch(value(of, most), 0.3)).toBeCloseTo(0.32, 12);
    expect(phraseText(seat?.remedies[0] ?? [], of.numbers, 'cm')).toMatch(/^Best: wear it at 1\.5 % or less/);
  });
  test('layers together draw in between their own', () => {
    const heron = cloths['heron-jersey'] as Cloth;
    const lining: Cloth = {
      ...heron,
      name: 'Lining',
      tests: {
        one: {
          direction: 'across',
          testedOn: TODAY,
          restMm: 100,
          pulledMm: 150,
          restWidthMm: 50,
          pulledWidthMm: 48,
        },
      },
    };
    const of = plan('leggings', { outer: heron, lining });
    const hip = zone(of, 'hip');
    const [one, two] = [(1 - 4.2 / 5) / 0.44, (1 - 48 / 50) / 0.5];
    expect(value(of, hip.drawIn) / value(of, hip.extension)).toBeCloseTo((one + two) / 2, 9);
  });
  test('a loose garment slides: nothing is asked in motion', () => {
    const of = plan('tee', { outer: stated(0.2) }, { style: 'loose' });
    expect(of.zones.flatMap(({ movement }) => movement)).toEqual([]);
  });
  test('cloth stretched around draws in by neck-in times extension (D)', () => {
    const outer = cloths['heron-jersey'] as Cloth;
    const of = plan('leggings', { outer });
    const hip = zone(of, 'hip');
    const neckIn = (1 - 4.2 / 5) / (14.4 / 10 - 1);
    expect(value(of, hip.drawIn)).toBeCloseTo(neckIn * value(of, hip.extension), 9);
  });
});

describe('the loop of a one-piece', () => {
  const looped: Wearer = {
    ...odile,
    measurements: {
      now: {
        measuredOn: TODAY,
        how: 'measured',
        values: { bust: 960, hip: 1020, underbust: 805, loop: 1560 },
      },
    },
  };
  const unlooped: Wearer = {
    ...odile,
    measurements: { now: { measuredOn: TODAY, how: 'measured', values: { bust: 960, hip: 1020 } } },
  };
  const outer = cloths['heron-jersey'] as Cloth;
  test('is stretched further than by its own ease, because the cloth around it draws in (D)', () => {
    const of = plan('shelf-bra-top', { wearer: looped, outer });
    const loop = zone(of, 'loop');
    const most = Math.max(...of.zones.map(({ drawIn }) => (drawIn === undefined ? 0 : value(of, drawIn))));
    expect(most).toBeGreaterThan(0.02);
    expect(value(of, loop.withDrawIn)).toBeCloseTo((1 + value(of, loop.extension)) / (1 - most) - 1, 12);
    expect(of.problems.map(({ id }) => id)).not.toContain('loop-unmeasured');
  });
  test('too far with the drawing in says by how much, and what to move', () => {
    const of = plan(
      'shelf-bra-top',
      { wearer: looped, outer },
      { fit: { loop: { school: 'share', share: 0.55 } } },
    );
    const problem = of.problems.find(({ id }) => id === 'loop-drawn-in');
    expect(phraseText(problem?.sentence ?? [], of.numbers, 'cm')).toMatch(/once the cloth draws in.*too far/);
    expect(problem?.remedies).toHaveLength(2);
  });
  test('unmeasured, it is asked for; a tank has none', () => {
    const ids = (style: Garment['style']) =>
      plan('shelf-bra-top', { wearer: unlooped, outer }, { style }).problems.map(({ id }) => id);
    expect(ids('regular')).toContain('loop-unmeasured');
    expect(ids('fitted')).not.toContain('loop-unmeasured');
  });
});

test('facts gathered again are the same object while nothing changed', () => {
  const garment = { ...newGarment('x', 'briefs'), outerClothId: 'loon-minnow', wearerId: 'odile' };
  const find = (kind: string, id: string) =>
    ((kind === 'cloth' ? cloths : kind === 'wearer' ? wearers : {}) as Record<string, never>)[id];
  const first = gatherOnce(garment, find);
  expect(Object.keys(first.layerCloths ?? {}).sort()).toEqual(['loon-swim', 'minnow-lining']);
  expect(gatherOnce(garment, find)).toBe(first);
  expect(gatherOnce(garment, (kind, id) => (id === 'odile' ? undefined : find(kind, id)))).not.toBe(first);
  expect(gatherFacts(garment, find)).toEqual(first);
});
