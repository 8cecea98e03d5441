import { marksOf } from '../edges/marks/stripMarks';
import type { GarmentPlan } from '../plan/types';
import type { MarksPlan } from '../edges/types';
import type { NumberId } from '../explain/explained';

/** Paper that strips are printed on, mm, lying on its long side (S: ISO 216; ANSI/ASME Y14.1). */
export const PAPERS = {
  a4: { label: 'A4', widthMm: 297, heightMm: 210 },
  letter: { label: 'Letter', widthMm: 279.4, heightMm: 215.9 },
} as const;
export type PaperId = keyof typeof PAPERS;

/** What printers leave free at the edge of a sheet, mm (common practice, no source). */
export const MARGIN_MM = 10;
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

/** The strips of a plan: one for each marked band, and where it is asked for one for its edge. */
export function stripsOf(plan: GarmentPlan, { withEdges }: { withEdges: boolean }): readonly MarkingStrip[] {
  const strips: MarkingStrip[] = [];
  const own = new Map<NumberId, number>();
  const get = (id: NumberId) => own.get(id) ?? plan.numbers[id]?.value ?? 0;
  const add = (
    name: string,
    marked: MarksPlan,
    {
      edgeMm,
      sewnMm,
      cutMm,
      lapped = false,
    }: { edgeMm: number; sewnMm: number; cutMm: number; lapped?: boolean },
  ) => {
    const extra = Math.max(cutMm - sewnMm, 0);
    const lead = lapped ? 0 : extra / 2;
    strips.push({
      title: `${name}, as cut`,
      lengthMm: Math.max(cutMm, sewnMm),
      marks: [
        ...(lead > 0 ? [{ atMm: lead, label: 'seam', kind: 'end' as const }] : []),
        ...(extra > 0
          ? [{ atMm: lead + sewnMm, label: lapped ? 'overlap' : 'seam', kind: 'end' as const }]
          : []),
        ...marked.marks.map((mark) => ({
          atMm: lead + get(mark.alongBand),
          label: mark.label,
          kind: 'mark' as const,
        })),
      ].toSorted((a, b) => a.atMm - b.atMm),
    });
    if (!withEdges) return;
    strips.push({
      title: `${name}, the edge it is sewn to`,
      lengthMm: edgeMm,
      marks: [
        ...marked.marks.map((mark) => ({
          atMm: get(mark.alongEdge),
          label: mark.label,
          kind: 'mark' as const,
        })),
        ...marked.seams.map((seam) => ({ atMm: get(seam.at), label: seam.label, kind: 'seam' as const })),
      ].toSorted((a, b) => a.atMm - b.atMm),
    });
  };
  for (const edge of plan.edges) {
    for (const strip of edge.strips) {
      const marks = marksOf(plan, strip);
      if (!marks) continue;
      for (const number of Object.values(marks.numbers)) own.set(number.id, number.value);
      const parts = get(strip.parts);
      add(`${edge.label}, ${strip.label.toLowerCase()}`, marks.marked, {
        edgeMm: get(strip.on),
        sewnMm: get(strip.sewn),
        cutMm: parts === 1 ? get(strip.cutLength.exact) : get(strip.sewn),
        lapped: strip.join === 'overlapped',
      });
    }
  }
  return strips;
}

/** Lays strips on sheets, each in pieces no longer than a sheet, laid over one another at their ends. */
export function layStrips(strips: readonly MarkingStrip[], paper: PaperId): readonly StripSheet[] {
  const { widthMm, heightMm } = PAPERS[paper];
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
