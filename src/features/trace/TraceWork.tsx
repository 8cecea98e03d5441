'use client';
import { useState, type ReactNode } from 'react';
import type { Garment } from '@/core/facts/garment';
import type { OutlineFacts } from '@/core/facts/outline';
import type { GarmentKind } from '@/core/fit/garmentKind';
import type { PieceShape, ShapeEdge } from '@/core/fit/pieceShape';
import { mapped } from '@/core/geometry/path';
import type { Point } from '@/core/geometry/point';
import { cutLine } from '@/core/pieces/cutLine';
import {
  addedKnot,
  closedOutline,
  insertedKnot,
  movedKnot,
  namedEdgeAt,
  nearestOn,
  newOutline,
  removedKnot,
  turnedKnot,
} from '@/core/pieces/edits';
import { madePhoto } from '@/core/pieces/madePhoto';
import { asTraced, readOutline, ringFault } from '@/core/pieces/outline';
import { practiceTee } from '@/core/pieces/practice';
import { cornersAt, drawnAllowance } from '@/core/pieces/readOutlines';
import { GOOD_TO_MM, goodTo, photoMap, pixelOf } from '@/core/pieces/sheets';
import { CLICK_PX, withErrors } from '@/core/pieces/photoErrors';
import type { PiecePlan } from '@/core/pieces/types';
import { drawMadePhoto } from './drawMadePhoto';
import { EdgesPanel } from './EdgesPanel';
import { OutlineLayer } from './OutlineLayer';
import { OutlinePanel } from './OutlinePanel';
import { PhotoChecks, type Pair } from './PhotoChecks';
import { SheetLayer } from './SheetLayer';
import { SheetPanel } from './SheetPanel';
import { tableBounds } from './tableBounds';
import styles from './Trace.module.css';
import { TraceTable } from './TraceTable';
import type { View } from './view';
import type { Traced } from './useTraced';
import { useFinding } from './useFinding';
import { sheetOf, useUnder } from './useUnder';

const NUDGE_MM = { near: 0.5, far: 5 } as const;
const NUDGE_PX = { near: 1, far: 10 } as const;
/** A click this near the line puts a point on it, px. */
const ON_LINE_PX = 8;
/** An outline that was found lies this near the edge, mm. */
const FOUND_TO_MM = 0.3;

interface Props {
  /** Where its photo is kept. */
  readonly place: string;
  readonly kind: GarmentKind;
  readonly shape: PieceShape;
  readonly traced: Traced;
  readonly drawn: Garment['pattern'];
  readonly plan: PiecePlan | undefined;
  /** What stands under the table. */
  readonly children: ReactNode;
}

/** The work on one piece: the table on the left, what to do on the right. */
export function TraceWork({ place, kind, shape, traced, drawn, plan, children }: Props) {
  const { outline, keep, show, pattern } = traced;
  const under = useUnder(place);
  const { photo, state } = under;
  const [cursor, setCursor] = useState<Point | undefined>(undefined);
  const [selected, setSelected] = useState<number | undefined>(undefined);
  const [line, setLine] = useState<OutlineFacts['drawn']>('cut line');
  const [corner, setCorner] = useState(true);
  const [asked, setAsked] = useState<ShapeEdge | undefined>(undefined);
  const [pair, setPair] = useState<Pair | undefined>(undefined);
  const read = photo && state ? photoMap(state.corners, sheetOf(state), { turned: state.turned }) : undefined;
  const flat = state?.settled && read?.ok ? read.photo : undefined;
  const onSheet = photo !== undefined && flat === undefined;

  const allowanceOf = (edge: ShapeEdge): number => drawnAllowance(kind, edge, outline ?? {}, pattern, drawn);
  const closed = outline && !outline.unfinished ? outline : undefined;
  const good = closed && readOutline(shape, closed, allowanceOf);
  const crossings = closed ? (ringFault(closed.ring)?.at ?? []) : [];
  const unnamed = closed && crossings.length === 0 ? nextToName(shape, closed) : undefined;
  const naming = pair ? undefined : (asked ?? unnamed);

  const step = (label: string, next: OutlineFacts | undefined) =>
    keep(label, next && flat ? withErrors(next, flat) : next);
  const finding = useFinding(({ ring }) => {
    setSelected(undefined);
    const found = ring.map((knot) => ({ ...knot, clickMm: FOUND_TO_MM }));
    step('Outline found', closedOutline({ ...newOutline(line, 'a photo'), ring: found }));
  });
  const close = () => {
    if (!outline) return;
    setSelected(undefined);
    step('Outline closed', closedOutline(outline));
  };
  const errorOf = (at: Point, view: View): number | undefined => {
    const pixel = flat && pixelOf(flat, at);
    const mm = flat && pixel && goodTo(flat, pixel, CLICK_PX);
    return mm === undefined ? undefined : Math.hypot(mm, 1 / view.scale);
  };
  const clickMm = ({ scale }: View): number => Math.min(Math.round(100 / scale) / 100, 50);

  const tap = (at: Point, nth: number | undefined, view: View) => {
    if (onSheet) return setSelected(nth);
    if (finding.now === 'asks' && photo && flat) return finding.find(photo.blob, flat, at);
    if (pair) return setPair({ ...pair, points: [...pair.points, at].slice(-2) });
    if (!outline || outline.unfinished) {
      if (nth === 0 && (outline?.ring.length ?? 0) >= 3) return close();
      if (nth !== undefined) return setSelected(nth);
      setSelected(undefined);
      const now = outline ?? newOutline(line, 'a photo');
      return step(`Point ${now.ring.length + 1}`, addedKnot(now, { ...at, clickMm: clickMm(view) }, corner));
    }
    if (nth !== undefined && naming) {
      setAsked(undefined);
      setSelected(nth);
      return step(`${naming.label} begins`, namedEdgeAt(outline, nth, naming.id));
    }
    if (nth !== undefined) return setSelected(nth);
    const near = nearestOn(outline, at);
    if (!near || near.mm > ON_LINE_PX / view.scale) return setSelected(undefined);
    setSelected(near.after + 1);
    return step('Point on the line', insertedKnot(outline, near.after, near.at));
  };
  const move = (nth: number, to: Point, done: boolean, view: View) => {
    setCursor(to);
    if (onSheet && state) {
      const corners = state.corners.map((one, at) => (at === nth ? to : one));
      setSelected(nth);
      return under.set({ corners }, !done);
    }
    if (!outline) return;
    const moved = movedKnot(outline, nth, { ...to, clickMm: clickMm(view) });
    setSelected(nth);
    if (done) step(`Point ${nth + 1} moved`, moved);
    else show(moved);
  };
  const arrow = (dx: number, dy: number, far: boolean, view: View): boolean => {
    const steps = onSheet ? NUDGE_PX : NUDGE_MM;
    const by = far ? steps.far : steps.near;
    const from = onSheet ? state?.corners[selected ?? -1] : outline?.ring[selected ?? -1];
    if (!from || selected === undefined) return false;
    move(selected, { x: from.x + dx * by, y: from.y + dy * by }, true, view);
    return true;
  };
  const key = (pressed: string): boolean => {
    const count = onSheet ? 4 : (outline?.ring.length ?? 0);
    if (pressed === 'Escape') {
      setSelected(undefined);
      finding.stop();
    } else if (pressed === 'c' || pressed === 'v') {
      const knot = selected === undefined ? undefined : outline?.ring[selected];
      if (outline && knot && selected !== undefined && knot.corner !== (pressed === 'c'))
        step(`Point ${selected + 1} turned`, turnedKnot(outline, selected));
      else setCorner(pressed === 'c');
    } else if ((pressed === '[' || pressed === ']') && count > 0) {
      const by = pressed === ']' ? 1 : count - 1;
      const next = selected === undefined ? 0 : (selected + by) % count;
      setSelected(next);
      setCursor(onSheet ? state?.corners[next] : outline?.ring[next]);
    } else if ((pressed === 'Delete' || pressed === 'Backspace') && outline && selected !== undefined) {
      setSelected(undefined);
      step(`Point ${selected + 1} taken away`, removedKnot(outline, selected));
    } else return false;
    return true;
  };

  const points = onSheet ? (state?.corners ?? []) : pair ? [] : (outline?.ring ?? []);
  const of = `${place} ${onSheet ? 'sheet' : flat ? 'flat' : (outline?.from ?? 'bare')}`;
  const bounds = tableBounds(photo, onSheet, flat, outline?.ring ?? []);
  const lensAt = cursor;
  const lensWords = (view: View): string => {
    const error = onSheet || !lensAt ? undefined : errorOf(lensAt, view);
    return error === undefined ? '' : `good to ${error.toFixed(1)} mm here`;
  };
  const pixel = flat && lensAt && pixelOf(flat, lensAt);
  const error = flat && pixel && goodTo(flat, pixel, CLICK_PX);
  const practice = practiceTee[shape.id as keyof typeof practiceTee];
  const laid = good?.ok ? good.outline : undefined;
  const back = laid && asTraced(laid);
  const cut =
    laid && back && outline?.drawn === 'seamline'
      ? (cutLine(laid, { allowanceOf, cornersOf: (edge) => cornersAt(kind, edge, outline) }) ?? []).map(back)
      : [];
  const seamline =
    laid && back && outline?.drawn === 'cut line' ? laid.edges.map(({ path }) => mapped(path, back)) : [];
  return (
    <div className={styles.columns}>
      <div className={styles.left}>
        <TraceTable
          label={onSheet ? 'Photo: the corners of the sheet' : `Tracing table: ${shape.label}`}
          {...{ of, bounds, photo, points, cursor }}
          map={flat?.map}
          setting={!onSheet && finding.now === undefined && (!outline || outline.unfinished === true)}
          lens={lensAt && (photo || outline) ? { at: lensAt, words: lensWords } : undefined}
          draw={(view) =>
            onSheet ? (
              <SheetLayer view={view} corners={state?.corners ?? []} selected={selected} />
            ) : (
              <OutlineLayer
                view={view}
                bare={photo === undefined}
                ring={outline?.ring ?? []}
                unfinished={outline?.unfinished ?? false}
                cutLine={cut}
                {...{ seamline, selected, crossings }}
                pair={pair?.points ?? []}
                names={Object.fromEntries(shape.edges.map(({ id, label }) => [id, label]))}
              />
            )
          }
          onMove={move}
          onTap={tap}
          onCursor={setCursor}
          onArrow={arrow}
          onKey={key}
        />
        {error !== undefined && error > GOOD_TO_MM && (
          <p className={styles.next}>
            Here the photo tells a place only to {error.toFixed(1)} mm: lay a larger sheet, nearer to the
            piece, or take the photo from straighter above.
          </p>
        )}
      </div>
      {children}
      <div className={styles.panel}>
        <SheetPanel
          under={under}
          read={read}
          onPractise={
            kind.kind === 'tee' && practice
              ? () => void practise(kind, shape, practice, drawn).then(under.choose)
              : undefined
          }
          onTake={(ring) => {
            setSelected(undefined);
            step('Outline from a drawing', closedOutline({ ...newOutline(line, 'a drawing'), ring }));
          }}
          selected={onSheet ? selected : undefined}
          onSelect={(nth) => {
            setSelected(nth);
            setCursor(state?.corners[nth]);
          }}
        />
        {!onSheet && (
          <>
            <OutlinePanel
              onPhoto={flat !== undefined}
              finding={finding}
              outline={outline}
              drawn={line}
              onDrawn={(next) => {
                setLine(next);
                if (outline) step('What was traced', { ...outline, drawn: next });
              }}
              corner={corner}
              onCorner={setCorner}
              selected={selected}
              onKeep={(label, next) => {
                if (!next) setSelected(undefined);
                step(label, next);
              }}
              onClose={close}
            />
            {closed && (
              <EdgesPanel
                shape={shape}
                outline={closed}
                {...{ plan, naming, selected, allowanceOf }}
                cornersOf={(edge) => cornersAt(kind, edge, {})}
                onName={(edge) => {
                  setPair(undefined);
                  setAsked(edge);
                }}
                onKeep={step}
              />
            )}
            <PhotoChecks
              pair={pair}
              onPair={setPair}
              grainRad={outline?.grainRad}
              hasFold={shape.edges.some(({ fold }) => fold)}
              onGrain={closed && ((grainRad) => step('Grain', { ...closed, grainRad }))}
              onPhoto={flat !== undefined}
            />
          </>
        )}
      </div>
    </div>
  );
}

/** The first edge in order that begins nowhere yet. */
const nextToName = (shape: PieceShape, { ring }: OutlineFacts): ShapeEdge | undefined =>
  shape.edges.find(({ id }) => !ring.some(({ edge }) => edge === id));

/** A made photo of a piece of the practice tee, cut with the pattern’s usual allowances. */
async function practise(
  kind: GarmentKind,
  shape: PieceShape,
  facts: OutlineFacts,
  drawn: Garment['pattern'],
): Promise<Blob | undefined> {
  const allowanceOf = (edge: ShapeEdge) => drawnAllowance(kind, edge, facts, undefined, drawn);
  const read = readOutline(shape, facts, allowanceOf);
  const line =
    read.ok && cutLine(read.outline, { allowanceOf, cornersOf: (edge) => cornersAt(kind, edge, facts) });
  return line ? drawMadePhoto(madePhoto(line)) : undefined;
}
