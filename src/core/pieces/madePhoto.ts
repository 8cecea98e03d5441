import { turnedAbout } from '../geometry/path';
import { point, type Point } from '../geometry/point';
import { projected, type Homography } from '../geometry/homography';

/** A simulated camera above a floor: height in mm, focal length in pixels, leaning back by an angle, turned by another. */
export interface Camera {
  readonly heightMm: number;
  readonly focalPx: number;
  readonly leanRad: number;
  readonly rollRad: number;
  /** The point of the floor in the middle of the picture, mm. */
  readonly over: Point;
  readonly widthPx: number;
  readonly heightPx: number;
}

/** Where the camera sees each point of the floor: a pinhole, y downwards on both. */
export function cameraMap({
  heightMm,
  focalPx: f,
  leanRad,
  rollRad,
  over,
  widthPx,
  heightPx,
}: Camera): Homography {
  const [c, s] = [Math.cos(rollRad), Math.sin(rollRad)];
  const [lean, across] = [Math.sin(leanRad), Math.cos(leanRad)];
  const [cx, cy] = [widthPx / 2, heightPx / 2];
  // On the floor, about the point in the middle: u to the right, v downwards as the picture stands.
  const u = [c, s, -c * over.x - s * over.y] as const;
  const v = [-s, c, s * over.x - c * over.y] as const;
  const w = [lean * v[0], lean * v[1], lean * v[2] + heightMm] as const;
  return [
    f * u[0] + cx * w[0],
    f * u[1] + cx * w[1],
    f * u[2] + cx * w[2],
    f * across * v[0] + cy * w[0],
    f * across * v[1] + cy * w[1],
    f * across * v[2] + cy * w[2],
    w[0],
    w[1],
    w[2],
  ];
}

/** A photo that is made, not taken: what lies on the floor, as the camera sees it, px. */
export interface MadePhoto {
  readonly camera: Camera;
  readonly sheet: readonly Point[];
  readonly piece: readonly Point[];
  /** Repeats its noise. */
  readonly seed: number;
}

/** From above the floor at arm’s length, leaning a little, as somebody stands there. */
export const USUAL_CAMERA: Camera = {
  heightMm: 1300,
  focalPx: 2200,
  leanRad: 0.16,
  rollRad: -0.03,
  over: { x: 300, y: 330 },
  widthPx: 2000,
  heightPx: 1500,
};

/** How the piece lies beside the sheet. */
const LIES = { at: point(262, 10), turnedRad: 0.05 };

/** Where a point of a piece lies on the floor of a made photo, mm. */
export const onFloor = ({ x, y }: Point): Point =>
  turnedAbout(LIES.at, LIES.turnedRad)(point(x + LIES.at.x, y + LIES.at.y));

/** A made photo of a piece, its cut line given as points, with a sheet of A4 beside it. */
export function madePhoto(piece: readonly Point[], { camera = USUAL_CAMERA, seed = 1 } = {}): MadePhoto {
  const map = cameraMap(camera);
  const seen = (one: Point): Point => projected(map, one) ?? point(0, 0);
  const sheet = [point(0, 0), point(210, 0), point(210, 297), point(0, 297)];
  return { camera, sheet: sheet.map(seen), piece: piece.map((one) => seen(onFloor(one))), seed };
}
