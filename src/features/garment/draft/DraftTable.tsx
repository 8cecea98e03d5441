'use client';
import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import Link from 'next/link';
import { useState } from 'react';
import type { Draft } from '@/core/blocks/planDraft';
import type { Bounds } from '@/core/geometry/ring';
import { notchMarks } from '@/core/pieces/notches';
import { boundsOfBoth, type Outlines } from '@/core/pieces/outline';
import { isToLookAt } from '@/core/pieces/walk';
import { capital } from '@/core/units/words';
import { SeamWalks } from '@/features/pieces/SeamWalks';
import { ExplainedNumber } from '@/ui/ExplainedNumber';
import { Fold } from '@/ui/Fold';
import { NumbersProvider } from '@/ui/numbers';
import { PhraseText } from '@/ui/PhraseText';
import styles from '../page/GarmentPage.module.css';
import { useGarment } from '../page/useGarment';
import { Choices } from './Choices';
import own from './Draft.module.css';
import { DraftedPiece } from './DraftedPiece';
import { Estimated } from './Estimated';
import { KeepAsPattern } from './KeepAsPattern';
import { useDrafting } from './useDrafting';

/** As high as the highest piece is drawn, and as wide as a row of them may be, with what is left between two, px. */
const HIGH_PX = 400;
const WIDE_PX = 540;
const GAP_PX = 30;
/** Pieces are never drawn larger than this, px for a millimetre. */
const MOST_SCALE = 0.95;

/** Where pieces are drafted from measures: to scale, shaped by hand, with why they are as they are. */
export function DraftTable() {
  const { id, plan, set } = useGarment();
  const drafting = useDrafting();
  const { draft, stopped } = drafting;
  const [picked, setPicked] = useState<string | undefined>(undefined);
  const { before, startHere } = useBefore(draft);
  if (!draft || !plan.draft) return null;
  const { outlines } = draft.drawn;
  const { faults, notes, solved } = plan.draft;
  const [pieceId, edgeId] = picked?.split('.') ?? [];
  const pickedPiece = plan.pieces.pieces.find(({ id }) => id === pieceId);
  const pickedEdge = pickedPiece?.edges.find(({ id }) => id === edgeId);
  return (
    <section className={styles.stack} style={{ gap: 14 }} aria-label="Drafting table">
      <div className={styles.between}>
        <h2>Drafted from the measures</h2>
        <span className="soft small">
          Half of what lies on a fold (dashed). Drag a point, or move it with the arrow keys.
        </span>
      </div>
      {faults.map((fault, nth) => (
        <Alert key={nth} severity="warning">
          <PhraseText phrase={fault} />
        </Alert>
      ))}
      {stopped && (
        <Alert severity="info">
          <NumbersProvider numbers={stopped.numbers}>
            No further:{' '}
            {stopped.faults.map((fault, nth) => (
              <span key={nth}>
                <PhraseText phrase={fault} />{' '}
              </span>
            ))}
          </NumbersProvider>
        </Alert>
      )}
      <div className={own.table}>
        <div className={styles.stack} style={{ gap: 10 }}>
          {Object.keys(outlines).length > 0 && (
            <Pieces draft={draft} drafting={drafting} before={before} picked={picked} onPick={setPicked} />
          )}
          <div className={styles.between}>
            <span className="small" role="status">
              {pickedEdge && pickedPiece ? (
                <>
                  {pickedPiece.label}, {pickedEdge.label}: <ExplainedNumber id={pickedEdge.length} />
                </>
              ) : (
                <span className="soft">Tap an edge to read its length.</span>
              )}
            </span>
            {Object.keys(before).length > 0 && (
              <span className={styles.actions}>
                <span className="soft small">Dotted: as it was</span>
                <Button size="small" onClick={startHere}>
                  Forget the old line
                </Button>
              </span>
            )}
          </div>
          {notes.map((note, nth) => (
            <p key={nth} className="small">
              <PhraseText phrase={note} />
            </p>
          ))}
          <Estimated />
          {solved.length > 0 && (
            <Fold summary="Why this shape">
              <ul className={own.solved}>
                {solved.map(({ id, value, equation, left, right }) => (
                  <li key={id}>
                    {capital(plan.numbers[value]?.label ?? '')}: <ExplainedNumber id={value} />
                    <p className="soft small">
                      Solved so that {equation}: <ExplainedNumber id={left} /> drawn,{' '}
                      <ExplainedNumber id={right} /> asked.
                    </p>
                  </li>
                ))}
              </ul>
            </Fold>
          )}
        </div>
        <Choices draft={draft} drafting={drafting} />
      </div>
      {plan.pieces.seams.length > 0 && (
        <Fold
          summary={`Seams, walked: ${plan.pieces.seams.filter(isToLookAt).length} to look at`}
          open={plan.pieces.seams.some(isToLookAt)}
        >
          <SeamWalks seams={plan.pieces.seams} />
        </Fold>
      )}
      <Fold summary="The length of every edge">
        <EdgeLengths />
      </Fold>
      <div className={styles.actions}>
        <Button variant="outlined" component={Link} href={`/garments/${id}/paper`}>
          Print the pieces
        </Button>
        <KeepAsPattern />
        <Button onClick={() => set('No draft', { draft: null })}>Leave the draft</Button>
      </div>
    </section>
  );
}

function EdgeLengths() {
  const { plan } = useGarment();
  return (
    <dl className={styles.edgeLines}>
      {plan.pieces.pieces
        .filter(({ edges }) => edges.length > 0)
        .map(({ id, label, edges }) => (
          <div key={id}>
            <dt>{label}</dt>
            <dd>
              {edges.map((edge, nth) => (
                <span key={edge.id}>
                  {nth > 0 && ', '}
                  {edge.label} <ExplainedNumber id={edge.length} />
                </span>
              ))}
            </dd>
          </div>
        ))}
    </dl>
  );
}

function Pieces({
  draft,
  drafting: { held, hold, letGo, choose },
  before,
  picked,
  onPick,
}: {
  draft: Draft;
  drafting: ReturnType<typeof useDrafting>;
  before: Outlines;
  picked: string | undefined;
  onPick: (name: string) => void;
}) {
  const { plan } = useGarment();
  const { drawn, handles, choices } = draft;
  const all = Object.entries(drawn.outlines);
  const boxes = new Map(all.map(([id, outline]) => [id, boundsOfBoth(outline, before[id])]));
  const sides = [...boxes.values()].map(
    ({ left, right, top, bottom }) => [right - left, bottom - top] as const,
  );
  const scale = Math.min(
    HIGH_PX / Math.max(...sides.map(([, high]) => high)),
    (WIDE_PX - GAP_PX * (sides.length - 1)) / sides.reduce((sum, [wide]) => sum + wide, 0),
    MOST_SCALE,
  );
  const mmOf = ({ id, value }: Draft['choices'][number]): number =>
    held?.choice === id ? held.mm : (plan.numbers[value]?.value ?? 0);
  return (
    <div className={own.pieces}>
      {all.map(([id, outline]) => {
        const facts = drawn.facts[id];
        return (
          <figure key={id} className={own.piece}>
            <DraftedPiece
              outline={outline}
              before={before[id]}
              box={boxes.get(id) as Bounds}
              scale={scale}
              notches={facts ? notchMarks(outline, facts) : []}
              handles={handles.filter(({ piece }) => piece === id)}
              choices={choices}
              mmOf={mmOf}
              held={held?.choice}
              picked={picked?.startsWith(`${id}.`) ? picked.slice(id.length + 1) : undefined}
              onPick={(edge) => onPick(`${id}.${edge}`)}
              onHold={hold}
              onLetGo={letGo}
              onStep={choose}
            />
            <figcaption className="small">{outline.shape.label}</figcaption>
          </figure>
        );
      })}
    </div>
  );
}

/** Whether two outlines are drawn apart: by what can be seen. */
function differs(a: Outlines[string], b: Outlines[string] | undefined): boolean {
  const spots = (outline: Outlines[string]) =>
    outline.edges.flatMap(({ path }) => path.flatMap(({ to }) => [to.x, to.y]));
  const [was, is] = [spots(a), b ? spots(b) : []];
  return was.length !== is.length || was.some((at, nth) => Math.abs(at - (is[nth] as number)) > SEEN_MM);
}
const SEEN_MM = 0.4;

/** The pieces as they were when the table was opened, or when somebody said: from here. */
function useBefore(draft: Draft | undefined): { readonly before: Outlines; readonly startHere: () => void } {
  const now = draft?.drawn.outlines ?? NONE;
  const [before, setBefore] = useState<Outlines>(now);
  // Before there were any, there is nothing to compare with.
  if (Object.keys(before).length === 0 && Object.keys(now).length > 0) setBefore(now);
  const same = Object.keys(before).join() === Object.keys(now).join();
  return { before: same ? changed(before, now) : NONE, startHere: () => setBefore(now) };
}
const NONE: Outlines = {};

/** Those that lie elsewhere now. */
const changed = (before: Outlines, now: Outlines): Outlines =>
  Object.fromEntries(Object.entries(before).filter(([id, one]) => differs(one, now[id])));
