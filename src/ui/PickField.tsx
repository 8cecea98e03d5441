'use client';
import NativeSelect from '@mui/material/NativeSelect';
import OutlinedInput from '@mui/material/OutlinedInput';
import { useId } from 'react';
import { Field, helpIdOf } from './Field';

interface Props {
  readonly label: string;
  readonly value: string;
  readonly options: readonly { readonly id: string; readonly name: string }[];
  /** What choosing nothing is called; where that is not said, something is always chosen. */
  readonly empty?: string;
  readonly onChange: (id: string) => void;
  readonly fault?: string | undefined;
}

/** One of a household's wearers or cloths, as the platform's own list: quick by keyboard and on a tablet. */
export function PickField({ label, value, options, empty, onChange, fault }: Props) {
  const id = useId();
  return (
    <Field id={id} label={label} trouble={fault}>
      <NativeSelect
        id={id}
        value={value}
        onChange={(event) => onChange(event.target.value)}
        input={<OutlinedInput label={label} notched />}
        inputProps={fault ? { 'aria-describedby': helpIdOf(id) } : {}}
      >
        {empty !== undefined && <option value="">{empty}</option>}
        {value !== '' && !options.some(({ id: known }) => known === value) && (
          <option value={value}>no longer here: choose another</option>
        )}
        {options.map((option) => (
          <option key={option.id} value={option.id}>
            {option.name}
          </option>
        ))}
      </NativeSelect>
    </Field>
  );
}
