'use client';
import Link from 'next/link';
import { machineKindName, machinesIn, newMachine, newMachineSet } from '@/core/facts/machine';
import type { StoredRecord } from '@/core/facts/records';
import { wholeSetup } from '@/core/machines/machineFields';
import { stitches } from '@/core/machines/seams/stitches';
import { NewRecordForm } from '@/features/records/NewRecordForm';
import { RecordsProvider, useRecords } from '@/features/records/RecordsProvider';
import { RemoveButton } from '@/features/records/RemoveButton';
import { NameField } from '@/features/records/NameField';
import table from '@/ui/table.module.css';
import { mainSettings } from './setupWords';

interface Props {
  readonly machines: readonly StoredRecord<'machine'>[];
  readonly sets: readonly StoredRecord<'machineSet'>[];
}

/** What is owned and borrowed, how each machine stands, and which are used together. */
export function MachinesPage({ machines, sets }: Props) {
  return (
    <div style={{ display: 'grid', gap: 22 }}>
      <h1>Machines</h1>
      <NewRecordForm
        kind="machine"
        label="A machine’s name"
        help="What you call it. What it can do comes next."
        button="Add a machine"
        path="/machines"
        factsOf={(name) => newMachine(name)}
      />
      {machines.length === 0 ? (
        <p className="soft">
          No machine yet. Until you list your own, garments are planned for a usual serger, coverstitch and
          sewing machine, or a sewing machine alone.
        </p>
      ) : (
        <div className={table.scroll}>
          <table className={table.table}>
            <thead>
              <tr>
                <th>Machine</th>
                <th>kind</th>
                <th>stands at</th>
                <th className={table.num}>setup cards</th>
              </tr>
            </thead>
            <tbody>
              {machines.map(({ id, facts }) => (
                <MachineRow key={id} id={id} facts={facts} />
              ))}
            </tbody>
          </table>
        </div>
      )}
      <h2>Sets: machines used together</h2>
      <p className="soft">
        At home, on tour, with a friend’s serger: a garment is planned for one set, and can be compared with
        the others.
      </p>
      <NewRecordForm
        kind="machineSet"
        label="A set’s name"
        help="Such as: at home."
        button="Add a set"
        path="/machines/sets"
        factsOf={(name) => newMachineSet(name)}
      />
      <RecordsProvider records={sets}>
        {sets.map((set) => (
          <SetRow key={set.id} initial={set} machines={machines} />
        ))}
      </RecordsProvider>
    </div>
  );
}

function MachineRow({ id, facts }: { id: string; facts: StoredRecord<'machine'>['facts'] }) {
  const present = facts.present && wholeSetup(facts.kind, facts.present);
  const out = facts.broken !== undefined;
  const partly = Object.keys(facts.brokenStitches ?? {}).length;
  return (
    <tr>
      <td>
        <Link href={`/machines/${id}`} style={{ color: 'var(--ink)' }}>
          {facts.name}
        </Link>
        {(facts.borrowed || out || partly > 0) && (
          <p className="small" style={{ color: out || partly > 0 ? 'var(--demand)' : 'var(--soft)' }}>
            {[
              facts.borrowed && 'borrowed',
              out && `out of order since ${facts.broken?.since}`,
              partly > 0 && `${partly} ${partly === 1 ? 'stitch does' : 'stitches do'} not work`,
            ]
              .filter(Boolean)
              .join(', ')}
          </p>
        )}
      </td>
      <td>{machineKindName(facts.kind)}</td>
      <td>
        {present ? (
          <>
            {present.stitch ? stitches[present.stitch].name : ''}
            <p className="soft small">{mainSettings(present)}</p>
          </>
        ) : (
          <Link href={`/machines/${id}`}>Say how it stands</Link>
        )}
      </td>
      <td className={table.num}>{Object.keys(facts.cards).length}</td>
    </tr>
  );
}

function SetRow({ initial, machines }: { initial: StoredRecord<'machineSet'>; machines: Props['machines'] }) {
  const records = useRecords();
  const { id } = initial;
  const set = records.facts('machineSet', id) ?? initial.facts;
  const within = machinesIn(set);
  return (
    <section
      style={{ display: 'grid', gap: 10, borderTop: '1px solid var(--line)', paddingTop: 12 }}
      aria-label={set.name}
    >
      <div style={{ display: 'flex', justifyContent: 'space-between', gap: 12, flexWrap: 'wrap' }}>
        <NameField
          label="Set’s name"
          value={set.name}
          fault={records.fault('machineSet', id, 'name')}
          onChange={(name) => records.set('machineSet', id, 'Name', { name })}
        />
        <RemoveButton kind="machineSet" id={id} back="/machines" />
      </div>
      <div style={{ display: 'flex', gap: 18, flexWrap: 'wrap' }}>
        {machines.map((machine) => (
          <label key={machine.id} style={{ display: 'flex', gap: 8, alignItems: 'center', minHeight: 44 }}>
            <input
              type="checkbox"
              checked={within.includes(machine.id)}
              onChange={(event) =>
                records.set('machineSet', id, set.name, {
                  [`machines.${machine.id}`]: event.target.checked ? true : null,
                })
              }
              style={{ width: 22, height: 22, accentColor: 'var(--capacity)' }}
            />
            {machine.facts.name}
          </label>
        ))}
        {machines.length === 0 && <p className="soft">Add a machine first.</p>}
      </div>
    </section>
  );
}
