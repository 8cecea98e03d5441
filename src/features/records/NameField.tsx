'use client';
import Alert from '@mui/material/Alert';
import { useState } from 'react';
import { text } from '@/core/facts/spec';
import { leafFault } from '@/core/facts/faults';
import styles from './NameField.module.css';

const NAME = text('Name', 1, 60);

interface Props {
  readonly label: string;
  readonly value: string;
  readonly fault: string | undefined;
  readonly onChange: (name: string) => void;
}

/** A page's heading that is also the record's name, to be typed over. */
export function NameField({ label, value, fault, onChange }: Props) {
  const [typed, setTyped] = useState<string | undefined>(undefined);
  const shown = typed ?? value;
  const trouble = leafFault(NAME, shown, 'name', 'cm')?.sentence ?? fault;
  return (
    <div>
      <h1 className={styles.heading}>
        <input
          className={styles.input}
          aria-label={label}
          aria-invalid={trouble !== undefined}
          value={shown}
          maxLength={200}
          size={Math.max(shown.length, 6)}
          onChange={(event) => {
            const next = event.target.value;
            setTyped(next);
            if (!leafFault(NAME, next, 'name', 'cm')) onChange(next);
          }}
          onBlur={() => !trouble && setTyped(undefined)}
        />
      </h1>
      {trouble && <Alert>{trouble}</Alert>}
    </div>
  );
}
