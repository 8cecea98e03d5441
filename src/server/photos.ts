import 'server-only';
import { randomUUID } from 'node:crypto';
import sharp from 'sharp';
import { MAX_PHOTO_BYTES, photographedKinds } from '@/core/facts/photos';
import type { Database } from '@/data/database';
import { addPhoto, deletePhotos, findPhoto, strayPhotos } from '@/data/photos';
import { findRecord } from '@/data/records';
import { readBytes, refusal } from './http';
import { present } from './present';

/** More points than this are no photo: a few bytes of a picture can ask for all the memory there is. */
const MAX_POINTS = 120_000_000;

/** Longest side of what is kept, and of the small one for lists, px. */
const LONGEST_PX = 1600;
const SMALL_PX = 360;

/** The picture types that are read. */
const READ: ReadonlySet<string> = new Set(['jpeg', 'png', 'webp']);

/** A photo as it is kept, and a small one of it. Place, time and device are not in them any more. */
interface Developed {
  readonly bytes: Buffer;
  readonly small: Buffer;
}

const open = (bytes: Uint8Array) => sharp(bytes, { limitInputPixels: MAX_POINTS, failOn: 'error' });

/** A JPEG of the picture, upright, with nothing in it but the picture; rejects what cannot be read. */
const jpegOf = (bytes: Uint8Array, longestPx: number): Promise<Buffer> =>
  open(bytes)
    .autoOrient()
    .flatten({ background: '#ffffff' })
    .resize({ width: longestPx, height: longestPx, fit: 'inside', withoutEnlargement: true })
    .jpeg({ quality: 82 })
    .toBuffer();

/** The small one for lists of a photo that is kept; `undefined` where it is no picture. */
export const smallOf = (bytes: Uint8Array): Promise<Buffer | undefined> =>
  jpegOf(bytes, SMALL_PX).catch(() => undefined);

/** What is kept of a picture that was sent; `undefined` where it is none. */
async function develop(bytes: Uint8Array): Promise<Developed | undefined> {
  try {
    const { format } = await open(bytes).metadata();
    if (!READ.has(format)) return undefined;
    const kept = await jpegOf(bytes, LONGEST_PX);
    return { bytes: kept, small: await jpegOf(kept, SMALL_PX) };
  } catch {
    return undefined;
  }
}

/** Keeps a photo of a cloth or a garment. Its kind is told from its bytes, not from what the request says. */
export async function keepPhoto(db: Database, params: URLSearchParams, request: Request): Promise<Response> {
  const kind = photographedKinds.find((one) => one === params.get('kind'));
  const recordId = params.get('of') ?? '';
  if (!kind || !present(findRecord(db, kind, recordId)))
    return refusal(404, 'missing', 'What this is a photo of is no longer here: go back to the list.');
  const body = await readBytes(request, MAX_PHOTO_BYTES);
  if (!body.ok) return body.response;
  const developed = await develop(body.value);
  if (!developed)
    return refusal(
      422,
      'not-a-picture',
      'That is not a photo that can be read: choose a JPEG, PNG or WebP picture.',
    );
  const id = randomUUID();
  addPhoto(db, {
    id,
    kind,
    recordId,
    type: 'image/jpeg',
    ...developed,
    createdAt: new Date().toISOString(),
  });
  return Response.json({ id }, { status: 201 });
}

/** A photo as it is kept, or, for a list, the small one. */
export function showPhoto(db: Database, id: string, size?: 'small'): Response {
  const photo = findPhoto(db, id);
  if (!photo) return refusal(404, 'missing', 'This photo is no longer here.');
  const small = size === 'small' ? photo.small : null;
  return new Response(new Uint8Array(small ?? photo.bytes), {
    headers: {
      'content-type': small ? 'image/jpeg' : photo.type,
      'cache-control': 'private, max-age=31536000, immutable',
      'x-content-type-options': 'nosniff',
    },
  });
}

/** Deletes a photo for good. */
export function deletePhoto(db: Database, id: string): Response {
  deletePhotos(db, [id]);
  return Response.json({ id });
}

/** Deletes for good every photo that nothing shows any more. */
export function deleteStrayPhotos(db: Database): Response {
  const ids = strayPhotos(db).map(({ id }) => id);
  deletePhotos(db, ids);
  return Response.json({ photos: ids.length });
}
