import type { Explained } from '../explain/explained';
import { createLedger, type Ledger } from '../explain/ledger';
import type { ClothReading } from './readCloth';
import { readStack } from './readStack';

interface Kept {
  readonly reading: ClothReading;
  readonly entries: readonly Explained[];
}

const kept = new WeakMap<ClothReading, WeakMap<ClothReading, Kept>>();

/**
 * `readStack` of an outer cloth and its lining, worked out once for each pair: `readClothOnce` gives the same
 * reading for the same cloth, so the pair is known again.
 */
export function readLinedOnce(
  book: Ledger,
  prefix: string,
  outer: ClothReading,
  lining: ClothReading,
): ClothReading {
  const known = kept.get(outer) ?? new WeakMap<ClothReading, Kept>();
  kept.set(outer, known);
  let found = known.get(lining);
  if (!found) {
    const own = createLedger();
    const reading = readStack(own, prefix, `${outer.name} with ${lining.name}`, [
      { reading: outer, turned: false },
      { reading: lining, turned: false },
    ]);
    found = { reading, entries: Object.values(own.numbers) };
    known.set(lining, found);
  }
  book.adopt(found.entries);
  return found.reading;
}
