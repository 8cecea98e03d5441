'use client';
import Button from '@mui/material/Button';
import { useRouter } from 'next/navigation';
import { useState, type FormEvent, type ReactNode } from 'react';
import { leafFault } from '@/core/facts/faults';
import { recordSpecs, type FactsByKind, type RecordKind } from '@/core/facts/records';
import { DraftBox } from '@/ui/DraftBox';
import { RequestRefused, createRecord } from './api';

interface Props<K extends RecordKind> {
  readonly kind: K;
  readonly label: string;
  readonly help: string;
  readonly button: string;
  readonly path: string;
  readonly factsOf: (name: string) => FactsByKind[K];
  readonly children?: ReactNode;
}

/** Starts a record from its name and goes to its page. */
export function NewRecordForm<K extends RecordKind>({
  kind,
  label,
  help,
  button,
  path,
  factsOf,
  children,
}: Props<K>) {
  const router = useRouter();
  const [name, setName] = useState('');
  const [trouble, setTrouble] = useState<string | undefined>(undefined);
  const start = async (event: FormEvent) => {
    event.preventDefault();
    const fault = leafFault(recordSpecs[kind].fields.name, name, 'name', 'cm');
    if (fault) return setTrouble(fault.sentence);
    try {
      const written = await createRecord(kind, factsOf(name.trim()), `Add ${name.trim()}`);
      router.push(`${path}/${written.records[0]?.id}`);
    } catch (error) {
      if (!(error instanceof RequestRefused)) throw error;
      setTrouble(error.message);
    }
  };
  return (
    <form
      onSubmit={(event) => void start(event)}
      noValidate
      style={{ display: 'flex', gap: 12, alignItems: 'flex-start', flexWrap: 'wrap' }}
    >
      <div style={{ minWidth: 260 }}>
        <DraftBox
          label={label}
          value={name}
          trouble={trouble}
          help={help}
          onType={(text) => {
            setName(text);
            setTrouble(undefined);
          }}
        />
      </div>
      {children}
      <Button type="submit" variant="contained">
        {button}
      </Button>
    </form>
  );
}
