import type { EdgeCurve } from '../fit/garmentKind';

const DEGREE = Math.PI / 180;

/**
 * How far an edge turns in all until an outline tells, radians: a neck on sloped shoulders 280° (D, angle sum of
 * the pieces), an armhole 220° and a brief's leg 180° (estimates, from memory), an outer edge the other way.
 */
export const USUAL_TURN: Readonly<Record<EdgeCurve, number>> = {
  neck: 280 * DEGREE,
  armhole: 220 * DEGREE,
  leg: 180 * DEGREE,
  outer: -280 * DEGREE,
};

/** A neck's usual turn by its shape: a boat neck runs out towards the shoulder (estimate, from memory). */
export const NECK_TURN = {
  round: 280 * DEGREE,
  scoop: 280 * DEGREE,
  boat: 240 * DEGREE,
  V: 280 * DEGREE,
} as const;
/** The usual turn at the point of a V (estimate, from memory). */
export const V_POINT_RAD = 70 * DEGREE;
