'use client';
import { leafFault } from '@/core/facts/faults';
import { quantities, type NumberSpec } from '@/core/facts/spec';
import { TextBox } from './TextBox';
import { useTyped } from './useTyped';

interface Props {
  readonly spec: NumberSpec;
  readonly label?: string;
  readonly help?: string;
  readonly value: number | undefined;
  /** Called with a usable value when the field is left; with `undefined` when an optional field was emptied. */
  readonly onChange: (value: number | undefined) => void;
  readonly required?: boolean;
  readonly fault?: string | undefined;
  /** What it sets is not stored: it follows the typing, after a pause. */
  readonly live?: boolean;
}

/** A number that is not a length: an angle in degrees, a share in percent, a weight. */
export function NumberField({
  spec,
  label,
  help,
  value,
  onChange,
  required = false,
  fault,
  live = false,
}: Props) {
  const scale = quantities[spec.quantity].typed;
  const { suffix } = quantities[spec.quantity];
  const name = label ?? spec.label;
  const read = (shown: string): number | undefined => {
    const plain = shown
      .trim()
      .replace(',', '.')
      .replace('−', '-')
      .replace(/ ?(%|°|g|g\/m²|N\/m|Pa)$/, '');
    return /^-?\d+(\.\d*)?$/.test(plain) ? parseFloat(plain) / scale : undefined;
  };
  const faultOf = (shown: string): string | undefined => {
    if (shown.trim() === '') return required ? `${spec.label} is missing: fill it in.` : undefined;
    const kept = read(shown);
    return kept === undefined
      ? `Type a plain number, such as ${quantities[spec.quantity].example}.`
      : leafFault(spec, kept, '', 'cm')?.sentence;
  };
  const take = (shown: string): boolean => {
    if (faultOf(shown) !== undefined) return false;
    onChange(read(shown));
    return true;
  };
  const stored = value === undefined ? '' : String(Number((value * scale).toFixed(2)));
  const { text, typing, left, onType, onLeave } = useTyped({ stored, take, live });
  return (
    <TextBox
      label={suffix === '' ? name : `${name} (${suffix})`}
      value={text}
      trouble={fault ?? (!typing || left || isHopeless(text) ? faultOf(text) : undefined)}
      help={help}
      inputMode="decimal"
      onType={onType}
      onLeave={onLeave}
    />
  );
}

/** Text that no further typing can turn into a number. */
const isHopeless = (text: string): boolean => /[^\s\d.,%°g/m²NPa−-]/u.test(text);
