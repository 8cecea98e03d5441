import 'server-only';
import { isAtMost } from '@/core/units/tolerance';
import { PDFDocument, type PDFPage } from '@cantoo/pdf-lib';
import {
  STRIP_PAPERS,
  layStrips,
  stripsOf,
  type MarkingStrip,
  type StripPaper,
  type StripTile,
} from '@/core/paper/markingStrips';
import { MARGIN_MM } from '@/core/paper/papers';
import { planGarment } from '@/core/plan/planGarment';
import type { UnitSystem } from '@/core/units/constants';
import { formatLength } from '@/core/units/formatLength';
import type { Database } from '@/data/database';
import { garmentFacts, garmentHere } from './present';
import { download, garmentGone, refusal } from './http';
import { createTextWriter, DEMAND, INK, POINTS_PER_MM, SOFT } from './pdfText';
import { drawSquares, MEASURE_ONE, SQUARES_WIDE_MM } from './testSquares';
import { today } from './today';

const BAND_MM = 9;

/** Marking strips of a garment as a PDF at true scale, or a sentence where there is nothing to mark yet. */
export async function garmentStrips(
  db: Database,
  id: string,
  { paper, unit, withEdges }: { paper: StripPaper; unit: UnitSystem; withEdges: boolean },
): Promise<Response> {
  const garment = garmentHere(db, id);
  if (!garment) return garmentGone();
  const plan = planGarment(garmentFacts(db, garment), { onDate: today() });
  const strips = stripsOf(plan, { withEdges });
  if (strips.length === 0) {
    return refusal(
      409,
      'nothing-to-mark',
      'Nothing is to be marked yet: measure the edges and choose their cloth or elastic at Bands first.',
    );
  }
  const bytes = await stripsPdf(strips, { title: garment.name, paper, unit });
  return download(Buffer.from(bytes), 'application/pdf', 'marking-strips.pdf', 'inline');
}

/** Draws strips on sheets of paper, each with two test squares. Lengths are true to scale at 100 %. */
export async function stripsPdf(
  strips: readonly MarkingStrip[],
  { title, paper, unit }: { title: string; paper: StripPaper; unit: UnitSystem },
): Promise<Uint8Array> {
  const pdf = await PDFDocument.create();
  pdf.setTitle('Marking strips');
  const text = createTextWriter(pdf);
  const { widthMm, heightMm } = STRIP_PAPERS[paper];
  const sheets = layStrips(strips, paper);
  for (const [at, sheet] of sheets.entries()) {
    const page = pdf.addPage([widthMm * POINTS_PER_MM, heightMm * POINTS_PER_MM]);
    const write: Write = (words, xMm, yMm, size, color = INK) =>
      text.write(page, words, { xMm, yMm, size, color });
    await write(
      `${title}: marking strips, sheet ${at + 1} of ${sheets.length}`,
      MARGIN_MM,
      heightMm - MARGIN_MM - 4,
      11,
    );
    const rule = 'Print at 100 %, without fitting to the page. Lay along the band at rest, and mark.';
    await write(rule, MARGIN_MM, heightMm - MARGIN_MM - 9, 8, SOFT);
    for (const tile of sheet.tiles) await drawTile(page, write, tile, unit);
    await drawSquares(page, text, MARGIN_MM, MARGIN_MM);
    await write(MEASURE_ONE, MARGIN_MM + SQUARES_WIDE_MM, MARGIN_MM + 24, 8, SOFT);
  }
  return pdf.save();
}

type Write = (text: string, xMm: number, yMm: number, size: number, color?: typeof INK) => Promise<void>;

function line(page: PDFPage, x1: number, y1: number, x2: number, y2: number, thick = 0.6, color = INK): void {
  page.drawLine({
    start: { x: x1 * POINTS_PER_MM, y: y1 * POINTS_PER_MM },
    end: { x: x2 * POINTS_PER_MM, y: y2 * POINTS_PER_MM },
    thickness: thick,
    color,
  });
}

async function drawTile(page: PDFPage, write: Write, tile: StripTile, unit: UnitSystem): Promise<void> {
  const { strip, part, parts, fromMm, toMm, xMm, yMm } = tile;
  const right = xMm + toMm - fromMm;
  const top = yMm + BAND_MM;
  const which = parts === 1 ? '' : `, piece ${part} of ${parts}`;
  await write(`${strip.title}, ${formatLength(strip.lengthMm, unit)}${which}`, xMm, top + 8, 8.5);
  line(page, xMm, yMm, right, yMm);
  line(page, xMm, top, right, top);
  line(page, xMm, yMm, xMm, top);
  line(page, right, yMm, right, top);
  if (part < parts) await write('lay the next piece over this end', right - 42, yMm - 3.5, 6.5, SOFT);
  for (const { atMm, label, kind } of strip.marks) {
    if (!isAtMost(fromMm, atMm) || !isAtMost(atMm, toMm)) continue;
    const x = xMm + atMm - fromMm;
    if (kind === 'mark') line(page, x, yMm, x, top + 2, 1, DEMAND);
    else line(page, x, yMm, x, top, 0.6, SOFT);
    const place = kind === 'mark' ? top + 3 : yMm + 1;
    await write(
      `${label} ${formatLength(atMm, unit)}`,
      Math.min(x + 0.8, right - 6),
      place,
      6.5,
      kind === 'mark' ? INK : SOFT,
    );
  }
}
