'use client';
import { useDrag } from '@use-gesture/react';
import type { KeyboardEvent } from 'react';
import type { DraftChoice, DraftHandle } from '@/core/blocks/drafter';
import { dot, sizeOf, times } from '@/core/geometry/point';
import type { Bounds } from '@/core/geometry/ring';
import type { NotchMark } from '@/core/pieces/notches';
import { roundPiece, type Outline } from '@/core/pieces/outline';
import { formatLength } from '@/core/units/formatLength';
import { roundToStep, tapeStepMm } from '@/core/units/roundForTape';
import { notchData, pathData } from '@/features/pieces/pathData';
import { wayOfKey } from '@/ui/arrowKeys';
import { useUnit } from '@/ui/unit';
import styles from './Draft.module.css';

/** A notch is so long, and a finger so wide, px. */
const NOTCH_PX = 10;
const FINGER_PX = 22;
const DOT_PX = 7;
/** With Shift an arrow key goes this many steps. */
const FAR = 10;

interface Props {
  readonly outline: Outline;
  readonly before: Outline | undefined;
  readonly box: Bounds;
  /** Pixels for a millimetre. */
  readonly scale: number;
  readonly notches: readonly NotchMark[];
  readonly handles: readonly (DraftHandle & { readonly choice: string })[];
  readonly choices: readonly DraftChoice[];
  readonly mmOf: (choice: DraftChoice) => number;
  readonly held: string | undefined;
  readonly picked: string | undefined;
  readonly onPick: (edge: string) => void;
  readonly onHold: (choice: string, mm: number) => void;
  readonly onLetGo: () => void;
  readonly onStep: (choice: string, mm: number) => void;
}

/** One drafted piece to scale: its edges to be picked, its old line dotted, and the points by which it is shaped. */
export function DraftedPiece(props: Props) {
  const { outline, before, box, scale, notches, handles, choices, held, picked, onPick } = props;
  const { left, top, right, bottom } = box;
  const [width, height] = [right - left, bottom - top];
  return (
    <svg
      role="group"
      aria-label={`${outline.shape.label}, drafted`}
      width={width * scale}
      height={height * scale}
      viewBox={`${left} ${top} ${width} ${height}`}
    >
      <path className={styles.cloth} d={`${pathData(roundPiece(outline))}Z`} />
      {before && <path className={styles.old} d={`${pathData(roundPiece(before))}Z`} />}
      {outline.edges.map(({ of, path }, nth) => (
        <g key={`${of.id} ${nth}`} onClick={() => onPick(of.id)}>
          <path
            className={`${styles.edge} ${of.fold ? styles.fold : ''}`}
            data-picked={picked === of.id}
            d={pathData(path)}
          />
          <path className={styles.reach} d={pathData(path)}>
            <title>{of.label}</title>
          </path>
        </g>
      ))}
      {notches.map(({ at, out, double }, nth) => (
        <path key={nth} className={styles.notch} d={notchData(at, out, double, NOTCH_PX / scale)} />
      ))}
      {handles.flatMap((handle) => {
        const choice = choices.find(({ id }) => id === handle.choice);
        return choice
          ? [
              <Handle
                key={handle.choice}
                handle={handle}
                choice={choice}
                mm={props.mmOf(choice)}
                scale={scale}
                held={held === handle.choice}
                onHold={props.onHold}
                onLetGo={props.onLetGo}
                onStep={props.onStep}
              />,
            ]
          : [];
      })}
    </svg>
  );
}

/** A point that is dragged along its way, or moved by the arrow keys, within what is sensible. */
function Handle({
  handle: { at, way },
  choice,
  mm,
  scale,
  held,
  onHold,
  onLetGo,
  onStep,
}: {
  handle: DraftHandle;
  choice: DraftChoice;
  mm: number;
  scale: number;
  held: boolean;
  onHold: (choice: string, mm: number) => void;
  onLetGo: () => void;
  onStep: (choice: string, mm: number) => void;
}) {
  const { unit } = useUnit();
  const step = tapeStepMm(mm, unit);
  const within = (value: number) =>
    Math.min(Math.max(roundToStep(value, step), choice.leastMm), choice.mostMm);
  const size = sizeOf(way);
  const bind = useDrag(({ movement: [mx, my], first, last, memo, tap }) => {
    const from = first || memo === undefined ? mm : (memo as number);
    if (tap) return from;
    // As far as the hand went along its way, in the choice's own measure.
    const along = dot(times({ x: mx, y: my }, 1 / scale), way) / size ** 2;
    onHold(choice.id, within(from + along));
    if (last) onLetGo();
    return from;
  });
  const onKeyDown = (event: KeyboardEvent) => {
    const sign = wayOfKey(event.key);
    if (!sign) return;
    event.preventDefault();
    // An arrow across its way makes it more or less all the same.
    const towards = dot(sign, way);
    const direction = Math.abs(towards) > 0.05 * size ? Math.sign(towards) : sign.x - sign.y;
    onStep(choice.id, within(mm + direction * step * (event.shiftKey ? FAR : 1)));
  };
  const words = formatLength(mm, unit);
  return (
    <g
      {...bind()}
      className={styles.handle}
      data-held={held}
      role="slider"
      tabIndex={0}
      aria-label={choice.label}
      aria-valuemin={Math.round(choice.leastMm)}
      aria-valuemax={Math.round(choice.mostMm)}
      aria-valuenow={Math.round(mm)}
      aria-valuetext={words}
      onKeyDown={onKeyDown}
    >
      <circle className={styles.room} cx={at.x} cy={at.y} r={FINGER_PX / scale} />
      <circle
        className={styles.dot}
        cx={at.x}
        cy={at.y}
        r={DOT_PX / scale}
        style={{ vectorEffect: 'non-scaling-stroke' }}
      />
      {held && (
        <text
          className={styles.held}
          x={at.x + (DOT_PX + 8) / scale}
          y={at.y}
          style={{ fontSize: 13 / scale, strokeWidth: 4 / scale }}
        >
          {words}
        </text>
      )}
    </g>
  );
}
