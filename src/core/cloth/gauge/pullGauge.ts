/** A reading as a gauge gives it: the strip's length now, its tension, and which way it is going. */
export interface GaugeReading {
  readonly lengthMm: number;
  readonly tensionNPerM: number;
  readonly branch: 'loading' | 'unloading';
}

export interface StripInGauge {
  readonly restMm: number;
  readonly widthMm: number;
  /** How far it is pulled, as a share of the rest length. */
  readonly toExtension: number;
}

/**
 * What the product asks of any pull gauge. `pull` starts one pull, out and back; readings arrive until it ends
 * or the returned function stops it.
 */
export interface PullGauge {
  readonly name: string;
  pull(strip: StripInGauge, onReading: (reading: GaugeReading) => void, onEnd: () => void): () => void;
}
