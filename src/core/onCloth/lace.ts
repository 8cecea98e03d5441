import { endOf, startOf } from '../geometry/path';
import { minus } from '../geometry/point';
import type { Outline } from '../pieces/outline';
import type { GarmentPlan } from '../plan/types';

const DEGREES = 180 / Math.PI;

/**
 * How far a piece is turned, degrees, so that its scallop lies on the left edge of a lace: the edge that its kind has for
 * one, or one that is left as it is. Nothing where it has none, or is cut on a fold: it would have two.
 */
export function scallopAtLeft(outline: Outline, { edges }: Pick<GarmentPlan, 'edges'>): number | undefined {
  if (outline.folded) return undefined;
  const isLeft = (edge: string | undefined): boolean =>
    edges.some(({ id, use }) => id === edge && use === 'left');
  const laced =
    outline.edges.find(({ of }) => of.scallop) ??
    outline.edges.find(({ of }) => of.seam === undefined && isLeft(of.edge));
  if (!laced) return undefined;
  const { x, y } = minus(endOf(laced.path), startOf(laced.path));
  // Edges run clockwise: that on the left runs up.
  return -90 - Math.atan2(y, x) * DEGREES;
}
