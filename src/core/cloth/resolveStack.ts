import type { Cloth } from '../facts/cloth';
import type { Fault } from '../facts/faults';

/** Finds a cloth of the shelf by its id. */
export type FindCloth = (id: string) => Cloth | undefined;

/**
 * Why a stack cannot be: no layer, a layer that is not on the shelf, or one that contains the stack itself.
 * `undefined` for a plain cloth and a sound stack.
 */
export function stackFault(id: string, cloth: Cloth, find: FindCloth): Fault | undefined {
  if (!cloth.layers) return undefined;
  const fault = (path: string, sentence: string): Fault => ({ code: 'rule', path, sentence });
  const layers = Object.entries(cloth.layers);
  if (layers.length === 0) return fault('layers', 'A stack needs at least one layer: choose a cloth for it.');
  for (const [key, { clothId }] of layers) {
    const path = `layers.${key}.clothId`;
    if (clothId !== id && !find(clothId)) {
      return fault(path, 'This layer is no longer on the shelf: choose another cloth.');
    }
    if (contains(clothId, id, find, new Set())) {
      return fault(path, 'This layer contains the stack itself: choose another cloth.');
    }
  }
  return undefined;
}

function contains(at: string, wanted: string, find: FindCloth, seen: Set<string>): boolean {
  if (at === wanted) return true;
  if (seen.has(at)) return false;
  seen.add(at);
  return Object.values(find(at)?.layers ?? {}).some((layer) => contains(layer.clothId, wanted, find, seen));
}

/** Every cloth a stack is made of, and what those are made of, by id; without the stack itself. */
export function clothsWithin(cloth: Cloth, find: FindCloth): Readonly<Record<string, Cloth>> {
  const found: Record<string, Cloth> = {};
  const walk = (one: Cloth) => {
    for (const { clothId } of Object.values(one.layers ?? {})) {
      const inner = find(clothId);
      if (!inner || found[clothId]) continue;
      found[clothId] = inner;
      walk(inner);
    }
  };
  walk(cloth);
  return found;
}
