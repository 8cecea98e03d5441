'use client';
import { useEffect, useMemo, useState } from 'react';
import { keepOnDevice, readOnDevice } from '@/ui/onDevice';

const SECOND_MS = 1000;
const MINUTE_MS = 60_000;
/** A pause this long is no sewing: the lid was closed. */
const MAX_TICK_MS = 90_000;

interface Kept {
  readonly step: string;
  readonly spentMs: number;
}

const keyOf = (garmentId: string) => `clock-${garmentId}`;

function read(garmentId: string): Kept | undefined {
  const kept = readOnDevice(keyOf(garmentId));
  return kept && typeof kept === 'object' && 'step' in kept && 'spentMs' in kept ? (kept as Kept) : undefined;
}

/** Where a browser keeps nothing the clock simply starts anew. */
const write = (garmentId: string, kept: Kept | undefined): void => keepOnDevice(keyOf(garmentId), kept);

/** The clock of the step on the screen. It runs while the page is seen, and outlives a crash. */
export function useStepClock(garmentId: string, step: string | undefined) {
  const [spent, setSpent] = useState<Kept | undefined>(undefined);
  useEffect(() => {
    if (step === undefined) return;
    const kept = read(garmentId);
    let spentMs = kept?.step === step ? kept.spentMs : 0;
    let last = Date.now();
    const tick = () => {
      const now = Date.now();
      if (!document.hidden && now - last < MAX_TICK_MS) spentMs += now - last;
      last = now;
      write(garmentId, { step, spentMs });
      setSpent({ step, spentMs });
    };
    const timer = setInterval(tick, SECOND_MS);
    return () => clearInterval(timer);
  }, [garmentId, step]);
  const spentMs = spent && spent.step === step ? spent.spentMs : 0;
  return useMemo(
    () => ({
      text: `${Math.floor(spentMs / MINUTE_MS)}:${String(Math.floor((spentMs % MINUTE_MS) / SECOND_MS)).padStart(2, '0')}`,
      /** Whole minutes, or `undefined` where the clock hardly ran: a step ticked off at once tells nothing. */
      minutes: (): number | undefined => {
        const minutes = Math.round(spentMs / MINUTE_MS);
        return minutes >= 1 ? minutes : undefined;
      },
      clear: () => write(garmentId, undefined),
    }),
    [garmentId, spentMs],
  );
}
