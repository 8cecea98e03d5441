'use client';
import { useId } from 'react';
import { Hatch } from './Hatch';
import { formatLength } from '@/core/units/formatLength';
import { useUnit } from './unit';

interface Props {
  readonly label: string;
  readonly restMm: number;
  readonly wornMm?: number;
  /** Where it must reach to be pulled on. */
  readonly reachMm?: number;
  /** Where its comfortable limit lies. */
  readonly limitMm?: number;
  /** The length the full width stands for, so that several rules share a scale. */
  readonly fullMm: number;
  readonly widthPx?: number;
}

const BAR_TOP = 8;
const BAR = 18;
const HEIGHT = 50;
/** Two numbers closer than this, px, are written one above the other. */
const CLOSE_PX = 62;

/** The product's own picture: rest solid, worn hatched, an open flag to pull on, a bracket at the limit. */
export function StretchRule({ label, restMm, wornMm, reachMm, limitMm, fullMm, widthPx = 560 }: Props) {
  const { unit } = useUnit();
  const hatch = useId();
  const at = (mm: number) => Math.min((mm / fullMm) * (widthPx - 46), widthPx - 4);
  const show = (mm: number) => formatLength(mm, unit);
  const worn = wornMm !== undefined && wornMm > restMm ? wornMm : undefined;
  const furthest = Math.max(restMm, worn ?? 0, reachMm ?? 0, limitMm ?? 0);
  const text = [
    `${label}: ${show(restMm)} at rest`,
    worn === undefined ? undefined : `${show(worn)} worn`,
    reachMm === undefined ? undefined : `must reach ${show(reachMm)} to be pulled on`,
    limitMm === undefined ? undefined : `can reach ${show(limitMm)}`,
  ]
    .filter(Boolean)
    .join(', ');
  const tooFar = reachMm !== undefined && limitMm !== undefined && reachMm > limitMm;
  const labels = [
    ...(worn === undefined ? [] : [{ x: at(worn), text: show(worn), fill: 'var(--on-capacity-tint)' }]),
    ...(reachMm === undefined ? [] : [{ x: at(reachMm), text: show(reachMm), fill: 'var(--demand)' }]),
    ...(limitMm === undefined ? [] : [{ x: at(limitMm), text: show(limitMm), fill: 'var(--soft)' }]),
  ].sort((a, b) => a.x - b.x);
  const rows = labels.map((_, index) =>
    index > 0 && (labels[index]?.x ?? 0) - (labels[index - 1]?.x ?? 0) < CLOSE_PX ? 1 : 0,
  );
  if (rows[1] === 1 && rows[2] === 1) rows[2] = 0;
  return (
    <svg
      role="img"
      aria-label={text}
      viewBox={`0 0 ${widthPx} ${HEIGHT + 14}`}
      style={{ width: '100%', maxWidth: widthPx, display: 'block' }}
    >
      <Hatch id={hatch} of="worn" />
      <line
        x1="0"
        x2={at(furthest)}
        y1={BAR_TOP + BAR / 2}
        y2={BAR_TOP + BAR / 2}
        stroke="var(--control)"
        strokeWidth="1.5"
      />
      {worn !== undefined && (
        <rect
          x={at(restMm)}
          y={BAR_TOP}
          width={at(worn) - at(restMm)}
          height={BAR}
          fill={`url(#${hatch})`}
          stroke="var(--capacity)"
        />
      )}
      <rect x="0" y={BAR_TOP} width={at(restMm)} height={BAR} rx="2" fill="var(--rest)" />
      <text
        x={Math.max(at(restMm) - 8, 60)}
        y={BAR_TOP + 13.5}
        textAnchor="end"
        fontSize="12.5"
        fontWeight="650"
        fill="var(--on-rest)"
      >
        {show(restMm)}
      </text>
      {limitMm !== undefined && (
        <path
          d={`M${at(limitMm) - 6} ${BAR_TOP} h6 v${BAR} h-6`}
          fill="none"
          stroke="var(--capacity)"
          strokeWidth="2.5"
        />
      )}
      {reachMm !== undefined && (
        <path
          d={`M${at(reachMm)} ${BAR_TOP + BAR} v-${BAR + 6} l9 5 l-9 5`}
          fill={tooFar ? 'var(--demand)' : 'none'}
          stroke="var(--demand)"
          strokeWidth="2"
          strokeLinejoin="round"
        />
      )}
      {labels.map((one, index) => (
        <text
          key={one.x}
          x={one.x}
          y={BAR_TOP + BAR + 15 + (rows[index] ?? 0) * 14}
          textAnchor="middle"
          fontSize="12.5"
          fill={one.fill}
        >
          {one.text}
        </text>
      ))}
    </svg>
  );
}
