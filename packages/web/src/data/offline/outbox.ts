import { withTodaysNames } from '@ember-fold/core/files';
import type { ApiProblem } from '@ember-fold/core/plan';
import { type DBSchema, type IDBPDatabase, openDB } from 'idb';
import { SharedValue, useShared } from '../sharedValue';
import { isAway } from './away';
import { problemOf, sendRaw } from '../api/api';
import { store } from '../draft/store';

/** Something the cook did that the server has not acknowledged yet. Its id makes it count once. */
export interface Outgoing {
  readonly id: string;
  /** What it belongs to; those of one lane are looked at together. */
  readonly lane: string;
  readonly method: 'POST' | 'PUT';
  readonly path: string;
  readonly body: unknown;
}

/** Something the server would not take, whatever was tried: it waits for the cook, and blocks nothing. */
export interface SetAside {
  readonly item: Outgoing;
  readonly problem: ApiProblem;
}

interface Schema extends DBSchema {
  outgoing: { key: number; value: Outgoing & { readonly problem?: ApiProblem } };
}

/** Told once when the server has answered: with what it kept, or why it refused. */
export type Answered = (item: Outgoing, answer: { readonly data: unknown } | { readonly refusal: string }) => void;

const RETRY_MS = 1200;
const NAME = 'ember-outbox';
/** A fault of the server's own may pass: tried so often. */
const TRIES = 3;

interface Held {
  readonly key: number | null;
  readonly item: Outgoing;
}

let items: readonly Held[] = [];
let aside: readonly (Held & SetAside)[] = [];
/** The same for the page; each change is a new list. */
const outgoing = new SharedValue<readonly Outgoing[]>([]);
const asideShown = new SharedValue<readonly SetAside[]>([]);
const sending = new Set<string>();
const answered = new Map<string, Set<Answered>>();

function set(next: typeof items): void {
  items = next;
  asideShown.set(aside);
  outgoing.set(next.map((one) => one.item));
}

const JOURNAL = 'ember.journal.';

/** At once, before the database has it: a page closed in the same moment loses nothing that was shown. */
function journal(item: Outgoing): void {
  try {
    localStorage.setItem(JOURNAL + item.id, JSON.stringify({ item, wallMs: Date.now() }));
  } catch {
    // A full or forbidden storage: the database has it a moment later.
  }
}

function unjournal(id: string): void {
  try {
    localStorage.removeItem(JOURNAL + id);
  } catch {
    // It was never there.
  }
}

/** An act that an earlier version of the page left behind, under the field names of today. */
const named = <T extends Outgoing>(item: T): T => ({
  ...item,
  lane: item.lane.replace(/^fire:/, 'stove:'),
  body: withTodaysNames(item.body),
});

/** What the database did not get in time, oldest first. */
function journalled(): readonly Outgoing[] {
  const found: { item: Outgoing; wallMs: number }[] = [];
  try {
    for (const key of Object.keys(localStorage).filter((one) => one.startsWith(JOURNAL))) {
      try {
        found.push(JSON.parse(localStorage.getItem(key)!) as (typeof found)[number]);
      } catch {
        // Half a record says nothing; it must not take the others with it.
        localStorage.removeItem(key);
      }
    }
  } catch {
    // A forbidden storage holds none.
  }
  return found.sort((a, b) => a.wallMs - b.wallMs).map(({ item }) => named(item));
}
// Before this page writes its own.
const leftBehind = journalled();

/** Without a database in the browser everything lives as long as the page. */
const database: Promise<IDBPDatabase<Schema> | null> = Promise.resolve()
  .then(() =>
    openDB<Schema>(NAME, 1, { upgrade: (db) => void db.createObjectStore('outgoing', { autoIncrement: true }) }),
  )
  .catch(() => null);

/** What was left behind when the page was closed goes first. */
const loaded: Promise<void> = database
  .then(async (db) => {
    const [keys, values]: [number[], Schema['outgoing']['value'][]] = db
      ? await Promise.all([db.getAllKeys('outgoing'), db.getAll('outgoing').then((all) => all.map(named))])
      : [[], []];
    const known = new Set(outgoing.get().map((item) => item.id));
    const kept = values.flatMap((item, i) => (known.has(item.id) || item.problem ? [] : [{ key: keys[i]!, item }]));
    aside = values.flatMap(({ problem, ...item }, i) => (problem ? [{ key: keys[i]!, item, problem }] : []));
    kept.forEach(({ item }) => known.add(item.id));
    const late = leftBehind.flatMap((item) => (known.has(item.id) ? [] : [{ key: null, item }]));
    set([...kept, ...late, ...items]);
    void sendAll();
  })
  .catch(() => undefined);

/** Takes an act: shown at once, kept in the browser, then handed over in order until it is acknowledged. */
export async function send(item: Outgoing): Promise<void> {
  journal(item);
  set([...items, { key: null, item }]);
  const db = await database;
  await loaded;
  const key = db ? await db.add('outgoing', item).catch(() => null) : null;
  if (key !== null) {
    unjournal(item.id);
    await learnKey(item, key);
  }
  void sendAll();
}

/** Where the database has an item; the server may have answered before that was known. */
async function learnKey(item: Outgoing, key: number): Promise<void> {
  if (items.some((one) => one.item.id === item.id)) {
    return set(items.map((one) => (one.item.id === item.id ? { key, item } : one)));
  }
  const refused = aside.find((one) => one.item.id === item.id);
  if (refused) aside = aside.map((one) => (one === refused ? { ...one, key } : one));
  await keepRefusal(item, key, refused?.problem ?? null);
}

/** What is answered for good leaves the database, or stays there with the reason. */
async function keepRefusal(item: Outgoing, key: number, problem: ApiProblem | null): Promise<void> {
  const db = await database;
  if (problem) await db?.put('outgoing', { ...item, problem }, key).catch(() => undefined);
  else await db?.delete('outgoing', key).catch(() => undefined);
}

const wait = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

/** Lanes go side by side: what depends on something else is in its lane, behind it. */
async function sendAll(): Promise<void> {
  await Promise.all([...new Set(items.map(({ item }) => item.lane))].map(sendLane));
}

async function sendLane(lane: string): Promise<void> {
  if (sending.has(lane)) return;
  sending.add(lane);
  try {
    let tries = 0;
    const next = () => items.find(({ item }) => item.lane === lane);
    for (let first = next(); first; first = next()) {
      const { item } = first;
      const { method, path, body } = item;
      const answer = await store.dispatch(sendRaw.initiate({ method, path, body }, { track: false }));
      const problem = answer.error ? problemOf(answer.error) : null;
      tries += 1;
      if (problem && (isAway(problem.code) || (problem.code === 'INTERNAL' && tries < TRIES))) {
        if (isAway(problem.code)) tries = 0;
        await wait(RETRY_MS);
        continue;
      }
      tries = 0;
      await settle(item, problem, answer.data);
    }
  } finally {
    sending.delete(lane);
  }
}

/** The server has answered for good: it is kept there, or set aside here. */
async function settle(item: Outgoing, problem: ApiProblem | null, data: unknown): Promise<void> {
  const key = items.find((one) => one.item.id === item.id)?.key ?? null;
  // First what is shown from the answer, then the waiting copy goes: nothing flickers.
  answered.get(item.lane)?.forEach((listener) => listener(item, problem ? { refusal: problem.message } : { data }));
  if (problem) aside = [...aside, { key, item, problem }];
  set(items.filter((one) => one.item.id !== item.id));
  unjournal(item.id);
  if (key !== null) await keepRefusal(item, key, problem);
}

/**
 * Waits until the server has answered for all that was done in some lanes, so that what ends them comes after it.
 *
 * @param mostMs no longer than this is waited
 * @returns false while something is still on its way
 */
export async function handedOver(lanes: readonly string[], mostMs = 8000): Promise<boolean> {
  await loaded;
  const isDone = () => !items.some(({ item }) => lanes.includes(item.lane));
  if (isDone()) return true;
  return await new Promise((resolve) => {
    const end = (done: boolean) => {
      clearTimeout(timer);
      stop();
      resolve(done);
    };
    const timer = setTimeout(() => end(false), mostMs);
    const stop = outgoing.subscribe(() => isDone() && end(true));
  });
}

/** Tries something that was set aside once more. */
export async function retryAside(id: string): Promise<void> {
  const held = aside.find(({ item }) => item.id === id);
  if (!held) return;
  aside = aside.filter((one) => one !== held);
  set([...items, { key: held.key, item: held.item }]);
  await sendAll();
}

/** Gives up something that was set aside. */
export async function dropAside(id: string): Promise<void> {
  const held = aside.find(({ item }) => item.id === id);
  if (!held) return;
  aside = aside.filter((one) => one !== held);
  set(items);
  const db = await database;
  if (db && held.key !== null) await db.delete('outgoing', held.key).catch(() => undefined);
}

/** Listens to what the server says of one lane. @returns stops it */
export function onAnswer(lane: string, listener: Answered): () => void {
  const set = answered.get(lane) ?? new Set();
  set.add(listener);
  answered.set(lane, set);
  return () => set.delete(listener);
}

/** What the server would not take, oldest first. */
export function useAside(): readonly SetAside[] {
  return useShared(asideShown);
}

/** Everything not yet acknowledged, oldest first. */
export function useOutgoing(): readonly Outgoing[] {
  return useShared(outgoing);
}
