import { ROUNDING } from '../units/tolerance';
import { STANDARD_GRAVITY } from '../units/constants';
import { interpolateMonotone, type Interpolant } from '../geometry/monotone';

/** One reading of a pull: extension as a share of the rest length, tension in N per metre of width. */
export interface TensionPoint {
  readonly extension: number;
  readonly tension: number;
}

/** A reading against the power law through them all. */
export interface Residual extends TensionPoint {
  readonly off: number;
}

/** A pull curve that can be read either way. Tension in N/m, extensions as shares. */
export interface Curve {
  /** `power`: T = tS·(e / S)^k; `monotone`: read between the points, and by the power law beyond the last. */
  readonly kind: 'power' | 'monotone';
  /** Comfortable stretch, and the tension there. */
  readonly S: number;
  readonly tS: number;
  readonly k: number;
  /** The readings from the shortest on, each with the share by which it lies above (+) or below (−) the power law. */
  readonly residuals: readonly Residual[];
  readonly between?: Interpolant;
}

export type CurveFit =
  { readonly ok: true; readonly curve: Curve } | { readonly ok: false; readonly sentence: string };

/** Tension per width of a weight on a strip, m·g / b, N/m (D). */
export const tensionOfWeight = (grams: number, widthMm: number): number =>
  (grams * STANDARD_GRAVITY) / widthMm;

/** Fewest readings for a curve, and from how many it is read between the points instead. */
export const FEWEST_POINTS = 3;
export const ENOUGH_POINTS = 6;
/** A fit that explains less of the readings than this is nonsense (common practice, no source). */
const LEAST_EXPLAINED = 0.85;
/** Knits stiffen as they stretch: exponents beyond these are not a knit's (handbook: usually 1 to 3). */
const PLAUSIBLE_K = [0.5, 6] as const;
/** Knots the readings are gathered into before they are read between. */
const MAX_KNOTS = 12;

/**
 * The curve through the readings of one branch (D: least squares on log T, log e; with enough points monotone
 * interpolation). `comfortable` is the stretch of the hand test, or the furthest reading where there is none.
 * Nonsense gives a sentence instead of a curve.
 */
export function fitCurve(points: readonly TensionPoint[], comfortable?: number): CurveFit {
  const usable = points
    .filter((point) => point.extension > 0.005 && point.tension > 0)
    .toSorted((a, b) => a.extension - b.extension);
  const knots = gather(usable);
  if (knots.length < FEWEST_POINTS) {
    return refuse('Take at least three readings at different lengths, each longer than at rest.');
  }
  const { a, k, explained } = logFit(usable);
  if (explained < LEAST_EXPLAINED || k < PLAUSIBLE_K[0] || k > PLAUSIBLE_K[1]) {
    return refuse(
      'These readings do not rise as cloth does when it is pulled: look for a slip in a weight or a length, or pull the strip again.',
    );
  }
  const S = comfortable ?? (knots.at(-1) as TensionPoint).extension;
  const power = (e: number) => a * e ** k;
  const residuals = usable.map((point) => ({ ...point, off: point.tension / power(point.extension) - 1 }));
  if (knots.length < ENOUGH_POINTS) {
    return { ok: true, curve: { kind: 'power', S, tS: power(S), k, residuals } };
  }
  const steady = usable.length > MAX_KNOTS ? steadied(knots, power) : knots;
  const between = interpolateMonotone([
    { x: 0, y: 0 },
    ...steady.map(({ extension, tension }) => ({ x: extension, y: tension })),
  ]);
  const last = knots.at(-1) as TensionPoint;
  const top = between.knots.at(-1) as { x: number; y: number };
  const tS = S <= last.extension ? between.at(S) : top.y * (S / top.x) ** k;
  return { ok: true, curve: { kind: 'monotone', S, tS, k, residuals, between } };
}

/** Tension at an extension, N/m; none at rest. */
export function tensionAt(curve: Curve, extension: number): number {
  if (extension <= 0) return 0;
  if (!curve.between) return curve.tS * (extension / curve.S) ** curve.k;
  const top = curve.between.knots.at(-1) as { x: number; y: number };
  return extension <= top.x ? curve.between.at(extension) : top.y * (extension / top.x) ** curve.k;
}

/** Least squares on log T = log a + k·log e, and the share of the variation it explains (R²). */
export function logFit(points: readonly TensionPoint[]): { a: number; k: number; explained: number } {
  const n = points.length;
  const xs = points.map((point) => Math.log(point.extension));
  const ys = points.map((point) => Math.log(point.tension));
  const mean = (values: readonly number[]) => values.reduce((sum, value) => sum + value, 0) / n;
  const [mx, my] = [mean(xs), mean(ys)];
  let [sxx, sxy, syy] = [0, 0, 0];
  xs.forEach((x, at) => {
    const y = ys[at] as number;
    sxx += (x - mx) ** 2;
    sxy += (x - mx) * (y - my);
    syy += (y - my) ** 2;
  });
  if (sxx === 0 || syy === 0) return { a: Math.exp(my), k: 0, explained: 0 };
  const k = sxy / sxx;
  return { a: Math.exp(my - k * mx), k, explained: (sxy * sxy) / (sxx * syy) };
}

/** Readings gathered into at most `MAX_KNOTS` means of equal count, one for each length. */
function gather(points: readonly TensionPoint[]): TensionPoint[] {
  const perKnot = Math.max(Math.ceil(points.length / MAX_KNOTS), 1);
  const knots: TensionPoint[] = [];
  for (let from = 0; from < points.length; from += perKnot) {
    const part = points.slice(from, from + perKnot);
    const mean = (of: (point: TensionPoint) => number) =>
      part.reduce((sum, point) => sum + of(point), 0) / part.length;
    const knot = { extension: mean((p) => p.extension), tension: mean((p) => p.tension) };
    const last = knots.at(-1);
    if (last && knot.extension - last.extension < ROUNDING) continue;
    knots.push(knot);
  }
  return knots;
}

/** Knots of many noisy readings, each moved to the mean of what it and its neighbours say of the power law. */
function steadied(knots: readonly TensionPoint[], power: (extension: number) => number): TensionPoint[] {
  const ratios = knots.map(({ extension, tension }) => tension / power(extension));
  return knots.map(({ extension }, at) => {
    const near = ratios.slice(Math.max(at - 1, 0), at + 2);
    return { extension, tension: (power(extension) * near.reduce((sum, one) => sum + one, 0)) / near.length };
  });
}

const refuse = (sentence: string): CurveFit => ({ ok: false, sentence });
