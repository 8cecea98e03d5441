'use client';
import Button from '@mui/material/Button';
import type { Phrase } from '@/core/explain/explained';
import type { StageId } from '@/core/plan/types';
import { PhraseText } from '@/ui/PhraseText';
import { stageLabels } from '@/ui/StageLine';
import { goToStage } from './goToStage';
import styles from './Problems.module.css';
import { useGarment } from './useGarment';

/** What is wrong here and what would mend it; what is wrong elsewhere, in a line. */
export function Problems({ stage }: { stage: StageId }) {
  const { plan } = useGarment();
  const here = plan.problems.filter((problem) => problem.stage === stage);
  const elsewhere = plan.problems.filter((problem) => problem.stage !== stage && problem.severity === 'stop');
  const needs = plan.needs.filter((need) => need.stage === stage);
  if (here.length === 0 && elsewhere.length === 0 && needs.length === 0) return null;
  return (
    <div className={styles.all}>
      {needs.length > 0 && (
        <div className={styles.need}>
          <strong>Next: </strong>
          {needs.map((need, at) => (
            <span key={at}>
              {at > 0 ? '; ' : ''}
              <PhraseText phrase={need.sentence} />
            </span>
          ))}
        </div>
      )}
      {here.map((problem) => (
        <div key={problem.id} className={styles.problem} data-severity={problem.severity}>
          <p>
            <strong>
              {problem.severity === 'stop' ? 'This cannot work as planned. ' : 'Look at this. '}
            </strong>
            <PhraseText phrase={problem.sentence} />
          </p>
          <Remedies remedies={problem.remedies} />
        </div>
      ))}
      {elsewhere.length > 0 && (
        <p className={styles.elsewhere}>
          Also at{' '}
          {[...new Set(elsewhere.map((problem) => problem.stage))].map((other) => (
            <Button key={other} size="small" onClick={() => goToStage(other)}>
              {stageLabels[other]}
            </Button>
          ))}
          something cannot work as planned.
        </p>
      )}
    </div>
  );
}

/** What would mend a problem: one in a line, several as a list. */
function Remedies({ remedies }: { remedies: readonly Phrase[] }) {
  const [first, ...others] = remedies;
  if (!first) return null;
  if (others.length === 0)
    return (
      <p>
        <span className="small">What would mend it: </span>
        <PhraseText phrase={first} />
      </p>
    );
  return (
    <>
      <p className="small">What would mend it:</p>
      <ul>
        {remedies.map((remedy, at) => (
          <li key={at}>
            <PhraseText phrase={remedy} />
          </li>
        ))}
      </ul>
    </>
  );
}
