import type { StretchClass } from '../cloth/stretchClass';
import type { EaseSchool, Garment } from '../facts/garment';
import { MAX_WORN_EXTENSION } from './limits';

/** How close it should feel, as a share of the stretch the cloth has (T, from memory). */
export const CLOSENESS = [
  { label: 'skim', share: 0 },
  { label: 'close', share: 0.15 },
  { label: 'snug', share: 0.3 },
  { label: 'firm', share: 0.45 },
  { label: 'hold', share: 0.6 },
] as const;

/** Default shares around the body for a tee that is not loose (T, from memory). */
export const DEFAULT_SHARE: Readonly<Record<Exclude<Garment['style'], 'loose'>, number>> = {
  regular: 0,
  fitted: 0.1,
};

/** A loose tee is this much larger at the chest (T, from memory). */
export const LOOSE_CHEST_MM = 50;

/** Crosswise reduction of a body-sized block by stretch class (S, from memory: textbook reduction factors). */
export const CLASS_REDUCTION: Readonly<Record<StretchClass, number>> = {
  stable: 0,
  moderate: 0.02,
  stretchy: 0.03,
  'super-stretch': 0.05,
  rib: 0.1,
};

/** Usual negative ease across, by how a tee is meant to sit (T, from memory); loose is positive ease instead. */
export const KIND_RANGE: Readonly<Record<Exclude<Garment['style'], 'loose'>, readonly [number, number]>> = {
  regular: [0, 0.03],
  fitted: [0.03, 0.08],
};

export const easeSchoolLabels: Readonly<Record<EaseSchool, string>> = {
  share: 'share of stretch',
  class: 'by stretch class',
  kind: 'usual for this kind',
  loose: 'looser than the body',
};

/** Worn extension by share of stretch, held to the cap (D). */
export const extensionByShare = (stretch: number, share: number, cap: number = MAX_WORN_EXTENSION): number =>
  Math.min(share * stretch, cap);

/** Positive ease at a zone, in proportion to its girth, so that a sleeve is not as loose as a chest (D). */
export const looseEase = (bodyMm: number, chestMm: number, chestEaseMm: number): number =>
  (chestEaseMm * bodyMm) / chestMm;
