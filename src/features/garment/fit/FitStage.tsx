'use client';
import dynamic from 'next/dynamic';
import { useState } from 'react';
import type { EdgePlan } from '@/core/edges/types';
import type { ZonePlan } from '@/core/fit/types';
import { formatLength } from '@/core/units/formatLength';
import { GarmentDrawing } from '@/ui/GarmentDrawing';
import { useNumbers, valueOf } from '@/ui/numbers';
import { StretchRule } from '@/ui/StretchRule';
import { useUnit } from '@/ui/unit';
import { EdgeFigures } from '../edges/EdgePanel';
import styles from '../page/GarmentPage.module.css';
import { HowClose } from './HowClose';
import { NextButton } from '../page/NextButton';
import { OnThePattern } from './OnThePattern';
import { SizePanel } from './SizePanel';
import { TakeOffered } from './TakeOffered';
import { useGarment } from '../page/useGarment';
import { useGarmentDrawing } from '../page/useGarmentDrawing';
import { ZoneFigures } from './ZoneFigures';

/** Drawings that come after the page itself. */
const OnFigure = dynamic(() => import('../figure/OnFigure').then((module) => module.OnFigure), {
  ssr: false,
});
/** Only garments that are drafted need it. */
const DraftTable = dynamic(() => import('../draft/DraftTable').then((module) => module.DraftTable));
/** Only garments whose pieces have outlines need it. */
const AlterPieces = dynamic(() => import('../alter/AlterPieces').then((module) => module.AlterPieces));

/** How close each zone is to be, the schools on one scale, the size to cut, and what it makes of the garment. */
export function FitStage() {
  const { plan, kind, set } = useGarment();
  const drawing = useGarmentDrawing();
  const [chosen, setChosen] = useState<string | undefined>(undefined);
  const zones = plan.zones;
  const edge = plan.edges.find(({ id }) => `edge-${id}` === chosen);
  const zone = zones.find((one) => `zone-${one.zone}` === chosen) ?? zones[0];
  const missing = kind.zones.filter(({ id }) => !zones.some((one) => one.zone === id));
  if (!zone)
    return (
      <p className="soft">How close it can be comes once the wearer is measured and the cloth is tested.</p>
    );
  return (
    <div className={styles.stage}>
      <div className={styles.columns}>
        <div className={styles.stack}>
          <GarmentDrawing
            drawing={drawing}
            parts={[
              ...zones.map((one) => ({ part: `zone-${one.zone}`, label: one.label })),
              ...plan.edges.map((one) => ({ part: `edge-${one.id}`, label: edgeLabel(one, zones) })),
            ]}
            chosen={edge ? `edge-${edge.id}` : `zone-${zone.zone}`}
            onChoose={setChosen}
          />
          <Zones
            zones={zones}
            chosen={edge ? undefined : zone.zone}
            onChoose={(one) => setChosen(`zone-${one}`)}
          />
          <TakeOffered zones={zones} />
          {!edge && <ZoneFigures zone={zone} />}
          {missing.length > 0 && (
            <p className="soft small">
              Still to measure or to test: {missing.map(({ label }) => label.toLowerCase()).join(', ')}.
            </p>
          )}
        </div>
        <div className={styles.stack}>
          {edge ? (
            <EdgeFigures edge={edge} />
          ) : (
            <>
              <HowClose key={zone.zone} zone={zone} />
              {!plan.draft && <OnThePattern key={`pattern ${zone.zone}`} zone={zone} />}
            </>
          )}
          <Rules
            zones={zones.filter(({ axis }) => axis === 'around')}
            chosen={edge ? undefined : zone.zone}
          />
        </div>
      </div>
      {plan.draft && <DraftTable />}
      <OnFigure />
      <SizePanel />
      {plan.pieces.pieces.some(({ outlined }) => outlined) &&
        (!plan.draft || plan.pieces.alterations.length > 0) && <AlterPieces />}
      <NextButton
        to="bands"
        words="This is right: on to Bands"
        onAgree={() => set('Fit agreed', { 'agreed.fit': true })}
      />
    </div>
  );
}

/** An edge is told from a zone of the same name. */
const edgeLabel = ({ label }: EdgePlan, zones: readonly ZonePlan[]): string =>
  zones.some((zone) => zone.label === label) ? `${label}, the edge` : label;

function Zones({
  zones,
  chosen,
  onChoose,
}: {
  zones: readonly ZonePlan[];
  chosen: string | undefined;
  onChoose: (zone: string) => void;
}) {
  const numbers = useNumbers();
  const { unit } = useUnit();
  return (
    <ul className={styles.list}>
      {zones.map((zone) => (
        <li key={zone.zone}>
          <button
            type="button"
            className={styles.pick}
            aria-pressed={zone.zone === chosen}
            onClick={() => onChoose(zone.zone)}
          >
            <span>{zone.label}</span>
            <span>{formatLength(valueOf(numbers, zone.rest), unit)}</span>
          </button>
        </li>
      ))}
    </ul>
  );
}

function Rules({ zones, chosen }: { zones: readonly ZonePlan[]; chosen: string | undefined }) {
  const { plan, kind } = useGarment();
  const numbers = useNumbers();
  const get = (id: string) => valueOf(numbers, id);
  const pulled = (zone: string) => {
    const at = kind.openings.find((one) => typeof one.at === 'object' && one.at.zone === zone);
    return plan.openings.find(({ id }) => id === at?.id);
  };
  const full = Math.max(...zones.map((zone) => get(zone.rest) * (1 + get(zone.stretch))));
  return (
    <section className={styles.stack} style={{ gap: 6 }}>
      <div className={styles.between}>
        <h2>At rest, worn, pulled on, at its limit</h2>
        <span className="soft small">all round</span>
      </div>
      {zones.map((zone) => {
        const opening = pulled(zone.zone);
        const reach = opening && get(opening.passes) > get(zone.rest) ? get(opening.passes) : undefined;
        return (
          <div key={zone.zone} className={styles.ruleRow} data-chosen={zone.zone === chosen}>
            <h3>{zone.label}</h3>
            <StretchRule
              label={zone.label}
              restMm={get(zone.rest)}
              wornMm={get(zone.body)}
              limitMm={get(zone.rest) * (1 + get(zone.stretch))}
              {...(reach === undefined ? {} : { reachMm: reach })}
              fullMm={full}
              widthPx={600}
            />
          </div>
        );
      })}
      <p className="soft small">
        Solid: at rest. Hatched: worn. Flag: must reach while it is pulled on. Bracket: where the cloth’s easy
        stretch ends.
      </p>
    </section>
  );
}
