import { createMemory } from '../explain/remember';
import type { ZoneId } from '../facts/garment';
import type { LevelAt, PieceShape, ShapeEdge } from '../fit/pieceShape';
import { endOf, lengthOf, startOf, turnOf } from '../geometry/path';
import { crossingsOfLevel } from '../geometry/level';
import { cornerBetween, type Segment } from '../geometry/segment';
import { neighbours, type Outline, type PieceEdge } from './outline';

/** What an edge of one cut piece measures: of a piece on the fold, opened out. */
export interface EdgeMeasure {
  readonly lengthMm: number;
  /**
   * How far the garment’s edge turns along it, radians, positive round a hole: its own turn, and its share of the corners
   * where it meets the next piece or its own other half (D, angle sum of the pieces).
   */
  readonly turnRad: number;
}

const found = (outline: Outline, id: string): readonly number[] =>
  outline.edges.flatMap(({ of }, nth) => (of.id === id ? [nth] : []));

/** How often an edge is there on a piece that is opened out, for each time it is on the outline. */
const times = ({ folded }: Outline, { of }: PieceEdge): number => (folded && !of.fold ? 2 : 1);

const recall = createMemory<EdgeMeasure | undefined>();
/** Length, mm, and turn of an edge on one cut piece; nothing where the piece has not got it. Measured once for an outline. */
export const edgeMeasure = (outline: Outline, id: string): EdgeMeasure | undefined =>
  recall([outline, id], () => measuredEdge(outline, id));

function measuredEdge(outline: Outline, id: string): EdgeMeasure | undefined {
  const nths = found(outline, id);
  if (nths.length === 0) return undefined;
  const sum = (of: (nth: number) => number): number =>
    nths.reduce((all, nth) => all + times(outline, outline.edges[nth] as PieceEdge) * of(nth), 0);
  return {
    lengthMm: sum((nth) => lengthOf((outline.edges[nth] as PieceEdge).path)),
    turnRad: sum((nth) => turnAt(outline, nth)),
  };
}

/** How many sides of the body an edge of an opened-out piece runs on: both, but for the fold, of a piece that has one. */
export const sidesOf = ({ edges }: PieceShape, edge: ShapeEdge | undefined): number =>
  edges.some(({ fold }) => fold) && !edge?.fold ? 2 : 1;

/** What an edge measures on one side of the body. */
export function edgeEachSide(outline: Outline, id: string): EdgeMeasure | undefined {
  const measure = edgeMeasure(outline, id);
  if (!measure) return undefined;
  const { shape } = outline;
  const sides = sidesOf(
    shape,
    shape.edges.find((one) => one.id === id),
  );
  return { lengthMm: measure.lengthMm / sides, turnRad: measure.turnRad / sides };
}

export const lengthEachSide = (outline: Outline, id: string): number | undefined =>
  edgeEachSide(outline, id)?.lengthMm;

/** The angle inside the piece between an edge and the next, radians. */
export function angleAfter(outline: Outline, nth: number): number {
  const edge = outline.edges[nth] as PieceEdge;
  const { after } = neighbours(outline, nth);
  return Math.PI - cornerBetween(edge.path.at(-1) as Segment, after.path[0]);
}

const angleBefore = (outline: Outline, nth: number): number =>
  angleAfter(outline, (nth - 1 + outline.edges.length) % outline.edges.length);

/** The inside angles at the start and the end of an edge where it is found first, radians. */
export function anglesOf(
  outline: Outline,
  id: string,
): { readonly start: number; readonly end: number } | undefined {
  const [nth] = found(outline, id);
  return nth === undefined ? undefined : { start: angleBefore(outline, nth), end: angleAfter(outline, nth) };
}

/** Where two pieces, or two halves, meet at an edge it runs on straight if each has a right angle there. */
function turnAt(outline: Outline, nth: number): number {
  const edge = outline.edges[nth] as PieceEdge;
  const { before, after } = neighbours(outline, nth);
  const joins = (next: PieceEdge, angle: number): number =>
    next.of.fold || next.of.seam !== undefined ? angle - Math.PI / 2 : 0;
  return (
    joins(before, angleBefore(outline, nth)) + joins(after, angleAfter(outline, nth)) - turnOf(edge.path)
  );
}

/** The height a zone lies at on a piece, mm from the outline’s own zero; nothing where it is not on it. */
export function heightOf(outline: Outline, [id, share]: LevelAt): number | undefined {
  const [nth] = found(outline, id);
  if (nth === undefined) return undefined;
  const { path } = outline.edges[nth] as PieceEdge;
  const [a, b] = [startOf(path).y, endOf(path).y];
  const [top, foot] = [Math.min(a, b), Math.max(a, b)];
  return top + share * (foot - top);
}

/**
 * The height of a zone on a piece: its level; of one that is as long as edges, the end at which such an edge begins of the one
 * named, or of the first that meets it.
 */
export function zoneAt(outline: Outline, zone: ZoneId, named?: string): number | undefined {
  const { levels, along } = outline.shape;
  const level = levels?.[zone];
  if (level) return heightOf(outline, level);
  const long = along?.[zone] ?? [];
  for (const [nth, { of, path }] of outline.edges.entries()) {
    if (of.fold || (named !== undefined && of.id !== named)) continue;
    const { before, after } = neighbours(outline, nth);
    if (long.includes(before.of.id)) return startOf(path).y;
    if (long.includes(after.of.id)) return endOf(path).y;
  }
  return undefined;
}

/** As far inside the end of an edge a width is measured, mm: on the corner itself it would be none. */
const INSIDE_MM = 0.01;

/** A piece at one height: how wide it is, and the edges that a level line crosses, in order round it. */
interface Across {
  readonly widthMm: number;
  readonly edges: readonly ShapeEdge[];
}

/** How wide one cut piece is at a height, mm: opened out, and without what is cut away between; and the edges there. */
export function acrossAt({ edges, folded }: Outline, y: number): Across {
  // It is asked for at a hundred heights while a slider moves.
  const xs: number[] = [];
  const crossed: ShapeEdge[] = [];
  for (const { of, path } of edges) {
    const before = xs.length;
    for (const segment of path) for (const x of crossingsOfLevel(segment, y)) xs.push(x);
    if (xs.length > before) crossed.push(of);
  }
  xs.sort((a, b) => a - b);
  let width = 0;
  for (let nth = 1; nth < xs.length; nth += 2) width += (xs[nth] as number) - (xs[nth - 1] as number);
  return { widthMm: folded ? 2 * width : width, edges: crossed };
}

const widthAt = (outline: Outline, y: number): number => acrossAt(outline, y).widthMm;

/** The width of one cut piece where a zone lies on it, mm; nothing where it does not. */
export function zoneWidth(outline: Outline, zone: ZoneId): number | undefined {
  const at = outline.shape.levels?.[zone];
  const y = at && heightOf(outline, at);
  if (at === undefined || y === undefined) return undefined;
  const end = at[1] >= 1 ? 'foot' : at[1] <= 0 ? 'top' : undefined;
  if (end === undefined) return widthAt(outline, y);
  return acrossEnd(outline, at[0], end) ?? widthAt(outline, y + (end === 'foot' ? -INSIDE_MM : INSIDE_MM));
}

/** An edge whose ends are no more out of level than this share of its width goes across the piece. */
const LEVEL = 0.2;

/**
 * The width at the top or the foot of an edge where another goes across from there, a hem or a sleeve cap: from end to end of
 * that one, however it runs between them, and though the paper lay a hair aslant.
 */
function acrossEnd(outline: Outline, id: string, end: 'top' | 'foot'): number | undefined {
  const nth = outline.edges.findIndex(({ of }) => of.id === id);
  const { path } = outline.edges[nth] as PieceEdge;
  const { before, after } = neighbours(outline, nth);
  const runsDown = endOf(path).y >= startOf(path).y;
  const across = (end === 'foot') === runsDown ? after.path : before.path;
  const [from, to] = [startOf(across), endOf(across)];
  const wide = Math.abs(to.x - from.x);
  if (Math.abs(to.y - from.y) > LEVEL * wide) return undefined;
  return outline.folded ? 2 * wide : wide;
}
