import 'server-only';
import type { PDFPage } from '@cantoo/pdf-lib';
import { point } from '@/core/geometry/point';
import { closedLine } from '@/core/paper/paperPiece';
import { pageMap } from '@/core/paper/joining';
import type { PaperPlan } from '@/core/paper/paperPlan';
import { MARGIN_MM } from '@/core/paper/papers';
import type { SheetHead } from '@/core/paper/words';
import { drawLines, writeAt, type Origin } from './pdfDraw';
import { INK, SOFT, wrapped, type TextWriter } from './pdfText';
import { drawSquares, MEASURE_ONE } from './testSquares';

/** What to do with the sheets, in order. */
const JOINING = [
  'Print this page first, at 100 %, without fitting to the page, and measure a square.',
  'Cut each sheet along its frame on two sides, the right and the lower one, and lay it on the next: the halves of each numbered mark make a diamond.',
  'Solid line: cut here. Dashed: the seamline. A short line across the edge: a notch; one with a word: where a band’s mark is pinned.',
];

/** The page before sheets that are joined: what it is of, how to join them, their map, two squares to measure. */
export async function drawCover(
  page: PDFPage,
  text: TextWriter,
  plan: PaperPlan,
  head: SheetHead,
): Promise<void> {
  const { widthMm, heightMm } = plan.sheet;
  const origin: Origin = { page, leftMm: MARGIN_MM, topMm: MARGIN_MM };
  const wide = widthMm - 2 * MARGIN_MM;
  let down = 5;
  const write = async (words: string, size: number, color = INK) => {
    for (const line of await wrapped(text, words, size, wide)) {
      await writeAt(origin, text, line, point(0, down), { size, color });
      down += size * 0.48;
    }
    down += size * 0.12;
  };
  await write(head.garment, 15);
  await write(`For ${head.wearer} · ${head.cloth} · ${head.size} · ${head.date}`, 9);
  await write(head.altered.length > 0 ? `Altered: ${head.altered.join('; ')}` : 'Nothing altered.', 9);
  const count = plan.pages.length;
  await write(`${count} ${count === 1 ? 'sheet' : 'sheets'} after this one.`, 9);
  for (const line of JOINING) await write(line, 8, SOFT);
  const foot = heightMm - 2 * MARGIN_MM;
  await drawSquares(page, text, MARGIN_MM, MARGIN_MM);
  await writeAt(origin, text, MEASURE_ONE, point(0, foot - SQUARES_HIGH_MM), { size: 8, color: SOFT });
  await drawMap(origin, text, plan, {
    top: down + 3,
    widthMm: wide,
    heightMm: foot - SQUARES_HIGH_MM - down - 12,
  });
}
/** The squares, and the line above them. */
const SQUARES_HIGH_MM = 54;
/** Less room than this holds no map, mm. */
const LEAST_MAP_MM = 15;

async function drawMap(
  { page, leftMm, topMm }: Origin,
  text: TextWriter,
  plan: PaperPlan,
  room: { readonly top: number; readonly widthMm: number; readonly heightMm: number },
): Promise<void> {
  if (room.heightMm < LEAST_MAP_MM) return;
  const origin = { page, leftMm, topMm: topMm + room.top };
  const { sheets, sheetWidthMm, sheetHeightMm, pieces } = pageMap(plan, room);
  drawLines(origin, pieces.map(closedLine), { width: 0.5 });
  for (const { page: sheet, leftMm: left, topMm: top } of sheets) {
    const corners = [
      point(left, top),
      point(left + sheetWidthMm, top),
      point(left + sheetWidthMm, top + sheetHeightMm),
      point(left, top + sheetHeightMm),
    ];
    drawLines(origin, [closedLine(corners)], { width: 0.6, color: SOFT });
    await writeAt(origin, text, String(sheet.number), point(left + 1.2, top + 4), { size: 9 });
  }
}
