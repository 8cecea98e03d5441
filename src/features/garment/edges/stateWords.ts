import type { StripState } from '@/core/edges/types';

/** How a strip lies at a length, as a person would say it. */
export const stateWords: Readonly<Record<StripState, string>> = {
  'too short': 'too short',
  works: 'works',
  eased: 'longer than its edge: eased on',
  'does not hold': 'does not hold',
  'lies flat': 'lies flat',
  'wants steam': 'wants steam',
  'stands up': 'stands up',
};
