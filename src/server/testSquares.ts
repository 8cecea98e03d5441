import 'server-only';
import type { PDFPage } from '@cantoo/pdf-lib';
import { TEST_SQUARES } from '@/core/paper/papers';
import { INK, POINTS_PER_MM, type TextWriter } from './pdfText';

export const MEASURE_ONE = 'Measure one: if it is off, the printer did not keep the scale.';
/** From the first square’s left to where there is room beside both, mm. */
export const SQUARES_WIDE_MM = 122;
const APART_MM = 10;

/** Draws both test squares, the first with its lower left corner there, mm from the page’s. */
export async function drawSquares(page: PDFPage, text: TextWriter, xMm: number, yMm: number): Promise<void> {
  let left = xMm;
  for (const { sideMm, label } of TEST_SQUARES) {
    page.drawRectangle({
      x: left * POINTS_PER_MM,
      y: yMm * POINTS_PER_MM,
      width: sideMm * POINTS_PER_MM,
      height: sideMm * POINTS_PER_MM,
      borderColor: INK,
      borderWidth: 0.6,
    });
    await text.write(page, label, { xMm: left + 3, yMm: yMm + sideMm / 2, size: 8 });
    left += sideMm + APART_MM;
  }
}
