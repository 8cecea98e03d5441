'use client';
import TextField from '@mui/material/TextField';
import { memo, useId } from 'react';

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
  const helpId = useId();
  return (
    <TextField
      fullWidth
      size="small"
      label={label}
      value={value}
      type={type}
      multiline={multiline}
      error={trouble !== undefined}
      helperText={trouble ?? help}
      onChange={(event) => onType(event.target.value)}
      onBlur={onLeave}
      slotProps={{
        htmlInput: {
          autoComplete: 'off',
          'aria-describedby': helpId,
          ...(inputMode ? { inputMode, maxLength: 200 } : {}),
        },
        formHelperText: { id: helpId, role: trouble ? 'alert' : undefined },
        inputLabel: { shrink: true },
      }}
    />
  );
});
