'use client';
import Button from '@mui/material/Button';
import type { Alteration } from '@/core/facts/alteration';
import type { AlterationPlan } from '@/core/pieces/alter/planAltered';
import { PhraseText } from '@/ui/PhraseText';
import { Tick } from '@/ui/Tick';
import styles from './Alter.module.css';
import { AlterationFields } from './AlterationFields';
import { withChanged, withMoved } from './alterationList';

interface Props {
  readonly made: AlterationPlan;
  readonly one: Alteration;
  readonly open: boolean;
  readonly onOpen: (open: boolean) => void;
  readonly isFirst: boolean;
  readonly isLast: boolean;
  readonly onPut: (label: string, next: (list: readonly Alteration[]) => readonly Alteration[]) => void;
}

/** One alteration: whether it is made, what it does, and its fields once it is opened. */
export function AlterationRow({ made, one, open, onOpen, isFirst, isLast, onPut }: Props) {
  const change = (label: string, fields: Readonly<Partial<Record<keyof Alteration, unknown>>>) =>
    onPut(label, (list) => withChanged(list, one.id, fields));
  return (
    <li className={styles.row}>
      <div className={styles.head}>
        <Tick
          checked={!made.off}
          onChange={(checked) =>
            change(`${checked ? 'Make' : 'Leave out'} ${made.label}`, { off: checked ? undefined : true })
          }
        >
          {made.label}
        </Tick>
        <span className={styles.moves}>
          <Button
            size="small"
            disabled={isFirst}
            aria-label={`${made.label}: make it earlier`}
            onClick={() => onPut('Earlier', (list) => withMoved(list, one.id, -1))}
          >
            Earlier
          </Button>
          <Button
            size="small"
            disabled={isLast}
            aria-label={`${made.label}: make it later`}
            onClick={() => onPut('Later', (list) => withMoved(list, one.id, 1))}
          >
            Later
          </Button>
          <Button
            size="small"
            aria-expanded={open}
            aria-label={`${made.label}: ${open ? 'close' : 'change'}`}
            onClick={() => onOpen(!open)}
          >
            {open ? 'Close' : 'Change'}
          </Button>
          <Button
            size="small"
            aria-label={`Remove ${made.label}`}
            onClick={() => onPut(`Remove ${made.label}`, (list) => list.filter(({ id }) => id !== one.id))}
          >
            Remove
          </Button>
        </span>
      </div>
      {made.does.map(({ says }, nth) => (
        <p key={nth} className={styles.does}>
          <PhraseText phrase={says} />.
        </p>
      ))}
      {made.fault && <p className={styles.fault}>{made.fault}</p>}
      {open && <AlterationFields one={one} onChange={change} />}
    </li>
  );
}
