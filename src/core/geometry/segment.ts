import { angleBetween, between, distance, minus, plus, sizeOf, times, type Point } from './point';

/** A straight piece of a path, or a cubic Bézier curve with its two handles. */
export type Segment =
  | { readonly kind: 'line'; readonly from: Point; readonly to: Point }
  | {
      readonly kind: 'cubic';
      readonly from: Point;
      readonly c1: Point;
      readonly c2: Point;
      readonly to: Point;
    };

/** The curved kind. */
export type Curve = Extract<Segment, { readonly kind: 'cubic' }>;

export const line = (from: Point, to: Point): Segment => ({ kind: 'line', from, to });
export const cubic = (from: Point, c1: Point, c2: Point, to: Point): Curve => ({
  kind: 'cubic',
  from,
  c1,
  c2,
  to,
});

/** A quadratic curve as a cubic one: its handles lie two thirds of the way to its control (exact). */
export const quadratic = (from: Point, control: Point, to: Point): Curve =>
  cubic(from, between(from, control, 2 / 3), between(to, control, 2 / 3), to);

/** A straight piece as a curve, its handles at the thirds of it; a curve as it is. */
export const asCubic = (segment: Segment): Curve =>
  segment.kind === 'cubic'
    ? segment
    : cubic(
        segment.from,
        between(segment.from, segment.to, 1 / 3),
        between(segment.from, segment.to, 2 / 3),
        segment.to,
      );

/** The point at parameter `t`, 0 to 1. */
export function pointOf(segment: Segment, t: number): Point {
  const { from, to } = segment;
  if (segment.kind === 'line') return between(from, to, t);
  const s = 1 - t;
  const [a, b, c, d] = [s * s * s, 3 * s * s * t, 3 * s * t * t, t * t * t];
  const { c1, c2 } = segment;
  return {
    x: a * from.x + b * c1.x + c * c2.x + d * to.x,
    y: a * from.y + b * c1.y + c * c2.y + d * to.y,
  };
}

/** How fast, and which way, the point moves at parameter `t`: the first derivative. */
export function velocityOf(segment: Segment, t: number): Point {
  const { from, to } = segment;
  if (segment.kind === 'line') return minus(to, from);
  const s = 1 - t;
  const { c1, c2 } = segment;
  return plus(
    plus(times(minus(c1, from), 3 * s * s), times(minus(c2, c1), 6 * s * t)),
    times(minus(to, c2), 3 * t * t),
  );
}

/** The two parts of a segment that meet at parameter `t` (de Casteljau). */
export function cutAt(segment: Segment, t: number): readonly [Segment, Segment] {
  const { from, to } = segment;
  if (segment.kind === 'line') {
    const mid = between(from, to, t);
    return [line(from, mid), line(mid, to)];
  }
  const { c1, c2 } = segment;
  const [a, b, c] = [between(from, c1, t), between(c1, c2, t), between(c2, to, t)];
  const [d, e] = [between(a, b, t), between(b, c, t)];
  const mid = between(d, e, t);
  return [cubic(from, a, d, mid), cubic(mid, e, c, to)];
}

/** However it is cut, no further than this: a part is then a ten-millionth of the whole. */
const DEEPEST = 24;

/** The parts of a segment, in order, halved until each is fine. */
export function partsUntil(
  isFine: (part: Segment) => boolean,
  segment: Segment,
  depth = 0,
): readonly Segment[] {
  if (depth >= DEEPEST || isFine(segment)) return [segment];
  return cutAt(segment, 0.5).flatMap((half) => partsUntil(isFine, half, depth + 1));
}

export const reversed = (segment: Segment): Segment =>
  segment.kind === 'line'
    ? line(segment.to, segment.from)
    : cubic(segment.to, segment.c2, segment.c1, segment.from);

/** The vectors along the control polygon that have a length: where they point, the curve points. */
const steps = (segment: Segment): readonly Point[] =>
  (segment.kind === 'line'
    ? [minus(segment.to, segment.from)]
    : [minus(segment.c1, segment.from), minus(segment.c2, segment.c1), minus(segment.to, segment.c2)]
  ).filter((step) => sizeOf(step) > NO_LENGTH);

/** Handles shorter than this lie on their point, mm. */
const NO_LENGTH = 1e-9;

/** The direction a segment sets out in; nothing where it has no length. */
export const startDirection = (segment: Segment): Point | undefined => steps(segment)[0];
export const endDirection = (segment: Segment): Point | undefined => steps(segment).at(-1);

/** The angle by which it turns where one segment goes over into another, radians, positive clockwise as it is seen. */
export function cornerBetween(before: Segment, after: Segment): number {
  const [into, out] = [endDirection(before), startDirection(after)];
  return into && out ? angleBetween(into, out) : 0;
}

/**
 * How far a segment turns altogether, radians, positive clockwise as it is seen. A curve points nowhere that its control
 * polygon does not: while the polygon turns less than a half turn, the angle between its ends is exact; else it is cut.
 */
export function turnOfSegment(segment: Segment, depth = 0): number {
  const along = steps(segment);
  const turns = along.slice(1).map((step, nth) => angleBetween(along[nth] as Point, step));
  const most = turns.reduce((sum, turn) => sum + Math.abs(turn), 0);
  if (most < Math.PI / 2 || depth >= DEEPEST) return turns.reduce((sum, turn) => sum + turn, 0);
  const [a, b] = cutAt(segment, 0.5);
  return turnOfSegment(a, depth + 1) + cornerBetween(a, b) + turnOfSegment(b, depth + 1);
}

/** Abscissae and weights of the Gauss–Legendre rule with eight points, on 0 to 1 (Abramowitz and Stegun, table 25.4). */
const GAUSS = [
  [0.1834346424956498, 0.362683783378362],
  [0.525532409916329, 0.3137066458778873],
  [0.7966664774136267, 0.2223810344533745],
  [0.9602898564975363, 0.1012285362903763],
].flatMap(([x = 0, w = 0]) => [[(1 - x) / 2, w / 2] as const, [(1 + x) / 2, w / 2] as const]);

const PLACES = GAUSS.map(([place]) => place);
const WEIGHTS = GAUSS.map(([, weight]) => weight);

/** Lengths are held to this, mm. */
const LENGTH_MM = 1e-6;

/** Length, mm, to a millionth: Gauss–Legendre over halves until halving changes nothing. */
export function lengthOfSegment(segment: Segment): number {
  if (segment.kind === 'line') return distance(segment.from, segment.to);
  const { from, c1, c2, to } = segment;
  // Its velocity is a parabola, a·t² + b·t + c, in either coordinate: no objects are made on the way.
  const ax = 3 * (to.x - 3 * c2.x + 3 * c1.x - from.x);
  const bx = 6 * (c2.x - 2 * c1.x + from.x);
  const cx = 3 * (c1.x - from.x);
  const ay = 3 * (to.y - 3 * c2.y + 3 * c1.y - from.y);
  const by = 6 * (c2.y - 2 * c1.y + from.y);
  const cy = 3 * (c1.y - from.y);
  const byRule = (start: number, span: number): number => {
    let sum = 0;
    for (let nth = 0; nth < PLACES.length; nth += 1) {
      const t = start + (PLACES[nth] as number) * span;
      const x = (ax * t + bx) * t + cx;
      const y = (ay * t + by) * t + cy;
      sum += (WEIGHTS[nth] as number) * Math.sqrt(x * x + y * y);
    }
    return sum * span;
  };
  const over = (start: number, span: number, whole: number, depth: number): number => {
    const half = span / 2;
    const [a, b] = [byRule(start, half), byRule(start + half, half)];
    // Asked this way round, a curve through no point ends at once.
    if (!(Math.abs(a + b - whole) >= LENGTH_MM) || depth >= DEEPEST) return a + b;
    return over(start, half, a, depth + 1) + over(start + half, half, b, depth + 1);
  };
  return over(0, 1, byRule(0, 1), 0);
}

/** The parameter at which a segment is `mm` long, 0 to 1: Newton steps, kept between what is known to be too little and too much. */
export function parameterAt(segment: Segment, mm: number): number {
  const whole = lengthOfSegment(segment);
  if (whole <= 0 || mm <= 0) return 0;
  if (mm >= whole) return 1;
  if (segment.kind === 'line') return mm / whole;
  let [low, high] = [0, 1];
  let t = mm / whole;
  for (let round = 0; round < MOST_ROUNDS; round += 1) {
    const off = lengthOfSegment(cutAt(segment, t)[0]) - mm;
    if (Math.abs(off) < LENGTH_MM) return t;
    if (off > 0) high = t;
    else low = t;
    const next = t - off / sizeOf(velocityOf(segment, t));
    t = next > low && next < high ? next : (low + high) / 2;
  }
  return t;
}

const MOST_ROUNDS = 60;
