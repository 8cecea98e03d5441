import { leafFault } from '../../facts/faults';
import { quantities, type LeafSpec, type NumberSpec } from '../../facts/spec';
import { MM_PER_INCH, type UnitSystem } from '../../units/constants';
import { parseLength } from '../../units/parseLength';

/** The unit that lengths of a field stand in: thin ones are spoken of in mm in either system. */
const unitOf = (spec: NumberSpec, unit: UnitSystem): 'cm' | 'in' | 'mm' => (spec.thin ? 'mm' : unit);

const MM_PER = { mm: 1, cm: 10, in: MM_PER_INCH } as const;

/** The field's name with the unit of its cells: `Width (cm)`, `Stretch, as stated (%)`. */
export function headingOf(spec: LeafSpec, unit: UnitSystem): string {
  if (spec.kind !== 'number') return spec.label;
  const suffix = spec.quantity === 'lengthMm' ? unitOf(spec, unit) : quantities[spec.quantity].suffix;
  return suffix === '' ? spec.label : `${spec.label} (${suffix})`;
}

/** A value as its cell; lengths to a hundredth of a millimetre or better. */
export function writeCell(spec: LeafSpec, value: unknown, unit: UnitSystem): string {
  if (value === undefined) return '';
  if (spec.kind === 'flag') return (spec.answers ?? ['no', 'yes'])[value === true ? 1 : 0];
  if (spec.kind !== 'number' || typeof value !== 'number') return String(value);
  const shown =
    spec.quantity === 'lengthMm'
      ? value / MM_PER[unitOf(spec, unit)]
      : value * quantities[spec.quantity].typed;
  return String(Number(shown.toFixed(4)));
}

/** What a cell says, or what is wrong with it. `stated` is the unit in the heading. */
export function readCell(
  spec: LeafSpec,
  cell: string,
  unit: UnitSystem,
  stated: 'cm' | 'in' | 'mm' | undefined,
): { readonly value: unknown } | { readonly sentence: string } {
  const read = valueOf(spec, cell.trim(), unit, stated);
  if ('sentence' in read) return read;
  const fault = leafFault(spec, read.value, '', unit);
  return fault ? { sentence: fault.sentence } : read;
}

function valueOf(
  spec: LeafSpec,
  cell: string,
  unit: UnitSystem,
  stated: 'cm' | 'in' | 'mm' | undefined,
): { readonly value: unknown } | { readonly sentence: string } {
  switch (spec.kind) {
    case 'number': {
      if (spec.quantity === 'lengthMm') {
        const read = parseLength(cell, stated ?? unitOf(spec, unit));
        return read.ok ? { value: read.mm } : { sentence: read.sentence };
      }
      const plain = cell.replace(',', '.').replace('−', '-').replace(/ ?%$/, '');
      if (!/^-?\d+(\.\d*)?$/.test(plain))
        return { sentence: `Write a plain number, such as ${quantities[spec.quantity].example}.` };
      return { value: parseFloat(plain) / quantities[spec.quantity].typed };
    }
    case 'choice':
      return { value: spec.options.find((option) => option === cell.toLowerCase()) ?? cell };
    case 'flag': {
      const answers: readonly string[] = spec.answers ?? ['no', 'yes'];
      const at = [answers.indexOf(cell.toLowerCase()), ['no', 'yes'].indexOf(cell.toLowerCase())].find(
        (one) => one >= 0,
      );
      return at === undefined ? { sentence: `Write ${answers.join(' or ')}.` } : { value: at === 1 };
    }
    case 'text':
    case 'date':
    case 'id':
      return { value: cell };
    default:
      throw new Error(`expected a field, got ${JSON.stringify(spec satisfies never)}; say how it is read`);
  }
}
