import { INCHES_PER_FOOT, MM_PER_INCH, type UnitSystem } from './constants';

/** How a typed length was read. `echo` asks the field to show both units, since the reading was a guess. */
type ParsedLength =
  | {
      readonly ok: true;
      readonly mm: number;
      readonly readAs: 'mm' | 'cm' | 'm' | 'in' | 'yd';
      readonly echo: boolean;
    }
  | { readonly ok: false; readonly code: LengthFault; readonly sentence: string };

type LengthFault = 'empty' | 'negative' | 'not-a-length' | 'fraction' | 'separators' | 'too-long';

/** Longest text that is tried; anything longer is not a length. */
const MAX_CHARS = 40;

const VULGAR: Readonly<Record<string, string>> = {
  '½': '1/2',
  '⅓': '1/3',
  '⅔': '2/3',
  '¼': '1/4',
  '¾': '3/4',
  '⅕': '1/5',
  '⅖': '2/5',
  '⅗': '3/5',
  '⅘': '4/5',
  '⅙': '1/6',
  '⅚': '5/6',
  '⅐': '1/7',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
  '⅑': '1/9',
  '⅒': '1/10',
};

/** The unit a bare decimal is read in: the reader's, or mm for what is always spoken of in mm. */
type FieldUnit = UnitSystem | 'mm';

const EXAMPLES: Readonly<Record<FieldUnit, string>> = {
  mm: 'Type a length such as 0.6, 1/32 in or 0.06 cm.',
  cm: 'Type a length such as 69.5, 695 mm or 27 3/8 in.',
  in: 'Type a length such as 27 3/8, 27.375 or 69.5 cm.',
};

const MM_PER = { mm: 1, cm: 10, m: 1000, in: MM_PER_INCH, yd: 36 * MM_PER_INCH } as const;

const UNIT_WORDS: Readonly<Record<string, keyof typeof MM_PER>> = {
  mm: 'mm',
  millimetre: 'mm',
  millimetres: 'mm',
  millimeter: 'mm',
  millimeters: 'mm',
  cm: 'cm',
  centimetre: 'cm',
  centimetres: 'cm',
  centimeter: 'cm',
  centimeters: 'cm',
  m: 'm',
  metre: 'm',
  metres: 'm',
  meter: 'm',
  meters: 'm',
  in: 'in',
  'in.': 'in',
  ins: 'in',
  inch: 'in',
  inches: 'in',
  '"': 'in',
  yd: 'yd',
  'yd.': 'yd',
  yds: 'yd',
  yard: 'yd',
  yards: 'yd',
};

/**
 * Reads a length as a sewist types it: `27 3/8`, `27⅜"`, `69,5 cm`, `695mm`, `2' 3"`.
 * A bare decimal is in `fieldUnit`; a bare fraction with a denominator of 2 to 64 is inches whatever the
 * field's unit. A minus sign is read only where a length may be less than nothing (`signed`). Returns millimetres, or a
 * fault with a sentence; never throws.
 */
export function parseLength(text: string, fieldUnit: FieldUnit, { signed = false } = {}): ParsedLength {
  if (text.length > MAX_CHARS)
    return fault('too-long', `That is too long for a length. ${EXAMPLES[fieldUnit]}`);
  const plain = normalise(text);
  if (plain === '') return fault('empty', EXAMPLES[fieldUnit]);
  if (signed && /^- ?[^-]/.test(plain)) {
    const read = parseLength(plain.replace(/^- ?/, ''), fieldUnit);
    return read.ok ? { ...read, mm: -read.mm } : read;
  }
  if (/^-/.test(plain))
    return fault('negative', 'A length cannot be less than nothing: leave out the minus sign.');
  if (/[.,]\d*[.,]/.test(plain)) {
    return fault('separators', 'Use one point or comma, for the decimals, and no separator for thousands.');
  }

  const feet = /^(\d+(?:[.,]\d+)?) ?(?:'|ft\.?|feet|foot) ?(.*)$/.exec(plain);
  if (feet) {
    const rest = feet[2] ?? '';
    const inches = rest === '' ? 0 : readAmount(rest.replace(/ ?("|in\.?|ins|inch|inches)$/, ''));
    if (typeof inches !== 'number') return inches ?? notALength(fieldUnit);
    return {
      ok: true,
      mm: (decimal(feet[1] ?? '') * INCHES_PER_FOOT + inches) * MM_PER_INCH,
      readAs: 'in',
      echo: false,
    };
  }

  const parts = /^([\d./, -]+?) ?("|[a-z]+\.?)?$/.exec(plain);
  if (!parts) return notALength(fieldUnit);
  const amount = readAmount(parts[1] ?? '');
  if (typeof amount !== 'number') return amount ?? notALength(fieldUnit);
  const word = parts[2];
  if (word !== undefined) {
    const unit = UNIT_WORDS[word];
    if (!unit) return fault('not-a-length', `"${word}" is not a unit used here. ${EXAMPLES[fieldUnit]}`);
    return { ok: true, mm: amount * MM_PER[unit], readAs: unit, echo: false };
  }
  const isFraction = plain.includes('/');
  const readAs = isFraction ? 'in' : fieldUnit;
  return { ok: true, mm: amount * MM_PER[readAs], readAs, echo: isFraction && fieldUnit !== 'in' };
}

/** One spelling for every usual way to write spaces, quotes, minus signs and fractions. */
function normalise(text: string): string {
  let plain = text.replace(/[½⅓⅔¼¾⅕⅖⅗⅘⅙⅚⅐⅛⅜⅝⅞⅑⅒]/g, (glyph) => ` ${VULGAR[glyph]}`);
  plain = plain
    .replace(/[\u00a0\u2000-\u200a\u202f\u3000\t\n\r]/g, ' ')
    .replace(/[\u2044\u2215]/g, '/')
    .replace(/''|[\u2033\u201c\u201d]/g, '"')
    .replace(/[\u2032\u2018\u2019]/g, "'")
    .replace(/[\u2212\u2013]/g, '-')
    .replace(/ *\/ */g, '/')
    .replace(/ +/g, ' ');
  return plain.trim().toLowerCase();
}

/** A number, mixed number or fraction; `undefined` when it is none of these. */
function readAmount(text: string): number | undefined | (ParsedLength & { ok: false }) {
  const body = text.trim();
  const fraction = /^(?:(\d+)[ -])?(\d+)\/(\d+)$/.exec(body);
  if (fraction) {
    const denominator = Number(fraction[3]);
    if (denominator < 2 || denominator > 64) {
      return fault('fraction', 'Write a fraction with a bottom number from 2 to 64, such as 3/8.');
    }
    return Number(fraction[1] ?? 0) + Number(fraction[2]) / denominator;
  }
  if (/^(\d+([.,]\d*)?|[.,]\d+)$/.test(body)) return decimal(body);
  return undefined;
}

const decimal = (text: string): number => Number(text.replace(',', '.'));

const fault = (code: LengthFault, sentence: string) => ({ ok: false, code, sentence }) as const;

const notALength = (unit: FieldUnit) => fault('not-a-length', `That is not a length. ${EXAMPLES[unit]}`);
