import { formula } from '../explain/formula';
import type { StretchClass } from '../cloth/stretchClass';
import type { EaseSchool } from '../facts/garment';

/** How close it should feel, as a share of the stretch the cloth has (T, from memory). */
export const CLOSENESS = [
  { label: 'skim', share: 0 },
  { label: 'close', share: 0.15 },
  { label: 'snug', share: 0.3 },
  { label: 'firm', share: 0.45 },
  { label: 'hold', share: 0.6 },
] as const;

/** Crosswise reduction of a body-sized block by stretch class (S, from memory: textbook reduction factors). */
export const CLASS_REDUCTION: Readonly<Record<StretchClass, number>> = {
  stable: 0,
  moderate: 0.02,
  stretchy: 0.03,
  'super-stretch': 0.05,
  rib: 0.1,
};

/**
 * What was learned from trying on, and from what its cloth did in wear: each offered as one more school, taken as a
 * number, for it moves with what is measured next.
 */
export type Offered = 'learned' | 'grown';
export const isOffered = ({ school }: { readonly school: EaseSchool | Offered }): boolean =>
  school === 'learned' || school === 'grown';

export const easeSchoolLabels: Readonly<Record<EaseSchool | Offered, string>> = {
  share: 'share of stretch',
  class: 'by stretch class',
  kind: 'usual for this kind',
  pressure: 'by pressure',
  transfer: 'as the pattern was drafted',
  like: 'like the garment that fits',
  loose: 'looser than the body',
  set: 'your own number',
  learned: 'as it was tried on',
  grown: 'for what wear does to it',
};

/** Worn extension by share of stretch, held to the cap (D). */
export const extensionByShare = formula('min(share * S, cap)', 'S', 'share', 'cap');

/** Lengthwise, four-way cloth is reduced by about half of that (S, from memory: textbook reduction factors). */
export const LENGTHWISE_PART = 0.5;

/** Positive ease at a zone, in proportion to its girth, so that a sleeve is not as loose as a chest (D). */
export const looseGirth = formula('G + ease * G / first', 'G', 'ease', 'first');
