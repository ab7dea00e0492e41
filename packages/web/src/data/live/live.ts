import type { CookAct, RecordKind, StoredCookAct, Timer } from '@ember-fold/core/stove';
import { api } from '../api/api';
import '../api/askedEarly';
import { cookApi, withCookAct } from '../api/cookApi';
import { keepAnswer, takeGiven } from '../offline/keptAnswers';
import { diskSpace } from './useDisk';
import { saver } from '../draft/saves';
import { noteServerTime, serverNowMs } from './serverClock';
import { store } from '../draft/store';
import { onLive, onOpen, startStream, type Told } from './stream';

/** One change of one timer, as the server keeps it. */
export function withTimer(timers: readonly Timer[], timer: Timer): Timer[] {
  const others = timers.filter((one) => one.id !== timer.id);
  return timer.stoppedMs === null ? [...others, timer].sort((a, b) => a.endsMs - b.endsMs) : others;
}

/** Stopped on this page's watch: an older answer that comes late must not set one of them again. */
const stopped = new Set<string>();

/** Takes what the server keeps of a timer, from an answer or from the stream, in whatever order they come. */
export function takeTimer(timer: Timer): void {
  if (timer.stoppedMs !== null) stopped.add(timer.id);
  else if (stopped.has(timer.id)) return;
  store.dispatch(cookApi.util.updateQueryData('timers', undefined, (now) => withTimer(now, timer)));
}

/** Takes an acknowledged act of a run-sheet, and keeps it with the others for a page that opens without the server. */
export function takeCookAct(batchId: string, stored: StoredCookAct): void {
  store.dispatch(cookApi.util.updateQueryData('cook', batchId, (now) => withCookAct(now, stored)));
  const acts = cookApi.endpoints.cook.select(batchId)(store.getState()).data;
  if (acts) void keepAnswer(`/batches/${batchId}/cook`, { acts, nowMs: serverNowMs() });
}

type Tag = Parameters<typeof api.util.invalidateTags>[0] extends readonly (infer T)[] ? T : never;

/** What is asked for again when a record was changed, wherever it was. */
const STALE: Record<RecordKind, readonly Tag[]> = {
  kitchen: ['Order', 'Shopping'],
  batches: ['Batches', 'Order', 'Shopping', 'Uses'],
  flours: ['Flours', 'Order'],
  learnt: ['Learnt', 'Order'],
  ingredients: ['Ingredients', 'Flours', 'Oils', 'Shopping', 'Order'],
  formulas: ['Formulas', 'Formula', 'Ingredients', 'Shopping', 'Uses'],
  stock: ['Stock', 'Shopping'],
  oils: ['Oils', 'Order', 'Shopping'],
  ledger: ['Ledger', 'Record'],
  devices: ['Devices'],
  home: ['Home'],
  stored: ['StoragePlan'],
  suppers: ['Suppers', 'Order'],
};

/** Changes come in handfuls: day plans are asked for again once. */
const DAY_PLANS_MS = 50;
let dayPlansWait: ReturnType<typeof setTimeout> | null = null;

/** Day plans are asked for again, of the suppers that are still there: one may just have gone. */
function dayPlansStale(): void {
  dayPlansWait ??= setTimeout(() => {
    dayPlansWait = null;
    const { dispatch, getState } = store;
    // Nobody looks at a day plan: there is nothing to ask for.
    if (!Object.values(getState().api.queries).some((query) => query?.endpointName === 'dayPlan')) return;
    const asked = dispatch(api.endpoints.suppers.initiate(undefined, { forceRefetch: true, subscribe: false }));
    void asked.then(({ data }) => {
      dispatch(api.util.invalidateTags((data ?? []).map(({ id }) => ({ type: 'DayPlan' as const, id }))));
    });
  }, DAY_PLANS_MS);
}

function changed({ what, id, version }: Extract<Told, { kind: 'changed' }>): void {
  // What moves the order at the pot moves the day plan.
  if (STALE[what].includes('Order')) dayPlansStale();
  store.dispatch(api.util.invalidateTags([...STALE[what]]));
  // What is edited here is read again by the saver, and merged where something of ours is on its way.
  if (what === 'kitchen') {
    if (saver.isDirty('kitchen')) void saver.refresh('kitchen', version);
    else store.dispatch(api.util.invalidateTags(['Kitchen']));
  } else if (what === 'batches' && id) {
    // One question serves both.
    store.dispatch(api.util.invalidateTags([{ type: 'Batch', id }]));
    void saver.refresh(`draft ${id}`, version);
  } else if (what === 'ledger' && id) {
    void saver.refresh(`notes ${id}`);
    void saver.refresh(`looks ${id}`);
  }
}

function take(told: Told): void {
  noteServerTime(told.nowMs);
  const { dispatch } = store;
  switch (told.kind) {
    case 'timers':
    case 'timer': {
      if (told.kind === 'timers') {
        // In one go: what is told of one timer next must find them there.
        const value = told.timers.filter(({ id }) => !stopped.has(id));
        dispatch(cookApi.util.upsertQueryEntries([{ endpointName: 'timers', arg: undefined, value }]));
      } else takeTimer(told.timer);
      const timers = cookApi.endpoints.timers.select()(store.getState()).data;
      void keepAnswer('/timers', { timers, nowMs: told.nowMs });
      return;
    }
    case 'cook':
      takeCookAct(told.batchId, told.stored);
      dayPlansStale();
      return;
    case 'stove':
      dispatch(api.util.invalidateTags(['Stoves', 'Batches', 'Order', 'Ledger']));
      dayPlansStale();
      return;
    case 'disk':
      diskSpace(told);
      return;
    case 'changed':
      changed(told);
      return;
    default:
    // Of the rest only those who look at a stove or a scale want to know.
  }
}

/** All but the kitchen, which is not asked for over an edit that is on its way. */
const ALL: readonly Tag[] = [
  ...([
    'Cook',
    'Stoves',
    'Stove',
    'Order',
    'Oils',
    'Batches',
    'Batch',
    'Uses',
    'Flours',
    'Learnt',
    'Ingredients',
  ] as const),
  ...([
    'Formulas',
    'Formula',
    'Ledger',
    'Record',
    'Stock',
    'Shopping',
    'Devices',
    'Home',
    'StoragePlan',
    'Suppers',
  ] as const),
];
/** What was asked for while a page opened may be older than its stream. */
const AT_FIRST: readonly Tag[] = ['Cook', 'Stoves', 'Stove', 'Order', 'Oils', 'Batches'];
let wasOpen = false;

/** After a gap everything may have been missed, and is asked for again. */
function reopened(): void {
  const { dispatch } = store;
  const isAfterGap = takeGiven() || wasOpen;
  wasOpen = true;
  dispatch(api.util.invalidateTags([...(isAfterGap ? ALL : AT_FIRST)]));
  if (isAfterGap) dayPlansStale();
  if (!saver.isDirty('kitchen')) dispatch(api.util.invalidateTags(['Kitchen']));
  // What of it is on its way here is read again once it has come through.
  void saver.refreshAll();
}

/** Listens from now on, in every room. */
export function startLive(): void {
  onLive(take);
  onOpen(reopened);
  startStream();
}

/** An act with what every act has: an id of its own and its moment. */
export type NewCookAct = CookAct extends infer A ? (A extends CookAct ? Omit<A, 'id' | 'atMs'> : never) : never;
