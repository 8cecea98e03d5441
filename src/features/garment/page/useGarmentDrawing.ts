'use client';
import { useMemo } from 'react';
import { bodyMeasures } from '@/core/facts/wearer';
import { drawGarment } from '@/core/garments/drawings/drawGarment';
import type { DrawnBody } from '@/core/garments/drawings/figure';
import type { GarmentDrawing } from '@/core/garments/drawings/garmentDrawing';
import { latestMeasures } from '@/core/fit/latestMeasures';
import { useGarment } from './useGarment';

/** The open garment drawn in proportion to its wearer. */
export function useGarmentDrawing(): GarmentDrawing {
  const { garment, facts } = useGarment();
  const { wearer, ownKind } = facts;
  return useMemo(() => {
    const latest = wearer ? latestMeasures(wearer) : {};
    const body: DrawnBody = Object.fromEntries(
      bodyMeasures.flatMap((measure) => {
        const mm = latest[measure]?.mm;
        return mm === undefined ? [] : [[measure, mm]];
      }),
    );
    return drawGarment(garment.kind, body, { own: ownKind, style: garment.style });
  }, [garment.kind, garment.style, ownKind, wearer]);
}
