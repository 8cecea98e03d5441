import { sheets } from '../pieces/sheets';
import { MM_PER_INCH } from '../units/constants';
import { isAtMost } from '../units/tolerance';

/** What printers leave free at the edge of a sheet, mm (common practice, no source). */
export const MARGIN_MM = 10;

/** What pieces are printed on. A0 is of ISO 216; the others’ sizes are typed, or those of `sheets`. */
export const papers = {
  a4: { label: 'A4, many sheets joined' },
  letter: { label: 'Letter, many sheets joined' },
  a0: { label: 'A0, from a copy shop' },
  roll: { label: 'Roll, from a copy shop' },
  own: { label: 'Sheets of another size, joined' },
} as const;
export type PaperId = keyof typeof papers;
const A0 = { widthMm: 841, heightMm: 1189 };

/** How wide a roll usually is, mm: 36 in (common practice, no source). */
export const ROLL_MM = 36 * MM_PER_INCH;
/** Rolls that plotters take, and sheets that any printer does, mm (common practice, no source). */
export const ROLL_RANGE = [280, 1700] as const;
export const OWN_RANGE = [150, 1700] as const;
/** A PDF page is no longer than 14,400 points of 1/72 in (S: ISO 32000, implementation limits): a roll is cut before. */
const LONGEST_MM = 5000;
/** Sheets that lie beside each other on a table and are still reached. */
const MOST_ACROSS_MM = 1000;

/** Sheets that pieces are laid on. Lengths in mm; what is printed lies within the margins. */
export interface PaperSheet {
  readonly widthMm: number;
  readonly heightMm: number;
  /** Sheets that are joined side by side, at most. */
  readonly columns: number;
  /** Sheets are not joined: a piece lies on two only where none is large enough. */
  readonly apart: boolean;
  /** The last is as long as it has to be. */
  readonly trimmed: boolean;
}

export interface AskedPaper {
  readonly paper: PaperId;
  readonly widthMm?: number | undefined;
  readonly heightMm?: number | undefined;
}

type ReadPaper =
  { readonly ok: true; readonly sheet: PaperSheet } | { readonly ok: false; readonly sentence: string };

/** The sheets that were asked for, or a sentence where nothing can be printed on such. */
export function readPaper({ paper, widthMm, heightMm }: AskedPaper): ReadPaper {
  switch (paper) {
    case 'a4':
    case 'letter':
      return { ok: true, sheet: joinedSheets(sheets[paper]) };
    case 'a0':
      return { ok: true, sheet: { ...A0, columns: 1, apart: true, trimmed: false } };
    case 'roll': {
      const wide = widthMm ?? ROLL_MM;
      if (!isWithin(wide, ROLL_RANGE))
        return {
          ok: false,
          sentence: `No plotter takes a roll of that width: give one ${range(ROLL_RANGE)}.`,
        };
      const roll = { widthMm: wide, heightMm: LONGEST_MM, columns: 1, apart: true, trimmed: true };
      return { ok: true, sheet: roll };
    }
    case 'own': {
      if (!isWithin(widthMm, OWN_RANGE) || !isWithin(heightMm, OWN_RANGE))
        return {
          ok: false,
          sentence: `Nothing can be printed on a sheet of that size: give its width and its height, each ${range(OWN_RANGE)}.`,
        };
      return { ok: true, sheet: joinedSheets({ widthMm: widthMm as number, heightMm: heightMm as number }) };
    }
    default:
      throw new Error(`expected a kind of paper, got ${String(paper satisfies never)}; add it to readPaper`);
  }
}

const isWithin = (mm: number | undefined, [least, most]: readonly [number, number]): boolean =>
  mm !== undefined && isAtMost(least, mm) && isAtMost(mm, most);
const range = ([least, most]: readonly [number, number]): string =>
  `between ${least / 10} and ${most / 10} cm (${Math.ceil(least / MM_PER_INCH)} and ${Math.floor(most / MM_PER_INCH)} in)`;

const joinedSheets = ({
  widthMm,
  heightMm,
}: {
  readonly widthMm: number;
  readonly heightMm: number;
}): PaperSheet => ({
  widthMm,
  heightMm,
  columns: Math.max(1, Math.floor(MOST_ACROSS_MM / (widthMm - 2 * MARGIN_MM))),
  apart: false,
  trimmed: false,
});

/** What is printed on of a sheet, mm. */
export const insideOf = ({ widthMm, heightMm }: Pick<PaperSheet, 'widthMm' | 'heightMm'>) => ({
  widthMm: widthMm - 2 * MARGIN_MM,
  heightMm: heightMm - 2 * MARGIN_MM,
});

/** Squares that show whether a printer kept the scale, for either tape (common practice, no source). */
export const TEST_SQUARES = [
  { sideMm: 50, label: '5 cm square' },
  { sideMm: 2 * MM_PER_INCH, label: '2 in square' },
] as const;
