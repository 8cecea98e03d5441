'use client';
import { isToLookAt } from '@/core/pieces/walk';
import type { SeamWalk } from '@/core/pieces/types';
import { ExplainedNumber } from '@/ui/ExplainedNumber';
import { useNumbers, valueOf } from '@/ui/numbers';
import { PhraseText } from '@/ui/PhraseText';
import styles from './SeamWalks.module.css';

/** Every seam whose pieces have outlines: its two sides one above the other on one scale, and what that means. */
export function SeamWalks({ seams }: { seams: readonly SeamWalk[] }) {
  const numbers = useNumbers();
  if (seams.length === 0)
    return (
      <p className="soft">
        Once both pieces of a seam have their outlines, its two sides are walked along each other here.
      </p>
    );
  const longest = Math.max(...seams.flatMap(({ a, b }) => [valueOf(numbers, a), valueOf(numbers, b)]));
  return (
    <ul className={styles.seams}>
      {seams.map((seam) => (
        <li key={seam.id} className={styles.seam}>
          <p className={isToLookAt(seam) ? styles.wrong : undefined}>
            <PhraseText phrase={seam.sentence} />.
          </p>
          {[seam.a, seam.b].map((id, nth) => (
            <div key={id} className={styles.side}>
              <span
                className={nth === 0 ? styles.first : styles.second}
                style={{ width: `${(100 * valueOf(numbers, id)) / longest}%` }}
              />
              <span className="small">
                {numbers[id]?.label} <ExplainedNumber id={id} />
              </span>
            </div>
          ))}
          {seam.notchFault && <p className="small">{seam.notchFault}</p>}
          {seam.stretches.length > 0 && (
            <ol className={`${styles.stretches} small`} aria-label={`${seam.label}, from notch to notch`}>
              {seam.stretches.map(({ a, b, goesOn }) => (
                <li key={a} className={goesOn ? undefined : styles.wrong}>
                  <ExplainedNumber id={a} /> and <ExplainedNumber id={b} />
                </li>
              ))}
            </ol>
          )}
          {seam.crossings
            .filter(({ smooth }) => !smooth)
            .map(({ at, kink }) => (
              <p key={kink} className="small">
                The {at} has a kink of <ExplainedNumber id={kink} /> where the two meet: move its points until
                it runs on, or let Fit smooth it among the alterations.
              </p>
            ))}
        </li>
      ))}
    </ul>
  );
}
