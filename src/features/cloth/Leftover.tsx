'use client';
import Button from '@mui/material/Button';
import Alert from '@mui/material/Alert';
import Link from 'next/link';
import { useMemo, useState } from 'react';
import type { Cloth } from '@/core/facts/cloth';
import type { ClothRole } from '@/core/facts/layout';
import { areaOfRings } from '@/core/geometry/clip';
import type { Point } from '@/core/geometry/point';
import { boundsOfPoints } from '@/core/geometry/ring';
import { fitting, intoLeftover } from '@/core/onCloth/fitsInto';
import { laidOn, washedOutline } from '@/core/onCloth/laidOn';
import { formatArea } from '@/core/units/formatArea';
import { formatLength } from '@/core/units/formatLength';
import type { GarmentOnCloth } from '@/core/views/pageViews';
import { useLengths } from '@/features/garment/layout/useLengths';
import { RequestRefused, request } from '@/features/records/api';
import { useRecords } from '@/features/records/RecordsProvider';
import { useUnit } from '@/ui/unit';
import styles from './Leftover.module.css';

/** What is left of a cloth that was cut into, to scale, and what of other garments fits into it. */
export function Leftover({ id, cloth }: { id: string; cloth: Cloth }) {
  const { unit } = useUnit();
  const records = useRecords();
  const rings = useMemo(() => (cloth.outline ?? []).map(({ points }) => points), [cloth.outline]);
  const [garments, setGarments] = useState<readonly GarmentOnCloth[] | undefined>(undefined);
  const [trouble, setTrouble] = useState<string | undefined>(undefined);
  const [asking, setAsking] = useState(false);
  if (rings.length === 0) return null;
  const { right, bottom } = boundsOfPoints(rings.flat());
  const ask = async () => {
    setAsking(true);
    try {
      setGarments(await request('GET', `/api/cloth-pieces`));
      setTrouble(undefined);
    } catch (error) {
      if (!(error instanceof RequestRefused)) throw error;
      setTrouble(error.message);
    } finally {
      setAsking(false);
    }
  };
  const path = rings.map((ring) => `M${ring.map(pair).join('L')}Z`).join('');
  return (
    <section className={styles.section} aria-label="What is left">
      <h2>What is left</h2>
      <div className={styles.row}>
        <svg
          className={styles.picture}
          viewBox={`-10 -10 ${right + 20} ${bottom + 20}`}
          style={{ aspectRatio: `${right + 20} / ${bottom + 20}` }}
          role="img"
          aria-label={`What is left of ${cloth.name}, to scale`}
        >
          <path className={styles.cloth} d={path} fillRule="evenodd" />
        </svg>
        <div>
          <p>
            {formatArea(areaOfRings(rings), unit)}, within {formatLength(right, unit)} ×{' '}
            {formatLength(bottom, unit)}. Garments of this cloth are laid out on what is there.
          </p>
          {!garments && (
            <Button variant="outlined" disabled={asking} onClick={() => void ask()}>
              What fits into it
            </Button>
          )}
          <Button
            variant="text"
            onClick={() => records.set('cloth', id, `${cloth.name} lies cut straight`, { outline: null })}
          >
            It is cut straight now
          </Button>
          {trouble && <Alert severity="warning">{trouble}</Alert>}
        </div>
      </div>
      {garments && <Fits cloth={cloth} garments={garments} />}
    </section>
  );
}

/** Each piece is tried for so many steps: there is much to try, and little room. */
const QUICK_STEPS = 30;

const pair = ({ x, y }: Point): string => `${x.toFixed(1)},${y.toFixed(1)}`;

const ROLES: Readonly<Record<ClothRole, string>> = {
  outer: 'outer cloth',
  lining: 'lining',
  band: 'bands',
};

function Fits({ cloth, garments }: { cloth: Cloth; garments: readonly GarmentOnCloth[] }) {
  const { tries, longMm } = useMemo(() => {
    const rings = washedOutline(cloth) ?? [];
    const on = laidOn(cloth, { widthMm: cloth.widthMm, cutWith: 'rotary' });
    return {
      tries: intoLeftover(garments, on, areaOfRings(rings)),
      longMm: boundsOfPoints(rings.flat()).bottom,
    };
  }, [cloth, garments]);
  const problems = useMemo(() => tries.map(({ problem }) => problem), [tries]);
  const lengths = useLengths(problems, QUICK_STEPS);
  const found = fitting(tries, lengths, longMm);
  const waiting = lengths.size < problems.length;
  return (
    <>
      {found.length > 0 && (
        <ul className={styles.fits}>
          {found.map(({ garment, name, whole, pieces }) => (
            <li key={garment}>
              <Link href={`/garments/${garment}`}>{name}</Link>:{' '}
              {[...whole.map((role) => `all of its ${ROLES[role]}`), ...pieces].join(' · ')}
            </li>
          ))}
        </ul>
      )}
      <p className="soft small" role="status">
        {waiting
          ? 'Trying the pieces of your planned garments, one after the other…'
          : found.length === 0
            ? 'No piece of a garment that is planned and not cut yet fits into it.'
            : 'Each piece was laid out by itself. Check that its stretch suits the garment before you cut.'}
      </p>
    </>
  );
}
