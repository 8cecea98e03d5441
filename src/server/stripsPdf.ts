import 'server-only';
import { isAtMost } from '@/core/units/tolerance';
import { PDFDocument, StandardFonts, rgb, type PDFFont, type PDFPage } from '@cantoo/pdf-lib';
import {
  MARGIN_MM,
  PAPERS,
  layStrips,
  stripsOf,
  type MarkingStrip,
  type PaperId,
  type StripTile,
} from '@/core/formats/markingStrips';
import { planGarment } from '@/core/plan/planGarment';
import { MM_PER_INCH, type UnitSystem } from '@/core/units/constants';
import { formatLength } from '@/core/units/formatLength';
import type { Database } from '@/data/database';
import { findRecord } from '@/data/records';
import { garmentFacts } from './present';
import { refusal } from './http';
import { today } from './today';

/** PDF points in a millimetre: 72 to the inch (S: ISO 32000). */
export const POINTS_PER_MM = 72 / MM_PER_INCH;
const BAND_MM = 9;
const INK = rgb(0.11, 0.13, 0.27);
const SOFT = rgb(0.35, 0.37, 0.5);
const DEMAND = rgb(0.75, 0.16, 0.35);

/** Marking strips of a garment as a PDF at true scale, or a sentence where there is nothing to mark yet. */
export async function garmentStrips(
  db: Database,
  id: string,
  { paper, unit, withEdges }: { paper: PaperId; unit: UnitSystem; withEdges: boolean },
): Promise<Response> {
  const found = findRecord(db, 'garment', id);
  if (!found || found.removed)
    return refusal(404, 'missing', 'This garment is no longer here: go back to the list.');
  const plan = planGarment(garmentFacts(db, found.facts), { onDate: today() });
  const strips = stripsOf(plan, { withEdges });
  if (strips.length === 0) {
    return refusal(
      409,
      'nothing-to-mark',
      'Nothing is to be marked yet: measure the edges and choose their cloth or elastic at Bands first.',
    );
  }
  const bytes = await stripsPdf(strips, { title: found.facts.name, paper, unit });
  return new Response(Buffer.from(bytes), {
    headers: {
      'content-type': 'application/pdf',
      'content-disposition': 'inline; filename="marking-strips.pdf"',
    },
  });
}

/** Draws strips on sheets of paper, each with two test squares. Lengths are true to scale at 100 %. */
export async function stripsPdf(
  strips: readonly MarkingStrip[],
  { title, paper, unit }: { title: string; paper: PaperId; unit: UnitSystem },
): Promise<Uint8Array> {
  const pdf = await PDFDocument.create();
  pdf.setTitle('Marking strips');
  const font = await pdf.embedFont(StandardFonts.Helvetica);
  const { widthMm, heightMm } = PAPERS[paper];
  const sheets = layStrips(strips, paper);
  sheets.forEach((sheet, at) => {
    const page = pdf.addPage([widthMm * POINTS_PER_MM, heightMm * POINTS_PER_MM]);
    const words = writer(page, font);
    const head = `${title}: marking strips, sheet ${at + 1} of ${sheets.length}`;
    words(head, MARGIN_MM, heightMm - MARGIN_MM - 4, 11);
    const rule = 'Print at 100 %, without fitting to the page. Lay along the band at rest, and mark.';
    words(rule, MARGIN_MM, heightMm - MARGIN_MM - 9, 8, SOFT);
    for (const tile of sheet.tiles) drawTile(page, words, tile, unit);
    drawSquares(page, words);
  });
  return pdf.save();
}

type Write = (text: string, xMm: number, yMm: number, size: number, color?: ReturnType<typeof rgb>) => void;

/** Writes text, leaving out what the standard font has no sign for. */
function writer(page: PDFPage, font: PDFFont): Write {
  const known = new Set(font.getCharacterSet());
  return (text, xMm, yMm, size, color = INK) => {
    const fractions = text.replace(/ ?([⅛⅜⅝⅞])/g, (_, sign: string) => ` ${EIGHTHS[sign]}`);
    const plain = [...fractions].filter((sign) => known.has(sign.codePointAt(0) ?? 0)).join('');
    page.drawText(plain, { x: xMm * POINTS_PER_MM, y: yMm * POINTS_PER_MM, size, font, color });
  };
}

const EIGHTHS: Readonly<Record<string, string>> = { '⅛': '1/8', '⅜': '3/8', '⅝': '5/8', '⅞': '7/8' };

function line(page: PDFPage, x1: number, y1: number, x2: number, y2: number, thick = 0.6, color = INK): void {
  page.drawLine({
    start: { x: x1 * POINTS_PER_MM, y: y1 * POINTS_PER_MM },
    end: { x: x2 * POINTS_PER_MM, y: y2 * POINTS_PER_MM },
    thickness: thick,
    color,
  });
}

function drawTile(page: PDFPage, words: Write, tile: StripTile, unit: UnitSystem): void {
  const { strip, part, parts, fromMm, toMm, xMm, yMm } = tile;
  const right = xMm + toMm - fromMm;
  const top = yMm + BAND_MM;
  const which = parts === 1 ? '' : `, piece ${part} of ${parts}`;
  words(`${strip.title}, ${formatLength(strip.lengthMm, unit)}${which}`, xMm, top + 8, 8.5);
  line(page, xMm, yMm, right, yMm);
  line(page, xMm, top, right, top);
  line(page, xMm, yMm, xMm, top);
  line(page, right, yMm, right, top);
  if (part < parts) words('lay the next piece over this end', right - 42, yMm - 3.5, 6.5, SOFT);
  for (const { atMm, label, kind } of strip.marks) {
    if (!isAtMost(fromMm, atMm) || !isAtMost(atMm, toMm)) continue;
    const x = xMm + atMm - fromMm;
    if (kind === 'mark') line(page, x, yMm, x, top + 2, 1, DEMAND);
    else line(page, x, yMm, x, top, 0.6, SOFT);
    const place = kind === 'mark' ? top + 3 : yMm + 1;
    words(
      `${label} ${formatLength(atMm, unit)}`,
      Math.min(x + 0.8, right - 6),
      place,
      6.5,
      kind === 'mark' ? INK : SOFT,
    );
  }
}

function drawSquares(page: PDFPage, words: Write): void {
  const square = (xMm: number, sideMm: number, label: string) => {
    page.drawRectangle({
      x: xMm * POINTS_PER_MM,
      y: MARGIN_MM * POINTS_PER_MM,
      width: sideMm * POINTS_PER_MM,
      height: sideMm * POINTS_PER_MM,
      borderColor: INK,
      borderWidth: 0.6,
    });
    words(label, xMm + 3, MARGIN_MM + sideMm / 2, 8);
  };
  square(MARGIN_MM, 50, '5 cm square');
  square(MARGIN_MM + 60, 2 * MM_PER_INCH, '2 in square');
  words(
    'Measure one: if it is off, the printer did not keep the scale.',
    MARGIN_MM + 122,
    MARGIN_MM + 24,
    8,
    SOFT,
  );
}
