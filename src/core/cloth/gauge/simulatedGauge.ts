import type { GaugeReading, PullGauge, StripInGauge } from './pullGauge';

/** The strip inside the simulated gauge: a known curve, some hysteresis and reading noise. */
interface SimulatedStrip {
  /** T = tS·(e / S)^k while it is pulled, N/m. */
  readonly tS: number;
  readonly S: number;
  readonly k: number;
  /** Share of the tension lost on the way back. */
  readonly hysteresis: number;
  /** Standard deviation of a reading's tension as a share of it, and of its length in mm. */
  readonly noise: number;
  readonly lengthNoiseMm: number;
}

export const USUAL_STRIP: SimulatedStrip = {
  tS: 150,
  S: 0.78,
  k: 1.6,
  hysteresis: 0.25,
  noise: 0.02,
  lengthNoiseMm: 0.15,
};

/** Readings on the way out; as many come back. */
const READINGS_OUT = 60;
/** The first readings are at this share of the whole pull: a slack strip tells nothing. */
const FROM_SHARE = 0.12;

/** The readings of one pull, out and back; the same seed gives the same readings. */
export function* simulatedReadings(
  strip: SimulatedStrip,
  { restMm, toExtension }: StripInGauge,
  seed: number,
): Generator<GaugeReading> {
  const random = normalFrom(seed);
  for (const branch of ['loading', 'unloading'] as const) {
    for (let at = 1; at <= READINGS_OUT; at += 1) {
      const share = FROM_SHARE + ((1 - FROM_SHARE) * at) / READINGS_OUT;
      const extension = toExtension * (branch === 'loading' ? share : 1 + FROM_SHARE - share);
      const left = branch === 'loading' ? 1 : 1 - strip.hysteresis * (1 - extension / toExtension);
      const tension = strip.tS * (extension / strip.S) ** strip.k * left;
      yield {
        branch,
        lengthMm: restMm * (1 + extension) + strip.lengthNoiseMm * random(),
        tensionNPerM: Math.max(tension * (1 + strip.noise * random()), 0),
      };
    }
  }
}

interface GaugeClock {
  /** Calls back every so often until the returned function is called. */
  every(ms: number, tick: () => void): () => void;
}

const MS_PER_READING = 25;

/** The stand-in gauge that ships with the product. */
export function simulatedGauge(strip: SimulatedStrip, seed: number, clock: GaugeClock): PullGauge {
  let pulls = 0;
  return {
    name: 'simulated gauge',
    pull(inGauge, onReading, onEnd) {
      const readings = simulatedReadings(strip, inGauge, seed + pulls);
      pulls += 1;
      const stop = clock.every(MS_PER_READING, () => {
        const next = readings.next();
        if (next.done) {
          stop();
          onEnd();
        } else onReading(next.value);
      });
      return stop;
    },
  };
}

/** Normal deviates by Box and Muller over a 32-bit generator (mulberry32). */
function normalFrom(seed: number): () => number {
  let state = seed >>> 0;
  const uniform = () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state);
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4_294_967_296;
  };
  return () => Math.sqrt(-2 * Math.log(1 - uniform())) * Math.cos(2 * Math.PI * uniform());
}
