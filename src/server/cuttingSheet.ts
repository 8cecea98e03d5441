import 'server-only';
import { PDFDocument } from '@cantoo/pdf-lib';
import { phraseText } from '@/core/explain/display';
import type { Explained } from '@/core/explain/explained';
import type { CutWith } from '@/core/facts/layout';
import { point, type Point } from '@/core/geometry/point';
import { rectangle } from '@/core/geometry/ring';
import { nameOf, type Placement } from '@/core/layout/problem';
import { labelOf } from '@/core/onCloth/cutCopies';
import type { ClothPiece } from '@/core/onCloth/garmentPieces';
import { CLOTH_ID } from '@/core/onCloth/layoutDrawing';
import { GAPS_MM } from '@/core/onCloth/toLayOut';
import { closedLine } from '@/core/paper/paperPiece';
import type { LaidPiece } from '@/core/paper/paperPlan';
import { insideOf, MARGIN_MM } from '@/core/paper/papers';
import { sheets } from '@/core/pieces/sheets';
import type { TicketRow } from '@/core/ticket/types';
import type { UnitSystem } from '@/core/units/constants';
import { formatLength } from '@/core/units/formatLength';
import { drawLines, writeAt, type Origin } from './pdfDraw';
import { createTextWriter, POINTS_PER_MM, SOFT, wrapped } from './pdfText';

interface Sheet {
  /** See `layoutDrawing`: the cloth, then every copy. */
  readonly drawing: readonly LaidPiece[];
  readonly head: {
    readonly garment: string;
    readonly cloth: string;
    readonly date: string;
    readonly wearer: string | undefined;
  };
  /** In the order they are cut. */
  readonly order: readonly Placement[];
  readonly pieces: readonly ClothPiece[];
  readonly rows: ReadonlyMap<string, TicketRow>;
  readonly numbers: Readonly<Record<string, Explained>>;
  readonly layout: {
    readonly laidWidthMm: number;
    readonly lengthMm: number;
    readonly cutWith: CutWith;
    readonly foldMm?: number;
  };
  readonly paper: 'a4' | 'letter';
  readonly unit: UnitSystem;
}

/** Of the page’s height, what the picture may take. */
const PICTURE = 0.55;
/** Sizes of letters, points, and the distance of lines, mm. */
const TITLE = 15;
const WORDS = 9.5;
const SMALL = 8;
const LINE_MM = 4.6;
const SMALL_LINE_MM = 3.8;
const BOX_MM = 3;

/** One page to cut by: the layout with its pieces numbered, and what is cut in its order, with a box to tick and what to mark. */
export async function cuttingSheet(sheet: Sheet): Promise<Uint8Array> {
  const { head, layout, unit, order, rows } = sheet;
  const { widthMm, heightMm } = sheets[sheet.paper];
  const inside = insideOf({ widthMm, heightMm });
  const pdf = await PDFDocument.create();
  pdf.setTitle(`${head.garment}: cutting sheet`);
  const text = createTextWriter(pdf);
  const page = pdf.addPage([widthMm * POINTS_PER_MM, heightMm * POINTS_PER_MM]);
  const origin: Origin = { page, leftMm: MARGIN_MM, topMm: MARGIN_MM };
  const write = (words: string, x: number, y: number, size: number, color?: typeof SOFT) =>
    writeAt(origin, text, words, point(x, y), { size, ...(color ? { color } : {}) });
  await write(head.garment, 0, 5, TITLE);
  const lengths = `${formatLength(layout.laidWidthMm, unit)} wide, ${formatLength(layout.lengthMm, unit)} long`;
  const who = head.wearer === undefined ? '' : `for ${head.wearer}, `;
  await write(`${who}${head.date} · ${head.cloth}: ${lengths}`, 0, 11, WORDS);
  const rules = `${liesOf(sheet)}; ${GAPS_MM[layout.cutWith]} mm between pieces. Not to scale. Cut away from yourself; close the cutter when you put it down.`;
  let topMm = 15.5;
  for (const line of await wrapped(text, rules, SMALL, inside.widthMm)) {
    await write(line, 0, topMm, SMALL, SOFT);
    topMm += SMALL_LINE_MM;
  }
  const footMm = await drawPicture(sheet, { ...origin, topMm: MARGIN_MM + topMm }, inside, write, topMm);

  let y = footMm + 8;
  const room = inside.heightMm - 2;
  for (const [nth, one] of order.entries()) {
    const row = rows.get(nameOf(one));
    const details = (row?.details ?? []).map((detail) => phraseText(detail, sheet.numbers, unit));
    const label = `${numberOf(sheet, one)}  ${labelOf(one, sheet)}`;
    const lines = await wrapped(text, [label, ...details].join(' · '), WORDS, inside.widthMm - 8);
    const left = order.length - nth;
    // What does not go on one page is on the ticket.
    const fits = y + (lines.length + Math.max(0, left - 1)) * LINE_MM <= room;
    const shown = fits ? lines : [label];
    if (y + LINE_MM > room) {
      await write(`and ${left} more: see the ticket`, 8, y, WORDS);
      break;
    }
    const box = rectangle(BOX_MM, BOX_MM).map((corner) => point(corner.x, corner.y + y - BOX_MM + 0.4));
    drawLines(origin, [closedLine(box)], { width: 0.7 });
    for (const line of shown) {
      await write(line, 8, y, WORDS);
      y += LINE_MM;
    }
    y += 0.8;
  }
  return pdf.save();
}

/** How the cloth lies to be cut. */
const liesOf = ({ layout: { foldMm }, unit }: Sheet): string =>
  foldMm === undefined
    ? 'One flat layer, face up'
    : `Folded ${formatLength(foldMm, unit)} from the left selvedge, faces together: what is right of the fold is laid on it`;

type Write = (words: string, x: number, y: number, size: number, color?: typeof SOFT) => Promise<void>;

/** The cloth and its pieces, as large as the page has room; gives where it ends, mm from the page’s inside. */
async function drawPicture(
  sheet: Sheet,
  origin: Origin,
  inside: { readonly widthMm: number; readonly heightMm: number },
  write: Write,
  topMm: number,
): Promise<number> {
  const { laidWidthMm, lengthMm } = sheet.layout;
  const scale = Math.min(inside.widthMm / laidWidthMm, (PICTURE * inside.heightMm) / lengthMm);
  const small = ({ x, y }: Point): Point => point(x * scale, y * scale);
  for (const { piece } of sheet.drawing) {
    const [size] = piece.sizes;
    for (const { kind, points } of size?.lines ?? []) {
      if (kind === 'cut' || piece.id === CLOTH_ID) drawLines(origin, [points.map(small)], { width: 0.8 });
      else if (kind === 'grain') drawLines(origin, [points.map(small)], { width: 0.4, color: SOFT });
    }
  }
  for (const [nth, { piece }] of sheet.drawing.slice(1).entries()) {
    const one = sheet.order.find((placement) => nameOf(placement).replaceAll(' ', '-') === piece.id);
    const at = small(piece.room.at);
    await write(one ? numberOf(sheet, one) : String(nth + 1), at.x - 1, topMm + at.y + 1, WORDS);
  }
  return topMm + lengthMm * scale;
}

/** The number of a piece, marked where it lies face down. */
const numberOf = ({ pieces }: Sheet, { piece, mirrored }: Placement): string =>
  `${pieces.findIndex(({ id }) => id === piece) + 1}${mirrored ? "'" : ''}`;
