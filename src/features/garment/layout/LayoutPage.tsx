'use client';
import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import Link from 'next/link';
import { useMemo, useState } from 'react';
import { createLedger, type Ledger } from '@/core/explain/ledger';
import { newCloth, type ClothDirection } from '@/core/facts/cloth';
import type { ClothRole, CutWith } from '@/core/facts/layout';
import { lengthMm } from '@/core/facts/spec';
import { areaOfPieces, type LayoutProblem } from '@/core/layout/problem';
import { planBuying, washedWidth, type Buying } from '@/core/onCloth/buy';
import { piecesOnCloth, type ClothPiece, type OnCloth } from '@/core/onCloth/garmentPieces';
import { GAPS_MM, toLayOut, type ToLayOut } from '@/core/onCloth/toLayOut';
import { formatLength } from '@/core/units/formatLength';
import type { GarmentView } from '@/core/views/pageViews';
import { RecordsProvider } from '@/features/records/RecordsProvider';
import { ExplainedNumber } from '@/ui/ExplainedNumber';
import { LengthField } from '@/ui/LengthField';
import { NumbersProvider } from '@/ui/numbers';
import { PickField } from '@/ui/PickField';
import { useUnit } from '@/ui/unit';
import { GarmentProvider, useGarment } from '../page/useGarment';
import { ClothPicture } from './ClothPicture';
import { OtherWidths } from './OtherWidths';
import styles from './Layout.module.css';
import { useLayout } from './useLayout';
import { WaysOut } from './WaysOut';

/** The pieces of a garment on each of its cloths, laid out to be short, and how much of it to buy. */
export const LayoutPage = ({ view }: { view: GarmentView }) => (
  <RecordsProvider records={[view.garment, ...view.records]}>
    <GarmentProvider view={view}>
      <Inside />
    </GarmentProvider>
  </RecordsProvider>
);

const ROLES: Readonly<Record<ClothRole, string>> = {
  outer: 'Outer cloth',
  lining: 'Lining',
  band: 'Band cloth',
};
const TOOLS = [
  { id: 'rotary', name: 'Rotary cutter, 3 mm apart' },
  { id: 'scissors', name: 'Scissors, 6 mm apart' },
] as const;
const widthSpec = lengthMm('Width of the cloth', 50, 4000);

function Inside() {
  const { id, garment, facts, kind, plan, today } = useGarment();
  const cloths = useMemo(
    () => piecesOnCloth({ facts, kind, plan, onDate: today }),
    [facts, kind, plan, today],
  );
  const [role, setRole] = useState<ClothRole | undefined>(undefined);
  const [typed, setTyped] = useState<Partial<Record<ClothRole, number>>>({});
  const [cutWith, setCutWith] = useState<CutWith>('rotary');
  const on = cloths.find((one) => one.role === role) ?? cloths[0];
  return (
    <>
      <p className="small">
        <Link href={`/garments/${id}?stage=cut`}>{garment.name}, Cut</Link>
      </p>
      <h1>Laid out on cloth</h1>
      {on === undefined ? (
        <p>Nothing of this garment is cut from cloth yet.</p>
      ) : (
        <div className={styles.page} style={{ marginTop: 18 }}>
          <div className={styles.choices}>
            {cloths.length > 1 && (
              <PickField
                label="Which cloth"
                value={on.role}
                options={cloths.map((one) => ({
                  id: one.role,
                  name: `${ROLES[one.role]}: ${one.cloth?.name ?? 'not chosen'}`,
                }))}
                empty="The first"
                onChange={(next) => setRole(next === '' ? undefined : (next as ClothRole))}
              />
            )}
            <LengthField
              key={on.role}
              spec={widthSpec}
              valueMm={typed[on.role] ?? on.cloth?.widthMm}
              help="Between the selvedges, as it is sold. Washing is taken off."
              onChange={(mm) => setTyped({ ...typed, [on.role]: mm })}
            />
            <PickField
              label="Cut with"
              value={cutWith}
              options={TOOLS}
              empty="Rotary cutter, 3 mm apart"
              onChange={(next) => setCutWith(next === 'scissors' ? 'scissors' : 'rotary')}
            />
            <p className="soft small">
              One flat layer, face up. Every piece runs as its stretch needs it; turned by half only where the
              cloth has no nap.
            </p>
            <StandIns on={on} />
          </div>
          <Desk key={on.role} on={on} widthMm={typed[on.role] ?? on.cloth?.widthMm} cutWith={cutWith} />
        </div>
      )}
    </>
  );
}

function StandIns({ on }: { on: OnCloth }) {
  const named = (pieces: readonly ClothPiece[]) => pieces.map(({ label }) => label.toLowerCase()).join(', ');
  const standing = on.pieces.filter(({ standsIn }) => standsIn);
  return (
    <>
      {standing.length > 0 && (
        <Alert severity="info">
          No outline yet: {named(standing)}.{' '}
          {standing.length === 1 ? 'A rectangle stands' : 'Rectangles stand'} in, as large as the plan says.
          Draft or trace the pieces, and the layout becomes exact.
        </Alert>
      )}
      {on.unknown.length > 0 && (
        <Alert severity="warning">
          Not laid: {named(on.unknown)}. Nobody drew {on.unknown.length === 1 ? 'it' : 'them'}, and the plan
          has no size for {on.unknown.length === 1 ? 'it' : 'them'}: leave room, or draft or trace the pieces
          first.
        </Alert>
      )}
    </>
  );
}

interface DeskProps {
  readonly on: OnCloth;
  readonly widthMm: number | undefined;
  readonly cutWith: CutWith;
}

function Desk({ on, widthMm, cutWith }: DeskProps) {
  const { unit } = useUnit();
  const { garment, plan } = useGarment();
  const { around } = plan.cloths[on.role] ?? {};
  const cloth = useMemo(() => on.cloth ?? newCloth('cloth'), [on.cloth]);
  const asked = useMemo((): ToLayOut => {
    const usable = widthMm === undefined ? undefined : washedWidth(createLedger(), cloth, widthMm).value;
    return toLayOut(on.pieces, { widthMm: usable, cutWith });
  }, [cloth, on.pieces, widthMm, cutWith]);
  const problem = asked.ok ? asked.problem : undefined;
  const { run, pause, stop } = useLayout(problem);
  if (!asked.ok) return <Refused asked={asked} />;
  const best = run?.best;
  const book = createLedger();
  const buying = best && planBuying(book, { cloth, laidMm: best.lengthMm, unit });
  return (
    <section className={styles.desk} aria-label="Layout" data-state={run?.state ?? 'looking'}>
      {best && buying && problem ? (
        <>
          <Figures book={book} buying={buying} problem={problem} widthMm={widthMm as number} />
          <ClothPicture
            layout={best}
            pieces={on.pieces}
            widthMm={problem.widthMm}
            said={saidOf(on, around)}
          />
        </>
      ) : (
        <Unfound stopped={run?.state === 'stopped'} />
      )}
      <div className={styles.actions}>
        {run?.state === 'stopped' ? (
          best && <span role="status">This is the shortest found.</span>
        ) : (
          <>
            <Button variant="outlined" onClick={() => pause(run?.state !== 'paused')}>
              {run?.state === 'paused' ? 'Go on looking' : 'Pause'}
            </Button>
            <Button variant="contained" onClick={stop} disabled={!best}>
              Good enough
            </Button>
            <span className="soft" role="status">
              {run?.state === 'paused'
                ? 'Paused.'
                : 'Looking for a shorter one; stop whenever it is good enough.'}
            </span>
          </>
        )}
      </div>
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
      {buying?.short && problem && (
        <WaysOut
          pieces={on.pieces}
          cloth={cloth}
          widthMm={problem.widthMm}
          cutWith={cutWith}
          seamMm={garment.pattern.seamAllowanceMm}
        />
      )}
      <OtherWidths pieces={on.pieces} cloth={cloth} cutWith={cutWith} />
      {widthMm !== undefined && best && (
        <p className="soft small">
          Laid on {formatLength(problem?.widthMm ?? widthMm, unit)}, {GAPS_MM[cutWith]} mm between pieces.
          Arrows point to the lower edge of each piece.
        </p>
      )}
    </section>
  );
}

const Unfound = ({ stopped }: { stopped: boolean }) =>
  stopped ? (
    <Alert severity="warning">
      No layout could be worked out here: open this page again, or type another width.
    </Alert>
  ) : (
    <p aria-busy="true">Laying out…</p>
  );

/** What is written along the selvedge. */
const saidOf = ({ cloth }: OnCloth, around: ClothDirection | undefined): string =>
  [
    'selvedge',
    ...(around ? [`stretches most ${around === 'across' ? 'across' : 'along it'}`] : []),
    ...(cloth?.nap === 'one way' ? ['nap: every arrow points its way'] : []),
  ].join(' · ');

interface FiguresProps {
  readonly book: Ledger;
  readonly buying: Buying;
  readonly problem: LayoutProblem;
  readonly widthMm: number;
}

function Figures({ book, buying: { laid, buy, over, short }, problem, widthMm }: FiguresProps) {
  const { unit } = useUnit();
  const use = book.work('layout.use', {
    label: 'use of the cloth',
    unit: 'share',
    mark: 'D',
    formula: 'A / (W * L)',
    terms: {
      A: { label: 'area of the pieces, mm²', value: areaOfPieces(problem.pieces), unit: 'count', mark: 'D' },
      W: { label: 'width laid on', value: problem.widthMm, unit: 'mm', mark: 'D' },
      L: laid,
    },
  });
  return (
    <NumbersProvider numbers={book.numbers}>
      <dl className={styles.figures}>
        <Figure label="Length it takes" number={laid.id} />
        <Figure label={`To buy, ${formatLength(widthMm, unit)} wide`} number={buy.id} />
        <Figure label="Of the cloth used" number={use.id} />
        {over && <Figure label="Left over on the shelf" number={over.id} />}
        {short && <Figure label="Short on the shelf by" number={short.id} />}
      </dl>
    </NumbersProvider>
  );
}

const Figure = ({ label, number }: { label: string; number: string }) => (
  <div className={styles.figure}>
    <dt>{label}</dt>
    <dd>
      <ExplainedNumber id={number} />
    </dd>
  </div>
);

function Refused({ asked }: { asked: Extract<ToLayOut, { ok: false }> }) {
  const { unit } = useUnit();
  switch (asked.why) {
    case 'nothing':
      return (
        <Alert severity="info">
          There is nothing to lay out yet: choose what the garment is made of first.
        </Alert>
      );
    case 'width':
      return (
        <Alert severity="info">
          Type the width of the cloth, between its selvedges: then the pieces are laid out on it.
        </Alert>
      );
    case 'many':
      return (
        <Alert severity="warning">
          These are more pieces than one layout takes: lay out one cloth or one garment at a time.
        </Alert>
      );
    case 'wide':
      return (
        <Alert severity="warning">
          {asked.pieces.map(({ label, widthMm, fitsTurned }) => (
            <p key={label}>
              {label} is {formatLength(widthMm, unit)} wide, wider than the cloth.{' '}
              {fitsTurned
                ? 'It would lie along the cloth: turn it only where its stretch may run that way.'
                : 'Cut it in two with a seam, or take a wider cloth.'}
            </p>
          ))}
        </Alert>
      );
    default:
      throw new Error(`expected a known reason, got ${JSON.stringify(asked satisfies never)}`);
  }
}
