'use client';
import Button from '@mui/material/Button';
import { edgePlace } from '@/core/facts/fitting';
import { closenessKey, usualKey } from '@/core/facts/wearer';
import { evidenceAt } from '@/core/learn/evidence';
import { useRecords } from '@/features/records/RecordsProvider';
import { useGarment } from '../page/useGarment';

/** Takes what was learned of one place back: the try-ons stay, nothing is learned from them any more, nor is it usual. */
export function Forget({ place }: { place: string }) {
  const { facts, garment, kind } = useGarment();
  const records = useRecords();
  const { wearerId } = garment;
  const evidence = evidenceAt(facts, place);
  if (wearerId === undefined || evidence.length === 0) return null;
  const edge = kind.edges.find(({ id }) => edgePlace(id) === place);
  const zone = kind.zones.some(({ id }) => id === place);
  const usual =
    zone || !edge
      ? `usual.${closenessKey(garment, place)}`
      : `usualLengths.${usualKey(garment.kind, edge.id)}`;
  const forget = () =>
    records.set('wearer', wearerId, 'Forget what was learned here', {
      ...Object.fromEntries(evidence.map(({ fittingId }) => [`forgotten.${fittingId}.${place}`, true])),
      [usual]: null,
    });
  return (
    <Button size="small" onClick={forget}>
      Forget what was learned
    </Button>
  );
}
