'use client';
import type { BodyMeasure } from '@/core/facts/wearer';

/** Where the tape goes: a path on the figure for each measurement. */
const TAPES: Readonly<Record<BodyMeasure, string>> = {
  head: 'M-11 14 Q0 18 11 14',
  neck: 'M-7 37 Q0 41 7 37',
  shoulder: 'M6 38 L31 46',
  bust: 'M-22 62 Q0 68 22 62',
  highBust: 'M-24 54 Q0 58 24 54',
  underbust: 'M-21 72 Q0 77 21 72',
  cup: 'M1 64 Q10 68 21 63',
  waist: 'M-17 90 Q0 95 17 90',
  lowHip: 'M-21 106 Q0 111 21 106',
  hip: 'M-23 118 Q0 124 23 118',
  thigh: 'M2 138 Q12 142 23 137',
  legTop: 'M1 129 Q14 128 24 112',
  knee: 'M-1.6 163 Q-10 166 -22 162 M1.6 163 Q10 166 22 162',
  calf: 'M2 176 Q12 180 21 176',
  ankle: 'M4 206 Q11 209 18 206',
  foot: 'M4 209 Q14 219 22 212 M4 209 L18 206',
  biceps: 'M-37 62 L-26 65',
  wrist: 'M-46.5 117 L-37 119',
  hand: 'M-48 122 L-37 124',
  armLength: 'M32 50 L46 118',
  backLength: 'M0 36 L0 90',
  rise: 'M-3 90 L-3 128 Q0 133 3 128 L3 92',
  lowRise: 'M-3 107 L-3 128 Q0 133 3 128 L3 108',
  bodyRise: 'M21 92 L23 128',
  inseam: 'M2 130 L4 206',
  loop: 'M10 40 L4 100 L0 129 L-4 100 L8 40',
  strap: 'M12 60 L12 40 L14 56',
  stature: 'M52 2 L52 214',
  pouch: 'M-9 124 Q0 130 9 124',
};

const FIGURE =
  'M0 2 C14 2 13 26 0 30 C-13 26 -14 2 0 2 Z M-6 29 L-6 38 C-20 40 -31 42 -33 52 L-47 120 C-48 130 -40 132 -38 124 L-26 72 L-22 60 L-18 90 L-24 120 M6 29 L6 38 C20 40 31 42 33 52 L47 120 C48 130 40 132 38 124 L26 72 L22 60 L18 90 L24 120 L22 165 L17 208 L22 214 L6 214 M-24 120 L-22 165 L-17 208 L-22 214 L-6 214 M0 128 L-2 165 L-5 208 L-6 214 M0 128 L2 165 L5 208 L6 214';

/** A plain figure with the tape drawn where the chosen measurement is taken. */
export function BodyDrawing({
  chosen,
  label,
  widthPx = 180,
}: {
  chosen: BodyMeasure;
  label: string;
  widthPx?: number;
}) {
  return (
    <svg
      viewBox="-60 -4 120 222"
      width={widthPx}
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
