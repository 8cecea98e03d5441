import type { Garment } from './garment';

/** The seam allowance of an edge, mm: its own where it was said, else that of the other seams. */
export const allowanceAt = ({ edges, pattern }: Pick<Garment, 'edges' | 'pattern'>, edge: string): number =>
  edges?.[edge]?.measured?.allowanceMm ?? pattern.seamAllowanceMm;
