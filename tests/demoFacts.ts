import { writeGarmentFile, type GarmentFile } from '@/core/formats/garmentFile';
import { gatherFacts, type FindFacts } from '@/core/plan/gatherFacts';
import type { GarmentFacts } from '@/core/facts/garmentFacts';
import { household } from '@/demo/household';

export const TODAY = '2026-06-01';

/** The made-up household, as it is on that day. */
export const demoHousehold = () => household(TODAY);

/** The demo's garments with their wearer and cloths inside, by name: invented data. */
export function demoFacts(): readonly (readonly [string, GarmentFacts])[] {
  const made = household(TODAY);
  const here: Readonly<Record<string, Readonly<Record<string, unknown>>>> = {
    wearer: made.wearers,
    cloth: made.cloths,
    elastic: made.elastics,
    finding: made.findings,
    pattern: made.patterns,
    machine: made.machines,
    machineSet: made.machineSets,
  };
  const find: FindFacts = (kind, id) => here[kind]?.[id] as never;
  return Object.entries(made.garments).map(([id, garment]) => [id, gatherFacts(garment, find)]);
}

export function demoFact(id: string): GarmentFacts {
  const found = demoFacts().find(([name]) => name === id);
  if (!found) throw new Error(`expected a garment of the demo, got ${id}`);
  return found[1];
}

export const demoFile = (id: string): GarmentFile =>
  writeGarmentFile(demoFact(id), { withMeasurements: true });
