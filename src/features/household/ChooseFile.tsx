'use client';
import Button from '@mui/material/Button';
import { useRef } from 'react';

interface Props {
  readonly label: string;
  readonly accept: string;
  readonly busy: boolean;
  readonly small?: true;
  readonly onFile: (file: File) => void;
}

/** A button that opens the platform's own file list; the same file can be chosen again. */
export function ChooseFile({ label, accept, busy, small, onFile }: Props) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <Button
        {...(small ? { size: 'small' } : { variant: 'outlined' })}
        disabled={busy}
        onClick={() => input.current?.click()}
      >
        {busy ? 'Reading it' : label}
      </Button>
      <input
        ref={input}
        type="file"
        accept={accept}
        hidden
        aria-label={label}
        onChange={(event) => {
          const file = event.target.files?.[0];
          event.target.value = '';
          if (file) onFile(file);
        }}
      />
    </>
  );
}
