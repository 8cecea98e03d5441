import { formula } from '../explain/formula';
/** Pressure under a band of cloth, Pa: T / r, T in N/m and the girth in mm (Laplace's law for a cylinder, D). */
export const pressureUnder = formula('T * mm / (G / (2 * pi))', 'T', 'G', 'mm');

/** Tension per width that presses so much on this girth, N/m. */
export const tensionForPressure = formula('p * G / (2 * pi * mm)', 'p', 'G', 'mm');

/** Comfort falls off from about here on soft tissue, Pa (S, from memory: Denton, 1972). */
export const COMFORT_PA = { from: 6000, to: 10_000 } as const;

/** What the pressure school aims at unless told: everyday close garments sit at 50 to 1000 Pa (estimate, unchecked). */
export const DEFAULT_PRESSURE_PA = 100;
