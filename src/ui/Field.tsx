'use client';
import FormControl from '@mui/material/FormControl';
import FormHelperText from '@mui/material/FormHelperText';
import InputLabel from '@mui/material/InputLabel';
import type { ReactNode } from 'react';

interface Props {
  /** Id of the control inside. */
  readonly id: string;
  readonly label: string;
  /** What is wrong with it and what to do, shown in place of the help. */
  readonly trouble?: string | undefined;
  readonly help?: string | undefined;
  readonly children: ReactNode;
}

/** The id of the line under a field, for the control to name as its description. */
export const helpIdOf = (id: string): string => `${id}-help`;

/** What stands round every control: its label in the outline, and help or trouble beneath. */
export function Field({ id, label, trouble, help, children }: Props) {
  const beneath = trouble ?? help;
  return (
    <FormControl fullWidth size="small" variant="outlined" error={trouble !== undefined}>
      <InputLabel shrink htmlFor={id}>
        {label}
      </InputLabel>
      {children}
      {beneath && (
        <FormHelperText id={helpIdOf(id)} {...(trouble ? { role: 'alert' } : {})}>
          {beneath}
        </FormHelperText>
      )}
    </FormControl>
  );
}
