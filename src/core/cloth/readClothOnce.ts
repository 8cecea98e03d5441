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
    const turned = laid.map((layer) => asLaid(layer.turned)).join('');
    const layers = laid.map(({ reading }) => reading);
    if (laid.length > 0) return readLaidOnce(book, prefix, cloth.name, turned, ...layers);
  }
  return readOnce(book, cloth, prefix);
}

/** Stacks in stacks deeper than this are not read; the door refuses them before. */
const MAX_DEPTH = 6;

/** `readStack`, worked out once for the same layers laid the same way: of each whether it is turned a quarter. */
const readLaidOnce = workedOnce(
  (book, prefix: string, name: string, turned: string, ...layers: readonly ClothReading[]): ClothReading =>
    readStack(
      book,
      prefix,
      name,
      layers.map((reading, at) => ({ reading, turned: turned[at] === TURNED })),
    ),
);
const TURNED = 't';
const asLaid = (turned: boolean): string => (turned ? TURNED : '-');

/** The outer cloth and its lining as one cloth, under `prefix`. */
export const readLinedOnce = (
  book: Ledger,
  outer: ClothReading,
  lining: ClothReading,
  prefix: string,
): ClothReading => readLaidOnce(book, prefix, `${outer.name} with ${lining.name}`, '--', outer, lining);
