import type { ClothPlan } from '../cloth/types';
import { dimensionalChange } from '../cloth/preWash';
import { createLedger } from '../explain/ledger';
import { inWearSpec, type Cloth, type MeasuredInWear } from '../facts/cloth';
import { findFaults } from '../facts/faults';
import type { Fitting } from '../facts/fitting';
import type { Garment } from '../facts/garment';
import type { GarmentKind } from '../fit/garmentKind';
import { wayOf } from '../fit/sharedFit';
import { toTenth } from '../units/roundForTape';
import { isSewn } from './rounds';
import { wasWorn } from './worn';
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
  fitting: Fitting,
): readonly MeasuredInWear[] {
  const { triedOn, wears, washes, measured = {} } = fitting;
  const { outer } = plan.cloths;
  if (!outer?.around || outer.layers || !wasWorn(fitting) || !isSewn(fitting)) return [];
  const book = createLedger();
  return plan.zones.flatMap(({ zone, label, axis }): MeasuredInWear[] => {
    const afterMm = measured[zone];
    const place = wornPlace(plan, kind, garment, zone);
    const direction = wayOf(outer, axis);
    if (afterMm === undefined || !place || !direction) return [];
    const told: MeasuredInWear = {
      measuredOn: triedOn,
      of: `${garment.name}, ${label.toLowerCase()}`,
      direction,
      ...(wears ? { wears } : {}),
      ...(washes ? { washes } : {}),
      beforeMm: toTenth(sizeAt(book, plan, place, garment).value),
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
