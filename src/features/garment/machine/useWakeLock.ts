'use client';
import { useEffect, useState } from 'react';

/** Keeps the screen awake where the browser allows it; says so, or says that it does not. */
export function useWakeLock(): string {
  const [state, setState] = useState<'asking' | 'awake' | 'refused' | 'none'>('asking');
  useEffect(() => {
    let lock: WakeLockSentinel | undefined;
    let gone = false;
    const ask = async () => {
      if (!('wakeLock' in navigator)) return setState('none');
      try {
        lock = await navigator.wakeLock.request('screen');
        if (gone) await lock.release();
        else setState('awake');
      } catch {
        if (!gone) setState('refused');
      }
    };
    const again = () => {
      if (document.visibilityState === 'visible') void ask();
    };
    void ask();
    document.addEventListener('visibilitychange', again);
    return () => {
      gone = true;
      document.removeEventListener('visibilitychange', again);
      void lock?.release().catch(() => undefined);
    };
  }, []);
  return {
    asking: '',
    awake: 'The screen stays awake. Next: space, Enter, Page Down or →. Back: ← or Page Up.',
    refused: 'This browser lets the screen go dark: touch it now and then. Next: space or →. Back: ←.',
    none: 'This browser cannot keep the screen awake: set its sleep time longer. Next: space or →. Back: ←.',
  }[state];
}
