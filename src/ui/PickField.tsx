'use client';
import TextField from '@mui/material/TextField';
import { useId } from 'react';

interface Props {
  readonly label: string;
  readonly value: string;
  readonly options: readonly { readonly id: string; readonly name: string }[];
  /** What choosing nothing is called. */
  readonly empty: string;
  readonly onChange: (id: string) => void;
  readonly fault?: string | undefined;
}

/** One of a household's wearers or cloths, as the platform's own list: quick by keyboard and on a tablet. */
export function PickField({ label, value, options, empty, onChange, fault }: Props) {
  const fieldId = useId();
  return (
    <TextField
      id={fieldId}
      select
      size="small"
      fullWidth
      label={label}
      value={value}
      error={fault !== undefined}
      helperText={fault}
      onChange={(event) => onChange(event.target.value)}
      slotProps={{ select: { native: true }, inputLabel: { shrink: true } }}
    >
      <option value="">{empty}</option>
      {options.map((option) => (
        <option key={option.id} value={option.id}>
          {option.name}
        </option>
      ))}
    </TextField>
  );
}
