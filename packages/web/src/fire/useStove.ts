import type { FireAct, OilReading } from '@ember-fold/core';
import { useCallback, useEffect, useMemo, useState } from 'react';
import type { ApiProblem, Stove, StoredAct } from '../data/api';
import { onAnswer, send, useOutgoing } from '../data/outbox';
import { type KnownStove, takeAct, useStoveFeed } from '../data/stoveFeed';

/** The stove as this page knows it. */
export interface LiveStove {
  readonly stove: Stove;
  /** Acknowledged acts, then those on their way. */
  readonly acts: readonly FireAct[];
  readonly readings: readonly OilReading[];
  /** Acts not yet acknowledged; kept in this browser until they are. */
  readonly waiting: number;
  readonly ended: boolean;
  readonly clock: KnownStove['clock'];
}

/**
 * Follows one stove and acts on it. When the server goes away the page keeps what it has and
 * catches up; acts made meanwhile wait in the browser and go over in their order.
 */
export function useStove(batchId: string): {
  readonly live: LiveStove | null;
  readonly problem: ApiProblem | null;
  readonly act: (act: FireAct) => void;
  readonly refusal: string | null;
} {
  const { known, problem } = useStoveFeed(batchId);
  const lane = `fire:${batchId}`;
  const outgoing = useOutgoing();
  const outbox = useMemo(
    () => outgoing.filter((item) => item.lane === lane).map((item) => item.body as FireAct),
    [outgoing, lane],
  );
  const [refusal, setRefusal] = useState<string | null>(null);
  // Acts go over one by one, in their order, until each is acknowledged; kept in the browser meanwhile.
  useEffect(
    () =>
      onAnswer(lane, (_item, answer) => {
        if ('refusal' in answer) return setRefusal(answer.refusal);
        setRefusal(null);
        takeAct(batchId, answer.data as StoredAct);
      }),
    [lane, batchId],
  );
  const act = useCallback(
    (next: FireAct) =>
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
  const live = known && {
    ...{ stove: known.stove, acts, readings: known.readings, waiting: outbox.length },
    ...{ ended: known.ended, clock: known.clock },
  };
  return { live, problem, act, refusal };
}
