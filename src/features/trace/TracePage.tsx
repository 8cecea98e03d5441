'use client';
import Button from '@mui/material/Button';
import Link from 'next/link';
import { useDeferredValue, useMemo, useState } from 'react';
import { newGarment } from '@/core/facts/garment';
import { ONE_SIZE } from '@/core/facts/outline';
import type { Pattern } from '@/core/facts/pattern';
import type { StoredRecord } from '@/core/facts/records';
import type { TracedFor } from '@/core/views/pageViews';
import { createLedger } from '@/core/explain/ledger';
import type { GarmentKind } from '@/core/fit/garmentKind';
import { catalogue } from '@/core/garments/catalogue';
import { kindOf } from '@/core/garments/kindOf';
import { sizesInOrder } from '@/core/fit/patternSize';
import { piecesAsDrawn } from '@/core/pieces/piecesAsDrawn';
import { RecordsProvider, useRecords } from '@/features/records/RecordsProvider';
import { SeamWalks } from '@/features/pieces/SeamWalks';
import { NumbersProvider } from '@/ui/numbers';
import { PickField } from '@/ui/PickField';
import { useUnit } from '@/ui/unit';
import styles from './Trace.module.css';
import { TraceWork } from './TraceWork';
import { useTraced } from './useTraced';

/** The tracing table: outlines of a pattern’s pieces, drawn over a photo of them. */
export function TracePage({
  pattern,
  garment,
}: {
  pattern: StoredRecord<'pattern'>;
  garment: TracedFor | undefined;
}) {
  return (
    <RecordsProvider records={[pattern]}>
      <Inside initial={pattern} garment={garment} />
    </RecordsProvider>
  );
}

function Inside({ initial, garment }: { initial: StoredRecord<'pattern'>; garment: TracedFor | undefined }) {
  const records = useRecords();
  const { id } = initial;
  const stored = records.facts('pattern', id) ?? initial.facts;
  const kind = kindOf(
    { kind: stored.kind, style: garment?.style ?? catalogue[stored.kind].styles[0].id },
    garment?.ownKind,
  );
  const [piece, setPiece] = useState(kind.shapes[0]?.id ?? '');
  const sizes = sizesInOrder(stored);
  const own = garment?.sizeId !== undefined && stored.sizes[garment.sizeId] ? garment.sizeId : undefined;
  const [size, setSize] = useState(own ?? Object.keys(stored.shapes ?? {})[0] ?? sizes[0]?.[0] ?? ONE_SIZE);
  return (
    <div className={styles.page}>
      <div className={styles.head}>
        <h1>Trace {stored.name}</h1>
        <Link href={garment ? `/garments/${garment.id}?stage=measure` : `/patterns/${id}`}>
          Back to {garment ? garment.name : 'the pattern'}
        </Link>
      </div>
      {kind.shapes.length === 0 ? (
        <p className="soft">{kind.label} is made of bands alone: they are rectangles and need no outline.</p>
      ) : (
        <OnePiece
          key={`${size} ${piece}`}
          {...{ id, stored, kind, piece, size, sizes }}
          onPiece={setPiece}
          onSize={setSize}
        />
      )}
    </div>
  );
}

interface OnePieceProps {
  readonly id: string;
  readonly stored: Pattern;
  readonly kind: GarmentKind;
  readonly piece: string;
  readonly size: string;
  readonly sizes: ReturnType<typeof sizesInOrder>;
  readonly onPiece: (piece: string) => void;
  readonly onSize: (size: string) => void;
}

function OnePiece({ id, stored, kind, piece, size, sizes, onPiece, onSize }: OnePieceProps) {
  const traced = useTraced(id, stored, size, piece);
  const { unit } = useUnit();
  const drawn = useMemo(() => newGarment(kind.label, kind.kind, unit).pattern, [kind, unit]);
  const pattern = useDeferredValue(traced.pattern);
  const { plan, numbers } = useMemo(() => {
    const book = createLedger();
    const facts = { pattern, garment: { pattern: drawn } };
    return { plan: piecesAsDrawn({ book, facts, kind, size }), numbers: book.numbers };
  }, [pattern, drawn, kind, size]);
  const next = plan.pieces.find(({ outlined }) => !outlined);
  const shape = kind.shapes.find((one) => one.id === piece);
  if (!shape) return null;
  return (
    <NumbersProvider numbers={numbers}>
      <div className={styles.tools}>
        <div style={{ width: 260 }}>
          <PickField
            label="Piece"
            value={piece}
            options={plan.pieces.map(({ id: one, label, outlined, fault }) => ({
              id: one,
              name: `${label}${outlined ? ': measured' : fault === undefined ? '' : ': begun'}`,
            }))}
            empty="choose a piece"
            onChange={(next) => next !== '' && onPiece(next)}
          />
        </div>
        {sizes.length > 0 && (
          <div style={{ width: 200 }}>
            <PickField
              label="Size"
              value={size}
              options={sizes.map(([one, { label }]) => ({ id: one, name: label }))}
              empty="choose a size"
              onChange={(next) => next !== '' && onSize(next)}
            />
          </div>
        )}
        {next && plan.pieces.some((one) => one.id === piece && one.outlined) && (
          <Button variant="contained" onClick={() => onPiece(next.id)}>
            Next: {next.label}
          </Button>
        )}
        <p className="soft">
          {plan.pieces.filter(({ outlined }) => outlined).length} of {plan.pieces.length} pieces have their
          outline.
        </p>
      </div>
      <TraceWork
        place={`${id} ${size} ${piece}`}
        {...{ kind, shape, traced, drawn }}
        plan={plan.pieces.find((one) => one.id === piece)}
      >
        <section className={styles.seams}>
          <h2>Seams, walked</h2>
          <SeamWalks seams={plan.seams} />
        </section>
      </TraceWork>
    </NumbersProvider>
  );
}
