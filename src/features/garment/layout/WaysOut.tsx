'use client';
import Button from '@mui/material/Button';
import { useMemo, useState, type ReactNode } from 'react';
import type { Cloth } from '@/core/facts/cloth';
import type { Buying } from '@/core/onCloth/buy';
import type { ClothPiece } from '@/core/onCloth/garmentPieces';
import type { LaidOn } from '@/core/onCloth/laidOn';
import { acceptedWay, waysOut } from '@/core/onCloth/waysOut';
import { ExplainedNumber } from '@/ui/ExplainedNumber';
import { useGarment } from '../page/useGarment';
import { ComparedLength } from './ComparedLength';
import styles from './Layout.module.css';
import { useLengths } from './useLengths';

interface Props {
  readonly pieces: readonly ClothPiece[];
  readonly cloth: Cloth;
  readonly lies: LaidOn;
  /** Cut with a rotary cutter from now on. */
  readonly onRotary: () => void;
}

/** What could make a cloth enough that is too short, each way laid out for real once somebody asks. */
export function WaysOut({ pieces, cloth, lies, onRotary }: Props) {
  const { garment, plan, set } = useGarment();
  // What a seam that joins two parts of a band takes of each.
  const seamMm = garment.pattern.seamAllowanceMm;
  const ways = useMemo(() => waysOut(pieces, { ...lies, seamMm }), [pieces, lies, seamMm]);
  const problems = useMemo(() => ways.map(({ problem }) => problem), [ways]);
  const [asked, setAsked] = useState(false);
  const lengths = useLengths(asked ? problems : undefined);
  if (ways.length === 0)
    return <p>These pieces need more cloth, however they lie: buy more, or make the garment smaller.</p>;
  if (!asked)
    return (
      <Button variant="outlined" onClick={() => setAsked(true)}>
        What would make it enough
      </Button>
    );
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
          const { id, label, caution, problem } = one;
          const changes = acceptedWay(one, { plan, garment });
          const doIt = id === 'rotary' ? onRotary : changes && (() => set(label, changes));
          return (
            <tr key={id}>
              <th scope="row">
                {label}
                <p className="soft small">{caution}</p>
              </th>
              <ComparedLength laidMm={lengths.get(problem)?.lengthMm} cloth={cloth} says={verdict} />
              <td>
                {doIt && (
                  <Button size="small" variant="outlined" onClick={doIt} aria-label={`Do it so: ${label}`}>
                    Do it so
                  </Button>
                )}
              </td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}

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
