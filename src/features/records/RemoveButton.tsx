'use client';
import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { RecordKind } from '@/core/facts/records';
import { RequestRefused, removeRecord } from './api';
import { useRecords } from './RecordsProvider';

/** Removes the record that is open and goes back to its list; refused with a sentence while something uses it. */
export function RemoveButton({ kind, id, back }: { kind: RecordKind; id: string; back: string }) {
  const records = useRecords();
  const router = useRouter();
  const [trouble, setTrouble] = useState<string | undefined>(undefined);
  const remove = async () => {
    await records.flush();
    const record = records.record(kind, id);
    if (!record) return;
    try {
      await removeRecord(record);
      router.push(back);
      router.refresh();
    } catch (error) {
      if (!(error instanceof RequestRefused)) throw error;
      setTrouble(error.message);
    }
  };
  return (
    <span>
      <Button size="small" onClick={() => void remove()}>
        Remove
      </Button>
      {trouble && <Alert>{trouble}</Alert>}
    </span>
  );
}
