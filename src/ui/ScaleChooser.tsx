'use client';
import { useId } from 'react';
import { Hatch } from './Hatch';
import { flagRows, labelRows } from './labelRows';
import styles from './ScaleChooser.module.css';

export interface ScaleRegion {
  readonly from: number;
  readonly to: number;
  readonly kind: 'good' | 'care' | 'no';
  /** A word under it; the hatching and the word carry the meaning. */
  readonly word?: string;
}
interface ScaleMark {
  readonly value: number;
  readonly label: string;
  readonly low?: number;
  readonly high?: number;
}
interface ScaleTick {
  readonly value: number;
  readonly label: string;
  readonly under?: string;
}

interface Props {
  readonly label: string;
  readonly from: number;
  readonly to: number;
  readonly step: number;
  readonly value: number;
  readonly valueText: string;
  readonly regions: readonly ScaleRegion[];
  readonly marks: readonly ScaleMark[];
  readonly ticks: readonly ScaleTick[];
  readonly onChange: (value: number) => void;
  readonly onDone?: () => void;
}

const WIDTH = 590;
const PAD = 26;
const ROW = 16;
const BAND = 26;

/** A scale to choose on: the schools above it, the limits in it, the chosen value as a pointer to drag or move by keys. */
export function ScaleChooser(props: Props) {
  const { label, from, to, step, value, valueText, regions, marks, ticks, onChange, onDone } = props;
  const hatch = useId();
  // Rounded, because the last digit of a power or a logarithm may differ between server and browser.
  const at = (v: number) =>
    round(PAD + ((Math.min(Math.max(v, from), to) - from) / (to - from)) * (WIDTH - 2 * PAD), 1);
  const flags = flagRows(
    marks.map((mark) => ({ x: at(mark.value), text: mark.label })),
    WIDTH,
    at(value),
  );
  const rowCount = Math.max(1, ...flags.map(({ row }) => row + 1));
  const top = 34 + rowCount * ROW;
  const bottom = top + BAND;
  const words = regions.filter((region) => region.word && at(region.to) - at(region.from) > 8);
  const wordLabels = words.map((region) => ({
    x: clampLabel((at(region.from) + at(region.to)) / 2, region.word ?? ''),
    text: region.word ?? '',
  }));
  const wordRows = labelRows(wordLabels);
  const hasUnder = ticks.some((tick) => tick.under);
  const wordTop = bottom + (hasUnder ? 50 : 36);
  const height = wordTop + (wordRows.length > 0 ? (Math.max(...wordRows) + 1) * ROW : 0);
  const pointer = at(value);
  return (
    <div className={styles.wrap}>
      <input
        type="range"
        className={styles.range}
        aria-label={label}
        aria-valuetext={valueText}
        min={round(from, 4)}
        max={round(to, 4)}
        step={step}
        value={round(value, 4)}
        onChange={(event) => onChange(Number(event.target.value))}
        onPointerUp={onDone}
        onBlur={onDone}
      />
      <svg className={styles.svg} viewBox={`0 0 ${WIDTH} ${height}`} aria-hidden="true">
        <Hatch id={hatch} of="forbidden" />
        {regions.map((region) => (
          <rect
            key={`${region.from}-${region.kind}`}
            x={at(region.from)}
            width={Math.max(at(region.to) - at(region.from), 0)}
            y={top}
            height={BAND}
            fill={
              region.kind === 'no'
                ? `url(#${hatch})`
                : region.kind === 'care'
                  ? 'var(--now)'
                  : 'var(--capacity-tint)'
            }
          />
        ))}
        <line x1={pointer} x2={pointer} y1="24" y2={top} stroke="var(--ink)" strokeWidth="2" />
        {marks.map((mark, index) => (
          <g key={mark.label}>
            {mark.low !== undefined && mark.high !== undefined && (
              <path
                d={`M${at(mark.low)} ${top + 8} v10 M${at(mark.low)} ${top + 13} H${at(mark.high)} M${at(mark.high)} ${top + 8} v10`}
                stroke="var(--rest)"
                strokeWidth="1.8"
                fill="none"
              />
            )}
            <line
              x1={at(mark.value)}
              x2={at(mark.value)}
              y1={top - (flags[index]?.row ?? 0) * ROW - 15}
              y2={bottom}
              stroke="var(--rest)"
              strokeWidth="1.5"
              strokeDasharray="3 3"
            />
          </g>
        ))}
        {marks.map((mark, index) => (
          <text
            key={mark.label}
            x={flags[index]?.x}
            y={top - (flags[index]?.row ?? 0) * ROW - 7}
            fontSize="12.5"
            fill="var(--ink)"
            stroke="var(--ground)"
            strokeWidth="4"
            paintOrder="stroke"
          >
            {mark.label}
          </text>
        ))}
        {ticks.map((tick) => (
          <g key={tick.value}>
            <line
              x1={at(tick.value)}
              x2={at(tick.value)}
              y1={bottom}
              y2={bottom + 7}
              stroke="var(--control)"
              strokeWidth="1.5"
            />
            <text x={at(tick.value)} y={bottom + 20} textAnchor="middle" fontSize="12.5" fill="var(--soft)">
              {tick.label}
            </text>
            {tick.under && (
              <text x={at(tick.value)} y={bottom + 34} textAnchor="middle" fontSize="12.5" fill="var(--soft)">
                {tick.under}
              </text>
            )}
          </g>
        ))}
        {wordLabels.map((word, index) => (
          <text
            key={word.text}
            x={word.x}
            y={wordTop + (wordRows[index] ?? 0) * ROW}
            textAnchor="middle"
            fontSize="12.5"
            fill={
              words[index]?.kind === 'good'
                ? 'var(--on-capacity-tint)'
                : words[index]?.kind === 'no'
                  ? 'var(--on-demand-tint)'
                  : 'var(--ink)'
            }
          >
            {word.text}
          </text>
        ))}
        <path className={styles.pointer} d={`M${pointer - 6} ${top - 5} h12 V${bottom - 3} l-6 8 l-6 -8 Z`} />
        <text
          x={Math.min(Math.max(pointer, 44), WIDTH - 44)}
          y="17"
          textAnchor="middle"
          fontSize="19"
          fontWeight="700"
          fill="var(--ink)"
        >
          {valueText}
        </text>
      </svg>
    </div>
  );
}

const round = (value: number, digits: number): number => Number(value.toFixed(digits));

/** Keeps a label's middle far enough from the ends that its text stays on the scale. */
function clampLabel(x: number, text: string): number {
  const half = (text.length * 6.6) / 2;
  return Math.min(Math.max(x, half), WIDTH - half);
}
