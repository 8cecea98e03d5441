import type { Explained } from '../explain/explained';
import { getNumber } from '../explain/ledger';
import type { ZoneId } from '../facts/garment';
import type { BodyMeasure } from '../facts/wearer';
import { isEachSide, type ShapeEdge } from '../fit/pieceShape';
import type { GarmentKind, Zone } from '../fit/garmentKind';
import type { ZonePlan } from '../fit/types';
import { curveThrough, type Knot } from '../geometry/monotone';
import type { DrawnBody, Figure } from '../garments/drawings/figure';
import type { Outline } from './outline';
import { countOf, girthMm, girthParts, liesOn } from './girth';
import { acrossAt, zoneAt } from './measure';
import { isAtMostShare } from '../units/tolerance';

/** A part of the body that the cloth goes round: the trunk, or one leg. */
export type Tube = 'trunk' | 'leg';

/** What is asked of the cloth at one height of the body. */
export interface StrainSpot {
  /** Below the neck, in the units of the figure: 1 cm. */
  readonly y: number;
  readonly bodyMm: number;
  readonly garmentMm: number;
  /** What the plan has there: through its zones, between the first and the last of them. */
  readonly plannedMm?: number;
  /** Worn extension, a share of the garment; negative where it is larger than the body. */
  readonly extension: number;
}

/** The strain along one part of the body, downwards, and the zones that lie on it. */
export interface StrainLine {
  readonly tube: Tube;
  readonly spots: readonly StrainSpot[];
  readonly zones: readonly (StrainSpot & { readonly zone: ZoneId })[];
}

/** Heights at which girths are taken, on the figure: usual places (from memory). */
const heightsOf = (figure: Figure): Readonly<Partial<Record<BodyMeasure, readonly [Tube, number]>>> => ({
  highBust: ['trunk', figure.armY],
  bust: ['trunk', figure.bustY],
  underbust: ['trunk', figure.underbustY],
  waist: ['trunk', figure.waistY],
  lowHip: ['trunk', figure.waistY + (figure.hipY - figure.waistY) * LOW_HIP],
  hip: ['trunk', figure.hipY],
  thigh: ['leg', figure.crotchY + (figure.kneeY - figure.crotchY) * THIGH],
  legTop: ['leg', figure.crotchY],
  knee: ['leg', figure.kneeY],
  calf: ['leg', figure.calfY],
  ankle: ['leg', figure.ankleY],
});
/** How far down from waist to hip, and from crotch to knee, those lie. */
const LOW_HIP = 0.65;
const THIGH = 0.08;

interface Inputs {
  readonly kind: GarmentKind;
  readonly zones: readonly ZonePlan[];
  readonly numbers: Readonly<Record<string, Explained>>;
  readonly figure: Figure;
  /** Everything that was measured of the body, mm. */
  readonly measured: DrawnBody;
}

interface Place {
  readonly zone: Zone;
  readonly tube: Tube;
  readonly y: number;
  readonly bodyMm: number;
  readonly restMm: number;
}

/** The zones around the body that lie on the figure, from the neck down. */
function placesOf({ kind, zones, numbers, figure }: Inputs): readonly Place[] {
  const heights = heightsOf(figure);
  return kind.zones
    .flatMap((zone): readonly Place[] => {
      const plan = zones.find((one) => one.zone === zone.id);
      const at = zone.axis === 'around' ? heights[zone.measure] : undefined;
      if (!plan || !at) return [];
      const [bodyMm, restMm] = [plan.body, plan.rest].map((id) => getNumber(numbers, id).value);
      return [{ zone, tube: at[0], y: at[1], bodyMm: bodyMm ?? 0, restMm: restMm ?? 0 }];
    })
    .toSorted((a, b) => a.y - b.y);
}

const TUBES: readonly Tube[] = ['trunk', 'leg'];
/** Spots between the first and the last measure of a part. */
const SPOTS = 96;

/** A girth at every height, where there is one. */
type GirthAt = (y: number) => number | undefined;

/** A girth through knots, and nothing beyond the first and the last of them; nothing through fewer than two. */
function girthThrough(knots: readonly Knot[]): GirthAt {
  const [first, last] = [knots[0], knots.at(-1)];
  if (!first || !last || first === last) return () => undefined;
  const curve = curveThrough(knots);
  return (y) => (y < first.x || y > last.x ? undefined : curve(y));
}

/** A line for each part of the body whose garment has a girth at two heights at least. */
function linesOf(
  inputs: Inputs,
  places: readonly Place[],
  garmentOf: (on: readonly Place[]) => GirthAt,
): readonly StrainLine[] {
  return TUBES.flatMap((tube): readonly StrainLine[] => {
    const on = places.filter((place) => place.tube === tube);
    if (on.length === 0) return [];
    const [garment, knots] = [garmentOf(on), bodyKnots(inputs, tube, on)];
    const body = girthThrough(knots);
    const planned = girthThrough(on.map(({ y, restMm }) => ({ x: y, y: restMm })));
    const at = (y: number): readonly StrainSpot[] => {
      const [garmentMm, bodyMm, plannedMm] = [garment(y), body(y), planned(y)];
      if (garmentMm === undefined || garmentMm <= 0 || bodyMm === undefined) return [];
      const extension = bodyMm / garmentMm - 1;
      return [{ y, bodyMm, garmentMm, extension, ...(plannedMm === undefined ? {} : { plannedMm }) }];
    };
    const [top, foot] = [knots[0]?.x ?? 0, knots.at(-1)?.x ?? 0];
    const ys = Array.from({ length: SPOTS + 1 }, (_, nth) => top + ((foot - top) * nth) / SPOTS);
    const all = [...new Set([...ys, ...on.map(({ y }) => y)])].toSorted((a, b) => a - b);
    const spots = all.flatMap(at);
    const zones = on.flatMap(({ zone, y }) => at(y).map((one) => ({ ...one, zone: zone.id })));
    return spots.length < 2 ? [] : [{ tube, spots, zones }];
  });
}

/** The body’s girths of one part, downwards: as the zones have them, and what else was measured. */
function bodyKnots({ figure, measured }: Inputs, tube: Tube, on: readonly Place[]): readonly Knot[] {
  const others = Object.entries(heightsOf(figure)).flatMap(([measure, [part, y]]): readonly Knot[] => {
    const mm = measured[measure as BodyMeasure];
    return part === tube && mm !== undefined && !on.some((place) => place.y === y) ? [{ x: y, y: mm }] : [];
  });
  return [...others, ...on.map(({ y, bodyMm }) => ({ x: y, y: bodyMm }))].toSorted((a, b) => a.x - b.x);
}

/** The strain along the body as the plan has it: through its zones only. */
export const plannedStrain = (inputs: Inputs): readonly StrainLine[] =>
  linesOf(inputs, placesOf(inputs), (on) => girthThrough(on.map(({ y, restMm }) => ({ x: y, y: restMm }))));

/**
 * The strain along the body of pieces as they are cut: their width at every height, each zone of a piece lying where the body
 * is measured for it, what is between in proportion and what is beyond as long as it is. Nothing of a part whose pieces are
 * not all there, and nothing where they do not go all round: at a slanting waist, or beside an armhole.
 */
export function strainOfPieces(
  inputs: Inputs,
  outlines: Readonly<Record<string, Outline>>,
): readonly StrainLine[] {
  const { kind } = inputs;
  const parts = new Map(kind.zones.map((zone) => [zone.id, girthParts(kind, outlines, zone)] as const));
  const places = placesOf(inputs).filter(({ zone }) => parts.get(zone.id) !== undefined);
  return linesOf(inputs, places, (on) => {
    const shapes = kind.shapes.filter((shape) => on.some(({ zone }) => liesOn(shape, zone.id)));
    const widths = shapes.map((shape) => {
      const outline = outlines[shape.id];
      const anchors = on.flatMap(({ zone, y }) => {
        const here = outline && liesOn(shape, zone.id) ? zoneAt(outline, zone.id) : undefined;
        return here === undefined ? [] : [{ x: y, y: here }];
      });
      const each = on.some(({ zone }) => isEachSide(zone));
      const count = countOf(kind, shape) / (each ? 2 : 1);
      const ends = [anchors[0], anchors.at(-1)].flatMap((one): readonly PieceEnd[] =>
        outline && one ? [{ ...one, sides: sidesBeside(outline, one.y) }] : [],
      );
      return { outline, anchors, ends, count };
    });
    return (y) => {
      const exact = on.find((place) => place.y === y);
      const known = exact && parts.get(exact.zone.id);
      if (known) return girthMm(known);
      let sum = 0;
      for (const { outline, anchors, ends, count } of widths) {
        const wide = outline && wideAt({ outline, anchors, ends }, y);
        if (wide === undefined) return undefined;
        sum += count * wide;
      }
      return sum;
    };
  });
}

/** One unit of the figure, mm. */
const MM_PER_UNIT = 10;

/** A height of the body that lies at a height of a piece, and the edges that bound the piece there. */
interface PieceEnd extends Knot {
  readonly sides: readonly ShapeEdge[];
}

/** How wide a piece is where it lies at a height of the body; nothing where it does not go from side to side there. */
function wideAt(
  { outline, anchors, ends }: { outline: Outline; anchors: readonly Knot[]; ends: readonly PieceEnd[] },
  y: number,
): number | undefined {
  const inside = between(anchors, y);
  const end = inside === undefined ? ends[(ends[0]?.x ?? 0) > y ? 0 : 1] : undefined;
  const here = inside ?? (end && end.y + (y - end.x) * MM_PER_UNIT);
  const across = here === undefined ? undefined : acrossAt(outline, here);
  const sides = across && sidesOf(across.edges);
  if (!across || !sides) return undefined;
  // Beyond the zones it goes on as far as the same edges do: an armhole is no girth.
  return end && !sameEdges(sides, end.sides) ? undefined : across.widthMm;
}

/** The edges that bound a piece at a height; nothing where it does not go from side to side, at a slanting end. */
function sidesOf(across: readonly ShapeEdge[]): readonly ShapeEdge[] | undefined {
  const isSide = ({ edge, seam }: ShapeEdge): boolean => edge === undefined || seam !== undefined;
  return across.length > 0 && across.every(isSide) ? across : undefined;
}

const sidesAt = (outline: Outline, y: number) => sidesOf(acrossAt(outline, y).edges);

/** The edges that bound a piece at an anchor; a hair inside it where that is an end of them. */
const sidesBeside = (outline: Outline, y: number): readonly ShapeEdge[] =>
  sidesAt(outline, y) ?? sidesAt(outline, y - HAIR_MM) ?? sidesAt(outline, y + HAIR_MM) ?? [];
const HAIR_MM = 0.5;

const sameEdges = (a: readonly ShapeEdge[], b: readonly ShapeEdge[]): boolean =>
  a.length === b.length && a.every((one) => b.includes(one));

/** The height on a piece that lies at a height of the body: in proportion between two anchors, nothing beyond them. */
function between(anchors: readonly Knot[], y: number): number | undefined {
  const nth = anchors.findIndex(({ x }) => x >= y);
  const [a, b] = [anchors[nth - 1], anchors[nth]];
  return a && b ? a.y + ((y - a.x) / (b.x - a.x)) * (b.y - a.y) : undefined;
}

/** How the cloth lies at a height. */
export type Lies = 'well' | 'strained' | 'bags';

/** Wider than planned by more than this share it hangs loose (estimate, unchecked). */
const BAGS = 0.04;

/** How it lies where at most `limit` of worn extension may be asked. */
export function liesAt({ extension, garmentMm, plannedMm }: StrainSpot, limit: number): Lies {
  if (!isAtMostShare(extension, limit)) return 'strained';
  return plannedMm !== undefined && garmentMm > plannedMm * (1 + BAGS) ? 'bags' : 'well';
}

/** Stretches of a line that lie alike, each with its first and last spot in common with its neighbours. */
export function runsOf(
  { spots }: StrainLine,
  limit: number,
): readonly { readonly lies: Lies; readonly spots: readonly StrainSpot[] }[] {
  const runs: { lies: Lies; spots: StrainSpot[] }[] = [];
  for (const one of spots) {
    const lies = liesAt(one, limit);
    const last = runs.at(-1);
    last?.spots.push(one);
    if (last?.lies !== lies) runs.push({ lies, spots: [one] });
  }
  return runs.filter((run) => run.spots.length > 1);
}
