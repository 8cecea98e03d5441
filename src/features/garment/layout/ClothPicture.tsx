import { useDrag } from '@use-gesture/react';
import { memo, useEffect, useId, useMemo, useRef, useState, type KeyboardEvent } from 'react';
import { point, type Point } from '@/core/geometry/point';
import { isClear } from '@/core/layout/hand';
import { nameOf, type Layout, type LayoutProblem, type Placement } from '@/core/layout/problem';
import type { ClothPiece } from '@/core/onCloth/garmentPieces';
import { MM_PER_INCH } from '@/core/units/constants';
import { wayOfKey } from '@/ui/arrowKeys';
import { useUnit } from '@/ui/unit';
import { facing, type Facing } from './facing';
import styles from './Layout.module.css';
import { PieceOnCloth } from './PieceOnCloth';
import type { ByHandState } from './useByHand';

interface Props {
  readonly layout: Layout;
  readonly pieces: readonly ClothPiece[];
  /** The cloth: its width, how its print repeats, where it was cut before. */
  readonly on: Pick<LayoutProblem, 'widthMm' | 'asCut' | 'repeat' | 'holes'>;
  /** Where the cloth is folded, from its left selvedge. */
  readonly foldMm: number | undefined;
  /** What stands at the selvedges: how it stretches, that its nap points one way. */
  readonly said: string;
  readonly hand: ByHandState;
  /** The names of copies that lie on others, or beside the cloth. */
  readonly crossed: ReadonlySet<string>;
  /** By which pieces are numbered. */
  readonly numbers: ReadonlyMap<string, number>;
  /** The names of copies that are cut: they stay where they are. */
  readonly cut: ReadonlySet<string>;
  /** Where pieces are ticked as they are cut, and not moved. */
  readonly onTick: ((one: Placement) => void) | undefined;
}

/** Signs are so large, as a share of the longer side of what is drawn. */
const SIGN = 0.021;
/** How wide a letter is on the mean, of its size: what is said along the selvedge is no longer than that. */
const LETTER = 0.5;
/** So much cloth is drawn below what is laid, as a share of its longer side: somewhere to put a piece. */
const BELOW = 0.07;
/** A piece is drawn to what it touches from so far away, px. */
const SNAP_PX = 9;
/** How far an arrow key moves a piece, mm: and with the shift key. */
const STEPS_MM = { cm: [5, 1], in: [MM_PER_INCH / 4, MM_PER_INCH / 16] } as const;

/** Pieces on their cloth to scale, what is left over hatched, moved by hand. Cloth that is longer than wide lies on its side. */
export function ClothPicture({
  layout,
  pieces,
  on: { widthMm, asCut, repeat, holes = [] },
  foldMm,
  said,
  hand,
  crossed,
  numbers,
  cut,
  onTick,
}: Props) {
  const hatch = useId();
  const { unit } = useUnit();
  const svg = useRef<SVGSVGElement>(null);
  const { lengthMm } = layout;
  const long = lengthMm + BELOW * Math.max(lengthMm, widthMm);
  // As it was seen first: it would be confusing if it turned while pieces are moved.
  const [onSide] = useState(lengthMm > widthMm);
  const view = useMemo(() => facing(widthMm, onSide), [widthMm, onSide]);
  const [wide, high] = onSide ? [long, widthMm] : [widthMm, long];
  const sign = SIGN * Math.max(wide, high * 1.3);
  const room = 2 * sign;
  const byName = (name: string): Placement | undefined =>
    layout.placements.find((one) => nameOf(one) === name);

  const isChosen = (name: string) => hand.chosen !== undefined && nameOf(hand.chosen) === name;
  const press = (name: string) => {
    const one = byName(name);
    if (!onTick) hand.choose(name);
    else if (one) onTick(one);
  };
  const bind = useDrag(
    ({ args, movement: [mx, my], first, last, tap, memo: from }) => {
      const name = args[0] as string;
      if (tap) {
        press(name);
        return undefined;
      }
      if (onTick || cut.has(name)) return undefined;
      const began = first || from === undefined ? byName(name) : (from as Placement);
      const scale = svg.current?.getScreenCTM()?.a;
      if (!began || !scale) return undefined;
      if (first) hand.take(name);
      const by = view.onCloth(point(mx / scale, my / scale));
      hand.drag(name, point(began.x + by.x, began.y + by.y), SNAP_PX / scale);
      if (last) hand.putDown();
      return began;
    },
    { filterTaps: true },
  );
  const onKeyDown = (name: string) => (event: KeyboardEvent) => {
    if (event.key === 'Enter' || event.key === ' ') {
      event.preventDefault();
      press(name);
      return;
    }
    const way = wayOfKey(event.key);
    if (!way || onTick || cut.has(name)) return;
    event.preventDefault();
    const step = STEPS_MM[unit][event.shiftKey ? 1 : 0];
    hand.nudge(name, view.onCloth(point(way.x * step, way.y * step)));
  };
  const ticking = onTick !== undefined;
  // A finger on a piece moves that, not the page; what the style sheet could say of it browsers do not heed within drawings.
  useEffect(() => {
    const picture = svg.current;
    const onlyThePiece = (event: TouchEvent) => {
      if (!ticking && (event.target as Element).closest('[data-piece]')) event.preventDefault();
    };
    picture?.addEventListener('touchstart', onlyThePiece, { passive: false });
    return () => picture?.removeEventListener('touchstart', onlyThePiece);
  }, [ticking]);
  const line = (from: Point, to: Point) => {
    const [a, b] = [view.seen(from), view.seen(to)];
    return { x1: a.x, y1: a.y, x2: b.x, y2: b.y };
  };
  const laidCorner = view.seen(point(onSide ? widthMm : 0, 0));
  return (
    <svg
      ref={svg}
      className={styles.picture}
      viewBox={`${-room} ${-room} ${wide + 2 * room} ${high + 2 * room}`}
      style={{ aspectRatio: `${wide + 2 * room} / ${high + 2 * room}` }}
      role="group"
      aria-label={`${layout.placements.length} pieces on cloth`}
    >
      <defs>
        <pattern
          id={hatch}
          width={sign}
          height={sign}
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <line className={styles.hatch} x1={0} y1={0} x2={0} y2={sign} strokeWidth={sign / 12} />
        </pattern>
      </defs>
      <rect className={styles.cloth} width={wide} height={high} />
      <rect
        x={laidCorner.x}
        y={laidCorner.y}
        width={onSide ? lengthMm : widthMm}
        height={onSide ? widthMm : lengthMm}
        fill={`url(#${hatch})`}
      />
      {holes.map((ring, nth) => (
        <polygon
          key={nth}
          className={styles.gone}
          points={ring.map((corner) => pair(view.seen(corner))).join(' ')}
        />
      ))}
      {[0, widthMm].map((x) => (
        <line key={x} className={styles.selvedge} {...line(point(x, 0), point(x, long))} />
      ))}
      <line className={styles.end} {...line(point(0, lengthMm), point(widthMm, lengthMm))} />
      <text
        className={styles.said}
        fontSize={Math.min(sign, (onSide ? wide : high) / (LETTER * said.length))}
        textAnchor="middle"
        transform={
          onSide
            ? `translate(${wide / 2} ${-0.6 * sign})`
            : `translate(${-0.6 * sign} ${high / 2}) rotate(-90)`
        }
      >
        {said}
      </text>
      {layout.placements.map((one) => {
        const piece = pieces.find(({ id }) => id === one.piece);
        const name = nameOf(one);
        return (
          piece && (
            <g
              key={name}
              {...bind(name)}
              className={styles.movable}
              data-piece={one.piece}
              data-cut={cut.has(name)}
              data-held={hand.held?.name === name}
              data-chosen={!onTick && isChosen(name)}
              data-crossed={hand.held ? hand.held.crossing.over.includes(name) : crossed.has(name)}
              role="button"
              tabIndex={0}
              aria-label={[
                hand.called(name),
                ...(one.mirrored ? ['face down'] : []),
                ...(cut.has(name) ? ['cut'] : hand.pinned.has(name) ? ['stays'] : []),
              ].join(', ')}
              aria-pressed={onTick ? cut.has(name) : isChosen(name)}
              onKeyDown={onKeyDown(name)}
            >
              <Still
                piece={piece}
                outline={asCut?.get(name) ?? piece.ring}
                one={one}
                number={numbers.get(piece.id) as number}
                sign={sign}
                view={view}
                pinned={hand.pinned.has(name)}
              />
            </g>
          )
        );
      })}
      {repeatLines(repeat, widthMm, long).map(([from, to]) => (
        <line key={`${from.x} ${from.y}`} className={styles.repeat} {...line(from, to)} />
      ))}
      {foldMm !== undefined && (
        <line className={styles.fold} {...line(point(foldMm, 0), point(foldMm, long))}>
          <title>fold</title>
        </line>
      )}
      {hand.held && <Above hand={hand} pieces={pieces} numbers={numbers} sign={sign} view={view} />}
    </svg>
  );
}

const pair = ({ x, y }: Point): string => `${x.toFixed(1)},${y.toFixed(1)}`;

/** More lines than these are a pattern of their own: then none is drawn. */
const MOST_LINES = 120;

/** Where a print repeats. */
function repeatLines(
  repeat: LayoutProblem['repeat'],
  widthMm: number,
  longMm: number,
): readonly (readonly [Point, Point])[] {
  const { acrossMm, alongMm, fromMm = 0 } = repeat ?? {};
  const upTo = (mm: number, everyMm: number | undefined, begin: number): readonly number[] =>
    everyMm && mm / everyMm <= MOST_LINES
      ? Array.from({ length: Math.floor((mm - begin) / everyMm) + 1 }, (_, nth) => begin + nth * everyMm)
      : [];
  return [
    ...upTo(widthMm, acrossMm, acrossMm ? fromMm % acrossMm : 0).map(
      (x) => [point(x, 0), point(x, longMm)] as const,
    ),
    ...upTo(longMm, alongMm, 0).map((y) => [point(0, y), point(widthMm, y)] as const),
  ];
}

/** A piece that is drawn again only when something of it changed. */
const Still = memo(PieceOnCloth);

interface AboveProps {
  readonly hand: ByHandState;
  readonly pieces: readonly ClothPiece[];
  readonly numbers: ReadonlyMap<string, number>;
  readonly sign: number;
  readonly view: Facing;
}

/** The piece that is held, above all others. */
function Above({ hand: { held, pinned }, pieces, numbers, sign, view }: AboveProps) {
  const piece = pieces.find(({ id }) => id === held?.at.piece);
  if (!held || !piece) return null;
  return (
    <g className={styles.above} data-crossed={!isClear(held.crossing)}>
      <PieceOnCloth
        piece={piece}
        outline={piece.ring}
        one={held.at}
        number={numbers.get(piece.id) as number}
        sign={sign}
        view={view}
        pinned={pinned.has(held.name)}
      />
    </g>
  );
}
