import type { Explained } from '../explain/explained';
import { getNumber } from '../explain/ledger';
import type { Cut } from '../facts/garment';
import type { UnitSystem } from '../units/constants';
import type { TicketRow } from './types';

/** What is frozen of a row once it is cut: its lengths as they are rounded for the reader’s tape, mm. */
export const frozenLengths = (
  row: Pick<TicketRow, 'length' | 'width'>,
  numbers: Readonly<Record<string, Explained>>,
  unit: UnitSystem,
): Omit<Cut, 'cutOn'> => ({
  ...(row.length ? { lengthMm: getNumber(numbers, row.length[unit]).value } : {}),
  ...(row.width ? { widthMm: getNumber(numbers, row.width[unit]).value } : {}),
});
