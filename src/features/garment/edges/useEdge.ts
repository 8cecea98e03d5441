'use client';
import type { EdgeUse } from '@/core/edges/elastics/edgeUse';
import { edgeUses } from '@/core/edges/elastics/uses';
import type { EdgeChoice } from '@/core/facts/garment';
import type { Edge } from '@/core/fit/garmentKind';
import type { EdgePlan } from '@/core/edges/types';
import { useGarment } from '../page/useGarment';

interface EdgeState {
  readonly edge: Edge;
  readonly use: EdgeUse;
  readonly choice: EdgeChoice;
  /** Sets fields of this edge's choice; `undefined` clears one. */
  readonly put: (label: string, changes: Readonly<Record<string, unknown>>) => void;
  readonly fault: (field: string) => string | undefined;
}

/** One edge of the open garment: its data, what is chosen for it, and how to change that. */
export function useEdge(plan: EdgePlan): EdgeState {
  const { garment, kind, set, fault } = useGarment();
  const edge = kind.edges.find(({ id }) => id === plan.id);
  if (!edge) throw new Error(`expected an edge of the kind, got "${plan.id}"; plan the garment again`);
  return {
    edge,
    use: edgeUses[plan.use],
    choice: garment.edges?.[plan.id] ?? {},
    put: (label, changes) =>
      set(
        `${plan.label}: ${label}`,
        Object.fromEntries(
          Object.entries(changes).map(([field, value]) => [`edges.${plan.id}.${field}`, value]),
        ),
      ),
    fault: (field) => fault(`edges.${plan.id}.${field}`),
  };
}
