import { createMemory } from '../explain/remember';
import { stage, type SeenBy } from '../explain/stage';
import type { Shapes } from '../facts/outline';
import type { Pattern } from '../facts/pattern';
import type { GarmentKind } from '../fit/garmentKind';
import { sizesInOrder } from '../fit/patternSize';
import type { Ledger } from '../explain/ledger';
import { NOT_ALIKE, piecesBetween, sizesBeside, type SizesBeside } from './betweenSizes';
import { withNotchesCarried } from './notches';
import type { Outline, OutlineFault, ReadOutline } from './outline';
import { readOutlines, shapesOf } from './readOutlines';

export const outlinesSee = { records: ['pattern'], garment: ['pattern'] } as const;

interface Inputs {
  readonly book: Ledger;
  readonly facts: SeenBy<typeof outlinesSee>;
  readonly kind: GarmentKind;
  /** The size that is cut, where there are several. */
  readonly size: string | undefined;
}

/** The outlines of a garment’s pieces as they were drawn, by piece, and what is wrong with the others. */
export interface DrawnPieces {
  readonly facts: Shapes;
  readonly outlines: Readonly<Record<string, Outline>>;
  readonly faults: Readonly<Record<string, Pick<OutlineFault, 'sentence'>>>;
  /** Pieces that no size that is cut has, drawn between two others, or a step beyond them. */
  readonly between?: BetweenSizes;
}

export interface BetweenSizes {
  readonly pieces: readonly string[];
  /** Labels of the two sizes. */
  readonly sizes: readonly [string, string];
  readonly beyond: boolean;
}

const recall = createMemory<DrawnPieces>();
const NONE: DrawnPieces = { facts: {}, outlines: {}, faults: {} };

/** The outlines of a garment’s pattern in the size that is cut; the same object while they are the same. */
export const planOutlines = stage(outlinesSee, ({ kind, facts, size }: Inputs): DrawnPieces =>
  outlinesAt(kind, facts, size),
);

/** A garment’s pattern in any of its sizes. */
export function outlinesAt(
  kind: GarmentKind,
  { pattern, garment }: SeenBy<typeof outlinesSee>,
  size: string | undefined,
): DrawnPieces {
  const shapes = shapesOf(pattern, size);
  const beside = pattern && besideOf(pattern, size);
  if (Object.keys(shapes).length === 0 && !beside) return NONE;
  const read = (of: Shapes) => readOutlines(kind, of, pattern, garment.pattern);
  const own = read(shapes);
  if (!beside) return recall([kind, shapes, ...Object.values(own)], () => drawnOf(shapes, own));
  const [a, b] = [read(beside.a.shapes), read(beside.b.shapes)];
  return recall([kind, shapes, beside.share, ...[own, a, b].flatMap((one) => Object.values(one))], () =>
    withBetween(kind, drawnOf(shapes, own), beside, drawnOf(beside.a.shapes, a), drawnOf(beside.b.shapes, b)),
  );
}

function drawnOf(facts: Shapes, read: Readonly<Record<string, ReadOutline>>): DrawnPieces {
  const all = Object.entries(read);
  return {
    facts,
    outlines: Object.fromEntries(all.flatMap(([id, one]) => (one.ok ? [[id, one.outline]] : []))),
    faults: Object.fromEntries(all.flatMap(([id, one]) => (one.ok ? [] : [[id, one.fault]]))),
  };
}

interface SizeShapes {
  readonly label: string;
  readonly shapes: Shapes;
}

/** The sizes on either side of the one that is cut that have outlines; nothing where it has them, or none lies near. */
function besideOf(pattern: Pattern, size: string | undefined): SizesBeside<SizeShapes> | undefined {
  const order = sizesInOrder(pattern).map(([id], place) => ({ id, place }));
  const wanted = order.find(({ id }) => id === size)?.place;
  const there = order.filter(({ id }) => id !== size && pattern.shapes?.[id]);
  const found = wanted === undefined ? undefined : sizesBeside(there, wanted);
  const of = (id: string): SizeShapes => ({
    label: pattern.sizes[id]?.label ?? id,
    shapes: pattern.shapes?.[id] ?? {},
  });
  return found && { a: of(found.a), b: of(found.b), share: found.share };
}

/** What the size that is cut has not got, out of the sizes on either side. */
function withBetween(
  kind: GarmentKind,
  own: DrawnPieces,
  { a: sizeA, b: sizeB, share }: SizesBeside<SizeShapes>,
  a: DrawnPieces,
  b: DrawnPieces,
): DrawnPieces {
  const isOwn = (id: string): boolean => own.outlines[id] !== undefined || own.faults[id] !== undefined;
  const { outlines, unlike } = piecesBetween(kind, { a: a.outlines, b: b.outlines, share });
  const pieces = Object.keys(outlines).filter((id) => !isOwn(id));
  const faults = unlike.filter((id) => !isOwn(id)).map((id) => [id, { sentence: NOT_ALIKE }] as const);
  if (pieces.length === 0 && faults.length === 0) return own;
  const taken = pieces.flatMap((id) => {
    const [said, was, is] = [a.facts[id], a.outlines[id], outlines[id]];
    return said && was && is ? [{ id, is, said: withNotchesCarried(said, was, is) }] : [];
  });
  return {
    facts: { ...Object.fromEntries(taken.map(({ id, said }) => [id, said])), ...own.facts },
    outlines: { ...Object.fromEntries(taken.map(({ id, is }) => [id, is])), ...own.outlines },
    faults: { ...Object.fromEntries(faults), ...own.faults },
    between: { pieces, sizes: [sizeA.label, sizeB.label], beyond: share < 0 || share > 1 },
  };
}
