import 'server-only';
import type Joi from 'joi';
import { pathsTouch } from '@/core/facts/change';
import type { Fault } from '@/core/facts/faults';
import { edgeRefsOf, ownRefsOf } from '@/core/facts/garment';
import { stackFault } from '@/core/cloth/resolveStack';
import {
  recordKinds,
  recordNames,
  recordSpecs,
  type FactsByKind,
  type RecordKind,
} from '@/core/facts/records';
import { ruleFaults } from '@/core/edges/readingFaults';
import type { Check } from '@/data/commands';
import { findRecord, type Querier } from '@/data/records';
import { joiFaults, joiOf } from './joiSpec';

const schemas = Object.fromEntries(recordKinds.map((kind) => [kind, joiOf(recordSpecs[kind])])) as Readonly<
  Record<RecordKind, Joi.Schema>
>;

/**
 * Whether facts may be stored: their schema, the rules across fields, and that what they name exists. Of what they name
 * only what this write touches: a garment whose cloth is gone can still be given another name, or another cloth.
 */
export const checkRecord: Check = (kind, facts, db, id, touched) => {
  const writes = (path: string) => touched?.some((one) => pathsTouch(one, path)) ?? true;
  const faults = joiFaults(schemas[kind], facts);
  if (faults.length > 0) return faults;
  const rules = ruleFaults(kind, facts as FactsByKind[RecordKind]);
  if (rules.length > 0) return rules;
  if (kind === 'cloth') return writes('layers') ? stackFaults(db, id, facts as FactsByKind['cloth']) : [];
  return kind === 'garment'
    ? missingRefs(db, facts as FactsByKind['garment']).filter(({ path }) => writes(path))
    : [];
};

/** A garment and its edges name only records that are here. */
function missingRefs(db: Querier, garment: FactsByKind['garment']): Fault[] {
  return [...ownRefsOf(garment), ...edgeRefsOf(garment)].flatMap(({ path, kind, id }): Fault[] => {
    const found = findRecord(db, kind, id);
    if (found && !found.removed) return [];
    const sentence = `That ${recordNames[kind]} is no longer here: choose another from the list.`;
    return [{ code: 'rule', path, sentence }];
  });
}

function stackFaults(db: Querier, id: string, cloth: FactsByKind['cloth']): Fault[] {
  const fault = stackFault(id, cloth, (layerId) => {
    const found = findRecord(db, 'cloth', layerId);
    return found && !found.removed ? found.facts : undefined;
  });
  return fault ? [fault] : [];
}
