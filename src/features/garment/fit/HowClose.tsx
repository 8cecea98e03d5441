'use client';
import Alert from '@mui/material/Alert';
import { formatQuantity } from '@/core/explain/display';
import { zoneChoiceSpec } from '@/core/facts/garment';
import type { ZonePlan } from '@/core/fit/types';
import { DEFAULT_PRESSURE_PA } from '@/core/fit/pressure';
import { isOffered } from '@/core/fit/schools';
import { formatLength } from '@/core/units/formatLength';
import { isAtLeastShare } from '@/core/units/tolerance';
import { ChoiceRow } from '@/ui/ChoiceRow';
import { ExplainedNumber } from '@/ui/ExplainedNumber';
import { NumberField } from '@/ui/NumberField';
import { useNumbers, valueOf } from '@/ui/numbers';
import { PhraseText } from '@/ui/PhraseText';
import { ScaleChooser } from '@/ui/ScaleChooser';
import { useUnit } from '@/ui/unit';
import styles from '../page/GarmentPage.module.css';
import { useGarment } from '../page/useGarment';
import { Learned } from '../wear/Learned';
import { closenessAt } from './closeness';

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
  const choose = (value: number) => put(closenessAt(value, { bodyMm: body, stretch }));
  const offered = zone.schools.filter(isOffered);
  const learned = offered.find(({ school }) => school === 'learned');
  const grown = offered.find(({ school }) => school === 'grown');
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
        legend="Or take the number of a school, a rule that sewists go by"
        value={zone.schools.some(({ school }) => school === zone.school) ? zone.school : undefined}
        options={zone.schools.map((school) => ({
          value: school.school,
          label: `${school.label}: ${formatLength(get(school.rest), unit)}`,
        }))}
        onChange={(school) => {
          const taken = offered.find((one) => one.school === school);
          if (taken) choose(get(taken.extension));
          else put(school === 'share' ? null : { school });
        }}
      />
      {learned?.learned && <Learned place={zone.zone} plan={learned.learned} />}
      {grown?.inWear && (
        <p className="small">
          In wear its cloth {get(grown.inWear) < 0 ? 'shrank' : 'grew'} by{' '}
          <ExplainedNumber id={grown.inWear} text={percent(Math.abs(get(grown.inWear)))} />: made{' '}
          <ExplainedNumber id={grown.rest} /> while it is new,{' '}
          {isAtLeastShare(get(grown.extension), limit)
            ? 'as small as it may be worn, it still comes out larger once it is worn.'
            : 'it comes to what is usual here once it is worn.'}
        </p>
      )}
      <p className="soft small">
        Taken: <PhraseText phrase={zone.reason} />.
      </p>
      {fault(path) && <Alert>{fault(path)}</Alert>}
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
