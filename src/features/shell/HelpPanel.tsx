'use client';
import Popover from '@mui/material/Popover';
import { useColorScheme } from '@mui/material/styles';
import { usePathname } from 'next/navigation';
import { ChoiceRow } from '@/ui/ChoiceRow';
import { helpFor } from './help';
import styles from './Shell.module.css';

/** What to know on this page, the keys, and light or dark. Loaded when it is asked for. */
export function HelpPanel({ anchor, onClose }: { anchor: HTMLElement; onClose: () => void }) {
  const { mode, setMode } = useColorScheme();
  const help = helpFor(usePathname());
  return (
    <Popover
      open
      anchorEl={anchor}
      onClose={onClose}
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
  );
}
