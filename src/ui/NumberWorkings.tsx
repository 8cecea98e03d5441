'use client';
import Popover from '@mui/material/Popover';
import { useState } from 'react';
import { derivationOf } from '@/core/explain/derivation';
import type { Explained, Mark } from '@/core/explain/explained';
import styles from './ExplainedNumber.module.css';
import { useNumbers } from './numbers';
import { useUnit } from './unit';

const MARK_WORDS: Readonly<Record<Mark, string>> = {
  S: 'published standard',
  'S, from memory': 'published source, written down from memory',
  T: 'common practice in the trade',
  'T, from memory': 'common practice, from memory',
  D: 'worked out by geometry or mechanics',
  measured: 'measured by you',
  chosen: 'chosen by you',
  default: 'assumed: measuring beats it',
  'own record': 'your own record',
};

interface Props {
  readonly number: Explained;
  readonly anchor: HTMLElement;
  readonly onClose: () => void;
}

/** What an explained number opens to. Loaded when the first one is opened. */
export function NumberWorkings({ number, anchor, onClose }: Props) {
  return (
    <Popover
      open
      anchorEl={anchor}
      onClose={onClose}
      anchorOrigin={{ vertical: 'bottom', horizontal: 'left' }}
      slotProps={{ paper: { role: 'dialog', 'aria-label': `How ${number.label} is worked out` } }}
    >
      <Workings start={number} />
    </Popover>
  );
}

function Workings({ start }: { start: Explained }) {
  const numbers = useNumbers();
  const { unit } = useUnit();
  const [trail, setTrail] = useState<readonly string[]>([start.id]);
  const number = numbers[trail.at(-1) ?? start.id] ?? start;
  const derivation = derivationOf(number, unit);
  const isFact = number.formula === 'x';
  return (
    <div className={styles.panel}>
      <div className={styles.head}>
        <h3>{number.label}</h3>
        {trail.length > 1 && (
          <button type="button" className={styles.link} onClick={() => setTrail(trail.slice(0, -1))}>
            Back
          </button>
        )}
      </div>
      {!isFact && <p className="soft">{derivation.words}</p>}
      <p className={styles.figures}>{isFact ? derivation.terms[0]?.text : derivation.figures}</p>
      {!isFact && (
        <ul className={styles.terms}>
          {derivation.terms.map(({ symbol, term, text }) => (
            <li key={symbol} className={styles.term}>
              <span>
                {term.of ? (
                  <button
                    type="button"
                    className={styles.link}
                    onClick={() => setTrail([...trail, term.of as string])}
                  >
                    {term.label}
                  </button>
                ) : (
                  term.label
                )}
                {term.mark && <span className="soft small"> · {MARK_WORDS[term.mark]}</span>}
              </span>
              <strong>{text}</strong>
            </li>
          ))}
        </ul>
      )}
      <p className="soft small">
        {MARK_WORDS[number.mark]}
        {number.note ? `. ${number.note}` : ''}
      </p>
      {derivation.sensitivity && <p className="soft small">{derivation.sensitivity}</p>}
      {!isFact && <p className="soft small">Shares are fractions: 0.15 is 15 %. Angles are in radians.</p>}
    </div>
  );
}
