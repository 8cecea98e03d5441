'use client';
import { createContext, useContext, useEffect, useMemo, type ReactNode } from 'react';
import type { Garment } from '@/core/facts/garment';
import type { FactsByKind, RecordKind, StoredRecord } from '@/core/facts/records';
import { gatherFacts } from '@/core/plan/gatherFacts';
import { gatherOnce } from '@/core/plan/gatherFacts';
import { planGarment } from '@/core/plan/planGarment';
import { kindOf } from '@/core/garments/kindOf';
import type { GarmentKind } from '@/core/fit/garmentKind';
import type { GarmentFacts } from '@/core/facts/garmentFacts';
import type { GarmentPlan } from '@/core/plan/types';
import type { Choice, EarlierFitting, GarmentView } from '@/core/views/pageViews';
import type { LogEntry } from '@/core/views/logViews';
import { fetchRecord } from '@/features/records/api';
import { useRecords } from '@/features/records/RecordsProvider';
import { NumbersProvider } from '@/ui/numbers';

interface GarmentPageState {
  readonly id: string;
  readonly garment: Garment;
  readonly kind: GarmentKind;
  readonly facts: GarmentFacts;
  readonly plan: GarmentPlan;
  readonly wearers: readonly Choice[];
  readonly cloths: readonly Choice[];
  readonly patterns: readonly Choice[];
  readonly elastics: readonly StoredRecord<'elastic'>[];
  readonly findings: readonly StoredRecord<'finding'>[];
  readonly machines: readonly StoredRecord<'machine'>[];
  readonly machineSets: readonly StoredRecord<'machineSet'>[];
  readonly garments: readonly Choice[];
  readonly earlier: readonly EarlierFitting[];
  readonly nextTime: readonly LogEntry[];
  readonly notedAtSteps: GarmentView['notedAtSteps'];
  readonly today: string;
  /** Sets fields of the garment; `undefined` or `null` clears one. */
  readonly set: (label: string, changes: Readonly<Record<string, unknown>>) => void;
  readonly fault: (path: string) => string | undefined;
}

const GarmentContext = createContext<GarmentPageState | undefined>(undefined);

export function useGarment(): GarmentPageState {
  const state = useContext(GarmentContext);
  if (!state)
    throw new Error('expected a GarmentProvider above, got none; render the stage inside the garment page');
  return state;
}

/** The garment that is open: its facts as typed, and the plan computed from them at every change. */
export function GarmentProvider({ view, children }: { view: GarmentView; children: ReactNode }) {
  const records = useRecords();
  const { id } = view.garment;
  const garment = records.facts('garment', id) ?? view.garment.facts;
  const { open } = records;
  const drawer = useMemo(
    () =>
      new Map<string, FactsByKind[RecordKind]>(
        [...view.elastics, ...view.findings, ...view.machines, ...view.machineSets].map((one) => [
          `${one.kind} ${one.id}`,
          one.facts,
        ]),
      ),
    [view.elastics, view.findings, view.machines, view.machineSets],
  );
  const gathered = gatherOnce(
    garment,
    <K extends RecordKind>(kind: K, named: string) =>
      records.facts(kind, named) ?? (drawer.get(`${kind} ${named}`) as FactsByKind[K] | undefined),
  );
  const facts = useMemo(
    () => ({
      ...gathered,
      takenMm: view.takenMm,
      runs: view.runs,
      ...(view.tried ? { tried: view.tried } : {}),
    }),
    [gathered, view.takenMm, view.runs, view.tried],
  );
  const missing = useMemo(() => {
    const wanted: { kind: RecordKind; id: string }[] = [];
    gatherFacts(garment, (kind, named) => {
      const here = records.facts(kind, named);
      if (!here && kind !== 'elastic' && kind !== 'finding') wanted.push({ kind, id: named });
      return here;
    });
    return wanted;
  }, [garment, records]);
  useEffect(() => {
    for (const { kind, id: named } of missing) fetchRecord(kind, named).then(open, () => undefined);
  }, [missing, open]);

  const plan = useMemo(() => planGarment(facts, { onDate: view.today }), [facts, view.today]);
  const state = useMemo<GarmentPageState>(
    () => ({
      id,
      garment,
      kind: kindOf(garment, facts.ownKind),
      facts,
      plan,
      wearers: view.wearers,
      cloths: view.cloths,
      patterns: view.patterns,
      elastics: view.elastics,
      findings: view.findings,
      machines: view.machines,
      machineSets: view.machineSets,
      garments: view.garments,
      earlier: view.earlier,
      nextTime: view.nextTime,
      notedAtSteps: view.notedAtSteps,
      today: view.today,
      set: (label, changes) => records.set('garment', id, label, changes),
      fault: (path) => records.fault('garment', id, path),
    }),
    [facts, garment, id, plan, records, view],
  );
  return (
    <GarmentContext value={state}>
      <NumbersProvider numbers={plan.numbers}>{children}</NumbersProvider>
    </GarmentContext>
  );
}
