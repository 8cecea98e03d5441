import type { Garment } from '../facts/garment';
import { gatherFacts, type FindFacts } from './gatherFacts';
import type { GarmentFacts } from './types';

const kept = new WeakMap<Garment, GarmentFacts>();

/** `gatherFacts`, giving the same object again while the garment and all it names are the same. */
export function gatherOnce(garment: Garment, find: FindFacts): GarmentFacts {
  const now = gatherFacts(garment, find);
  const before = kept.get(garment);
  if (before && sameFacts(before, now)) return before;
  kept.set(garment, now);
  return now;
}

/** Maps of records that are made anew each time, and compared by what is in them. */
const MAPS = ['layerCloths', 'elastics', 'findings', 'machines'] as const;

function sameFacts(a: GarmentFacts, b: GarmentFacts): boolean {
  const same = (x: object, y: object, skip: readonly string[] = []) => {
    const keys = new Set([...Object.keys(x), ...Object.keys(y)]);
    return [...keys].every(
      (key) =>
        skip.includes(key) || (x as Record<string, unknown>)[key] === (y as Record<string, unknown>)[key],
    );
  };
  return same(a, b, MAPS) && MAPS.every((map) => same(a[map] ?? {}, b[map] ?? {}));
}
