import { Clipper, EndType, FillRule, JoinType, type Path64, type PathsD, type Rect64 } from 'clipper2-ts';
import type { Point } from './point';
import type { Bounds } from './ring';

/** Closed rings of points. One that runs clockwise as it is seen goes round what is there, the other way round a hole. */
export type Rings = readonly (readonly Point[])[];

/** Clipper works in whole numbers: of a ten-thousandth of a millimetre here. */
const DECIMALS = 4;

const given = (rings: Rings): PathsD => rings.map((ring) => ring.map(({ x, y }) => ({ x, y })));

/** What is inside any of the rings, counting clockwise as inside: loops that run the other way go. */
export const united = (rings: Rings): Rings => Clipper.unionD(given(rings), [], FillRule.Positive, DECIMALS);

/** What is inside both. */
export const shared = (a: Rings, b: Rings): Rings =>
  Clipper.intersectD(given(a), given(b), FillRule.Positive, DECIMALS);

/** What is inside the first and not inside the second. */
export const without = (a: Rings, b: Rings): Rings =>
  Clipper.differenceD(given(a), given(b), FillRule.Positive, DECIMALS);

/** Given in whole numbers: a rectangle at whole millimetres would be taken for one, and what it cuts rounded to them. */
const UNITS_PER_MM = 10 ** DECIMALS;
const units = (mm: number): number => Math.round(mm * UNITS_PER_MM);
const inUnits = (lines: Rings): Path64[] =>
  lines.map((line) => line.map(({ x, y }) => ({ x: units(x), y: units(y) })));
const inMm = (lines: Path64[]): Rings =>
  lines.map((line) => line.map(({ x, y }) => ({ x: x / UNITS_PER_MM, y: y / UNITS_PER_MM })));
const boxInUnits = ({ left, top, right, bottom }: Bounds): Rect64 => ({
  left: units(left),
  top: units(top),
  right: units(right),
  bottom: units(bottom),
});

/** What of lines lies in an upright rectangle. A closed ring is given as a line that ends where it began. */
export const linesWithin = (box: Bounds, lines: Rings): Rings =>
  inMm(Clipper.rectClipLines(boxInUnits(box), inUnits(lines)));

/** What of rings lies in an upright rectangle. */
export const ringsWithin = (box: Bounds, rings: Rings): Rings =>
  inMm(Clipper.rectClip(boxInUnits(box), inUnits(rings)));

/** Area of rings together, mm²: holes count against it. */
export const areaOfRings = (rings: Rings): number => Clipper.areaPathsD(given(rings));

/** The ring as it runs clockwise as it is seen. */
export const clockwise = (ring: readonly Point[]): readonly Point[] =>
  areaOfRings([ring]) < 0 ? ring.toReversed() : ring;

/** The ring of the largest area; nothing where there is none. */
export function largestOf(rings: Rings): readonly Point[] | undefined {
  const sized = rings.map((ring) => ({ ring, area: areaOfRings([ring]) }));
  return sized.toSorted((a, b) => b.area - a.area)[0]?.ring;
}

/** A ring with as few points as it can have while it lies within `offMm` of what it was (Ramer, Douglas and Peucker). */
export const simplified = (ring: readonly Point[], offMm: number): readonly Point[] =>
  Clipper.ramerDouglasPeuckerPathsD(given([ring]), offMm)[0] ?? [];

/** Rings with `byMm` more all round, or less, their corners rounded to within `offMm`, or as they are: holes grow smaller. */
export const grownRings = (rings: Rings, byMm: number, offMm: number, sharp = false): Rings =>
  Clipper.inflatePathsD(
    given(rings),
    byMm,
    sharp ? JoinType.Miter : JoinType.Round,
    EndType.Polygon,
    2,
    DECIMALS,
    offMm,
  );

/** A ring with `byMm` more all round, its corners rounded, to within `offMm`. */
export const grown = (ring: readonly Point[], byMm: number, offMm: number): readonly Point[] =>
  largestOf(grownRings([clockwise(ring)], byMm, offMm)) ?? ring;
