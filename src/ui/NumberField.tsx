'use client';
import { useState } from 'react';
import { leafFault } from '@/core/facts/faults';
import { quantities, type NumberSpec } from '@/core/facts/spec';
import { TextBox } from './TextBox';
import { useStable } from './useStable';

interface Props {
  readonly spec: NumberSpec;
  readonly label?: string;
  readonly help?: string;
  readonly value: number | undefined;
  /** Called with every usable value as it is typed; with `undefined` when an optional field is emptied. */
  readonly onChange: (value: number | undefined) => void;
  readonly required?: boolean;
  readonly fault?: string | undefined;
}

/** A number that is not a length: an angle in degrees, a share in percent, a weight. */
export function NumberField({ spec, label, help, value, onChange, required = false, fault }: Props) {
  const [typed, setTyped] = useState<string | undefined>(undefined);
  const scale = quantities[spec.quantity].typed;
  const { suffix } = quantities[spec.quantity];
  const name = label ?? spec.label;
  const text = typed ?? (value === undefined ? '' : String(Number((value * scale).toFixed(2))));
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
  const trouble = fault ?? faultOf(text);
  const change = (shown: string) => {
    setTyped(shown);
    if (shown.trim() === '' && !required) return onChange(undefined);
    const kept = read(shown);
    if (kept !== undefined && !faultOf(shown)) onChange(kept);
  };
  return (
    <TextBox
      label={suffix === '' ? name : `${name} (${suffix})`}
      value={text}
      trouble={trouble}
      help={help}
      inputMode="decimal"
      onType={useStable(change)}
      onLeave={useStable(() => !trouble && setTyped(undefined))}
    />
  );
}
