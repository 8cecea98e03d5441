'use client';
import Alert from '@mui/material/Alert';
import { useState } from 'react';
import type { GarmentFacts } from '@/core/facts/garmentFacts';
import { PickField } from '@/ui/PickField';
import page from '../page/GarmentPage.module.css';
import { useGarment } from '../page/useGarment';
import { useOtherGarment } from '../page/useOtherGarment';
import { useAnswer, useSewing } from './useSewing';

/** Two garments on the table at once: one order that shares the setups of both. */
export function TogetherWith() {
  const { garments } = useGarment();
  const [otherId, setOtherId] = useState('');
  const { facts: other, trouble } = useOtherGarment(otherId === '' ? undefined : otherId);
  if (garments.length === 0) return null;
  return (
    <section className={page.stack} style={{ gap: 10 }}>
      <h2>Together with another garment</h2>
      <div style={{ maxWidth: 360 }}>
        <PickField
          label="Sew it together with"
          value={otherId}
          empty="by itself"
          options={garments}
          onChange={setOtherId}
          fault={trouble}
        />
      </div>
      {other && <Both other={other} />}
    </section>
  );
}

function Both({ other }: { other: GarmentFacts }) {
  const { facts, garment, today } = useGarment();
  const { client, sewing } = useSewing();
  const { answer, fault } = useAnswer<'together'>(
    () => client.ask({ ask: 'together', facts, other, onDate: today }),
    [client, facts, other, today],
  );
  if (fault) return <Alert>{fault}</Alert>;
  if (!answer) return <p className="soft">Working it out.</p>;
  const saved = Math.round(answer.apartMinutes - answer.changeMinutes);
  return (
    <div className={page.stack} style={{ gap: 8 }}>
      <p>
        Together {answer.changes} changes and {Math.round(answer.changeMinutes)} min changing over; one after
        the other {answer.apartChanges} and {Math.round(answer.apartMinutes)} min.{' '}
        <strong>{saved > 0 ? `${saved} min saved.` : 'Nothing saved.'}</strong>{' '}
        <span className="soft">
          {answer.provedChanges
            ? 'No order changes over less.'
            : 'Whether any order changes over less could not be proved in time.'}
        </span>
      </p>
      <ol aria-label="Both garments" style={{ margin: 0, paddingLeft: 26, columns: '280px 2' }}>
        {answer.steps.map((step) => (
          <li key={`${step.garment} ${step.id}`} style={{ breakInside: 'avoid' }}>
            <strong>{step.garment === 0 ? garment.name : other.garment.name}</strong>: {step.title}{' '}
            <span className="soft small">
              {sewing.stations[step.station] ?? step.station}
              {step.changes ? ', change first' : ''}
            </span>
          </li>
        ))}
      </ol>
    </div>
  );
}
