'use client';
import Button from '@mui/material/Button';
import Link from 'next/link';
import styles from './FirstPage.module.css';

/** The beginnings of a garment, in the order in which they tell something. */
const FIRST = [
  {
    href: '/wearers',
    label: 'Measure somebody',
    why: 'A name and what the tape says. Only what a garment needs is asked for; the rest can wait.',
  },
  {
    href: '/cloth',
    label: 'Test a cloth',
    why: 'Pull a swatch along a ruler. What it could become, and why not the rest, is told at once.',
  },
  {
    href: '/garments/new',
    label: 'Start a garment',
    why: 'Its kind, who it is for, out of what. What is missing is asked for on the way.',
  },
] as const;

/** What a household in which nothing is written down yet begins with. */
export function FirstPage() {
  return (
    <div className={styles.page}>
      <h1>Nothing is written down here yet</h1>
      <ol className={styles.first}>
        {FIRST.map(({ href, label, why }, nth) => (
          <li key={href}>
            <Button component={Link} href={href} variant={nth === 0 ? 'contained' : 'outlined'} size="large">
              {label}
            </Button>
            <p>{why}</p>
          </li>
        ))}
      </ol>
      <section className={styles.other}>
        <h2>Is there a copy of a household?</h2>
        <p>From another machine, or from before: one zip file.</p>
        <div>
          <Button component={Link} href="/household" variant="outlined">
            Bring a copy back
          </Button>
        </div>
      </section>
      <section className={styles.other}>
        <h2>Or look at a made-up one first</h2>
        <p>
          Start <code>bin/demo</code> beside this one and open the address it prints: a circus school’s
          costume corner, with garments at every stage. It lies in a file of its own, so nothing gets mixed.
        </p>
      </section>
    </div>
  );
}
