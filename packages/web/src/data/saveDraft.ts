import type { BatchDraft } from '@ember-fold/core';
import { api, problemOf } from './api';
import { dropMirror, keepMirror } from './draftMirror';
import { type DraftState, saveDone, saveFailed, saveStarted } from './draftSlice';
import { store } from './store';

const SETTLE_MS = 400;
const RETRY_MS = 3000;
const AWAY = ['AWAY', 'NO_DATABASE', 'INTERNAL'];
const wait = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));
const stateNow = (): DraftState => store.getState().draft;

let running = false;
/** The save that is on its way: two at once would make each other stale. */
let flight: { readonly batchId: string; readonly change: number; readonly version: Promise<number | null> } | null =
  null;

async function send(batchId: string, version: number, draft: BatchDraft) {
  return await store.dispatch(api.endpoints.saveBatch.initiate({ id: batchId, version, draft }, { track: false }));
}

/** Saves when typing has paused, one save at a time, and keeps trying while the server is away. */
export async function saveUntilDone(): Promise<void> {
  if (running) return;
  running = true;
  try {
    for (;;) {
      for (let seen = -1; seen !== stateNow().change;) {
        seen = stateNow().change;
        await wait(SETTLE_MS);
      }
      const { batchId, draft, version, change, save } = stateNow();
      if (!batchId || !draft || save === 'saved' || save === 'conflict' || save === 'refused') return;
      store.dispatch(saveStarted());
      const asked = send(batchId, version, draft);
      flight = { batchId, change, version: asked.then((result) => result.data?.version ?? null) };
      const result = await asked;
      flight = null;
      // Another batch is open by now: this one was handed over.
      if (stateNow().batchId !== batchId) continue;
      if (result.data) {
        store.dispatch(saveDone({ batchId, version: result.data.version, change }));
        if (stateNow().change === change) dropMirror(batchId);
        else keepMirror(batchId, stateNow().draft!, result.data.version);
        continue;
      }
      const { code, message } = problemOf(result.error);
      const away = AWAY.includes(code);
      store.dispatch(
        saveFailed({ save: away ? 'waiting' : code === 'STALE_VERSION' ? 'conflict' : 'refused', message }),
      );
      if (!away) return;
      await wait(RETRY_MS);
    }
  } finally {
    running = false;
  }
}

/** Another batch was opened before the last one was saved: it goes over at once; the mirror stays until it has. */
export async function handOver(left: DraftState, nextId: string): Promise<void> {
  const { batchId, draft, change, save } = left;
  if (!batchId || !draft || batchId === nextId || save === 'saved' || save === 'conflict') return;
  const ahead = flight?.batchId === batchId ? flight : null;
  const version = (ahead && (await ahead.version)) ?? left.version;
  const sent = ahead !== null && ahead.change === change && version !== left.version;
  const result = sent ? null : await send(batchId, version, draft);
  if (sent || result?.data) dropMirror(batchId);
}
