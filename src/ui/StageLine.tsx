'use client';
import { stageIds, type StageId, type StageState } from '@/core/explain/problem';
import styles from './StageLine.module.css';

export const stageLabels: Readonly<Record<StageId, string>> = {
  measure: 'Measure',
  stretch: 'Stretch',
  fit: 'Fit',
  bands: 'Bands',
  cut: 'Cut',
  sew: 'Sew',
  wear: 'Wear',
};

const stateWords: Readonly<Record<StageState, string>> = {
  done: 'done',
  next: 'next',
  attention: 'needs attention',
  open: 'not yet',
};

interface Props {
  readonly stages: Readonly<Record<StageId, StageState>>;
  readonly current: StageId;
  readonly onGo: (stage: StageId) => void;
}

/** The seven stages as a tape: done stops filled, the present one a pointer, a crossed one wants attention. */
export function StageLine({ stages, current, onGo }: Props) {
  return (
    <nav aria-label="Stages">
      <ol className={styles.line}>
        <span className={styles.tape} aria-hidden="true" />
        {stageIds.map((stage) => (
          <li key={stage}>
            <button
              type="button"
              className={styles.stop}
              data-state={stages[stage]}
              aria-label={`${stageLabels[stage]}, ${stateWords[stages[stage]]}`}
              aria-current={stage === current ? 'step' : undefined}
              onClick={() => onGo(stage)}
            >
              <span>{stageLabels[stage]}</span>
              <Dot state={stages[stage]} current={stage === current} />
            </button>
          </li>
        ))}
      </ol>
    </nav>
  );
}

/** The same stops, small and without words, for a list. */
export function StageDots({ stages, current }: Omit<Props, 'onGo'>) {
  return (
    <svg
      viewBox="0 0 210 34"
      width="210"
      height="34"
      role="img"
      aria-label={`At ${stageLabels[current]}, ${stateWords[stages[current]]}`}
    >
      <line x1="8" x2="202" y1="14" y2="14" stroke="var(--control)" strokeWidth="1.5" />
      {stageIds.map((stage, at) => (
        <g key={stage} transform={`translate(${15 + at * 30} 14)`}>
          <Mark state={stages[stage]} current={stage === current} />
          {stage === current && (
            <text
              y="18"
              fontSize="12.5"
              textAnchor={at === 0 ? 'start' : at === 6 ? 'end' : 'middle'}
              x={at === 0 ? -8 : at === 6 ? 8 : 0}
              fill="var(--soft)"
            >
              {stageLabels[stage]}
            </text>
          )}
        </g>
      ))}
    </svg>
  );
}

function Dot({ state, current }: { state: StageState; current: boolean }) {
  return (
    <svg className={styles.dot} viewBox="-7 -7 14 14" aria-hidden="true">
      <Mark state={state} current={current} />
    </svg>
  );
}

function Mark({ state, current }: { state: StageState; current: boolean }) {
  if (state === 'attention') {
    return (
      <g>
        <circle r="6" fill="var(--ground)" stroke="var(--demand)" strokeWidth="2" />
        <path d="M-2.6 -2.6 L2.6 2.6 M2.6 -2.6 L-2.6 2.6" stroke="var(--demand)" strokeWidth="2" />
        {current && <path d="M-6 -15 h12 l-6 7 Z" fill="var(--demand)" />}
      </g>
    );
  }
  return (
    <g>
      {state === 'done' ? (
        <circle r="5" fill="var(--ink)" />
      ) : (
        <circle r="4.5" fill="var(--ground)" stroke="var(--control)" strokeWidth="1.8" />
      )}
      {current && <path d="M-6 -14 h12 l-6 8 Z" fill="var(--demand)" />}
    </g>
  );
}
