import { takenByEdge } from '../edges/takenByEdge';
import { allowanceAt } from '../facts/allowance';
import type { Garment } from '../facts/garment';
import type { OutlineFacts } from '../facts/outline';
import type { ShapeEdge } from '../fit/pieceShape';
import { getNumber } from '../explain/ledger';
import type { GarmentPlan } from '../plan/types';

interface Inputs {
  readonly plan: Pick<GarmentPlan, 'edges' | 'numbers'>;
  readonly garment: Pick<Garment, 'edges' | 'pattern'>;
}

/**
 * The allowance that an edge is printed with, mm: what its construction takes (an edge turned over elastic the elastic’s
 * width, a finished edge none, a hem its depth), whatever the pattern was drawn with; else what the outline says of that
 * edge, else the garment’s usual one. A fold has none, nor has a scallop.
 */
export function cutAllowance(
  { plan, garment }: Inputs,
  of: ShapeEdge,
  said: Pick<OutlineFacts, 'edges'>,
): number {
  if (of.fold) return 0;
  const own = said.edges?.[of.id]?.allowanceMm;
  if (of.scallop) return own ?? 0;
  const planned = of.seam === undefined ? plan.edges.find(({ id }) => id === of.edge) : undefined;
  if (!planned) return own ?? garment.pattern.seamAllowanceMm;
  const wanted = takenByEdge(planned);
  if (wanted !== undefined) return getNumber(plan.numbers, wanted).value;
  return own ?? allowanceAt(garment, planned.id);
}
