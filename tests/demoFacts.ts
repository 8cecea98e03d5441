import { writeGarmentFile, type GarmentFile } from '@/core/formats/garmentFile';
import type { GarmentFacts } from '@/core/plan/types';
import { household } from '@/demo/household';

export const TODAY = '2026-06-01';

/** The demo's garments with their wearer and cloths inside, by name: invented data. */
export function demoFacts(): readonly (readonly [string, GarmentFacts])[] {
  const { wearers, cloths, garments } = household(TODAY);
  return Object.entries(garments).map(([id, garment]) => {
    const wearer = wearers[garment.wearerId ?? ''];
    const outer = cloths[garment.outerClothId ?? ''];
    const band = cloths[garment.bandClothId ?? ''];
    return [
      id,
      { garment, ...(wearer ? { wearer } : {}), ...(outer ? { outer } : {}), ...(band ? { band } : {}) },
    ];
  });
}

export function demoFact(id: string): GarmentFacts {
  const found = demoFacts().find(([name]) => name === id);
  if (!found) throw new Error(`expected a garment of the demo, got ${id}`);
  return found[1];
}

export const demoFile = (id: string): GarmentFile =>
  writeGarmentFile(demoFact(id), { withMeasurements: true });
