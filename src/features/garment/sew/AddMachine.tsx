'use client';
import { useState } from 'react';
import {
  isUsualSet,
  machineKindName,
  machineKinds,
  machineSpec,
  newMachine,
  newMachineSet,
  type MachineKind,
} from '@/core/facts/machine';
import type { StoredRecord } from '@/core/facts/records';
import { AddInPlace } from '@/features/records/AddInPlace';
import { createRecord } from '@/features/records/api';
import { useRecords } from '@/features/records/RecordsProvider';
import { PickField } from '@/ui/PickField';
import { useGarment } from '../page/useGarment';

/** Adds a machine where one is missed: to the set that is chosen, or to a set of its own which is then chosen. */
export function AddMachine() {
  const { garment, set } = useGarment();
  const records = useRecords();
  const [kind, setKind] = useState<MachineKind>('sewing machine');
  const { machineSetId } = garment;
  const onMade = async ({ id, facts }: StoredRecord<'machine'>) => {
    if (machineSetId !== undefined && !isUsualSet(machineSetId))
      return records.set('machineSet', machineSetId, 'Machines', { [`machines.${id}`]: true });
    const own = { ...newMachineSet(facts.name), machines: { [id]: true as const } };
    const written = await createRecord('machineSet', own, `Add ${facts.name}`);
    for (const made of written.records) {
      records.open(made);
      set('Machines', { machineSetId: made.id });
    }
  };
  return (
    <AddInPlace
      kind="machine"
      factsOf={(name) => newMachine(name, kind)}
      onMade={(made) => void onMade(made)}
    >
      <PickField
        label={machineSpec.fields.kind.label}
        value={kind}
        options={machineKinds.map((id) => ({ id, name: machineKindName(id) }))}
        empty="choose its kind"
        onChange={(id) => id && setKind(id as MachineKind)}
      />
    </AddInPlace>
  );
}
