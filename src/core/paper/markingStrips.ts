import { marksOf } from '../edges/marks/stripMarks';
import type { GarmentPlan } from '../plan/types';
import type { StripPlan } from '../edges/types';
import type { NumberId } from '../explain/explained';
import { sheets } from '../pieces/sheets';
import { MARGIN_MM } from './papers';

const lying = ({ label, widthMm, heightMm }: (typeof sheets)['a4' | 'letter']) => ({
  label,
  widthMm: heightMm,
  heightMm: widthMm,
});
/** Paper that strips are printed on, mm, lying on its long side (S: ISO 216; ANSI/ASME Y14.1). */
export const STRIP_PAPERS = { a4: lying(sheets.a4), letter: lying(sheets.letter) };
export type StripPaper = keyof typeof STRIP_PAPERS;
/** How far one sheet’s strip lies over the next, mm (common practice, no source). */
export const OVERLAP_MM = 10;
const HEADER_MM = 14;
const ROW_MM = 25;
/** The larger test square and the room under it, mm. */
const SQUARES_MM = 58;

/** A mark on a strip, from its cut end. */
interface StripMark {
  readonly atMm: number;
  readonly label: string;
  /** Where the seam of its join lies, or a seam of the edge: drawn otherwise than a mark. */
  readonly kind: 'mark' | 'end' | 'seam';
}

/** A strip to lay along a band, or along its edge, at true scale. */
export interface MarkingStrip {
  readonly title: string;
  readonly lengthMm: number;
  readonly marks: readonly StripMark[];
}

/** A piece of a strip on one sheet. `fromMm` is where on the strip its left end lies. */
export interface StripTile {
  readonly strip: MarkingStrip;
  readonly part: number;
  readonly parts: number;
  readonly fromMm: number;
  readonly toMm: number;
  /** The tile’s place on the sheet, from its lower left corner, mm. */
  readonly xMm: number;
  readonly yMm: number;
}

interface StripSheet {
  readonly tiles: readonly StripTile[];
}

type Numbers = Pick<GarmentPlan, 'numbers'>;
type Marked = Pick<MarkingStrip, 'lengthMm' | 'marks'>;

/** A strip as it is cut and one for its edge, with their marks; nothing where it is not marked. Of one cut in parts: as it is sewn. */
export function markedStrip(
  { numbers }: Numbers,
  strip: StripPlan,
): { readonly asCut: Marked; readonly itsEdge: Marked } | undefined {
  const found = marksOf({ numbers }, strip);
  if (!found) return undefined;
  const { marked } = found;
  const get = (id: NumberId) => (found.numbers[id] ?? numbers[id])?.value ?? 0;
  const sewnMm = get(strip.sewn);
  const cutMm = get(strip.parts) === 1 ? get(strip.cutLength.exact) : sewnMm;
  const lapped = strip.join === 'overlapped';
  const extra = Math.max(cutMm - sewnMm, 0);
  const lead = lapped ? 0 : extra / 2;
  const end = (atMm: number, label: string): StripMark => ({ atMm, label, kind: 'end' });
  return {
    asCut: {
      lengthMm: Math.max(cutMm, sewnMm),
      marks: [
        ...(lead > 0 ? [end(lead, 'seam')] : []),
        ...(extra > 0 ? [end(lead + sewnMm, lapped ? 'overlap' : 'seam')] : []),
        ...marked.marks.map(({ alongBand, label }): StripMark => ({
          atMm: lead + get(alongBand),
          label,
          kind: 'mark',
        })),
      ].toSorted(byPlace),
    },
    itsEdge: {
      lengthMm: get(strip.on),
      marks: [
        ...marked.marks.map(({ alongEdge, label }): StripMark => ({
          atMm: get(alongEdge),
          label,
          kind: 'mark',
        })),
        ...marked.seams.map(({ at, label }): StripMark => ({ atMm: get(at), label, kind: 'seam' })),
      ].toSorted(byPlace),
    },
  };
}
const byPlace = (a: StripMark, b: StripMark): number => a.atMm - b.atMm;

/** The strips of a plan: one for each marked band, and where it is asked for one for its edge. */
export const stripsOf = (
  plan: Pick<GarmentPlan, 'edges' | 'numbers'>,
  { withEdges }: { withEdges: boolean },
): readonly MarkingStrip[] =>
  plan.edges.flatMap((edge) =>
    edge.strips.flatMap((strip) => {
      const marked = markedStrip(plan, strip);
      if (!marked) return [];
      const name = `${edge.label}, ${strip.label.toLowerCase()}`;
      return [
        { title: `${name}, as cut`, ...marked.asCut },
        ...(withEdges ? [{ title: `${name}, the edge it is sewn to`, ...marked.itsEdge }] : []),
      ];
    }),
  );

/** Lays strips on sheets, each in pieces no longer than a sheet, laid over one another at their ends. */
export function layStrips(strips: readonly MarkingStrip[], paper: StripPaper): readonly StripSheet[] {
  const { widthMm, heightMm } = STRIP_PAPERS[paper];
  const across = widthMm - 2 * MARGIN_MM;
  const step = across - OVERLAP_MM;
  const rows = Math.max(1, Math.floor((heightMm - 2 * MARGIN_MM - HEADER_MM - SQUARES_MM) / ROW_MM));
  const tiles = strips.flatMap((strip) => {
    const parts = strip.lengthMm <= across ? 1 : Math.ceil((strip.lengthMm - OVERLAP_MM) / step);
    return Array.from({ length: parts }, (_, part) => ({
      strip,
      part: part + 1,
      parts,
      fromMm: part * step,
      toMm: Math.min(part * step + across, strip.lengthMm),
    }));
  });
  const sheets: StripSheet[] = [];
  for (let at = 0; at < tiles.length; at += rows) {
    sheets.push({
      tiles: tiles.slice(at, at + rows).map((tile, row) => ({
        ...tile,
        xMm: MARGIN_MM,
        yMm: heightMm - MARGIN_MM - HEADER_MM - (row + 1) * ROW_MM,
      })),
    });
  }
  return sheets;
}
