// The planning thread: one wish at a time, in the order they are asked for.
import { observationsOf } from '@ember-fold/core/ledger';
import { CoreError, planTrays } from '@ember-fold/core/plan';
import { dayPart, supperDay } from '@ember-fold/core/supper';
import { parentPort, workerData } from 'node:worker_threads';
import type { PlanAnswer, PlanAsk, PlanThreadData } from './planning/planThread.js';

const cancelled = new Int32Array((workerData as PlanThreadData).cancelled);

function found({ ask, wish }: PlanAsk) {
  switch (wish.kind) {
    case 'part':
      return dayPart(wish.id, wish.draft, planTrays(wish.draft, wish.kitchen, null), wish.kitchen);
    case 'trays':
      return planTrays(wish.draft, wish.kitchen, null);
    case 'observe':
      return observationsOf(wish.happened);
    case 'day': {
      const untilMs = Date.now() + wish.mostMs;
      const isOver = () => Date.now() > untilMs || Atomics.load(cancelled, 0) === ask;
      return supperDay(wish.dayPlan, { isOver });
    }
    default: {
      const never: never = wish;
      return never;
    }
  }
}

function answered(asked: PlanAsk): PlanAnswer {
  const { ask } = asked;
  try {
    return { ask, found: found(asked) };
  } catch (cause) {
    if (cause instanceof CoreError)
      return { ask, problem: { code: cause.code, path: cause.path, message: cause.message } };
    // A fault of ours is told to whoever asked; the next wish is not its concern.
    const { message, stack } = cause as Error;
    return { ask, fault: { message, stack } };
  }
}

parentPort?.on('message', (asked: PlanAsk) => parentPort?.postMessage(answered(asked)));
