'use client';
import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import { useRouter } from 'next/navigation';
import { useMemo, useState } from 'react';
import type { Adaptation } from '@/core/answers/adapt/adaptations';
import type { MadePieces } from '@/core/answers/adapt/draft';
import type { KindId } from '@/core/facts/kindIds';
import { ONE_SIZE } from '@/core/facts/outline';
import { newPattern, type Pattern } from '@/core/facts/pattern';
import type { StoredRecord } from '@/core/facts/records';
import type { NumberSpec } from '@/core/facts/spec';
import { catalogue } from '@/core/garments/catalogue';
import type { Outlines } from '@/core/pieces/outline';
import { outlinesIn } from '@/core/pieces/readOutlines';
import { formatLength } from '@/core/units/formatLength';
import { useUnit } from '@/ui/unit';
import styles from './AdaptPage.module.css';
import { useMakePattern } from './useMakePattern';

type Values = Readonly<Record<string, number>>;

/** The traced pieces that an adaptation is drawn on, and what they tell. */
interface OnPieces {
  readonly choices: readonly { readonly id: string; readonly name: string }[];
  readonly chosen: string;
  readonly choose: (id: string) => void;
  readonly pieces:
    { readonly pattern: Pattern; readonly outlines: Outlines; readonly kind: KindId } | undefined;
  /** Measures that nobody types while they are measured. */
  readonly told: Values;
  /** Why it cannot be drawn on them. */
  readonly fault?: string;
}

const NOTHING: Values = {};

export function useOnPieces(adaptation: Adaptation, patterns: readonly StoredRecord<'pattern'>[]): OnPieces {
  const [chosen, choose] = useState('');
  const { onPieces } = adaptation;
  const found = useMemo(
    () =>
      patterns
        .filter(({ facts }) => onPieces.kinds.includes(facts.kind))
        .flatMap(({ id, facts }) =>
          Object.keys(facts.shapes ?? {}).map((size) => ({
            id: `${id} ${size}`,
            name: size === ONE_SIZE ? facts.name : `${facts.name}, size ${facts.sizes[size]?.label ?? size}`,
            pattern: facts,
            size,
          })),
        ),
    [onPieces, patterns],
  );
  const one = found.find(({ id }) => id === chosen);
  return useMemo(() => {
    const nothing = { choices: found, choose, chosen: one?.id ?? '', pieces: undefined, told: NOTHING };
    if (!one) return nothing;
    const { pattern, size } = one;
    const { kind } = pattern;
    const outlines = outlinesIn(catalogue[kind], pattern, size);
    const told = onPieces.measure(outlines, kind);
    return typeof told === 'string'
      ? { ...nothing, fault: told }
      : { ...nothing, pieces: { pattern, outlines, kind }, told };
  }, [found, one, onPieces]);
}

/** What is measured on the outlines, where it would be typed otherwise. */
export function Told({ told, fields }: { told: Values; fields: Readonly<Record<string, NumberSpec>> }) {
  const { unit } = useUnit();
  const all = Object.entries(told);
  if (all.length === 0) return null;
  return (
    <div>
      <p className="soft small">Measured on its outlines:</p>
      <dl className={styles.pairs}>
        {all.map(([key, value]) => (
          <div key={key}>
            <dt>{fields[key]?.label}</dt>
            <dd>
              {fields[key]?.quantity === 'radians'
                ? `${((value * 180) / Math.PI).toFixed(0)}°`
                : formatLength(value, unit)}
            </dd>
          </div>
        ))}
      </dl>
    </div>
  );
}

/** Keeps the pieces that came of it as a pattern of their own. */
export function MakePattern({ made, from }: { made: MadePieces; from: Pattern }) {
  const router = useRouter();
  const { label } = catalogue[made.kind];
  const { make: makePattern, trouble } = useMakePattern();
  const make = async () => {
    const { seamAllowanceMm, hemAllowanceMm } = from;
    const pattern = await makePattern(
      {
        ...newPattern(
          `${from.name}, ${made.kind === from.kind ? 'adapted' : label.toLowerCase()}`.slice(0, 60),
          made.kind,
        ),
        source: 'adapted',
        ...(seamAllowanceMm === undefined ? {} : { seamAllowanceMm }),
        ...(hemAllowanceMm === undefined ? {} : { hemAllowanceMm }),
        shapes: { [ONE_SIZE]: made.shapes },
      },
      'Adapted pattern',
    );
    if (pattern) router.push(`/patterns/${pattern.id}/trace`);
  };
  return (
    <>
      <Button variant="outlined" onClick={() => void make()}>
        Make a pattern of its pieces
      </Button>
      {trouble && <Alert>{trouble}</Alert>}
    </>
  );
}
