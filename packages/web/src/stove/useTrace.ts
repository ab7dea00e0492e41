import type { OilNow } from '@ember-fold/core/stove';
import { useEffect, useMemo, useRef, useState } from 'react';
import type { LiveStove } from './useLiveStove';

const DRAW_MS = 1000;
/** Stove s the trace looks back. */
const WINDOW_S = 1200;

type Points = readonly (readonly [number, number])[];

/** Readings for the chart, renewed once a second: drawing costs more than reading. */
export function useTrace(live: LiveStove): {
  readonly points: Points;
  readonly fromS: number;
  readonly forecast: (oil: OilNow) => Points;
} {
  const latest = useRef(live);
  useEffect(() => {
    latest.current = live;
  });
  const [drawn, setDrawn] = useState(() => live.readings);
  const [tick, setTick] = useState(0);
  useEffect(() => {
    const timer = setInterval(() => {
      setDrawn(latest.current.readings);
      setTick((now) => now + 1);
    }, DRAW_MS);
    return () => clearInterval(timer);
  }, []);
  const points = useMemo(() => drawn.map((r) => [r.atS, r.probeC] as const), [drawn]);
  const fromS = Math.max(0, (points[points.length - 1]?.[0] ?? 0) - WINDOW_S);
  const held = useRef<{ tick: number; points: Points }>({ tick: -1, points: [] });
  const forecast = (oil: OilNow): Points => {
    if (held.current.tick !== tick) {
      held.current = { tick, points: oil.forecast.map((r) => [r.atS, r.probeC] as const) };
    }
    return held.current.points;
  };
  return { points, fromS, forecast };
}
