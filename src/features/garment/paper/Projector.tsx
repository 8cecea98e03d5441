'use client';
import Link from 'next/link';
import { useEffect, useMemo, useState } from 'react';
import type { Point } from '@/core/geometry/point';
import type { PaperPiece } from '@/core/paper/paperPiece';
import { paperPieces } from '@/core/paper/paperPieces';
import {
  cssPerMm,
  onTable,
  projectionOf,
  turnedOn,
  type Lie,
  type Projection,
} from '@/core/paper/projection';
import { wayOfKey } from '@/ui/arrowKeys';
import { isTyping } from '@/ui/isTyping';
import { useGarment } from '../page/useGarment';
import { MatchGrid } from './MatchGrid';
import styles from './Projector.module.css';
import { useMatch } from './useMatch';

/** How far an arrow key moves the picture, mm; with the shift key the smaller step. */
const STEP_MM = [20, 1] as const;
const WEIGHTS = [1, 2, 3, 5, 8] as const;
const AT_FIRST: Lie = { quarter: 0, mirrored: false, move: { x: 30, y: 30 } };

/** The pieces thrown onto the cloth at true scale, lines on black: moved, turned and mirrored by keys. */
export default function Projector() {
  const { id, garment, facts, kind, plan, today } = useGarment();
  const [match, setMatch] = useMatch();
  const [matching, setMatching] = useState(match === undefined);
  const [nth, setNth] = useState(0);
  const [lie, setLie] = useState(AT_FIRST);
  const [inverted, setInverted] = useState(false);
  const [weight, setWeight] = useState(1);
  const [opened, setOpened] = useState(true);
  const [hidden, setHidden] = useState(false);
  const ratio = usePixelRatio();
  const pieces = useMemo(
    () => paperPieces({ facts, kind, plan, onDate: today }, { nested: false, bands: true, opened }),
    [facts, kind, plan, today, opened],
  );
  const piece = pieces[nth % Math.max(pieces.length, 1)];
  const step = (by: number) => setNth((nth + by + pieces.length) % Math.max(pieces.length, 1));
  const does: readonly Doing[] = [
    { key: 'n', label: 'Next piece', act: () => step(1) },
    { key: 'p', label: 'Piece before', act: () => step(-1) },
    { key: 'r', label: 'Turn', act: () => setLie({ ...lie, quarter: turnedOn(lie.quarter) }) },
    { key: 'm', label: 'Mirror', on: lie.mirrored, act: () => setLie({ ...lie, mirrored: !lie.mirrored }) },
    { key: 'o', label: 'Folds opened out', on: opened, act: () => setOpened(!opened) },
    { key: 'i', label: 'Black on white', on: inverted, act: () => setInverted(!inverted) },
    { key: 'l', label: 'Line', act: () => setWeight((weight + 1) % WEIGHTS.length) },
    { key: 'f', label: 'Full screen', act: toFullScreen },
    { key: 'g', label: 'Match the grid', act: () => setMatching(true) },
    { key: 'h', label: 'Hide these', act: () => setHidden(!hidden) },
  ];
  useKeys(does, (by) => setLie({ ...lie, move: { x: lie.move.x + by.x, y: lie.move.y + by.y } }), matching);
  const projection = match && projectionOf(match);
  return (
    <div className={styles.screen} data-inverted={inverted}>
      <h1 className="visuallyHidden">{garment.name} with a projector</h1>
      {matching || !projection ? (
        <MatchGrid
          match={match}
          onMatch={(next) => {
            setMatch(next);
            setMatching(false);
          }}
        />
      ) : (
        piece && (
          <Picture
            piece={piece}
            lie={lie}
            scale={cssPerMm(projection, ratio)}
            weight={WEIGHTS[weight] as number}
          />
        )
      )}
      {!matching && !hidden && (
        <div className={styles.keys} role="toolbar" aria-label="Projector">
          <Link href={`/garments/${id}/paper`}>{garment.name}</Link>
          <strong role="status">
            {piece ? [piece.label, ...piece.words].join(' · ') : 'No piece is drawn yet'}
          </strong>
          {does.map(({ key, label, act, on }) => (
            <button key={key} type="button" onClick={act} aria-pressed={on}>
              {label} <kbd>{key.toUpperCase()}</kbd>
            </button>
          ))}
          <span>Arrow keys move it by 2 cm, with Shift by 1 mm</span>
        </div>
      )}
      {!matching && hidden && (
        <button
          type="button"
          className={styles.back}
          onClick={() => setHidden(false)}
          aria-label="Show the keys again"
        >
          H
        </button>
      )}
    </div>
  );
}

interface Doing {
  readonly key: string;
  readonly label: string;
  readonly act: () => void;
  readonly on?: boolean;
}

/** Keys that do something, but while a field is typed in or a grid is matched. */
function useKeys(does: readonly Doing[], onMove: (by: Point) => void, off: boolean): void {
  useEffect(() => {
    if (off) return;
    const listen = (event: KeyboardEvent) => {
      if (isTyping(event.target) || event.ctrlKey || event.metaKey || event.altKey) return;
      const way = wayOfKey(event.key);
      const doing = does.find(({ key }) => key === event.key.toLowerCase());
      if (!way && !doing) return;
      event.preventDefault();
      const mm = STEP_MM[event.shiftKey ? 1 : 0];
      if (way) onMove({ x: way.x * mm, y: way.y * mm });
      else doing?.act();
    };
    window.addEventListener('keydown', listen);
    return () => window.removeEventListener('keydown', listen);
  });
}

/** Whether the page is zoomed, or lies on another screen. */
function usePixelRatio(): number {
  const [ratio, setRatio] = useState(() => window.devicePixelRatio);
  useEffect(() => {
    const listen = () => setRatio(window.devicePixelRatio);
    window.addEventListener('resize', listen);
    return () => window.removeEventListener('resize', listen);
  }, []);
  return ratio;
}

function toFullScreen(): void {
  // Some tablets have none: the page fills their screen anyway.
  if (document.fullscreenElement) void document.exitFullscreen();
  else void document.documentElement.requestFullscreen?.();
}

interface PictureProps {
  readonly piece: PaperPiece;
  readonly lie: Lie;
  readonly scale: Projection;
  readonly weight: number;
}

/** A piece’s lines, CSS pixels from the screen’s upper left corner. */
function Picture({ piece, lie, scale: { across, down }, weight }: PictureProps) {
  const [size] = piece.sizes;
  if (!size) return null;
  const place = onTable(size.ring, lie);
  const at = (one: Point): string => {
    const { x, y } = place(one);
    return `${(x * across).toFixed(3)},${(y * down).toFixed(3)}`;
  };
  return (
    <svg className={styles.picture} role="img" aria-label={piece.label}>
      {size.lines.map(({ kind, points }, nth) => (
        <polyline key={nth} data-kind={kind} points={points.map(at).join(' ')} strokeWidth={weight} />
      ))}
    </svg>
  );
}
