import type { BodyMeasure } from '../facts/wearer';
import type { Mark } from '../explain/explained';

export interface Estimate {
  readonly mm: number;
  readonly mark: Mark;
  readonly note: string;
}

/** Medians of head girth by age in years, mm (S, from memory: WHO child growth standards). */
const HEAD_BY_AGE: readonly (readonly [number, number])[] = [
  [2, 480],
  [3, 490],
  [5, 505],
];
/** The larger of the adult figures, so that an opening planned on it passes (T). */
const ADULT_HEAD_MM = 570;
const GROWN_AT = 18;
/** Below this age a body is taken for a child's whatever else is said of it (common practice, no source). */
const SURELY_CHILD_BELOW = 10;
/** Around the knuckles with the thumb tucked in (estimate, unchecked). */
const HAND_MM = { child: 190, adult: 250 } as const;
/** Round heel and instep, toes pointed (estimate, unchecked). */
const FOOT_MM = { child: 250, adult: 340 } as const;
/** Full hip, on the large side, so that an opening planned on it passes (estimate, unchecked). */
const HIP_MM = { child: 720, adult: 1100 } as const;
const UNCHECKED = { hand: HAND_MM, foot: FOOT_MM, hip: HIP_MM } as const;

/**
 * What to use for an unmeasured head, hand, foot or hip, marked as the default it is; `undefined` for girths that cannot
 * be guessed. Between the table's ages it is a straight line, and from 5 to 18 a straight line to the adult.
 */
export function estimateFor(
  measure: BodyMeasure,
  grown: 'child' | 'adult',
  ageYears: number | undefined,
): Estimate | undefined {
  if (measure === 'hand' || measure === 'foot' || measure === 'hip') {
    const surelyChild = ageYears !== undefined && ageYears < SURELY_CHILD_BELOW;
    const mm = UNCHECKED[measure][surelyChild ? 'child' : grown];
    return { mm, mark: 'default', note: 'An estimate, unchecked: measuring beats it.' };
  }
  if (measure !== 'head') return undefined;
  if (grown === 'adult' || ageYears === undefined || ageYears >= GROWN_AT) {
    return {
      mm: ADULT_HEAD_MM,
      mark: 'default',
      note: 'About the larger adult heads, to be safe: measuring beats it.',
    };
  }
  const table = [...HEAD_BY_AGE, [GROWN_AT, ADULT_HEAD_MM] as const];
  const youngest = table[0] as readonly [number, number];
  const note =
    'A median for the age (WHO child growth standards, from memory; past five a straight line to the adult): measuring beats it.';
  if (ageYears <= youngest[0]) return { mm: youngest[1], mark: 'default', note };
  const at = table.findIndex(([age]) => ageYears < age);
  const [ageA, mmA] = table[at - 1] as readonly [number, number];
  const [ageB, mmB] = table[at] as readonly [number, number];
  return { mm: mmA + ((mmB - mmA) * (ageYears - ageA)) / (ageB - ageA), mark: 'default', note };
}
