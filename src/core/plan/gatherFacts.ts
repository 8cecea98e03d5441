import { createMemory } from '../explain/remember';
import { clothsWithin } from '../cloth/resolveStack';
import type { Cloth } from '../facts/cloth';
import { edgeRefsOf, ownRefsOf, type Garment, type GarmentRef } from '../facts/garment';
import { machinesIn, type Machine, type MachineSet } from '../facts/machine';
import type { FactsByKind, RecordKind } from '../facts/records';
import type { GarmentFacts } from '../facts/garmentFacts';

/** Where each record a garment names stands among its facts. */
export const factOfRef = {
  wearerId: 'wearer',
  outerClothId: 'outer',
  liningClothId: 'lining',
  bandClothId: 'band',
  patternId: 'pattern',
  ownKindId: 'ownKind',
  machineSetId: 'machineSet',
} as const satisfies Readonly<Record<GarmentRef, keyof GarmentFacts>>;

/** Finds the facts of a record that is here; `undefined` where it is not. */
export type FindFacts = <K extends RecordKind>(kind: K, id: string) => FactsByKind[K] | undefined;

/** The machines of a set, by id. */
const machinesOf = (set: MachineSet, find: FindFacts): Readonly<Record<string, Machine>> =>
  Object.fromEntries(
    machinesIn(set).flatMap((id) => {
      const machine = find('machine', id);
      return machine ? [[id, machine] as const] : [];
    }),
  );

const recallMap = createMemory<Readonly<Record<string, unknown>>>();
/** The same map while the same records are in it. */
const sameMap = (map: Readonly<Record<string, unknown>>): Readonly<Record<string, unknown>> =>
  recallMap(Object.entries(map).flat(), () => map);

/** A garment with every record it and its edges name, and the cloths that stacks among them are made of. */
export function gatherFacts(garment: Garment, find: FindFacts): GarmentFacts {
  const facts: Record<string, unknown> = { garment };
  const layers: Record<string, Cloth> = {};
  for (const { path, kind, id } of ownRefsOf(garment)) {
    const found = find(kind, id);
    if (!found) continue;
    facts[factOfRef[path]] = found;
    if (kind === 'cloth')
      Object.assign(
        layers,
        clothsWithin(found as Cloth, (layer) => find('cloth', layer)),
      );
  }
  const machines = facts.machineSet ? machinesOf(facts.machineSet as MachineSet, find) : {};
  if (Object.keys(machines).length > 0) facts.machines = sameMap(machines);
  if (Object.keys(layers).length > 0) facts.layerCloths = sameMap(layers);
  for (const [field, kind] of [
    ['elastics', 'elastic'],
    ['findings', 'finding'],
  ] as const) {
    const named = edgeRefsOf(garment).flatMap((one) => {
      const found = one.kind === kind ? find(kind, one.id) : undefined;
      return found ? [[one.id, found] as const] : [];
    });
    if (named.length > 0) facts[field] = sameMap(Object.fromEntries(named));
  }
  return facts as unknown as GarmentFacts;
}

const recall = createMemory<GarmentFacts>();

/** `gatherFacts`, giving the same object again while the garment and all it names are the same. */
export function gatherOnce(garment: Garment, find: FindFacts): GarmentFacts {
  const now = gatherFacts(garment, find);
  return recall(Object.entries(now).flat(), () => now);
}
