'use client';
import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import Link from 'next/link';
import { useState } from 'react';
import type { Garment } from '@/core/facts/garment';
import { usualSetIds, type UsualSetId } from '@/core/facts/machine';
import { awaitsNeckband } from '@/core/edges/useOf';
import { useRecords } from '@/features/records/RecordsProvider';
import { ChoiceRow } from '@/ui/ChoiceRow';
import { ExplainedNumber } from '@/ui/ExplainedNumber';
import { useNumbers, valueOf } from '@/ui/numbers';
import { PickField } from '@/ui/PickField';
import page from '../page/GarmentPage.module.css';
import { NextButton } from '../page/NextButton';
import { useGarment } from '../page/useGarment';
import { AddMachine } from './AddMachine';
import { Happened } from './Happened';
import { Lanes } from './Lanes';
import { OtherMachines } from './OtherMachines';
import { PopCheck } from './PopCheck';
import { Schedule } from './Schedule';
import { StepList } from './StepList';
import { TogetherWith } from './TogetherWith';
import styles from './SewStage.module.css';
import { useSewing } from './useSewing';

/** The order on the machines at hand, whether every row will hold, and when it can be sewn. */
export function SewStage() {
  const { plan } = useGarment();
  const { sewing, stale } = useSewing();
  const numbers = useNumbers();
  const [opened, setOpened] = useState<string | undefined>(undefined);
  const left = sewing.steps.filter((step) => !step.done);
  const doneCount = sewing.steps.length - left.length;
  const minutes = Math.round(valueOf(numbers, sewing.minutesLeft));
  return (
    <div className={page.stage} aria-busy={stale}>
      <Choices />
      <section className={page.stack}>
        <div className={page.between}>
          <h2>The order, on your machines</h2>
          <span className="soft">
            {doneCount} of {sewing.steps.length} done · about {minutes} min left
          </span>
        </div>
        <OrderSentence />
        <Lanes onOpen={setOpened} />
        <StepList opened={opened} onOpen={setOpened} />
      </section>
      <PopCheck onOpen={setOpened} />
      {awaitsNeckband(plan.edges) && (
        <p className="soft">
          The neckband’s lengths come once its cloth is tested and the neckline measured.
        </p>
      )}
      <Happened />
      <OtherMachines />
      <TogetherWith />
      <Schedule />
      <NextButton to="wear" />
    </div>
  );
}

const USUAL_SETS: Readonly<Record<UsualSetId, string>> = {
  'serger-coverstitch': 'a usual serger, coverstitch and sewing machine',
  'sewing-only': 'a usual sewing machine only',
};

/** Stitches for the neckline's topstitch; another can be chosen at its step. */
const TOPSTITCHES = [
  { value: 'cover2-narrow', label: 'Coverstitch' },
  { value: 'zigzag-neck', label: 'Zigzag' },
  { value: 'straight-top', label: 'Straight' },
] as const;

function topstitchOf({
  topstitched,
  picks,
}: Garment): 'no' | 'other' | (typeof TOPSTITCHES)[number]['value'] {
  if (!topstitched) return 'no';
  const stitch = picks?.['neckline-topstitch']?.stitch;
  return TOPSTITCHES.find(({ value }) => value === stitch)?.value ?? 'other';
}

/** Which machines, which ways of going about it, and the neckline's topstitch. */
function Choices() {
  const { garment, kind, set, machineSets } = useGarment();
  const { sewing } = useSewing();
  const chosen = garment.ways ?? {};
  const neck = kind.edges.some(({ id }) => id === 'neckline');
  const topstitch = topstitchOf(garment);
  return (
    <div className={page.stack} style={{ gap: 14 }}>
      <div className={styles.choices}>
        <div>
          <PickField
            label="Machines"
            value={garment.machineSetId ?? usualSetIds[0]}
            empty="choose the machines"
            options={[
              ...machineSets.map(({ id, facts }) => ({ id, name: facts.name })),
              ...usualSetIds.map((id) => ({ id, name: USUAL_SETS[id] })),
            ]}
            onChange={(id) => {
              if (id !== '') set('Machines', { machineSetId: id });
            }}
          />
          <p className="small" style={{ marginTop: 4 }}>
            <Link href="/machines">Your machines</Link>
          </p>
          <AddMachine />
        </div>
        {sewing.ways.map(({ alternative, options, chosen: now, pinned }) => (
          <div key={alternative.id}>
            <PickField
              label={alternative.label}
              value={pinned ? (chosen[alternative.id] ?? '') : ''}
              empty={`best: ${options.find(({ id }) => id === now)?.label.split(/[:,]/)[0] ?? ''}`}
              options={options.map(({ id, label, change, work }) => ({
                id,
                name: id === now ? label : `${label} (${costWords(change, work)})`,
              }))}
              onChange={(id) => set(alternative.label, { [`ways.${alternative.id}`]: id === '' ? null : id })}
            />
          </div>
        ))}
      </div>
      {neck && (
        <ChoiceRow
          legend="Neckline topstitched"
          value={topstitch}
          options={[
            { value: 'no', label: 'No' },
            ...TOPSTITCHES,
            ...(topstitch === 'other' ? [{ value: 'other' as const, label: 'As at its step' }] : []),
          ]}
          onChange={(stitch) =>
            set('Neckline topstitch', {
              topstitched: stitch === 'no' ? null : true,
              'picks.neckline-topstitch': stitch === 'no' || stitch === 'other' ? null : { stitch },
            })
          }
        />
      )}
    </div>
  );
}

const signed = (minutes: number) => `${minutes > 0 ? '+' : '−'}${Math.abs(Math.round(minutes))} min`;

function costWords(change: number, work: number): string {
  const parts = [
    Math.abs(change) >= 0.5 ? `${signed(change)} changing over` : undefined,
    Math.abs(work) >= 0.5 ? `${signed(work)} sewing` : undefined,
  ].filter(Boolean);
  return parts.length === 0 ? 'costs the same' : parts.join(', ');
}

/** What the order costs beside the written one, whether it is the best, and what one's own breaks. */
function OrderSentence() {
  const { id, garment, facts, set } = useGarment();
  const { sewing } = useSewing();
  const records = useRecords();
  const numbers = useNumbers();
  const { order, best, written, own, broken, steps } = sewing;
  const title = (stepId: string) => steps.findIndex((one) => one.id === stepId) + 1;
  const more = valueOf(numbers, order.changeMinutes) - valueOf(numbers, best.changeMinutes);
  const keepWritten = () => {
    if (garment.patternId === undefined) return;
    records.set('pattern', garment.patternId, 'Order as its sheet has it', {
      order: Object.fromEntries(steps.map((step, at) => [step.id, at])),
    });
  };
  return (
    <div className={page.stack} style={{ gap: 6 }} data-order-of={id}>
      <p>
        <ExplainedNumber id={order.changes} /> changes of setup, <ExplainedNumber id={order.changeMinutes} />{' '}
        changing over; carried to another place (table, iron, machine) <ExplainedNumber id={order.moves} />{' '}
        times.{' '}
        {own ? (
          <>
            This is your own order
            {more > 0.25 ? ': the best one here changes over ' : ', and none is better: '}
            <ExplainedNumber id={best.changeMinutes} />.
          </>
        ) : best.provedMoves ? (
          'No order of these steps has less changing over, nor, with so little, less carrying.'
        ) : best.provedChanges ? (
          `No order has less changing over; carrying could be as little as ${best.leastMoves}.`
        ) : (
          'A good order; whether it is the best could not be proved in time.'
        )}
      </p>
      <p className="soft">
        {facts.pattern?.order
          ? `As the sheet of ${facts.pattern.name} has it`
          : 'As such patterns are usually written'}
        : <ExplainedNumber id={written.changes} /> changes, <ExplainedNumber id={written.changeMinutes} />.
      </p>
      {broken.length > 0 && (
        <Alert>
          <ul style={{ margin: 0, paddingLeft: 18 }}>
            {broken.map(([first, then]) => (
              <li key={`${first} ${then}`}>
                Step {title(first)} has to come before step {title(then)}: it needs it done.
              </li>
            ))}
          </ul>
        </Alert>
      )}
      {own && (
        <div className={page.actions}>
          <Button size="small" variant="outlined" onClick={() => set('Order', { order: null })}>
            Take the best order again
          </Button>
          {garment.patternId !== undefined && (
            <Button size="small" onClick={keepWritten}>
              This is the order on the pattern’s sheet
            </Button>
          )}
        </div>
      )}
    </div>
  );
}
