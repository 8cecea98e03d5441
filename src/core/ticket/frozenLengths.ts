import type { Explained, NumberId } from '../explain/explained';
import { getNumber } from '../explain/ledger';
import type { Cut, Garment } from '../facts/garment';
import type { ZonePlan } from '../fit/types';
import type { UnitSystem } from '../units/constants';
import { toTenth } from '../units/roundForTape';
import type { TicketGroup, TicketRow } from './types';

/** What of a plan is frozen as it is cut from. */
interface CutFrom {
  readonly numbers: Readonly<Record<string, Explained>>;
  readonly ticket: readonly Pick<TicketGroup, 'role' | 'rows'>[];
  readonly zones: readonly Pick<ZonePlan, 'zone' | 'rest'>[];
  readonly pieces: { readonly girths: Readonly<Record<string, string>> };
}

/**
 * What is frozen of a row once it is cut: its lengths as they are rounded for the reader’s tape, mm; of a piece of the
 * outer cloth how large all round every zone was then, whatever the plan says later.
 */
export const frozenLengths = (
  row: Pick<TicketRow, 'id' | 'length' | 'width'>,
  { numbers, ticket, zones, pieces }: CutFrom,
  unit: UnitSystem,
): Omit<Cut, 'cutOn'> => {
  const piece =
    !row.length && ticket.some(({ role, rows }) => role === 'outer' && rows.some(({ id }) => id === row.id));
  return {
    ...(row.length ? { lengthMm: getNumber(numbers, row.length[unit]).value } : {}),
    ...(row.width ? { widthMm: getNumber(numbers, row.width[unit]).value } : {}),
    ...(piece && zones.length > 0
      ? {
          girths: Object.fromEntries(
            zones.map(({ zone, rest }) => [
              zone,
              toTenth(getNumber(numbers, girthNow(pieces, { zone, rest })).value),
            ]),
          ),
        }
      : {}),
  };
};

/** How large a zone is by the plan: as its pieces make it, else as it was chosen. */
export const girthNow = (
  { girths }: CutFrom['pieces'],
  { zone, rest }: Pick<ZonePlan, 'zone' | 'rest'>,
): NumberId => girths[zone] ?? rest;

/** How large every zone was when its pieces were cut, by the last of them; of garments that were cut before it was kept, nothing. */
export const girthsAsCut = (cuts: Garment['cuts']): NonNullable<Cut['girths']> =>
  Object.assign(
    {},
    ...Object.values(cuts)
      .toSorted((a, b) => a.cutOn.localeCompare(b.cutOn))
      .map(({ girths }) => girths),
  ) as NonNullable<Cut['girths']>;
