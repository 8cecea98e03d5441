import type { GarmentPlan } from '../plan/types';
import type { OnCloth } from './garmentPieces';

/** Why pieces cannot lie as they should on a cloth, a sentence each that says what to do; none where they can. */
export function directionFaults(
  { role, cloth, pieces }: OnCloth,
  plan: Pick<GarmentPlan, 'cloths'>,
): readonly string[] {
  if (role !== 'outer' || !cloth || pieces.length === 0) return [];
  const { around } = plan.cloths.outer ?? {};
  const isStable = cloth.stable === true;
  return [
    ...(isStable
      ? [
          `${cloth.name} does not stretch either way: no way of laying the pieces makes it go round the body. Choose a knit for the outer cloth.`,
        ]
      : []),
    ...(around === 'along' && cloth.nap === 'one way'
      ? [
          `${cloth.name} stretches most along its selvedge, so the pieces lie across it, and its nap or print then runs around the body instead of down. Choose another cloth for a print with a direction, or say that it has none.`,
        ]
      : []),
    ...(around === 'along' && cloth.repeatAlongMm !== undefined && cloth.repeatAcrossMm === undefined
      ? [
          `${cloth.name} stretches most along its selvedge, so the pieces lie across it, and stripes across the cloth run down the body. Look whether that is meant.`,
        ]
      : []),
  ];
}
