import { createLedger } from '../explain/ledger';
import { newGarment } from '../facts/garment';
import type { KindId } from '../facts/kindIds';
import { ONE_SIZE, type Knot, type OutlineFacts, type Shapes } from '../facts/outline';
import { newPattern } from '../facts/pattern';
import type { GarmentKind } from '../fit/garmentKind';
import type { PieceShape } from '../fit/pieceShape';
import { catalogue } from '../garments/catalogue';
import type { Outline } from './outline';
import { readOutline } from './outline';
import { piecesAsDrawn } from './piecesAsDrawn';
import { practiceTee } from './practice';
import type { PiecesPlan } from './types';

/** A corner at which an edge begins. */
export const corner = (x: number, y: number, edge?: string): Knot => ({
  x,
  y,
  corner: true,
  ...(edge === undefined ? {} : { edge }),
});

export const seamlines = (...ring: readonly Knot[]): OutlineFacts => ({
  ring,
  drawn: 'seamline',
  from: 'a photo',
});

export const shapeOf = (kind: KindId, id: string): PieceShape => {
  const found = catalogue[kind].shapes.find((one) => one.id === id);
  if (!found) throw new Error(`expected the outline "${id}" in ${kind}, got none`);
  return found;
};

/** An outline that is fine. Throws with its fault where it is not. */
export function outlineOf(shape: PieceShape, facts: OutlineFacts, allowanceMm = 0): Outline {
  const read = readOutline(shape, facts, () => allowanceMm);
  if (!read.ok) throw new Error(`expected an outline, got: ${read.fault.sentence}`);
  return read.outline;
}

/** What the outlines of a pattern tell, its numbers by name. */
export function piecesOf(
  kind: KindId,
  shapes: Shapes,
  styled: GarmentKind = catalogue[kind],
): { readonly plan: PiecesPlan; readonly mm: (id: string | undefined) => number } {
  const book = createLedger();
  const pattern = { ...newPattern('Pattern', kind), shapes: { [ONE_SIZE]: shapes } };
  const garment = { pattern: newGarment('Garment', kind).pattern };
  const facts = { pattern, garment };
  const plan = piecesAsDrawn({ book, facts, kind: styled, size: undefined });
  return { plan, mm: (id) => book.numbers[id ?? '']?.value ?? NaN };
}

/** The practice front drawn whole: its right half, and the left as its mirror image. */
export function wholeFront(): OutlineFacts {
  const right = practiceTee.front.ring.filter(({ edge }) => edge !== 'centre' && edge !== 'neckline');
  // Run the other way, an edge begins at the corner where on the right it ends.
  const begins = ['side', 'armhole', 'shoulder', 'neckline'].values();
  const left = right.toReversed().map(({ x, y, corner: isCorner }): Knot => {
    const edge = isCorner ? begins.next().value : undefined;
    return { x: -x, y, ...(isCorner ? { corner: true } : {}), ...(edge === undefined ? {} : { edge }) };
  });
  return seamlines({ x: 0, y: 92 }, ...right, ...left);
}
