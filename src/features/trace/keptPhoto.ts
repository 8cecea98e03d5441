import { del, get, set } from 'idb-keyval';
import type { SheetId } from '@/core/pieces/sheets';
import type { Point } from '@/core/geometry/point';

/** A photo as it was left on the table, with the sheet found in it: kept on this device, in this browser. */
export interface KeptPhoto {
  readonly blob: Blob;
  readonly corners: readonly Point[];
  readonly sheet: SheetId;
  readonly ownSheet?: { readonly widthMm: number; readonly heightMm: number };
  readonly turned: boolean;
  /** The corners stand: the outline is being drawn. */
  readonly settled: boolean;
}

const keyOf = (place: string): string => `traced-photo:${place}`;

/** What was kept at a place; nothing where there is none, or this browser keeps nothing. */
export const keptPhoto = (place: string): Promise<KeptPhoto | undefined> =>
  get<KeptPhoto>(keyOf(place)).catch(() => undefined);

export const keepPhoto = (place: string, kept: KeptPhoto): Promise<void> =>
  set(keyOf(place), kept).catch(() => undefined);

export const forgetPhoto = (place: string): Promise<void> => del(keyOf(place)).catch(() => undefined);
