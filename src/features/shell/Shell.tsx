'use client';
import { useColorScheme } from '@mui/material/styles';
import Popover from '@mui/material/Popover';
import Link from 'next/link';
import { usePathname } from 'next/navigation';
import { useState, type ReactNode } from 'react';
import { ChoiceRow } from '@/ui/ChoiceRow';
import { Icon, Wordmark, type IconName } from '@/ui/icons';
import { useUnit } from '@/ui/unit';
import { helpFor } from './help';
import { JumpBox } from './JumpBox';
import styles from './Shell.module.css';

const PLACES: readonly { href: string; label: string; icon: IconName }[] = [
  { href: '/', label: 'On the table', icon: 'table' },
  { href: '/garments', label: 'Garments', icon: 'garments' },
  { href: '/cloth', label: 'Cloth', icon: 'cloth' },
  { href: '/wearers', label: 'Wearers', icon: 'wearers' },
];

/** The frame of every page: places on the rail, the jump box, the unit switch, help. */
export function Shell({ children }: { children: ReactNode }) {
  const path = usePathname();
  const isHere = (href: string) => (href === '/' ? path === '/' : path.startsWith(href));
  return (
    <div className={styles.frame}>
      <header className={styles.top}>
        <Link href="/" className={styles.mark}>
          <Wordmark />
          Idle Stretch
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
  const path = usePathname();
  const { mode, setMode } = useColorScheme();
  const help = helpFor(path);
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
      {anchor && (
        <Popover
          open
          anchorEl={anchor}
          onClose={() => setAnchor(null)}
          anchorOrigin={{ vertical: 'bottom', horizontal: 'right' }}
          transformOrigin={{ vertical: 'top', horizontal: 'right' }}
          slotProps={{ paper: { role: 'dialog', 'aria-label': 'Help' } }}
        >
          <div className={styles.help}>
            <h2>{help.title}</h2>
            {help.lines.map((line) => (
              <p key={line}>{line}</p>
            ))}
            <dl>
              <dt>/</dt>
              <dd>find a garment, cloth or wearer</dd>
              <dt>Ctrl+Z</dt>
              <dd>undo, also after a reload</dd>
              <dt>27 3/8, 69,5 cm</dt>
              <dd>lengths, typed in any usual way</dd>
            </dl>
            <ChoiceRow
              legend="Light or dark"
              value={mode ?? 'system'}
              options={[
                { value: 'system', label: 'As the machine' },
                { value: 'light', label: 'Light' },
                { value: 'dark', label: 'Dark' },
              ]}
              onChange={setMode}
            />
          </div>
        </Popover>
      )}
    </>
  );
}
