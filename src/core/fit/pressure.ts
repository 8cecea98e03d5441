/** Radius of a girth taken as a circle: G / 2π (D). */
export const radiusOf = (girthMm: number): number => girthMm / (2 * Math.PI);

/** Pressure under a band of cloth, Pa: T / r, T in N/m and the girth in mm (Laplace's law for a cylinder, D). */
export const pressureUnder = (tensionNPerM: number, girthMm: number): number =>
  (tensionNPerM * 1000) / radiusOf(girthMm);

/** Tension per width that presses so much on this girth, N/m. */
export const tensionForPressure = (pressurePa: number, girthMm: number): number =>
  (pressurePa * radiusOf(girthMm)) / 1000;

/** Comfort falls off from about here on soft tissue, Pa (S, from memory: Denton, 1972). */
export const COMFORT_PA = { from: 6000, to: 10_000 } as const;

/** What the pressure school aims at unless told: everyday close garments sit at 50 to 1000 Pa (estimate, unchecked). */
export const DEFAULT_PRESSURE_PA = 100;
