import type { ClothReading, DirectionReading } from './reading';
import type { ClothPlan, DirectionPlan } from './types';

/** A cloth's readings by id, for a plan or a cloth's own page. */
export function clothPlan(reading: ClothReading): ClothPlan {
  const { across, along, layers, least, ...rest } = reading;
  return {
    ...rest,
    ...(across ? { across: directionPlan(across) } : {}),
    ...(along ? { along: directionPlan(along) } : {}),
    ...(layers
      ? { layers: layers.map(({ name, stretch, share }) => ({ name, stretch: stretch.id, share: share.id })) }
      : {}),
    ...(least ? { least: least.id } : {}),
  };
}

function directionPlan(reading: DirectionReading): DirectionPlan {
  const { stretch, repeats, growth, recovery, neckIn, inWear, source, counts, parts, curveFault } = reading;
  const curve = parts.length === 1 ? parts[0]?.curve : undefined;
  return {
    stretch: stretch.id,
    repeats: repeats.map(({ id }) => id),
    ...(growth ? { growth: growth.id } : {}),
    ...(recovery ? { recovery: recovery.id } : {}),
    ...(neckIn ? { neckIn: neckIn.id } : {}),
    ...(inWear ? { inWear: inWear.id } : {}),
    source,
    counts,
    ...(curve ? { tension: curve.tS.id, k: curve.k.id } : {}),
    ...(curveFault === undefined ? {} : { curveFault }),
  };
}
