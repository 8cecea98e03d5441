import type { CutWith } from '../facts/layout';
import { areaOfRings, clockwise, largestOf, shared, without } from '../geometry/clip';
import { point, type Point } from '../geometry/point';
import { boundsOfPoints } from '../geometry/ring';
import { FULL_TURN, placed, type Layout, type LayoutProblem, type Placement } from '../layout/problem';
import type { ClothPiece } from './garmentPieces';
import { GAPS_MM, leastWidth, toLayOut } from './toLayOut';

/** A way to fold cloth before it is cut: what is laid on two layers, and on one beside them. */
export interface Folding {
  readonly id: 'half' | 'part';
  readonly label: string;
  readonly caution: string;
  /** Where the fold is, from the left selvedge, mm. */
  readonly foldMm: number;
  readonly doubled: LayoutProblem;
  readonly single: LayoutProblem | undefined;
}

interface Asked {
  readonly widthMm: number;
  readonly cutWith: CutWith;
}

/** Cloth is not folded more exactly, mm. */
const PLAY_MM = 1;
/** Of its area, what a piece may be off its mirror image. */
const EVEN = 1e-3;

/**
 * The ways that cloth of a width can be folded for these pieces: in half; and where some are cut but once and are not
 * even, only as deep as the widest of the others. None where nothing is gained by a second layer.
 */
export function foldings(pieces: readonly ClothPiece[], { widthMm, cutWith }: Asked): readonly Folding[] {
  const on = pieces.map((piece) => ({ piece, twice: onTwoLayers(piece) }));
  const twice = on.flatMap((one) => one.twice ?? []);
  const once = on.flatMap(({ piece, twice: both }) => (both ? [] : [piece]));
  if (twice.length === 0) return [];
  const half = problemOf([...twice, ...once], widthMm / 2, cutWith);
  const found: Folding[] = [];
  if (half)
    found.push({
      id: 'half',
      label: 'Folded in half',
      caution:
        once.length > 0
          ? `Quickest to cut, both layers at once; of ${named(once)} the second is left over.`
          : 'Quickest to cut, both layers at once. Slippery or piled cloth creeps: cut that flat.',
      foldMm: widthMm / 2,
      doubled: { ...half, fold: true },
      single: undefined,
    });
  const gapMm = GAPS_MM[cutWith];
  const deepMm =
    PLAY_MM + Math.max(...twice.map((piece) => leastWidth(piece) + (piece.onFold ? 0 : gapMm / 2)));
  const doubled = problemOf(twice, deepMm, cutWith);
  const single = problemOf(once, widthMm - 2 * deepMm - gapMm, cutWith);
  if (once.length > 0 && doubled && single)
    found.push({
      id: 'part',
      label: 'Folded as deep as the widest pair',
      caution: `What is cut once (${named(once)}) lies on one layer beside it.`,
      foldMm: deepMm,
      doubled: { ...doubled, fold: true },
      single,
    });
  return found;
}

const named = (pieces: readonly ClothPiece[]): string =>
  pieces.map(({ label }) => label.toLowerCase()).join(', ');

function problemOf(
  pieces: readonly ClothPiece[],
  widthMm: number,
  cutWith: CutWith,
): LayoutProblem | undefined {
  const asked = toLayOut(pieces, { widthMm, cutWith });
  return asked.ok ? asked.problem : undefined;
}

/** How a piece lies on two layers: a pair once; an even one as its half, on the fold; nothing where it is neither. */
function onTwoLayers(piece: ClothPiece): ClothPiece | undefined {
  const { ring, count, turns = [0] } = piece;
  if (piece.mirrored === 'half' && count % 2 === 0) return { ...piece, count: count / 2, mirrored: 'free' };
  const level = turns.filter((turn) => turn % (FULL_TURN / 2) === 0);
  const half = level.length > 0 ? halfOf(ring) : undefined;
  if (!half) return undefined;
  return { ...piece, ring: half, onFold: true, turns: level, mirrored: level.length > 1 ? 'free' : 'no' };
}

/** The right half of a ring that is even about its middle; nothing of one that is not. */
function halfOf(ring: readonly Point[]): readonly Point[] | undefined {
  const { left, top, right, bottom } = boundsOfPoints(ring);
  const middle = (left + right) / 2;
  const own = clockwise(ring);
  const over = clockwise(ring.map(({ x, y }) => point(2 * middle - x, y)));
  if (areaOfRings(without([own], [over])) > EVEN * areaOfRings([own])) return undefined;
  const side = [point(middle, top), point(right, top), point(right, bottom), point(middle, bottom)];
  return largestOf(shared([own], [side]));
}

/** A layout on folded cloth as it lies once the cloth is opened: every copy of the pieces on one layer. */
export function unfolded(
  pieces: readonly ClothPiece[],
  { foldMm, doubled }: Folding,
  layouts: { readonly doubled: Layout; readonly single: Layout | undefined },
): readonly Placement[] {
  const right = (one: Placement, from: number): Placement => ({ ...one, x: one.x + from });
  const opened = layouts.doubled.placements.flatMap((one): readonly Placement[] => {
    const laid = doubled.pieces.find(({ id }) => id === one.piece);
    const piece = pieces.find(({ id }) => id === one.piece);
    const isPair = piece?.mirrored === 'half' && laid?.mirrored === 'free' && !laid.onFold;
    const upper = right(one, foldMm);
    if (!isPair) return [laid?.onFold && piece ? foldedOut(one, piece.ring, foldMm) : upper];
    const lower: Placement = {
      ...one,
      x: foldMm - one.x,
      turn: (FULL_TURN - one.turn) % FULL_TURN,
      mirrored: !one.mirrored,
    };
    // The face of a copy goes by its number: every second one lies face down.
    const numbered = (face: Placement): Placement => ({
      ...face,
      copy: 2 * one.copy - (face.mirrored ? 0 : 1),
    });
    return [numbered(upper), numbered(lower)];
  });
  const beside = 2 * foldMm + doubled.gapMm;
  return [...opened, ...(layouts.single?.placements ?? []).map((one) => right(one, beside))];
}

/** The whole of an even piece whose half lies on the fold: its middle on the fold, face up, since its mirror image is itself. */
function foldedOut(one: Placement, whole: readonly Point[], foldMm: number): Placement {
  const faceUp = { ...one, x: 0, mirrored: false };
  const { left, right } = boundsOfPoints(whole.map(placed(faceUp)));
  return { ...faceUp, x: foldMm - (left + right) / 2 };
}
