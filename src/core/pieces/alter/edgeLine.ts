import type { GarmentKind } from '../../fit/garmentKind';
import { backwards, chopped, displaced, endMoved, endOf, startOf, type Path } from '../../geometry/path';
import { minus, outwardOf, plus, point, times, unitOf, type Point } from '../../geometry/point';
import { isAsItsKind, neighbours, type Outline, type Outlines, type PieceEdge } from '../outline';
import { withRedrawn } from './redrawn';
import { walkAsBefore } from './walkAsBefore';

/** How far an edge moves into its piece, mm: along the seams or the fold at its ends, inwards in its middle. */
export interface EdgeLine {
  readonly piece: string;
  readonly edge: string;
  readonly startMm: number;
  readonly middleMm: number;
  readonly endMm: number;
}

/** Lines are bent in parts no longer than this, mm. */
const PART_MM = 10;

/** From 0 to 1 without a corner at either end; and up to 1 in the middle and back. */
const step = (share: number): number => share * share * (3 - 2 * share);
const hump = (share: number): number => 16 * share * share * (1 - share) * (1 - share);

/**
 * Pieces with one finished edge redrawn: its ends slide along what it meets there, its middle moves in, and it leaves its
 * ends in the direction it had. Where an end lies in a seam, the edge of the piece sewn on there goes with it. Nothing where
 * an end would slide off its seam, or the piece is drawn whole.
 */
export function edgeRedrawn(
  { sewn }: Pick<GarmentKind, 'sewn'>,
  outlines: Outlines,
  line: EdgeLine,
): Outlines | undefined {
  const outline = outlines[line.piece];
  const own = outline && isAsItsKind(outline) ? lineMoved(outline, line) : undefined;
  if (!own) return undefined;
  let all: Outlines = { ...outlines, [line.piece]: own };
  for (const which of ['start', 'end'] as const) {
    const mm = which === 'start' ? line.startMm : line.endMm;
    const beyond = mm === 0 ? undefined : beyondSeam({ sewn }, outlines, line, which);
    if (!beyond) continue;
    const other = all[beyond.piece];
    const moved =
      other &&
      lineMoved(other, {
        ...beyond,
        startMm: beyond.which === 'start' ? mm : 0,
        middleMm: 0,
        endMm: beyond.which === 'end' ? mm : 0,
      });
    if (!moved) return undefined;
    all = { ...all, [beyond.piece]: moved };
  }
  return walkAsBefore(sewn, outlines, all);
}

/** The edge of the garment where it goes on beyond the seam it ends in: on which piece, and at which end of it. */
function beyondSeam(
  { sewn }: Pick<GarmentKind, 'sewn'>,
  outlines: Outlines,
  { piece, edge }: EdgeLine,
  which: 'start' | 'end',
): { readonly piece: string; readonly edge: string; readonly which: 'start' | 'end' } | undefined {
  const outline = outlines[piece] as Outline;
  const nth = outline.edges.findIndex(({ of }) => of.id === edge);
  const { before, after } = neighbours(outline, nth);
  const seam = (which === 'start' ? before : after).of.id;
  const becomes = outline.edges[nth]?.of.edge;
  const name = `${piece}.${seam}`;
  const one = sewn.find(({ a, b }) => a.length === 1 && b.length === 1 && (a[0] === name || b[0] === name));
  const [toPiece = '', toSeam = ''] = ((one?.a[0] === name ? one.b[0] : one?.a[0]) ?? '').split('.');
  const other = outlines[toPiece];
  const at = other?.edges.findIndex(({ of }) => of.id === toSeam) ?? -1;
  if (!other || at === -1 || becomes === undefined) return undefined;
  const beside = neighbours(other, at);
  if (beside.after.of.edge === becomes) return { piece: toPiece, edge: beside.after.of.id, which: 'start' };
  if (beside.before.of.edge === becomes) return { piece: toPiece, edge: beside.before.of.id, which: 'end' };
  return undefined;
}

/** One piece with an edge redrawn wherever it has it; what its ends slide along becomes shorter or longer. */
function lineMoved(outline: Outline, { edge, startMm, middleMm, endMm }: EdgeLine): Outline | undefined {
  const redrawn = new Map<number, Path>();
  for (const [nth, { of, path }] of outline.edges.entries()) {
    if (of.id !== edge) continue;
    const count = outline.edges.length;
    const [beforeAt, afterAt] = [(nth - 1 + count) % count, (nth + 1) % count];
    const before = endMoved((outline.edges[beforeAt] as PieceEdge).path, -startMm);
    const after = endMoved(backwards((outline.edges[afterAt] as PieceEdge).path), -endMm);
    if (!before || !after) return undefined;
    const first = minus(endOf(before), startOf(path));
    const last = minus(endOf(after), endOf(path));
    const chord = unitOf(minus(endOf(path), startOf(path))) ?? point(0, 0);
    const inwards = times(outwardOf(chord), -middleMm);
    const by = (share: number): Point =>
      plus(plus(times(first, 1 - step(share)), times(last, step(share))), times(inwards, hump(share)));
    redrawn.set(nth, displaced(chopped(path, PART_MM), by));
    redrawn.set(beforeAt, before);
    redrawn.set(afterAt, backwards(after));
  }
  return redrawn.size === 0 ? undefined : withRedrawn(outline, redrawn);
}
