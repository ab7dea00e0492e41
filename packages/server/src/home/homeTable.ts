import type { PairedDevice } from '@ember-fold/core/files';
import type { Gate, Queries } from '../db/gate.js';

/** A device that was let in; hashes are hex of SHA-256. */
export type HomeDeviceRow = Omit<PairedDevice, 'isThis'>;

interface Raw {
  id: string;
  name: string;
  how: PairedDevice['how'];
  paired_at: Date;
  seen_at: Date;
}

export async function insertHomeDevice(
  q: Queries,
  { id, name, how }: Pick<HomeDeviceRow, 'id' | 'name' | 'how'>,
  tokenHash: string,
  at: Date,
): Promise<void> {
  await q.change(
    'INSERT INTO home_device (id, name, how, token_hash, paired_at, seen_at) VALUES (?, ?, ?, UNHEX(?), ?, ?)',
    [id, name, how, tokenHash, at, at],
  );
}

/** Those that were let in, the newest first. */
export async function listHomeDevices(q: Queries): Promise<HomeDeviceRow[]> {
  const rows = await q.rows<Raw>(
    'SELECT id, name, how, paired_at, seen_at FROM home_device ORDER BY paired_at DESC, id',
  );
  return rows.map(({ id, name, how, paired_at, seen_at }) => ({
    id,
    name,
    how,
    pairedAt: paired_at.toISOString(),
    seenAt: seen_at.toISOString(),
  }));
}

/** The device a token belongs to, where it was seen after `since`. */
export async function homeDeviceOf(
  q: Queries,
  tokenHash: string,
  since: Date,
): Promise<{ readonly id: string; readonly seenAt: Date } | null> {
  const [row] = await q.rows<Pick<Raw, 'id' | 'seen_at'>>(
    'SELECT id, seen_at FROM home_device WHERE token_hash = UNHEX(?) AND seen_at > ?',
    [tokenHash, since],
  );
  return row ? { id: row.id, seenAt: row.seen_at } : null;
}

export async function noteSeen(q: Queries, id: string, at: Date): Promise<void> {
  await q.change('UPDATE home_device SET seen_at = ? WHERE id = ? AND seen_at < ?', [at, id, at]);
}

export async function deleteHomeDevice(q: Queries, id: string): Promise<boolean> {
  return (await q.change('DELETE FROM home_device WHERE id = ?', [id])).affectedRows === 1;
}

/** The one pairing that is open takes the place of the one before. */
export async function writePairing(
  q: Queries,
  {
    secretHash,
    digitsHash,
    endsAt,
  }: { readonly secretHash: string; readonly digitsHash: string; readonly endsAt: Date },
): Promise<void> {
  await q.change(
    'REPLACE INTO home_pairing (id, secret_hash, digits_hash, tries, ends_at) VALUES (1, UNHEX(?), UNHEX(?), 0, ?)',
    [secretHash, digitsHash, endsAt],
  );
}

/**
 * So many wrong digits from all addresses together, and only the picture's secret lets in: a stranger who
 * guesses must not end the pairing of somebody who has the picture. One guess in 16 000 pairings would be right.
 */
const MOST_DIGITS = 60;

/** Uses up the open pairing where what was given is right; one of two that come at once gets it. */
export async function takePairing(
  gate: Gate,
  given: { readonly secretHash: string } | { readonly digitsHash: string },
  at: Date,
): Promise<boolean> {
  return await gate.transaction(async (q) => {
    const [row] = await q.rows<{ secret: string; digits: string; tries: number; ends_at: Date }>(
      'SELECT HEX(secret_hash) AS secret, HEX(digits_hash) AS digits, tries, ends_at FROM home_pairing WHERE id = 1 FOR UPDATE',
    );
    if (!row || row.ends_at <= at) return false;
    const isRight =
      'secretHash' in given
        ? row.secret.toLowerCase() === given.secretHash
        : row.tries < MOST_DIGITS && row.digits.toLowerCase() === given.digitsHash;
    if (isRight) await q.change('DELETE FROM home_pairing WHERE id = 1');
    else if ('digitsHash' in given) await q.change('UPDATE home_pairing SET tries = tries + 1 WHERE id = 1');
    return isRight;
  });
}

export interface StoredPassphrase {
  /** Hex. */
  readonly salt: string;
  readonly hash: string;
}

export async function passphraseOf(q: Queries): Promise<StoredPassphrase | null> {
  const [row] = await q.rows<StoredPassphrase>(
    'SELECT LOWER(HEX(salt)) AS salt, LOWER(HEX(hash)) AS hash FROM home_passphrase WHERE id = 1',
  );
  return row ?? null;
}

/** @param stored `null` takes it away */
export async function writePassphrase(q: Queries, stored: StoredPassphrase | null): Promise<void> {
  if (stored === null) await q.change('DELETE FROM home_passphrase');
  else
    await q.change('REPLACE INTO home_passphrase (id, salt, hash) VALUES (1, UNHEX(?), UNHEX(?))', [
      stored.salt,
      stored.hash,
    ]);
}

/** The address of the calendar has this secret from now on; `null`: it has none. */
export async function writeCalendarSecret(q: Queries, hash: string | null): Promise<void> {
  if (hash === null) await q.change('DELETE FROM home_calendar');
  else await q.change('REPLACE INTO home_calendar (id, secret_hash) VALUES (1, UNHEX(?))', [hash]);
}

export async function hasCalendar(q: Queries): Promise<boolean> {
  return (await q.rows('SELECT id FROM home_calendar')).length > 0;
}

export async function isCalendarSecret(q: Queries, hash: string): Promise<boolean> {
  return (await q.rows('SELECT id FROM home_calendar WHERE secret_hash = UNHEX(?)', [hash])).length > 0;
}
