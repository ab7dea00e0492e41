// The planning thread: one batch at a time, in the order they are asked for.
import { CoreError, fryJobOf } from '@ember-fold/core';
import { parentPort } from 'node:worker_threads';
import type { PlanAnswer, PlanAsk } from './services/planThread.js';

parentPort?.on('message', ({ ask, id, draft, kitchen }: PlanAsk) => {
  let answer: PlanAnswer;
  try {
    answer = { ask, job: fryJobOf(id, draft, kitchen) };
  } catch (cause) {
    // Anything else is a fault of ours: it ends the thread, and those that wait are told.
    if (!(cause instanceof CoreError)) throw cause;
    answer = { ask, problem: { code: cause.code, path: cause.path, message: cause.message } };
  }
  parentPort?.postMessage(answer);
});
