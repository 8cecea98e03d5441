import { lengthMm, map, optional, record, type FactsOf } from './spec';

/** What becomes of one edge of a garment that is made already; without a length it keeps its place and gets a new finish. */
const changedEdgeSpec = record('Edge that changes', {
  shorterMm: optional(lengthMm('Shorter by', 0, 2000, [5, 600])),
});

/** A garment that is made already and is changed: only what is named here is cut and sewn. */
export const refashionSpec = record('Made already', {
  edges: map('Edges that change', changedEdgeSpec, 40),
});
export type Refashion = FactsOf<typeof refashionSpec>;
