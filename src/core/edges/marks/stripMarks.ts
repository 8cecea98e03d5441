import type { Explained } from '../../explain/explained';
import { getNumber, createLedger } from '../../explain/ledger';
import { planMarks } from './bandMarks';
import type { MarksPlan, StripPlan } from '../types';

/** A strip's marks with their numbers. */
interface MarksOfStrip {
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
  const { choice, start, middle, open, seams, parts } = marking;
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
    parts: parts?.map(({ edge, band }) => ({ edge: get(edge), band: get(band) })),
  });
  return { marked, numbers: book.numbers };
}
