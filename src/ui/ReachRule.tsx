'use client';
import { isAtMost } from '@/core/units/tolerance';

interface Props {
  /** What is read out in place of the picture. */
  readonly text: string;
  readonly needs: number;
  readonly gives: number;
  /** The share that the full width stands for. */
  readonly full: number;
  readonly widthPx?: number;
}

const HEIGHT = 34;
const BAR_TOP = 12;
const BAR = 9;

/** How far a row can reach, a bar with a bracket at its end, and how far it must, a flag: filled where it is too far. */
export function ReachRule({ text, needs, gives, full, widthPx = 420 }: Props) {
  const at = (share: number) => (Math.min(Math.max(share, 0), full) / full) * (widthPx - 24) + 2;
  const short = !isAtMost(needs, gives);
  return (
    <svg
      role="img"
      aria-label={text}
      viewBox={`0 0 ${widthPx} ${HEIGHT}`}
      style={{ width: '100%', maxWidth: widthPx, display: 'block' }}
    >
      <line x1="2" x2={widthPx} y1={BAR_TOP + BAR / 2} y2={BAR_TOP + BAR / 2} stroke="var(--line)" />
      <rect x="2" y={BAR_TOP} width={Math.max(0, at(gives) - 2)} height={BAR} fill="var(--capacity)" />
      <path
        d={`M${at(gives) - 5} ${BAR_TOP - 4} h6 v${BAR + 8} h-6`}
        fill="none"
        stroke="var(--capacity)"
        strokeWidth="2.5"
      />
      <path
        d={`M${at(needs)} ${BAR_TOP + BAR + 6} v-${BAR + 17} l9 5 l-9 5`}
        fill={short ? 'var(--demand)' : 'none'}
        stroke="var(--demand)"
        strokeWidth="2"
        strokeLinejoin="round"
      />
    </svg>
  );
}
