'use client';
import Button from '@mui/material/Button';
import { formatQuantity } from '@/core/explain/display';
import { zoneChoiceSpec } from '@/core/facts/garment';
import { lengthMm } from '@/core/facts/spec';
import { usualKey } from '@/core/facts/wearer';
import type { ZonePlan } from '@/core/plan/types';
import { DEFAULT_PRESSURE_PA } from '@/core/fit/pressure';
import { formatLength } from '@/core/units/formatLength';
import { useRecords } from '@/features/records/RecordsProvider';
import { ChoiceRow } from '@/ui/ChoiceRow';
import { ExplainedNumber } from '@/ui/ExplainedNumber';
import { LengthField } from '@/ui/LengthField';
import { NumberField } from '@/ui/NumberField';
import { useNumbers, valueOf } from '@/ui/numbers';
import { PhraseText } from '@/ui/PhraseText';
import { ScaleChooser } from '@/ui/ScaleChooser';
import { useUnit } from '@/ui/unit';
import styles from './GarmentPage.module.css';
import { useGarment } from './useGarment';

const PATTERN_GIRTH = lengthMm('Pattern, finished', 20, 2500);
/** The scale's loose end, as a worn extension: a garment a seventh larger than the body. */
const LOOSEST = -0.125;

/** How close one zone is to be: every school on one scale, one of them chosen, and why. */
export function HowClose({ zone }: { zone: ZonePlan }) {
  const { garment, set, fault } = useGarment();
  const numbers = useNumbers();
  const { unit } = useUnit();
  const get = (id: string) => valueOf(numbers, id);
  const body = get(zone.body);
  const stretch = get(zone.stretch);
  const limit = get(zone.limit);
  const extension = get(zone.extension);
  const to = Math.max(limit * 1.3, 0.06, extension * 1.1);
  const label = zone.label.toLowerCase();
  const path = `fit.${zone.zone}`;
  const put = (choice: unknown) => set(`How close at the ${label}`, { [path]: choice });
  const choose = (value: number) => {
    if (value < 0) return put({ school: 'loose', looseMm: Math.round(body / (1 + value) - body) });
    put({ school: 'share', share: stretch > 0 ? Math.min(value / stretch, 1) : 0 });
  };
  const percent = (value: number) => formatQuantity(value, 'share', unit);
  const valueText =
    extension < -0.0005
      ? `${formatLength(body / (1 + extension) - body, unit)} looser`
      : percent(Math.max(extension, 0));
  return (
    <section className={styles.stack}>
      <div className={styles.between}>
        <h2>How close at the {label}</h2>
        <ExplainedNumber id={zone.extension} text={`Why ${valueText}?`} />
      </div>
      <ScaleChooser
        label={`How close at the ${label}`}
        from={LOOSEST}
        to={to}
        step={0.0025}
        value={extension}
        valueText={valueText}
        regions={[
          { from: LOOSEST, to: 0, kind: 'care', word: 'looser than the body' },
          { from: 0, to: limit, kind: 'good', word: 'holds and comes back' },
          { from: limit, to, kind: 'no', word: 'too far to wear' },
        ]}
        marks={zone.schools
          .filter((school) => get(school.extension) <= to && get(school.extension) >= LOOSEST)
          .map((school) => ({
            value: get(school.extension),
            label: school.label,
            ...(school.low && school.high ? { low: get(school.low), high: get(school.high) } : {}),
          }))}
        ticks={zone.stops
          .filter((stop) => get(stop.extension) <= to)
          .map((stop) => ({
            value: get(stop.extension),
            label: stop.label,
            under: percent(get(stop.extension)),
          }))}
        onChange={choose}
      />
      <ChoiceRow
        legend="Or take a school’s number"
        value={zone.schools.some(({ school }) => school === zone.school) ? zone.school : undefined}
        options={zone.schools.map((school) => ({
          value: school.school,
          label: `${school.label}: ${formatLength(get(school.rest), unit)}`,
        }))}
        onChange={(school) => put(school === 'share' ? null : { school })}
      />
      <p className="soft small">
        Taken: <PhraseText phrase={zone.reason} />.
      </p>
      {fault(path) && <p role="alert">{fault(path)}</p>}
      {zone.school === 'pressure' && (
        <div className={styles.fields}>
          <NumberField
            spec={zoneChoiceSpec.fields.pressurePa}
            value={garment.fit[zone.zone]?.pressurePa ?? DEFAULT_PRESSURE_PA}
            required
            help="Everyday close garments: about 50 to 1000 Pa. Not medical compression."
            onChange={(pressurePa) => put({ school: 'pressure', pressurePa })}
          />
        </div>
      )}
    </section>
  );
}

/** The zone on the pattern as it was measured there, with what to change; and this closeness as the person's own. */
export function OnThePattern({ zone }: { zone: ZonePlan }) {
  const { garment, set, fault } = useGarment();
  const label = zone.label.toLowerCase();
  return (
    <section className={styles.stack} style={{ gap: 8 }}>
      <div className={styles.fields}>
        <LengthField
          spec={PATTERN_GIRTH}
          label="Pattern here, finished"
          help="All round, without seam allowances; leave empty if you do not know."
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
  const same = kept !== undefined && Math.abs(kept.share - share) < 0.005;
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
