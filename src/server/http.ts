import 'server-only';
import type Joi from 'joi';
import type { Fault } from '@/core/facts/faults';
import { isUsablePath } from '@/core/facts/change';
import { formatBytes } from '@/core/units/bytes';
import { doorRefusal } from './door';
import { joiFaults } from './joiSpec';

/** Largest body of an ordinary write, bytes. */
const MAX_BODY_BYTES = 1_000_000;

export type Body<T> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly response: Response };

/** An answer that is not what was asked for: a code, a sentence for the person, and the faults by path. */
export function refusal(status: number, code: string, sentence: string, more: object = {}): Response {
  return Response.json({ code, sentence, ...more }, { status });
}

/** The answer about a garment that was taken away, or never was. */
export const garmentGone = (): Response =>
  refusal(404, 'missing', 'This garment is no longer here: go back to the list.');

/** A file, shown by the browser or saved under its name. */
export const download = (
  body: BodyInit,
  type: string,
  name: string,
  how: 'inline' | 'attachment',
): Response =>
  new Response(body, {
    headers: { 'content-type': type, 'content-disposition': `${how}; filename="${name}"` },
  });

export const faultsRefusal = (faults: readonly Fault[]): Response =>
  refusal(422, 'faults', faults[0]?.sentence ?? 'Something is filled in wrongly.', { faults });

/** The body's text, or a 413 as soon as more than `maxBytes` have come in, whatever the headers said. */
export async function readText(request: Request, maxBytes: number): Promise<Body<string>> {
  const bytes = await readBytes(request, maxBytes);
  return bytes.ok ? { ok: true, value: bytes.value.toString('utf8') } : bytes;
}

/** The body's bytes, or a 413 as `readText` gives it. */
export async function readBytes(request: Request, maxBytes: number): Promise<Body<Buffer>> {
  const tooLarge = (): Body<Buffer> => ({
    ok: false,
    response: refusal(
      413,
      'too-large',
      `That is more than ${formatBytes(maxBytes)}: send something smaller.`,
    ),
  });
  if (Number(request.headers.get('content-length') ?? 0) > maxBytes) return tooLarge();
  const reader = request.body?.getReader();
  if (!reader) return { ok: true, value: Buffer.alloc(0) };
  const chunks: Uint8Array[] = [];
  let bytes = 0;
  try {
    for (let read = await reader.read(); !read.done; read = await reader.read()) {
      bytes += read.value.byteLength;
      if (bytes > maxBytes) {
        await reader.cancel();
        return tooLarge();
      }
      chunks.push(read.value);
    }
  } catch {
    // The sender went away in the middle: nobody is there to answer, and nothing is wrong here.
    return { ok: false, response: refusal(400, 'broken-off', 'The request broke off: send it again.') };
  }
  return { ok: true, value: Buffer.concat(chunks) };
}

/** The body as JSON that matches a schema, or the refusal to answer with. */
export async function readJson<T>(request: Request, schema: Joi.Schema): Promise<Body<T>> {
  const text = await readText(request, MAX_BODY_BYTES);
  if (!text.ok) return text;
  let value: unknown;
  try {
    value = JSON.parse(text.value);
  } catch {
    return {
      ok: false,
      response: refusal(400, 'not-json', 'The request is not JSON: reload the page and try again.'),
    };
  }
  const faults = joiFaults(schema, value);
  if (faults.length > 0) return { ok: false, response: faultsRefusal(faults) };
  return { ok: true, value: value as T };
}

/** A Joi check that a change's path can be followed. */
export function usablePath(value: string): string {
  if (!isUsablePath(value)) throw new Error('That is not a field of this record.');
  return value;
}

/** Runs a handler so that a fault nobody foresaw is a sentence too, and is written to the server's log. */
export async function answer(handler: () => Promise<Response> | Response): Promise<Response> {
  try {
    return await handler();
  } catch (error) {
    console.error(error);
    return refusal(503, 'fault', 'That could not be done and nothing was changed: try again.');
  }
}

/** The same for a route that the proxy leaves alone: what the door refuses is refused here. */
export const answerAtDoor = async (
  request: Request,
  handler: () => Promise<Response> | Response,
): Promise<Response> => doorRefusal(request) ?? answer(handler);
