import { getNumber } from '../explain/ledger';
import type { Cut } from '../facts/garment';
import type { GarmentPlan } from '../plan/types';
import type { UnitSystem } from '../units/constants';
import type { TicketRow } from './types';

/** What is frozen of a row once it is cut: its lengths as they are rounded for the reader’s tape, mm. */
export const frozenLengths = (
  row: Pick<TicketRow, 'length' | 'width'>,
  numbers: GarmentPlan['numbers'],
  unit: UnitSystem,
): Omit<Cut, 'cutOn'> => ({
  ...(row.length ? { lengthMm: getNumber(numbers, row.length[unit]).value } : {}),
  ...(row.width ? { widthMm: getNumber(numbers, row.width[unit]).value } : {}),
});
