'use client';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { Machine } from '@/core/facts/machine';
import type { Setup } from '@/core/facts/setup';
import { stitchIds, type StitchId } from '@/core/facts/stitchIds';
import { whyNot } from '@/core/machines/capability';
import { applySetup, changeMinutes, checklist, toPutBack } from '@/core/machines/changeover';
import { wholeSetup } from '@/core/machines/machineFields';
import { setupFor } from '@/core/machines/setupFor';
import { stitches } from '@/core/machines/seams/stitches';
import { PickField } from '@/ui/PickField';
import type { SetFields } from '@/features/records/setFields';
import styles from './MachinePage.module.css';
import { SetupForm } from './SetupForm';
import { changeText, itemText, settingsOf } from './setupWords';

/** How the machine stands now, and what it takes to change it to another stitch. */
export function Present({ machine, set }: { machine: Machine; set: SetFields }) {
  const [editing, setEditing] = useState(false);
  const present = machine.present && wholeSetup(machine.kind, machine.present);
  return (
    <section className={styles.section}>
      <h2>How it stands now</h2>
      {present ? (
        <div className={styles.card}>
          <p>
            <strong>{present.stitch ? stitches[present.stitch].name : 'no stitch set'}</strong>
          </p>
          <dl className={styles.pairs}>
            {settingsOf(present).map(({ label, text }) => (
              <div key={label} style={{ display: 'contents' }}>
                <dt>{label}</dt>
                <dd>{text}</dd>
              </div>
            ))}
          </dl>
        </div>
      ) : (
        <p className="soft">Not known yet. Say how it stands, and every change is planned from there.</p>
      )}
      <div>
        <Button
          size="small"
          variant={present ? 'text' : 'outlined'}
          aria-expanded={editing}
          onClick={() => {
            if (!present) set('Present setup', { present: wholeSetup(machine.kind) });
            setEditing(!editing);
          }}
        >
          {editing ? 'That is how it stands' : present ? 'It stands otherwise' : 'Say how it stands'}
        </Button>
      </div>
      {editing && present && (
        <SetupForm
          machine={machine}
          setup={present}
          onSet={(field, value) => set('Present setup', { [`present.${field}`]: value ?? null })}
        />
      )}
      {present && <ChangeTo machine={machine} present={present} set={set} />}
    </section>
  );
}

function ChangeTo({ machine, present, set }: { machine: Machine; present: Setup; set: SetFields }) {
  const [stitch, setStitch] = useState<StitchId | undefined>(undefined);
  const options = stitchIds
    .filter((id) => whyNot(machine, id) === undefined)
    .map((id) => ({ id: id as string, name: stitches[id].name }));
  const wanted = stitch && setupFor({ machine, stitch });
  const items = wanted ? checklist(present, wanted) : [];
  const after = wanted ? applySetup(present, wanted) : present;
  const back = wanted ? toPutBack(present, after) : [];
  return (
    <div className={styles.section}>
      <PickField
        label="Change it over to"
        value={stitch ?? ''}
        empty="choose a stitch"
        options={options}
        onChange={(id) => setStitch(id === '' ? undefined : (id as StitchId))}
      />
      {wanted && items.length === 0 && <p>It stands like that already.</p>}
      {wanted && items.length > 0 && (
        <div className={styles.card}>
          <p>
            <strong>
              What to change, about {Math.round(changeMinutes(machine.kind, present, wanted))} min
            </strong>
          </p>
          <ol className={styles.checklist} aria-label="What to change">
            {items.map((item, at) => (
              <li key={at}>{itemText(item)}</li>
            ))}
          </ol>
          {back.length > 0 && (
            <p className="soft small">To put back afterwards: {back.map(changeText).join('; ')}</p>
          )}
          <Button
            variant="contained"
            onClick={() => {
              set('Present setup', { present: after });
              setStitch(undefined);
            }}
          >
            Done: it stands like that now
          </Button>
        </div>
      )}
    </div>
  );
}
