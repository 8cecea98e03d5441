import 'server-only';
import { randomUUID } from 'node:crypto';
import { createWriteStream } from 'node:fs';
import { mkdir, readdir, rm, stat } from 'node:fs/promises';
import { join } from 'node:path';
import { Readable, Transform } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import type { ReadableStream } from 'node:stream/web';
import { formatBytes } from '@/core/units/bytes';
import type { Database } from '@/data/database';
import { refusal, type Body } from '../http';
import { copiesFolder, incomingPath } from './folder';

/** Largest copy that is taken in, bytes. */
const MAX_COPY_BYTES = 4_000_000_000;

/** What was sent and never brought back, or begun and not finished, is thrown away after so long, ms. */
const KEPT_FOR_MS = 86_400_000;

const SENT = /^(incoming-[0-9a-f-]{36}\.zip|\d{4}-\d{2}-\d{2}\.zip\.unfinished)$/;

/** Writes the copy that a browser sends to the disk, as it comes in, and gives it a name. */
export async function takeIncoming(db: Database, request: Request): Promise<Body<string>> {
  const tooLarge = () =>
    refusal(413, 'too-large', `That is more than ${formatBytes(MAX_COPY_BYTES)}: no household’s copy is.`);
  if (Number(request.headers.get('content-length') ?? 0) > MAX_COPY_BYTES)
    return { ok: false, response: tooLarge() };
  if (!request.body)
    return { ok: false, response: refusal(400, 'empty', 'No file came: choose a copy to bring back.') };
  await mkdir(copiesFolder(db), { recursive: true });
  const id = randomUUID();
  const path = incomingPath(db, id);
  let bytes = 0;
  const counted = new Transform({
    transform(chunk: Buffer, _encoding, done) {
      bytes += chunk.length;
      if (bytes > MAX_COPY_BYTES) done(new Error('too large'));
      else done(null, chunk);
    },
  });
  try {
    await pipeline(
      Readable.fromWeb(request.body as ReadableStream<Uint8Array>),
      counted,
      createWriteStream(path),
    );
    return { ok: true, value: id };
  } catch {
    await dropSent(db, id);
    const response =
      bytes > MAX_COPY_BYTES
        ? tooLarge()
        : refusal(400, 'broken-off', 'The file did not come whole: send it again.');
    return { ok: false, response };
  }
}

/** Throws away what was sent. */
export const dropSent = (db: Database, id: string): Promise<void> =>
  rm(incomingPath(db, id), { force: true });

/** Throws away what was sent long ago and never brought back. */
export async function clearSent(db: Database, now: Date): Promise<void> {
  const folder = copiesFolder(db);
  const names = await readdir(folder).catch((): string[] => []);
  for (const name of names.filter((one) => SENT.test(one))) {
    const path = join(folder, name);
    const { mtimeMs } = await stat(path);
    if (now.getTime() - mtimeMs > KEPT_FOR_MS) await rm(path, { force: true });
  }
}
