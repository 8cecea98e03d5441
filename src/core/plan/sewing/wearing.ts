import type { Explained } from '../../explain/explained';
import type { Garment } from '../../facts/garment';
import type { GarmentKind } from '../../garments/garmentKind';
import type { Wearing } from '../../seams/demand';
import type { OpeningPlan, ZonePlan } from '../types';

/** What a plan knows of how the garment is worn and pulled on, as bare numbers. */
export const wearingOf = (
  kind: GarmentKind,
  garment: Garment,
  zones: readonly ZonePlan[],
  openings: readonly Pick<OpeningPlan, 'id' | 'needs'>[],
  numbers: Readonly<Record<string, Explained>>,
): Wearing => {
  const value = (id: string) => numbers[id]?.value ?? 0;
  return {
    kind,
    zones: Object.fromEntries(zones.map((zone) => [zone.zone, value(zone.extension)])),
    openings: Object.fromEntries(openings.map(({ id, needs }) => [id, value(needs)])),
    stated: Object.fromEntries(
      Object.entries(garment.seams ?? {}).flatMap(([id, seam]) =>
        seam.pulledOn === undefined ? [] : [[id, seam.pulledOn]],
      ),
    ),
  };
};
