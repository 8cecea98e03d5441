'use client';
import { useMemo } from 'react';
import { drawGarment } from '@/core/garments/drawings/drawGarment';
import { drawnBody } from '@/core/garments/drawings/drawnBody';
import type { GarmentDrawing } from '@/core/garments/drawings/garmentDrawing';
import { useGarment } from './useGarment';

/** The open garment drawn in proportion to its wearer. */
export function useGarmentDrawing(): GarmentDrawing {
  const { garment, facts } = useGarment();
  const { wearer, ownKind } = facts;
  return useMemo(
    () => drawGarment(garment.kind, drawnBody(wearer), { own: ownKind, style: garment.style }),
    [garment.kind, garment.style, ownKind, wearer],
  );
}
