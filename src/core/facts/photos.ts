import type { Fitting } from './fitting';
import type { FactsByKind, RecordKind } from './records';

/** The kinds of record that photos are kept of. */
export const photographedKinds = ['cloth', 'garment'] as const satisfies readonly RecordKind[];
export type PhotographedKind = (typeof photographedKinds)[number];

/** Largest photo that is taken in, bytes: what a telephone takes at its best. */
export const MAX_PHOTO_BYTES = 25_000_000;

const ofFittings = (fittings: Readonly<Record<string, Fitting>>): readonly string[] =>
  Object.values(fittings).flatMap(({ photos = {} }) => Object.keys(photos));

/** The ids of the photos that a record shows. */
export function photosShown(kind: RecordKind, facts: FactsByKind[RecordKind]): readonly string[] {
  if (kind === 'cloth') {
    const { photo } = facts as FactsByKind['cloth'];
    return photo === undefined ? [] : [photo];
  }
  return kind === 'garment' ? ofFittings((facts as FactsByKind['garment']).fittings) : [];
}
