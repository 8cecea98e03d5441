'use client';
import Button from '@mui/material/Button';
import { useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import { lengthMm } from '@/core/facts/spec';
import type { Point } from '@/core/geometry/point';
import { isUneven, projectionOf, type GridMatch } from '@/core/paper/projection';
import { MM_PER_INCH } from '@/core/units/constants';
import { wayOfKey } from '@/ui/arrowKeys';
import { LengthField } from '@/ui/LengthField';
import { useUnit } from '@/ui/unit';
import styles from './Projector.module.css';

const wideSpec = lengthMm('Grid, across', 100, 3000);
const highSpec = lengthMm('Grid, down', 100, 3000);
/** Lines of the grid: every 5 cm, or every 2 in. */
const EVERY_MM = { cm: 50, in: 2 * MM_PER_INCH } as const;
/** Usual grids of cutting mats, mm (common practice, no source). */
const USUAL = { cm: [550, 400], in: [23 * MM_PER_INCH, 17 * MM_PER_INCH] } as const;
/** An arrow key moves a corner so far, px; with the shift key the smaller step. */
const STEP_PX = [4, 0.5] as const;
interface Props {
  readonly match: GridMatch | undefined;
  readonly onMatch: (match: GridMatch) => void;
}

/** A grid is thrown onto the mat’s own, and two opposite corners are pulled onto it. */
export function MatchGrid({ match, onMatch }: Props) {
  const { unit } = useUnit();
  const [wide, high] = USUAL[unit];
  const [now, setNow] = useState<GridMatch>(() => match ?? firstMatch(wide, high));
  const projection = projectionOf(now);
  const move = (which: 'from' | 'to', to: Point) =>
    setNow((before) => ({ ...before, [which]: to, ratio: window.devicePixelRatio }));
  return (
    <div className={styles.matching}>
      <svg className={styles.picture} aria-label="Grid to match">
        <GridLines match={now} every={EVERY_MM[unit]} />
        <Corner name="Upper left corner" at={now.from} onMove={(to) => move('from', to)} />
        <Corner name="Lower right corner" at={now.to} onMove={(to) => move('to', to)} />
      </svg>
      <div className={styles.panel}>
        <p>
          <strong>Match the grid.</strong> Type how large the grid of your mat is, then pull the round corners
          onto its corners: by hand, or with the arrow keys (with Shift half a point).
        </p>
        <div className={styles.pair}>
          <LengthField
            spec={wideSpec}
            valueMm={now.wideMm}
            required
            onChange={(mm) => mm !== undefined && setNow({ ...now, wideMm: mm })}
          />
          <LengthField
            spec={highSpec}
            valueMm={now.highMm}
            required
            onChange={(mm) => mm !== undefined && setNow({ ...now, highMm: mm })}
          />
        </div>
        {projection && isUneven(projection) && (
          <p>
            The picture is drawn out more one way than the other: lengths come out right, but a projector that
            looks straight down is sharper.
          </p>
        )}
        {!projection && <p>Pull the corners further apart, the one above left, the other below right.</p>}
        <p className="small">
          Lines of the picture that run beside the mat’s in between: turn the projector until they lie on each
          other.
        </p>
        <Button variant="contained" disabled={!projection} onClick={() => onMatch(now)}>
          They match
        </Button>
      </div>
    </div>
  );
}

/** A grid of that size in the middle of the screen, to begin with. */
function firstMatch(wideMm: number, highMm: number): GridMatch {
  const { innerWidth, innerHeight, devicePixelRatio } = window;
  const scale = SHARE * Math.min(innerWidth / wideMm, innerHeight / highMm);
  const [left, top] = [(innerWidth - scale * wideMm) / 2, (innerHeight - scale * highMm) / 2];
  return {
    wideMm,
    highMm,
    from: { x: left, y: top },
    to: { x: left + scale * wideMm, y: top + scale * highMm },
    ratio: devicePixelRatio,
  };
}
const SHARE = 0.8;

function GridLines({ match: { wideMm, highMm, from, to }, every }: { match: GridMatch; every: number }) {
  const places = (long: number) =>
    [...Array.from({ length: Math.ceil(long / every) }, (_, nth) => (nth * every) / long), 1] as const;
  return (
    <g className={styles.grid}>
      {places(wideMm).map((share) => {
        const x = from.x + share * (to.x - from.x);
        return <line key={`x${share}`} x1={x} x2={x} y1={from.y} y2={to.y} />;
      })}
      {places(highMm).map((share) => {
        const y = from.y + share * (to.y - from.y);
        return <line key={`y${share}`} y1={y} y2={y} x1={from.x} x2={to.x} />;
      })}
    </g>
  );
}

function Corner({ name, at, onMove }: { name: string; at: Point; onMove: (to: Point) => void }) {
  const held = useRef<Point | undefined>(undefined);
  const press = (event: PointerEvent<SVGGElement>) => {
    event.currentTarget.setPointerCapture(event.pointerId);
    held.current = { x: event.clientX - at.x, y: event.clientY - at.y };
  };
  const drag = (event: PointerEvent<SVGGElement>) => {
    if (held.current) onMove({ x: event.clientX - held.current.x, y: event.clientY - held.current.y });
  };
  const key = (event: KeyboardEvent<SVGGElement>) => {
    const way = wayOfKey(event.key);
    if (!way) return;
    event.preventDefault();
    event.stopPropagation();
    const step = STEP_PX[event.shiftKey ? 1 : 0];
    onMove({ x: at.x + way.x * step, y: at.y + way.y * step });
  };
  return (
    <g
      className={styles.corner}
      role="button"
      tabIndex={0}
      aria-label={name}
      transform={`translate(${at.x} ${at.y})`}
      onPointerDown={press}
      onPointerMove={drag}
      onPointerUp={() => (held.current = undefined)}
      onKeyDown={key}
    >
      <circle r={24} className={styles.reach} />
      <circle r={11} />
      <path d="M-20 0H20M0 -20V20" />
    </g>
  );
}
