'use client';
import Button from '@mui/material/Button';
import Link from 'next/link';
import { patternAllowances } from '@/core/fit/patternAllowances';
import { sizesInOrder } from '@/core/fit/patternSize';
import { SizeTable } from '@/features/patterns/SizeTable';
import { formatLength } from '@/core/units/formatLength';
import { useUnit } from '@/ui/unit';
import { useNumbers, valueOf } from '@/ui/numbers';
import { PhraseText } from '@/ui/PhraseText';
import { PickField } from '@/ui/PickField';
import styles from '../page/GarmentPage.module.css';
import { useGarment } from '../page/useGarment';

/** The pattern, the size to cut, where to grade, and what to change in length. */
export function SizePanel() {
  const { garment, facts, plan, patterns, set, fault } = useGarment();
  const numbers = useNumbers();
  const { pattern, wearer } = facts;
  const { size } = plan;
  const { unit } = useUnit();
  const allowances = pattern ? patternAllowances(pattern, garment) : {};
  const said = [['seams', pattern?.seamAllowanceMm] as const, ['hems', pattern?.hemAllowanceMm] as const]
    .flatMap(([what, mm]) => (mm === undefined ? [] : [`${what} ${formatLength(mm, unit)}`]))
    .join(', ');
  // Every zone whose girth on the pattern is known, with the worn extension it comes to.
  const drawn = plan.zones.flatMap(({ zone, body, pattern: own }) =>
    own ? [{ zone, extension: valueOf(numbers, body) / valueOf(numbers, own.girth) - 1 }] : [],
  );
  const likes = Object.entries(wearer?.fits ?? {}).map(([id, { name }]) => ({ id, name }));
  return (
    <section className={styles.stack}>
      <div className={styles.between}>
        <h2>{size ? `Cut size ${size.label}` : 'Which size to cut'}</h2>
        {garment.patternId && <Link href={`/patterns/${garment.patternId}`}>Open the pattern</Link>}
      </div>
      <div className={styles.fields}>
        <PickField
          label="Pattern"
          value={garment.patternId ?? ''}
          options={patterns}
          empty="no pattern kept here"
          fault={fault('patternId')}
          onChange={(id) => set('Pattern', { patternId: id || null, sizeId: null })}
        />
        {pattern && sizesInOrder(pattern).length > 0 && (
          <PickField
            label="Size"
            value={garment.sizeId ?? ''}
            options={sizesInOrder(pattern).map(([id, { label }]) => ({ id, name: label }))}
            empty={size && !size.chosen ? `as worked out: ${size.label}` : 'as worked out'}
            fault={fault('sizeId')}
            onChange={(id) => set('Size', { sizeId: id || null })}
          />
        )}
        {likes.length > 0 && (
          <PickField
            label="A garment that fits"
            value={garment.likeId ?? ''}
            options={likes}
            empty="none to compare"
            fault={fault('likeId')}
            onChange={(id) => set('Garment that fits', { likeId: id || null })}
          />
        )}
      </div>
      {drawn.length > 0 && (
        <div>
          <Button
            size="small"
            onClick={() =>
              set(
                'Pattern cut as it is',
                Object.fromEntries(
                  drawn.map(({ zone, extension }) => [`fit.${zone}`, { school: 'set', extension }]),
                ),
              )
            }
          >
            Cut my pattern as it is
          </Button>
          <span className="soft small">
            {' '}
            Every zone takes the girth the pattern has; nothing is changed on it.
          </span>
        </div>
      )}
      {pattern && Object.keys(allowances).length > 0 && (
        <div>
          <Button size="small" onClick={() => set('The pattern’s allowances', allowances)}>
            Take the pattern’s allowances: {said}
          </Button>
        </div>
      )}
      {size && pattern ? (
        <>
          <p className="soft">
            Size {size.label}: <PhraseText phrase={size.reason} />.
          </p>
          <SizeTable
            pattern={pattern}
            cut={size.cut}
            targets={size.zones.map((zone) => ({
              measure: zone.measure,
              finishedMm: valueOf(numbers, zone.finished),
              targetMm: valueOf(numbers, zone.target),
            }))}
          />
          <ul style={{ margin: 0, paddingLeft: 20 }}>
            {size.zones.map((zone) => (
              <li key={zone.zone}>
                <PhraseText phrase={zone.advice} />.
              </li>
            ))}
            {size.adjustments.map((adjustment) => (
              <li key={adjustment.id}>
                <PhraseText phrase={adjustment.sentence} />
              </li>
            ))}
          </ul>
        </>
      ) : (
        <p className="soft">
          {pattern
            ? 'This pattern has no size table that reaches these zones yet: open it and enter one.'
            : 'With a pattern’s size table this says which size to cut, where to grade, and how much at each seam edge.'}
        </p>
      )}
    </section>
  );
}
