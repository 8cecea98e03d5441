import type { Evidence, Tried } from '../facts/fitting';
import type { Garment } from '../facts/garment';
import { usualKey, type Wearer } from '../facts/wearer';

type TriedOn = Pick<Garment, 'name' | 'kind' | 'style' | 'fittings'>;

/** What was answered in the try-ons of garments, by kind and place. */
export function evidenceOf(garments: readonly TriedOn[]): Tried {
  const tried: Record<string, Evidence[]> = {};
  for (const { name, kind, style, fittings } of garments)
    for (const [fittingId, { triedOn, outcomes, worn = {} }] of Object.entries(fittings))
      for (const [place, outcome] of Object.entries(outcomes)) {
        const at = worn[place];
        if (at)
          (tried[usualKey(kind, place)] ??= []).push({
            ...at,
            fittingId,
            garment: name,
            style,
            triedOn,
            outcome,
          });
      }
  return tried;
}

/** What this garment is called in its own plan, whatever its name is. */
const THIS_ONE = 'This one';

/** What was answered of one place, of garments before and of this one; without what the wearer has had forgotten. */
export function evidenceAt(
  {
    garment,
    tried,
    wearer,
  }: { garment: Omit<TriedOn, 'name'>; tried?: Tried; wearer?: Pick<Wearer, 'forgotten'> },
  place: string,
): readonly Evidence[] {
  const key = usualKey(garment.kind, place);
  const all = [...(tried?.[key] ?? []), ...(evidenceOf([{ ...garment, name: THIS_ONE }])[key] ?? [])];
  return all.filter(({ fittingId }) => wearer?.forgotten?.[fittingId]?.[place] !== true);
}
