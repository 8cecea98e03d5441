import { formula } from '../explain/formula';
import type { Mark } from '../explain/explained';

/** A part of the body whose skin stretches in motion, as a share, in each direction. */
export interface SkinStretch {
  readonly label: string;
  readonly when: string;
  readonly around?: number;
  readonly along?: number;
  readonly mark: Mark;
  readonly note: string;
}

const KIRK = 'Kirk and Ibrahim, Textile Research Journal, 1966; the larger of its figures';
const UNCHECKED = 'an estimate, unchecked';

/** Local skin stretch in motion; the larger end of each range, so that what passes passes for all. */
export const skinStretch = {
  seat: { label: 'seat', when: 'sitting or bending', around: 0.3, mark: 'S, from memory', note: KIRK },
  knee: { label: 'knee', when: 'bending', around: 0.14, along: 0.45, mark: 'S, from memory', note: KIRK },
  elbow: { label: 'elbow', when: 'bending', around: 0.22, along: 0.4, mark: 'S, from memory', note: KIRK },
  back: { label: 'back', when: 'reaching', around: 0.16, mark: 'S, from memory', note: KIRK },
  crotch: { label: 'back rise', when: 'bending', along: 0.15, mark: 'default', note: UNCHECKED },
} as const satisfies Readonly<Record<string, SkinStretch>>;
export type SkinRegion = keyof typeof skinStretch;

/** Stretch a cloth must have to follow skin that stretches under it: (1 + e)(1 + skin) − 1 (D). */
export const movementStretch = formula('(1 + e) * (1 + skin) - 1', 'e', 'skin');

/** The worn extension at which a cloth of that stretch just follows the skin: (1 + S) / (1 + skin) − 1 (D). */
export const mostWornInMotion = formula('(1 + S) / (1 + skin) - 1', 'S', 'skin');
