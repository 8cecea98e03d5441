import type { Cloth } from './cloth';
import { edgeRefsOf, ownRefsOf, type Garment } from './garment';
import { isUsualSet, machinesIn, type MachineSet } from './machine';
import type { FactsByKind, RecordKind } from './records';

/** A record that another one names. */
export interface Ref {
  readonly kind: RecordKind;
  readonly id: string;
}

/** Every record that a record names, each once: what a garment is made of, for and on; a stack's layers; the machines of a set. */
export function refsOf(kind: RecordKind, facts: FactsByKind[RecordKind]): readonly Ref[] {
  switch (kind) {
    case 'garment':
      return once(refsOfGarment(facts as Garment));
    case 'cloth':
      return once(
        Object.values((facts as Cloth).layers ?? {}).map(({ clothId }) => ({ kind: 'cloth', id: clothId })),
      );
    case 'machineSet':
      return machinesIn(facts as MachineSet).map((id) => ({ kind: 'machine', id }));
    case 'wearer':
    case 'elastic':
    case 'finding':
    case 'pattern':
    case 'ownKind':
    case 'machine':
      return [];
    default:
      throw new Error(`expected a kind of record, got ${String(kind satisfies never)}; say what it names`);
  }
}

const refsOfGarment = (garment: Garment): readonly Ref[] => [
  ...[...ownRefsOf(garment), ...edgeRefsOf(garment)].map(({ kind, id }): Ref => ({ kind, id })),
  ...Object.values(garment.substituted ?? {})
    .map(({ machineId }): Ref => ({ kind: 'machine', id: machineId }))
    .filter(({ id }) => !isUsualSet(id)),
];

const once = (refs: readonly Ref[]): readonly Ref[] => [
  ...new Map(refs.map((ref) => [`${ref.kind} ${ref.id}`, ref])).values(),
];
