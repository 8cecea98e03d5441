import { ruleFaults } from '../../edges/readingFaults';
import { applyChanges, valueAt, type Change } from '../../facts/change';
import { findFaults } from '../../facts/faults';
import { recordSpecs, type FactsByKind } from '../../facts/records';
import type { UnitSystem } from '../../units/constants';
import { headingOf, readCell, writeCell } from './cells';
import { headingParts, inRowOrder, parseRows, plainWords, widthFault, type RowFault } from './rows';
import { ownHeadings, type Column, type Row, type ShelfTable } from './shelfTables';
import { withoutGuard } from './writeTable';

/** Largest table that is read, bytes, and its most rows. */
export const MAX_TABLE_BYTES = 2_000_000;
const MAX_ROWS = 5000;

const UNITS: readonly UnitSystem[] = ['cm', 'in'];

type Facts = FactsByKind[ShelfTable['kind']];
type Records = readonly { readonly id: string; readonly facts: Facts }[];

/** What a table does to one record. */
export type TableChange =
  | { readonly does: 'new'; readonly name: string; readonly facts: Facts }
  | {
      readonly does: 'set';
      readonly id: string;
      readonly name: string;
      readonly changes: readonly Change[];
      /** What the columns are called in which something changes, each once. */
      readonly labels: readonly string[];
    };

type ReadTable =
  | { readonly ok: true; readonly changes: readonly TableChange[]; readonly same: number }
  | { readonly ok: false; readonly faults: readonly RowFault[] };

interface Heads {
  readonly columns: readonly (
    { readonly column: Column; readonly unit?: 'cm' | 'in' | 'mm' } | 'name' | 'id' | 'entry'
  )[];
}

/**
 * Reads a table against what is here. A row is told by its id, else by its name; for entries also by what tells a
 * record's entries apart; what is found neither way is new. An empty cell leaves what is here as it is. Every fault is
 * reported with its row, and nothing is taken in part.
 */
export function readTable(
  table: ShelfTable,
  text: string,
  here: Records,
  { unit, newId }: { readonly unit: UnitSystem; readonly newId: () => string },
): ReadTable {
  const { heading, rows: lines, faults: unreadable } = parseRows(text);
  const faults = [...unreadable];
  if (!heading || lines.length === 0)
    return refused([
      { row: 1, sentence: 'There are no rows in this file: choose a table with a heading and rows.' },
    ]);
  const heads = headsOf(table, heading, faults);
  if (lines.length > MAX_ROWS)
    faults.push({ row: MAX_ROWS + 2, sentence: `Keep at most ${MAX_ROWS} rows in one file.` });
  if (faults.length > 0) return refused(faults);
  const work = new Work(table, here, newId);
  lines.forEach((cells, nth) => {
    const row = nth + 2;
    const width = widthFault(row, cells, heading);
    if (width) faults.push(width);
    else
      faults.push(
        ...work.take(readRow(heads, cells.map(withoutGuard), unit)).map((sentence) => ({ row, sentence })),
      );
  });
  return faults.length > 0 ? refused(faults) : { ok: true, ...work.done() };
}

const refused = (faults: readonly RowFault[]): ReadTable => ({ ok: false, faults: inRowOrder(faults) });

function headsOf(table: ShelfTable, heading: readonly string[], faults: RowFault[]): Heads {
  const own = Object.entries(ownHeadings(table)) as ['name' | 'id' | 'entry', string][];
  const columns = heading.map((cell, nth) => {
    const { words, unit } = headingParts(withoutGuard(cell));
    const plain = plainWords(words);
    const key = own.find(([, label]) => plainWords(label) === plain)?.[0];
    if (key !== undefined) return key;
    const column = table.columns.find(
      ({ spec }) =>
        plainWords(spec.label) === plain ||
        plainWords(headingOf(spec, unit === 'in' ? 'in' : 'cm')) === plainWords(cell),
    );
    if (!column)
      faults.push({
        row: 1,
        sentence: `“${cell.slice(0, 40)}” in column ${nth + 1} is not something ${table.words[1]} have here: take the column out, or call it as in a table that was saved here.`,
      });
    return column && { column, ...(unit ? { unit } : {}) };
  });
  const names = columns.map((one) => (typeof one === 'object' ? one.column.path : one));
  const twice = names.findIndex((name, nth) => name !== undefined && names.indexOf(name) !== nth);
  if (twice >= 0)
    faults.push({ row: 1, sentence: `“${heading[twice] ?? ''}” stands in two columns: keep one.` });
  return { columns: columns.filter((one) => one !== undefined) };
}

/** A row as it was read: whose it is, and what its cells say; or what is wrong with it. */
interface ReadRow {
  readonly own: { readonly name?: string; readonly id?: string; readonly entry?: string };
  readonly cells: readonly { readonly column: Column; readonly value: unknown }[];
  readonly sentences: readonly string[];
}

function readRow({ columns }: Heads, cells: readonly string[], unit: UnitSystem): ReadRow {
  const own: Record<string, string> = {};
  const read: ReadRow['cells'][number][] = [];
  const sentences: string[] = [];
  columns.forEach((head, nth) => {
    const cell = (cells[nth] ?? '').trim();
    if (cell === '') return;
    if (typeof head === 'string') {
      own[head] = cell;
      return;
    }
    const { column } = head;
    const value = readCell(column.spec, cell, unit, head.unit);
    if ('sentence' in value)
      sentences.push(`${column.spec.label}, “${cell.slice(0, 20)}”: ${value.sentence}`);
    else read.push({ column, value: value.value });
  });
  return { own, cells: read, sentences };
}

/** What rows come to, one after the other: several may be of one record. */
class Work {
  private readonly facts = new Map<string, Facts>();
  private readonly changes = new Map<string, { changes: Change[]; labels: Set<string> }>();
  private readonly fresh: TableChange[] = [];
  private readonly seen = new Set<string>();
  private readonly rows: readonly Row[];
  private same = 0;

  constructor(
    private readonly table: ShelfTable,
    private readonly here: Records,
    private readonly newId: () => string,
  ) {
    this.rows = table.rows(here);
    for (const { id, facts } of here) this.facts.set(id, facts);
  }

  /** Takes a row; what is wrong with it comes back in sentences. */
  take({ own, cells, sentences }: ReadRow): readonly string[] {
    if (sentences.length > 0) return sentences;
    const { table } = this;
    const name = own.name ?? String(cells.find(({ column }) => column.path === 'name')?.value ?? '');
    const found = rowOf(table, this.rows, { ...own, name }, cells);
    if (typeof found === 'string') return [found];
    if (found && this.seen.has(`${found.id} ${found.entry ?? ''}`))
      return [`This row is of the same ${table.words[0]} as one above it: keep one.`];
    if (found) {
      this.seen.add(`${found.id} ${found.entry ?? ''}`);
      // Found by its name, it keeps that as it is spelt.
      const told = found.id === own.id ? cells : cells.filter(({ column }) => column.path !== 'name');
      return this.set(found.id, table.at(found.entry), found.of, told);
    }
    if (table.entryBy === undefined) return this.add(name, cells);
    const owner = ownerOf(this.here, { ...own, name });
    if (typeof owner === 'string') return [owner];
    return this.set(owner.id, table.at(this.newId()), undefined, cells);
  }

  done(): { readonly changes: readonly TableChange[]; readonly same: number } {
    const set = [...this.changes].map(([id, { changes, labels }]): TableChange => ({
      does: 'set',
      id,
      name: (this.facts.get(id) as Facts).name,
      changes,
      labels: [...labels],
    }));
    return { changes: [...this.fresh, ...set], same: this.same };
  }

  private add(name: string, cells: ReadRow['cells']): readonly string[] {
    const facts = this.filled(name, cells) as Facts;
    const faults = this.faultsOf(facts);
    if (faults.length === 0) this.fresh.push({ does: 'new', name, facts });
    return faults;
  }

  private filled(name: string, cells: ReadRow['cells']): unknown {
    return applyChanges(this.table.fresh(name), changesAt('', cells));
  }

  /** Sets what a row says at its place in a record; without `row`, the whole place is new. */
  private set(id: string, at: string, row: unknown, cells: ReadRow['cells']): readonly string[] {
    const before = this.facts.get(id) as Facts;
    const told = row === undefined ? cells : differing(row, cells);
    if (row !== undefined && told.length === 0) {
      this.same += 1;
      return [];
    }
    const changes =
      row === undefined ? [{ path: at, value: this.filled(before.name, cells) }] : changesAt(at, told);
    const facts = applyChanges(before, changes);
    const faults = this.faultsOf(facts);
    if (faults.length > 0) return faults;
    this.facts.set(id, facts);
    const known = this.changes.get(id) ?? { changes: [], labels: new Set<string>() };
    known.changes.push(...changes);
    if (row === undefined) known.labels.add(`a new ${this.table.words[0]}`);
    else for (const { column } of told) known.labels.add(column.spec.label);
    this.changes.set(id, known);
    return [];
  }

  private faultsOf(facts: Facts): readonly string[] {
    const { kind } = this.table;
    const faults = findFaults(recordSpecs[kind], facts);
    return (faults.length > 0 ? faults : ruleFaults(kind, facts)).map(({ sentence }) => sentence);
  }
}

/** The cells that say something else than is here. What would be written the same is the same: a cell is rounded. */
const differing = (row: unknown, cells: ReadRow['cells']): ReadRow['cells'] =>
  cells.filter(({ column: { path, spec }, value }) =>
    UNITS.every((unit) => writeCell(spec, valueAt(row, path), unit).trim() !== writeCell(spec, value, unit)),
  );

const changesAt = (at: string, cells: ReadRow['cells']): readonly Change[] =>
  cells.map(({ column, value }) => ({ path: at === '' ? column.path : `${at}.${column.path}`, value }));

/** The row that is meant, `undefined` where it is a new one, or why it cannot be told. */
function rowOf(
  table: ShelfTable,
  rows: readonly Row[],
  own: ReadRow['own'],
  cells: ReadRow['cells'],
): Row | string | undefined {
  const byId =
    own.id === undefined
      ? undefined
      : rows.find(({ id, entry }) => id === own.id && (entry === undefined || entry === own.entry));
  if (byId) return byId;
  const key = table.entryBy;
  const value = key === undefined ? undefined : cells.find(({ column }) => column.path === key)?.value;
  const named = rows.filter(
    (row) =>
      row.name.toLowerCase() === own.name?.toLowerCase() &&
      (key === undefined || valueAt(row.of, key) === value),
  );
  if (named.length > 1)
    return `There are ${named.length} ${table.words[1]} that this row can mean: keep the column of ids, as in a table that was saved here.`;
  return named[0];
}

/** The wearer a new entry is of, or why there is none. */
function ownerOf(here: Records, own: ReadRow['own']): Records[number] | string {
  const byId = here.find(({ id }) => id === own.id);
  if (byId) return byId;
  const named = here.filter(({ facts }) => facts.name.toLowerCase() === own.name?.toLowerCase());
  if (named.length === 1) return named[0] as Records[number];
  return named.length === 0
    ? `Nobody here is called “${(own.name ?? '').slice(0, 40)}”: add the wearer first, or write the name as it is here.`
    : `${named.length} wearers here are called “${(own.name ?? '').slice(0, 40)}”: keep the column of ids.`;
}
