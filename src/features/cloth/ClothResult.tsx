'use client';
import Button from '@mui/material/Button';
import { CLASS_FROM, classLabels } from '@/core/cloth/stretchClass';
import { formatQuantity } from '@/core/explain/display';
import type { Cloth } from '@/core/facts/cloth';
import type { ClothPlan, DirectionPlan } from '@/core/cloth/types';
import { formatLength } from '@/core/units/formatLength';
import { useRecords } from '@/features/records/RecordsProvider';
import { ExplainedNumber } from '@/ui/ExplainedNumber';
import { PhraseText } from '@/ui/PhraseText';
import { useUnit } from '@/ui/unit';
import styles from './ClothPage.module.css';
import { Fold } from '@/ui/Fold';

/** What the tests say, in the largest figures of the page. */
export function Result({ reading }: { reading: ClothPlan }) {
  const { unit } = useUnit();
  if (!reading.across && !reading.along) {
    return (
      <p className="soft">
        What it can do comes with the first pull. A stretch that is only stated, on a label, can be typed on
        the right; it counts as untested.
      </p>
    );
  }
  const bounds = `stable under ${show(CLASS_FROM.moderate)}, moderate to ${show(CLASS_FROM.stretchy)}, stretchy to ${show(CLASS_FROM.superStretch)}, super-stretch above in both directions, rib from ${show(CLASS_FROM.rib)} in one`;
  function show(share: number) {
    return formatQuantity(share, 'share', unit);
  }
  return (
    <section className={styles.result}>
      {reading.across && <Direction name="across" reading={reading.across} />}
      {reading.along && <Direction name="along" reading={reading.along} />}
      <div>
        <h3>
          <PhraseText phrase={reading.verdictSentence} />
        </h3>
        {reading.stretchClass && (
          <p className="soft" style={{ marginTop: 6 }}>
            Class: <strong>{classLabels[reading.stretchClass]}</strong>.{' '}
            <span className="small">({bounds}; textbook classes, from memory.)</span>
          </p>
        )}
        {reading.around && (
          <p className="soft">The greatest stretch, {reading.around}, goes around the body.</p>
        )}
      </div>
    </section>
  );
}

function Direction({ name, reading }: { name: string; reading: DirectionPlan }) {
  return (
    <div>
      <p className={styles.big}>
        <ExplainedNumber id={reading.stretch} />
      </p>
      <p>
        <strong>{name}</strong>
        {reading.source === 'stated' && ', as stated: untested'}
      </p>
      <p className="soft small">
        {reading.repeats.length === 1 && 'one pull: two more would make it sure'}
        {reading.repeats.length > 1 && (
          <>
            {reading.repeats.map((repeat, at) => (
              <span key={repeat}>
                {at > 0 ? ', ' : ''}
                <ExplainedNumber id={repeat} />
              </span>
            ))}
            : {countsWords(reading)}
          </>
        )}
      </p>
      {reading.recovery && (
        <p>
          comes back <ExplainedNumber id={reading.recovery} />
        </p>
      )}
      {reading.growth && (
        <p>
          stays longer <ExplainedNumber id={reading.growth} />
        </p>
      )}
      {reading.neckIn && (
        <p>
          narrows at <ExplainedNumber id={reading.neckIn} /> of its stretch
        </p>
      )}
    </div>
  );
}

function countsWords({ counts, repeats }: DirectionPlan): string {
  if (counts === 'lowest') return 'more than ten points apart, so the lowest counts';
  return repeats.length % 2 === 1 ? 'the middle one counts' : 'half-way between the middle two counts';
}

/** Every pull by hand, newest first. */
export function Pulls({ id, cloth, reading }: { id: string; cloth: Cloth; reading: ClothPlan }) {
  const records = useRecords();
  const { unit } = useUnit();
  const tests = Object.entries(cloth.tests).sort(([, a], [, b]) => b.testedOn.localeCompare(a.testedOn));
  if (tests.length === 0) return null;
  const show = (mm: number | undefined) => (mm === undefined ? '—' : formatLength(mm, unit));
  return (
    <Fold summary={<>Every pull kept ({tests.length})</>}>
      <ul className={styles.pulls}>
        {tests.map(([testId, test]) => (
          <li key={testId}>
            <span>
              {test.testedOn}, {test.direction}: {show(test.restMm)} → {show(test.pulledMm)} →{' '}
              {show(test.releasedMm)}
              {reading.refused.find((one) => one.testId === testId)?.sentence}
            </span>
            <Button
              size="small"
              onClick={() => records.set('cloth', id, 'Take a pull away', { [`tests.${testId}`]: null })}
            >
              Take away
            </Button>
          </li>
        ))}
      </ul>
    </Fold>
  );
}
