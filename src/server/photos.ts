import 'server-only';
import { randomUUID } from 'node:crypto';
import { eq } from 'drizzle-orm';
import type { Database } from '@/data/database';
import { findRecord } from '@/data/records';
import { photos } from '@/data/schema';
import { readBytes, refusal } from './http';

/** Largest photo that is kept, bytes: the page makes them smaller before they are sent. */
const MAX_PHOTO_BYTES = 2_000_000;

/** The first bytes of the pictures that are kept. */
const KINDS = [
  { type: 'image/jpeg', starts: [0xff, 0xd8, 0xff] },
  { type: 'image/png', starts: [0x89, 0x50, 0x4e, 0x47] },
] as const;

/** Keeps a photo of a cloth. Its kind is told from its bytes, not from what the request says. */
export async function keepPhoto(db: Database, clothId: string, request: Request): Promise<Response> {
  const cloth = findRecord(db, 'cloth', clothId);
  if (!cloth || cloth.removed)
    return refusal(404, 'missing', 'This cloth is no longer here: go back to the list.');
  const body = await readBytes(request, MAX_PHOTO_BYTES);
  if (!body.ok) return body.response;
  const kind = KINDS.find(({ starts }) => starts.every((byte, at) => body.value[at] === byte));
  if (!kind) return refusal(422, 'not-a-picture', 'That is not a JPEG or PNG picture: choose another.');
  const id = randomUUID();
  db.insert(photos)
    .values({ id, clothId, type: kind.type, bytes: body.value, createdAt: new Date().toISOString() })
    .run();
  return Response.json({ id }, { status: 201 });
}

export function showPhoto(db: Database, id: string): Response {
  const photo = db.select().from(photos).where(eq(photos.id, id)).get();
  if (!photo) return refusal(404, 'missing', 'This photo is no longer here.');
  return new Response(new Uint8Array(photo.bytes), {
    headers: { 'content-type': photo.type, 'cache-control': 'private, max-age=31536000, immutable' },
  });
}

/** Deletes a photo for good. */
export function deletePhoto(db: Database, id: string): Response {
  db.delete(photos).where(eq(photos.id, id)).run();
  return Response.json({ id });
}
