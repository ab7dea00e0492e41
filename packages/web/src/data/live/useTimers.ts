import type { StepKey, Timer } from '@ember-fold/core/stove';
import { useMemo } from 'react';
import { cookApi } from '../api/cookApi';
import { takeTimer, withTimer } from './live';
import { onAnswer, send, useOutgoing } from '../offline/outbox';
import { serverNowMs } from './serverClock';

const LANE = 'timers';
/** Each timer for itself: one that is refused must not hold up the others. */
const laneOf = (id: string) => `${LANE} ${id}`;
const PATH = '/timers/';

/** Sets, moves or stops a timer: here at once, on the server as soon as it answers. */
function put(timer: Timer): void {
  const { id, ...body } = timer;
  // Each change is an item of its own: the last one counts.
  const lane = laneOf(id);
  // What the server kept counts at once, also before the stream brings it.
  const stop = onAnswer(lane, (_item, answer) => {
    stop();
    if (!('data' in answer)) return;
    takeTimer(answer.data as Timer);
  });
  void send({ id: crypto.randomUUID(), lane, method: 'PUT', path: `${PATH}${id}`, body });
}

interface NewTimer {
  readonly name: string;
  readonly seconds: number;
  readonly batchId?: string;
  readonly step?: StepKey;
  readonly startedMs?: number;
}

export function startTimer({ name, seconds, batchId, step, startedMs = serverNowMs() }: NewTimer): void {
  const from = Math.round(startedMs);
  put({
    id: crypto.randomUUID(),
    batchId: batchId ?? null,
    step: step ?? null,
    name: name.slice(0, 120),
    startedMs: from,
    endsMs: from + Math.max(1, Math.round(seconds)) * 1000,
    stoppedMs: null,
  });
}

export function moveTimer(timer: Timer, seconds: number): void {
  const nowMs = Math.round(serverNowMs());
  // A minute more for one that rings is a minute from now.
  put({ ...timer, endsMs: Math.max(timer.endsMs, nowMs) + seconds * 1000 });
}

export function stopTimer(timer: Timer): void {
  put({ ...timer, stoppedMs: Math.max(Math.round(serverNowMs()), timer.startedMs) });
}

/** All timers that run or sound, with what this page has sent and the server has not yet acknowledged. */
export function useTimers(): readonly Timer[] {
  const { data } = cookApi.useTimersQuery();
  const outgoing = useOutgoing();
  return useMemo(
    () =>
      outgoing
        .filter((item) => item.lane.startsWith(LANE))
        .reduce<readonly Timer[]>(
          (now, item) => withTimer(now, { ...(item.body as Omit<Timer, 'id'>), id: item.path.slice(PATH.length) }),
          data ?? [],
        ),
    [data, outgoing],
  );
}
