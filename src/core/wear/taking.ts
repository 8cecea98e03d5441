import { getNumber } from '../explain/ledger';
import { garmentSpec, type Garment } from '../facts/garment';
import type { Mend } from '../facts/mend';
import { wearerSpec, type Usual } from '../facts/wearer';
import type { NowProposal } from './proposals';
import { wornAt, type WornPlace, type WornPlan } from './wornAt';

/** Facts to set, by their path. */
type Changes = Readonly<Record<string, unknown>>;

interface Taken {
  readonly fittingId: string;
  /** See `nextMendId`. */
  readonly mendId: string;
  readonly on: string;
}

/**
 * The id of the next change: short, for the ids of its steps begin with it, and never one that had steps ticked before.
 */
export function nextMendId({ mends = {}, sewn }: Pick<Garment, 'mends' | 'sewn'>): string {
  const used = [...Object.keys(mends), ...Object.keys(sewn)].flatMap((id) => {
    const number = /^m(\d+)(-|$)/.exec(id)?.[1];
    return number === undefined ? [] : [Number(number)];
  });
  return `m${Math.max(0, ...used) + 1}`;
}

const ROUND = garmentSpec.fields.edges.of.fields.rounds.of.fields;

/**
 * What a garment's facts become where a proposal is taken: a change that joins the sewing order; of a strip that is cut
 * again also a round of trying on, and its rows of the ticket open again, with what was cut beside them.
 */
export function takeNow(
  garment: Pick<Garment, 'cuts' | 'edges'>,
  { what, mend, again }: NowProposal,
  { fittingId, mendId, on }: Taken,
): Changes {
  const wasMm = again?.rows.map((row) => garment.cuts[row]?.lengthMm).find((mm) => mm !== undefined);
  const wasSchool = again && garment.edges?.[mend.at]?.school;
  const made: Mend = {
    on,
    what,
    ...mend,
    ...(wasMm === undefined ? {} : { wasMm }),
    ...(wasSchool === undefined ? {} : { wasSchool }),
    fittingId,
  };
  const changes: Record<string, unknown> = { [`mends.${mendId}`]: made };
  if (!again) return changes;
  const edge = `edges.${mend.at}`;
  changes[`${edge}.rounds.${mendId}`] = { triedOn: on, bastedMm: again.wasMm, pinchedMm: again.offMm };
  changes[`${edge}.school`] = 'round';
  for (const row of again.rows) changes[`cuts.${row}`] = null;
  return changes;
}

/** What takes a change back: the strip is as it was cut, by the rule it was cut by. */
export function takeBack(
  plan: Pick<WornPlan, 'edges'>,
  mendId: string,
  { what, at, on, wasMm, wasSchool }: Mend,
): Changes {
  const changes: Record<string, unknown> = { [`mends.${mendId}`]: null };
  if (what !== 'cut-again') return changes;
  changes[`edges.${at}.rounds.${mendId}`] = null;
  changes[`edges.${at}.school`] = wasSchool ?? null;
  const rows = plan.edges.find(({ id }) => id === at)?.strips[0]?.rows ?? [];
  if (wasMm !== undefined) for (const row of rows) changes[`cuts.${row}`] = { cutOn: on, lengthMm: wasMm };
  return changes;
}

/** Whether a strip's new length can be kept as a round of trying on. */
export const fitsARound = ({ again }: NowProposal): boolean =>
  again === undefined ||
  (again.wasMm >= ROUND.bastedMm.min &&
    again.wasMm <= ROUND.bastedMm.max &&
    again.offMm >= ROUND.pinchedMm.min &&
    again.offMm <= ROUND.pinchedMm.max);

const { share: SHARE, looseMm: LOOSE } = garmentSpec.fields.fit.of.fields;
const { looser: LOOSER } = wearerSpec.fields.usual.of.fields;

/**
 * What keeps a place of this garment as it is while its wearer's usual moves: what was the default becomes its own
 * choice. Nothing where it was chosen already.
 */
export function keepHere(
  plan: WornPlan,
  place: WornPlace,
  { fit, edges = {} }: Pick<Garment, 'fit' | 'edges'>,
): Changes {
  const value = (id: string) => getNumber(plan.numbers, id).value;
  if (place.of === 'zone') {
    const { zone, rest } = place.zone;
    if (fit[zone]) return {};
    const { scale, at } = wornAt(plan, place, value(rest));
    const chosen =
      scale === 'looser' && at < 0
        ? { school: 'set', extension: value(place.zone.extension) }
        : scale === 'looser'
          ? { school: 'loose', looseMm: within(at * value(place.zone.body), LOOSE) }
          : { school: 'share', share: within(at, SHARE) };
    return { [`fit.${zone}`]: chosen };
  }
  const { strip, edge } = place;
  const choice = edges[edge.id] ?? {};
  if (choice.school !== undefined || strip.rule === 'round') return {};
  const path = `edges.${edge.id}`;
  return strip.rule === 'usual'
    ? { [`${path}.school`]: 'own', [`${path}.ownMm`]: value(strip.chosen) }
    : { [`${path}.school`]: strip.rule };
}

/** How close a zone is planned here, as its wearer's usual. */
export function usualHere(
  plan: WornPlan,
  place: Extract<WornPlace, { of: 'zone' }>,
  { kind, style }: Pick<Garment, 'kind' | 'style'>,
): Usual {
  const { zone, rest } = place.zone;
  const { scale, at } = wornAt(plan, place, getNumber(plan.numbers, rest).value);
  const told = scale === 'looser' ? { looser: within(at, LOOSER) } : { share: within(at, SHARE) };
  return { kind, zone, style, ...told };
}

const within = (value: number, { min, max }: { readonly min: number; readonly max: number }): number =>
  Math.min(Math.max(value, min), max);
