/** Knit classes usual in pattern-making textbooks (T, from memory). */
export type StretchClass = 'stable' | 'moderate' | 'stretchy' | 'super-stretch' | 'rib';

/** Where one class ends and the next begins; shown to the person, never hidden. */
export const CLASS_FROM = { moderate: 0.2, stretchy: 0.35, superStretch: 0.75, rib: 1 } as const;

export const classLabels: Readonly<Record<StretchClass, string>> = {
  stable: 'stable',
  moderate: 'moderate',
  stretchy: 'stretchy',
  'super-stretch': 'super-stretch',
  rib: 'rib',
};

/**
 * The class of a cloth from its stretch in the direction that stretches most, and in the other where known.
 * Super-stretch needs both directions: the other must be at least stretchy. Rib is 100 % in one direction only.
 */
export function stretchClass(most: number, other: number | undefined): StretchClass {
  if (most < CLASS_FROM.moderate) return 'stable';
  if (most < CLASS_FROM.stretchy) return 'moderate';
  const bothWays = (other ?? 0) >= CLASS_FROM.stretchy;
  if (most >= CLASS_FROM.superStretch && bothWays) return 'super-stretch';
  return most >= CLASS_FROM.rib ? 'rib' : 'stretchy';
}
