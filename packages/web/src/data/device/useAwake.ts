import { useEffect } from 'react';

/** Keeps the screen on for as long as this is shown; a browser that cannot does all else as before. */
export function useAwake(): void {
  useEffect(() => {
    if (!('wakeLock' in navigator)) return;
    let held: WakeLockSentinel | null = null;
    let isOver = false;
    const hold = async () => {
      if (document.visibilityState !== 'visible' || isOver) return;
      held = await navigator.wakeLock.request('screen').catch(() => null);
      if (isOver) await held?.release();
    };
    void hold();
    // The browser lets go of it each time the page is hidden.
    document.addEventListener('visibilitychange', hold);
    return () => {
      isOver = true;
      document.removeEventListener('visibilitychange', hold);
      void held?.release();
    };
  }, []);
}
