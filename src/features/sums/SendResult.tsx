'use client';
import Button from '@mui/material/Button';
import Link from 'next/link';
import { useState } from 'react';
import { newCloth } from '@/core/facts/cloth';
import type { StoredRecord } from '@/core/facts/records';
import { kindOf } from '@/core/garments/kindOf';
import type { SumResult } from '@/core/sums/sum';
import type { Choice } from '@/core/views/pageViews';
import { RequestRefused, createRecord, fetchRecord, setFacts } from '@/features/records/api';
import { PickField } from '@/ui/PickField';
import styles from './SumsPage.module.css';

interface Props {
  readonly result: SumResult;
  readonly garments: readonly Choice[];
  readonly sum: string;
}

/** Hands a sum's answer to a garment: a worn extension to one of its zones, a stretch as its cloth's. */
export function SendResult({ result, garments, sum }: Props) {
  const [garmentId, setGarment] = useState('');
  const [garment, setRecord] = useState<StoredRecord<'garment'> | undefined>(undefined);
  const [zone, setZone] = useState('');
  const [said, setSaid] = useState<string | undefined>(undefined);
  const zones = garment ? kindOf(garment.facts).zones : [];
  const attempt = async (work: () => Promise<void>) => {
    try {
      await work();
    } catch (error) {
      if (!(error instanceof RequestRefused)) throw error;
      setSaid(error.message);
    }
  };
  const choose = (id: string) => {
    setGarment(id);
    setRecord(undefined);
    setZone('');
    setSaid(undefined);
    if (!id) return;
    void attempt(async () => {
      const found = await fetchRecord('garment', id);
      setRecord(found);
      setZone(kindOf(found.facts).zones[0]?.id ?? '');
    });
  };
  const send = () =>
    attempt(async () => {
      if (!garment) return;
      if (result.kind === 'extension') {
        const extension = Math.min(Math.max(result.value, -0.5), 1);
        const changes = [{ path: `fit.${zone}`, value: { school: 'set', extension } }];
        setRecord(await setFacts(garment, `${sum}, from Sums`, changes));
      } else {
        const facts = { ...newCloth(`${sum}, from Sums`), statedAcross: Math.min(result.value, 4) };
        const made = await createRecord('cloth', facts, `${sum}, from Sums`);
        const clothId = made.records[0]?.id ?? '';
        setRecord(await setFacts(garment, `${sum}, from Sums`, [{ path: 'outerClothId', value: clothId }]));
      }
      setSaid('Sent.');
    });
  return (
    <div>
      <div className={styles.send}>
        <PickField
          label="Send it to a garment"
          value={garmentId}
          options={garments}
          empty="choose a garment"
          onChange={choose}
        />
        {result.kind === 'extension' && (
          <PickField
            label="At its zone"
            value={zone}
            options={zones.map(({ id, label }) => ({ id, name: label }))}
            empty="choose a zone"
            onChange={setZone}
          />
        )}
        <Button
          variant="outlined"
          disabled={!garment || (result.kind === 'extension' && zone === '')}
          onClick={() => void send()}
        >
          Send
        </Button>
      </div>
      <p role="status">
        {said}{' '}
        {said === 'Sent.' && (
          <Link href={`/garments/${garmentId}?stage=${result.kind === 'extension' ? 'fit' : 'stretch'}`}>
            Open the garment
          </Link>
        )}
      </p>
    </div>
  );
}
