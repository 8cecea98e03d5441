import { newCloth, clothSpec, type Cloth } from '../../facts/cloth';
import { elasticSpec } from '../../facts/elastic';
import type { FactsByKind } from '../../facts/records';
import { isOptional, type LeafSpec, type Spec } from '../../facts/spec';
import { measurementSetSpec, type Wearer } from '../../facts/wearer';

/** What of the household is written as a table, and read from one. */
export const shelfTableIds = ['cloths', 'elastics', 'measurements'] as const;
export type ShelfTableId = (typeof shelfTableIds)[number];

/** A column: a field of what a row tells of. */
export interface Column {
  /** Where it stands, from what the row tells of. */
  readonly path: string;
  readonly spec: LeafSpec;
}

/** A row as it stands in the household: a record, or an entry of one. */
export interface Row {
  readonly id: string;
  readonly name: string;
  /** The entry of the record that it is, where rows are entries. */
  readonly entry?: string;
  readonly of: unknown;
}

type TabledKind = 'cloth' | 'elastic' | 'wearer';
type Records = readonly { readonly id: string; readonly facts: FactsByKind[TabledKind] }[];

/** One table: of which records it is, its columns, and how its rows stand in the records. */
export interface ShelfTable {
  readonly kind: TabledKind;
  /** What a row is called in sentences, one and several. */
  readonly words: readonly [one: string, several: string];
  readonly columns: readonly Column[];
  readonly rows: (records: Records) => readonly Row[];
  /** Where a row's fields begin in its record. */
  readonly at: (entry: string | undefined) => string;
  /** What a new row begins as. */
  readonly fresh: (name: string) => unknown;
  /** Rows are entries of records that are here already; the column that tells a record's entries apart. */
  readonly entryBy?: string;
}

/** The fields of a record that fit into a cell, in their order; of records within it those that must be there. */
function columnsOf(spec: Spec, path = ''): readonly Column[] {
  if (spec.kind !== 'record') return [];
  return Object.entries(spec.fields).flatMap(([key, field]): readonly Column[] => {
    const at = path === '' ? key : `${path}.${key}`;
    if (field.kind === 'record') return isOptional(field) ? [] : columnsOf(field, at);
    return field.kind === 'map' || field.kind === 'list' || field.kind === 'id'
      ? []
      : [{ path: at, spec: field }];
  });
}

const records = (of: Records): readonly Row[] =>
  of.map(({ id, facts }) => ({ id, name: facts.name, of: facts }));

export const shelfTables: Readonly<Record<ShelfTableId, ShelfTable>> = {
  cloths: {
    kind: 'cloth',
    words: ['cloth', 'cloths'],
    columns: columnsOf(clothSpec),
    // A stack is what its layers are: there is nothing of its own to write.
    rows: (of) => records(of.filter(({ facts }) => !(facts as Cloth).layers)),
    at: () => '',
    fresh: newCloth,
  },
  elastics: {
    kind: 'elastic',
    words: ['elastic', 'elastics'],
    columns: columnsOf(elasticSpec),
    rows: records,
    at: () => '',
    fresh: (name) => ({ name, tests: {}, sewn: {} }),
  },
  measurements: {
    kind: 'wearer',
    words: ['set of measurements', 'sets of measurements'],
    columns: columnsOf(measurementSetSpec),
    rows: (of) =>
      of.flatMap(({ id, facts }) =>
        Object.entries((facts as Wearer).measurements).map(([entry, set]) => ({
          id,
          name: facts.name,
          entry,
          of: set,
        })),
      ),
    at: (entry) => `measurements.${entry ?? ''}`,
    fresh: () => ({ how: 'measured', values: {} }),
    entryBy: 'measuredOn',
  },
};

/** The columns of a table that its rows do not have themselves: whose they are, and which. */
export const ownHeadings = ({
  entryBy,
}: ShelfTable):
  { readonly id: string } | { readonly name: string; readonly id: string; readonly entry: string } =>
  entryBy === undefined ? { id: 'Id' } : { name: 'Wearer', id: 'Wearer’s id', entry: 'Id' };
