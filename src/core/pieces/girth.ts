import type { ZoneId } from '../facts/garment';
import type { GarmentKind, Zone } from '../fit/garmentKind';
import { isEachSide, type PieceShape } from '../fit/pieceShape';
import { edgeMeasure, lengthEachSide, zoneWidth } from './measure';
import type { Outline } from './outline';

/** What one piece gives to a girth: a width or a length of one cut piece, and how often it counts. */
export interface GirthPart {
  readonly shape: PieceShape;
  readonly of: string;
  readonly mm: number;
  readonly times: number;
}

/** How many pieces are cut by an outline that make an edge longer: linings and layers lie on them. */
export function countOf(
  { pieces }: Pick<GarmentKind, 'pieces'>,
  { pieces: ids, layers = 1 }: PieceShape,
): number {
  const cut = pieces.filter(({ id }) => ids.includes(id));
  return cut.reduce((sum, { count = 1 }) => sum + count, 0) / layers;
}

/** Whether a zone lies on a piece. */
export const liesOn = ({ levels, along }: PieceShape, zone: ZoneId): boolean =>
  (levels?.[zone] ?? along?.[zone]) !== undefined;

/**
 * The parts of the pattern’s finished girth at a zone: widths at its height, or edges that are as long; nothing while a
 * piece of it has no outline.
 */
export function girthParts(
  kind: Pick<GarmentKind, 'pieces' | 'shapes'>,
  outlines: Readonly<Record<string, Outline>>,
  zone: Zone,
): readonly GirthPart[] | undefined {
  const lies = kind.shapes.filter((shape) => liesOn(shape, zone.id));
  const each = isEachSide(zone);
  const parts = lies.flatMap((shape): readonly GirthPart[] => {
    const outline = outlines[shape.id];
    if (!outline) return [];
    const count = countOf(kind, shape);
    const width = zoneWidth(outline, zone.id);
    const label = shape.label.toLowerCase();
    if (width !== undefined)
      return [{ shape, of: `${label}, wide there`, mm: width, times: each ? count / 2 : count }];
    return (shape.along?.[zone.id] ?? []).flatMap((id) => {
      const words = shape.edges.find((one) => one.id === id)?.label ?? id;
      const mm = each ? lengthEachSide(outline, id) : edgeMeasure(outline, id)?.lengthMm;
      const pair = shape.pieces.length > 1;
      return mm === undefined
        ? []
        : [{ shape, of: `${label}, ${words}`, mm, times: each ? (pair ? count / 2 : 1) : count }];
    });
  });
  if (parts.length === 0 || lies.some((shape) => !parts.some((part) => part.shape === shape)))
    return undefined;
  return parts;
}

/** That girth, mm. */
export const girthMm = (parts: readonly GirthPart[]): number =>
  parts.reduce((sum, { mm, times }) => sum + mm * times, 0);
