import 'server-only';
import { and, asc, eq, inArray, isNotNull, isNull, sql } from 'drizzle-orm';
import { photographedKinds, photosShown, type PhotographedKind } from '@/core/facts/photos';
import { listAll, type Querier } from './records';
import { photos } from './schema';

/** A photo as it is kept: its bytes never change. */
export interface Photo {
  readonly id: string;
  readonly kind: PhotographedKind;
  readonly recordId: string;
  readonly type: string;
  readonly bytes: Buffer;
  readonly small: Buffer | null;
  readonly createdAt: string;
}

/** All of a photo but its bytes. */
export type PhotoLine = Pick<Photo, 'id' | 'kind' | 'recordId' | 'type' | 'createdAt'>;

const line = {
  id: photos.id,
  kind: photos.kind,
  recordId: photos.recordId,
  type: photos.type,
  createdAt: photos.createdAt,
};

/** Keeps a photo; `incoming` names the copy it comes with, until all of that is here. */
export function addPhoto(db: Querier, photo: Photo, incoming: string | null = null): void {
  db.insert(photos)
    .values({ ...photo, incoming })
    .run();
}

export const findPhoto = (db: Querier, id: string): Photo | undefined =>
  db
    .select()
    .from(photos)
    .where(and(eq(photos.id, id), isNull(photos.incoming)))
    .get();

/** Every photo that is here, by id, without its bytes. */
export const listPhotos = (db: Querier): readonly PhotoLine[] =>
  db.select(line).from(photos).where(isNull(photos.incoming)).orderBy(asc(photos.id)).all();

export function deletePhotos(db: Querier, ids: readonly string[]): void {
  if (ids.length > 0)
    db.delete(photos)
      .where(inArray(photos.id, [...ids]))
      .run();
}

/** What came with a copy is here from now on. Returns how many photos that were. */
export const settleIncoming = (db: Querier, incoming: string): number =>
  db
    .update(photos)
    .set({ incoming: null })
    .where(eq(photos.incoming, incoming))
    .returning({ id: photos.id })
    .all().length;

/** Drops what came with copies that were never brought back whole. */
export function dropIncoming(db: Querier): void {
  db.delete(photos).where(isNotNull(photos.incoming)).run();
}

/** The photos that no record which is here shows any more: what showed them was taken away, and may be put back by undoing. */
export function strayPhotos(db: Querier): readonly PhotoLine[] {
  const here = listPhotos(db);
  if (here.length === 0) return [];
  const shown = new Set(
    photographedKinds.flatMap((kind) => listAll(db, kind).flatMap(({ facts }) => photosShown(kind, facts))),
  );
  return here.filter(({ id }) => !shown.has(id));
}

/** How many photos are here, and their bytes in all. */
export const photoTotals = (db: Querier): { readonly photos: number; readonly bytes: number } =>
  db
    .select({ photos: sql<number>`count(*)`, bytes: sql<number>`coalesce(sum(length(${photos.bytes})), 0)` })
    .from(photos)
    .where(isNull(photos.incoming))
    .get() ?? { photos: 0, bytes: 0 };
