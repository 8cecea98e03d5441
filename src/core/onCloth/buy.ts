import { washChange } from '../cloth/amount';
import type { Explained } from '../explain/explained';
import { createLedger, leaf, type Ledger } from '../explain/ledger';
import type { Cloth, ClothDirection } from '../facts/cloth';
import { isAtLeastMm } from '../units/tolerance';
import { MM_PER_INCH, type UnitSystem } from '../units/constants';

/** What shops cut in: 10 cm, or ⅛ yd (T). */
const SOLD_IN_MM: Readonly<Record<UnitSystem, number>> = { cm: 100, in: 4.5 * MM_PER_INCH };
/** Widths that cloth is sold in, mm (T). */
export const SOLD_WIDTHS_MM = [1150, 1400, 1500, 1600] as const;

/** What a laid-out length means at the shop and on the shelf. */
export interface Buying {
  readonly laid: Explained;
  readonly buy: Explained;
  /** What is on the shelf beyond what it takes, or what it lacks; neither where that is not known. */
  readonly over?: Explained;
  readonly short?: Explained;
}

/** How much of its length or width is there once it is washed: 0.95 where it shrinks by 5 %. */
export const washedBy = (cloth: Cloth, way: ClothDirection): number =>
  1 + washChange(createLedger(), cloth, way).value;

/** How wide a cloth lies once it is washed, mm: what pieces are laid on. */
export const washedWidth = (book: Ledger, cloth: Cloth, widthMm: number): Explained =>
  book.work('layout.width', {
    label: 'width that pieces are laid on',
    unit: 'mm',
    mark: 'D',
    formula: 'W * (1 + change)',
    terms: {
      W: leaf('width of the cloth', widthMm, 'mm', 'measured'),
      change: washChange(book, cloth, 'across'),
    },
  });

/** How much to buy for pieces that take so much washed cloth, as shops sell it; and how that compares with the shelf. */
export function planBuying(
  book: Ledger,
  { cloth, laidMm, unit }: { readonly cloth: Cloth; readonly laidMm: number; readonly unit: UnitSystem },
): Buying {
  const laid = book.given(
    'layout.length',
    'length the pieces take, laid out',
    laidMm,
    'mm',
    'D',
    'The best layout found so far.',
  );
  const change = washChange(book, cloth, 'along');
  const buy = book.work('layout.buy', {
    label: 'length to buy',
    unit: 'mm',
    mark: 'T',
    note: unit === 'cm' ? 'Shops cut by 10 cm.' : 'Shops cut by ⅛ yd.',
    formula: 'ceil(L / (1 + change) / step) * step',
    terms: { L: laid, change, step: leaf('shops cut by', SOLD_IN_MM[unit], 'mm', 'T') },
  });
  if (cloth.onHandMm === undefined) return { laid, buy };
  const has = { has: leaf(`${cloth.name} on hand`, cloth.onHandMm, 'mm', 'measured'), change, L: laid };
  const over = book.work('layout.over', {
    label: 'left over of what is on the shelf, washed',
    unit: 'mm',
    mark: 'D',
    formula: 'has * (1 + change) - L',
    terms: has,
  });
  if (isAtLeastMm(over.value, 0)) return { laid, buy, over };
  const short = book.work('layout.short', {
    label: 'short of what is on the shelf, washed',
    unit: 'mm',
    mark: 'D',
    formula: 'L - has * (1 + change)',
    terms: has,
  });
  return { laid, buy, short };
}

/** What stays on the shelf once a layout is cut off it, as that is measured; nothing where what is there is not known, or is not enough. */
export function leftOnShelf(book: Ledger, cloth: Cloth, laidMm: number): Explained | undefined {
  if (cloth.onHandMm === undefined) return undefined;
  const left = book.work('layout.shelf', {
    label: `${cloth.name} that is left on the shelf`,
    unit: 'mm',
    mark: 'D',
    formula: 'has - L / (1 + change)',
    terms: {
      has: leaf(`${cloth.name} on hand`, cloth.onHandMm, 'mm', 'measured'),
      L: leaf('length the pieces take, laid out', laidMm, 'mm', 'D'),
      change: washChange(book, cloth, 'along'),
    },
  });
  return isAtLeastMm(left.value, 0) ? left : undefined;
}
