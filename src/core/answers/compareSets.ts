import type { Machine, MachineSet } from '../facts/machine';
import { stitches } from '../machines/seams/stitches';
import { planGarment } from '../plan/planGarment';
import type { GarmentFacts } from '../facts/garmentFacts';
import { planSewing } from '../sewing/planSewing';
import type { SewingPlan } from '../sewing/types';

/** A set with its machines. */
export interface SetWithMachines {
  readonly id: string;
  readonly set: MachineSet;
  readonly machines: Readonly<Record<string, Machine>>;
}

/** The same garment on another set of machines: what it costs and what is sewn otherwise. */
export interface SetComparison {
  readonly id: string;
  readonly name: string;
  readonly changeMinutes: number;
  readonly changes: number;
  readonly minutesLeft: number;
  readonly stepsLeft: number;
  readonly pops: number;
  readonly byHand: number;
  /** Steps sewn with another stitch: how many now go from one to the other. */
  readonly instead: readonly { readonly from: string; readonly to: string; readonly steps: number }[];
}

export function compareSets(
  facts: GarmentFacts,
  sets: readonly SetWithMachines[],
  onDate: string,
  now: SewingPlan,
): readonly SetComparison[] {
  const stitchNow = new Map(now.steps.map((step) => [step.id, step.stitch]));
  return sets.map(({ id, set, machines }): SetComparison => {
    const other: GarmentFacts = {
      ...facts,
      garment: { ...facts.garment, machineSetId: id },
      machineSet: set,
      machines,
    };
    const sewing = planSewing(other, planGarment(other, { onDate }));
    const value = (number: string) => sewing.numbers[number]?.value ?? 0;
    const instead = new Map<string, { from: string; to: string; steps: number }>();
    for (const step of sewing.steps) {
      const before = stitchNow.get(step.id);
      if (step.done || !step.stitch || !before || before === step.stitch) continue;
      const [from, to] = [stitches[before].name, stitches[step.stitch].name];
      const known = instead.get(`${from} ${to}`) ?? { from, to, steps: 0 };
      instead.set(`${from} ${to}`, { ...known, steps: known.steps + 1 });
    }
    return {
      id,
      name: set.name,
      changeMinutes: value(sewing.best.changeMinutes),
      changes: value(sewing.best.changes),
      minutesLeft: value(sewing.minutesLeft),
      stepsLeft: sewing.steps.filter((step) => !step.done).length,
      pops: sewing.steps.filter((step) => step.row && !step.row.ok && !step.done).length,
      byHand: sewing.steps.filter((step) => step.stitch === 'by-hand' && !step.done).length,
      instead: [...instead.values()],
    };
  });
}
