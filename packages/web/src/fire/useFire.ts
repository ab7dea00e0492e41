import { type FireKnown, fireNow, type FireNow, type FireSession } from '@ember-fold/core';
import { useEffect, useMemo, useRef, useState } from 'react';
import { oilApi } from '../data/oilApi';
import { FIRE } from '../text/firePhrases';
import { planHotOnce } from '../workers/planClient';
import { stoveSecond } from './stoveSecond';
import { useFit } from './useFit';
import { usePredictions } from './usePredictions';
import type { LiveStove } from './useStove';

const TICK_MS = 250;

/** What the page shows of one pot, and what it was lit with. */
export interface Fire extends FireNow {
  readonly fry: FireSession['fry'];
}

/** The plan the stove was lit with, computed once. */
function useSession(live: LiveStove): { readonly session: FireSession | null; readonly failed: string | null } {
  const [planned, setPlanned] = useState<{ fry: FireSession['fry'] | null; failed: string | null }>({
    fry: null,
    failed: null,
  });
  const { draft, kitchen, speed, probe, trial } = live.stove;
  useEffect(() => {
    let gone = false;
    planHotOnce(draft, kitchen).then(
      ({ fry }) => {
        if (gone) return;
        if (fry?.lots) setPlanned({ fry: { ...fry, lots: fry.lots }, failed: null });
        else setPlanned({ fry: null, failed: FIRE.noPieceToFry });
      },
      (cause: unknown) => !gone && setPlanned({ fry: null, failed: String(cause) }),
    );
    return () => {
      gone = true;
    };
  }, [draft, kitchen]);
  const session = useMemo(
    () => planned.fry && { draft, kitchen, fry: planned.fry, speed, hasProbe: probe !== null, trial },
    [planned.fry, draft, kitchen, speed, probe, trial],
  );
  return { session, failed: planned.failed };
}

/** The stove's second, four times a second. */
function useStoveSecond(live: LiveStove): number {
  const [nowS, setNowS] = useState(() => stoveSecond(live));
  const latest = useRef(live);
  useEffect(() => {
    latest.current = live;
  });
  useEffect(() => {
    const timer = setInterval(() => setNowS(stoveSecond(latest.current)), TICK_MS);
    return () => clearInterval(timer);
  }, []);
  return nowS;
}

/**
 * Subscribes to clock, acts, readings, predictions and the supper's queue; what they mean is
 * decided in core. `null` until the plan is computed.
 * @param learns whether the stove is learnt meanwhile
 */
export function useFire(
  live: LiveStove,
  learns = true,
): { readonly fire: Fire | null; readonly failed: string | null } {
  const nowS = useStoveSecond(live);
  const { session, failed } = useSession(live);
  const fit = useFit(live, learns ? session : null);
  const { predictions, cores } = usePredictions(live, session, fit);
  const order = oilApi.useSupperOrderQuery(live.stove.batchId, { refetchOnMountOrArgChange: true });
  const queue = order.data?.after;
  const known = useMemo<FireKnown>(
    () => ({ predictions, cores, fit, queue: queue ?? [] }),
    [predictions, cores, fit, queue],
  );
  const { acts, readings } = live;
  const fire = useMemo(
    () => session && { ...fireNow(session, acts, readings, known, nowS), fry: session.fry },
    [session, acts, readings, known, nowS],
  );
  return { fire, failed };
}
