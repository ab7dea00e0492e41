import type { FireAct, OilReading } from '@ember-fold/core';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { api, problemOf, type Stove, type StoredAct, type StoredReading } from '../app/api';
import { store } from '../app/store';
import { onAnswer, send, useOutgoing } from '../app/outbox';
import { serverAnswered } from '../app/useOnline';

/** The stove as this page knows it. */
export interface LiveStove {
  readonly stove: Stove;
  /** Acknowledged acts, then those on their way. */
  readonly acts: readonly FireAct[];
  readonly readings: readonly OilReading[];
  /** Acts not yet acknowledged; kept in this browser until they are. */
  readonly waiting: number;
  readonly ended: boolean;
  /** The page's clock: stove s at a wall moment. */
  readonly clock: { readonly nowS: number; readonly atMs: number };
}

interface Known {
  readonly stove: Stove;
  readonly acts: readonly StoredAct[];
  readonly readings: readonly StoredReading[];
  readonly ended: boolean;
  readonly clock: LiveStove['clock'];
}

const RETRY_MS = 1200;

function known(stove: Stove): Known {
  const { acts, readings, nowS, endedAt } = stove;
  return { stove, acts, readings, ended: endedAt !== null, clock: { nowS, atMs: performance.now() } };
}

/**
 * Follows one stove: everything recorded so far, then the stream from there. When the server
 * goes away the page keeps what it has, asks again, and catches up; acts made meanwhile wait
 * in the browser and go over in their order.
 */
export function useStove(batchId: string): {
  readonly live: LiveStove | null;
  readonly problem: { readonly code: string; readonly message: string } | null;
  readonly act: (act: FireAct) => void;
  readonly refusal: string | null;
  readonly open: (stove: Stove) => void;
} {
  const [state, setState] = useState<Known | null>(null);
  const [problem, setProblem] = useState<{ code: string; message: string } | null>(null);
  const lane = `fire:${batchId}`;
  const outgoing = useOutgoing();
  const outbox = useMemo(
    () => outgoing.filter((item) => item.lane === lane).map((item) => item.body as FireAct),
    [outgoing, lane],
  );
  const [refusal, setRefusal] = useState<string | null>(null);
  const marks = useRef({ act: 0, reading: 0 });
  const seen = state !== null;
  const ended = state?.ended ?? false;

  const open = useCallback((stove: Stove) => {
    marks.current = {
      act: stove.acts[stove.acts.length - 1]?.seq ?? 0,
      reading: stove.readings[stove.readings.length - 1]?.seq ?? 0,
    };
    setState(known(stove));
    setProblem(null);
  }, []);

  // First everything recorded so far; asked again until the server answers.
  useEffect(() => {
    if (seen) return;
    let gone = false;
    let timer: ReturnType<typeof setTimeout> | undefined;
    const load = async () => {
      const result = await store.dispatch(
        api.endpoints.stove.initiate(batchId, { forceRefetch: true, subscribe: false }),
      );
      if (gone) return;
      if (result.data) return open(result.data);
      const told = problemOf(result.error);
      setProblem(told);
      if (told.code === 'AWAY' || told.code === 'NO_DATABASE') timer = setTimeout(() => void load(), RETRY_MS);
    };
    void load();
    return () => {
      gone = true;
      clearTimeout(timer);
    };
  }, [batchId, seen, open]);

  // Then what happens. A closed stream is opened again from the marks already held.
  useEffect(() => {
    if (!seen || ended) return;
    let source: EventSource | null = null;
    let timer: ReturnType<typeof setTimeout> | undefined;
    const connect = () => {
      const { act, reading } = marks.current;
      source = new EventSource(`/api/batches/${batchId}/stove/stream?act=${act}&reading=${reading}`);
      source.onopen = () => serverAnswered(true);
      source.onerror = () => {
        serverAnswered(false);
        source?.close();
        timer = setTimeout(connect, RETRY_MS);
      };
      source.addEventListener('act', (event) => {
        const stored = JSON.parse(event.data as string) as StoredAct;
        if (stored.seq <= marks.current.act) return;
        marks.current.act = stored.seq;
        setState((now) => now && { ...now, acts: withAct(now.acts, stored) });
      });
      source.addEventListener('readings', (event) => {
        const { readings, nowS } = JSON.parse(event.data as string) as { readings: StoredReading[]; nowS: number };
        const fresh = readings.filter((reading) => reading.seq > marks.current.reading);
        marks.current.reading = fresh[fresh.length - 1]?.seq ?? marks.current.reading;
        const clock = { nowS, atMs: performance.now() };
        setState((now) => now && { ...now, clock, readings: [...now.readings, ...fresh] });
      });
      source.addEventListener('end', () => {
        source?.close();
        setState((now) => now && { ...now, ended: true });
      });
    };
    connect();
    // Back from sleep or from behind another window: a stream that looks alive may be dead.
    const onSeen = () => {
      if (document.visibilityState !== 'visible') return;
      clearTimeout(timer);
      source?.close();
      connect();
    };
    document.addEventListener('visibilitychange', onSeen);
    return () => {
      document.removeEventListener('visibilitychange', onSeen);
      clearTimeout(timer);
      source?.close();
    };
  }, [batchId, seen, ended]);

  // Acts go over one by one, in their order, until each is acknowledged; kept in the browser meanwhile.
  useEffect(
    () =>
      onAnswer(lane, (_item, answer) => {
        if ('refusal' in answer) return setRefusal(answer.refusal);
        setRefusal(null);
        const stored = answer.data as StoredAct;
        setState((now) => now && { ...now, acts: withAct(now.acts, stored) });
      }),
    [lane],
  );
  const act = useCallback(
    (next: FireAct) =>
      void send({ id: next.id, lane, method: 'POST', path: `/batches/${batchId}/stove/acts`, body: next }),
    [lane, batchId],
  );
  const stored = state?.acts;
  // The same list for as long as nothing was done: what is computed from it is kept too.
  const acts = useMemo(() => {
    const known = (stored ?? []).map((one) => one.act);
    const acknowledged = new Set(known.map((one) => one.id));
    return [...known, ...outbox.filter((one) => !acknowledged.has(one.id))];
  }, [stored, outbox]);
  const live = state && {
    stove: state.stove,
    acts,
    readings: state.readings,
    waiting: outbox.length,
    ended: state.ended,
    clock: state.clock,
  };
  return { live, problem, act, refusal, open };
}

/** Adds an acknowledged act in its place; the stream may have brought it already. */
function withAct(acts: readonly StoredAct[], stored: StoredAct): readonly StoredAct[] {
  if (acts.some((known) => known.seq === stored.seq)) return acts;
  return [...acts, stored].sort((a, b) => a.seq - b.seq);
}
