import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import { useMemo, useState, type ReactNode } from 'react';
import { createLedger } from '@/core/explain/ledger';
import { newCloth, type Cloth, type ClothDirection } from '@/core/facts/cloth';
import { nameOf, type LayoutProblem, type Placement } from '@/core/layout/problem';
import type { Beside } from '@/core/onCloth/together';
import { planBuying } from '@/core/onCloth/buy';
import type { OnShelf } from '@/core/onCloth/changedWays';
import { inCuttingOrder } from '@/core/onCloth/cutCopies';
import { cuttingAdvice } from '@/core/onCloth/cuttingAdvice';
import type { OnCloth } from '@/core/onCloth/garmentPieces';
import { countedCloth, laidOn, type LaidOn, type Using } from '@/core/onCloth/laidOn';
import { GAPS_MM, toLayOut, type ToLayOut } from '@/core/onCloth/toLayOut';
import { formatLength } from '@/core/units/formatLength';
import { useUnit } from '@/ui/unit';
import { useGarment } from '../page/useGarment';
import { ByHand } from './ByHand';
import { ClothPicture } from './ClothPicture';
import { Cutting } from './Cutting';
import { Figures } from './Figures';
import { Foldings } from './Foldings';
import { Leftover } from './Leftover';
import { LayoutFaults } from './LayoutFaults';
import styles from './Layout.module.css';
import { Matching } from './Matching';
import { OtherWidths } from './OtherWidths';
import { Refused } from './Refused';
import { useByHand, useCalled } from './useByHand';
import { useCutKept } from './useCutKept';
import { useKept, type OnDesk } from './useKept';
import { useLayout } from './useLayout';
import { WaysOut } from './WaysOut';

interface Props {
  readonly on: OnCloth;
  readonly using: Using;
  /** The cloths of the household. */
  readonly shelf: readonly OnShelf[];
  /** Other garments on it, whose pieces `on` has too; and how those are chosen, once a layout is known. */
  readonly beside: readonly Beside[];
  readonly together: (laidMm: number, problem: LayoutProblem) => ReactNode;
  readonly onRotary: () => void;
}

/** One cloth of a garment: its layout as it was kept, or as it is found. */
export function Desk({ on, using, beside, shelf, together, onRotary }: Props) {
  const { widthMm, cutWith, unmatched, shelved } = using;
  const cloth = useMemo(() => countedCloth(on.cloth ?? newCloth('cloth'), shelved), [on.cloth, shelved]);
  const lies = useMemo(
    () => laidOn(cloth, { widthMm, cutWith, unmatched, shelved }),
    [cloth, widthMm, cutWith, unmatched, shelved],
  );
  const asked = useMemo((): ToLayOut => toLayOut(on.pieces, lies), [on.pieces, lies]);
  const problem = useCutKept(asked, useGarment().garment.layouts?.[on.role]);
  if (!asked.ok)
    return (
      <div className={styles.desk}>
        <Refused asked={asked} />
        {asked.why === 'wide' && (
          <WaysOut on={on} cloth={cloth} lies={lies} using={using} shelf={shelf} onRotary={onRotary} />
        )}
      </div>
    );
  return (
    <Laid
      on={on}
      cloth={cloth}
      lies={lies}
      problem={problem ?? asked.problem}
      using={{ ...using, widthMm: widthMm as number }}
      beside={beside}
      shelf={shelf}
      together={together}
      onRotary={onRotary}
    />
  );
}

interface LaidProps extends OnDesk, Pick<Props, 'shelf' | 'together' | 'onRotary'> {
  readonly cloth: Cloth;
  readonly lies: LaidOn;
}

function Laid({ cloth, lies, shelf, together, onRotary, ...props }: LaidProps) {
  const { on, problem, using } = props;
  const { widthMm, cutWith } = using;
  const { unit } = useUnit();
  const { garment, plan } = useGarment();
  const { around } = plan.cloths[on.role] ?? {};
  const saved = garment.layouts?.[on.role];
  const { kept, keep, forget, tick, rows } = useKept(props);
  const [isCutting, setCutting] = useState(false);
  const done = kept?.done ?? NONE;
  const { run, pause, stop, look, done: lookedAgain } = useLayout(problem, kept !== undefined);
  const shown = run?.best ?? kept?.layout;
  const isKept = shown !== undefined && shown === kept?.layout;
  const pinned = kept?.pinned ?? NONE;
  const crossed = isKept ? kept.crossed : NONE;
  const foldMm = isKept ? kept.foldMm : undefined;
  const called = useCalled(on.pieces);
  const numbers = useMemo(() => new Map(on.pieces.map(({ id }, nth) => [id, nth + 1])), [on.pieces]);
  const keepNow = (...kept: Parameters<typeof keep>) => {
    keep(...kept);
    lookedAgain();
  };
  const hand = useByHand({
    problem,
    layout: shown,
    pinned,
    called,
    onTaken: stop,
    onKeep: keepNow,
  });
  const lookAgain = () => {
    if (!kept) return;
    const stay = kept.layout.placements.filter((one) => pinned.has(nameOf(one)) || done.has(nameOf(one)));
    look({
      problem: { ...problem, pinned: stay },
      start: kept.faults.length === 0 ? kept.layout : undefined,
    });
  };
  const book = createLedger();
  const buying = shown && planBuying(book, { cloth, laidMm: shown.lengthMm, unit });
  const state = run?.state ?? (kept ? 'kept' : 'looking');
  const cutting = isCutting && state === 'kept' && kept?.faults.length === 0;
  const tickOne = (one: Placement) => {
    const cut = !done.has(nameOf(one));
    tick(`${called(nameOf(one))}: ${cut ? 'cut' : 'not cut'}`, one, cut);
  };
  return (
    <section className={styles.desk} aria-label="Layout" data-state={state}>
      {shown && buying ? (
        <>
          <Figures book={book} buying={buying} problem={problem} widthMm={widthMm} />
          <ClothPicture
            key={problem.widthMm}
            layout={shown}
            pieces={on.pieces}
            on={problem}
            foldMm={foldMm}
            said={saidOf(on, around)}
            hand={hand}
            crossed={crossed}
            numbers={numbers}
            cut={done}
            onTick={cutting ? tickOne : undefined}
          />
          {!cutting && <ByHand hand={hand} problem={problem} crossed={crossed} cut={done} />}
          {isKept && <LayoutFaults faults={kept.faults} called={called} />}
        </>
      ) : (
        <Unfound stopped={state === 'stopped'} />
      )}
      {shown && (
        <div className={styles.actions}>
          {(state === 'looking' || state === 'paused') && (
            <Button variant="outlined" onClick={() => pause(state !== 'paused')}>
              {state === 'paused' ? 'Go on looking' : 'Pause'}
            </Button>
          )}
          {state === 'kept' ? (
            <>
              <Button
                variant="contained"
                disabled={kept?.faults.length !== 0}
                onClick={() => setCutting(!cutting)}
              >
                {cutting ? 'Back to the layout' : 'Cut from it'}
              </Button>
              {!cutting && (
                <>
                  <Button variant="outlined" onClick={lookAgain}>
                    {pinned.size > 0 ? 'Lay out the rest again' : 'Look for a shorter one'}
                  </Button>
                  <Button variant="text" onClick={forget}>
                    Put it away
                  </Button>
                </>
              )}
            </>
          ) : (
            <Button variant="contained" onClick={() => keepNow('Layout kept', shown.placements, pinned)}>
              Keep this layout
            </Button>
          )}
          <span className="soft" role="status">
            {cutting
              ? `${done.size} of ${shown.placements.length} cut. Tap a piece that is cut.`
              : STATES[state]}
          </span>
        </div>
      )}
      {cutting && (
        <Cutting
          role={on.role}
          pieces={on.pieces}
          advice={cuttingAdvice(cloth, cutWith)}
          foldMm={foldMm}
          order={inCuttingOrder(problem, kept.layout.placements)}
          rows={rows}
          numbers={numbers}
          cut={done}
          onTick={tickOne}
          leftover={
            saved && (
              <Leftover role={on.role} cloth={cloth} kept={saved} problem={problem} layout={kept.layout} />
            )
          }
        />
      )}
      {!cutting && (
        <>
          <ol className={styles.list}>
            {on.pieces.map(({ id, label, count, mirrored, standsIn }) => (
              <li key={id}>
                {label}
                {count > 1 && ` × ${count}`}
                {mirrored === 'half' && ', half of them face down (′)'}
                {standsIn && <span className="soft">, stands in</span>}
              </li>
            ))}
          </ol>
          {buying?.short && (
            <WaysOut
              on={on}
              cloth={cloth}
              lies={lies}
              using={using}
              shelf={shelf}
              nowMm={shown?.lengthMm}
              onRotary={onRotary}
            />
          )}
          {shown && problem.repeat && <Matching problem={problem} laidMm={shown.lengthMm} />}
          {shown && !problem.repeat && !problem.holes && (
            <Foldings
              pieces={on.pieces}
              cloth={cloth}
              widthMm={problem.widthMm}
              cutWith={cutWith}
              flatMm={foldMm === undefined ? shown.lengthMm : undefined}
              onTake={(label, placements, fold) => {
                stop();
                keepNow(label, placements, NONE, fold);
              }}
            />
          )}
          {shown && together(shown.lengthMm, problem)}
          <OtherWidths pieces={on.pieces} cloth={cloth} using={using} />
        </>
      )}
      {shown && (
        <p className="soft small">
          Laid on {formatLength(problem.widthMm, unit)}, {formatLength(GAPS_MM[cutWith], unit)} between
          pieces. Arrows point to the lower edge of each piece.
        </p>
      )}
    </section>
  );
}

/** What is going on, in words. */
const STATES = {
  looking: 'Looking for a shorter one: keep it whenever it is good enough.',
  paused: 'Paused.',
  stopped: 'This is the shortest found.',
  kept: 'Kept with this garment.',
} as const;

const NONE: ReadonlySet<string> = new Set();

const Unfound = ({ stopped }: { stopped: boolean }) =>
  stopped ? (
    <Alert severity="warning">
      No layout could be worked out here: open this page again, type another width, or let go of what you put
      in its place.
    </Alert>
  ) : (
    <p aria-busy="true">Laying out…</p>
  );

/** What is written along the selvedge. */
const saidOf = ({ cloth }: OnCloth, around: ClothDirection | undefined): string =>
  [
    'selvedge',
    'right side up',
    ...(around ? [`stretches most ${around === 'across' ? 'across' : 'along it'}`] : []),
    ...(cloth?.nap === 'one way' ? ['nap: every arrow points its way'] : []),
  ].join(' · ');
