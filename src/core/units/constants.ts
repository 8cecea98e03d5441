/** Conventions and tolerances of lengths, in one place. */

/** One inch in millimetres, exactly (S: international inch, 1959). */
export const MM_PER_INCH = 25.4;
export const INCHES_PER_FOOT = 12;
export const MM_PER_M = 1000;

/** Reading error of a tape or ruler in a swatch test, mm (common practice, no source). */
export const READING_ERROR_MM = 1;

/** Below this a metric length is shown in mm, because "0.6 cm" is not how allowances are read. */
export const SHOW_AS_MM_BELOW_MM = 10;

/** Below this length an inch value is rounded to sixteenths instead of eighths (T). */
export const FINE_INCH_BELOW_MM = 10 * MM_PER_INCH;

/** The two unit systems a person may read in. Lengths are always millimetres inside. */
export type UnitSystem = 'cm' | 'in';

/** Standard gravity, m/s² (S: CGPM 1901). */
export const STANDARD_GRAVITY = 9.80665;
