import type { Explained } from '../explain/explained';
import { leaf, type Ledger } from '../explain/ledger';
import type { Cloth, ClothDirection } from '../facts/cloth';
import { dimensionalChange } from './preWash';

/** The mean of what garments of a cloth did that way in wear and wash; `undefined` where none was measured again. */
export function readInWear(
  book: Ledger,
  prefix: string,
  which: ClothDirection,
  { inWear = {} }: Cloth,
): Explained | undefined {
  const each = Object.values(inWear)
    .filter(({ direction }) => direction === which)
    .map(({ of, beforeMm, afterMm }, at) =>
      book.work(`${prefix}.inWear${at + 1}`, {
        label: `grew in wear, ${of}`,
        unit: 'share',
        mark: 'own record',
        formula: dimensionalChange.text,
        terms: {
          A: leaf('as it was sewn', beforeMm, 'mm', 'measured'),
          B: leaf('after wear', afterMm, 'mm', 'measured'),
        },
      }),
    );
  if (each.length === 0) return undefined;
  const terms = Object.fromEntries(each.map((one, at) => [`w${at + 1}`, one]));
  return book.work(`${prefix}.inWear`, {
    label: `grows in wear, ${which}`,
    unit: 'share',
    mark: 'own record',
    note: 'The mean of the garments of it that were measured again.',
    formula: `mean(${Object.keys(terms).join(', ')})`,
    terms,
  });
}
