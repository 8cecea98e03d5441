import type { ReactNode } from 'react';
import styles from './Fold.module.css';

interface Props {
  readonly summary: ReactNode;
  readonly open?: boolean;
  readonly children: ReactNode;
}

/** What is not needed by everybody, behind its name. */
export function Fold({ summary, open, children }: Props) {
  return (
    <details className={styles.fold} open={open}>
      <summary>{summary}</summary>
      <div className={styles.body}>{children}</div>
    </details>
  );
}
