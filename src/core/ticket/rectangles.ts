import type { Explained } from '../explain/explained';
import { getNumber } from '../explain/ledger';
import type { TicketGroup } from './types';

/** A piece that is a rectangle: a band, a casing, a strip, a strap or a tie, as long and as wide as the ticket has it. */
export interface Rectangle {
  readonly id: string;
  readonly label: string;
  readonly longMm: number;
  readonly wideMm: number;
  readonly count: number;
}

const CLOTH: ReadonlySet<TicketGroup['role']> = new Set(['outer', 'lining', 'band']);

/** Rectangles among the pieces of a ticket that are cut from cloth: nobody draws them, and they follow the plan. */
export const rectanglesOf = (
  ticket: readonly TicketGroup[],
  numbers: Readonly<Record<string, Explained>>,
): readonly Rectangle[] =>
  ticket
    .filter(({ role }) => CLOTH.has(role))
    .flatMap(({ rows }) => rows)
    .flatMap(({ id, label, length, width, count }) => {
      if (!length || !width) return [];
      const [longMm, wideMm, times] = [length.exact, width.exact, count].map(
        (number) => getNumber(numbers, number).value,
      ) as [number, number, number];
      return [{ id, label, longMm, wideMm, count: times }];
    });
