import { keepsOf, type Keeps, type Lying } from './keeps';
import type { Shape } from './shapes';

/** The strip that they lie on, from (0, 0), mm. */
export interface Room {
  readonly wideMm: number;
  readonly longMm: number;
}

/** Rounds of lines taken anew, and of corners moved for each; how often what is left is looked at, and what share of it is worth going on for. */
const ROUNDS = 60;
const SWEEPS = 12;
const LOOK = 8;
const BETTER = 0.97;

export interface Settling {
  /** How deep two shapes may lie in each other at the end, mm. */
  readonly apartMm: number;
  /** Corners as near as this to another shape are kept off it, mm: no deeper may they lie in each other at first. */
  readonly nearMm: number;
  /** How often lines are taken anew at most. */
  readonly rounds?: number;
}

/**
 * Moves copies that lie in each other a little until they lie apart: every corner near a side of another shape is kept
 * outside of the line along it, one after the other, again and again (a projected Gauss–Seidel method), and the lines are
 * taken anew. Changes `lying`. Gives how deep the deepest corner still lies.
 */
export function settled(
  lying: readonly Lying[],
  room: Room,
  { apartMm, nearMm, rounds = ROUNDS }: Settling,
): number {
  let worst = Infinity;
  let before = Infinity;
  putIn(lying, room);
  for (let round = 0; round < rounds; round += 1) {
    const keeps = keepsOf(lying, { nearMm, facing: false });
    worst = keeps.worst;
    if (worst <= apartMm) return worst;
    if (round % LOOK === LOOK - 1) {
      if (worst > BETTER * before) return worst;
      before = worst;
    }
    for (let sweep = 0; sweep < SWEEPS; sweep += 1) {
      if (!swept(lying, keeps)) break;
      putIn(lying, room);
    }
  }
  return worst;
}

/** How near two edges lie that are drawn together, as shares of the first distance, one round after the other. */
const DRAWN = [1, 1, 0.6, 0.6, 0.4, 0.4, 0.2, 0.2, 0.1, 0.1, 0.05, 0.05, 0.02, 0.02];

const DRAWN_SWEEPS = 40;
/** Corners off by no more than this are a matter of rounding, mm; which part of their way they go, one round after the other. */
const EVENED_MM = 0.02;
const EVENED = [0.5, 0.125, 0.03, 0.008];

/**
 * Draws copies together whose edges lie along each other within `nearMm`, and apart where they overlap: pieces that fit
 * each other come to lie as they fit. Changes `lying`.
 */
export function drawnTogether(lying: readonly Lying[], room: Room, nearMm: number): void {
  for (const share of DRAWN) draw(lying, room, share * nearMm, 0.5);
}

/** The same for copies that lie as they fit but for rounding: over many small moves each corner has as much say as another. */
export function evened(lying: readonly Lying[], room: Room): void {
  for (const part of EVENED) draw(lying, room, EVENED_MM, part);
}

/** Every corner goes this part of its way each time. */
function draw(lying: readonly Lying[], room: Room, nearMm: number, part: number): void {
  const keeps = keepsOf(lying, { nearMm, facing: true });
  for (let sweep = 0; sweep < DRAWN_SWEEPS; sweep += 1) {
    swept(lying, keeps, part);
    putIn(lying, room);
  }
}

function putIn(lying: readonly Lying[], room: Room): void {
  for (const one of lying) {
    const { shape } = one;
    if (shape.givesX) one.x = placeOn(shape, one.x, room.wideMm - shape.widthMm);
    if (shape.givesY) one.y = within(one.y, room.longMm - shape.heightMm);
  }
}

/** On its side of the cloth, or else anywhere on it. */
function placeOn({ side, fromLeftMm }: Shape, x: number, most: number): number {
  if (side === 'left') return 0;
  return side === 'right' ? Math.max(0, most) : Math.max(fromLeftMm, within(x, most));
}

const within = (at: number, most: number): number => Math.max(0, Math.min(at, most));

/** Corners off by less than this are left, mm. */
const HAIR_MM = 1e-7;

/** Corners that could be moved only nearly along the side that they are kept off are left. */
const LEAST_GIVE = 0.01;

/** One round over all; whether anything was moved. Corners outside are drawn in too where it is said by which part of their way. */
function swept(lying: readonly Lying[], { a, b, nx, ny, out }: Keeps, drawn?: number): boolean {
  const part = drawn ?? 1;
  let moved = false;
  for (let at = 0; at < a.length; at += 1) {
    const one = lying[a[at]!]!;
    const other = lying[b[at]!]!;
    const off = part * (out[at]! + nx[at]! * (one.x - other.x) + ny[at]! * (one.y - other.y));
    if (drawn === undefined && off >= -HAIR_MM) continue;
    // What may not move stays, and the other goes all the way.
    const x1 = nx[at]! * one.shape.givesX;
    const y1 = ny[at]! * one.shape.givesY;
    const x2 = nx[at]! * other.shape.givesX;
    const y2 = ny[at]! * other.shape.givesY;
    const give = x1 * x1 + y1 * y1 + x2 * x2 + y2 * y2;
    if (give < LEAST_GIVE) continue;
    moved = true;
    const far = off / give;
    one.x -= x1 * far;
    one.y -= y1 * far;
    other.x += x2 * far;
    other.y += y2 * far;
  }
  return moved;
}
