'use client';
import { useState } from 'react';
import Button from '@mui/material/Button';
import type { Phrase } from '@/core/explain/explained';
import type { StageId } from '@/core/explain/problem';
import { PhraseText } from '@/ui/PhraseText';
import { stageLabels } from '@/ui/StageLine';
import { goToStage } from './goToStage';
import styles from './Problems.module.css';
import { useGarment } from './useGarment';

/** What is wrong here and what would mend it; what is wrong elsewhere, in a line. */
export function Problems({ stage }: { stage: StageId }) {
  const { plan } = useGarment();
  const here = plan.problems
    .filter((problem) => problem.stage === stage)
    .toSorted((a, b) => Number(b.severity === 'stop') - Number(a.severity === 'stop'));
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
      {here.map((problem, at) => (
        <div key={problem.id} className={styles.problem} data-severity={problem.severity}>
          <p>
            <strong>
              {problem.severity === 'stop' ? 'This cannot work as planned. ' : 'Look at this. '}
            </strong>
            <PhraseText phrase={problem.sentence} />
          </p>
          <Remedies remedies={problem.remedies} opened={at === 0} />
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

/** What would mend a problem: of the first at once, of the others when it is asked for. */
function Remedies({ remedies, opened }: { remedies: readonly Phrase[]; opened: boolean }) {
  const [asked, setAsked] = useState(false);
  const [first, ...others] = remedies;
  if (!first) return null;
  if (!opened && !asked)
    return (
      <Button
        size="small"
        sx={{ justifySelf: 'start', px: 0, py: 0, minHeight: 24 }}
        onClick={() => setAsked(true)}
      >
        What would mend it
      </Button>
    );
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
