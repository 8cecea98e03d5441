'use client';
import dynamic from 'next/dynamic';
import { useMemo, useState } from 'react';
import { stillFits } from '@/core/wear/stillFits';
import { DraftBox } from '@/ui/DraftBox';
import { ExplainedNumber } from '@/ui/ExplainedNumber';
import { NumbersProvider } from '@/ui/numbers';
import styles from '../page/GarmentPage.module.css';
import { useGarment } from '../page/useGarment';

const GrowthChart = dynamic(() => import('./GrowthChart').then((module) => module.GrowthChart), {
  ssr: false,
});

const DAY = /^\d{4}-\d{2}-\d{2}$/;
const MS_PER_DAY = 86_400_000;
/** A season on: what is asked of a child’s garment first. */
const AHEAD_DAYS = 150;

/** Of a child’s garment: until when each girth fits, by the line of growth through the measurements. */
export function StillFits() {
  const { facts, garment, kind, plan, today } = useGarment();
  const [on, setOn] = useState(() =>
    new Date(Date.parse(today) + AHEAD_DAYS * MS_PER_DAY).toISOString().slice(0, 10),
  );
  const { wearer } = facts;
  const day = DAY.test(on) && on > today ? on : undefined;
  const found = useMemo(
    () => (wearer && day ? stillFits(plan, kind, garment, wearer, day) : undefined),
    [day, garment, kind, plan, wearer],
  );
  if (wearer?.grown !== 'child') return null;
  const first = found?.zones[0];
  return (
    <section className={styles.stack}>
      <h2>Will it still fit {wearer.name}?</h2>
      <div style={{ maxWidth: 220 }}>
        <DraftBox
          label="On"
          type="date"
          value={on}
          trouble={day ? undefined : 'Type a day that is still to come.'}
          onType={setOn}
        />
      </div>
      {found && first ? (
        <NumbersProvider numbers={{ ...plan.numbers, ...found.numbers }}>
          <dl className={styles.edgeLines}>
            {found.zones.map(({ zone, label, then, most, room, keeps, until }) => (
              <div key={zone}>
                <dt>{label}</dt>
                <dd>
                  {keeps ? 'Yes' : 'No'}: <ExplainedNumber id={then.id} /> by then, it takes{' '}
                  <ExplainedNumber id={most.id} />
                  {keeps && (
                    <>
                      ; <ExplainedNumber id={room.id} /> to spare
                    </>
                  )}
                  {until && `; until ${until}`}.
                </dd>
              </div>
            ))}
          </dl>
          <GrowthChart zone={first} on={on} />
        </NumbersProvider>
      ) : (
        day && (
          <p className="soft">
            That takes two measurements of a girth, on two days: measure {wearer.name} again.
          </p>
        )
      )}
    </section>
  );
}
