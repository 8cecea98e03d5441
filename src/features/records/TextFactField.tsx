'use client';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { leafFault } from '@/core/facts/faults';
import type { DateSpec, TextSpec } from '@/core/facts/spec';

interface Props {
  readonly spec: TextSpec | DateSpec;
  readonly value: string | undefined;
  /** Called with every usable text as it is typed; with `undefined` when it is emptied. */
  readonly onChange: (value: string | undefined) => void;
  readonly multiline?: boolean;
  readonly help?: string;
  readonly fault?: string | undefined;
}

/** Words or a day kept with a record. What cannot be kept stays as typed, with a sentence. */
export function TextFactField({ spec, value, onChange, multiline = false, help, fault }: Props) {
  const [typed, setTyped] = useState<string | undefined>(undefined);
  const text = typed ?? value ?? '';
  const trouble = (text === '' ? undefined : leafFault(spec, text, '', 'cm')?.sentence) ?? fault;
  return (
    <TextField
      fullWidth
      size="small"
      label={spec.label}
      type={spec.kind === 'date' ? 'date' : 'text'}
      multiline={multiline}
      value={text}
      error={trouble !== undefined}
      helperText={trouble ?? help}
      onChange={(event) => {
        const next = event.target.value;
        setTyped(next);
        if (next === '') onChange(undefined);
        else if (!leafFault(spec, next, '', 'cm')) onChange(next);
      }}
      onBlur={() => !trouble && setTyped(undefined)}
      slotProps={{ inputLabel: { shrink: true }, formHelperText: { role: trouble ? 'alert' : undefined } }}
    />
  );
}
