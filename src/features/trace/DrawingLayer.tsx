'use client';
import { useMemo } from 'react';
import type { Path } from '@/core/geometry/path';
import type { Point } from '@/core/geometry/point';
import { pathData } from '@/features/pieces/pathData';
import type { View } from './view';

/** Places are written to a thousandth of a millimetre. */
const FINE = 100;
const fine = ({ x, y }: Point): Point => ({ x: x * FINE, y: y * FINE });

/** The lines of a drawing under the table, thin; written once in mm, moved by the view. */
export function DrawingLayer({ view, lines }: { view: View; lines: readonly Path[] }) {
  const d = useMemo(() => lines.map((line) => pathData(line, fine)).join(''), [lines]);
  return (
    <path
      d={d}
      transform={`translate(${-view.x * view.scale} ${-view.y * view.scale}) scale(${view.scale / FINE})`}
      vectorEffect="non-scaling-stroke"
      fill="none"
      stroke="var(--soft)"
      strokeWidth="1"
    />
  );
}
