import { type FryPlan, pieceHeatCurve, type StoveFit } from '@ember-fold/core';
import { useEffect, useRef, useState } from 'react';
import { fitLatest } from '../workers/planClient';
import type { LiveStove } from './useStove';

const FIT_EACH_MS = 15_000;

/** What this stove is like, found anew now and then from what was recorded of it. */
export function useFit(live: LiveStove, fry: FryPlan | null): StoveFit | null {
  const [fit, setFit] = useState<StoveFit | null>(null);
  const latest = useRef({ live, fry });
  useEffect(() => {
    latest.current = { live, fry };
  });
  const known = fry !== null && live.stove.probe !== null;
  // A quick pace tells more in a minute.
  const eachMs = FIT_EACH_MS / Math.min(5, live.stove.speed);
  useEffect(() => {
    if (!known) return;
    const timer = setInterval(() => {
      const { live: now, fry: plan } = latest.current;
      if (!plan) return;
      const { kitchen, draft } = now.stove;
      const pieceW = pieceHeatCurve(plan.bulk, plan.solution.samples, plan.liftS ?? 600, 1);
      const ask = { pot: kitchen.pot, roomC: kitchen.roomC, readings: now.readings, acts: now.acts };
      void fitLatest({ ...ask, pieces: draft.pieces, pieceW }).then(
        (found) => found && setFit(found),
        () => undefined,
      );
    }, eachMs);
    return () => clearInterval(timer);
  }, [known, eachMs]);
  return fit;
}
