import fc from 'fast-check';
import { phraseText } from '../explain/display';
import { planGarment } from '../plan/planGarment';
import { TODAY, demoFacts } from '../../../tests/demoFacts';
import { PLANNED_SHARE, lockstitchStretch, needleThreadStretch } from './stitchStretch';
import { stitches, type StitchId } from './stitches';

describe('overlock and cover (S, from memory: industrial thread-consumption tables)', () => {
  test.each([
    ['504', 14, 0.2, 1, 1.8],
    ['514', 18, 0.25, 2, 1.25],
    ['406', 18, 0.3, 2, 1.7],
    ['602', 25, 0.2, 2, 1.5],
    ['605', 28, 0.3, 3, 1.8],
  ])('%s: thread %d, share %d, needles %d → %d', (_iso, thread, share, needles, wanted) => {
    expect(needleThreadStretch(thread, share, needles)).toBeCloseTo(wanted, 9);
  });
});

describe('lockstitch rows (D: the path of the thread)', () => {
  // Two further values of the same formula, worked out by hand: basting 5 mm, zigzag 2 × 3.5.
  test.each([
    [5, 0, 0.2],
    [3.5, 2, 0.44],
  ])('length %d, width %d: %d', (length, width, wanted) =>
    expect(lockstitchStretch(length, width, 1)).toBeCloseTo(wanted, 2),
  );

  const mm = fc.double({ min: 0.5, max: 6, noNaN: true });
  test('shorter, wider or thicker never stretches less', () => {
    fc.assert(
      fc.property(mm, mm, mm, fc.double({ min: 1, max: 2, noNaN: true }), (length, width, plies, more) => {
        const now = lockstitchStretch(length, width, plies);
        return (
          lockstitchStretch(length / more, width, plies) >= now - 1e-9 &&
          lockstitchStretch(length, width * more, plies) >= now - 1e-9 &&
          lockstitchStretch(length, width, plies * more) >= now - 1e-9
        );
      }),
      { seed: 61 },
    );
  });
  test('scaling stitch and cloth together changes nothing', () => {
    fc.assert(
      fc.property(mm, mm, mm, fc.double({ min: 0.2, max: 5, noNaN: true }), (length, width, plies, by) => {
        return (
          Math.abs(
            lockstitchStretch(length * by, width * by, plies * by) - lockstitchStretch(length, width, plies),
          ) < 1e-9
        );
      }),
      { seed: 62 },
    );
  });
});

describe.each(Object.keys(stitches) as StitchId[])('%s', (id) => {
  const stitch = stitches[id];
  test('has its number, its machine, and dials that agree with what its stretch is computed from', () => {
    expect(stitch.id).toBe(id);
    expect(stitch.iso).toMatch(/^\d{3}$/);
    const dial = (label: string) => {
      const setting = stitch.settings.find((one) => one.label === label);
      return setting && 'value' in setting ? setting.value : 0;
    };
    if (stitch.model.kind === 'lockstitch') {
      expect([dial('Stitch length'), dial('Zigzag width')]).toEqual([
        stitch.model.lengthMm,
        stitch.model.widthMm,
      ]);
    }
  });
});

test.each(['serger-coverstitch', 'sewing-only'] as const)(
  '%s: on every demo tee whose cloth passes, the stitches of neck and hems follow',
  (machines) => {
    for (const [id, facts] of demoFacts().filter(([, { garment }]) => garment.kind === 'tee')) {
      const plan = planGarment(
        { ...facts, garment: { ...facts.garment, machines, topstitch: 'none' } },
        { onDate: TODAY },
      );
      for (const opening of plan.openings) {
        const cloth = opening.parts.find(({ label }) => label === 'cloth');
        if (!cloth?.ok) continue;
        const failing = opening.parts
          .filter(({ label, ok }) => !ok && label !== 'band')
          .map(({ label }) => label);
        expect([id, opening.id, failing]).toEqual([id, opening.id, []]);
      }
    }
  },
);

test('what a step says its row is planned to stretch is seven tenths of the bound', () => {
  const [, facts] = demoFacts()[0] as typeof demoFacts extends () => readonly (infer R)[] ? R : never;
  const plan = planGarment(facts, { onDate: TODAY });
  const step = plan.steps.find(({ id }) => id === 'sew-band');
  expect(plan.numbers[step?.seam?.gives ?? '']?.value).toBeCloseTo(PLANNED_SHARE * 1.25, 9);
  expect(phraseText([{ n: step?.seam?.gives ?? '' }], plan.numbers, 'cm')).toBe('88 %');
});
