import { boundsOfPoints } from '../geometry/ring';
import { point, type Point } from '../geometry/point';
import { ringsLaid, type PaperPlan, type SheetPage, type SheetSide } from './paperPlan';

/** Half of a joining mark: its base on the edge of a sheet, its tip inside, mm. Both halves make one diamond. */
const MARK_MM = 7;

/** The half of a joining mark on one side of a sheet, mm from its top left inside the margins: base, tip, base. */
export function jointMark(
  { widthMm, heightMm }: { readonly widthMm: number; readonly heightMm: number },
  side: SheetSide,
): readonly [Point, Point, Point] {
  const [x, y] = [widthMm / 2, heightMm / 2];
  switch (side) {
    case 'left':
      return [point(0, y - MARK_MM), point(MARK_MM, y), point(0, y + MARK_MM)];
    case 'right':
      return [point(widthMm, y - MARK_MM), point(widthMm - MARK_MM, y), point(widthMm, y + MARK_MM)];
    case 'top':
      return [point(x - MARK_MM, 0), point(x, MARK_MM), point(x + MARK_MM, 0)];
    case 'bottom':
      return [point(x - MARK_MM, heightMm), point(x, heightMm - MARK_MM), point(x + MARK_MM, heightMm)];
    default:
      throw new Error(`expected a side of a sheet, got ${String(side satisfies never)}`);
  }
}

/** A small drawing of all sheets as they are joined, mm from its top left. */
export interface PageMap {
  readonly sheets: readonly { readonly page: SheetPage; readonly leftMm: number; readonly topMm: number }[];
  readonly sheetWidthMm: number;
  readonly sheetHeightMm: number;
  readonly pieces: readonly (readonly Point[])[];
  readonly widthMm: number;
  readonly heightMm: number;
}

/** The map of the sheets, as large as fits into the room there is. */
export function pageMap(
  plan: PaperPlan,
  room: { readonly widthMm: number; readonly heightMm: number },
): PageMap {
  const { right, bottom } = boundsOfPoints(plan.pages.map(({ box }) => point(box.right, box.bottom)));
  const scale = Math.min(room.widthMm / right, room.heightMm / bottom);
  const small = ({ x, y }: Point): Point => point(x * scale, y * scale);
  const [first] = plan.pages;
  return {
    sheets: plan.pages.map((page) => ({
      page,
      leftMm: page.box.left * scale,
      topMm: page.box.top * scale,
    })),
    sheetWidthMm: first ? (first.box.right - first.box.left) * scale : 0,
    sheetHeightMm: first ? (first.box.bottom - first.box.top) * scale : 0,
    pieces: plan.pieces.flatMap(ringsLaid).map((ring) => ring.map(small)),
    widthMm: right * scale,
    heightMm: bottom * scale,
  };
}
