'use client';
import Button from '@mui/material/Button';
import type { SetupPlan } from '@/core/sewing/types';
import { useRecords } from '@/features/records/RecordsProvider';
import { useGarment } from '../page/useGarment';
import styles from '../machine/AtMachine.module.css';

/** Keeps the settings a step is sewn with as the machine's own card for this cloth: every later plan starts from them. */
export function KeepAsCard({ setup }: { setup: SetupPlan }) {
  const { garment, today } = useGarment();
  const records = useRecords();
  if (setup.card) return <p className={styles.label}>These are your card’s of {setup.card.sewnOn}.</p>;
  if (!records.record('machine', setup.machineId)) return null;
  const keep = () =>
    records.set('machine', setup.machineId, 'Setup card', {
      [`cards.${crypto.randomUUID().slice(0, 8)}`]: {
        stitch: setup.stitch,
        setup: setup.setup,
        sewnOn: today,
        ...(garment.outerClothId === undefined ? {} : { clothId: garment.outerClothId }),
      },
    });
  return (
    <Button size="small" onClick={keep} sx={{ justifySelf: 'start' }}>
      Keep these settings as a card
    </Button>
  );
}
