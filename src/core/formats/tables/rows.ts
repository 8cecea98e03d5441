import Papa from 'papaparse';
import { lower } from '../../units/words';

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

/** What is said of a file whose letters `decodeTable` cannot read. */
export const UNREADABLE_LETTERS =
  'The letters of this file cannot be read: save it as UTF-8 and choose it again.';

/** Text of a file's bytes; `undefined` where they are neither UTF-8 nor marked as UTF-16. */
export function decodeTable(bytes: Uint8Array): string | undefined {
  const utf16 =
    bytes[0] === 0xff && bytes[1] === 0xfe
      ? 'utf-16le'
      : bytes[0] === 0xfe && bytes[1] === 0xff
        ? 'utf-16be'
        : undefined;
  try {
    return new TextDecoder(utf16 ?? 'utf-8', { fatal: true }).decode(bytes);
  } catch {
    return undefined;
  }
}

/** A table's heading and rows as they stand in its text, and what cannot be read of it. */
export function parseRows(text: string): {
  readonly heading: readonly string[] | undefined;
  readonly rows: readonly (readonly string[])[];
  readonly faults: readonly RowFault[];
} {
  const { data, errors } = Papa.parse<string[]>(text.trim(), { skipEmptyLines: 'greedy' });
  const [heading, ...rows] = data;
  const faults = errors
    // A table of one column has no delimiter, and wants none.
    .filter(({ type }) => type !== 'Delimiter')
    .map(({ row, message }) => ({
      row: (row ?? 0) + 1,
      sentence: `This row cannot be read: ${lower(message)}.`,
    }));
  return { heading, rows, faults };
}

/** What is wrong with a row that has more or fewer cells than its heading. */
export const widthFault = (
  row: number,
  cells: readonly string[],
  heading: readonly string[],
): RowFault | undefined =>
  cells.length === heading.length
    ? undefined
    : {
        row,
        sentence: `This row has ${cells.length} cells and the heading ${heading.length}: a decimal comma wants semicolons between cells.`,
      };
