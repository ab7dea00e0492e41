import { type StoveKnown, stoveNow, type StoveNow, type StoveSession } from '@ember-fold/core/stove';
import { useEffect, useMemo, useRef, useState } from 'react';
import { oilApi } from '../data/api/oilApi';
import { STOVE_ROOM } from '#text/stove/stovePhrases';
import { stoveOnce } from '../workers/planClient';
import { stoveSecond } from './stoveSecond';
import { useEarly } from './useEarly';
import { useFit } from './useFit';
import { usePredictions } from './usePredictions';
import type { LiveStove } from './useLiveStove';

const TICK_MS = 250;

/** What the page shows of one pot, and what it was lit with. */
export interface StoveFigures extends StoveNow {
  /** Every tray that is fried, in the order of the pot. */
  readonly trays: StoveSession['trays'];
}

/** The plan the stove was lit with, computed once. */
function useSession(live: LiveStove): { readonly session: StoveSession | null; readonly failed: string | null } {
  const [planned, setPlanned] = useState<{ trays: StoveSession['trays'] | null; failed: string | null }>({
    trays: null,
    failed: null,
  });
  const { draft, kitchen, speed, probe, trial } = live.stove;
  useEffect(() => {
    let gone = false;
    stoveOnce(draft, kitchen).then(
      (trays) => !gone && setPlanned({ trays, failed: trays ? null : STOVE_ROOM.noPieceToFry }),
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

const NO_QUEUE: StoveKnown['queue'] = [];

/**
 * What a pot shows at a second, from its plan, its acts and its readings; what they mean is decided in core.
 * @param learns whether the stove is learnt meanwhile
 */
export function useStoveFiguresAt(
  live: LiveStove,
  session: StoveSession | null,
  nowS: number,
  queue: StoveKnown['queue'] = NO_QUEUE,
  learns = true,
): StoveFigures | null {
  const fit = useFit(live, learns ? session : null);
  const { predictions, cores } = usePredictions(live, session, fit);
  const early = useEarly(live, session, fit);
  const known = useMemo<StoveKnown>(
    () => ({ predictions, cores, fit, queue, early }),
    [predictions, cores, fit, queue, early],
  );
  const { acts, readings } = live;
  return useMemo(
    () => session && { ...stoveNow(session, acts, readings, known, nowS), trays: session.trays },
    [session, acts, readings, known, nowS],
  );
}

/**
 * Subscribes to clock, acts, readings, predictions and the supper's queue of a stove that burns.
 * `null` until the plan is computed.
 * @param learns whether the stove is learnt meanwhile
 */
export function useStoveFigures(
  live: LiveStove,
  learns = true,
): { readonly figures: StoveFigures | null; readonly failed: string | null } {
  const nowS = useStoveSecond(live);
  const { session, failed } = useSession(live);
  const order = oilApi.useSupperOrderQuery(live.stove.batchId, { refetchOnMountOrArgChange: true });
  return { figures: useStoveFiguresAt(live, session, nowS, order.data?.after, learns), failed };
}
