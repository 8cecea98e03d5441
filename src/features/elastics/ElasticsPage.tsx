'use client';
import Button from '@mui/material/Button';
import Link from 'next/link';
import { readElastic } from '@/core/edges/elastics/elasticReading';
import { formatQuantity } from '@/core/explain/display';
import { createLedger } from '@/core/explain/ledger';
import { newElastic } from '@/core/facts/elastic';
import { newFinding } from '@/core/facts/finding';
import type { StoredRecord } from '@/core/facts/records';
import { formatLength } from '@/core/units/formatLength';
import { NewRecordForm } from '@/features/records/NewRecordForm';
import table from '@/ui/table.module.css';
import { useUnit } from '@/ui/unit';
import { rollText, sizeText, stockText } from './findingWords';

interface Props {
  readonly elastics: readonly StoredRecord<'elastic'>[];
  readonly findings: readonly StoredRecord<'finding'>[];
  readonly shortCount: number;
}

/** The drawer: elastics with what their tests say, and everything small. */
export function ElasticsPage({ elastics, findings, shortCount }: Props) {
  const { unit } = useUnit();
  return (
    <div style={{ display: 'grid', gap: 18 }}>
      <h1>Elastics &amp; findings</h1>
      <div style={{ display: 'flex', gap: 12, alignItems: 'center', flexWrap: 'wrap' }}>
        <Button component={Link} href="/elastics/shopping" variant="outlined">
          Shopping list
        </Button>
        <span className="soft">
          {shortCount === 0
            ? 'Nothing is short for what is planned.'
            : `${shortCount} ${shortCount === 1 ? 'thing is' : 'things are'} short or not chosen for what is planned.`}
        </span>
      </div>
      <h2>Elastics</h2>
      <NewRecordForm
        kind="elastic"
        label="An elastic’s name"
        help="What you call it in the drawer."
        button="Add an elastic"
        path="/elastics"
        factsOf={(name) => newElastic(name)}
      />
      {elastics.length === 0 ? (
        <p className="soft">
          No elastic yet. Add one by name; a ruler tells what it can do, a sewn sample what it grows.
        </p>
      ) : (
        <div className={table.scroll}>
          <table className={table.table}>
            <thead>
              <tr>
                <th>Elastic</th>
                <th className={table.num}>width</th>
                <th className={table.num}>stretches</th>
                <th className={table.num}>comes back</th>
                <th className={table.num}>grows, sewn</th>
                <th>good for</th>
                <th className={table.num}>on hand</th>
              </tr>
            </thead>
            <tbody>
              {elastics.map(({ id, facts }) => {
                const { reading, assumed, growth } = readElastic(createLedger(), 'elastic', facts);
                const share = (value: number | undefined) =>
                  value === undefined ? '' : formatQuantity(value, 'share', unit);
                return (
                  <tr key={id}>
                    <td>
                      <Link href={`/elastics/${id}`} style={{ color: 'var(--ink)' }}>
                        {facts.name}
                      </Link>
                      <p className="soft small">
                        {[
                          facts.kind,
                          facts.latex === 'yes' && 'latex',
                          facts.cuttable && 'may be cut narrower',
                        ]
                          .filter(Boolean)
                          .join(', ')}
                      </p>
                    </td>
                    <td className={table.num}>{formatLength(facts.widthMm, unit)}</td>
                    <td className={table.num}>
                      {assumed ? <Link href={`/elastics/${id}`}>Test it</Link> : share(reading.stretch.value)}
                    </td>
                    <td className={table.num}>{share(reading.recovery?.value)}</td>
                    <td className={table.num}>{share(growth?.value)}</td>
                    <td>
                      {[facts.swim === 'yes' && 'swimwear', facts.skin === 'soft' && 'next to the skin']
                        .filter(Boolean)
                        .join(', ')}
                    </td>
                    <td className={table.num}>
                      {facts.onHandMm === undefined ? '' : rollText(facts.onHandMm, unit)}
                    </td>
                  </tr>
                );
              })}
            </tbody>
          </table>
        </div>
      )}
      <h2>Findings</h2>
      <NewRecordForm
        kind="finding"
        label="A finding’s name"
        help="Rings, sliders, hooks, cups, tape, thread, needles."
        button="Add a finding"
        path="/elastics/findings"
        factsOf={(name) => newFinding(name)}
      />
      {findings.length > 0 && (
        <div className={table.scroll}>
          <table className={table.table}>
            <thead>
              <tr>
                <th>Finding</th>
                <th>kind</th>
                <th className={table.num}>size</th>
                <th className={table.num}>on hand</th>
              </tr>
            </thead>
            <tbody>
              {findings.map(({ id, facts }) => (
                <tr key={id}>
                  <td>
                    <Link href={`/elastics/findings/${id}`} style={{ color: 'var(--ink)' }}>
                      {facts.name}
                    </Link>
                    {facts.nickel === 'yes' && <p className="soft small">nickel in it</p>}
                  </td>
                  <td>{facts.kind}</td>
                  <td className={table.num}>{sizeText(facts, unit)}</td>
                  <td className={table.num}>{stockText(facts, unit)}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      )}
    </div>
  );
}
