'use client';
import { ofStep } from '@/core/sewing/assembly/assemble';
import { garmentSpec } from '@/core/facts/garment';
import type { StepPlan } from '@/core/sewing/types';
import { TextFactField } from '@/features/records/TextFactField';
import { useGarment } from '../page/useGarment';
import styles from './AtMachine.module.css';

const SPEC = { ...garmentSpec.fields.stepNotes.of.fields.text, label: 'Note on this step' };

/** A note without leaving the step. */
export function NoteBox({ step, onClose }: { step: StepPlan; onClose: () => void }) {
  const { garment, set, fault } = useGarment();
  const path = `stepNotes.${step.id}`;
  return (
    <div className={styles.card}>
      <TextFactField
        spec={SPEC}
        multiline
        autoFocus
        value={ofStep(garment.stepNotes, step.id)?.text}
        onChange={(text) => set('Note on a step', { [path]: text === undefined ? null : { text } })}
        fault={fault(path)}
      />
      <button type="button" className={styles.quiet} onClick={onClose}>
        Back to the settings
      </button>
    </div>
  );
}
