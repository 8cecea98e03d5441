'use client';
import Button from '@mui/material/Button';
import { formatQuantity } from '@/core/explain/display';
import { kindIds } from '@/core/facts/kindIds';
import type { Wearer } from '@/core/facts/wearer';
import { catalogue } from '@/core/garments/catalogue';
import { useRecords } from '@/features/records/RecordsProvider';
import { useUnit } from '@/ui/unit';

/** How close this person likes things: kept from Fit, used for their next garment of the kind. */
export function Usuals({ id, wearer }: { id: string; wearer: Wearer }) {
  const records = useRecords();
  const { unit } = useUnit();
  const entries = Object.entries(wearer.usual ?? {});
  const lengths = Object.entries(wearer.usualLengths ?? {});
  if (entries.length + lengths.length === 0) return null;
  return (
    <section>
      <h2>{wearer.name}’s usual</h2>
      <ul style={{ listStyle: 'none', padding: 0, margin: '8px 0 0' }}>
        {entries.map(([key, usual]) => {
          const kind = kindNamed(usual.kind);
          const zone = kind.zones.find((one) => one.id === usual.zone)?.label ?? usual.zone;
          return (
            <li key={key}>
              {kind.label}, {zone.toLowerCase()}: {formatQuantity(usual.share, 'share', unit)} of the stretch{' '}
              <Button
                size="small"
                onClick={() => records.set('wearer', id, 'Forget a usual', { [`usual.${key}`]: null })}
              >
                Forget it
              </Button>
            </li>
          );
        })}
        {lengths.map(([key, usual]) => {
          const kind = kindNamed(usual.kind);
          const edge = kind.edges.find((one) => one.id === usual.edge)?.label ?? usual.edge;
          return (
            <li key={key}>
              {kind.label}, {edge.toLowerCase()}: {formatQuantity(usual.shorter, 'share', unit)} under the{' '}
              {usual.of}{' '}
              <Button
                size="small"
                onClick={() => records.set('wearer', id, 'Forget a usual', { [`usualLengths.${key}`]: null })}
              >
                Forget it
              </Button>
            </li>
          );
        })}
      </ul>
    </section>
  );
}

const kindNamed = (id: string) => catalogue[kindIds.find((one) => one === id) ?? 'tee'];
