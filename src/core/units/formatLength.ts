import { FINE_INCH_BELOW_MM, MM_PER_INCH, SHOW_AS_MM_BELOW_MM, type UnitSystem } from './constants';

/** The smallest fraction of an inch shown: halves to sixty-fourths. */
type InchFraction = 2 | 4 | 8 | 16 | 32 | 64;

const GLYPHS: Readonly<Record<string, string>> = {
  '1/2': '½',
  '1/4': '¼',
  '3/4': '¾',
  '1/8': '⅛',
  '3/8': '⅜',
  '5/8': '⅝',
  '7/8': '⅞',
};

/** Inches as a mixed fraction, rounded to the nearest `1/fraction`: `27 ⅜`, `12 7/16`, `0`. */
export function formatInches(mm: number, fraction: InchFraction): string {
  const sign = mm < 0 ? '−' : '';
  const parts = Math.round((Math.abs(mm) / MM_PER_INCH) * fraction);
  const whole = Math.floor(parts / fraction);
  let top = parts % fraction;
  let bottom: number = fraction;
  while (top > 0 && top % 2 === 0) {
    top /= 2;
    bottom /= 2;
  }
  if (parts === 0) return '0';
  if (top === 0) return `${sign}${whole}`;
  const text = GLYPHS[`${top}/${bottom}`] ?? `${top}/${bottom}`;
  return `${sign}${whole === 0 ? '' : `${whole} `}${text}`;
}

/** The fraction a tape is read to at this length: sixteenths under 10 in, else eighths (T). */
export function usualFraction(mm: number): InchFraction {
  return Math.abs(mm) < FINE_INCH_BELOW_MM ? 16 : 8;
}

/**
 * A length for reading: `31.8 cm`, `6 mm`, `12 ½ in`.
 * Metric lengths under 1 cm are shown in mm to a tenth where it is not whole; others in cm to the mm.
 */
export function formatLength(
  mm: number,
  unit: UnitSystem,
  fraction: InchFraction = usualFraction(mm),
): string {
  if (unit === 'in') return `${formatInches(mm, fraction)} in`;
  if (Math.abs(mm) < SHOW_AS_MM_BELOW_MM) return `${withMinus(trimZero(mm.toFixed(1)))} mm`;
  return `${bareLength(mm, unit)} cm`;
}

/** A length without its unit, for columns that name it in their heading: `31.8`, `12 ½`. */
export const bareLength = (mm: number, unit: UnitSystem): string =>
  unit === 'in' ? formatInches(mm, usualFraction(mm)) : withMinus((mm / 10).toFixed(1));

/** A figure with the minus of print; nothing is less than nothing by nothing. */
export const withMinus = (text: string): string => text.replace(/^-(?=0(\.0)?$)/, '').replace('-', '−');

/** A length as decimals, for the lines of an explanation that must be redone on a calculator. */
export function formatLengthExactly(mm: number, unit: UnitSystem): string {
  return unit === 'in' ? `${(mm / MM_PER_INCH).toFixed(4)} in` : `${(mm / 10).toFixed(3)} cm`;
}

/** What a field holds for editing: no unit, the field's own notation, and never less exact than a tenth of a mm. */
export function editableLength(mm: number, unit: UnitSystem | 'mm'): string {
  if (unit === 'mm') return trimZero(mm.toFixed(3));
  if (unit === 'cm') return trimZero((mm / 10).toFixed(2));
  const sixtyFourths = (mm / MM_PER_INCH) * 64;
  if (Math.abs(sixtyFourths - Math.round(sixtyFourths)) < 0.01) return formatInches(mm, 64);
  return trimZero((mm / MM_PER_INCH).toFixed(3));
}

const trimZero = (text: string): string => text.replace(/(\.\d*?)0+$/, '$1').replace(/\.$/, '');
