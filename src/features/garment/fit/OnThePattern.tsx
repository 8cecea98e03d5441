'use client';
import Button from '@mui/material/Button';
import { lengthMm } from '@/core/facts/spec';
import { usualKey } from '@/core/facts/wearer';
import type { ZonePlan } from '@/core/fit/types';
import { useRecords } from '@/features/records/RecordsProvider';
import { OnOutlines } from '@/features/pieces/OnOutlines';
import { LengthField } from '@/ui/LengthField';
import { useNumbers, valueOf } from '@/ui/numbers';
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
  const { garment, facts } = useGarment();
  const records = useRecords();
  const numbers = useNumbers();
  const { wearerId, kind } = garment;
  if (wearerId === undefined || !facts.wearer) return null;
  const key = usualKey(kind, zone.zone);
  const kept = facts.wearer.usual?.[key];
  const share = Math.min(valueOf(numbers, zone.used), 1);
  const same = kept?.share !== undefined && Math.abs(kept.share - share) < 0.005;
  if (same) {
    return (
      <p className="soft small">
        This is {facts.wearer.name}’s usual here.{' '}
        <Button
          size="small"
          onClick={() => records.set('wearer', wearerId, 'Forget a usual', { [`usual.${key}`]: null })}
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
            [`usual.${key}`]: { kind, zone: zone.zone, share },
          })
        }
      >
        Make this {facts.wearer.name}’s usual
      </Button>
    </div>
  );
}
