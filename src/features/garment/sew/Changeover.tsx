'use client';
import type { SetupPlan, StepPlan } from '@/core/sewing/types';
import { itemText, mainSettings } from '@/features/machines/setupWords';
import styles from './SewStage.module.css';

/** The setup a step is sewn with, and what has to be changed for it, in the order in which hands do it. */
export function Changeover({ step, setup }: { step: StepPlan; setup: SetupPlan }) {
  return (
    <div>
      <p>
        <strong>
          {setup.machine}: {setup.name}
        </strong>{' '}
        {setup.iso && <span className="soft small">ISO 4915: {setup.iso}</span>}
      </p>
      <p className="soft">
        {mainSettings(setup.setup)}.{' '}
        {setup.card ? `Your card of ${setup.card.sewnOn}.` : 'A start: try it on a scrap.'}
      </p>
      {step.change.length === 0 ? (
        <p className="soft">Nothing to change from the step before.</p>
      ) : (
        <ol className={styles.checklist} aria-label="What to change first">
          {step.change.map((item, at) => (
            <li key={at}>{itemText(item)}</li>
          ))}
        </ol>
      )}
    </div>
  );
}
