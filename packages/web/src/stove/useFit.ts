import { friedPieces, pieceHeatCurve } from '@ember-fold/core/plan';
import { type StoveSession, type StoveFit, thinForFit } from '@ember-fold/core/stove';
import { useEffect, useRef, useState } from 'react';
import { fitLatest } from '../workers/planClient';
import type { LiveStove } from './useLiveStove';

const FIT_EACH_MS = 15_000;
/** Where a plan has no moment to take it out, a piece is taken to draw heat for so long, s. */
const USUAL_TAKE_OUT_S = 600;

/** What this stove is like, found anew now and then from what was recorded of it. */
export function useFit(live: LiveStove, session: StoveSession | null): StoveFit | null {
  const [fit, setFit] = useState<StoveFit | null>(null);
  const latest = useRef({ live, session });
  useEffect(() => {
    latest.current = { live, session };
  });
  const learns = session !== null && session.hasProbe;
  // A quick pace tells more in a minute.
  const eachMs = FIT_EACH_MS / Math.min(5, live.stove.speed);
  useEffect(() => {
    if (!learns) return;
    const timer = setInterval(() => {
      const { live: now, session: plan } = latest.current;
      if (!plan) return;
      const { kitchen, trays } = plan;
      const draws = trays.map(({ first, fry: { bulk, solution, takeOutS } }) => ({
        first,
        pieceW: pieceHeatCurve(bulk, solution.samples, takeOutS ?? USUAL_TAKE_OUT_S, 1),
      }));
      // Thinned here: a long session would take milliseconds to cross to the worker.
      const readings = thinForFit(now.readings);
      const ask = { pot: kitchen.pot, roomC: kitchen.roomC, readings, acts: now.acts };
      void fitLatest({ ...ask, pieces: friedPieces(trays), draws }).then(
        (found) => found && setFit(found),
        () => undefined,
      );
    }, eachMs);
    return () => clearInterval(timer);
  }, [learns, eachMs]);
  return fit;
}
