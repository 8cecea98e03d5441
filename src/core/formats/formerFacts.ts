import type { RecordKind } from '../facts/records';
import { fromFormerGarment } from './formerGarment';

/** The version of what stands in the facts of every record: of a database, and of a household's copy. */
export const FACTS_VERSION = 3;

/** The first version whose garments are as they are now. */
const GARMENTS_SINCE = 2;

/** Facts of an earlier version as they are now; those of this version are handed back as they are. */
export const bringUp = (kind: RecordKind, facts: unknown, version: number): unknown =>
  kind === 'garment' && version < GARMENTS_SINCE && typeof facts === 'object' && facts !== null
    ? fromFormerGarment(facts as Record<string, unknown>)
    : facts;
