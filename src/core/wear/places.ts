import { edgeUses } from '../edges/elastics/uses';
import { edgePlace, type Outcome } from '../facts/fitting';
import type { Garment } from '../facts/garment';
import type { GarmentKind } from '../fit/garmentKind';
import { wornPlace, type WornPlace, type WornPlan } from './wornAt';

/** What can be said of a zone or an elastic, and of a band that lies on a curve. */
const FITS = ['too tight', 'a little tight', 'right', 'a little loose', 'too loose'] as const;
const LIES = ['too tight', 'a little tight', 'lies flat', 'a little loose', 'stands or gapes'] as const;

/** A place of the garment that a try-on can speak of. */
export interface TryPlace {
  readonly id: string;
  readonly label: string;
  /** Its part of the drawing. */
  readonly part: string;
  readonly outcomes: readonly Outcome[];
  /** Absent where the plan does not know how large it is: then only an answer can be given. */
  readonly worn?: WornPlace;
}

/** Every zone, and every edge that something of a length of its own is sewn to. */
export function tryPlaces(
  plan: WornPlan,
  kind: GarmentKind,
  garment: Pick<Garment, 'style'>,
): readonly TryPlace[] {
  const zones = kind.zones.map(({ id, label }): TryPlace => {
    const worn = wornPlace(plan, kind, garment, id);
    return { id, label, part: `zone-${id}`, outcomes: FITS, ...(worn ? { worn } : {}) };
  });
  const edges = plan.edges.flatMap(({ id: edgeId, label, use, strips, opening }): TryPlace[] => {
    const strip = edgeUses[use].stays ? undefined : strips[0];
    const neck = opening !== undefined && edgeId === 'neckline';
    if (!strip && !neck) return [];
    const id = edgePlace(edgeId);
    const worn = wornPlace(plan, kind, garment, id);
    return [
      {
        id,
        label: zones.some((zone) => zone.label === label) ? `${label}, the edge` : label,
        part: `edge-${edgeId}`,
        outcomes: strip?.byFold || neck ? LIES : FITS,
        ...(worn ? { worn } : {}),
      },
    ];
  });
  return [...zones, ...edges];
}
