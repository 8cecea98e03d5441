import { createMemory } from '../explain/remember';
import { newGarment, type Garment } from '../facts/garment';
import { ONE_SIZE, type CornerKind, type OutlineFacts, type Shapes } from '../facts/outline';
import type { Pattern } from '../facts/pattern';
import { hemFieldOf, type GarmentKind } from '../fit/garmentKind';
import type { ShapeEdge } from '../fit/pieceShape';
import { readOutline, type Outline, type ReadOutline } from './outline';

/** The outlines of a pattern in a size; those of its only size where it has no others. */
export const shapesOf = (pattern: Pick<Pattern, 'shapes'> | undefined, size: string | undefined): Shapes =>
  pattern?.shapes?.[size ?? ONE_SIZE] ?? pattern?.shapes?.[ONE_SIZE] ?? NONE;
const NONE: Shapes = {};

type Drawn = Pick<Garment['pattern'], 'seamAllowanceMm' | 'hemAllowanceMm' | 'sleeveHemAllowanceMm'>;

/** The allowance drawn on an edge of a pattern, mm: its own, else the hem’s or the seams’. A fold has none. */
export function drawnAllowance(
  kind: Pick<GarmentKind, 'edges'>,
  of: ShapeEdge,
  outline: Pick<OutlineFacts, 'edges'>,
  pattern: Partial<Pick<Pattern, 'seamAllowanceMm' | 'hemAllowanceMm'>> | undefined,
  drawn: Drawn,
): number {
  if (of.fold) return 0;
  const own = outline.edges?.[of.id]?.allowanceMm;
  if (own !== undefined) return own;
  const finished = kind.edges.find(({ id }) => id === of.edge);
  if (finished?.finish === 'hem' && of.seam === undefined)
    return pattern?.hemAllowanceMm ?? drawn[hemFieldOf(finished)];
  return pattern?.seamAllowanceMm ?? drawn.seamAllowanceMm;
}

/** How the cut line turns the corners at an edge, until somebody says otherwise: mirrored at hems, square at seams, else mitred (common practice, no source). */
export function cornersAt(
  kind: Pick<GarmentKind, 'edges'>,
  of: ShapeEdge,
  outline: Pick<OutlineFacts, 'edges'>,
): CornerKind {
  const said = outline.edges?.[of.id]?.corners;
  if (said) return said;
  if (of.seam !== undefined) return 'square';
  return kind.edges.find(({ id }) => id === of.edge)?.finish === 'hem' ? 'mirrored' : 'mitred';
}

const recall = createMemory<ReadOutline>();

/** Every outline of a pattern that is for a piece of the kind, read; the same object while it is the same. */
export function readOutlines(
  kind: GarmentKind,
  shapes: Shapes,
  pattern: Pattern | undefined,
  drawn: Drawn,
): Readonly<Record<string, ReadOutline>> {
  return Object.fromEntries(
    kind.shapes.flatMap((shape) => {
      const facts = shapes[shape.id];
      if (!facts) return [];
      const allowances = shape.edges.map((of) => drawnAllowance(kind, of, facts, pattern, drawn));
      const read = recall([shape, facts, ...allowances], () =>
        readOutline(shape, facts, (of) => allowances[shape.edges.indexOf(of)] ?? 0),
      );
      return [[shape.id, read] as const];
    }),
  );
}

/** The outlines of a pattern in a size that are as they should be, with the usual allowances where it says none. */
export function outlinesIn(
  kind: GarmentKind,
  pattern: Pattern,
  size: string,
): Readonly<Record<string, Outline>> {
  const read = readOutlines(kind, shapesOf(pattern, size), pattern, newGarment('', kind.kind).pattern);
  return Object.fromEntries(Object.entries(read).flatMap(([id, one]) => (one.ok ? [[id, one.outline]] : [])));
}
