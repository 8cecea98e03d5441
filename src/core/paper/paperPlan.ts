import { areaOfRings, linesWithin, ringsWithin, type Rings } from '../geometry/clip';
import { boundsOfPoints, type Bounds } from '../geometry/ring';
import type { Point } from '../geometry/point';
import { INSET_MM, onSheets, type Laid } from './laid';
import { layOnPaper } from './layOnPaper';
import { insideOf, type PaperSheet } from './papers';
import { squaresPiece } from './squaresPiece';
import { ringsOf, type LineKind, type PaperPiece } from './paperPiece';

/** Edges of a sheet, as it lies. */
export type SheetSide = 'left' | 'top' | 'right' | 'bottom';

/** One sheet of paper that has something on it; empty ones are left out. Lengths in mm. */
export interface SheetPage {
  /** In reading order, from 1. */
  readonly number: number;
  readonly column: number;
  readonly row: number;
  /** What it shows of the joined sheets. */
  readonly box: Bounds;
  /** Where another sheet is joined, with the number that stands on both. */
  readonly joints: readonly { readonly side: SheetSide; readonly number: number }[];
}

/** A piece where it lies on the joined sheets. */
export interface LaidPiece {
  readonly piece: PaperPiece;
  readonly laid: Laid;
}

/** Pieces laid on sheets. */
export interface PaperPlan {
  readonly sheet: PaperSheet;
  readonly pieces: readonly LaidPiece[];
  readonly pages: readonly SheetPage[];
}

/** Less than this of a piece on a sheet is none, mm². */
const NOTHING_MM2 = 0.01;

/** Lays pieces on sheets and says which sheets are printed, and where they are joined. */
export function paperPlan(given: readonly PaperPiece[], sheet: PaperSheet): PaperPlan {
  const pieces = sheet.apart ? [...given, squaresPiece()] : given;
  const laid = layOnPaper(
    pieces.map((piece) => ({ id: piece.id, rings: ringsOf(piece) })),
    sheet,
  );
  const placed = pieces.map((piece, nth) => ({ piece, laid: laid[nth] as Laid }));
  return { sheet, pieces: placed, pages: pagesOf(placed.map(ringsLaid), sheet) };
}

/** Where the rings of a piece lie on the joined sheets. */
export const ringsLaid = ({ piece, laid }: LaidPiece): Rings =>
  ringsOf(piece).map((ring) => ring.map(onSheets(laid)));

function pagesOf(placed: readonly Rings[], sheet: PaperSheet): readonly SheetPage[] {
  const { widthMm, heightMm } = insideOf(sheet);
  const used = new Map<string, { readonly column: number; readonly row: number; footMm: number }>();
  for (const rings of placed) {
    const { left, top, right, bottom } = boundsOfPoints(rings.flat());
    for (let row = Math.floor(top / heightMm); row * heightMm < bottom; row += 1) {
      for (let column = Math.floor(left / widthMm); column * widthMm < right; column += 1) {
        const inside = ringsWithin(boxOf(column, row, widthMm, heightMm), rings);
        if (Math.abs(areaOfRings(inside)) < NOTHING_MM2) continue;
        const key = `${column} ${row}`;
        const foot = Math.max(...inside.flat().map(({ y }) => y));
        used.set(key, { column, row, footMm: Math.max(used.get(key)?.footMm ?? 0, foot) });
      }
    }
  }
  const order = [...used.values()].toSorted((a, b) => a.row - b.row || a.column - b.column);
  const last = order.at(-1)?.row;
  const joints = jointsOf(order);
  return order.map(({ column, row, footMm }, nth): SheetPage => {
    const box = boxOf(column, row, widthMm, heightMm);
    const bottom = sheet.trimmed && row === last ? Math.min(box.bottom, footMm + INSET_MM) : box.bottom;
    return { number: nth + 1, column, row, box: { ...box, bottom }, joints: joints(column, row) };
  });
}

const boxOf = (column: number, row: number, widthMm: number, heightMm: number): Bounds => ({
  left: column * widthMm,
  top: row * heightMm,
  right: (column + 1) * widthMm,
  bottom: (row + 1) * heightMm,
});

interface Place {
  readonly column: number;
  readonly row: number;
}

/** Every edge at which two printed sheets meet has a number, in reading order. */
function jointsOf(order: readonly Place[]): (column: number, row: number) => SheetPage['joints'] {
  const isUsed = (column: number, row: number) =>
    order.some((one) => one.column === column && one.row === row);
  const numbers = new Map<string, number>();
  for (const { column, row } of order) {
    if (isUsed(column + 1, row)) numbers.set(`${column} ${row} right`, numbers.size + 1);
    if (isUsed(column, row + 1)) numbers.set(`${column} ${row} bottom`, numbers.size + 1);
  }
  return (column, row) =>
    (
      [
        ['left', `${column - 1} ${row} right`],
        ['top', `${column} ${row - 1} bottom`],
        ['right', `${column} ${row} right`],
        ['bottom', `${column} ${row} bottom`],
      ] as const
    ).flatMap(([side, key]) => {
      const number = numbers.get(key);
      return number === undefined ? [] : [{ side, number }];
    });
}

/** What a sheet shows of a line, mm from the sheet’s top left inside its margins. */
interface LineOnPage {
  readonly kind: LineKind;
  /** Which of the piece’s sizes it belongs to. */
  readonly size: string;
  /** Of how many sizes, and which in their order: they are drawn each in its own way. */
  readonly nth: number;
  readonly points: readonly Point[];
}

/** All that a sheet shows. */
export const linesOnPage = (
  { pieces }: Pick<PaperPlan, 'pieces'>,
  { box }: SheetPage,
): readonly LineOnPage[] =>
  pieces.flatMap(({ piece, laid }) => {
    const at = onSheets(laid);
    return piece.sizes.flatMap(({ label, lines }, nth) =>
      lines.flatMap(({ kind, points }) =>
        linesWithin(box, [points.map(at)]).map((part) => ({
          kind,
          size: label,
          nth,
          points: part.map(({ x, y }) => ({ x: x - box.left, y: y - box.top })),
        })),
      ),
    );
  });
