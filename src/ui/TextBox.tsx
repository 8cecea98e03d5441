'use client';
import OutlinedInput from '@mui/material/OutlinedInput';
import { memo, useId, useLayoutEffect, useRef } from 'react';
import { afterPress } from './afterPress';
import { Field, helpIdOf } from './Field';
import { useStable } from './useStable';

interface Props {
  readonly label: string;
  readonly value: string;
  /** What is wrong with it and what to do, shown at the field in place of the help. */
  readonly trouble: string | undefined;
  readonly help?: string | undefined;
  readonly inputMode?: 'text' | 'decimal';
  readonly type?: 'text' | 'date';
  readonly multiline?: boolean;
  readonly autoFocus?: boolean;
  /** Must be stable (`useStable`), or every keystroke anywhere draws this field anew. */
  readonly onType: (text: string) => void;
  /** The field was left, or Enter was pressed in it. */
  readonly onLeave: () => void;
}

/** The one text field: label, help or trouble beneath. Drawn again only when something of its own changes. */
export const TextBox = memo(function TextBox(props: Props) {
  const { label, value, trouble, help, inputMode, type = 'text', multiline = false } = props;
  const { autoFocus = false, onType, onLeave } = props;
  const id = useId();
  const input = useRef<HTMLInputElement>(null);
  // Letters typed before the page was live stand in the field, and nobody has heard of them.
  const catchUp = useStable(() => {
    const box = input.current;
    if (!box || box.value === value) return;
    onType(box.value);
    if (document.activeElement !== box) onLeave();
  });
  useLayoutEffect(catchUp, [catchUp]);
  return (
    <Field id={id} label={label} trouble={trouble} help={help}>
      <OutlinedInput
        id={id}
        label={label}
        notched
        value={value}
        type={type}
        multiline={multiline}
        autoFocus={autoFocus}
        onChange={(event) => onType(event.target.value)}
        inputRef={input}
        onBlur={() => afterPress(onLeave)}
        onKeyDown={(event) => {
          if (event.key === 'Enter' && !multiline) onLeave();
        }}
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
