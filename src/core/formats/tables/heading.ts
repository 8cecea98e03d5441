/** A heading of a table's column: its words, and the unit it states, such as `Bust (cm)`. */
export function headingParts(heading: string): {
  readonly words: string;
  readonly unit?: 'cm' | 'in' | 'mm';
} {
  const stated = /[[(,; ]\s*(cm|mm|in|inch|inches|")\s*[\])]?\s*$/i.exec(heading);
  if (!stated) return { words: heading };
  const unit = stated[1]?.toLowerCase();
  return { words: heading.slice(0, stated.index), unit: unit === 'cm' || unit === 'mm' ? unit : 'in' };
}

/** Words as they are compared: small letters alone. */
export const plainWords = (text: string): string => text.toLowerCase().replace(/[^a-z]/g, '');

/** What was found wrong in one row; `row` counts the file's lines from 1, the heading being the first. */
export interface RowFault {
  readonly row: number;
  readonly sentence: string;
}

const MAX_FAULTS = 30;

/** The faults as they are shown: by row, and no more than can be read. */
export const inRowOrder = (faults: readonly RowFault[]): readonly RowFault[] =>
  [...faults].sort((a, b) => a.row - b.row).slice(0, MAX_FAULTS);
