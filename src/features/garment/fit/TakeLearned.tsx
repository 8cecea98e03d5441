'use client';
import Button from '@mui/material/Button';
import type { ZonePlan } from '@/core/fit/types';
import { useNumbers, valueOf } from '@/ui/numbers';
import { useGarment } from '../page/useGarment';
import { closenessAt } from './closeness';

/** As far apart as a tape tells, mm: nearer, a zone already is as was learned. */
const APART_MM = 2;

/** Takes what was learned at every zone at once, where more than one is otherwise than that. */
export function TakeLearned({ zones }: { zones: readonly ZonePlan[] }) {
  const { facts, set } = useGarment();
  const numbers = useNumbers();
  const get = (id: string) => valueOf(numbers, id);
  const apart = zones.flatMap((zone) => {
    const learned = zone.schools.find(({ school }) => school === 'learned');
    return learned && Math.abs(get(learned.rest) - get(zone.rest)) >= APART_MM ? [{ zone, learned }] : [];
  });
  if (apart.length < 2) return null;
  const take = () =>
    set(
      'What was learned, everywhere',
      Object.fromEntries(
        apart.map(({ zone, learned }) => [
          `fit.${zone.zone}`,
          closenessAt(get(learned.extension), { bodyMm: get(zone.body), stretch: get(zone.stretch) }),
        ]),
      ),
    );
  return (
    <Button size="small" variant="outlined" onClick={take}>
      Take what {facts.wearer?.name ?? 'the wearer'} likes, at {apart.length} places
    </Button>
  );
}
