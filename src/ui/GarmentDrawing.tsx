'use client';
import { memo, type KeyboardEvent } from 'react';
import type { DrawnSide, GarmentDrawing as Drawing } from '@/core/garments/drawings/garmentDrawing';

/** A zone or edge that can be chosen on a drawing; `part` is `zone-bust` or `edge-hem`. */
interface DrawnPart {
  readonly part: string;
  readonly label: string;
  /** Something was said of it already. */
  readonly answered?: boolean;
}

interface Props {
  readonly drawing: Drawing;
  readonly parts: readonly DrawnPart[];
  readonly chosen: string | undefined;
  readonly onChoose: (part: string) => void;
  readonly widthPx?: number;
}

/** Space between front and back, and round them, in drawing units. */
const GAP = 4;
/** Units to spare below for the words. */
const WORDS = 5;
/** The drawing is never higher than this, px. */
const HIGHEST = 330;
/** A side this many times wider than high has the other below it, so that both are large enough to press. */
const WIDE = 1.15;

/** A garment, front and back, in one line weight; the parts that can be chosen are its buttons. */
export function GarmentDrawing({ drawing, parts, chosen, onChoose, widthPx = 230 }: Props) {
  const { half, top, foot } = drawing;
  const stacked = 2 * half > WIDE * (foot - top);
  const [sideWidth, sideHeight] = [2 * half, foot - top + WORDS];
  const [width, height] = stacked ? [sideWidth, 2 * sideHeight + GAP] : [2 * sideWidth + GAP, sideHeight];
  const px = Math.min(widthPx, (HIGHEST * width) / height);
  const unit = width / px;
  const second = stacked ? `translate(0 ${sideHeight + GAP})` : `translate(${sideWidth + GAP} 0)`;
  return (
    <svg
      viewBox={`${-half} ${top} ${width} ${height}`}
      width={px}
      style={{ maxWidth: '100%', display: 'block' }}
    >
      {(['front', 'back'] as const).map((side) => (
        <g
          key={side}
          transform={side === 'front' ? undefined : second}
          fill="none"
          strokeLinejoin="round"
          strokeLinecap="round"
        >
          <Lines side={drawing[side]} unit={unit} />
          {drawing[side].shapes.map(({ part, d }) => {
            const named = parts.find((one) => one.part === part);
            return named ? (
              <Part key={part} d={d} unit={unit} named={named} chosen={part === chosen} onChoose={onChoose} />
            ) : null;
          })}
          <text y={foot + WORDS - 1.5} textAnchor="middle" fontSize={unit * 12} fill="var(--soft)">
            {side}
          </text>
        </g>
      ))}
    </svg>
  );
}

/** What cannot be chosen: outline, seams, stitching seen. */
const Lines = memo(function Lines({ side, unit }: { side: DrawnSide; unit: number }) {
  return (
    <>
      <path d={side.outline} fill="var(--sheet)" stroke="var(--ink)" strokeWidth={unit * 1.5} />
      {(side.seams ?? []).map((d) => (
        <path key={d} d={d} stroke="var(--ink)" strokeWidth={unit} />
      ))}
      {(side.stitching ?? []).map((d) => (
        <path
          key={d}
          d={d}
          stroke="var(--ink)"
          strokeWidth={unit * 0.9}
          strokeDasharray={`${unit * 3} ${unit * 2.4}`}
        />
      ))}
    </>
  );
});

interface PartProps {
  readonly d: string;
  readonly unit: number;
  readonly named: DrawnPart;
  readonly chosen: boolean;
  readonly onChoose: (part: string) => void;
}

function Part({ d, unit, named, chosen, onChoose }: PartProps) {
  const press = (event: KeyboardEvent) => {
    if (event.key !== 'Enter' && event.key !== ' ') return;
    event.preventDefault();
    onChoose(named.part);
  };
  return (
    <g
      role="button"
      tabIndex={0}
      data-part={named.part}
      aria-label={named.label}
      aria-pressed={chosen}
      style={{ cursor: 'pointer' }}
      onClick={() => onChoose(named.part)}
      onKeyDown={press}
    >
      <path d={d} stroke="transparent" strokeWidth={unit * 14} pointerEvents="stroke" />
      <path
        d={d}
        stroke={chosen ? 'var(--demand)' : 'var(--control)'}
        strokeWidth={unit * (chosen ? 4 : 1.8)}
        strokeDasharray={chosen || named.answered ? undefined : `${unit} ${unit * 3.4}`}
      />
    </g>
  );
}

/** A small drawing of the front alone, to tell kinds apart in a list. */
export function FrontDrawing({ drawing, heightPx = 84 }: { drawing: Drawing; heightPx?: number }) {
  const { half, top, foot, front } = drawing;
  const height = Math.max(foot - top, half * 0.9);
  const unit = height / heightPx;
  return (
    <svg
      viewBox={`${-half} ${top} ${2 * half} ${height}`}
      height={heightPx}
      style={{ maxWidth: '100%', display: 'block', margin: '0 auto' }}
      aria-hidden="true"
    >
      <g fill="none" strokeLinejoin="round" strokeLinecap="round">
        <Lines side={front} unit={unit} />
        {front.shapes.map(({ part, d }) => (
          <path key={part} d={d} stroke="var(--ink)" strokeWidth={unit} />
        ))}
      </g>
    </svg>
  );
}
