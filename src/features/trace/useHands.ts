'use client';
import { useState } from 'react';
import type { OutlineFacts } from '@/core/facts/outline';
import type { ShapeEdge } from '@/core/fit/pieceShape';
import { clickedAlong, closedAlong, snappedTo } from '@/core/formats/drawing/along';
import type { Path } from '@/core/geometry/path';
import type { Point } from '@/core/geometry/point';
import {
  insertedKnot,
  movedKnot,
  namedEdgeAt,
  nearestOn,
  newOutline,
  removedKnot,
  turnedKnot,
} from '@/core/pieces/edits';
import type { Pair } from './PhotoChecks';
import type { Drawing } from './useDrawing';
import type { Under } from './useUnder';
import type { View } from './view';

const NUDGE_MM = { near: 0.5, far: 5 } as const;
const NUDGE_PX = { near: 1, far: 10 } as const;
/** A click this near a line is on it, px. */
const ON_LINE_PX = 8;
const NO_LINES: readonly Path[] = [];

/** What hands do at the table: what is held, where they point, which kind of point comes next. */
export interface Hands {
  readonly cursor: Point | undefined;
  readonly selected: number | undefined;
  readonly corner: boolean;
  readonly pair: Pair | undefined;
  readonly line: OutlineFacts['drawn'];
  /** The edge whose beginning is clicked next. */
  readonly naming: ShapeEdge | undefined;
  readonly setCursor: (at: Point | undefined) => void;
  readonly select: (nth: number | undefined) => void;
  readonly setCorner: (corner: boolean) => void;
  readonly setPair: (pair: Pair | undefined) => void;
  readonly setLine: (line: OutlineFacts['drawn']) => void;
  readonly close: () => void;
  readonly tap: (at: Point, nth: number | undefined, view: View) => void;
  readonly move: (nth: number, to: Point, done: boolean, view: View) => void;
  readonly arrow: (dx: number, dy: number, far: boolean, view: View) => boolean;
  readonly key: (pressed: string) => boolean;
}

interface Table {
  readonly onSheet: boolean;
  readonly under: Under;
  readonly drawing: Drawing;
  readonly outline: OutlineFacts | undefined;
  /** The edge whose beginning is to be clicked, unless two points are. */
  readonly toName: ShapeEdge | undefined;
  readonly onNamed: () => void;
  /** A click that something else waits for; whether it took it. */
  readonly takes: (at: Point, reachMm: number) => boolean;
  readonly onEscape: () => void;
  readonly step: (label: string, outline: OutlineFacts | undefined) => void;
  readonly show: (outline: OutlineFacts) => void;
}

export function useHands(table: Table): Hands {
  const { onSheet, under, drawing, outline, step, show } = table;
  const [cursor, setCursor] = useState<Point | undefined>(undefined);
  const [selected, select] = useState<number | undefined>(undefined);
  const [corner, setCorner] = useState(true);
  const [pair, setPair] = useState<Pair | undefined>(undefined);
  const [line, setLine] = useState<OutlineFacts['drawn']>('cut line');
  const lines = drawing.laid ?? NO_LINES;
  const naming = pair ? undefined : table.toName;

  const close = () => {
    if (!outline) return;
    select(undefined);
    step('Outline closed', closedAlong(outline, lines));
  };
  const set = (at: Point, view: View) => {
    const now = outline ?? newOutline(line, drawing.laid ? drawing.from : 'a photo');
    select(undefined);
    const next = clickedAlong(
      now,
      lines,
      { x: at.x, y: at.y, clickMm: clickMm(view) },
      { reachMm: ON_LINE_PX / view.scale, corner },
    );
    step(`Point ${next.ring.length}`, next);
  };
  const tap = (at: Point, nth: number | undefined, view: View) => {
    if (onSheet) return select(nth);
    if (table.takes(at, ON_LINE_PX / view.scale)) return;
    if (pair) return setPair({ ...pair, points: [...pair.points, at].slice(-2) });
    if (!outline || outline.unfinished) {
      if (nth === 0 && (outline?.ring.length ?? 0) >= 3) return close();
      return nth === undefined ? set(at, view) : select(nth);
    }
    if (nth !== undefined && naming) {
      table.onNamed();
      select(nth);
      return step(`${naming.label} begins`, namedEdgeAt(outline, nth, naming.id));
    }
    if (nth !== undefined) return select(nth);
    const near = nearestOn(outline, at);
    if (!near || near.mm > ON_LINE_PX / view.scale) return select(undefined);
    select(near.after + 1);
    return step('Point on the line', insertedKnot(outline, near.after, near.at));
  };
  const move = (nth: number, to: Point, done: boolean, view: View, snaps = true) => {
    setCursor(to);
    select(nth);
    if (onSheet) {
      const corners = under.state?.corners.map((one, at) => (at === nth ? to : one));
      return corners && under.set({ corners }, !done);
    }
    if (!outline) return;
    const on = snaps ? snappedTo(lines, to, ON_LINE_PX / view.scale)?.place.at : undefined;
    const moved = movedKnot(outline, nth, { ...(on ?? to), clickMm: on ? 0 : clickMm(view) });
    if (done) step(`Point ${nth + 1} moved`, moved);
    else show(moved);
  };
  const arrow = (dx: number, dy: number, far: boolean, view: View): boolean => {
    const steps = onSheet ? NUDGE_PX : NUDGE_MM;
    const by = far ? steps.far : steps.near;
    const from = onSheet ? under.state?.corners[selected ?? -1] : outline?.ring[selected ?? -1];
    if (!from || selected === undefined) return false;
    move(selected, { x: from.x + dx * by, y: from.y + dy * by }, true, view, false);
    return true;
  };
  const key = (pressed: string): boolean => {
    const count = onSheet ? 4 : (outline?.ring.length ?? 0);
    const knot = selected === undefined ? undefined : outline?.ring[selected];
    if (pressed === 'Escape') {
      select(undefined);
      table.onEscape();
    } else if (pressed === 'c' || pressed === 'v') {
      if (outline && knot && selected !== undefined && knot.corner !== (pressed === 'c'))
        step(`Point ${selected + 1} turned`, turnedKnot(outline, selected));
      else setCorner(pressed === 'c');
    } else if ((pressed === '[' || pressed === ']') && count > 0) {
      const by = pressed === ']' ? 1 : count - 1;
      const next = selected === undefined ? 0 : (selected + by) % count;
      select(next);
      setCursor(onSheet ? under.state?.corners[next] : outline?.ring[next]);
    } else if ((pressed === 'Delete' || pressed === 'Backspace') && outline && selected !== undefined) {
      select(undefined);
      step(`Point ${selected + 1} taken away`, removedKnot(outline, selected));
    } else return false;
    return true;
  };
  return {
    ...{ cursor, selected, corner, pair, line, naming },
    ...{ setCursor, select, setCorner, setPair, setLine },
    ...{ close, tap, move, arrow, key },
  };
}

const clickMm = ({ scale }: View): number => Math.min(Math.round(100 / scale) / 100, 50);
