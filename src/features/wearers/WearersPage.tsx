'use client';
import Link from 'next/link';
import { useState } from 'react';
import { bodyFields, bodyMeasures, newWearer, type Wearer } from '@/core/facts/wearer';
import type { StoredRecord } from '@/core/facts/records';
import { latestMeasures } from '@/core/fit/latestMeasures';
import { formatLength } from '@/core/units/formatLength';
import { NewRecordForm } from '@/features/records/NewRecordForm';
import { ChoiceRow } from '@/ui/ChoiceRow';
import table from '@/ui/table.module.css';
import { useUnit } from '@/ui/unit';
import { grownOptions } from './grownOptions';

/** Everybody garments are made for, with their newest measurements. */
export function WearersPage({ wearers }: { wearers: readonly StoredRecord<'wearer'>[] }) {
  const { unit } = useUnit();
  const [grown, setGrown] = useState<Wearer['grown']>('adult');
  return (
    <div style={{ display: 'grid', gap: 18 }}>
      <h1>Wearers</h1>
      <NewRecordForm
        kind="wearer"
        label="A wearer’s name"
        help="Somebody you sew for."
        button="Add a wearer"
        path="/wearers"
        factsOf={(name) => newWearer(name, grown)}
      >
        <ChoiceRow legend="Grown" value={grown} options={grownOptions} onChange={setGrown} />
      </NewRecordForm>
      {wearers.length === 0 ? (
        <p className="soft">Nobody yet. Add a wearer by name; then measure with a tape, snug and level.</p>
      ) : (
        <div className={table.scroll}>
          <table className={table.table}>
            <thead>
              <tr>
                <th>Wearer</th>
                {bodyMeasures.map((measure) => (
                  <th key={measure} className={table.num}>
                    {bodyFields[measure].label}
                  </th>
                ))}
                <th>measured</th>
              </tr>
            </thead>
            <tbody>
              {wearers.map(({ id, facts }) => {
                const latest = latestMeasures(facts);
                const newest = Object.values(latest)
                  .map((one) => one.measuredOn)
                  .sort()
                  .at(-1);
                return (
                  <tr key={id}>
                    <td>
                      <Link href={`/wearers/${id}`} style={{ color: 'var(--ink)' }}>
                        {facts.name}
                      </Link>
                      <p className="soft small">{facts.grown}</p>
                    </td>
                    {bodyMeasures.map((measure) => (
                      <td key={measure} className={table.num}>
                        {latest[measure] ? (
                          formatLength(latest[measure].mm, unit)
                        ) : (
                          <span className="soft">—</span>
                        )}
                      </td>
                    ))}
                    <td>{newest ?? <Link href={`/wearers/${id}`}>Measure</Link>}</td>
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
