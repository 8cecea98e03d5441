import type { Fitting } from '../facts/fitting';
import { capital } from '../units/words';

/** What wear and wash did, as sentences: "bagged out at the knees after 5 wears and 2 washes". */
export function wornWords({
  happened = {},
  wears,
  washes,
}: Pick<Fitting, 'happened' | 'wears' | 'washes'>): readonly string[] {
  const after = afterWords({ wears, washes });
  return Object.values(happened).map(({ what, at, note }) =>
    [what, at?.trim() ? `at the ${at.trim().replace(/^(at )?(the )?/i, '')}` : '', after]
      .filter(Boolean)
      .join(' ')
      .concat(note?.trim() ? `: ${note.trim()}` : ''),
  );
}

/** Whether it was worn or washed since it was done. */
export const wasWorn = ({ wears = 0, washes = 0 }: Pick<Fitting, 'wears' | 'washes'>): boolean =>
  wears + washes > 0;

/** "after 5 wears and one wash"; empty where neither is known. */
export function afterWords({ wears, washes }: Pick<Fitting, 'wears' | 'washes'>): string {
  const after = [times(wears, 'wear'), times(washes, 'wash')].filter(Boolean).join(' and ');
  return after && `after ${after}`;
}

function times(count: number | undefined, what: 'wear' | 'wash'): string {
  if (count === undefined || count === 0) return '';
  return count === 1 ? `one ${what}` : `${count} ${what === 'wear' ? 'wears' : 'washes'}`;
}

/**
 * The notes of a cloth or an elastic with what a garment of it did; `undefined` where that stands there already, or there
 * is no room for it: at most so many letters.
 */
export const noteWith = (
  notes: string | undefined,
  garment: string,
  words: string,
  most: number,
): string | undefined => {
  const line = `${capital(words)} (${garment}).`;
  if (notes?.includes(line)) return undefined;
  const next = notes?.trim() ? `${notes.trim()}\n${line}` : line;
  return next.length <= most ? next : undefined;
};
