'use client';
import { useDeferredValue, useMemo } from 'react';
import type { Garment } from '@/core/facts/garment';
import type { OutlineFacts } from '@/core/facts/outline';
import type { Pattern } from '@/core/facts/pattern';
import type { GarmentKind } from '@/core/fit/garmentKind';
import type { PieceShape, ShapeEdge } from '@/core/fit/pieceShape';
import { mapped, type Path } from '@/core/geometry/path';
import { minus, plus, type Point } from '@/core/geometry/point';
import { cutLine } from '@/core/pieces/cutLine';
import { notchMarks, type NotchMark } from '@/core/pieces/notches';
import { asTraced, readOutline, type Outline } from '@/core/pieces/outline';
import { cornersAt, drawnAllowance } from '@/core/pieces/readOutlines';

/** What follows from an outline, as it lies on the table. */
export interface Lines {
  /** The outline read, where it is as it should be. */
  readonly laid: Outline | undefined;
  /** Where it crosses itself. */
  readonly crossings: readonly Point[];
  /** The line that was not traced: the cut line, or the seamlines. */
  readonly cut: readonly Point[];
  readonly seamline: readonly Path[];
  readonly notches: readonly NotchMark[];
  readonly allowanceOf: (edge: ShapeEdge) => number;
}

interface Of {
  readonly kind: GarmentKind;
  readonly shape: PieceShape;
  readonly outline: OutlineFacts | undefined;
  readonly pattern: Pattern;
  readonly drawn: Garment['pattern'];
}

/** The lines beside a traced one. They follow a moment after a point that is dragged, so that the hand never waits. */
export function useLines({ kind, shape, outline: now, pattern, drawn }: Of): Lines {
  const outline = useDeferredValue(now);
  const { seamAllowanceMm, hemAllowanceMm } = pattern;
  return useMemo(() => {
    const allowances = { seamAllowanceMm, hemAllowanceMm };
    const allowanceOf = (edge: ShapeEdge): number =>
      drawnAllowance(kind, edge, outline ?? {}, allowances, drawn);
    const none = { laid: undefined, crossings: [], cut: [], seamline: [], notches: [], allowanceOf };
    if (!outline || outline.unfinished) return none;
    const read = readOutline(shape, outline, allowanceOf);
    if (!read.ok) return { ...none, crossings: read.fault.at ?? [] };
    const laid = read.outline;
    const back = asTraced(laid);
    const cornersOf = (edge: ShapeEdge) => cornersAt(kind, edge, outline);
    const isSeamline = outline.drawn === 'seamline';
    return {
      ...none,
      laid,
      cut: isSeamline ? (cutLine(laid, { allowanceOf, cornersOf }) ?? []).map(back) : [],
      seamline: isSeamline ? [] : laid.edges.map(({ path }) => mapped(path, back)),
      notches: notchMarks(laid, outline).map((mark) => markOnTable(mark, back)),
    };
  }, [kind, shape, outline, seamAllowanceMm, hemAllowanceMm, drawn]);
}

/** A notch where the piece lies on the table, which may be turned and face down. */
function markOnTable({ at, out, ...mark }: NotchMark, back: (one: Point) => Point): NotchMark {
  return { ...mark, at: back(at), out: minus(back(plus(at, out)), back(at)) };
}
