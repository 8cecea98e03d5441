'use client';
import type { EdgePlan, StripPlan } from '@/core/edges/types';
import { ExplainedNumber } from '@/ui/ExplainedNumber';
import { useNumbers, valueOf } from '@/ui/numbers';
import { stateWords } from '../edges/stateWords';
import styles from './Figure.module.css';

const BAR = { wide: 150, high: 14 } as const;
/** Seen beyond the window and the length on either side, a share of them. */
const BESIDE = 0.06;

/** Every band and elastic of the garment: its length, the window it may have, and how it lies at that. */
export function EdgeWindows({ edges }: { edges: readonly EdgePlan[] }) {
  const strips = edges.flatMap(({ label, strips: all }) =>
    all.filter(({ shortest, longest }) => shortest ?? longest).map((strip) => ({ label, strip })),
  );
  if (strips.length === 0) return null;
  return (
    <div>
      <h3>Its edges, each in its window</h3>
      <ul className={styles.windows}>
        {strips.map(({ label, strip }) => (
          <li key={`${strip.edge} ${strip.id}`}>
            <span>
              {label}: {strip.label.toLowerCase()}
            </span>
            <Window strip={strip} />
            <span>
              <ExplainedNumber id={strip.chosen} />{' '}
              <span className={GOOD.has(strip.state) ? 'soft small' : styles.out}>
                {stateWords[strip.state]}
              </span>
            </span>
          </li>
        ))}
      </ul>
    </div>
  );
}

const GOOD: ReadonlySet<StripPlan['state']> = new Set(['works', 'lies flat', 'wants steam', 'eased']);

/** The window as a band, the length chosen as a mark on it. */
function Window({ strip }: { strip: StripPlan }) {
  const numbers = useNumbers();
  const chosen = valueOf(numbers, strip.chosen);
  const shortest = strip.shortest === undefined ? undefined : valueOf(numbers, strip.shortest);
  const longest = strip.longest === undefined ? undefined : valueOf(numbers, strip.longest);
  const from = Math.min(chosen, shortest ?? chosen) * (1 - BESIDE);
  const to = Math.max(chosen, longest ?? chosen) * (1 + BESIDE);
  const x = (mm: number): number => ((mm - from) / (to - from)) * BAR.wide;
  const [left, right] = [x(shortest ?? from), x(longest ?? to)];
  return (
    <svg width={BAR.wide} height={BAR.high} aria-hidden>
      <rect y={BAR.high / 2 - 1} width={BAR.wide} height={2} fill="var(--line)" />
      {right > left && (
        <rect
          x={left}
          width={right - left}
          height={BAR.high}
          fill="var(--capacity-tint)"
          stroke="var(--capacity)"
        />
      )}
      <rect x={x(chosen) - 1.5} width={3} height={BAR.high} fill="var(--ink)" />
    </svg>
  );
}
