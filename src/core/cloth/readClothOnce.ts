import type { Explained } from '../explain/explained';
import { createLedger, type Ledger } from '../explain/ledger';
import type { Cloth } from '../facts/cloth';
import { readCloth, type ClothReading } from './readCloth';

interface Kept {
  readonly reading: ClothReading;
  readonly entries: readonly Explained[];
}

/** Readings by cloth and prefix: facts are immutable, so the same cloth always reads the same. */
const kept = new WeakMap<Cloth, Map<string, Kept>>();

/** `readCloth`, worked out once for each cloth: while a person types at the fit, the cloth does not change. */
export function readClothOnce(book: Ledger, prefix: string, cloth: Cloth): ClothReading {
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
