'use client';
import type { Figure, LogFigures } from '@/core/log/figures';
import { formatLength } from '@/core/units/formatLength';
import { useUnit } from '@/ui/unit';
import styles from './Log.module.css';

/** What all garments came to, counted: nothing where nothing was tried on, sewn or cut yet. */
export function Figures({
  figures: { tried, right, off, wrong, minutes, steps, cloths },
}: {
  figures: LogFigures;
}) {
  const { unit } = useUnit();
  if (tried + minutes + wrong.length + cloths.length === 0) return null;
  return (
    <aside className={styles.figures} aria-label="Figures">
      {tried > 0 && (
        <p>
          <strong>
            {right} of {tried}
          </strong>{' '}
          garments right everywhere when they were last tried on
        </p>
      )}
      <Most title="Where they were off" figures={off} say={times} />
      <Most title="What went wrong" figures={wrong} say={times} />
      <Most title={`Sewn: ${hours(minutes)} in all`} figures={steps} say={hours} />
      <Most title="Cloth cut, off its length" figures={cloths} say={(mm) => formatLength(mm, unit)} />
    </aside>
  );
}

function Most({
  title,
  figures,
  say,
}: {
  title: string;
  figures: readonly Figure[];
  say: (count: number) => string;
}) {
  if (figures.length === 0) return null;
  return (
    <section>
      <h2>{title}</h2>
      <ul>
        {figures.map(({ what, count }) => (
          <li key={what}>
            <span>{what}</span>
            <span>{say(count)}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}

const times = (count: number): string => (count === 1 ? 'once' : `${count} times`);

const hours = (minutes: number): string =>
  minutes < 60
    ? `${Math.round(minutes)} min`
    : `${Math.floor(minutes / 60)} h ${Math.round(minutes % 60)} min`;
