'use client';
import { useState } from 'react';
import { lengthMm } from '@/core/facts/spec';
import type { ZoneId } from '@/core/facts/garment';
import type { ZonePlan } from '@/core/plan/types';
import { formatQuantity } from '@/core/explain/display';
import { formatLength } from '@/core/units/formatLength';
import { ChoiceRow } from '@/ui/ChoiceRow';
import { ExplainedNumber } from '@/ui/ExplainedNumber';
import { LengthField } from '@/ui/LengthField';
import { useNumbers, valueOf } from '@/ui/numbers';
import { PhraseText } from '@/ui/PhraseText';
import { ScaleChooser } from '@/ui/ScaleChooser';
import { StretchRule } from '@/ui/StretchRule';
import { useUnit } from '@/ui/unit';
import styles from './GarmentPage.module.css';
import { NextButton } from './NextButton';
import { TeeDrawing } from './TeeDrawing';
import { useGarment } from './useGarment';

const PATTERN_GIRTH = lengthMm('Pattern, finished', 80, 2500);
/** The scale's loose end, as a worn extension: a garment a seventh larger than the body. */
const LOOSEST = -0.125;

/** How close each zone is to be, the schools on one scale, and what it makes of the garment. */
export function FitStage() {
  const { plan, set } = useGarment();
  const [chosen, setChosen] = useState<ZoneId>('bust');
  const zone = plan.zones.find((one) => one.zone === chosen) ?? plan.zones[0];
  if (!zone)
    return (
      <p className="soft">How close it can be comes once the wearer is measured and the cloth is tested.</p>
    );
  return (
    <div className={styles.stage}>
      <div className={styles.columns}>
        <div className={styles.stack}>
          <TeeDrawing
            parts={plan.zones.map((one) => one.zone)}
            chosen={zone.zone}
            onChoose={(part) => setChosen(part as ZoneId)}
          />
          <Zones zones={plan.zones} chosen={zone.zone} onChoose={setChosen} />
        </div>
        <div className={styles.stack}>
          <HowClose key={zone.zone} zone={zone} />
          <Figures zone={zone} />
        </div>
      </div>
      <Rules zones={plan.zones} chosen={zone.zone} />
      <NextButton
        to="bands"
        words="This is right: on to Bands"
        onAgree={() => set('Fit agreed', { 'agreed.fit': true })}
      />
    </div>
  );
}

function Zones({
  zones,
  chosen,
  onChoose,
}: {
  zones: readonly ZonePlan[];
  chosen: ZoneId;
  onChoose: (zone: ZoneId) => void;
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

function HowClose({ zone }: { zone: ZonePlan }) {
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
  const choose = (value: number) => {
    if (value < 0) {
      const looseMm = Math.round(body / (1 + value) - body);
      return set(`How close at the ${zone.zone}`, { [`fit.${zone.zone}`]: { school: 'loose', looseMm } });
    }
    const share = stretch > 0 ? Math.min(value / stretch, 1) : 0;
    set(`How close at the ${zone.zone}`, { [`fit.${zone.zone}`]: { school: 'share', share } });
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
        marks={zone.schools.map((school) => ({
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
        value={zone.school === 'loose' ? undefined : zone.school}
        options={zone.schools.map((school) => ({ value: school.school, label: school.label }))}
        onChange={(school) =>
          set(`How close at the ${zone.zone}`, {
            [`fit.${zone.zone}`]: school === 'share' ? null : { school },
          })
        }
      />
      {fault(`fit.${zone.zone}`) && <p role="alert">{fault(`fit.${zone.zone}`)}</p>}
      <div className={styles.fields}>
        <LengthField
          spec={PATTERN_GIRTH}
          label="Pattern here, finished"
          help="All round, without seam allowances; leave empty if you do not know."
          valueMm={garment.pattern.finished[zone.zone]}
          onChange={(mm) => set(`Pattern at the ${zone.zone}`, { [`pattern.finished.${zone.zone}`]: mm })}
          fault={fault(`pattern.finished.${zone.zone}`)}
        />
        {zone.pattern && (
          <p style={{ alignSelf: 'center' }}>
            <PhraseText phrase={zone.pattern.advice} />.
          </p>
        )}
      </div>
    </section>
  );
}

function Figures({ zone }: { zone: ZonePlan }) {
  const numbers = useNumbers();
  const looser = valueOf(numbers, zone.extension) < -0.0005;
  return (
    <section>
      <dl className={styles.pairs} style={{ maxWidth: 420 }}>
        <dt>Body</dt>
        <dd>
          <ExplainedNumber id={zone.body} />
        </dd>
        <dt>Garment at rest</dt>
        <dd>
          <ExplainedNumber id={zone.rest} />
        </dd>
        <dt>Negative ease, of the body</dt>
        <dd>
          <ExplainedNumber id={zone.negativeEase} />
        </dd>
        <dt>Worn extension, of the cloth</dt>
        <dd>
          <ExplainedNumber id={zone.extension} />
        </dd>
        <dt>Of the stretch it has</dt>
        <dd>
          <ExplainedNumber id={zone.used} />
        </dd>
      </dl>
      <p className="soft small" style={{ maxWidth: 520, marginTop: 8 }}>
        {looser
          ? 'Larger than the body here, so nothing is asked of the cloth.'
          : 'Negative ease is how much smaller it is, as a share of the body; worn extension is how far the cloth is stretched by that, as a share of the garment.'}
      </p>
      {!looser && valueOf(numbers, zone.used) >= 0.3 && (
        <p className="small" style={{ marginTop: 6 }}>
          Marks that stay, numbness or tingling mean too tight: loosen it. This is not medical compression;
          after surgery, with poor circulation, swelling, diabetes or pregnancy ask a clinician.
        </p>
      )}
    </section>
  );
}

function Rules({ zones, chosen }: { zones: readonly ZonePlan[]; chosen: ZoneId }) {
  const { plan } = useGarment();
  const numbers = useNumbers();
  const get = (id: string) => valueOf(numbers, id);
  const pulled = (zone: ZoneId) =>
    plan.openings.find(
      (opening) => (opening.id === 'hem' && zone === 'hip') || (opening.id === 'waist' && zone === 'waist'),
    );
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
              widthPx={820}
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
