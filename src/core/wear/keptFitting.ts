import { createLedger } from '../explain/ledger';
import type { Fitting, WornAt } from '../facts/fitting';
import type { Garment } from '../facts/garment';
import type { GarmentKind } from '../fit/garmentKind';
import { pinchFault } from './tried';
import { sizeAt, wornAt, wornPlace, type WornPlan } from './wornAt';
import { isSewn } from './rounds';

/** The try-on as it is kept: with how every answered place was worn that day, so that what is learned rests on that. */
export function keptFitting(plan: WornPlan, kind: GarmentKind, garment: Garment, fitting: Fitting): Fitting {
  const book = createLedger();
  const worn = Object.keys(fitting.outcomes).flatMap((id): (readonly [string, WornAt])[] => {
    const place = wornPlace(plan, kind, garment, id);
    if (!place) return [];
    const was = sizeAt(book, plan, place, garment, fitting.measured?.[id]).value;
    const pinched = fitting.pinched?.[id];
    const at = wornAt(plan, place, was);
    if (!isTold(at.at)) return [];
    const wanted = pinched ? wornAt(plan, place, was - pinched).at : undefined;
    return [[id, wanted !== undefined && isTold(wanted) ? { ...at, wanted } : at]];
  });
  return worn.length > 0 ? { ...fitting, worn: Object.fromEntries(worn) } : fitting;
}

/** What the facts take: past it something was measured wrongly, and nothing is learned from it. */
const isTold = (at: number): boolean => at >= -1 && at <= 3;

/** What is wrong with a round of trying on, by the field it is about. */
export function fittingFaults(
  plan: WornPlan,
  kind: GarmentKind,
  garment: Garment,
  fitting: Fitting,
  today: string,
): Readonly<Record<string, string>> {
  const faults: Record<string, string> = {};
  if (fitting.triedOn > today) faults.triedOn = 'That day is still to come: type the day it was tried on.';
  const begun = garment.refashion !== undefined || Object.keys(garment.sewn).length > 0;
  if (!begun && isSewn(fitting))
    faults.held =
      'Nothing of it is ticked as sewn: say that it was pinned or basted, or tick what is sewn first.';
  const book = createLedger();
  for (const [id, pinchedMm] of Object.entries(fitting.pinched ?? {})) {
    const place = wornPlace(plan, kind, garment, id);
    if (!place) continue;
    const was = sizeAt(book, plan, place, garment, fitting.measured?.[id]).value;
    const fault = pinchFault(fitting.outcomes[id], pinchedMm, was);
    if (fault) faults[`pinched.${id}`] = fault;
  }
  return faults;
}
