import fc from 'fast-check';
import { endOf, pointAlong, startOf } from '../../geometry/path';
import { distance } from '../../geometry/point';
import { catalogue } from '../../garments/catalogue';
import { practiceTee } from '../practice';
import { crossingEnds } from '../walk';
import { alterOutlines } from './alter';
import { smoothCrossings } from './smoothed';
import { kindNamed, made, outlinesOf, walked } from './testShapes';

const DEGREE = Math.PI / 180;

describe.each(Object.entries(made))('%s, drawn at random', (_, { kind: id, facts }) => {
  const kind = kindNamed(id);

  test('over every seam edges run on without a kink, pieces keep their corners, and seams walk as before', () =>
    fc.assert(
      fc.property(facts, (drawn) => {
        const before = outlinesOf(kind, drawn);
        for (const seam of kind.sewn) {
          const { outlines, smoothed } = smoothCrossings(kind, before, seam.id);
          const was = crossingEnds(before, seam).filter(({ kinkRad }) => Math.abs(kinkRad) > DEGREE);
          expect(smoothed.map(({ kinkRad }) => kinkRad)).toEqual(was.map(({ kinkRad }) => kinkRad));
          // What the seams then lack is taken out by a hair of bend: a kink of half a degree may stay.
          for (const { at, kinkRad } of crossingEnds(outlines, seam))
            expect(Math.abs(kinkRad)).toBeLessThan((was.some((one) => one.at === at) ? 0.5 : 1.1) * DEGREE);
          const [then, now] = [walked(kind, before), walked(kind, outlines)];
          for (const one of Object.keys(then))
            expect([one, Math.abs((now[one] ?? 0) - (then[one] ?? 0)) < 0.1]).toEqual([one, true]);
        }
      }),
      { seed: 31, numRuns: 10, endOnFailure: true },
    ));
});

const tee = catalogue.tee;
/** The practice tee, its back neckline coming to the shoulder some 12 degrees too steeply. */
const kinked = outlinesOf(tee, {
  ...practiceTee,
  back: {
    ...practiceTee.back,
    ring: practiceTee.back.ring.map((knot) => (knot.x === 82 ? { ...knot, x: 78.5 } : knot)),
  },
});

test('a neckline that juts out at the shoulder is bent near it alone, half of it on each piece', () => {
  const seam = tee.sewn.find(({ id }) => id === 'shoulder');
  if (!seam) throw new Error('expected a shoulder');
  const neck = crossingEnds(kinked, seam).find(({ at }) => at === 'neckline');
  expect(Math.abs(neck?.kinkRad ?? 0)).toBeGreaterThan(5 * DEGREE);
  const { outlines, effects } = alterOutlines(
    tee,
    kinked,
    [{ id: 'a', change: 'smooth', seam: 'shoulder' }],
    { girths: {} },
  );
  expect(effects[0]?.fault).toBeUndefined();
  expect(effects[0]?.smoothed?.[0]?.kinkRad).toBeCloseTo(neck?.kinkRad ?? 0, 9);
  const at = (piece: 'front' | 'back', of: typeof outlines) => {
    const path = of[piece]?.edges.find(({ of: { id } }) => id === 'neckline')?.path;
    if (!path) throw new Error('expected a neckline');
    return path;
  };
  for (const piece of ['front', 'back'] as const) {
    const [was, is] = [at(piece, kinked), at(piece, outlines)];
    expect(distance(startOf(was), startOf(is))).toBeLessThan(1e-6);
    expect(distance(endOf(was), endOf(is))).toBeLessThan(1e-6);
    // The half at the fold stays where it was.
    expect(distance(pointAlong(was, 30), pointAlong(is, 30))).toBeLessThan(0.01);
  }
});

test('where nothing has a kink it says so; a seam has to be chosen', () => {
  const made = (seam?: string) =>
    alterOutlines(
      tee,
      outlinesOf(tee, practiceTee),
      [{ id: 'a', change: 'smooth', ...(seam ? { seam } : {}) }],
      {
        girths: {},
      },
    ).effects[0]?.fault;
  expect(made()).toBe('Say at which seam.');
  expect(made('armhole')).toMatch(/^No edge that crosses this seam has a kink/);
});
