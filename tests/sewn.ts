import { newGarment, type EdgeChoice, type EdgeMeasured, type Garment } from '@/core/facts/garment';
import { kindIds, type KindId } from '@/core/facts/kindIds';
import { usualSetIds, type Machine } from '@/core/facts/machine';
import type { StitchId } from '@/core/facts/stitchIds';
import { planGarment } from '@/core/plan/planGarment';
import { planSewing } from '@/core/sewing/planSewing';
import type { SewingPlan } from '@/core/sewing/types';
import type { GarmentFacts } from '@/core/facts/garmentFacts';
import { household } from '@/demo/household';
import { TODAY, demoFacts } from './demoFacts';

const made = household(TODAY);

/** A garment’s edges with this chosen, or measured, at the neckline. */
export const atNeckline = (
  { edges }: Pick<Garment, 'edges'>,
  { measured, ...choice }: Omit<EdgeChoice, 'measured'> & { readonly measured?: Partial<EdgeMeasured> },
): Pick<Garment, 'edges'> => ({
  edges: {
    ...edges,
    neckline: {
      ...edges?.neckline,
      ...choice,
      ...(measured ? { measured: { as: 'pieces' as const, ...edges?.neckline?.measured, ...measured } } : {}),
    },
  },
});

/** A neckline topstitched with a stitch. */
export const topstitchedWith = (stitch: StitchId): Pick<Garment, 'topstitched' | 'picks'> => ({
  topstitched: true,
  picks: { 'neckline-topstitch': { stitch } },
});

/** The demo's sets, with their machines. */
export const demoSets = Object.entries(made.machineSets).map(([id, set]) => ({
  id,
  set,
  machines: Object.fromEntries(
    Object.keys(set.machines).map((machineId) => [machineId, made.machines[machineId] as Machine]),
  ),
}));

/** Ways to have machines: the usual ones, a sewing machine alone, and each set of the demo. */
export const machineCases: readonly (readonly [string, (facts: GarmentFacts) => GarmentFacts])[] = [
  ...usualSetIds.map(
    (machineSetId) =>
      [
        machineSetId,
        ({ machineSet: _set, machines: _machines, ...facts }: GarmentFacts): GarmentFacts => ({
          ...facts,
          garment: { ...facts.garment, machineSetId },
        }),
      ] as const,
  ),
  ...demoSets.map(
    ({ id, set, machines }) =>
      [
        id,
        (facts: GarmentFacts): GarmentFacts => ({
          ...facts,
          garment: { ...facts.garment, machineSetId: id },
          machineSet: set,
          machines,
        }),
      ] as const,
  ),
];

/** Every kind in every style, worn by a demo wearer in demo cloth, nothing sewn: each garment there is. */
export const everyGarment: readonly (readonly [string, GarmentFacts])[] = kindIds.flatMap((kind) =>
  (['regular', 'fitted', 'loose'] as const).map(
    (style) => [`${kind}, ${style}`, garmentOf(kind, { style })] as const,
  ),
);

export function garmentOf(kind: KindId, rest: Partial<Garment> = {}): GarmentFacts {
  const { cloths, wearers } = made;
  const start = newGarment('Tried', kind);
  const garment: Garment = {
    ...start,
    ...rest,
    ...atNeckline(rest, { measured: { frontMm: 330, backMm: 190 } }),
    pattern: {
      ...start.pattern,
      shoulderMm: 118,
    },
  };
  const outer = cloths['loon-swim'];
  const lining = cloths['minnow-lining'];
  const wearer = wearers.odile;
  if (!outer || !lining || !wearer) throw new Error('expected the demo household');
  return { garment, wearer, outer, lining, band: outer };
}

export const sewingOf = (facts: GarmentFacts): SewingPlan =>
  planSewing(facts, planGarment(facts, { onDate: TODAY }));

/** The same without some of its fields. */
export const without = <T extends object, K extends keyof T>(whole: T, ...keys: readonly K[]): Omit<T, K> =>
  Object.fromEntries(Object.entries(whole).filter(([key]) => !keys.includes(key as K))) as Omit<T, K>;

/** The demo's garments as they are, and with nothing sewn yet. */
export const unsewn: readonly (readonly [string, GarmentFacts])[] = demoFacts().map(([id, facts]) => [
  id,
  { ...facts, garment: { ...facts.garment, sewn: {} } },
]);
