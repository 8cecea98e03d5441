'use client';
import Stack from '@mui/material/Stack';
import Button from '@mui/material/Button';
import Link from 'next/link';
import { rollText } from '@/features/elastics/findingWords';
import { useRecords } from '@/features/records/RecordsProvider';
import { changeText } from '@/features/machines/setupWords';
import { ExplainedNumber } from '@/ui/ExplainedNumber';
import { useNumbers, valueOf } from '@/ui/numbers';
import { PickField } from '@/ui/PickField';
import { useUnit } from '@/ui/unit';
import ticket from '../cut/Ticket.module.css';
import { useGarment } from '../page/useGarment';
import { Dials } from './Dials';
import { useSewing } from './useSewing';

/** The setups in the order they are wanted, thread, and the way to the machine. */
export function SetupsPanel() {
  const { id } = useGarment();
  const { sewing } = useSewing();
  const records = useRecords();
  const first = new Map<string, number>();
  sewing.steps.forEach((step, at) => {
    if (step.setup && !step.done && !first.has(step.setup)) first.set(step.setup, at + 1);
  });
  const setups = [...sewing.setups]
    .filter((setup) => first.has(setup.id))
    .sort((a, b) => (first.get(a.id) ?? 0) - (first.get(b.id) ?? 0));
  return (
    <aside className={ticket.ticket} aria-label="Setups">
      <div className={ticket.foot}>
        <Button
          component={Link}
          href={`/garments/${id}/sew`}
          variant="contained"
          onClick={() => void records.flush()}
        >
          Go to the machine
        </Button>
        <Button
          component={Link}
          href={`/garments/${id}/sheet`}
          variant="outlined"
          onClick={() => void records.flush()}
        >
          Print
        </Button>
      </div>
      <div className={ticket.head}>
        <h2>Setups</h2>
        <span className="soft small">
          <ExplainedNumber id={sewing.order.changes} /> changes,{' '}
          <ExplainedNumber id={sewing.order.changeMinutes} />
        </span>
      </div>
      {setups.map((setup) => (
        <section key={setup.id}>
          <div className={ticket.group}>
            <span>{setup.machine}</span>
            <span>step {first.get(setup.id)}</span>
          </div>
          <p>
            <strong>{setup.name}</strong>
            <Dials setup={setup} />
          </p>
          <p className="soft small">
            {setup.card ? (
              <>
                Your card of {setup.card.sewnOn}: <ExplainedNumber id={setup.gives} />
              </>
            ) : (
              'A start: swatch first.'
            )}
          </p>
        </section>
      ))}
      <section>
        <div className={ticket.group}>
          <span>Needles</span>
        </div>
        <p className="small">{sewing.needle}</p>
        {sewing.helps.map((help) => (
          <p key={help} className="small">
            {help}
          </p>
        ))}
      </section>
      <Threads />
      {sewing.putBack.length > 0 && (
        <section>
          <div className={ticket.group}>
            <span>To put back afterwards</span>
          </div>
          {sewing.putBack.map(({ machineId, machine, changes }) => (
            <p key={machineId} className="small">
              {machine}: {changes.map(changeText).join('; ')}
            </p>
          ))}
        </section>
      )}
    </aside>
  );
}

/** Thread by path, whether it suffices, and which thread it is. */
function Threads() {
  const { garment, findings, set } = useGarment();
  const { sewing } = useSewing();
  const numbers = useNumbers();
  const { unit } = useUnit();
  const spool = (id: string) => rollText(valueOf(numbers, id), unit);
  if (sewing.threads.length === 0) return null;
  const threads = findings
    .filter(({ facts }) => facts.kind === 'thread')
    .map(({ id, facts }) => ({ id, name: facts.colour ? `${facts.name}, ${facts.colour}` : facts.name }));
  const wants = (part: string) => sewing.threads.some(({ id }) => id.endsWith(part));
  return (
    <Stack component="section" sx={{ gap: '10px' }}>
      <div className={ticket.group}>
        <span>Thread left to sew, with waste</span>
      </div>
      {sewing.threads.map((thread) => (
        <div key={thread.id} className={ticket.head}>
          <span className="small">
            {thread.label}
            {thread.enough === false && (
              <span className={ticket.changed}>
                {' '}
                too little of {thread.thread}:{' '}
                {thread.onHand && <ExplainedNumber id={thread.onHand} text={spool(thread.onHand)} />}
              </span>
            )}
          </span>
          <span style={{ whiteSpace: 'nowrap', textAlign: 'right' }}>
            <ExplainedNumber id={thread.needs} text={spool(thread.needs)} />
            <br />
            <span className="soft small">
              <ExplainedNumber id={thread.spools} /> ×{' '}
              <ExplainedNumber id={thread.each} text={spool(thread.each)} />
            </span>
          </span>
        </div>
      ))}
      {threads.length > 0 &&
        (
          [
            ['needleId', 'Thread of the needles', 'needle'],
            ['looperId', 'Thread of the loopers', 'looper'],
            ['bobbinId', 'Thread of the bobbin', 'bobbin'],
          ] as const
        )
          .filter(([, , part]) => wants(part))
          .map(([field, label]) => (
            <PickField
              key={field}
              label={label}
              value={garment.threads?.[field] ?? ''}
              empty="not chosen"
              options={threads}
              onChange={(threadId) => set(label, { [`threads.${field}`]: threadId === '' ? null : threadId })}
            />
          ))}
    </Stack>
  );
}
