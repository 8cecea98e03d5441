'use client';
import OutlinedInput from '@mui/material/OutlinedInput';
import { memo, useId } from 'react';
import { Field, helpIdOf } from './Field';

interface Props {
  readonly label: string;
  readonly value: string;
  /** What is wrong with it and what to do, shown at the field in place of the help. */
  readonly trouble: string | undefined;
  readonly help?: string | undefined;
  readonly inputMode?: 'text' | 'decimal';
  readonly type?: 'text' | 'date';
  readonly multiline?: boolean;
  /** Must be stable (`useStable`), or every keystroke anywhere draws this field anew. */
  readonly onType: (text: string) => void;
  readonly onLeave: () => void;
}

/** The one text field: label, help or trouble beneath. Drawn again only when something of its own changes. */
export const TextBox = memo(function TextBox(props: Props) {
  const { label, value, trouble, help, inputMode, type = 'text', multiline = false, onType, onLeave } = props;
  const id = useId();
  return (
    <Field id={id} label={label} trouble={trouble} help={help}>
      <OutlinedInput
        id={id}
        label={label}
        notched
        value={value}
        type={type}
        multiline={multiline}
        onChange={(event) => onType(event.target.value)}
        onBlur={onLeave}
        slotProps={{
          input: {
            autoComplete: 'off',
            'aria-describedby': helpIdOf(id),
            ...(inputMode ? { inputMode, maxLength: 200 } : {}),
          },
        }}
      />
    </Field>
  );
});
