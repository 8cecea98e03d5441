import type { Finish, Garment } from '../facts/garment';
import { hasClosure, type Edge, type GarmentKind } from '../garments/garmentKind';
import type { Neckline } from './neckline';
import type { EdgePlan, OpeningPlan, ZonePlan } from './types';

/** How an edge of this garment is finished: as the person says, else as its kind has it. */
export const finishOf = (edge: Edge, garment: Pick<Garment, 'finishes'>): Finish =>
  garment.finishes?.[edge.id]?.finish ?? edge.finish;

/** Every edge with its finish, its length at rest where that is known, and the opening it makes. */
export function planEdges(
  kind: GarmentKind,
  garment: Garment,
  zones: readonly ZonePlan[],
  neckline: Neckline | undefined,
  openings: readonly OpeningPlan[],
): readonly EdgePlan[] {
  return kind.edges.map((edge): EdgePlan => {
    const opening = kind.openings.find((one) => one.edge === edge.id && one.id !== 'waist');
    const planned = openings.find(({ id }) => id === opening?.id);
    const atNeck = opening?.at === 'neckline';
    const zone = zones.find((one) => one.zone === edge.zone);
    const length = planned?.opening ?? (atNeck ? neckline?.plan.seamline : zone?.rest);
    return {
      id: edge.id,
      label: edge.label,
      finish: finishOf(edge, garment),
      ...(length === undefined ? {} : { length }),
      ...(opening ? { opening: opening.id } : {}),
      closed: opening !== undefined && !hasClosure(opening, garment),
    };
  });
}
