'use client';
import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { kindIds, type KindId } from '@/core/facts/kindIds';
import { newOwnKind } from '@/core/facts/ownKind';
import type { StoredRecord } from '@/core/facts/records';
import { catalogue } from '@/core/garments/catalogue';
import { drawGarment } from '@/core/garments/drawings/drawGarment';
import { RequestRefused, createRecord } from '@/features/records/api';
import { FrontDrawing } from '@/ui/GarmentDrawing';
import styles from './KindGallery.module.css';

interface Props {
  readonly kind: KindId;
  readonly ownKindId: string | undefined;
  readonly ownKinds: readonly StoredRecord<'ownKind'>[];
  readonly onChoose: (kind: KindId, ownKindId?: string) => void;
}

/** Every kind of garment as a drawing, and a person's own versions of them. */
export function KindGallery({ kind, ownKindId, ownKinds, onChoose }: Props) {
  const router = useRouter();
  const [trouble, setTrouble] = useState<string | undefined>(undefined);
  const copy = async () => {
    const { label } = catalogue[kind];
    try {
      const written = await createRecord(
        'ownKind',
        newOwnKind(`My ${label.toLowerCase()}`, kind),
        `Copy ${label}`,
      );
      router.push(`/garments/kinds/${written.records[0]?.id}`);
    } catch (error) {
      if (!(error instanceof RequestRefused)) throw error;
      setTrouble(error.message);
    }
  };
  return (
    <section>
      <h2>What it is</h2>
      <div className={styles.gallery} role="group" aria-label="Kind of garment">
        {kindIds.map((id) => (
          <Tile
            key={id}
            label={catalogue[id].label}
            kind={id}
            pressed={id === kind && ownKindId === undefined}
            onClick={() => onChoose(id)}
          />
        ))}
        {ownKinds.map(({ id, facts }) => (
          <Tile
            key={id}
            label={facts.name}
            kind={facts.base}
            pressed={id === ownKindId}
            onClick={() => onChoose(facts.base, id)}
          />
        ))}
      </div>
      <p className="soft small" style={{ marginTop: 10 }}>
        Not quite yours? Copy a kind and take away or add zones, edges and pieces.{' '}
        {ownKindId ? (
          <Button size="small" onClick={() => router.push(`/garments/kinds/${ownKindId}`)}>
            Change this one
          </Button>
        ) : (
          <Button size="small" onClick={() => void copy()}>
            Copy {catalogue[kind].label.toLowerCase()}
          </Button>
        )}
      </p>
      {trouble && <Alert>{trouble}</Alert>}
    </section>
  );
}

function Tile({
  label,
  kind,
  pressed,
  onClick,
}: {
  label: string;
  kind: KindId;
  pressed: boolean;
  onClick: () => void;
}) {
  return (
    <button type="button" className={styles.tile} aria-pressed={pressed} onClick={onClick}>
      <FrontDrawing drawing={drawGarment(kind, {})} />
      <span>{label}</span>
    </button>
  );
}
