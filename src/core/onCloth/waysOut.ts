import { boundsOfPoints, rectangle } from '../geometry/ring';
import type { LayoutProblem } from '../layout/problem';
import { stripOf } from '../paper/bandPieces';
import type { GarmentPlan } from '../plan/types';
import type { ClothPiece } from './garmentPieces';
import type { Garment } from '../facts/garment';
import type { CutWith } from '../facts/layout';
import type { LaidOn } from './laidOn';
import { toLayOut } from './toLayOut';

/** A way to take less cloth: what is done, what it costs, and what is then laid out. */
export interface WayOut {
  readonly id: 'rotary' | 'turned' | 'parts' | 'nap' | 'apart';
  readonly label: string;
  readonly caution: string;
  /** The bands that are cut another way. */
  readonly bands: readonly string[];
  readonly problem: LayoutProblem;
}

interface Asked extends LaidOn {
  /** What a seam that joins two parts of a band takes of each, mm. */
  readonly seamMm: number;
}

/** Shorter bands are not pieced, mm: two seams in a cuff are in the way (common practice, no source). */
const PIECED_FROM_MM = 300;

/** The ways that could make a cloth enough, each as something to lay out: only those that change something. */
export function waysOut(pieces: readonly ClothPiece[], asked: Asked): readonly WayOut[] {
  const { seamMm, ...on } = asked;
  const { cutWith } = on;
  const bands = pieces.filter(({ isBand }) => isBand);
  const fixed = bands.filter(({ turns }) => turns?.length === 1);
  const long = bands.filter((band) => longOf(band) >= PIECED_FROM_MM);
  const oneWay = pieces.some(({ turns, isBand }) => !isBand && turns?.length === 1);
  const changed = (which: readonly ClothPiece[], change: (piece: ClothPiece) => readonly ClothPiece[]) =>
    pieces.flatMap((piece) => (which.includes(piece) ? change(piece) : [piece]));
  const way = (
    told: Omit<WayOut, 'problem' | 'bands'>,
    laid: readonly ClothPiece[],
    { tool = cutWith, bands: which = [] }: { tool?: CutWith; bands?: readonly ClothPiece[] } = {},
  ): readonly WayOut[] => {
    const found = toLayOut(laid, { ...on, cutWith: tool });
    return found.ok ? [{ ...told, bands: which.map(({ id }) => id), problem: found.problem }] : [];
  };
  return [
    ...(cutWith === 'scissors'
      ? way(
          {
            id: 'rotary',
            label: 'Cut with a rotary cutter',
            caution: 'Pieces then lie half as far apart: on one flat layer, held by weights.',
          },
          pieces,
          { tool: 'rotary' },
        )
      : []),
    ...(fixed.length > 0
      ? way(
          {
            id: 'turned',
            label: 'Turn bands by a quarter',
            caution: 'Only where the cloth stretches enough that way too: pull it first.',
          },
          changed(fixed, (band) => [{ ...band, turns: [0, 90] }]),
          { bands: fixed },
        )
      : []),
    ...(long.length > 0
      ? way(
          {
            id: 'parts',
            label: 'Cut long bands in two parts',
            caution: 'One seam more in each: lay it where the garment has a seam.',
          },
          changed(long, (band) => [inTwo(band, seamMm)]),
          { bands: long },
        )
      : []),
    ...(bands.length > 0 && bands.length < pieces.length
      ? way(
          {
            id: 'apart',
            label: 'Bands out of another cloth',
            caution: 'It needs the stretch that the bands were planned with.',
          },
          changed(bands, () => []),
        )
      : []),
    ...(oneWay
      ? way(
          {
            id: 'nap',
            label: 'Turn pieces by half against the nap',
            caution: 'Nap and print then run the other way on some: seen where pieces meet.',
          },
          pieces.map((piece) =>
            piece.isBand
              ? piece
              : { ...piece, turns: (piece.turns ?? [0]).flatMap((turn) => [turn, turn + 180]) },
          ),
        )
      : []),
  ];
}

const sizeOf = ({ ring }: ClothPiece): readonly [number, number] => {
  const { left, right, top, bottom } = boundsOfPoints(ring);
  return [right - left, bottom - top];
};
const longOf = (piece: ClothPiece): number => Math.max(...sizeOf(piece));

/** Each half as long as half the band and the seam that joins it. */
function inTwo(band: ClothPiece, seamMm: number): ClothPiece {
  const [across, along] = sizeOf(band);
  const half = (mm: number): number => mm / 2 + seamMm;
  const ring = across >= along ? rectangle(half(across), along) : rectangle(across, half(along));
  return { ...band, ring, count: 2 * band.count };
}

/** What makes a way out part of the garment, so that its ticket has it; nothing where that is for the person to choose. */
export function acceptedWay(
  { id, bands }: WayOut,
  { plan, garment }: { readonly plan: Pick<GarmentPlan, 'edges'>; readonly garment: Pick<Garment, 'edges'> },
): Readonly<Record<string, unknown>> | undefined {
  const edges = bands.flatMap((row) => {
    const edge = plan.edges.find(({ strips }) => strips.some(({ rows }) => rows.includes(row)));
    const way = stripOf(plan, row)?.strip.way;
    return edge ? [{ path: `edges.${edge.id}`, edge: garment.edges?.[edge.id], way }] : [];
  });
  if (edges.length === 0) return undefined;
  switch (id) {
    case 'parts':
      return Object.fromEntries(edges.map(({ path, edge }) => [`${path}.parts`, 2 * (edge?.parts ?? 1)]));
    case 'turned':
      return Object.fromEntries(
        edges.map(({ path, way }) => [`${path}.direction`, way === 'along' ? 'across' : 'along']),
      );
    default:
      return undefined;
  }
}
