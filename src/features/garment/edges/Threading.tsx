'use client';
import styles from '../page/GarmentPage.module.css';

const STEPS = [
  {
    words: 'Up through the slider, over its bar, and out again, right side out.',
    path: 'M20 84 H58 M58 84 q8 0 8 -8 v-8 q0 -8 8 -8 h46',
    free: [120, 60],
  },
  {
    words: 'Down through the ring and back towards the slider.',
    path: 'M20 84 H58 q8 0 8 -8 v-8 q0 -8 8 -8 h112 q12 0 12 14 q0 14 -12 14 h-44',
    free: [142, 88],
  },
  {
    words: 'Under the strap, round the slider’s bar, and sew the end down to itself.',
    path: 'M20 84 H58 q8 0 8 -8 v-8 q0 -8 8 -8 h112 q12 0 12 14 q0 14 -12 14 H74 q-9 0 -9 -9',
    free: [65, 79],
  },
] as const;

/** The order of threading an adjustable strap, drawn step by step. */
export function Threading({ sides }: { sides: boolean }) {
  return (
    <section className={styles.stack}>
      <h2>How the strap is threaded</h2>
      <div style={{ display: 'grid', gridTemplateColumns: 'repeat(auto-fit, minmax(170px, 1fr))', gap: 16 }}>
        {STEPS.map(({ words, path, free }, at) => (
          <figure key={words} style={{ margin: 0 }}>
            <svg viewBox="0 0 230 120" style={{ width: '100%', maxWidth: 260 }} role="img" aria-label={words}>
              <g fill="none" stroke="var(--control)" strokeWidth="3">
                <rect x="52" y="44" width="28" height="56" rx="5" />
                <line x1="66" x2="66" y1="46" y2="98" />
                <circle cx="202" cy="74" r="20" />
              </g>
              <path d={path} fill="none" stroke="var(--ink)" strokeWidth="5" strokeLinecap="round" />
              <circle cx={free[0]} cy={free[1]} r="5.5" fill="var(--demand)" />
              <text x="66" y="36" textAnchor="middle" fontSize="12.5" fill="var(--soft)">
                slider
              </text>
              <text x="202" y="44" textAnchor="middle" fontSize="12.5" fill="var(--soft)">
                ring
              </text>
              <text x="20" y="112" fontSize="12.5" fill="var(--soft)">
                {sides ? 'from the front ring' : 'from the front'}
              </text>
            </svg>
            <figcaption>
              <strong>{at + 1}.</strong> {words}
            </figcaption>
          </figure>
        ))}
      </div>
      <p className="soft small">
        The dot is the free end.{sides ? ' The slider goes on one end, a ring on either.' : ''}
      </p>
    </section>
  );
}
