'use client';
import { useDeferredValue, useState, type ReactNode } from 'react';
import type { Garment } from '@/core/facts/garment';
import type { OutlineFacts } from '@/core/facts/outline';
import type { GarmentKind } from '@/core/fit/garmentKind';
import type { PieceShape, ShapeEdge } from '@/core/fit/pieceShape';
import { cutLine } from '@/core/pieces/cutLine';
import { closedOutline, newOutline } from '@/core/pieces/edits';
import { madePhoto } from '@/core/pieces/madePhoto';
import { notchNear, notchTurned } from '@/core/pieces/notches';
import { asUpright, readOutline } from '@/core/pieces/outline';
import { practiceTee } from '@/core/pieces/practice';
import { cornersAt, drawnAllowance } from '@/core/pieces/readOutlines';
import { GOOD_TO_MM, goodTo, photoMap, pixelOf } from '@/core/pieces/sheets';
import { CLICK_PX, withErrors } from '@/core/pieces/photoErrors';
import type { PiecePlan } from '@/core/pieces/types';
import { DrawingLayer } from './DrawingLayer';
import { drawMadePhoto } from './drawMadePhoto';
import { EdgesPanel } from './EdgesPanel';
import { NotchesPanel } from './NotchesPanel';
import { OutlineLayer } from './OutlineLayer';
import { OutlinePanel } from './OutlinePanel';
import { PhotoChecks } from './PhotoChecks';
import { SheetLayer } from './SheetLayer';
import { SheetPanel } from './SheetPanel';
import { tableBounds } from './tableBounds';
import styles from './Trace.module.css';
import { TraceTable } from './TraceTable';
import type { View } from './view';
import type { Traced } from './useTraced';
import { useDrawing } from './useDrawing';
import { useFinding } from './useFinding';
import { useHands } from './useHands';
import { useLines } from './useLines';
import { sheetOf, useUnder } from './useUnder';

/** An outline that was found lies this near the edge, mm. */
const FOUND_TO_MM = 0.3;
/** A notch is clicked on the cut edge or on the seamline beside it: so much farther off than a point of a line. */
const NOTCH_REACH = 3;

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
  const { outline, dragging, keep, show, pattern } = traced;
  const under = useUnder(place);
  const drawing = useDrawing();
  const { photo, state } = under;
  const [asked, setAsked] = useState<ShapeEdge | undefined>(undefined);
  const [notching, setNotching] = useState(false);
  const read = photo && state ? photoMap(state.corners, sheetOf(state), { turned: state.turned }) : undefined;
  const flat = state?.settled && read?.ok ? read.photo : undefined;
  const onSheet = photo !== undefined && flat === undefined;

  const { laid, crossings, cut, seamline, notches, allowanceOf } = useLines({
    ...{ kind, shape, outline, pattern, drawn },
  });
  const closed = outline && !outline.unfinished ? outline : undefined;
  const unnamed = closed && crossings.length === 0 ? nextToName(shape, closed) : undefined;

  const step = (label: string, next: OutlineFacts | undefined) =>
    keep(label, next && flat ? withErrors(next, flat) : next);
  const finding = useFinding(({ ring }) => {
    hands.select(undefined);
    const found = ring.map((knot) => ({ ...knot, clickMm: FOUND_TO_MM }));
    step('Outline found', closedOutline({ ...newOutline(hands.line, 'a photo'), ring: found }));
  });
  const hands = useHands({
    ...{ onSheet, under, drawing, outline, step, show },
    toName: asked ?? unnamed,
    onNamed: () => setAsked(undefined),
    takes: (at, reachMm) => {
      if (notching && closed && laid) {
        const on = notchNear(laid, asUpright(laid)(at), NOTCH_REACH * reachMm);
        if (on) step('Notch', notchTurned(closed, on.edge, on.atMm, reachMm));
      } else if (drawing.asks) drawing.click(at);
      else if (finding.now === 'asks' && photo && flat) finding.find(photo.blob, flat, at);
      else return false;
      return true;
    },
    onEscape: () => {
      finding.stop();
      setNotching(false);
      drawing.ask(undefined);
    },
  });
  const { cursor, selected, pair, naming } = hands;

  const points = onSheet ? (state?.corners ?? []) : pair || notching ? [] : (outline?.ring ?? []);
  const lying = drawing.laid ? `${drawing.from} ${drawing.paper?.page ?? 1}` : (outline?.from ?? 'bare');
  const of = `${place} ${onSheet ? 'sheet' : flat ? 'flat' : lying}`;
  const bounds = tableBounds(photo, onSheet, flat, outline?.ring ?? [], drawing.laid);
  const pixel = flat && cursor && pixelOf(flat, cursor);
  const error = flat && pixel && goodTo(flat, pixel, CLICK_PX);
  const lensWords = ({ scale }: View): string =>
    error === undefined ? '' : `good to ${Math.hypot(error, 1 / scale).toFixed(1)} mm here`;
  const practice = practiceTee[shape.id as keyof typeof practiceTee];
  const panel = (
    <div className={styles.panel}>
      <SheetPanel
        under={under}
        drawing={drawing}
        read={read}
        onPractise={
          kind.kind === 'tee' && practice
            ? () => void practise(kind, shape, practice, drawn).then(under.choose)
            : undefined
        }
        onTake={(ring) => {
          hands.select(undefined);
          step('Outline from a drawing', closedOutline({ ...newOutline(hands.line, drawing.from), ring }));
        }}
        selected={onSheet ? selected : undefined}
        onSelect={(nth) => {
          hands.select(nth);
          hands.setCursor(state?.corners[nth]);
        }}
      />
      {!onSheet && (
        <>
          <OutlinePanel
            under={flat ? 'a photo' : drawing.laid ? 'a drawing' : 'nothing'}
            finding={finding}
            outline={outline}
            drawn={hands.line}
            onDrawn={(next) => {
              hands.setLine(next);
              if (outline) step('What was traced', { ...outline, drawn: next });
            }}
            corner={hands.corner}
            onCorner={hands.setCorner}
            selected={selected}
            onKeep={(label, next) => {
              if (!next) hands.select(undefined);
              step(label, next);
            }}
            onClose={hands.close}
          />
          {closed && (
            <EdgesPanel
              shape={shape}
              outline={closed}
              {...{ plan, naming, selected, allowanceOf }}
              cornersOf={(edge) => cornersAt(kind, edge, {})}
              onName={(edge) => {
                hands.setPair(undefined);
                setAsked(edge);
              }}
              onKeep={step}
            />
          )}
          {closed && laid && (
            <NotchesPanel
              shape={shape}
              outline={closed}
              laid={laid}
              setting={notching}
              onSet={(next) => {
                hands.setPair(undefined);
                setAsked(undefined);
                setNotching(next);
              }}
              onKeep={step}
            />
          )}
          <PhotoChecks
            pair={pair}
            onPair={hands.setPair}
            grainRad={outline?.grainRad}
            hasFold={shape.edges.some(({ fold }) => fold)}
            onGrain={closed && ((grainRad) => step('Grain', { ...closed, grainRad }))}
            onPhoto={flat !== undefined}
          />
        </>
      )}
    </div>
  );
  // While a point is dragged both follow a moment after, so that the hand never waits.
  const laterPanel = useDeferredValue(panel);
  const laterBelow = useDeferredValue(children);
  return (
    <div className={styles.columns}>
      <div className={styles.left}>
        <TraceTable
          label={onSheet ? 'Photo: the corners of the sheet' : `Tracing table: ${shape.label}`}
          {...{ of, bounds, photo, points, cursor }}
          map={flat?.map}
          setting={!onSheet && finding.now === undefined && (!outline || outline.unfinished === true)}
          lens={cursor && (photo || outline || drawing.laid) ? { at: cursor, words: lensWords } : undefined}
          draw={(view) =>
            onSheet ? (
              <SheetLayer view={view} corners={state?.corners ?? []} selected={selected} />
            ) : (
              <>
                {drawing.laid && <DrawingLayer view={view} lines={drawing.laid} />}
                <OutlineLayer
                  view={view}
                  bare={photo === undefined && drawing.laid === undefined}
                  ring={outline?.ring ?? []}
                  unfinished={outline?.unfinished ?? false}
                  cutLine={cut}
                  {...{ seamline, selected, crossings, notches }}
                  pair={pair?.points ?? []}
                  names={Object.fromEntries(shape.edges.map(({ id, label }) => [id, label]))}
                />
              </>
            )
          }
          onMove={hands.move}
          onTap={hands.tap}
          onCursor={hands.setCursor}
          onArrow={hands.arrow}
          onKey={hands.key}
        />
        {error !== undefined && error > GOOD_TO_MM && (
          <p className={styles.next}>
            Here the photo tells a place only to {error.toFixed(1)} mm: lay a larger sheet, nearer to the
            piece, or take the photo from straighter above.
          </p>
        )}
      </div>
      {dragging ? laterBelow : children}
      {dragging ? laterPanel : panel}
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
