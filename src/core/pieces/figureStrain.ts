import type { Explained } from '../explain/explained';
import { getNumber } from '../explain/ledger';
import type { ZoneId } from '../facts/garment';
import type { BodyMeasure } from '../facts/wearer';
import { isEachSide } from '../fit/pieceShape';
import type { GarmentKind, Zone } from '../fit/garmentKind';
import type { ZonePlan } from '../fit/types';
import { curveThrough, type Knot } from '../geometry/monotone';
import type { Figure } from '../garments/drawings/figure';
import type { Outline } from './outline';
import { countOf, girthMm, girthParts, liesOn } from './girth';
import { widthAt, zoneAt } from './measure';
import { isAtMostShare } from '../units/tolerance';

/** A part of the body that the cloth goes round: the trunk, or one leg. */
export type Tube = 'trunk' | 'leg';

/** What is asked of the cloth at one height of the body. */
export interface StrainSpot {
  /** Below the neck, in the units of the figure: 1 cm. */
  readonly y: number;
  readonly bodyMm: number;
  readonly garmentMm: number;
  /** What the plan has there: through its zones. */
  readonly plannedMm: number;
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
/** Spots between the first and the last zone of a part. */
const SPOTS = 48;

/** A line for each part of the body that two zones lie on; `garmentAt` says how wide the garment is. */
function linesOf(
  places: readonly Place[],
  garmentOf: (tube: Tube, on: readonly Place[]) => ((y: number) => number | undefined) | undefined,
): readonly StrainLine[] {
  return TUBES.flatMap((tube): readonly StrainLine[] => {
    const on = places.filter((place) => place.tube === tube);
    const garment = on.length === 0 ? undefined : garmentOf(tube, on);
    const [first, last] = [on[0], on.at(-1)];
    if (!garment || !first || !last) return [];
    const body = curveThrough(on.map(({ y, bodyMm }) => ({ x: y, y: bodyMm })));
    const planned = curveThrough(on.map(({ y, restMm }) => ({ x: y, y: restMm })));
    const at = (y: number): readonly StrainSpot[] => {
      const garmentMm = garment(y);
      if (garmentMm === undefined || garmentMm <= 0) return [];
      const bodyMm = body(y);
      return [{ y, bodyMm, garmentMm, plannedMm: planned(y), extension: bodyMm / garmentMm - 1 }];
    };
    const spots = Array.from({ length: SPOTS + 1 }, (_, nth) =>
      at(first.y + ((last.y - first.y) * nth) / SPOTS),
    ).flat();
    const zones = on.flatMap(({ zone, y }) => at(y).map((one) => ({ ...one, zone: zone.id })));
    return [{ tube, spots, zones }];
  });
}

/** The strain along the body as the plan has it: through its zones only. */
export function plannedStrain(inputs: Inputs): readonly StrainLine[] {
  return linesOf(placesOf(inputs), (_, on) => curveThrough(on.map(({ y, restMm }) => ({ x: y, y: restMm }))));
}

/**
 * The strain along the body of pieces as they are cut: their width at every height, each zone of a piece lying where the body
 * is measured for it and what is between in proportion. Nothing of a part whose pieces are not all there.
 */
export function strainOfPieces(
  inputs: Inputs,
  outlines: Readonly<Record<string, Outline>>,
): readonly StrainLine[] {
  const { kind } = inputs;
  const parts = new Map(kind.zones.map((zone) => [zone.id, girthParts(kind, outlines, zone)] as const));
  const places = placesOf(inputs).filter(({ zone }) => parts.get(zone.id) !== undefined);
  return linesOf(places, (_, on) => {
    const shapes = kind.shapes.filter((shape) => on.some(({ zone }) => liesOn(shape, zone.id)));
    const widths = shapes.map((shape) => {
      const outline = outlines[shape.id];
      const anchors = on.flatMap(({ zone, y }) => {
        const here = outline && liesOn(shape, zone.id) ? zoneAt(outline, zone.id) : undefined;
        return here === undefined ? [] : [{ x: y, y: here }];
      });
      const each = on.some(({ zone }) => isEachSide(zone));
      const count = countOf(kind, shape) / (each ? 2 : 1);
      return { outline, anchors, count };
    });
    return (y) => {
      const exact = on.find((place) => place.y === y);
      const known = exact && parts.get(exact.zone.id);
      if (known) return girthMm(known);
      let sum = 0;
      for (const { outline, anchors, count } of widths) {
        const on = between(anchors, y);
        if (!outline || on === undefined) return undefined;
        sum += count * widthAt(outline, on);
      }
      return sum;
    };
  });
}

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
  return garmentMm > plannedMm * (1 + BAGS) ? 'bags' : 'well';
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
