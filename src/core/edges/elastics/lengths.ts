import { formula } from '../../explain/formula';

/** A wanted worn or resting length, made shorter by what it will grow: length / (1 + g), mm (handbook rule, T). */
export const beforeGrowth = formula('G / (1 + g)', 'G', 'g');

/** Growth of a sewn sample: (after − before) / before (D). */
export const sewnGrowth = formula('(B - A) / A', 'A', 'B');

/** Shortest strip that reaches a length within a share of its stretch: L / (1 + limit·S), mm (D). */
export const shortestWithin = formula('L / (1 + limit * S)', 'L', 'limit', 'S');

/** How far under what it lies on a strip is: 1 − B / L (D). */
export const shorterBy = formula('1 - B / L', 'B', 'L');

/** After a try-on: what was basted less what was pinched out, mm (T). */
export const afterPinching = formula('basted - pinched', 'basted', 'pinched');

/** Side strap of panties: (girth − front − back) / 2, ring to ring, mm (T); tails for the rings come on top. */
export const sideStrap = formula('(G - F - B) / 2', 'G', 'F', 'B');

/** Casing for an elastic: twice its width and room to slide, mm (T). */
export const casingWidth = formula('2 * v + room', 'v', 'room');

/** Cut width of a folded waistband with elastic inside: 2·(elastic + a + room), mm (T). */
export const waistbandWidth = formula('2 * (v + a + room)', 'v', 'a', 'room');

/** Cut width of a one-layer binding: its allowance, the face, the inside, and a little to stitch in (T). */
export const bindingWidth = formula('a + 2 * w + inside', 'w', 'a', 'inside');

/** How a strip of cloth becomes its finished width. */
type WidthWay = 'folded' | 'binding' | 'facing';

/**
 * What a strip that is cut already finishes to: the widths above, solved for the finished one; never under nothing.
 * `turnOfClothMm` is what thick cloth takes in its fold (D).
 */
export function finishedFromCut(
  way: WidthWay,
  cutMm: number,
  { allowanceMm, turnOfClothMm = 0 }: { readonly allowanceMm: number; readonly turnOfClothMm?: number },
): number {
  switch (way) {
    case 'folded':
      return Math.max((cutMm - turnOfClothMm) / 2 - allowanceMm, 0);
    case 'binding':
      return Math.max((cutMm - allowanceMm - BINDING_INSIDE_MM) / 2, 0);
    case 'facing':
      return Math.max(cutMm - allowanceMm, 0);
    default:
      throw new Error(
        `expected a way to finish, got ${String(way satisfies never)}; add it to finishedFromCut`,
      );
  }
}

/** Room in a casing, so that the elastic slides, mm (T). */
export const CASING_ROOM_MM = 10;
/** Room beside the elastic in a folded waistband, mm: the middle of 2 to 3 (T). */
export const WAISTBAND_ROOM_MM = 2.5;
/** What a binding reaches past its seam inside, so that it is caught, mm (common practice, no source). */
export const BINDING_INSIDE_MM = 3;
/** An edge turned once over its elastic takes the width and a little: ⅛ in, so that ¼ in behaves like ⅜ in (T). */
export const TURNED_EXTRA_MM = 3.175;
/** A sewn sample that grew more than this was stretched while it was sewn, or is worn out (T). */
export const MAX_SEWN_GROWTH = 0.2;

/** A length less a share of it: L·(1 − s), mm (D). */
export const lessShare = formula('L * (1 - s)', 'L', 's');
