'use client';
import Alert from '@mui/material/Alert';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { machinesIn } from '@/core/facts/machine';
import type { SetWithMachines } from '@/core/answers/compareSets';
import page from '../page/GarmentPage.module.css';
import { useGarment } from '../page/useGarment';
import { useAnswer, useSewing } from './useSewing';

/** What changes on another set of machines. */
export function OtherMachines() {
  const { machineSets } = useGarment();
  const [asked, setAsked] = useState(false);
  if (machineSets.length === 0) return null;
  return (
    <section className={page.stack} style={{ gap: 8 }}>
      <div className={page.between}>
        <h2>On other machines</h2>
        {!asked && (
          <Button size="small" variant="outlined" onClick={() => setAsked(true)}>
            Compare the sets of machines
          </Button>
        )}
      </div>
      {asked && <Comparison />}
    </section>
  );
}

function Comparison() {
  const { facts, garment, machineSets, machines, today, set } = useGarment();
  const { client } = useSewing();
  const sets: readonly SetWithMachines[] = machineSets
    .filter(({ id }) => id !== garment.machineSetId)
    .map(({ id, facts: one }) => ({
      id,
      set: one,
      machines: Object.fromEntries(
        machinesIn(one).flatMap((machineId) => {
          const found = machines.find((machine) => machine.id === machineId);
          return found ? [[machineId, found.facts]] : [];
        }),
      ),
    }));
  const { answer, fault } = useAnswer<'sets'>(
    () => client.ask({ ask: 'sets', facts, sets, onDate: today }),
    [client, facts, today],
  );
  if (fault) return <Alert>{fault}</Alert>;
  if (!answer) return <p className="soft">Working it out.</p>;
  return (
    <Table aria-label="Other sets of machines">
      <TableHead>
        <TableRow>
          <TableCell>machines</TableCell>
          <TableCell align="right">steps left</TableCell>
          <TableCell align="right">changing over</TableCell>
          <TableCell align="right">in all</TableCell>
          <TableCell>otherwise</TableCell>
          <TableCell />
        </TableRow>
      </TableHead>
      <TableBody>
        {answer.map((one) => (
          <TableRow key={one.id}>
            <TableCell>{one.name}</TableCell>
            <TableCell align="right">{one.stepsLeft}</TableCell>
            <TableCell align="right">
              {one.changes} changes, {Math.round(one.changeMinutes)} min
            </TableCell>
            <TableCell align="right">{Math.round(one.minutesLeft)} min</TableCell>
            <TableCell sx={{ fontSize: 12.5 }}>
              {one.pops > 0 && (
                <p style={{ color: 'var(--demand)', fontWeight: 650 }}>
                  {one.pops} {one.pops === 1 ? 'row pops' : 'rows pop'}
                </p>
              )}
              {one.byHand > 0 && <p>{one.byHand} by hand: no machine in it does this</p>}
              {one.instead.map(({ from, to, steps }) => (
                <p key={`${from} ${to}`} className="soft">
                  {to} for {from}
                  {steps > 1 ? `, ${steps} steps` : ''}
                </p>
              ))}
            </TableCell>
            <TableCell>
              <Button size="small" onClick={() => set('Machines', { machineSetId: one.id })}>
                Use these
              </Button>
            </TableCell>
          </TableRow>
        ))}
      </TableBody>
    </Table>
  );
}
