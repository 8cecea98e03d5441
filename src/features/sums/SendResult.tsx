'use client';
import Button from '@mui/material/Button';
import Link from 'next/link';
import { useState } from 'react';
import { newCloth } from '@/core/facts/cloth';
import { edgeChoiceSpec } from '@/core/facts/garment';
import type { StoredRecord } from '@/core/facts/records';
import { kindOf } from '@/core/garments/kindOf';
import type { SumResult } from '@/core/answers/sums/sum';
import type { Choice } from '@/core/views/pageViews';
import { RequestRefused, createRecord, fetchRecord, setFacts } from '@/features/records/api';
import { PickField } from '@/ui/PickField';
import styles from './SumsPage.module.css';

interface Props {
  readonly result: SumResult;
  readonly garments: readonly Choice[];
  readonly sum: string;
}

const STAGE_OF = { extension: 'fit', stretch: 'stretch', length: 'bands' } as const;
/** Shortest length an edge keeps, mm: its field’s range. */
const LEAST_MM = edgeChoiceSpec.fields.ownMm.min;

/** Hands a sum's answer to a garment: a worn extension to a zone, a length to an edge, a stretch as its cloth's. */
export function SendResult({ result, garments, sum }: Props) {
  const [garmentId, setGarment] = useState('');
  const [garment, setRecord] = useState<StoredRecord<'garment'> | undefined>(undefined);
  const [zone, setZone] = useState('');
  const [said, setSaid] = useState<string | undefined>(undefined);
  const kind = garment && kindOf(garment.facts);
  const places: readonly { readonly id: string; readonly label: string }[] =
    (result.kind === 'extension' ? kind?.zones : result.kind === 'length' ? kind?.edges : undefined) ?? [];
  const placed = result.kind !== 'stretch';
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
      const { zones, edges } = kindOf(found.facts);
      setZone((result.kind === 'length' ? edges : zones)[0]?.id ?? '');
    });
  };
  const send = () =>
    attempt(async () => {
      if (!garment) return;
      if (result.kind === 'extension') {
        const extension = Math.min(Math.max(result.value, -0.5), 1);
        const changes = [{ path: `fit.${zone}`, value: { school: 'set', extension } }];
        setRecord(await setFacts(garment, `${sum}, from Sums`, changes));
      } else if (result.kind === 'length') {
        setRecord(
          await setFacts(garment, `${sum}, from Sums`, [
            { path: `edges.${zone}.ownMm`, value: Math.max(result.mm, LEAST_MM) },
            { path: `edges.${zone}.school`, value: 'own' },
          ]),
        );
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
        {placed && (
          <PickField
            label={result.kind === 'length' ? 'At its edge' : 'At its zone'}
            value={zone}
            options={places.map(({ id, label }) => ({ id, name: label }))}
            empty={result.kind === 'length' ? 'choose an edge' : 'choose a zone'}
            onChange={setZone}
          />
        )}
        <Button variant="outlined" disabled={!garment || (placed && zone === '')} onClick={() => void send()}>
          Send
        </Button>
      </div>
      <p role="status">
        {said}{' '}
        {said === 'Sent.' && (
          <Link href={`/garments/${garmentId}?stage=${STAGE_OF[result.kind]}`}>Open the garment</Link>
        )}
      </p>
    </div>
  );
}
