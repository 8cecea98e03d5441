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

export function layerTension({ S, weight, k, curve }: LayerTension, extension: number): number {
  if (extension <= 0) return 0;
  return curve ? tensionAt(curve, extension) : weight * (extension / S) ** k;
}

/** The extension at which the layers' tensions add to `tension`, by halving (D); 0 for no tension or a stable layer. */
export function stackExtension(layers: readonly LayerTension[], tension: number): number {
  if (tension <= 0 || layers.some(({ S }) => S <= 0)) return 0;
  let high = Math.max(...layers.map(({ S }) => S));
  while (stackTension(layers, high) < tension && high < MOST_EXTENSION) high *= 2;
  let low = 0;
  for (let step = 0; step < HALVINGS; step += 1) {
    const middle = (low + high) / 2;
    if (stackTension(layers, middle) < tension) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

/** Halvings after which a double cannot be told from its neighbour. */
const HALVINGS = 60;
/** No knit goes further, whatever the readings say. */
const MOST_EXTENSION = 1000;

/**
 * Comfortable stretch of a stack: where the layers' tensions add to the outer layer's at its own limit (D). The
 * outer layer comes first. A layer that does not stretch makes the stack stable.
 */
export function stackStretch(layers: readonly LayerTension[]): number {
  const [outer] = layers;
  if (!outer || layers.some(({ S }) => S <= 0)) return 0;
  return stackExtension(layers, layerTension(outer, outer.S));
}

/** The crude rule: as much as the least stretchy layer (T). Always more than the other school's. */
export const leastStretchy = (layers: readonly Pick<LayerTension, 'S'>[]): number =>
  Math.min(...layers.map(({ S }) => S));

/** The worn extension in stack B that keeps the tension a pattern has in stack A (D). */
export const transferExtension = (
  from: readonly LayerTension[],
  fromExtension: number,
  to: readonly LayerTension[],
): number => stackExtension(to, stackTension(from, fromExtension));
