/** @jest-environment ./testing/browser.mjs */
import 'fake-indexeddb/auto';
import { problemOf } from './api';
import { finishApi } from './finishApi';
import { send } from '../offline/outbox';
import { store } from '../draft/store';

/** What the server was asked, in the order in which it answered. */
let answered: string[] = [];
let isAway = false;
beforeEach(() => {
  jest.useFakeTimers({ doNotFake: ['setImmediate', 'queueMicrotask', 'nextTick', 'performance'] });
  answered = [];
  isAway = false;
  globalThis.fetch = (async (input: Request) => {
    const path = new URL(input.url).pathname.replace('/api/batches/', '');
    // An act is slow on its way, the end of a batch is not.
    if (path.endsWith('acts')) await new Promise((resolve) => setTimeout(resolve, 900));
    if (isAway) throw new TypeError('Failed to fetch');
    answered.push(path);
    return Response.json({ batchId: path.split('/')[0], seq: answered.length });
  }) as typeof fetch;
});
afterEach(() => jest.useRealTimers());

/** Lets time pass until an answer is there. */
async function after<T>(promise: Promise<T>): Promise<T> {
  let found: { value: T } | null = null;
  void promise.then((value) => (found = { value }));
  for (let i = 0; i < 60 && !found; i++) {
    await jest.advanceTimersByTimeAsync(250);
    await new Promise((resolve) => setImmediate(resolve));
  }
  return found!.value;
}

const act = (id: string, lane: string, path: string) =>
  void send({ id, lane, method: 'POST', path: `/batches/${path}/acts`, body: { id } });
const ends = [
  ['at the stove', 'stove', (id: string) => store.dispatch(finishApi.endpoints.finishBatch.initiate({ id }))],
  ['on the run-sheet', 'cook', (id: string) => store.dispatch(finishApi.endpoints.finishCooked.initiate(id))],
] as const;

it.each(ends)(
  'ended %s, a batch goes to the server behind all that was done for it, and waits for no other',
  async (...[, room, end]) => {
    act(`${room} 1`, `stove:${room}`, `${room}/stove`);
    act(`${room} 2`, `cook:${room}`, `${room}/cook`);
    const [one, other] = await after(Promise.all([end(room), end('other')]));
    expect([one.data, other.data]).toEqual([
      { batchId: room, seq: 4 },
      { batchId: 'other', seq: 1 },
    ]);
    expect(answered[0]).toBe(`other/${room}/finish`);
    expect(answered.slice(1, 3).toSorted()).toEqual([`${room}/cook/acts`, `${room}/stove/acts`]);
    expect(answered[3]).toBe(`${room}/${room}/finish`);
  },
);

it('while what was done cannot go over a batch is not ended, and that is said', async () => {
  isAway = true;
  act('far', 'cook:far', 'far/cook');
  const { error } = await after(store.dispatch(finishApi.endpoints.finishCooked.initiate('far')));
  expect(problemOf(error)).toEqual({
    code: 'WAITING',
    message: 'Your last steps have not reached the server yet. Finish once they have.',
  });
  expect(answered).toEqual([]);
  isAway = false;
  await after(store.dispatch(finishApi.endpoints.finishCooked.initiate('far')));
  expect(answered).toEqual(['far/cook/acts', 'far/cook/finish']);
});
