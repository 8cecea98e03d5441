'use client';
import type { BodyMeasure } from '@/core/facts/wearer';

/** Where the tape goes: a path on the figure for each measurement. */
const TAPES: Readonly<Record<BodyMeasure, string>> = {
  head: 'M-11 14 Q0 18 11 14',
  bust: 'M-22 62 Q0 68 22 62',
  waist: 'M-17 90 Q0 95 17 90',
  hip: 'M-23 118 Q0 124 23 118',
  biceps: 'M-37 62 L-26 65',
  hand: 'M-48 122 L-37 124',
};

const FIGURE =
  'M0 2 C14 2 13 26 0 30 C-13 26 -14 2 0 2 Z M-6 29 L-6 38 C-20 40 -31 42 -33 52 L-47 120 C-48 130 -40 132 -38 124 L-26 72 L-22 60 L-18 90 L-24 120 L-22 170 M6 29 L6 38 C20 40 31 42 33 52 L47 120 C48 130 40 132 38 124 L26 72 L22 60 L18 90 L24 120 L22 170 M0 128 L-2 170 M0 128 L2 170';

/** A plain figure with the tape drawn where the chosen measurement is taken. */
export function BodyDrawing({ chosen, label }: { chosen: BodyMeasure; label: string }) {
  return (
    <svg
      viewBox="-60 -4 120 178"
      width="200"
      role="img"
      aria-label={`Where the tape goes: ${label}`}
      style={{ maxWidth: '100%' }}
    >
      <path
        d={FIGURE}
        fill="none"
        stroke="var(--control)"
        strokeWidth="1.4"
        strokeLinejoin="round"
        strokeLinecap="round"
      />
      <path d={TAPES[chosen]} fill="none" stroke="var(--demand)" strokeWidth="4" strokeLinecap="round" />
    </svg>
  );
}
