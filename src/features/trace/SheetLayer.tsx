'use client';
import type { Point } from '@/core/geometry/point';
import { toScreen, type View } from './view';

/** The four handles on the corners of the sheet, and the quadrilateral between them. */
export function SheetLayer({
  view,
  corners,
  selected,
}: {
  view: View;
  corners: readonly Point[];
  selected: number | undefined;
}) {
  const at = corners.map((one) => toScreen(view, one));
  return (
    <g fill="none">
      <polygon
        points={at.map(({ x, y }) => `${x},${y}`).join(' ')}
        stroke="var(--demand)"
        strokeWidth="2"
        strokeDasharray="6 4"
      />
      {at.map(({ x, y }, nth) => (
        <g key={nth}>
          <circle cx={x} cy={y} r={nth === selected ? 15 : 12} stroke="var(--demand)" strokeWidth="3" />
          <text
            x={x + 16}
            y={y - 12}
            fill="var(--ink)"
            stroke="var(--sheet)"
            strokeWidth="4"
            paintOrder="stroke"
            fontSize="15"
          >
            {nth + 1}
          </text>
        </g>
      ))}
    </g>
  );
}
