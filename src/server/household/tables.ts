import 'server-only';
import { randomUUID } from 'node:crypto';
import type { Fault } from '@/core/facts/faults';
import type { RecordKind } from '@/core/facts/records';
import { MAX_TABLE_BYTES, readTable, type TableChange } from '@/core/formats/tables/readTable';
import { shelfTableIds, shelfTables, type ShelfTableId } from '@/core/formats/tables/shelfTables';
import { writeTable } from '@/core/formats/tables/writeTable';
import type { UnitSystem } from '@/core/units/constants';
import type { TableReport } from '@/core/views/householdViews';
import type { Op } from '@/data/commands';
import type { Database } from '@/data/database';
import { findRecord, listAll } from '@/data/records';
import { download, readText, refusal } from '../http';
import { commandResponse, write } from '../recordRoutes';

const tableId = (text: string): ShelfTableId | undefined => shelfTableIds.find((id) => id === text);

const noTable = (): Response => refusal(404, 'missing', 'There is no such table: go back to the page.');

const unitIn = (params: URLSearchParams): UnitSystem => (params.get('unit') === 'in' ? 'in' : 'cm');

/** A table of the household as a file to save, its lengths in `?unit=cm|in`. */
export function downloadTable(db: Database, of: string, params: URLSearchParams): Response {
  const id = tableId(of);
  if (!id) return noTable();
  const table = shelfTables[id];
  const csv = writeTable(table, table.rows(listAll(db, table.kind)), unitIn(params));
  return download(csv, 'text/csv; charset=utf-8', `${id}.csv`, 'attachment');
}

/** Reads a table: what it would do, or, with `?keep=yes`, does it, as one change that can be undone. */
export async function bringTable(
  db: Database,
  of: string,
  params: URLSearchParams,
  request: Request,
): Promise<Response> {
  const id = tableId(of);
  if (!id) return noTable();
  const table = shelfTables[id];
  const body = await readText(request, MAX_TABLE_BYTES);
  if (!body.ok) return body.response;
  const read = readTable(table, body.value, listAll(db, table.kind), {
    unit: unitIn(params),
    newId: randomUUID,
  });
  if (!read.ok)
    return refusal(422, 'rows', 'This table cannot be taken as it is, and nothing of it was.', {
      faults: read.faults.map(({ row, sentence }): Fault => ({
        code: 'rule',
        path: `${row}`,
        sentence: `Row ${row}: ${sentence}`,
      })),
    });
  if (params.get('keep') !== 'yes') return Response.json(reportOf(read.changes, read.same));
  if (read.changes.length === 0)
    return refusal(422, 'nothing', 'Everything in this table is here already: there is nothing to bring in.');
  const ops = read.changes.map((change) => opOf(db, table.kind, change));
  return commandResponse(write(db, { label: `Bring in ${table.words[1]}`, ops }), 201);
}

function opOf(db: Database, kind: RecordKind, change: TableChange): Op {
  if (change.does === 'new') return { op: 'create', kind, id: randomUUID(), facts: change.facts };
  const baseRevision = findRecord(db, kind, change.id)?.revision ?? 0;
  return { op: 'set', kind, id: change.id, baseRevision, changes: change.changes };
}

const reportOf = (changes: readonly TableChange[], same: number): TableReport => ({
  fresh: changes.flatMap((change) => (change.does === 'new' ? [change.name] : [])),
  changed: changes.flatMap((change) =>
    change.does === 'set' ? [{ name: change.name, labels: change.labels }] : [],
  ),
  same,
});
