import type { Explained, Phrase } from '../explain/explained';
import { say } from '../explain/ledger';
import type { GarmentKind, Seam } from '../garments/garmentKind';
import type { StitchId } from '../seams/stitches';
import type { StepDraft } from './teeSteps';

/** A seam's row on these machines: hems with the hem stitch, everything else with the seam's. */
export const stitchFor = (
  seam: Seam,
  stitches: { readonly seam: StitchId; readonly neck: StitchId; readonly hem: StitchId },
): StitchId => {
  if (/hem/i.test(seam.id)) return stitches.hem;
  return seam.direction === 'round' && seam.demand === 'stretch' ? stitches.neck : stitches.seam;
};

const DEMAND: Readonly<Record<Seam['demand'], Phrase>> = {
  stretch: say`It goes with the body: sew it so that it stretches with the cloth.`,
  stay: say`It must not grow: sew clear elastic or tape in with it, at rest.`,
  still: say`Nothing pulls along it much: any seam that holds will do.`,
};

/** Minutes for one seam, marked and pressed (common practice, no source). */
const MINUTES = 12;

/** The garment's seams in the order its data has them, each with what it must stretch. */
export function seamSteps(
  kind: GarmentKind,
  stitches: { readonly seam: StitchId; readonly neck: StitchId; readonly hem: StitchId },
  swatch: Explained,
): readonly StepDraft[] {
  return [
    {
      id: 'swatch',
      title: say`Sew a swatch of every stitch`,
      lines: [
        say`Sew ${swatch} of each on scraps of the same cloth and layers, along the greatest stretch.`,
        say`Stretch it as far as the cloth goes: nothing may pop.`,
      ],
      check: say`No stitch popped, nothing waves.`,
      cautions: ['Power off before threading or changing needles.'],
      minutes: MINUTES,
    },
    ...kind.seams.map((seam): StepDraft => ({
      id: `seam-${seam.id}`,
      title: say`${seam.label}`,
      lines: [DEMAND[seam.demand]],
      check: seam.demand === 'stretch' ? say`Stretch it once: it follows the cloth.` : say`It lies flat.`,
      cautions: ['Clips or pins out before they reach the foot or the knife.'],
      minutes: MINUTES,
      stitch: stitchFor(seam, stitches),
      ...(seam.opening ? { opening: seam.opening } : {}),
    })),
  ];
}
