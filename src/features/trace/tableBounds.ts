import type { Point } from '@/core/geometry/point';
import { projected } from '@/core/geometry/homography';
import { boundsOfPoints } from '@/core/geometry/ring';
import type { Path } from '@/core/geometry/path';
import type { PhotoMap } from '@/core/pieces/sheets';
import type { Photo } from './photo';
import type { Box } from './view';

/** A bare table, mm. */
const BARE: Box = { left: -50, top: -50, right: 650, bottom: 750 };
/** What lies further than this from the sheet is only found by looking about, mm. */
const FAR_MM = 1500;

/** What there is to be seen: the photo’s own pixels, the photo laid flat, the lines of a drawing, or what was drawn. */
export function tableBounds(
  photo: Photo | undefined,
  onSheet: boolean,
  flat: PhotoMap | undefined,
  ring: readonly Point[],
  lines?: readonly Path[],
): Box {
  if (photo && onSheet) return { left: 0, top: 0, right: photo.width, bottom: photo.height };
  if (photo && flat) {
    const { width: w, height: h } = photo;
    const corners = [
      { x: 0, y: 0 },
      { x: w, y: 0 },
      { x: w, y: h },
      { x: 0, y: h },
    ].flatMap((one) => projected(flat.map, one) ?? []);
    const near = corners.filter(({ x, y }) => Math.abs(x) < FAR_MM && Math.abs(y) < FAR_MM);
    return boundsOfPoints([...near, ...flat.paper, ...ring]);
  }
  const drawn = (lines ?? []).flatMap((line) => line.map(({ from }) => from));
  if (drawn.length > 0) return widened(boundsOfPoints(drawn));
  return ring.length > 2 ? widened(boundsOfPoints(ring)) : BARE;
}

/** Room for the allowances round what was drawn, mm. */
const ROOM_MM = 40;
const widened = ({ left, top, right, bottom }: Box): Box => ({
  left: left - ROOM_MM,
  top: top - ROOM_MM,
  right: right + ROOM_MM,
  bottom: bottom + ROOM_MM,
});
