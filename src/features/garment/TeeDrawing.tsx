'use client';
import type { KeyboardEvent } from 'react';

export type TeePart = 'bust' | 'waist' | 'hip' | 'biceps' | 'neckline' | 'sleeve-hem' | 'hem' | 'shoulder';

const LABELS: Readonly<Record<TeePart, string>> = {
  bust: 'Bust or chest',
  waist: 'Waist',
  hip: 'Hip',
  biceps: 'Biceps',
  neckline: 'Neckline',
  'sleeve-hem': 'Sleeve hems',
  hem: 'Hem',
  shoulder: 'Shoulders',
};

/** One half of the outline; the other is its mirror about x = 0. Units are the drawing's own. */
const OUTLINE = 'L32 3 L52 27 L39 36 L30 27 L29 62 L31 104 L-31 104 L-29 62 L-30 27 L-39 36 L-52 27 L-32 3';
const NECK = { front: 'M-14 -3 Q-12 13 0 13 Q12 13 14 -3', back: 'M-14 -3 Q-8 3 0 3 Q8 3 14 -3' } as const;

const SHAPES: Readonly<Record<TeePart, Readonly<Partial<Record<'front' | 'back', string>>>>> = {
  neckline: { front: NECK.front },
  shoulder: { back: 'M14 -3 L32 3 M-14 -3 L-32 3' },
  'sleeve-hem': { front: 'M52 27 L39 36 M-52 27 L-39 36' },
  hem: { front: 'M-31 104 L31 104' },
  bust: { front: 'M-29.6 36 Q0 41 29.6 36' },
  waist: { back: 'M-29 62 Q0 67 29 62' },
  hip: { back: 'M-30 90 Q0 95 30 90' },
  biceps: { back: 'M44 17 L34 30 M-44 17 L-34 30' },
};

interface Props {
  readonly parts: readonly TeePart[];
  readonly chosen: TeePart;
  readonly onChoose: (part: TeePart) => void;
}

/** The tee, front and back, in one line weight; the parts that can be chosen here are its buttons. */
export function TeeDrawing({ parts, chosen, onChoose }: Props) {
  return (
    <svg viewBox="-58 -14 232 140" width="230" style={{ maxWidth: '100%', display: 'block' }}>
      <Side side="front" parts={parts} chosen={chosen} onChoose={onChoose} x={0} />
      <Side side="back" parts={parts} chosen={chosen} onChoose={onChoose} x={116} />
    </svg>
  );
}

function Side({ side, parts, chosen, onChoose, x }: Props & { side: 'front' | 'back'; x: number }) {
  const press = (part: TeePart) => (event: KeyboardEvent) => {
    if (event.key !== 'Enter' && event.key !== ' ') return;
    event.preventDefault();
    onChoose(part);
  };
  return (
    <g transform={`translate(${x} 0)`} fill="none" strokeLinejoin="round" strokeLinecap="round">
      <path d={`${NECK[side]} ${OUTLINE} Z`} fill="var(--sheet)" stroke="var(--ink)" strokeWidth="1.4" />
      <path d="M30 27 L32 3 M-30 27 L-32 3" stroke="var(--ink)" strokeWidth="1" />
      <path
        d="M-31 100 L31 100 M50 24.6 L37.4 33.4 M-50 24.6 L-37.4 33.4"
        stroke="var(--ink)"
        strokeWidth="0.9"
        strokeDasharray="2.5 2"
      />
      {parts.map((part) => {
        const shape = SHAPES[part][side];
        if (!shape) return null;
        const isChosen = part === chosen;
        return (
          <g
            key={part}
            role="button"
            tabIndex={0}
            aria-label={LABELS[part]}
            aria-pressed={isChosen}
            style={{ cursor: 'pointer' }}
            onClick={() => onChoose(part)}
            onKeyDown={press(part)}
          >
            <path d={shape} stroke="transparent" strokeWidth="12" pointerEvents="stroke" />
            <path
              d={shape}
              stroke={isChosen ? 'var(--demand)' : 'var(--control)'}
              strokeWidth={isChosen ? 3.5 : 1.4}
              strokeDasharray={isChosen ? undefined : '1 3'}
            />
          </g>
        );
      })}
      <text y="121" textAnchor="middle" fontSize="10" fill="var(--soft)">
        {side}
      </text>
    </g>
  );
}
