'use client';
import { phraseText } from '@/core/explain/display';
import { troubles } from '@/core/machines/troubles';
import { useNumbers } from '@/ui/numbers';
import { useUnit } from '@/ui/unit';
import page from '../page/GarmentPage.module.css';
import { useGarment } from '../page/useGarment';
import { useSewing } from './useSewing';

/** What went wrong while this garment was sewn, what helped, and what took a broken machine's place. */
export function Happened() {
  const { garment } = useGarment();
  const { sewing } = useSewing();
  const numbers = useNumbers();
  const { unit } = useUnit();
  const wrong = Object.entries(garment.wrong ?? {}).map(([key, { on, step, symptom, cause }]) => {
    const trouble = troubles.find(({ id }) => id === symptom);
    const helped = trouble?.causes.find(({ id }) => id === cause);
    const title = sewing.steps.find(({ id }) => id === step)?.title;
    const where = title ? ` at “${phraseText(title, numbers, unit)}”` : '';
    return {
      key,
      on,
      text: `${trouble?.label ?? symptom}${where}: ${helped ? helped.remedy : 'nothing helped yet.'}`,
    };
  });
  const instead = Object.entries(garment.substituted ?? {}).map(([key, { on, what }]) => ({
    key,
    on,
    text: what,
  }));
  const lines = [...wrong, ...instead].sort((a, b) => a.on.localeCompare(b.on));
  if (lines.length === 0) return null;
  return (
    <section className={page.stack} style={{ gap: 8 }}>
      <h2>What happened on the way</h2>
      <ul style={{ margin: 0, paddingLeft: 20 }}>
        {lines.map(({ key, on, text }) => (
          <li key={key}>
            <span className="soft">{on}:</span> {text}
          </li>
        ))}
      </ul>
    </section>
  );
}
