import type { EdgeUse } from './elastics/edgeUse';
import { USE_OF_FINISH, edgeUses } from './elastics/uses';
import type { Finish, Garment } from '../facts/garment';
import type { Edge } from '../fit/garmentKind';
import type { EdgePlan } from './types';

/** How an edge of this garment is finished: as the person says, else as its kind has it. */
export const finishOf = (edge: Edge, garment: Pick<Garment, 'finishes'>): Finish =>
  garment.finishes?.[edge.id]?.finish ?? edge.finish;

/** What is sewn to an edge: as the person says, else as its kind has it, else as such a finish usually is. */
export function edgeUseOf(edge: Edge, garment: Pick<Garment, 'finishes' | 'edges'>): EdgeUse {
  const finish = finishOf(edge, garment);
  const chosen = garment.edges?.[edge.id]?.use;
  if (chosen && edgeUses[chosen].finish === finish) return edgeUses[chosen];
  if (edge.use && edgeUses[edge.use].finish === finish) return edgeUses[edge.use];
  return edgeUses[edge.id === 'neckline' && finish === 'band' ? 'neckband' : USE_OF_FINISH[finish]];
}

/** Whether a band is to go on the neckline, planned already or not. */
export const wantsNeckband = ({ edges }: { readonly edges: readonly EdgePlan[] }): boolean =>
  edges.some(({ use }) => use === 'neckband');

/** Whether it is swimwear: then every elastic has to stand chlorine and salt. */
export const isSwimwear = (asksSwim: boolean | undefined, { style }: Pick<Garment, 'style'>): boolean =>
  asksSwim === true && style === 'regular';
