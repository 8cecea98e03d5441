import { household } from '@/demo/household';
import { phraseText } from '@/core/explain/display';
import { newElastic, type Elastic } from '@/core/facts/elastic';
import type { EdgeChoice } from '@/core/facts/garment';
import type { EdgePlan, StripPlan } from '@/core/edges/types';
import type { GarmentFacts } from '@/core/facts/garmentFacts';
import type { GarmentPlan } from '@/core/plan/types';
import { TODAY } from './demoFacts';
import { plan, stated, value } from './planned';

/** The demo household: invented data. */
export const made = household(TODAY);

export function edge(of: GarmentPlan, id: string): EdgePlan {
  const found = of.edges.find((one) => one.id === id);
  if (!found) throw new Error(`expected edge ${id}, got ${of.edges.map((one) => one.id).join(', ')}`);
  return found;
}
export function strip(of: GarmentPlan, id: string, at = 0): StripPlan {
  const found = edge(of, id).strips[at];
  if (!found) throw new Error(`expected a strip on ${id}, got none`);
  return found;
}
export const rule = (of: GarmentPlan, from: StripPlan, id: string) =>
  value(of, from.rules.find((one) => one.id === id)?.length);
export const sentences = (of: GarmentPlan) =>
  of.problems.map(({ sentence }) => phraseText(sentence, of.numbers, 'cm'));

export const swim: Elastic = { ...newElastic('Swim', 'swim rubber', 8), swim: 'yes', statedStretch: 1 };
export const plush: Elastic = { ...newElastic('Plush', 'plush', 19), statedStretch: 0.8 };
/** Swim bottoms in a cloth of its own, with choices at their edges. */
export const bottoms = (edges: Readonly<Record<string, EdgeChoice>>, facts: Partial<GarmentFacts> = {}) =>
  plan('briefs', { outer: stated(0.78, 0.56), elastics: { swim }, ...facts }, { edges });
