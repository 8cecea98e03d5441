'use client';
import Button from '@mui/material/Button';
import Link from 'next/link';
import { useState } from 'react';
import { kindIds, type KindId } from '@/core/facts/kindIds';
import { newPattern } from '@/core/facts/pattern';
import type { StoredRecord } from '@/core/facts/records';
import { sizesInOrder } from '@/core/fit/patternSize';
import { catalogue } from '@/core/garments/catalogue';
import { drawGarment } from '@/core/garments/drawings/drawGarment';
import { NewRecordForm } from '@/features/records/NewRecordForm';
import { FrontDrawing } from '@/ui/GarmentDrawing';
import { PickField } from '@/ui/PickField';
import table from '@/ui/table.module.css';

/** Every pattern kept, with its sizes and what was learned of it. */
export function PatternsPage({ patterns }: { patterns: readonly StoredRecord<'pattern'>[] }) {
  const [kind, setKind] = useState<KindId>('tee');
  return (
    <div style={{ display: 'grid', gap: 18 }}>
      <div style={{ display: 'flex', justifyContent: 'space-between', gap: 12, flexWrap: 'wrap' }}>
        <h1>Patterns</h1>
        <Button component={Link} href="/patterns/adapt" variant="outlined">
          Adapt a pattern
        </Button>
      </div>
      <NewRecordForm
        kind="pattern"
        label="A pattern’s name"
        help="What you call it."
        button="Add a pattern"
        path="/patterns"
        factsOf={(name) => newPattern(name, kind)}
      >
        <div style={{ width: 260 }}>
          <PickField
            label="For"
            value={kind}
            options={kindIds.map((id) => ({ id, name: catalogue[id].label }))}
            empty="choose a garment"
            onChange={(id) => setKind(kindIds.find((one) => one === id) ?? kind)}
          />
        </div>
      </NewRecordForm>
      {patterns.length === 0 ? (
        <p className="soft">
          No pattern yet. Add one by name; with its size table a garment can say which size to cut.
        </p>
      ) : (
        <div className={table.scroll}>
          <table className={table.table}>
            <thead>
              <tr>
                <th style={{ width: 76 }}>
                  <span className="visuallyHidden">Drawing</span>
                </th>
                <th>Pattern</th>
                <th>sizes</th>
                <th>drafted for</th>
                <th>to remember</th>
              </tr>
            </thead>
            <tbody>
              {patterns.map(({ id, facts }) => {
                const sizes = sizesInOrder(facts).map(([, { label }]) => label);
                return (
                  <tr key={id}>
                    <td>
                      <FrontDrawing drawing={drawGarment(facts.kind, {})} heightPx={44} />
                    </td>
                    <td>
                      <Link href={`/patterns/${id}`} style={{ color: 'var(--ink)' }}>
                        {facts.name}
                      </Link>
                      <p className="soft small">
                        {catalogue[facts.kind].label}, {facts.source}
                      </p>
                    </td>
                    <td>
                      {sizes.length === 0 ? (
                        <Link href={`/patterns/${id}`}>Enter its table</Link>
                      ) : (
                        `${sizes[0]} to ${sizes.at(-1)}`
                      )}
                    </td>
                    <td>
                      {Object.values(facts.layers)
                        .map(({ label }) => label)
                        .join(', ') || <span className="soft">not said</span>}
                    </td>
                    <td className="soft">{facts.next ?? facts.sizing ?? ''}</td>
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
