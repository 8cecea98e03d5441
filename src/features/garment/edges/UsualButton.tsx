'use client';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { shorterBy } from '@/core/edges/elastics/lengths';
import { formatQuantity } from '@/core/explain/display';
import { usualKey } from '@/core/facts/wearer';
import { useRecords } from '@/features/records/RecordsProvider';
import { useUnit } from '@/ui/unit';
import { useGarment } from '../page/useGarment';

interface Props {
  readonly edge: { readonly id: string; readonly label: string };
  readonly of: 'body' | 'edge';
  readonly sewnMm: number;
  readonly onMm: number;
}

/** Keeps how long a strip is here, as a share of what it lies on, as this wearer’s usual for such garments. */
export function UsualButton({ edge, of, sewnMm, onMm }: Props) {
  const { garment, facts } = useGarment();
  const records = useRecords();
  const { unit } = useUnit();
  const [kept, setKept] = useState(false);
  const { wearerId } = garment;
  const shorter = Number(shorterBy(sewnMm, onMm).toFixed(4));
  if (wearerId === undefined || !facts.wearer || shorter < -0.3 || shorter > 0.6) return null;
  const { name } = facts.wearer;
  const keep = () => {
    records.set('wearer', wearerId, `Usual for ${edge.label.toLowerCase()}`, {
      [`usualLengths.${usualKey(garment.kind, edge.id)}`]: { kind: garment.kind, edge: edge.id, of, shorter },
    });
    setKept(true);
  };
  return (
    <span>
      <Button size="small" onClick={keep}>
        Make it usual for {name}: {formatQuantity(shorter, 'share', unit)} under the {of}
      </Button>
      {kept && <span role="status">Kept with {name}.</span>}
    </span>
  );
}
