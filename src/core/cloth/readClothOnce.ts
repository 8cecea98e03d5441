import type { Explained } from '../explain/explained';
import { createLedger, type Ledger } from '../explain/ledger';
import type { Cloth } from '../facts/cloth';
import { readCloth, type ClothReading } from './readCloth';
import { readStack } from './readStack';
import type { FindCloth } from './resolveStack';

interface Kept {
  readonly reading: ClothReading;
  readonly entries: readonly Explained[];
}

/** Readings by cloth and prefix: facts are immutable, so the same cloth always reads the same. */
const kept = new WeakMap<Cloth, Map<string, Kept>>();

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
  const known = kept.get(cloth) ?? new Map<string, Kept>();
  kept.set(cloth, known);
  let found = known.get(prefix);
  if (!found) {
    const own = createLedger();
    const reading = readCloth(own, prefix, cloth);
    found = { reading, entries: Object.values(own.numbers) };
    known.set(prefix, found);
  }
  book.adopt(found.entries);
  return found.reading;
}

/** Stacks in stacks deeper than this are not read; the door refuses them before. */
const MAX_DEPTH = 6;
