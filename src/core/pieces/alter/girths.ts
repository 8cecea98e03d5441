import type { ZoneId } from '../../facts/garment';
import type { GarmentKind, Zone } from '../../fit/garmentKind';
import { endOf, lengthOf, startOf, type Path } from '../../geometry/path';
import { curveThrough } from '../../geometry/monotone';
import { boundsOf } from '../../geometry/ring';
import { distance, plus, point, type Point } from '../../geometry/point';
import { girthMm, girthParts, liesOn } from '../girth';
import { zoneAt } from '../measure';
import { neighbours, roundPiece, type Outline, type Outlines, type PieceEdge } from '../outline';
import { endsAt, movedBy, withRedrawn } from './redrawn';
import { walkAsBefore } from './walkAsBefore';

/** A number of mm for each zone. */
export type ByZone = Readonly<Record<ZoneId, number>>;

/** How one zone was altered. */
export interface ZoneChange {
  readonly zone: ZoneId;
  readonly fromMm: number;
  readonly toMm: number;
  /** How many seam edges moved, of all pieces as they are cut. */
  readonly edges: number;
}

/** Ids of the edges of a piece that move when a zone is altered. */
function takersOf({ shape }: Outline, zone: ZoneId): readonly string[] {
  const said = shape.takes?.[zone];
  if (said) return said;
  const level = shape.levels?.[zone];
  const seam = level && shape.edges.find(({ id }) => id === level[0])?.seam;
  return seam === undefined ? [] : shape.edges.filter((edge) => edge.seam === seam).map(({ id }) => id);
}

/** How many edges take the change of a zone, of all that is sewn together there: each by so much, and the girth by their sum. */
function edgesAt(kind: GarmentKind, outlines: Outlines, zone: Zone): number {
  const parts = girthParts(kind, outlines, zone) ?? [];
  return parts.reduce((sum, { shape, times }, nth) => {
    const outline = outlines[shape.id] as Outline;
    const again = parts.findIndex((part) => part.shape === shape) < nth;
    const sides = outline.folded ? 2 : 1;
    const takers = takersOf(outline, zone.id);
    return again
      ? sum
      : sum + times * sides * outline.edges.filter(({ of }) => takers.includes(of.id)).length;
  }, 0);
}

/** Girths come out this near, mm; a few rounds get there. */
const NEAR_MM = 0.02;
const MOST_ROUNDS = 12;

/**
 * Pieces whose girth at each of these zones is as wanted: the edges there move out or in by the same each, by an amount
 * that runs smoothly from height to height (monotone cubic through the zones, D); seams walk as before, and what has no side
 * there stays where it is. Zones that a piece without an outline belongs to, or that no edge takes, are left out.
 */
export function withGirths(
  kind: GarmentKind,
  outlines: Outlines,
  wanted: ByZone,
): { readonly outlines: Outlines; readonly changes: readonly ZoneChange[] } {
  const zones = kind.zones.flatMap((zone) => {
    const parts = girthParts(kind, outlines, zone);
    const edges = edgesAt(kind, outlines, zone);
    const toMm = wanted[zone.id];
    return parts && toMm !== undefined && edges > 0 && !isTaken(kind, outlines, zone)
      ? [{ zone, edges, fromMm: girthMm(parts), toMm }]
      : [];
  });
  let shifts: ByZone = Object.fromEntries(
    zones.map(({ zone, edges, fromMm, toMm }) => [zone.id, (toMm - fromMm) / edges]),
  );
  let altered = outlines;
  for (let round = 0; round < MOST_ROUNDS && zones.length > 0; round += 1) {
    altered = shifted(kind, outlines, shifts);
    const off = zones.map(({ zone, edges, toMm }) => {
      const is = girthMm(girthParts(kind, altered, zone) ?? []);
      return [zone.id, (toMm - is) / edges, Math.abs(toMm - is)] as const;
    });
    if (off.every(([, , mm]) => mm < NEAR_MM)) break;
    shifts = Object.fromEntries(off.map(([id, more]) => [id, (shifts[id] ?? 0) + more]));
  }
  return { outlines: altered, changes: zones.map(({ zone, ...rest }) => ({ zone: zone.id, ...rest })) };
}

/** Whether another zone’s level lies at the same end of the same edges: then that one counts. */
function isTaken(kind: GarmentKind, outlines: Outlines, zone: Zone): boolean {
  return Object.values(outlines).some((outline) => {
    if (outline.shape.levels?.[zone.id] || !liesOn(outline.shape, zone.id)) return false;
    return takersOf(outline, zone.id).some((edge) => {
      const y = zoneAt(outline, zone.id, edge);
      return kind.zones.some((other) => {
        const level = outline.shape.levels?.[other.id] && zoneAt(outline, other.id, edge);
        return y !== undefined && level !== undefined && Math.abs(level - y) < SAME_HEIGHT_MM;
      });
    });
  });
}
/** Zones closer than this to each other cannot both be altered on one edge, mm. */
const SAME_HEIGHT_MM = 5;

/** All pieces with the edges of these zones moved outwards by so many mm each. */
function shifted(kind: GarmentKind, outlines: Outlines, shifts: ByZone): Outlines {
  const moved = Object.fromEntries(
    Object.entries(outlines).map(([id, outline]) => [id, shiftedPiece(outline, shifts)]),
  );
  return walkAsBefore(kind.sewn, outlines, moved);
}

function shiftedPiece(outline: Outline, shifts: ByZone): Outline {
  const { left, right } = boundsOf(roundPiece(outline));
  const redrawn = new Map<number, Path>();
  for (const [nth, { of, path }] of outline.edges.entries()) {
    const shift = shiftOf(outline, of.id, shifts);
    if (!shift) continue;
    const middle = (startOf(path).x + endOf(path).x) / 2;
    const out = outline.folded || middle > (left + right) / 2 ? 1 : -1;
    const sideways = ({ y }: Point): Point => point(out * shift(y), 0);
    const path1 = movedBy(path, sideways);
    redrawn.set(nth, endsAt(path1, ...lifted(outline, nth, path1)));
  }
  return redrawn.size === 0 ? outline : withRedrawn(outline, redrawn);
}

/** How far an edge moves outwards at each height; nothing where no zone moves it. */
function shiftOf(outline: Outline, edge: string, shifts: ByZone): ((y: number) => number) | undefined {
  const knots = Object.entries(shifts).flatMap(([zone, mm]) => {
    const y = takersOf(outline, zone).includes(edge) ? zoneAt(outline, zone, edge) : undefined;
    return y === undefined ? [] : [{ x: y, y: mm }];
  });
  return knots.every(({ y }) => y === 0) ? undefined : curveThrough(knots);
}

/**
 * The ends of an edge that moved, higher or lower where a straight seam that begins there would become longer or shorter:
 * it cannot bend, and keeps its length by where it ends.
 */
function lifted(outline: Outline, nth: number, moved: Path): readonly [Point, Point] {
  const { before, after } = neighbours(outline, nth);
  return [lift(before, startOf(moved), 'end'), lift(after, endOf(moved), 'start')];
}

/** Where an edge beside one that moved ends, its start or its end drawn to a place. */
function lift({ of, path }: PieceEdge, to: Point, which: 'start' | 'end'): Point {
  const [near, far] = which === 'end' ? [endOf(path), startOf(path)] : [startOf(path), endOf(path)];
  const bends = lengthOf(path) > distance(near, far) * (1 + NEARLY_STRAIGHT);
  if (of.seam === undefined || of.fold || bends) return to;
  const square = distance(near, far) ** 2 - (to.x - far.x) ** 2;
  const up = square < 0 ? 0 : far.y + Math.sign(to.y - far.y) * Math.sqrt(square) - to.y;
  return Math.abs(up) > MOST_LIFT * distance(near, to) ? to : plus(to, point(0, up));
}
/** A seam longer than the line between its ends by less than this share has no bend to give. */
const NEARLY_STRAIGHT = 0.01;
/** How many times as far as it moves sideways an end may rise or fall. */
const MOST_LIFT = 3;
