import { point } from '../geometry/point';
import type { StripPlan } from '../edges/types';
import type { GarmentPlan } from '../plan/types';
import { foldedStrip } from '../ticket/cutting';
import { rectanglesOf, type Rectangle } from '../ticket/rectangles';
import { markedStrip } from './markingStrips';
import { closedLine, type PaperLine, type PaperPiece } from './paperPiece';
import { cutWords } from './words';

type Inputs = Pick<GarmentPlan, 'ticket' | 'edges' | 'numbers'>;

/** Bands, casings, straps and ties as rectangles, as long and as wide as the ticket has them, with their fold and their marks. */
export const bandPieces = (plan: Inputs): readonly PaperPiece[] =>
  rectanglesOf(plan.ticket, plan.numbers).map((rectangle): PaperPiece => {
    const { id, label, longMm, wideMm } = rectangle;
    const strip = stripOf(plan, id);
    const isFolded = strip !== undefined && foldedStrip(strip.use, strip.strip) !== undefined;
    // Its words stand between the fold and the edge, and before the middle: there its marks would run through them.
    const radiusMm = Math.min(longMm, wideMm) / (isFolded ? 4 : 2);
    const ring = [point(0, 0), point(longMm, 0), point(longMm, wideMm), point(0, wideMm)];
    const middle = [point(0, wideMm / 2), point(longMm, wideMm / 2)];
    const lines: readonly PaperLine[] = [
      { kind: 'cut', points: closedLine(ring) },
      ...(isFolded ? [{ kind: 'inside' as const, points: middle, text: 'fold' }] : []),
      ...(strip ? marksOn(plan, strip.strip, rectangle) : []),
    ];
    const way = strip?.strip.way;
    return {
      id,
      label,
      sizes: [{ label: '', ring, lines }],
      words: [...cutWords(plan, [id], 'flat'), ...(way ? [RUNS[way]] : [])],
      room: { at: point(longMm * BESIDE_MARKS, radiusMm), radiusMm, wideMm: longMm * WORDS },
    };
  });
const RUNS = { across: 'its length across the cloth', along: 'its length along the selvedge' } as const;
const BESIDE_MARKS = 0.375;
/** They take no more of its length than lies between two marks. */
const WORDS = 0.22;

/** The strip that a row of the ticket is, with what it is for. */
export const stripOf = ({ edges }: Pick<Inputs, 'edges'>, row: string) =>
  edges.flatMap(({ use, strips }) =>
    strips.flatMap((strip) => (strip.rows.includes(row) ? [{ use, strip }] : [])),
  )[0];

/** Marks and the seams of its join. Of one cut in parts, or shorter than it is planned, none is known to lie on it. */
function marksOn(plan: Inputs, strip: StripPlan, { longMm, wideMm }: Rectangle): readonly PaperLine[] {
  const marked = markedStrip(plan, strip);
  if (!marked || Math.abs(marked.asCut.lengthMm - longMm) > ROUNDED_MM) return [];
  return marked.asCut.marks
    .filter(({ atMm }) => atMm > 0 && atMm < longMm)
    .map(({ atMm, label, kind }): PaperLine => ({
      kind: kind === 'mark' ? 'mark' : 'seam',
      points: [point(atMm, 0), point(atMm, wideMm)],
      text: label,
    }));
}
/** A rectangle is as long as the exact length; only a record of what was cut differs, mm. */
const ROUNDED_MM = 1;
