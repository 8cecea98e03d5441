import type { SeenBy } from '../explain/stage';
import { usualSetOf, type Machine } from '../facts/machine';
import { usualMachines } from '../machines/usualMachines';

export const machinesSee = {
  records: ['machines', 'machineSet'],
  garment: ['machineSetId', 'stands'],
} as const;

/** The machines a garment is sewn on: its set's, else such as are usual, as they were left by its own steps. */
export function machinesFor({
  garment,
  machines,
  machineSet,
}: SeenBy<typeof machinesSee>): Readonly<Record<string, Machine>> {
  if (machineSet) return machines ?? {};
  const usual = usualMachines[usualSetOf(garment.machineSetId)];
  const { stands } = garment;
  if (!stands) return usual;
  return Object.fromEntries(
    Object.entries(usual).map(([id, machine]) => [
      id,
      stands[id] ? { ...machine, present: stands[id] } : machine,
    ]),
  );
}
