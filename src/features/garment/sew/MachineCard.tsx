'use client';
import { formatQuantity } from '@/core/explain/display';
import type { SetupPlan, StepPlan } from '@/core/sewing/types';
import { itemText, settingsOf } from '@/features/machines/setupWords';
import { useNumbers, valueOf } from '@/ui/numbers';
import { useUnit } from '@/ui/unit';
import styles from '../machine/AtMachine.module.css';
import { KeepAsCard } from './KeepAsCard';
import { useSewing } from './useSewing';

/** What is read while sewing; the rest was set once. */
const AT_A_GLANCE: ReadonlySet<string> = new Set([
  'Tensions',
  'Stitch length',
  'Stitch width',
  'Differential feed',
  'Foot pressure',
  'Needle',
]);

const Rows = ({ rows }: { rows: ReturnType<typeof settingsOf> }) =>
  rows.map(({ label, text }) => (
    <div key={label} style={{ display: 'contents' }}>
      <dt>{label}</dt>
      <dd>{text}</dd>
    </div>
  ));

/** The machine's settings for the step on the screen, and what has to be changed to get there. */
export function MachineCard({ step, setup }: { step: StepPlan; setup: SetupPlan | undefined }) {
  const { sewing } = useSewing();
  const numbers = useNumbers();
  const { unit } = useUnit();
  if (!setup) {
    return (
      <div className={styles.card}>
        <p className={styles.label}>{sewing.stations[step.station]}</p>
        <p>No machine for this step. About {Math.round(valueOf(numbers, step.minutes))} min.</p>
      </div>
    );
  }
  const settings = settingsOf(setup.setup);
  const share = (id: string) => formatQuantity(valueOf(numbers, id), 'share', unit);
  return (
    <div className={styles.card}>
      <p className={styles.label}>{setup.machine}</p>
      <dl>
        <dt>{setup.name}</dt>
        <dd>{setup.iso ?? ''}</dd>
        <Rows rows={settings.filter(({ label }) => AT_A_GLANCE.has(label))} />
      </dl>
      {step.change.length === 0 ? (
        <p className={styles.label}>Nothing to change from the last seam.</p>
      ) : (
        <div className={styles.change}>
          <p className={styles.label}>Change first, about {Math.round(step.changeMinutes)} min</p>
          <ol aria-label="What to change first">
            {step.change.map((item, at) => (
              <li key={at}>{itemText(item)}</li>
            ))}
          </ol>
        </div>
      )}
      <details>
        <summary className={styles.label}>Needle, thread and the rest</summary>
        <dl>
          <Rows rows={settings.filter(({ label }) => !AT_A_GLANCE.has(label))} />
        </dl>
      </details>
      <KeepAsCard setup={setup} />
      {step.row && (
        <p className={styles.label}>
          {step.row.measured ? 'Your swatch stretched' : 'Planned to stretch'} {share(step.row.gives)}; the
          seam needs {share(step.row.needs)}
          {step.row.ok ? '.' : ': it will pop.'}
        </p>
      )}
    </div>
  );
}
