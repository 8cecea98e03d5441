import { MM_PER_INCH } from '../units/constants';
import { distance, type Point } from '../geometry/point';
import {
  errorAt,
  homographyOf,
  isConvex,
  projected,
  type Corners,
  type Homography,
} from '../geometry/homography';

/** A rectangle that is known, lying in the plane of the piece, mm. */
export interface Sheet {
  readonly widthMm: number;
  readonly heightMm: number;
}

/** Sheets that lie about in a house: ISO 216, ANSI Y14.1, ISO/IEC 7810 (ID-1). */
export const sheets = {
  a4: { label: 'A4', widthMm: 210, heightMm: 297 },
  letter: { label: 'Letter', widthMm: 8.5 * MM_PER_INCH, heightMm: 11 * MM_PER_INCH },
  card: { label: 'A bank card', widthMm: 53.98, heightMm: 85.6 },
} as const satisfies Readonly<Record<string, Sheet & { label: string }>>;
export type SheetId = keyof typeof sheets | 'own';

/** Where a photo is said to be good enough, mm (common practice, no source). */
export const GOOD_TO_MM = 2;
/** A side of the sheet shorter than this in the photo tells too little, px (from memory). */
const LEAST_SIDE_PX = 80;
/** A sheet whose far side looks this much shorter than its near one was seen from too low (from memory). */
const MOST_SLANT = 2.5;

/** A photo laid flat: its map onto the paper, mm, and how good it is. */
export interface PhotoMap {
  readonly corners: Corners;
  readonly paper: Corners;
  readonly map: Homography;
}

export type ReadPhoto =
  | { readonly ok: true; readonly photo: PhotoMap; readonly warning?: string }
  | { readonly ok: false; readonly sentence: string };

/**
 * The map of a photo from the four corners of a sheet in it, px, in any order round it. The long side of the sheet is taken
 * to be the side that looks longer, unless `turned` says otherwise.
 */
export function photoMap(clicked: readonly Point[], sheet: Sheet, { turned = false } = {}): ReadPhoto {
  const [a, b, c, d] = clicked;
  if (!a || !b || !c || !d || clicked.length !== 4)
    return { ok: false, sentence: 'Four corners are needed: click each corner of the sheet once.' };
  const corners: Corners = isClockwise([a, b, c, d]) ? [a, b, c, d] : [a, d, c, b];
  if (!isConvex(corners))
    return {
      ok: false,
      sentence:
        'The corners cross or dent: put them on the four corners of the sheet, one after the other round it.',
    };
  const [top, right, foot, left] = corners.map((one, nth) =>
    distance(one, corners[(nth + 1) % 4] as Point),
  ) as [number, number, number, number];
  if (Math.min(top, right, foot, left) < LEAST_SIDE_PX)
    return {
      ok: false,
      sentence:
        'The sheet is too small in this photo to measure by: take it from closer, or lay a larger sheet beside the piece.',
    };
  const slant = Math.max(top / foot, foot / top, left / right, right / left);
  if (slant > MOST_SLANT)
    return {
      ok: false,
      sentence:
        'This photo was taken at too much of a slant: hold the camera straight above the piece and take it again.',
    };
  const looksUpright = left + right >= top + foot;
  const isTall = sheet.heightMm >= sheet.widthMm;
  const upright = looksUpright === isTall ? !turned : turned;
  const [w, h] = upright ? [sheet.widthMm, sheet.heightMm] : [sheet.heightMm, sheet.widthMm];
  const paper: Corners = [
    { x: 0, y: 0 },
    { x: w, y: 0 },
    { x: w, y: h },
    { x: 0, y: h },
  ];
  const photo = { corners, paper, map: facing(homographyOf(corners, paper), corners[0]) };
  const small = Math.min(w, h) < SMALL_MM;
  return {
    ok: true,
    photo,
    ...(small
      ? {
          warning:
            'So small a rectangle tells little about what lies far from it: a sheet of paper is better.',
        }
      : {}),
  };
}
const SMALL_MM = 120;

/** The same map, its signs such that what lies before the horizon comes out positive. */
function facing(map: Homography, { x, y }: Point): Homography {
  const before = map[6] * x + map[7] * y + map[8] > 0;
  return before ? map : (map.map((one) => -one) as unknown as Homography);
}

const isClockwise = (corners: Corners): boolean =>
  corners.reduce((sum, { x, y }, nth) => {
    const next = corners[(nth + 1) % 4] as Point;
    return sum + x * next.y - next.x * y;
  }, 0) > 0;

/** The pixel of a photo that shows a point of the paper. */
export const pixelOf = ({ corners, paper }: PhotoMap, at: Point): Point | undefined =>
  projected(homographyOf(paper, corners), at);

/** How good a point is, mm, where each click may be off by so many pixels; nothing beyond the horizon. */
export const goodTo = ({ corners, paper }: PhotoMap, pixel: Point, clickPx: number): number | undefined =>
  errorAt(corners, paper, pixel, clickPx);

/** A distance in a photo is true to its scale within this (common practice, no source). */
export const DISTANCE_SHARE = 0.01;
