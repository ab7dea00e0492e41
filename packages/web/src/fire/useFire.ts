import { type FireKnown, fireNow, type FireNow, type FireSession } from '@ember-fold/core';
import { useEffect, useMemo, useRef, useState } from 'react';
import { oilApi } from '../data/oilApi';
import { FIRE } from '../text/firePhrases';
import { fireOnce } from '../workers/planClient';
import { stoveSecond } from './stoveSecond';
import { useFit } from './useFit';
import { usePredictions } from './usePredictions';
import type { LiveStove } from './useStove';

const TICK_MS = 250;

/** What the page shows of one pot, and what it was lit with. */
export interface Fire extends FireNow {
  /** Every tray that is fried, in the order of the pot. */
  readonly trays: FireSession['trays'];
}

/** The plan the stove was lit with, computed once. */
function useSession(live: LiveStove): { readonly session: FireSession | null; readonly failed: string | null } {
  const [planned, setPlanned] = useState<{ trays: FireSession['trays'] | null; failed: string | null }>({
    trays: null,
    failed: null,
  });
  const { draft, kitchen, speed, probe, trial } = live.stove;
  useEffect(() => {
    let gone = false;
    fireOnce(draft, kitchen).then(
      (trays) => !gone && setPlanned({ trays, failed: trays ? null : FIRE.noPieceToFry }),
      (cause: unknown) => !gone && setPlanned({ trays: null, failed: String(cause) }),
    );
    return () => {
      gone = true;
    };
  }, [draft, kitchen]);
  const session = useMemo(
    () => planned.trays && { trays: planned.trays, kitchen, speed, hasProbe: probe !== null, trial },
    [planned.trays, kitchen, speed, probe, trial],
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

const NO_QUEUE: FireKnown['queue'] = [];

/**
 * What a pot shows at a second, from its plan, its acts and its readings; what they mean is decided in core.
 * @param learns whether the stove is learnt meanwhile
 */
export function useFireAt(
  live: LiveStove,
  session: FireSession | null,
  nowS: number,
  queue: FireKnown['queue'] = NO_QUEUE,
  learns = true,
): Fire | null {
  const fit = useFit(live, learns ? session : null);
  const { predictions, cores } = usePredictions(live, session, fit);
  const known = useMemo<FireKnown>(() => ({ predictions, cores, fit, queue }), [predictions, cores, fit, queue]);
  const { acts, readings } = live;
  return useMemo(
    () => session && { ...fireNow(session, acts, readings, known, nowS), trays: session.trays },
    [session, acts, readings, known, nowS],
  );
}

/**
 * Subscribes to clock, acts, readings, predictions and the supper's queue of a stove that burns.
 * `null` until the plan is computed.
 * @param learns whether the stove is learnt meanwhile
 */
export function useFire(
  live: LiveStove,
  learns = true,
): { readonly fire: Fire | null; readonly failed: string | null } {
  const nowS = useStoveSecond(live);
  const { session, failed } = useSession(live);
  const order = oilApi.useSupperOrderQuery(live.stove.batchId, { refetchOnMountOrArgChange: true });
  return { fire: useFireAt(live, session, nowS, order.data?.after, learns), failed };
}
