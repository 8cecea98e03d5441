import type { Explained, NumberId } from '../explain/explained';
import { getNumber } from '../explain/ledger';
import type { ZoneId } from '../facts/garment';
import type { FittingGarment } from '../facts/wearer';
import type { GarmentKind } from '../fit/garmentKind';
import { toTenth } from '../units/roundForTape';

/** What a garment measures that was traced because it fits: its girths as drawn, before any alteration, mm, by where they lie. */
export function fittingGirths(
  { zones }: Pick<GarmentKind, 'zones'>,
  pieces: {
    readonly girths: Readonly<Record<ZoneId, NumberId>>;
    readonly drawnGirths: Readonly<Record<ZoneId, NumberId>>;
  },
  numbers: Readonly<Record<NumberId, Explained>>,
): FittingGarment['girths'] {
  return Object.fromEntries(
    zones.flatMap(({ id, measure }) => {
      const girth = pieces.drawnGirths[id] ?? pieces.girths[id];
      return girth === undefined ? [] : [[measure, toTenth(getNumber(numbers, girth).value)]];
    }),
  );
}
