import type { PatternSize } from '../facts/pattern';
import { leafFault } from '../facts/faults';
import { bodyFields, bodyMeasures, type BodyMeasure } from '../facts/wearer';
import { MM_PER_INCH, type UnitSystem } from '../units/constants';
import { parseLength } from '../units/parseLength';
import { headingParts, inRowOrder, parseRows, plainWords, widthFault, type RowFault } from './tables/rows';

/** Largest size table that is read, bytes. */
export const MAX_SIZE_TABLE_BYTES = 200_000;

type ReadSizeTable =
  | { readonly ok: true; readonly sizes: Readonly<Record<string, PatternSize>> }
  | { readonly ok: false; readonly faults: readonly RowFault[] };

const MAX_SIZES = 60;

/** Other words a size table uses for a measure, without spaces. */
const OTHER_WORDS: Readonly<Record<string, BodyMeasure>> = {
  chest: 'bust',
  fullbust: 'bust',
  upperbust: 'highBust',
  hips: 'hip',
  fullhip: 'hip',
  crotchdepth: 'rise',
  crotchlength: 'rise',
  insideleg: 'inseam',
  upperarm: 'biceps',
  sleevelength: 'armLength',
  torso: 'loop',
  bodylength: 'backLength',
};

/** The measure a heading names, and the unit it states. */
function columnOf(heading: string): { measure: BodyMeasure; unit?: 'cm' | 'in' | 'mm' } | undefined {
  const { words: stated, unit } = headingParts(heading);
  const words = plainWords(stated);
  const measure =
    bodyMeasures.find((one) => plainWords(one) === words || plainWords(bodyFields[one].label) === words) ??
    OTHER_WORDS[words];
  return measure && { measure, ...(unit ? { unit } : {}) };
}

/**
 * Reads a size table: one heading row, one row a size, the first column its name. Commas, semicolons or tabs;
 * lengths as typed anywhere in the product, bare numbers in the heading's unit or else `unit`. Every fault is
 * reported with its row and nothing is taken in part.
 */
export function readSizeTable(text: string, unit: UnitSystem): ReadSizeTable {
  const { heading, rows, faults: unreadable } = parseRows(text);
  if (!heading || heading.length < 2 || rows.length === 0) {
    return refused([
      {
        row: 1,
        sentence:
          'This is not a size table: put the size’s name in the first column, a measurement in each other, and a heading above.',
      },
    ]);
  }
  const faults = [...unreadable];
  const columns = heading.slice(1).map((words, at) => {
    const column = columnOf(words);
    if (!column) {
      faults.push({
        row: 1,
        sentence: `“${words.slice(0, 40)}” in column ${at + 2} is not a measurement here: call it one of ${NAMES}.`,
      });
    }
    return column;
  });
  const repeated = columns.find(
    (column, at) => column && columns.findIndex((one) => one?.measure === column.measure) !== at,
  );
  if (repeated) {
    faults.push({
      row: 1,
      sentence: `${bodyFields[repeated.measure].label} stands in two columns: keep one.`,
    });
  }
  if (rows.length > MAX_SIZES)
    faults.push({ row: MAX_SIZES + 2, sentence: `Keep at most ${MAX_SIZES} sizes.` });
  const sizes: Record<string, PatternSize> = {};
  const names = new Set<string>();
  rows.slice(0, MAX_SIZES).forEach((cells, at) => {
    const row = at + 2;
    const label = (cells[0] ?? '').trim();
    if (label === '' || label.length > 20) {
      faults.push({ row, sentence: 'Give the size a name of at most 20 characters in the first column.' });
    } else if (names.has(label)) {
      faults.push({ row, sentence: `Size ${label} stands in two rows: keep one.` });
    }
    names.add(label);
    const width = widthFault(row, cells, heading);
    if (width) {
      faults.push(width);
      return;
    }
    const values: Partial<Record<BodyMeasure, number>> = {};
    columns.forEach((column, nth) => {
      const cell = (cells[nth + 1] ?? '').trim();
      if (!column || cell === '') return;
      const read = readCell(cell, column.measure, column.unit ?? unit, unit);
      if (typeof read === 'number') values[column.measure] = read;
      else
        faults.push({
          row,
          sentence: `${bodyFields[column.measure].label}, “${cell.slice(0, 20)}”: ${read}`,
        });
    });
    sizes[`size-${at + 1}`] = { label, order: at, values };
  });
  return faults.length > 0 ? refused(faults) : { ok: true, sizes };
}

function readCell(
  cell: string,
  measure: BodyMeasure,
  unit: 'cm' | 'in' | 'mm',
  reader: UnitSystem,
): number | string {
  const read = parseLength(cell, unit);
  if (!read.ok) return read.sentence;
  const fault = leafFault(bodyFields[measure], read.mm, '', reader);
  if (!fault) return read.mm;
  const other = unit === 'in' ? read.mm / MM_PER_INCH : read.mm * MM_PER_INCH;
  return leafFault(bodyFields[measure], unit === 'in' ? other * 10 : other / 10, '', reader)
    ? fault.sentence
    : `that is out of range in ${unit === 'in' ? 'inches' : unit}: write the unit in the heading, such as “${bodyFields[measure].label} (${unit === 'in' ? 'cm' : 'in'})”.`;
}

const NAMES = bodyMeasures
  .slice(0, 8)
  .map((measure) => bodyFields[measure].label)
  .join(', ');

const refused = (faults: readonly RowFault[]): ReadSizeTable => ({ ok: false, faults: inRowOrder(faults) });
