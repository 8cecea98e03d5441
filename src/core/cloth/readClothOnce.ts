import { workedOnce } from '../explain/remember';
import type { Ledger } from '../explain/ledger';
import type { Cloth } from '../facts/cloth';
import type { ClothReading } from './reading';
import { readCloth } from './readCloth';
import { readStack } from './readStack';
import type { FindCloth } from './resolveStack';

const readOnce = workedOnce((book, cloth: Cloth, prefix: string) => readCloth(book, prefix, cloth));

/**
 * `readCloth`, worked out once for each cloth: while a person types at the fit, the cloth does not change. A
 * stack is read from its layers, found with `find`; layers that are not there are left out, and a stack of
 * none reads as untested.
 */
export function readClothOnce(
  book: Ledger,
  prefix: string,
  cloth: Cloth,
  find: FindCloth = () => undefined,
  depth = 0,
): ClothReading {
  if (cloth.layers && depth < MAX_DEPTH) {
    const laid = Object.entries(cloth.layers).flatMap(([key, { clothId, turned }]) => {
      const layer = find(clothId);
      if (!layer || layer === cloth) return [];
      return [{ reading: readClothOnce(book, `${prefix}.${key}`, layer, find, depth + 1), turned }];
    });
    if (laid.length > 0) return readStack(book, prefix, cloth.name, laid);
  }
  return readOnce(book, cloth, prefix);
}

/** Stacks in stacks deeper than this are not read; the door refuses them before. */
const MAX_DEPTH = 6;

/**
 * `readStack` of an outer cloth and its lining, worked out once for each pair: `readClothOnce` gives the same
 * reading for the same cloth, so the pair is known again.
 */
export const readLinedOnce = workedOnce(
  (book, outer: ClothReading, lining: ClothReading, prefix: string): ClothReading =>
    readStack(book, prefix, `${outer.name} with ${lining.name}`, [
      { reading: outer, turned: false },
      { reading: lining, turned: false },
    ]),
);
