import { Bezier } from 'bezier-js';
import fc from 'fast-check';
import { adaptationIds, adaptations } from './adaptations';
import type { Draft, Drafted } from './draft';
import { usualValues } from '../../facts/usualValues';
import { endOf, lengthOf, pathOf, pointAlong } from '../../geometry/path';
import { distance, point, type Point } from '../../geometry/point';
import { quadratic } from '../../geometry/segment';
import { bowed } from './curves';
import { draftLegLine, usualLegLine, usualOpening } from './legLine';
import { draftShorts, draftWiden, usualShorts, usualWiden } from './legs';
import { RAGLAN_POINT } from '../../blocks/operations/raglan';
import { draftRaglan, usualRaglan } from './raglan';

const draftOf = (drafted: Drafted): Draft => {
  if (!drafted.ok) throw new Error(drafted.sentence);
  return drafted.draft;
};
const value = (draft: Draft, id: string) => draft.numbers[id]?.value ?? Number.NaN;
const sentence = (drafted: Drafted) => (drafted.ok ? '' : drafted.sentence);
const cutLine = (draft: Draft, piece: string) =>
  draft.pieces.find(({ id }) => id === piece)?.lines.find(({ kind }) => kind === 'cut')
    ?.points as readonly Point[];

describe('geometry', () => {
  test('a quadratic curve is as long as a Bezier library says (reference library: bezier-js)', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 0, max: 300 }), { minLength: 6, maxLength: 6 }),
        ([x0 = 0, y0 = 0, x1 = 0, y1 = 0, x2 = 0, y2 = 0]) => {
          fc.pre(Math.hypot(x2 - x0, y2 - y0) > 20);
          const theirs = new Bezier(x0, y0, x1, y1, x2, y2).length();
          const ours = lengthOf(pathOf([quadratic(point(x0, y0), point(x1, y1), point(x2, y2))]));
          expect(Math.abs(ours - theirs)).toBeLessThan(0.002 * theirs + 0.05);
        },
      ),
      { seed: 4 },
    );
  });
  test('a bowed line ends where it should, the longer the more it bows, to the left of its way', () => {
    const straight = bowed(point(0, 0), point(0, 100), 0);
    const round = bowed(point(0, 0), point(0, 100), 8);
    expect(lengthOf(straight)).toBeCloseTo(100, 9);
    expect(lengthOf(round)).toBeGreaterThan(100);
    expect(endOf(round)).toEqual(point(0, 100));
    expect(pointAlong(round, lengthOf(round) / 2).x).toBeCloseTo(8, 6);
  });
});

describe('a raglan from a tee', () => {
  test('lines of sleeve and body agree within 1 mm, underarms match, the hem is wrist and ease', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 560, max: 1400 }),
        fc.double({ min: 0.32, max: 0.44, noNaN: true }),
        fc.integer({ min: 100, max: 650 }),
        (chestMm, bicepsShare, sleeveMm) => {
          const scale = chestMm / 1000;
          const drafted = draftRaglan({
            ...usualRaglan,
            chestMm,
            neckWidthMm: 180 * Math.sqrt(scale),
            armholeMm: 240 * Math.sqrt(scale),
            shoulderMm: 125 * scale,
            bicepsMm: chestMm * bicepsShare,
            sleeveMm: Math.max(sleeveMm, 320),
          });
          if (!drafted.ok) return expect(drafted.sentence).toMatch(/\.$/);
          const { draft } = drafted;
          expect(
            Math.abs(value(draft, 'raglan.bodyFront') - value(draft, 'raglan.sleeveFront')),
          ).toBeLessThan(1);
          expect(Math.abs(value(draft, 'raglan.bodyBack') - value(draft, 'raglan.sleeveBack'))).toBeLessThan(
            1,
          );
          expect(value(draft, 'raglan.armFront')).toBeCloseTo(value(draft, 'raglan.armBack'), 6);
          expect(value(draft, 'raglan.hem')).toBe(220);
        },
      ),
      { seed: 8 },
    );
  });
  test('the drawn sleeve is as wide at the underarm as was asked, and its hem too', () => {
    const draft = draftOf(draftRaglan(usualRaglan));
    const xs = cutLine(draft, 'sleeve').map(({ x }) => x);
    expect(Math.max(...xs) - Math.min(...xs)).toBeCloseTo(usualRaglan.bicepsMm, 3);
    const foot = Math.max(...cutLine(draft, 'sleeve').map(({ y }) => y));
    const hem = cutLine(draft, 'sleeve').filter(({ y }) => Math.abs(y - foot) < 1e-9);
    expect(distance(hem[0] as Point, hem[1] as Point)).toBeCloseTo(220, 9);
  });
  test('the raglan point is 2½ in from the shoulder on an adult, and scaled by size (T)', () => {
    expect(
      value(draftOf(draftRaglan({ ...usualRaglan, chestMm: RAGLAN_POINT.onChestMm })), 'raglan.point'),
    ).toBeCloseTo(63.5, 9);
    const child = draftRaglan({
      ...usualRaglan,
      chestMm: 640,
      bicepsMm: 250,
      armholeMm: 170,
      neckWidthMm: 140,
    });
    expect(value(draftOf(child), 'raglan.point')).toBeCloseTo((63.5 * 640) / 920, 9);
  });
  test.each([
    ['a sleeve too narrow to join', { bicepsMm: 120 }, /No sleeve of this width/],
    ['a sleeve too wide to join', { bicepsMm: 900 }, /No sleeve of this width/],
    [
      'a neck too small for the raglan point',
      { neckWidthMm: 80, neckFrontMm: 20, neckBackMm: 5, chestMm: 1800 },
      /beyond the middle of the neck/,
    ],
    ['a sleeve shorter than its cap', { sleeveMm: 80, shoulderMm: 40 }, /above its own underarm/],
  ])('%s is refused with what to do', (_name, change, wanted) => {
    expect(sentence(draftRaglan({ ...usualRaglan, ...change }))).toMatch(wanted);
  });
});

describe('opening a leg line', () => {
  test('takes away from the front, and the coverage says how much is left', () => {
    const draft = draftOf(draftLegLine(usualLegLine));
    expect(value(draft, 'leg.coverage')).toBeLessThan(1);
    const { topMm, sideMm } = usualLegLine;
    const nearly = draftOf(draftLegLine({ ...usualLegLine, openAtMm: topMm - 1, sideMm: 0 }));
    expect(value(nearly, 'leg.coverage')).toBeCloseTo(1, 1);
    expect(sideMm).toBeGreaterThan(0);
  });
  test('further from the centre covers more', () => {
    let before = 0;
    for (const openAtMm of [50, 80, 110, 140, 160]) {
      const now = value(draftOf(draftLegLine({ ...usualLegLine, openAtMm })), 'leg.coverage');
      expect(now).toBeGreaterThan(before);
      before = now;
    }
  });
  test('scales with the hip: the same share on another size', () => {
    expect(usualOpening(1080) / 1080).toBeCloseTo(usualOpening(900) / 900, 2);
    const { follow, usual } = adaptations['leg-line'];
    expect(follow?.(usual, { hipMm: 1078 })).toEqual({ hipMm: 1078, openAtMm: 119 });
    expect(follow?.(usual, { hipMm: 2200 }).openAtMm).toBeLessThanOrEqual(390);
    expect(follow?.(usual, { hipMm: 1078, openAtMm: 90 })).toEqual({ hipMm: 1078, openAtMm: 90 });
    expect(follow?.(usual, { sideMm: 40 })).toEqual({ sideMm: 40 });
  });
  test.each([
    ['beyond the top edge', { openAtMm: 300 }, /beyond its end/],
    ['into the crotch', { openAtMm: 30 }, /into the crotch/],
    ['a side longer than the front', { sideMm: 290, depthMm: 200 }, /deep/],
  ])('%s is refused', (_name, change, wanted) => {
    expect(sentence(draftLegLine({ ...usualLegLine, ...change }))).toMatch(wanted);
  });
});

describe('legs', () => {
  test('shorts: cut below the crotch by inside leg and hem, the hem’s girth between thigh and knee', () => {
    const draft = draftOf(draftShorts(usualShorts));
    expect(value(draft, 'shorts.cut')).toBe(205);
    expect(value(draft, 'shorts.hem')).toBeCloseTo(480 + (320 - 480) * (180 / 350), 9);
    expect(value(draft, 'shorts.worn')).toBeCloseTo(
      value(draft, 'shorts.body') / value(draft, 'shorts.hem') - 1,
      9,
    );
  });
  test('widening: the same at each edge, seams as long as each other within 1 mm, hem drawn as wide as wanted', () => {
    const draft = draftOf(draftWiden(usualWiden));
    expect(value(draft, 'widen.each')).toBe((520 - 196) / 2);
    expect(Math.abs(value(draft, 'widen.inside') - value(draft, 'widen.outside'))).toBeLessThan(1);
    const foot = cutLine(draft, 'leg').filter(({ y }) => y === usualWiden.inseamMm);
    expect(distance(foot[0] as Point, foot[1] as Point)).toBe(520);
  });
  test('a knee below the hem, and shorts longer than the leggings, are refused', () => {
    expect(sentence(draftWiden({ ...usualWiden, kneeAtMm: 760 }))).toMatch(/knee lies below the hem/);
    expect(sentence(draftShorts({ ...usualShorts, wantedMm: 730 }))).toMatch(/as long as the leggings/);
  });
});

test.each(adaptationIds)('%s starts from measures inside its own ranges, and draws whole numbers', (id) => {
  const { fields, usual, draft } = adaptations[id];
  expect(Object.keys(usual).sort()).toEqual(Object.keys(fields).sort());
  for (const [key, spec] of Object.entries(fields)) {
    expect(usual[key]).toBeGreaterThanOrEqual(spec.min);
    expect(usual[key]).toBeLessThanOrEqual(spec.max);
  }
  expect(JSON.stringify(draftOf(draft(usual)))).not.toMatch(/NaN|Infinity|null/);
  const inches = usualValues(usual, fields, 'in');
  for (const [key, spec] of Object.entries(fields)) {
    if (spec.quantity !== 'lengthMm') continue;
    expect([key, ((inches[key] ?? 0) / 25.4) * 16]).toEqual([
      key,
      expect.closeTo(Math.round(((inches[key] ?? 0) / 25.4) * 16), 6),
    ]);
  }
  expect(draft(inches).ok).toBe(true);
});
