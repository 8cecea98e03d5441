import 'server-only';
import { randomUUID } from 'node:crypto';
import { changesBetween, differingLabels, inOrderOfNaming } from '@/core/formats/household/compareRecords';
import { refsOf } from '@/core/facts/refs';
import type { CopyReport, Differing } from '@/core/views/householdViews';
import type { CommandResult, Op } from '@/data/commands';
import type { Database } from '@/data/database';
import { addPhoto, dropIncoming, findPhoto, settleIncoming } from '@/data/photos';
import { findRecord } from '@/data/records';
import { countRecords } from '@/data/revisions';
import { smallOf } from '../photos';
import { present } from '../present';
import { write } from '../recordRoutes';
import { readHousehold, type CopiedHousehold, type CopiedRecord } from './readHousehold';

/** What bringing a copy back would do here: nothing is written. */
export function reportOf(db: Database, household: CopiedHousehold): CopyReport {
  const fresh: CopyReport['fresh'][number][] = [];
  const differing: Differing[] = [];
  for (const { kind, id, facts, updatedAt } of household.records) {
    const here = present(findRecord(db, kind, id));
    const fields = here ? differingLabels(kind, here.facts, facts) : [];
    if (!here) fresh.push({ kind, name: facts.name });
    else if (fields.length > 0)
      differing.push({
        kind,
        id,
        name: here.facts.name,
        nameThere: facts.name,
        changedHere: here.updatedAt,
        changedThere: updatedAt,
        fields,
      });
  }
  const both = household.records.length - fresh.length;
  return {
    madeAt: household.madeAt,
    fresh,
    differing,
    same: both - differing.length,
    onlyHere: countRecords(db) - both,
    photos: household.photos.filter(({ id }) => !findPhoto(db, id)).length,
  };
}

export type Restored =
  { readonly ok: true; readonly result: CommandResult } | { readonly ok: false; readonly sentence: string };

/** The command was refused: what was begun with it is to be undone too. */
class Refused extends Error {
  constructor(readonly result: CommandResult) {
    super('the copy was refused');
  }
}

/**
 * Brings a copy back, all of it or nothing, as one command that can be undone. `take` names, as `kind id`, the records
 * that are here otherwise and are to become what the copy says; all others that are here stay as they are. Photos come
 * in first, one at a time, and are here once everything else is.
 */
export async function restoreHousehold(
  db: Database,
  path: string,
  take: ReadonlySet<string>,
): Promise<Restored> {
  dropIncoming(db);
  const incoming = randomUUID();
  let came = 0;
  try {
    const read = await readHousehold(path, async (line, bytes) => {
      if (findPhoto(db, line.id)) return;
      addPhoto(db, { ...line, bytes, small: (await smallOf(bytes)) ?? null }, incoming);
      came += 1;
    });
    if (!read.ok) return read;
    const ops = restoreOps(db, read.household.records, take);
    const day = read.household.madeAt.slice(0, 10);
    const result = db.transaction(
      () => {
        if (settleIncoming(db, incoming) < came)
          throw new Error('expected the photos that came, got fewer; bring one copy back at a time');
        const written = write(db, { label: `Bring back the copy of ${day}`, ops });
        if (!written.ok) throw new Refused(written);
        return written;
      },
      { behavior: 'immediate' },
    );
    return { ok: true, result };
  } catch (error) {
    if (error instanceof Refused) return { ok: true, result: error.result };
    throw error;
  } finally {
    dropIncoming(db);
  }
}

function restoreOps(
  db: Database,
  records: readonly CopiedRecord[],
  take: ReadonlySet<string>,
): readonly Op[] {
  return inOrderOfNaming(records, ({ kind, facts }) => refsOf(kind, facts)).flatMap(
    ({ kind, id, facts, createdAt, updatedAt }): Op[] => {
      const here = findRecord(db, kind, id);
      if (!here) return [{ op: 'create', kind, id, facts, since: { createdAt, updatedAt } }];
      const changes = changesBetween(here.facts, facts);
      const set = (baseRevision: number): Op[] =>
        changes.length > 0 ? [{ op: 'set', kind, id, baseRevision, changes }] : [];
      if (here.removed)
        return [{ op: 'restore', kind, id, baseRevision: here.revision }, ...set(here.revision + 1)];
      return take.has(`${kind} ${id}`) ? set(here.revision) : [];
    },
  );
}
