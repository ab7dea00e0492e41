// The planning thread: one wish at a time, in the order they are asked for.
import { CoreError, eveningPart, observationsOf, planTrays, supperEvening } from '@ember-fold/core';
import { parentPort } from 'node:worker_threads';
import type { PlanAnswer, PlanAsk, PlanWish } from './services/planThread.js';

function found(wish: PlanWish) {
  switch (wish.kind) {
    case 'part':
      return eveningPart(wish.id, wish.draft, planTrays(wish.draft, wish.kitchen, null), wish.kitchen);
    case 'observe':
      return observationsOf(wish.happened);
    case 'evening': {
      const untilMs = Date.now() + wish.mostMs;
      return supperEvening(wish.evening, { isOver: () => Date.now() > untilMs });
    }
    default: {
      const never: never = wish;
      return never;
    }
  }
}

parentPort?.on('message', ({ ask, wish }: PlanAsk) => {
  let answer: PlanAnswer;
  try {
    answer = { ask, found: found(wish) };
  } catch (cause) {
    // Anything else is a fault of ours: it ends the thread, and those that wait are told.
    if (!(cause instanceof CoreError)) throw cause;
    answer = { ask, problem: { code: cause.code, path: cause.path, message: cause.message } };
  }
  parentPort?.postMessage(answer);
});
