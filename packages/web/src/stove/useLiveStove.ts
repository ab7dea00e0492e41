import type { ApiProblem } from '@ember-fold/core/plan';
import type { StoveAct, OilReading, StoredAct } from '@ember-fold/core/stove';
import { useCallback, useEffect, useMemo, useState } from 'react';
import { problemOf } from '../data/api/api';
import { onAnswer, send, useOutgoing } from '../data/offline/outbox';
import { store } from '../data/draft/store';
import { actTaken, type KnownStove, stoveApi } from '../data/api/stoveApi';

/** The stove as this page knows it. */
export interface LiveStove {
  readonly stove: KnownStove;
  /** Acknowledged acts, then those on their way. */
  readonly acts: readonly StoveAct[];
  readonly readings: readonly OilReading[];
  /** Acts not yet acknowledged; kept in this browser until they are. */
  readonly waiting: number;
  readonly ended: boolean;
  readonly clock: KnownStove['clock'];
}

const RETRY_MS = 1200;
/** Asked again until the server, or its database, answers. */
const AWAY = new Set(['AWAY', 'NO_DATABASE']);

/**
 * Follows one stove and acts on it. When the server goes away the page keeps what it has and
 * catches up; acts made meanwhile wait in the browser and go over in their order.
 */
export function useLiveStove(batchId: string): {
  readonly live: LiveStove | null;
  readonly problem: ApiProblem | null;
  readonly act: (act: StoveAct) => void;
  readonly refusal: string | null;
} {
  const [isAway, setAway] = useState(false);
  const asked = stoveApi.useStoveQuery(batchId, { pollingInterval: isAway ? RETRY_MS : 0 });
  const known = asked.data;
  const problem = !known && asked.error ? problemOf(asked.error) : null;
  const awayNow = problem !== null && AWAY.has(problem.code);
  if (awayNow !== isAway) setAway(awayNow);
  const lane = `stove:${batchId}`;
  const outgoing = useOutgoing();
  const outbox = useMemo(
    () => outgoing.filter((item) => item.lane === lane).map((item) => item.body as StoveAct),
    [outgoing, lane],
  );
  const [refusal, setRefusal] = useState<string | null>(null);
  // Acts go over one by one, in their order, until each is acknowledged; kept in the browser meanwhile.
  useEffect(
    () =>
      onAnswer(lane, (_item, answer) => {
        if ('refusal' in answer) return setRefusal(answer.refusal);
        setRefusal(null);
        store.dispatch(actTaken(batchId, answer.data as StoredAct));
      }),
    [lane, batchId],
  );
  const act = useCallback(
    (next: StoveAct) =>
      void send({ id: next.id, lane, method: 'POST', path: `/batches/${batchId}/stove/acts`, body: next }),
    [lane, batchId],
  );
  const stored = known?.acts;
  // The same list for as long as nothing was done: what is computed from it is kept too.
  const acts = useMemo(() => {
    const told = (stored ?? []).map((one) => one.act);
    const acknowledged = new Set(told.map((one) => one.id));
    return [...told, ...outbox.filter((one) => !acknowledged.has(one.id))];
  }, [stored, outbox]);
  const live = known
    ? {
        stove: known,
        acts,
        readings: known.readings,
        waiting: outbox.length,
        ended: known.endedAt !== null,
        clock: known.clock,
      }
    : null;
  return { live, problem, act, refusal };
}
