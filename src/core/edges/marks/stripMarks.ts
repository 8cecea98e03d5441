import type { Explained } from '../../explain/explained';
import { getNumber, createLedger } from '../../explain/ledger';
import { isAtMostMm } from '../../units/tolerance';
import { planMarks } from './bandMarks';
import type { MarksPlan, StripPlan } from '../types';

/** A strip's marks with their numbers. */
export interface MarksOfStrip {
  readonly marked: MarksPlan;
  readonly numbers: Readonly<Record<string, Explained>>;
}

/**
 * The marks of one strip, worked out when they are looked at or printed: a garment has hundreds of them, and a
 * page shows one edge at a time. `undefined` for a strip that is not marked.
 */
export function marksOf(
  { numbers }: { readonly numbers: Readonly<Record<string, Explained>> },
  strip: StripPlan,
): MarksOfStrip | undefined {
  const { marking } = strip;
  if (!marking) return undefined;
  const get = (id: string) => getNumber(numbers, id);
  const book = createLedger();
  const { choice, start, middle, open, seams, parts, join } = marking;
  const marked = planMarks({
    book,
    id: `${strip.id}.marked`,
    edge: get(strip.on),
    band: get(strip.sewn),
    choice,
    start,
    middle,
    open,
    seams: seams.map(({ label, at }) => ({ label, at: get(at) })),
    join: join === undefined ? undefined : get(join),
    parts: parts?.map(({ edge, band }) => ({ edge: get(edge), band: get(band) })),
  });
  return { marked, numbers: book.numbers };
}

/** The mark next to a strip’s join, along the strip; `undefined` where one lies at it. */
export function firstMark({ marked, numbers }: MarksOfStrip): Explained | undefined {
  const places = marked.marks.map(({ alongBand }) => getNumber(numbers, alongBand));
  const next = places.reduce((least, one) => (one.value < least.value ? one : least));
  return isAtMostMm(next.value, 0) ? undefined : next;
}

/** How far the first quarter mark lies past the first seam that crosses the edge; negative before it. */
export function quarterPastSeam({ marked, numbers }: MarksOfStrip): Explained | undefined {
  const past = marked.marks.find(({ label }) => label === 'quarter')?.fromSeams[0]?.mm;
  return past === undefined ? undefined : numbers[past];
}
