/**
 * How near a limit counts as on it: the one place where that is written down. A limit that is met exactly is met, so
 * every comparison of a plan, and every remedy it offers, goes through these.
 */

/** Lengths nearer than this are the same: half a millimetre, the rounding of the metric tape. */
const LENGTH_TOLERANCE_MM = 0.5;

/** Shares nearer than this are the same: half of the tenth of a percent that is shown. */
export const SHARE_TOLERANCE = 0.0005;

/** Whether a length is as long as asked, or longer. */
export const isAtLeastMm = (mm: number, askedMm: number): boolean => mm >= askedMm - LENGTH_TOLERANCE_MM;

/** Whether a length is no longer than allowed. */
export const isAtMostMm = (mm: number, allowedMm: number): boolean => mm <= allowedMm + LENGTH_TOLERANCE_MM;

/** Whether a share (a stretch, a recovery, a worn extension) is as much as asked, or more. */
export const isAtLeastShare = (share: number, asked: number): boolean => share >= asked - SHARE_TOLERANCE;

/** Whether a share is no more than allowed. */
export const isAtMostShare = (share: number, allowed: number): boolean => share <= allowed + SHARE_TOLERANCE;

/** What rounding of floating-point sums may leave between numbers that are the same: of any unit, near one. */
export const ROUNDING = 1e-9;

/** Whether a number is no more than another, but for what rounding left. */
export const isAtMost = (value: number, allowed: number): boolean => value <= allowed + ROUNDING;
