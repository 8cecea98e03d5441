import type { ClothReading, DirectionReading } from '../cloth/readCloth';
import type { ClothPlan, DirectionPlan } from './types';

/** A cloth's readings by id, for a plan or a cloth's own page. */
export function clothPlan(reading: ClothReading): ClothPlan {
  const { across, along, ...rest } = reading;
  return {
    ...rest,
    ...(across ? { across: directionPlan(across) } : {}),
    ...(along ? { along: directionPlan(along) } : {}),
  };
}

function directionPlan(reading: DirectionReading): DirectionPlan {
  const { stretch, repeats, growth, recovery, neckIn, source, counts } = reading;
  return {
    stretch: stretch.id,
    repeats: repeats.map(({ id }) => id),
    ...(growth ? { growth: growth.id } : {}),
    ...(recovery ? { recovery: recovery.id } : {}),
    ...(neckIn ? { neckIn: neckIn.id } : {}),
    source,
    counts,
  };
}
