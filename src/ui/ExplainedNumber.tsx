'use client';
import dynamic from 'next/dynamic';
import { useState } from 'react';
import { formatQuantity } from '@/core/explain/display';
import type { RoundTo } from '@/core/explain/explained';
import styles from './ExplainedNumber.module.css';
import { useNumbers } from './numbers';
import { useUnit } from './unit';

const NumberWorkings = dynamic(() => import('./NumberWorkings').then((module) => module.NumberWorkings));

/** A computed number that opens to how it was come by: formula, figures, source, what moves it most. */
export function ExplainedNumber({
  id,
  text,
  side,
}: {
  id: string;
  text?: string;
  /** Rounded that way, where it is the least or the most of something. */
  side?: RoundTo | undefined;
}) {
  const numbers = useNumbers();
  const { unit } = useUnit();
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const number = numbers[id];
  if (!number) return null;
  const shown = text ?? formatQuantity(number.value, number.unit, unit, side);
  return (
    <>
      <button
        type="button"
        className={styles.button}
        aria-label={`${shown}: ${number.label}. How it is worked out`}
        data-number={id}
        onClick={(event) => setAnchor(event.currentTarget)}
      >
        {shown}
      </button>
      {anchor && <NumberWorkings number={number} anchor={anchor} onClose={() => setAnchor(null)} />}
    </>
  );
}
