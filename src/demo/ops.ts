import type { RecordKind } from '@/core/facts/records';
import type { Op } from '@/data/commands';
import { household } from './household';

const create = (kind: RecordKind, records: Readonly<Record<string, unknown>>): Op[] =>
  Object.entries(records).map(([id, facts]) => ({ op: 'create', kind, id, facts }) as Op);

/** What makes the made-up household: its shelf in one go, and a new garment for each of the rest. */
export function householdOps(today: string): {
  readonly shelf: readonly Op[];
  readonly garments: readonly Op[];
} {
  const made = household(today);
  return {
    shelf: [
      ...create('wearer', made.wearers),
      ...create('cloth', made.cloths),
      ...create('elastic', made.elastics),
      ...create('finding', made.findings),
      ...create('pattern', made.patterns),
      ...create('machine', made.machines),
      ...create('machineSet', made.machineSets),
    ],
    garments: create('garment', made.garments),
  };
}
