'use client';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { recordNames, type RecordKind } from '@/core/facts/records';
import type { CopyReport, Differing } from '@/core/views/householdViews';
import { ChoiceRow } from '@/ui/ChoiceRow';
import { Fold } from '@/ui/Fold';
import styles from './Household.module.css';

interface Props {
  readonly report: CopyReport;
  readonly busy: boolean;
  /** Called with the records that are to become what the copy says, as `kind id`. */
  readonly onBring: (take: readonly string[]) => void;
  readonly onLeave: () => void;
}

const HERE = 'here';
const COPY = 'copy';

const keyOf = ({ kind, id }: { readonly kind: RecordKind; readonly id: string }) => `${kind} ${id}`;

/** What bringing a copy back would do; of each record that differs it is chosen which one stays. */
export function Report({ report, busy, onBring, onLeave }: Props) {
  const [taken, setTaken] = useState<ReadonlySet<string>>(new Set());
  const { fresh, differing, same, onlyHere, photos, madeAt } = report;
  const take = (key: string, from: string) => {
    const next = new Set(taken);
    if (from === COPY) next.add(key);
    else next.delete(key);
    setTaken(next);
  };
  const nothing = fresh.length + taken.size + photos === 0;
  return (
    <div className={styles.report} role="region" aria-label="What is in the copy">
      <h3>The copy of {whenOf(madeAt)}</h3>
      <dl className={styles.counts}>
        <dt>{fresh.length}</dt>
        <dd>not here: they come back</dd>
        <dt>{differing.length}</dt>
        <dd>differ: choose below which one stays</dd>
        <dt>{same}</dt>
        <dd>the same in both</dd>
        <dt>{onlyHere}</dt>
        <dd>only here: they stay as they are</dd>
        <dt>{photos}</dt>
        <dd>photos that are not here: they come back</dd>
      </dl>
      {fresh.length > 0 && (
        <Fold summary={`What comes back: ${countsOf(fresh)}`}>
          <ul>
            {fresh.map(({ kind, name }, nth) => (
              <li key={nth}>
                {name}, {recordNames[kind]}
              </li>
            ))}
          </ul>
        </Fold>
      )}
      {differing.length > 0 && (
        <>
          <div className={styles.actions}>
            <Button size="small" onClick={() => setTaken(new Set())}>
              Keep all as here
            </Button>
            <Button size="small" onClick={() => setTaken(new Set(differing.map(keyOf)))}>
              Take all as in the copy
            </Button>
          </div>
          <ul className={styles.rows}>
            {differing.map((one) => (
              <li key={keyOf(one)}>
                <div>
                  <strong>{one.name}</strong>
                  {one.nameThere !== one.name && `, in the copy ${one.nameThere}`}
                  <p className="soft small">{howItDiffers(one)}</p>
                </div>
                <ChoiceRow
                  legend={`Which ${recordNames[one.kind]} stays`}
                  value={taken.has(keyOf(one)) ? COPY : HERE}
                  options={[
                    { value: HERE, label: 'as here' },
                    { value: COPY, label: 'as in the copy' },
                  ]}
                  onChange={(from) => take(keyOf(one), from)}
                />
              </li>
            ))}
          </ul>
        </>
      )}
      <div className={styles.actions}>
        <Button variant="contained" disabled={busy || nothing} onClick={() => onBring([...taken])}>
          {busy ? 'Bringing it back' : 'Bring it back'}
        </Button>
        <Button onClick={onLeave} disabled={busy}>
          Leave all as it is
        </Button>
        <span className="soft small">
          {nothing
            ? differing.length > 0
              ? 'As it is chosen, nothing changes.'
              : 'There is nothing to bring back: all of it is here.'
            : 'It can be undone as a whole. Undo of single changes from before does not come with a copy.'}
        </span>
      </div>
    </div>
  );
}

const whenOf = (at: string): string => `${at.slice(0, 10)}, ${at.slice(11, 16)} UTC`;

const howItDiffers = ({ kind, fields, changedHere, changedThere }: Differing): string =>
  `${recordNames[kind]}: ${fields.join(', ').toLowerCase()}. Changed here ${whenOf(changedHere)}, in the copy ${whenOf(changedThere)}.`;

/** How many of each kind: 3 cloths, 1 wearer. */
function countsOf(records: readonly { readonly kind: RecordKind }[]): string {
  const counts = new Map<RecordKind, number>();
  for (const { kind } of records) counts.set(kind, (counts.get(kind) ?? 0) + 1);
  return [...counts].map(([kind, many]) => `${many} ${recordNames[kind]}${many === 1 ? '' : 's'}`).join(', ');
}
