import Papa from 'papaparse';
import { valueAt } from '../../facts/change';
import type { UnitSystem } from '../../units/constants';
import { headingOf, writeCell } from './cells';
import { ownHeadings, type Row, type ShelfTable } from './shelfTables';

/**
 * Cells that a spreadsheet would take for a formula get a sign before them that keeps them from it; so do those that
 * begin with that sign, so that it can be taken off again.
 */
const KEPT_FROM = /^['=+\-@\t\r]/;

/** What a cell said before that sign was put before it. */
export const withoutGuard = (cell: string): string =>
  cell.startsWith("'") && KEPT_FROM.test(cell.slice(1)) ? cell.slice(1) : cell;

/** A table as CSV: a heading, and one line a row. Lengths stand in the unit that the heading says. */
export function writeTable(table: ShelfTable, rows: readonly Row[], unit: UnitSystem): string {
  const own = ownHeadings(table);
  const before: readonly string[] = 'name' in own ? [own.name] : [];
  const after: readonly string[] = 'entry' in own ? [own.id, own.entry] : [own.id];
  const fields = [...before, ...table.columns.map(({ spec }) => headingOf(spec, unit)), ...after];
  const data = rows.map((row) => [
    ...before.map(() => row.name),
    ...table.columns.map(({ spec, path }) => writeCell(spec, valueAt(row.of, path), unit)),
    ...('entry' in own ? [row.id, row.entry ?? ''] : [row.id]),
  ]);
  return `${Papa.unparse({ fields, data }, { escapeFormulae: KEPT_FROM })}\r\n`;
}
