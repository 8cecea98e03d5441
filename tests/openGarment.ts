import { useSyncExternalStore } from 'react';
import { applyChanges } from '@/core/facts/change';
import type { Garment } from '@/core/facts/garment';
import type { GarmentFacts } from '@/core/facts/garmentFacts';
import { kindOf } from '@/core/garments/kindOf';
import { planGarment } from '@/core/plan/planGarment';
import type { GarmentPlan } from '@/core/plan/types';
import { TODAY } from './demoFacts';

type Changes = Readonly<Record<string, unknown>>;

let open: GarmentFacts | undefined;
let writes: Changes[] = [];
const listeners = new Set<() => void>();
const plans = new WeakMap<GarmentFacts, GarmentPlan>();

/** Opens a garment for the components under test; nothing is written yet. */
export function openGarment(facts: GarmentFacts): void {
  open = facts;
  writes = [];
}

/** What was written since, in order. */
export const written = (): readonly Changes[] => writes;

export const openFacts = (): GarmentFacts => {
  if (!open) throw new Error('expected an open garment: call openGarment first');
  return open;
};

function planOf(facts: GarmentFacts): GarmentPlan {
  const plan = plans.get(facts) ?? planGarment(facts, { onDate: TODAY });
  plans.set(facts, plan);
  return plan;
}

/** Stands in for the page’s `useGarment`: a garment that is planned again at every write, without a server. */
export function useOpenGarment() {
  const facts = useSyncExternalStore(
    (told: () => void) => {
      listeners.add(told);
      return () => listeners.delete(told);
    },
    openFacts,
    openFacts,
  );
  return {
    id: 'open',
    facts,
    garment: facts.garment,
    kind: kindOf(facts.garment, undefined),
    plan: planOf(facts),
    elastics: [],
    findings: [],
    machines: [],
    machineSets: [],
    notedAtSteps: {},
    today: TODAY,
    fault: () => undefined,
    set: (_label: string, changes: Changes) => {
      writes.push(changes);
      open = {
        ...facts,
        garment: applyChanges(
          facts.garment,
          Object.entries(changes).map(([path, value]) => ({ path, value: value ?? null })),
        ) as Garment,
      };
      for (const told of listeners) told();
    },
  };
}
