import 'server-only';
import { group } from 'd3-array';
import { clip, endPath, PDFDocument, popGraphicsState, pushGraphicsState, rectangle } from '@cantoo/pdf-lib';
import { between, distance, minus, plus, point, type Point } from '@/core/geometry/point';
import { jointMark } from '@/core/paper/joining';
import { onSheets } from '@/core/paper/laid';
import { linesOnPage, type LaidPiece, type PaperPlan, type SheetPage } from '@/core/paper/paperPlan';
import { insideOf, MARGIN_MM } from '@/core/paper/papers';
import type { LineKind, PaperLine } from '@/core/paper/paperPiece';
import { headText, type SheetHead } from '@/core/paper/words';
import { drawCover } from './pdfCover';
import {
  createLayers,
  drawLines,
  pdfPoint,
  type LineStyle,
  writeAt,
  type OnLayer,
  type Origin,
} from './pdfDraw';
import { createTextWriter, DEMAND, POINTS_PER_MM, SOFT, wrapped, type TextWriter } from './pdfText';

/** How each kind of line is drawn. The cut line’s dashes tell sizes apart. */
const STYLES: Readonly<Record<LineKind, LineStyle>> = {
  cut: { width: 1 },
  seam: { width: 0.5, color: SOFT, dash: [3, 3] },
  fold: { width: 1.2, dash: [9, 3, 2, 3] },
  grain: { width: 0.7 },
  stretch: { width: 0.7, color: SOFT },
  notch: { width: 0.9 },
  mark: { width: 0.9, color: DEMAND },
  inside: { width: 0.5, dash: [6, 3] },
};

/** Dashes of the cut line of the first, second … size that lie on each other. */
const SIZE_DASHES: readonly (readonly number[])[] = [
  [],
  [8, 3],
  [3, 2],
  [10, 3, 2, 3],
  [1, 2],
  [14, 4],
  [6, 2, 1, 2, 1, 2],
];

/**
 * The pieces on their sheets as a PDF, true to scale at 100 %. Sheets to join have a page before them: what it is, two
 * squares to measure, and a map. Every sheet says what it is of. Each size is a layer of its own.
 */
export async function piecesPdf(plan: PaperPlan, head: SheetHead): Promise<Uint8Array> {
  const pdf = await PDFDocument.create();
  pdf.setTitle(`${head.garment}, pieces`);
  const text = createTextWriter(pdf);
  const sizes = [...new Set(plan.pieces.flatMap(({ piece }) => piece.sizes.map(({ label }) => label)))];
  const onLayer = createLayers(pdf, sizes);
  const { widthMm, heightMm } = plan.sheet;
  if (!plan.sheet.apart) {
    const cover = pdf.addPage([widthMm * POINTS_PER_MM, heightMm * POINTS_PER_MM]);
    await drawCover(cover, text, plan, head);
  }
  for (const sheet of plan.pages) {
    const high = sheet.box.bottom - sheet.box.top + 2 * MARGIN_MM;
    const page = pdf.addPage([widthMm * POINTS_PER_MM, high * POINTS_PER_MM]);
    await drawSheet({ page, leftMm: MARGIN_MM, topMm: MARGIN_MM }, { text, onLayer, plan, sheet, head });
  }
  return pdf.save();
}

interface OnSheet {
  readonly text: TextWriter;
  readonly onLayer: OnLayer;
  readonly plan: PaperPlan;
  readonly sheet: SheetPage;
  readonly head: SheetHead;
}

async function drawSheet(origin: Origin, { text, onLayer, plan, sheet, head }: OnSheet): Promise<void> {
  const { page } = origin;
  const inside = { widthMm: insideOf(plan.sheet).widthMm, heightMm: sheet.box.bottom - sheet.box.top };
  const lines = linesOnPage(plan, sheet);
  for (const kind of Object.keys(STYLES) as LineKind[]) {
    const of = group(
      lines.filter((line) => line.kind === kind),
      ({ size, nth }) => `${nth} ${size}`,
    );
    for (const alike of of.values()) {
      const [{ size, nth }] = alike as [(typeof alike)[number]];
      const dash = kind === 'cut' ? SIZE_DASHES[nth % SIZE_DASHES.length] : undefined;
      const style = { ...STYLES[kind], ...(dash ? { dash } : {}) };
      onLayer(page, size, () =>
        drawLines(
          origin,
          alike.map(({ points }) => points),
          style,
        ),
      );
    }
  }
  clipTo(origin, inside);
  for (const one of plan.pieces) await writePiece(origin, text, one, sheet);
  page.pushOperators(popGraphicsState());
  await drawFrame(origin, text, { plan, sheet, head }, inside);
}

/** What is drawn from here on shows only inside the margins, until the state is popped. */
function clipTo(
  origin: Origin,
  { widthMm, heightMm }: { readonly widthMm: number; readonly heightMm: number },
): void {
  const corner = pdfPoint(origin, point(0, heightMm));
  origin.page.pushOperators(
    pushGraphicsState(),
    rectangle(corner.x, corner.y, widthMm * POINTS_PER_MM, heightMm * POINTS_PER_MM),
    clip(),
    endPath(),
  );
}

/** Words in a piece: its name in this size, points, and the least anybody reads. */
const NAME_SIZE = 11;
const LEAST_SIZE = 4;
const LINE_SPACING = 1.35;

/** The words of a piece, turned as it lies; left out on a sheet that shows nothing of them. */
async function writePiece(
  origin: Origin,
  text: TextWriter,
  { piece, laid }: LaidPiece,
  { box }: SheetPage,
): Promise<void> {
  const place = onSheets(laid);
  const onPage = (one: Point): Point => minus(place(one), point(box.left, box.top));
  const isNear = (one: Point, reach: number): boolean =>
    one.x > -reach &&
    one.y > -reach &&
    one.x < box.right - box.left + reach &&
    one.y < box.bottom - box.top + reach;
  const turnedDeg = 90 * laid.quarter;
  const { at, radiusMm, wideMm } = piece.room;
  if (isNear(onPage(at), wideMm)) {
    const sizes = piece.sizes.map(({ label }) => label).filter((label) => label !== '');
    const lines = [sizes.length > 0 ? `${piece.label}, ${sizes.join(' · ')}` : piece.label, ...piece.words];
    const widest = Math.max(...(await Promise.all(lines.map((one) => text.widthMm(one, NAME_SIZE)))));
    const highMm = (lines.length * NAME_SIZE * LINE_SPACING) / POINTS_PER_MM;
    const size = Math.max(LEAST_SIZE, NAME_SIZE * Math.min(1, wideMm / widest, (1.3 * radiusMm) / highMm));
    const step = (size * LINE_SPACING) / POINTS_PER_MM;
    for (const [nth, line] of lines.entries()) {
      const wide = await text.widthMm(line, size);
      const start = plus(at, point(-wide / 2, (nth - lines.length / 2 + 0.75) * step));
      await writeAt(origin, text, line, onPage(start), { size, turnedDeg });
    }
  }
  for (const line of piece.sizes.flatMap(({ lines }) => lines)) {
    if (line.text === undefined) continue;
    const { from, along } = besideLine(line);
    const start = onPage(from);
    if (!isNear(start, BESIDE_REACH_MM)) continue;
    await writeAt(origin, text, line.text, start, { size: 7.5, turnedDeg: turnedDeg + along, color: SOFT });
  }
}
const BESIDE_REACH_MM = 40;

/** Where the words beside a line begin, and which way they run, degrees clockwise. */
function besideLine({ kind, points }: PaperLine): { readonly from: Point; readonly along: number } {
  const [a, b] = [points[0] as Point, points.at(-1) as Point];
  if (kind === 'mark' || kind === 'seam') return { from: plus(b, point(1, -1)), along: 0 };
  // Arrows are drawn from tip to tip and back: their words stand at the middle of what they span.
  const [from, to] = kind === 'grain' || kind === 'stretch' ? farthest(points) : [a, b];
  const isUpright = Math.abs(to.y - from.y) > Math.abs(to.x - from.x);
  return {
    from: plus(between(from, to, 0.5), isUpright ? point(1.5, 0) : point(-6, -1.5)),
    along: isUpright ? 90 : 0,
  };
}

function farthest(points: readonly Point[]): readonly [Point, Point] {
  const from = points[1] ?? (points[0] as Point);
  const to = points.reduce((far, one) => (distance(from, one) > distance(from, far) ? one : far), from);
  return [from, to];
}

/** The sheet’s number, what it is of, and its joining marks. */
async function drawFrame(
  origin: Origin,
  text: TextWriter,
  { plan, sheet, head }: Pick<OnSheet, 'plan' | 'sheet' | 'head'>,
  inside: { readonly widthMm: number; readonly heightMm: number },
): Promise<void> {
  const { widthMm, heightMm } = inside;
  const frame = [point(0, 0), point(widthMm, 0), point(widthMm, heightMm), point(0, heightMm), point(0, 0)];
  drawLines(origin, [frame], { width: 0.4, color: SOFT });
  for (const { side, number } of sheet.joints) {
    const [base, tip, other] = jointMark(inside, side);
    drawLines(origin, [[base, tip, other]], { width: 0.7 });
    const middle = between(between(base, other, 0.5), tip, 0.4);
    await writeAt(origin, text, String(number), plus(middle, point(-1.5, 1)), { size: 7 });
  }
  const left = HEAD_INSET_MM;
  let down = 3;
  if (plan.pages.length > 1) {
    const which = `sheet ${sheet.number} of ${plan.pages.length}, row ${sheet.row + 1}, column ${sheet.column + 1}`;
    await writeAt(origin, text, String(sheet.number), point(left, 9), { size: NUMBER_SIZE });
    await writeAt(origin, text, which, point(left, 13), { size: HEAD_SIZE, color: SOFT });
    down = 16;
  }
  const lines = await wrapped(text, headText(head), HEAD_SIZE, widthMm - 2 * left);
  for (const [nth, line] of lines.entries())
    await writeAt(origin, text, line, point(left, down + nth * 2.8), { size: HEAD_SIZE, color: SOFT });
}
const NUMBER_SIZE = 22;
const HEAD_SIZE = 6.5;
const HEAD_INSET_MM = 2;
