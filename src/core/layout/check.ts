import { areaOfRings, shared, without } from '../geometry/clip';
import { boundsOfPoints, boxesMeet, rectangle, type Bounds } from '../geometry/ring';
import {
  foldAtLeft,
  isSameTurn,
  lengthOf,
  liesFaceDown,
  mayLie,
  nameOf,
  ringAt,
  sideOf,
  type Layout,
  type LayoutPiece,
  type LayoutProblem,
  type Placement,
} from './problem';
import { offRepeat } from './repeat';

/** Overlaps smaller than this are rounding, mm². */
export const OVERLAP_MM2 = 0.01;
/** How far off a repeat what is held to it may lie, mm. */
const OFF_REPEAT_MM = 0.5;
/** How far from the fold an edge still lies on it, mm. */
const ON_FOLD_MM = 0.01;

/** What is wrong, with the pieces it is about. */
export interface LayoutFault {
  readonly kind: 'overlap' | 'outside' | 'count' | 'turn' | 'face' | 'fold' | 'repeat' | 'edge';
  readonly pieces: readonly string[];
  /** By how much they overlap, or lie beside the cloth. */
  readonly areaMm2?: number;
}

/**
 * What is wrong with a layout, by exact clips of what is cut: it shares nothing with the search. Empty where every copy is
 * there once, at a turn and a face it may have, on the cloth and its repeats, and overlaps no other.
 */
export function layoutFaults(problem: LayoutProblem, layout: Layout): readonly LayoutFault[] {
  const cloth = rectangle(problem.widthMm, layout.lengthMm);
  const lying = layout.placements.flatMap((one) => {
    const piece = problem.pieces.find(({ id }) => id === one.piece);
    if (!piece) return [];
    const ring = ringAt(problem, one);
    return [{ name: nameOf(one), piece, one, ring, box: boundsOfPoints(ring) }];
  });
  return [
    ...problem.pieces.flatMap((piece) => countFaults(piece, layout.placements)),
    ...lying.flatMap(({ name, piece, one, box }) => placeFaults(problem, name, { piece, one, box })),
    ...lying.flatMap(({ name, one }): readonly LayoutFault[] => {
      const { x, y } = offRepeat(problem, one);
      return Math.max(Math.abs(x), Math.abs(y)) > OFF_REPEAT_MM ? [{ kind: 'repeat', pieces: [name] }] : [];
    }),
    ...lying.flatMap(({ name, ring, box }): readonly LayoutFault[] => {
      // What a box says needs no clip.
      const beside =
        box.left < 0 || box.top < 0 || box.right > problem.widthMm || box.bottom > layout.lengthMm;
      const areaMm2 =
        (beside ? areaOfRings(without([ring], [cloth])) : 0) +
        (problem.holes ? areaOfRings(shared([ring], problem.holes)) : 0);
      return areaMm2 > OVERLAP_MM2 ? [{ kind: 'outside', pieces: [name], areaMm2 }] : [];
    }),
    ...lying.flatMap((a, nth) =>
      lying.slice(nth + 1).flatMap((b): readonly LayoutFault[] => {
        const areaMm2 = boxesMeet(a.box, b.box) ? areaOfRings(shared([a.ring], [b.ring])) : 0;
        return areaMm2 > OVERLAP_MM2 ? [{ kind: 'overlap', pieces: [a.name, b.name], areaMm2 }] : [];
      }),
    ),
  ];
}

/** What is wrong with the copies that are pinned, before anything else is laid. */
export function pinnedFaults(problem: LayoutProblem): readonly LayoutFault[] {
  const { pieces, pinned = [] } = problem;
  const faults = layoutFaults(problem, { placements: pinned, lengthMm: lengthOf(problem, pinned) });
  return [
    ...faults.filter(({ kind }) => kind !== 'count' && kind !== 'face'),
    ...pinned.flatMap((one): readonly LayoutFault[] => {
      const piece = pieces.find(({ id }) => id === one.piece);
      if (!piece || one.copy > piece.count) return [{ kind: 'count', pieces: [one.piece] }];
      const faceDown = liesFaceDown(piece, one.copy);
      if (faceDown === undefined || faceDown === one.mirrored) return [];
      return [{ kind: 'face', pieces: [nameOf(one)] }];
    }),
  ];
}

/** Copies that are missing, there twice, or with too many of one face. */
function countFaults(piece: LayoutPiece, placements: readonly Placement[]): readonly LayoutFault[] {
  const copies = placements.filter((one) => one.piece === piece.id);
  const numbers = new Set(copies.map(({ copy }) => copy));
  const whole = Array.from({ length: piece.count }, (_, nth) => numbers.has(nth + 1)).every(Boolean);
  const faults: LayoutFault[] = [];
  if (!whole || copies.length !== piece.count) faults.push({ kind: 'count', pieces: [piece.id] });
  const over = copies.filter(({ mirrored }) => mirrored).length;
  const half = Math.floor(piece.count / 2);
  const asked = { no: over === 0, half: over === half, free: true }[piece.mirrored ?? 'no'];
  if (!asked) faults.push({ kind: 'face', pieces: [piece.id] });
  return faults;
}

/** How far an edge that lies on the cloth’s may lie off it, mm. */
const OFF_EDGE_MM = 0.5;

function liesOnEdge(
  problem: LayoutProblem,
  { piece, one, box }: { readonly piece: LayoutPiece; readonly one: Placement; readonly box: Bounds },
): boolean {
  const { edgeAtLeft } = piece;
  if (edgeAtLeft === undefined) return true;
  const offMm = sideOf(edgeAtLeft, one) === 'left' ? box.left : box.right - problem.widthMm;
  return mayLie(problem, piece, one) && Math.abs(offMm) <= OFF_EDGE_MM;
}

function placeFaults(
  problem: LayoutProblem,
  name: string,
  { piece, one, box }: { readonly piece: LayoutPiece; readonly one: Placement; readonly box: Bounds },
): readonly LayoutFault[] {
  const turned = (piece.turns ?? [0]).some((turn) => isSameTurn(turn, one.turn));
  const faults: LayoutFault[] = [];
  if (!turned) faults.push({ kind: 'turn', pieces: [name] });
  if (piece.onFold && (Math.abs(box.left) > ON_FOLD_MM || !foldAtLeft(one)))
    faults.push({ kind: 'fold', pieces: [name] });
  if (!liesOnEdge(problem, { piece, one, box })) faults.push({ kind: 'edge', pieces: [name] });
  return faults;
}
