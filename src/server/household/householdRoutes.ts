import 'server-only';
import { createReadStream } from 'node:fs';
import { stat } from 'node:fs/promises';
import { Readable } from 'node:stream';
import Joi from 'joi';
import type { CopyReport, CopySource, HouseholdView } from '@/core/views/householdViews';
import type { Database } from '@/data/database';
import { photoTotals, strayPhotos } from '@/data/photos';
import { countRecords } from '@/data/revisions';
import { download, readJson, refusal } from '../http';
import { commandResponse } from '../recordRoutes';
import { today } from '../today';
import { listCopies } from './copies';
import { copiesFolder, copyPath, incomingPath } from './folder';
import { dropSent, takeIncoming } from './incoming';
import { readHousehold } from './readHousehold';
import { reportOf, restoreHousehold } from './restore';
import { writeHousehold } from './writeHousehold';

const day = Joi.string()
  .pattern(/^\d{4}-\d{2}-\d{2}$/)
  .messages({ '*': 'Choose one of the copies in the list.' });

const source = {
  copy: day,
  incoming: Joi.string().guid().messages({ '*': 'Choose the file again: it is no longer here.' }),
};

/** The bodies of these routes. */
const bodies = {
  report: Joi.object({ copy: day.required() }),
  restore: Joi.object({
    ...source,
    take: Joi.array()
      .items(Joi.string().pattern(/^[A-Za-z]+ [A-Za-z0-9_-]{1,40}$/))
      .max(100_000)
      .required()
      .messages({ '*': 'Say which records are to be taken from the copy.' }),
  }).xor('copy', 'incoming'),
};

/** Whether nobody has written anything down yet: the first page then says what can be done first. */
export const isEmptyHousehold = (db: Database): boolean => countRecords(db) === 0;

/** What the page about the household shows. */
export async function householdView(db: Database): Promise<HouseholdView> {
  const totals = photoTotals(db);
  return {
    path: db.$client.name,
    copiesFolder: copiesFolder(db),
    records: countRecords(db),
    photos: totals.photos,
    photoBytes: totals.bytes,
    strayPhotos: strayPhotos(db).length,
    copies: await listCopies(db),
  };
}

const sent = (stream: Readable, name: string): Response =>
  download(Readable.toWeb(stream) as ReadableStream, 'application/zip', name, 'attachment');

/** The whole household as a file to save. */
export function downloadHousehold(db: Database, now: Date): Response {
  return sent(writeHousehold(db, now), `household-${today(now)}.zip`);
}

/** A dated copy as a file to save. */
export async function downloadCopy(db: Database, of: string): Promise<Response> {
  if (day.validate(of).error) return noCopy();
  const path = copyPath(db, of);
  const there = await stat(path).catch(() => undefined);
  return there ? sent(createReadStream(path), `household-${of}.zip`) : noCopy();
}

const noCopy = (): Response =>
  refusal(404, 'missing', 'There is no copy of that day any more: choose another from the list.');

/** What bringing a dated copy back would do. */
export async function reportCopy(db: Database, request: Request): Promise<Response> {
  const body = await readJson<{ readonly copy: string }>(request, bodies.report);
  return body.ok ? reportAnswer(db, copyPath(db, body.value.copy), { copy: body.value.copy }) : body.response;
}

/** Takes a copy in that the browser sends, and says what bringing it back would do. */
export async function reportIncoming(db: Database, request: Request): Promise<Response> {
  const taken = await takeIncoming(db, request);
  if (!taken.ok) return taken.response;
  const answer = await reportAnswer(db, incomingPath(db, taken.value), { incoming: taken.value });
  if (!answer.ok) await dropSent(db, taken.value);
  return answer;
}

async function reportAnswer(db: Database, path: string, of: CopySource): Promise<Response> {
  if (!(await stat(path).catch(() => undefined))) return noCopy();
  const read = await readHousehold(path);
  if (!read.ok) return refusal(422, 'unreadable', read.sentence);
  const report: CopyReport = reportOf(db, read.household);
  return Response.json({ source: of, report });
}

/** Brings a copy back. */
export async function restore(db: Database, request: Request): Promise<Response> {
  const body = await readJson<{ copy?: string; incoming?: string; take: readonly string[] }>(
    request,
    bodies.restore,
  );
  if (!body.ok) return body.response;
  const { copy, incoming, take } = body.value;
  const path = copy === undefined ? incomingPath(db, incoming ?? '') : copyPath(db, copy);
  if (!(await stat(path).catch(() => undefined))) return noCopy();
  const restored = await restoreHousehold(db, path, new Set(take));
  if (!restored.ok) return refusal(422, 'unreadable', restored.sentence);
  if (restored.result.ok) {
    if (incoming !== undefined) await dropSent(db, incoming);
    return Response.json({ commandId: restored.result.commandId });
  }
  return commandResponse(restored.result);
}
