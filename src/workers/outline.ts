import { findOutline, type FoundOutline } from '@/core/pieces/found/findOutline';
import type { Pixels } from '@/core/pieces/found/straightened';
import type { Point } from '@/core/geometry/point';
import type { PhotoMap } from '@/core/pieces/sheets';

/** A photo, the sheet found in it, and a place on the piece whose outline is looked for, mm on the paper. */
export interface OutlineRequest {
  readonly picture: Blob;
  readonly photo: PhotoMap;
  readonly inside: Point;
}

/** Looks for the outline. The pixels are read by `decode`, which a worker has and a test brings along. */
export async function answerOutline(
  { picture, photo, inside }: OutlineRequest,
  decode: (picture: Blob) => Promise<Pixels>,
): Promise<FoundOutline> {
  try {
    return findOutline(await decode(picture), photo, inside);
  } catch (error) {
    const why = error instanceof Error ? error.message : String(error);
    return {
      ok: false,
      sentence: `The outline could not be looked for: ${why}. Click round the piece instead.`,
    };
  }
}
