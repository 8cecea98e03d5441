import type { StageId } from '../explain/problem';
import type { GarmentFacts } from '../facts/garmentFacts';

/** A note that matters where one is: of which thing, and what it is about where it says so. */
export interface NoteAt {
  readonly name: string;
  readonly about?: string;
  readonly text: string;
}

/** What was noted of the wearer, the pattern, the cloths, elastics and machines, at the stage where they are used. */
export function notesAt(stage: StageId, facts: GarmentFacts): readonly NoteAt[] {
  const { wearer, pattern, outer, lining, band, elastics = {}, machines = {} } = facts;
  const cloths = [...new Set([outer, lining, band])];
  const ofPattern = (about: string, text: string | undefined) =>
    pattern && { name: pattern.name, about, notes: text };
  const found = {
    measure: [wearer, ofPattern('what was liked', pattern?.liked)],
    stretch: cloths,
    fit: [ofPattern('sizing', pattern?.sizing)],
    bands: Object.values(elastics),
    cut: cloths,
    sew: [
      ofPattern('what was unclear', pattern?.unclear),
      ofPattern('a better way', pattern?.better),
      ...Object.values(machines),
    ],
    wear: [],
  }[stage];
  return found.flatMap((thing) => {
    const text = thing?.notes?.trim();
    if (!thing || !text) return [];
    return [{ name: thing.name, ...('about' in thing ? { about: thing.about } : {}), text }];
  });
}
