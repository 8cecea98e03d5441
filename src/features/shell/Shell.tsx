'use client';
import dynamic from 'next/dynamic';
import Link from 'next/link';
import { usePathname, useRouter } from 'next/navigation';
import { useEffect, useState, type ReactNode } from 'react';
import { Icon, Wordmark, type IconName } from '@/ui/icons';
import { useUnit } from '@/ui/unit';
import { JumpBox } from './JumpBox';
import styles from './Shell.module.css';

const HelpPanel = dynamic(() => import('./HelpPanel').then((module) => module.HelpPanel));

const PLACES: readonly { href: string; label: string; icon: IconName }[] = [
  { href: '/', label: 'On the table', icon: 'table' },
  { href: '/garments', label: 'Garments', icon: 'garments' },
  { href: '/cloth', label: 'Cloth', icon: 'cloth' },
  { href: '/elastics', label: 'Elastics', icon: 'elastics' },
  { href: '/patterns', label: 'Patterns', icon: 'patterns' },
  { href: '/wearers', label: 'Wearers', icon: 'wearers' },
  { href: '/machines', label: 'Machines', icon: 'machines' },
  { href: '/log', label: 'Log', icon: 'log' },
  { href: '/sums', label: 'Sums', icon: 'sums' },
  { href: '/household', label: 'Household', icon: 'household' },
];

/** Nothing but the step stands on the screen while both hands are busy. */
const AT_THE_MACHINE = /^\/garments\/[^/]+\/sew$/;

/** The frame of every page: places on the rail, the jump box, the unit switch, help. */
export function Shell({ children }: { children: ReactNode }) {
  const path = usePathname();
  useFreshAfterBack();
  const isHere = (href: string) => (href === '/' ? path === '/' : path.startsWith(href));
  if (AT_THE_MACHINE.test(path)) return <main>{children}</main>;
  return (
    <div className={styles.frame}>
      <header className={styles.top}>
        <Link href="/" className={styles.mark}>
          <Wordmark />
          <span className={styles.word}>Idle Stretch</span>
        </Link>
        <JumpBox />
        <div className={styles.right}>
          <UnitSwitch />
          <Help />
        </div>
      </header>
      <nav className={styles.rail} aria-label="Places">
        {PLACES.map(({ href, label, icon }) => (
          <Link key={href} href={href} aria-current={isHere(href) ? 'page' : undefined}>
            <Icon name={icon} />
            {label}
          </Link>
        ))}
      </nav>
      <main className={styles.main}>{children}</main>
    </div>
  );
}

/** Going back shows the page as it was kept: what was added on the way is asked for again. */
function useFreshAfterBack(): void {
  const router = useRouter();
  useEffect(() => {
    const back = () => router.refresh();
    window.addEventListener('popstate', back);
    return () => window.removeEventListener('popstate', back);
  }, [router]);
}

function UnitSwitch() {
  const { unit, setUnit } = useUnit();
  return (
    <div className={styles.units} role="group" aria-label="Units">
      {(['cm', 'in'] as const).map((one) => (
        <button key={one} type="button" aria-pressed={unit === one} onClick={() => setUnit(one)}>
          {one}
        </button>
      ))}
    </div>
  );
}

function Help() {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  return (
    <>
      <button
        type="button"
        className={styles.round}
        aria-label="Help"
        onClick={(event) => setAnchor(event.currentTarget)}
      >
        ?
      </button>
      {anchor && <HelpPanel anchor={anchor} onClose={() => setAnchor(null)} />}
    </>
  );
}
