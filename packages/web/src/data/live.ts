import type { CookAct, RecordKind, Timer } from '@ember-fold/core';
import { api } from './api';
import { cookApi, withCookAct } from './cookApi';
import { keepAnswer, takeGiven } from './keptAnswers';
import { saver } from './saves';
import { noteServerTime } from './serverClock';
import { store } from './store';
import { onLive, onOpen, startStream, type Told } from './stream';

/** One change of one timer, as the server keeps it. */
export function withTimer(timers: readonly Timer[], timer: Timer): Timer[] {
  const others = timers.filter((one) => one.id !== timer.id);
  return timer.stoppedMs === null ? [...others, timer].sort((a, b) => a.endsMs - b.endsMs) : others;
}

type Tag = Parameters<typeof api.util.invalidateTags>[0] extends readonly (infer T)[] ? T : never;

/** What is asked for again when a record was changed, wherever it was. */
const STALE: Record<RecordKind, readonly Tag[]> = {
  kitchen: ['Order', 'Shopping'],
  batches: ['Batches', 'Order', 'Shopping', 'Uses'],
  flours: ['Flours', 'Order'],
  ingredients: ['Ingredients', 'Flours', 'Oils', 'Shopping', 'Order'],
  formulas: ['Formulas', 'Formula', 'Ingredients', 'Shopping', 'Uses'],
  stock: ['Stock', 'Shopping'],
  oils: ['Oils', 'Order'],
  ledger: ['Ledger', 'Record'],
  devices: ['Devices'],
};

function changed(what: RecordKind, id: string | undefined): void {
  store.dispatch(api.util.invalidateTags([...STALE[what]]));
  // What is edited here is read again by the saver, and merged where something of ours is on its way.
  if (what === 'kitchen') {
    if (!saver.isDirty('kitchen')) store.dispatch(api.util.invalidateTags(['Kitchen']));
  } else if (what === 'batches' && id) {
    void saver.refresh(`draft ${id}`);
    store.dispatch(api.util.invalidateTags([{ type: 'Batch', id }]));
  } else if (what === 'ledger' && id) void saver.refresh(`notes ${id}`);
}

function take(told: Told): void {
  noteServerTime(told.nowMs);
  const { dispatch } = store;
  switch (told.kind) {
    case 'timers':
    case 'timer': {
      if (told.kind === 'timers') void dispatch(cookApi.util.upsertQueryData('timers', undefined, [...told.timers]));
      else dispatch(cookApi.util.updateQueryData('timers', undefined, (now) => withTimer(now, told.timer)));
      const timers = cookApi.endpoints.timers.select()(store.getState()).data;
      void keepAnswer('/timers', { timers, nowMs: told.nowMs });
      return;
    }
    case 'cook':
      dispatch(cookApi.util.updateQueryData('cook', told.batchId, (now) => withCookAct(now, told.stored)));
      return;
    case 'stove':
      dispatch(api.util.invalidateTags(['Stoves', 'Batches', 'Order']));
      return;
    case 'changed':
      changed(told.what, told.id);
      return;
    default:
    // Of the rest only those who look at a stove or a scale want to know.
  }
}

/** After a gap everything that may have been missed is asked for again. */
function reopened(): void {
  const { dispatch } = store;
  dispatch(api.util.invalidateTags(['Cook', 'Stoves', 'Stove', 'Order', 'Oils', 'Batches']));
  if (!saver.isDirty('kitchen')) dispatch(api.util.invalidateTags(['Kitchen']));
  void saver.refreshAll();
  if (takeGiven())
    dispatch(
      api.util.invalidateTags([
        'Flours',
        'Ingredients',
        'Formulas',
        'Formula',
        'Ledger',
        'Record',
        'Stock',
        'Shopping',
        'Devices',
        'Batch',
      ]),
    );
}

/** Listens from now on, in every room. */
export function startLive(): void {
  onLive(take);
  onOpen(reopened);
  startStream();
}

/** An act with what every act has: an id of its own and its moment. */
export type CookTold = CookAct extends infer A ? (A extends CookAct ? Omit<A, 'id' | 'atMs'> : never) : never;
