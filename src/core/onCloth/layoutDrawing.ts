import { point, type Point } from '../geometry/point';
import { boundsOfPoints, rectangle } from '../geometry/ring';
import { nameOf, outlineOf, placed, ringAt, type Layout, type LayoutProblem } from '../layout/problem';
import { arrows } from '../paper/arrows';
import { closedLine, type PaperPiece } from '../paper/paperPiece';
import type { LaidPiece } from '../paper/paperPlan';
import { roomForWords } from '../paper/roomForWords';
import type { TicketRow } from '../ticket/types';
import type { ClothPiece } from './garmentPieces';

/** The cloth among what is drawn. */
export const CLOTH_ID = 'the-cloth';

interface Drawing {
  readonly pieces: readonly ClothPiece[];
  /** The same pieces as they are printed, opened out. */
  readonly printed: readonly PaperPiece[];
  readonly layout: Layout;
  /** See `LayoutProblem.asCut`. */
  readonly asCut?: LayoutProblem['asCut'];
  readonly widthMm: number;
  readonly cloth: string;
  readonly rows: ReadonlyMap<string, TicketRow>;
}

/** The cloth and every copy where it lies on it, at true scale, as drawings and sheets are written from it; the cloth first, then as they were laid. */
export function layoutDrawing(given: Drawing): readonly LaidPiece[] {
  const { pieces, layout, widthMm, cloth } = given;
  const outline = rectangle(widthMm, layout.lengthMm);
  const whole: PaperPiece = {
    id: CLOTH_ID,
    label: cloth,
    sizes: [{ label: '', ring: outline, lines: [{ kind: 'inside', points: closedLine(outline) }] }],
    words: [],
    room: { at: point(widthMm / 2, layout.lengthMm), radiusMm: 0, wideMm: widthMm },
  };
  const copies = layout.placements.flatMap((one): readonly PaperPiece[] => {
    const piece = pieces.find(({ id }) => id === one.piece);
    if (!piece) return [];
    const cut = given.asCut?.get(nameOf(one));
    const paper = piece.isBand || cut ? undefined : given.printed.find(({ id }) => id === piece.id);
    const [size] = paper?.sizes ?? [];
    const outline = outlineOf(given, one);
    const room = paper?.room ?? (piece.isBand ? roomInBand(outline) : roomForWords(outline));
    const on = placed(one);
    const lines = size?.lines ?? [
      { kind: 'cut' as const, points: closedLine(outline) },
      ...arrows(outline, room),
    ];
    const name = nameOf(one);
    return [
      {
        id: name.replaceAll(' ', '-'),
        label: given.rows.get(name)?.label ?? piece.label,
        sizes: [
          {
            label: '',
            ring: ringAt(given, one),
            lines: lines.map((line) => ({ ...line, points: line.points.map(on) })),
          },
        ],
        words: one.mirrored ? ['face down'] : [],
        room: { ...room, at: on(room.at) },
      },
    ];
  });
  return [whole, ...copies].map((piece) => ({
    piece,
    laid: { id: piece.id, quarter: 0, move: point(0, 0) },
  }));
}

/** The middle of a rectangle, with all its length for words. */
function roomInBand(ring: readonly Point[]): PaperPiece['room'] {
  const { left, top, right, bottom } = boundsOfPoints(ring);
  return {
    at: point((left + right) / 2, (top + bottom) / 2),
    radiusMm: Math.min(right - left, bottom - top) / 2,
    wideMm: right - left,
  };
}
