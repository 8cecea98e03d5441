'use client';
import { useEffect, useState } from 'react';
import type { GarmentFacts } from '@/core/facts/garmentFacts';
import { factsOf, type GarmentFile } from '@/core/formats/garmentFile';
import { request } from '@/features/records/api';

interface Other {
  readonly id: string;
  readonly facts?: GarmentFacts;
  readonly trouble?: string;
}

/** Another garment of the household with all that it names, once it is here; nothing where none is named. */
export function useOtherGarment(id: string | undefined): Omit<Other, 'id'> {
  const [found, setFound] = useState<Other | undefined>(undefined);
  useEffect(() => {
    if (id === undefined) return;
    let live = true;
    request<GarmentFile>('GET', `/api/garment-files/${id}?measurements=yes`).then(
      (file) => live && setFound({ id, facts: factsOf(file) }),
      (error: unknown) =>
        live && setFound({ id, trouble: error instanceof Error ? error.message : String(error) }),
    );
    return () => {
      live = false;
    };
  }, [id]);
  return found && found.id === id ? found : {};
}
