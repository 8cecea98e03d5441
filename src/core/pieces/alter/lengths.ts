import type { ZoneId } from '../../facts/garment';
import type { GarmentKind } from '../../fit/garmentKind';
import { boundsOf, flattened } from '../../geometry/ring';
import { point, type Point } from '../../geometry/point';
import { heightOf } from '../measure';
import { roundPiece, type Outline, type Outlines } from '../outline';
import { movedBy } from './redrawn';
import { walkAsBefore } from './walkAsBefore';

/** Every place of the pieces moved by a field; where that says nothing for a piece, the piece stays. Seams walk as before. */
function withField(
  kind: GarmentKind,
  outlines: Outlines,
  fieldOf: (outline: Outline) => ((at: Point) => Point) | undefined,
): Outlines {
  const moved = Object.entries(outlines).map(([id, outline]) => {
    const field = fieldOf(outline);
    const edges = field && outline.edges.map(({ of, path }) => ({ of, path: movedBy(path, field) }));
    return [id, edges ? { ...outline, edges } : outline] as const;
  });
  return walkAsBefore(kind.sewn, outlines, Object.fromEntries(moved));
}

/** Half as high as the strip over which a change of length is spread, mm: no side gets a step. */
const SPREAD_MM = 50;
/** Nothing may be taken out of a strip faster than this share of it. */
const STEEPEST = 0.5;

/** From 0 above a height to 1 below it, without a step. */
function belowShare(at: number, half: number): (y: number) => number {
  return (y) => {
    const share = Math.min(Math.max((y - at + half) / (2 * half), 0), 1);
    return share * share * (3 - 2 * share);
  };
}
/** The smooth step rises this much faster in its middle than a straight one. */
const STEP_SLOPE = 1.5;
const halfHeight = (byMm: number): number =>
  Math.max(SPREAD_MM, (STEP_SLOPE * Math.abs(byMm)) / (2 * STEEPEST));

/** Pieces on which a zone lies longer by `byMm`, at a line `belowMm` below it: what lies further down goes with it. */
export const lengthened = (
  kind: GarmentKind,
  outlines: Outlines,
  { zone, belowMm, byMm }: { readonly zone: ZoneId; readonly belowMm: number; readonly byMm: number },
): Outlines =>
  withField(kind, outlines, (outline) => {
    const level = outline.shape.levels?.[zone];
    const y = level && heightOf(outline, level);
    if (y === undefined) return undefined;
    const share = belowShare(y + belowMm, halfHeight(byMm));
    return (at) => point(0, byMm * share(at.y));
  });

/** Pieces with a seat deeper by `byMm`: a wedge at its middle, which runs out at the side. */
export const deeperSeat = (kind: GarmentKind, outlines: Outlines, byMm: number): Outlines =>
  withField(kind, outlines, (outline) => {
    const { seat, levels } = outline.shape;
    if (!seat) return undefined;
    const [opens, hinge] = [seat.opens, seat.hinge].map((id) => outline.edges.find(({ of }) => of.id === id));
    if (!opens || !hinge) return undefined;
    const { top, bottom } = boundsOf(opens.path);
    const y = levels?.hip ? heightOf(outline, levels.hip) : undefined;
    const at = y !== undefined && y > top && y < bottom ? y : (top + bottom) / 2;
    const [from, to] = [opens, hinge].map(({ path }) => sideAt(flattened(path), at)) as [number, number];
    const above = belowShare(at, Math.min(halfHeight(byMm), (bottom - top) / 2));
    const wide = to - from;
    const far = (x: number): number => Math.min(Math.max((to - x) / wide, 0), 1);
    return wide === 0 ? undefined : ({ x, y: here }) => point(0, -byMm * far(x) * (1 - above(here)));
  });

/** Where a line of points comes nearest to a height. */
const sideAt = (points: readonly Point[], y: number): number =>
  points.reduce((best, one) => (Math.abs(one.y - y) < Math.abs(best.y - y) ? one : best)).x;

/** Pieces shorter lengthwise by a share of their length, all that zones lie on. */
export const shorterAlong = (kind: GarmentKind, outlines: Outlines, share: number): Outlines =>
  withField(kind, outlines, (outline) => {
    const { levels, along } = outline.shape;
    if (!levels && !along) return undefined;
    const { top } = boundsOf(roundPiece(outline));
    return ({ y }) => point(0, -share * (y - top));
  });
