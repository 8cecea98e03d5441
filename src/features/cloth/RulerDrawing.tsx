'use client';
import { useId } from 'react';
import { formatLength } from '@/core/units/formatLength';
import { MM_PER_INCH } from '@/core/units/constants';
import { Hatch } from '@/ui/Hatch';
import { useUnit } from '@/ui/unit';

interface Props {
  readonly restMm: number | undefined;
  readonly pulledMm: number | undefined;
  readonly releasedMm: number | undefined;
}

const WIDTH = 600;
const LEFT = 6;

/** The swatch on its ruler: at rest, pulled, let go, following the numbers as they are typed. */
export function RulerDrawing({ restMm, pulledMm, releasedMm }: Props) {
  const { unit } = useUnit();
  const hatch = useId();
  const rest = restMm ?? 100;
  const major = unit === 'cm' ? 10 : MM_PER_INCH;
  const longest = Math.max(rest * 1.8, (pulledMm ?? 0) * 1.1, releasedMm ?? 0);
  const full = Math.ceil(longest / major) * major;
  const x = (mm: number) => LEFT + (Math.min(mm, full) / full) * (WIDTH - 2 * LEFT);
  const units = Math.round(full / major);
  const parts = units > 60 ? 1 : unit === 'cm' ? (units > 30 ? 2 : 10) : 8;
  const every = Math.ceil(units / 24);
  const bar = (y: number, mm: number | undefined, words: string) => (
    <g>
      <rect x={LEFT} y={y} width={x(Math.min(mm ?? 0, rest)) - LEFT} height="32" rx="3" fill="var(--rest)" />
      {mm !== undefined && mm > rest && (
        <rect
          x={x(rest)}
          y={y}
          width={x(mm) - x(rest)}
          height="32"
          fill={`url(#${hatch})`}
          stroke="var(--capacity)"
        />
      )}
      {mm === undefined ? (
        <rect
          x={LEFT}
          y={y}
          width={x(rest) - LEFT}
          height="32"
          rx="3"
          fill="none"
          stroke="var(--control)"
          strokeDasharray="4 4"
        />
      ) : null}
      <text
        x={(LEFT + x(rest)) / 2}
        y={y + 21}
        textAnchor="middle"
        fontSize="13.5"
        fill={mm === undefined ? 'var(--soft)' : 'var(--on-rest)'}
      >
        {words}
      </text>
    </g>
  );
  const say = (mm: number | undefined) => (mm === undefined ? 'not read yet' : formatLength(mm, unit));
  return (
    <svg
      viewBox={`0 0 ${WIDTH} 186`}
      style={{ width: '100%', overflow: 'visible' }}
      role="img"
      aria-label={`On the ruler: at rest ${say(restMm)}, pulled ${say(pulledMm)}, let go ${say(releasedMm)}`}
    >
      <Hatch id={hatch} of="worn" />
      {bar(4, restMm, 'at rest')}
      {bar(48, pulledMm, 'pulled')}
      {bar(92, releasedMm, 'let go')}
      <line
        x1={x(rest)}
        x2={x(rest)}
        y1="0"
        y2="136"
        stroke="var(--demand)"
        strokeWidth="1.5"
        strokeDasharray="3 3"
      />
      {pulledMm !== undefined && (
        <line x1={x(pulledMm)} x2={x(pulledMm)} y1="44" y2="136" stroke="var(--demand)" strokeWidth="1.5" />
      )}
      <line x1={LEFT} x2={x(full)} y1="138" y2="138" stroke="var(--ink)" strokeWidth="1.4" />
      {Array.from({ length: units * parts + 1 }, (_, at) => {
        const mm = (at / parts) * major;
        const isMajor = at % parts === 0;
        const height = isMajor ? 14 : at % (parts / 2) === 0 ? 10 : 6;
        return (
          <line
            key={at}
            x1={x(mm)}
            x2={x(mm)}
            y1="138"
            y2={138 + height}
            stroke="var(--ink)"
            strokeWidth={isMajor ? 1.4 : 0.8}
          />
        );
      })}
      {Array.from({ length: units + 1 }, (_, at) =>
        at % every === 0 ? (
          <text key={at} x={x(at * major)} y="168" fontSize="12.5" textAnchor="middle" fill="var(--soft)">
            {at}
          </text>
        ) : null,
      )}
      <text x={WIDTH - LEFT} y="184" fontSize="12.5" textAnchor="end" fill="var(--soft)">
        {unit === 'cm' ? 'cm' : 'inches'}
      </text>
    </svg>
  );
}
