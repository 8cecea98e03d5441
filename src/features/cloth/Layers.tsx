'use client';
import type { ClothPlan } from '@/core/cloth/types';
import { ExplainedNumber } from '@/ui/ExplainedNumber';
import table from '@/ui/table.module.css';

/** What each layer of a stack contributes, and the stack's stretch by both schools. */
export function Layers({ cloth }: { cloth: ClothPlan }) {
  if (!cloth.layers) return null;
  return (
    <section>
      <h2>Layers together: {cloth.name}</h2>
      <div className={table.scroll}>
        <table className={table.table}>
          <thead>
            <tr>
              <th>Layer</th>
              <th className={table.num}>stretch alone, around</th>
              <th className={table.num}>its part of the pull</th>
            </tr>
          </thead>
          <tbody>
            {cloth.layers.map((layer, at) => (
              <tr key={at}>
                <td>{layer.name}</td>
                <td className={table.num}>
                  <ExplainedNumber id={layer.stretch} />
                </td>
                <td className={table.num}>
                  <ExplainedNumber id={layer.share} />
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <p style={{ marginTop: 8 }}>
        Together around: {cloth.across && <ExplainedNumber id={cloth.across.stretch} />}
        {cloth.along && (
          <>
            , lengthwise <ExplainedNumber id={cloth.along.stretch} />
          </>
        )}
        .{' '}
        {cloth.least && (
          <span className="soft">
            The crude rule says <ExplainedNumber id={cloth.least} />, as the least stretchy layer: never less
            than layers really give, because their pulls add.
          </span>
        )}
      </p>
    </section>
  );
}
