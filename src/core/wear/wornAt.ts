import type { EdgePlan, StripPlan } from '../edges/types';
import type { Explained } from '../explain/explained';
import { getNumber } from '../explain/ledger';
import { edgePlace, type WornAt } from '../facts/fitting';
import type { Garment } from '../facts/garment';
import { styleOf, type GarmentKind } from '../fit/garmentKind';
import type { ZonePlan } from '../fit/types';

/** What of a plan a try-on speaks of. */
export interface WornPlan {
  readonly zones: readonly ZonePlan[];
  readonly edges: readonly EdgePlan[];
  readonly numbers: Readonly<Record<string, Explained>>;
}

/** One place of a garment that can be tight or loose: a zone, or the strip of an edge. */
export type WornPlace =
  | { readonly of: 'zone'; readonly zone: ZonePlan; readonly looser: boolean }
  | { readonly of: 'edge'; readonly edge: EdgePlan; readonly strip: StripPlan };

/** The place with an id, where the plan knows how large it is. */
export function wornPlace(
  plan: WornPlan,
  kind: GarmentKind,
  { style }: Pick<Garment, 'style'>,
  id: string,
): WornPlace | undefined {
  const zone = plan.zones.find((one) => one.zone === id);
  if (zone) return { of: 'zone', zone, looser: styleOf(kind, style).share === undefined };
  const edge = plan.edges.find((one) => edgePlace(one.id) === id);
  const strip = edge?.strips[0];
  return edge && strip && { of: 'edge', edge, strip };
}

/** How long something is all round at a place, as it is sewn or lies, mm. */
export function sizeAt({ numbers }: WornPlan, place: WornPlace): Explained {
  return getNumber(numbers, place.of === 'zone' ? place.zone.rest : place.strip.sewn);
}

/** A percent, so that a rigid cloth has an answer, as in the share of its stretch in use. */
const LEAST_STRETCH = 0.01;

/** On which scale a place is told, and where it would stand there if it were so long all round. */
export function wornAt(plan: WornPlan, place: WornPlace, lengthMm: number): WornAt {
  const value = (id: string) => getNumber(plan.numbers, id).value;
  if (place.of === 'zone') {
    const { zone, looser } = place;
    const body = value(zone.body);
    if (looser) return { scale: 'looser', at: lengthMm / body - 1 };
    return { scale: 'share', at: (body / lengthMm - 1) / Math.max(value(zone.stretch), LEAST_STRETCH) };
  }
  const { strip } = place;
  const on = value(strip.on);
  const lies = strip.fold?.lies;
  const turns = lies === undefined ? 0 : on - value(lies.edge);
  if (turns > 0) return { scale: 'curve', at: (on - lengthMm) / turns };
  if (strip.body !== undefined) return { scale: 'under-body', at: 1 - lengthMm / value(strip.body) };
  return { scale: 'under-edge', at: 1 - lengthMm / on };
}
