import type { CutWith } from '../facts/layout';
import { boundsOfPoints } from '../geometry/ring';
import { placed, type LayoutPiece, type LayoutProblem } from '../layout/problem';
import { heldTo } from '../layout/repeat';
import type { ClothPiece } from './garmentPieces';
import type { LaidOn } from './laidOn';

/** Kept free between pieces, mm (T): a rotary cutter, or scissors. */
export const GAPS_MM: Readonly<Record<CutWith, number>> = { rotary: 3, scissors: 6 };

/** More pieces than this lie in no home layout. */
const MOST_PIECES = 200;

/** A problem that can be searched, or what has to be done first. */
export type ToLayOut =
  | { readonly ok: true; readonly problem: LayoutProblem }
  | { readonly ok: false; readonly why: 'nothing' | 'width' | 'many' }
  | { readonly ok: false; readonly why: 'wide'; readonly pieces: readonly TooWide[] }
  | {
      readonly ok: false;
      readonly why: 'repeat';
      readonly repeatMm: number;
      readonly pieces: readonly string[];
    };

/** A piece that is wider than the cloth at every turn it may have, and whether it would fit with a quarter turn more. */
export interface TooWide {
  readonly label: string;
  readonly widthMm: number;
  readonly fitsTurned: boolean;
}

/** What is laid out on a cloth. */
export function toLayOut(pieces: readonly ClothPiece[], on: LaidOn): ToLayOut {
  const { widthMm, cutWith, repeat, holes, lacedEdges } = on;
  const count = pieces.reduce((sum, piece) => sum + piece.count, 0);
  if (count === 0) return { ok: false, why: 'nothing' };
  if (count > MOST_PIECES) return { ok: false, why: 'many' };
  if (widthMm === undefined || widthMm <= 0) return { ok: false, why: 'width' };
  const wide = pieces.flatMap((piece): readonly TooWide[] => {
    const least = leastWidth(piece);
    if (least <= widthMm) return [];
    return [{ label: piece.label, widthMm: least, fitsTurned: leastWidth(piece, 90) <= widthMm }];
  });
  if (wide.length > 0) return { ok: false, why: 'wide', pieces: wide };
  const problem: LayoutProblem = {
    widthMm,
    gapMm: GAPS_MM[cutWith],
    pieces,
    ...(repeat ? { repeat } : {}),
    ...(lacedEdges ? { lacedEdges } : {}),
    ...(holes && holes.length > 0 ? { holes } : {}),
  };
  const placeless = pieces.filter((piece) => !hasPlace(problem, piece));
  if (repeat?.acrossMm === undefined || placeless.length === 0) return { ok: true, problem };
  return {
    ok: false,
    why: 'repeat',
    repeatMm: repeat.acrossMm,
    pieces: placeless.map(({ label }) => label),
  };
}

/** Whether a piece lies on a repeat anywhere between the selvedges. */
function hasPlace(problem: LayoutProblem, { id, ring, turns = [0], mirrored: either }: LayoutPiece): boolean {
  const lies = (turn: number, mirrored: boolean): boolean => {
    const as = { piece: id, copy: 1, x: 0, y: 0, turn, mirrored };
    const every = heldTo(problem, as)?.x;
    const { left, right } = boundsOfPoints(ring.map(placed(as)));
    if (!every) return true;
    const first = every.fromMm + Math.ceil((-left - every.fromMm) / every.everyMm) * every.everyMm;
    return first + right <= problem.widthMm;
  };
  const faces = either === 'half' ? [false, true] : [false];
  return faces.every((mirrored) => turns.some((turn) => lies(turn, mirrored)));
}

/** How wide a piece is at the narrowest of its turns, each with so many degrees more, mm. */
export const leastWidth = ({ ring, turns = [0] }: LayoutPiece, more = 0): number =>
  Math.min(
    ...turns.map((turn) => {
      const about = ring.map(placed({ x: 0, y: 0, turn: turn + more, mirrored: false }));
      const { left, right } = boundsOfPoints(about);
      return right - left;
    }),
  );
