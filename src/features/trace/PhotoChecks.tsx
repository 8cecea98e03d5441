'use client';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { lengthMm } from '@/core/facts/spec';
import { angleBetween, distance, minus, type Point } from '@/core/geometry/point';
import { DISTANCE_SHARE } from '@/core/pieces/sheets';
import { isAtMost } from '@/core/units/tolerance';
import { formatLength } from '@/core/units/formatLength';
import { LengthField } from '@/ui/LengthField';
import { useUnit } from '@/ui/unit';
import styles from './Trace.module.css';

/** Two points that are being clicked, and what for. */
export interface Pair {
  readonly what: 'distance' | 'grain';
  readonly points: readonly Point[];
}

const TRUE = lengthMm('Distance', 10, 3000);
const DOWN: Point = { x: 0, y: 1 };

interface Props {
  readonly pair: Pair | undefined;
  readonly onPair: (pair: Pair | undefined) => void;
  readonly grainRad: number | undefined;
  readonly hasFold: boolean;
  readonly onGrain: ((rad: number) => void) | undefined;
  readonly onPhoto: boolean;
}

/** A distance that is known checks the photo; two points along the grain say how the piece lies. */
export function PhotoChecks({ pair, onPair, grainRad, hasFold, onGrain, onPhoto }: Props) {
  const { unit } = useUnit();
  const [known, setKnown] = useState<number | undefined>(undefined);
  const [a, b] = pair?.points ?? [];
  const mm = a && b && distance(a, b);
  const off = mm !== undefined && known !== undefined ? mm / known - 1 : undefined;
  const trusted = off !== undefined && isAtMost(Math.abs(off), DISTANCE_SHARE);
  if (!onPhoto && !onGrain) return null;
  return (
    <section className={styles.part}>
      <h2>Checks</h2>
      {pair && (
        <p className={styles.next}>
          {pair.what === 'distance'
            ? 'Click both ends of a distance you know, such as one on a ruler or tape in the photo.'
            : 'Click two points along the lengthwise grain, its upper end first.'}
        </p>
      )}
      <div className={styles.tools}>
        {onPhoto && (
          <Button
            size="small"
            variant="outlined"
            aria-pressed={pair?.what === 'distance'}
            onClick={() => onPair(pair?.what === 'distance' ? undefined : { what: 'distance', points: [] })}
          >
            {pair?.what === 'distance' ? 'Done checking' : 'Check a distance'}
          </Button>
        )}
        {onGrain && !hasFold && (
          <Button
            size="small"
            variant="outlined"
            aria-pressed={pair?.what === 'grain'}
            onClick={() => onPair(pair?.what === 'grain' ? undefined : { what: 'grain', points: [] })}
          >
            {grainRad === undefined ? 'Show the grain' : 'Show the grain again'}
          </Button>
        )}
      </div>
      {onGrain && hasFold && <p className="soft small">Its grain is along the fold.</p>}
      {onGrain && !hasFold && grainRad === undefined && (
        <p className="soft small">Without its grain the piece counts as lying upright.</p>
      )}
      {pair?.what === 'grain' && a && b && (
        <Button
          size="small"
          variant="contained"
          onClick={() => {
            onGrain?.(angleBetween(DOWN, minus(b, a)));
            onPair(undefined);
          }}
        >
          Take this as the grain
        </Button>
      )}
      {pair?.what === 'distance' && mm !== undefined && (
        <>
          <p>
            Here it is <strong>{formatLength(mm, unit)}</strong>.
          </p>
          <LengthField spec={TRUE} label="In truth it is" valueMm={known} onChange={setKnown} />
          {off !== undefined && (
            <p className={trusted ? undefined : styles.next}>
              {trusted
                ? `That is within ${percent(off)}: the photo can be trusted there.`
                : `That is ${percent(off)} off: the lens bends there, or a corner is not on the sheet’s. Move the corners, or take the photo from farther away.`}
            </p>
          )}
        </>
      )}
    </section>
  );
}

const percent = (share: number): string => `${(Math.abs(share) * 100).toFixed(1)} %`;
