'use client';
import { useState } from 'react';
import { newMachine, type SymptomId } from '@/core/facts/machine';
import { machinesFor } from '@/core/sewing/machinesFor';
import { stepSetup } from '@/core/sewing/stepSetup';
import type { StepPlan } from '@/core/sewing/types';
import { causesOf, troubles } from '@/core/machines/troubles';
import { stitches } from '@/core/machines/seams/stitches';
import { useRecords } from '@/features/records/RecordsProvider';
import { PickField } from '@/ui/PickField';
import { useGarment } from '../page/useGarment';
import styles from '../machine/AtMachine.module.css';
import { useSewing } from './useSewing';

/** What went wrong, what to try in order, what helped; or the machine gave out and the rest is planned anew. */
export function WentWrong({ step, onClose }: { step: StepPlan; onClose: () => void }) {
  const { facts, today, set } = useGarment();
  const { sewing } = useSewing();
  const records = useRecords();
  const [symptom, setSymptom] = useState<SymptomId | undefined>(undefined);
  const setup = stepSetup(sewing, step);
  const machineId = step.machineId;
  const machine = (machineId !== undefined && machinesFor(facts)[machineId]) || newMachine('This machine');
  const stands = setup ? { ...machine, present: setup.setup } : machine;
  const own = machineId !== undefined && records.record('machine', machineId) !== undefined;
  const keep = (cause: string | undefined) => {
    if (!symptom) return;
    const entry = { symptom, ...(cause === undefined ? {} : { cause }) };
    set('Went wrong', {
      [`wrong.${crypto.randomUUID().slice(0, 8)}`]: { on: today, step: step.id, ...entry },
    });
    if (own && machineId !== undefined) {
      records.set('machine', machineId, 'Fault', {
        [`faults.${crypto.randomUUID().slice(0, 8)}`]: {
          foundOn: today,
          ...entry,
          helped: cause !== undefined,
        },
      });
    }
    onClose();
  };
  const giveOut = (stitchOnly: boolean) => {
    if (machineId === undefined || !step.stitch) return;
    records.set('machine', machineId, 'Out of order', {
      [stitchOnly ? `brokenStitches.${step.stitch}` : 'broken']: { since: today },
    });
    set('Substituted', {
      [`substituted.${crypto.randomUUID().slice(0, 8)}`]: {
        on: today,
        machineId,
        ...(stitchOnly ? { stitch: step.stitch } : {}),
        what: `${stitchOnly ? `${stitches[step.stitch].name} on ` : ''}${machine.name} out of order; what was left was planned anew.`,
      },
    });
    onClose();
  };
  return (
    <div className={styles.card}>
      <PickField
        label="What it did"
        value={symptom ?? ''}
        empty="choose what you see"
        options={troubles.map(({ id, label }) => ({ id, name: label }))}
        onChange={(id) => setSymptom(id === '' ? undefined : (id as SymptomId))}
      />
      {symptom && (
        <>
          <p className={styles.label}>Try these in order. Press what helped.</p>
          <ol aria-label="Causes to try">
            {causesOf(stands, symptom).map(({ id, cause, remedy, helpedBefore }) => (
              <li key={id} style={{ marginBottom: 8 }}>
                {cause}: {remedy}
                {helpedBefore > 0 && <strong> Helped here before.</strong>}
                <br />
                <button
                  type="button"
                  className={styles.quiet}
                  style={{ minHeight: 44 }}
                  onClick={() => keep(id)}
                >
                  This helped
                </button>
              </li>
            ))}
          </ol>
          <button type="button" className={styles.quiet} onClick={() => keep(undefined)}>
            Nothing helped yet: keep it
          </button>
        </>
      )}
      {own ? (
        <>
          <button type="button" className={styles.quiet} onClick={() => giveOut(true)}>
            This stitch does not work any more
          </button>
          <button type="button" className={styles.quiet} onClick={() => giveOut(false)}>
            {machine.name} is out of order
          </button>
        </>
      ) : (
        machineId !== undefined && (
          <p className={styles.label}>
            To plan without a broken machine, list your own at Machines and choose the set at Sew.
          </p>
        )
      )}
      <button type="button" className={styles.quiet} onClick={onClose}>
        Back to the settings
      </button>
    </div>
  );
}
