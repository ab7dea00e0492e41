import { useEffect, useState } from 'react';
import { serverNowMs } from './serverClock';

const TICK_MS = 20_000;

/** The server's time, ms, told anew often enough for a clock of minutes. */
export function useMinute(): number {
  const [nowMs, setNowMs] = useState(serverNowMs);
  useEffect(() => {
    const timer = setInterval(() => setNowMs(serverNowMs()), TICK_MS);
    return () => clearInterval(timer);
  }, []);
  return nowMs;
}
