import { defineFunction } from '../explain/formula';
import { tensionAt, type Curve } from './pullCurve';

/**
 * One layer of a stack in one direction. Its tension is `weight·(e / S)^k`, or read off `curve` where it has
 * one; `weight` is N/m for a pulled cloth, else comfortable pulls (D).
 */
export interface LayerTension {
  readonly S: number;
  readonly weight: number;
  readonly k: number;
  readonly curve?: Curve;
}

/** Tension against a medium cloth of the same stretch (T). */
export const FEEL_WEIGHT = { soft: 0.7, medium: 1, firm: 1.5 } as const;

/** The exponent of a cloth without a pull curve (D). */
export const DEFAULT_K = 2;

/** Tension of layers stretched alike: they add, as springs side by side (D). */
export const stackTension = (layers: readonly LayerTension[], extension: number): number =>
  layers.reduce((sum, layer) => sum + layerTension(layer, extension), 0);

function layerTension({ S, weight, k, curve }: LayerTension, extension: number): number {
  if (extension <= 0) return 0;
  return curve ? tensionAt(curve, extension) : weight * (extension / S) ** k;
}

/**
 * The extension at which the layers' tensions add to `tension` (D); 0 for no tension or a stable layer. Tension
 * against extension is nearly a straight line on log scales, so a secant there, held in its bracket (the Illinois
 * rule), needs a handful of steps where halving needs sixty.
 */
export function stackExtension(layers: readonly LayerTension[], tension: number): number {
  if (tension <= 0 || layers.some(({ S }) => S <= 0)) return 0;
  const excess = (x: number) => Math.log(stackTension(layers, Math.exp(x)) / tension);
  let low = Math.log(Math.min(...layers.map(({ S }) => S)));
  let atLow = excess(low);
  let high = low;
  let atHigh = atLow;
  while (atHigh < 0 && high < MOST_LOG) {
    [low, atLow] = [high, atHigh];
    high += 1;
    atHigh = excess(high);
  }
  while (atLow > 0 && low > -MOST_LOG) {
    [high, atHigh] = [low, atLow];
    low -= 1;
    atLow = excess(low);
  }
  let side = 0;
  for (let step = 0; step < MOST_STEPS && high - low > LOG_TOLERANCE; step += 1) {
    const x = low - (atLow * (high - low)) / (atHigh - atLow);
    const at = excess(x);
    if (Math.abs(at) < LOG_TOLERANCE) return Math.exp(x);
    if (at < 0) {
      [low, atLow] = [x, at];
      if (side < 0) atHigh /= 2;
      side = -1;
    } else {
      [high, atHigh] = [x, at];
      if (side > 0) atLow /= 2;
      side = 1;
    }
  }
  return Math.exp((low + high) / 2);
}

// In a formula: extensionAt(T, w1, S1, k1, w2, S2, k2, …).
defineFunction('extensionAt', ([tension = Number.NaN, ...each]) =>
  stackExtension(
    Array.from({ length: each.length / 3 }, (_, at) => ({
      weight: each[at * 3] as number,
      S: each[at * 3 + 1] as number,
      k: each[at * 3 + 2] as number,
    })),
    tension,
  ),
);

/** The logarithm of any extension that can be asked lies within this. */
const MOST_LOG = 40;
const MOST_STEPS = 200;
const LOG_TOLERANCE = 1e-15;

/**
 * Comfortable stretch of a stack: where the layers' tensions add to the outer layer's at its own limit, and never
 * past the limit of any layer (D): a firm outer layer would else pull a soft lining beyond its own. The outer layer
 * comes first. A layer that does not stretch makes the stack stable.
 */
export function stackStretch(layers: readonly LayerTension[]): number {
  const [outer] = layers;
  if (!outer || layers.some(({ S }) => S <= 0)) return 0;
  return Math.min(stackExtension(layers, layerTension(outer, outer.S)), leastStretchy(layers));
}

/** The crude rule: as much as the least stretchy layer (T). Never less than the other school's. */
export const leastStretchy = (layers: readonly Pick<LayerTension, 'S'>[]): number =>
  Math.min(...layers.map(({ S }) => S));

/** The worn extension in stack B that keeps the tension a pattern has in stack A (D). */
export const transferExtension = (
  from: readonly LayerTension[],
  fromExtension: number,
  to: readonly LayerTension[],
): number => stackExtension(to, stackTension(from, fromExtension));
