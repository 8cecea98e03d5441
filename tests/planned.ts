import { newCloth, type Cloth } from '@/core/facts/cloth';
import { newGarment, type Garment } from '@/core/facts/garment';
import type { KindId } from '@/core/facts/kindIds';
import type { MeasurementSet, Wearer } from '@/core/facts/wearer';
import { planGarment } from '@/core/plan/planGarment';
import type { GarmentFacts } from '@/core/facts/garmentFacts';
import type { GarmentPlan } from '@/core/plan/types';
import type { StripPlan } from '@/core/edges/types';
import { neckbandEdge } from '@/core/edges/useOf';
import type { ZonePlan } from '@/core/fit/types';
import { household } from '@/demo/household';
import { TODAY } from './demoFacts';

/** The demo household as the tests take it: invented data. */
export const { cloths, wearers, patterns } = household(TODAY);
export const odile = wearers.odile as Wearer;

/** Odile with these measures and no others. */
export const measured = (values: MeasurementSet['values']): Wearer => ({
  ...odile,
  measurements: { a: { measuredOn: TODAY, how: 'measured', values } },
});

/** A cloth by its stretch alone, across and along. */
export const stated = (across: number, along = across): Cloth => ({
  ...newCloth('Cloth'),
  statedAcross: across,
  statedAlong: along,
});

/** A new garment of a kind, for Odile unless somebody else is named. */
export const plan = (
  kind: KindId,
  facts: Partial<GarmentFacts>,
  garment: Partial<Garment> = {},
): GarmentPlan =>
  planGarment(
    { wearer: odile, ...facts, garment: { ...newGarment('x', kind), ...garment } },
    { onDate: TODAY },
  );

/** The band on the neckline, where one is planned. */
export const neckbandIn = ({ edges }: GarmentPlan): StripPlan | undefined => neckbandEdge(edges)?.strips[0];

/** A number of a plan; NaN where it is not there, so that an expectation fails by value. */
export const value = (of: GarmentPlan, id: string | undefined): number =>
  of.numbers[id ?? '']?.value ?? Number.NaN;

export function zone(of: GarmentPlan, id: string): ZonePlan {
  const found = of.zones.find((one) => one.zone === id);
  if (!found) throw new Error(`expected zone ${id}, got ${of.zones.map((one) => one.zone).join(', ')}`);
  return found;
}
