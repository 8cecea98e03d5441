import { curveThrough } from '@/core/geometry/monotone';
import type { DrawnBody, Figure } from '@/core/garments/drawings/figure';
import type { StrainSpot, Tube } from '@/core/pieces/figureStrain';

/** Seen from the front, or from the side with the front to the right. */
export type Seen = 'front' | 'side';

/** A body between two lines at every height, in the units of the figure. A trunk seen from the front has its left as its right. */
export interface Silhouette {
  /** The outer line, or the front of the body; and the inner line of a leg, or the back. */
  readonly outer: (y: number) => number;
  readonly inner: (y: number) => number;
}

/** A body is three quarters as deep as it is wide: with the width it is drawn at, its girth comes out (ellipse). */
const DEEP = 0.75;
/** Half a width for a girth, as the figure is drawn: units for a mm. */
export const HALF_OF_GIRTH = 0.018;
/** A leg is as deep as it is wide. */
const LEG = 0.86;
/** Between the legs, at the crotch and at the ankle. */
const GAP = [0.4, 1.6] as const;
/** How far the bust lies before the middle of the body and the seat behind it, of its depth. */
const FORWARD = { bust: 0.22, waist: 0.02, hip: -0.24 } as const;

/** The lines of a figure as it is seen. */
export function silhouetteOf(figure: Figure, body: DrawnBody, seen: Seen): Silhouette {
  const { crotchY, kneeY, calfY, ankleY } = figure;
  const between = (y: number): number => GAP[0] + ((GAP[1] - GAP[0]) * (y - crotchY)) / (ankleY - crotchY);
  const legs = [
    [crotchY, figure.thigh],
    [kneeY, figure.knee],
    [calfY, figure.calf],
    [ankleY, figure.ankle],
  ] as const;
  const trunk = [
    [0, figure.neck],
    [figure.shoulderDrop, seen === 'front' ? figure.shoulder : figure.neck * 1.3],
    [figure.armY, figure.bust * 0.98],
    [figure.bustY, figure.bust],
    ...(body.underbust === undefined ? [] : [[figure.underbustY, figure.underbust] as const]),
    [figure.waistY, figure.waist],
    [figure.hipY, figure.hip],
  ] as const;
  if (seen === 'front')
    return {
      outer: through([...trunk, ...legs.map(([y, half]) => [y, between(y) + 2 * half] as const)]),
      inner: between,
    };
  const forward = through([
    [0, 0],
    [figure.bustY, FORWARD.bust * figure.bust * DEEP],
    [figure.waistY, FORWARD.waist * figure.waist * DEEP],
    [figure.hipY, FORWARD.hip * figure.hip * DEEP],
    [kneeY, 0],
    [ankleY, -figure.ankle * 0.4],
  ]);
  const deep = through([
    ...trunk.map(([y, half]) => [y, half * DEEP] as const),
    ...legs.map(
      ([y, half], nth) => [y, nth === 0 ? Math.max(half, figure.hip * DEEP * 0.86) : half] as const,
    ),
  ]);
  return { outer: (y) => forward(y) + deep(y), inner: (y) => forward(y) - deep(y) };
}

const through = (knots: readonly (readonly [number, number])[]): ((y: number) => number) =>
  curveThrough(knots.map(([x, y]) => ({ x, y })));

/** How much further out the garment lies than the body at a spot: nothing where it is the smaller. */
const looser = ({ bodyMm, garmentMm }: StrainSpot): number => Math.max(garmentMm - bodyMm, 0) * HALF_OF_GIRTH;

/** The closed outlines of a garment between spots: one, or one on each leg. */
export function wornOutlines(
  { outer, inner }: Silhouette,
  seen: Seen,
  tube: Tube,
  spots: readonly StrainSpot[],
): readonly string[] {
  const more = (one: StrainSpot): number =>
    looser(one) * (seen === 'side' ? DEEP : tube === 'leg' ? 2 * LEG : 1);
  const right = spots.map((one) => [outer(one.y) + more(one), one.y] as const);
  const ring = (left: readonly (readonly [number, number])[]): string =>
    `M${[...right, ...left.toReversed()].map(([x, y]) => `${x.toFixed(2)} ${y.toFixed(2)}`).join('L')}Z`;
  const mirrored = right.map(([x, y]) => [-x, y] as const);
  if (seen === 'side') return [ring(spots.map((one) => [inner(one.y) - more(one), one.y] as const))];
  if (tube === 'trunk') return [ring(mirrored)];
  const leg = spots.map(({ y }) => [inner(y), y] as const);
  const other = `M${[...mirrored, ...leg.map(([x, y]) => [-x, y] as const).toReversed()]
    .map(([x, y]) => `${x.toFixed(2)} ${y.toFixed(2)}`)
    .join('L')}Z`;
  return [ring(leg), other];
}

/** Steps in which the lines of a body are drawn. */
const STEPS = 90;

/** The lines of the body itself between two heights. */
export function bodyOutline(
  { outer, inner }: Silhouette,
  seen: Seen,
  crotchY: number,
  from: number,
  to: number,
): string {
  const ys = Array.from({ length: STEPS + 1 }, (_, nth) => from + ((to - from) * nth) / STEPS);
  const lineOf = (x: (y: number) => number, on: readonly number[]): string =>
    on.length < 2 ? '' : `M${on.map((y) => `${x(y).toFixed(2)} ${y.toFixed(2)}`).join('L')}`;
  if (seen === 'side') return lineOf(outer, ys) + lineOf(inner, ys);
  const legs = ys.filter((y) => y >= crotchY);
  const left = (x: (y: number) => number) => (y: number) => -x(y);
  return lineOf(outer, ys) + lineOf(left(outer), ys) + lineOf(inner, legs) + lineOf(left(inner), legs);
}
