import { say } from '../explain/ledger';
import type { Explained, Phrase } from '../explain/explained';
import { isAtMostMm } from '../units/tolerance';
import type { TriedPlan } from './tried';
import type { WornPlace } from './wornAt';

/** What a pinch comes to, before anything is unpicked: as it is and as it becomes, how it is then worn, its limits. */
export function triedWords(tried: TriedPlan, place: WornPlace): readonly Phrase[] {
  const { was, becomes, by, guessed } = tried;
  const around = place.of === 'zone' && place.zone.axis === 'around';
  const lead = around ? 'All round' : 'Its length is';
  const measure = by.value < 0 ? 'Measure how much more it wants' : 'Pinch it and type how much';
  const sizes = guessed
    ? say`${lead} ${was} now; such an answer usually means about ${becomes}. ${measure}, to be sure.`
    : say`${lead} ${was} now, ${becomes} then.`;
  return [
    sizes,
    ...(place.of === 'zone' ? zoneWords(tried, around) : stripWords(tried, place.strip.body !== undefined)),
  ];
}

function zoneWords({ before, then, most, keeps, loose }: TriedPlan, around: boolean): readonly Phrase[] {
  if (loose) return [say`${around ? 'Larger' : 'Longer'} than the body by ${before} now, by ${then} then.`];
  const worn = say`Worn at ${before} now, at ${then} then`;
  if (!most) return [[...worn, '.']];
  return [
    keeps
      ? [...worn, ...say`; it may be worn at up to ${most}.`]
      : [...worn, ...say`: past ${most}, the most it may be worn at.`],
  ];
}

function stripWords({ before, then, shortest, longest }: TriedPlan, onBody: boolean): readonly Phrase[] {
  const under = onBody ? 'the body' : 'its edge';
  const lies = say`Shorter than ${under} by ${before} now, by ${then} then.`;
  return [lies, ...windowWords(shortest, longest)];
}

function windowWords(shortest: Explained | undefined, longest: Explained | undefined): readonly Phrase[] {
  if (shortest && longest)
    return isAtMostMm(shortest.value, longest.value)
      ? [say`It works from ${shortest} to ${longest}.`]
      : [say`No length works here: it would have to be ${shortest} or more, and ${longest} or less.`];
  if (shortest) return [say`It works from ${shortest} on.`];
  return longest ? [say`It works up to ${longest}.`] : [];
}
