'use client';
import { lengthMm } from '@/core/facts/spec';
import { refashionSpec } from '@/core/facts/refashion';
import { kindOf } from '@/core/garments/kindOf';
import type { ChangedEdge } from '@/core/plan/refashion';
import { LengthField } from '@/ui/LengthField';
import { PhraseText } from '@/ui/PhraseText';
import { Tick } from '@/ui/Tick';
import styles from '../page/GarmentPage.module.css';
import { useGarment } from '../page/useGarment';

const SHORTER = refashionSpec.fields.edges.of.fields.shorterMm;
const GIRTH = lengthMm('As it is, all round', 20, 2500, [150, 1600]);

/** A garment that is made already: which of its edges change, by how much, and how large it is now. */
export function MadeAlready() {
  const { garment, facts, plan, kind, set, fault } = useGarment();
  const { kind: id, style, refashion } = garment;
  // Of the whole kind: the garment's own has only the edges that change.
  const edges = kindOf({ kind: id, style }, facts.ownKind).edges.filter(({ finish }) => finish !== 'stay');
  const around = kind.zones.filter(({ axis }) => axis === 'around');
  return (
    <section className={styles.stack} aria-label="What changes">
      <h2>What changes</h2>
      <p className="soft">
        It is made already. Tick the edges that change; how each is finished is chosen at Bands, from all that
        there is. Nothing else is cut or sewn.
      </p>
      {edges.map((edge) => {
        const changed = refashion?.edges[edge.id];
        const path = `refashion.edges.${edge.id}`;
        return (
          <div key={edge.id} className={styles.stack}>
            <Tick
              checked={changed !== undefined}
              onChange={(on) => set(`Change ${edge.label.toLowerCase()}`, { [path]: on ? {} : null })}
            >
              {edge.label}
            </Tick>
            {changed && (
              <>
                {!edge.adds && (
                  <LengthField
                    spec={SHORTER}
                    label={`${edge.label}: shorter by`}
                    help="From its finished edge to where the new one is to end. Empty where it keeps its place."
                    valueMm={changed.shorterMm}
                    onChange={(mm) => set(`${edge.label}, shorter`, { [`${path}.shorterMm`]: mm })}
                    fault={fault(`${path}.shorterMm`)}
                  />
                )}
                <Says changed={plan.changed?.find((one) => one.edge === edge.id)} />
              </>
            )}
          </div>
        );
      })}
      <h2>As it is now</h2>
      <p className="soft">
        Laid flat and doubled, nothing pulled. To take the sides in, put it on and pinch: Wear works out the
        rest. Pull a swatch of its cloth on its own hem.
      </p>
      <div className={styles.fields}>
        {around.map((zone) => (
          <LengthField
            key={zone.id}
            spec={GIRTH}
            label={`${zone.label}, all round`}
            valueMm={garment.pattern.finished[zone.id]}
            onChange={(mm) => set(`${zone.label}, as it is`, { [`pattern.finished.${zone.id}`]: mm })}
            fault={fault(`pattern.finished.${zone.id}`)}
          />
        ))}
      </div>
    </section>
  );
}

function Says({ changed }: { changed: ChangedEdge | undefined }) {
  if (!changed) return null;
  return (
    <div role={changed.cannot ? 'alert' : 'note'}>
      {changed.says.map((phrase, nth) => (
        <p key={nth} style={changed.cannot ? { color: 'var(--demand)', fontWeight: 650 } : undefined}>
          <PhraseText phrase={phrase} />
        </p>
      ))}
    </div>
  );
}
