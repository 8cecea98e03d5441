import type { EdgeUse, StripSpec } from './elastics/edgeUse';
import { USE_OF_FINISH, edgeUses } from './elastics/uses';
import type { Finish, UseId } from '../facts/edgeUses';
import type { ClothDirection } from '../facts/cloth';
import type { EdgeChoice, Garment } from '../facts/garment';
import type { Edge } from '../fit/garmentKind';
import type { EdgePlan } from './types';

/** What is usually sewn to an edge that is finished so: as its kind has it, else as such a finish usually is. */
export function usualUse(edge: Pick<Edge, 'id' | 'use'>, finish: Finish): UseId {
  if (edge.use && edgeUses[edge.use].finish === finish) return edge.use;
  return edge.id === 'neckline' && finish === 'band' ? 'neckband' : USE_OF_FINISH[finish];
}

/** All that has to be known of a garment for what is sewn to its edges. */
export interface WithUses {
  readonly edges?: Readonly<Record<string, Pick<EdgeChoice, 'use'>>>;
}

/** What is sewn to an edge: as the person says, else as is usual there. */
export const edgeUseOf = (edge: Edge, garment: WithUses): EdgeUse =>
  edgeUses[garment.edges?.[edge.id]?.use ?? usualUse(edge, edge.finish)];

/** Which way of its cloth a strip runs: as the person says, else as such a strip does; `undefined` where it goes by the cloth. */
export const cutWayOf = (
  choice: EdgeChoice | undefined,
  spec: StripSpec | undefined,
): ClothDirection | undefined => choice?.direction ?? spec?.way;

/** How an edge of this garment is finished. */
export const finishOf = (edge: Edge, garment: WithUses): Finish => edgeUseOf(edge, garment).finish;

/** The edge that a neckband goes on, planned already or not. */
export const neckbandEdge = (edges: readonly EdgePlan[]): EdgePlan | undefined =>
  edges.find(({ use }) => use === 'neckband');

/** Whether a neckband is wanted whose length is not known yet. */
export const awaitsNeckband = (edges: readonly EdgePlan[]): boolean =>
  neckbandEdge(edges)?.strips.length === 0;

/** Whether it is swimwear: then every elastic has to stand chlorine and salt. */
export const isSwimwear = (asksSwim: boolean | undefined, { style }: Pick<Garment, 'style'>): boolean =>
  asksSwim === true && style === 'regular';
