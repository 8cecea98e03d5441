'use client';
import Stack from '@mui/material/Stack';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableContainer from '@mui/material/TableContainer';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import Link from 'next/link';
import { machineKindName, machinesIn, newMachine, newMachineSet } from '@/core/facts/machine';
import type { StoredRecord } from '@/core/facts/records';
import { wholeSetup } from '@/core/machines/machineFields';
import { stitches } from '@/core/machines/seams/stitches';
import { NewRecordForm } from '@/features/records/NewRecordForm';
import { RecordsProvider, useRecords } from '@/features/records/RecordsProvider';
import { RemoveButton } from '@/features/records/RemoveButton';
import { NameField } from '@/features/records/NameField';
import { mainSettings } from './setupWords';

interface Props {
  readonly machines: readonly StoredRecord<'machine'>[];
  readonly sets: readonly StoredRecord<'machineSet'>[];
}

/** What is owned and borrowed, how each machine stands, and which are used together. */
export function MachinesPage({ machines, sets }: Props) {
  return (
    <Stack sx={{ gap: '22px' }}>
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
        <TableContainer>
          <Table>
            <TableHead>
              <TableRow>
                <TableCell>Machine</TableCell>
                <TableCell>kind</TableCell>
                <TableCell>stands at</TableCell>
                <TableCell align="right">setup cards</TableCell>
              </TableRow>
            </TableHead>
            <TableBody>
              {machines.map(({ id, facts }) => (
                <MachineRow key={id} id={id} facts={facts} />
              ))}
            </TableBody>
          </Table>
        </TableContainer>
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
    </Stack>
  );
}

function MachineRow({ id, facts }: { id: string; facts: StoredRecord<'machine'>['facts'] }) {
  const present = facts.present && wholeSetup(facts.kind, facts.present);
  const out = facts.broken !== undefined;
  const partly = Object.keys(facts.brokenStitches ?? {}).length;
  return (
    <TableRow>
      <TableCell>
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
      </TableCell>
      <TableCell>{machineKindName(facts.kind)}</TableCell>
      <TableCell>
        {present ? (
          <>
            {present.stitch ? stitches[present.stitch].name : ''}
            <p className="soft small">{mainSettings(present)}</p>
          </>
        ) : (
          <Link href={`/machines/${id}`}>Say how it stands</Link>
        )}
      </TableCell>
      <TableCell align="right">{Object.keys(facts.cards).length}</TableCell>
    </TableRow>
  );
}

function SetRow({ initial, machines }: { initial: StoredRecord<'machineSet'>; machines: Props['machines'] }) {
  const records = useRecords();
  const { id } = initial;
  const set = records.facts('machineSet', id) ?? initial.facts;
  const within = machinesIn(set);
  return (
    <Stack
      component="section"
      sx={{ gap: '10px', borderTop: '1px solid var(--line)', paddingTop: '12px' }}
      aria-label={set.name}
    >
      <Stack direction="row" sx={{ justifyContent: 'space-between', gap: '12px', flexWrap: 'wrap' }}>
        <NameField
          label="Set’s name"
          value={set.name}
          fault={records.fault('machineSet', id, 'name')}
          onChange={(name) => records.set('machineSet', id, 'Name', { name })}
        />
        <RemoveButton kind="machineSet" id={id} back="/machines" />
      </Stack>
      <Stack direction="row" sx={{ gap: '18px', flexWrap: 'wrap' }}>
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
      </Stack>
    </Stack>
  );
}
