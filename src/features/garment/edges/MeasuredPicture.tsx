'use client';
import type { EdgeMeasured } from '@/core/facts/garment';

const WORDS: Readonly<Record<EdgeMeasured['as'], string>> = {
  pieces:
    'The tape along the cut edge of each piece by itself, added up: the crossing seams still take their allowances.',
  ring: 'The tape along the cut edge once the pieces are joined: the seams have taken theirs.',
  seamline: 'The tape where the stitching will run, one allowance in from the cut edge.',
};

/** What was measured, drawn: the cut edge solid, the seamline dashed, the tape thick along the one that counts. */
export function MeasuredPicture({ as }: { as: EdgeMeasured['as'] }) {
  const joined = as !== 'pieces';
  const seamline = as === 'seamline';
  return (
    <figure style={{ margin: 0, display: 'flex', gap: 14, alignItems: 'center', flexWrap: 'wrap' }}>
      <svg viewBox="0 0 150 64" width="150" height="64" role="img" aria-label={WORDS[as]}>
        <path d={CUT[joined ? 'joined' : 'apart']} fill="none" stroke="var(--ink)" strokeWidth="1.4" />
        <path
          d={SEAM[joined ? 'joined' : 'apart']}
          fill="none"
          stroke="var(--soft)"
          strokeWidth="1.2"
          strokeDasharray="4 3"
        />
        <path
          d={(seamline ? SEAM : CUT)[joined ? 'joined' : 'apart']}
          fill="none"
          stroke="var(--demand)"
          strokeWidth="4"
          strokeOpacity="0.55"
        />
      </svg>
      <figcaption className="soft small" style={{ flex: '1 1 200px' }}>
        {WORDS[as]}
      </figcaption>
    </figure>
  );
}

/** A neck edge as one curve, or as two pieces side by side; the seamline lies a little further down. */
const CUT = {
  joined: 'M8 12 Q75 62 142 12',
  apart: 'M4 12 Q36 56 68 26 M82 26 Q114 56 146 12',
} as const;
const SEAM = {
  joined: 'M4 22 Q75 72 146 22',
  apart: 'M4 23 Q36 66 70 35 M80 35 Q114 66 146 23',
} as const;
