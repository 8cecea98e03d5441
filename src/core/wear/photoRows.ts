import { photoViewIds, type Fitting, type PhotoView } from '../facts/fitting';
import { newestFirst } from './rounds';

/** One view of a garment, round by round, the oldest first. */
export interface PhotoRow {
  readonly view: PhotoView;
  readonly photos: readonly {
    readonly photo: string;
    readonly triedOn: string;
    readonly held: Fitting['held'];
  }[];
}

/** The photos of several rounds, laid side by side by what they show; views of which only one round has a photo are left out. */
export function photoRows(fittings: Readonly<Record<string, Fitting>>): readonly PhotoRow[] {
  const rounds = newestFirst(fittings).toReversed();
  return photoViewIds.flatMap((view) => {
    const shown = rounds.map(([, { triedOn, held, photos = {} }]) =>
      Object.keys(photos)
        .filter((photo) => photos[photo] === view)
        .map((photo) => ({ photo, triedOn, held })),
    );
    return shown.filter((round) => round.length > 0).length > 1 ? [{ view, photos: shown.flat() }] : [];
  });
}

/** The view that a round has no photo of yet; once it has all of them, something seen closely. */
export const nextView = (photos: Fitting['photos'] = {}): PhotoView =>
  photoViewIds.find((view) => !Object.values(photos).includes(view)) ?? 'close up';
