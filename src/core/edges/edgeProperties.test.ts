import fc from 'fast-check';
import { TODAY } from '../../../tests/demoFacts';
import { bottoms, strip, swim } from '../../../tests/edgePlans';
import { odile, plan, stated, value } from '../../../tests/planned';
import type { GarmentPlan } from '../plan/types';

test('whatever is measured: inside its limits it passes and need not be eased, or the plan says so (property)', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 300, max: 1400, noNaN: true }),
      fc.double({ min: 0.05, max: 1.6, noNaN: true }),
      fc.double({ min: -0.3, max: 0.6, noNaN: true }),
      (wholeMm, statedStretch, shorter) => {
        const of = bottoms(
          {
            waist: {
              elasticId: 'swim',
              measured: { as: 'seamline', wholeMm },
              shorter,
              school: 'percent',
              join: 'butted',
            },
          },
          { elastics: { swim: { ...swim, statedStretch } } },
        );
        const one = strip(of, 'waist');
        const [B, L] = [value(of, one.sewn), value(of, one.on)];
        const part = of.openings
          .find(({ id }) => id === 'waist-edge')
          ?.parts.find(({ kind }) => kind === 'strip');
        const said = of.problems.some(({ id }) => id === 'strip-edge-waist');
        const works = one.state === 'works';
        return (
          Math.abs(B - L * (1 - shorter)) < 1e-6 &&
          (works ? B <= L + 0.5 && (part?.ok === true || B * (1 + statedStretch) > 1020 - 1) : said)
        );
      },
    ),
    { seed: 404, numRuns: 60 },
  );
});

test('scaling body, edges and elastic widths alike scales every rule that is a share (property)', () => {
  const leg = (by: number, wholeMm: number): GarmentPlan => {
    const wearer = {
      ...odile,
      measurements: {
        a: {
          measuredOn: TODAY,
          how: 'measured' as const,
          values: { hip: 900 * by, lowHip: 880 * by, legTop: 560 * by, rise: 640 * by, foot: 300 * by },
        },
      },
    };
    return plan(
      'briefs',
      { outer: stated(0.78, 0.56), wearer, elastics: { swim: { ...swim, widthMm: 8 * by } } },
      {
        edges: {
          leg: { elasticId: 'swim', join: 'butted', measured: { as: 'seamline', wholeMm: wholeMm * by } },
        },
      },
    );
  };
  fc.assert(
    fc.property(
      fc.double({ min: 0.6, max: 1.5, noNaN: true }),
      fc.double({ min: 450, max: 700, noNaN: true }),
      (by, mm) => {
        const [one, scaled] = [leg(1, mm), leg(by, mm)];
        const [plain, large] = [strip(one, 'leg'), strip(scaled, 'leg')];
        return (['chosen', 'sewn', 'shortest', 'longest'] as const).every(
          (key) => Math.abs(value(scaled, large[key]) - by * value(one, plain[key])) < 1e-6,
        );
      },
    ),
    { seed: 403, numRuns: 40 },
  );
});
