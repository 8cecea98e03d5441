import { newGarment } from '@/core/facts/garment';
import { catalogue } from '@/core/garments/catalogue';
import { distance, type Point } from '@/core/geometry/point';
import { cutLine } from '@/core/pieces/cutLine';
import { madePhoto, onFloor } from '@/core/pieces/madePhoto';
import { readOutline } from '@/core/pieces/outline';
import { practiceTee } from '@/core/pieces/practice';
import { cornersAt, drawnAllowance } from '@/core/pieces/readOutlines';
import type { ShapeEdge } from '@/core/fit/pieceShape';
import { expect, type Page } from './test';

/** What is to be clicked on a made photo of a piece: the sheet in its pixels, the cut edge on the floor. */
export interface Clicks {
  readonly sheet: readonly Point[];
  readonly around: readonly (Point & { readonly corner: boolean })[];
  /** Where the neckline begins: at the fold. */
  readonly first: Point;
}

const SHARP_RAD = 0.35;
const EACH_MM = 12.4;

export function clicksOf(piece: 'front' | 'back'): Clicks {
  const kind = catalogue.tee;
  const facts = practiceTee[piece];
  const shape = kind.shapes.find(({ id }) => id === piece);
  const drawn = newGarment('', 'tee').pattern;
  const allowanceOf = (edge: ShapeEdge) => drawnAllowance(kind, edge, facts, undefined, drawn);
  const read = shape && readOutline(shape, facts, allowanceOf);
  const line =
    read?.ok && cutLine(read.outline, { allowanceOf, cornersOf: (edge) => cornersAt(kind, edge, facts) });
  if (!line) throw new Error('expected the cut line of a practice piece, got none');
  const floor = line.map(onFloor);
  const turn = (nth: number): number => {
    const [a, b, c] = [-1, 0, 1].map((step) => floor.at((nth + step) % floor.length) as Point) as [
      Point,
      Point,
      Point,
    ];
    const by = Math.atan2(c.y - b.y, c.x - b.x) - Math.atan2(b.y - a.y, b.x - a.x);
    return Math.abs(Math.atan2(Math.sin(by), Math.cos(by)));
  };
  const corners = floor.filter((_, nth) => turn(nth) > SHARP_RAD);
  const around: (Point & { corner: boolean })[] = [];
  floor.forEach((at, nth) => {
    const corner = turn(nth) > SHARP_RAD;
    const near = around.some((one) => distance(one, at) < EACH_MM);
    const nearCorner = corners.some((one) => distance(one, at) < EACH_MM);
    if (near || (!corner && nearCorner)) return;
    around.push({ x: at.x, y: at.y, corner });
  });
  while (around[0]?.corner === false) around.push(around.shift() as (typeof around)[number]);
  // The fold is the left side of the piece, the neckline begins at its upper end.
  const first = corners.reduce((best, one) => (2 * one.x + one.y < 2 * best.x + best.y ? one : best));
  return { sheet: madePhoto(line).sheet, around, first };
}

/** Where a place of the tracing table is on the page. */
export async function onPage(page: Page, { x, y }: Point): Promise<readonly [number, number]> {
  const table = page.getByRole('application');
  await expect(table).toHaveAttribute('data-view', /scale/);
  const view = JSON.parse((await table.getAttribute('data-view')) ?? '{}') as Point & { scale: number };
  const box = await table.boundingBox();
  // The table has a border of one pixel.
  return [(box?.x ?? 0) + 1 + (x - view.x) * view.scale, (box?.y ?? 0) + 1 + (y - view.y) * view.scale];
}

/** Clicks a place of the tracing table. */
export async function clickOn(page: Page, at: Point): Promise<void> {
  const [x, y] = await onPage(page, at);
  await page.mouse.click(x, y);
}

/** A record as it starts, made behind the page; its id. */
export async function made(
  page: Page,
  kind: 'pattern' | 'garment' | 'wearer',
  facts: object,
): Promise<string> {
  const response = await page.request.post(`/api/records/${kind}`, { data: { label: 'Made', facts } });
  const { records } = (await response.json()) as { records: readonly { id: string }[] };
  return records[0]?.id ?? '';
}
