'use client';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { findFaults } from '@/core/facts/faults';
import { fittingSpec, type Fitting, type Outcome } from '@/core/facts/fitting';
import type { GarmentKind } from '@/core/fit/garmentKind';
import { ChoiceRow } from '@/ui/ChoiceRow';
import { DraftBox } from '@/ui/DraftBox';
import styles from '../page/GarmentPage.module.css';
import { useGarment } from '../page/useGarment';

/** What can be said of a zone, and of a neckline. */
const ZONE_OUTCOMES = ['too tight', 'right', 'too loose'] as const satisfies readonly Outcome[];
const NECK_OUTCOMES = ['too tight', 'lies flat', 'stands or gapes'] as const satisfies readonly Outcome[];

interface Place {
  readonly id: string;
  readonly label: string;
  readonly outcomes: readonly Outcome[];
}

/** The garment's zones, and its neckline where it has one. */
const placesOf = (kind: GarmentKind): readonly Place[] => [
  ...kind.zones.map(({ id, label }) => ({ id, label, outcomes: ZONE_OUTCOMES })),
  ...(kind.openings.some(({ at }) => at === 'neckline')
    ? [{ id: 'neckline', label: 'Neckline', outcomes: NECK_OUTCOMES }]
    : []),
];

/** How it came out, zone by zone, and what to do next time; shown again when the next one is planned. */
export function WearStage() {
  const { garment, kind, set } = useGarment();
  const fittings = Object.entries(garment.fittings).sort(([, a], [, b]) =>
    b.triedOn.localeCompare(a.triedOn),
  );
  return (
    <div className={styles.stage}>
      <NewFitting key={fittings.length} />
      {fittings.length > 0 && (
        <section className={styles.stack}>
          <h2>Tried on</h2>
          {fittings.map(([id, fitting]) => (
            <div key={id} style={{ borderTop: '1px solid var(--line)', paddingTop: 12 }}>
              <div className={styles.between}>
                <h3>{fitting.triedOn}</h3>
                <Button size="small" onClick={() => set('Take a try-on away', { [`fittings.${id}`]: null })}>
                  Take away
                </Button>
              </div>
              <p>
                {placesOf(kind)
                  .flatMap(({ id: zone, label }) =>
                    fitting.outcomes[zone] ? [`${label}: ${fitting.outcomes[zone]}`] : [],
                  )
                  .join(' · ') || 'No zone noted.'}
              </p>
              {fitting.note && <p>{fitting.note}</p>}
              {fitting.next && (
                <p>
                  <strong>Next time: {fitting.next}</strong>
                </p>
              )}
            </div>
          ))}
        </section>
      )}
    </div>
  );
}

function NewFitting() {
  const { facts, kind, set, today } = useGarment();
  const [draft, setDraft] = useState<Fitting>({ triedOn: today, outcomes: {} });
  const faults = findFaults(fittingSpec, draft);
  const faultAt = (path: string) => faults.find((fault) => fault.path === path)?.sentence;
  const says = Object.keys(draft.outcomes).length > 0 || (draft.note ?? '').trim() !== '';
  const keep = () => {
    const tidy = Object.fromEntries(Object.entries(draft).filter(([, value]) => value !== ''));
    set('Try-on', { [`fittings.${crypto.randomUUID()}`]: tidy });
  };
  return (
    <section className={styles.stack}>
      <h2>
        {facts.wearer
          ? `Try it on ${facts.wearer.name}, and say what came out`
          : 'Try it on, and say what came out'}
      </h2>
      <p className="soft">
        Sit, bend, reach up. Marks that stay, numbness or tingling mean too tight. Empty zones are left out.
      </p>
      <div className={styles.fields} style={{ gridTemplateColumns: 'repeat(auto-fill, minmax(300px, 1fr))' }}>
        {placesOf(kind).map(({ id: zone, label, outcomes }) => (
          <ChoiceRow
            key={zone}
            legend={label}
            value={draft.outcomes[zone]}
            options={outcomes.map((option) => ({ value: option, label: option }))}
            onChange={(outcome) => setDraft({ ...draft, outcomes: { ...draft.outcomes, [zone]: outcome } })}
          />
        ))}
      </div>
      <div style={{ maxWidth: 220 }}>
        <DraftBox
          label="Tried on"
          type="date"
          value={draft.triedOn}
          trouble={faultAt('triedOn')}
          onType={(triedOn) => setDraft({ ...draft, triedOn })}
        />
      </div>
      <DraftBox
        label="What came out"
        multiline
        value={draft.note ?? ''}
        trouble={faultAt('note')}
        onType={(note) => setDraft({ ...draft, note })}
      />
      <DraftBox
        label="Next time"
        value={draft.next ?? ''}
        trouble={faultAt('next')}
        help="Shown again when the next one for this wearer, or out of this cloth, is planned."
        onType={(next) => setDraft({ ...draft, next })}
      />
      <div>
        <Button variant="contained" size="large" disabled={!says || faults.length > 0} onClick={keep}>
          Keep this try-on
        </Button>
      </div>
    </section>
  );
}
