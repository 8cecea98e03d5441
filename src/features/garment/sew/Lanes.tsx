'use client';
import { Fragment } from 'react';
import { phraseText } from '@/core/explain/display';
import { useNumbers } from '@/ui/numbers';
import { useUnit } from '@/ui/unit';
import styles from './SewStage.module.css';
import { useSewing } from './useSewing';

/** One lane for each place and machine, the steps by number from left to right; a thick side marks a changeover. */
export function Lanes({ onOpen }: { onOpen: (id: string) => void }) {
  const { sewing } = useSewing();
  const numbers = useNumbers();
  const { unit } = useUnit();
  const stations = [...new Set(sewing.steps.map(({ station }) => station))];
  const next = sewing.steps.find((step) => !step.done)?.id;
  return (
    <div className={styles.lanes} role="group" aria-label="Steps by machine">
      <div
        className={styles.grid}
        style={{ gridTemplateColumns: `auto repeat(${sewing.steps.length}, minmax(27px, 1fr))` }}
      >
        {stations.map((station, lane) => (
          <Fragment key={station}>
            <div className={styles.rule} style={{ gridRow: lane + 1 }} />
            <div className={styles.lane} style={{ gridRow: lane + 1 }}>
              {sewing.stations[station] ?? station}
            </div>
          </Fragment>
        ))}
        {sewing.steps.map((step, at) => {
          const title = phraseText(step.title, numbers, unit);
          const change = step.changeMinutes > 0 ? ', setup changes' : '';
          return (
            <button
              key={step.id}
              type="button"
              className={styles.chip}
              style={{ gridRow: stations.indexOf(step.station) + 1, gridColumn: at + 2 }}
              data-done={step.done}
              data-next={step.id === next}
              data-change={step.changeMinutes > 0}
              title={title}
              aria-label={`Step ${at + 1}: ${title}${change}${step.done ? ', done' : ''}`}
              onClick={() => onOpen(step.id)}
            >
              {at + 1}
            </button>
          );
        })}
      </div>
    </div>
  );
}
