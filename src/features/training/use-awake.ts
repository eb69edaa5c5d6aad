import { useEffect } from 'react';

/** Keeps the screen awake while the page is open and visible; does nothing if the browser cannot. */
export function useAwake(): void {
  useEffect(() => {
    let lock: WakeLockSentinel | null = null;
    let gone = false;
    const hold = async () => {
      if (gone || document.visibilityState !== 'visible') return;
      lock = await (navigator.wakeLock?.request('screen').catch(() => null) ?? null);
      if (gone) void lock?.release();
    };
    // A page that was hidden has lost it.
    document.addEventListener('visibilitychange', hold);
    void hold();
    return () => {
      gone = true;
      document.removeEventListener('visibilitychange', hold);
      void lock?.release();
    };
  }, []);
}
