'use client';
import { createContext, useCallback, useContext, useMemo, useState, type ReactNode } from 'react';
import type { UnitSystem } from '@/core/units/constants';

const UnitContext = createContext<{ unit: UnitSystem; setUnit: (unit: UnitSystem) => void } | undefined>(
  undefined,
);

/** The name of the cookie that keeps the reader's unit on this device. */
const UNIT_COOKIE = 'unit';
const YEAR_SECONDS = 31_536_000;

/** The unit this device reads in; kept in a cookie so that the server's first page has it too. */
export function UnitProvider({ initial, children }: { initial: UnitSystem; children: ReactNode }) {
  const [unit, setState] = useState(initial);
  const setUnit = useCallback((next: UnitSystem) => {
    setState(next);
    document.cookie = `${UNIT_COOKIE}=${next}; path=/; max-age=${YEAR_SECONDS}; samesite=lax`;
  }, []);
  const value = useMemo(() => ({ unit, setUnit }), [unit, setUnit]);
  return <UnitContext value={value}>{children}</UnitContext>;
}

export function useUnit(): { unit: UnitSystem; setUnit: (unit: UnitSystem) => void } {
  const value = useContext(UnitContext);
  if (!value) throw new Error('expected a UnitProvider above, got none; wrap the page in the shell');
  return value;
}
