import type { EdgePlan, StripPlan } from '../edges/types';
import type { Explained } from '../explain/explained';
import { getNumber, leaf, type Ledger } from '../explain/ledger';
import { edgePlace, type WornAt } from '../facts/fitting';
import type { Garment } from '../facts/garment';
import { styleOf, type GarmentKind } from '../fit/garmentKind';
import { isToldByBody } from '../fit/told';
import type { ZonePlan } from '../fit/types';
import { girthNow, girthsAsCut } from '../ticket/frozenLengths';

/** What of a plan a try-on speaks of. */
export interface WornPlan {
  readonly zones: readonly ZonePlan[];
  readonly edges: readonly EdgePlan[];
  readonly pieces: { readonly girths: Readonly<Record<string, string>> };
  readonly numbers: Readonly<Record<string, Explained>>;
}

/** The part of a garment that says how it has changed since it was cut. */
export type AsSewn = Pick<Garment, 'mends'> & Partial<Pick<Garment, 'refashion' | 'pattern' | 'cuts'>>;

/** One place of a garment that can be tight or loose: a zone, or the strip of an edge. */
export type WornPlace =
  | { readonly of: 'zone'; readonly zone: ZonePlan; readonly looser: boolean }
  | { readonly of: 'edge'; readonly edge: EdgePlan; readonly strip: StripPlan };

/** The place with an id, where the plan knows how large it is. */
export function wornPlace(
  plan: WornPlan,
  kind: GarmentKind,
  { style }: Pick<Garment, 'style'>,
  id: string,
): WornPlace | undefined {
  const zone = plan.zones.find((one) => one.zone === id);
  const told = kind.zones.find((one) => one.id === id);
  if (zone && told) return { of: 'zone', zone, looser: isToldByBody(told, styleOf(kind, style)) };
  const edge = plan.edges.find((one) => edgePlace(one.id) === id);
  const strip = edge?.strips[0];
  return edge && strip && { of: 'edge', edge, strip };
}

/** What the numbers of a place are called under. */
export const placeId = (place: WornPlace): string =>
  `tried.${place.of === 'zone' ? place.zone.zone : `edge-${place.edge.id}`}`;

/**
 * How long something is all round at a place, mm: as it was measured; else a strip as it is sewn, a zone as it was when
 * its pieces were cut, else as they make it, else as planned, with what was taken in or let out since.
 */
export function sizeAt(
  book: Ledger,
  { numbers, pieces }: WornPlan,
  place: WornPlace,
  { mends = {}, refashion, pattern, cuts = {} }: AsSewn,
  measuredMm?: number,
): Explained {
  const id = placeId(place);
  if (measuredMm !== undefined)
    return book.given(`${id}.measured`, 'all round, as it measures now', measuredMm, 'mm', 'measured');
  if (place.of === 'edge') return getNumber(numbers, place.strip.sewn);
  const { zone } = place.zone;
  const wasMm = refashion && pattern?.finished[zone];
  const cutMm = wasMm === undefined ? girthsAsCut(cuts)[zone] : undefined;
  const cut =
    wasMm !== undefined
      ? book.given(`${id}.made`, 'all round, as it was made', wasMm, 'mm', 'measured')
      : cutMm !== undefined
        ? book.given(`${id}.asCut`, 'all round, as it was cut', cutMm, 'mm', 'own record')
        : getNumber(numbers, girthNow(pieces, place.zone));
  const moved = (what: 'take-in' | 'let-out') =>
    Object.values(mends).reduce(
      (sum, mend) => (mend.what === what && mend.at === zone ? sum + (mend.byMm ?? 0) : sum),
      0,
    );
  const [taken, out] = [moved('take-in'), moved('let-out')];
  if (taken === 0 && out === 0) return cut;
  return book.work(`${id}.was`, {
    label: 'all round, as it is now',
    unit: 'mm',
    mark: 'D',
    formula: 'cut - taken + out',
    terms: {
      cut,
      taken: leaf('taken in since', taken, 'mm', 'own record'),
      out: leaf('let out since', out, 'mm', 'own record'),
    },
  });
}

/** A percent, so that a rigid cloth has an answer, as in the share of its stretch in use. */
const LEAST_STRETCH = 0.01;

/** On which scale a place is told, and where it would stand there if it were so long all round. */
export function wornAt(plan: WornPlan, place: WornPlace, lengthMm: number): WornAt {
  const value = (id: string) => getNumber(plan.numbers, id).value;
  if (place.of === 'zone') {
    const { zone, looser } = place;
    const body = value(zone.body);
    if (looser) return { scale: 'looser', at: lengthMm / body - 1 };
    return { scale: 'share', at: (body / lengthMm - 1) / Math.max(value(zone.stretch), LEAST_STRETCH) };
  }
  const { strip } = place;
  const on = value(strip.on);
  const lies = strip.fold?.lies;
  const turns = lies === undefined ? 0 : on - value(lies.edge);
  if (turns > 0) return { scale: 'curve', at: (on - lengthMm) / turns };
  if (strip.body !== undefined) return { scale: 'under-body', at: 1 - lengthMm / value(strip.body) };
  return { scale: 'under-edge', at: 1 - lengthMm / on };
}
