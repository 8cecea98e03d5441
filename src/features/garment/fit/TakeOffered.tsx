'use client';
import Button from '@mui/material/Button';
import type { Offered } from '@/core/fit/schools';
import type { ZonePlan } from '@/core/fit/types';
import { useNumbers, valueOf } from '@/ui/numbers';
import { useGarment } from '../page/useGarment';
import { closenessAt } from './closeness';

/** As far apart as a tape tells, mm: nearer, a zone already is as is offered. */
const APART_MM = 2;

/** Takes what was learned, or what wear does to the cloth, at every zone at once where more than one is otherwise than that. */
export function TakeOffered({ zones }: { zones: readonly ZonePlan[] }) {
  const { facts } = useGarment();
  return (
    <>
      <Take
        zones={zones}
        from="learned"
        label="What was learned, everywhere"
        text={`Take what ${facts.wearer?.name ?? 'the wearer'} likes`}
      />
      <Take
        zones={zones}
        from="grown"
        label="For what wear does, everywhere"
        text={`Make it for what wear does to ${facts.outer?.name ?? 'its cloth'}`}
      />
    </>
  );
}

interface TakeProps {
  readonly zones: readonly ZonePlan[];
  readonly from: Offered;
  readonly label: string;
  readonly text: string;
}

function Take({ zones, from, label, text }: TakeProps) {
  const { set } = useGarment();
  const numbers = useNumbers();
  const get = (id: string) => valueOf(numbers, id);
  const apart = zones.flatMap((zone) => {
    const offered = zone.schools.find(({ school }) => school === from);
    return offered && Math.abs(get(offered.rest) - get(zone.rest)) >= APART_MM ? [{ zone, offered }] : [];
  });
  if (apart.length < 2) return null;
  const take = () =>
    set(
      label,
      Object.fromEntries(
        apart.map(({ zone, offered }) => [
          `fit.${zone.zone}`,
          closenessAt(get(offered.extension), { bodyMm: get(zone.body), stretch: get(zone.stretch) }),
        ]),
      ),
    );
  return (
    <Button size="small" variant="outlined" onClick={take}>
      {text}, at {apart.length} places
    </Button>
  );
}
