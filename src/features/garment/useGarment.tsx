'use client';
import { createContext, useContext, useEffect, useMemo, type ReactNode } from 'react';
import type { Garment } from '@/core/facts/garment';
import { planGarment } from '@/core/plan/planGarment';
import type { GarmentFacts, GarmentPlan } from '@/core/plan/types';
import type { Choice, EarlierFitting, GarmentView } from '@/core/views/pageViews';
import { fetchRecord } from '@/features/records/api';
import { useRecords } from '@/features/records/RecordsProvider';
import { NumbersProvider } from '@/ui/numbers';

interface GarmentPageState {
  readonly id: string;
  readonly garment: Garment;
  readonly facts: GarmentFacts;
  readonly plan: GarmentPlan;
  readonly wearers: readonly Choice[];
  readonly cloths: readonly Choice[];
  readonly earlier: readonly EarlierFitting[];
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
  const { wearerId, outerClothId, bandClothId } = garment;
  const wearer = wearerId === undefined ? undefined : records.facts('wearer', wearerId);
  const outer = outerClothId === undefined ? undefined : records.facts('cloth', outerClothId);
  const band = bandClothId === undefined ? undefined : records.facts('cloth', bandClothId);

  const { open } = records;
  useEffect(() => {
    const bring = (kind: 'wearer' | 'cloth', wanted: string | undefined, here: unknown) => {
      if (wanted === undefined || here !== undefined) return;
      fetchRecord(kind, wanted).then(open, () => undefined);
    };
    bring('wearer', wearerId, wearer);
    bring('cloth', outerClothId, outer);
    bring('cloth', bandClothId, band);
  }, [band, bandClothId, open, outer, outerClothId, wearer, wearerId]);

  const facts = useMemo<GarmentFacts>(
    () => ({
      garment,
      ...(wearer ? { wearer } : {}),
      ...(outer ? { outer } : {}),
      ...(band ? { band } : {}),
    }),
    [band, garment, outer, wearer],
  );
  const plan = useMemo(() => planGarment(facts, { onDate: view.today }), [facts, view.today]);
  const state = useMemo<GarmentPageState>(
    () => ({
      id,
      garment,
      facts,
      plan,
      wearers: view.wearers,
      cloths: view.cloths,
      earlier: view.earlier,
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
