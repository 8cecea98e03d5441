import 'server-only';
import type { Garment } from '@/core/facts/garment';
import type { GarmentFacts } from '@/core/facts/garmentFacts';
import { gatherFacts, type FindFacts } from '@/core/plan/gatherFacts';
import type { Database } from '@/data/database';
import { findRecord, type Stored } from '@/data/records';

/** A record that is here: removed ones are not. */
export const present = <R extends Stored>(record: R | undefined): R | undefined =>
  record && !record.removed ? record : undefined;

/** Finds the facts of records that are here. */
export const finderIn =
  (db: Database): FindFacts =>
  (kind, id) =>
    present(findRecord(db, kind, id))?.facts;

/** A garment that is here, by its id. */
export const garmentHere = (db: Database, id: string): Garment | undefined =>
  present(findRecord(db, 'garment', id))?.facts;

/** A garment with the records it names. */
export const garmentFacts = (db: Database, garment: Garment): GarmentFacts =>
  gatherFacts(garment, finderIn(db));
