import type { ClothPlan } from '../cloth/types';
import { dimensionalChange } from '../cloth/preWash';
import { createLedger } from '../explain/ledger';
import { inWearSpec, type Cloth, type MeasuredInWear } from '../facts/cloth';
import { findFaults } from '../facts/faults';
import type { Fitting } from '../facts/fitting';
import type { Garment } from '../facts/garment';
import type { GarmentKind } from '../fit/garmentKind';
import { sizeAt, wornPlace, type WornPlan } from './wornAt';

/** Past these something was measured wrongly, or another place: nothing is told of the cloth (common practice, no source). */
const LIKELY = { from: -0.3, to: 0.4 } as const;

/**
 * What a round after wear and wash tells of the cloth: each zone that was measured again, beside what it was as it was
 * sewn. Of one cloth only: what a stack did is not told of its layers.
 */
export function inWearOf(
  plan: WornPlan & { readonly cloths: { readonly outer?: Pick<ClothPlan, 'around' | 'layers'> } },
  kind: GarmentKind,
  garment: Garment,
  { triedOn, held, wears = 0, washes = 0, measured = {} }: Fitting,
): readonly MeasuredInWear[] {
  const { around, layers } = plan.cloths.outer ?? {};
  if (!around || layers || wears + washes === 0 || held === 'pinned' || held === 'basted') return [];
  const book = createLedger();
  return plan.zones.flatMap(({ zone, label, axis }): MeasuredInWear[] => {
    const afterMm = measured[zone];
    const place = wornPlace(plan, kind, garment, zone);
    if (afterMm === undefined || !place) return [];
    const beforeMm = Math.round(sizeAt(book, plan, place, garment).value * 10) / 10;
    const along = around === 'across' ? 'along' : 'across';
    const told: MeasuredInWear = {
      measuredOn: triedOn,
      of: `${garment.name}, ${label.toLowerCase()}`,
      direction: axis === 'around' ? around : along,
      ...(wears > 0 ? { wears } : {}),
      ...(washes > 0 ? { washes } : {}),
      beforeMm,
      afterMm,
    };
    return inWearFault(told) !== undefined || findFaults(inWearSpec, told).length > 0 ? [] : [told];
  });
}

/** What is wrong with it and what to do, as a sentence; `undefined` where nothing is. */
export function inWearFault({
  beforeMm,
  afterMm,
}: Pick<MeasuredInWear, 'beforeMm' | 'afterMm'>): string | undefined {
  const grew = dimensionalChange(beforeMm, afterMm);
  return grew < LIKELY.from || grew > LIKELY.to
    ? 'No cloth does as much as that: measure both at the same place, all round.'
    : undefined;
}

/** Whether a cloth's record has that already. */
export const isKept = ({ inWear = {} }: Pick<Cloth, 'inWear'>, told: MeasuredInWear): boolean =>
  Object.values(inWear).some(
    (one) =>
      one.of === told.of &&
      one.direction === told.direction &&
      one.measuredOn === told.measuredOn &&
      one.afterMm === told.afterMm,
  );
