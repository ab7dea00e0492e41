import type { CookAct, StoredCookAct } from '@ember-fold/core/stove';
import { useEffect, useMemo, useState } from 'react';
import { cookApi } from '../api/cookApi';
import { type NewCookAct, takeCookAct } from './live';
import { onAnswer, send, useOutgoing } from '../offline/outbox';
import { serverNowMs } from './serverClock';

/** Acts of one run-sheet: acknowledged ones, then those on their way. */
export function useCookActs(batchId: string) {
  const query = cookApi.useCookQuery(batchId);
  const outgoing = useOutgoing();
  const lane = `cook:${batchId}`;
  const [refusal, setRefusal] = useState<string | null>(null);
  useEffect(
    () =>
      onAnswer(lane, (_item, answer) => {
        if ('refusal' in answer) return setRefusal(answer.refusal);
        setRefusal(null);
        takeCookAct(batchId, answer.data as StoredCookAct);
      }),
    [lane, batchId],
  );
  const waiting = useMemo(() => outgoing.filter((item) => item.lane === lane), [outgoing, lane]);
  const acts = useMemo(() => {
    if (!query.data) return undefined;
    // The stream may tell an act before its own answer does: it is there once.
    const known = new Set(query.data.map((one) => one.act.id));
    const ours = waiting.map((item) => item.body as CookAct).filter((one) => !known.has(one.id));
    return [...query.data.map((one) => one.act), ...ours];
  }, [query.data, waiting]);
  const tell = (act: NewCookAct) => {
    const whole = { ...act, id: crypto.randomUUID(), atMs: Math.round(serverNowMs()) } as CookAct;
    void send({ id: whole.id, lane, method: 'POST', path: `/batches/${batchId}/cook/acts`, body: whole });
  };
  return { query, acts, tell, waiting: waiting.length, refusal };
}
