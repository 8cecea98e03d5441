'use client';
import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import dynamic from 'next/dynamic';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { usualSetOf, type UsualSetId } from '@/core/facts/machine';
import { RequestRefused, request } from '@/features/records/api';
import { NameField } from '@/features/records/NameField';
import { RemoveButton } from '@/features/records/RemoveButton';
import { useRecords } from '@/features/records/RecordsProvider';
import styles from './GarmentPage.module.css';
import { useGarment } from './useGarment';

const SaveDialog = dynamic(() => import('./SaveDialog').then((module) => module.SaveDialog));

const MACHINE_WORDS: Readonly<Record<UsualSetId, string>> = {
  'serger-coverstitch': 'serger and coverstitch',
  'sewing-only': 'sewing machine',
};

/** The garment's name and what it is made from; copy it, save it as a file, remove it. */
export function GarmentHead() {
  const { id, garment, facts, plan, set, fault } = useGarment();
  const records = useRecords();
  const router = useRouter();
  const [saving, setSaving] = useState(false);
  const [trouble, setTrouble] = useState<string | undefined>(undefined);
  const attempt = async (work: () => Promise<void>) => {
    try {
      await records.flush();
      await work();
    } catch (error) {
      if (!(error instanceof RequestRefused)) throw error;
      setTrouble(error.message);
    }
  };
  const copy = () =>
    attempt(async () => {
      const written = await request<{ records: { id: string }[] }>('POST', `/api/garments/${id}/copy`);
      router.push(`/garments/${written.records[0]?.id}`);
    });
  const parts = [
    plan.kind.toLowerCase(),
    facts.wearer ? `for ${facts.wearer.name}` : 'for nobody yet',
    facts.outer?.name ?? 'no cloth yet',
    facts.lining && `lined with ${facts.lining.name}`,
    facts.band && facts.band.name !== facts.outer?.name ? `band of ${facts.band.name}` : undefined,
    facts.machineSet?.name.toLowerCase() ?? MACHINE_WORDS[usualSetOf(garment.machineSetId)],
  ];
  return (
    <div className={styles.head}>
      <div style={{ flex: '1 1 320px' }}>
        <NameField
          label="Garment’s name"
          value={garment.name}
          fault={fault('name')}
          onChange={(name) => set('Name', { name })}
        />
        <p className="soft">{parts.filter(Boolean).join(' · ')}</p>
        {trouble && <Alert>{trouble}</Alert>}
      </div>
      <div className={styles.actions} style={{ gap: 2 }}>
        <Button size="small" onClick={() => void copy()}>
          Make another
        </Button>
        <Button size="small" onClick={() => setSaving(true)}>
          Save as a file
        </Button>
        <RemoveButton kind="garment" id={id} back="/garments" />
      </div>
      {saving && <SaveDialog id={id} onClose={() => setSaving(false)} />}
    </div>
  );
}
