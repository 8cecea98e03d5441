'use client';
import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import { schedule } from '@/core/sewing/assembly/schedule';
import { phraseText } from '@/core/explain/display';
import { timedSteps } from '@/core/sewing/timedSteps';
import { garmentSpec } from '@/core/facts/garment';
import { useRecords } from '@/features/records/RecordsProvider';
import { TextFactField } from '@/features/records/TextFactField';
import { NumberField } from '@/ui/NumberField';
import { useNumbers } from '@/ui/numbers';
import { useUnit } from '@/ui/unit';
import page from '../page/GarmentPage.module.css';
import { useGarment } from '../page/useGarment';
import { useSewing } from './useSewing';

const { fields } = garmentSpec.fields.evenings.of;
const ONE_DAY_MS = 86_400_000;

const dayAfter = (day: string): string =>
  new Date(Date.parse(`${day}T00:00:00Z`) + ONE_DAY_MS).toISOString().slice(0, 10);

const clock = (minute: number): string =>
  `${Math.floor(minute / 60)}:${String(Math.round(minute % 60)).padStart(2, '0')}`;

/** Free evenings, what gets done on each, and the calendar file. */
export function Schedule() {
  const { id, garment, set, fault, today } = useGarment();
  const { sewing } = useSewing();
  const records = useRecords();
  const numbers = useNumbers();
  const { unit } = useUnit();
  const entries = Object.entries(garment.evenings ?? {}).sort(([, a], [, b]) => a.day.localeCompare(b.day));
  const evenings = entries.map(([, evening]) => evening);
  const left = sewing.steps.filter((step) => !step.done);
  const title = (stepId: string) =>
    phraseText(left.find((one) => one.id === stepId)?.title ?? [], numbers, unit);
  const plan = schedule(timedSteps(sewing), evenings);
  const add = () => {
    const last = evenings.at(-1);
    set('Free evening', {
      [`evenings.${crypto.randomUUID().slice(0, 8)}`]: {
        day: last ? dayAfter(last.day) : today,
        from: last?.from ?? '19:00',
        minutes: last?.minutes ?? 90,
      },
    });
  };
  return (
    <section className={page.stack} style={{ gap: 12 }}>
      <div className={page.between}>
        <h2>When it gets done</h2>
        <Button size="small" variant="outlined" onClick={add}>
          Add a free evening
        </Button>
      </div>
      {entries.length === 0 && (
        <p className="soft">Say which evenings are free: each is filled with the steps that fit.</p>
      )}
      {entries.map(([key, evening]) => {
        const path = `evenings.${key}`;
        const session = plan.sessions.find((one) => one.day === evening.day);
        return (
          <div key={key} className={page.stack} style={{ gap: 6 }}>
            <div className={page.actions} style={{ alignItems: 'flex-start' }}>
              <div style={{ width: 170 }}>
                <TextFactField
                  spec={fields.day}
                  value={evening.day}
                  onChange={(day) => day && set('Free evening', { [`${path}.day`]: day })}
                  fault={fault(`${path}.day`)}
                />
              </div>
              <div style={{ width: 110 }}>
                <TextFactField
                  spec={fields.from}
                  whole
                  value={evening.from}
                  onChange={(from) => from && set('Free evening', { [`${path}.from`]: from })}
                  fault={fault(`${path}.from`)}
                />
              </div>
              <div style={{ width: 130 }}>
                <NumberField
                  spec={fields.minutes}
                  value={evening.minutes}
                  required
                  onChange={(minutes) =>
                    minutes !== undefined && set('Free evening', { [`${path}.minutes`]: minutes })
                  }
                  fault={fault(`${path}.minutes`)}
                />
              </div>
              <Button size="small" onClick={() => set('Free evening', { [path]: null })}>
                Take away
              </Button>
            </div>
            {plan.unread.includes(evening) && (
              <Alert>Give the time as hours and minutes, such as 19:30.</Alert>
            )}
            {session && session.steps.length > 0 && (
              <p data-evening={evening.day}>
                {clock(session.fromMinute)}:{' '}
                {session.steps
                  .map((step) => `${title(step.id)}${step.goesOn ? ' (goes on)' : ''}`)
                  .join('; ')}
                <span className="soft">, {Math.round(session.spareMinutes)} min to spare</span>
              </p>
            )}
          </div>
        );
      })}
      {entries.length > 0 && (
        <div className={page.actions}>
          <span>
            {plan.left.length === 0
              ? 'It is finished on these evenings.'
              : `${plan.left.length} ${plan.left.length === 1 ? 'step does' : 'steps do'} not fit: about ${Math.round(plan.left.reduce((sum, one) => sum + one.minutes, 0))} min more are wanted.`}
          </span>
          <Button
            component="a"
            href={`/api/garments/${id}/calendar`}
            download
            variant="outlined"
            size="small"
            onClick={() => void records.flush()}
          >
            Save as a calendar file
          </Button>
        </div>
      )}
    </section>
  );
}
