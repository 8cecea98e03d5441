'use client';
import Button from '@mui/material/Button';
import { useMemo, useState, type ReactNode } from 'react';
import type { Cloth } from '@/core/facts/cloth';
import type { Buying } from '@/core/onCloth/buy';
import { changedWays, type OnShelf } from '@/core/onCloth/changedWays';
import type { OnCloth } from '@/core/onCloth/garmentPieces';
import type { LaidOn, Using } from '@/core/onCloth/laidOn';
import { acceptedWay, waysOut } from '@/core/onCloth/waysOut';
import { ExplainedNumber } from '@/ui/ExplainedNumber';
import { useUnit } from '@/ui/unit';
import type { WayReply, WaysRequest } from '@/workers/ways';
import { useGarment } from '../page/useGarment';
import { ComparedLength } from './ComparedLength';
import styles from './Layout.module.css';
import { useLengths } from './useLengths';
import { useReplies } from './useReplies';

interface Props {
  readonly on: OnCloth;
  readonly cloth: Cloth;
  readonly lies: LaidOn;
  readonly using: Using;
  readonly shelf: readonly OnShelf[];
  /** The length the pieces take as they are; nothing where they cannot be laid so. */
  readonly nowMm?: number;
  /** Cut with a rotary cutter from now on. */
  readonly onRotary: () => void;
}

/** What could make a cloth enough that is too short, each way laid out for real once somebody asks: other ways to cut, and changes of the garment. */
export function WaysOut({ on, cloth, lies, using, shelf, nowMm, onRotary }: Props) {
  const { garment, plan, set } = useGarment();
  const { pieces } = on;
  // What a seam that joins two parts of a band takes of each.
  const seamMm = garment.pattern.seamAllowanceMm;
  const ways = useMemo(() => waysOut(pieces, { ...lies, seamMm }), [pieces, lies, seamMm]);
  const problems = useMemo(() => ways.map(({ problem }) => problem), [ways]);
  const [asked, setAsked] = useState(false);
  const lengths = useLengths(asked ? problems : undefined);
  const { changed, found, isTrying } = useChanged(on, { asked, using, shelf });
  if (!asked)
    return (
      <Button variant="outlined" onClick={() => setAsked(true)}>
        What would make it enough
      </Button>
    );
  if (ways.length === 0 && found.length === 0 && !isTrying)
    return <p>These pieces need more cloth, however they lie: buy more, or make the garment smaller.</p>;
  return (
    <table className={styles.compared}>
      <caption>Ways to take less</caption>
      <thead>
        <tr>
          <th scope="col">Way</th>
          <th scope="col">Takes</th>
          <th scope="col">On the shelf</th>
          <th scope="col" aria-label="Do it so" />
        </tr>
      </thead>
      <tbody>
        {ways.map((one) => {
          const { id, problem } = one;
          const changes = acceptedWay(one, { plan, garment });
          const doIt = id === 'rotary' ? onRotary : changes && (() => set(one.label, changes));
          const laidMm = lengths.get(problem)?.lengthMm;
          return <Way key={id} way={one} cloth={cloth} laidMm={laidMm} nowMm={nowMm} doIt={doIt} />;
        })}
        {found.map(({ nth, layout }) => {
          const way = changed[nth];
          return (
            way && (
              <Way
                key={way.id}
                way={way}
                cloth={cloth}
                laidMm={layout?.lengthMm}
                nowMm={nowMm}
                doIt={() => set(way.label, way.changes)}
              />
            )
          );
        })}
        {isTrying && (
          <tr>
            <td colSpan={4} className="soft" aria-busy="true">
              trying changes of the garment…
            </td>
          </tr>
        )}
      </tbody>
    </table>
  );
}

/** The ways that change the garment, and those of them that were found to take less, as they become known. */
function useChanged(
  { role }: OnCloth,
  { asked, using, shelf }: { asked: boolean; using: Using; shelf: readonly OnShelf[] },
) {
  const { facts, kind, plan, today: onDate } = useGarment();
  const { unit } = useUnit();
  const changed = useMemo(
    () => changedWays({ facts, kind, plan, onDate }, role, { unit, shelf }),
    [facts, kind, plan, onDate, role, unit, shelf],
  );
  const { widthMm, cutWith, unmatched } = using;
  const request = useMemo(
    (): WaysRequest | undefined =>
      asked && changed.length > 0
        ? { facts, ways: changed, role, onDate, using: { widthMm, cutWith, unmatched } }
        : undefined,
    [asked, changed, facts, role, onDate, widthMm, cutWith, unmatched],
  );
  const replies = useReplies<WaysRequest, WayReply>(begin, request);
  return {
    changed,
    found: replies.filter(({ layout }) => layout !== undefined),
    isTrying: request !== undefined && replies.length < changed.length,
  };
}

const begin = () =>
  new Worker(new URL('../../../workers/ways.worker.ts', import.meta.url), { type: 'module' });

interface WayProps {
  readonly way: { readonly label: string; readonly caution: string };
  readonly cloth: Cloth;
  readonly laidMm: number | undefined;
  readonly nowMm: number | undefined;
  readonly doIt: (() => void) | undefined;
}

/** Less than this is no gain, mm. */
const NO_GAIN_MM = 1;

/** What is done, what it costs, the length it then takes, and, where that is less, a button that does it. */
function Way({ way: { label, caution }, cloth, laidMm, nowMm = Infinity, doIt }: WayProps) {
  const isNoLess = laidMm !== undefined && laidMm > nowMm - NO_GAIN_MM;
  return (
    <tr>
      <th scope="row">
        {label}
        <p className="soft small">{caution}</p>
      </th>
      <ComparedLength laidMm={laidMm} cloth={cloth} says={isNoLess ? noLess : verdict} />
      <td>
        {doIt && !isNoLess && (
          <Button size="small" variant="outlined" onClick={doIt} aria-label={`Do it so: ${label}`}>
            Do it so
          </Button>
        )}
      </td>
    </tr>
  );
}

const noLess = (): ReactNode => <span className="soft">takes no less</span>;

const verdict = ({ over, short }: Buying): ReactNode => (
  <>
    {over && 'enough'}
    {short && (
      <>
        short by <ExplainedNumber id={short.id} />
      </>
    )}
  </>
);
