'use client';
import type { SetFields } from '@/features/records/setFields';
import Button from '@mui/material/Button';
import Link from 'next/link';
import { useState } from 'react';
import { footNames, machineKindName, machineKinds, type FootId, type Machine } from '@/core/facts/machine';
import type { StoredRecord } from '@/core/facts/records';
import { stitchIds, type StitchId } from '@/core/facts/stitchIds';
import { capabilityOf, whyNot } from '@/core/machines/capability';
import { stitches } from '@/core/machines/seams/stitches';
import { FactField } from '@/features/records/FactField';
import { NameField } from '@/features/records/NameField';
import { RecordFields } from '@/features/records/RecordFields';
import { RecordsProvider, useRecords } from '@/features/records/RecordsProvider';
import { LogLink } from '@/features/log/LogLink';
import { NextTimeNotes } from '@/features/log/NextTimeNotes';
import type { LogEntry } from '@/core/views/logViews';
import { RemoveButton } from '@/features/records/RemoveButton';
import { PickField } from '@/ui/PickField';
import { Tick } from '@/ui/Tick';
import { Cards } from './Cards';
import styles from './MachinePage.module.css';
import { Present } from './Present';
import { Troubles } from './Troubles';

/** The differential feed of most machines that have one, least and most. */
const USUAL_DIFFERENTIAL = [0.6, 2] as const;

interface Props {
  readonly machine: StoredRecord<'machine'>;
  readonly cloths: readonly StoredRecord<'cloth'>[];
  readonly nextTime: readonly LogEntry[];
  readonly today: string;
}

/** One machine: what it can do, how it stands, its setup cards, and what went wrong on it. */
export function MachinePage({ machine, cloths, nextTime, today }: Props) {
  return (
    <RecordsProvider records={[machine]}>
      <Inside initial={machine} cloths={cloths} nextTime={nextTime} today={today} />
    </RecordsProvider>
  );
}

function Inside({
  initial,
  cloths,
  nextTime,
  today,
}: {
  initial: Props['machine'];
  cloths: Props['cloths'];
  nextTime: Props['nextTime'];
  today: string;
}) {
  const records = useRecords();
  const { id } = initial;
  const machine = records.facts('machine', id) ?? initial.facts;
  const set = (label: string, changes: Readonly<Record<string, unknown>>) =>
    records.set('machine', id, label, changes);
  const fault = (path: string) => records.fault('machine', id, path);
  return (
    <div className={styles.page}>
      <div className={styles.head}>
        <NameField
          label="Machine’s name"
          value={machine.name}
          fault={fault('name')}
          onChange={(name) => set('Name', { name })}
        />
        <LogLink of="machine" id={id} />
        <RemoveButton kind="machine" id={id} back="/machines" />
      </div>
      <NextTimeNotes entries={nextTime} />
      <OutOfOrder id={id} machine={machine} set={set} today={today} />
      <div className={styles.two}>
        <Present machine={machine} set={set} />
        <Abilities id={id} machine={machine} set={set} />
      </div>
      <Cards id={id} machine={machine} cloths={cloths} set={set} today={today} />
      <Troubles machine={machine} set={set} today={today} />
      <section className={styles.section}>
        <h2>Notes</h2>
        <FactField kind="machine" id={id} path="notes" />
      </section>
      <p>
        <Link href="/machines">All machines</Link>
      </p>
    </div>
  );
}

function OutOfOrder({ id, machine, set, today }: PartProps & { readonly today: string }) {
  const { broken } = machine;
  if (!broken)
    return (
      <div>
        <Button
          variant="outlined"
          size="small"
          onClick={() => set('Out of order', { broken: { since: today } })}
        >
          It is out of order
        </Button>
      </div>
    );
  const mended = () =>
    set('Repair', {
      broken: null,
      [`repairs.${crypto.randomUUID().slice(0, 8)}`]: {
        doneOn: today,
        what: broken.note ?? 'Works again.',
      },
    });
  return (
    <div className={styles.broken}>
      <p>
        <strong>Out of order since {broken.since}.</strong> Garments on a set with it are planned without it.
      </p>
      <FactField kind="machine" id={id} path="broken.note" />
      <Button variant="contained" onClick={mended}>
        It works again
      </Button>
    </div>
  );
}

interface PartProps {
  readonly id: string;
  readonly machine: Machine;
  readonly set: SetFields;
}

function Abilities({ id, machine, set }: PartProps) {
  const can = capabilityOf(machine);
  const looped = machine.kind !== 'sewing machine';
  const serges = machine.kind === 'serger' || machine.kind === 'combined';
  const covers = machine.kind === 'coverstitch' || machine.kind === 'combined';
  const [least, most] = can.differential ?? USUAL_DIFFERENTIAL;
  const usual: Readonly<Record<string, number>> = {
    ...(looped ? { threads: can.threads, needles: can.needles } : {}),
    maxLength: can.maxLength,
    maxWidth: can.maxWidth,
    ...(looped ? { differentialLeast: least, differentialMost: most } : {}),
  };
  const numbers = Object.fromEntries(
    Object.entries(usual).map(([path, taken]) => {
      const known = machine[path as keyof Machine] !== undefined;
      const help = known ? undefined : `taken as ${taken}`;
      return [path, <FactField key={path} kind="machine" id={id} path={path} help={help} />];
    }),
  );
  const flags = [
    ...(!covers && !serges ? ['twin'] : []),
    ...(serges ? ['knifeLifts'] : []),
    ...(looped ? ['stretchNeedlesOnly'] : []),
    ...(covers ? ['topCover'] : []),
    'freeArm',
    'borrowed',
  ];
  return (
    <section className={styles.section}>
      <h2>What it can do</h2>
      <PickField
        label="Kind"
        value={machine.kind}
        empty="choose a kind"
        options={machineKinds.map((one) => ({ id: one, name: machineKindName(one) }))}
        onChange={(kind) => kind !== '' && set('Kind', { kind, present: null })}
      />
      <div className={styles.fields}>
        <RecordFields kind="machine" id={id} only={[...Object.keys(usual), 'needleSystem']} parts={numbers} />
      </div>
      <div className={styles.flags}>
        <RecordFields kind="machine" id={id} only={flags} />
        {(Object.keys(footNames) as FootId[]).map((foot) => (
          <Tick
            key={foot}
            checked={machine.feet?.[foot] === true}
            onChange={(ticked) => set('Feet', { [`feet.${foot}`]: ticked ? true : null })}
          >
            {footNames[foot]}
          </Tick>
        ))}
      </div>
      <StitchList machine={machine} set={set} />
    </section>
  );
}

/** Each stitch of its kind: has it, or not, and why. */
function StitchList({ machine, set }: { machine: Machine; set: SetFields }) {
  const [shown, setShown] = useState(false);
  const { roles } = capabilityOf(machine);
  const own = stitchIds.filter((id) => roles.includes(stitches[id].machine));
  const sound = { ...machine, broken: undefined, brokenStitches: undefined } as unknown as Machine;
  const why = (id: StitchId) => whyNot(sound, id);
  const has = own.filter((id) => why(id) === undefined).length;
  return (
    <div>
      <Button size="small" aria-expanded={shown} onClick={() => setShown(!shown)}>
        {shown ? 'Hide the stitches' : `Stitches: ${has} of ${own.length}`}
      </Button>
      {shown && (
        <div className={styles.flags}>
          {own.map((id) => {
            const reason = why(id);
            const off = machine.cannot?.[id] === true;
            return (
              <div key={id} style={{ flexBasis: '46%' }}>
                <Tick
                  checked={reason === undefined}
                  disabled={reason !== undefined && !off}
                  onChange={(ticked) => set('Stitches', { [`cannot.${id}`]: ticked ? null : true })}
                >
                  <span>
                    {stitches[id].name}
                    {reason !== undefined && !off && <span className="soft small"> {reason}</span>}
                    {machine.brokenStitches?.[id] && (
                      <Button size="small" onClick={() => set('Repair', { [`brokenStitches.${id}`]: null })}>
                        does not work now: mended
                      </Button>
                    )}
                  </span>
                </Tick>
              </div>
            );
          })}
        </div>
      )}
    </div>
  );
}
