'use client';
import Button from '@mui/material/Button';
import type { KeyboardEvent, ReactNode } from 'react';
import type { Homography } from '@/core/geometry/homography';
import type { Point } from '@/core/geometry/point';
import { wayOfKey } from '@/ui/arrowKeys';
import type { Photo } from './photo';
import styles from './Trace.module.css';
import { useSurface } from './useSurface';
import { fromScreen, photoTransform, toScreen, type Box, type View } from './view';

interface Props {
  readonly label: string;
  /** Changes when something else is looked at: the view is fitted anew. */
  readonly of: string;
  readonly bounds: Box;
  readonly photo: Photo | undefined;
  /** Lays the photo flat; absent while its own pixels are looked at. */
  readonly map: Homography | undefined;
  readonly points: readonly Point[];
  readonly setting: boolean;
  readonly cursor: Point | undefined;
  /** What is under the magnifier, and how good it is. */
  readonly lens: { readonly at: Point; readonly words: (view: View) => string } | undefined;
  readonly draw: (view: View) => ReactNode;
  readonly onMove: (nth: number, to: Point, done: boolean, view: View) => void;
  readonly onTap: (at: Point, nth: number | undefined, view: View) => void;
  readonly onCursor: (at: Point | undefined) => void;
  /** An arrow key, in steps of the table’s own unit; whether it was taken. */
  readonly onArrow: (dx: number, dy: number, far: boolean, view: View) => boolean;
  readonly onKey: (key: string) => boolean;
}

/** The crosshair goes so many pixels at a key, and so many with Shift. */
const CROSSHAIR_PX = { near: 4, far: 40 } as const;
const LENS_PX = 150;
const LENS_FACTOR = 4;

/** The surface one traces on: what lies under, what is drawn over it, a magnifier, and a crosshair for the keyboard. */
export function TraceTable(props: Props) {
  const { label, of, bounds, photo, map, points, cursor, lens, draw } = props;
  const surface = useSurface({
    bounds,
    of,
    points,
    setting: props.setting,
    onMove: props.onMove,
    onTap: props.onTap,
    onHover: props.onCursor,
  });
  const { view, size } = surface;
  const moveCrosshair = ({ x: dx, y: dy }: Point, far: boolean) => {
    const from = cursor ?? fromScreen(view, { x: size.width / 2, y: size.height / 2 });
    const step = (far ? CROSSHAIR_PX.far : CROSSHAIR_PX.near) / view.scale;
    props.onCursor({ x: from.x + dx * step, y: from.y + dy * step });
  };
  const press = (event: KeyboardEvent) => {
    if (event.ctrlKey || event.metaKey || event.altKey) return;
    const arrow = wayOfKey(event.key);
    const taken = arrow
      ? props.onArrow(arrow.x, arrow.y, event.shiftKey, view) || (moveCrosshair(arrow, event.shiftKey), true)
      : event.key === '+' || event.key === '='
        ? (surface.zoom(1.25), true)
        : event.key === '-'
          ? (surface.zoom(0.8), true)
          : event.key === '0'
            ? (surface.fit(), true)
            : (event.key === 'Enter' || event.key === ' ') && cursor
              ? (props.onTap(cursor, nearestTo(points, cursor, view), view), true)
              : props.onKey(event.key);
    if (taken) event.preventDefault();
  };
  const lensView = lens && {
    scale: view.scale * LENS_FACTOR,
    x: lens.at.x - LENS_PX / 2 / (view.scale * LENS_FACTOR),
    y: lens.at.y - LENS_PX / 2 / (view.scale * LENS_FACTOR),
  };
  const lensOnRight = lens ? toScreen(view, lens.at).x < 340 : false;
  const words = lens?.words(view) ?? '';
  const lensSide = lensOnRight ? { right: 8 } : { left: 8 };
  return (
    <>
      <div
        ref={surface.ref}
        className={styles.table}
        tabIndex={0}
        role="application"
        aria-label={label}
        onKeyDown={press}
        data-view={size.measured ? JSON.stringify(view) : undefined}
      >
        <Layers view={view} photo={photo} map={map} width={size.width} height={size.height}>
          {draw(view)}
          {cursor && <Cross at={toScreen(view, cursor)} />}
        </Layers>
        {lens && lensView && (
          <>
            <div className={styles.lens} style={{ top: 8, ...lensSide }} aria-hidden>
              <Layers view={lensView} photo={photo} map={map} width={LENS_PX} height={LENS_PX}>
                {draw(lensView)}
                <Cross at={{ x: LENS_PX / 2, y: LENS_PX / 2 }} />
              </Layers>
            </div>
            {words !== '' && (
              <span className={styles.lensWords} style={lensSide}>
                {words}
              </span>
            )}
          </>
        )}
      </div>
      <div className={styles.tools}>
        <Button size="small" variant="outlined" onClick={() => surface.zoom(1.4)}>
          Nearer
        </Button>
        <Button size="small" variant="outlined" onClick={() => surface.zoom(1 / 1.4)}>
          Farther
        </Button>
        <Button size="small" variant="outlined" onClick={surface.fit}>
          All of it
        </Button>
        <span className="soft small">
          Wheel or pinch to come nearer, drag the ground to look about. Keys: arrows, Enter, + − 0.
        </span>
      </div>
    </>
  );
}

const KEY_REACH_PX = 12;
function nearestTo(points: readonly Point[], to: Point, { scale }: View): number | undefined {
  const far = points.map(({ x, y }) => Math.hypot(x - to.x, y - to.y) * scale);
  const least = Math.min(...far);
  return least <= KEY_REACH_PX ? far.indexOf(least) : undefined;
}

function Layers({
  view,
  photo,
  map,
  width,
  height,
  children,
}: {
  view: View;
  photo: Photo | undefined;
  map: Homography | undefined;
  width: number;
  height: number;
  children: ReactNode;
}) {
  return (
    <>
      {photo && (
        // What lies on the table is a file of this device: there is nothing to optimise.
        // eslint-disable-next-line @next/next/no-img-element
        <img
          className={styles.photo}
          src={photo.url}
          alt=""
          width={photo.width}
          height={photo.height}
          draggable={false}
          style={{ transform: photoTransform(map, view) }}
        />
      )}
      <svg width={width} height={height} aria-hidden>
        {children}
      </svg>
    </>
  );
}

function Cross({ at: { x, y } }: { at: Point }) {
  return (
    <path
      d={`M${x - 14} ${y}H${x - 3}M${x + 3} ${y}H${x + 14}M${x} ${y - 14}V${y - 3}M${x} ${y + 3}V${y + 14}`}
      stroke="var(--ink)"
      strokeWidth="1.5"
    />
  );
}
