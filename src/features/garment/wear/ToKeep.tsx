'use client';
import Button from '@mui/material/Button';
import type { ReactNode } from 'react';
import styles from '../page/GarmentPage.module.css';
import wear from './Wear.module.css';

interface Props {
  readonly text: string;
  /** What can be corrected before it is kept. */
  readonly children?: ReactNode;
  /** What stands instead of the button once it is kept. */
  readonly kept: string | undefined;
  readonly label: string;
  readonly disabled?: boolean;
  readonly onKeep: () => void;
}

/** Something that a round tells of a thing on the shelf, kept with it at a press. */
export function ToKeep({ text, children, kept, label, disabled = false, onKeep }: Props) {
  return (
    <div className={wear.proposal}>
      <p>{text}</p>
      {kept === undefined && children}
      <div className={styles.actions}>
        {kept === undefined ? (
          <Button size="small" variant="outlined" disabled={disabled} onClick={onKeep}>
            {label}
          </Button>
        ) : (
          <span className="soft">{kept}</span>
        )}
      </div>
    </div>
  );
}
