import { crossingsOf } from '../geometry/ring';
import type { Point } from '../geometry/point';
import { areaOfRings } from '../geometry/clip';
import {
  areaOfPieces,
  mirrorings,
  type Layout,
  type LayoutPiece,
  type LayoutProblem,
  type Mirroring,
} from '../layout/problem';

/** A layout problem as a file: what is laid, how long it is looked for, and by what chance. */
export interface LayoutFile {
  readonly problem: LayoutProblem;
  readonly seed: number;
  /** How long to look: by the clock, or, for the same answer each time, by steps. */
  readonly until: { readonly seconds: number } | { readonly steps: number };
}

export type LayoutFileRead =
  | { readonly ok: true; readonly file: LayoutFile }
  | { readonly ok: false; readonly faults: readonly string[] };

/** More copies, or corners of a piece, than these are not laid. */
const MOST_COPIES = 1000;
const MOST_CORNERS = 20_000;
/** Rings with more corners are not looked through for crossings: that they are drawn by hand is unlikely. */
const LOOKED_THROUGH = 4000;
/** Larger cloths and pieces than this are a slip of units, mm. */
const LARGEST_MM = 100_000;
const USUAL_SECONDS = 10;
const LONGEST_SECONDS = 3600;

/** Reads a layout problem of `docs/formats/layout-problem.json`; each fault is a sentence that says where it is and what to do. */
export function readLayoutFile(text: string): LayoutFileRead {
  let given: unknown;
  try {
    given = JSON.parse(text);
  } catch {
    return {
      ok: false,
      faults: ['This is no JSON: see docs/formats/layout-problem.json for what a layout problem looks like.'],
    };
  }
  if (!isRecord(given))
    return {
      ok: false,
      faults: ['Expected an object with widthMm and pieces: see docs/formats/layout-problem.json.'],
    };
  const faults: string[] = [];
  const fault = (sentence: string): void => void faults.push(sentence);
  onlyKnown(given, ['widthMm', 'gapMm', 'seed', 'seconds', 'steps', 'pieces'], 'the file', fault);
  const { widthMm, gapMm = 0, seed = 1, seconds, steps } = given;
  if (!isBetween(widthMm, 0, LARGEST_MM)) fault('widthMm: give the cloth’s width in mm, more than 0.');
  if (gapMm !== 0 && !isBetween(gapMm, 0, 100))
    fault('gapMm: give the gap between pieces in mm, from 0 to 100.');
  if (!Number.isInteger(seed)) fault('seed: give a whole number.');
  if (seconds !== undefined && steps !== undefined) fault('Give seconds or steps, not both.');
  if (seconds !== undefined && !isBetween(seconds, 0, LONGEST_SECONDS))
    fault('seconds: give a number from 0 to 3600.');
  if (steps !== undefined && !(Number.isInteger(steps) && (steps as number) > 0))
    fault('steps: give a whole number, at least 1.');
  const pieces = piecesOf(given['pieces'], fault);
  const copies = pieces.reduce((sum, { count }) => sum + count, 0);
  if (copies > MOST_COPIES)
    fault(`pieces: ${copies} copies are more than ${MOST_COPIES}: lay them out in parts.`);
  if (faults.length > 0) return { ok: false, faults };
  const until =
    steps === undefined
      ? { seconds: (seconds as number | undefined) ?? USUAL_SECONDS }
      : { steps: steps as number };
  const problem = { widthMm: widthMm as number, gapMm: gapMm as number, pieces };
  return { ok: true, file: { problem, seed: seed as number, until } };
}

function piecesOf(given: unknown, fault: (sentence: string) => void): readonly LayoutPiece[] {
  if (!Array.isArray(given) || given.length === 0) {
    fault('pieces: give a list of at least one piece.');
    return [];
  }
  const known = new Set<string>();
  return given.flatMap((one: unknown, nth): readonly LayoutPiece[] => {
    const where = `pieces[${nth}]`;
    if (!isRecord(one)) {
      fault(`${where}: expected an object with id and ring.`);
      return [];
    }
    onlyKnown(one, ['id', 'ring', 'count', 'turns', 'mirrored', 'onFold'], where, fault);
    const { id, count = 1, turns = [0], mirrored = 'no', onFold = false } = one;
    if (typeof id !== 'string' || id === '' || known.has(id))
      fault(`${where}.id: give each piece a name of its own.`);
    else known.add(id);
    if (!Number.isInteger(count) || (count as number) < 1)
      fault(`${where}.count: give a whole number, at least 1.`);
    if (!Array.isArray(turns) || turns.length === 0 || !turns.every((turn) => isBetween(turn, -361, 361)))
      fault(`${where}.turns: give the degrees it may be turned by, such as [0, 180].`);
    if (!mirrorings.includes(mirrored as Mirroring)) fault(`${where}.mirrored: give no, half or free.`);
    if (typeof onFold !== 'boolean') fault(`${where}.onFold: give true or false.`);
    const ring = ringOf(one['ring'], where, fault);
    return [
      {
        id: String(id),
        ring,
        count: Number.isInteger(count) ? (count as number) : 0,
        turns: turns as number[],
        mirrored: mirrored as Mirroring,
        onFold: onFold === true,
      },
    ];
  });
}

function ringOf(given: unknown, where: string, fault: (sentence: string) => void): readonly Point[] {
  if (!Array.isArray(given) || given.length < 3) {
    fault(`${where}.ring: give at least three corners, each [x, y] in mm.`);
    return [];
  }
  if (given.length > MOST_CORNERS) {
    fault(
      `${where}.ring: ${given.length} corners are more than ${MOST_CORNERS}: thin them out, 0.1 mm apart from the line is enough.`,
    );
    return [];
  }
  const ring = given.flatMap((corner: unknown): readonly Point[] =>
    Array.isArray(corner) &&
    corner.length === 2 &&
    corner.every((at) => isBetween(at, -LARGEST_MM, LARGEST_MM))
      ? [{ x: corner[0] as number, y: corner[1] as number }]
      : [],
  );
  if (ring.length < given.length) fault(`${where}.ring: each corner is [x, y], two numbers in mm.`);
  else if (Math.abs(areaOfRings([ring])) < 1) fault(`${where}.ring: it goes round no area.`);
  else if (ring.length <= LOOKED_THROUGH && crossingsOf(ring).length > 0)
    fault(`${where}.ring: it crosses itself.`);
  return ring;
}

const isRecord = (given: unknown): given is Readonly<Record<string, unknown>> =>
  typeof given === 'object' && given !== null && !Array.isArray(given);

/** Above the least, and no more than the most. */
const isBetween = (given: unknown, least: number, most: number): given is number =>
  typeof given === 'number' && Number.isFinite(given) && given > least && given <= most;

function onlyKnown(
  given: Readonly<Record<string, unknown>>,
  known: readonly string[],
  where: string,
  fault: (sentence: string) => void,
): void {
  for (const key of Object.keys(given))
    if (!known.includes(key)) fault(`${where}: nothing is known of “${key}”.`);
}

/** A layout as it is printed: `docs/formats/layout.json`. */
export function writeLayout({ widthMm, pieces }: LayoutProblem, layout: Layout, steps: number): string {
  return JSON.stringify(
    {
      lengthMm: layout.lengthMm,
      use: areaOfPieces(pieces) / (widthMm * layout.lengthMm),
      steps,
      placements: layout.placements,
    },
    null,
    2,
  );
}
