import { outlineEdgeFields, type Knot, type OutlineFacts } from '../facts/outline';
import { homographyOf, projected, type Corners } from '../geometry/homography';
import { distance, type Point } from '../geometry/point';
import { lengthOfSegment } from '../geometry/segment';
import { ringPath } from './ring';
import { pixelOf, type PhotoMap } from './sheets';

/** A click is off by this much in each direction, as a standard deviation, px of the photo. */
export const CLICK_PX = 1;
/** Two standard deviations: of a hundred lengths ninety-five are that good (D, normal errors). */
const DEVIATIONS = 2;

/**
 * How good the length of each edge of a traced ring is, mm, in 95 cases of 100: the error of every click, of the four corners
 * of the sheet and of the points themselves, carried through to the length and added as squares (D, propagation of errors).
 * Edges of a ring that goes round nothing have none.
 */
export function edgeErrors(
  ring: readonly Knot[],
  photo: PhotoMap,
  clickPx = CLICK_PX,
): Readonly<Record<string, number>> {
  const before = edgeLengths(ring);
  const squares: Record<string, number> = {};
  const add = (moved: readonly Knot[]) => {
    const after = edgeLengths(moved);
    for (const [id, mm] of Object.entries(before))
      squares[id] = (squares[id] ?? 0) + ((after[id] ?? mm) - mm) ** 2;
  };
  const pixels = ring.map((knot) => pixelOf(photo, knot));
  for (const nth of [0, 1, 2, 3])
    for (const by of [
      { x: clickPx, y: 0 },
      { x: 0, y: clickPx },
    ])
      add(withCorner(ring, pixels, photo, nth, by));
  ring.forEach((knot, nth) => {
    const pixel = pixels[nth];
    const next = pixel && projected(photo.map, { x: pixel.x + clickPx, y: pixel.y });
    const byPx = next ? distance(next, knot) : 0;
    const by = Math.hypot(byPx, knot.clickMm ?? 0);
    add(ring.map((one, at) => (at === nth ? { ...one, x: one.x + by } : one)));
    add(ring.map((one, at) => (at === nth ? { ...one, y: one.y + by } : one)));
  });
  return Object.fromEntries(Object.entries(squares).map(([id, sum]) => [id, DEVIATIONS * Math.sqrt(sum)]));
}

/** The ring as it would lie had one corner of the sheet been clicked elsewhere. */
function withCorner(
  ring: readonly Knot[],
  pixels: readonly (Point | undefined)[],
  { corners, paper }: PhotoMap,
  nth: number,
  by: Point,
): readonly Knot[] {
  const moved = corners.map((one, at) =>
    at === nth ? { x: one.x + by.x, y: one.y + by.y } : one,
  ) as unknown as Corners;
  const map = homographyOf(moved, paper);
  return ring.map((knot, at) => {
    const pixel = pixels[at];
    const lies = pixel && projected(map, pixel);
    return lies ? { ...knot, ...lies } : knot;
  });
}

/** The length of each named edge of a ring as it was traced, mm. */
export function edgeLengths(ring: readonly Knot[]): Readonly<Record<string, number>> {
  const path = ringPath(ring);
  const start = ring.findIndex(({ edge }) => edge !== undefined);
  if (!path || start === -1 || path.length !== ring.length) return {};
  const lengths: Record<string, number> = {};
  let edge = '';
  ring.forEach((_, step) => {
    const nth = (start + step) % ring.length;
    edge = ring[nth]?.edge ?? edge;
    const segment = path[nth];
    if (segment) lengths[edge] = (lengths[edge] ?? 0) + lengthOfSegment(segment);
  });
  return lengths;
}

/** An outline that says of each edge how good its length is, as the photo it was traced on tells. */
export function withErrors(outline: OutlineFacts, photo: PhotoMap): OutlineFacts {
  const most = outlineEdgeFields.goodToMm.max;
  const errors = Object.entries(edgeErrors(outline.ring, photo));
  if (errors.length === 0) return outline;
  const edges = errors.map(([id, mm]) => [
    id,
    { ...outline.edges?.[id], goodToMm: Math.min(Math.round(mm * 100) / 100, most) },
  ]);
  return { ...outline, edges: { ...outline.edges, ...Object.fromEntries(edges) } };
}
