'use client';
import Button from '@mui/material/Button';
import { useRef } from 'react';

interface Props {
  readonly label: string;
  /** What the file will be, in words, where the button does not say it. */
  readonly name?: string;
  /** On the button while it is busy. */
  readonly working?: string;
  readonly accept: string;
  readonly busy: boolean;
  readonly small?: true;
  readonly onFile: (file: File) => void;
}

/** A button that opens the platform's own file list; the same file can be chosen again. */
export function ChooseFile({
  label,
  name = label,
  working = 'Reading it',
  accept,
  busy,
  small,
  onFile,
}: Props) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <Button
        {...(small ? { size: 'small' } : { variant: 'outlined' })}
        disabled={busy}
        onClick={() => input.current?.click()}
      >
        {busy ? working : label}
      </Button>
      <input
        ref={input}
        type="file"
        accept={accept}
        hidden
        aria-label={name}
        onChange={(event) => {
          const file = event.target.files?.[0];
          event.target.value = '';
          if (file) onFile(file);
        }}
      />
    </>
  );
}
