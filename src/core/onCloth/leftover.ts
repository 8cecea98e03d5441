import type { Cloth } from '../facts/cloth';
import {
  areaOfRings,
  clockwise,
  grownRings,
  shared,
  simplified,
  without,
  type Rings,
} from '../geometry/clip';
import { point, type Point } from '../geometry/point';
import { boundsOfPoints, rectangle } from '../geometry/ring';
import { ringAt, type Layout, type LayoutProblem, type Repeat } from '../layout/problem';
import { washedBy } from './buy';
import { toTenth } from '../units/roundForTape';

/** What is narrower than this is waste, and so is a part of less area (common practice, no source). */
const NARROW_MM = 30;
const SCRAP_MM2 = 10_000;
/** Of an outline that is kept, how far a corner may lie off, mm: less than the gap that pieces keep from it. */
const OFF_MM = 0.5;

/** A cloth as it lies before it is cut, washed, mm. */
interface Lying {
  readonly widthMm: number;
  readonly lengthMm: number;
  readonly holes?: Rings | undefined;
}

/** What is left of a cloth once pieces are cut from it: its area is the cloth’s less theirs. */
export const remainder = ({ widthMm, lengthMm, holes = [] }: Lying, pieces: Rings): Rings =>
  without([rectangle(widthMm, lengthMm)], [...holes, ...pieces.map(clockwise)]);

/** Of what is left, what is worth keeping: no strip narrower than 30 mm, no part under 100 cm². Each part with its holes. */
export function worthKeeping(left: Rings): readonly Rings[] {
  const core = grownRings(left, -NARROW_MM / 2, OFF_MM, true);
  const wide = shared(grownRings(core, NARROW_MM / 2, OFF_MM, true), left).map((ring) =>
    simplified(ring, OFF_MM),
  );
  return partsOf(wide).filter((part) => areaOfRings(part) >= SCRAP_MM2);
}

/** Each ring that goes round something, with the holes in it. */
function partsOf(rings: Rings): readonly Rings[] {
  const outer = rings.filter((ring) => areaOfRings([ring]) > 0);
  const inner = rings.filter((ring) => areaOfRings([ring]) < 0);
  return outer.map((ring) => [
    ring,
    ...inner.filter((hole) => areaOfRings(shared([ring], [clockwise(hole)])) > -0.5 * areaOfRings([hole])),
  ]);
}

/**
 * What is kept of a cloth as its facts have it, unwashed: from its upper left corner on, or from the repeat before, and as
 * wide and long as it reaches. Nothing where it is all waste. `across` and `along` are how much washing makes of it.
 */
export function leftoverFacts(
  parts: readonly Rings[],
  { across, along }: { readonly across: number; readonly along: number },
  repeat: Repeat = {},
): Pick<Cloth, 'outline' | 'widthMm' | 'onHandMm'> | undefined {
  const rings = parts.flat();
  if (rings.length === 0) return undefined;
  const bounds = boundsOfPoints(rings.flat());
  const left = repeatBefore(bounds.left, repeat.acrossMm);
  const top = repeatBefore(bounds.top, repeat.alongMm);
  return {
    widthMm: toTenth((bounds.right - left) / across),
    onHandMm: Math.round((bounds.bottom - top) / along),
    outline: rings.map((ring) => ({
      points: ring.map(({ x, y }) => point(toTenth((x - left) / across), toTenth((y - top) / along))),
    })),
  };
}

/**
 * What a cloth becomes once a layout is cut from it and all of the rest is kept, its outline with it: of what is on the
 * shelf, or of no more than the layout takes where that is not known. Nothing where the rest is waste.
 */
export function leftoverOf(
  cloth: Cloth,
  { problem, layout }: { readonly problem: LayoutProblem; readonly layout: Layout },
): ReturnType<typeof leftoverFacts> {
  const [across, along] = [washedBy(cloth, 'across'), washedBy(cloth, 'along')];
  const hasMm = (cloth.onHandMm ?? 0) * along;
  const left = remainder(
    { widthMm: problem.widthMm, lengthMm: Math.max(layout.lengthMm, hasMm), holes: problem.holes },
    layout.placements.map((one) => ringAt(problem, one)),
  );
  return leftoverFacts(worthKeeping(left), { across, along }, problem.repeat);
}

/** So that its print begins where it began. */
const repeatBefore = (mm: number, everyMm: number | undefined): number =>
  everyMm ? Math.floor(mm / everyMm) * everyMm : mm;

/** Parts of a cloth that are gone and smaller than this are corners of rounding, mm². */
const ROUNDING_MM2 = 1;

/** Where there is no cloth, down to where it ends: rings without holes. */
export function holesOf(outline: Rings, widthMm: number): Rings {
  const { bottom } = boundsOfPoints(outline.flat());
  const gone = without([rectangle(widthMm, bottom)], outline);
  return withoutHoles(gone).filter((ring) => areaOfRings([ring]) > ROUNDING_MM2);
}

/** The same area as rings without holes: cut in two through the middle of a hole, as often as there is one. */
function withoutHoles(rings: Rings): Rings {
  const hole = rings.find((ring) => areaOfRings([ring]) < -ROUNDING_MM2);
  if (!hole) return rings.filter((ring) => areaOfRings([ring]) > 0);
  const { left, top, right, bottom } = boundsOfPoints(rings.flat());
  const within = boundsOfPoints(hole);
  const middle = (within.left + within.right) / 2;
  const side = (from: number, to: number): readonly Point[] => [
    point(from, top),
    point(to, top),
    point(to, bottom),
    point(from, bottom),
  ];
  return [side(left, middle), side(middle, right)].flatMap((half) => withoutHoles(shared(rings, [half])));
}
