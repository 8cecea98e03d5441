'use client';
import Button from '@mui/material/Button';
import { formatQuantity } from '@/core/explain/display';
import { kindIds } from '@/core/facts/kindIds';
import type { Usual, UsualLength, Wearer } from '@/core/facts/wearer';
import { catalogue } from '@/core/garments/catalogue';
import { styleOf } from '@/core/fit/garmentKind';
import { useRecords } from '@/features/records/RecordsProvider';
import { useUnit } from '@/ui/unit';

/** How close this person likes things: kept from Fit, used for their next garment of the kind. */
export function Usuals({ id, wearer }: { id: string; wearer: Wearer }) {
  const records = useRecords();
  const { unit } = useUnit();
  const entries = Object.entries(wearer.usual ?? {});
  const lengths = Object.entries(wearer.usualLengths ?? {});
  if (entries.length + lengths.length === 0) return null;
  const percent = (value: number) => formatQuantity(value, 'share', unit);
  const closeness = ({ share, looser }: Usual) =>
    share !== undefined
      ? `${percent(share)} of the stretch`
      : `larger than the body by ${percent(looser ?? 0)} of it`;
  const shorter = ({ of, shorter: by }: UsualLength) =>
    of === 'curve' ? `takes off ${percent(by)} of its curve` : `${percent(by)} under the ${of}`;
  return (
    <section>
      <h2>{wearer.name}’s usual</h2>
      <ul style={{ listStyle: 'none', padding: 0, margin: '8px 0 0' }}>
        {entries.map(([key, usual]) => {
          const kind = kindNamed(usual.kind);
          const zone = kind.zones.find((one) => one.id === usual.zone)?.label ?? usual.zone;
          return (
            <li key={key}>
              {kind.label}
              {usual.style === undefined ? '' : `, ${styleOf(kind, usual.style).label.toLowerCase()}`},{' '}
              {zone.toLowerCase()}: {closeness(usual)}{' '}
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
              {kind.label}, {edge.toLowerCase()}: {shorter(usual)}{' '}
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
