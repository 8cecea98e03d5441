import type { Garment } from '../facts/garment';
import type { ClothRole, KeptLayout } from '../facts/layout';

/** The changes by which a copy on a layout is no longer cut. */
export const notCut = (role: ClothRole, key: string): readonly (readonly [string, null])[] =>
  ['cutOn', 'cutFor', 'outline'].map((field) => [`layouts.${role}.places.${key}.${field}`, null]);

/** The changes that take the tick of a row back: from the ticket, and from its copies on the layouts of the garment. */
export function untickedRow(
  { layouts = {} }: Pick<Garment, 'layouts'>,
  rowId: string,
): Readonly<Record<string, unknown>> {
  const kept = Object.entries(layouts) as readonly (readonly [ClothRole, KeptLayout])[];
  const places = kept.flatMap(([role, { places: all }]) =>
    Object.entries(all)
      .filter(([, { cutFor }]) => cutFor === rowId)
      .flatMap(([key]) => notCut(role, key)),
  );
  return { [`cuts.${rowId}`]: null, ...Object.fromEntries(places) };
}
