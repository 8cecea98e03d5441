'use client';
import Button from '@mui/material/Button';
import { lengthMm } from '@/core/facts/spec';
import { closenessKey, usualAt, usualKey } from '@/core/facts/wearer';
import type { ZonePlan } from '@/core/fit/types';
import { isAlike } from '@/core/wear/liked';
import { usualHere } from '@/core/wear/taking';
import { wornPlace } from '@/core/wear/wornAt';
import { useRecords } from '@/features/records/RecordsProvider';
import { OnOutlines } from '@/features/pieces/OnOutlines';
import { LengthField } from '@/ui/LengthField';
import { PhraseText } from '@/ui/PhraseText';
import styles from '../page/GarmentPage.module.css';
import { useGarment } from '../page/useGarment';

const PATTERN_GIRTH = lengthMm('Pattern, finished', 20, 2500);

/** The zone on the pattern as it was measured there, with what to change; and this closeness as the person's own. */
export function OnThePattern({ zone }: { zone: ZonePlan }) {
  const { garment, plan, set, fault } = useGarment();
  const label = zone.label.toLowerCase();
  const outlined = plan.pieces.girths[zone.zone];
  return (
    <section className={styles.stack} style={{ gap: 8 }}>
      <div className={styles.fields}>
        <LengthField
          spec={PATTERN_GIRTH}
          label="Pattern here, finished"
          help={
            outlined === undefined
              ? 'All round, without seam allowances; leave empty if you do not know.'
              : 'Leave empty to go by the outline.'
          }
          valueMm={garment.pattern.finished[zone.zone]}
          onChange={(mm) => set(`Pattern at the ${label}`, { [`pattern.finished.${zone.zone}`]: mm })}
          fault={fault(`pattern.finished.${zone.zone}`)}
        />
        {zone.pattern && (
          <p style={{ paddingTop: 12 }}>
            <PhraseText phrase={zone.pattern.advice} />.
          </p>
        )}
      </div>
      {outlined !== undefined && (
        <OnOutlines
          outlined={outlined}
          altered={plan.pieces.drawnGirths[zone.zone] !== undefined}
          apart={plan.pieces.apart.zones[zone.zone]}
          onGoBy={() => set(`Outline at the ${label}`, { [`pattern.finished.${zone.zone}`]: null })}
        />
      )}
      <Usual zone={zone} />
    </section>
  );
}

/** Keeps this closeness as the person's own, for their next garment of the kind. */
function Usual({ zone }: { zone: ZonePlan }) {
  const { garment, facts, kind, plan } = useGarment();
  const records = useRecords();
  const { wearerId } = garment;
  const place = wornPlace(plan, kind, garment, zone.zone);
  if (wearerId === undefined || !facts.wearer || place?.of !== 'zone') return null;
  const here = usualHere(plan, place, garment);
  const key = closenessKey(garment, zone.zone);
  const kept = usualAt(facts.wearer, garment, zone.zone);
  const path = `usual.${kept && !facts.wearer.usual?.[key] ? usualKey(garment.kind, zone.zone) : key}`;
  const same = kept !== undefined && isAlike(kept, here);
  if (same) {
    return (
      <p className="soft small">
        This is {facts.wearer.name}’s usual here.{' '}
        <Button
          size="small"
          onClick={() => records.set('wearer', wearerId, 'Forget a usual', { [path]: null })}
        >
          Forget it
        </Button>
      </p>
    );
  }
  return (
    <div>
      <Button
        size="small"
        onClick={() =>
          records.set('wearer', wearerId, `Usual at the ${zone.label.toLowerCase()}`, {
            [`usual.${key}`]: here,
          })
        }
      >
        Make this {facts.wearer.name}’s usual
      </Button>
    </div>
  );
}
