'use client';
import type { Knot } from '@/core/facts/outline';
import type { Path } from '@/core/geometry/path';
import type { Point } from '@/core/geometry/point';
import type { NotchMark } from '@/core/pieces/notches';
import { ringPath } from '@/core/pieces/ring';
import { pathThrough } from '@/core/geometry/through';
import { notchData, pathData, spotData } from '@/features/pieces/pathData';
import { toScreen, type View } from './view';

interface Props {
  readonly view: View;
  /** Nothing lies under it: squares show the scale. */
  readonly bare: boolean;
  readonly ring: readonly Knot[];
  readonly unfinished: boolean;
  /** Seamlines by edge, where they are known. */
  readonly seamline: readonly Path[];
  readonly cutLine: readonly Point[];
  readonly selected: number | undefined;
  readonly crossings: readonly Point[];
  readonly notches: readonly NotchMark[];
  /** Two points that are being clicked for a check. */
  readonly pair: readonly Point[];
  readonly names: Readonly<Record<string, string>>;
}

const spot = (view: View, one: Point): string => spotData(toScreen(view, one));

export const pathOnTable = (view: View, path: Path): string => pathData(path, (one) => toScreen(view, one));

/** An outline as it lies on the table: what was traced solid, seamline dashed, corners square, curve points round. */
export function OutlineLayer({
  view,
  bare,
  ring,
  unfinished,
  seamline,
  cutLine,
  selected,
  crossings,
  notches,
  pair,
  names,
}: Props) {
  const path = unfinished ? (ring.length > 1 ? pathThrough(ring) : undefined) : ringPath(ring);
  return (
    <g fill="none">
      {bare && <Squares view={view} />}
      {cutLine.length > 0 && (
        <path
          d={`M${cutLine.map((one) => spot(view, one)).join('L')}Z`}
          stroke="var(--soft)"
          strokeWidth="1.5"
        />
      )}
      {seamline.map((one, nth) => (
        <path
          key={nth}
          d={pathOnTable(view, one)}
          stroke="var(--capacity)"
          strokeWidth="2"
          strokeDasharray="6 4"
        />
      ))}
      {path && (
        <>
          <path d={pathOnTable(view, path)} stroke="var(--sheet)" strokeWidth="4" strokeOpacity="0.7" />
          <path d={pathOnTable(view, path)} stroke="var(--demand)" strokeWidth="2" />
        </>
      )}
      {notches.map((mark, nth) => (
        <path
          key={nth}
          d={notchData(toScreen(view, mark.at), mark.out, mark.double, NOTCH_PX)}
          stroke="var(--ink)"
          strokeWidth="2.5"
        />
      ))}
      {ring.map((knot, nth) => (
        <KnotMark
          key={nth}
          at={toScreen(view, knot)}
          corner={knot.corner ?? false}
          selected={nth === selected}
          first={unfinished && nth === 0}
          name={knot.edge === undefined ? undefined : names[knot.edge]}
        />
      ))}
      {pair.length > 1 && (
        <path d={`M${pair.map((one) => spot(view, one)).join('L')}`} stroke="var(--ink)" strokeWidth="2" />
      )}
      {pair.map((one, nth) => {
        const { x, y } = toScreen(view, one);
        return <circle key={nth} cx={x} cy={y} r="5" fill="var(--now)" stroke="var(--ink)" strokeWidth="2" />;
      })}
      {crossings.map((one, nth) => {
        const { x, y } = toScreen(view, one);
        return <circle key={nth} cx={x} cy={y} r="14" stroke="var(--demand)" strokeWidth="3" />;
      })}
    </g>
  );
}

/** A notch is so long, px. */
const NOTCH_PX = 18;

/** So far as anybody traces, in each direction, mm. */
const SQUARES = { from: -1000, to: 3000, each: 100 } as const;

function Squares({ view }: { view: View }) {
  const { from, to, each } = SQUARES;
  const lines = Array.from({ length: (to - from) / each + 1 }, (_, nth) => from + nth * each);
  return (
    <path
      d={lines
        .map(
          (at) =>
            `M${spot(view, { x: at, y: from })}L${spot(view, { x: at, y: to })}M${spot(view, { x: from, y: at })}L${spot(view, { x: to, y: at })}`,
        )
        .join('')}
      stroke="var(--line)"
      strokeWidth="1"
    />
  );
}

function KnotMark({
  at: { x, y },
  corner,
  selected,
  first,
  name,
}: {
  at: Point;
  corner: boolean;
  selected: boolean;
  first: boolean;
  name: string | undefined;
}) {
  const r = selected ? 6.5 : 4.5;
  const paint = {
    fill: selected ? 'var(--now)' : 'var(--sheet)',
    stroke: 'var(--demand)',
    strokeWidth: 2,
  };
  return (
    <>
      {first && <circle cx={x} cy={y} r="12" stroke="var(--demand)" strokeWidth="1.5" />}
      {corner ? (
        <rect x={x - r} y={y - r} width={2 * r} height={2 * r} {...paint} />
      ) : (
        <circle cx={x} cy={y} r={r} {...paint} />
      )}
      {name !== undefined && (
        <text
          x={x + 10}
          y={y - 8}
          fill="var(--ink)"
          stroke="var(--sheet)"
          strokeWidth="4"
          paintOrder="stroke"
          fontSize="13"
        >
          {name}
        </text>
      )}
    </>
  );
}
