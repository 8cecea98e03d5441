import 'server-only';
import type Joi from 'joi';
import type { Fault } from '@/core/facts/faults';
import { recordKinds, recordSpecs, type FactsByKind, type RecordKind } from '@/core/facts/records';
import { ruleFaults } from '@/core/facts/rules';
import type { Check } from '@/data/commands';
import { findRecord } from '@/data/records';
import { joiFaults, joiOf } from './joiSpec';

const schemas = Object.fromEntries(recordKinds.map((kind) => [kind, joiOf(recordSpecs[kind])])) as Readonly<
  Record<RecordKind, Joi.Schema>
>;

/** Whether facts may be stored: their schema, the rules across fields, and that what they name exists. */
export const checkRecord: Check = (kind, facts, db) => {
  const faults = joiFaults(schemas[kind], facts);
  if (faults.length > 0) return faults;
  const rules = ruleFaults(kind, facts as FactsByKind[RecordKind]);
  if (rules.length > 0 || kind !== 'garment') return rules;
  const { wearerId, outerClothId, bandClothId } = facts as FactsByKind['garment'];
  const names = (path: string, of: 'wearer' | 'cloth', id: string | undefined): Fault[] => {
    if (id === undefined) return [];
    const found = findRecord(db, of, id);
    return found && !found.removed
      ? []
      : [{ code: 'rule', path, sentence: `That ${of} is no longer here: choose another from the list.` }];
  };
  return [
    ...names('wearerId', 'wearer', wearerId),
    ...names('outerClothId', 'cloth', outerClothId),
    ...names('bandClothId', 'cloth', bandClothId),
  ];
};
