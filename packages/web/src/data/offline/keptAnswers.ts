import { type DBSchema, type IDBPDatabase, openDB } from 'idb';
import { SharedValue, useShared } from '../sharedValue';

interface Schema extends DBSchema {
  answers: { key: string; value: unknown };
}

/** Without a database in the browser nothing is kept, and everything else goes on. */
const database: Promise<IDBPDatabase<Schema> | null> = Promise.resolve()
  .then(() =>
    // Version 2: answers kept under the field names of earlier versions are dropped.
    openDB<Schema>('ember-answers', 2, {
      upgrade: (db, from) => {
        if (from > 0) db.deleteObjectStore('answers');
        db.createObjectStore('answers');
      },
    }),
  )
  .catch(() => null);

interface Kept<T> {
  readonly answer: T;
  /** The device's own clock when it was kept. */
  readonly wallMs: number;
}

/** When the oldest of what is only kept and shown now was told, by the device's clock, ms. */
const shownFrom = new SharedValue<number | null>(null);

/** As many answers are kept; the oldest go. */
const MOST_KEPT = 200;

/** Keeps what the server last said, for a page that is opened while the server is away. */
export async function keepAnswer(key: string, answer: unknown): Promise<void> {
  const db = await database;
  await db?.put('answers', { answer, wallMs: Date.now() }, key).catch(() => undefined);
}

/** Drops what was kept longest ago, so that years of looking around fill no disk. */
export async function trimKept(): Promise<void> {
  const db = await database;
  if (!db || (await db.count('answers').catch(() => 0)) <= MOST_KEPT) return;
  const keys = await db.getAllKeys('answers').catch(() => []);
  const aged = await Promise.all(
    keys.map(async (key) => ({ key, kept: (await db.get('answers', key)) as Kept<unknown> })),
  );
  aged.sort((a, b) => b.kept.wallMs - a.kept.wallMs);
  await Promise.all(aged.slice(MOST_KEPT).map(({ key }) => db.delete('answers', key).catch(() => undefined)));
}

/** What was kept under a key, and for how long it lay, ms; `null`: nothing, or it cannot be had. */
export async function keptAnswer<T>(key: string): Promise<{ readonly answer: T; readonly agoMs: number } | null> {
  const db = await database;
  const kept = (await db?.get('answers', key).catch(() => null)) as Kept<T> | null | undefined;
  if (!kept) return null;
  shownFrom.set(Math.min(shownFrom.get() ?? Infinity, kept.wallMs));
  return { answer: kept.answer, agoMs: Math.max(0, Date.now() - kept.wallMs) };
}

/** Whether anything shown is only what was kept; asked once, when the server is back. */
export function takeGiven(): boolean {
  const was = shownFrom.get() !== null;
  shownFrom.set(null);
  return was;
}

/** When what is shown was last told by the server, ms by the device's clock; `null`: all of it is new. */
export function useShownFrom(): number | null {
  return useShared(shownFrom);
}

/** Drops all that was kept. */
export async function dropAnswers(): Promise<void> {
  const db = await database;
  await db?.clear('answers').catch(() => undefined);
}

/** Drops what was kept. */
export async function dropAnswer(key: string): Promise<void> {
  const db = await database;
  await db?.delete('answers', key).catch(() => undefined);
}
