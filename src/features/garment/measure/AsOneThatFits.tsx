'use client';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { fittingGarmentSpec } from '@/core/facts/wearer';
import { fittingGirths } from '@/core/pieces/fittingGirths';
import { useRecords } from '@/features/records/RecordsProvider';
import { Fold } from '@/ui/Fold';
import { NumberField } from '@/ui/NumberField';
import styles from '../page/GarmentPage.module.css';
import { useGarment } from '../page/useGarment';

/** Pieces traced from a garment that fits: its girths become one more school at Fit, once its cloth’s stretch is said. */
export function AsOneThatFits() {
  const { garment, facts, kind, plan, set } = useGarment();
  const records = useRecords();
  const [stretch, setStretch] = useState<number | undefined>(undefined);
  const { wearer, pattern } = facts;
  const { wearerId } = garment;
  const girths = fittingGirths(kind, plan.pieces, plan.numbers);
  if (!wearer || wearerId === undefined || !pattern || Object.keys(girths).length === 0) return null;
  const kept = Object.entries(wearer.fits ?? {}).find(([, { name }]) => name === pattern.name);
  if (kept)
    return (
      <p className="soft">
        Kept as a garment that fits {wearer.name}: at Fit it stands among the schools
        {garment.likeId === kept[0] ? '' : ', once it is chosen there'}.
      </p>
    );
  const keep = () => {
    if (stretch === undefined) return;
    const id = `fit-${crypto.randomUUID().slice(0, 8)}`;
    records.set('wearer', wearerId, 'Add a garment that fits', {
      [`fits.${id}`]: { name: pattern.name, stretchAround: stretch, girths },
    });
    set('Garment that fits', { likeId: id });
  };
  return (
    <Fold summary={`Traced from a garment that fits ${wearer.name}?`}>
      <div className={styles.fields} style={{ alignItems: 'center' }}>
        <NumberField
          spec={fittingGarmentSpec.fields.stretchAround}
          help="Pull its own cloth across: how much longer it gets with comfort."
          value={stretch}
          onChange={setStretch}
          live
        />
        <div>
          <Button variant="outlined" disabled={stretch === undefined} onClick={keep}>
            Keep it as a garment that fits
          </Button>
        </div>
      </div>
    </Fold>
  );
}
