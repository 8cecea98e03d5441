'use client';
import Link from 'next/link';
import { readCloth } from '@/core/cloth/readCloth';
import { classLabels } from '@/core/cloth/stretchClass';
import { formatQuantity } from '@/core/explain/display';
import { createLedger } from '@/core/explain/ledger';
import { newCloth } from '@/core/facts/cloth';
import type { StoredRecord } from '@/core/facts/records';
import { formatLength } from '@/core/units/formatLength';
import { NewRecordForm } from '@/features/records/NewRecordForm';
import { useUnit } from '@/ui/unit';
import table from '@/ui/table.module.css';

/** The shelf: every cloth with what its tests say. */
export function ClothsPage({ cloths }: { cloths: readonly StoredRecord<'cloth'>[] }) {
  const { unit } = useUnit();
  const share = (value: number | undefined) =>
    value === undefined ? '' : formatQuantity(value, 'share', unit);
  return (
    <div style={{ display: 'grid', gap: 18 }}>
      <h1>Cloth</h1>
      <NewRecordForm
        kind="cloth"
        label="A cloth’s name"
        help="What you call it on the shelf."
        button="Add a cloth"
        path="/cloth"
        factsOf={newCloth}
      />
      {cloths.length === 0 ? (
        <p className="soft">No cloth yet. Add one by name; then a swatch and a ruler tell what it can do.</p>
      ) : (
        <div className={table.scroll}>
          <table className={table.table}>
            <thead>
              <tr>
                <th>Cloth</th>
                <th className={table.num}>across</th>
                <th className={table.num}>along</th>
                <th className={table.num}>comes back</th>
                <th>class</th>
                <th className={table.num}>on hand</th>
              </tr>
            </thead>
            <tbody>
              {cloths.map(({ id, facts }) => {
                const reading = readCloth(createLedger(), 'cloth', facts);
                const around = reading.around && reading[reading.around];
                return (
                  <tr key={id}>
                    <td>
                      <Link href={`/cloth/${id}`} style={{ color: 'var(--ink)' }}>
                        {facts.name}
                      </Link>
                      <p className="soft small">
                        {[
                          facts.fibre,
                          facts.weightGsm && `${facts.weightGsm} g/m²`,
                          facts.washed === 'no' && 'not washed',
                        ]
                          .filter(Boolean)
                          .join(', ')}
                      </p>
                    </td>
                    <td className={table.num}>{share(reading.across?.stretch.value)}</td>
                    <td className={table.num}>{share(reading.along?.stretch.value)}</td>
                    <td className={table.num}>{share(around?.recovery?.value)}</td>
                    <td>
                      {reading.stretchClass ? (
                        classLabels[reading.stretchClass]
                      ) : (
                        <Link href={`/cloth/${id}`}>Test it</Link>
                      )}
                      {around?.source === 'stated' && <span className="soft small">, untested</span>}
                      {reading.verdict === 'no-negative-ease' && (
                        <p className="small" style={{ color: 'var(--demand)' }}>
                          poor recovery
                        </p>
                      )}
                    </td>
                    <td className={table.num}>
                      {facts.onHandMm === undefined ? '' : formatLength(facts.onHandMm, unit)}
                    </td>
                  </tr>
                );
              })}
            </tbody>
          </table>
        </div>
      )}
    </div>
  );
}
