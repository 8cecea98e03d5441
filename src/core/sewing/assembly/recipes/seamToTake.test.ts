import { catalogue } from '../../../garments/catalogue';
import type { KindId } from '../../../facts/kindIds';
import { recipes } from '.';
import { seamToTake } from './seamToTake';

/* Where girths are taken in: common practice, no source. */
test.each([
  ['tee', 'hip', 'side', 4],
  ['tee', 'biceps', 'side', 2],
  ['raglan', 'bust', 'side', 4],
  ['raglan', 'wrist', 'side', 2],
  ['shaped-blouse', 'bust', 'side', 4],
  ['one-shoulder-top', 'bust', 'side', 4],
  ['leggings', 'hip', 'outseam', 4],
  ['leggings', 'waist', 'outseam', 4],
  ['leggings', 'thigh', 'outseam', 2],
  ['foldover-trousers', 'hip', 'crotch', 4],
  ['lace-panties', 'low-hip', 'centre-back', 2],
  ['bra', 'cup', 'cup', 2],
] as const)('%s, %s: at the %s, %i edges', (kind, zone, seam, edges) => {
  const found = seamToTake(catalogue[kind], zone);
  expect([found?.seam.id, found?.edges]).toEqual([seam, edges]);
});

test.each([
  ['bra', 'band'],
  ['leggings', 'rise'],
  ['tee', 'nowhere'],
] as const)('%s, %s: at no seam', (kind, zone) => {
  expect(seamToTake(catalogue[kind], zone)).toBeUndefined();
});

test('every seam that is named so is sewn by a step of its own', () => {
  for (const [id, kind] of Object.entries(catalogue)) {
    const steps = recipes[id as KindId].steps({ kind, garment: { stay: 'none' }, ways: {}, lined: false });
    for (const zone of kind.zones) {
      const found = seamToTake(kind, zone.id);
      if (found)
        expect([id, zone.id, steps.some((one) => one.seam === found.seam.id && one.job)]).toEqual([
          id,
          zone.id,
          true,
        ]);
    }
  }
});
