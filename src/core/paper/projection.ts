import { minus, plus, point, type Point } from '../geometry/point';
import { boundsOfPoints } from '../geometry/ring';
import { quarterOf, turned, type Quarter } from './laid';

/**
 * A grid of known size on the table, such as a cutting mat’s, matched with the picture at two opposite corners: mm, and CSS
 * pixels at a device pixel ratio.
 */
export interface GridMatch {
  readonly wideMm: number;
  readonly highMm: number;
  readonly from: Point;
  readonly to: Point;
  readonly ratio: number;
}

/** Corners closer than this tell too little, px. */
const LEAST_PX = 40;
/** Sides of the picture may differ so much in scale before it is said (common practice, no source). */
const MOST_UNLIKE = 0.02;

/** Device pixels for a millimetre, across and down. */
export interface Projection {
  readonly across: number;
  readonly down: number;
}

/** The scale a match gives; nothing where its corners are too close, or the wrong way round. */
export function projectionOf({ wideMm, highMm, from, to, ratio }: GridMatch): Projection | undefined {
  const [wide, high] = [to.x - from.x, to.y - from.y];
  if (wide < LEAST_PX || high < LEAST_PX) return undefined;
  return { across: (wide * ratio) / wideMm, down: (high * ratio) / highMm };
}

/** CSS pixels for a millimetre at this device pixel ratio: a page that is zoomed stays true. */
export const cssPerMm = ({ across, down }: Projection, ratio: number): Projection => ({
  across: across / ratio,
  down: down / ratio,
});

/** Whether the picture is drawn out more one way than the other: the projector does not look straight down. */
export const isUneven = ({ across, down }: Projection): boolean => Math.abs(across / down - 1) > MOST_UNLIKE;

/** How the picture lies on the table: turned by quarters, mirrored, moved; mm. */
export interface Lie {
  readonly quarter: Quarter;
  readonly mirrored: boolean;
  readonly move: Point;
}

/** Where points of a piece lie on the table, mm: mirrored, then turned, its box beginning where it was moved to. */
export function onTable(ring: readonly Point[], { quarter, mirrored, move }: Lie): (one: Point) => Point {
  const lain = ({ x, y }: Point): Point => turned(point(mirrored ? -x : x, y), quarter);
  const { left, top } = boundsOfPoints(ring.map(lain));
  const by = minus(move, point(left, top));
  return (one) => plus(lain(one), by);
}

/** The next quarter turn. */
export const turnedOn = (quarter: Quarter): Quarter => quarterOf(quarter + 1);
