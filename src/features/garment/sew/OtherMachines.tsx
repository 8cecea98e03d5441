'use client';
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
  if (fault) return <p role="alert">{fault}</p>;
  if (!answer) return <p className="soft">Working it out.</p>;
  return (
    <table style={{ borderCollapse: 'collapse', width: '100%' }} aria-label="Other sets of machines">
      <thead>
        <tr className="soft small" style={{ textAlign: 'left' }}>
          <th style={{ fontWeight: 400 }}>machines</th>
          <th style={{ fontWeight: 400, textAlign: 'right' }}>steps left</th>
          <th style={{ fontWeight: 400, textAlign: 'right' }}>changing over</th>
          <th style={{ fontWeight: 400, textAlign: 'right' }}>in all</th>
          <th style={{ fontWeight: 400, paddingLeft: 16 }}>otherwise</th>
          <th />
        </tr>
      </thead>
      <tbody>
        {answer.map((one) => (
          <tr key={one.id} style={{ borderTop: '1px solid var(--line)', verticalAlign: 'top' }}>
            <td>{one.name}</td>
            <td style={{ textAlign: 'right' }}>{one.stepsLeft}</td>
            <td style={{ textAlign: 'right' }}>
              {one.changes} changes, {Math.round(one.changeMinutes)} min
            </td>
            <td style={{ textAlign: 'right' }}>{Math.round(one.minutesLeft)} min</td>
            <td className="small" style={{ paddingLeft: 16 }}>
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
            </td>
            <td>
              <Button size="small" onClick={() => set('Machines', { machineSetId: one.id })}>
                Use these
              </Button>
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
