'use client';
import Link from 'next/link';
import type { ShoppingList } from '@/core/ticket/rolls';
import { ExplainedNumber } from '@/ui/ExplainedNumber';
import { NumbersProvider } from '@/ui/numbers';
import table from '@/ui/table.module.css';

/** What is short across every garment, and what has not been chosen yet. */
export function ShoppingPage({ list }: { list: ShoppingList }) {
  return (
    <NumbersProvider numbers={list.numbers}>
      <div style={{ display: 'grid', gap: 18 }}>
        <h1>Shopping list</h1>
        {list.lines.length === 0 ? (
          <p className="soft">
            Nothing is short for what is planned. Choose elastics at a garment’s Bands, and what the drawer
            lacks stands here.
          </p>
        ) : (
          <div className={table.scroll}>
            <table className={table.table}>
              <thead>
                <tr>
                  <th>What</th>
                  <th className={table.num}>to buy</th>
                  <th className={table.num}>wanted</th>
                  <th className={table.num}>on hand</th>
                  <th>for</th>
                </tr>
              </thead>
              <tbody>
                {list.lines.map((line) => (
                  <tr key={line.id}>
                    <td>
                      {line.href ? <Link href={line.href}>{line.name}</Link> : line.name}
                      <p className="soft small">{line.what}</p>
                    </td>
                    <td className={table.num}>
                      <strong>
                        <ExplainedNumber id={line.short} />
                      </strong>
                    </td>
                    <td className={table.num}>
                      <ExplainedNumber id={line.wants} />
                    </td>
                    <td className={table.num}>{line.has && <ExplainedNumber id={line.has} />}</td>
                    <td>
                      {line.garments.map(({ id, name }) => (
                        <div key={id}>
                          <Link href={`/garments/${id}?stage=bands`}>{name}</Link>
                        </div>
                      ))}
                      {line.more > 0 && <p className="soft small">and {line.more} more</p>}
                    </td>
                  </tr>
                ))}
              </tbody>
            </table>
          </div>
        )}
        <p className="soft small">Lengths as planned, without anything to spare: round up to what is sold.</p>
      </div>
    </NumbersProvider>
  );
}
