import type { ReactNode } from 'react';
import styles from './Tick.module.css';

interface Props {
  readonly checked: boolean;
  readonly disabled?: boolean;
  readonly onChange: (checked: boolean) => void;
  readonly children: ReactNode;
}

/** A box to tick, with its words beside it. */
export const Tick = ({ checked, disabled = false, onChange, children }: Props) => (
  <label className={styles.tick}>
    <input
      type="checkbox"
      checked={checked}
      disabled={disabled}
      onChange={(event) => onChange(event.target.checked)}
    />
    {children}
  </label>
);
