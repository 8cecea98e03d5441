import type { StageId } from '../explain/problem';
import type { GarmentFacts } from '../facts/garmentFacts';

/** A note that matters where one is: of which thing, and what it is about where it says so. */
export interface NoteAt {
  readonly name: string;
  readonly about?: string;
  readonly text: string;
}

/** A note that was made at a step of another garment. */
export interface NoteAtStep {
  readonly garment: string;
  readonly href: string;
  readonly at: string;
  readonly text: string;
}

/** The edge that a step sews at, by its passes. */
const edgeOf = (passes: readonly string[]): string | undefined =>
  passes.flatMap((pass) => /^edge:([^/]+)\//.exec(pass)?.[1] ?? [])[0];

/** What was noted of the machine that a step is sewn on, and of the elastic that it sews. */
export function notesAtStep(
  { garment, elastics = {}, machines = {} }: GarmentFacts,
  { machineId, passes }: { readonly machineId?: string; readonly passes: readonly string[] },
): readonly NoteAt[] {
  const elasticId = garment.edges?.[edgeOf(passes) ?? '']?.elasticId;
  return withText([
    machineId === undefined ? undefined : machines[machineId],
    elasticId === undefined ? undefined : elastics[elasticId],
  ]);
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
  return withText(found);
}

type Noted =
  { readonly name: string; readonly about?: string; readonly notes?: string | undefined } | undefined;

const withText = (things: readonly Noted[]): readonly NoteAt[] =>
  things.flatMap((thing) => {
    const text = thing?.notes?.trim();
    if (!thing || !text) return [];
    return [{ name: thing.name, ...(thing.about === undefined ? {} : { about: thing.about }), text }];
  });
