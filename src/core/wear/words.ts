import { say } from '../explain/ledger';
import type { Phrase } from '../explain/explained';
import type { TriedPlan } from './tried';
import type { WornPlace } from './wornAt';

/** What a pinch comes to, before anything is unpicked: as it is and as it becomes, how it is then worn, its limits. */
export function triedWords(tried: TriedPlan, place: WornPlace): readonly Phrase[] {
  const { was, becomes, before, then, guessed, most, shortest, longest, keeps } = tried;
  const sizes = guessed
    ? say`All round ${was} now; such an answer usually means about ${becomes}. Pinch it and type how much, to be sure.`
    : say`All round ${was} now, ${becomes} then.`;
  if (place.of === 'zone') {
    if (tried.loose) return [sizes, say`Larger than the body by ${before} now, by ${then} then.`];
    const worn = say`Worn at ${before} now, at ${then} then`;
    if (!most) return [sizes, [...worn, '.']];
    return [
      sizes,
      keeps
        ? [...worn, ...say`; it may be worn at up to ${most}.`]
        : [...worn, ...say`: past ${most}, the most it may be worn at.`],
    ];
  }
  const under = place.strip.body === undefined ? 'its edge' : 'the body';
  const lies: Phrase = [...say`Shorter than ${under} by ${before} now, by ${then} then.`];
  const window = shortest
    ? longest
      ? [say`It works from ${shortest} to ${longest}.`]
      : [say`It works from ${shortest} on.`]
    : longest
      ? [say`It works up to ${longest}.`]
      : [];
  return [sizes, lies, ...window];
}
