import { contours } from 'd3-contour';
import type { Knot } from '../../facts/outline';
import {
  angleBetween,
  between,
  cross,
  distance,
  dot,
  meetingOf,
  minus,
  outwardOf,
  plus,
  point,
  times,
  unitOf,
  type Point,
} from '../../geometry/point';
import { pointOf } from '../../geometry/segment';
import { pathThrough } from '../../geometry/through';
import { contains } from '../../geometry/ring';
import type { PhotoMap } from '../sheets';
import {
  lightness,
  straightened,
  type Channel,
  type Lightness,
  type Pixels,
  type Straightened,
} from './straightened';

export type FoundOutline =
  { readonly ok: true; readonly ring: readonly Knot[] } | { readonly ok: false; readonly sentence: string };

const NOT_THERE =
  'Nothing there stands out from its ground: click inside the piece, or lay it on a ground of another colour and take the photo again.';
const RUNS_OFF =
  'What was clicked runs on to the end of the photo: click inside the piece. If that was the piece, take the photo again, all of it on bare ground of another colour.';

/** The line is simplified to this, mm. */
const SIMPLE_MM = 0.3;
/** Smaller than any piece, mm². */
const LEAST_MM2 = 400;

/**
 * The outline of a plain piece on contrasting ground, by itself: the photo laid flat, the lightness that best parts light from
 * dark (Otsu, IEEE Transactions on Systems, Man and Cybernetics 9, 1979; from memory), the line along it (marching squares)
 * round the point that was clicked, simplified; corners where it turns sharply. `inside` is on the paper, mm.
 */
export function findOutline(pixels: Pixels, photo: PhotoMap, inside: Point): FoundOutline {
  let runsOff = false;
  for (const channel of CHANNELS) {
    const light = lightness(pixels, photo, channel);
    const line = lineRound(smoothed(straightened(pixels, photo, light)), inside);
    if (line === 'runs off') runsOff = true;
    else if (line) return { ok: true, ring: knotsOf(evenly(line, STEP_MM), light) };
  }
  return { ok: false, sentence: runsOff ? RUNS_OFF : NOT_THERE };
}

/** Lightness tells most; a red piece on a green ground of the same lightness is told by its colour. */
const CHANNELS: readonly Channel[] = ['light', 'red', 'blue'];

/** Each value the mean of the nine about it: a camera’s noise is no line. */
function smoothed(flat: Straightened): Straightened {
  const { values, columns, rows } = flat;
  const soft = new Float32Array(values);
  for (let row = 1; row < rows - 1; row += 1)
    for (let column = 1; column < columns - 1; column += 1) {
      let sum = 0;
      for (let dy = -1; dy <= 1; dy += 1)
        for (let dx = -1; dx <= 1; dx += 1) sum += values[(row + dy) * columns + column + dx] as number;
      soft[row * columns + column] = (values[row * columns + column] as number) < 0 ? -1 : sum / 9;
    }
  return { ...flat, values: soft };
}

/** The closed line round a place at the lightness between it and its ground, mm; nothing where there is none of a size. */
function lineRound(flat: Straightened, inside: Point): readonly Point[] | 'runs off' | undefined {
  const { values, columns, rows, left, top, stepMm } = flat;
  const [column, row] = [(inside.x - left) / stepMm, (inside.y - top) / stepMm].map(Math.round) as [
    number,
    number,
  ];
  if (column < 0 || row < 0 || column >= columns || row >= rows) return undefined;
  const here = values[row * columns + column] as number;
  const threshold = otsu(values);
  if (threshold === undefined || Math.abs(here - threshold) < LEAST_CONTRAST) return undefined;
  // Rings go round what is lighter: a dark piece is turned into a light one. What is outside the photo is ground.
  const dark = here < threshold;
  const lit = dark ? values.map((one) => (one < 0 ? -1 : 255 - one)) : values;
  const at = dark ? 255 - threshold : threshold;
  const { coordinates } = contours()
    .size([columns, rows])
    .contour(lit as unknown as number[], at);
  // A value stands in the middle of its square.
  const onPaper = ([x = 0, y = 0]: readonly number[]): Point =>
    point(left + (x - 0.5) * stepMm, top + (y - 0.5) * stepMm);
  const ring = coordinates
    .map(([outer = []]) => outer.slice(1).map(onPaper))
    .find((one) => one.length > 2 && contains(one, inside));
  if (!ring) return undefined;
  const area =
    Math.abs(ring.reduce((sum, one, nth) => sum + cross(one, ring[(nth + 1) % ring.length] as Point), 0)) / 2;
  if (area < LEAST_MM2) return undefined;
  return ring.some((one) => isAtEdge(flat, one)) ? 'runs off' : ring;
}
/** Lightness may not be nearer to the threshold than this where a piece is clicked, of 255. */
const LEAST_CONTRAST = 8;

/** Whether a place lies at the end of what the photo shows. */
function isAtEdge({ values, columns, rows, left, top, stepMm }: Straightened, { x, y }: Point): boolean {
  const [column, row] = [Math.round((x - left) / stepMm), Math.round((y - top) / stepMm)];
  if (column < 2 || row < 2 || column > columns - 3 || row > rows - 3) return true;
  for (let dy = -2; dy <= 2; dy += 2)
    for (let dx = -2; dx <= 2; dx += 2)
      if ((values[(row + dy) * columns + column + dx] as number) < 0) return true;
  return false;
}

const LEVELS = 256;

/** The lightness that parts two kinds of values with the greatest variance between them; nothing where all are alike. */
function otsu(values: Float32Array): number | undefined {
  const counts = new Float64Array(LEVELS);
  let [all, sum] = [0, 0];
  for (const value of values) {
    if (value < 0) continue;
    const level = Math.min(Math.round(value), LEVELS - 1);
    counts[level] = (counts[level] as number) + 1;
    all += 1;
    sum += level;
  }
  let [below, belowSum, best] = [0, 0, 0];
  let levels: readonly number[] = [];
  for (let level = 0; level < LEVELS; level += 1) {
    below += counts[level] as number;
    belowSum += level * (counts[level] as number);
    const above = all - below;
    if (below === 0 || above === 0) continue;
    const apart = belowSum / below - (sum - belowSum) / above;
    const variance = below * above * apart * apart;
    if (variance > best) [best, levels] = [variance, [level]];
    else if (variance === best && variance > 0) levels = [...levels, level];
  }
  // Between two kinds that are well apart, any level between them is as good: the middle is safest.
  const [first, last] = [levels[0], levels.at(-1)];
  return first === undefined || last === undefined ? undefined : (first + last) / 2 + 0.5;
}

/** How far in and out of a line its two sides are looked at, in which steps, and from where on they count as that side, mm. */
const REACH_MM = 5;
const PROBE_MM = 0.25;
const SIDE_MM = 2.5;
/** How far along it the line is looked at to tell its direction, in points; and over how many its place is averaged. */
const ALONG = 4;
const AVERAGED = 3;

/**
 * A stretch between two corners moved to where the photo is half as light as between its own two sides there: shade across the
 * floor moves it no more. Nothing beyond its ends is looked at: the edge turns away there.
 */
function settled(stretch: readonly Point[], light: Lightness): readonly Point[] {
  const last = stretch.length - 1;
  const at = (nth: number): Point => stretch[Math.min(Math.max(nth, 0), last)] as Point;
  const normals = stretch.map(
    (_, nth) => unitOf(outwardOf(minus(at(nth + ALONG), at(nth - ALONG)))) ?? point(0, 0),
  );
  const offs = stretch.map((one, nth) => edgeOff(one, normals[nth] as Point, light));
  return stretch.map((one, nth) => {
    const near = offs.slice(Math.max(nth - AVERAGED, 0), nth + AVERAGED + 1);
    return plus(one, times(normals[nth] as Point, near.reduce((sum, off) => sum + off, 0) / near.length));
  });
}

/** How far along a normal the edge is from a point: nearest place where it is half way between both sides; 0 where none is. */
function edgeOff({ x, y }: Point, normal: Point, light: Lightness): number {
  const count = Math.round(REACH_MM / PROBE_MM);
  const profile: number[] = [];
  for (let step = -count; step <= count; step += 1)
    profile.push(light(x + normal.x * step * PROBE_MM, y + normal.y * step * PROBE_MM));
  const side = Math.round((REACH_MM - SIDE_MM) / PROBE_MM);
  const mean = (all: readonly number[]): number => all.reduce((sum, one) => sum + one, 0) / all.length;
  const [inner, outer] = [mean(profile.slice(0, side)), mean(profile.slice(-side))];
  const half = (inner + outer) / 2;
  let best = Infinity;
  for (let step = 0; step < profile.length - 1; step += 1) {
    const [a, b] = [(profile[step] as number) - half, (profile[step + 1] as number) - half];
    // From the inner side to the outer one, not back again.
    if (a === b || a < 0 === b < 0 || a < 0 !== inner < outer) continue;
    const off = (step - count + a / (a - b)) * PROBE_MM;
    if (Math.abs(off) < Math.abs(best)) best = off;
  }
  return Number.isFinite(best) ? best : 0;
}

/** How far along the line a turn is looked at, mm, and how much of a turn is a corner, radians (from memory). */
const LOOK_MM = 7;
const CORNER_RAD = (28 * Math.PI) / 180;
/** Nearer than this to a corner a line is rounded off, mm. */
const ROUNDED_MM = 3;

/** The points of an outline out of a fine line: its corners, and between them as many curve points as it needs. */
function knotsOf(ring: readonly Point[], light: Lightness): readonly Knot[] {
  const look = Math.round(LOOK_MM / STEP_MM);
  const at = (nth: number): Point => ring[(nth + ring.length) % ring.length] as Point;
  const turns = ring.map((here, nth) =>
    Math.abs(angleBetween(minus(here, at(nth - look)), minus(at(nth + look), here))),
  );
  const corners = turns.flatMap((turn, nth) => {
    if (turn < CORNER_RAD) return [];
    for (let step = -look; step <= look; step += 1) {
      const other = turns[(nth + step + ring.length) % ring.length] as number;
      if (other > turn || (other === turn && step < 0)) return [];
    }
    return [nth];
  });
  // A line without a corner begins anywhere, and ends there.
  const isCornered = corners.length > 0;
  const starts = isCornered ? corners : [0];
  const skip = isCornered ? Math.round(ROUNDED_MM / STEP_MM) : 0;
  const stretches = starts.map((from, nth) => {
    const to = starts[nth + 1] ?? (starts[0] as number) + ring.length;
    const count = Math.max(to - from - 2 * skip + 1, 2);
    return settled(
      Array.from({ length: count }, (_, step) => at(from + skip + step)),
      light,
    );
  });
  const sharp = stretches.map((stretch, nth) =>
    isCornered
      ? sharpened(stretches.at(nth - 1) as readonly Point[], stretch, at(starts[nth] as number))
      : undefined,
  );
  return stretches.flatMap((stretch, nth) => {
    const [first, next] = [sharp[nth], sharp[(nth + 1) % sharp.length]];
    const points = curvePoints(first && next ? [first, ...stretch, next] : stretch).slice(0, -1);
    return points.map((one, place) => ({
      ...rounded(one),
      ...(place === 0 && isCornered ? { corner: true as const } : {}),
    }));
  });
}
/** The line is looked at in steps of this, mm. */
const STEP_MM = 1;

const rounded = ({ x, y }: Point): Knot => ({ x: Math.round(x * 100) / 100, y: Math.round(y * 100) / 100 });

/** A closed line at even steps. */
function evenly(line: readonly Point[], stepMm: number): readonly Point[] {
  const points: Point[] = [];
  let left = 0;
  line.forEach((from, nth) => {
    const to = line[(nth + 1) % line.length] as Point;
    const long = distance(from, to);
    for (; left < long; left += stepMm) {
      const share = left / long;
      points.push(point(from.x + (to.x - from.x) * share, from.y + (to.y - from.y) * share));
    }
    left -= long;
  });
  return points;
}

/** A corner where its two sides meet if they are run on: a picture’s corners are rounded off. */
function sharpened(before: readonly Point[], after: readonly Point[], own: Point): Point {
  const far = Math.round(LOOK_MM / STEP_MM);
  const [a, b] = [before.at(-1 - Math.min(far, before.length - 1)) as Point, before.at(-1) as Point];
  const [c, d] = [after[0] as Point, after[Math.min(far, after.length - 1)] as Point];
  const meets = meetingOf(b, minus(b, a), c, minus(d, c));
  return meets && distance(meets, own) < MOST_SHARP_MM ? meets : own;
}
/** A corner lies no further than this from where the rounded line turns most, mm. */
const MOST_SHARP_MM = 8;

/** Points of an open line through which a smooth curve lies within `SIMPLE_MM` of it, both ends among them. */
function curvePoints(line: readonly Point[]): readonly Point[] {
  let kept = simplifiedTo(line, 0, line.length - 1);
  for (let round = 0; round < MOST_ROUNDS; round += 1) {
    const points = kept.map((nth) => line[nth] as Point);
    const path = pathThrough(points);
    const more = path.flatMap((segment, nth) => {
      const [from, to] = [kept[nth] as number, kept[nth + 1] as number];
      const off = [0.25, 0.5, 0.75].map((t) => offLine(line, from, to, pointOf(segment, t)));
      return to - from > 1 && Math.max(...off) > SIMPLE_MM ? [Math.round((from + to) / 2)] : [];
    });
    if (more.length === 0) return points;
    kept = [...kept, ...more].toSorted((a, b) => a - b);
  }
  return kept.map((nth) => line[nth] as Point);
}
const MOST_ROUNDS = 8;

/** How far a point is from a line between two of its points, mm. */
function offLine(line: readonly Point[], from: number, to: number, one: Point): number {
  let least = Infinity;
  for (let nth = from; nth < to; nth += 1) {
    const [a, b] = [line[nth] as Point, line[nth + 1] as Point];
    const along = minus(b, a);
    const square = dot(along, along) || 1;
    const share = Math.min(Math.max(dot(minus(one, a), along) / square, 0), 1);
    least = Math.min(least, distance(one, between(a, b, share)));
  }
  return least;
}

/** Which points of a line it needs to lie within `SIMPLE_MM` of what it was (Ramer, Douglas and Peucker). */
function simplifiedTo(line: readonly Point[], from: number, to: number): readonly number[] {
  const [first, last] = [line[from] as Point, line[to] as Point];
  const along = minus(last, first);
  const long = Math.hypot(along.x, along.y);
  let [worst, most] = [from, 0];
  for (let nth = from + 1; nth < to; nth += 1) {
    const one = line[nth] as Point;
    const off = long === 0 ? distance(one, first) : Math.abs(cross(along, minus(one, first))) / long;
    if (off > most) [worst, most] = [nth, off];
  }
  if (most <= SIMPLE_MM) return [from, to];
  return [...simplifiedTo(line, from, worst), ...simplifiedTo(line, worst, to).slice(1)];
}
