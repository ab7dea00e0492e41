import { type DBSchema, type IDBPDatabase, openDB } from 'idb';

interface Schema extends DBSchema {
  answers: { key: string; value: unknown };
}

/** Without a database in the browser nothing is kept, and everything else goes on. */
const database: Promise<IDBPDatabase<Schema> | null> = Promise.resolve()
  .then(() => openDB<Schema>('ember-answers', 1, { upgrade: (db) => void db.createObjectStore('answers') }))
  .catch(() => null);

interface Kept<T> {
  readonly answer: T;
  /** The device's own clock when it was kept. */
  readonly wallMs: number;
}

let given = false;

/** Keeps what the server last said, for a page that is opened while the server is away. */
export async function keepAnswer(key: string, answer: unknown): Promise<void> {
  const db = await database;
  await db?.put('answers', { answer, wallMs: Date.now() }, key).catch(() => undefined);
}

/** What was kept under a key, and for how long it lay, ms; `null`: nothing, or it cannot be had. */
export async function keptAnswer<T>(key: string): Promise<{ readonly answer: T; readonly agoMs: number } | null> {
  const db = await database;
  const kept = (await db?.get('answers', key).catch(() => null)) as Kept<T> | null | undefined;
  if (!kept) return null;
  given = true;
  return { answer: kept.answer, agoMs: Math.max(0, Date.now() - kept.wallMs) };
}

/** Whether anything shown is only what was kept; asked once, when the server is back. */
export function takeGiven(): boolean {
  const was = given;
  given = false;
  return was;
}

/** Drops what was kept. */
export async function dropAnswer(key: string): Promise<void> {
  const db = await database;
  await db?.delete('answers', key).catch(() => undefined);
}
