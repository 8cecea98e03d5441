'use client';
import Stack from '@mui/material/Stack';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { machineSpec, type Machine, type SymptomId } from '@/core/facts/machine';
import { causesOf, troubles } from '@/core/machines/troubles';
import { TextFactField } from '@/features/records/TextFactField';
import { PickField } from '@/ui/PickField';
import type { SetFields } from '@/features/records/setFields';
import styles from './MachinePage.module.css';

const NEW_REPAIR = machineSpec.fields.repairs.of.fields.what;

/** From what is seen to what to try, in order; what went wrong before, and what was repaired. */
export function Troubles({ machine, set, today }: { machine: Machine; set: SetFields; today: string }) {
  const [symptom, setSymptom] = useState<SymptomId | undefined>(undefined);
  const [repair, setRepair] = useState<string | undefined>(undefined);
  const label = (id: SymptomId) => troubles.find((one) => one.id === id)?.label ?? id;
  const keep = (cause: string) => {
    set('Fault', {
      [`faults.${crypto.randomUUID().slice(0, 8)}`]: { foundOn: today, symptom, cause, helped: true },
    });
    setSymptom(undefined);
  };
  const faults = Object.entries(machine.faults).sort(([, a], [, b]) => b.foundOn.localeCompare(a.foundOn));
  const repairs = Object.entries(machine.repairs).sort(([, a], [, b]) => b.doneOn.localeCompare(a.doneOn));
  const remedyOf = (id: SymptomId, cause: string | undefined) =>
    troubles.find((one) => one.id === id)?.causes.find((one) => one.id === cause)?.cause;
  return (
    <div className={styles.two}>
      <section className={styles.section}>
        <h2>When something is wrong</h2>
        <PickField
          label="What it does"
          value={symptom ?? ''}
          empty="choose what you see"
          options={troubles.map(({ id, label: name }) => ({ id, name }))}
          onChange={(id) => setSymptom(id === '' ? undefined : (id as SymptomId))}
        />
        {symptom && (
          <ol className={styles.checklist} aria-label="Causes to try">
            {causesOf(machine, symptom).map(({ id, cause, remedy, helpedBefore }) => (
              <li key={id}>
                {cause}: {remedy}
                {helpedBefore > 0 && <strong> Helped here before.</strong>}{' '}
                <Button size="small" onClick={() => keep(id)}>
                  This helped
                </Button>
              </li>
            ))}
          </ol>
        )}
        {symptom && causesOf(machine, symptom).length === 0 && (
          <p>As it stands now, none of the usual causes can be it: look whether the setup is what it says.</p>
        )}
      </section>
      <section className={styles.section}>
        <h2>What was wrong, what was mended</h2>
        {faults.length + repairs.length === 0 && <p className="soft">Nothing noted.</p>}
        <ul className={styles.checklist}>
          {faults.map(([key, fault]) => (
            <li key={key}>
              {fault.foundOn}: {label(fault.symptom).toLowerCase()}
              {fault.helped && remedyOf(fault.symptom, fault.cause)
                ? `; it was: ${remedyOf(fault.symptom, fault.cause)?.toLowerCase()}`
                : '; nothing helped yet'}
              {fault.note ? `. ${fault.note}` : ''}{' '}
              <Button size="small" onClick={() => set('Fault', { [`faults.${key}`]: null })}>
                Discard
              </Button>
            </li>
          ))}
          {repairs.map(([key, { doneOn, what }]) => (
            <li key={key}>
              {doneOn}, repair: {what}{' '}
              <Button size="small" onClick={() => set('Repair', { [`repairs.${key}`]: null })}>
                Discard
              </Button>
            </li>
          ))}
        </ul>
        <Stack direction="row" sx={{ gap: '10px', alignItems: 'flex-start' }}>
          <div style={{ flex: 1 }}>
            <TextFactField spec={NEW_REPAIR} value={repair} onChange={setRepair} />
          </div>
          <Button
            variant="outlined"
            disabled={repair === undefined}
            onClick={() => {
              set('Repair', {
                [`repairs.${crypto.randomUUID().slice(0, 8)}`]: { doneOn: today, what: repair },
              });
              setRepair(undefined);
            }}
          >
            Keep the repair
          </Button>
        </Stack>
      </section>
    </div>
  );
}
