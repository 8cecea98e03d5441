'use client';
import Button from '@mui/material/Button';
import { useRouter } from 'next/navigation';
import { useState, type ReactNode } from 'react';
import { leafFault } from '@/core/facts/faults';
import {
  recordNames,
  recordSpecs,
  type FactsByKind,
  type RecordKind,
  type StoredRecord,
} from '@/core/facts/records';
import { TextBox } from '@/ui/TextBox';
import { useStable } from '@/ui/useStable';
import styles from './AddInPlace.module.css';
import { RequestRefused, createRecord } from './api';
import { useOpenRecord } from './RecordsProvider';

interface Props<K extends RecordKind> {
  readonly kind: K;
  /** The record as it starts, with what was said of it here. */
  readonly factsOf: (name: string) => FactsByKind[K];
  readonly onMade: (record: StoredRecord<K>) => void;
  /** What else is asked of it at once. */
  readonly children?: ReactNode;
}

/** Adds a wearer, a cloth, an elastic where one is chosen: nothing that was chosen on the page is lost on the way. */
export function AddInPlace<K extends RecordKind>({ kind, factsOf, onMade, children }: Props<K>) {
  const [open, setOpen] = useState(false);
  const name = recordNames[kind];
  const article = /^[aeiou]/.test(name) ? 'an' : 'a';
  if (!open) {
    return (
      <Button size="small" onClick={() => setOpen(true)} sx={{ alignSelf: 'start', justifySelf: 'start' }}>
        Add {article} {name}
      </Button>
    );
  }
  return (
    <Adding kind={kind} factsOf={factsOf} onMade={onMade} onClose={() => setOpen(false)}>
      {children}
    </Adding>
  );
}

/** A name that is not stored before “Add it” has nothing to count as its field is left. */
const nothing = (): void => undefined;

function Adding<K extends RecordKind>({
  kind,
  factsOf,
  onMade,
  onClose,
  children,
}: Props<K> & { readonly onClose: () => void }) {
  const router = useRouter();
  const openRecord = useOpenRecord();
  const [name, setName] = useState('');
  const [trouble, setTrouble] = useState<string | undefined>(undefined);
  const add = async () => {
    const fault = leafFault(recordSpecs[kind].fields.name, name, 'name', 'cm');
    if (fault) return setTrouble(fault.sentence);
    try {
      const written = await createRecord(kind, factsOf(name.trim()), `Add ${name.trim()}`);
      const made = written.records[0] as StoredRecord<K>;
      openRecord(made);
      onMade(made);
      onClose();
      router.refresh();
    } catch (error) {
      if (!(error instanceof RequestRefused)) throw error;
      setTrouble(error.message);
    }
  };
  return (
    <div
      className={styles.adding}
      role="group"
      aria-label={`A new ${recordNames[kind]}`}
      onKeyDown={(event) => {
        if (event.key === 'Escape') onClose();
        // It stands in other forms: Enter adds it, and starts nothing else.
        if (event.key === 'Enter' && event.target instanceof HTMLInputElement) event.preventDefault();
      }}
    >
      <TextBox
        label={`Name of the new ${recordNames[kind]}`}
        value={name}
        trouble={trouble}
        autoFocus
        onType={useStable((next: string) => {
          setTrouble(undefined);
          setName(next);
        })}
        onLeave={nothing}
      />
      {children}
      <div className={styles.actions}>
        <Button variant="outlined" size="small" onClick={() => void add()}>
          Add it
        </Button>
        <Button size="small" onClick={onClose}>
          Not now
        </Button>
      </div>
    </div>
  );
}
