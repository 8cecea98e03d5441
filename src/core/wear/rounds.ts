import type { Fitting } from '../facts/fitting';
import type { Garment } from '../facts/garment';

/** The rounds of trying on, the newest first; of one day in the order they were kept, the last first. */
export const newestFirst = (fittings: Garment['fittings']): readonly (readonly [string, Fitting])[] =>
  Object.entries(fittings)
    .toReversed()
    .sort(([, a], [, b]) => b.triedOn.localeCompare(a.triedOn));

/** Whether it was tried on as it is sewn, and not held by pins or basting: so it is where nothing else is said. */
export const isSewn = ({ held = 'sewn' }: Pick<Fitting, 'held'>): boolean => held === 'sewn';
