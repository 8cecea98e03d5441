'use client';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import type { Beside } from '@/core/onCloth/together';
import type { GarmentOnCloth } from '@/core/views/pageViews';
import { RequestRefused, request } from '@/features/records/api';
import { useOpenRecord } from '@/features/records/RecordsProvider';

export type Others = ReturnType<typeof useOthers>;

/** Other garments of which pieces lie on the same cloth, once somebody asks for them or some are chosen; and the pieces of those. */
export function useOthers(clothId: string | undefined, ownId: string, chosen: readonly string[]) {
  const [known, setKnown] = useState<readonly GarmentOnCloth[] | undefined>(undefined);
  const [trouble, setTrouble] = useState<string | undefined>(undefined);
  const [asked, setAsked] = useState(false);
  const open = useOpenRecord();
  // It is another one after every change of a record; nothing is looked up again for that.
  const opener = useRef(open);
  useEffect(() => {
    opener.current = open;
  });
  const wanted = clothId !== undefined && (asked || chosen.length > 0);
  useEffect(() => {
    if (!wanted) return;
    let left = false;
    const look = async () => {
      try {
        const query = new URLSearchParams({ cloth: clothId, except: ownId });
        const found = await request<readonly GarmentOnCloth[]>(
          'GET',
          `/api/cloth-pieces?${query.toString()}`,
        );
        if (left) return;
        for (const { record } of found) opener.current(record);
        setKnown(found);
      } catch (error) {
        if (!(error instanceof RequestRefused)) throw error;
        if (!left) setTrouble(error.message);
      }
    };
    void look();
    return () => {
      left = true;
    };
  }, [wanted, clothId, ownId]);
  const beside = useMemo(
    () =>
      chosen.flatMap((id): readonly Beside[] => {
        const one = known?.find(({ record }) => record.id === id);
        const role = one?.cloths[0]?.role;
        if (!one || !role) return [];
        const pieces = one.cloths.flatMap((cloth) => cloth.pieces);
        const copies = one.cloths.flatMap((cloth) => cloth.copies);
        return [{ garmentId: id, name: one.record.facts.name, role, basis: one.basis, pieces, copies }];
      }),
    [chosen, known],
  );
  const ask = useCallback(() => setAsked(true), []);
  return { known, trouble, asked, ask, beside };
}
