import type { Knot } from '../../facts/outline';
import { MOST_KNOTS } from '../../facts/outline';
import { areaOfRings, simplified } from '../../geometry/clip';
import { distance, point, type Point } from '../../geometry/point';
import { flattened } from '../../geometry/ring';
import type { Path } from '../../geometry/path';
import type { Segment } from '../../geometry/segment';
import { knotsRound } from '../../pieces/ring';
import { endOf, mapped, pathOf, polyline, startOf } from '../../geometry/path';

/** A line of a drawing, in the drawing’s own unit, y downwards. */
export interface DrawnShape {
  /** What the drawing calls it, or its layer. */
  readonly name: string;
  /** The layer it lies on, as the drawing calls it; empty where it has none. */
  readonly layer: string;
  readonly path: Path;
}

/** What a drawing has, its unit where it says one, and what was done to it or left out. */
export type DrawingRead =
  | {
      readonly ok: true;
      /** Its closed lines that may be pieces, largest first. */
      readonly shapes: readonly DrawnShape[];
      /** All its lines, marks and open ones too. */
      readonly lines: readonly DrawnShape[];
      /** Millimetres in one unit; absent where the drawing does not say. */
      readonly mmPerUnit?: number;
      readonly notes: readonly string[];
    }
  | { readonly ok: false; readonly sentence: string };

/** Larger files are no drawings of a few pieces, bytes. */
export const MOST_DRAWING_BYTES = 10_000_000;
/** More lines than this are a picture, not a pattern. */
export const MOST_LINES = 20_000;
/** Ends this close meet, mm (handbook of the trade: 1 mm); in a drawing without a unit its millimetre is not known yet. */
export const CLOSES_MM = 1;

export const TOO_LARGE: DrawingRead = {
  ok: false,
  sentence: 'This drawing is larger than 10 MB: save its outlines alone and choose it again.',
};
export const TOO_MANY_LINES = 'This drawing has too many lines for a pattern: save one size alone.';

/** What was found in a drawing: its closed lines, how many of them had to be closed, and the lines that stayed open. */
export interface FoundLines {
  readonly shapes: readonly DrawnShape[];
  readonly mended: number;
  readonly open: readonly DrawnShape[];
}

/** The drawing as it is chosen from: a sentence where it has no line. */
export function drawingOf(
  { shapes, mended, open }: FoundLines,
  mmPerUnit: number | undefined,
  notes: readonly string[] = [],
): DrawingRead {
  const pieces = piecesAmong(shapes);
  if (pieces.length === 0 && open.length === 0)
    return { ok: false, sentence: 'There is no line in this drawing: choose another file.' };
  const lines = (count: number, does: string): readonly string[] =>
    count === 0
      ? []
      : [`${count} open ${count === 1 ? 'line' : 'lines'} ${count === 1 ? 'is' : 'are'} ${does}.`];
  return {
    ok: true,
    shapes: pieces,
    lines: [...shapes, ...open],
    ...(mmPerUnit === undefined ? {} : { mmPerUnit }),
    notes: [
      ...lines(mended, 'closed, ends within 1 mm'),
      ...lines(open.length, 'not closed: lay the drawing under the table and click along'),
      ...notes,
    ],
  };
}

/** A drawing with too many points is thinned to this, mm (handbook of the trade). */
const THINNED_MM = 0.05;
/** Points closer than this are one, mm. */
const HAIR_MM = 0.01;

/** The points of an outline out of a drawn line, mm: its curves keep their handles; one with too many points is thinned. */
export function knotsOfDrawn({ path }: DrawnShape, mmPerUnit: number): readonly Knot[] {
  const whole = path.length > MOST_KNOTS ? thinned(path, mmPerUnit) : path;
  const at = ({ x, y }: Point): Point => point(x * mmPerUnit, y * mmPerUnit);
  // A line closed by a hair’s breadth has a stretch of no length, and that would look like a corner.
  return knotsRound(
    mapped(whole, at).filter(({ from, to, kind }) => kind === 'cubic' || distance(from, to) > HAIR_MM),
  );
}

function thinned(path: Path, mmPerUnit: number): Path {
  let off = THINNED_MM / mmPerUnit;
  let ring = simplified(flattened(path, off), off);
  while (ring.length > MOST_KNOTS) {
    off *= 2;
    ring = simplified(ring, off);
  }
  return polyline([...ring, ring[0] as Point]);
}

/** Smaller than this a closed line is a mark, not a piece: a share of the largest. */
const MARK_SHARE = 0.002;

/** Closed lines, largest first, without dots and marks that are tiny beside the largest. */
function piecesAmong(shapes: readonly DrawnShape[]): readonly DrawnShape[] {
  const sized = shapes
    .map((shape) => ({ shape, area: Math.abs(areaOfRings([flattened(shape.path)])) }))
    .toSorted((a, b) => b.area - a.area);
  const largest = sized[0]?.area ?? 0;
  return sized.filter(({ area }) => area > 0 && area >= MARK_SHARE * largest).map(({ shape }) => shape);
}

/** A line whose ends are closed where they are near enough, and by how much; nothing for one that stays open. */
export function closedWithin(
  path: Path,
  reach: number,
): { readonly path: Path; readonly gap: number } | undefined {
  const gap = distance(startOf(path), endOf(path));
  if (gap === 0) return { path, gap };
  if (gap > reach) return undefined;
  const [first] = path;
  const last = path.at(-1) as Segment;
  const closed = { ...last, to: first.from };
  return { path: pathOf([...path.slice(0, -1), closed]), gap };
}

/** Open lines of one layer, joined where they follow each other: those that then are closed, and those that stay open. */
export function closedOf(
  lines: readonly (readonly Point[])[],
  reach: number,
  called: Pick<DrawnShape, 'name' | 'layer'>,
): FoundLines {
  const shapes: DrawnShape[] = [];
  const open: DrawnShape[] = [];
  let mended = 0;
  for (const points of chained(lines, reach)) {
    const path = polyline(points);
    const closed = points.length > 2 ? closedWithin(path, reach) : undefined;
    if (closed && closed.gap > 0) mended += 1;
    (closed ? shapes : open).push({ ...called, path: closed?.path ?? path });
  }
  return { shapes, mended, open };
}

/** What was found in several layers, together. */
export const foundIn = (layers: readonly FoundLines[]): FoundLines => ({
  shapes: layers.flatMap(({ shapes }) => shapes),
  mended: layers.reduce((sum, { mended }) => sum + mended, 0),
  open: layers.flatMap(({ open }) => open),
});

/** Open lines that follow each other within `reach`, joined into longer ones, whichever way each was drawn. */
export function chained(lines: readonly (readonly Point[])[], reach: number): readonly (readonly Point[])[] {
  const left = lines.filter((one) => one.length > 1).map((one) => [...one]);
  const chains: (readonly Point[])[] = [];
  while (left.length > 0) {
    let chain: Point[] = left.shift() as Point[];
    for (;;) {
      const end = chain.at(-1) as Point;
      const start = chain[0] as Point;
      if (chain.length > 2 && distance(start, end) <= reach) break;
      const next = left.findIndex(
        (one) => distance(one[0] as Point, end) <= reach || distance(one.at(-1) as Point, end) <= reach,
      );
      if (next === -1) break;
      const [found] = left.splice(next, 1) as [Point[]];
      const along = distance(found[0] as Point, end) <= reach ? found : found.toReversed();
      chain = [...chain, ...along.slice(1)];
    }
    chains.push(chain);
  }
  return chains;
}
